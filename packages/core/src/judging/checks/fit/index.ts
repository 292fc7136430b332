export { fitBack } from './fitBack.js';
export { fitGrip } from './fitGrip.js';
export { fitHeadgear } from './fitHeadgear.js';
export { fitNeck } from './fitNeck.js';
export { fitPosition } from './fitPosition.js';
export { fitStand } from './fitStand.js';
export { whole } from './whole.js';
export { heightBand } from './heightBand.js';
