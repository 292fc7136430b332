import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { type BenchSessionDto, generatedApi } from './generated';

type State = Parameters<ReturnType<typeof generatedApi.endpoints.readSession.select>>[0];
type Dispatch = ThunkDispatch<State, unknown, UnknownAction>;

/** Hands that tick one step after the other are not asked to wait for what the wardrobe shows. */
const RESTED_MS = 700;
/** What a tick moved changes what lies where; whoever shows that is told once the hands rest. */
let moving: ReturnType<typeof setTimeout> | undefined;
function tellWardrobeSoon(dispatch: Dispatch): void {
  clearTimeout(moving);
  moving = setTimeout(() => dispatch(generatedApi.util.invalidateTags(['wardrobe'])), RESTED_MS);
}

/** The answer of a step at the bench is the session as it is now: nothing is asked again for it. */
export const keepSession = {
  invalidatesTags: ['history' as const],
  onQueryStarted: async (
    { id }: { readonly id: string },
    { dispatch, queryFulfilled }: { dispatch: Dispatch; queryFulfilled: Promise<{ data: BenchSessionDto }> },
  ) => {
    const { data } = await queryFulfilled.catch(() => ({ data: null }));
    if (!data) return;
    dispatch(generatedApi.util.updateQueryData('readSession', { id }, () => data));
    for (const { figure } of data.figures)
      dispatch(
        generatedApi.util.updateQueryData('readBenchHistory', { figure }, (sessions) => {
          const at = sessions.findIndex((row) => row.id === id);
          if (at >= 0) sessions[at] = data;
        }),
      );
    dispatch(
      generatedApi.util.updateQueryData('listOpenSessions', undefined, (open) => {
        const known = open.find((row) => row.id === id);
        if (known) Object.assign(known, { steps: data.steps.length, done: data.steps.filter((step) => step.doneAt !== null).length });
      }),
    );
    if (data.state !== 'open') dispatch(generatedApi.util.invalidateTags(['bench']));
    tellWardrobeSoon(dispatch);
  },
};
