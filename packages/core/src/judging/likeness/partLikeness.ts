import { type Catalogue, type Mould, motifsOf, type Variant } from '../../catalogue/index.js';
import { colourDifference } from '../../colour/index.js';

/** What makes two parts alike: their shape, their colours, what they show (calculations, *Candidates*). */
const [SHAPE, COLOURS, MOTIFS] = [0.4, 0.35, 0.25];
/** Colours this far apart have nothing in common. */
const FARTHEST_DELTA_E = 30;
const LONGEST = 4;

/** What two sets have in common, of all that either has; 1 when neither has anything. */
function overlap(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  if (a.size === 0 && b.size === 0) return 1;
  const common = [...a].filter((word) => b.has(word)).length;
  return common / (a.size + b.size - common);
}

/** How alike two moulds are, 0 to 1: the same one, one of its family, or one with some of the same words. */
export function mouldLikeness(a: Mould, b: Mould): number {
  if (a.number === b.number) return 1;
  const words = overlap(new Set(a.shape.words), new Set(b.shape.words));
  const length =
    a.shape.length === undefined || b.shape.length === undefined ? words : 1 - Math.abs(a.shape.length - b.shape.length) / LONGEST;
  return (a.family === b.family ? 0.4 : 0) + 0.4 * words + 0.1 * length;
}

/** How alike two parts are in their colours, 0 to 1: pair by pair, the first counting most, by 1 − ΔE / 30. */
export function coloursLikeness(a: readonly string[], b: readonly string[], catalogue: Catalogue): number {
  const length = Math.max(a.length, b.length);
  let [found, most] = [0, 0];
  for (let i = 0; i < length; i += 1) {
    const weight = 1 / (i + 1) ** 2;
    most += weight;
    const [x, y] = [a[i], b[i]];
    if (x === undefined || y === undefined) continue;
    const deltaE = x === y ? 0 : colourDifference(catalogue.colour(x), catalogue.colour(y));
    found += weight * Math.max(0, 1 - deltaE / FARTHEST_DELTA_E);
  }
  return most === 0 ? 1 : found / most;
}

/** How alike two parts are in what they show, 0 to 1: motifs they share, of all that either has. */
export const motifsLikeness = (a: Variant, b: Variant, catalogue: Catalogue): number =>
  a.print === b.print ? 1 : overlap(motifsOf(a, catalogue), motifsOf(b, catalogue));

/** The weighted sum of the three likenesses, each 0 to 1. */
export const partLikenessOf = (shape: number, colours: number, motifs: number): number =>
  SHAPE * shape + COLOURS * colours + MOTIFS * motifs;

/**
 * How like one part another is, 0 to 1: mould descriptors 0.4, colours 0.35, motifs 0.25 (calculations, *Candidates*).
 *
 * For example: partLikeness(bob in raven, bob in soot) gives shape 1, motifs 1, colours nearly 1.
 */
export const partLikeness = (a: Variant, b: Variant, catalogue: Catalogue): number =>
  partLikenessOf(
    mouldLikeness(catalogue.mouldOf(a), catalogue.mouldOf(b)),
    coloursLikeness(a.colours, b.colours, catalogue),
    motifsLikeness(a, b, catalogue),
  );
