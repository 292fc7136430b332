import type { PrintMotif } from '../../../catalogue/index.js';
import type { Worn } from '../../../figure/index.js';
import { concerns, countedWishes } from '../../likeness/index.js';
import type { Check, Problem, Severity } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

const BARELY = 0.1;
/** Motifs that tell whose part it was. */
const INSIGNIA = 'badge';

/** The person everybody knows a part from, when official figures of that one person alone wear it. */
function knownFrom(variant: string, { catalogue }: Subject): string | null {
  const people = new Set<string | undefined>();
  for (const figure of catalogue.data.officialFigures) if (figure.parts.some((part) => part.variant === variant)) people.add(figure.person);
  const [only] = people;
  return people.size === 1 && only !== undefined ? only : null;
}

function leak(item: Worn, motif: PrintMotif, severity: Severity, why: string, subject: Subject): Problem {
  const { catalogue, visibility } = subject;
  const visible = Math.round(visibility.ofMotif(item, motif) * 100);
  return {
    check: 'print.leak',
    key: `${keyOf('print.leak', item)}:${motif.motif}`,
    severity,
    position: item.part.position,
    region: null,
    sentence: `${catalogue.nameOf(item.variant)} still shows ${catalogue.motifName(motif.motif)} (${visible} % in sight): ${why}.`,
    proposals: () => [
      ...swaps(
        subject,
        [spot(item)],
        withAnotherPrint(item, (variant) => !catalogue.printOf(variant)?.motifs.some((other) => other.motif === motif.motif)),
        item,
      ),
      {
        label: `Rub off the ${catalogue.motifName(motif.motif)} (irreversible)`,
        edits: [{ action: 'alter', alteration: 'remove print', what: motif.motif, note: '', ...spot(item) }],
      },
    ],
  };
}

/** `print.leak`: an unwanted motif of a donor part still in sight; the badge of somebody else's part is noted. */
export const printLeak: Check = (subject) => {
  const { worn, brief, catalogue, visibility } = subject;
  const wishes = countedWishes(brief);
  const unwanted = wishes.filter((feature) => feature.kind === 'absence');
  const asked = wishes.filter((feature) => feature.kind === 'motif');
  return worn.flatMap((item) => {
    const inSight = (item.print?.motifs ?? []).filter((motif) => visibility.ofMotif(item, motif) > BARELY);
    const once = new Map(inSight.map((motif) => [motif.motif, motif]));
    return [...once.values()].flatMap((motif): readonly Problem[] => {
      const wish = unwanted.find(
        (feature) => concerns(feature, item.part.position) && catalogue.motifMatch(feature.target, motif.motif) === 1,
      );
      if (wish) return [leak(item, motif, 'shows', `the brief says “${wish.label}”`, subject)];
      if (!catalogue.isMotif(motif.motif, INSIGNIA)) return [];
      const owner = knownFrom(item.variant.id, subject);
      const isAsked = asked.some((feature) => catalogue.motifMatch(feature.target, motif.motif) > 0);
      return owner === null || owner === brief.name || isAsked ? [] : [leak(item, motif, 'note', `it is known from ${owner}`, subject)];
    });
  });
};
