export { Clock, ClockFrom, SystemClock } from './clock.js';
