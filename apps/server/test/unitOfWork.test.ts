import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { undoState, type ChangeRow } from '@outfit/core';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type LookDto } from '../src/figures/record/looks.dto.js';
import { type ImportJobDto } from '../src/catalogue/files/importReport.js';
import { CatalogueEditor } from '../src/catalogue/catalogueEditor.service.js';
import { FiguresStore } from '../src/figures/record/figures.store.js';
import { Database } from '../src/platform/db/database.js';
import { ChangeLog } from '../src/platform/log/changeLog.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const judged = (words: string) => ({ label: words.slice(0, 60), edits: [{ action: 'judge', stars: 3, words }] });

describe('a unit of work', () => {
  test('is all there or not at all: broken in its middle, nothing of it remains, and the next one is whole', async () => {
    const database = server.app.get(Database);
    const store = server.app.get(FiguresStore, { strict: false });
    const before = store.figure('marta-quill');
    const broken = database.write(() => {
      store.updateFigure('marta-quill', { role: 'changed' });
      throw new Error('broken in the middle');
    });
    await expect(broken).rejects.toThrow('broken in the middle');
    expect(store.figure('marta-quill')).toEqual(before);
    await database.write(() => store.updateFigure('marta-quill', { role: 'changed' }));
    expect(store.figure('marta-quill')).toMatchObject({ role: 'changed', version: before.version + 1 });
  });

  test('awaits nothing: a promise in it undoes it', async () => {
    const database = server.app.get(Database);
    const store = server.app.get(FiguresStore, { strict: false });
    const { role } = store.figure('ibbe-lantry');
    const work = (): never => {
      store.updateFigure('ibbe-lantry', { role: 'later' });
      return Promise.resolve() as never;
    };
    await expect(database.write(work)).rejects.toThrow('awaits nothing');
    expect(store.figure('ibbe-lantry').role).toBe(role);
  });

  test('two at once are done one after the other, whatever breaks in the first', async () => {
    const database = server.app.get(Database);
    const store = server.app.get(FiguresStore, { strict: false });
    const outcomes = await Promise.allSettled(
      Array.from({ length: 40 }, (_, i) =>
        database.write(() => {
          store.updateLook('ibbe-lantry-1', { name: `name ${i}` });
          if (i % 2 === 0) throw new Error('odd ones only');
          return i;
        }),
      ),
    );
    expect(outcomes.filter((outcome) => outcome.status === 'fulfilled')).toHaveLength(20);
    expect(store.look('ibbe-lantry-1').name).toBe('name 39');
  });

  test('of a look edit writes its row of the log with it, or neither', async () => {
    const database = server.app.get(Database);
    const look = async () => (await server.look('corvin-pell-1')).verdict;
    const before = await look();
    database.prepare(`CREATE TEMP TRIGGER no_log BEFORE INSERT ON main.change BEGIN SELECT RAISE(ABORT, 'no room in the log'); END`).run();
    const refused = await server.post('looks/corvin-pell-1/edits', judged('never'));
    database.prepare('DROP TRIGGER no_log').run();
    expect(refused.status).toBe(500);
    expect(await look()).toEqual(before);
    expect((await server.post<LookDto>('looks/corvin-pell-1/edits', judged('now'))).body.verdict?.words).toBe('now');
  });

  test('of a catalogue entry that is undone leaves no trace in what is kept in memory', async () => {
    const database = server.app.get(Database);
    const entries = server.app.get(CatalogueEditor, { strict: false });
    const colour = { id: 'unseen', name: 'Unseen', hex: '#123456', finish: 'solid' as const, kind: 'cloth' as const };
    const broken = database.write(() => {
      entries.saveNow('colours', colour);
      throw new Error('after all not');
    });
    await expect(broken).rejects.toThrow('after all not');
    const { body } = await server.get<{ colours: { id: string }[] }>('catalogue');
    expect(body.colours.some((row) => row.id === 'unseen')).toBe(false);
  });
});

describe('the log', () => {
  test('points at the same edits as reading it from its beginning would', async () => {
    const database = server.app.get(Database);
    const log = new ChangeLog(database);
    const deeds = fc.array(fc.constantFrom('edit', 'undo', 'redo', 'snapshot', 'final'), { maxLength: 24 });
    let run = 0;
    await fc.assert(
      fc.asyncProperty(deeds, async (kinds) => {
        const item = `property ${(run += 1)}`;
        const rows: ChangeRow[] = [];
        await database.write(() => {
          for (const kind of kinds) {
            const row = { at: 'now', line: 'wardrobe' as const, item, label: kind, about: null };
            const slices = [{ subject: 'lot' as const, item, before: { note: 'a' }, after: { note: 'b' } }];
            const ends = log.endsOf({ line: 'wardrobe', item });
            expect(ends).toEqual(undoState(rows));
            if (kind === 'final') log.edit({ ...row, slices: [] });
            else if (kind === 'edit') rows.push({ id: log.edit({ ...row, slices }), kind, refersTo: null });
            else if (kind === 'snapshot') rows.push({ id: log.snapshot({ ...row, slices }), kind, refersTo: null });
            else {
              const edit = ends[kind] === null ? null : log.change(ends[kind]);
              if (edit) rows.push({ id: kind === 'undo' ? log.undone(edit, 'now') : log.redone(edit, 'now'), kind, refersTo: edit.id });
            }
          }
        });
      }),
      { numRuns: 60 },
    );
  });
});

/** Edits a look again and again until something is over; the longest any edit waited, and how it was answered. */
async function editingUntil(
  over: Promise<unknown>,
): Promise<{ readonly waits: readonly number[]; readonly statuses: ReadonlySet<number> }> {
  let isOver = false;
  void over.finally(() => (isOver = true));
  const waits: number[] = [];
  const statuses = new Set<number>();
  for (let i = 0; !isOver; i += 1) {
    const began = performance.now();
    statuses.add((await server.post('looks/ibbe-lantry-1/edits', judged(`edit ${i}`))).status);
    waits.push(performance.now() - began);
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  await over;
  return { waits, statuses };
}

describe('edits during an import', () => {
  const variants = () => Array.from({ length: 12_000 }, (_, i) => `HA-118·busy${i},HA-118,busy${i},,2001,2003,`).join('\n');
  const colours = () => Array.from({ length: 12_000 }, (_, i) => `busy${i},Busy ${i},#101010,solid,cloth,`).join('\n');
  const finished = async (path: string, body: string): Promise<string> => {
    const { body: job } = await server.request<ImportJobDto>('POST', path, body, { 'content-type': 'text/csv' });
    const ended = await server.ended<ImportJobDto>(job.id);
    expect(ended.error).toBeNull();
    return ended.state;
  };
  test.each<[string, () => Promise<unknown>]>([
    ['of colours', () => finished('catalogue/import?what=colours&agree=all', `colour,name,hex,finish,kind,skin school\n${colours()}`)],
    [
      'of variants',
      () =>
        finished(
          'catalogue/import?what=variants&agree=all',
          `mould,colours,print,made from,made until,merged into\n${variants().replaceAll(/HA-118·busy\d+,/g, '')}`,
        ),
    ],
    [
      'of owned pieces',
      () => server.request('POST', 'wardrobe/import?agree=all', `variant,quantity\n${'HA-118·raven,2\n'.repeat(20_000)}`),
    ],
    [
      'of offers',
      () =>
        server.request(
          'POST',
          'market/import?agree=all',
          `seller,item,asks,left,sold in,condition,seen on\n${`tin-drawer,HA-118·raven,0.42,3,1,used,${suiteDay(-7)}\n`.repeat(20_000)}`,
        ),
    ],
    [
      'of sellers',
      () =>
        server.request(
          'POST',
          'market/import/sellers?agree=all',
          `seller,name,country,currency,days,postage\n${Array.from({ length: 4000 }, (_, i) => `s-${i},S ${i},NL,EUR,4,20:1.95`).join('\n')}\n`,
        ),
    ],
    [
      'of rates',
      () =>
        server.request(
          'POST',
          'market/import/rates?agree=all',
          `currency,day,rate\n${Array.from({ length: 9000 }, (_, i) => `GBP,${new Date(Date.UTC(2001, 0, 1 + i)).toISOString().slice(0, 10)},1.1`).join('\n')}\n`,
        ),
    ],
  ])(
    '%s are all taken',
    async (_, importing) => {
      const { waits, statuses } = await editingUntil(importing());
      expect([...statuses]).toEqual([201]);
      expect(waits.length).toBeGreaterThan(5);
    },
    60_000,
  );
});

describe('a full disk', () => {
  let folder = '';
  let isMounted = false;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'outfit-full-'));
    try {
      execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', folder], { stdio: 'ignore' });
      isMounted = true;
    } catch {
      isMounted = false;
    }
  });
  afterEach(() => {
    if (isMounted) execFileSync('umount', ['-l', folder]);
    rmSync(folder, { recursive: true, force: true });
  });

  test('is said; nothing is acknowledged that is not there after a restart; with room again everything goes on', async () => {
    // Where this machine mounts nothing, SQLite's own limit on the size of a database stands in for the disk.
    let full = await Harness.start(folder);
    const database = full.app.get(Database);
    const acknowledged: string[] = [];
    const edit = async (words: string): Promise<number> => {
      const { status } = await full.post('looks/corvin-pell-1/edits', judged(words));
      if (status === 201) acknowledged.push(words);
      return status;
    };
    expect(await edit('before')).toBe(201);
    const filler = join(folder, 'filler');
    const fill = (): void => {
      // What the log of writes has room for already would still be taken.
      database.prepare('PRAGMA wal_checkpoint(TRUNCATE)').get();
      if (!isMounted) {
        database.prepare(`PRAGMA max_page_count = ${String(database.prepare('PRAGMA page_count').pluck().get())}`).get();
        return;
      }
      for (let size = 4_000_000; size >= 512; size = Math.floor(size / 2))
        for (let i = 0; i < 12; i += 1)
          try {
            writeFileSync(filler, Buffer.alloc(size), { flag: 'a' });
          } catch {
            break;
          }
    };
    fill();
    const statuses = new Set<number>();
    for (let i = 0; i < 60; i += 1) statuses.add(await edit(`while full ${i} ${'x'.repeat(900)}`));
    expect(statuses.has(507)).toBe(true);
    const { body } = await full.post('looks/corvin-pell-1/edits', judged(`told ${'x'.repeat(900)}`));
    expect(body.message).toContain('The disk is full');
    if (isMounted) rmSync(filler);
    expect(await edit('after')).toBe(201);
    expect((await full.look('corvin-pell-1')).verdict?.words).toBe('after');
    full = await full.restart();
    expect((await full.look('corvin-pell-1')).verdict?.words).toBe('after');
    const labels = (await full.get<{ label: string }[]>('looks/corvin-pell-1/history')).body.map((row) => row.label);
    for (const words of acknowledged) expect(labels).toContain(words.slice(0, 60));
    await full.app.close();
  }, 120_000);
});
