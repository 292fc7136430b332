export { bodiesOf, type Outline } from './bodies.js';
export { type BenchWorth, WORK_CAUTIONS } from './cautions.js';
export { type BodyPart, seatOf, withRiders } from './joints.js';
export {
  type BenchBody,
  type BenchCopy,
  type BenchPiece,
  type BenchStep,
  type Caution,
  type PieceMove,
  type PieceSource,
  STEP_KINDS,
  type StepKind,
  type Stop,
} from './pieces.js';
export { remainingSteps } from './replan.js';
export { standsAfter, whereAfter } from './stand.js';
export { type BenchWork, benchSteps } from './steps.js';
export { type PuttingBack, takeApart, type TakingOff, type Target } from './takeApart.js';
