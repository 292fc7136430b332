import type { Check } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps } from '../../remedies/index.js';

/** `period.face`: the head's print era against every other printed part of the figure. */
export const periodFace: Check = (subject) => {
  const { face, worn, catalogue } = subject;
  const era = face?.head.print?.era;
  const others = worn.filter((item) => item.part.position !== 'head' && item.print !== null);
  if (!face || era === undefined || others.length === 0 || others.some((item) => item.print?.era === era)) return [];
  const [first] = others;
  return [
    {
      check: 'period.face',
      key: keyOf('period.face', face.head),
      severity: 'shows',
      position: 'head',
      region: 'head.front.eyes',
      sentence: `The face is ${era === 'early' ? 'an early' : 'a late'} print; ${others.length === 1 ? `${first?.mould.name ?? 'the rest'} is` : 'all other prints are'} ${first?.print?.era ?? ''}.`,
      proposals: () =>
        swaps(
          subject,
          [spot(face.head)],
          withAnotherPrint(face.head, (variant) => variant.print !== undefined && catalogue.print(variant.print).era !== era),
          face.head,
        ),
    },
  ];
};
