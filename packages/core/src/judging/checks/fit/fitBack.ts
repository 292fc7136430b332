import { isNeckLayer } from '../../../figure/index.js';
import { list, mm } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { keyOf, takeOff } from '../../remedies/index.js';

/** Hair pushed up by less than this is not seen. */
const LEAST_LIFT_MM = 0.5;

/**
 * `fit.back`: headgear that hangs behind against what stands off the back or rises around the head's base. A layer
 * pushes hair up by what it stands off beyond the clearance, and by its collar, but never by more than hangs there.
 */
export const fitBack: Check = ({ worn, system }) => {
  const headgear = worn.find((item) => item.part.position === 'headgear');
  const drop = headgear?.mould.geometry.backDropMm ?? 0;
  if (!headgear || drop <= 0) return [];
  const pushes = worn
    .filter((item) => isNeckLayer(item) && item !== headgear)
    .map((item) => {
      const { backDepthMm = 0, collarRiseMm = 0 } = item.mould.geometry;
      const lift = Math.min(Math.max(0, backDepthMm - system.backClearanceMm), drop) + collarRiseMm;
      return { item, lift: Math.round(lift * 1e6) / 1e6 };
    })
    .filter(({ lift }) => lift >= LEAST_LIFT_MM);
  if (pushes.length === 0) return [];
  const most = Math.max(...pushes.map(({ lift }) => lift));
  return [
    {
      check: 'fit.back',
      key: keyOf('fit.back', headgear, ...pushes.map(({ item }) => item)),
      severity: 'shows',
      position: 'headgear',
      region: 'head.back',
      sentence: `${list(pushes.map(({ item }) => item.mould.name))} ${pushes.length > 1 ? 'push' : 'pushes'} ${headgear.mould.name} up behind by ${mm(most)} mm.`,
      why: `It hangs ${mm(drop)} mm below the head, and up to ${mm(LEAST_LIFT_MM)} mm of lift is not seen.`,
      proposals: () => pushes.map(({ item }) => takeOff(item)),
    },
  ];
};
