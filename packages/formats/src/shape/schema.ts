import { shapeCheck, shapeFault } from './shape.js';

declare const OF: unique symbol;
/** A JSON schema with the type of what it lets through. The type is the compiler's alone. */
export interface Schema<T> {
  readonly [keyword: string]: unknown;
  readonly [OF]?: T;
}
/** A field that may be left out. */
interface Optional<T> extends Schema<T> {
  readonly $comment: 'optional';
}

/** A schema for every field of a type; one that was forgotten does not compile, nor does a wrong one. */
export type Fields<T> = {
  readonly [K in keyof T]-?: object extends Pick<T, K> ? Optional<Exclude<T[K], undefined>> : Schema<T[K]>;
};

export const text: Schema<string> = { type: 'string' };
export const whole: Schema<number> = { type: 'integer' };
export const number: Schema<number> = { type: 'number' };
export const truth: Schema<boolean> = { type: 'boolean' };
/** What its reader looks at elsewhere. */
export const anything: Schema<never> = {};

export const oneOf = <const T extends string>(values: readonly T[]): Schema<T> => ({ enum: values });
export const listOf = <T>(items: Schema<T>): Schema<readonly T[]> => ({ type: 'array', items });
export const mapOf = <T>(values: Schema<T>): Schema<Readonly<Record<string, T>>> => ({ type: 'object', additionalProperties: values });
export const orNull = <T>(schema: Schema<T>): Schema<T | null> => ({ anyOf: [schema, { type: 'null' }] });
export const optional = <T>(schema: Schema<T>): Optional<T> => ({ ...schema, $comment: 'optional' });

/** An entry with these fields. Others are let through: a newer Outfit may have written them. */
export function entryOf<T extends object>(fields: Fields<T>): Schema<T> {
  const named: readonly (readonly [string, Schema<unknown>])[] = Object.entries(fields);
  return {
    type: 'object',
    properties: fields,
    required: named.flatMap(([name, schema]) => (schema['$comment'] === 'optional' ? [] : [name])),
  };
}

/** An entry as it was kept once: what has been added to its type since may be missing, all but the fields that are named. */
export const partOf = <T extends object, K extends keyof T & string>(
  fields: Fields<T>,
  ...required: readonly K[]
): Schema<Partial<T> & Pick<T, K>> => ({ type: 'object', properties: fields, required });

/** One of several entries, told apart by the value of a field. */
export const eitherOf = <T>(...schemas: readonly Schema<T>[]): Schema<T> => ({ anyOf: schemas });
export const always = <const T extends string>(value: T): Schema<T> => ({ const: value });

/**
 * What reads JSON by a schema.
 *
 * @throws TypeError with a sentence that names the field, where it is something else
 */
export function readerOf<T>(schema: Schema<T>): (json: unknown) => T {
  const check = shapeCheck<T>(schema);
  return (json) => {
    const isOfShape = check();
    if (isOfShape(json)) return json;
    throw new TypeError(shapeFault(isOfShape.errors?.find(({ keyword }) => keyword !== 'anyOf')).sentence);
  };
}
