export { type BodyPart, seatOf, withRiders } from './joints.js';
export { type BenchBody, type BenchPiece, type BenchStep, benchSteps, STEP_KINDS, type StepKind } from './steps.js';
export { type PuttingBack, takeApart, type TakingOff, type Target } from './takeApart.js';
