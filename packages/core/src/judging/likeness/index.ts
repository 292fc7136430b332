export { type Answer, countedFrom, countedWishes, readHeight, isLacking, likeness, type Likeness } from './likeness.js';
export { coloursLikeness, motifsLikeness, mouldLikeness, partLikeness, partLikenessOf } from './partLikeness.js';
export { concerns, positionsOf, readPart } from './readings.js';
export { isMissed, pointsOf, scoreOf } from './score.js';
