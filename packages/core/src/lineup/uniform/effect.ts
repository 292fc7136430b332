import type { System } from '../../anatomy/index.js';
import type { Brief } from '../../brief/index.js';
import type { Catalogue } from '../../catalogue/index.js';
import type { Look } from '../../figure/index.js';
import { type Company, differences, judge, type Judgement } from '../../judging/index.js';
import type { Supply } from '../../wardrobe/index.js';

/** What a change does to one figure, told before it happens. Money in minor units, for all copies. */
export interface ChangeEffect {
  /** Null where nothing is wished for: there is no likeness then, before or after. */
  readonly likenessBefore: number | null;
  readonly likenessAfter: number;
  /** Sentences of marks that show or block and come, and of those that go. */
  readonly raises: readonly string[];
  readonly settles: readonly string[];
  readonly toPayBeforeMinor: number;
  readonly toPayAfterMinor: number;
  /** Parts nobody owns and nobody sells, that were not wanted before. */
  readonly unsold: number;
  /** Spots that change. */
  readonly pieces: number;
}

/** The effect of one look becoming another: likeness, marks, what is still to pay, spots that change. */
export function changeEffect(
  before: Look,
  after: Look,
  brief: Brief,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
  company?: Company,
): ChangeEffect {
  const [was, is] = [before, after].map((look) => judge(look, brief, catalogue, system, supply, company));
  if (!was || !is) throw new RangeError('a change has a before and an after');
  return {
    likenessBefore: was.likeness.answers.length === 0 ? null : was.likeness.score,
    likenessAfter: is.likeness.score,
    raises: newIn(is, was),
    settles: newIn(was, is),
    toPayBeforeMinor: was.cost.toPay.total,
    toPayAfterMinor: is.cost.toPay.total,
    unsold: is.cost.unsold.filter((id) => !was.cost.unsold.includes(id)).length,
    pieces: differences(before, after, catalogue).length,
  };
}

/** Sentences of what shows or blocks in one judgement and not in another. */
function newIn(one: Judgement, other: Judgement): readonly string[] {
  const known = new Set(other.marks.open.map(({ key }) => key));
  return one.marks.open.filter(({ key, severity }) => severity !== 'note' && !known.has(key)).map(({ sentence }) => sentence);
}
