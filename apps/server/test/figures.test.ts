import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { type FigureDto, type FigureNameDto, type LineUpDto, type LineUpNamesDto } from '../src/figures/record/figures.dto.js';
import { Database } from '../src/platform/db/index.js';
import { type LookDto } from '../src/figures/record/looks.dto.js';
import { type ChangeDto } from '../src/platform/history/index.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const putOn = (variant: string, position = 'headgear') => ({
  edits: [{ action: 'put on', position, variant }],
  label: `Put on ${variant}`,
});
const worn = (look: LookDto, position: string): string | undefined => look.parts.find((part) => part.position === position)?.variant;

describe('edits of a look', () => {
  const LOOK = 'ibbe-lantry-3';

  test('are saved, undone and redone, also after a restart', async () => {
    const before = await server.look(LOOK);
    expect(before).toMatchObject({ undo: null, redo: null });
    const edited = await server.post<LookDto>(`looks/${LOOK}/edits`, putOn('HA-140·straw'));
    expect(edited.status).toBe(201);
    expect(worn(edited.body, 'headgear')).toBe('HA-140·straw');
    await server.post(`looks/${LOOK}/edits`, { edits: [{ action: 'turn', position: 'torso' }], label: 'Turn the torso' });

    server = await server.restart();
    const after = await server.look(LOOK);
    expect(after).toMatchObject({ undo: 'Turn the torso', redo: null });
    expect(after.parts.find((part) => part.position === 'torso')?.turned).toBe(true);

    expect((await server.post<LookDto>(`looks/${LOOK}/undo`)).body).toMatchObject({ undo: 'Put on HA-140·straw', redo: 'Turn the torso' });
    const back = await server.post<LookDto>(`looks/${LOOK}/undo`);
    expect(back.body.parts).toEqual(before.parts);
    expect((await server.post(`looks/${LOOK}/undo`)).status).toBe(409);

    const redone = await server.post<LookDto>(`looks/${LOOK}/redo`);
    expect(worn(redone.body, 'headgear')).toBe('HA-140·straw');
    const { body: history } = await server.get<ChangeDto[]>(`looks/${LOOK}/history`);
    expect(history.map((change) => change.kind)).toEqual(['redo', 'undo', 'undo', 'edit', 'edit']);
  });

  test('are all taken or none', async () => {
    const before = await server.look('marta-quill-1');
    const answer = await server.post('looks/marta-quill-1/edits', {
      edits: [
        { action: 'put on', position: 'headgear', variant: 'HA-118·silver' },
        { action: 'put on', position: 'torso', variant: 'HA-118·silver' },
      ],
      label: 'Two at once',
    });
    expect(answer.status).toBe(422);
    expect(answer.body.message).toContain('Low knot does not go at torso');
    expect(await server.look('marta-quill-1')).toEqual(before);
  });

  test.each([
    [{ edits: [], label: 'x' }, '/edits'],
    [{ edits: [{ action: 'glue', position: 'torso' }], label: 'x' }, '/edits/0/action'],
    [{ edits: [{ action: 'put on', position: 'elbow', variant: 'HA-118·silver' }], label: 'x' }, '/edits/0/position'],
    [{ edits: [{ action: 'put on', position: 'torso' }], label: 'x' }, '/edits/0/variant'],
    [{ edits: [{ action: 'turn', position: 'torso', force: true }], label: 'x' }, '/edits/0/force'],
  ])('%j is refused at %s', async (body, path) => {
    const answer = await server.post('looks/marta-quill-1/edits', body);
    expect(answer.status).toBe(400);
    expect(answer.body.faults.map((fault) => fault.path)).toContain(path);
  });

  test('the change log cannot be rewritten, not even by ourselves', async () => {
    const database = server.app.get(Database);
    const run = (sql: string) => database.write(() => database.prepare(sql).run().changes);
    await expect(run('DELETE FROM change')).rejects.toMatchObject({ message: expect.stringContaining('append-only') });
    await expect(run("UPDATE change SET label = 'x'")).rejects.toMatchObject({ message: expect.stringContaining('append-only') });
  });
});

describe('figures', () => {
  test('a new figure begins with an empty brief and an empty look', async () => {
    const { status, body } = await server.post<FigureDto>('figures', { name: 'Nell Arkwright', lineUp: 'winter-post' });
    expect(status).toBe(201);
    expect(body).toMatchObject({ lineUp: 'winter-post', brief: { name: 'Nell Arkwright', features: [] }, looks: [{ parts: [] }] });
    expect(body.chosenLook).toBe(body.looks[0]?.id);
  });

  test('a brief is saved whole and survives a restart', async () => {
    const { brief } = await server.figure('odile-marsh');
    const changed = {
      ...brief,
      ageBand: 'youth',
      notSeen: ['legs'],
      features: [...brief.features, { id: 'f', label: 'No glasses', area: 'face', kind: 'absence', target: 'glasses', weight: 'nice' }],
    };
    expect((await server.put('figures/odile-marsh/brief', changed)).status).toBe(200);
    server = await server.restart();
    expect((await server.figure('odile-marsh')).brief).toEqual(changed);
  });

  test('a brief that names what does not exist is refused by path, and nothing is saved', async () => {
    const { brief } = await server.figure('hob-linnet');
    const answer = await server.put('figures/hob-linnet/brief', { ...brief, colours: ['puce'] });
    expect(answer.status).toBe(422);
    expect(answer.body.faults).toEqual([{ path: '/colours/0', sentence: 'There is no colour "puce".' }]);
    expect((await server.figure('hob-linnet')).brief).toEqual(brief);
  });

  test('a look is copied with its parts, and can be chosen', async () => {
    const before = await server.figure('perrin-oake');
    const { body } = await server.post<FigureDto>('figures/perrin-oake/looks', { name: 'Thaw', copyOf: 'perrin-oake-2' });
    const copy = body.looks.at(-1);
    expect(copy).toMatchObject({ name: 'Thaw', parts: before.looks[1]?.parts });
    const chosen = await server.put<FigureDto>('figures/perrin-oake/chosen-look', { look: copy?.id });
    expect(chosen.body.chosenLook).toBe(copy?.id);
    expect((await server.put('figures/perrin-oake/chosen-look', { look: 'ibbe-lantry-1' })).status).toBe(404);
  });

  test('the line-up is reordered only when the whole order is given', async () => {
    const order = (await server.get<LineUpDto[]>('line-ups')).body[0]?.figures.map((figure) => figure.id) ?? [];
    const turned = [...order].reverse();
    expect((await server.put<LineUpDto>('line-ups/heron-crew/order', { figures: turned })).body.figures.map((figure) => figure.id)).toEqual(
      turned,
    );
    expect((await server.put('line-ups/heron-crew/order', { figures: order.slice(1) })).status).toBe(409);
    expect((await server.put('line-ups/heron-crew/order', { figures: [order[0], ...order.slice(0, -1)] })).status).toBe(400);
  });
});

describe('what a page reads of the line-ups', () => {
  test('is every figure by its name, one line-up, and the figures that wear a part', async () => {
    const { body: all } = await server.get<LineUpDto[]>('line-ups');
    const { body: names } = await server.get<LineUpNamesDto[]>('line-ups/names');
    expect(names).toEqual(
      all.map(({ id, name, figures, plan: { kind, promised, dueOn } }) => ({
        ...{ id, name, kind, promised, dueOn },
        figures: figures.map(({ id: own, role, brief }) => ({ id: own, name: brief.name, role, copies: brief.copies })),
      })),
    );
    expect((await server.get<LineUpDto>(`line-ups/${all[1]?.id ?? ''}`)).body).toEqual(all[1]);
    expect((await server.get('line-ups/nowhere')).status).toBe(404);

    const variant = all[0]?.figures[0]?.looks[0]?.parts[0]?.variant ?? '';
    const wearing = all.flatMap(({ figures }) =>
      figures.filter(({ looks }) => looks.some(({ parts }) => parts.some((part) => part.variant === variant))),
    );
    const { body: found } = await server.get<FigureNameDto[]>(`figures/wearing/${encodeURIComponent(variant)}`);
    expect(found.map((row) => row.id).sort()).toEqual(wearing.map((figure) => figure.id).sort());
    expect((await server.get<FigureNameDto[]>('figures/wearing/nothing')).body).toEqual([]);
  });
});

describe('a role', () => {
  test('is given, taken away, refused when it is too long, and undone', async () => {
    const path = 'figures/ibbe-lantry/role';
    const before = (await server.get<FigureDto>('figures/ibbe-lantry')).body.role;
    expect((await server.put<FigureDto>(path, { role: 'Keeper of the long pole' })).body.role).toBe('Keeper of the long pole');
    expect((await server.get<FigureDto>('figures/ibbe-lantry')).body.undo).toBe('Ibbe Lantry is Keeper of the long pole');
    expect((await server.post('history/figure/ibbe-lantry/undo')).status).toBe(201);
    expect((await server.get<FigureDto>('figures/ibbe-lantry')).body.role).toBe(before);
    expect((await server.put<FigureDto>(path, { role: '' })).body.role).toBe('');
    expect((await server.put(path, { role: 'x'.repeat(61) })).status).toBe(400);
    expect((await server.put('figures/nobody/role', { role: 'Oar' })).status).toBe(404);
  });
});

describe('pictures', () => {
  test('come as SVG and as PNG, front and back', async () => {
    const svg = await server.get<string>('looks/ibbe-lantry-1/picture.svg?view=back');
    expect(svg.headers.get('content-type')).toBe('image/svg+xml');
    expect(svg.body).toMatch(/^<svg [^>]*>.*As made, back/);
    const png = await fetch(`${server.base}/api/looks/ibbe-lantry-1/picture.png`);
    const bytes = new Uint8Array(await png.arrayBuffer());
    expect([...bytes.slice(0, 4)]).toEqual([0x89, 0x50, 0x4e, 0x47]);
    expect(bytes.length).toBeGreaterThan(10_000);
  });

  test('of a look that is not there, or a side that is none, are refused', async () => {
    expect((await server.get('looks/nobody/picture.svg')).status).toBe(404);
    expect((await server.get('looks/ibbe-lantry-1/picture.svg?view=above')).status).toBe(400);
  });
});
