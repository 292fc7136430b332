import highsModule, { type Highs } from 'highs';
import type { Decision } from './assemble.js';
import type { BasketModel } from './basketModel.js';

/** How an exact solve ended. `bound` is a proven lower bound of the cost in minor units. */
export interface ExactResult {
  readonly outcome: 'optimal' | 'stopped' | 'infeasible';
  readonly decision: Decision | null;
  readonly bound: number;
}

export interface ExactEffort {
  /** Stop at this relative gap between best and bound. */
  readonly gap: number;
  readonly seconds: number;
  shouldStop(): boolean;
  onProgress(best: number | null, bound: number): void;
}

/** The package's types describe its CommonJS build; as an ES module its default export is the loader itself. */
const loadHighs = highsModule as unknown as typeof highsModule.default;

let solver: Promise<Highs> | null = null;

/** Solves the model by branch and cut (`highs`), starting from a known decision when there is one. */
export async function solveExactly(built: BasketModel, start: Decision | null, effort: ExactEffort): Promise<ExactResult> {
  const highs = await (solver ??= loadHighs());
  const { callbackType } = highs.constants;
  return highs.withModel(built.model.toHighs(highs), (model): ExactResult => {
    model.options.set({ output_flag: false, mip_rel_gap: effort.gap, mip_abs_gap: 0.99, time_limit: Math.max(0.1, effort.seconds) });
    if (start) model.setSolution(built.start(start));
    let bound = -Infinity;
    model.run({
      [callbackType.mipLogging]: ({ data }) => {
        bound = Math.max(bound, data.mip_dual_bound ?? -Infinity);
        const best = data.mip_primal_bound;
        effort.onProgress(best !== undefined && Number.isFinite(best) && best < 1e15 ? best : null, bound);
        return undefined;
      },
      [callbackType.mipInterrupt]: (event) => {
        if (effort.shouldStop()) event.interrupt();
        return undefined;
      },
    });
    const status = model.getModelStatus();
    if (status === INFEASIBLE) return { outcome: 'infeasible', decision: null, bound: Infinity };
    const dual = Number(model.info.get('mip_dual_bound'));
    if (Number.isFinite(dual)) bound = Math.max(bound, dual);
    const feasible = model.info.get('primal_solution_status') === highs.constants.solutionStatus.feasible;
    return {
      outcome: status === OPTIMAL ? 'optimal' : 'stopped',
      decision: feasible ? built.read(model.getSolution().colValue) : null,
      bound,
    };
  });
}

/** Model status codes of `highs`. */
const OPTIMAL = 7;
const INFEASIBLE = 8;
