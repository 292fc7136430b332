import type { Catalogue, PrintMotif } from '../../../catalogue/index.js';
import { colourDifference, readDifference } from '../../../colour/index.js';
import type { Worn } from '../../../figure/index.js';
import type { Check, Mark } from '../../marks.js';
import { keyOf, reprinted, spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** Cloth that carries on must be this near in colour. */
const MOST_DELTA_E = 12;
const LEAST_VISIBLE = 0.3;

const isOf = (motif: string, family: string, catalogue: Catalogue): boolean =>
  motif === family || catalogue.motif(motif)?.parent === family;

/** Front motifs of a part that reach its edge towards the other. */
function atEdge(item: Worn | undefined, zones: readonly string[]): readonly PrintMotif[] {
  const front = item?.part.turned ? 'back' : 'front';
  return (item?.print?.motifs ?? []).filter((motif) => motif.face === front && motif.zones.some((zone) => zones.includes(zone)));
}

/** `print.continuity`: a coat, robe or apron that begins on the torso and stops dead on the legs, or the other way round. */
export const printContinuity: Check = (subject) => {
  const { worn, catalogue, visibility } = subject;
  const torso = worn.find((item) => item.part.position === 'torso');
  const legs = worn.find((item) => item.part.position === 'hips' || item.part.position === 'lower');
  if (!torso || !legs || visibility.of('torso.front.hem') < LEAST_VISIBLE || visibility.of('hip.front') < LEAST_VISIBLE) return [];
  const above = atEdge(torso, ['hem']);
  const below = atEdge(legs, ['hip']).filter((motif) => catalogue.motif(motif.motif)?.continues !== undefined);
  const marks: Mark[] = [];
  for (const motif of below) {
    const family = catalogue.motif(motif.motif)?.continues ?? '';
    const start = above.find((other) => isOf(other.motif, family, catalogue));
    if (!start) marks.push(startsNowhere(legs, motif, family, subject));
    else {
      const mark = colourBreak(torso, legs, motif, subject);
      if (mark) marks.push(mark);
    }
  }
  for (const motif of above) {
    const runsOn = catalogue.motif(motif.motif)?.traits?.includes('runs on') ?? false;
    const carried = below.some((other) => isOf(motif.motif, catalogue.motif(other.motif)?.continues ?? '', catalogue));
    if (runsOn && !carried) marks.push(stopsDead(torso, legs, motif, subject));
  }
  return marks;
};

function startsNowhere(legs: Worn, motif: PrintMotif, family: string, subject: Subject): Mark {
  const { catalogue } = subject;
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', legs)}:${motif.motif}`,
    severity: 'shows',
    position: legs.part.position,
    region: 'hip.front',
    sentence: `The ${catalogue.motifName(motif.motif)} on the legs carry on nothing: the torso has no ${catalogue.motifName(family)} down to its hem.`,
    remedies: () =>
      swaps(
        subject,
        [spot(legs)],
        reprinted(legs, (variant) => !printHas(variant.print, subject, (id) => id === motif.motif)),
      ),
  };
}

function stopsDead(torso: Worn, legs: Worn, motif: PrintMotif, subject: Subject): Mark {
  const { catalogue } = subject;
  const carriesOn = (id: string): boolean => isOf(motif.motif, catalogue.motif(id)?.continues ?? '', catalogue);
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', torso, legs)}:${motif.motif}`,
    severity: 'shows',
    position: 'torso',
    region: 'torso.front.hem',
    sentence: `The ${catalogue.motifName(motif.motif)} begins on the torso and stops dead at the waist: ${legs.mould.name} do not carry it on.`,
    remedies: () =>
      swaps(subject, [spot(legs)], {
        mould: (mould) => mould.number === legs.mould.number,
        fits: (variant) => printHas(variant.print, subject, carriesOn),
      }),
  };
}

const printHas = (print: string | undefined, { catalogue }: Subject, test: (motif: string) => boolean): boolean =>
  print !== undefined && catalogue.print(print).motifs.some((motif) => test(motif.motif));

function colourBreak(torso: Worn, legs: Worn, motif: PrintMotif, subject: Subject): Mark | null {
  const { catalogue } = subject;
  const [cloth, tails] = [torso.variant.colours[0], motif.colours[0]];
  if (cloth === undefined || tails === undefined) return null;
  const deltaE = colourDifference(catalogue.colour(cloth), catalogue.colour(tails));
  if (deltaE <= MOST_DELTA_E) return null;
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', torso, legs)}:colour`,
    severity: 'shows',
    position: legs.part.position,
    region: 'hip.front',
    sentence: `The ${catalogue.motifName(motif.motif)} in ${catalogue.colour(tails).name} carry on a torso in ${catalogue.colour(cloth).name}: ${deltaE.toFixed(1)}, ${readDifference(deltaE)}.`,
    remedies: () =>
      swaps(subject, [spot(legs)], {
        mould: (mould) => mould.number === legs.mould.number,
        fits: (variant) =>
          variant.print !== undefined &&
          catalogue
            .print(variant.print)
            .motifs.some(
              (other) =>
                other.motif === motif.motif &&
                other.colours[0] !== undefined &&
                colourDifference(catalogue.colour(cloth), catalogue.colour(other.colours[0])) <= MOST_DELTA_E,
            ),
      }),
  };
}
