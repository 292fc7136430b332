import { problemFaults, type BasketPlan, type BasketProblem, type Fault } from '@outfit/core';
import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA } from './basketSchema.js';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const isProblem = ajv.compile<BasketProblem>(BASKET_PROBLEM_SCHEMA);
const isPlan = ajv.compile<BasketPlan>(BASKET_PLAN_SCHEMA);
const MOST_FAULTS = 50;

function faultOf(error: ErrorObject): Fault {
  const extra = (error.params as { additionalProperty?: string }).additionalProperty;
  const missing = (error.params as { missingProperty?: string }).missingProperty;
  if (extra !== undefined) return { path: `${error.instancePath}/${extra}`, sentence: 'This key is not known.' };
  if (missing !== undefined) return { path: `${error.instancePath}/${missing}`, sentence: 'This key is missing.' };
  return { path: error.instancePath || '/', sentence: `It ${error.message ?? 'is not valid'}.` };
}

export type ProblemReading = { readonly problem: BasketProblem } | { readonly faults: readonly Fault[] };

/** Reads a basket problem from parsed JSON: shape first, then names that refer to nothing, then what is not supported yet. */
export function readBasketProblem(json: unknown): ProblemReading {
  if (!isProblem(json))
    return {
      faults: (isProblem.errors ?? [])
        .filter((error) => error.keyword !== 'anyOf')
        .slice(0, MOST_FAULTS)
        .map(faultOf),
    };
  const faults = problemFaults(json);
  return faults.length > 0 ? { faults: faults.slice(0, MOST_FAULTS) } : { problem: json };
}

/** Does a document have the shape of a basket plan? */
export const isBasketPlan = (json: unknown): json is BasketPlan => isPlan(json);
