import {
  AGE_BANDS,
  COLOUR_KINDS,
  FINISHES,
  SKIN_SCHOOLS,
  CATALOGUE_KINDS,
  CERTAINTIES,
  GRIPS,
  MATERIALS,
  MOOD_NAMES,
  MOTIF_TRAITS,
  POSITIONS,
  SOURCE_KINDS,
  SYSTEM_MEASURES,
  YIELD_KINDS,
  ZONES,
} from '@outfit/core';

/** JSON Schema (draft 2020-12) of the catalogue archive; written out to docs/formats by `npm run formats`. */
const name = { type: 'string', minLength: 1, maxLength: 200, format: 'name' } as const;
/** What an entry is known by. */
const key = { ...name, format: 'key' } as const;
const mm = { type: 'number', minimum: 0, maximum: 500 } as const;
const size = { type: 'number', exclusiveMinimum: 0, maximum: 500 } as const;
const count = { type: 'integer', minimum: 1, maximum: 100_000 } as const;
const oneOf = (values: readonly string[]) => ({ enum: values });
const list = (items: object, maxItems: number, minItems = 0) => ({ type: 'array', items, minItems, maxItems });
const names = list(name, 100);
const object = (required: Record<string, object>, more: Record<string, object> = {}) => ({
  type: 'object',
  properties: { ...required, ...more },
  required: Object.keys(required),
  additionalProperties: false,
});
const year = { type: 'integer', minimum: 1900, maximum: 2100 } as const;
const part = object(
  { position: oneOf(POSITIONS), variant: name, turned: { type: 'boolean' } },
  { place: { type: 'integer', minimum: 1, maximum: 11 } },
);

const SYSTEM = object({
  id: key,
  name,
  positions: list(oneOf(POSITIONS), POSITIONS.length, 1),
  needs: list(oneOf(POSITIONS), POSITIONS.length),
  bandHeightMm: object(Object.fromEntries(AGE_BANDS.map((band) => [band, size]))),
  bandsByAge: list(object({ band: oneOf(AGE_BANDS), upTo: { type: 'integer', minimum: 0, maximum: 1000 } }), AGE_BANDS.length),
  riskFromMinor: { type: 'integer', minimum: 0, maximum: 100_000_000 },
  ...Object.fromEntries(SYSTEM_MEASURES.map(([measure, , minimum, maximum]) => [measure, { type: 'number', minimum, maximum }])),
});
const COLOUR = object(
  {
    id: key,
    name,
    hex: { type: 'string', pattern: '^#[0-9A-Fa-f]{6}$' },
    finish: oneOf(FINISHES),
    kind: oneOf(COLOUR_KINDS),
  },
  { skinSchool: oneOf(SKIN_SCHOOLS) },
);
const GEOMETRY = object(
  { massG: { type: 'number', exclusiveMinimum: 0, maximum: 1000 } },
  {
    heightMm: mm,
    riseMm: mm,
    thicknessMm: mm,
    centreHeightMm: mm,
    backDropMm: mm,
    backDepthMm: mm,
    collarRiseMm: mm,
    grip: oneOf(GRIPS),
    twoHanded: { type: 'boolean' },
    holes: names,
    fits: names,
    covers: { type: 'object', additionalProperties: { type: 'number', minimum: 0, maximum: 1 }, maxProperties: 60 },
  },
);
/** What `readOutline` writes, and nothing else: absolute paths of lines and curves. */
const PATHS = list(
  object({
    d: { type: 'string', minLength: 5, maxLength: 60_000, pattern: '^M[MLCQZ0-9., -]+$' },
    colour: { type: 'integer', minimum: 0, maximum: 2 },
  }),
  200,
  1,
);
/** An outline of a person's own, as a mould holds it. */
export const OWN_OUTLINE = object({ liftMm: { type: 'number', minimum: -100, maximum: 100 }, front: PATHS }, { back: PATHS, side: PATHS });

const MOULD = object(
  {
    number: key,
    name,
    nicknames: names,
    family: name,
    revision: { type: 'integer', minimum: 1, maximum: 99 },
    material: oneOf(MATERIALS),
    silhouette: name,
    fills: list(list(oneOf(POSITIONS), 10, 1), 10, 1),
    geometry: GEOMETRY,
    shape: object({ words: names }, { length: { type: 'integer', minimum: 0, maximum: 4 } }),
    motifs: names,
    thirdParty: { type: 'boolean' },
  },
  {
    revisionNote: name,
    outline: OWN_OUTLINE,
    sizeMm: object({ width: size, height: size, depth: size }),
    colourNames: list(name, 3),
    hairColour: { type: 'integer', minimum: 0, maximum: 2 },
    skinColour: { type: 'integer', minimum: 0, maximum: 2 },
    brittleBefore: year,
  },
);
const PRINT = object(
  {
    id: key,
    name,
    era: oneOf(['early', 'late']),
    motifs: list(
      object({ motif: name, face: oneOf(['front', 'back', 'side']), zones: list(oneOf(ZONES), 14, 1), colours: list(name, 3) }),
      60,
    ),
  },
  { mood: oneOf(MOOD_NAMES), secondMood: oneOf(MOOD_NAMES) },
);
const VARIANT = object(
  { id: { type: 'string', minLength: 1, maxLength: 500, format: 'name' }, mould: name, colours: list(name, 3, 1) },
  { print: name, made: object({ from: year, until: year }), mergedInto: { type: 'string', minLength: 1, maxLength: 500 } },
);
const SOURCE = object(
  {
    id: key,
    name,
    kind: oneOf(SOURCE_KINDS),
    range: { type: 'string', maxLength: 200, format: 'text' },
    year,
    yields: list(
      object({
        kind: oneOf(YIELD_KINDS),
        item: { type: 'string', minLength: 1, maxLength: 500 },
        quantity: count,
        certainty: oneOf(CERTAINTIES),
      }),
      1000,
    ),
  },
  { printRun: object({ copies: { type: 'integer', minimum: 1, maximum: 1_000_000_000 }, certainty: oneOf(CERTAINTIES) }) },
);

/** The schema of one row of each kind. */
export const ROW_SCHEMAS = {
  systems: SYSTEM,
  colours: COLOUR,
  motifs: object({ id: key, name }, { parent: name, continues: name, traits: list(oneOf(MOTIF_TRAITS), 2) }),
  moulds: MOULD,
  prints: PRINT,
  variants: VARIANT,
  bundles: object({ id: key, name, parts: list(object({ variant: name, quantity: count }), 1000, 1) }),
  officialFigures: object({ id: key, name, parts: list(part, 100, 1) }, { person: name }),
  sources: SOURCE,
} as const;

export const ARCHIVE_FORMAT = 'outfit-catalogue';
export const ARCHIVE_VERSION = 1;

export const CATALOGUE_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'outfit:catalogue',
  title: 'Catalogue archive',
  ...object(
    { format: { const: ARCHIVE_FORMAT }, version: { const: ARCHIVE_VERSION } },
    Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, list(ROW_SCHEMAS[kind], 200_000)])),
  ),
};
