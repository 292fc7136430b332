export { LEGS } from './legs.js';
