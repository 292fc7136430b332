import { fillingAt } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { swaps } from '../../remedies/index.js';
import { wornTogether } from '../../together.js';

/** More of the back of the head than this lets a second face be read. */
const MOST_VISIBLE = 0.25;

/** `head.second-face`: a face on the turned-away side that the headgear leaves bare, unless its maker sold them so. */
export const headSecondFace: Check = (subject) => {
  const { face, visibility, worn } = subject;
  const visible = visibility.of('head.back');
  if (!face?.secondBehind || visible <= MOST_VISIBLE) return [];
  const headgear = worn.find((item) => item.part.position === 'headgear');
  if (headgear && wornTogether(headgear.variant.id, face.head.variant.id, subject.catalogue)) return [];
  const under = headgear ? `under ${headgear.mould.name}` : 'on the bare head';
  return [
    {
      check: 'head.second-face',
      key: `head.second-face:${face.head.variant.id}+${headgear?.variant.id ?? 'bare'}`,
      severity: 'shows',
      position: 'head',
      region: 'head.back',
      sentence: `The second face shows behind ${under}: ${Math.round(visible * 100)} % of it is bare.`,
      proposals: () =>
        swaps(
          subject,
          [{ position: 'headgear' }],
          {
            mould: (mould) => fillingAt(mould, 'headgear')?.length === 1 && 1 - (mould.geometry.covers?.['head.back'] ?? 0) <= MOST_VISIBLE,
            fits: () => true,
          },
          headgear,
        ),
    },
  ];
};
