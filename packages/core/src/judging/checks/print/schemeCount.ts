import { labDifference, labOf, type Scheme, type SchemeColour, schemeOf } from '../../../colour/index.js';
import { clothColours } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { NO_PROPOSALS } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** Below this share of the whole, all that is beyond the wanted number together is a small thing. */
const LEAST_EXTRA = 0.12;
/** As much of it as whole parts are made of shows; what is only printed on others is a note. */
const LEAST_PARTS = 0.1;
/** What echoes a colour is this near to it, and at least this much of the whole. */
const ECHO_DELTA_E = 6;
const LEAST_ECHO = 0.02;

const shareOf = (clusters: Scheme['clusters']): number => clusters.reduce((all, cluster) => all + cluster.share, 0);

/** Both arms are one element, as both legs are. */
const elementOf = (position: string): string => position.replace(/\.[LR]$/, '');

/** Is a colour worn on more than one element of the figure, as far as it can be noticed? */
function isEchoed(odd: readonly SchemeColour[], { worn, visibility, catalogue }: Subject): boolean {
  const areas = worn.flatMap((item) =>
    clothColours([item], visibility, catalogue).map((row) => ({ ...row, element: elementOf(item.part.position) })),
  );
  const total = areas.reduce((all, row) => all + row.areaMm2, 0);
  const labs = odd.map(({ colour }) => labOf(colour.hex));
  const elements = new Map<string, number>();
  for (const { colour, element, areaMm2 } of areas) {
    const lab = labOf(colour.hex);
    if (labs.some((own) => labDifference(own, lab) <= ECHO_DELTA_E)) elements.set(element, (elements.get(element) ?? 0) + areaMm2);
  }
  return [...elements.values()].filter((area) => area >= total * LEAST_ECHO).length > 1;
}

/**
 * `scheme.count`: area-weighted main colours of the clothes, skin, hair and metal apart, against the brief's number; one accent is free.
 * Names the odd one. A colour that another element echoes is meant, and small ones are only noted (calculations, *Colour*).
 */
export const schemeCount: Check = (subject) => {
  const { worn, visibility, catalogue, brief } = subject;
  const { clusters, accent } = schemeOf(clothColours(worn, visibility, catalogue));
  const mains = clusters.filter((cluster) => cluster !== accent);
  const odd = mains[brief.mainColours];
  const [most] = odd?.colours ?? [];
  if (!odd || !most || isEchoed(odd.colours, subject)) return [];
  const extra = clusters.slice(brief.mainColours);
  if (shareOf(extra) < LEAST_EXTRA) return [];
  const plastics = new Set(worn.map((item) => item.variant.colours[0]));
  const ofParts = extra.filter((cluster) => cluster.colours.some(({ colour }) => plastics.has(colour.id)));
  const names = mains.map((cluster) => `${cluster.colours[0]?.colour.name ?? ''} ${Math.round(cluster.share * 100)} %`);
  return [
    {
      check: 'scheme.count',
      key: `scheme.count:${mains.map((cluster) => cluster.colours[0]?.colour.id ?? '').join('+')}`,
      severity: shareOf(ofParts) < LEAST_PARTS ? 'note' : 'shows',
      position: most.at[0] ?? 'torso',
      region: null,
      sentence: `${mains.length} main colours, ${brief.mainColours} ${brief.mainColours === 1 ? 'is' : 'are'} enough: ${list(names)}. ${most.colour.name} is the odd one, and nothing echoes it.`,
      proposals: NO_PROPOSALS,
    },
  ];
};
