import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { lineUpRules } from './lineUpCache';
import { applyEdits, type Look, type LookEdit } from '@outfit/core';
import { keepSession } from './benchCache';
import { currentCatalogue } from './catalogue';
import { type FigureDto, generatedApi, type LineUpDto, type LookDto } from './generated';

type RootStateOf = Parameters<ReturnType<typeof generatedApi.endpoints.readLineUp.select>>[0];
type AppDispatch = ThunkDispatch<RootStateOf, unknown, UnknownAction>;

/** What stands on the server, out of a refusal that says that somebody else changed it; null of any other. */
export function currentOf<T>(refused: unknown): T | null {
  const error = (refused as { error?: unknown } | null)?.error ?? refused;
  const { status, data } = (error ?? {}) as { status?: unknown; data?: { current?: T } };
  return status === 409 && data?.current !== undefined ? data.current : null;
}

/** The line-ups this tab has read. */
const lineUpsIn = (state: RootStateOf): LineUpDto[] =>
  generatedApi.util
    .selectCachedArgsForQuery(state, 'readLineUp')
    .flatMap((of) => generatedApi.endpoints.readLineUp.select(of)(state).data ?? []);

/** Is this figure in a line-up that this tab has read? */
const lineUpsHold =
  (id: string) =>
  (_: unknown, getState: () => RootStateOf): boolean =>
    lineUpsIn(getState()).some((lineUp) => lineUp.figures.some((row) => row.id === id));

/** The version of a look as this tab knows it now, for whoever is about to write it. */
export const versionOfLook =
  (id: string) =>
  (_: unknown, getState: () => RootStateOf): number | undefined =>
    lineUpsIn(getState())
      .flatMap((lineUp) => lineUp.figures)
      .flatMap((figure) => figure.looks)
      .find((look) => look.id === id)?.version;

/** Changes the line-up in the cache that has such a figure; the answer takes the change back. */
const patchLineUp =
  (has: (figure: FigureDto) => boolean, recipe: (figure: FigureDto) => void) =>
  (dispatch: AppDispatch, getState: () => RootStateOf): { undo(): void } => {
    const patches = lineUpsIn(getState())
      .filter((lineUp) => lineUp.figures.some(has))
      .map(({ id }) =>
        dispatch(
          generatedApi.util.updateQueryData('readLineUp', { id }, (lineUp) => {
            const figure = lineUp.figures.find(has);
            if (figure) recipe(figure);
          }),
        ),
      );
    return { undo: () => patches.forEach((patch) => patch.undo()) };
  };

const patchLook = (id: string, recipe: (look: LookDto) => void) =>
  patchLineUp(
    (figure) => figure.looks.some((look) => look.id === id),
    (figure) => {
      const look = figure.looks.find((row) => row.id === id);
      if (look) recipe(look);
    },
  );

/** Puts a figure into its line-up as it is now, and its name into the list of names. */
function replaceFigure(dispatch: AppDispatch, figure: FigureDto): void {
  dispatch(
    patchLineUp(
      ({ id }) => id === figure.id,
      (known) => void Object.assign(known, figure),
    ),
  );
  dispatch(
    generatedApi.util.updateQueryData('listNames', undefined, (lineUps) => {
      const named = lineUps.flatMap((lineUp) => lineUp.figures).find((row) => row.id === figure.id);
      if (named) Object.assign(named, { name: figure.brief.name, role: figure.role });
    }),
  );
}

const replaceLook = (dispatch: AppDispatch, look: LookDto): void =>
  void dispatch(patchLook(look.id, (known) => void Object.assign(known, look)));

/** A figure that is being dressed changes what others get with every part: they are told once it rests. */
const RESTED_MS = 700;
let resting: ReturnType<typeof setTimeout> | undefined;
function tellPromisesSoon(dispatch: AppDispatch): void {
  clearTimeout(resting);
  resting = setTimeout(() => dispatch(webApi.util.invalidateTags(['promises'])), RESTED_MS);
}

/** Looks with an edit that is shown and not answered yet. One look is edited by one request after the other. */
const underWay = new Set<string>();

/**
 * A line-up that has been read, where this tab knows one already: an answer that was on its way while something was written
 * does not take that back. What is known stands where its version is newer, and where an edit of it is not answered yet.
 */
function newerOf(known: LineUpDto, read: LineUpDto): LineUpDto {
  const figures = new Map(known.figures.map((figure) => [figure.id, figure]));
  const kept = read.figures.map((figure) => {
    const own = figures.get(figure.id);
    if (!own) return figure;
    const looks = new Map(own.looks.map((look) => [look.id, look]));
    const base = own.version > figure.version ? own : figure;
    return {
      ...base,
      looks: base.looks.map((look) => {
        const before = looks.get(look.id);
        return before && (before.version > look.version || underWay.has(look.id)) ? before : look;
      }),
    };
  });
  return { ...read, figures: kept };
}

/** Puts the answer of a mutation into the cache instead of reading everything again. */
const keepFigure = {
  invalidatesTags: ['history' as const, 'promises' as const],
  onQueryStarted: async (
    _: unknown,
    { dispatch, queryFulfilled }: { dispatch: AppDispatch; queryFulfilled: Promise<{ data: FigureDto }> },
  ) => {
    const { data } = await queryFulfilled.catch(() => ({ data: null }));
    if (data) replaceFigure(dispatch, data);
  },
};
const keepLook = {
  invalidatesTags: ['promises' as const],
  onQueryStarted: async (
    _: unknown,
    { dispatch, queryFulfilled }: { dispatch: AppDispatch; queryFulfilled: Promise<{ data: LookDto }> },
  ) => {
    const { data } = await queryFulfilled.catch(() => ({ data: null }));
    if (data) replaceLook(dispatch, data);
  },
};

/** Reads one figure again, and nothing else: what another tab changed, or what undo put back. */
export async function refreshFigure(dispatch: AppDispatch, id: string): Promise<void> {
  const { data } = await dispatch(generatedApi.endpoints.readFigure.initiate({ id }, { subscribe: false, forceRefetch: true }));
  const isKnown = data !== undefined && dispatch(lineUpsHold(id));
  if (data && isKnown) replaceFigure(dispatch, data);
  else dispatch(generatedApi.util.invalidateTags(['figures']));
}

export const webApi = generatedApi.enhanceEndpoints({
  addTagTypes: ['references', 'watches', 'history', 'bin', 'stack', 'promises', 'parcels', 'bench', 'choices'],
  endpoints: {
    ...lineUpRules,
    saveBrief: keepFigure,
    chooseLook: keepFigure,
    setRole: keepFigure,
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
        await dispatch(generatedApi.endpoints.readPackedCatalogue.initiate(undefined, { subscribe: false, forceRefetch: true }));
        replaceFigure(dispatch, data);
      },
    },
    undoLook: keepLook,
    redoLook: keepLook,
    returnLook: keepLook,
    readLineUp: { structuralSharing: false, merge: newerOf },
    // Large, and told anew with every look and every piece that changes.
    readPromises: { structuralSharing: false, providesTags: ['figures', 'wardrobe', 'promises'] },
    readRunPromises: { providesTags: ['figures', 'wardrobe', 'promises'] },
    pagePieces: { providesTags: ['figures', 'wardrobe', 'promises'] },
    listDonors: { providesTags: ['figures', 'wardrobe', 'promises'] },
    readSortOut: { keepUnusedDataFor: 0, providesTags: ['figures', 'wardrobe', 'promises'] },
    readLeastCopies: { keepUnusedDataFor: 0, providesTags: ['figures', 'wardrobe', 'promises'] },
    addConsumable: { invalidatesTags: ['wardrobe', 'history'] },
    useConsumable: { invalidatesTags: ['wardrobe', 'history'] },
    removeConsumable: { invalidatesTags: ['wardrobe', 'history'] },
    addWardrobePicture: { invalidatesTags: ['wardrobe', 'history'] },
    removeWardrobePicture: { invalidatesTags: ['wardrobe', 'history'] },
    importLedger: { invalidatesTags: (result) => (result?.isTaken ? ['wardrobe', 'history'] : []) },
    listParcels: { providesTags: ['parcels', 'wardrobe', 'market'] },
    readSpent: { providesTags: ['parcels', 'wardrobe', 'market'] },
    placeOrders: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    addParcel: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    changeParcel: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    receiveParcel: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    settleClaim: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    readWholeAgain: { providesTags: ['wardrobe', 'market', 'figures', 'promises', 'catalogue'] },
    listStandingPlans: { providesTags: ['wardrobe', 'market', 'figures', 'promises', 'errands', 'catalogue'] },
    listRealCosts: { providesTags: ['parcels', 'wardrobe', 'figures', 'promises', 'errands'] },
    listDeadlines: { providesTags: ['parcels', 'wardrobe', 'market', 'figures', 'promises', 'errands'] },
    claimParcel: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    endParcel: { invalidatesTags: ['parcels', 'wardrobe', 'market', 'history'] },
    listServingParcels: { providesTags: ['parcels', 'wardrobe', 'market', 'figures', 'promises'] },
    readBench: { keepUnusedDataFor: 0, providesTags: ['bench', 'figures', 'wardrobe', 'promises'] },
    listOpenSessions: { providesTags: ['bench'] },
    readToDo: { keepUnusedDataFor: 0, providesTags: ['bench', 'parcels', 'figures', 'wardrobe', 'market', 'promises'] },
    readSession: { keepUnusedDataFor: 0, providesTags: ['bench', 'figures'] },
    readBenchHistory: { keepUnusedDataFor: 0, providesTags: ['bench'] },
    listClosings: { keepUnusedDataFor: 0, providesTags: ['bench', 'wardrobe'] },
    listInstead: { keepUnusedDataFor: 0, providesTags: ['bench', 'wardrobe'] },
    beginSession: { invalidatesTags: ['bench', 'history'] },
    tickStep: keepSession,
    untickStep: keepSession,
    reportTrouble: keepSession,
    noteSession: keepSession,
    endSession: { invalidatesTags: ['bench', 'wardrobe', 'history'] },
    pinPieces: { invalidatesTags: ['wardrobe', 'history'] },
    putTogether: { invalidatesTags: ['wardrobe', 'history'] },
    addProduct: { invalidatesTags: ['wardrobe', 'history'] },
    closeBox: { invalidatesTags: ['wardrobe', 'history'] },
    openBox: { invalidatesTags: ['wardrobe', 'history'] },
    // Large, and read anew as a whole: comparing them row by row with what was there finds nothing to keep.
    readPackedCatalogue: { structuralSharing: false },
    readPrices: { structuralSharing: false },
    readStock: { structuralSharing: false },
    readWholePrices: { providesTags: ['market'] },
    readWanted: { providesTags: ['figures', 'wardrobe', 'market'] },
    listReferences: { providesTags: ['references'] },
    addReference: { invalidatesTags: ['references', 'history'] },
    pinReference: { invalidatesTags: ['references', 'history'] },
    binReference: { invalidatesTags: ['references', 'history'] },
    restoreReference: { invalidatesTags: ['references', 'history'] },
    listStack: { providesTags: ['stack'] },
    stackPhotograph: { invalidatesTags: ['stack'] },
    takeOffStack: { invalidatesTags: ['stack'] },
    readHistory: { keepUnusedDataFor: 0 },
    readFigure: { providesTags: [], keepUnusedDataFor: 0 },
    readNextSteps: { providesTags: ['history'] },
    listChanges: { providesTags: ['history'] },
    takeBackChange: { invalidatesTags: ['history', 'references'] },
    undo: { invalidatesTags: ['history', 'references'] },
    redo: { invalidatesTags: ['history', 'references'] },
    orderLineUp: { invalidatesTags: ['figures', 'history'] },
    createFigure: { invalidatesTags: ['figures', 'history'] },
    createLineUp: { invalidatesTags: ['figures', 'history'] },
    beginWith: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'history'] },
    addPieces: { invalidatesTags: ['wardrobe', 'history'] },
    importPieces: { invalidatesTags: ['wardrobe', 'history'] },
    addPlace: { invalidatesTags: ['wardrobe', 'history'] },
    changePlace: { invalidatesTags: ['wardrobe', 'history'] },
    removePlace: { invalidatesTags: ['wardrobe', 'history'] },
    doWithPieces: { invalidatesTags: ['wardrobe', 'history'] },
    countPlace: { invalidatesTags: ['wardrobe', 'history'] },
    typeLines: { invalidatesTags: ['wardrobe', 'history'] },
    renameLineUp: { invalidatesTags: ['figures', 'history'] },
    orderLineUps: { invalidatesTags: ['figures', 'history'] },
    binLineUp: { invalidatesTags: ['figures', 'history', 'bin'] },
    moveFigures: { invalidatesTags: ['figures', 'history'] },
    copyFigures: { invalidatesTags: ['figures', 'history'] },
    binFigures: { invalidatesTags: ['figures', 'history', 'bin'] },
    // What comes back may be of any kind.
    listBin: { keepUnusedDataFor: 0, providesTags: ['bin', 'figures', 'catalogue', 'errands'] },
    bringBack: { invalidatesTags: ['bin', 'ideas', 'figures', 'catalogue', 'errands', 'references', 'wardrobe', 'market', 'history'] },
    throwAway: { invalidatesTags: ['bin'] },
    emptyBin: { invalidatesTags: ['bin'] },
    binEntry: { invalidatesTags: ['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'history', 'bin'] },
    readSettings: { keepUnusedDataFor: 0 },
    changeSettings: { invalidatesTags: ['settings', 'market', 'history'] },
    addSeller: { invalidatesTags: ['market', 'history'] },
    changeSeller: { invalidatesTags: ['market', 'history'] },
    addOffer: { invalidatesTags: ['market', 'history'] },
    dropOffer: { invalidatesTags: ['market', 'history'] },
    binSeller: { invalidatesTags: ['market', 'history', 'bin'] },
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
    lookAtForeign: { invalidatesTags: [] },
    editLook: {
      // Done on the page of the line-up, it is the next thing to undo there.
      invalidatesTags: (_, __, { editLookDto }) => (editLookDto.on ? ['history'] : []),
      // The edit shows at once: the same pure function the server applies is applied here first.
      onQueryStarted: async ({ id, editLookDto }, { dispatch, queryFulfilled }) => {
        const catalogue = currentCatalogue();
        const ahead = dispatch(
          patchLook(id, (look) => {
            if (!catalogue) return;
            const next: Look = applyEdits(look, editLookDto.edits as LookEdit[], catalogue);
            Object.assign(look, next, { undo: editLookDto.label, redo: null });
          }),
        );
        underWay.add(id);
        try {
          replaceLook(dispatch, (await queryFulfilled).data);
        } catch (refused) {
          ahead.undo();
          // Somebody else was quicker: the look is shown as it stands now.
          const current = currentOf<LookDto>(refused);
          if (current) replaceLook(dispatch, current);
        } finally {
          underWay.delete(id);
          tellPromisesSoon(dispatch);
        }
      },
    },
  },
});
