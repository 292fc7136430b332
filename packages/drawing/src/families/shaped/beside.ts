import type { BesideOutline } from '@outfit/core';
import { allRound, creases, ellipse, outlineOf, scale, type Shape, type Silhouette, Z } from '../../shape/index.js';
import { BESIDE } from '../held/index.js';

const near = (d: string, fill: Shape['fill'] = 'c0', over = 0): Shape => outlineOf(d, fill, Z.front + over);
const lines = (d: string, of: Shape['fill'] = 'c0'): Shape => creases(d, of, Z.front + 2);
const eye = (x: number, y: number): Shape => ({ d: ellipse(x, y, 3, 3.6), fill: 'ink', z: Z.front + 3 });

/** What stands beside and no mould of the demo is drawn in. It stands on y = 0. */
const DRAWN: Partial<Readonly<Record<BesideOutline, Silhouette>>> = {
  fish: allRound([
    near('M-52,-26 C-34,-50 14,-52 34,-28 L60,-46 C56,-32 56,-22 60,-8 L34,-24 C14,-2 -34,-2 -52,-26 Z'),
    near('M-14,-44 C-6,-60 8,-60 16,-46 Z', 'c1', 1),
    lines('M-28,-40 C-22,-32 -22,-22 -28,-12 M-4,-30 L8,-30 M2,-20 L14,-20'),
    eye(-38, -30),
  ]),
  lizard: allRound([
    near(
      'M-64,-20 C-60,-34 -40,-34 -30,-26 C-6,-32 20,-30 36,-22 C54,-18 70,-20 84,-30 C80,-10 56,-4 36,-8 C14,-2 -10,-2 -30,-10 C-46,-8 -62,-10 -64,-20 Z',
    ),
    near('M-26,-10 L-34,0 L-22,0 L-16,-8 Z M14,-8 L10,0 L22,0 L26,-8 Z', 'c0', 1),
    lines('M-18,-20 L-14,-16 M-4,-22 L0,-18 M10,-22 L14,-18 M24,-20 L28,-16', 'c0'),
    eye(-50, -26),
  ]),
  beetle: allRound([
    near('M-34,-14 C-34,-42 34,-42 34,-14 C34,-6 -34,-6 -34,-14 Z'),
    near('M-34,-16 C-50,-20 -54,-10 -46,-6 C-40,-4 -36,-8 -34,-12 Z', 'c1', 1),
    lines('M0,-34 L0,-8 M-18,-31 C-20,-22 -20,-14 -18,-8 M18,-31 C20,-22 20,-14 18,-8'),
    near('M-20,-8 L-26,0 L-20,0 L-14,-7 Z M0,-8 L-2,0 L4,0 L6,-7 Z M20,-8 L24,0 L30,0 L26,-8 Z', 'c1', 0),
    eye(-44, -14),
  ]),
  plant: allRound([
    near('M-4,-34 L-5,-66 L5,-66 L4,-34 Z', 'c1'),
    near(
      'M0,-62 C-30,-56 -46,-72 -48,-92 C-26,-94 -8,-84 0,-62 Z M0,-62 C30,-58 46,-76 46,-98 C24,-98 8,-86 0,-62 Z M0,-66 C-14,-84 -12,-104 2,-118 C14,-102 14,-82 0,-66 Z',
    ),
    near('M-26,-36 L26,-36 L20,0 L-20,0 Z', 'c2', 1),
    near('M-30,-44 L30,-44 L30,-34 L-30,-34 Z', 'c2', 1.5),
  ]),
  barrel: allRound([
    near('M-34,0 C-44,-28 -44,-62 -34,-90 L34,-90 C44,-62 44,-28 34,0 Z'),
    near('M-40,-20 L40,-20 L38,-10 L-38,-10 Z M-40,-70 L40,-70 L38,-80 L-38,-80 Z', 'c1', 1),
    lines('M-14,-88 C-18,-60 -18,-28 -14,-2 M14,-88 C18,-60 18,-28 14,-2'),
  ]),
  stool: allRound([
    near('M-30,-60 L-22,-60 L-28,0 L-36,0 Z M30,-60 L22,-60 L28,0 L36,0 Z M-4,-60 L4,-60 L4,0 L-4,0 Z', 'c1'),
    near('M-42,-70 C-20,-76 20,-76 42,-70 L42,-58 C20,-64 -20,-64 -42,-58 Z', 'c0', 1),
    near('M-30,-26 L30,-26 L30,-20 L-30,-20 Z', 'c1', 0.5),
  ]),
  boat: allRound([
    near('M-100,-44 C-60,-34 60,-34 100,-50 C92,-16 66,0 40,0 L-50,0 C-78,0 -94,-18 -100,-44 Z'),
    near('M-100,-46 C-60,-36 60,-36 100,-52 L102,-44 C60,-26 -60,-26 -102,-38 Z', 'c1', 1),
    lines('M-86,-22 C-40,-14 40,-14 84,-26'),
  ]),
  board: allRound([
    near('M-80,-16 C-84,-6 -70,-4 -60,-6 L60,-6 C70,-4 84,-6 80,-16 C72,-12 66,-14 60,-14 L-60,-14 C-66,-14 -72,-12 -80,-16 Z'),
    near(`${ellipse(-48, -4, 6, 5)} ${ellipse(48, -4, 6, 5)}`, 'c1', 1),
  ]),
};
const KNOWN: Partial<Readonly<Record<BesideOutline, string>>> = { dog: 'dog', cat: 'cat', goat: 'goat', bird: 'gull', box: 'crate' };
const SIZE: Readonly<Record<string, number>> = { small: 0.7, medium: 1, large: 1.35 };

/** A companion or a thing that stands beside, by its outline and size. */
export function shapedBeside(read: (key: string) => string): Silhouette {
  const outline = read('outline') as BesideOutline;
  const art = DRAWN[outline] ?? BESIDE[KNOWN[outline] ?? ''];
  if (!art) throw new RangeError(`nobody has drawn a ${outline}`);
  return scale(art, SIZE[read('size')] ?? 1);
}
