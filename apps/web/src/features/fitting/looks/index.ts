export { SubstituteList } from './SubstituteList';
export { LooksStrip } from './LooksStrip';
export { type LookEdits, useLookEdits } from './useLookEdits';
