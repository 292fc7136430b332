import type { Catalogue } from '../../../catalogue/index.js';
import {
  type Alteration,
  ALTERATION_SCHOOL,
  ALTERATION_SCHOOLS,
  type AlterationSchool,
  alterationWords,
  type Worn,
} from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { keyOf, spot, swaps } from '../../remedies/index.js';

/** The strictest school one part satisfies, and what keeps it from a stricter one. */
function schoolOf(item: Worn): { school: AlterationSchool; because: string | null } {
  if (item.variant.made === undefined) return { school: 'on paper', because: 'nobody has made it in this colour' };
  if (item.mould.thirdParty) return { school: 'open bench', because: 'it is a third-party part' };
  let loosest: Alteration | null = null;
  for (const alteration of item.part.alterations ?? [])
    if (!loosest || looser(ALTERATION_SCHOOL[alteration.kind], ALTERATION_SCHOOL[loosest.kind])) loosest = alteration;
  return loosest
    ? { school: ALTERATION_SCHOOL[loosest.kind], because: `it is altered (${alterationWords(loosest)})` }
    : { school: 'as moulded', because: null };
}

const looser = (a: AlterationSchool, b: AlterationSchool): boolean => ALTERATION_SCHOOLS.indexOf(a) > ALTERATION_SCHOOLS.indexOf(b);

/** The strictest school a whole look satisfies, with the reasons why it is not a stricter one. */
export function strictestSchool(worn: readonly Worn[], catalogue: Catalogue): { school: AlterationSchool; reasons: readonly string[] } {
  let school: AlterationSchool = 'as moulded';
  const reasons: string[] = [];
  for (const item of worn) {
    const own = schoolOf(item);
    if (looser(own.school, school)) school = own.school;
    if (own.because) reasons.push(`${catalogue.nameOf(item.variant)}: ${own.because}`);
  }
  return { school, reasons };
}

/** `school.alteration`: parts looser than the school the person set. */
export const schoolAlteration: Check = (subject) => {
  const { worn, brief, catalogue } = subject;
  return worn.flatMap((item) => {
    const { school, because } = schoolOf(item);
    if (because === null || !looser(school, brief.alterationSchool)) return [];
    return [
      {
        check: 'school.alteration' as const,
        key: keyOf('school.alteration', item),
        severity: 'blocks' as const,
        position: item.part.position,
        region: null,
        sentence: `${catalogue.nameOf(item.variant)} belongs to “${school}”: ${because}. The brief says “${brief.alterationSchool}”.`,
        proposals: () => [
          ...(item.part.alterations ?? []).map((alteration, index) => ({
            label: `Leave it unaltered (${alterationWords(alteration)})`,
            edits: [{ action: 'drop alteration' as const, index, ...spot(item) }],
          })),
          ...swaps(subject, [spot(item)], {
            mould: (mould) => mould.number === item.mould.number && !mould.thirdParty && item.variant.made === undefined,
            fits: () => true,
          }),
        ],
      },
    ];
  });
};
