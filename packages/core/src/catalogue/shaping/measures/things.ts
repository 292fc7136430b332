import type { Mould } from '../../entries.js';
import type { BesideOutline, HeldOutline } from '../descriptors.js';
import { type MeasuresOf, one, round1, scaleOf } from './measures.js';

/** Length of a medium one in mm, where it is gripped, and its mass in g. */
const HELD: Readonly<Record<HeldOutline, readonly [heightMm: number, grip: 'bar' | 'flat' | 'clip', massG: number]>> = {
  staff: [17, 'bar', 0.6],
  oar: [22, 'bar', 0.8],
  blade: [11, 'bar', 0.5],
  axe: [11, 'bar', 0.6],
  hammer: [9, 'bar', 0.6],
  bow: [12, 'bar', 0.5],
  'round shield': [9, 'clip', 0.9],
  'long shield': [14, 'clip', 1.2],
  cup: [4, 'bar', 0.3],
  bottle: [6, 'bar', 0.4],
  book: [4, 'flat', 0.4],
  letter: [2, 'flat', 0.1],
  lantern: [7, 'bar', 0.6],
  bag: [7, 'bar', 0.6],
  basket: [8, 'bar', 0.7],
  tool: [8, 'bar', 0.5],
  wheel: [9, 'bar', 0.8],
  rope: [6, 'bar', 0.3],
  instrument: [9, 'bar', 0.6],
  loaf: [3, 'clip', 0.3],
  flag: [17, 'bar', 0.6],
  umbrella: [16, 'bar', 0.7],
};
const BESIDE_MM: Readonly<Record<BesideOutline, number>> = {
  dog: 9.8,
  cat: 10,
  goat: 12,
  bird: 8,
  fish: 5,
  lizard: 4,
  beetle: 4,
  plant: 11,
  box: 7.2,
  barrel: 9,
  stool: 7,
  boat: 8,
  board: 2,
};

const HANDS: Mould['fills'] = [['held.L'], ['held.R']];

/** What is held, and what stands beside. */
export const THINGS: MeasuresOf<'held' | 'beside'> = {
  held: (read) => {
    const [heightMm, grip, massG] = HELD[read('outline') as HeldOutline];
    const scale = scaleOf(read);
    return {
      family: 'held',
      fills: HANDS,
      material: 'rigid',
      geometry: {
        massG: round1(Math.max(0.1, massG * scale ** 3)),
        heightMm: round1(heightMm * scale),
        grip,
        ...(read('twohands') === 'yes' ? { twoHanded: true } : {}),
      },
      words: [read('outline')],
    };
  },
  beside: (read) => {
    const scale = scaleOf(read);
    return {
      family: 'beside',
      fills: one('beside'),
      material: 'rigid',
      geometry: { massG: round1(3 * scale ** 3), heightMm: round1(BESIDE_MM[read('outline') as BesideOutline] * scale) },
      words: [read('outline')],
    };
  },
};
