import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { applyEdits, type Look, type LookEdit } from '@outfit/core';
import { currentCatalogue } from './catalogue';
import { type FigureDto, generatedApi, type LineUpDto, type LookDto } from './generated';

const lineUpsPatch = (recipe: (figures: FigureDto[]) => void) =>
  generatedApi.util.updateQueryData('listLineUps', undefined, (lineUps: LineUpDto[]) =>
    recipe(lineUps.flatMap((lineUp) => lineUp.figures)),
  );

type AppDispatch = ThunkDispatch<RootStateOf, unknown, UnknownAction>;
type RootStateOf = Parameters<ReturnType<typeof generatedApi.endpoints.listLineUps.select>>[0];

/** What stands on the server, out of a refusal that says that somebody else changed it; null of any other. */
export function currentOf<T>(refused: unknown): T | null {
  const error = (refused as { error?: unknown } | null)?.error ?? refused;
  const { status, data } = (error ?? {}) as { status?: unknown; data?: { current?: T } };
  return status === 409 && data?.current !== undefined ? data.current : null;
}

/** Do the line-ups in the cache have this figure? */
const lineUpsHold =
  (id: string) =>
  (_: unknown, getState: () => RootStateOf): boolean =>
    (generatedApi.endpoints.listLineUps.select()(getState()).data ?? []).some((lineUp) => lineUp.figures.some((row) => row.id === id));

/** The version of a look as this tab knows it now, for whoever is about to write it. */
export const versionOfLook =
  (id: string) =>
  (_: unknown, getState: () => RootStateOf): number | undefined =>
    (generatedApi.endpoints.listLineUps.select()(getState()).data ?? [])
      .flatMap((lineUp) => lineUp.figures)
      .flatMap((figure) => figure.looks)
      .find((look) => look.id === id)?.version;

type Dispatch = (patch: ReturnType<typeof lineUpsPatch>) => { undo(): void };

/** Changes the line-ups in the cache; the answer takes the change back. */
const patchLineUps = (dispatch: Dispatch, recipe: (figures: FigureDto[]) => void): { undo(): void } => dispatch(lineUpsPatch(recipe));

/** Puts a figure into the line-ups as it is now. What was already there of it and is no older stays. */
const replaceFigure = (dispatch: Dispatch, figure: FigureDto): void =>
  void patchLineUps(dispatch, (figures) => {
    const known = figures.find((row) => row.id === figure.id);
    if (known) Object.assign(known, figure);
  });

const replaceLook = (dispatch: Dispatch, look: LookDto): void =>
  void patchLineUps(dispatch, (figures) => {
    const known = figures.flatMap((figure) => figure.looks).find((row) => row.id === look.id);
    if (known) Object.assign(known, look);
  });

/** Puts the answer of a mutation into the cache instead of reading everything again. */
const keepFigure = {
  invalidatesTags: ['history' as const],
  onQueryStarted: async (
    _: unknown,
    { dispatch, queryFulfilled }: { dispatch: Dispatch; queryFulfilled: Promise<{ data: FigureDto }> },
  ) => {
    const { data } = await queryFulfilled.catch(() => ({ data: null }));
    if (data) replaceFigure(dispatch, data);
  },
};
const keepLook = {
  invalidatesTags: [],
  onQueryStarted: async (_: unknown, { dispatch, queryFulfilled }: { dispatch: Dispatch; queryFulfilled: Promise<{ data: LookDto }> }) => {
    const { data } = await queryFulfilled.catch(() => ({ data: null }));
    if (data) replaceLook(dispatch, data);
  },
};

/** Reads one figure again, and nothing else: what another tab changed, or what undo put back. */
export async function refreshFigure(dispatch: AppDispatch, id: string): Promise<void> {
  const { data } = await dispatch(generatedApi.endpoints.readFigure.initiate({ id }, { subscribe: false, forceRefetch: true }));
  const isKnown = data !== undefined && dispatch(lineUpsHold(id));
  if (data && isKnown) replaceFigure(dispatch as Dispatch, data);
  else dispatch(generatedApi.util.invalidateTags(['figures']));
}

export const webApi = generatedApi.enhanceEndpoints({
  addTagTypes: ['references', 'watches', 'history'],
  endpoints: {
    saveBrief: keepFigure,
    chooseLook: keepFigure,
    addLook: keepFigure,
    renameLook: keepFigure,
    binLook: keepFigure,
    restoreLook: keepFigure,
    addEdition: {
      invalidatesTags: [],
      // An edition may imagine parts: the catalogue is read first, so that no look names a part nobody knows yet.
      onQueryStarted: async (_, { dispatch, queryFulfilled }) => {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        await dispatch(generatedApi.endpoints.readCatalogue.initiate(undefined, { subscribe: false, forceRefetch: true }));
        replaceFigure(dispatch, data);
      },
    },
    undoLook: keepLook,
    redoLook: keepLook,
    returnLook: keepLook,
    // Large, and read anew as a whole: comparing them row by row with what was there finds nothing to keep.
    readCatalogue: { structuralSharing: false },
    readPrices: { structuralSharing: false },
    readStock: { structuralSharing: false },
    listReferences: { providesTags: ['references'] },
    addReference: { invalidatesTags: ['references', 'history'] },
    pinReference: { invalidatesTags: ['references', 'history'] },
    binReference: { invalidatesTags: ['references', 'history'] },
    restoreReference: { invalidatesTags: ['references', 'history'] },
    readHistory: { keepUnusedDataFor: 0 },
    readFigure: { providesTags: [], keepUnusedDataFor: 0 },
    readNextSteps: { providesTags: ['history'] },
    undo: { invalidatesTags: ['history', 'references'] },
    redo: { invalidatesTags: ['history', 'references'] },
    orderLineUp: { invalidatesTags: ['figures', 'history'] },
    importOffers: { invalidatesTags: ['market'] },
    importSellers: { invalidatesTags: ['market'] },
    importRates: { invalidatesTags: ['market'] },
    listWatches: { providesTags: ['market', 'watches'] },
    addWatch: { invalidatesTags: ['watches'] },
    endWatch: { invalidatesTags: ['watches'] },
    putAwayWatchNotice: { invalidatesTags: ['watches'] },
    advanceMarket: { invalidatesTags: ['market', 'catalogue', 'notices'] },
    tickErrand: { invalidatesTags: [] },
    planCopies: { invalidatesTags: [] },
    findCheaperVersion: { invalidatesTags: [] },
    // A changed catalogue changes what everything else is called and made of.
    saveEntry: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history'] },
    mergeEntries: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history'] },
    undoCatalogueChange: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history'] },
    importCatalogue: { invalidatesTags: [] },
    editLook: {
      invalidatesTags: [],
      // The edit shows at once: the same pure function the server applies is applied here first.
      onQueryStarted: async ({ id, editLookDto }, { dispatch, queryFulfilled }) => {
        const catalogue = currentCatalogue();
        const ahead = patchLineUps(dispatch, (figures) => {
          const look = figures.flatMap((figure) => figure.looks).find((row) => row.id === id);
          if (!look || !catalogue) return;
          const next: Look = applyEdits(look, editLookDto.edits as LookEdit[], catalogue);
          Object.assign(look, next, { undo: editLookDto.label, redo: null });
        });
        try {
          replaceLook(dispatch, (await queryFulfilled).data);
        } catch (refused) {
          ahead.undo();
          // Somebody else was quicker: the look is shown as it stands now.
          const current = currentOf<LookDto>(refused);
          if (current) replaceLook(dispatch, current);
        }
      },
    },
  },
});
