import { ageOf, bandOf } from '../../../brief/index.js';
import { fillingAt, standingHeight } from '../../../figure/index.js';
import { mm } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { swaps } from '../../remedies/index.js';

/** `height.band`: standing height against the age band of the brief. A look without legs, torso or head is not measured yet. */
export const heightBand: Check = (subject) => {
  const { worn, brief, system } = subject;
  const legs = worn.find((item) => item.part.position === 'hips' || item.part.position === 'lower');
  const complete = legs && ['torso', 'head'].every((position) => worn.some((item) => item.part.position === position));
  if (!legs || !complete) return [];
  const height = standingHeight(worn).total;
  const band = bandOf(brief, system);
  const age = ageOf(brief);
  const wanted = system.bandHeightMm[band];
  const off = Math.round((height - wanted) * 1e6) / 1e6;
  if (Math.abs(off) <= system.bandToleranceMm) return [];
  const others = height - (legs.mould.geometry.heightMm ?? 0);
  return [
    {
      check: 'height.band',
      key: `height.band:${band}:${mm(height)}`,
      severity: 'shows',
      position: legs.part.position,
      region: null,
      sentence: `Stands ${mm(height)} mm; a figure of this age (${age === null ? band : `${age}, ${band}`}) stands ${mm(wanted)}: ${mm(Math.abs(off))} too ${off > 0 ? 'tall' : 'short'}.`,
      remedies: () =>
        (['hips', 'lower'] as const)
          .flatMap((position) =>
            swaps(subject, [{ position }], {
              mould: (mould) =>
                fillingAt(mould, position) !== null && Math.abs(others + (mould.geometry.heightMm ?? 0) - wanted) <= system.bandToleranceMm,
              fits: (variant) => variant.colours[0] === legs.variant.colours[0],
            }),
          )
          .slice(0, 3),
    },
  ];
};
