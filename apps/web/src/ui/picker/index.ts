export type { Pick } from './pick';
export { Picker } from './Picker';
