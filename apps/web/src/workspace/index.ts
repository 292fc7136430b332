export { begin } from './begin';
export { useCompany } from './company';
export { ForFigure, useIsLate, useStanding, useWorkspaceFor } from './ForFigure';
export { type Judged, useJudged } from './judgements';
export { LatestWork, Superseded } from './latest';
export { line } from './line';
export { listenToJob, useJob } from './jobs';
export { useLive } from './live';
export { store, useAppDispatch } from './store';
export { promisedOf } from './promised';
export { isTyping } from './typing';
export { useUndo } from './undo';
export { askBeforeLeaving } from './unsaved';
export { chosenLookOf, useWorkspaceState, type Workspace } from './workspace';
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
