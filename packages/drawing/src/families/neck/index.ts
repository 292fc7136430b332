export { NECK } from './neck.js';
