export { isBasketPlan, readBasketProblem } from './basket.js';
export { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA } from './schema.js';
