export { begin } from './begin';
export { useCompany } from './judged/company';
export { ForFigure, useIsLate, useStanding, useWorkspaceFor } from './ForFigure';
export { type Judged, useJudged } from './judged/judgements';
export { LatestWork, Superseded } from './sending/latest';
export { plannedForLineUp, type ToBuy, toBuyOf, useStandingPlans } from './standingPlans';
export { CHEAPEST_FOR, priceWords } from './answers/priceWords';
export { costWords } from './fixes/costWords';
export { type FigureFix, useFixes } from './fixes/useFixes';
export { LossQuestion } from './dealing/LossQuestion';
export { useIsAgreed } from './dealing/lossQuestion';
export { line } from './sending/line';
export { listenToJob, useJob } from './sending/jobs';
export { useLive } from './sending/live';
export { rootReducer, store, useAppDispatch } from './store';
export { type Promised, promisedOf } from './promised';
export { isTyping } from './typing';
export { useUndo } from './sending/undo';
export { askBeforeLeaving } from './sending/unsaved';
export type { Workspace } from './workspace';
export { chosenLookOf, useWorkspaceState } from './useWorkspaceState';
export {
  lineUpOf,
  useFigure,
  useIsOpenRead,
  useLineUp,
  useNames,
  useOpen,
  useOpenLineUp,
  useWorkspace,
  WorkspaceContext,
} from './WorkspaceContext';
