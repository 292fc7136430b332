import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Database } from '../src/platform/db/index.js';
import { Column, descriptionOf, Entity, PrimaryColumn, UnreadableRow } from '../src/platform/sqlite/index.js';
import { FigureEntity } from '../src/figures/record/figures.entities.js';
import { PieceEntity, RunEntity } from '../src/wardrobe/wardrobe.entities.js';
import { SCHEMA } from '../src/schema.js';
import { Harness } from './harness.js';

let server: Harness;
let database: Database;
beforeAll(async () => {
  server = await Harness.start();
  database = server.app.get(Database);
});
afterAll(() => server.stop());

interface TableColumn {
  readonly name: string;
  readonly type: string;
  readonly notnull: number;
  readonly pk: number;
}
const inTable = (table: string) => database.prepare<TableColumn>(`SELECT name, type, "notnull", pk FROM pragma_table_info(?)`).all(table);
const KINDS = { text: 'TEXT', integer: 'INTEGER', real: 'REAL', boolean: 'INTEGER', 'simple-json': 'TEXT' } as const;
const byName = (a: { name: string }, b: { name: string }): number => (a.name < b.name ? -1 : 1);

describe('every table has one description', () => {
  const entities = SCHEMA.entities as (new () => object)[];

  test.each(entities.map((entity) => [descriptionOf(entity).table, entity] as const))('%s is as its entity says', (table, entity) => {
    const told = descriptionOf(entity).columns.map(({ name, kind, isKey, isNullable }) => ({ name, type: KINDS[kind], isKey, isNullable }));
    const kept = inTable(table).map(({ name, type, notnull, pk }) => ({
      name,
      type,
      isKey: pk > 0,
      isNullable: notnull === 0 && pk === 0,
    }));
    // Views know neither keys nor what is always there.
    const isView = entity === RunEntity || entity === PieceEntity;
    const plain = <T extends { name: string; type: string }>(rows: readonly T[]) =>
      isView ? rows.map(({ name, type }) => ({ name, type })) : rows;
    expect([...plain(told)].sort(byName)).toEqual([...plain(kept)].sort(byName));
  });

  test('no table of the workspace is without one, but those that only help to search or count', () => {
    const known = new Set(entities.map((entity) => descriptionOf(entity).table));
    const tables = database
      .prepare<string>(
        `SELECT name FROM pragma_table_list WHERE schema = 'main' AND type IN ('table', 'view') AND name NOT LIKE 'sqlite_%'`,
      )
      .pluck()
      .all();
    expect(tables.filter((name) => !known.has(name))).toEqual(['migrations']);
  });

  test('JSON without a reader, and a column of a kind that is not kept, are refused when they are first asked for', () => {
    @Entity('a_table')
    class Unread {
      @PrimaryColumn('text') id: string;
      @Column('simple-json') parts: readonly string[];
    }
    @Entity('another')
    class Odd {
      @PrimaryColumn('datetime') id: string;
    }
    expect(() => descriptionOf(Unread)).toThrow('a_table.parts: JSON has a reader');
    expect(() => descriptionOf(Odd)).toThrow('another.id is of a kind that is not kept here');
    expect(() => descriptionOf(class Stranger {})).toThrow('Stranger is no entity');
  });
});

describe('a column that cannot be read', () => {
  const spoilt = async (brief: string): Promise<string> => {
    const { id } = database.table(FigureEntity).find({ take: 1 })[0] ?? { id: '' };
    const before = database.prepare<string>('SELECT brief FROM figure WHERE id = ?').pluck().get(id);
    await database.write(() => database.prepare('UPDATE figure SET brief = ? WHERE id = ?').run(brief, id).changes);
    try {
      const { status, body } = await server.get<{ message: string }>(`figures/${id}`);
      expect(status).toBe(409);
      return body.message;
    } finally {
      await database.write(() => database.prepare('UPDATE figure SET brief = ? WHERE id = ?').run(before, id).changes);
    }
  };

  test('is a sentence that names its table, its key and what is wrong with it', async () => {
    const { id } = database.table(FigureEntity).find({ take: 1 })[0] ?? { id: '' };
    expect(await spoilt('{')).toContain(`“brief” of figure ${id} cannot be read`);
    expect(await spoilt('{"name":7}')).toContain('Name is “7”, where a text belongs.');
    expect(await spoilt('{"name":"Miller","copies":"two"}')).toContain('Copies is “two”, where a whole number belongs.');
  });

  test('is one in documents of the history too', () => {
    const table = database.table(FigureEntity);
    expect(() => table.rowOf({ id: 'a', role: 3 })).toThrow(UnreadableRow);
    expect(() => table.rowOf({ id: 'a', lineUp: null })).toThrow('“lineUp” of figure a cannot be read: nothing is there.');
    // Of old, JSON lay in the history as text. What the table has no column for is left out, and what is not said stays as it was.
    expect(table.rowOf({ id: 'a', free: '["year"]', elsewhere: 1 })).toEqual({ id: 'a', free: ['year'] });
  });
});

test('rows are written inside a unit of work, and nowhere else', async () => {
  const table = database.table(FigureEntity);
  const [first] = table.find({ take: 1 });
  expect(() => table.update({ id: first?.id ?? '' }, { role: 'out' })).toThrow('inside a unit of work only');
  expect(() => table.insert({ id: 'new' })).toThrow('inside a unit of work only');
  expect(await database.write(() => table.update({ id: first?.id ?? '' }, { role: first?.role ?? '' }))).toBe(1);
});

test('many rows are changed by their keys, whatever columns each tells; the others stay', async () => {
  const table = database.table(FigureEntity);
  const [first, second] = table.find({ take: 2 });
  const changed = await database.write(() => {
    table.updateAll([
      { id: first?.id ?? '', role: 'bow' },
      { id: second?.id ?? '', role: 'stern', faction: 'f-1' },
      { id: 'nobody', role: 'none' },
    ]);
    const found = table.find({ where: { id: [first?.id ?? '', second?.id ?? ''] } });
    table.updateAll([first, second].flatMap((row) => (row ? [row] : [])));
    return found;
  });
  const by = new Map(changed.map((row) => [row.id, row]));
  expect(by.get(first?.id ?? '')).toEqual({ ...first, role: 'bow' });
  expect(by.get(second?.id ?? '')).toEqual({ ...second, role: 'stern', faction: 'f-1' });
  expect(table.has({ id: 'nobody' })).toBe(false);
});
