import { balance, fillingAt, type Worn } from '../../../figure/index.js';
import { list, mm } from '../../../kernel/index.js';
import type { Check, Problem, Proposal } from '../../marks.js';
import { keyOf, spot, takeOff } from '../../remedies/index.js';

/** A thing built of this many elements or more has so many joints that it works loose. */
const MANY_ELEMENTS = 4;
/** Feet that differ by less stand level enough. */
const LEAST_UNEVEN_MM = 0.5;

/** `fit.stand`: centre of mass against the foot area, and built things with many loose joints. */
export const fitStand: Check = ({ worn, system }) => {
  const marks: Problem[] = [];
  const standing = balance(worn, system);
  if (standing && standing.tilt < system.leastTilt) {
    const heaviest = standing.pulls[0];
    marks.push({
      check: 'fit.stand',
      key: keyOf('fit.stand', ...standing.pulls.map(({ item }) => item)),
      severity: 'shows',
      position: 'stand',
      region: null,
      sentence: `It topples ${standing.towards} ${standing.tilt > 0 ? 'at the least push' : 'by itself'} and wants a stand.${heaviest ? ` ${heaviest.item.mould.name} pulls most.` : ''}`,
      why: `It falls when tilted by ${standing.tilt.toFixed(1)}°; one that is left alone wants ${system.leastTilt.toFixed(0)}°.`,
      proposals: () => standing.pulls.slice(0, 2).map(({ item }) => takeOff(item)),
    });
  }
  const lean = unevenFeet(worn);
  if (lean) marks.push(lean);
  for (const position of ['held.L', 'held.R'] as const) {
    const built = worn.filter((item) => item.part.position === position);
    const [base] = built;
    if (base && built.length >= MANY_ELEMENTS)
      marks.push({
        check: 'fit.stand',
        key: keyOf('fit.stand.joints', base),
        severity: 'note',
        position,
        region: null,
        sentence: `${built.length} elements in one hand are ${built.length - 1} loose joints: expect it to sag.`,
        proposals: () => [
          {
            label: `Take off ${list(built.slice(MANY_ELEMENTS - 1).map((item) => item.mould.name))}`,
            // From the top down: what is stacked on a part moves when it goes.
            edits: built
              .slice(MANY_ELEMENTS - 1)
              .reverse()
              .map((item) => ({ action: 'take off' as const, ...spot(item) })),
          },
        ],
      });
  }
  return marks;
};

/** Something under one foot alone, or more under one than under the other. */
function unevenFeet(worn: readonly Worn[]): Problem | null {
  const at = (position: 'feet.L' | 'feet.R'): Worn | undefined => worn.find((item) => item.part.position === position);
  const heightOf = (item: Worn | undefined): number => item?.mould.geometry.heightMm ?? 0;
  const [left, right] = [at('feet.L'), at('feet.R')];
  const off = Math.round(Math.abs(heightOf(left) - heightOf(right)) * 1e6) / 1e6;
  const higher = heightOf(left) > heightOf(right) ? left : right;
  if (off < LEAST_UNEVEN_MM || !higher) return null;
  const [side, other] = higher === left ? (['left', 'feet.R'] as const) : (['right', 'feet.L'] as const);
  const both: readonly Proposal[] = fillingAt(higher.mould, other)
    ? [
        {
          label: `Put ${higher.mould.name} under both feet`,
          edits: [{ action: 'put on', variant: higher.variant.id, position: other }],
        },
      ]
    : [];
  return {
    check: 'fit.stand',
    key: keyOf('fit.stand.feet', higher),
    severity: 'shows',
    position: higher.part.position,
    region: null,
    sentence: `It stands ${mm(off)} mm higher on its ${side} foot: it leans and will not stay up.`,
    proposals: () => [...both, ...[left, right].filter((item) => item !== undefined).map(takeOff)],
  };
}
