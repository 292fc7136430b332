import { createContext, useContext } from 'react';
import { useParams } from 'react-router';
import type { FigureDto, LineUpDto } from '@/api';
import type { Workspace } from './workspace';

export const WorkspaceContext = createContext<Workspace | null>(null);

/** The workspace; only inside the shell, which shows nothing until it has been read. */
export function useWorkspace(): Workspace {
  const workspace = useContext(WorkspaceContext);
  if (!workspace) throw new Error('useWorkspace is for components inside the shell');
  return workspace;
}

/** The figure or line-up the address names. Figures bring their line-up along. */
export function useOpen(): { readonly figure: FigureDto | null; readonly lineUp: LineUpDto | null } {
  const { lineUps } = useWorkspace();
  const { figureId, lineUpId } = useParams();
  const figure = lineUps.flatMap((lineUp) => lineUp.figures).find((row) => row.id === figureId) ?? null;
  const lineUp = lineUps.find((row) => row.id === (figure?.lineUp ?? lineUpId)) ?? null;
  return { figure, lineUp };
}
