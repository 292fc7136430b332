import type { Catalogue } from '../catalogue/index.js';
import { type Alteration, type AlterationKind, brittleness, madeSo, printAfter } from '../figure/index.js';
import type { BodyPart } from './joints.js';
import type { BenchStep, Caution } from './pieces.js';

/** What is known beside the catalogue when it is said what to mind. */
export interface BenchWorth {
  /** What a part costs today, in minor units; null when nobody sells it. */
  priceMinor(variant: string): number | null;
  /** From which price on a part is dear. */
  readonly dearFromMinor: number;
  /** An amount as it is read. */
  money(minor: number): string;
}

const about = (id: string, title: string, text: string): Caution => ({ id, title, text, variant: null });

/**
 * What the work itself asks to mind: plain, before the step, and leaving the last word to the product's own sheet, to local rules and, for
 * children, to an adult. They tell no doses and no recipes.
 */
const WORK = {
  small: about('small', 'Small parts', 'A child under three can choke on them. Work over a tray and away from small children and pets.'),
  pin: about(
    'pin',
    'A pin is pressed out',
    'Press straight, with the leg held still. When it does not give, stop: forced, the hip tears. Never lever against the plastic.',
  ),
  clamp: about(
    'cut',
    'Cutting, filing, drilling',
    'Hold the piece in a clamp, not in the hand. Cut away from yourself and wear glasses. A child does this only with an adult. What is cut stays cut.',
  ),
  rub: about(
    'rub',
    'Rubbing print off',
    'Open a window and wear gloves. Read the sheet of what you use and keep to it. Try it first where nobody sees it. Print does not come back.',
  ),
  glue: about(
    'glue',
    'Glue',
    'Good air, gloves, nothing near eyes or flames. Read what its maker says. A child does this only with an adult. A glued joint does not open again.',
  ),
  paint: about(
    'paint',
    'Paint and thinner',
    'Good air, gloves, a covered table. Read what the maker says and your local rules for what is left over. Try it first where nobody sees it; it cannot be undone.',
  ),
  heat: about(
    'heat',
    'Warm plastic',
    'Warm a tight joint in the hand. No flame, no oven, no boiling water: plastic gives off fumes and skin burns sooner than plastic bends.',
  ),
  sticker: about('sticker', 'Stickers', 'A sticker lifts with age and may take print with it. Try one where nobody sees it.'),
} as const;

/** Every caution of the work, for the page that gathers them. */
export const WORK_CAUTIONS: readonly Caution[] = Object.values(WORK);

const FOR_ALTERATION: Readonly<Record<AlterationKind, Caution>> = {
  'remove print': WORK.rub,
  cut: WORK.clamp,
  glue: WORK.glue,
  paint: WORK.paint,
  sticker: WORK.sticker,
};

/** What to mind before pieces are altered; where the altered piece was once made so, that is said. */
export function alteringCautions(variant: string, alteration: Alteration, catalogue: Catalogue): readonly Caution[] {
  const own = catalogue.variant(variant);
  const made = alteration.kind === 'remove print' ? madeSo(own, printAfter(catalogue.printOf(own) ?? null, [alteration]), catalogue) : null;
  const instead: readonly Caution[] = made
    ? [
        {
          id: `made ${variant}`,
          title: 'It was made so',
          text: `${catalogue.nameOf(made)} was made unaltered${made.made ? ` from ${made.made.from}` : ''}: this piece could stay as it is.`,
          variant,
        },
      ]
    : [];
  return [FOR_ALTERATION[alteration.kind], ...instead];
}

/** What to mind before parts are taken off or put on something: what is brittle, what is dear, a pin, a tight joint. */
export function joiningCautions(
  kind: 'take apart' | 'build',
  part: BodyPart,
  seat: BodyPart | null,
  catalogue: Catalogue,
  worth: BenchWorth,
): readonly Caution[] {
  const isLimb = /^(arm|hand|wrist)\./.test(part.position);
  const cautions: Caution[] = [];
  if (isLimb && seat) cautions.push(...brittle(seat, catalogue, worth));
  if (part.position === 'torso' && kind === 'build') cautions.push(...brittle(part, catalogue, worth));
  const price = worth.priceMinor(part.variant);
  if (price !== null && price >= worth.dearFromMinor)
    cautions.push({
      id: `dear ${part.variant}`,
      title: 'A dear piece',
      text: `${catalogue.nameOf(catalogue.variant(part.variant))} costs ${worth.money(price)} today. Over the tray, and no force.`,
      variant: part.variant,
    });
  if (part.position.startsWith('leg.') && kind === 'take apart') cautions.push(WORK.pin);
  if (isLimb && kind === 'take apart') cautions.push(WORK.heat);
  return cautions;
}

function brittle({ variant: id }: BodyPart, catalogue: Catalogue, worth: BenchWorth): readonly Caution[] {
  const variant = catalogue.variant(id);
  const mould = catalogue.mouldOf(variant);
  const sure = brittleness(variant, mould);
  if (sure === null) return [];
  const price = worth.priceMinor(id);
  const costs = price === null ? 'Nobody sells another today.' : `Another costs ${worth.money(price)} today.`;
  return [
    {
      id: `brittle ${id}`,
      title: 'It may crack',
      text: `${catalogue.nameOf(variant)} ${sure} from before ${mould.brittleBefore ?? ''}, when this mould cracked at the armhole. ${costs} Leave the arms on where you can.`,
      variant: id,
    },
  ];
}

/** Each caution before the first step it is due at, and not again; the first step of all says what holds for all. */
export function eachOnce(steps: readonly BenchStep[], told: ReadonlySet<string> = new Set()): readonly BenchStep[] {
  const known = new Set(told);
  return steps.map((step, i) => {
    const cautions = (i === 0 ? [WORK.small, ...step.cautions] : step.cautions).filter(({ id }) => !known.has(id) && known.add(id));
    return { ...step, cautions };
  });
}
