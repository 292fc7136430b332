/** What a row of somebody else's catalogue may tell, and what their columns are likely called. */
export const FOREIGN_FIELDS = {
  name: { words: 'What it is called', likely: ['name', 'title', 'description', 'part name'] },
  number: { words: 'Its number', likely: ['number', 'no', 'id', 'code', 'sku', 'part', 'ref', 'item'] },
  mould: { words: 'The number of its mould', likely: ['mould', 'mold', 'shape', 'design', 'base'] },
  category: { words: 'What kind of part', likely: ['category', 'kind', 'type', 'family', 'group', 'class'] },
  colourName: { words: 'Its colour in words', likely: ['colour', 'color', 'colour name', 'color name', 'shade'] },
  colourHex: { words: 'Its colour as a value', likely: ['hex', 'rgb', 'value', 'colour hex', 'color code'] },
  print: { words: 'What is printed on it', likely: ['print', 'pattern', 'decoration'] },
  width: { words: 'How wide, mm', likely: ['width', 'wide', 'width mm', 'x'] },
  height: { words: 'How tall, mm', likely: ['height', 'tall', 'height mm', 'y'] },
  depth: { words: 'How deep, mm', likely: ['depth', 'deep', 'depth mm', 'z', 'length mm'] },
  weight: { words: 'How heavy, g', likely: ['weight', 'mass', 'weight g', 'grams', 'g'] },
  from: { words: 'Made from', likely: ['from', 'year', 'first', 'introduced', 'year from'] },
  until: { words: 'Made until', likely: ['until', 'to', 'last', 'retired', 'year to'] },
} as const satisfies Readonly<Record<string, { readonly words: string; readonly likely: readonly string[] }>>;

export type ForeignField = keyof typeof FOREIGN_FIELDS;
const FIELDS = Object.keys(FOREIGN_FIELDS) as ForeignField[];

/** Which column tells what; a field that no column tells is left out. */
export type ForeignMapping = Readonly<Partial<Record<ForeignField, string>>>;

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** How well a column's name says a field: 2 for its very name, 1 for a name that has the word, 0 for none. */
function fitness(header: string, field: ForeignField): number {
  const likely: readonly string[] = FOREIGN_FIELDS[field].likely;
  if (likely.includes(header)) return 2;
  const words = header.split(' ');
  return likely.some((word) => words.includes(word)) ? 1 : 0;
}

/**
 * Guesses which column tells what: by the columns' names, and by their first values where these are colours as `#RRGGBB`. No column tells
 * two things; of several the one that is named best is taken, the first of equals.
 */
export function guessMapping(headers: readonly string[], samples: readonly (readonly string[])[]): ForeignMapping {
  const taken = new Set<string>();
  const mapping: Partial<Record<ForeignField, string>> = {};
  const isHex = (column: number): boolean =>
    samples.length > 0 &&
    samples.every((row) => /^#?[0-9a-f]{6}$/i.test((row[column] ?? '').trim())) &&
    samples.some((row) => /[a-f#]/i.test(row[column] ?? ''));
  const hex = headers.find((_, column) => isHex(column));
  if (hex !== undefined) {
    mapping.colourHex = hex;
    taken.add(hex);
  }
  const pairs = FIELDS.flatMap((field) => headers.map((header) => ({ field, header, fit: fitness(plain(header), field) })));
  for (const { field, header, fit } of pairs.sort((a, b) => b.fit - a.fit)) {
    if (fit === 0 || mapping[field] !== undefined || taken.has(header)) continue;
    mapping[field] = header;
    taken.add(header);
  }
  return mapping;
}
