export { LooksStrip } from './LooksStrip';
export { type LookEdits, useLookEdits } from './useLookEdits';
