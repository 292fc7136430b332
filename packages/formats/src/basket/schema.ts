import { CONDITIONS, REASON_KINDS } from '@outfit/core';

/** JSON Schema (draft 2020-12) of the basket problem; written out to docs/formats by `npm run formats`. */
const money = { type: 'integer', minimum: 0, maximum: 1_000_000_000 } as const;
const count = { type: 'integer', minimum: 1, maximum: 1_000_000 } as const;
const name = { type: 'string', minLength: 1, maxLength: 200 } as const;
const orNull = (schema: object) => ({ anyOf: [schema, { type: 'null' }] });
const object = (properties: Record<string, object>, optional: readonly string[] = []) => ({
  type: 'object',
  properties,
  required: Object.keys(properties).filter((key) => !optional.includes(key)),
  additionalProperties: false,
});
const rows = (item: object, maxItems: number, minItems = 0) => ({ type: 'array', items: item, minItems, maxItems });
const yielded = object({ variant: name, quantity: count });

export const BASKET_PROBLEM_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'outfit:basket-problem',
  title: 'Basket problem',
  ...object(
    {
      currency: { type: 'string', pattern: '^[A-Z]{3}$' },
      needs: rows(
        object(
          {
            id: name,
            quantity: count,
            options: rows(object({ variant: name, penaltyMinor: money }), 500, 1),
            shortCostMinor: orNull(money),
            sameSeller: { type: 'boolean' },
            servesAs: name,
          },
          ['servesAs'],
        ),
        2000,
        1,
      ),
      wholes: {
        ...rows(
          object({ id: name, count, worth: count, group: name, needs: rows(object({ need: name, quantity: count }), 200, 1) }, ['group']),
          2000,
        ),
        default: [],
      },
      owned: rows(object({ variant: name, quantity: count, costMinor: money }), 50_000),
      items: rows(object({ id: name, weightG: { type: 'number', minimum: 0, maximum: 100_000 }, yields: rows(yielded, 1000, 1) }), 100_000),
      sellers: rows(
        object({
          id: name,
          country: { type: 'string', pattern: '^[A-Z]{2}$' },
          days: { type: 'integer', minimum: 0, maximum: 365 },
          trusted: { type: 'boolean' },
          thirdParty: { type: 'boolean' },
          minimumMinor: money,
          handlingMinor: money,
          postage: rows(object({ upToG: { type: 'number', exclusiveMinimum: 0, maximum: 1_000_000 }, costMinor: money }), 50, 1),
          freePostageFromMinor: orNull(money),
          duty: orNull(object({ aboveMinor: money, percent: { type: 'number', minimum: 0, maximum: 1000 }, feeMinor: money })),
        }),
        2000,
      ),
      offers: rows(
        object({
          id: name,
          seller: name,
          item: name,
          priceMinor: money,
          stock: { ...count, minimum: 0 },
          multiple: count,
          condition: { enum: [...CONDITIONS] },
        }),
        200_000,
      ),
      resale: rows(object({ variant: name, valueMinor: money, upTo: { ...count, minimum: 0 } }), 50_000),
      rules: object(
        {
          maxParcels: orNull({ type: 'integer', minimum: 0, maximum: 2000 }),
          budgetMinor: orNull(money),
          withinDays: orNull({ type: 'integer', minimum: 0, maximum: 365 }),
          condition: { enum: [...CONDITIONS] },
          trustedOnly: { type: 'boolean' },
          allowThirdParty: { type: 'boolean' },
          sellers: orNull(rows(name, 2000)),
          resaleShare: { type: 'number', minimum: 0, maximum: 1 },
          standFirst: { type: 'boolean', default: true },
          fillFirst: { type: 'boolean', default: true },
        },
        ['standFirst', 'fillFirst'],
      ),
      effort: object({ gap: { type: 'number', minimum: 0, maximum: 1 }, seconds: { type: 'number', minimum: 0.1, maximum: 600 } }),
    },
    ['wholes'],
  ),
};

const signed = { type: 'integer' } as const;
export const BASKET_PLAN_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'outfit:basket-plan',
  title: 'Basket plan',
  ...object({
    status: { enum: ['proven', 'within-gap', 'stopped', 'infeasible'] },
    costMinor: signed,
    boundMinor: signed,
    gap: { type: 'number', minimum: 0 },
    shortageMinor: { type: 'integer', minimum: 0 },
    leastShortageMinor: orNull({ type: 'integer', minimum: 0 }),
    standing: rows(object({ whole: name, quantity: count }), 2000),
    standingWorth: { type: 'integer', minimum: 0 },
    mostStandingWorth: orNull({ type: 'integer', minimum: 0 }),
    seconds: { type: 'number', minimum: 0 },
    paidMinor: money,
    parcels: rows(
      object({
        seller: name,
        goodsMinor: money,
        postageMinor: money,
        handlingMinor: money,
        dutyMinor: money,
        weightG: { type: 'number', minimum: 0 },
        lines: rows(object({ offer: name, quantity: count }), 200_000, 1),
      }),
      2000,
    ),
    fills: rows(object({ need: name, variant: name, quantity: count, from: { enum: ['owned', 'bought'] }, seller: orNull(name) }), 200_000),
    short: rows(object({ need: name, quantity: count }), 2000),
    leftovers: rows(yielded, 200_000),
    compared: object({
      cheapestEachMinor: orNull(signed),
      cheapestEachLacks: orNull({ type: 'integer', minimum: 0 }),
      fewestParcelsMinor: orNull(signed),
      curve: rows(
        object({ parcels: { type: 'integer', minimum: 0 }, costMinor: signed, besideMinor: signed, gap: { type: 'number', minimum: 0 } }),
        2000,
      ),
    }),
    // What each kind of reason tells beside its kind is told by name.
    reasons: rows({ type: 'object', properties: { kind: { enum: REASON_KINDS } }, required: ['kind'] }, 10_000),
  }),
};
