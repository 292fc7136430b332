import { type Position, positionName } from '../../../anatomy/index.js';
import { type Catalogue, type Variant } from '../../../catalogue/index.js';
import { colourDifference } from '../../../colour/index.js';
import { fillingAt, type LookEdit, wholeness, type Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Proposal } from '../../marks.js';
import type { Subject } from '../../subject.js';
import { ordinariness, wornTogether } from '../../together.js';

const PARTNER: Readonly<Partial<Record<Position, Position>>> = {
  'arm.L': 'arm.R',
  'arm.R': 'arm.L',
  'hand.L': 'hand.R',
  'hand.R': 'hand.L',
  'leg.L': 'leg.R',
  'leg.R': 'leg.L',
};

/**
 * `whole`: what a figure lacks to stand and to be built, all of it in one mark. While it is being dressed it shows; it can be neither
 * ordered nor built so. An empty look is not judged at all.
 */
export const whole: Check = (subject) => {
  const { worn, company, system } = subject;
  if (worn.length === 0) return [];
  const { lacking } = wholeness(worn, system);
  const [first] = lacking;
  if (first === undefined) return [];
  return [
    {
      check: 'whole',
      key: `whole:${lacking.join('+')}`,
      severity: company.stage === 'fitting' ? 'shows' : 'blocks',
      position: first,
      region: null,
      sentence: `It is not whole: it lacks ${list(namesOf(lacking))}.`,
      proposals: () => complete(lacking, subject),
    },
  ];
};

/** Places as a person counts them: both arms, the legs as one thing where the hips are lacking too. */
function namesOf(lacking: readonly Position[]): readonly string[] {
  const all = new Set(lacking);
  return lacking.flatMap((position): readonly string[] => {
    if (position === 'hips') return all.has('leg.L') && all.has('leg.R') ? ['legs'] : ['hips'];
    if (position.startsWith('leg.') && all.has('hips')) return [];
    const partner = PARTNER[position];
    if (partner === undefined || !all.has(partner)) return [positionName(position).toLowerCase()];
    return position.endsWith('.L') ? [`both ${position.slice(0, -2)}s`] : [];
  });
}

/** What to put into every empty place at once: what its partner is, what official figures wear with the rest, what suits the skin. */
function complete(lacking: readonly Position[], subject: Subject): readonly Proposal[] {
  const needed = lacking.filter((position) => !(lacking.includes('hips') && position.startsWith('leg.')));
  const chosen = needed.flatMap((position) => {
    const variant = bestFor(position, subject);
    return variant ? [{ position, variant }] : [];
  });
  if (chosen.length < needed.length) return [];
  const { catalogue } = subject;
  const names = [...new Set(chosen.map(({ variant }) => catalogue.nameOf(variant)))];
  return [
    {
      label: `Put on ${list(names)}`.slice(0, 190),
      edits: chosen.map(({ position, variant }): LookEdit => ({ action: 'put on', position, variant: variant.id })),
    },
  ];
}

function bestFor(position: Position, subject: Subject): Variant | null {
  const { catalogue, worn } = subject;
  const partner = worn.find((item) => item.part.position === PARTNER[position]);
  if (partner && fillingAt(partner.mould, position)) return partner.variant;
  const fitting = catalogue.data.moulds
    .filter((mould) => fillingAt(mould, position))
    .flatMap((mould) => catalogue.variantsOf(mould.number).filter((variant) => variant.made !== undefined && !mould.thirdParty));
  const score = (variant: Variant): number => suits(variant, position, worn, subject) + ordinariness(variant.id, catalogue);
  return (
    fitting.reduce<{ variant: Variant; score: number } | null>((best, variant) => {
      const own = score(variant);
      return best && best.score >= own ? best : { variant, score: own };
    }, null)?.variant ?? null
  );
}

/** How well a part suits what is worn: hands by the face, arms by the torso, anything else by what official figures join. */
function suits(variant: Variant, position: Position, worn: readonly Worn[], { catalogue, face }: Subject): number {
  const main = (item: Worn | undefined): string | undefined => item?.variant.colours[0];
  const torso = worn.find((item) => item.part.position === 'torso');
  if (position.startsWith('hand.') && face) return nearness(variant.colours[0], main(face.head), catalogue);
  if (position.startsWith('arm.') && torso) return nearness(variant.colours[0], main(torso), catalogue);
  const joined = worn.filter((item) => wornTogether(item.variant.id, variant.id, catalogue)).length;
  return joined / Math.max(1, worn.length);
}

function nearness(a: string | undefined, b: string | undefined, catalogue: Catalogue): number {
  if (a === undefined || b === undefined) return 0;
  return 1 - colourDifference(catalogue.colour(a), catalogue.colour(b)) / 100;
}
