/** A thing that can be said about a shape, and what can be said of it. */
export interface Descriptor {
  readonly key: string;
  readonly name: string;
  /** Each with its words; the first is what is taken when nothing is said. */
  readonly options: readonly (readonly [value: string, words: string])[];
  /** Where it says something: only with one of these values of another descriptor. */
  readonly only?: readonly [key: string, values: readonly string[]];
}

/** Does a descriptor say anything about a shape of these values? A belt has no length. */
export const isAsked = ({ only }: Descriptor, values: Readonly<Record<string, string>>): boolean =>
  only === undefined || only[1].includes(values[only[0]] ?? '');

/** The families whose shapes are told by descriptors alone. */
export const SHAPE_FAMILIES = [
  'hair',
  'hat',
  'helmet',
  'hood',
  'mask',
  'head',
  'torso',
  'arm',
  'hand',
  'cape',
  'scarf',
  'armour',
  'pack',
  'wings',
  'beard',
  'waist',
  'skirt',
  'legs',
  'held',
  'beside',
] as const;
export type ShapeFamily = (typeof SHAPE_FAMILIES)[number];

const choice = (key: string, name: string, ...options: readonly (string | readonly [string, string])[]): Descriptor => ({
  key,
  name,
  options: options.map((option) => (typeof option === 'string' ? [option, option] : option)),
});
const only = (key: string, values: readonly string[], descriptor: Descriptor): Descriptor => ({ ...descriptor, only: [key, values] });
const yesNo = (key: string, name: string): Descriptor => choice(key, name, 'no', 'yes');

const SIZES = ['medium', 'small', 'large'] as const;

/** Things held, by their outline: each a drawn silhouette, with its length at medium size in mm and where it is gripped. */
const HELD_OUTLINES = [
  'staff',
  'oar',
  'blade',
  'axe',
  'hammer',
  'bow',
  'round shield',
  'long shield',
  'cup',
  'bottle',
  'book',
  'letter',
  'lantern',
  'bag',
  'basket',
  'tool',
  'wheel',
  'rope',
  'instrument',
  'loaf',
  'flag',
  'umbrella',
] as const;
export type HeldOutline = (typeof HELD_OUTLINES)[number];

const BESIDE_OUTLINES = [
  'dog',
  'cat',
  'goat',
  'bird',
  'fish',
  'lizard',
  'beetle',
  'plant',
  'box',
  'barrel',
  'stool',
  'boat',
  'board',
] as const;
export type BesideOutline = (typeof BESIDE_OUTLINES)[number];

/** What can be said of each family, in the order it is asked. */
export const DESCRIPTORS: Readonly<Record<ShapeFamily, readonly Descriptor[]>> = {
  hair: [
    choice('length', 'How long', ['1', 'short'], ['0', 'cropped'], ['2', 'to the chin'], ['3', 'to the shoulder'], ['4', 'down the back']),
    choice('parting', 'Parted', 'none', 'left', 'middle', 'right'),
    choice(
      'tied',
      'Tied',
      'loose',
      ['half', 'half tied'],
      'tail',
      ['side-tail', 'side tail'],
      ['two-tails', 'two tails'],
      'plait',
      ['two-plaits', 'two plaits'],
      'knot',
      ['low-knot', 'low knot'],
      ['two-knots', 'two knots'],
    ),
    choice('texture', 'Texture', 'straight', 'wavy', 'curly', 'tight'),
    choice('volume', 'Volume', ['1', 'usual'], ['0', 'flat'], ['2', 'full']),
    choice('fringe', 'Fringe', 'none', 'straight', 'side', 'swept'),
    yesNo('band', 'With a band'),
  ],
  hat: [
    choice('crown', 'Crown', 'round', 'flat', 'tall', 'pointed', 'soft', 'none'),
    choice('brim', 'Brim', 'none', 'peak', 'narrow', 'wide', ['turned-up', 'turned up']),
    yesNo('band', 'With a band'),
    yesNo('flaps', 'With ear flaps'),
    choice('hair', 'Hair under it', 'none', 'short', 'long'),
    yesNo('hole', 'With a hole for an ornament'),
  ],
  helmet: [
    choice('face', 'Face', ['open', 'open'], ['half', 'half covered'], ['full', 'covered']),
    choice('top', 'Top', 'round', 'ridged', 'pointed'),
    yesNo('guard', 'With a neck guard'),
    yesNo('crest', 'With a hole for a crest'),
  ],
  hood: [
    choice('peak', 'Top', 'round', 'pointed'),
    choice('edge', 'Edge', 'plain', ['fur', 'fur']),
    choice('shoulders', 'On the shoulders', ['collar', 'lies on them'], ['none', 'ends at the neck']),
  ],
  mask: [
    choice('covers', 'Covers', ['face', 'the face'], ['eyes', 'about the eyes'], ['mouth', 'mouth and chin']),
    only('covers', ['face', 'mouth'], choice('form', 'Form', 'plain', 'beak', ['snout', 'snout'])),
    yesNo('ears', 'With ears'),
  ],
  head: [
    choice(
      'ears',
      'Moulded ears',
      'none',
      ['side', 'at the sides'],
      ['pointed', 'pointed, on top'],
      ['round', 'round, on top'],
      ['long', 'long, on top'],
    ),
    choice('face', 'Face', ['plain', 'plain'], ['snout', 'with a snout'], ['beak', 'with a beak']),
    choice('horns', 'Horns', 'none', ['short', 'short'], ['curved', 'curved']),
  ],
  torso: [choice('build', 'Build', ['usual', 'usual'], ['slim', 'slim'], ['broad', 'broad'])],
  arm: [
    choice(
      'sleeve',
      'Sleeve',
      ['long', 'long'],
      ['short', 'short, bare below'],
      ['none', 'none, all bare'],
      ['wide', 'wide at the hand'],
      ['glove', 'glove to the elbow'],
    ),
  ],
  hand: [choice('kind', 'Kind', ['hand', 'hand'], ['glove', 'gloved, with a cuff'], ['hook', 'hook'], ['claw', 'claw'])],
  armour: [
    choice('kind', 'Kind', ['both', 'breast and shoulders'], ['breast', 'breast plate'], ['shoulders', 'shoulder plates']),
    choice('surface', 'Surface', ['smooth', 'smooth'], ['ribbed', 'ribbed'], ['scales', 'scales']),
  ],
  pack: [
    choice('kind', 'Kind', ['pack', 'pack on the back'], ['side', 'bag at the side'], ['quiver', 'quiver'], ['roll', 'roll on the back']),
    choice('size', 'Size', ...SIZES),
  ],
  wings: [
    choice('kind', 'Kind', ['feathers', 'feathers'], ['leaf', 'leaf'], ['insect', 'insect'], ['frame', 'cloth on a frame']),
    choice('span', 'Span', ...SIZES),
  ],
  waist: [
    choice('kind', 'Kind', ['belt', 'belt'], ['sash', 'sash'], ['apron', 'apron'], ['cape', 'cape from the waist']),
    only('kind', ['apron', 'cape'], choice('length', 'How long', ['2', 'to the knees'], ['1', 'above the knee'], ['3', 'to the ankle'])),
    yesNo('pouch', 'With a pouch'),
  ],
  cape: [
    choice(
      'length',
      'How long',
      ['2', 'to the hips'],
      ['0', 'to the shoulders'],
      ['1', 'to the waist'],
      ['3', 'to the knees'],
      ['4', 'to the ground'],
    ),
    choice('collar', 'Collar', 'none', 'low', 'high'),
    yesNo('split', 'Split behind'),
    choice('sides', 'Worn', ['both', 'over both shoulders'], ['one', 'over one shoulder']),
  ],
  scarf: [
    choice('kind', 'Kind', 'scarf', 'ruff', 'collar'),
    choice('ends', 'Ends', ['one', 'one hangs'], ['none', 'none hang'], ['two', 'two hang']),
  ],
  beard: [
    choice('length', 'How long', ['1', 'to the chest'], ['0', 'short'], ['2', 'to the belly']),
    choice('texture', 'Texture', 'straight', 'wavy', 'curly'),
  ],
  skirt: [
    choice('kind', 'Kind', ['skirt', 'skirt'], ['gown', 'gown, to the ground']),
    only('kind', ['skirt'], choice('length', 'How long', ['2', 'below the knee'], ['1', 'above the knee'], ['3', 'to the ankle'])),
    choice('flare', 'Flare', ['1', 'usual'], ['0', 'narrow'], ['2', 'wide']),
  ],
  legs: [
    choice(
      'kind',
      'Kind',
      ['trousers', 'hips and legs'],
      ['boots', 'in boots to the knee'],
      ['tall boots', 'in boots to the thigh'],
      ['hips', 'hips alone'],
      ['single', 'one leg'],
      ['peg', 'wooden leg'],
      ['four', 'body on four legs'],
      ['tail', 'fish tail'],
    ),
    only(
      'kind',
      ['trousers', 'boots', 'tall boots'],
      choice('length', 'How long', ['long', 'standard'], ['mid', 'mid'], ['short', 'short']),
    ),
  ],
  held: [choice('outline', 'Outline', ...HELD_OUTLINES), choice('size', 'Size', ...SIZES), yesNo('twohands', 'Takes two hands')],
  beside: [choice('outline', 'Outline', ...BESIDE_OUTLINES), choice('size', 'Size', ...SIZES)],
};

/** A shape as it is told: its family, and a value for each of its descriptors. */
export interface Shaping {
  readonly family: ShapeFamily;
  readonly values: Readonly<Record<string, string>>;
}

/** What is taken while nothing is said. */
export const plainShapingOf = (family: ShapeFamily): Shaping => ({
  family,
  values: Object.fromEntries(DESCRIPTORS[family].map(({ key, options }) => [key, options[0]?.[0] ?? ''])),
});

/**
 * A shape as the name of a silhouette.
 *
 * @example writeShaping({ family: 'skirt', values: { kind: 'skirt', length: '2', flare: '1' } }) // 'skirt: kind skirt, length 2, flare 1'
 */
export const writeShaping = ({ family, values }: Shaping): string =>
  `${family}: ${DESCRIPTORS[family].map(({ key }) => `${key} ${values[key] ?? ''}`).join(', ')}`;

/** Reads what `writeShaping` wrote; what is left out is taken as plain. Null for what names no shape, or says what cannot be said of one. */
export function readShaping(text: string): Shaping | null {
  const [head = '', tail] = text.split(': ');
  const family = SHAPE_FAMILIES.find((name) => name === head);
  if (!family || tail === undefined) return null;
  const values: Record<string, string> = { ...plainShapingOf(family).values };
  for (const word of tail.split(', ').filter(Boolean)) {
    const at = word.indexOf(' ');
    const [key, value] = [word.slice(0, at), word.slice(at + 1)];
    const descriptor = DESCRIPTORS[family].find((row) => row.key === key);
    if (!descriptor?.options.some(([option]) => option === value)) return null;
    values[key] = value;
  }
  return { family, values };
}
