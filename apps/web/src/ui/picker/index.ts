export { type Pick, Picker } from './Picker';
