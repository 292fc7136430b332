import { positionName } from '../../../anatomy/index.js';
import { claims } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Problem } from '../../marks.js';
import { takeOff } from '../../remedies/index.js';

/**
 * `fit.position`: two parts claim one position, one mark per pair of parts, however many positions they share; or a part is where
 * figures of this system have no place for one.
 */
export const fitPosition: Check = ({ worn, system }) => {
  const marks = new Map<string, Problem>();
  for (const item of worn) {
    const { position } = item.part;
    if (system.positions.includes(position)) continue;
    marks.set(`nowhere ${position}`, {
      check: 'fit.position',
      key: `fit.position:${item.variant.id}:${position}`,
      severity: 'blocks',
      position,
      region: null,
      sentence: `${item.mould.name} has nothing to go on: figures of ${system.name} have no place “${positionName(position)}”.`,
      proposals: () => [takeOff(item)],
    });
  }
  for (const [position, claimants] of claims(worn)) {
    if (claimants.length < 2) continue;
    const key = `fit.position:${claimants.map((item) => item.variant.id).join('+')}`;
    if (marks.has(key)) continue;
    marks.set(key, {
      check: 'fit.position',
      key,
      severity: 'blocks',
      position: claimants[0]?.part.position ?? position,
      region: null,
      sentence: `${list(claimants.map((item) => item.mould.name))} both need the place “${positionName(position)}”.`,
      proposals: () => claimants.map(takeOff),
    });
  }
  return [...marks.values()];
};
