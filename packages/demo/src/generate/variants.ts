import { type Mould, type Variant, variantIdOf } from '@outfit/core';
import { dice } from './dice.js';

export const FIRST_YEAR = 2012;
export const LAST_YEAR = 2025;

/** Gathers variants as the world needs them: the first year one is wanted is the first it was made. */
export class VariantBook {
  private readonly rows = new Map<string, Variant>();
  /** What people picture and nobody makes: it stays so, whatever the dice say. */
  private readonly imagined: ReadonlySet<string>;

  constructor(known: readonly Variant[]) {
    for (const variant of known) this.rows.set(variant.id, variant);
    this.imagined = new Set(known.filter((variant) => !variant.made).map((variant) => variant.id));
  }

  /** The id of a variant that was made in a year at the latest; what nobody makes comes in chestnut instead. */
  make(mould: string, wanted: readonly string[], year: number, print?: string): string {
    const colours = this.imagined.has(variantIdOf(mould, wanted, print)) ? ['chestnut', ...wanted.slice(1)] : wanted;
    const id = variantIdOf(mould, colours, print);
    const known = this.rows.get(id);
    const until = Math.min(LAST_YEAR, year + 1 + dice('until', id).below(5));
    const made = known?.made ? { from: Math.min(known.made.from, year), until: Math.max(known.made.until, until) } : { from: year, until };
    this.rows.set(id, { id, mould, colours, ...(print === undefined ? {} : { print }), made });
    return id;
  }

  get all(): readonly Variant[] {
    return [...this.rows.values()];
  }
}

const HAIR_TONES = ['raven', 'walnut', 'chestnut', 'bark', 'straw', 'ember', 'silver', 'rust', 'peat', 'frost', 'teak', 'slate'];
const TIES = ['soot', 'cochineal', 'lagoon', 'chalk', 'weld', 'madder'];
const CLOTH =
  'chalk oatmeal fog slate soot ink woad bluebell sky-wash lagoon verdigris moss fern pear weld saffron apricot brick-dust madder cochineal rose-hip petal heather damson walnut chestnut teak straw hay bark peat rust bottle storm mallow lichen'.split(
    ' ',
  );
const METAL = ['brass', 'pewter', 'copper', 'tin'];
const CLEAR = ['clear-glass', 'clear-amber', 'clear-sea', 'clear-rose'];
export const SKINS = ['almond', 'wheat', 'honey', 'clay', 'cocoa', 'umber', 'shell', 'rosewood'];

/** How many colours a family's moulds come in, and what their first, second and third colours are chosen from. */
const FAMILY_COLOURS: Readonly<Record<string, { readonly count: number; readonly from: readonly (readonly string[])[] }>> = {
  hair: { count: 6, from: [HAIR_TONES, TIES] },
  hat: { count: 5, from: [CLOTH, CLOTH, METAL] },
  helmet: { count: 4, from: [[...METAL, 'walnut', 'storm', 'madder'], ['walnut', 'soot', 'brass', 'chalk'], CLEAR] },
  'hat with hair': { count: 4, from: [CLOTH, CLOTH, HAIR_TONES] },
  hood: { count: 5, from: [CLOTH, ['oatmeal', 'chalk', 'walnut', 'fog']] },
  'add-on': { count: 4, from: [CLOTH, METAL, CLEAR] },
  hand: { count: 3, from: [METAL, ['soot', 'walnut']] },
  wrist: { count: 4, from: [[...METAL, 'soot', 'walnut']] },
  skirt: { count: 5, from: [CLOTH, ['soot', 'walnut', 'ink'], ['chalk', 'oatmeal', 'slate']] },
  'animal body': {
    count: 3,
    from: [
      ['teak', 'bark', 'oatmeal', 'lagoon', 'verdigris'],
      ['soot', 'peat', 'storm'],
      ['chalk', 'oatmeal'],
    ],
  },
  cape: { count: 5, from: [CLOTH, METAL] },
  scarf: { count: 5, from: [CLOTH, CLOTH] },
  fur: { count: 4, from: [['walnut', 'chalk', 'fog', 'soot', 'bark', 'teak']] },
  bag: { count: 4, from: [['teak', 'walnut', 'moss', 'rust', 'storm', 'bark'], METAL, ['madder', 'chalk', 'weld']] },
  armour: { count: 4, from: [[...METAL, 'soot', 'storm'], METAL] },
  waist: { count: 5, from: [['madder', 'lagoon', 'weld', 'walnut', 'soot', 'bark', 'chalk', 'damson'], METAL] },
  beard: { count: 5, from: [HAIR_TONES] },
  wings: {
    count: 3,
    from: [
      ['lichen', 'petal', 'clear-sea', 'clear-glass'],
      ['brass', 'walnut'],
    ],
  },
  held: { count: 3, from: [['walnut', 'teak', 'brass', 'pewter', 'copper', 'oatmeal'], CLOTH, ['chalk', 'madder', 'weld']] },
  foot: { count: 3, from: [['soot', 'walnut', 'slate', 'chalk', 'storm']] },
  beside: {
    count: 3,
    from: [
      ['teak', 'chalk', 'soot', 'fog', 'walnut', 'rust'],
      ['walnut', 'oatmeal', 'chalk', 'slate'],
      ['saffron', 'brass', 'madder'],
    ],
  },
  stand: { count: 3, from: [['storm', 'chalk', 'clear-glass', 'moss']] },
};

/** How many colours each silhouette of a family uses; the rest of a row is not said. */
const COLOUR_COUNT: Readonly<Record<string, number>> = {
  scarf: 2,
  ruff: 1,
  quiver: 3,
  satchel: 2,
  backpack: 2,
  medal: 2,
  beard: 1,
  sash: 1,
  belt: 2,
  'waist-cape': 2,
};
const usesTie = (mould: Mould): boolean => mould.shape.words.includes('tied') && /tail|plait/.test(mould.silhouette);

/** The everyday colours every mould comes in beside those its figures need. */
export function everydayColours(book: VariantBook, moulds: readonly Mould[]): void {
  for (const mould of moulds) {
    const row = FAMILY_COLOURS[mould.family];
    if (!row || mould.thirdParty) continue;
    const wanted = COLOUR_COUNT[mould.silhouette] ?? (mould.family === 'hair' ? (usesTie(mould) ? 2 : 1) : row.from.length);
    const roll = dice('colours', mould.number);
    for (const first of roll.some(row.from[0] ?? [], row.count)) {
      const rest = row.from.slice(1, wanted).map((choices) => roll.pick(choices));
      book.make(mould.number, [first, ...rest], FIRST_YEAR + 1 + roll.below(LAST_YEAR - FIRST_YEAR - 2));
    }
  }
}

/** Plain limbs and bodies in every cloth colour, hands and sleeves over every skin. */
export function plainBodies(book: VariantBook): void {
  for (const colour of CLOTH) {
    const roll = dice('plain', colour);
    const year = (): number => FIRST_YEAR + roll.below(9);
    book.make('AR-501', [colour], year());
    book.make('LG-701', [colour, roll.pick(['soot', 'walnut', 'ink'])], year());
    if (roll.chance(0.7)) book.make('TO-401', [colour], year());
    if (roll.chance(0.5)) book.make('LG-706', [colour, 'soot'], year());
    if (roll.chance(0.5)) book.make('LG-708', [colour, 'soot'], year());
    if (roll.chance(0.5)) book.make('HN-601', [colour], year());
    if (roll.chance(0.45)) book.make('AR-510', [colour, roll.pick(SKINS)], year());
    if (roll.chance(0.3)) book.make('AR-516', [colour, roll.pick(['soot', 'walnut', 'chalk'])], year());
    if (roll.chance(0.3)) book.make('LG-712', [colour], year());
    if (roll.chance(0.3)) book.make('LG-714', [colour, 'soot'], year());
  }
  for (const [i, colour] of ['walnut', 'storm', 'ink'].entries()) book.make('LG-718', [colour, 'teak', 'brass'], 2016 + i);
  for (const colours of [
    ['rust', 'chalk'],
    ['chalk', 'petal'],
    ['slate', 'chalk'],
  ])
    book.make('HD-140', colours, 2019);
  for (const colours of [
    ['fog', 'saffron'],
    ['bottle', 'weld'],
  ])
    book.make('HD-146', colours, 2021);
}
