export { type Answer, countedWishes, heightReading, likeness, type Likeness } from './likeness.js';
export { concerns, positionsOf, readPart } from './readings.js';
export { isMissed, pointsOf, scoreOf } from './score.js';
