import type { Check } from '../../marks.js';
import { keyOf, NONE } from '../../remedies/index.js';

const money = (minor: number): string => (minor / 100).toFixed(2);

/** `donor.hole`: a part that is owned only on a donor; what the donor lacks afterwards costs. */
export const donorHole: Check = ({ worn, supply, catalogue }) =>
  worn.flatMap((item) => {
    const donor = supply.owned(item.variant.id) > 0 ? null : (supply.donor?.(item.variant.id) ?? null);
    if (!donor) return [];
    return [
      {
        check: 'donor.hole' as const,
        key: keyOf('donor.hole', item),
        severity: 'shows' as const,
        position: item.part.position,
        region: null,
        sentence: `${catalogue.nameOf(item.variant)} comes off ${donor.donor}, which then lacks it: ${donor.holeMinor === null ? 'nobody sells another' : `${money(donor.holeMinor)} to make it whole`}.`,
        remedies: NONE,
      },
    ];
  });
