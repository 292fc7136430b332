import { isNeckLayer } from '../../../figure/index.js';
import { list, mm } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { takeOff } from '../../remedies/index.js';

/** `fit.neck`: what the neck stack leaves of the post. Under 1.6 mm the head will not hold, under 2.4 it sits loose (P40). */
export const fitNeck: Check = ({ worn, system }) => {
  const layers = worn.filter(isNeckLayer);
  const thickness = layers.reduce((all, item) => all + (item.mould.geometry.thicknessMm ?? 0), 0);
  const engaged = Math.round((system.neckPostMm - thickness) * 1e6) / 1e6;
  const top = layers[0];
  if (!top || engaged >= system.headWantsMm) return [];
  const blocks = engaged < system.headNeedsMm;
  const names = list(layers.map((item) => `${item.mould.name} ${mm(item.mould.geometry.thicknessMm ?? 0)}`));
  const left = engaged > 0 ? `${layers.length > 1 ? 'leave' : 'leaves'} ${mm(engaged)} mm of post` : 'cover the whole post';
  const outcome = blocks
    ? `the head needs ${mm(system.headNeedsMm)} and will not hold`
    : `the head wants ${mm(system.headWantsMm)} and sits high and loose`;
  return [
    {
      check: 'fit.neck',
      key: `fit.neck:${layers.map((item) => item.variant.id).join('+')}`,
      severity: blocks ? 'blocks' : 'shows',
      position: top.part.position,
      region: null,
      sentence: `${names} ${left}: ${outcome}.`,
      remedies: () => layers.map(takeOff),
    },
  ];
};
