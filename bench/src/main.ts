import { buildModel, reduceMarket, solveBasket, solveExactly, verifyPlan, type BasketProblem } from '@outfit/core/basket';
import { generateBasket } from './generate.js';

/** Cases small enough that the baseline proves them too: needs, sellers, offers, seed. */
const CASES: readonly (readonly [needs: number, sellers: number, offers: number, seed: number])[] = [
  [12, 20, 120, 1],
  [25, 30, 300, 2],
  [40, 40, 500, 3],
];

const seconds = (): number => performance.now() / 1000;

/** The baseline: the plain model given to the solver whole, without a first plan. */
async function plain(problem: BasketProblem): Promise<number> {
  const started = seconds();
  await solveExactly(buildModel(reduceMarket(problem)), null, { ...problem.effort, shouldStop: () => false, onProgress: () => undefined });
  return seconds() - started;
}

/** Ours: time to the first plan, to the end, and how far the first plan was above the last. */
async function ours(problem: BasketProblem): Promise<{ first: number; whole: number; above: number; gap: number }> {
  const started = seconds();
  let first: { at: number; cost: number } | null = null;
  const plan = await solveBasket(problem, {
    now: seconds,
    shouldStop: () => false,
    onProgress: () => undefined,
    onPlan: ({ costMinor }) => (first ??= { at: seconds() - started, cost: costMinor }),
  });
  const [fault] = verifyPlan(problem, plan);
  if (fault) throw new Error(`${fault.path}: ${fault.sentence}`);
  const found = first as { at: number; cost: number } | null;
  return { first: found?.at ?? 0, whole: seconds() - started, above: found ? found.cost / plan.costMinor - 1 : 0, gap: plan.gap };
}

await plain(generateBasket(4, 4, 12, 9));
console.log('Basket, against the plain MIP model given to highs whole, in the same run (below 1 is faster than the plain model):');
for (const [needs, sellers, offers, seed] of CASES) {
  const problem = generateBasket(needs, sellers, offers, seed);
  const baseline = await plain(problem);
  const { first, whole, above, gap } = await ours(problem);
  console.log(
    `  ${needs} needs × ${sellers} sellers × ${offers} offers: whole ${(whole / baseline).toFixed(2)}, first plan ${(first / baseline).toFixed(3)} and ${(above * 100).toFixed(1)} % above the last, gap ${(gap * 100).toFixed(2)} % (plain ${baseline.toFixed(2)} s)`,
  );
}
