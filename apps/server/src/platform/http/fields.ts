import { applyDecorators } from '@nestjs/common';
import { ApiProperty, type ApiPropertyOptions } from '@nestjs/swagger';
import { isDay, list, quote, textFault, type TextRule } from '@outfit/core';
import { Transform, Type } from 'class-transformer';
import { IsOptional, registerDecorator, ValidateIf, ValidateNested, type ValidationArguments } from 'class-validator';

/**
 * The fields of what is sent to the server, each with its words on the screen: one decorator says what it is for OpenAPI,
 * for validation, and in the sentence of a refusal. No sentence of a library reaches a person.
 */
export interface FieldOptions {
  readonly description?: string;
  /** May be left out. */
  readonly optional?: boolean;
  /** May be null, which says "not said". */
  readonly nullable?: boolean;
  /** Asked for only when the rest of what was sent says so. */
  readonly when?: (row: object) => boolean;
}

/** What is wrong with a value, as the end of a sentence that the label begins; null when nothing is. */
type Check = (value: unknown) => string | null;

function field(
  label: string,
  check: Check,
  api: ApiPropertyOptions,
  options: FieldOptions,
  ...more: PropertyDecorator[]
): PropertyDecorator {
  const said: PropertyDecorator = (target, key) =>
    registerDecorator({
      name: 'field',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (value: unknown) => check(value) === null,
        defaultMessage: (args?: ValidationArguments) =>
          `${label} ${args?.value === undefined || args.value === null ? 'is missing: say it' : (check(args.value) ?? 'cannot be read')}.`,
      },
    });
  return applyDecorators(
    ApiProperty({
      ...api,
      required: options.optional !== true && options.when === undefined,
      ...(options.nullable ? { nullable: true } : {}),
      ...(options.description === undefined ? {} : { description: options.description }),
    } as ApiPropertyOptions),
    ...presence(options),
    ...more,
    said,
  );
}

function presence({ optional, nullable, when }: FieldOptions): PropertyDecorator[] {
  if (when) return [ValidateIf((row: object) => when(row))];
  if (optional && nullable) return [IsOptional()];
  if (optional) return [ValidateIf((_: object, value: unknown) => value !== undefined)];
  return nullable ? [ValidateIf((_: object, value: unknown) => value !== null)] : [];
}

const textCheck =
  (rule: TextRule): Check =>
  (value) =>
    typeof value === 'string' ? textFault(value, rule) : 'is no text: write it as one';

/** A text; a name of something unless `lines` are allowed or `name` is false. */
export const Text = (
  label: string,
  { least = 1, most, lines, name = lines !== true, ...options }: TextRule & FieldOptions,
): PropertyDecorator =>
  field(label, textCheck({ least, most, name, ...(lines === undefined ? {} : { lines }) }), { type: String }, options);

/** The id of something, as the server gave it out. */
export const Id = (label: string, options: FieldOptions & { readonly most?: number } = {}): PropertyDecorator =>
  Text(label, { most: 200, ...options });

function numberCheck(least: number, most: number, isWhole: boolean): Check {
  return (value) => {
    const between = `give ${isWhole ? 'a whole number' : 'a number'} from ${least} to ${most}`;
    if (typeof value !== 'number' || !Number.isFinite(value)) return `is no number: ${between}`;
    return value < least || value > most || (isWhole && !Number.isInteger(value)) ? `is ${quote(value)}: ${between}` : null;
  };
}

type NumberOptions = FieldOptions & { /** Comes in an address, where everything is text. */ readonly inAddress?: boolean };
const fromAddress = ({ inAddress }: NumberOptions): PropertyDecorator[] => (inAddress ? [Type(() => Number)] : []);

export const Whole = (label: string, least: number, most: number, options: NumberOptions = {}): PropertyDecorator =>
  field(label, numberCheck(least, most, true), { type: Number, minimum: least, maximum: most }, options, ...fromAddress(options));

export const Fraction = (label: string, least: number, most: number, options: NumberOptions = {}): PropertyDecorator =>
  field(label, numberCheck(least, most, false), { type: Number, minimum: least, maximum: most }, options, ...fromAddress(options));

export const Flag = (label: string, options: FieldOptions = {}): PropertyDecorator =>
  field(label, (value) => (typeof value === 'boolean' ? null : 'is neither yes nor no: send true or false'), { type: Boolean }, options);

export const Day = (label: string, options: FieldOptions = {}): PropertyDecorator =>
  field(
    label,
    (value) => (typeof value === 'string' && isDay(value) ? null : `is ${quote(value)}, which is no day: write one such as 2026-12-24`),
    { type: String },
    options,
  );

const wordsInList = (words: readonly string[]): string => list(words.slice(0, 12)) + (words.length > 12 ? ' and others' : '');

export const OneOf = (label: string, words: readonly string[], options: FieldOptions = {}): PropertyDecorator =>
  field(
    label,
    (value) => (typeof value === 'string' && words.includes(value) ? null : `is ${quote(value)}; known are ${wordsInList(words)}`),
    { enum: [...words] },
    options,
  );

/** Some words of a list, each once. */
export const SomeOf = (label: string, words: readonly string[], options: FieldOptions = {}): PropertyDecorator =>
  field(
    label,
    (value) => {
      if (!Array.isArray(value)) return 'is no list: send one';
      const stranger = (value as unknown[]).find((word) => typeof word !== 'string' || !words.includes(word));
      if (stranger !== undefined) return `holds ${quote(stranger)}; known are ${wordsInList(words)}`;
      return twice(value as string[]);
    },
    { enum: [...words], isArray: true },
    options,
  );

const twice = (values: readonly string[]): string | null => {
  const seen = new Set<string>();
  const doubled = values.find((value) => seen.size === seen.add(value).size);
  return doubled === undefined ? null : `holds ${quote(doubled)} twice: once is enough`;
};

interface ListOptions extends FieldOptions {
  readonly least?: number;
  readonly most: number;
}

const lengthFault = (length: number, { least = 0, most }: ListOptions): string | null => {
  if (length < least) return least === 1 ? 'is empty: choose at least one' : `has ${length}, and needs at least ${least}`;
  return length > most ? `has ${length}, and at most ${most} fit` : null;
};

/** A list of texts, each once. `one`: a value given once in an address is a list of one. */
export const Texts = (
  label: string,
  { each, one, ...options }: ListOptions & { readonly each: number; readonly one?: boolean },
): PropertyDecorator =>
  field(
    label,
    (value) => {
      if (!Array.isArray(value)) return 'is no list: send one';
      const length = lengthFault(value.length, options);
      if (length !== null) return length;
      for (const text of value as unknown[]) {
        const fault = textCheck({ most: each, name: true })(text);
        if (fault !== null) return `holds ${quote(text)}, which ${fault}`;
      }
      return twice(value as string[]);
    },
    { type: [String] },
    options,
    ...(one ? [Transform(({ value }: { value: unknown }) => (value === undefined || Array.isArray(value) ? value : [value]))] : []),
  );

const isRow = (value: unknown): boolean => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list of rows of a class; each is looked at by the class's own fields. */
export const Rows = (label: string, of: () => new () => object, options: ListOptions): PropertyDecorator =>
  field(
    label,
    (value) => {
      if (!Array.isArray(value)) return 'is no list: send one';
      const length = lengthFault(value.length, options);
      if (length !== null) return length;
      const at = (value as unknown[]).findIndex((row) => !isRow(row));
      return at < 0 ? null : `holds ${quote((value as unknown[])[at])} in place ${at + 1}, which is no entry of it`;
    },
    { type: () => [of()] } as unknown as ApiPropertyOptions,
    options,
    ValidateNested({ each: true }),
    Type(of),
  );

/** One row of a class. */
export const Row = (label: string, of: () => new () => object, options: FieldOptions = {}): PropertyDecorator =>
  field(
    label,
    (value) => (isRow(value) ? null : `is ${quote(value)}: send it with its fields`),
    // The document's maker knows a type that comes later by the name of the function alone.
    { type: () => of() } as unknown as ApiPropertyOptions,
    options,
    ValidateNested(),
    Type(of),
  );

/** A document whose shape is looked at elsewhere, by its own schema. */
export const Document = (label: string, options: FieldOptions = {}): PropertyDecorator =>
  field(
    label,
    (value) => (isRow(value) ? null : `is ${quote(value)}: send it with its fields`),
    { type: 'object', additionalProperties: true } as ApiPropertyOptions,
    options,
  );

/** The number of something, at the end of an address. */
export class NumberParam {
  @Whole('Number', 0, Number.MAX_SAFE_INTEGER, { inAddress: true }) id: number;
}

/** The version that was seen of what is about to be written; refused when it is another by now. */
export class VersionQuery {
  @Whole('Version', 0, Number.MAX_SAFE_INTEGER, { optional: true, inAddress: true, description: 'The version that was seen' })
  version?: number;
}
