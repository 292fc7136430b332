import { mainColourOf, nearestMade } from '../../../catalogue/index.js';
import { readDifference } from '../../../colour/index.js';
import type { Check } from '../../marks.js';
import { keyOf, spot } from '../../remedies/index.js';

/** `exists.colour`: imagined parts, with the nearest made colours. They may be tried on, but not bought or built. */
export const existsColour: Check = ({ worn, catalogue, company }) =>
  worn.flatMap((item) => {
    if (item.variant.made !== undefined) return [];
    const wanted = mainColourOf(item.variant, catalogue);
    const near = nearestMade(item.mould, wanted, catalogue, 3);
    const [first] = near;
    return [
      {
        check: 'exists.colour' as const,
        key: keyOf('exists.colour', item),
        severity: company.stage === 'fitting' ? ('note' as const) : ('blocks' as const),
        position: item.part.position,
        region: null,
        sentence: `${item.mould.name} has never been made in ${wanted.name}; ${first ? `nearest is ${first.colour.name}, ${first.deltaE.toFixed(1)}: ${readDifference(first.deltaE)}` : 'it was made in no colour at all'}.`,
        remedies: () =>
          near.map(({ variant, deltaE }) => ({
            label: `Put on ${catalogue.nameOf(variant)} (${deltaE.toFixed(1)})`,
            edits: [{ action: 'put on' as const, variant: variant.id, ...spot(item) }],
          })),
      },
    ];
  });
