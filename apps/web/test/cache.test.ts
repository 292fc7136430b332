import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { configureStore } from '@reduxjs/toolkit';
import { packCatalogue } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { type LineUpDto, type LookDto, type PackedCatalogueDto, rememberCatalogue, versionOfLook, webApi } from '@/api';

/** What the server was asked, and the answer it owes. */
interface Asked {
  readonly method: string;
  readonly path: string;
  answer(body: unknown, status?: number): void;
}

const world = demoWorld();
const worn = world.lineUps[0]?.figures[0]?.looks[0]?.parts ?? [];
const LOOK: LookDto = {
  id: 'look',
  name: 'As drawn',
  parts: worn.map((part) => ({ ...part, alterations: [] })),
  overrules: [],
  substitutes: [],
  version: 3,
  undo: null,
  redo: null,
};
const CREW = { id: 'crew', name: 'Crew', version: 1, figures: [{ id: 'figure', version: 1, looks: [LOOK] }] } as unknown as LineUpDto;

let asked: Asked[];
const { fetch: realFetch, Request: RealRequest } = globalThis;
let close = (): void => undefined;

/** A request of a page: its address is told from the page's. */
class PageRequest extends RealRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://workspace.test') : input, init);
  }
}

/** A server that answers when the test says so. */
beforeEach(() => {
  asked = [];
  globalThis.Request = PageRequest;
  globalThis.fetch = (input) =>
    new Promise((resolve) => {
      const { method, url } = input as Request;
      asked.push({
        method,
        path: new URL(url).pathname,
        answer: (body, status = 200) =>
          resolve(new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })),
      });
    });
});
afterEach(() => {
  close();
  Object.assign(globalThis, { fetch: realFetch, Request: RealRequest });
});

/** Lets what waits for an answer go on. */
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));

async function opened() {
  rememberCatalogue({ version: '1', ...packCatalogue(world.catalogue) } as unknown as PackedCatalogueDto);
  const store = configureStore({
    reducer: { [webApi.reducerPath]: webApi.reducer },
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(webApi.middleware),
  });
  close = () => void store.dispatch(webApi.util.resetApiState());
  await store.dispatch(webApi.util.upsertQueryData('readLineUp', { id: 'crew' }, structuredClone(CREW)));
  const look = (): LookDto | undefined => webApi.endpoints.readLineUp.select({ id: 'crew' })(store.getState()).data?.figures[0]?.looks[0];
  const takeOff = (position: string) =>
    store.dispatch(
      webApi.endpoints.editLook.initiate({
        id: 'look',
        version: 3,
        editLookDto: { edits: [{ action: 'take off', position: position as 'headgear' }], label: `Take off the ${position}` },
      }),
    );
  const positions = (): string[] => (look()?.parts ?? []).map((part) => part.position);
  return { store, look, takeOff, positions };
}

describe('an edit of a look', () => {
  test('shows before the server has answered', async () => {
    const { takeOff, positions, look } = await opened();
    expect(positions()).toContain('headgear');
    void takeOff('headgear');
    await settled();
    expect(asked.map(({ method, path }) => `${method} ${path}`)).toEqual(['POST /api/looks/look/edits']);
    expect(positions()).not.toContain('headgear');
    expect(look()?.undo).toBe('Take off the headgear');
  });

  test('is the answer of the server once that is there, and nothing else is read again', async () => {
    const { takeOff, look, store } = await opened();
    void takeOff('headgear');
    await settled();
    asked[0]?.answer({ ...LOOK, name: 'As the server has it', version: 4 });
    await settled();
    expect([look()?.name, look()?.version]).toEqual(['As the server has it', 4]);
    expect(store.dispatch(versionOfLook('look'))).toBe(4);
    expect(asked).toHaveLength(1);
  });

  test('is taken back when it is refused', async () => {
    const { takeOff, look } = await opened();
    void takeOff('headgear');
    await settled();
    asked[0]?.answer({ message: 'There is no room.' }, 507);
    await settled();
    expect(look()).toEqual(LOOK);
  });

  test('gives way to what another wrote meanwhile', async () => {
    const { takeOff, look, positions } = await opened();
    void takeOff('headgear');
    await settled();
    asked[0]?.answer({ message: 'Changed elsewhere.', current: { ...LOOK, parts: LOOK.parts.slice(0, 1), version: 9 } }, 409);
    await settled();
    expect([positions(), look()?.version]).toEqual([[LOOK.parts[0]?.position], 9]);
  });
});

describe('a line-up read again', () => {
  /** Reads it again, as after a change of the catalogue: asked before an edit, answered after it. */
  const readAgain = async ({ store }: Awaited<ReturnType<typeof opened>>) => {
    void store.dispatch(webApi.endpoints.readLineUp.initiate({ id: 'crew' }, { forceRefetch: true, subscribe: false }));
    await settled();
    return asked.findIndex(({ path }) => path === '/api/line-ups/crew');
  };

  test('does not take back an edit that was made meanwhile, answered or not', async () => {
    const open = await opened();
    const reading = await readAgain(open);
    void open.takeOff('headgear');
    await settled();
    asked[reading]?.answer(CREW);
    await settled();
    expect(open.positions()).not.toContain('headgear');

    const again = await readAgain({ ...open, store: open.store });
    expect(again).toBe(reading);
    asked[1]?.answer({ ...LOOK, parts: LOOK.parts.filter((part) => part.position !== 'headgear'), version: 4 });
    await settled();
    asked[2]?.answer(CREW);
    await settled();
    expect(open.positions()).not.toContain('headgear');
    expect(open.look()?.version).toBe(4);
  });

  test('shows a part under the number it is known by now, though the look itself is the same', async () => {
    const open = await opened();
    const reading = await readAgain(open);
    const [figure] = CREW.figures;
    asked[reading]?.answer({ ...CREW, figures: [{ ...figure, looks: [{ ...LOOK, parts: LOOK.parts.slice(0, 1) }] }] });
    await settled();
    expect(open.look()?.parts).toHaveLength(1);
  });

  test('shows what others wrote since', async () => {
    const open = await opened();
    const reading = await readAgain(open);
    const [figure] = CREW.figures;
    asked[reading]?.answer({
      ...CREW,
      name: 'Night crew',
      figures: [
        { ...figure, version: 2, role: 'cook', looks: [{ ...LOOK, name: 'Renamed', version: 5 }] },
        { ...figure, id: 'new' },
      ],
    });
    await settled();
    const crew = webApi.endpoints.readLineUp.select({ id: 'crew' })(open.store.getState()).data;
    expect([crew?.name, crew?.figures.map((row) => row.id)]).toEqual(['Night crew', ['figure', 'new']]);
    expect([crew?.figures[0]?.role, open.look()?.name, open.look()?.version]).toEqual(['cook', 'Renamed', 5]);
  });
});

describe('the version a look is written over', () => {
  test('is the one this tab knows, and none for a look it does not', async () => {
    const { store } = await opened();
    expect(store.dispatch(versionOfLook('look'))).toBe(3);
    expect(store.dispatch(versionOfLook('gone'))).toBeUndefined();
  });
});
