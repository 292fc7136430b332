export { WardrobePage } from './WardrobePage';
