import type { Feature } from '../../brief/index.js';
import { shareInColour, type Worn } from '../../figure/index.js';
import { entryAt } from '../../kernel/index.js';
import { concerns, countedWishes, readHeight, isMissed, pointsOf, readPart, scoreOf, isLacking } from '../likeness/index.js';
import type { Subject } from '../subject.js';
import { COLOURS_OF_ROW, type VariantFacets } from './facets.js';

/** A wish that the candidate itself can answer: what the rest of the look answers, and its own answers so far. */
interface OpenWish {
  readonly feature: Feature;
  readonly others: number;
  readonly own: Map<number, number>;
  readonly byColour: Float64Array | null;
}

/**
 * The likeness of a look for every variant of one mould at one position. What the rest of the look answers is worked
 * out once; what a variant answers is worked out once for each print, colour or both, and not for each variant.
 */
export class WishReader {
  private readonly open: OpenWish[] = [];
  private readonly most: number;
  /** What is lacking is the mould's doing: the same for all its variants. */
  private readonly lacking: boolean;
  private settledPoints = 0;
  private settledMissed = false;

  constructor(
    private readonly subject: Subject,
    private readonly item: Worn,
    private readonly facets: VariantFacets,
    private readonly wornAs: (row: number) => Worn,
  ) {
    const wishes = countedWishes(subject.brief);
    this.lacking = isLacking(subject);
    this.most = wishes.reduce((all, feature) => all + pointsOf(feature), 0);
    const rest = subject.worn.filter((other) => other !== item);
    for (const feature of wishes) {
      const others =
        feature.kind === 'height'
          ? readHeight(subject, feature.target).s
          : rest.reduce(
              (best, other) => (concerns(feature, other.part.position) ? Math.max(best, readPart(feature, other, subject).s) : best),
              0,
            );
      if (feature.kind !== 'height' && concerns(feature, item.part.position))
        this.open.push({
          feature,
          others,
          own: new Map(),
          byColour: feature.kind === 'colour' ? new Float64Array(facets.colourCount).fill(NaN) : null,
        });
      else this.settle(feature, feature.kind === 'absence' ? 1 - others : others);
    }
  }

  private settle(feature: Feature, s: number): void {
    this.settledPoints += pointsOf(feature) * s;
    if (isMissed(feature, s)) this.settledMissed = true;
  }

  /** Likeness with the variant of this row on. */
  score(row: number): number {
    let points = this.settledPoints;
    let missed = this.settledMissed;
    for (const wish of this.open) {
      const best = Math.max(wish.others, this.ownAnswer(wish, row));
      const s = wish.feature.kind === 'absence' ? 1 - best : best;
      points += pointsOf(wish.feature) * s;
      if (isMissed(wish.feature, s)) missed = true;
    }
    return scoreOf(points, this.most, { missed, lacking: this.lacking });
  }

  private ownAnswer(wish: OpenWish, row: number): number {
    if (wish.byColour) return this.colourAnswer(wish.byColour, wish.feature, row);
    const key = this.keyOf(wish.feature, row);
    let s = wish.own.get(key);
    if (s === undefined) wish.own.set(key, (s = readPart(wish.feature, this.wornAs(row), this.subject).s));
    return s;
  }

  /** What of a variant an answer depends on, as one number. */
  private keyOf({ kind }: Feature, row: number): number {
    const print = (this.facets.print[row] ?? -1) + 1;
    if (kind === 'shape') return 0;
    if (kind === 'identity') return row;
    if (kind === 'motif' || kind === 'absence' || kind === 'expression') return print;
    return print * this.facets.colours.length + (this.facets.colours[row] ?? 0);
  }

  private colourAnswer(byColour: Float64Array, feature: Feature, row: number): number {
    const { eachColour } = this.facets;
    const { colours } = this.subject.catalogue.data;
    let best = 0;
    let of = 0;
    while (of < COLOURS_OF_ROW && (eachColour[row * COLOURS_OF_ROW + of] ?? -1) >= 0) of += 1;
    for (let i = 0; i < of; i += 1) {
      const colour = entryAt(eachColour, row * COLOURS_OF_ROW + i);
      let s = byColour[colour] ?? NaN;
      if (Number.isNaN(s)) {
        const alone = { ...this.item, variant: { ...this.item.variant, colours: [colours[colour]?.id ?? ''] } };
        byColour[colour] = s = readPart(feature, alone, this.subject).s;
      }
      best = Math.max(best, s * shareInColour(this.item, i, of));
    }
    return best;
  }
}
