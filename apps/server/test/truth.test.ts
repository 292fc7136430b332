import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { CatalogueService } from '../src/catalogue/index.js';
import type { BenchOverviewDto } from '../src/bench/bench.dto.js';
import type { ErrandDto, ErrandRowDto, StandingPlanDto, WholeAgainDto } from '../src/errands/errands.dto.js';
import type { ErrandJobDto } from '../src/errands/solving/plan.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { IdeasDto } from '../src/ideas/ideas.dto.js';
import type { ItemPricesDto, OfferDto, PricesDto } from '../src/market/market.dto.js';
import type { DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto, RunPromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { PieceDto, PiecesPageDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

// One word, one number: every place that says it is asked.

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

describe('“ready to build”', () => {
  /** What the shelf and the stage, the bench's list, "What could I do now?" and the bench itself say of a figure. */
  async function saidOf(figure: string): Promise<readonly [shelf: string, bench: boolean, now: boolean, begin: number]> {
    const { figures, standings } = (await server.get<PromisesDto>('wardrobe/promises')).body;
    const bench = (await server.get<BenchOverviewDto>('bench')).body.ready.some((row) => row.figure === figure);
    const now = (await server.get<IdeasDto>('ideas')).body.now.some((row) => row.kind === 'build' && row.id === figure && row.isReady);
    const begun = await server.post<{ id: string }>('bench', { figures: [{ figure }] });
    if (begun.status === 201) await server.post('history/wardrobe/all/undo');
    return [standings[figures.indexOf(figure)] ?? '', bench, now, begun.status];
  }

  test('is said by all of them of a figure that is whole and at hand', async () => {
    expect(await saidOf('hob-linnet')).toEqual(['ready to build', true, true, 201]);
  });

  test('is said by none of what lacks a head, though every piece of it is at hand', async () => {
    const figure = (await server.get<FigureDto>('figures/hob-linnet')).body;
    const edit = { edits: [{ action: 'take off', position: 'head' }], label: 'Took the head off' };
    expect((await server.post(`looks/${figure.chosenLook}/edits`, edit)).status).toBe(201);
    expect(await saidOf('hob-linnet')).toEqual(['unfinished', false, false, 422]);
    await server.post(`looks/${figure.chosenLook}/undo`);
    expect(await saidOf('hob-linnet')).toEqual(['ready to build', true, true, 201]);
  });
});

describe('a plan and what is said of it', () => {
  async function planned(wanted: object): Promise<ErrandDto> {
    const { body } = await server.post<ErrandDto>('errands', wanted);
    await server.ended<ErrandJobDto>(body.job.id);
    return (await server.get<ErrandDto>(`errands/${body.id}`)).body;
  }
  const planOf = ({ job }: ErrandDto) => {
    if (!job.result) throw new Error('no plan');
    return job.result;
  };
  const crew = async (rules: object, lineUp = 'heron-crew'): Promise<ErrandDto> => {
    const { figures } = (await server.get<{ figures: FigureDto[] }>(`line-ups/${lineUp}`)).body;
    const lines = figures
      .filter(({ looks }) => looks.length > 0)
      .map(({ chosenLook, brief }) => ({ look: chosenLook, copies: brief.copies }));
    return planned({ scope: lineUp, lines, ...rules });
  };

  test('six copies under a budget of 20: whole ones first, each line and the whole say how many, and nothing costs what is missing', async () => {
    const errand = await planned({ scope: 'ibbe-lantry', lines: [{ look: 'ibbe-lantry-1', copies: 6 }], budgetMinor: 2000 });
    const plan = planOf(errand);
    expect(errand.standing?.complete).toBeGreaterThanOrEqual(2);
    expect(errand.lines[0]?.stand).toBe(errand.standing?.complete);
    expect(plan.standing).toEqual([{ whole: 'ibbe-lantry-1', quantity: errand.standing?.complete }]);
    const { cheapestEachMinor, fewestParcelsMinor, curve } = plan.compared;
    for (const minor of [cheapestEachMinor, fewestParcelsMinor, ...curve.map((point) => point.costMinor)])
      expect(minor ?? 0).toBeLessThanOrEqual(10_000);
    expect(errand.shapedBy.join(' ')).not.toMatch(/\d{3,}\.\d\d/);
  });

  test('what donors lose is told apart, and the plan weighs just that beside what is paid', async () => {
    const errand = await crew({}, 'kingfisher-crew');
    const plan = planOf(errand);
    const loses = errand.donated.reduce((all, row) => all + row.losesMinor, 0);
    expect(loses).toBeGreaterThan(0);
    expect(plan.costMinor - plan.shortageMinor).toBe(plan.paidMinor + loses);
    const wholeFigures = (await server.get<DonorDto[]>('wardrobe/donors')).body;
    for (const { donor, name } of errand.donated) expect(name).toBe(wholeFigures.find((row) => row.id === donor)?.name);
    const paid = plan.parcels.reduce((all, row) => all + row.goodsMinor + row.postageMinor + row.handlingMinor + row.dutyMinor, 0);
    expect(plan.paidMinor).toBe(paid);
  });

  test('what fills up is left over from the first, and is not what is needed', async () => {
    const errand = await crew({ adjustments: { locked: [], banned: ['attic-trunk'], pinned: [], accepted: [] } });
    const plan = planOf(errand);
    const bought = plan.parcels.flatMap(({ lines }) => lines).reduce((all, line) => all + line.quantity, 0);
    const needed = plan.fills.filter(({ from }) => from === 'bought').reduce((all, fill) => all + fill.quantity, 0);
    const filler = errand.fillers.reduce((all, row) => all + row.quantity, 0);
    expect(filler).toBeGreaterThan(0);
    expect(bought - filler).toBeLessThanOrEqual(needed);
    expect(plan.leftovers.reduce((all, row) => all + row.quantity, 0)).toBeGreaterThanOrEqual(filler);
    // A ban is told as a ban, and of nothing is said that one seller alone sells it where others do.
    expect(errand.shapedBy.join(' ')).not.toMatch(/named sellers/);
    for (const reason of plan.reasons) {
      if (reason.kind !== 'only seller') continue;
      const part = encodeURIComponent(reason.variant);
      const { body } = await server.get<{ seller: string; stock: number }[]>(`market/offers?kind=variant&item=${part}`);
      expect(new Set(body.filter(({ stock }) => stock > 0).map(({ seller }) => seller)).size).toBeLessThanOrEqual(1);
    }
  });

  test('errands so far are told apart by what they were asked for under', async () => {
    await crew({});
    const rows = (await server.get<ErrandRowDto[]>('errands/all?scope=heron-crew')).body;
    expect(rows.map(({ rules }) => rules)).toEqual(expect.arrayContaining([['1 adjusted'], []]));
    const [row] = (await server.get<ErrandRowDto[]>('errands/all?scope=ibbe-lantry')).body;
    expect(row?.rules).toEqual(['budget €20.00']);
  });
});

describe('“to buy”', () => {
  const standing = async (): Promise<readonly StandingPlanDto[]> =>
    (await server.get<StandingPlanDto[]>('errands/standing/heron-crew')).body.filter(({ scope }) => scope === 'ibbe-lantry');

  test('is the plan’s own number while the plan would be made just so, and an estimate again once anything of it changed', async () => {
    expect(await standing()).toEqual([]);
    const figure = (await server.get<FigureDto>('figures/ibbe-lantry')).body;
    const asked = { scope: figure.id, lines: [{ look: figure.chosenLook, copies: 1 }] };
    const { body: begun } = await server.post<ErrandDto>('errands', asked);
    await server.ended<ErrandJobDto>(begun.job.id);
    const { body: errand } = await server.get<ErrandDto>(`errands/${begun.id}`);
    const { version } = figure.looks.find(({ id }) => id === figure.chosenLook) ?? {};
    const bought = errand.job.result?.fills.filter(({ from }) => from === 'bought').reduce((all, fill) => all + fill.quantity, 0);
    expect(await standing()).toEqual([
      {
        ...{ scope: figure.id, errand: errand.id, toBuy: bought, paidMinor: errand.job.result?.paidMinor },
        lines: [{ look: figure.chosenLook, copies: 1, group: null, version }],
      },
    ]);
    // Another number of pieces at hand, another look, another offer: the plan says nothing of what would be planned now.
    const wanted = errand.job.result?.fills.find(({ from }) => from === 'bought')?.need ?? '';
    await server.post('wardrobe/pieces', { variant: wanted, quantity: 1, condition: 'used' });
    expect(await standing()).toEqual([]);
    await server.post('history/wardrobe/all/undo');
    expect(await standing()).toHaveLength(1);
    await server.post(`looks/${figure.chosenLook}/edits`, { edits: [{ action: 'take off', position: 'headgear' }], label: 'Hatless' });
    expect(await standing()).toEqual([]);
    await server.post(`looks/${figure.chosenLook}/undo`);
    expect((await server.get('errands/standing/nowhere')).status).toBe(404);
  });
});

describe('“to make whole”', () => {
  const told = async (figure?: string): Promise<WholeAgainDto | undefined> =>
    (await server.get<WholeAgainDto[]>(`errands/whole-again${figure === undefined ? '' : `?figure=${figure}`}`)).body[0];

  test('is what the errand for exactly these holes pays, for one whole figure and for all of them', async () => {
    const holed = (await server.get<DonorDto[]>('wardrobe/donors')).body.filter(({ holes }) => holes.length > 0);
    expect(holed.length).toBeGreaterThan(1);
    for (const figures of [holed.slice(0, 1), holed]) {
      const lines = figures.map(({ id }) => ({ look: id, copies: 1 }));
      const { body } = await server.post<ErrandDto>('errands', { scope: 'wardrobe', lines, useDonors: false });
      await server.ended<ErrandJobDto>(body.job.id);
      const plan = (await server.get<ErrandDto>(`errands/${body.id}`)).body.job.result;
      const of = (from: string) => plan?.fills.filter((fill) => fill.from === from).reduce((all, fill) => all + fill.quantity, 0);
      expect(await told(figures.length === 1 ? figures[0]?.id : undefined)).toEqual({
        ...{ paidMinor: plan?.paidMinor, buys: of('bought'), free: of('owned') },
        unsold: plan?.short.reduce((all, row) => all + row.quantity, 0),
        isProven: plan?.status === 'proven',
      });
    }
  });

  test('counts what lies free, and nothing is to pay where nothing lacks', async () => {
    const [holed] = (await server.get<DonorDto[]>('wardrobe/donors')).body.filter(({ holes }) => holes.length > 0);
    for (const { variant } of holed?.holes ?? []) await server.post('wardrobe/pieces', { variant, quantity: 40, condition: 'used' });
    expect(await told(holed?.id)).toEqual({ paidMinor: 0, buys: 0, free: holed?.holes.length, unsold: 0, isProven: true });
    expect(await told('no-such-figure')).toEqual({ paidMinor: 0, buys: 0, free: 0, unsold: 0, isProven: true });
    for (const _ of holed?.holes ?? []) await server.post('history/wardrobe/all/undo');
  });
});

describe('“at hand” and “free”', () => {
  const isAtHand = ({ kind }: PlaceDto): boolean => kind === 'made' || kind === 'bench';
  const places = async (): Promise<readonly PlaceDto[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body;
  const page = async (query = ''): Promise<PiecesPageDto> =>
    (await server.get<PiecesPageDto>(`wardrobe/pieces/page?limit=200${query}`)).body;
  const sum = (rows: readonly { readonly quantity: number }[]): number => rows.reduce((all, { quantity }) => all + quantity, 0);

  test('the tree, the list and its head count the same pieces; what is sealed, lent, on its way, on a whole figure or built in is in none', async () => {
    const atHand = (await places()).filter(isAtHand).reduce((all, { own }) => all + own, 0);
    const { rows, pieces, total } = await page();
    expect(rows).toHaveLength(total);
    expect([sum((await server.get<PieceDto[]>('wardrobe/pieces')).body), sum(rows), pieces]).toEqual([atHand, atHand, atHand]);
    const kinds = new Set((await places()).filter((place) => !isAtHand(place) && place.own > 0).map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual(['donor', 'figure', 'lent', 'parcel', 'sealed']);
  });

  test('a drawer, its list and a piece by itself say the same of what is free in it', async () => {
    for (const { id, own, path, kind } of (await places()).filter((place) => isAtHand(place) && place.own > 0)) {
      const { rows, freePieces, promisedPieces } = await page(`&place=${encodeURIComponent(id)}`);
      const here = rows.filter((row) => row.placeId === id);
      expect([path, sum(here)]).toEqual([path, own]);
      const free = rows.reduce((all, row) => all + row.free, 0);
      expect([path, kind, freePieces, promisedPieces]).toEqual([path, kind, free, sum(rows) - free]);
      for (const row of here.slice(0, 4)) {
        const { body } = await server.get<RunPromisesDto>(`wardrobe/pieces/${row.id}/promises`);
        expect([row.variant, body.free]).toEqual([row.variant, row.free]);
      }
    }
  });
});

describe('“asks”, “landed” and “cheapest”', () => {
  test('are the same on the part’s page, in its prices, in the table, in search and where a whole figure is taken to pieces', async () => {
    const prices = (await server.get<PricesDto>('market/prices')).body.lowest;
    const { variants } = server.app.get(CatalogueService).now().data;
    const conditions = new Set<string>();
    for (let i = 0; i < prices.rows.length; i += 40) {
      const id = variants[prices.rows[i] ?? -1]?.id ?? '';
      const item = encodeURIComponent(id);
      const condition = prices.names[prices.conditions[i] ?? -1] ?? '';
      conditions.add(condition);
      const offers = (await server.get<OfferDto[]>(`market/offers?kind=variant&item=${item}`)).body.filter(({ stock }) => stock > 0);
      const own = (await server.get<ItemPricesDto>(`market/prices/variant/${item}`)).body.offers;
      const asked = (rows: readonly OfferDto[]) => rows.map((row) => `${row.id} ${row.priceMinor} ${row.landedMinor}`).sort();
      expect(asked(own)).toEqual(asked(offers));
      // What an errand would buy unasked; a worn one only where nobody has a better one.
      const usual = offers.filter((offer) => offer.condition !== 'worn');
      const least = Math.min(...(usual.length > 0 ? usual : offers).map(({ landedMinor }) => landedMinor));
      expect([id, prices.landedMinor[i], condition === 'worn']).toEqual([id, least, usual.length === 0]);
    }
    expect(conditions.size).toBeGreaterThan(1);
    const [figure] = server.app.get(CatalogueService).now().data.officialFigures;
    const { worth } = (await server.get<ItemPricesDto>(`market/prices/figure/${figure?.id}`)).body;
    const landed = new Map(prices.rows.map((row, i) => [variants[row]?.id ?? '', prices.landedMinor[i] ?? 0]));
    for (const share of worth?.shares ?? [])
      expect([share.variant, share.landedMinor]).toEqual([share.variant, landed.get(share.variant) ?? 0]);
  });
});
