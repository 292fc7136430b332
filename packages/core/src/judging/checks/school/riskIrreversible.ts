import { alterationWords, cautionFor, isIrreversible, madeSo } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { keyOf, spot } from '../../remedies/index.js';

/** `risk.irreversible`: cutting, erasing, gluing and painting, with the caution, and whether the result was ever made. */
export const riskIrreversible: Check = (subject) =>
  subject.worn.flatMap((item) =>
    (item.part.alterations ?? []).flatMap((alteration, index) => {
      if (!isIrreversible(alteration)) return [];
      const made = alteration.kind === 'remove print' ? madeSo(item.variant, item.print, subject.catalogue) : null;
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
