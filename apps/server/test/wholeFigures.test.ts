import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const donors = async (): Promise<DonorDto[]> => (await server.get<DonorDto[]>('wardrobe/donors')).body;
const places = async (): Promise<PlaceDto[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body;
const placeOf = async (path: string): Promise<PlaceDto> => {
  const found = (await places()).find((place) => place.path === path);
  if (!found) throw new Error(`no place ${path}`);
  return found;
};
const runOf = async (variant: string, place: string): Promise<PieceDto> => {
  const { body } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`);
  const found = body.find((piece) => piece.place.includes(place));
  if (!found) throw new Error(`no run of ${variant}`);
  return found;
};
const undo = () => server.post<{ done: string; message: string }>('history/wardrobe/all/undo');

describe('whole figures', () => {
  const holes = async (): Promise<number> => (await donors()).reduce((all, donor) => all + donor.holes.length, 0);

  test('there are 26 of them, three kept whole, two with holes', async () => {
    const all = await donors();
    expect([all.length, all.filter((donor) => donor.keepWhole).length, await holes()]).toEqual([26, 3, 3]);
  });

  test('a part that comes off leaves a hole, and fills it when it goes back on', async () => {
    const donor = (await donors()).find((row) => row.officialFigure === 'LR-01-a' && row.holes.length === 0);
    const held = donor?.holds[0];
    const before = await holes();
    const bench = await placeOf('Hobby room › Odds box');
    await server.post('wardrobe/deeds', { deed: 'move', pieces: [{ id: held?.run, quantity: 1 }], to: bench.id });
    expect(await holes()).toBe(before + 1);
    const { body: runs } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(held?.variant ?? '')}`);
    const loose = runs.find((run) => run.placeId === bench.id);
    await server.post('wardrobe/deeds', { deed: 'move', pieces: [{ id: loose?.id, quantity: 1 }], to: donor?.id });
    expect(await holes()).toBe(before);
  });

  test('one that is kept whole gives nothing', async () => {
    const donor = (await donors()).find((row) => !row.keepWhole && row.holds.some((held) => held.promisedTo.length > 0));
    expect(donor).toBeDefined();
    await server.put(`wardrobe/places/${donor?.id ?? ''}`, { keepWhole: true });
    const kept = (await donors()).find((row) => row.id === donor?.id);
    expect([kept?.keepWhole, kept?.holds.every((held) => held.promisedTo.length === 0)]).toEqual([true, true]);
    await undo();
    expect((await donors()).find((row) => row.id === donor?.id)?.holds).toEqual(donor?.holds);
    const drawer = await placeOf('Hobby room › Odds box');
    expect((await server.put(`wardrobe/places/${drawer.id}`, { keepWhole: true })).status).toBe(422);
  });

  test('a set that came stands there as whole figures, with its loose pieces beside, and what was missing left out', async () => {
    const shelf = await placeOf('Window sill');
    const before = await donors();
    const { status } = await server.post('wardrobe/products', {
      product: { kind: 'source', id: 'LR-07' },
      count: 1,
      state: 'opened',
      place: shelf.id,
      inside: [],
      missing: [
        { of: 0, variant: 'CP-801·lagoon+brass' },
        { of: -1, variant: 'HE-904·teak+chalk' },
      ],
    });
    expect(status).toBe(201);
    const now = await donors();
    expect(now.length).toBe(before.length + 2);
    expect(
      now.find((donor) => donor.officialFigure === 'LR-07-a' && donor.place === 'Window sill')?.holes.map((hole) => hole.variant),
    ).toEqual(['CP-801·lagoon+brass']);
    expect((await runOf('HE-904·teak+chalk', 'Window sill')).quantity).toBe(1);
    expect((await undo()).body.done).toContain('came, opened');
    expect((await donors()).length).toBe(before.length);
  });

  test('a blind bag asks which figure was inside', async () => {
    const shelf = await placeOf('Window sill');
    const bag = (inside: readonly string[], state = 'opened') =>
      server.post('wardrobe/products', { product: { kind: 'source', id: 'LR-11' }, count: 1, state, place: shelf.id, inside, missing: [] });
    expect((await bag([])).body.message).toBe('Say which figure was in the bag.');
    expect((await bag(['MP-02-a'])).status).toBe(422);
    expect((await bag([], 'sealed')).body.message).toContain('Nobody knows what is in a sealed');
    expect((await bag(['LR-11-a'])).status).toBe(201);
    expect((await donors()).filter((donor) => donor.officialFigure === 'LR-11-a')).toHaveLength(3);
    await undo();
  });

  test('what is sealed is owned and out of reach until it is opened', async () => {
    const box = (await places()).find((place) => place.kind === 'sealed' && place.product === 'LR-11-a');
    expect(box?.pieces).toBe(8);
    const before = (await donors()).length;
    const sill = await placeOf('Window sill');
    const opened = await server.post(`wardrobe/boxes/${box?.id ?? ''}/open`, {
      place: sill.id,
      inside: [],
      missing: [{ of: 0, variant: 'HN-601·shell' }],
    });
    expect(opened.status).toBe(201);
    const fresh = (await donors()).filter((donor) => donor.officialFigure === 'LR-11-a' && donor.holes.length > 0);
    expect([(await donors()).length, fresh.length, (await places()).some((place) => place.id === box?.id)]).toEqual([before + 1, 1, false]);
    expect((await server.post(`wardrobe/boxes/${sill.id}/open`, { place: sill.id, inside: [], missing: [] })).status).toBe(409);
    await undo();
    expect((await places()).find((place) => place.id === box?.id)?.pieces).toBe(8);
  });

  test('whole figures go back into a box, and loose pieces are put together again', async () => {
    const sill = await placeOf('Window sill');
    const keeper = (await donors()).find((donor) => donor.officialFigure === 'MP-08-a');
    const sealed = await server.post('wardrobe/boxes', { name: 'Weather station', donors: [keeper?.id], place: sill.id });
    expect(sealed.status).toBe(201);
    expect((await places()).find((place) => place.name === 'Weather station')).toMatchObject({ kind: 'sealed', pieces: 9 });
    await undo();
    const runs = (keeper?.holds ?? []).map((held) => ({ id: held.run, quantity: held.quantity }));
    await server.post('wardrobe/deeds', { deed: 'move', pieces: runs, to: sill.id });
    expect((await donors()).some((donor) => donor.id === keeper?.id)).toBe(false);
    const together = await server.post('wardrobe/donors', { officialFigure: 'MP-08-a', place: sill.id });
    expect(together.status).toBe(201);
    expect((await donors()).filter((donor) => donor.officialFigure === 'MP-08-a').map((donor) => donor.holes)).toEqual([[]]);
    const twice = await server.post('wardrobe/donors', { officialFigure: 'LR-09-a', place: sill.id });
    expect([twice.status, twice.body.message]).toEqual([409, expect.stringContaining('Not every piece lies loose')]);
  });

  test('an errand makes them whole again, copies of one part bought together', async () => {
    const holed = (await donors()).filter((donor) => donor.holes.length > 0);
    const { status, body } = await server.post<ErrandDto>('errands', {
      scope: 'wardrobe',
      lines: holed.map((donor) => ({ look: donor.id, copies: 1, group: null })),
      useDonors: false,
    });
    expect(status).toBe(201);
    expect(body.needs.reduce((all, need) => all + need.quantity, 0)).toBe(holed.flatMap((donor) => donor.holes).length);
    await server.ended(body.job.id);
    // Each line is called as the figure is: no id of ours stands on the page.
    const { body: planned } = await server.get<ErrandDto>(`errands/${body.id}`);
    expect(planned.lines.map(({ wholeFigure }) => wholeFigure)).toEqual(holed.map(({ name }) => name));
    const mixed = await server.post('errands', { scope: 'wardrobe', lines: [{ look: 'marta-quill-1', copies: 1, group: null }] });
    expect(mixed.status).toBe(422);
  });
});
