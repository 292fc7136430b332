import type { Position } from '../../../anatomy/index.js';
import type { Print } from '../../../catalogue/index.js';
import { apart, colourDifference, whyApart } from '../../../colour/index.js';
import type { Check } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps } from '../../remedies/index.js';

/** A print of less than this many zones is a patch, and may stand on the front alone. */
const LEAST_ZONES = 2;
const LEAST_DELTA_E = 12;
/** Parts whose sides are seen as much as their front. */
export const SEEN_FROM_THE_SIDE: ReadonlySet<Position> = new Set<Position>(['hips', 'lower', 'leg.L', 'leg.R', 'arm.L', 'arm.R']);

/** Is every motif of a print either a patch, or also on another face than the front? */
function goesAllRound(print: Print | null): boolean {
  const motifs = print?.motifs ?? [];
  return motifs.every(
    (motif) => motif.zones.length < LEAST_ZONES || motifs.some((other) => other.motif === motif.motif && other.face !== 'front'),
  );
}

/** `print.sides`: legs or arms printed on the front alone, on plastic of another colour, which shows from the side. */
export const printSides: Check = (subject) => {
  const { worn, catalogue } = subject;
  return worn.flatMap((item) => {
    if (!SEEN_FROM_THE_SIDE.has(item.part.position)) return [];
    const motifs = item.print?.motifs ?? [];
    const goesRound = (id: string): boolean => motifs.some((motif) => motif.motif === id && motif.face !== 'front');
    const base = catalogue.colourAt(item.variant, 0);
    const bare = motifs
      .filter((motif) => motif.face === 'front' && motif.zones.length >= LEAST_ZONES && !goesRound(motif.motif))
      .map((motif) => ({ motif, colour: catalogue.colour(motif.colours[0] ?? base.id) }))
      .map((row) => ({ ...row, deltaE: colourDifference(base, row.colour) }))
      .find((row) => row.deltaE > LEAST_DELTA_E);
    if (!bare) return [];
    return [
      {
        check: 'print.sides' as const,
        key: keyOf('print.sides', item),
        severity: 'shows' as const,
        position: item.part.position,
        region: item.part.position.startsWith('arm') ? null : ('leg.side.thigh' as const),
        sentence: `The ${catalogue.motifName(bare.motif.motif)} on ${item.mould.name} is on the front alone: from the side it stays ${base.name}, ${apart(bare.deltaE)} the ${bare.colour.name} in front.`,
        why: whyApart(bare.deltaE, LEAST_DELTA_E),
        proposals: () =>
          swaps(
            subject,
            [spot(item)],
            withAnotherPrint(item, (variant) => goesAllRound(catalogue.printOf(variant))),
            item,
          ),
      },
    ];
  });
};
