import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { seededRandom } from '@outfit/core';
import SQLite from 'better-sqlite3';
import { join } from 'node:path';
import type { BenchOverviewDto, BenchSessionDto } from '../src/bench/bench.dto.js';
import type { FigureDto, LineUpDto } from '../src/figures/record/figures.dto.js';
import type { IdeasDto } from '../src/ideas/ideas.dto.js';
import type { OrderedParcelDto } from '../src/parcels/parcels.dto.js';
import type { ChangeDto } from '../src/platform/history/history.dto.js';
import type { ConsumableDto } from '../src/wardrobe/consumables/consumables.dto.js';
import type { DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';

/** As many deeds, and by this seed: `OUTFIT_DEEDS=2000 OUTFIT_SEED=5` does more of them than there is time for every day. */
const DEEDS = Number(process.env['OUTFIT_DEEDS'] ?? 260);
const SEED = Number(process.env['OUTFIT_SEED'] ?? 11);
const RESTARTS = 3;

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const draw = seededRandom(SEED);
const below = (most: number): number => Math.floor(draw() * most);
const one = <T>(list: readonly T[]): T | undefined => list[below(list.length)];
const VARIANTS = ['HA-118·raven', 'HA-176·rust+lagoon', 'TO-401·woad', 'HN-601·honey', 'HN-601·wheat', 'AR-501·oatmeal'];
let count = 0;
const fresh = (word: string): string => `${word} ${(count += 1)}`;

type Answer = Promise<{ readonly status: number; readonly body: unknown }>;
const get = async <T>(path: string): Promise<T> => (await server.get<T>(path)).body;
const places = async (): Promise<PlaceDto[]> => (await get<PlaceDto[]>('wardrobe/places')).filter((place) => place.kind === 'made');
const pieces = async (): Promise<PieceDto[]> => get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(one(VARIANTS) ?? '')}`);
const someOf = (run: PieceDto): { id: number; quantity: number }[] => [{ id: run.id, quantity: 1 + below(run.quantity) }];
const withRun = async (work: (run: PieceDto) => Answer): Promise<Answer> => {
  const run = one(await pieces());
  return run ? work(run) : Promise.resolve({ status: 0, body: null });
};
const NOTHING: Answer = Promise.resolve({ status: 0, body: null });
const lineUp = (): Promise<LineUpDto> => get<LineUpDto>('line-ups/winter-post');
const figure = async (): Promise<FigureDto> => one((await lineUp()).figures) as FigureDto;
const openParcel = async (): Promise<OrderedParcelDto | undefined> =>
  one((await get<OrderedParcelDto[]>('parcels')).filter((parcel) => parcel.state === 'ordered' || parcel.state === 'sent'));
const session = async (): Promise<BenchSessionDto | undefined> => {
  const { sessions } = await get<BenchOverviewDto>('bench');
  const open = sessions.find((row) => row.state === 'open');
  return open && (await get<BenchSessionDto>(`bench/${open.id}`));
};
const SELLER = {
  ...{ country: 'NL', currency: 'EUR', days: 4, postage: [{ upToG: 2000, costMinor: 495 }], minimumMinor: 0, handlingMinor: 50 },
  ...{ freePostageFromMinor: null, trusted: true, thirdParty: false },
};

/** Whatever can be done by hand, in every area; what cannot be done just now is refused, and that is all right. */
const DEED: Readonly<Record<string, () => Promise<Answer> | Answer>> = {
  'add pieces': () =>
    server.post('wardrobe/pieces', {
      ...{ variant: one(VARIANTS), quantity: 1 + below(5), condition: 'used' },
      place: one(['Cabinet › Drawer B', fresh('Tin'), `${fresh('Shelf')} › Left`, '']),
    }),
  move: () => withRun(async (run) => server.post('wardrobe/deeds', { deed: 'move', pieces: someOf(run), to: one(await places())?.id })),
  sell: () => withRun((run) => server.post('wardrobe/deeds', { deed: 'sell', pieces: someOf(run), broughtMinor: below(500) })),
  lend: () =>
    withRun((run) =>
      server.post('wardrobe/deeds', { deed: 'lend', pieces: someOf(run), person: one(['Odile', 'Bram']), dueOn: '2027-01-05' }),
    ),
  mark: () => withRun((run) => server.post('wardrobe/deeds', { deed: 'defect', pieces: someOf(run), defect: 'crack' })),
  alter: () => withRun((run) => server.post('wardrobe/deeds', { deed: 'alter', pieces: someOf(run), alteration: 'cut', what: 'the hem' })),
  count: () => withRun((run) => server.post('wardrobe/counts', { place: run.placeId, runs: [{ id: run.id, quantity: below(6) }] })),
  pin: () => withRun(async (run) => server.post('wardrobe/pins', { id: run.id, figure: (await figure()).id, quantity: below(2) })),
  'make a place': async () =>
    server.post('wardrobe/places', { name: fresh('Place'), parent: one([null, one(await places())?.id ?? null]) }),
  'rename a place': async () => server.put(`wardrobe/places/${one(await places())?.id}`, { name: fresh('Named'), note: fresh('note') }),
  'move a place': async () => server.put(`wardrobe/places/${one(await places())?.id}`, { parent: one(await places())?.id ?? null }),
  'remove a place': async () =>
    server.request('DELETE', `wardrobe/places/${one((await places()).filter((place) => place.pieces === 0))?.id}`),
  'take a file': async () =>
    server.post(
      'wardrobe/import?agree=sound',
      `variant,quantity,condition,place,note\n${VARIANTS.slice(0, 3)
        .map((variant) => `${variant},${1 + below(4)},used,${one(['File box', fresh('Tray')])},${fresh('read')}`)
        .join('\n')}\n`,
    ),
  'seal a figure': async () => {
    const donor = one(await get<DonorDto[]>('wardrobe/donors'));
    return donor ? server.post('wardrobe/boxes', { name: fresh('Box'), donors: [donor.id], place: donor.placeId }) : NOTHING;
  },
  'keep whole': async () => {
    const donor = one(await get<DonorDto[]>('wardrobe/donors'));
    return server.put(`wardrobe/places/${donor?.id}`, { keepWhole: !donor?.keepWhole });
  },
  'add a consumable': () => server.post('wardrobe/consumables', { name: fresh('String'), unit: 'mm', quantity: below(50), lowAt: 5 }),
  'use a consumable': async () => {
    const row = one(await get<ConsumableDto[]>('wardrobe/consumables'));
    return row ? server.post(`wardrobe/consumables/${row.id}/used`, { quantity: below(20) - 9 }) : NOTHING;
  },
  'order by hand': async () =>
    server.post('parcels', {
      ...{ sellerName: one(['The swap table', 'Tuesday stall']), postageMinor: 60, feesMinor: 0 },
      lines: [1, 2].map(() => ({ variant: one(VARIANTS), quantity: 1 + below(3), priceMinor: 50, condition: 'used' })),
      ...(below(3) === 0 ? { place: one(await places())?.id } : {}),
    }),
  receive: async () => {
    const parcel = await openParcel();
    const lines = parcel?.lines.map(({ id, quantity }) => ({ id, came: below(quantity + 1), damaged: 0 }));
    return parcel ? server.post(`parcels/${parcel.id}/received`, { lines, place: one(await places())?.id }) : NOTHING;
  },
  claim: async () => {
    const parcel = await openParcel();
    const [line] = parcel?.lines ?? [];
    const outcome = one(['money back', 'ask again', 'buy again']);
    const asked = { line: line?.id, quantity: 1, reason: 'short', outcome, sumMinor: below(20) };
    return parcel ? server.post(`parcels/${parcel.id}/claims`, asked) : NOTHING;
  },
  'say it is here': async () => server.put(`parcels/${(await openParcel())?.id}`, { isHere: true }),
  'begin at the bench': async () => {
    const { ready } = await get<{ ready: { figure: string }[] }>('bench/to-do');
    return ready.length > 0 ? server.post('bench', { figures: [{ figure: one(ready)?.figure, copies: 1 }] }) : NOTHING;
  },
  tick: async () => {
    const at = await session();
    return at ? server.post(`bench/${at.id}/steps/${at.steps.find((step) => step.doneAt === null)?.id}`) : NOTHING;
  },
  untick: async () => {
    const at = await session();
    return at ? server.request('DELETE', `bench/${at.id}/steps/${at.steps.findLast((step) => step.doneAt !== null)?.id}`) : NOTHING;
  },
  'note at the bench': async () => server.put(`bench/${(await session())?.id}/note`, { remark: fresh('remark') }),
  'end at the bench': async () =>
    below(4) === 0 ? server.post(`bench/${(await session())?.id}/end`, { as: one(['put back', 'left']) }) : NOTHING,
  judge: async () =>
    server.post(`looks/${(await figure()).chosenLook}/edits`, {
      ...{ label: fresh('Judged'), edits: [{ action: 'judge', stars: below(5), words: fresh('words') }] },
      ...(below(2) === 0 ? { on: 'line-up' } : {}),
    }),
  turn: async () =>
    server.post(`looks/${(await figure()).chosenLook}/edits`, { label: 'Turned', edits: [{ action: 'turn', position: 'torso' }] }),
  brief: async () => {
    const { id, brief } = await figure();
    return server.put(`figures/${id}/brief`, {
      ...brief,
      ...one([{ story: fresh('story') }, { requester: fresh('who') }, { copies: 1 + below(4) }]),
    });
  },
  'name a look': async () => server.put(`looks/${(await figure()).chosenLook}/name`, { name: fresh('look') }),
  'copy a figure': async () => server.post('figures/copies', { figures: [(await figure()).id], lineUp: 'winter-post' }),
  'bin a figure': async () =>
    (await lineUp()).figures.length > 4 ? server.put('figures/bin', { figures: [(await figure()).id], isAway: true }) : NOTHING,
  'order a line-up': async () => {
    const order = (await lineUp()).figures.map(({ id }) => id);
    return server.put('line-ups/winter-post/order', { order: [...order.slice(1), ...order.slice(0, 1)] });
  },
  'name a line-up': () => server.put('line-ups/winter-post/name', { name: fresh('Post'), on: one(['workroom', 'line-up']) }),
  role: async () => server.put('line-ups/winter-post/members', { figures: [(await figure()).id], role: fresh('Role') }),
  idea: () =>
    server.post('ideas', {
      ...{ kind: 'figure', title: fresh('Idea'), words: '', who: '', heardAt: '', parts: [], votes: 0, state: 'heard', reason: '' },
    }),
  'put an idea away': async () => {
    const idea = one((await get<IdeasDto>('ideas')).ideas);
    return idea ? server.put(`ideas/${idea.id}/away`, { isAway: below(2) === 0 }) : NOTHING;
  },
  'compare two': async () => {
    const [first, second] = [await figure(), await figure()];
    return server.post('line-ups/winter-post/choices', { who: '', first: first.id, second: second.id, outcome: 'first' });
  },
  'add a seller': () => server.post('market/sellers', { ...SELLER, name: fresh('Stall') }),
  'offer a part': async () => {
    const seller = one((await get<{ id: string; name: string }[]>('market/sellers')).filter(({ name }) => name.startsWith('Stall')));
    const offer = { item: one(VARIANTS), priceMinor: 1 + below(90), stock: 2, multiple: 1, condition: 'used' };
    return seller ? server.post(`market/sellers/${seller.id}/offers`, offer) : NOTHING;
  },
  'take offers from a file': async () => {
    const seller = one((await get<{ id: string; name: string }[]>('market/sellers')).filter(({ name }) => name.startsWith('Stall')));
    const rows = VARIANTS.slice(below(4)).map((variant) => `${seller?.id},${variant},0.${10 + below(80)},2,1,used,${suiteDay(-2)}`);
    return seller
      ? server.post('market/import?agree=all', `seller,item,asks,left,sold in,condition,seen on\n${rows.join('\n')}\n`)
      : NOTHING;
  },
  'take terms from a file': () =>
    server.post(
      'market/import/sellers?agree=all',
      `seller,name,country,currency,days,postage\nstall-${below(9)},Stall ${below(9)} anew,NL,EUR,4,100:1.95\n`,
    ),
  'bin a seller': async () => {
    const seller = one((await get<{ id: string; name: string }[]>('market/sellers')).filter(({ name }) => name.startsWith('Stall')));
    return seller ? server.put(`market/sellers/${seller.id}/bin`) : NOTHING;
  },
  'add a colour': () =>
    server.post('catalogue/entries', {
      kind: 'colours',
      row: { id: fresh('hue').replace(' ', '-'), name: fresh('Hue'), hex: '#123456', finish: 'solid', kind: 'cloth' },
    }),
  'advance the market': () => (below(6) === 0 ? server.post('market/clock/advance', { days: 1 }) : NOTHING),
};

const LINES = ['wardrobe/all', 'line-up/winter-post', 'workroom/all', 'market/all', 'catalogue/all', 'ideas/all', 'ranking/winter-post'];

/** All that a person could see of the workspace, without what only ever rises. */
function seen(): Readonly<Record<string, unknown>> {
  const database = new SQLite(join(server.folder, 'outfit.sqlite'), { readonly: true });
  try {
    const rows = (sql: string): unknown[] => database.prepare(sql).all();
    return {
      places: rows(
        `SELECT id, kind, name, parent, path, note, dueOn, official, product, figure, keepWhole FROM place WHERE removedAt IS NULL AND (kind = 'made'
           OR EXISTS (SELECT 1 FROM balance WHERE place = place.id AND quantity > 0)) ORDER BY id`,
      ),
      pieces: rows(
        `SELECT lot, place, quantity, note FROM balance JOIN lot ON lot.id = balance.lot WHERE quantity <> 0 AND place <> 'outside' ORDER BY lot, place`,
      ),
      pins: rows('SELECT * FROM pin ORDER BY lot, figure'),
      consumables: rows(
        `SELECT id, (SELECT COALESCE(SUM(quantity), 0) FROM consumable_movement WHERE consumable = consumable.id) AS left FROM consumable
           WHERE removedAt IS NULL ORDER BY id`,
      ),
      parcels: rows(`SELECT id, refundedMinor, paidMinor, note FROM parcel WHERE removedAt IS NULL ORDER BY id`),
      lines: rows(
        'SELECT parcel_line.* FROM parcel_line JOIN parcel ON parcel.id = parcel WHERE removedAt IS NULL ORDER BY parcel_line.id',
      ),
      claims: rows(
        'SELECT parcel_claim.id FROM parcel_claim JOIN parcel ON parcel.id = parcel WHERE parcel_claim.removedAt IS NULL AND parcel.removedAt IS NULL',
      ),
      sessions: rows('SELECT id, state, plan, remark, who, endedAt FROM bench_session WHERE removedAt IS NULL ORDER BY id'),
      ticks: rows('SELECT bench_tick.* FROM bench_tick JOIN bench_session ON id = session WHERE removedAt IS NULL ORDER BY session, step'),
      lineUps: rows('SELECT id, name, place, plan FROM line_up WHERE removedAt IS NULL ORDER BY id'),
      figures: rows('SELECT id, lineUp, place, role, faction, brief, chosenLook FROM figure WHERE removedAt IS NULL ORDER BY id'),
      looks: rows(
        `SELECT look.id, look.name, look.parts, look.overrules, look.verdict FROM look JOIN figure ON figure.id = look.figure
           WHERE look.removedAt IS NULL AND figure.removedAt IS NULL ORDER BY look.id`,
      ),
      ideas: rows('SELECT id, title, state FROM idea WHERE removedAt IS NULL ORDER BY id'),
      choices: rows('SELECT id FROM pair_choice WHERE removedAt IS NULL'),
      sellers: rows(`SELECT id, name FROM seller ORDER BY id`),
      offers: rows(`SELECT id, priceMinor FROM offer WHERE origin = 'imported' ORDER BY id`),
      colours: rows('SELECT id FROM colour ORDER BY id'),
    };
  } finally {
    database.close();
  }
}

/** The deeds that stand in a line, the newest first. */
function standing(line: string): readonly { readonly id: number; readonly label: string }[] {
  const [subject, item] = line.split('/');
  const database = new SQLite(join(server.folder, 'outfit.sqlite'), { readonly: true });
  const sql =
    'SELECT id, label FROM standing JOIN change ON change.id = change WHERE standing.subject = ? AND standing.item = ? ORDER BY id DESC';
  const rows = database.prepare(sql).all(subject, item) as { id: number; label: string }[];
  database.close();
  return rows;
}

/** The pages of every figure and look there is. */
function ownLines(): readonly string[] {
  const database = new SQLite(join(server.folder, 'outfit.sqlite'), { readonly: true });
  const ids = (table: string): string[] => database.prepare(`SELECT id FROM ${table}`).pluck().all() as string[];
  const lines = [...ids('figure').map((id) => `figure/${id}`), ...ids('look').map((id) => `look/${id}`)];
  database.close();
  return lines;
}

/** Pieces come from somewhere and go somewhere: nothing is ever more or less than what was moved. */
function expectBalance(): void {
  const database = new SQLite(join(server.folder, 'outfit.sqlite'), { readonly: true });
  expect(database.prepare('SELECT lot FROM balance GROUP BY lot HAVING SUM(quantity) <> 0').all()).toEqual([]);
  expect(database.prepare(`SELECT lot FROM balance WHERE quantity < 0 AND place <> 'outside'`).all()).toEqual([]);
  database.close();
}

test(
  'whatever is done, undone, done again and taken back by itself, undoing all of it brings back the beginning',
  async () => {
    const figures = (await lineUp()).figures.map(({ id, looks }) => [id, ...looks.map((look) => look.id)]);
    const before = seen();
    const lines = [...LINES, ...figures.flatMap(([id, ...looks]) => [`figure/${id}`, ...looks.map((look) => `look/${look}`)])];
    // What was there before the first deed of these is not undone.
    const oldest = Math.max(0, ...(await get<ChangeDto[]>('history/wardrobe/all')).map(({ id }) => id));
    const done = new Map<string, number>();
    for (let i = 0; i < DEEDS; i += 1) {
      if (i > 0 && i % Math.ceil(DEEDS / (RESTARTS + 1)) === 0) server = await server.restart();
      const line = one(lines) ?? '';
      const kind = draw();
      if (kind < 0.72) {
        const [name = '', deed = () => NOTHING] = one(Object.entries(DEED)) ?? [];
        const { status, body } = await await deed();
        expect([name, status, status < 500 || body]).toEqual([name, status, true]);
        if (status >= 200 && status < 300) done.set(name, (done.get(name) ?? 0) + 1);
      } else if (kind < 0.84) expect((await server.post(`history/${one(LINES)}/undo`)).status).not.toBe(500);
      else if (kind < 0.92) expect((await server.post(`history/${one(LINES)}/redo`)).status).not.toBe(500);
      else {
        const deeds = (await get<ChangeDto[]>(`history/${below(3) === 0 ? line : 'wardrobe/all'}`)).filter(
          (row) => row.stands && row.id > oldest,
        );
        const own = one(deeds);
        const where = own && (await get<ChangeDto[]>('history/wardrobe/all')).some(({ id }) => id === own.id) ? 'wardrobe/all' : line;
        if (own) expect((await server.post(`history/${where}/changes/${own.id}/back`)).status).not.toBe(500);
      }
      if (i % 40 === 0) expectBalance();
    }
    server = await server.restart();
    // Figures that were made meanwhile have pages of their own, those in the bin too.
    lines.push(...ownLines().filter((line) => !lines.includes(line)));
    // Line by line until nothing of these deeds stands: a deed of one page may rest on one of another.
    for (let goesOn = true; goesOn;) {
      goesOn = false;
      for (const line of lines)
        for (;;) {
          const newest = standing(line)[0];
          if (newest === undefined || newest.id <= oldest) break;
          const { status } = await server.post(`history/${line}/undo`);
          expect(status).not.toBe(500);
          if (status >= 300) break;
          goesOn = true;
        }
    }
    expect(lines.flatMap((line) => standing(line).flatMap(({ id, label }) => (id > oldest ? [`${line}: ${label}`] : [])))).toEqual([]);
    expectBalance();
    expect(seen()).toEqual(before);
    expect(done.size).toBeGreaterThan(DEEDS > 200 ? 20 : 5);
  },
  DEEDS * 1000 + 60_000,
);
