import type { Variant } from '../../../catalogue/index.js';
import { alterationWords, cautionFor, isIrreversible, type Worn } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { keyOf, spot } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** A made variant that is what the altered piece becomes: the same mould and colours without the print that goes. */
function madeSo(item: Worn, { catalogue }: Subject): Variant | null {
  const left = new Set(item.print?.motifs.map((motif) => motif.motif));
  const same = (variant: Variant): boolean => {
    const motifs = catalogue.printOf(variant)?.motifs ?? [];
    return (
      variant.colours.every((colour, i) => colour === item.variant.colours[i]) &&
      motifs.length === (item.print?.motifs.length ?? 0) &&
      motifs.every((motif) => left.has(motif.motif))
    );
  };
  return (
    catalogue
      .variantsOf(item.mould.number)
      .find((variant) => variant.made !== undefined && variant.id !== item.variant.id && same(variant)) ?? null
  );
}

/** `risk.irreversible`: cutting, erasing, gluing and painting, with the caution, and whether the result was ever made. */
export const riskIrreversible: Check = (subject) =>
  subject.worn.flatMap((item) =>
    (item.part.alterations ?? []).flatMap((alteration, index) => {
      if (!isIrreversible(alteration)) return [];
      const made = alteration.kind === 'remove print' ? madeSo(item, subject) : null;
      const other = made ? ` It was made so since ${made.made?.from ?? ''}: ${subject.catalogue.nameOf(made)}.` : '';
      return [
        {
          check: 'risk.irreversible' as const,
          key: `${keyOf('risk.irreversible', item)}:${alteration.kind}:${alteration.what}`,
          severity: made ? ('shows' as const) : ('note' as const),
          position: item.part.position,
          region: null,
          sentence: `${item.mould.name}, ${alterationWords(alteration)}: ${cautionFor(alteration.kind)}${other}`,
          proposals: () => [
            ...(made
              ? [
                  {
                    label: `Put on ${subject.catalogue.nameOf(made)}`,
                    edits: [{ action: 'put on' as const, variant: made.id, ...spot(item) }],
                  },
                ]
              : []),
            { label: 'Leave it unaltered', edits: [{ action: 'drop alteration' as const, index, ...spot(item) }] },
          ],
        },
      ];
    }),
  );
