import { list } from '../../../kernel/index.js';
import type { Check, Problem } from '../../marks.js';
import { keyOf, takeOff } from '../../remedies/index.js';

/** `fit.headgear`: an add-on without a matching hole, or headgear over a head that has its own moulded on. */
export const fitHeadgear: Check = ({ worn }) => {
  const headgear = worn.find((item) => item.part.position === 'headgear');
  const head = worn.find((item) => item.part.position === 'head');
  const marks: Problem[] = [];
  for (const addOn of worn.filter((item) => item.part.position === 'headgear.addon')) {
    const fits = addOn.mould.geometry.fits ?? [];
    const holes = headgear?.mould.geometry.holes ?? [];
    if (fits.some((fit) => holes.includes(fit))) continue;
    const where = headgear
      ? `${headgear.mould.name} has ${holes.length > 0 ? `holes for ${list(holes)} only` : 'no hole'}`
      : 'nothing is worn that has one';
    marks.push({
      check: 'fit.headgear',
      key: keyOf('fit.headgear', addOn, ...(headgear ? [headgear] : [])),
      severity: 'blocks',
      position: 'headgear.addon',
      region: null,
      sentence: `${addOn.mould.name} needs a hole for ${list(fits)}: ${where}.`,
      proposals: () => [takeOff(addOn)],
    });
  }
  if (headgear && head?.mould.shape.words.includes('own headgear'))
    marks.push({
      check: 'fit.headgear',
      key: keyOf('fit.headgear', head, headgear),
      severity: 'blocks',
      position: 'headgear',
      region: null,
      sentence: `${head.mould.name} is moulded with its own top: ${headgear.mould.name} has nothing to sit on.`,
      proposals: () => [takeOff(headgear), takeOff(head)],
    });
  return marks;
};
