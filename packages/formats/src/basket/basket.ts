import { type BasketPlan, type BasketProblem, type Fault, problemFaults, type Rules } from '@outfit/core';
import { shapeCheck, shapeFault } from '../shape/index.js';
import { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA } from './schema.js';

const problemCheck = shapeCheck<BasketProblem>(BASKET_PROBLEM_SCHEMA);
const planCheck = shapeCheck<BasketPlan>(BASKET_PLAN_SCHEMA);
const MOST_FAULTS = 50;

export type ProblemReading = { readonly problem: BasketProblem } | { readonly faults: readonly Fault[] };

/** Reads a basket problem from parsed JSON: shape first, then names that refer to nothing, then what is not supported yet. */
export function readBasketProblem(json: unknown): ProblemReading {
  const isProblem = problemCheck();
  if (!isProblem(json))
    return {
      faults: (isProblem.errors ?? [])
        .filter((error) => error.keyword !== 'anyOf')
        .slice(0, MOST_FAULTS)
        .map(shapeFault),
    };
  // Written before standing and filling could come second, or by hand without saying: they come first.
  const { standFirst = true, fillFirst = true }: Partial<Rules> = json.rules;
  const { wholes = [] }: Partial<BasketProblem> = json;
  const problem = { ...json, wholes, rules: { ...json.rules, standFirst, fillFirst } };
  const faults = problemFaults(problem);
  return faults.length > 0 ? { faults: faults.slice(0, MOST_FAULTS) } : { problem };
}

/** Does a document have the shape of a basket plan? */
export const isBasketPlan = (json: unknown): json is BasketPlan => planCheck()(json);
