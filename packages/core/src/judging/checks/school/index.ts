export { riskIrreversible } from './riskIrreversible.js';
export { rulePractical } from './rulePractical.js';
export { schoolAlteration, strictestSchool } from './schoolAlteration.js';
export { schoolBanned } from './schoolBanned.js';
