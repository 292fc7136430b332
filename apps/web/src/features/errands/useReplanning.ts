import { useCallback, useRef, useState } from 'react';
import { type AdjustmentsDto, type ErrandDto, type ErrandSettingsDto, type NewErrandDto, usePlanErrandMutation, webApi } from '@/api';
import { sentenceOf, tell } from '@/ui';
import { line, useAppDispatch } from '@/workspace';

const NOTHING: AdjustmentsDto = { locked: [], banned: [], pinned: [], accepted: [] };

export interface Replanning {
  /** The errand as it was asked for last, answered or not: what is adjusted next builds on it. */
  readonly asked: NewErrandDto | null;
  readonly isBusy: boolean;
  readonly error: unknown;
  plan(wanted: NewErrandDto): void;
  /** Plans the same errand again with something adjusted, or under another rule. */
  replan(adjustments: AdjustmentsDto, settings?: ErrandSettingsDto): void;
}

/**
 * Planning an errand of a figure or line-up, again and again. What is asked for quickly one after another is all kept: each asks for
 * everything asked for before it, and only the newest is sent when there is a choice.
 */
export function useReplanning(scope: string, errand: ErrandDto | undefined): Replanning {
  const dispatch = useAppDispatch();
  const [send, sending] = usePlanErrandMutation();
  const [asked, setAsked] = useState<NewErrandDto | null>(null);
  const newest = useRef<NewErrandDto | null>(null);
  const [inOrder] = useState(() => line((error) => void tell.error(sentenceOf(error))));
  const plan = useCallback(
    (newErrandDto: NewErrandDto): void => {
      newest.current = newErrandDto;
      setAsked(newErrandDto);
      void inOrder(async () => {
        // A newer one has been asked for meanwhile, and says all of this one too.
        if (newest.current !== newErrandDto) return;
        try {
          const made = await send({ newErrandDto }).unwrap();
          dispatch(
            webApi.util.updateQueryData('latestErrand', { scope }, (errands) => {
              const before = errands.find((row) => row.job.result);
              return [made, ...(before ? [before] : [])];
            }),
          );
        } finally {
          if (newest.current === newErrandDto) {
            newest.current = null;
            setAsked(null);
          }
        }
      });
    },
    [dispatch, inOrder, scope, send],
  );
  const replan = (adjustments: AdjustmentsDto, settings: ErrandSettingsDto = {}): void => {
    const of = asked ?? (errand && askedOf(errand));
    if (of) plan({ ...of, ...settings, adjustments });
  };
  return { asked, isBusy: sending.isLoading, error: sending.error, plan, replan };
}

/** What an errand was asked for with. */
const askedOf = ({ scope, lines, settings, adjustments }: ErrandDto): NewErrandDto => ({
  ...settings,
  scope,
  lines: lines.map(({ look, copies, group }) => ({ look, copies, group })),
  adjustments,
});

/** An errand as it stands on the screen: with what was asked for since. */
export const asAsked = (errand: ErrandDto, asked: NewErrandDto | null): ErrandDto =>
  asked ? { ...errand, adjustments: asked.adjustments ?? NOTHING } : errand;
