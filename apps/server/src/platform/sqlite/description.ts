import { getMetadataArgsStorage } from './decorators.js';
import type { Reader } from './jsonColumn.js';

const COLUMN_KINDS = ['text', 'integer', 'real', 'boolean', 'simple-json'] as const;
type ColumnKind = (typeof COLUMN_KINDS)[number];

/** A column as its entity declares it. It has one name, in the table as in the row. */
export interface ColumnDescription {
  readonly name: string;
  readonly kind: ColumnKind;
  readonly isNullable: boolean;
  readonly isKey: boolean;
  /** Numbered by the database where a new row does not say. */
  readonly isNumbered: boolean;
  /** Of a JSON column only. */
  readonly read: Reader<unknown> | null;
}

/** A table as its entity declares it: the one list of its columns there is. */
export interface TableDescription {
  readonly table: string;
  /** In the order they are declared in. */
  readonly columns: readonly ColumnDescription[];
  readonly keys: readonly string[];
}

const isKind = (type: unknown): type is ColumnKind => COLUMN_KINDS.some((kind) => kind === type);
const known = new WeakMap<object, TableDescription>();

/**
 * What the decorators of an entity say, without a data source: a worker asks it as the server does.
 *
 * @throws RangeError for a class that is no entity, a column of a kind that is not kept here, and JSON without a reader
 */
export function descriptionOf(entity: new () => object): TableDescription {
  const told = known.get(entity);
  if (told) return told;
  const storage = getMetadataArgsStorage();
  const table = storage.tables.find(({ target }) => target === entity)?.name;
  if (table === undefined) throw new RangeError(`${entity.name} is no entity`);
  const isOf = (target: unknown): boolean => typeof target === 'function' && (target === entity || entity.prototype instanceof target);
  const numbered = new Set(storage.generations.flatMap(({ target, propertyName }) => (isOf(target) ? [propertyName] : [])));
  const columns = storage.columns
    .filter(({ target }) => isOf(target))
    .map(({ propertyName: name, options }): ColumnDescription => {
      const isNumbered = numbered.has(name);
      const kind = isNumbered ? 'integer' : options.type;
      if (!isKind(kind)) throw new RangeError(`${table}.${name} is of a kind that is not kept here`);
      const { transformer } = options;
      const read = transformer && !Array.isArray(transformer) ? transformer.from.bind(transformer) : null;
      if ((kind === 'simple-json') !== (read !== null)) throw new RangeError(`${table}.${name}: JSON has a reader, and nothing else has`);
      return { name, kind, isNullable: options.nullable === true, isKey: options.primary === true, isNumbered, read };
    });
  const description = { table, columns, keys: columns.filter(({ isKey }) => isKey).map(({ name }) => name) };
  known.set(entity, description);
  return description;
}
