import type { Choices } from './choices.js';

/** One step of a row from an option (or none, −1) to a larger one. */
interface Step {
  readonly from: number;
  readonly to: number;
  readonly goods: number;
  readonly gain: number;
}

export interface GoodsLimits {
  readonly least: number;
  readonly most: number;
  /** All goods there are: what is not taken may be bought on top, for nothing but reaching the least, at so much a minor unit. */
  readonly all: number;
  readonly surplusCost: number;
}

/**
 * The most that can be gained where goods are limited, options taken in part: the linear relaxation of the multiple-choice knapsack, solved
 * by the steps of each row's concave hull (Sinha and Zoltners, 1979). Never below what whole options can gain; −Infinity where the least
 * cannot be reached.
 *
 * @param taken receives the part of each option that is taken
 */
export function gainInPart(
  choices: Choices,
  goods: Float64Array,
  gains: Float64Array,
  { least, most, all, surplusCost }: GoodsLimits,
  taken: Float64Array,
): number {
  const steps = hullSteps(choices, goods, gains).sort((a, b) => b.gain * a.goods - a.gain * b.goods);
  taken.fill(0);
  let spent = 0;
  let gain = 0;
  const take = (step: Step, part: number): void => {
    spent += step.goods * part;
    gain += step.gain * part;
    if (step.from >= 0) taken[step.from] = (taken[step.from] ?? 0) - part;
    taken[step.to] = (taken[step.to] ?? 0) + part;
  };
  for (const step of steps) {
    const pays = step.gain > 0;
    if (!pays && (spent >= least || step.gain < -surplusCost * step.goods)) break;
    const limit = (pays ? most : least) - spent;
    if (limit <= 0 && step.goods > 0) break;
    take(step, step.goods > limit ? limit / step.goods : 1);
  }
  const lacking = least - spent;
  if (lacking <= 0) return gain;
  return lacking > all - spent ? -Infinity : gain - lacking * surplusCost;
}

/** Steps along the concave hull of each row's options by goods and gain, from none taken upwards. */
function hullSteps({ rowFrom }: Choices, goods: Float64Array, gains: Float64Array): Step[] {
  const steps: Step[] = [];
  for (let row = 0; row + 1 < rowFrom.length; row += 1) {
    const hull: Step[] = [];
    for (let option = rowFrom[row] ?? 0; option < (rowFrom[row + 1] ?? 0); option += 1) addToHull(hull, option, goods, gains);
    steps.push(...hull);
  }
  return steps;
}

/** Puts an option on a hull whose options have no more goods than it, and takes off those that it leaves below. */
function addToHull(hull: Step[], option: number, goods: Float64Array, gains: Float64Array): void {
  for (;;) {
    const before = hull.at(-1);
    const step = stepTo(option, before?.to ?? -1, goods, gains);
    if (step.goods <= 0 && step.gain <= 0) return;
    if (before === undefined || (step.goods > 0 && before.gain * step.goods > step.gain * before.goods)) {
      hull.push(step);
      return;
    }
    hull.pop();
  }
}

function stepTo(to: number, from: number, goods: Float64Array, gains: Float64Array): Step {
  return {
    from,
    to,
    goods: (goods[to] ?? 0) - (from < 0 ? 0 : (goods[from] ?? 0)),
    gain: (gains[to] ?? 0) - (from < 0 ? 0 : (gains[from] ?? 0)),
  };
}
