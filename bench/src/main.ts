import { solveBasket, verifyPlan, type BasketProblem } from '@outfit/core/basket';
import { generateBasket } from './generate.js';
import { solvePlainly } from './plain.js';

const now = (): number => performance.now() / 1000;

interface Run {
  /** Seconds until the first plan, and how dear it was. */
  readonly first: { readonly at: number; readonly cost: number };
  /** Seconds until a plan within 3 % of the best known. */
  near(best: number): number;
  readonly whole: number;
  readonly cost: number;
  readonly gap: number;
}

/** Ours, to a gap or a time limit. The plan is verified. */
async function ours(problem: BasketProblem, gap: number, seconds: number): Promise<Run> {
  const started = now();
  const plans: { at: number; cost: number }[] = [];
  const plan = await solveBasket(
    { ...problem, effort: { gap, seconds } },
    {
      now,
      shouldStop: () => false,
      onProgress: () => undefined,
      onPlan: ({ costMinor }) => plans.push({ at: now() - started, cost: costMinor }),
    },
    { comparisons: false },
  );
  const [fault] = verifyPlan({ ...problem, effort: { gap, seconds } }, plan);
  if (fault) throw new Error(`${fault.path}: ${fault.sentence}`);
  const [first] = plans;
  if (!first) throw new Error('no plan was found');
  return {
    first,
    near: (best) => plans.find((row) => row.cost <= best * 1.03)?.at ?? Infinity,
    whole: now() - started,
    cost: plan.costMinor,
    gap: plan.gap,
  };
}

const percent = (share: number): string => `${(share * 100).toFixed(2)} %`;
const [needs, sellers, offers] = [200, 300, 7500] as const;
/** The baseline gets at most this long; where it is not done by then, the ratio is a least one. */
const PLAIN_SECONDS = 180;

// Warm-up of both: the solver is loaded, the search compiled.
await solvePlainly(generateBasket(4, 4, 12, 9), 0.01, 5);
await ours(generateBasket(100, 150, 3000, 9), 0.01, 20);
console.log('Basket, against the textbook MIP model given to highs whole, in the same run:');
for (const [seed, spread] of [
  [1, 'as shops are'],
  [2, 'as shops are'],
  [3, 'as shops are'],
  [4, 'even'],
] as const) {
  const problem = generateBasket(needs, sellers, offers, seed, spread);
  const plain = await solvePlainly(problem, 0.01, PLAIN_SECONDS);
  const loose = await ours(problem, 0.01, 60);
  const tight = await ours(problem, 0.002, 60);
  const best = Math.min(loose.cost, tight.cost);
  const least = plain.gap > 0.01 ? 'at least ' : '';
  console.log(
    `  ${needs} × ${sellers} × ${offers}, sellers ${spread}, seed ${seed}:\n` +
      `    plain ${plain.seconds.toFixed(1)} s to a gap of ${percent(plain.gap)}; ours ${loose.whole.toFixed(1)} s to ${percent(loose.gap)}: ${least}${(plain.seconds / loose.whole).toFixed(1)} times as fast\n` +
      `    a plan within 3 % of the best known after ${(loose.near(best) / plain.seconds).toFixed(4)} of the plain model's time; the first after ${(loose.first.at / plain.seconds).toFixed(4)}, ${percent(loose.first.cost / best - 1)} above\n` +
      `    asked for 0.2 %: ${percent(tight.gap)} after ${tight.whole.toFixed(1)} s`,
  );
}

const big = await ours(generateBasket(1000, 500, 40_000, 4), 0.005, 55);
console.log(
  `  1000 × 500 × 40000: a plan with a gap of ${percent(big.gap)} after ${big.whole.toFixed(1)} s, ${(process.memoryUsage().rss / 2 ** 20).toFixed(0)} MB`,
);

const small = Array.from({ length: 10 }, (_, seed) => generateBasket(12, 20, 120, seed + 1));
const times: number[] = [];
for (const problem of small) times.push((await ours(problem, 0, 10)).whole);
console.log(`  12 × 20 × 120, ten seeds, proven: ${Math.min(...times).toFixed(2)} to ${Math.max(...times).toFixed(2)} s`);
