import type { LineUpPlan } from '@outfit/core/lineup';
import { type LineUpDto, type LineUpPlanDto, useSavePlanMutation } from '@/api';
import { attempt } from '@/ui';

/** What a line-up keeps, and how it is kept otherwise: one deed, one step of Undo. */
export function usePlan({ id, plan, version }: LineUpDto): {
  readonly plan: LineUpPlan;
  /** True when it was kept. */
  readonly save: (change: Partial<LineUpPlan>, label: string) => Promise<boolean>;
} {
  const [savePlan] = useSavePlanMutation();
  return {
    plan,
    save: async (change, label) =>
      (await attempt(savePlan({ id, version, newPlanDto: { plan: { ...plan, ...change } as LineUpPlanDto, label } }).unwrap())) !== null,
  };
}
