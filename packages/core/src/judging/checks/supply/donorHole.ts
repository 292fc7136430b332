import type { Variant } from '../../../catalogue/index.js';
import { donorFor, supplyMoney } from '../../../wardrobe/index.js';
import { partLikeness } from '../../likeness/index.js';
import type { Check } from '../../marks.js';
import { keyOf, NO_PROPOSALS } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** The part of the same mould that is sold and most like one that is not, with its price. */
function nearestSoldTo(lacking: Variant, { catalogue, supply }: Subject): { readonly variant: Variant; readonly minor: number } | null {
  const sold = catalogue.variantsOf(lacking.mould).flatMap((variant) => {
    const minor = supply.landedMinor(variant.id);
    return minor === null || variant.id === lacking.id ? [] : [{ variant, minor, like: partLikeness(lacking, variant, catalogue) }];
  });
  return sold.reduce<(typeof sold)[number] | null>((best, row) => (best && best.like >= row.like ? best : row), null);
}

/** What it takes to make a donor whole again. */
function whole(lacking: Variant, holeMinor: number | null, subject: Subject): string {
  if (holeMinor !== null) return `${supplyMoney(subject.supply, holeMinor)} to make it whole`;
  const near = nearestSoldTo(lacking, subject);
  return near
    ? `nobody sells another, and the nearest that is sold, ${subject.catalogue.nameOf(near.variant)}, costs ${supplyMoney(subject.supply, near.minor)}`
    : 'nobody sells another';
}

/**
 * `donor.hole`: a part that does not lie loose and comes off a donor; what the donor lacks afterwards costs. It shows where nobody sells
 * another; what can be bought again is a note.
 */
export const donorHole: Check = (subject) => {
  const { worn, supply, catalogue } = subject;
  const used = new Map<string, number>();
  return worn.flatMap((item) => {
    const { id } = item.variant;
    const before = used.get(id) ?? 0;
    used.set(id, before + 1);
    const donor = before < supply.owned(id) ? null : donorFor(supply, id);
    if (!donor) return [];
    return [
      {
        check: 'donor.hole' as const,
        key: keyOf('donor.hole', item),
        severity: donor.holeMinor === null ? ('shows' as const) : ('note' as const),
        position: item.part.position,
        region: null,
        sentence: `${catalogue.nameOf(item.variant)} comes off ${donor.donor}, which then lacks it: ${whole(item.variant, donor.holeMinor, subject)}.`,
        proposals: NO_PROPOSALS,
      },
    ];
  });
};
