export { browColour, moodOf, shownFace, type ShownFace } from './face.js';
export { inSight, LEAST_IN_SIGHT } from './inSight.js';
export { Visibility } from './visibility.js';
export { clothColours, shareInColour, visibleColours } from './visibleColours.js';
export { nearestWornTo } from './wornColours.js';
