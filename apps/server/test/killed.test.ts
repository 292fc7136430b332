import { afterAll, beforeAll, expect, test } from '@jest/globals';
import SQLite from 'better-sqlite3';
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { BenchSessionDto } from '../src/bench/bench.dto.js';
import { type FigureDto, type LineUpDto } from '../src/figures/record/figures.dto.js';
import { ownDemo, type ServerProcess, startProcess } from './harness.js';

let folder = '';
let bench = '';
// The demo may have to be made, and a server starts eight times in what follows: how long that takes is the machine's matter.
beforeAll(async () => {
  folder = await ownDemo();
  bench = await ownDemo();
}, 300_000);
afterAll(() => {
  for (const used of [folder, bench]) rmSync(used, { recursive: true, force: true });
});

/** Something that is written, and how many of its rows a database holds: none of them, or all. */
interface Writing {
  readonly what: string;
  readonly rows: number;
  readonly method: 'POST' | 'PUT';
  readonly path: string;
  readonly body: unknown;
  found(database: SQLite.Database): number;
}

const counting =
  (sql: string, tag: string) =>
  (database: SQLite.Database): number =>
    database.prepare(sql).pluck().get({ tag }) as number;

const SELLER = {
  country: 'NL',
  currency: 'EUR',
  days: 4,
  postage: [{ upToG: 100, costMinor: 250 }],
  minimumMinor: 0,
  handlingMinor: 0,
  freePostageFromMinor: null,
  trusted: true,
  thirdParty: false,
};
/** One red dot. */
const PICTURE = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==', 'base64');

/** One of each kind of writing, told apart by its tag. */
function writings(tag: string, figure: FigureDto, lineUp: LineUpDto): readonly Writing[] {
  // A box of its own for each file: another count of the same box would take the place of the one before.
  const row = (variant: string): string => `${variant},1,used,box of ${tag},${tag}`;
  return [
    {
      what: 'an edit of a look',
      rows: 1,
      method: 'POST',
      path: `looks/${figure.chosenLook}/edits`,
      body: { label: tag, edits: [{ action: 'judge', stars: 3, words: tag }] },
      found: counting(`SELECT COUNT(*) FROM change WHERE subject = 'look' AND label = @tag`, tag),
    },
    {
      what: 'a new figure and its look',
      rows: 2,
      method: 'POST',
      path: 'figures',
      body: { name: tag, lineUp: 'heron-crew' },
      found: counting(
        `SELECT COUNT(figure.id) + COUNT(look.id) FROM figure LEFT JOIN look ON look.id = figure.chosenLook
           WHERE json_extract(figure.brief, '$.name') = @tag`,
        tag,
      ),
    },
    {
      what: 'a line-up and its line in the history',
      rows: 2,
      method: 'POST',
      path: 'line-ups',
      body: { name: tag },
      found: counting(
        `SELECT (SELECT COUNT(*) FROM line_up WHERE name = @tag) +
           (SELECT COUNT(*) FROM change WHERE subject = 'workroom' AND label LIKE '%“' || @tag || '”')`,
        tag,
      ),
    },
    {
      what: 'what a line-up keeps, and its line in the history',
      rows: 1,
      method: 'PUT',
      path: `line-ups/${lineUp.id}/plan`,
      body: { plan: { ...lineUp.plan, notes: tag }, label: tag },
      found: counting(`SELECT COUNT(*) FROM change WHERE subject = 'line-up' AND label = @tag`, tag),
    },
    {
      what: 'a choice between two',
      rows: 2,
      method: 'POST',
      path: `line-ups/${lineUp.id}/choices`,
      body: { who: tag, first: figure.id, second: lineUp.figures.find(({ id }) => id !== figure.id)?.id, outcome: 'tie' },
      found: counting(
        `SELECT COUNT(*) + COUNT(slice.id) FROM pair_choice
           LEFT JOIN slice ON slice.subject = 'choice' AND pair_choice.id IN (SELECT value FROM json_each(slice.after, '$.ids'))
           WHERE who = @tag`,
        tag,
      ),
    },
    {
      what: 'an idea and its line in the history',
      rows: 2,
      method: 'POST',
      path: 'ideas',
      body: { kind: 'figure', title: tag, words: '', who: '', heardAt: '', parts: [], votes: 0, state: 'heard', reason: '' },
      found: counting(
        `SELECT (SELECT COUNT(*) FROM idea WHERE title = @tag) +
           (SELECT COUNT(*) FROM change WHERE subject = 'ideas' AND label = 'Wrote down “' || @tag || '”')`,
        tag,
      ),
    },
    {
      what: 'pieces written down by hand: the lot, its movement and what its place holds',
      rows: 3,
      method: 'POST',
      path: 'wardrobe/pieces',
      body: { variant: 'HA-118·raven', quantity: 2, condition: 'used', place: `hand of ${tag}`, note: `by hand ${tag}` },
      found: counting(
        `SELECT COUNT(*) + COUNT(movement.id) + COUNT(balance.id) FROM lot LEFT JOIN movement ON movement.lot = lot.id
           LEFT JOIN balance ON balance.lot = lot.id AND balance.quantity > 0 AND balance.place <> 'outside' WHERE lot.note = 'by hand ' || @tag`,
        tag,
      ),
    },
    {
      what: 'a parcel by hand: itself, its line, the lot and its movement',
      rows: 4,
      method: 'POST',
      path: 'parcels',
      body: {
        sellerName: tag,
        lines: [{ variant: 'HA-118·raven', quantity: 2, priceMinor: 40, condition: 'used' }],
        postageMinor: 10,
        feesMinor: 0,
      },
      found: counting(
        `SELECT (SELECT COUNT(*) FROM parcel WHERE sellerName = @tag) +
           (SELECT COUNT(*) FROM parcel_line JOIN parcel ON parcel.id = parcel_line.parcel WHERE sellerName = @tag) +
           (SELECT COUNT(*) + COUNT(movement.id) FROM lot LEFT JOIN movement ON movement.lot = lot.id WHERE lot.source = @tag)`,
        tag,
      ),
    },
    {
      what: 'a seller written down by hand and its line in the history',
      rows: 2,
      method: 'POST',
      path: 'market/sellers',
      body: { ...SELLER, name: tag },
      found: counting(
        `SELECT (SELECT COUNT(*) FROM seller WHERE name = @tag) + (SELECT COUNT(*) FROM change WHERE subject = 'market' AND label = 'Added ' || @tag)`,
        tag,
      ),
    },
    {
      what: 'a photograph on the stack and its file',
      rows: 2,
      method: 'POST',
      path: `catalogue/stack?name=${tag}`,
      body: PICTURE,
      found: (database) => {
        const files = database.prepare('SELECT file FROM photo_stack WHERE name = ?').pluck().all(tag) as string[];
        return files.length + files.filter((file) => existsSync(join(folder, 'files', file))).length;
      },
    },
    {
      what: 'an entry of the catalogue and its line in the history',
      rows: 2,
      method: 'POST',
      path: 'catalogue/entries',
      body: { kind: 'colours', row: { id: tag, name: tag, hex: '#123456', finish: 'solid', kind: 'cloth' } },
      found: counting(
        `SELECT (SELECT COUNT(*) FROM colour WHERE id = @tag) + (SELECT COUNT(*) FROM change WHERE about = 'colours ' || @tag)`,
        tag,
      ),
    },
    {
      what: 'a file of owned pieces',
      rows: 300,
      method: 'POST',
      path: 'wardrobe/import?agree=all',
      body: ['variant,quantity,condition,place,note', ...Array.from({ length: 300 }, () => row('HA-118·raven'))].join('\n'),
      found: counting('SELECT COUNT(*) FROM piece WHERE note = @tag', tag),
    },
  ];
}

/** Whether the answer was a yes, received to its end; null when the connection broke first. */
async function send({ base }: ServerProcess, { method, path, body }: Writing): Promise<boolean | null> {
  const isText = typeof body === 'string';
  const isPicture = body instanceof Uint8Array;
  try {
    const answer = await fetch(`${base}/api/${path}`, {
      method,
      headers: { 'content-type': isText ? 'text/csv' : isPicture ? 'image/png' : 'application/json' },
      body: isText || isPicture ? (body as BodyInit) : JSON.stringify(body),
    });
    await answer.text();
    return answer.ok;
  } catch {
    return null;
  }
}

test('what was acknowledged outlives a kill at any moment, and what was under way is there whole or not at all', async () => {
  const sent: { readonly writing: Writing; answer: boolean | null }[] = [];
  let promised = 0;
  for (const [round, promises] of [3, 9, 20].entries()) {
    const server = await startProcess(folder, '--demo');
    const lineUps = (await (await fetch(`${server.base}/api/line-ups`)).json()) as LineUpDto[];
    const figures = lineUps.flatMap((lineUp) => lineUp.figures.map((figure) => ({ figure, lineUp })));
    const gone = new Promise((resolve) => server.process.once('exit', resolve));
    let isDead = false;
    const until = promised + promises;
    const client = async (number: number): Promise<void> => {
      const one = figures[number];
      if (!one) throw new Error('the demo has figures');
      for (let turn = 0; !isDead; turn += 1)
        for (const writing of writings(`killed-${round}-${number}-${turn}`, one.figure, one.lineUp)) {
          const entry = { writing, answer: null as boolean | null };
          sent.push(entry);
          entry.answer = await send(server, writing);
          if (entry.answer) promised += 1;
          if (promised >= until && !isDead) {
            isDead = true;
            server.process.kill('SIGKILL');
          }
          if (isDead) return;
        }
    };
    await Promise.all([0, 1, 2, 3].map(client));
    await gone;

    const database = new SQLite(join(folder, 'outfit.sqlite'));
    expect(database.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(database.pragma('foreign_key_check')).toEqual([]);
    for (const { writing, answer } of sent) {
      const found = writing.found(database);
      expect([writing.what, found]).toEqual([writing.what, answer === true ? writing.rows : answer === false ? 0 : found && writing.rows]);
    }
    const offBalance = database.prepare('SELECT lot FROM balance GROUP BY lot HAVING SUM(quantity) <> 0').all();
    expect(offBalance).toEqual([]);
    const parts = database
      .prepare(
        `SELECT look.id FROM look JOIN slice ON slice.id = (SELECT MAX(id) FROM slice WHERE subject = 'look' AND item = look.id)
           WHERE json(json_extract(slice.after, '$.parts')) <> json(look.parts)`,
      )
      .all();
    expect(parts).toEqual([]);
    const plans = database
      .prepare(
        `SELECT line_up.id FROM line_up JOIN slice ON slice.id = (SELECT MAX(id) FROM slice WHERE subject = 'line-up' AND item = line_up.id)
           WHERE json_extract(slice.after, '$.plan.notes') <> json_extract(line_up.plan, '$.notes')`,
      )
      .all();
    expect(plans).toEqual([]);
    database.close();
  }
  expect(sent.filter(({ answer }) => answer === false)).toEqual([]);
  expect(promised).toBeGreaterThanOrEqual(32);
}, 300_000);

test('a kill between two ticks at the bench, or in the middle of one, loses none that was acknowledged and leaves none half done', async () => {
  const post = async <T>(server: ServerProcess, path: string, body?: unknown): Promise<T | null> => {
    try {
      const answer = await fetch(`${server.base}/api/${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body ?? {}),
      });
      return (await answer.json()) as T;
    } catch {
      return null;
    }
  };
  let server = await startProcess(bench, '--demo');
  const session = await post<BenchSessionDto>(server, 'bench', { figures: [{ figure: 'lamplighter', copies: 12 }] });
  if (!session) throw new Error('twelve lamplighters are at hand in the demo');
  let acknowledged = 0;
  for (const rest of [3, 8, 11]) {
    while (acknowledged < rest) {
      const next = session.steps[acknowledged];
      if (await post(server, `bench/${session.id}/steps/${next?.id}`)) acknowledged += 1;
    }
    const gone = new Promise((resolve) => server.process.once('exit', resolve));
    // One more is on its way when the process ends.
    const underWay = post(server, `bench/${session.id}/steps/${session.steps[acknowledged]?.id}`);
    server.process.kill('SIGKILL');
    const answered = await underWay;
    await gone;
    const database = new SQLite(join(bench, 'outfit.sqlite'));
    const ticks = database.prepare('SELECT entry FROM bench_tick WHERE session = ?').pluck().all(session.id) as (number | null)[];
    expect([acknowledged, acknowledged + 1]).toContain(ticks.length);
    if (answered) expect(ticks).toHaveLength(acknowledged + 1);
    // Every tick that moves something has its entry, and every entry of the session its tick.
    const entries = database.prepare(`SELECT id FROM entry WHERE because = ?`).pluck().all(`bench ${session.id}`) as number[];
    expect(ticks.filter((entry) => entry !== null).sort()).toEqual(entries.sort());
    expect(database.prepare('SELECT lot FROM balance GROUP BY lot HAVING SUM(quantity) <> 0').all()).toEqual([]);
    database.close();
    acknowledged = ticks.length;
    server = await startProcess(bench, '--demo');
    const again = (await (await fetch(`${server.base}/api/bench/${session.id}`)).json()) as BenchSessionDto;
    expect(again.steps.filter((step) => step.doneAt !== null)).toHaveLength(acknowledged);
  }
  const gone = new Promise((resolve) => server.process.once('exit', resolve));
  server.process.kill('SIGKILL');
  await gone;
}, 300_000);
