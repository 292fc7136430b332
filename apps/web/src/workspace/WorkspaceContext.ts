import { createContext, useContext } from 'react';
import { useParams } from 'react-router';
import { type FigureDto, type LineUpDto, type LineUpNamesDto, useListNamesQuery, useReadLineUpQuery } from '@/api';
import type { Workspace } from './workspace';

export const WorkspaceContext = createContext<Workspace | null>(null);

/** The workspace; only inside the shell, which shows nothing until it has been read. */
export function useWorkspace(): Workspace {
  const workspace = useContext(WorkspaceContext);
  if (!workspace) throw new Error('useWorkspace is for components inside the shell');
  return workspace;
}

const NONE: readonly LineUpNamesDto[] = [];

/** All line-ups and figures by name. Whoever needs more of one asks for that. */
export const useNames = (): readonly LineUpNamesDto[] => useListNamesQuery().data ?? NONE;

/** A line-up with its figures; null until it has been read, and when there is none. */
export function useLineUp(id: string | undefined): LineUpDto | null {
  return useReadLineUpQuery({ id: id ?? '' }, { skip: id === undefined }).currentData ?? null;
}

/** The line-up that a figure stands in. */
export const lineUpOf = (names: readonly LineUpNamesDto[], figure: string | undefined): string | undefined =>
  figure === undefined ? undefined : names.find((lineUp) => lineUp.figures.some((row) => row.id === figure))?.id;

/** A figure of any line-up; null until it has been read, and when there is none. */
export function useFigure(id: string | undefined): FigureDto | null {
  const lineUp = useLineUp(lineUpOf(useNames(), id));
  return lineUp?.figures.find((row) => row.id === id) ?? null;
}

/** The line-up that the address is about: itself, or the one of the figure it names. Undefined when it names neither. */
export function useOpenLineUp(): string | undefined {
  const { figureId, lineUpId } = useParams();
  const names = useNames();
  return lineUpOf(names, figureId) ?? names.find((row) => row.id === lineUpId)?.id;
}

/** The figure or line-up the address names. Figures bring their line-up along. */
export function useOpen(): { readonly figure: FigureDto | null; readonly lineUp: LineUpDto | null } {
  const { figureId } = useParams();
  const lineUp = useLineUp(useOpenLineUp());
  return { figure: lineUp?.figures.find((row) => row.id === figureId) ?? null, lineUp };
}

/** Has the line-up the address is about been read? Pages are shown then: what they are about is there. */
export function useIsOpenRead(): boolean {
  const id = useOpenLineUp();
  const { currentData, isError } = useReadLineUpQuery({ id: id ?? '' }, { skip: id === undefined });
  return id === undefined || currentData !== undefined || isError;
}
