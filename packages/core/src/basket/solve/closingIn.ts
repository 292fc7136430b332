import { type Ascent, BoundTree } from '../bound/index.js';
import type { Decision, Found } from '../decision/index.js';
import { entryAt, seededRandom } from '../../kernel/index.js';
import type { ModelQuestion } from '../model/index.js';
import type { MarketIndex } from '../reduce/index.js';
import type { Best } from './best.js';
import { Descents } from './descents.js';
import { marketNear } from './nearby.js';
import { isRuledOut, marketStillOpen, unitsUsedBy } from './stillOpen.js';

export interface ClosingInControl {
  now(): number;
  /** Is the gap reached, the time over, or a stop asked for? */
  isOver(): boolean;
  onProgress(phase: 'searching' | 'bounding'): void;
  offer(decision: Decision): void;
}

/** Rounds the bound climbs before it is asked whether it still rises. */
const CLIMB_ROUNDS = 300;
/** The root stands when so many rounds raise it by less than this share. */
const STANDING = 1e-4;
/** Plans are looked for so long at a time, then the bound is raised. */
const SEARCH_SECONDS = 2.5;
const BOUND_SECONDS = 2.5;
/** The tree is too slow when so many turns like the last would not reach the gap. */
const TURNS_TO_GO = 50;
/** An exact model of no more offers than this is worth a try when no better plan is found. */
const FEW_OFFERS = 2500;

/**
 * Closes the gap from both sides: the bound of the decomposition says which offers better plans are made of, descents find them, their cost
 * rules out what the bound need not look at, and branching raises it further. Ends when it is over, or when neither side gains any more
 * and an exact model of what is left may.
 */
export async function closeIn(
  index: MarketIndex,
  best: Best,
  root: Ascent,
  question: ModelQuestion,
  control: ClosingInControl,
): Promise<void> {
  const climb = (bound: Ascent | BoundTree, rounds: number, until: number): void => {
    bound.climb({
      rounds,
      halt: () => {
        control.onProgress('bounding');
        return control.isOver() || control.now() > until;
      },
      onBound: (value) => best.raiseBy({}, value),
    });
    narrow(bound, root, index, best);
  };
  while (!root.isSpent) {
    const before = root.boundMinor;
    climb(root, CLIMB_ROUNDS, Infinity);
    if (control.isOver()) return;
    if (root.boundMinor - before < STANDING * Math.abs(root.boundMinor)) break;
  }
  const { found } = best;
  if (!found) return;
  const tree = new BoundTree(root);
  const descents = new Descents(
    best.market,
    marketNear(index, found, root.losses(), root.opened),
    found,
    question,
    seededRandom(index.offerSeller.length),
    {
      now: () => control.now(),
      isOver: () => control.isOver(),
      onProgress: () => control.onProgress('searching'),
      offer: (decision) => control.offer(decision),
      gap: best.gapFor(question) / 20,
    },
  );
  while (!control.isOver()) {
    await descents.run(marketNear(index, best.found ?? found, root.losses(), root.opened), control.now() + SEARCH_SECONDS);
    const before = tree.boundMinor;
    climb(tree, Infinity, control.now() + BOUND_SECONDS);
    tree.prune(best.found?.priced.costMinor ?? Infinity);
    if (!descents.isSpent) continue;
    const isSlow = tree.isSpent || (tree.boundMinor - before) * TURNS_TO_GO < best.missingUnits();
    if (isSlow || marketStillOpen(index, best.found ?? found, root.losses()).offers.length <= FEW_OFFERS) return;
  }
}

/** Leaves out of a bound what no better plan takes, as the root's losses tell. The best plan itself stays in it. */
function narrow(bound: Ascent | BoundTree, root: Ascent, index: MarketIndex, best: Best): void {
  const found: Found | null = best.found;
  if (!found || !best.isSettled()) return;
  const { boundMinor, counts, of } = root.losses();
  const used = unitsUsedBy(index, found);
  bound.narrow((count) => {
    const isUsed = used.get(entryAt(of.shelf, count)) === of.units[count];
    return isUsed || !isRuledOut(boundMinor, entryAt(counts, count), found.priced.costMinor);
  });
}
