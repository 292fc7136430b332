import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { OrderedParcelDto } from '../src/parcels/parcels.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { PiecesPageDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const standing = async (figure: string): Promise<string> => {
  const { body } = await server.get<PromisesDto>('wardrobe/promises');
  const i = body.figures.indexOf(figure);
  return `${body.standings[i]}, ${body.toBuy[i]} to buy`;
};
const undo = () => server.post('history/wardrobe/all/undo');

test('what was ordered for a figure is kept for it, whoever is due before it by now, until it is let go or put away', async () => {
  const { body: figure } = await server.get<FigureDto>('figures/dace-roe');
  const { body: errand } = await server.post<ErrandDto>('errands', {
    ...{ scope: 'dace-roe', lines: [{ look: figure.chosenLook, copies: 1, group: null }] },
  });
  await server.ended(errand.job.id);
  const { status, body } = await server.post<OrderedParcelDto[]>('parcels/orders', { errand: errand.id, sellers: [] });
  expect([status, await standing('dace-roe')]).toEqual([201, 'waiting, 0 to buy']);
  const made = body.filter((parcel) => parcel.errand === errand.id);
  const ordered = made.flatMap((parcel) => parcel.lines);

  // Somebody else comes to want one of the pieces, and is due tomorrow.
  const worn = figure.looks
    .find((look) => look.id === figure.chosenLook)
    ?.parts.find((part) => ordered.some((line) => line.variant === part.variant));
  const { body: other } = await server.post<FigureDto>('figures', { name: 'Wants the same', lineUp: 'better' });
  const edits = [{ action: 'put on', position: worn?.position, variant: worn?.variant }];
  expect((await server.post(`looks/${other.chosenLook}/edits`, { label: 'The same', edits })).status).toBe(201);
  const { body: now } = await server.get<FigureDto>(`figures/${other.id}`);
  expect((await server.put(`figures/${other.id}/brief?version=${now.version}`, { ...now.brief, dueOn: suiteDay(1) })).status).toBe(200);
  expect(await standing('dace-roe')).toBe('waiting, 0 to buy');

  const { body: places } = await server.get<PlaceDto[]>('wardrobe/places');
  const runs = await Promise.all(
    places
      .filter((place) => place.kind === 'parcel' && place.pieces > 0)
      .map(async ({ id }) => (await server.get<PiecesPageDto>(`wardrobe/pieces/page?place=${id}`)).body.rows),
  );
  const run = runs.flat().find((piece) => piece.variant === worn?.variant);
  expect((await server.post('wardrobe/pins', { id: run?.id, figure: 'dace-roe', quantity: 0 })).status).toBe(201);
  expect(await standing('dace-roe')).toBe('wanting, 1 to buy');
  await undo();
  expect(await standing('dace-roe')).toBe('waiting, 0 to buy');
  for (const _ of made) await undo();
  await server.post(`looks/${other.chosenLook}/undo`);
});

test('the price of a whole figure is shared over its pieces by what they cost loose: a hand is cheaper than a printed torso', async () => {
  const offers = `seller,item,asks,left,sold in,condition,seen on\nseven-drawers,LR-07-a,0.90,9,1,used,${suiteDay(-1)}\n`;
  expect((await server.post('market/import?agree=all', offers)).status).toBeLessThan(300);
  const { body: errand } = await server.post<ErrandDto>('errands', {
    ...{ scope: 'ibbe-lantry', lines: [{ look: 'ibbe-lantry-1', copies: 4, group: null }] },
  });
  await server.ended(errand.job.id);
  const { body } = await server.post<OrderedParcelDto[]>('parcels/orders', { errand: errand.id, sellers: ['seven-drawers'] });
  const bought = body.find((parcel) => parcel.errand === errand.id)?.lines ?? [];
  const priceOf = (mould: string): number => bought.find(({ variant }) => variant.startsWith(mould))?.priceMinor ?? 0;
  expect(priceOf('TO-')).toBeGreaterThan(2 * priceOf('HN-'));
  expect(bought.reduce((all, { priceMinor, quantity }) => all + priceMinor * quantity, 0) % 90).toBe(0);
});

test('a parcel that is here and not put away yet is late no more, and nobody waits for its day', async () => {
  const lines = [{ variant: 'HN-601·almond', quantity: 2, priceMinor: 10, condition: 'used' }];
  const { body: made } = await server.post<OrderedParcelDto[]>('parcels', {
    ...{ sellerName: 'The swap table', postageMinor: 0, feesMinor: 0, lines, expectedOn: suiteDay(-3) },
  });
  const [parcel] = made.filter(({ sellerName }) => sellerName === 'The swap table');
  const dueOn = async (): Promise<string | null | undefined> =>
    (await server.get<PlaceDto[]>('wardrobe/places')).body.find(({ name }) => name === 'Parcel from The swap table')?.dueOn;
  expect([parcel?.isLate, await dueOn()]).toEqual([true, suiteDay(-3)]);
  const { body: here } = await server.put<OrderedParcelDto[]>(`parcels/${parcel?.id}`, { isHere: true });
  expect([here.find(({ id }) => id === parcel?.id)?.isLate, await dueOn()]).toEqual([false, null]);
  await undo();
  expect(await dueOn()).toBe(suiteDay(-3));
});
