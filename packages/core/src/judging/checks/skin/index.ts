export { faceTwice } from './faceTwice.js';
export { hairBrow } from './hairBrow.js';
export { headSecondFace } from './headSecondFace.js';
export { periodFace } from './periodFace.js';
export { skinMatch } from './skinMatch.js';
export { skinSchool } from './skinSchool.js';
