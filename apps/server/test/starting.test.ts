import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { P40 } from '@outfit/core';
import SQLite from 'better-sqlite3';
import { type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderLock, openDatabase, StartRefused } from '../src/platform/db/index.js';
import { startProcess } from './harness.js';
import { SellerEntity } from '../src/market/market.entities.js';
import { SCHEMA } from '../src/schema.js';

let folder = '';
let file = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'outfit-start-'));
  file = join(folder, 'outfit.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const NOW = new Date('2026-11-25T12:00:00Z');
const open = async () => openDatabase(file, SCHEMA, NOW);
/** Why a database is not opened. */
const refusal = async (): Promise<string> => {
  try {
    (await open()).close();
  } catch (error) {
    if (error instanceof StartRefused) return error.message;
    throw error;
  }
  return 'opened';
};

describe('a database', () => {
  test('that is new, and one that is whole, are opened', async () => {
    expect(await refusal()).toBe('opened');
    expect(await refusal()).toBe('opened');
  });

  test('that is empty is not taken for a new one', async () => {
    writeFileSync(file, '');
    expect(await refusal()).toMatch(/is empty, which a workspace never is/);
  });

  test('that is none is left alone', async () => {
    writeFileSync(file, 'once upon a time there was a long story about a boat and its crew');
    expect(await refusal()).toMatch(/is no database of Outfit/);
  });

  test('of something else is left alone', async () => {
    const other = new SQLite(file);
    other.exec('CREATE TABLE recipe (id INTEGER)');
    other.close();
    expect(await refusal()).toMatch(/none of Outfit’s/);
  });

  test('that a newer Outfit wrote is left alone', async () => {
    (await open()).close();
    const newer = new SQLite(file);
    newer.prepare(`INSERT INTO migrations (timestamp, name) VALUES (1, 'Later9999999999999')`).run();
    newer.close();
    expect(await refusal()).toMatch(/was written by a newer Outfit \(its step Later9999999999999\)/);
  });

  test('that is damaged is said to be', async () => {
    const database = await open();
    await database.write(() => {
      for (let i = 0; i < 3000; i += 1)
        database.prepare('INSERT INTO colour VALUES (?, ?, ?, ?, ?, NULL)').run(`c${i}`, 'x', '#000000', 'solid', 'cloth');
    });
    database.prepare('PRAGMA wal_checkpoint(TRUNCATE)').get();
    database.close();
    const { openSync, writeSync, closeSync } = await import('node:fs');
    const descriptor = openSync(file, 'r+');
    for (let page = 3; page < 40; page += 1) writeSync(descriptor, Buffer.alloc(2048, 0xa5), 0, 2048, page * 4096);
    closeSync(descriptor);
    expect(await refusal()).toMatch(/is damaged/);
  });

  test('of an older Outfit is copied, whole and verified, before it is brought up to date', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 4) }, NOW);
    await older.write(() => older.prepare(`INSERT INTO colour VALUES ('raven', 'Raven', '#111111', 'solid', 'cloth', NULL)`).run().changes);
    older.close();
    expect(await refusal()).toBe('opened');
    const [copy] = readdirSync(folder).filter((name) => name.startsWith('outfit.before-step-5'));
    const copied = new SQLite(join(folder, copy ?? ''), { readonly: true });
    expect(copied.prepare('SELECT name FROM colour').pluck().all()).toEqual(['Raven']);
    expect(copied.prepare(`SELECT COUNT(*) FROM pragma_table_info('change') WHERE name = 'look'`).pluck().get()).toBe(1);
    copied.close();
    expect(await refusal()).toBe('opened');
    expect(readdirSync(folder).filter((name) => name.startsWith('outfit.before'))).toHaveLength(1);
  });

  test('of an older Outfit keeps the history of its looks, and what Undo means there', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 4) }, NOW);
    await older.write(() => {
      const run = (sql: string) => older.prepare(sql).run();
      run(`INSERT INTO line_up VALUES ('crew', 'Crew', 0)`);
      run(`INSERT INTO figure VALUES ('f', 'crew', 0, '', '{"name":"F"}', 'l')`);
      run(`INSERT INTO look (id, figure, place, name, parts, overrules, acceptable) VALUES ('l', 'f', 0, 'L', '[]', '[]', '["A-1"]')`);
      for (const [id, kind, refersTo] of [
        [1, 'edit', 'NULL'],
        [2, 'edit', 'NULL'],
        [3, 'undo', '2'],
      ] as const)
        // prettier-ignore
        run(`INSERT INTO change VALUES (${id}, 'now', 'l', '${kind}', 'deed ${id}', ${refersTo}, '{"acceptable":[]}', '{"words":"\\"acceptable\\":"}')`);
      run(
        `INSERT INTO catalogue_change (at, label, kind, item, before, after) VALUES ('now', 'Added raven', 'colours', 'raven', NULL, '{}')`,
      );
    });
    older.close();
    const database = await open();
    expect(database.prepare(`SELECT item, change FROM standing WHERE subject = 'look'`).all()).toEqual([{ item: 'l', change: 1 }]);
    expect(database.prepare(`SELECT item, turn, change FROM undone WHERE subject = 'look'`).all()).toEqual([
      { item: 'l', turn: 3, change: 2 },
    ]);
    // What was called acceptable is a substitute now, in the log too; what a person wrote stays as it was.
    expect(database.prepare(`SELECT substitutes FROM look`).all()).toEqual([{ substitutes: '["A-1"]' }]);
    expect(database.prepare(`SELECT before, after FROM slice WHERE change = 1`).get()).toEqual({
      before: '{"substitutes":[]}',
      after: '{"words":"\\"acceptable\\":"}',
    });
    expect(database.prepare(`SELECT label, about FROM change WHERE subject = 'catalogue'`).all()).toEqual([
      { label: 'Added raven', about: 'colours raven' },
    ]);
    database.close();
  });

  test('of an older Outfit has what yen and dinars were taken for hundredths of counted in their own least units', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 21) }, NOW);
    // What is offered need not be there to be counted.
    older.prepare('PRAGMA foreign_keys = OFF').run();
    await older.write(() => {
      for (const [id, currency] of [
        ['kite', 'JPY'],
        ['tin', 'EUR'],
        ['dune', 'KWD'],
      ])
        older
          .prepare(
            `INSERT INTO seller (id, name, kind, country, currency, days, trusted, thirdParty, minimumMinor, handlingMinor, postage, freePostageFromMinor, duty, reliability)
             VALUES (?, ?, 'shop', 'NL', ?, 4, 1, 0, 50000, 0, '[{"upToG":50,"costMinor":12000}]', NULL, '{"aboveMinor":1000,"percent":5,"feeMinor":200}', 1)`,
          )
          .run(id, id, currency);
      const offer = older.prepare(`INSERT INTO offer (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin)
        VALUES (?, ?, 'variant', 'x', 7900, 1, 1, 'used', '2026-11-01', 'imported')`);
      for (const seller of ['kite', 'tin', 'dune']) offer.run(`${seller}/x`, seller);
    });
    older.close();
    const database = await open();
    const amounts = database.prepare(
      `SELECT seller.id, minimumMinor, json_extract(postage, '$[0].costMinor') AS postage, json_extract(duty, '$.aboveMinor') AS duty, priceMinor
         FROM seller JOIN offer ON offer.seller = seller.id ORDER BY seller.id`,
    );
    expect(amounts.all()).toEqual([
      { id: 'dune', minimumMinor: 500_000, postage: 120_000, duty: 10_000, priceMinor: 79_000 },
      { id: 'kite', minimumMinor: 500, postage: 120, duty: 10, priceMinor: 79 },
      { id: 'tin', minimumMinor: 50_000, postage: 12_000, duty: 1000, priceMinor: 7900 },
    ]);
    expect(database.table(SellerEntity).find({ where: { id: 'kite' } })[0]?.postage).toEqual([{ upToG: 50, costMinor: 120 }]);
    database.close();
  });

  test('of an older Outfit has its deeds cut into slices, each with what it changed, and what stood stands', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 18) }, NOW);
    const tray = { id: 'place-9', kind: 'made', name: 'Tray', parent: null, path: 'Tray' };
    const parcel = { row: { id: 'p', state: 'sent', version: 3 }, lines: [{ id: 7, came: 0 }], claims: [] };
    const deeds: readonly (readonly [subject: string, item: string, before: unknown, after: unknown])[] = [
      ['wardrobe', 'all', {}, { places: [tray] }],
      ['wardrobe', 'all', { entry: 5, isBack: true }, { entry: 5 }],
      ['wardrobe', 'all', { consumed: { id: 'c', quantity: 7 } }, { consumed: { id: 'c', quantity: -7 } }],
      [
        ...(['wardrobe', 'all'] as const),
        { entry: 6, isBack: true, others: [parcel] },
        { entry: 6, others: [{ ...parcel, row: { ...parcel.row, state: 'arrived', version: 4 }, claims: [{ id: 2 }] }] },
      ],
      ['market', 'all', {}, { binned: ['stall'] }],
      [
        'line-up',
        'crew',
        { figures: { f: { role: '', brief: { year: 1900 } } } },
        { figures: { f: { role: 'Oar', brief: { year: 1901 } } } },
      ],
    ];
    await older.write(() => {
      const insert = older.prepare(
        `INSERT INTO change (id, at, subject, item, kind, label, undo, redo, before, after) VALUES (?, 'now', ?, ?, 'edit', 'deed', NULL, NULL, ?, ?)`,
      );
      deeds.forEach(([subject, item, before, after], i) => insert.run(i + 1, subject, item, JSON.stringify(before), JSON.stringify(after)));
    });
    older.close();
    const database = await open();
    const slices = database.prepare('SELECT change, subject, item, before, after FROM slice ORDER BY id').all() as Record<string, string>[];
    expect(
      slices.map(({ change, subject, item, before, after }) => [
        change,
        subject,
        item,
        JSON.parse(before ?? 'null'),
        JSON.parse(after ?? 'null'),
      ]),
    ).toEqual([
      [1, 'place', 'place-9', null, tray],
      [2, 'entry', '5', { stands: false }, { stands: true }],
      [3, 'consumable', 'c', { quantity: 0 }, { quantity: -7 }],
      [4, 'entry', '6', { stands: false }, { stands: true }],
      [
        4,
        'parcel',
        'p',
        { id: 'p', state: 'sent', 'line 7': { id: 7, came: 0 } },
        { id: 'p', state: 'arrived', 'line 7': { id: 7, came: 0 }, 'claim 2': { id: 2 } },
      ],
      [5, 'market', 'seller stall', { id: 'stall', isBinned: false }, { id: 'stall', isBinned: true }],
      [6, 'stance', 'f', { role: '' }, { role: 'Oar' }],
      [6, 'figure', 'f', { brief: { year: 1900 } }, { brief: { year: 1901 } }],
    ]);
    expect(database.prepare('SELECT change FROM standing ORDER BY change').pluck().all()).toEqual([1, 2, 3, 4, 5, 6]);
    database.close();
  });

  test('of an older Outfit becomes one of the toy line whose measures stood in the program', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 9) }, NOW);
    await older.write(() => older.prepare(`INSERT INTO colour VALUES ('raven', 'Raven', '#111111', 'solid', 'cloth', NULL)`).run().changes);
    older.close();
    const database = await open();
    const { id, name, detail } = database.prepare(`SELECT id, name, detail FROM toy_system`).get() as Record<string, string>;
    expect({ id, name, ...(JSON.parse(detail ?? '') as object) }).toEqual(P40);
    database.close();
  });
});

describe('owned pieces that were written down before there was a ledger', () => {
  test('are its opening entry, each in its place within places, and are listed as before', async () => {
    const older = await openDatabase(file, { ...SCHEMA, migrations: SCHEMA.migrations.slice(0, 11) }, NOW);
    await older.write(() => {
      const run = (sql: string) => older.prepare(sql).run();
      run(`INSERT INTO mould (number, name, family, revision, detail) VALUES ('HA-1', 'Hat', 'hat', 1, '{}')`);
      run(`INSERT INTO variant (id, mould, colours) VALUES ('HA-1·raven', 'HA-1', '["raven"]')`);
      for (const [quantity, place] of [
        [3, 'Cabinet > Drawer A'],
        [2, 'Cabinet'],
        [1, ''],
      ] as const)
        older
          .prepare(
            `INSERT INTO piece (variant, quantity, condition, place, note, addedAt) VALUES ('HA-1·raven', ?, 'used', ?, 'old', '2025-03-01')`,
          )
          .run(quantity, place);
    });
    older.close();
    const database = await open();
    expect(database.prepare('SELECT quantity, place, note FROM piece ORDER BY quantity').all()).toEqual([
      { quantity: 1, place: '', note: 'old' },
      { quantity: 2, place: 'Cabinet', note: 'old' },
      { quantity: 3, place: 'Cabinet › Drawer A', note: 'old' },
    ]);
    expect(database.prepare(`SELECT name, parent FROM place WHERE kind = 'made' AND id <> 'no-place' ORDER BY path`).all()).toEqual([
      { name: 'Cabinet', parent: null },
      { name: 'Drawer A', parent: 'place-1' },
    ]);
    expect(database.prepare('SELECT kind, because FROM entry').all()).toEqual([{ kind: 'counted', because: 'opening' }]);
    for (const sql of ['UPDATE movement SET quantity = 9', 'DELETE FROM movement', 'UPDATE entry SET at = 0', 'DELETE FROM entry'])
      await expect(database.write(() => database.prepare(sql).run().changes)).rejects.toMatchObject({
        message: expect.stringContaining('only added to'),
      });
    database.close();
  });
});

describe('a data folder', () => {
  test('belongs to one server at a time, and to nobody once that has ended', () => {
    const lock = FolderLock.take(folder);
    expect(() => FolderLock.take(folder)).toThrow(/another Outfit already has/);
    lock.release();
    FolderLock.take(folder).release();
  });

  test('is let go of, and the process gone, within three seconds of being asked to end, with a progress page open', async () => {
    const { process: server, base } = await startProcess(folder);
    const live = await fetch(`${base}/api/live`);
    expect(live.status).toBe(200);
    const began = performance.now();
    const code = await ended(server);
    expect(performance.now() - began).toBeLessThan(3000);
    // Nest hands the signal on once everything is closed.
    expect([0, null]).toContain(code);
    FolderLock.take(folder).release();
  }, 60_000);
});

function ended(server: ChildProcess): Promise<number | null> {
  const gone = new Promise<number | null>((resolve) => {
    server.removeAllListeners('exit');
    server.on('exit', resolve);
  });
  server.kill('SIGTERM');
  return gone;
}
