export { SEEN_FROM_THE_SIDE } from './print/index.js';
export { checkLook, graveCount, type Problems, ruleOf, RULES } from './rules.js';
export { strictestSchool } from './school/index.js';
export { riskSwap } from './supply/index.js';
