import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { FigureDto, LineUpDto } from '../src/figures/record/figures.dto.js';
import type { ChoicesDto } from '../src/lineups/lineups.dto.js';
import type { ImportReportDto } from '../src/platform/importing/importReport.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const POST = 'winter-post';
const lineUp = async (id = POST): Promise<LineUpDto> => (await server.get<LineUpDto>(`line-ups/${id}`)).body;
const figure = async (name: string, id = POST): Promise<FigureDto> => {
  const found = (await lineUp(id)).figures.find((row) => row.brief.name === name);
  if (!found) throw new Error(`${name} does not stand in ${id}`);
  return found;
};
const worn = ({ looks, chosenLook }: FigureDto, position: string): string | undefined =>
  looks.find(({ id }) => id === chosenLook)?.parts.find((part) => part.position === position)?.variant;
const undo = (subject: string, item = POST) => server.post(`history/${subject}/${item}/undo`);
const plan = async (change: Partial<LineUpDto['plan']>, id = POST) =>
  server.put<LineUpDto>(`line-ups/${id}/plan`, { plan: { ...(await lineUp(id)).plan, ...change } });
const sentenceOf = ({ body }: { readonly body: unknown }): string => (body as { readonly message: string }).message;
const COAT = 'TO-401·woad·carrier-coat';
const WINTER = 'TO-401·woad·winter-carrier';

describe('what a line-up keeps', () => {
  test('is kept over the one that was seen, and taken back in one step', async () => {
    const before = await lineUp();
    expect(before.plan).toMatchObject({ kind: 'series', promised: 12, tokens: [{ count: 8 }] });
    const kept = await server.put<LineUpDto>(`line-ups/${POST}/plan?version=${before.version}`, {
      plan: { ...before.plan, promised: 14 },
      label: 'Promised two more',
    });
    expect(kept.body.plan.promised).toBe(14);
    expect(kept.body.undo).toBe('Promised two more');
    const stale = await server.put(`line-ups/${POST}/plan?version=${before.version}`, { plan: before.plan });
    expect(stale.status).toBe(409);
    await undo('line-up');
    expect((await lineUp()).plan).toEqual(before.plan);
  });

  test('is refused with a sentence where it contradicts itself or names what is not there', async () => {
    const role = { name: 'Carrier', least: 3, most: 2 };
    expect(sentenceOf(await plan({ roles: [role] }))).toContain('at most 2 is less than at least 3');
    expect(sentenceOf(await plan({ packColour: 'octarine' }))).toContain('no colour “octarine”');
    expect((await plan({ relations: [{ kind: 'twin of', from: 'nobody', to: 'perrin-oake' }] })).status).toBe(422);
    expect((await plan({ kind: 'riot' as 'crew' })).status).toBe(400);
  });

  test('house rules: briefs that follow change with them, others stay; all of it is one step back', async () => {
    const other = await figure('Perrin Oake');
    await server.put(`figures/${other.id}/brief`, { ...other.brief, mainColours: 5 });
    const { body } = await plan({ house: { ...(await lineUp()).plan.house, mainColours: 2, year: 1908 } });
    const of = (name: string) => body.figures.find((row) => row.brief.name === name)?.brief;
    expect([of('Otto Bindle')?.mainColours, of('Otto Bindle')?.year, of('Perrin Oake')?.mainColours]).toEqual([2, 1908, 5]);
    const otto = await figure('Otto Bindle');
    await server.put(`figures/${otto.id}/brief`, { ...otto.brief, story: 'Written afterwards.' });
    await undo('line-up');
    // What was written since stays.
    expect((await figure('Otto Bindle')).brief).toMatchObject({ mainColours: 3, year: null, story: 'Written afterwards.' });
  });

  test('a brief set free of a rule stays when it changes, and follows again when it is brought back', async () => {
    await server.put(`line-ups/${POST}/free`, { figures: ['hob-linnet'], what: ['mainColours'], isFree: true });
    await plan({ house: { ...(await lineUp()).plan.house, mainColours: 4 } });
    expect((await figure('Hob Linnet')).brief.mainColours).toBe(3);
    expect((await figure('Ned Parcel')).brief.mainColours).toBe(4);
    await server.put(`line-ups/${POST}/free`, { figures: ['hob-linnet'], what: ['mainColours'], isFree: false });
    expect(await figure('Hob Linnet')).toMatchObject({ free: [], brief: { mainColours: 4 } });
    expect((await server.put(`line-ups/${POST}/free`, { figures: ['hob-linnet'], what: ['moustache'], isFree: true })).status).toBe(422);
  });

  test('a new figure starts from the house rules, and in the uniform of all', async () => {
    await plan({ house: { ...(await lineUp('kingfisher-crew')).plan.house, year: 1905 } }, 'kingfisher-crew');
    const { body } = await server.post<FigureDto>('figures', { name: 'Sixth', lineUp: 'kingfisher-crew' });
    expect(body.brief.year).toBe(1905);
    expect(worn(body, 'torso')).toBe('TO-401·lagoon·crew-kingfisher');
  });
});

test('a leader who lies in the bin keeps nobody from changing what the line-up keeps', async () => {
  await server.put('figures/bin', { figures: ['perrin-oake'], isAway: true });
  const kept = await plan({ notes: 'Without Perrin.' });
  expect(kept.body.plan.factions.map(({ leader }) => leader)).toEqual(['', 'celia-franking', 'vesper-arl']);
  await undo('line-up');
  await undo('line-up');
  expect((await lineUp()).plan.factions[0]?.leader).toBe('perrin-oake');
});

describe('the uniform', () => {
  const change = async (variant: string, reaches = 'followers') => {
    const { uniform } = (await lineUp()).plan;
    return server.put<LineUpDto>(`line-ups/${POST}/uniform`, {
      uniform: uniform.map((row) =>
        row.scope.of === 'carriers' && row.part.position === 'torso' ? { ...row, part: { ...row.part, variant } } : row,
      ),
      reaches,
    });
  };

  test('changes all who follow it, leaves who was set free, and is one undo', async () => {
    await server.put(`line-ups/${POST}/free`, { figures: ['tilly-vane'], what: ['torso'], isFree: true });
    expect((await change(WINTER)).status).toBe(200);
    expect([worn(await figure('Perrin Oake'), 'torso'), worn(await figure('Otto Bindle'), 'torso')]).toEqual([WINTER, WINTER]);
    expect(worn(await figure('Tilly Vane'), 'torso')).toBe(COAT);
    // Who wore the winter coat already, against the uniform, wears it still; keepers are none of it.
    expect(worn(await figure('Vesper Arl'), 'torso')).toBe('TO-401·bottle·keeper-coat');
    // The other look of a figure follows too.
    expect((await figure('Perrin Oake')).looks.every(({ parts }) => parts.some(({ variant }) => variant === WINTER))).toBe(true);
    await undo('line-up');
    expect([worn(await figure('Perrin Oake'), 'torso'), (await lineUp()).plan.uniform[0]?.part.variant]).toEqual([COAT, COAT]);
    expect((await figure('Tilly Vane')).free).toEqual(['torso']);
  });

  test('stands in the history of a look as what it changed there: one goes back to whole looks only', async () => {
    const look = (await figure('Perrin Oake')).chosenLook;
    await server.post(`looks/${look}/edits`, { edits: [{ action: 'turn', position: 'head' }], label: 'Turn the head' });
    await change(WINTER);
    type Row = { id: number; label: string; isWhole: boolean };
    const { body } = await server.get<Row[]>(`looks/${look}/history`);
    expect(body.slice(0, 2).map(({ isWhole }) => isWhole)).toEqual([false, true]);
    const refused = await server.post(`looks/${look}/return`, { change: body[0]?.id });
    expect(refused).toMatchObject({ status: 409, body: { message: expect.stringContaining('keeps only what it changed') } });
    await undo('line-up');
    await server.post(`looks/${look}/undo`);
  });

  test('reaches everybody who was not set free where that is asked; bringing back dresses one', async () => {
    expect(worn(await figure('Wren Tally'), 'torso')).toBe(WINTER);
    await change(COAT, 'everybody');
    expect(worn(await figure('Wren Tally'), 'torso')).toBe(COAT);
    await undo('line-up');
    expect(worn(await figure('Wren Tally'), 'torso')).toBe(WINTER);
    await server.put(`line-ups/${POST}/free`, { figures: ['wren-tally'], what: ['torso'], isFree: false });
    expect(worn(await figure('Wren Tally'), 'torso')).toBe(COAT);
    await undo('line-up');
  });

  test('a part that does not go where the uniform has it is refused', async () => {
    const legs = { scope: { kind: 'all', of: '' }, part: { position: 'head', variant: 'LG-701·ink+soot', turned: false } };
    const refused = await server.put(`line-ups/${POST}/uniform`, { uniform: [legs], reaches: 'everybody' });
    expect([refused.status, sentenceOf(refused)]).toEqual([422, expect.stringContaining('does not go there')]);
  });

  test('undo leaves what was put on elsewhere since', async () => {
    await change(WINTER);
    const otto = await figure('Otto Bindle');
    await server.post(`looks/${otto.chosenLook}/edits`, {
      edits: [{ action: 'put on', position: 'headgear', variant: 'HT-220·bottle+weld' }],
      label: 'Another hat',
    });
    await undo('line-up');
    expect([worn(await figure('Otto Bindle'), 'torso'), worn(await figure('Otto Bindle'), 'headgear')]).toEqual([
      COAT,
      'HT-220·bottle+weld',
    ]);
  });

  test('who changes faction changes clothes, and back with Undo', async () => {
    await server.put(`line-ups/${POST}/members`, { figures: ['otto-bindle'], faction: 'keepers', role: 'Weather keeper' });
    expect(await figure('Otto Bindle')).toMatchObject({
      faction: 'keepers',
      role: 'Weather keeper',
      brief: { colours: ['bottle', 'storm'] },
    });
    expect(worn(await figure('Otto Bindle'), 'torso')).toBe('TO-401·bottle·keeper-coat');
    await undo('line-up');
    expect(worn(await figure('Otto Bindle'), 'torso')).toBe(COAT);
    expect((await server.put(`line-ups/${POST}/members`, { figures: ['otto-bindle'], faction: 'pirates' })).status).toBe(422);
    expect((await server.put(`line-ups/${POST}/members`, { figures: ['marta-quill'], role: 'Carrier' })).status).toBe(422);
  });
});

describe('an army', () => {
  const copies = async (): Promise<number[]> => (await lineUp('lamplighters')).figures.map(({ brief }) => brief.copies);
  const vary = (variations: unknown[]) => server.put<LineUpDto>('line-ups/lamplighters/variations', { figure: 'lamplighter', variations });
  const faces = ['HD-101·biscuit·early-dots', 'HD-101·biscuit·early-glasses', 'HD-101·biscuit·first-smile'];
  const spread = { id: 'f', figure: 'lamplighter', name: 'faces', position: 'head', variants: faces, copies: null, isApart: true, seed: 3 };

  test('of the demo: forty, three of them bearded and one with the small lantern', async () => {
    expect(await copies()).toEqual([36, 3, 1]);
    // The budget of a hundred and twenty is for all forty: three each.
    expect((await lineUp('lamplighters')).figures.map(({ brief }) => brief.budgetMinor)).toEqual([10800, 900, 300]);
    const [, bearded] = (await lineUp('lamplighters')).figures;
    expect(bearded).toMatchObject({ recipe: 'lamplighter', brief: { name: 'Lamplighter, with a beard' } });
    expect(worn(bearded as FigureDto, 'head')).toBe('HD-101·biscuit·early-beard');
  });

  test('is shared out anew: as many copies as before, one of the kinds stays the recipe, one undo', async () => {
    const { body } = await vary([spread]);
    expect(body.figures.map(({ brief }) => brief.copies).sort((a, b) => b - a)).toEqual([14, 13, 13]);
    expect(new Set(body.figures.map((row) => worn(row, 'head')))).toEqual(new Set(faces));
    await undo('line-up', 'lamplighters');
    expect(await copies()).toEqual([36, 3, 1]);
    await vary([]);
    expect(await copies()).toEqual([40]);
    await undo('line-up', 'lamplighters');
    expect(await copies()).toEqual([36, 3, 1]);
  });

  test('refuses what is no recipe of it, and parts nobody knows', async () => {
    expect((await vary([{ ...spread, variants: ['HD-000·none'] }])).status).toBe(422);
    const [, bearded] = (await lineUp('lamplighters')).figures;
    const own = { ...spread, figure: bearded?.id };
    expect(sentenceOf(await server.put('line-ups/lamplighters/variations', { figure: bearded?.id, variations: [own] }))).toContain(
      'is a variation itself',
    );
  });
});

describe('choices', () => {
  const choices = async () => (await server.get<ChoicesDto>(`line-ups/${POST}/choices`)).body.choices;
  const file =
    'who,first,second,chosen\nKim,Perrin Oake,Vesper Arl,Vesper Arl\nKim,Hob Linnet,Nobody,tie\nLou,Otto Bindle,Tilly Vane,tie\n';

  test('are kept by whoever chose, and the last one is taken back', async () => {
    await server.post(`line-ups/${POST}/choices`, { who: '', first: 'perrin-oake', second: 'ivo-drift', outcome: 'first' });
    await server.post(`line-ups/${POST}/choices`, { who: 'Kim', first: 'ivo-drift', second: 'ned-parcel', outcome: 'tie' });
    expect((await choices()).map(({ who, outcome }) => [who, outcome])).toEqual([
      ['', 'first'],
      ['Kim', 'tie'],
    ]);
    await undo('ranking');
    expect(await choices()).toHaveLength(1);
    await server.post(`history/ranking/${POST}/redo`);
    expect(await choices()).toHaveLength(2);
    expect(
      (await server.post(`line-ups/${POST}/choices`, { who: '', first: 'ivo-drift', second: 'ivo-drift', outcome: 'tie' })).status,
    ).toBe(422);
    expect(
      (await server.post(`line-ups/${POST}/choices`, { who: '', first: 'ivo-drift', second: 'marta-quill', outcome: 'tie' })).status,
    ).toBe(422);
  });

  test('come in as a file: looked at first, then the sound rows alone, one step back', async () => {
    const before = (await choices()).length;
    const look = await server.post<ImportReportDto>(`line-ups/${POST}/choices/import`, file);
    expect(look.body).toMatchObject({
      rowCount: 3,
      soundCount: 2,
      importedCount: 0,
      problems: [{ line: 3, column: 'second', value: 'Nobody' }],
    });
    expect((await server.post<ImportReportDto>(`line-ups/${POST}/choices/import?agree=all`, file)).body.importedCount).toBe(0);
    expect((await server.post<ImportReportDto>(`line-ups/${POST}/choices/import?agree=sound`, file)).body.importedCount).toBe(2);
    expect(await choices()).toHaveLength(before + 2);
    await undo('ranking');
    expect(await choices()).toHaveLength(before);
    expect((await server.post(`line-ups/${POST}/choices/import`, 'a,b\n1,2\n')).status).toBe(422);
  });
});

test('a line-up is copied with what it keeps, and that means the copies then', async () => {
  const { body } = await server.post<LineUpDto>('line-ups', { name: 'Second edition', copyOf: POST });
  const leader = body.plan.factions[0]?.leader;
  expect(body.figures.find(({ id }) => id === leader)?.brief.name).toBe('Perrin Oake');
  expect(leader).not.toBe('perrin-oake');
  const army = await server.post<LineUpDto>('line-ups', { name: 'Second army', copyOf: 'lamplighters' });
  const [recipe, bearded] = army.body.figures;
  expect(bearded?.recipe).toBe(recipe?.id);
});

test('the spares of a line-up are shopped for as a line of its errand, and of no other', async () => {
  const [look] = (await lineUp('heron-crew')).figures.map(({ chosenLook }) => chosenLook);
  const lines = [
    { look, copies: 1, group: null },
    { look: 'spares of heron-crew', copies: 1, group: null },
  ];
  const created = await server.post<ErrandDto>('errands', { scope: 'heron-crew', lines });
  expect(created.status).toBe(201);
  expect(created.body.lines.map(({ figure: of }) => of)).toEqual(['marta-quill', 'spares of heron-crew']);
  // Spares are shopped for and are nobody: one figure can stand.
  await server.ended(created.body.job.id);
  expect((await server.get<ErrandDto>(`errands/${created.body.id}`)).body.standing?.figures).toBe(1);
  for (const scope of [POST, 'wardrobe']) expect((await server.post('errands', { scope, lines: lines.slice(1) })).status).toBe(422);
});

test('a line-up and figures of it are copied without their looks', async () => {
  const { body } = await server.post<LineUpDto>('line-ups', { name: 'Bare', copyOf: 'heron-crew', isBriefsAlone: true });
  expect(body.figures.map(({ brief }) => brief.name)).toContain('Ibbe Lantry');
  expect(body.figures.every(({ looks }) => looks.length === 1 && looks[0]?.parts.length === 0)).toBe(true);
  const copied = await server.post<LineUpDto>('figures/copies', { figures: ['ibbe-lantry'], lineUp: body.id, isBriefsAlone: true });
  expect(copied.body.figures.at(-1)).toMatchObject({ brief: { name: 'Ibbe Lantry' }, looks: [{ parts: [] }] });
});
