import { type Explained, sum } from '../../kernel/index.js';
import { isNeckLayer, type Worn } from '../look/index.js';

/** What one part adds to the standing height, in mm. Feet count once: a figure stands on the higher of two. */
function adds(item: Worn): number {
  const { thicknessMm, heightMm } = item.mould.geometry;
  return (isNeckLayer(item) || item.part.position === 'waist' ? thicknessMm : heightMm) ?? 0;
}

const STANDING = ['hips', 'lower', 'waist', 'torso', 'head'];

/**
 * Standing height in mm, without headgear, term by term: legs + waist + torso + neck stack + head + what is under the feet. Feet count
 * once, at the higher of the two.
 *
 * For example: 13.0 (legs) + 12.6 (torso) + 8.8 (head) = 34.4 mm, an adult.
 */
export function standingHeight(worn: readonly Worn[]): Explained {
  const terms = worn
    .filter((item) => STANDING.includes(item.part.position) || isNeckLayer(item))
    .map((item) => ({ label: item.mould.name, value: adds(item) }))
    .filter((term) => term.value !== 0);
  const feet = worn.filter((item) => item.part.position.startsWith('feet.'));
  const lift = Math.max(0, ...feet.map(adds));
  return sum('mm', lift > 0 ? [...terms, { label: 'Under the feet', value: lift }] : terms);
}

/**
 * Height of the body in mm: standing height without the neck stack. What is compared with an age band or a neighbour is this: nobody
 * calls a man tall for his scarf (anatomy, *Height*).
 *
 * For example: 13.0 (legs) + 1.4 (scarf) + 12.6 (torso) + 8.8 (head) stands 35.8 mm high, and its body is 34.4.
 */
export const bodyHeight = (worn: readonly Worn[]): Explained => standingHeight(worn.filter((item) => !isNeckOnly(item)));

/** A cowl lies on the neck and is headgear all the same: it adds only what lies on the neck, so it is left out too. */
const isNeckOnly = (item: Worn): boolean => isNeckLayer(item) && !STANDING.includes(item.part.position);

/**
 * Overall height in mm: standing height and what the headgear rises above the head. Without headgear it is the standing height.
 */
export function overallHeight(worn: readonly Worn[]): Explained {
  const standing = standingHeight(worn);
  const headgear = worn.find((item) => item.part.position === 'headgear');
  const rise = headgear?.mould.geometry.riseMm ?? 0;
  return headgear && rise > 0 ? sum('mm', [...standing.terms, { label: headgear.mould.name, value: rise }]) : standing;
}
