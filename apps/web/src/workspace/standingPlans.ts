import type { Judgement, Look } from '@outfit/core';
import { type FigureDto, type LineUpDto, type StandingPlanDto, useListStandingPlansQuery } from '@/api';
import { chosenLookOf } from './useWorkspaceState';

const NONE: readonly StandingPlanDto[] = [];

/** A look that may be one of a figure's, in a version of its own. */
type AnyLook = Look & { readonly id?: string; readonly version?: number };

/** What is to buy and to pay: as a plan says that stands, or about, before there is one. Money in minor units. */
export interface ToBuy {
  readonly pieces: number;
  readonly minor: number;
  readonly isPlanned: boolean;
}

/** The plans of a line-up and its figures that would be made just so now; none until they have been read. */
export function useStandingPlans(lineUp: string | null): readonly StandingPlanDto[] {
  return useListStandingPlansQuery({ lineUp: lineUp ?? '' }, { skip: lineUp === null }).data ?? NONE;
}

/** Was a plan made for exactly these looks as they are, and so many copies of each? */
const isMadeFor = ({ lines }: StandingPlanDto, wanted: readonly { readonly look: AnyLook; readonly copies: number }[]): boolean => {
  const looks = lines.filter(({ version }) => version !== null);
  return (
    looks.length === wanted.length &&
    wanted.every(({ look, copies }) =>
      looks.some((line) => line.look === look.id && line.version === look.version && line.copies === copies && line.group === null),
    )
  );
};

const asPlanned = ({ toBuy, paidMinor }: StandingPlanDto): ToBuy => ({ pieces: toBuy, minor: paidMinor, isPlanned: true });

/** What a look of a figure is to buy and pay, all its copies together. */
export function toBuyOf(plans: readonly StandingPlanDto[], figure: FigureDto, look: AnyLook, cost: Judgement['cost']): ToBuy {
  const { copies } = figure.brief;
  const plan = plans.find((row) => row.scope === figure.id && isMadeFor(row, [{ look, copies }]));
  return plan ? asPlanned(plan) : { pieces: cost.toBuy, minor: cost.toPay.total, isPlanned: false };
}

/** What a plan for a whole line-up says that stands: all its figures in their chosen looks, spares with them. Null where there is none. */
export function plannedForLineUp(plans: readonly StandingPlanDto[], { id, figures }: LineUpDto): ToBuy | null {
  const wanted = figures.filter(({ looks }) => looks.length > 0).map((own) => ({ look: chosenLookOf(own), copies: own.brief.copies }));
  const plan = plans.find((row) => row.scope === id && isMadeFor(row, wanted));
  return plan ? asPlanned(plan) : null;
}
