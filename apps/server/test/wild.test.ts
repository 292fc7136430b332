import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { Harness } from './harness.js';

interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly items?: Schema;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
}
interface Operation {
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly schema: Schema }[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema?: Schema }>> };
}
const api = JSON.parse(readFileSync(new URL('../openapi.json', import.meta.url), 'utf8')) as {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
};

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

/** Names of things that are there, so that many requests get past the first question. */
const KNOWN = [
  'marta-quill',
  'heron-crew',
  'HA-118·raven',
  'TO-401·woad·heron-jacket',
  'raven',
  'variant',
  'look',
  'figure',
  'none',
  '2026-11-25',
];
const TEXTS = fc.oneof(
  { weight: 4, arbitrary: fc.constantFrom(...KNOWN) },
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.constantFrom('', ' ', '\u0000', '\ud800', '__proto__', '=1+1', '../../etc/passwd', '%', 'x'.repeat(5000), '1e309'),
);
const NUMBERS = fc.oneof({ weight: 4, arbitrary: fc.integer({ min: 0, max: 9 }) }, fc.double(), fc.constantFrom(-1, 2 ** 53, 1e308, 0.5));

/** A value of a schema that is mostly sound: one in ten is anything at all, or is left out. */
function valueOf(schema: Schema, depth = 0): fc.Arbitrary<unknown> {
  const sound = soundOf(schema, depth);
  return fc.oneof({ weight: 9, arbitrary: sound }, { weight: 1, arbitrary: depth > 4 ? fc.constant(null) : fc.jsonValue({ maxDepth: 2 }) });
}
function soundOf(schema: Schema, depth: number): fc.Arbitrary<unknown> {
  if (schema.$ref) return soundOf(api.components.schemas[schema.$ref.split('/').at(-1) ?? ''] ?? {}, depth);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const [only] = schema.oneOf ?? schema.allOf ?? [];
  if (only) return soundOf(only, depth);
  if (schema.properties)
    return fc.record(Object.fromEntries(Object.entries(schema.properties).map(([key, part]) => [key, valueOf(part, depth + 1)])), {
      requiredKeys: depth % 2 === 0 ? Object.keys(schema.properties) : [],
    });
  if (schema.items) return depth > 4 ? fc.constant([]) : fc.array(valueOf(schema.items, depth + 1), { maxLength: 4 });
  if (schema.type === 'number' || schema.type === 'integer') return NUMBERS;
  if (schema.type === 'boolean') return fc.boolean();
  return TEXTS;
}

interface Wild {
  readonly method: string;
  readonly path: string;
  readonly body?: unknown;
}

/** A lone surrogate cannot stand in an address. */
const inAddress = (text: string): string => encodeURIComponent(text.replace(/\p{Cs}/gu, '\ufffd'));

const wild: fc.Arbitrary<Wild> = fc.oneof(
  ...Object.entries(api.paths).flatMap(([path, operations]) =>
    Object.entries(operations).map(([method, { parameters = [], requestBody }]) => {
      const json = requestBody?.content['application/json']?.schema;
      const queries = parameters.filter((parameter) => parameter.in === 'query');
      return fc
        .record({
          ids: fc.array(TEXTS, { minLength: 2, maxLength: 2 }),
          query: fc.record(Object.fromEntries(queries.map(({ name, schema }) => [name, valueOf(schema)])), { requiredKeys: [] }),
          body: json ? valueOf(json) : requestBody ? TEXTS : fc.constant(undefined),
        })
        .map(({ ids, query, body }) => {
          const rest = [...ids];
          const address = path.slice(5).replace(/\{\w+\}/g, () => inAddress(rest.pop() ?? ''));
          const asked = Object.entries(query).map(
            ([key, value]) => `${key}=${inAddress(typeof value === 'string' ? value : JSON.stringify(value))}`,
          );
          return { method: method.toUpperCase(), path: asked.length > 0 ? `${address}?${asked.join('&')}` : address, body };
        });
    }),
  ),
);

test('no request, however wild, is answered by a defect: what is refused is refused with a sentence', async () => {
  const statuses = new Map<number, number>();
  await fc.assert(
    fc.asyncProperty(wild, async ({ method, path, body }) => {
      const answer = await server.request<{ message?: string } | null>(method, path, body);
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      expect(answer.status).toBeLessThan(500);
      if (answer.status >= 400) expect(answer.body?.message).toMatch(/\S.*[.?!]$/s);
    }),
    { numRuns: Number(process.env['WILD_RUNS'] ?? 600), seed: Number(process.env['WILD_SEED'] ?? 20261125), endOnFailure: false },
  );
  // It would prove nothing if everything were refused at the door.
  expect(statuses.get(200) ?? 0).toBeGreaterThan(50);
  expect(statuses.get(400) ?? 0).toBeGreaterThan(50);
}, 120_000);
