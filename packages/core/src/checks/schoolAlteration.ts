import { ALTERATION_SCHOOLS, type AlterationSchool } from '../brief.js';
import type { Catalogue } from '../catalogue.js';
import type { Worn } from '../look.js';
import type { Check } from './check.js';
import { swaps } from './remedies.js';

/** The strictest school one part satisfies, and what keeps it from a stricter one. */
function schoolOf(item: Worn): { school: AlterationSchool; because: string | null } {
  if (item.variant.made === undefined) return { school: 'on paper', because: 'nobody has made it in this colour' };
  if (item.mould.thirdParty) return { school: 'open bench', because: 'it is a third-party part' };
  return { school: 'as moulded', because: null };
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
        key: `school.alteration:${item.part.position}:${item.variant.id}`,
        severity: 'blocks' as const,
        position: item.part.position,
        region: null,
        sentence: `${catalogue.nameOf(item.variant)} belongs to “${school}”: ${because}. The brief says “${brief.alterationSchool}”.`,
        remedies: swaps(subject, [item.part.position], (variant) => variant.mould === item.variant.mould && !item.mould.thirdParty),
      },
    ];
  });
};
