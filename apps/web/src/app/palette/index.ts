export { Palette } from './Palette';
