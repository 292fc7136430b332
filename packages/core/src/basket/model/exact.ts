import highsModule, { type Highs } from 'highs';
import type { Decision } from '../decision/index.js';
import type { BasketModel } from './basketModel.js';
import type { LinearModel } from './linearModel.js';

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
  /** Called with every better plan the solver meets. */
  onDecision?(decision: Decision): void;
}

/** The package's types describe its CommonJS build; as an ES module its default export is the loader itself. */
const loadHighs = highsModule as unknown as typeof highsModule.default;

let solver: Promise<Highs> | null = null;

/** Costs are whole minor units: a plan less than one above the bound is the best there is. */
const LESS_THAN_ONE_MINOR = 0.99;

/** Solves the model by branch and cut (`highs`), starting from a known decision when there is one. */
export async function solveExactly(built: BasketModel, start: Decision | null, effort: ExactEffort): Promise<ExactResult> {
  // Nothing to decide: nothing is wanted that can be had.
  if (built.model.columnCount === 0) return { outcome: 'optimal', decision: built.read([]), bound: 0 };
  const highs = await (solver ??= loadHighs());
  const { callbackType } = highs.constants;
  return highs.withModel(built.model.toHighs(highs), (model): ExactResult => {
    model.options.set({
      output_flag: false,
      mip_rel_gap: effort.gap,
      mip_abs_gap: LESS_THAN_ONE_MINOR,
      time_limit: Math.max(0.1, effort.seconds),
    });
    if (start) model.setSolution({ colValue: built.start(start) });
    let bound = -Infinity;
    const told = (best: number | undefined, dual: number | undefined): void => {
      if (dual !== undefined && Math.abs(dual) < HUGE) bound = Math.max(bound, dual);
      effort.onProgress(best !== undefined && Math.abs(best) < HUGE ? best : null, bound);
    };
    model.run({
      [callbackType.mipInterrupt]: (event) => {
        told(event.data.mip_primal_bound, event.data.mip_dual_bound);
        if (effort.shouldStop()) event.interrupt();
        return undefined;
      },
      [callbackType.simplexInterrupt]: (event) => {
        if (effort.shouldStop()) event.interrupt();
        return undefined;
      },
      ...(effort.onDecision && {
        [callbackType.mipImprovingSolution]: ({ data }: { data: { readonly mip_solution?: Float64Array } }) => {
          if (data.mip_solution) effort.onDecision?.(built.read(data.mip_solution));
          return undefined;
        },
      }),
    });
    const status = model.getModelStatus();
    if (status === INFEASIBLE) return { outcome: 'infeasible', decision: null, bound: Infinity };
    const dual = Number(model.info.get('mip_dual_bound'));
    if (Math.abs(dual) < HUGE) bound = Math.max(bound, dual);
    const feasible = model.info.get('primal_solution_status') === highs.constants.solutionStatus.feasible;
    return {
      outcome: status === OPTIMAL ? 'optimal' : 'stopped',
      decision: feasible ? built.read(model.getSolution().colValue) : null,
      bound,
    };
  });
}

/** Runs a bare model to a gap or a time limit: what a bench measures against. `gap` is 1 when no solution was found. */
export async function runModel(
  linear: LinearModel,
  { gap, seconds }: { readonly gap: number; readonly seconds: number },
): Promise<{ readonly gap: number }> {
  const highs = await (solver ??= loadHighs());
  return highs.withModel(linear.toHighs(highs), (model) => {
    model.options.set({ output_flag: false, mip_rel_gap: gap, time_limit: seconds });
    model.run({});
    const reached = Number(model.info.get('mip_gap'));
    return { gap: Number.isFinite(reached) ? Math.min(1, reached) : 1 };
  });
}

/** What stands for "none yet" in the solver's reports. */
const HUGE = 1e15;
/** Model status codes of `highs`. */
const OPTIMAL = 7;
const INFEASIBLE = 8;
