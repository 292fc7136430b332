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
  const names = list(layers.map((item) => item.mould.name));
  const outcome = blocks ? 'too little of the neck for the head, which will not hold' : 'the head high and loose on the neck';
  const thicknesses = layers.map((item) => mm(item.mould.geometry.thicknessMm ?? 0)).join(' + ');
  return [
    {
      check: 'fit.neck',
      key: `fit.neck:${layers.map((item) => item.variant.id).join('+')}`,
      severity: blocks ? 'blocks' : 'shows',
      position: top.part.position,
      region: null,
      sentence: `${names} ${layers.length > 1 ? 'leave' : 'leaves'} ${outcome}.`,
      why: `The neck is ${mm(system.neckPostMm)} mm long; less ${thicknesses} leaves ${mm(Math.max(0, engaged))}. The head needs ${mm(system.headNeedsMm)} and wants ${mm(system.headWantsMm)}.`,
      proposals: () => layers.map(takeOff),
    },
  ];
};
