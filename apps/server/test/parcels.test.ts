import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { DeadlineDto, FigureRealCostDto, OrderedParcelDto, ServingParcelDto, SpentDto } from '../src/parcels/parcels.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const parcels = async (): Promise<OrderedParcelDto[]> => (await server.get<OrderedParcelDto[]>('parcels')).body;
const standing = async (figure: string): Promise<string> => {
  const { body } = await server.get<PromisesDto>('wardrobe/promises');
  const i = body.figures.indexOf(figure);
  return `${body.standings[i]}, ${body.toBuy[i]} to buy, ${body.onTheirWay[i]} on their way`;
};
const drawer = async (): Promise<string> => {
  const { body } = await server.get<PlaceDto[]>('wardrobe/places');
  return body.find((place) => place.path === 'Hobby room › Odds box')?.id ?? '';
};
const undo = () => server.post<{ done: string }>('history/wardrobe/all/undo');
const owned = async (variant: string): Promise<number> =>
  (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`)).body.reduce(
    (all, piece) => all + piece.quantity,
    0,
  );
const byHand = async (more: object = {}): Promise<OrderedParcelDto> => {
  const { status, body } = await server.post<OrderedParcelDto[]>('parcels', {
    ...{ sellerName: 'The swap table', postageMinor: 60, feesMinor: 0 },
    lines: [
      { variant: 'HA-118·raven', quantity: 2, priceMinor: 100, condition: 'used' },
      { variant: 'TO-401·woad', quantity: 1, priceMinor: 200, condition: 'new' },
    ],
    ...more,
  });
  expect(status).toBe(201);
  return body[0] as OrderedParcelDto;
};
const receive = (parcel: OrderedParcelDto, came: readonly object[], place: string) =>
  server.post<OrderedParcelDto[] & { message: string }>(`parcels/${parcel.id}/received`, {
    lines: came.map((row, i) => ({ id: parcel.lines[i]?.id, came: 0, damaged: 0, ...row })),
    place,
  });
const again = async ({ id }: OrderedParcelDto): Promise<OrderedParcelDto> =>
  (await parcels()).find((parcel) => parcel.id === id) as OrderedParcelDto;

describe('an errand’s plan is ordered', () => {
  test('its pieces are on their way at once: nothing of it is to buy any more, and Undo takes it all back', async () => {
    const { body: figure } = await server.get<FigureDto>('figures/marta-quill');
    const before = await standing('marta-quill');
    const { body: errand } = await server.post<ErrandDto>('errands', {
      ...{ scope: 'marta-quill', lines: [{ look: figure.chosenLook, copies: 1, group: null }] },
    });
    await server.ended(errand.job.id);
    const { status, body } = await server.post<OrderedParcelDto[]>('parcels/orders', { errand: errand.id, sellers: [] });
    expect(status).toBe(201);
    const made = body.filter((parcel) => parcel.errand === errand.id);
    expect(made.length).toBeGreaterThan(0);
    for (const parcel of made) {
      expect(parcel.agreedMinor).toBe(parcel.plannedMinor);
      expect(parcel.lines.reduce((all, line) => all + line.landedMinor, 0)).toBe(parcel.costMinor);
      expect(parcel.expectedOn).not.toBeNull();
    }
    const { body: plan } = await server.get<ErrandDto>(`errands/${errand.id}`);
    expect(made.reduce((all, parcel) => all + parcel.agreedMinor, 0)).toBe(plan.job.result?.paidMinor);
    expect(await standing('marta-quill')).toMatch(/^waiting, 0 to buy/);
    // A second press, or a second tab, means the same orders.
    const twice = await server.post('parcels/orders', { errand: errand.id, sellers: [] });
    expect([twice.status, twice.body.message]).toEqual([
      409,
      expect.stringMatching(/^The errand for .* is ordered already at .* Nothing was ordered/),
    ]);
    expect((await parcels()).filter((parcel) => parcel.errand === errand.id)).toHaveLength(made.length);
    for (const _ of made) await undo();
    expect(await standing('marta-quill')).toBe(before);
    expect((await parcels()).some((parcel) => parcel.errand === errand.id)).toBe(false);
  });
});

describe('a parcel by hand', () => {
  test('is put away in parts, with something damaged and something else instead', async () => {
    const [place, raven, rust] = [await drawer(), await owned('HA-118·raven'), await owned('HA-118·rust')];
    const parcel = await byHand();
    expect([parcel.state, parcel.agreedMinor, parcel.lines.map((line) => line.landedMinor)]).toEqual(['ordered', 460, [230, 230]]);
    const half = await receive(parcel, [{ came: 1 }], place);
    expect(half.status).toBe(201);
    expect(await again(parcel)).toMatchObject({
      state: 'arrived',
      lines: [
        { came: 1, open: 1 },
        { came: 0, open: 1 },
      ],
    });
    const rest = await again(parcel);
    await receive(rest, [{ instead: { variant: 'HA-118·rust', quantity: 1 } }, { came: 1, damaged: 1, defect: 'crack' }], place);
    expect([await owned('HA-118·raven'), await owned('HA-118·rust')]).toEqual([raven + 1, rust + 1]);
    const { body: torsos } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent('TO-401·woad')}`);
    expect(torsos.find((piece) => piece.placeId === place)?.defects).toEqual([{ kind: 'crack', note: 'came so from The swap table' }]);
    // What did not come is paid back, and the parcel is settled; what is left carries all it cost.
    const claim = { line: rest.lines[0]?.id, quantity: 1, outcome: 'money back', sumMinor: 100 };
    expect((await server.post(`parcels/${parcel.id}/claims`, claim)).status).toBe(201);
    const settled = await again(parcel);
    expect([settled.state, settled.costMinor, settled.lines.map((line) => line.landedMinor)]).toEqual(['settled', 360, [120, 240]]);
    // The other tab asks the same once more.
    const twice = await server.post(`parcels/${parcel.id}/claims`, claim);
    expect([twice.status, twice.body.message]).toEqual([409, expect.stringMatching(/^No more of .* is expected/)]);
    const damaged = { ...claim, reason: 'damaged', sumMinor: 50 };
    expect((await server.post(`parcels/${parcel.id}/claims`, damaged)).status).toBe(201);
    expect((await server.post(`parcels/${parcel.id}/claims`, damaged)).body.message).toContain('Money for 2 of 2');
    await undo();
    expect((await again(parcel)).refundedMinor).toBe(100);
    expect((await undo()).body.done).toContain('money back');
    expect(await again(parcel)).toMatchObject({ state: 'arrived', refundedMinor: 0 });
  });

  test('more than was expected, more damaged than came, and more back than was paid are refused with a sentence', async () => {
    const place = await drawer();
    const parcel = await byHand();
    expect((await receive(parcel, [{ came: 3 }], place)).body.message).toContain('2 of Low knot in raven are expected, not 3');
    expect((await receive(parcel, [{ came: 1, damaged: 2 }], place)).status).toBe(422);
    expect((await receive(parcel, [{}], place)).body.message).toBe('Say what came.');
    const claim = { line: parcel.lines[0]?.id, quantity: 1, outcome: 'money back', sumMinor: 9000 };
    expect((await server.post(`parcels/${parcel.id}/claims`, claim)).status).toBe(422);
    expect((await server.post('parcels/nobody/received', { lines: [{ id: 1, came: 1, damaged: 0 }], place })).status).toBe(404);
  });

  test('one that is lost gives back what it held, and a find goes straight into a drawer', async () => {
    const parcel = await byHand();
    expect((await server.post(`parcels/${parcel.id}/end`, { as: 'lost', refundedMinor: 460 })).status).toBe(201);
    expect(await again(parcel)).toMatchObject({ state: 'lost', costMinor: 0 });
    expect((await server.post(`parcels/${parcel.id}/end`, { as: 'cancelled', refundedMinor: 0 })).status).toBe(409);
    const before = await owned('HA-118·raven');
    const find = await byHand({ place: await drawer() });
    expect([find.state, await owned('HA-118·raven')]).toEqual(['settled', before + 2]);
  });
});

describe('a claim', () => {
  test('is asked, stands open, and is settled with what came of it; each can be taken back', async () => {
    const parcel = await byHand();
    const [line] = parcel.lines;
    const asked = { line: line?.id, quantity: 1, reason: 'damaged', outcome: 'money back', sumMinor: 100, isOpen: true };
    expect((await server.post(`parcels/${parcel.id}/claims`, asked)).status).toBe(201);
    const open = await again(parcel);
    expect([open.refundedMinor, open.claims]).toEqual([
      0,
      [expect.objectContaining({ reason: 'damaged', asked: 'money back', outcome: null })],
    ]);
    const claim = open.claims[0]?.id;
    // The seller gives less than was asked for.
    const settled = await server.put<OrderedParcelDto[]>(`parcels/${parcel.id}/claims/${claim}`, { outcome: 'keep it', sumMinor: 60 });
    expect(settled.status).toBe(200);
    expect(await again(parcel)).toMatchObject({ refundedMinor: 60, claims: [{ outcome: 'keep it', gotMinor: 60 }] });
    expect((await server.put(`parcels/${parcel.id}/claims/${claim}`, { outcome: 'keep it', sumMinor: 0 })).body.message).toContain(
      'settled already',
    );
    await undo();
    expect(await again(parcel)).toMatchObject({ refundedMinor: 0, claims: [{ outcome: null }] });
    await undo();
    expect((await again(parcel)).claims).toEqual([]);
    expect((await server.post(`parcels/${parcel.id}/claims`, { ...asked, quantity: 3 })).status).toBe(422);
    expect((await server.put(`parcels/${parcel.id}/claims/99`, { outcome: 'keep it', sumMinor: 0 })).status).toBe(404);
  });
});

describe('what a figure waits for', () => {
  test('is told with its parcel and day, and goes onto its tray when it is put away; the rest into the drawer', async () => {
    const figure = 'perrin-oake';
    const wanted = 'HT-204·woad+ink+brass';
    const cost = async (): Promise<number> =>
      (await server.get<FigureRealCostDto[]>('parcels/costs')).body.find((row) => row.figure === figure)?.costMinor ?? 0;
    const costBefore = await cost();
    const parcel = await byHand({ lines: [{ variant: wanted, quantity: 9, priceMinor: 250, condition: 'new' }], expectedOn: '2099-01-01' });
    const { body: serving } = await server.get<ServingParcelDto[]>(`parcels/serving/${figure}`);
    expect(serving).toEqual([expect.objectContaining({ parcel: parcel.id, pieces: 1, expectedOn: '2099-01-01', isLate: false })]);
    const place = await drawer();
    const trays = async (): Promise<readonly (readonly [string, number])[]> =>
      (await server.get<PlaceDto[]>('wardrobe/places')).body
        .filter((row) => row.kind === 'bench' && row.figure !== null)
        .map((row) => [row.figure ?? '', row.pieces] as const);
    const before = new Map(await trays());
    const body = { lines: [{ id: parcel.lines[0]?.id, came: 9, damaged: 0 }], place, toTrays: true };
    expect((await server.post(`parcels/${parcel.id}/received`, body)).status).toBe(201);
    const after = new Map(await trays());
    expect((after.get(figure) ?? 0) - (before.get(figure) ?? 0)).toBe(1);
    const onTrays = [...after].reduce((all, [id, pieces]) => all + pieces - (before.get(id) ?? 0), 0);
    const { body: runs } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(wanted)}`);
    const inDrawer = runs.filter((run) => run.placeId === place).reduce((all, run) => all + run.quantity, 0);
    expect(onTrays + inDrawer).toBe(9);
    // One of nine at 2.50, with its share of 0.60 of postage.
    expect([256, 257]).toContain((await cost()) - costBefore);
    await undo();
    await undo();
  });

  test('has a last day to order, by the days its sellers take, in the list and in the calendar', async () => {
    const { body } = await server.get<DeadlineDto[]>('parcels/deadlines');
    const dueOf = (figure: string) => body.find((row) => row.figure === figure);
    // One by its own day, one by the series it belongs to, one by whom it was promised to: she should have been there nine days ago.
    expect(dueOf('lamplighter')).toMatchObject({ dueOn: suiteDay(205), isPast: false });
    expect(dueOf('celia-franking')).toMatchObject({ dueOn: suiteDay(79), isPast: false });
    expect(body[0]).toMatchObject({ figure: 'marta-quill', dueOn: suiteDay(-9), isPast: true });
    expect(dueOf('lamplighter')?.latestOn.localeCompare(suiteDay(205))).toBe(-1);
    const { body: calendar } = await server.get<string>('parcels/calendar.ics');
    for (const name of ['Lamplighter', 'Celia Franking']) expect(calendar).toContain(`SUMMARY:Order for ${name}`);
  });
});

describe('whatever is done with a parcel', () => {
  const deed = fc.oneof(
    fc.record({ kind: fc.constant('receive' as const), came: fc.nat(3), damaged: fc.nat(1), instead: fc.boolean() }),
    fc.record({
      kind: fc.constant('claim' as const),
      quantity: fc.integer({ min: 1, max: 3 }),
      outcome: fc.constantFrom('money back', 'buy again', 'keep it'),
      isOpen: fc.boolean(),
    }),
    fc.record({ kind: fc.constant('paid' as const), paidMinor: fc.nat(900) }),
    fc.record({ kind: fc.constant('end' as const), as: fc.constantFrom('lost', 'cancelled') }),
    fc.record({ kind: fc.constant('undo' as const) }),
  );

  test('pieces are conserved, and what they cost sums to what was paid less what came back', async () => {
    const place = await drawer();
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { minLength: 1, maxLength: 7 }), async (deeds) => {
        const parcel = await byHand();
        let done = 0;
        for (const row of deeds) {
          const now = await again(parcel);
          const [line] = now.lines;
          const ask =
            row.kind === 'receive'
              ? server.post(`parcels/${parcel.id}/received`, {
                  ...{ place, toTrays: row.instead },
                  lines: [
                    {
                      id: line?.id,
                      came: row.came,
                      damaged: row.damaged,
                      ...(row.instead ? { instead: { variant: 'HA-118·rust', quantity: 1 } } : {}),
                    },
                  ],
                })
              : row.kind === 'claim'
                ? server.post(`parcels/${parcel.id}/claims`, {
                    line: line?.id,
                    quantity: row.quantity,
                    outcome: row.outcome,
                    sumMinor: 20,
                    isOpen: row.isOpen,
                  })
                : row.kind === 'paid'
                  ? server.put(`parcels/${parcel.id}`, { paidMinor: row.paidMinor })
                  : row.kind === 'end'
                    ? server.post(`parcels/${parcel.id}/end`, { as: row.as, refundedMinor: 0 })
                    : done > 0
                      ? undo()
                      : null;
          const status = (await ask)?.status ?? 0;
          expect(status).toBeLessThan(500);
          if (status > 0 && status < 300) done += row.kind === 'undo' ? -1 : 1;
          const after = await again(parcel);
          for (const own of after.lines) expect(own.came + own.gone + own.open).toBe(own.quantity);
          expect(after.lines.reduce((all, own) => all + own.landedMinor, 0)).toBe(after.costMinor);
          // What the parcel still holds in the ledger is what it still expects.
          const { body: places } = await server.get<PlaceDto[]>('wardrobe/places');
          const held = places
            .filter((own) => own.kind === 'parcel' && own.path === 'Parcel from The swap table')
            .reduce((all, own) => all + own.pieces, 0);
          const open = (await parcels()).filter((own) => own.sellerName === 'The swap table').flatMap((own) => own.lines);
          expect(held).toBe(open.reduce((all, own) => all + own.open, 0));
        }
        for (; done >= 0; done -= 1) await undo();
      }),
      { numRuns: 15 },
    );
  }, 120_000);
});

describe('the simulated sellers', () => {
  test('send and deliver on the market’s days: the late one comes, and in the other something is wrong', async () => {
    const [second, first] = (await parcels()).filter((parcel) => parcel.seller !== null);
    expect([first?.isLate, first?.state, second?.isLate]).toEqual([true, 'sent', false]);
    const { body } = await server.post<{ told: string[] }>('market/clock/advance', { days: 3 });
    expect(body.told).toContain('The parcel from Button Box is here.');
    const here = await again(second as OrderedParcelDto);
    expect(here).toMatchObject({ state: 'arrived', inside: { came: [4, 8], instead: [{ variant: 'LG-701·walnut+soot' }] } });
  }, 60_000);

  test('what was spent is told by month, and what is expected as a calendar', async () => {
    const { body: spent } = await server.get<SpentDto>('parcels/spent');
    expect(spent.costMinor).toBe((await parcels()).reduce((all, parcel) => all + parcel.costMinor, 0));
    expect(spent.months.reduce((all, row) => all + row.minor, 0)).toBe(spent.costMinor);
    const { body: calendar, headers } = await server.get<string>('parcels/calendar.ics');
    expect(headers.get('content-type')).toContain('text/calendar');
    expect(calendar).toContain('BEGIN:VEVENT');
    expect(calendar).toContain('SUMMARY:Parcel from Second Shelf');
  });
});
