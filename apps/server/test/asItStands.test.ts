import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { BenchSessionDto } from '../src/bench/bench.dto.js';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { ErrandJobDto } from '../src/errands/solving/plan.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import { Harness } from './harness.js';

// An owned figure that *is* the look serves it whole: nothing is taken apart.

let server: Harness;
let donor: DonorDto;
let figure: FigureDto;
beforeAll(async () => {
  server = await Harness.start();
  const donors = (await server.get<DonorDto[]>('wardrobe/donors')).body;
  const whole = donors.find(
    ({ keepWhole, holes, holds }) => !keepWhole && holes.length === 0 && holds.every((held) => held.quantity === 1 || held.quantity === 2),
  );
  if (!whole) throw new Error('no whole figure is owned');
  donor = whole;
  const from = { kind: 'official', id: donor.officialFigure };
  figure = (await server.post<FigureDto>('figures', { name: 'As it stands', lineUp: 'winter-post', from })).body;
}, 60_000);
afterAll(() => server.stop());

const said = async (): Promise<readonly [standing: string, toBuy: number]> => {
  const { figures, standings, toBuy } = (await server.get<PromisesDto>('wardrobe/promises')).body;
  const at = figures.indexOf(figure.id);
  return [standings[at] ?? '', toBuy[at] ?? NaN];
};

describe('a look that an owned whole figure is', () => {
  test('is ready, has nothing to buy, and its errand pays nothing and takes nothing apart', async () => {
    expect(await said()).toEqual(['ready to build', 0]);
    const { body } = await server.post<ErrandDto>('errands', { scope: figure.id, lines: [{ look: figure.chosenLook, copies: 1 }] });
    await server.ended<ErrandJobDto>(body.job.id);
    const errand = (await server.get<ErrandDto>(`errands/${body.id}`)).body;
    expect([errand.job.result?.paidMinor, errand.donated]).toEqual([0, []]);
  });

  test('is taken as it stands at the bench: three steps, none of them takes a part off, and the whole figure is the figure then', async () => {
    const { status, body } = await server.post<BenchSessionDto>('bench', { figures: [{ figure: figure.id }] });
    expect([status, body.steps.map(({ kind }) => kind)]).toEqual([201, ['fetch', 'build', 'look']]);
    expect(body.steps.map(({ sentence }) => sentence)).toEqual([
      `Take ${donor.name} from ${donor.place}, as it stands.`,
      'Stand As it stands up in front of you: nothing is put on.',
      expect.stringContaining('from four sides'),
    ]);
    for (const { id } of body.steps) expect((await server.post(`bench/${body.id}/steps/${id}`)).status).toBe(201);
    expect((await said())[0]).toBe('built');
    const places = (await server.get<PlaceDto[]>('wardrobe/places')).body;
    expect(places.filter(({ id, pieces }) => id === donor.id && pieces > 0)).toEqual([]);
  });
});
