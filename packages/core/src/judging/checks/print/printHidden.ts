import { type Region, regionAt } from '../../../anatomy/index.js';
import type { PrintMotif } from '../../../catalogue/index.js';
import type { Worn } from '../../../figure/index.js';
import { concerns, countedWishes } from '../../likeness/index.js';
import type { Check, Proposal } from '../../marks.js';
import { keyOf, takeOff, turn } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

const LEAST_VISIBLE = 0.5;

/** What could be done about a hidden motif: turn a face that looks away, or take off what covers it. */
function uncover(item: Worn, motif: PrintMotif, { worn }: Subject): readonly Proposal[] {
  const region = regionOf(item, motif);
  if (region === 'head.back') return [turn(item, 'Turn the head round')];
  const covering = worn.filter((other) => other !== item && region !== null && (other.mould.geometry.covers?.[region] ?? 0) > 0);
  return covering.map(takeOff);
}

const regionOf = (item: Worn, motif: PrintMotif): Region | null => {
  const [zone] = motif.zones;
  return zone === undefined ? null : regionAt(item.part.position, motif.face, zone, item.part.turned);
};

/** `print.hidden`: a *must* whose motif is worn but less than half in sight. */
export const printHidden: Check = (subject) => {
  const { worn, brief, catalogue, visibility } = subject;
  const musts = countedWishes(brief).filter((feature) => feature.weight === 'must' && feature.kind === 'motif');
  return musts.flatMap((feature) => {
    const shown = worn
      .filter((item) => concerns(feature, item.part.position))
      .flatMap((item) =>
        (item.print?.motifs ?? [])
          .filter((motif) => catalogue.motifMatch(feature.target, motif.motif) === 1)
          .map((motif) => ({ item, motif, visible: visibility.ofMotif(item, motif) })),
      );
    const [best] = [...shown].sort((a, b) => b.visible - a.visible);
    if (!best || best.visible >= LEAST_VISIBLE) return [];
    return [
      {
        check: 'print.hidden' as const,
        key: `${keyOf('print.hidden', best.item)}:${feature.target}`,
        severity: 'shows' as const,
        position: best.item.part.position,
        region: regionOf(best.item, best.motif),
        sentence: `${feature.label} is a must, and only ${Math.round(best.visible * 100)} % of ${catalogue.motifName(feature.target)} is in sight.`,
        proposals: () => uncover(best.item, best.motif, subject),
      },
    ];
  });
};
