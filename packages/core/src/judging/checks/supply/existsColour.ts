import { mainColourOf, nearestMade } from '../../../catalogue/index.js';
import { apart, type Colour } from '../../../colour/index.js';
import type { Worn } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { keyOf, spot } from '../../remedies/index.js';

/** What it was never made in, and what comes nearest. */
function lackingOf(item: Worn, wanted: Colour, nearest: ReturnType<typeof nearestMade>[number] | undefined): string {
  if (!nearest) return `in ${wanted.name}, nor in any other colour`;
  const more = item.variant.print === undefined ? 'with these other colours' : 'with this print';
  if (nearest.colour.id === wanted.id) return `in ${wanted.name} ${more}`;
  return `in ${wanted.name}; the nearest it was made in is ${nearest.colour.name}, ${nearest.deltaE < 2.3 ? 'the same to the eye' : `${apart(nearest.deltaE)} it`}`;
}

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
        sentence: `${item.mould.name} has never been made ${lackingOf(item, wanted, first)}.`,
        why: near.map(({ colour, deltaE }) => `${colour.name} differs by ${deltaE.toFixed(1)}`).join(', '),
        proposals: () =>
          near.map(({ variant }) => ({
            label: `Put on ${catalogue.nameOf(variant)}`,
            edits: [{ action: 'put on' as const, variant: variant.id, ...spot(item) }],
          })),
      },
    ];
  });
