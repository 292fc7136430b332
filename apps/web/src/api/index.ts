import { applyEdits, type Look, type LookEdit } from '@outfit/core';
import { currentCatalogue } from './catalogue';
import { generatedApi, type FigureDto, type LineUpDto, type LookDto } from './generated';

const lineUpsPatch = (recipe: (figures: FigureDto[]) => void) =>
  generatedApi.util.updateQueryData('listLineUps', undefined, (lineUps: LineUpDto[]) =>
    recipe(lineUps.flatMap((lineUp) => lineUp.figures)),
  );

type Dispatch = (patch: ReturnType<typeof lineUpsPatch>) => { undo(): void };

/** Changes the line-ups in the cache; the answer takes the change back. */
const patchLineUps = (dispatch: Dispatch, recipe: (figures: FigureDto[]) => void): { undo(): void } => dispatch(lineUpsPatch(recipe));

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
  invalidatesTags: [],
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

export const webApi = generatedApi.enhanceEndpoints({
  addTagTypes: ['references', 'watches'],
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
    listReferences: { providesTags: ['references'] },
    addReference: { invalidatesTags: ['references'] },
    pinReference: { invalidatesTags: ['references'] },
    binReference: { invalidatesTags: ['references'] },
    restoreReference: { invalidatesTags: ['references'] },
    readHistory: { keepUnusedDataFor: 0 },
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
    saveEntry: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices'] },
    mergeEntries: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices'] },
    undoCatalogueChange: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices'] },
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
        } catch {
          ahead.undo();
        }
      },
    },
  },
});

export * from './generated';
export { rememberCatalogue } from './catalogue';
