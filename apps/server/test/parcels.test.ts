import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { OrderedParcelDto, SpentDto } from '../src/parcels/parcels.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

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
