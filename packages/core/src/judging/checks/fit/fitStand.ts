import { balance, placeOf } from '../../../figure/index.js';
import type { Check, Mark } from '../../marks.js';
import { keyOf, takeOff } from '../../remedies/index.js';

/** A thing built of this many elements or more has so many joints that it works loose. */
const MANY_ELEMENTS = 4;

/** `fit.stand`: centre of mass against the foot area, and built things with many loose joints. */
export const fitStand: Check = ({ worn, system }) => {
  const marks: Mark[] = [];
  const standing = balance(worn, system);
  if (standing && standing.tilt < system.leastTilt) {
    const heaviest = standing.pulls[0];
    marks.push({
      check: 'fit.stand',
      key: keyOf('fit.stand', ...standing.pulls.map(({ item }) => item)),
      severity: 'shows',
      position: 'stand',
      region: null,
      sentence: `Topples ${standing.towards} ${standing.tilt > 0 ? `at a tilt of ${standing.tilt.toFixed(1)}°` : 'by itself'}: under ${system.leastTilt.toFixed(0)}° it wants a stand.${heaviest ? ` ${heaviest.item.mould.name} pulls most.` : ''}`,
      remedies: () => standing.pulls.slice(0, 2).map(({ item }) => takeOff(item)),
    });
  }
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
        remedies: () => built.filter((item) => placeOf(item.part) >= MANY_ELEMENTS - 1).map(takeOff),
      });
  }
  return marks;
};
