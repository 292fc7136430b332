export { budgetCurve, type CurvePoint } from './curve.js';
export { bestFix, type Fix, type FixSubject, worth } from './fix.js';
