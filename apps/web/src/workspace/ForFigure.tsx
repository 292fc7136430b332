import type { ReactNode } from 'react';
import { useReadPromisesQuery } from '@/api';
import { promisedOf, workspaceFor } from './promised';
import type { Workspace } from './workspace';
import { useWorkspace, WorkspaceContext } from './WorkspaceContext';

/** The workspace as a figure sees it: what it can count on. All there is until the promises have been read, and without a figure. */
export function useWorkspaceFor(figure: string | null): Workspace {
  const workspace = useWorkspace();
  const { data: told } = useReadPromisesQuery(undefined, { skip: figure === null });
  return figure !== null && told ? workspaceFor(workspace, promisedOf(told), figure) : workspace;
}

/** Everything within sees the workspace as the figure does. */
export function ForFigure({ figure, children }: { readonly figure: string; readonly children: ReactNode }) {
  return <WorkspaceContext value={useWorkspaceFor(figure)}>{children}</WorkspaceContext>;
}

/** Is a figure waiting for something that should be here by now? */
export function useIsLate(figure: string): boolean {
  const { today } = useWorkspace();
  const { isLate } = useReadPromisesQuery(undefined, {
    selectFromResult: ({ data }) => ({ isLate: data ? (promisedOf(data).handsOf(figure).until ?? today) < today : false }),
  });
  return isLate;
}

/** What a figure waits for, as the promises tell it; null for one without parts, and until they have been read. */
export function useStanding(figure: string): string | null {
  const { standing } = useReadPromisesQuery(undefined, {
    selectFromResult: ({ data }) => ({ standing: data ? promisedOf(data).standingOf(figure) : null }),
  });
  return standing;
}
