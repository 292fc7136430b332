export { Clock, SystemClock } from './clock.js';
