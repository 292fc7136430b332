import type { Catalogue, PrintMotif, Variant } from '../../../catalogue/index.js';
import { apart, type Colour, colourDifference, whyApart } from '../../../colour/index.js';
import { fillingAt, type Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Problem } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';
import { printedTogether, wornTogether } from '../../together.js';

/** Cloth that carries on must be this near in colour. */
const MOST_DELTA_E = 12;
const LEAST_VISIBLE = 0.3;

const isMeant = (torso: Variant, legs: Variant, catalogue: Catalogue): boolean =>
  printedTogether(torso, legs, catalogue) || wornTogether(torso.id, legs.id, catalogue);

/** Front motifs of a part that reach its edge towards the other. */
function atEdge(item: Worn | undefined, zones: readonly string[]): readonly PrintMotif[] {
  const front = item?.part.turned ? 'back' : 'front';
  return (item?.print?.motifs ?? []).filter((motif) => motif.face === front && motif.zones.some((zone) => zones.includes(zone)));
}

/**
 * `print.continuity`: a coat, robe or apron that begins on the torso and stops dead on the legs, or the other way round, or goes on in
 * another colour. Prints that their maker put on one figure carry on by definition.
 */
export const printContinuity: Check = (subject) => {
  const { worn, catalogue, visibility } = subject;
  const torso = worn.find((item) => item.part.position === 'torso');
  const legs = worn.find((item) => item.part.position === 'hips' || item.part.position === 'lower');
  if (!torso || !legs || visibility.of('torso.front.hem') < LEAST_VISIBLE || visibility.of('hip.front') < LEAST_VISIBLE) return [];
  if (isMeant(torso.variant, legs.variant, catalogue)) return [];
  const above = atEdge(torso, ['hem']);
  const below = atEdge(legs, ['hip']).filter((motif) => catalogue.motif(motif.motif)?.continues !== undefined);
  const marks: Problem[] = [];
  for (const motif of below) {
    const family = catalogue.motif(motif.motif)?.continues ?? '';
    const start = above.find((other) => catalogue.isMotif(other.motif, family));
    if (!start) marks.push(startsNowhere(legs, motif, family, subject));
    else {
      const mark = colourBreak(torso, legs, { above: start, below: motif }, subject);
      if (mark) marks.push(mark);
    }
  }
  for (const motif of above) {
    const runsOn = catalogue.motif(motif.motif)?.traits?.includes('runs on') ?? false;
    const carried = below.some((other) => catalogue.isMotif(motif.motif, catalogue.motif(other.motif)?.continues ?? ''));
    if (runsOn && !carried) marks.push(stopsDead(torso, legs, motif, subject));
  }
  return marks;
};

function startsNowhere(legs: Worn, motif: PrintMotif, family: string, subject: Subject): Problem {
  const { catalogue } = subject;
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', legs)}:${motif.motif}`,
    severity: 'shows',
    position: legs.part.position,
    region: 'hip.front',
    sentence: `The ${catalogue.motifName(motif.motif)} on the legs carry on nothing: the torso has no ${catalogue.motifName(family)} down to its hem.`,
    proposals: () =>
      swaps(
        subject,
        [spot(legs)],
        withAnotherPrint(legs, (variant) => !printHas(variant.print, subject, (id) => id === motif.motif)),
        legs,
      ),
  };
}

function stopsDead(torso: Worn, legs: Worn, motif: PrintMotif, subject: Subject): Problem {
  const { catalogue } = subject;
  const carriesOn = (id: string): boolean => catalogue.isMotif(motif.motif, catalogue.motif(id)?.continues ?? '');
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', torso, legs)}:${motif.motif}`,
    severity: 'shows',
    position: 'torso',
    region: 'torso.front.hem',
    sentence: `The ${catalogue.motifName(motif.motif)} begins on the torso and stops dead at the waist: ${legs.mould.name} do not carry it on.`,
    proposals: () => [
      ...swaps(
        subject,
        [spot(legs)],
        {
          mould: (mould) => fillingAt(mould, legs.part.position) !== null,
          fits: (variant) =>
            printHas(variant.print, subject, carriesOn) &&
            (isMeant(torso.variant, variant, catalogue) || goesOn(torso, motif, variant, subject)),
        },
        legs,
      ),
      ...swaps(
        subject,
        [spot(torso)],
        withAnotherPrint(torso, (variant) => !printHas(variant.print, subject, (id) => id === motif.motif)),
        torso,
      ),
    ],
  };
}

const printHas = (print: string | undefined, { catalogue }: Subject, test: (motif: string) => boolean): boolean =>
  print !== undefined && catalogue.print(print).motifs.some((motif) => test(motif.motif));

/** The colours a garment has on the torso: the plastic it is printed on, and its own. */
const clothOf = (torso: Worn, garment: PrintMotif, { catalogue }: Subject): readonly Colour[] =>
  [torso.variant.colours[0], garment.colours[0]].filter((id) => id !== undefined).map((id) => catalogue.colour(id));

/** How far a colour is from the nearest of some. */
const farFrom = (colour: Colour, cloth: readonly Colour[]): number => Math.min(...cloth.map((own) => colourDifference(own, colour)));

/** Does a garment go on, on these legs, in a colour of its own? */
function goesOn(torso: Worn, garment: PrintMotif, legs: Variant, subject: Subject): boolean {
  const { catalogue } = subject;
  const cloth = clothOf(torso, garment, subject);
  return (catalogue.printOf(legs)?.motifs ?? []).some((motif) => {
    const family = catalogue.motif(motif.motif)?.continues;
    const [first] = motif.colours;
    if (family === undefined || first === undefined || !catalogue.isMotif(garment.motif, family)) return false;
    return farFrom(catalogue.colour(first), cloth) <= MOST_DELTA_E;
  });
}

interface Garment {
  readonly above: PrintMotif;
  readonly below: PrintMotif;
}

function colourBreak(torso: Worn, legs: Worn, { above, below }: Garment, subject: Subject): Problem | null {
  const { catalogue } = subject;
  const cloth = clothOf(torso, above, subject);
  const [tails] = below.colours;
  if (tails === undefined || cloth.length === 0) return null;
  const deltaE = farFrom(catalogue.colour(tails), cloth);
  if (deltaE <= MOST_DELTA_E) return null;
  return {
    check: 'print.continuity',
    key: `${keyOf('print.continuity', torso, legs)}:colour`,
    severity: 'shows',
    position: legs.part.position,
    region: 'hip.front',
    sentence: `The ${catalogue.motifName(below.motif)} in ${catalogue.colour(tails).name} are ${apart(deltaE)} the ${catalogue.motifName(above.motif)} in ${list([...new Set(cloth.map((colour) => colour.name))])} above: it reads as another garment.`,
    why: whyApart(deltaE, MOST_DELTA_E),
    proposals: () =>
      swaps(
        subject,
        [spot(legs)],
        { mould: (mould) => fillingAt(mould, legs.part.position) !== null, fits: (variant) => goesOn(torso, above, variant, subject) },
        legs,
      ),
  };
}
