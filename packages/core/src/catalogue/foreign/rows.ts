import { type Colour, type Finish, labDifference, labOf } from '../../colour/index.js';
import { type Mould, type MouldGeometry, type Print, type Variant, variantIdOf } from '../entries.js';
import { measuresOf, plainShapingOf, type ShapeFamily, writeShaping } from '../shaping/index.js';
import type { ForeignField } from './fields.js';
import { type DrawnKind, placeByWords, type Placed } from './place.js';
import { type ForeignSize, placeBySize, sizeOf } from './sizes.js';

/** One row of somebody else's catalogue, by what its columns tell; with the line it stands on. */
export interface ForeignRow {
  readonly line: number;
  readonly cells: Readonly<Partial<Record<ForeignField, string>>>;
}

interface ForeignProblem {
  readonly line: number;
  readonly field: ForeignField;
  readonly value: string;
  readonly reason: string;
}

/** A kind of part that no word told, with how many moulds are of it and some of their names. */
export interface UnplacedKind {
  readonly category: string;
  readonly moulds: number;
  readonly names: readonly string[];
}

export interface ForeignCatalogue {
  readonly colours: readonly Colour[];
  readonly moulds: readonly Mould[];
  readonly prints: readonly Print[];
  readonly variants: readonly Variant[];
  /** For each variant the line it came from. */
  readonly lines: readonly number[];
  readonly problems: readonly ForeignProblem[];
  readonly unplaced: readonly UnplacedKind[];
}

/** Colours nearer than this to one that is known are that one (ΔE CIEDE2000; what people just see apart is about 2.3). */
const SAME_COLOUR = 2.3;
/** The word by which what nobody could place is found again. */
const UNPLACED = 'unplaced';
const MOST_NAMES = 5;
const [FIRST_YEAR, LAST_YEAR] = [1900, 2100];

const DRAWN: Readonly<Record<DrawnKind, Pick<Mould, 'family' | 'fills'> & { readonly geometry: MouldGeometry }>> = {
  plume: { family: 'add-on', fills: [['headgear.addon']], geometry: { massG: 0.1, fits: ['plume'] } },
  'stand-plate': { family: 'stand', fills: [['stand']], geometry: { massG: 3.5 } },
};

const plainId = (text: string): string =>
  text
    .normalize('NFKD')
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 80);

/**
 * Makes rows of our own catalogue of somebody else's: moulds told by their names and kinds, colours matched to those that are known, parts
 * of both, with the sizes that are told. What neither word nor size tells is taken for a box, marked *unplaced*, to be gone over later.
 *
 * @param known the colours there are
 * @param decided what somebody said a kind of part is, by the kind in words
 */
export function readForeignRows(
  rows: readonly ForeignRow[],
  known: readonly Colour[],
  decided: Readonly<Partial<Record<string, ShapeFamily>>> = {},
): ForeignCatalogue {
  const palette = new Palette(known);
  const moulds = new Map<string, Mould>();
  const prints = new Map<string, Print>();
  const variants = new Map<string, Variant>();
  const lines: number[] = [];
  const problems: ForeignProblem[] = [];
  const unplaced = new Map<string, { moulds: number; names: string[] }>();
  for (const { line, cells } of rows) {
    const fault = (field: ForeignField, reason: string): void => void problems.push({ line, field, value: cells[field] ?? '', reason });
    const name = (cells.name ?? '').trim();
    if (name === '') {
      fault('name', 'It has no name.');
      continue;
    }
    const colour = palette.find(cells.colourHex ?? '', cells.colourName ?? '');
    if (!colour) {
      fault(cells.colourHex === undefined ? 'colourName' : 'colourHex', 'Not a colour such as #3F628F, nor one that is known by its name.');
      continue;
    }
    const years = yearsOf(cells.from ?? '', cells.until ?? '');
    if (years === 'wrong') {
      fault('from', 'Not a year such as 2014.');
      continue;
    }
    const shapeName = withoutColour(name, cells.colourName ?? '');
    const number = plainId(cells.mould ?? '') || plainId(shapeName) || plainId(cells.number ?? '');
    if (number === '') {
      fault('name', 'Nothing to know its mould by.');
      continue;
    }
    if (!moulds.has(number)) {
      const category = (cells.category ?? '').trim();
      const size = sizesOf(cells);
      const bySize = placeBySize(size);
      const placed = placeByWords(shapeName, category, decided[category]) ?? (bySize && { shaping: bySize });
      moulds.set(number, measureAs(mouldOf(number, shapeName, placed), size));
      if (!placed) {
        const kind = unplaced.get(category) ?? { moulds: 0, names: [] };
        kind.moulds += 1;
        if (kind.names.length < MOST_NAMES) kind.names.push(shapeName);
        unplaced.set(category, kind);
      }
    }
    const printName = (cells.print ?? '').trim();
    const print = printName === '' ? undefined : plainId(printName);
    if (print !== undefined && print !== '' && !prints.has(print))
      prints.set(print, { id: print, name: printName.slice(0, 200), era: 'late', motifs: [] });
    const id = variantIdOf(number, [colour.id], print || undefined);
    if (variants.has(id)) continue;
    variants.set(id, { id, mould: number, colours: [colour.id], ...(print ? { print } : {}), ...(years ? { made: years } : {}) });
    lines.push(line);
  }
  return {
    colours: palette.added,
    moulds: [...moulds.values()],
    prints: [...prints.values()],
    variants: [...variants.values()],
    lines,
    problems,
    unplaced: [...unplaced].map(([category, kind]) => ({ category, ...kind })).sort((a, b) => b.moulds - a.moulds),
  };
}

function sizesOf({ width, height, depth, weight }: ForeignRow['cells']): ForeignSize {
  const [wide, tall, deep, massG] = [width, height, depth, weight].map((text) => (text === undefined ? undefined : sizeOf(text)));
  return {
    ...(wide === undefined ? {} : { width: wide }),
    ...(tall === undefined ? {} : { height: tall }),
    ...(deep === undefined ? {} : { depth: deep }),
    ...(massG === undefined ? {} : { massG }),
  };
}

/** A mould with the sizes that its row told in the place of those that follow from its shape. */
function measureAs(mould: Mould, { width, height, depth, massG }: ForeignSize): Mould {
  // How tall a part is counts for the figure where it stands in it; of headgear it says nothing yet about the rise.
  const stands = mould.geometry.heightMm !== undefined && height !== undefined;
  return {
    ...mould,
    ...(width !== undefined && height !== undefined && depth !== undefined ? { sizeMm: { width, height, depth } } : {}),
    geometry: { ...mould.geometry, ...(massG === undefined ? {} : { massG }), ...(stands ? { heightMm: height } : {}) },
  };
}

/** A name without the colour's in it: "Cap, red" is the mould "Cap". */
function withoutColour(name: string, colour: string): string {
  const word = colour.trim();
  if (word === '') return name;
  const at = name.toLowerCase().indexOf(word.toLowerCase());
  if (at < 0) return name;
  const rest = `${name.slice(0, at)} ${name.slice(at + word.length)}`.replace(/\s+/g, ' ').replace(/^[\s,;:()-]+|[\s,;:()-]+$/g, '');
  return rest === '' ? name : rest;
}

function yearsOf(from: string, until: string): Variant['made'] | 'wrong' | null {
  const [first, last] = [from.trim(), until.trim()];
  if (first === '' && last === '') return null;
  const read = [first === '' ? last : first, last === '' ? first : last].map(Number);
  const [a = 0, b = 0] = read;
  if (!read.every((year) => Number.isInteger(year) && year >= FIRST_YEAR && year <= LAST_YEAR)) return 'wrong';
  return { from: Math.min(a, b), until: Math.max(a, b) };
}

function mouldOf(number: string, name: string, placed: Placed | null): Mould {
  const plain = { number, name: name.slice(0, 200), nicknames: [], revision: 1, motifs: [], thirdParty: false };
  if (placed && 'drawn' in placed) {
    const { family, fills, geometry } = DRAWN[placed.drawn];
    return { ...plain, family, fills, geometry, material: 'rigid', silhouette: placed.drawn, shape: { words: [] } };
  }
  const shaping = placed?.shaping ?? { family: 'beside' as const, values: { ...plainShapingOf('beside').values, outline: 'box' } };
  const { family, fills, geometry, material, words, length, hairColour, skinColour, colourNames } = measuresOf(shaping);
  return {
    ...plain,
    family,
    fills,
    geometry,
    material,
    silhouette: writeShaping(shaping),
    shape: { words: placed ? words : [UNPLACED], ...(length === undefined ? {} : { length }) },
    // Somebody else's rows tell one colour: an index beyond it would name none.
    ...(hairColour === undefined ? {} : { hairColour: 0 }),
    ...(skinColour === undefined ? {} : { skinColour: 0 }),
    ...(colourNames === undefined ? {} : { colourNames }),
  };
}

/** The colours that are known, and those that came with the file. */
class Palette {
  readonly added: Colour[] = [];
  private readonly byHex = new Map<string, Colour>();
  private readonly byName = new Map<string, Colour>();
  private readonly ids: Set<string>;

  constructor(private readonly known: readonly Colour[]) {
    this.ids = new Set(known.map((colour) => colour.id));
    for (const colour of known) this.byName.set(colour.name.toLowerCase(), colour);
  }

  find(hexText: string, nameText: string): Colour | null {
    const name = nameText.trim();
    const match = /^#?([0-9a-f]{6})$/i.exec(hexText.trim());
    if (!match) return name === '' ? null : (this.byName.get(name.toLowerCase()) ?? null);
    const hex = `#${(match[1] ?? '').toUpperCase()}`;
    const key = `${hex} ${name.toLowerCase()}`;
    const seen = this.byHex.get(key);
    if (seen) return seen;
    const colour = this.nearest(hex, finishOf(name)) ?? this.add(hex, name);
    this.byHex.set(key, colour);
    return colour;
  }

  private nearest(hex: string, finish: Finish): Colour | null {
    const lab = labOf(hex);
    let best: { colour: Colour; deltaE: number } | null = null;
    for (const colour of [...this.known, ...this.added]) {
      if (colour.finish !== finish) continue;
      const deltaE = labDifference(lab, labOf(colour.hex));
      if (deltaE < (best?.deltaE ?? SAME_COLOUR)) best = { colour, deltaE };
    }
    return best?.colour ?? null;
  }

  private add(hex: string, name: string): Colour {
    const said = name === '' ? `colour ${hex.slice(1)}` : name;
    const base = plainId(said) || hex.slice(1).toLowerCase();
    let id = base;
    for (let n = 2; this.ids.has(id); n += 1) id = `${base}-${n}`;
    this.ids.add(id);
    const finish = finishOf(name);
    const colour: Colour = { id, name: id === base ? said : `${said} ${id.slice(base.length + 1)}`, hex, finish, kind: KINDS[finish] };
    this.added.push(colour);
    return colour;
  }
}

const KINDS = { solid: 'cloth', metallic: 'metal', clear: 'clear' } as const satisfies Partial<Record<Finish, Colour['kind']>>;
type ReadFinish = keyof typeof KINDS;

/** The finish that a colour's name tells. */
const finishOf = (name: string): ReadFinish =>
  /\b(clear|trans|transparent|glass)\b/i.test(name)
    ? 'clear'
    : /\b(metal|metallic|chrome|gold|silver|pearl)\b/i.test(name)
      ? 'metallic'
      : 'solid';
