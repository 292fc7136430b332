import { regionAt } from '../../../anatomy/index.js';
import type { Catalogue } from '../../../catalogue/index.js';
import type { Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps, takeOff } from '../../remedies/index.js';
import { printedTogether } from '../../together.js';

const BELT = 'belt';
const LEAST_VISIBLE = 0.3;

/** Belts that are all printed, every two of them on one official figure: a belt drawn across the gap. */
const areMeant = (belts: readonly { readonly item: Worn }[], catalogue: Catalogue): boolean =>
  belts.every(({ item }, i) => belts.slice(i + 1).every((other) => printedTogether(item.variant, other.item.variant, catalogue)));

/** `print.belt`: belts on the torso's hem, on the hips and as a waist piece, counted as far as they can be seen. */
export const printBelt: Check = (subject) => {
  const { worn, catalogue, visibility } = subject;
  const isBelt = (motif: string): boolean => catalogue.isMotif(motif, BELT);
  const belts = worn.flatMap((item): readonly { item: Worn; name: string }[] => {
    const worn3d = item.part.position === 'waist' ? item.mould.motifs.find(isBelt) : undefined;
    if (worn3d !== undefined) return [{ item, name: item.mould.name }];
    const printed = (item.print?.motifs ?? []).find(
      (motif) =>
        isBelt(motif.motif) &&
        motif.zones.some((zone) => {
          const region = regionAt(item.part.position, motif.face, zone, item.part.turned);
          return region !== null && !region.includes('back') && visibility.of(region) >= LEAST_VISIBLE;
        }),
    );
    return printed ? [{ item, name: `${catalogue.motifName(printed.motif)} on ${item.mould.name}` }] : [];
  });
  const [first, ...more] = belts;
  if (!first || more.length === 0 || areMeant(belts, catalogue)) return [];
  return [
    {
      check: 'print.belt',
      key: keyOf('print.belt', ...belts.map(({ item }) => item)),
      severity: 'shows',
      position: more[0]?.item.part.position ?? 'waist',
      region: 'torso.front.hem',
      sentence: `${belts.length} belts, one on the other: ${list(belts.map(({ name }) => name))}.`,
      proposals: () =>
        belts.flatMap(({ item }) =>
          item.part.position === 'waist'
            ? [takeOff(item)]
            : swaps(
                subject,
                [spot(item)],
                withAnotherPrint(item, (variant) => !catalogue.printOf(variant)?.motifs.some((motif) => isBelt(motif.motif))),
                item,
              ),
        ),
    },
  ];
};
