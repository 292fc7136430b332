import { ALTERATION_KINDS, CERTAINTIES, CONDITIONS } from '@outfit/core';
import { DEFECTS, ENTRY_KINDS, PLACE_KINDS } from '@outfit/core/wardrobe';

export const LEDGER_FORMAT = 'outfit-ledger';
export const LEDGER_VERSION = 1;

const name = { type: 'string', minLength: 1, maxLength: 500, format: 'name' } as const;
const text = { type: 'string', maxLength: 500, format: 'text' } as const;
const id = { type: 'integer', minimum: 1, maximum: Number.MAX_SAFE_INTEGER } as const;
const count = { type: 'integer', minimum: 1, maximum: 1_000_000 } as const;
const money = { type: 'integer', minimum: 0, maximum: 1_000_000_000 } as const;
const day = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}$' } as const;
const moment = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(\\.\\d{1,3})?Z$' } as const;
const orNull = (schema: object) => ({ anyOf: [schema, { type: 'null' }] });
const object = (properties: Record<string, object>, more: Record<string, object> = {}) => ({
  type: 'object',
  properties: { ...properties, ...more },
  required: Object.keys(properties),
  additionalProperties: false,
});
const rows = (items: object, maxItems: number) => ({ type: 'array', items, maxItems });

/** JSON Schema (draft 2020-12) of a whole ledger; written out to docs/formats. */
export const LEDGER_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'outfit:ledger',
  title: 'Ledger of a wardrobe',
  ...object({
    format: { const: LEDGER_FORMAT },
    version: { const: LEDGER_VERSION },
    places: rows(
      object(
        {
          id: name,
          kind: { enum: PLACE_KINDS },
          name: text,
          parent: orNull(name),
          note: text,
          dueOn: orNull(day),
          official: orNull(name),
          product: orNull(name),
          figure: orNull(name),
          keepWhole: { type: 'boolean' },
        },
        { isGone: { const: true } },
      ),
      200_000,
    ),
    lots: rows(
      object({
        id,
        variant: name,
        condition: { enum: CONDITIONS },
        defects: rows(object({ kind: { enum: DEFECTS }, note: text }), 50),
        alterations: rows(object({ kind: { enum: ALTERATION_KINDS }, what: text, note: text }), 50),
        source: orNull(name),
        certainty: { enum: CERTAINTIES },
        paidMinor: orNull(money),
        owner: text,
        dueOn: orNull(day),
        note: text,
        splitFrom: orNull(id),
        addedAt: moment,
      }),
      1_000_000,
    ),
    entries: rows(
      object({
        id,
        at: moment,
        kind: { enum: ENTRY_KINDS },
        sentence: text,
        because: text,
        undoes: orNull(id),
        broughtMinor: orNull(money),
        movements: { ...rows(object({ lot: id, quantity: count, from: name, to: name }), 200_000), minItems: 1 },
      }),
      1_000_000,
    ),
  }),
} as const;
