export { printBelt } from './printBelt.js';
export { printContinuity } from './printContinuity.js';
export { printHidden } from './printHidden.js';
export { printLeak } from './printLeak.js';
export { printSides, SEEN_FROM_THE_SIDE } from './printSides.js';
export { printTurned } from './printTurned.js';
export { schemeCount } from './schemeCount.js';
