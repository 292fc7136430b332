import { createContext, useContext } from 'react';
import { useParams } from 'react-router';
import { type FigureDto, type LineUpDto, useListLineUpsQuery } from '@/api';
import type { Workspace } from './workspace';

export const WorkspaceContext = createContext<Workspace | null>(null);

/** The workspace; only inside the shell, which shows nothing until it has been read. */
export function useWorkspace(): Workspace {
  const workspace = useContext(WorkspaceContext);
  if (!workspace) throw new Error('useWorkspace is for components inside the shell');
  return workspace;
}

const NONE: readonly LineUpDto[] = [];

/** All line-ups. Whoever needs one figure asks for that: this changes with every edit of any. */
export const useLineUps = (): readonly LineUpDto[] => useListLineUpsQuery().data ?? NONE;

/** The figure or line-up the address names. Figures bring their line-up along. */
export function useOpen(): { readonly figure: FigureDto | null; readonly lineUp: LineUpDto | null } {
  const { figureId, lineUpId } = useParams();
  return useListLineUpsQuery(undefined, {
    selectFromResult: ({ data = [] }) => {
      const figure = data.flatMap((lineUp) => lineUp.figures).find((row) => row.id === figureId) ?? null;
      return { figure, lineUp: data.find((row) => row.id === (figure?.lineUp ?? lineUpId)) ?? null };
    },
  });
}
