import { list, quote, textFault } from '@outfit/core';
import { Ajv2020, type AnySchema, type ErrorObject, type ValidateFunction } from 'ajv/dist/2020.js';

const MOST_NAME = 200;
/** Numbers of parts are made of several names. */
const MOST_PART_NAME = 500;

/** What is wrong with a key that entries are known by: it stands in addresses and file names, so it has no slashes. */
function keyFault(text: string): string | null {
  const fault = textFault(text, { most: MOST_NAME, name: true });
  if (fault !== null) return fault;
  return /[/\\]/.test(text) || text.startsWith('.') ? 'holds a slash or begins with a dot: leave it out' : null;
}

let reader: Ajv2020 | null = null;

/** The one reader of schemas. It knows our formats: `name` and `key` hold nothing hidden and nothing of the machine. */
function shapeReader(): Ajv2020 {
  if (reader) return reader;
  reader = new Ajv2020({ allErrors: true, strict: false, verbose: true });
  reader.addFormat('name', (text: string) => textFault(text, { most: MOST_PART_NAME, name: true }) === null);
  reader.addFormat('text', (text: string) => textFault(text, { least: 0, most: MOST_PART_NAME }) === null);
  reader.addFormat('key', (text: string) => keyFault(text) === null);
  return reader;
}

/** The check of one schema, made when it is first asked for: making them all takes a third of a second of every start. */
export function shapeCheck<T>(schema: AnySchema): () => ValidateFunction<T> {
  let made: ValidateFunction<T> | null = null;
  return () => (made ??= shapeReader().compile<T>(schema));
}

/** "/motifs/2/zones" as people say it: "zones of motifs 3". */
function fieldOf(path: string): string {
  const parts = path.split('/').filter((part) => part !== '');
  if (parts.length === 0) return 'This entry';
  const words: string[] = [];
  for (const part of parts) {
    if (/^\d+$/.test(part)) words.push(`${words.pop() ?? 'row'} ${Number(part) + 1}`);
    else words.push(part.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`));
  }
  const text = words.reverse().join(' of ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}

const KINDS: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  integer: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an entry with fields',
  null: 'nothing',
};

function wrongOf({ keyword, params, data }: ErrorObject): string {
  const said = quote(data);
  const { limit, allowedValues, type } = params as {
    limit?: number;
    allowedValues?: readonly unknown[];
    type?: string | readonly string[];
  };
  switch (keyword) {
    case 'type':
      return `is ${said}, where ${KINDS[[type ?? ''].flat()[0] ?? ''] ?? 'something else'} belongs`;
    case 'enum':
    case 'const':
      return `is ${said}; known are ${list((allowedValues ?? []).slice(0, 12).map(String))}`;
    case 'minLength':
      return 'is empty: write something';
    case 'maxLength':
      return `has over ${limit ?? 0} characters`;
    case 'minimum':
    case 'exclusiveMinimum':
      return `is ${said}: ${limit ?? 0} is the least${keyword === 'minimum' ? '' : ', and it is more than that'}`;
    case 'maximum':
    case 'exclusiveMaximum':
      return `is ${said}: ${limit ?? 0} is the most`;
    case 'minItems':
      return limit === 1 ? 'is empty: name at least one' : `needs at least ${limit ?? 0}`;
    case 'maxItems':
      return `has more than ${limit ?? 0}`;
    case 'uniqueItems':
      return 'names one thing twice';
    case 'format':
      return typeof data === 'string' ? (keyFault(data) ?? 'cannot be read') : 'cannot be read';
    case 'pattern':
      return `is ${said}, which is not how it is written`;
    default:
      return `is ${said}, which cannot be meant`;
  }
}

/** A fault of shape as a path and a sentence of ours. */
export function shapeFault(error: ErrorObject | undefined): { readonly path: string; readonly sentence: string } {
  if (!error) return { path: '/', sentence: 'This cannot be read.' };
  const { additionalProperty, missingProperty } = error.params as { additionalProperty?: string; missingProperty?: string };
  if (additionalProperty !== undefined)
    return {
      path: `${error.instancePath}/${additionalProperty}`,
      sentence: `${quote(additionalProperty)} is not known here: leave it out.`,
    };
  if (missingProperty !== undefined)
    return {
      path: `${error.instancePath}/${missingProperty}`,
      sentence: `${fieldOf(`${error.instancePath}/${missingProperty}`)} is missing: say it.`,
    };
  return { path: error.instancePath || '/', sentence: `${fieldOf(error.instancePath)} ${wrongOf(error)}.` };
}
