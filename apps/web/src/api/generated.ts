import { api } from '@/api/base';
export const addTagTypes = [
  'workspaces',
  'history',
  'bin',
  'jobs',
  'catalogue',
  'settings',
  'figures',
  'looks',
  'notices',
  'line-ups',
  'wardrobe',
  'market',
  'errands',
  'parcels',
  'bench',
  'ideas',
] as const;
const injectedRtkApi = api
  .enhanceEndpoints({
    addTagTypes,
  })
  .injectEndpoints({
    endpoints: (build) => ({
      listWorkspaces: build.query<ListWorkspacesApiResponse, ListWorkspacesApiArg>({
        query: () => ({ url: `/api/workspaces` }),
        providesTags: ['workspaces'],
      }),
      createWorkspace: build.mutation<CreateWorkspaceApiResponse, CreateWorkspaceApiArg>({
        query: (queryArg) => ({
          url: `/api/workspaces`,
          method: 'POST',
          body: queryArg.newWorkspaceDto,
        }),
        invalidatesTags: ['workspaces'],
      }),
      renameWorkspace: build.mutation<RenameWorkspaceApiResponse, RenameWorkspaceApiArg>({
        query: (queryArg) => ({
          url: `/api/workspaces/name`,
          method: 'PUT',
          body: queryArg.workspaceNameDto,
        }),
        invalidatesTags: ['workspaces'],
      }),
      carryAway: build.query<CarryAwayApiResponse, CarryAwayApiArg>({
        query: () => ({ url: `/api/workspaces/archive` }),
        providesTags: ['workspaces'],
      }),
      bringWorkspaceBack: build.mutation<BringWorkspaceBackApiResponse, BringWorkspaceBackApiArg>({
        query: (queryArg) => ({
          url: `/api/workspaces/archive`,
          method: 'POST',
          body: queryArg.body,
          params: {
            name: queryArg.name,
          },
        }),
        invalidatesTags: ['workspaces'],
      }),
      listChanges: build.query<ListChangesApiResponse, ListChangesApiArg>({
        query: (queryArg) => ({
          url: `/api/history/${queryArg.subject}/${queryArg.item}`,
          params: {
            most: queryArg.most,
          },
        }),
        providesTags: ['history'],
      }),
      readNextSteps: build.query<ReadNextStepsApiResponse, ReadNextStepsApiArg>({
        query: (queryArg) => ({
          url: `/api/history/${queryArg.subject}/${queryArg.item}/next`,
        }),
        providesTags: ['history'],
      }),
      undo: build.mutation<UndoApiResponse, UndoApiArg>({
        query: (queryArg) => ({
          url: `/api/history/${queryArg.subject}/${queryArg.item}/undo`,
          method: 'POST',
        }),
        invalidatesTags: ['history'],
      }),
      redo: build.mutation<RedoApiResponse, RedoApiArg>({
        query: (queryArg) => ({
          url: `/api/history/${queryArg.subject}/${queryArg.item}/redo`,
          method: 'POST',
        }),
        invalidatesTags: ['history'],
      }),
      takeBackChange: build.mutation<TakeBackChangeApiResponse, TakeBackChangeApiArg>({
        query: (queryArg) => ({
          url: `/api/history/${queryArg.subject}/${queryArg.item}/changes/${queryArg.id}/back`,
          method: 'POST',
        }),
        invalidatesTags: ['history'],
      }),
      listBin: build.query<ListBinApiResponse, ListBinApiArg>({
        query: () => ({ url: `/api/bin` }),
        providesTags: ['bin'],
      }),
      emptyBin: build.mutation<EmptyBinApiResponse, EmptyBinApiArg>({
        query: () => ({ url: `/api/bin`, method: 'DELETE' }),
        invalidatesTags: ['bin'],
      }),
      bringBack: build.mutation<BringBackApiResponse, BringBackApiArg>({
        query: (queryArg) => ({
          url: `/api/bin/${queryArg.kind}/${queryArg.id}/back`,
          method: 'POST',
        }),
        invalidatesTags: ['bin'],
      }),
      throwAway: build.mutation<ThrowAwayApiResponse, ThrowAwayApiArg>({
        query: (queryArg) => ({
          url: `/api/bin/${queryArg.kind}/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['bin'],
      }),
      readJob: build.query<ReadJobApiResponse, ReadJobApiArg>({
        query: (queryArg) => ({ url: `/api/jobs/${queryArg.id}` }),
        providesTags: ['jobs'],
      }),
      stopJob: build.mutation<StopJobApiResponse, StopJobApiArg>({
        query: (queryArg) => ({
          url: `/api/jobs/${queryArg.id}/stop`,
          method: 'POST',
        }),
        invalidatesTags: ['jobs'],
      }),
      beginWith: build.mutation<BeginWithApiResponse, BeginWithApiArg>({
        query: (queryArg) => ({
          url: `/api/beginning`,
          method: 'POST',
          body: queryArg.beginWithDto,
        }),
        invalidatesTags: ['catalogue'],
      }),
      readSettings: build.query<ReadSettingsApiResponse, ReadSettingsApiArg>({
        query: () => ({ url: `/api/settings` }),
        providesTags: ['settings'],
      }),
      changeSettings: build.mutation<ChangeSettingsApiResponse, ChangeSettingsApiArg>({
        query: (queryArg) => ({
          url: `/api/settings`,
          method: 'PUT',
          body: queryArg.newSettingsDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['settings'],
      }),
      importCatalogue: build.mutation<ImportCatalogueApiResponse, ImportCatalogueApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/import`,
          method: 'POST',
          body: queryArg.body,
          params: {
            what: queryArg.what,
            foreign: queryArg.foreign,
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['catalogue'],
      }),
      lookAtForeign: build.mutation<LookAtForeignApiResponse, LookAtForeignApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/import/look`,
          method: 'POST',
          body: queryArg.body,
        }),
        invalidatesTags: ['catalogue'],
      }),
      exportCatalogue: build.query<ExportCatalogueApiResponse, ExportCatalogueApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/export`,
          params: {
            what: queryArg.what,
          },
        }),
        providesTags: ['catalogue'],
      }),
      readOutline: build.mutation<ReadOutlineApiResponse, ReadOutlineApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/outlines`,
          method: 'POST',
          body: queryArg.body,
          params: {
            heightMm: queryArg.heightMm,
          },
        }),
        invalidatesTags: ['catalogue'],
      }),
      listPhotographs: build.query<ListPhotographsApiResponse, ListPhotographsApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/photographs`,
          params: {
            kind: queryArg.kind,
            item: queryArg.item,
            face: queryArg.face,
          },
        }),
        providesTags: ['catalogue'],
      }),
      addPhotograph: build.mutation<AddPhotographApiResponse, AddPhotographApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/photographs`,
          method: 'POST',
          body: queryArg.body,
          params: {
            kind: queryArg.kind,
            item: queryArg.item,
            face: queryArg.face,
          },
        }),
        invalidatesTags: ['catalogue'],
      }),
      readPhotograph: build.query<ReadPhotographApiResponse, ReadPhotographApiArg>({
        query: (queryArg) => ({ url: `/api/photographs/${queryArg.id}` }),
        providesTags: ['catalogue'],
      }),
      listStack: build.query<ListStackApiResponse, ListStackApiArg>({
        query: () => ({ url: `/api/catalogue/stack` }),
        providesTags: ['catalogue'],
      }),
      stackPhotograph: build.mutation<StackPhotographApiResponse, StackPhotographApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/stack`,
          method: 'POST',
          body: queryArg.body,
          params: {
            name: queryArg.name,
          },
        }),
        invalidatesTags: ['catalogue'],
      }),
      takeOffStack: build.mutation<TakeOffStackApiResponse, TakeOffStackApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/stack/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['catalogue'],
      }),
      readCatalogue: build.query<ReadCatalogueApiResponse, ReadCatalogueApiArg>({
        query: () => ({ url: `/api/catalogue` }),
        providesTags: ['catalogue'],
      }),
      readPackedCatalogue: build.query<ReadPackedCatalogueApiResponse, ReadPackedCatalogueApiArg>({
        query: () => ({ url: `/api/catalogue/packed` }),
        providesTags: ['catalogue'],
      }),
      searchCatalogue: build.query<SearchCatalogueApiResponse, SearchCatalogueApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/search`,
          params: {
            q: queryArg.q,
            exact: queryArg.exact,
            family: queryArg.family,
            colour: queryArg.colour,
            exists: queryArg.exists,
            era: queryArg.era,
            range: queryArg.range,
            owned: queryArg.owned,
            sort: queryArg.sort,
            offset: queryArg.offset,
            limit: queryArg.limit,
          },
        }),
        providesTags: ['catalogue'],
      }),
      binEntry: build.mutation<BinEntryApiResponse, BinEntryApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/entries/${queryArg.kind}/${queryArg.key}/bin`,
          method: 'PUT',
        }),
        invalidatesTags: ['catalogue'],
      }),
      saveEntry: build.mutation<SaveEntryApiResponse, SaveEntryApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/entries`,
          method: 'POST',
          body: queryArg.saveEntryDto,
        }),
        invalidatesTags: ['catalogue'],
      }),
      mergeEntries: build.mutation<MergeEntriesApiResponse, MergeEntriesApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/merge`,
          method: 'POST',
          body: queryArg.mergeDto,
        }),
        invalidatesTags: ['catalogue'],
      }),
      listCatalogueChanges: build.query<ListCatalogueChangesApiResponse, ListCatalogueChangesApiArg>({
        query: () => ({ url: `/api/catalogue/changes` }),
        providesTags: ['catalogue'],
      }),
      undoCatalogueChange: build.mutation<UndoCatalogueChangeApiResponse, UndoCatalogueChangeApiArg>({
        query: (queryArg) => ({
          url: `/api/catalogue/changes/${queryArg.id}/undo`,
          method: 'POST',
        }),
        invalidatesTags: ['catalogue'],
      }),
      createLineUp: build.mutation<CreateLineUpApiResponse, CreateLineUpApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups`,
          method: 'POST',
          body: queryArg.newLineUpDto,
        }),
        invalidatesTags: ['figures'],
      }),
      listLineUps: build.query<ListLineUpsApiResponse, ListLineUpsApiArg>({
        query: () => ({ url: `/api/line-ups` }),
        providesTags: ['figures'],
      }),
      orderLineUps: build.mutation<OrderLineUpsApiResponse, OrderLineUpsApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/order`,
          method: 'PUT',
          body: queryArg.lineUpOrderDto,
        }),
        invalidatesTags: ['figures'],
      }),
      renameLineUp: build.mutation<RenameLineUpApiResponse, RenameLineUpApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/name`,
          method: 'PUT',
          body: queryArg.lineUpNameDto,
        }),
        invalidatesTags: ['figures'],
      }),
      binLineUp: build.mutation<BinLineUpApiResponse, BinLineUpApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/bin`,
          method: 'PUT',
          body: queryArg.binnedFlagDto,
        }),
        invalidatesTags: ['figures'],
      }),
      orderLineUp: build.mutation<OrderLineUpApiResponse, OrderLineUpApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/order`,
          method: 'PUT',
          body: queryArg.orderDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['figures'],
      }),
      moveFigures: build.mutation<MoveFiguresApiResponse, MoveFiguresApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/line-up`,
          method: 'PUT',
          body: queryArg.figuresToDto,
        }),
        invalidatesTags: ['figures'],
      }),
      copyFigures: build.mutation<CopyFiguresApiResponse, CopyFiguresApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/copies`,
          method: 'POST',
          body: queryArg.figureCopiesDto,
        }),
        invalidatesTags: ['figures'],
      }),
      binFigures: build.mutation<BinFiguresApiResponse, BinFiguresApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/bin`,
          method: 'PUT',
          body: queryArg.figuresBinDto,
        }),
        invalidatesTags: ['figures'],
      }),
      listNames: build.query<ListNamesApiResponse, ListNamesApiArg>({
        query: () => ({ url: `/api/line-ups/names` }),
        providesTags: ['figures'],
      }),
      readLineUp: build.query<ReadLineUpApiResponse, ReadLineUpApiArg>({
        query: (queryArg) => ({ url: `/api/line-ups/${queryArg.id}` }),
        providesTags: ['figures'],
      }),
      createFigure: build.mutation<CreateFigureApiResponse, CreateFigureApiArg>({
        query: (queryArg) => ({
          url: `/api/figures`,
          method: 'POST',
          body: queryArg.newFigureDto,
        }),
        invalidatesTags: ['figures'],
      }),
      readFigure: build.query<ReadFigureApiResponse, ReadFigureApiArg>({
        query: (queryArg) => ({ url: `/api/figures/${queryArg.id}` }),
        providesTags: ['figures'],
      }),
      listWearing: build.query<ListWearingApiResponse, ListWearingApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/wearing/${queryArg.variant}`,
        }),
        providesTags: ['figures'],
      }),
      saveBrief: build.mutation<SaveBriefApiResponse, SaveBriefApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/brief`,
          method: 'PUT',
          body: queryArg.briefDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['figures'],
      }),
      setRole: build.mutation<SetRoleApiResponse, SetRoleApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/role`,
          method: 'PUT',
          body: queryArg.roleDto,
        }),
        invalidatesTags: ['figures'],
      }),
      chooseLook: build.mutation<ChooseLookApiResponse, ChooseLookApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/chosen-look`,
          method: 'PUT',
          body: queryArg.chosenLookDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['figures'],
      }),
      addLook: build.mutation<AddLookApiResponse, AddLookApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/looks`,
          method: 'POST',
          body: queryArg.newLookDto,
        }),
        invalidatesTags: ['figures'],
      }),
      editLook: build.mutation<EditLookApiResponse, EditLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/edits`,
          method: 'POST',
          body: queryArg.editLookDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['looks'],
      }),
      undoLook: build.mutation<UndoLookApiResponse, UndoLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/undo`,
          method: 'POST',
        }),
        invalidatesTags: ['looks'],
      }),
      redoLook: build.mutation<RedoLookApiResponse, RedoLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/redo`,
          method: 'POST',
        }),
        invalidatesTags: ['looks'],
      }),
      readHistory: build.query<ReadHistoryApiResponse, ReadHistoryApiArg>({
        query: (queryArg) => ({ url: `/api/looks/${queryArg.id}/history` }),
        providesTags: ['looks'],
      }),
      nameSnapshot: build.mutation<NameSnapshotApiResponse, NameSnapshotApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/snapshots`,
          method: 'POST',
          body: queryArg.namedDto,
        }),
        invalidatesTags: ['looks'],
      }),
      returnLook: build.mutation<ReturnLookApiResponse, ReturnLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/return`,
          method: 'POST',
          body: queryArg.returnDto,
        }),
        invalidatesTags: ['looks'],
      }),
      addEdition: build.mutation<AddEditionApiResponse, AddEditionApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/editions`,
          method: 'POST',
          body: queryArg.editionDto,
        }),
        invalidatesTags: ['looks'],
      }),
      renameLook: build.mutation<RenameLookApiResponse, RenameLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/name`,
          method: 'PUT',
          body: queryArg.namedDto,
        }),
        invalidatesTags: ['looks'],
      }),
      binLook: build.mutation<BinLookApiResponse, BinLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['looks'],
      }),
      restoreLook: build.mutation<RestoreLookApiResponse, RestoreLookApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/restore`,
          method: 'POST',
        }),
        invalidatesTags: ['looks'],
      }),
      drawLookSvg: build.query<DrawLookSvgApiResponse, DrawLookSvgApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/picture.svg`,
          params: {
            view: queryArg.view,
          },
        }),
        providesTags: ['looks'],
      }),
      drawLookPng: build.query<DrawLookPngApiResponse, DrawLookPngApiArg>({
        query: (queryArg) => ({
          url: `/api/looks/${queryArg.id}/picture.png`,
          params: {
            view: queryArg.view,
          },
        }),
        providesTags: ['looks'],
      }),
      listNotices: build.query<ListNoticesApiResponse, ListNoticesApiArg>({
        query: () => ({ url: `/api/notices` }),
        providesTags: ['notices'],
      }),
      putAwayNotice: build.mutation<PutAwayNoticeApiResponse, PutAwayNoticeApiArg>({
        query: (queryArg) => ({
          url: `/api/notices/${queryArg.id}/put-away`,
          method: 'POST',
        }),
        invalidatesTags: ['notices'],
      }),
      listReferences: build.query<ListReferencesApiResponse, ListReferencesApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/references`,
        }),
        providesTags: ['figures'],
      }),
      addReference: build.mutation<AddReferenceApiResponse, AddReferenceApiArg>({
        query: (queryArg) => ({
          url: `/api/figures/${queryArg.id}/references`,
          method: 'POST',
          body: queryArg.body,
          params: {
            name: queryArg.name,
          },
        }),
        invalidatesTags: ['figures'],
      }),
      pinReference: build.mutation<PinReferenceApiResponse, PinReferenceApiArg>({
        query: (queryArg) => ({
          url: `/api/references/${queryArg.id}/pins`,
          method: 'PUT',
          body: queryArg.pinsDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['figures'],
      }),
      binReference: build.mutation<BinReferenceApiResponse, BinReferenceApiArg>({
        query: (queryArg) => ({
          url: `/api/references/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['figures'],
      }),
      restoreReference: build.mutation<RestoreReferenceApiResponse, RestoreReferenceApiArg>({
        query: (queryArg) => ({
          url: `/api/references/${queryArg.id}/restore`,
          method: 'POST',
        }),
        invalidatesTags: ['figures'],
      }),
      savePlan: build.mutation<SavePlanApiResponse, SavePlanApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/plan`,
          method: 'PUT',
          body: queryArg.newPlanDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['line-ups'],
      }),
      changeUniform: build.mutation<ChangeUniformApiResponse, ChangeUniformApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/uniform`,
          method: 'PUT',
          body: queryArg.newUniformDto,
        }),
        invalidatesTags: ['line-ups'],
      }),
      enrolFigures: build.mutation<EnrolFiguresApiResponse, EnrolFiguresApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/members`,
          method: 'PUT',
          body: queryArg.enrolDto,
        }),
        invalidatesTags: ['line-ups'],
      }),
      setFree: build.mutation<SetFreeApiResponse, SetFreeApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/free`,
          method: 'PUT',
          body: queryArg.freeDto,
        }),
        invalidatesTags: ['line-ups'],
      }),
      varyCopies: build.mutation<VaryCopiesApiResponse, VaryCopiesApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/variations`,
          method: 'PUT',
          body: queryArg.variationsDto,
        }),
        invalidatesTags: ['line-ups'],
      }),
      listChoices: build.query<ListChoicesApiResponse, ListChoicesApiArg>({
        query: (queryArg) => ({ url: `/api/line-ups/${queryArg.id}/choices` }),
        providesTags: ['line-ups'],
      }),
      choosePair: build.mutation<ChoosePairApiResponse, ChoosePairApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/choices`,
          method: 'POST',
          body: queryArg.newChoiceDto,
        }),
        invalidatesTags: ['line-ups'],
      }),
      importChoices: build.mutation<ImportChoicesApiResponse, ImportChoicesApiArg>({
        query: (queryArg) => ({
          url: `/api/line-ups/${queryArg.id}/choices/import`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['line-ups'],
      }),
      listConsumables: build.query<ListConsumablesApiResponse, ListConsumablesApiArg>({
        query: () => ({ url: `/api/wardrobe/consumables` }),
        providesTags: ['wardrobe'],
      }),
      addConsumable: build.mutation<AddConsumableApiResponse, AddConsumableApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/consumables`,
          method: 'POST',
          body: queryArg.newConsumableDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      useConsumable: build.mutation<UseConsumableApiResponse, UseConsumableApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/consumables/${queryArg.id}/used`,
          method: 'POST',
          body: queryArg.usedDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      removeConsumable: build.mutation<RemoveConsumableApiResponse, RemoveConsumableApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/consumables/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['wardrobe'],
      }),
      listDonors: build.query<ListDonorsApiResponse, ListDonorsApiArg>({
        query: () => ({ url: `/api/wardrobe/donors` }),
        providesTags: ['wardrobe'],
      }),
      putTogether: build.mutation<PutTogetherApiResponse, PutTogetherApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/donors`,
          method: 'POST',
          body: queryArg.togetherDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      addProduct: build.mutation<AddProductApiResponse, AddProductApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/products`,
          method: 'POST',
          body: queryArg.addProductDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      closeBox: build.mutation<CloseBoxApiResponse, CloseBoxApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/boxes`,
          method: 'POST',
          body: queryArg.closeBoxDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      openBox: build.mutation<OpenBoxApiResponse, OpenBoxApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/boxes/${queryArg.id}/open`,
          method: 'POST',
          body: queryArg.openBoxDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      exportLedger: build.query<ExportLedgerApiResponse, ExportLedgerApiArg>({
        query: () => ({ url: `/api/wardrobe/ledger.json` }),
        providesTags: ['wardrobe'],
      }),
      importLedger: build.mutation<ImportLedgerApiResponse, ImportLedgerApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/ledger`,
          method: 'POST',
          body: queryArg.body,
          params: {
            take: queryArg.take,
          },
        }),
        invalidatesTags: ['wardrobe'],
      }),
      listPlaces: build.query<ListPlacesApiResponse, ListPlacesApiArg>({
        query: () => ({ url: `/api/wardrobe/places` }),
        providesTags: ['wardrobe'],
      }),
      addPlace: build.mutation<AddPlaceApiResponse, AddPlaceApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/places`,
          method: 'POST',
          body: queryArg.newPlaceDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      changePlace: build.mutation<ChangePlaceApiResponse, ChangePlaceApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/places/${queryArg.id}`,
          method: 'PUT',
          body: queryArg.placeChangeDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      removePlace: build.mutation<RemovePlaceApiResponse, RemovePlaceApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/places/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['wardrobe'],
      }),
      doWithPieces: build.mutation<DoWithPiecesApiResponse, DoWithPiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/deeds`,
          method: 'POST',
          body: queryArg.deedDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      countPlace: build.mutation<CountPlaceApiResponse, CountPlaceApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/counts`,
          method: 'POST',
          body: queryArg.countDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      typeLines: build.mutation<TypeLinesApiResponse, TypeLinesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/lines`,
          method: 'POST',
          body: queryArg.linesDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      readStory: build.query<ReadStoryApiResponse, ReadStoryApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pieces/${queryArg.id}/story`,
        }),
        providesTags: ['wardrobe'],
      }),
      readPromises: build.query<ReadPromisesApiResponse, ReadPromisesApiArg>({
        query: () => ({ url: `/api/wardrobe/promises` }),
        providesTags: ['wardrobe'],
      }),
      readRunPromises: build.query<ReadRunPromisesApiResponse, ReadRunPromisesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pieces/${queryArg.id}/promises`,
        }),
        providesTags: ['wardrobe'],
      }),
      readLosses: build.mutation<ReadLossesApiResponse, ReadLossesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/promises/losses`,
          method: 'POST',
          body: queryArg.lineChangeDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      pinPieces: build.mutation<PinPiecesApiResponse, PinPiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pins`,
          method: 'POST',
          body: queryArg.piecePinDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      readSortOut: build.query<ReadSortOutApiResponse, ReadSortOutApiArg>({
        query: () => ({ url: `/api/wardrobe/sort-out` }),
        providesTags: ['wardrobe'],
      }),
      readLeastCopies: build.query<ReadLeastCopiesApiResponse, ReadLeastCopiesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/least-copies/${queryArg.lineUp}`,
        }),
        providesTags: ['wardrobe'],
      }),
      listPieces: build.query<ListPiecesApiResponse, ListPiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pieces`,
          params: {
            variant: queryArg.variant,
          },
        }),
        providesTags: ['wardrobe'],
      }),
      addPieces: build.mutation<AddPiecesApiResponse, AddPiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pieces`,
          method: 'POST',
          body: queryArg.newPiecesDto,
        }),
        invalidatesTags: ['wardrobe'],
      }),
      pagePieces: build.query<PagePiecesApiResponse, PagePiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pieces/page`,
          params: {
            words: queryArg.words,
            place: queryArg.place,
            doing: queryArg.doing,
            order: queryArg.order,
            offset: queryArg.offset,
            limit: queryArg.limit,
          },
        }),
        providesTags: ['wardrobe'],
      }),
      readStock: build.query<ReadStockApiResponse, ReadStockApiArg>({
        query: () => ({ url: `/api/wardrobe/stock` }),
        providesTags: ['wardrobe'],
      }),
      importPieces: build.mutation<ImportPiecesApiResponse, ImportPiecesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/import`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['wardrobe'],
      }),
      exportPieces: build.query<ExportPiecesApiResponse, ExportPiecesApiArg>({
        query: () => ({ url: `/api/wardrobe/pieces.csv` }),
        providesTags: ['wardrobe'],
      }),
      listWardrobePictures: build.query<ListWardrobePicturesApiResponse, ListWardrobePicturesApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pictures`,
          params: {
            of: queryArg['of'],
          },
        }),
        providesTags: ['wardrobe'],
      }),
      addWardrobePicture: build.mutation<AddWardrobePictureApiResponse, AddWardrobePictureApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pictures`,
          method: 'POST',
          body: queryArg.body,
          params: {
            of: queryArg['of'],
          },
        }),
        invalidatesTags: ['wardrobe'],
      }),
      removeWardrobePicture: build.mutation<RemoveWardrobePictureApiResponse, RemoveWardrobePictureApiArg>({
        query: (queryArg) => ({
          url: `/api/wardrobe/pictures/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['wardrobe'],
      }),
      addSeller: build.mutation<AddSellerApiResponse, AddSellerApiArg>({
        query: (queryArg) => ({
          url: `/api/market/sellers`,
          method: 'POST',
          body: queryArg.sellerByHandDto,
        }),
        invalidatesTags: ['market'],
      }),
      listSellers: build.query<ListSellersApiResponse, ListSellersApiArg>({
        query: () => ({ url: `/api/market/sellers` }),
        providesTags: ['market'],
      }),
      changeSeller: build.mutation<ChangeSellerApiResponse, ChangeSellerApiArg>({
        query: (queryArg) => ({
          url: `/api/market/sellers/${queryArg.id}`,
          method: 'PUT',
          body: queryArg.sellerByHandDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['market'],
      }),
      binSeller: build.mutation<BinSellerApiResponse, BinSellerApiArg>({
        query: (queryArg) => ({
          url: `/api/market/sellers/${queryArg.id}/bin`,
          method: 'PUT',
        }),
        invalidatesTags: ['market'],
      }),
      addOffer: build.mutation<AddOfferApiResponse, AddOfferApiArg>({
        query: (queryArg) => ({
          url: `/api/market/sellers/${queryArg.id}/offers`,
          method: 'POST',
          body: queryArg.offerByHandDto,
        }),
        invalidatesTags: ['market'],
      }),
      dropOffer: build.mutation<DropOfferApiResponse, DropOfferApiArg>({
        query: (queryArg) => ({
          url: `/api/market/offers/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['market'],
      }),
      listSellerOffers: build.query<ListSellerOffersApiResponse, ListSellerOffersApiArg>({
        query: (queryArg) => ({
          url: `/api/market/sellers/${queryArg.seller}/offers`,
          params: {
            words: queryArg.words,
            offset: queryArg.offset,
            limit: queryArg.limit,
          },
        }),
        providesTags: ['market'],
      }),
      listOffers: build.query<ListOffersApiResponse, ListOffersApiArg>({
        query: (queryArg) => ({
          url: `/api/market/offers`,
          params: {
            kind: queryArg.kind,
            item: queryArg.item,
            seller: queryArg.seller,
          },
        }),
        providesTags: ['market'],
      }),
      readPrices: build.query<ReadPricesApiResponse, ReadPricesApiArg>({
        query: () => ({ url: `/api/market/prices` }),
        providesTags: ['market'],
      }),
      readWholePrices: build.query<ReadWholePricesApiResponse, ReadWholePricesApiArg>({
        query: (queryArg) => ({
          url: `/api/market/whole-figures`,
          params: {
            figures: queryArg.figures,
          },
        }),
        providesTags: ['market'],
      }),
      readItemPrices: build.query<ReadItemPricesApiResponse, ReadItemPricesApiArg>({
        query: (queryArg) => ({
          url: `/api/market/prices/${queryArg.kind}/${queryArg.id}`,
          params: {
            condition: queryArg.condition,
            withinDays: queryArg.withinDays,
          },
        }),
        providesTags: ['market'],
      }),
      importOffers: build.mutation<ImportOffersApiResponse, ImportOffersApiArg>({
        query: (queryArg) => ({
          url: `/api/market/import`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['market'],
      }),
      importSellers: build.mutation<ImportSellersApiResponse, ImportSellersApiArg>({
        query: (queryArg) => ({
          url: `/api/market/import/sellers`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['market'],
      }),
      importRates: build.mutation<ImportRatesApiResponse, ImportRatesApiArg>({
        query: (queryArg) => ({
          url: `/api/market/import/rates`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
          },
        }),
        invalidatesTags: ['market'],
      }),
      readMarketClock: build.query<ReadMarketClockApiResponse, ReadMarketClockApiArg>({
        query: () => ({ url: `/api/market/clock` }),
        providesTags: ['market'],
      }),
      advanceMarket: build.mutation<AdvanceMarketApiResponse, AdvanceMarketApiArg>({
        query: (queryArg) => ({
          url: `/api/market/clock/advance`,
          method: 'POST',
          body: queryArg.advanceDto,
        }),
        invalidatesTags: ['market'],
      }),
      listWatches: build.query<ListWatchesApiResponse, ListWatchesApiArg>({
        query: () => ({ url: `/api/market/watches` }),
        providesTags: ['market'],
      }),
      addWatch: build.mutation<AddWatchApiResponse, AddWatchApiArg>({
        query: (queryArg) => ({
          url: `/api/market/watches`,
          method: 'POST',
          body: queryArg.newWatchDto,
        }),
        invalidatesTags: ['market'],
      }),
      endWatch: build.mutation<EndWatchApiResponse, EndWatchApiArg>({
        query: (queryArg) => ({
          url: `/api/market/watches/${queryArg.id}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['market'],
      }),
      putAwayWatchNotice: build.mutation<PutAwayWatchNoticeApiResponse, PutAwayWatchNoticeApiArg>({
        query: (queryArg) => ({
          url: `/api/market/watches/notices/${queryArg.id}/put-away`,
          method: 'POST',
        }),
        invalidatesTags: ['market'],
      }),
      planErrand: build.mutation<PlanErrandApiResponse, PlanErrandApiArg>({
        query: (queryArg) => ({
          url: `/api/errands`,
          method: 'POST',
          body: queryArg.newErrandDto,
        }),
        invalidatesTags: ['errands'],
      }),
      latestErrand: build.query<LatestErrandApiResponse, LatestErrandApiArg>({
        query: (queryArg) => ({
          url: `/api/errands`,
          params: {
            scope: queryArg.scope,
          },
        }),
        providesTags: ['errands'],
      }),
      readWanted: build.query<ReadWantedApiResponse, ReadWantedApiArg>({
        query: () => ({ url: `/api/errands/wanted` }),
        providesTags: ['errands'],
      }),
      listStandingPlans: build.query<ListStandingPlansApiResponse, ListStandingPlansApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/standing/${queryArg.lineUp}`,
        }),
        providesTags: ['errands'],
      }),
      readWholeAgain: build.query<ReadWholeAgainApiResponse, ReadWholeAgainApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/whole-again`,
          params: {
            figure: queryArg.figure,
          },
        }),
        providesTags: ['errands'],
      }),
      listErrands: build.query<ListErrandsApiResponse, ListErrandsApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/all`,
          params: {
            scope: queryArg.scope,
          },
        }),
        providesTags: ['errands'],
      }),
      renameErrand: build.mutation<RenameErrandApiResponse, RenameErrandApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/name`,
          method: 'PUT',
          body: queryArg.errandNameDto,
        }),
        invalidatesTags: ['errands'],
      }),
      binErrand: build.mutation<BinErrandApiResponse, BinErrandApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/bin`,
          method: 'PUT',
          body: queryArg.errandBinDto,
        }),
        invalidatesTags: ['errands'],
      }),
      solveBasket: build.mutation<SolveBasketApiResponse, SolveBasketApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/solve`,
          method: 'POST',
          body: queryArg.body,
        }),
        invalidatesTags: ['errands'],
      }),
      readErrand: build.query<ReadErrandApiResponse, ReadErrandApiArg>({
        query: (queryArg) => ({ url: `/api/errands/${queryArg.id}` }),
        providesTags: ['errands'],
      }),
      tickErrand: build.mutation<TickErrandApiResponse, TickErrandApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/ticked`,
          method: 'PUT',
          body: queryArg.tickedDto,
        }),
        invalidatesTags: ['errands'],
      }),
      planCopies: build.mutation<PlanCopiesApiResponse, PlanCopiesApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/copies`,
          method: 'POST',
          body: queryArg.copiesDto,
        }),
        invalidatesTags: ['errands'],
      }),
      findCheaperVersion: build.mutation<FindCheaperVersionApiResponse, FindCheaperVersionApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/cheaper`,
          method: 'POST',
          body: queryArg.floorDto,
        }),
        invalidatesTags: ['errands'],
      }),
      listSubstitutes: build.query<ListSubstitutesApiResponse, ListSubstitutesApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/substitutes/${queryArg.variant}`,
        }),
        providesTags: ['errands'],
      }),
      exportPlan: build.query<ExportPlanApiResponse, ExportPlanApiArg>({
        query: (queryArg) => ({ url: `/api/errands/${queryArg.id}/plan.json` }),
        providesTags: ['errands'],
      }),
      exportShoppingList: build.query<ExportShoppingListApiResponse, ExportShoppingListApiArg>({
        query: (queryArg) => ({
          url: `/api/errands/${queryArg.id}/shopping-list.csv`,
        }),
        providesTags: ['errands'],
      }),
      listParcels: build.query<ListParcelsApiResponse, ListParcelsApiArg>({
        query: () => ({ url: `/api/parcels` }),
        providesTags: ['parcels'],
      }),
      addParcel: build.mutation<AddParcelApiResponse, AddParcelApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels`,
          method: 'POST',
          body: queryArg.newParcelDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      readSpent: build.query<ReadSpentApiResponse, ReadSpentApiArg>({
        query: () => ({ url: `/api/parcels/spent` }),
        providesTags: ['parcels'],
      }),
      readParcelCalendar: build.query<ReadParcelCalendarApiResponse, ReadParcelCalendarApiArg>({
        query: () => ({ url: `/api/parcels/calendar.ics` }),
        providesTags: ['parcels'],
      }),
      listRealCosts: build.query<ListRealCostsApiResponse, ListRealCostsApiArg>({
        query: () => ({ url: `/api/parcels/costs` }),
        providesTags: ['parcels'],
      }),
      listDeadlines: build.query<ListDeadlinesApiResponse, ListDeadlinesApiArg>({
        query: () => ({ url: `/api/parcels/deadlines` }),
        providesTags: ['parcels'],
      }),
      listServingParcels: build.query<ListServingParcelsApiResponse, ListServingParcelsApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/serving/${queryArg.figure}`,
        }),
        providesTags: ['parcels'],
      }),
      placeOrders: build.mutation<PlaceOrdersApiResponse, PlaceOrdersApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/orders`,
          method: 'POST',
          body: queryArg.placeOrdersDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      changeParcel: build.mutation<ChangeParcelApiResponse, ChangeParcelApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/${queryArg.id}`,
          method: 'PUT',
          body: queryArg.parcelChangeDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      receiveParcel: build.mutation<ReceiveParcelApiResponse, ReceiveParcelApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/${queryArg.id}/received`,
          method: 'POST',
          body: queryArg.receiveDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      claimParcel: build.mutation<ClaimParcelApiResponse, ClaimParcelApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/${queryArg.id}/claims`,
          method: 'POST',
          body: queryArg.claimDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      settleClaim: build.mutation<SettleClaimApiResponse, SettleClaimApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/${queryArg.id}/claims/${queryArg.claim}`,
          method: 'PUT',
          body: queryArg.settleDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      endParcel: build.mutation<EndParcelApiResponse, EndParcelApiArg>({
        query: (queryArg) => ({
          url: `/api/parcels/${queryArg.id}/end`,
          method: 'POST',
          body: queryArg.endDto,
        }),
        invalidatesTags: ['parcels'],
      }),
      readBench: build.query<ReadBenchApiResponse, ReadBenchApiArg>({
        query: () => ({ url: `/api/bench` }),
        providesTags: ['bench'],
      }),
      beginSession: build.mutation<BeginSessionApiResponse, BeginSessionApiArg>({
        query: (queryArg) => ({
          url: `/api/bench`,
          method: 'POST',
          body: queryArg.beginDto,
        }),
        invalidatesTags: ['bench'],
      }),
      listOpenSessions: build.query<ListOpenSessionsApiResponse, ListOpenSessionsApiArg>({
        query: () => ({ url: `/api/bench/open` }),
        providesTags: ['bench'],
      }),
      readToDo: build.query<ReadToDoApiResponse, ReadToDoApiArg>({
        query: () => ({ url: `/api/bench/to-do` }),
        providesTags: ['bench'],
      }),
      readBenchHistory: build.query<ReadBenchHistoryApiResponse, ReadBenchHistoryApiArg>({
        query: (queryArg) => ({ url: `/api/bench/figures/${queryArg.figure}` }),
        providesTags: ['bench'],
      }),
      readSession: build.query<ReadSessionApiResponse, ReadSessionApiArg>({
        query: (queryArg) => ({ url: `/api/bench/${queryArg.id}` }),
        providesTags: ['bench'],
      }),
      tickStep: build.mutation<TickStepApiResponse, TickStepApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/steps/${queryArg.step}`,
          method: 'POST',
        }),
        invalidatesTags: ['bench'],
      }),
      untickStep: build.mutation<UntickStepApiResponse, UntickStepApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/steps/${queryArg.step}`,
          method: 'DELETE',
        }),
        invalidatesTags: ['bench'],
      }),
      listInstead: build.query<ListInsteadApiResponse, ListInsteadApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/instead`,
          params: {
            piece: queryArg.piece,
          },
        }),
        providesTags: ['bench'],
      }),
      listClosings: build.query<ListClosingsApiResponse, ListClosingsApiArg>({
        query: (queryArg) => ({ url: `/api/bench/${queryArg.id}/closings` }),
        providesTags: ['bench'],
      }),
      reportTrouble: build.mutation<ReportTroubleApiResponse, ReportTroubleApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/troubles`,
          method: 'POST',
          body: queryArg.troubleReportDto,
        }),
        invalidatesTags: ['bench'],
      }),
      noteSession: build.mutation<NoteSessionApiResponse, NoteSessionApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/note`,
          method: 'PUT',
          body: queryArg.sessionNoteDto,
        }),
        invalidatesTags: ['bench'],
      }),
      endSession: build.mutation<EndSessionApiResponse, EndSessionApiArg>({
        query: (queryArg) => ({
          url: `/api/bench/${queryArg.id}/end`,
          method: 'POST',
          body: queryArg.endSessionDto,
        }),
        invalidatesTags: ['bench'],
      }),
      readIdeas: build.query<ReadIdeasApiResponse, ReadIdeasApiArg>({
        query: () => ({ url: `/api/ideas` }),
        providesTags: ['ideas'],
      }),
      addIdea: build.mutation<AddIdeaApiResponse, AddIdeaApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas`,
          method: 'POST',
          body: queryArg.newIdeaDto,
        }),
        invalidatesTags: ['ideas'],
      }),
      changeIdea: build.mutation<ChangeIdeaApiResponse, ChangeIdeaApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/${queryArg.id}`,
          method: 'PUT',
          body: queryArg.newIdeaDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['ideas'],
      }),
      putIdeaAway: build.mutation<PutIdeaAwayApiResponse, PutIdeaAwayApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/${queryArg.id}/away`,
          method: 'PUT',
          body: queryArg.awayDto,
        }),
        invalidatesTags: ['ideas'],
      }),
      promoteIdea: build.mutation<PromoteIdeaApiResponse, PromoteIdeaApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/${queryArg.id}/promotion`,
          method: 'POST',
          body: queryArg.promoteDto,
        }),
        invalidatesTags: ['ideas'],
      }),
      importPoll: build.mutation<ImportPollApiResponse, ImportPollApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/polls/import`,
          method: 'POST',
          body: queryArg.body,
          params: {
            agree: queryArg.agree,
            poll: queryArg.poll,
          },
        }),
        invalidatesTags: ['ideas'],
      }),
      addOwed: build.mutation<AddOwedApiResponse, AddOwedApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/owed`,
          method: 'POST',
          body: queryArg.newOwedDto,
        }),
        invalidatesTags: ['ideas'],
      }),
      changeOwed: build.mutation<ChangeOwedApiResponse, ChangeOwedApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/owed/${queryArg.id}`,
          method: 'PUT',
          body: queryArg.newOwedDto,
          params: {
            version: queryArg.version,
          },
        }),
        invalidatesTags: ['ideas'],
      }),
      putOwedAway: build.mutation<PutOwedAwayApiResponse, PutOwedAwayApiArg>({
        query: (queryArg) => ({
          url: `/api/ideas/owed/${queryArg.id}/away`,
          method: 'PUT',
          body: queryArg.awayDto,
        }),
        invalidatesTags: ['ideas'],
      }),
    }),
    overrideExisting: false,
  });
export { injectedRtkApi as generatedApi };
export type ListWorkspacesApiResponse = /** status 200  */ WorkspaceDto[];
export type ListWorkspacesApiArg = void;
export type CreateWorkspaceApiResponse = /** status 201  */ WorkspaceDto;
export type CreateWorkspaceApiArg = {
  newWorkspaceDto: NewWorkspaceDto;
};
export type RenameWorkspaceApiResponse = /** status 200  */ WorkspaceDto[];
export type RenameWorkspaceApiArg = {
  workspaceNameDto: WorkspaceNameDto;
};
export type CarryAwayApiResponse = unknown;
export type CarryAwayApiArg = void;
export type BringWorkspaceBackApiResponse = /** status 201  */ WorkspaceDto;
export type BringWorkspaceBackApiArg = {
  name: string;
  body: Blob;
};
export type ListChangesApiResponse = /** status 200  */ ChangeDto[];
export type ListChangesApiArg = {
  subject: 'look' | 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'wardrobe' | 'market' | 'ranking' | 'ideas' | 'settings';
  item: string;
  /** The last so many; 500 where it is not said */
  most?: number;
};
export type ReadNextStepsApiResponse = /** status 200  */ NextStepsDto;
export type ReadNextStepsApiArg = {
  subject: 'look' | 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'wardrobe' | 'market' | 'ranking' | 'ideas' | 'settings';
  item: string;
};
export type UndoApiResponse = /** status 201  */ SteppedDto;
export type UndoApiArg = {
  subject: 'look' | 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'wardrobe' | 'market' | 'ranking' | 'ideas' | 'settings';
  item: string;
};
export type RedoApiResponse = /** status 201  */ SteppedDto;
export type RedoApiArg = {
  subject: 'look' | 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'wardrobe' | 'market' | 'ranking' | 'ideas' | 'settings';
  item: string;
};
export type TakeBackChangeApiResponse = /** status 201  */ SteppedDto;
export type TakeBackChangeApiArg = {
  subject: 'look' | 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'wardrobe' | 'market' | 'ranking' | 'ideas' | 'settings';
  item: string;
  id: number;
};
export type ListBinApiResponse = /** status 200  */ BinnedDto[];
export type ListBinApiArg = void;
export type EmptyBinApiResponse = /** status 200  */ BinnedDto[];
export type EmptyBinApiArg = void;
export type BringBackApiResponse = /** status 201  */ BinnedDto[];
export type BringBackApiArg = {
  kind: 'line-up' | 'figure' | 'look' | 'picture' | 'errand' | 'entry' | 'seller' | 'idea' | 'owed';
  id: string;
};
export type ThrowAwayApiResponse = /** status 200  */ BinnedDto[];
export type ThrowAwayApiArg = {
  kind: 'line-up' | 'figure' | 'look' | 'picture' | 'errand' | 'entry' | 'seller' | 'idea' | 'owed';
  id: string;
};
export type ReadJobApiResponse = /** status 200  */ AnyJobDto;
export type ReadJobApiArg = {
  id: string;
};
export type StopJobApiResponse = /** status 201  */ AnyJobDto;
export type StopJobApiArg = {
  id: string;
};
export type BeginWithApiResponse = /** status 201  */ BegunDto;
export type BeginWithApiArg = {
  beginWithDto: BeginWithDto;
};
export type ReadSettingsApiResponse = /** status 200  */ SettingsDto;
export type ReadSettingsApiArg = void;
export type ChangeSettingsApiResponse = /** status 200  */ SettingsDto;
export type ChangeSettingsApiArg = {
  /** The version that was seen */
  version: number;
  newSettingsDto: NewSettingsDto;
};
export type ImportCatalogueApiResponse = /** status 202  */ ImportJobDto;
export type ImportCatalogueApiArg = {
  what:
    'systems' | 'colours' | 'motifs' | 'moulds' | 'prints' | 'variants' | 'bundles' | 'officialFigures' | 'sources' | 'archive' | 'foreign';
  /** Of a foreign file, as JSON: { mapping, kinds } */
  foreign?: string;
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type LookAtForeignApiResponse = /** status 200  */ ForeignLookDto;
export type LookAtForeignApiArg = {
  body: Blob;
};
export type ExportCatalogueApiResponse = unknown;
export type ExportCatalogueApiArg = {
  what: 'systems' | 'colours' | 'motifs' | 'moulds' | 'prints' | 'variants' | 'bundles' | 'officialFigures' | 'sources' | 'archive';
};
export type ReadOutlineApiResponse = /** status 200  */ OutlinePathDto[];
export type ReadOutlineApiArg = {
  heightMm: number;
  body: Blob;
};
export type ListPhotographsApiResponse = /** status 200  */ PhotographDto[];
export type ListPhotographsApiArg = {
  kind: 'print' | 'variant' | 'mould';
  item: string;
  face?: 'front' | 'back' | 'left' | 'right' | 'second face';
};
export type AddPhotographApiResponse = /** status 201  */ PhotographDto[];
export type AddPhotographApiArg = {
  kind: 'print' | 'variant' | 'mould';
  item: string;
  face?: 'front' | 'back' | 'left' | 'right' | 'second face';
  body: Blob;
};
export type ReadPhotographApiResponse = unknown;
export type ReadPhotographApiArg = {
  id: string;
};
export type ListStackApiResponse = /** status 200  */ StackedPhotographDto[];
export type ListStackApiArg = void;
export type StackPhotographApiResponse = /** status 201  */ StackedPhotographDto[];
export type StackPhotographApiArg = {
  name: string;
  body: Blob;
};
export type TakeOffStackApiResponse = /** status 200  */ StackedPhotographDto[];
export type TakeOffStackApiArg = {
  id: string;
};
export type ReadCatalogueApiResponse = /** status 200  */ CatalogueDto;
export type ReadCatalogueApiArg = void;
export type ReadPackedCatalogueApiResponse = /** status 200  */ PackedCatalogueDto;
export type ReadPackedCatalogueApiArg = void;
export type SearchCatalogueApiResponse = /** status 200  */ SearchAnswerDto;
export type SearchCatalogueApiArg = {
  /** Words: number, name, nickname, motif, colour, shape, source */
  q?: string;
  /** Looks for the very words, without correcting them */
  exact?: '1';
  family?: string[];
  colour?: string[];
  exists?: string[];
  era?: string[];
  range?: string[];
  owned?: string[];
  sort?: 'best' | 'number' | 'newest' | 'colour';
  offset?: number;
  limit?: number;
};
export type BinEntryApiResponse = /** status 200  */ SavedEntryDto;
export type BinEntryApiArg = {
  kind: 'systems' | 'colours' | 'motifs' | 'moulds' | 'prints' | 'variants' | 'bundles' | 'officialFigures' | 'sources';
  key: string;
};
export type SaveEntryApiResponse = /** status 201  */ SavedEntryDto;
export type SaveEntryApiArg = {
  saveEntryDto: SaveEntryDto;
};
export type MergeEntriesApiResponse = /** status 201  */ SavedEntryDto;
export type MergeEntriesApiArg = {
  mergeDto: MergeDto;
};
export type ListCatalogueChangesApiResponse = /** status 200  */ CatalogueChangeDto[];
export type ListCatalogueChangesApiArg = void;
export type UndoCatalogueChangeApiResponse = /** status 201  */ SavedEntryDto;
export type UndoCatalogueChangeApiArg = {
  id: number;
};
export type CreateLineUpApiResponse = /** status 201  */ LineUpDto;
export type CreateLineUpApiArg = {
  newLineUpDto: NewLineUpDto;
};
export type ListLineUpsApiResponse = /** status 200  */ LineUpDto[];
export type ListLineUpsApiArg = void;
export type OrderLineUpsApiResponse = /** status 200  */ LineUpNamesDto[];
export type OrderLineUpsApiArg = {
  lineUpOrderDto: LineUpOrderDto;
};
export type RenameLineUpApiResponse = /** status 200  */ LineUpDto;
export type RenameLineUpApiArg = {
  id: string;
  lineUpNameDto: LineUpNameDto;
};
export type BinLineUpApiResponse = /** status 200  */ LineUpNamesDto[];
export type BinLineUpApiArg = {
  id: string;
  binnedFlagDto: BinnedFlagDto;
};
export type OrderLineUpApiResponse = /** status 200  */ LineUpDto;
export type OrderLineUpApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  orderDto: OrderDto;
};
export type MoveFiguresApiResponse = /** status 200  */ LineUpDto;
export type MoveFiguresApiArg = {
  figuresToDto: FiguresToDto;
};
export type CopyFiguresApiResponse = /** status 201  */ LineUpDto;
export type CopyFiguresApiArg = {
  figureCopiesDto: FigureCopiesDto;
};
export type BinFiguresApiResponse = /** status 200  */ LineUpDto;
export type BinFiguresApiArg = {
  figuresBinDto: FiguresBinDto;
};
export type ListNamesApiResponse = /** status 200  */ LineUpNamesDto[];
export type ListNamesApiArg = void;
export type ReadLineUpApiResponse = /** status 200  */ LineUpDto;
export type ReadLineUpApiArg = {
  id: string;
};
export type CreateFigureApiResponse = /** status 201  */ FigureDto;
export type CreateFigureApiArg = {
  newFigureDto: NewFigureDto;
};
export type ReadFigureApiResponse = /** status 200  */ FigureDto;
export type ReadFigureApiArg = {
  id: string;
};
export type ListWearingApiResponse = /** status 200  */ FigureNameDto[];
export type ListWearingApiArg = {
  variant: string;
};
export type SaveBriefApiResponse = /** status 200  */ FigureDto;
export type SaveBriefApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  briefDto: BriefDto;
};
export type SetRoleApiResponse = /** status 200  */ FigureDto;
export type SetRoleApiArg = {
  id: string;
  roleDto: RoleDto;
};
export type ChooseLookApiResponse = /** status 200  */ FigureDto;
export type ChooseLookApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  chosenLookDto: ChosenLookDto;
};
export type AddLookApiResponse = /** status 201  */ FigureDto;
export type AddLookApiArg = {
  id: string;
  newLookDto: NewLookDto;
};
export type EditLookApiResponse = /** status 201  */ LookDto;
export type EditLookApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  editLookDto: EditLookDto;
};
export type UndoLookApiResponse = /** status 201  */ LookDto;
export type UndoLookApiArg = {
  id: string;
};
export type RedoLookApiResponse = /** status 201  */ LookDto;
export type RedoLookApiArg = {
  id: string;
};
export type ReadHistoryApiResponse = /** status 200  */ ChangeDto[];
export type ReadHistoryApiArg = {
  id: string;
};
export type NameSnapshotApiResponse = /** status 201  */ ChangeDto[];
export type NameSnapshotApiArg = {
  id: string;
  namedDto: NamedDto;
};
export type ReturnLookApiResponse = /** status 201  */ LookDto;
export type ReturnLookApiArg = {
  id: string;
  returnDto: ReturnDto;
};
export type AddEditionApiResponse = /** status 201  */ FigureDto;
export type AddEditionApiArg = {
  id: string;
  editionDto: EditionDto;
};
export type RenameLookApiResponse = /** status 200  */ FigureDto;
export type RenameLookApiArg = {
  id: string;
  namedDto: NamedDto;
};
export type BinLookApiResponse = /** status 200  */ FigureDto;
export type BinLookApiArg = {
  id: string;
};
export type RestoreLookApiResponse = /** status 201  */ FigureDto;
export type RestoreLookApiArg = {
  id: string;
};
export type DrawLookSvgApiResponse = unknown;
export type DrawLookSvgApiArg = {
  id: string;
  view?: 'front' | 'back' | 'left' | 'right';
};
export type DrawLookPngApiResponse = unknown;
export type DrawLookPngApiArg = {
  id: string;
  view?: 'front' | 'back' | 'left' | 'right';
};
export type ListNoticesApiResponse = /** status 200  */ NoticeDto[];
export type ListNoticesApiArg = void;
export type PutAwayNoticeApiResponse = /** status 201  */ NoticeDto[];
export type PutAwayNoticeApiArg = {
  id: number;
};
export type ListReferencesApiResponse = /** status 200  */ ReferencePictureDto[];
export type ListReferencesApiArg = {
  id: string;
};
export type AddReferenceApiResponse = /** status 201  */ ReferencePictureDto[];
export type AddReferenceApiArg = {
  id: string;
  name: string;
  body: Blob;
};
export type PinReferenceApiResponse = /** status 200  */ ReferencePictureDto[];
export type PinReferenceApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  pinsDto: PinsDto;
};
export type BinReferenceApiResponse = /** status 200  */ ReferencePictureDto[];
export type BinReferenceApiArg = {
  id: string;
};
export type RestoreReferenceApiResponse = /** status 201  */ ReferencePictureDto[];
export type RestoreReferenceApiArg = {
  id: string;
};
export type SavePlanApiResponse = /** status 200  */ LineUpDto;
export type SavePlanApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  newPlanDto: NewPlanDto;
};
export type ChangeUniformApiResponse = /** status 200  */ LineUpDto;
export type ChangeUniformApiArg = {
  id: string;
  newUniformDto: NewUniformDto;
};
export type EnrolFiguresApiResponse = /** status 200  */ LineUpDto;
export type EnrolFiguresApiArg = {
  id: string;
  enrolDto: EnrolDto;
};
export type SetFreeApiResponse = /** status 200  */ LineUpDto;
export type SetFreeApiArg = {
  id: string;
  freeDto: FreeDto;
};
export type VaryCopiesApiResponse = /** status 200  */ LineUpDto;
export type VaryCopiesApiArg = {
  id: string;
  variationsDto: VariationsDto;
};
export type ListChoicesApiResponse = /** status 200  */ ChoicesDto;
export type ListChoicesApiArg = {
  id: string;
};
export type ChoosePairApiResponse = /** status 201  */ ChoicesDto;
export type ChoosePairApiArg = {
  id: string;
  newChoiceDto: NewChoiceDto;
};
export type ImportChoicesApiResponse = /** status 201  */ ImportReportDto;
export type ImportChoicesApiArg = {
  id: string;
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type ListConsumablesApiResponse = /** status 200  */ ConsumableDto[];
export type ListConsumablesApiArg = void;
export type AddConsumableApiResponse = /** status 201  */ ConsumableDto[];
export type AddConsumableApiArg = {
  newConsumableDto: NewConsumableDto;
};
export type UseConsumableApiResponse = /** status 201  */ ConsumableDto[];
export type UseConsumableApiArg = {
  id: string;
  usedDto: UsedDto;
};
export type RemoveConsumableApiResponse = /** status 200  */ ConsumableDto[];
export type RemoveConsumableApiArg = {
  id: string;
};
export type ListDonorsApiResponse = /** status 200  */ DonorDto[];
export type ListDonorsApiArg = void;
export type PutTogetherApiResponse = /** status 201  */ DonorDto[];
export type PutTogetherApiArg = {
  togetherDto: TogetherDto;
};
export type AddProductApiResponse = /** status 201  */ DonorDto[];
export type AddProductApiArg = {
  addProductDto: AddProductDto;
};
export type CloseBoxApiResponse = /** status 201  */ DonorDto[];
export type CloseBoxApiArg = {
  closeBoxDto: CloseBoxDto;
};
export type OpenBoxApiResponse = /** status 201  */ DonorDto[];
export type OpenBoxApiArg = {
  id: string;
  openBoxDto: OpenBoxDto;
};
export type ExportLedgerApiResponse = unknown;
export type ExportLedgerApiArg = void;
export type ImportLedgerApiResponse = /** status 201  */ LedgerReadingDto;
export type ImportLedgerApiArg = {
  /** Take what is new; otherwise it is only looked at */
  take?: 'yes' | 'no';
  body: Blob;
};
export type ListPlacesApiResponse = /** status 200  */ PlaceDto[];
export type ListPlacesApiArg = void;
export type AddPlaceApiResponse = /** status 201  */ PlaceDto[];
export type AddPlaceApiArg = {
  newPlaceDto: NewPlaceDto;
};
export type ChangePlaceApiResponse = /** status 200  */ PlaceDto[];
export type ChangePlaceApiArg = {
  id: string;
  placeChangeDto: PlaceChangeDto;
};
export type RemovePlaceApiResponse = /** status 200  */ PlaceDto[];
export type RemovePlaceApiArg = {
  id: string;
};
export type DoWithPiecesApiResponse = /** status 201  */ EntryDto;
export type DoWithPiecesApiArg = {
  deedDto: DeedDto;
};
export type CountPlaceApiResponse = /** status 201  */ EntryDto;
export type CountPlaceApiArg = {
  countDto: CountDto;
};
export type TypeLinesApiResponse = /** status 200  */ LinesAnswerDto;
export type TypeLinesApiArg = {
  linesDto: LinesDto;
};
export type ReadStoryApiResponse = /** status 200  */ StoryLineDto[];
export type ReadStoryApiArg = {
  id: number;
};
export type ReadPromisesApiResponse = /** status 200  */ PromisesDto;
export type ReadPromisesApiArg = void;
export type ReadRunPromisesApiResponse = /** status 200  */ RunPromisesDto;
export type ReadRunPromisesApiArg = {
  id: number;
};
export type ReadLossesApiResponse = /** status 200  */ LossDto[];
export type ReadLossesApiArg = {
  lineChangeDto: LineChangeDto;
};
export type PinPiecesApiResponse = /** status 201  */ EntryDto;
export type PinPiecesApiArg = {
  piecePinDto: PiecePinDto;
};
export type ReadSortOutApiResponse = /** status 200  */ SortOutDto;
export type ReadSortOutApiArg = void;
export type ReadLeastCopiesApiResponse = /** status 200  */ LeastCopiesDto;
export type ReadLeastCopiesApiArg = {
  lineUp: string;
};
export type ListPiecesApiResponse = /** status 200  */ PieceDto[];
export type ListPiecesApiArg = {
  /** Only the pieces of this part */
  variant?: string;
};
export type AddPiecesApiResponse = /** status 201  */ PieceDto[];
export type AddPiecesApiArg = {
  newPiecesDto: NewPiecesDto;
};
export type PagePiecesApiResponse = /** status 200  */ PiecesPageDto;
export type PagePiecesApiArg = {
  /** All of which are in the part, its number, the place or the note */
  words?: string;
  /** Only what lies in this place or below it */
  place?: string;
  /** Only what serves nobody, or only what serves somebody */
  doing?: 'free' | 'promised';
  /** By part, by colour, by place, or the most pieces first */
  order?: 'part' | 'colour' | 'place' | 'most';
  offset?: number;
  limit?: number;
};
export type ReadStockApiResponse = /** status 200  */ StockDto;
export type ReadStockApiArg = void;
export type ImportPiecesApiResponse = /** status 201  */ PieceReportDto;
export type ImportPiecesApiArg = {
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type ExportPiecesApiResponse = unknown;
export type ExportPiecesApiArg = void;
export type ListWardrobePicturesApiResponse = /** status 200  */ WardrobePictureDto[];
export type ListWardrobePicturesApiArg = {
  /** A place by its id, a run of pieces such as run-12, or before or after a session at the bench such as bench:ID:after */
  of: string;
};
export type AddWardrobePictureApiResponse = /** status 201  */ WardrobePictureDto[];
export type AddWardrobePictureApiArg = {
  /** A place by its id, a run of pieces such as run-12, or before or after a session at the bench such as bench:ID:after */
  of: string;
  body: Blob;
};
export type RemoveWardrobePictureApiResponse = /** status 200  */ WardrobePictureDto[];
export type RemoveWardrobePictureApiArg = {
  id: string;
};
export type AddSellerApiResponse = /** status 201  */ SellerKeptDto;
export type AddSellerApiArg = {
  sellerByHandDto: SellerByHandDto;
};
export type ListSellersApiResponse = /** status 200  */ SellerDto[];
export type ListSellersApiArg = void;
export type ChangeSellerApiResponse = /** status 200  */ SellerKeptDto;
export type ChangeSellerApiArg = {
  id: string;
  /** The version that was seen */
  version: number;
  sellerByHandDto: SellerByHandDto;
};
export type BinSellerApiResponse = /** status 200  */ SellerKeptDto;
export type BinSellerApiArg = {
  id: string;
};
export type AddOfferApiResponse = /** status 201  */ OfferDto[];
export type AddOfferApiArg = {
  id: string;
  offerByHandDto: OfferByHandDto;
};
export type DropOfferApiResponse = /** status 200  */ OfferDto[];
export type DropOfferApiArg = {
  id: string;
};
export type ListSellerOffersApiResponse = /** status 200  */ SellerOffersDto;
export type ListSellerOffersApiArg = {
  seller: string;
  /** All of which are in the name or the number */
  words?: string;
  offset?: number;
  limit?: number;
};
export type ListOffersApiResponse = /** status 200  */ OfferDto[];
export type ListOffersApiArg = {
  kind?: 'figure' | 'variant' | 'bundle' | 'source';
  item?: string;
  seller?: string;
};
export type ReadPricesApiResponse = /** status 200  */ PricesDto;
export type ReadPricesApiArg = void;
export type ReadWholePricesApiResponse = /** status 200  */ WholePricesDto;
export type ReadWholePricesApiArg = {
  /** Their ids, with commas between */
  figures: string;
};
export type ReadItemPricesApiResponse = /** status 200  */ ItemPricesDto;
export type ReadItemPricesApiArg = {
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  id: string;
  condition?: 'new' | 'used' | 'worn';
  /** It must be there in so many days */
  withinDays?: number;
};
export type ImportOffersApiResponse = /** status 201  */ OfferImportDto;
export type ImportOffersApiArg = {
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type ImportSellersApiResponse = /** status 201  */ ImportReportDto;
export type ImportSellersApiArg = {
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type ImportRatesApiResponse = /** status 201  */ ImportReportDto;
export type ImportRatesApiArg = {
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  body: Blob;
};
export type ReadMarketClockApiResponse = /** status 200  */ ClockDto;
export type ReadMarketClockApiArg = void;
export type AdvanceMarketApiResponse = /** status 201  */ AdvancedDto;
export type AdvanceMarketApiArg = {
  advanceDto: AdvanceDto;
};
export type ListWatchesApiResponse = /** status 200  */ WatchesDto;
export type ListWatchesApiArg = void;
export type AddWatchApiResponse = /** status 201  */ WatchesDto;
export type AddWatchApiArg = {
  newWatchDto: NewWatchDto;
};
export type EndWatchApiResponse = /** status 200  */ WatchesDto;
export type EndWatchApiArg = {
  id: number;
};
export type PutAwayWatchNoticeApiResponse = /** status 201  */ WatchesDto;
export type PutAwayWatchNoticeApiArg = {
  id: number;
};
export type PlanErrandApiResponse = /** status 201  */ ErrandDto;
export type PlanErrandApiArg = {
  newErrandDto: NewErrandDto;
};
export type LatestErrandApiResponse = /** status 200 The newest errand of a figure or line-up, or none */ ErrandDto[];
export type LatestErrandApiArg = {
  scope: string;
};
export type ReadWantedApiResponse = /** status 200 What the chosen looks of all figures still need, and who has it */ WantedDto;
export type ReadWantedApiArg = void;
export type ListStandingPlansApiResponse =
  /** status 200 The plans of a line-up and of its figures that would be made just so now */ StandingPlanDto[];
export type ListStandingPlansApiArg = {
  lineUp: string;
};
export type ReadWholeAgainApiResponse =
  /** status 200 What whole figures cost to make whole; none where there are too many for one errand */ WholeAgainDto[];
export type ReadWholeAgainApiArg = {
  /** Only the holes of this one */
  figure?: string;
};
export type ListErrandsApiResponse = /** status 200 Every errand of a figure or line-up, the newest first */ ErrandRowDto[];
export type ListErrandsApiArg = {
  scope: string;
};
export type RenameErrandApiResponse = /** status 200  */ ErrandRowDto[];
export type RenameErrandApiArg = {
  id: string;
  errandNameDto: ErrandNameDto;
};
export type BinErrandApiResponse = /** status 200  */ ErrandRowDto[];
export type BinErrandApiArg = {
  id: string;
  errandBinDto: ErrandBinDto;
};
export type SolveBasketApiResponse = /** status 202  */ ErrandJobDto;
export type SolveBasketApiArg = {
  /** A basket problem: docs/formats/basket-problem.schema.json */
  body: object;
};
export type ReadErrandApiResponse = /** status 200  */ ErrandDto;
export type ReadErrandApiArg = {
  id: string;
};
export type TickErrandApiResponse = /** status 200  */ ErrandDto;
export type TickErrandApiArg = {
  id: string;
  tickedDto: TickedDto;
};
export type PlanCopiesApiResponse = /** status 202  */ SeriesJobDto;
export type PlanCopiesApiArg = {
  id: string;
  copiesDto: CopiesDto;
};
export type FindCheaperVersionApiResponse = /** status 202  */ SeriesJobDto;
export type FindCheaperVersionApiArg = {
  id: string;
  floorDto: FloorDto;
};
export type ListSubstitutesApiResponse = /** status 200  */ SubstituteDto[];
export type ListSubstitutesApiArg = {
  id: string;
  variant: string;
};
export type ExportPlanApiResponse = /** status 200  */ PlanDto;
export type ExportPlanApiArg = {
  id: string;
};
export type ExportShoppingListApiResponse = unknown;
export type ExportShoppingListApiArg = {
  id: string;
};
export type ListParcelsApiResponse = /** status 200  */ OrderedParcelDto[];
export type ListParcelsApiArg = void;
export type AddParcelApiResponse = /** status 201  */ OrderedParcelDto[];
export type AddParcelApiArg = {
  newParcelDto: NewParcelDto;
};
export type ReadSpentApiResponse = /** status 200  */ SpentDto;
export type ReadSpentApiArg = void;
export type ReadParcelCalendarApiResponse = unknown;
export type ReadParcelCalendarApiArg = void;
export type ListRealCostsApiResponse = /** status 200  */ FigureRealCostDto[];
export type ListRealCostsApiArg = void;
export type ListDeadlinesApiResponse = /** status 200  */ DeadlineDto[];
export type ListDeadlinesApiArg = void;
export type ListServingParcelsApiResponse = /** status 200  */ ServingParcelDto[];
export type ListServingParcelsApiArg = {
  figure: string;
};
export type PlaceOrdersApiResponse = /** status 201  */ OrderedParcelDto[];
export type PlaceOrdersApiArg = {
  placeOrdersDto: PlaceOrdersDto;
};
export type ChangeParcelApiResponse = /** status 200  */ OrderedParcelDto[];
export type ChangeParcelApiArg = {
  id: string;
  parcelChangeDto: ParcelChangeDto;
};
export type ReceiveParcelApiResponse = /** status 201  */ OrderedParcelDto[];
export type ReceiveParcelApiArg = {
  id: string;
  receiveDto: ReceiveDto;
};
export type ClaimParcelApiResponse = /** status 201  */ OrderedParcelDto[];
export type ClaimParcelApiArg = {
  id: string;
  claimDto: ClaimDto;
};
export type SettleClaimApiResponse = /** status 200  */ OrderedParcelDto[];
export type SettleClaimApiArg = {
  id: string;
  claim: number;
  settleDto: SettleDto;
};
export type EndParcelApiResponse = /** status 201  */ OrderedParcelDto[];
export type EndParcelApiArg = {
  id: string;
  endDto: EndDto;
};
export type ReadBenchApiResponse = /** status 200  */ BenchOverviewDto;
export type ReadBenchApiArg = void;
export type BeginSessionApiResponse = /** status 201  */ BenchSessionDto;
export type BeginSessionApiArg = {
  beginDto: BeginDto;
};
export type ListOpenSessionsApiResponse = /** status 200  */ SessionSummaryDto[];
export type ListOpenSessionsApiArg = void;
export type ReadToDoApiResponse = /** status 200  */ ToDoDto;
export type ReadToDoApiArg = void;
export type ReadBenchHistoryApiResponse = /** status 200  */ BenchSessionDto[];
export type ReadBenchHistoryApiArg = {
  figure: string;
};
export type ReadSessionApiResponse = /** status 200  */ BenchSessionDto;
export type ReadSessionApiArg = {
  id: string;
};
export type TickStepApiResponse = /** status 201  */ BenchSessionDto;
export type TickStepApiArg = {
  id: string;
  step: number;
};
export type UntickStepApiResponse = /** status 200  */ BenchSessionDto;
export type UntickStepApiArg = {
  id: string;
  step: number;
};
export type ListInsteadApiResponse = /** status 200  */ InsteadChoiceDto[];
export type ListInsteadApiArg = {
  id: string;
  piece: string;
};
export type ListClosingsApiResponse = /** status 200  */ ClosingDto[];
export type ListClosingsApiArg = {
  id: string;
};
export type ReportTroubleApiResponse = /** status 201  */ BenchSessionDto;
export type ReportTroubleApiArg = {
  id: string;
  troubleReportDto: TroubleReportDto;
};
export type NoteSessionApiResponse = /** status 200  */ BenchSessionDto;
export type NoteSessionApiArg = {
  id: string;
  sessionNoteDto: SessionNoteDto;
};
export type EndSessionApiResponse = /** status 201  */ BenchSessionDto;
export type EndSessionApiArg = {
  id: string;
  endSessionDto: EndSessionDto;
};
export type ReadIdeasApiResponse = /** status 200  */ IdeasDto;
export type ReadIdeasApiArg = void;
export type AddIdeaApiResponse = /** status 201  */ IdeasDto;
export type AddIdeaApiArg = {
  newIdeaDto: NewIdeaDto;
};
export type ChangeIdeaApiResponse = /** status 200  */ IdeasDto;
export type ChangeIdeaApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  newIdeaDto: NewIdeaDto;
};
export type PutIdeaAwayApiResponse = /** status 200  */ IdeasDto;
export type PutIdeaAwayApiArg = {
  id: string;
  awayDto: AwayDto;
};
export type PromoteIdeaApiResponse = /** status 201  */ IdeasDto;
export type PromoteIdeaApiArg = {
  id: string;
  promoteDto: PromoteDto;
};
export type ImportPollApiResponse = /** status 201  */ ImportReportDto;
export type ImportPollApiArg = {
  /** Absent: only look. all: import if every row is sound. sound: import the sound rows. */
  agree?: 'all' | 'sound';
  /** What the poll is called: the same again replaces its votes */
  poll: string;
  body: Blob;
};
export type AddOwedApiResponse = /** status 201  */ IdeasDto;
export type AddOwedApiArg = {
  newOwedDto: NewOwedDto;
};
export type ChangeOwedApiResponse = /** status 200  */ IdeasDto;
export type ChangeOwedApiArg = {
  id: string;
  /** The version that was seen */
  version?: number;
  newOwedDto: NewOwedDto;
};
export type PutOwedAwayApiResponse = /** status 200  */ IdeasDto;
export type PutOwedAwayApiArg = {
  id: string;
  awayDto: AwayDto;
};
export type WorkspaceDto = {
  /** Its short name; empty for the one the server was started on */
  id: string;
  name: string;
  /** Where its pages are: "" or "/w/its-short-name" */
  path: string;
  /** The one that was asked */
  isOpen: boolean;
};
export type NewWorkspaceDto = {
  name: string;
  begin: 'empty' | 'demo';
};
export type WorkspaceNameDto = {
  name: string;
};
export type ChangeDto = {
  id: number;
  at: string;
  kind: 'edit' | 'undo' | 'redo' | 'snapshot';
  label: string;
  /** What within the item it was about */
  about: string | null;
  /** Is it an edit that stands, and can be taken back by itself? */
  stands: boolean;
  /** Does it keep the whole state, so that one can go back to it? */
  isWhole: boolean;
};
export type NextStepsDto = {
  undo: string | null;
  redo: string | null;
};
export type SteppedDto = {
  undo: string | null;
  redo: string | null;
  /** What was taken back or done again */
  done: string;
};
export type BinnedDto = {
  kind: 'line-up' | 'figure' | 'look' | 'picture' | 'errand' | 'entry' | 'seller' | 'idea' | 'owed';
  id: string;
  name: string;
  /** Where it stood, in words; empty when it stood by itself */
  stoodIn: string;
  /** When it was put there, ISO 8601 */
  at: string;
  /** Can it be thrown away for good? */
  throwable: boolean;
};
export type AnyJobDto = {
  id: string;
  kind: string;
  state: 'running' | 'done' | 'stopped' | 'failed' | 'interrupted';
  startedAt: string;
  endedAt: string | null;
  /** Jobs that must end before this one begins; 0 when it has begun */
  ahead: number;
  error: string | null;
  progress: {
    [key: string]: any;
  } | null;
  /** The best so far; final once the job is done */
  result: {
    [key: string]: any;
  } | null;
};
export type BegunDto = {
  moulds: number;
  colours: number;
};
export type BeginWithDto = {
  /** The starter kit */
  with: 'basics';
};
export type SettingsDto = {
  /** What everything is reckoned in, ISO 4217 */
  currency: string;
  /** What is kept in that currency, in words: it cannot be changed while any is */
  keptInIt: string[];
  version: number;
};
export type NewSettingsDto = {
  /** Its three letters, such as EUR */
  currency: string;
};
export type ImportProgress = {
  phase: 'reading' | 'checking' | 'comparing' | 'writing';
  done: number;
  of: number;
};
export type ImportRowProblem = {
  /** Line in a table; null in an archive */
  line: number | null;
  /** Column of a table, or path in an archive */
  path: string;
  value: string | null;
  reason: string;
};
export type UnplacedKindDto = {
  /** Empty where the file tells no kind */
  category: string;
  moulds: number;
  /** Some of their names */
  names: string[];
};
export type ImportReport = {
  rowCount: number;
  soundCount: number;
  /** Rows taken; 0 when the file was only looked at */
  importedCount: number;
  addedCount: number;
  changedCount: number;
  sameCount: number;
  /** Figures that were told because what they planned exists now */
  noticeCount: number;
  problemCount: number;
  problems: ImportRowProblem[];
  /** Of a file in other columns: kinds to be said what they are, the most common first */
  unplaced: UnplacedKindDto[];
};
export type ImportJobDto = {
  id: string;
  kind: string;
  state: 'running' | 'done' | 'stopped' | 'failed' | 'interrupted';
  startedAt: string;
  endedAt: string | null;
  /** Jobs that must end before this one begins; 0 when it has begun */
  ahead: number;
  error: string | null;
  progress: ImportProgress | null;
  /** Once it is done */
  result: ImportReport | null;
};
export type ForeignLookDto = {
  headers: string[];
  samples: string[][];
  /** Which column seems to tell what */
  mapping: {
    [key: string]: string;
  };
};
export type OutlinePathDto = {
  /** An absolute path of M, L, C, Q and Z, in tenths of a millimetre */
  d: string;
  colour: 0 | 1 | 2;
};
export type PhotographDto = {
  /** Name of the file, under /api/photographs */
  id: string;
  kind: 'print' | 'variant' | 'mould';
  item: string;
  face: 'front' | 'back' | 'left' | 'right' | 'second face';
  width: number;
  height: number;
};
export type StackedPhotographDto = {
  id: string;
  /** The file it lies in, under photographs/ */
  file: string;
  name: string;
  width: number;
  height: number;
};
export type BandHeightsDto = {
  child: number;
  youth: number;
  adult: number;
  giant: number;
};
export type BandAgeDto = {
  band: 'child' | 'youth' | 'adult' | 'giant';
  upTo: number;
};
export type SystemDto = {
  id: string;
  name: string;
  positions: (
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built'
  )[];
  needs: (
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built'
  )[];
  /** mm */
  neckPostMm: number;
  headWantsMm: number;
  headNeedsMm: number;
  bandHeightMm: BandHeightsDto;
  bandToleranceMm: number;
  bandsByAge: BandAgeDto[];
  backClearanceMm: number;
  torsoMm: number;
  headMm: number;
  footHalfWidthMm: number;
  footHalfDepthMm: number;
  /** Degrees */
  leastTilt: number;
  handOutMm: number;
  handForwardMm: number;
  /** Degrees */
  heldLean: number;
  halfDepthMm: number;
  riskFromMinor: number;
};
export type ColourDto = {
  id: string;
  name: string;
  hex: string;
  finish: 'solid' | 'clear' | 'metallic' | 'pearl' | 'glitter' | 'glow';
  kind: 'cloth' | 'hair' | 'skin' | 'metal' | 'clear';
  skinSchool?: 'house' | 'natural';
};
export type MotifDto = {
  id: string;
  name: string;
  parent?: string;
  /** What above the waist it carries on */
  continues?: string;
  traits?: ('runs on' | 'reads as a back')[];
};
export type SizeDto = {
  width: number;
  height: number;
  depth: number;
};
export type OwnOutlineDto = {
  /** How far its lowest point lies above where the part’s measures begin, mm */
  liftMm: number;
  front: OutlinePathDto[];
  back?: OutlinePathDto[];
  side?: OutlinePathDto[];
};
export type MouldGeometryDto = {
  heightMm?: number;
  riseMm?: number;
  thicknessMm?: number;
  covers?: {
    [key: string]: number;
  };
  massG: number;
  centreHeightMm?: number;
  backDropMm?: number;
  backDepthMm?: number;
  collarRiseMm?: number;
  grip?: 'bar' | 'clip' | 'flat' | 'none';
  twoHanded?: boolean;
  holes?: string[];
  fits?: string[];
};
export type MouldShapeDto = {
  words: string[];
  length?: number;
};
export type MouldDto = {
  number: string;
  name: string;
  nicknames: string[];
  family: string;
  revision: number;
  /** What the last revision changed */
  revisionNote?: string;
  material: 'rigid' | 'soft' | 'cloth' | 'rubber';
  sizeMm?: SizeDto;
  silhouette: string;
  outline?: OwnOutlineDto;
  fills: (
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built'
  )[][];
  geometry: MouldGeometryDto;
  shape: MouldShapeDto;
  motifs: string[];
  colourNames?: string[];
  hairColour?: number;
  skinColour?: number;
  thirdParty: boolean;
  /** Pieces made before this year crack when arms are swapped */
  brittleBefore?: number;
};
export type PrintMotifDto = {
  motif: string;
  face: 'front' | 'back' | 'side';
  zones: (
    'brow' | 'eyes' | 'mouth' | 'chin' | 'collar' | 'chest' | 'belly' | 'hem' | 'upper' | 'fore' | 'hip' | 'thigh' | 'shin' | 'foot'
  )[];
  colours: string[];
};
export type PrintDto = {
  id: string;
  name: string;
  era: 'early' | 'late';
  motifs: PrintMotifDto[];
  mood?: 'calm' | 'glad' | 'merry' | 'brave' | 'stern' | 'cross' | 'startled' | 'weary' | 'sad';
  secondMood?: 'calm' | 'glad' | 'merry' | 'brave' | 'stern' | 'cross' | 'startled' | 'weary' | 'sad';
};
export type MadeDto = {
  from: number;
  until: number;
};
export type VariantDto = {
  id: string;
  mould: string;
  colours: string[];
  print?: string;
  /** Years made; absent when imagined */
  made?: MadeDto;
  /** The variant this double was merged into */
  mergedInto?: string;
};
export type BundlePartDto = {
  variant: string;
  quantity: number;
};
export type BundleDto = {
  id: string;
  name: string;
  parts: BundlePartDto[];
};
export type PrintRunDto = {
  copies: number;
  certainty: 'sure' | 'think so';
};
export type YieldDto = {
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  item: string;
  quantity: number;
  certainty: 'sure' | 'think so';
};
export type SourceDto = {
  id: string;
  name: string;
  kind: 'boxed set' | 'blind bag' | 'magazine gift' | 'book gift' | 'build-your-own' | 'event exclusive';
  range: string;
  year: number;
  printRun?: PrintRunDto;
  yields: YieldDto[];
};
export type OfficialPartDto = {
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  variant: string;
  turned: boolean;
  /** Which of a stack, from 1 */
  place?: number;
};
export type OfficialFigureDto = {
  id: string;
  name: string;
  person?: string;
  parts: OfficialPartDto[];
};
export type CatalogueDto = {
  systems: SystemDto[];
  colours: ColourDto[];
  motifs: MotifDto[];
  moulds: MouldDto[];
  prints: PrintDto[];
  variants: VariantDto[];
  bundles: BundleDto[];
  sources: SourceDto[];
  officialFigures: OfficialFigureDto[];
};
export type OtherVariantDto = {
  row: number;
  variant: VariantDto;
};
export type PackedVariantsDto = {
  moulds: string[];
  /** How many variants in a row are of each of `moulds` */
  counts: number[];
  colourLists: string[][];
  prints: string[];
  years: MadeDto[];
  /** Place in `colourLists`, a variant each */
  colours: number[];
  /** Place in `prints` and 1 more; 0 for none */
  print: number[];
  /** Place in `years` and 1 more; 0 for imagined */
  made: number[];
  /** What columns cannot say */
  others: OtherVariantDto[];
};
export type PackedCatalogueDto = {
  /** Names this state of the catalogue; answers that speak of its rows name it too */
  version: string;
  systems: SystemDto[];
  colours: ColourDto[];
  motifs: MotifDto[];
  moulds: MouldDto[];
  prints: PrintDto[];
  variants: PackedVariantsDto;
  bundles: BundleDto[];
  sources: SourceDto[];
  officialFigures: OfficialFigureDto[];
};
export type CorrectionDto = {
  typed: string;
  meant: string;
};
export type FacetValueDto = {
  value: string;
  count: number;
};
export type FacetDto = {
  name: 'family' | 'colour' | 'exists' | 'era' | 'range' | 'owned';
  values: FacetValueDto[];
};
export type SearchAnswerDto = {
  total: number;
  words: string[];
  corrected: CorrectionDto[];
  /** Words nothing is called */
  unknown: string[];
  /** Nothing has all the words: these have some of them */
  any: boolean;
  variants: string[];
  facets: FacetDto[];
  /** The moulds most of what was found is made in */
  moulds: string[];
};
export type SavedEntryDto = {
  kind: string;
  key: string;
  /** Figures that were told because what they planned exists now */
  notices: number;
};
export type SaveEntryDto = {
  kind: 'systems' | 'colours' | 'motifs' | 'moulds' | 'prints' | 'variants' | 'bundles' | 'officialFigures' | 'sources';
  /** A row of the kind, as in docs/formats/catalogue.schema.json */
  row: {
    [key: string]: any;
  };
  /** The entry as it was when it was opened; refused when it is another by now */
  seen?: {
    [key: string]: any;
  };
};
export type MergeDto = {
  kind: 'mould' | 'colour' | 'print' | 'variant';
  /** The double, which goes */
  double: string;
  /** The entry that stays */
  kept: string;
};
export type CatalogueChangeDto = {
  id: number;
  at: string;
  label: string;
  kind: string;
  item: string;
  undoable: boolean;
};
export type HouseRulesDto = {
  skinSchool: ('house' | 'natural') | null;
  alterationSchool: ('as moulded' | 'altered' | 'open bench' | 'on paper') | null;
  mainColours: number | null;
  colours: string[];
  year: number | null;
  budgetMinor: number | null;
  bannedSources: string[];
};
export type RoleOfDto = {
  name: string;
  least: number;
  most: number | null;
};
export type FactionDto = {
  id: string;
  name: string;
  colours: string[];
  recipe: string;
  leader: string;
  sharesFaces: boolean;
};
export type ScopeDto = {
  kind: 'all' | 'faction' | 'role';
  of: string;
};
export type AlterationGivenDto = {
  kind: 'remove print' | 'cut' | 'glue' | 'paint' | 'sticker';
  what: string;
  note: string;
};
export type PartDto = {
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  variant: string;
  turned: boolean;
  place?: number;
  alterations?: AlterationGivenDto[];
};
export type UniformPartDto = {
  scope: ScopeDto;
  part: PartDto;
};
export type CopyVariationDto = {
  id: string;
  figure: string;
  name: string;
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  variants: string[];
  copies: number | null;
  isApart: boolean;
  seed: number;
};
export type TokensDto = {
  id: string;
  name: string;
  count: number;
  mostInOne: number;
  leadersGetOne: boolean;
  isApartFromBuilds: boolean;
  seed: number;
};
export type BuildElementDto = {
  name: string;
  variant: string;
  count: number;
};
export type SharedBuildDto = {
  id: string;
  name: string;
  elements: BuildElementDto[];
  packs: number;
  seed: number;
};
export type PlaceOfDto = {
  name: string;
  figure: string;
};
export type SeatingDto = {
  id: string;
  name: string;
  kind: 'seat' | 'spot' | 'plate';
  places: PlaceOfDto[];
};
export type PropDto = {
  id: string;
  name: string;
  variant: string;
  carriedBy: string;
};
export type SpareDto = {
  variant: string;
  count: number;
  each: boolean;
  scope: ScopeDto;
};
export type RelationDto = {
  kind: 'twin of' | 'parent of' | 'rival of' | 'rides' | 'belongs to';
  from: string;
  to: string;
};
export type LineUpPlanDto = {
  kind: 'collection' | 'crew' | 'series' | 'army' | 'cast' | 'ages';
  promised: number | null;
  edition: string;
  dueOn: string | null;
  notes: string;
  house: HouseRulesDto;
  budgetAllMinor: number | null;
  packColour: string;
  roles: RoleOfDto[];
  factions: FactionDto[];
  uniform: UniformPartDto[];
  variations: CopyVariationDto[];
  tokens: TokensDto[];
  builds: SharedBuildDto[];
  seatings: SeatingDto[];
  props: PropDto[];
  spares: SpareDto[];
  relations: RelationDto[];
};
export type FeatureDto = {
  id: string;
  label: string;
  area: 'headgear' | 'face' | 'neck' | 'torso' | 'arms' | 'hands' | 'legs' | 'held' | 'whole';
  kind: 'motif' | 'colour' | 'shape' | 'expression' | 'height' | 'absence' | 'identity' | 'any with' | 'words';
  /** Read by kind: a motif, a colour, shape words, a mood, an age, a person, conditions, free words */
  target: string;
  weight: 'must' | 'want' | 'nice';
};
export type BriefDto = {
  name: string;
  story: string;
  system?: string;
  features: FeatureDto[];
  colours: string[];
  ageBand: 'child' | 'youth' | 'adult' | 'giant';
  born: number | null;
  year: number | null;
  skinSchool: 'house' | 'natural';
  alterationSchool: 'as moulded' | 'altered' | 'open bench' | 'on paper';
  notSeen: ('headgear' | 'face' | 'neck' | 'torso' | 'arms' | 'hands' | 'legs' | 'held' | 'whole')[];
  mainColours: number;
  bannedSources: string[];
  bannedFigures: string[];
  rules: ('hair tied' | 'legs in sight' | 'face in sight' | 'hands free' | 'stands alone' | 'nothing on the back')[];
  budgetMinor: number | null;
  copies: number;
  dueOn: string | null;
  /** A name; figures that name the same are never shown together and share their pieces */
  neverWith?: string;
  newOnly?: boolean;
  requester: string;
  credit: string;
};
export type AlterationDto = {
  kind: 'remove print' | 'cut' | 'glue' | 'paint' | 'sticker';
  what: string;
  note: string;
};
export type LookPartDto = {
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  variant: string;
  turned: boolean;
  /** Which of a stack, from 0 */
  place?: number;
  alterations?: AlterationDto[];
};
export type OverruleDto = {
  key: string;
  reason: string;
};
export type VerdictDto = {
  /** 0 to 5 */
  stars: number | null;
  words: string;
  /** Leave it as it is */
  leave: boolean;
};
export type NotedSubstituteDto = {
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  variant: string;
  reason: string;
};
export type VariationDto = {
  /** Year of the story this look shows */
  year?: number;
  skinSchool?: 'house' | 'natural';
};
export type LookDto = {
  id: string;
  name: string;
  parts: LookPartDto[];
  overrules: OverruleDto[];
  verdict?: VerdictDto;
  /** In order of preference */
  substitutes: NotedSubstituteDto[];
  /** Where it departs from its brief */
  variation?: VariationDto;
  /** Grows with every change */
  version: number;
  /** What Undo would take back */
  undo: string | null;
  /** What Redo would bring back */
  redo: string | null;
};
export type FigureDto = {
  id: string;
  lineUp: string;
  role: string;
  /** Of its line-up; empty for none */
  faction: string;
  /** House rules and spots of the uniform it was set free of */
  free: string[];
  /** The figure whose recipe it varies; empty for a figure of its own */
  recipe: string;
  brief: BriefDto;
  chosenLook: string;
  looks: LookDto[];
  /** Grows with every change of the figure itself */
  version: number;
  /** What Undo would take back of the brief and the choice of looks */
  undo: string | null;
  redo: string | null;
};
export type LineUpDto = {
  id: string;
  name: string;
  plan: LineUpPlanDto;
  figures: FigureDto[];
  version: number;
  undo: string | null;
  redo: string | null;
};
export type NewLineUpDto = {
  name: string;
  kind?: 'collection' | 'crew' | 'series' | 'army' | 'cast' | 'ages';
  /** A line-up whose figures are copied along */
  copyOf?: string;
  /** Copies figures without their looks */
  isBriefsAlone?: boolean;
};
export type FigureNameDto = {
  id: string;
  name: string;
  role: string;
  /** How often it is planned */
  copies: number;
};
export type LineUpNamesDto = {
  id: string;
  name: string;
  kind: 'collection' | 'crew' | 'series' | 'army' | 'cast' | 'ages';
  promised: number | null;
  dueOn: string | null;
  figures: FigureNameDto[];
};
export type LineUpOrderDto = {
  /** Every line-up, in the wanted order */
  lineUps: string[];
};
export type LineUpNameDto = {
  name: string;
  on?: 'workroom' | 'line-up';
};
export type BinnedFlagDto = {
  isAway: boolean;
};
export type OrderDto = {
  /** Every figure of the line-up, in the wanted order */
  figures: string[];
};
export type FiguresToDto = {
  /** All of one line-up */
  figures: string[];
  lineUp: string;
};
export type FigureCopiesDto = {
  /** All of one line-up */
  figures: string[];
  lineUp: string;
  /** Copies them without their looks */
  isBriefsAlone?: boolean;
};
export type FiguresBinDto = {
  isAway: boolean;
  /** All of one line-up */
  figures: string[];
};
export type BeginningDto = {
  kind: 'nothing' | 'figure' | 'official' | 'part';
  /** The figure, official figure or variant */
  id?: string;
};
export type NewFigureDto = {
  name: string;
  lineUp: string;
  from?: BeginningDto;
};
export type RoleDto = {
  role: string;
};
export type ChosenLookDto = {
  look: string;
};
export type NewLookDto = {
  name: string;
  /** The look to start from; nothing for an empty one */
  copyOf?: string;
};
export type LookEditDto = {
  action:
    | 'put on'
    | 'take off'
    | 'turn'
    | 'alter'
    | 'drop alteration'
    | 'overrule'
    | 'restore check'
    | 'judge'
    | 'leave as it is'
    | 'vary'
    | 'note substitute'
    | 'drop substitute'
    | 'prefer substitute';
  position?:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  place?: number;
  variant?: string;
  key?: string;
  reason?: string;
  alteration?: 'remove print' | 'cut' | 'glue' | 'paint' | 'sticker';
  what?: string;
  note?: string;
  index?: number;
  stars?: number | null;
  words?: string;
  leave?: boolean;
  year?: number | null;
  skinSchool?: ('house' | 'natural') | null;
};
export type EditLookDto = {
  /** Applied together, undone together */
  edits: LookEditDto[];
  /** What a person would call it, for the history */
  label: string;
  /** Where it is done: Undo of that page takes it back too */
  on?: 'line-up';
};
export type NamedDto = {
  name: string;
};
export type ReturnDto = {
  /** The change to go back to, as it was after it */
  change: number;
};
export type EditionDto = {
  name: string;
  /** The skin everything bare is to have */
  skin: string;
};
export type NoticeDto = {
  id: number;
  at: string;
  figure: string;
  variant: string;
  text: string;
};
export type PinDto = {
  /** Share of the width */
  x: number;
  /** Share of the height */
  y: number;
  note: string;
};
export type ReferencePictureDto = {
  id: string;
  name: string;
  /** Name of the file, under /api/photographs */
  file: string;
  width: number;
  height: number;
  pins: PinDto[];
  version: number;
};
export type PinsDto = {
  pins: PinDto[];
};
export type NewPlanDto = {
  /** Its uniform is kept as it is: that is changed by itself */
  plan: LineUpPlanDto;
  /** For the history */
  label?: string;
};
export type NewUniformDto = {
  uniform: UniformPartDto[];
  /** Those who wore it, or everybody who was not set free */
  reaches: 'followers' | 'everybody';
};
export type EnrolDto = {
  /** All of this line-up */
  figures: string[];
  role?: string;
  faction?: string;
};
export type FreeDto = {
  /** All of this line-up */
  figures: string[];
  /** Spots of the uniform, or of skinSchool, alterationSchool, mainColours, colours, year, budgetMinor, bannedSources */
  what: string[];
  isFree: boolean;
};
export type VariationsDto = {
  figure: string;
  variations: CopyVariationDto[];
};
export type ChoiceDto = {
  who: string;
  first: string;
  second: string;
  outcome: 'first' | 'second' | 'tie' | 'skip';
  at: string;
};
export type ChoicesDto = {
  /** The first first */
  choices: ChoiceDto[];
};
export type NewChoiceDto = {
  /** Empty for oneself */
  who: string;
  first: string;
  second: string;
  outcome: 'first' | 'second' | 'tie' | 'skip';
};
export type RowProblemDto = {
  /** Line in the file, the header is 1 */
  line: number;
  column: string | null;
  value: string | null;
  reason: string;
};
export type ImportReportDto = {
  rowCount: number;
  soundCount: number;
  /** Rows taken; 0 when the file was only looked at */
  importedCount: number;
  problems: RowProblemDto[];
};
export type ConsumableDto = {
  id: string;
  name: string;
  unit: 'pieces' | 'mm';
  left: number;
  /** As little of it is running low */
  lowAt: number;
  isLow: boolean;
  note: string;
};
export type NewConsumableDto = {
  name: string;
  unit: 'pieces' | 'mm';
  quantity: number;
  lowAt: number;
  note?: string;
};
export type UsedDto = {
  /** What came; below nothing, what was used up */
  quantity: number;
};
export type HoldingDto = {
  run: number;
  variant: string;
  quantity: number;
  condition: 'new' | 'used' | 'worn';
  certainty: 'sure' | 'think so';
  /** Names of the figures it is promised to */
  promisedTo: string[];
};
export type Position =
  | 'headgear'
  | 'headgear.addon'
  | 'head'
  | 'neck.1'
  | 'neck.2'
  | 'neck.3'
  | 'neck.4'
  | 'torso'
  | 'arm.L'
  | 'arm.R'
  | 'hand.L'
  | 'hand.R'
  | 'wrist.L'
  | 'wrist.R'
  | 'waist'
  | 'hips'
  | 'leg.L'
  | 'leg.R'
  | 'lower'
  | 'feet.L'
  | 'feet.R'
  | 'held.L'
  | 'held.R'
  | 'beside'
  | 'stand'
  | 'built';
export type HoleDto = {
  position: Position;
  place: number;
  variant: string;
};
export type DonorDto = {
  /** The place it is */
  id: string;
  officialFigure: string;
  name: string;
  /** Where it stands */
  place: string;
  placeId: string | null;
  note: string;
  /** Not to be taken apart */
  keepWhole: boolean;
  holds: HoldingDto[];
  holes: HoleDto[];
};
export type TogetherDto = {
  officialFigure: string;
  place: string;
};
export type ProductDto = {
  kind: 'source' | 'figure';
  id: string;
};
export type MissingDto = {
  of: number;
  variant: string;
};
export type AddProductDto = {
  product: ProductDto;
  count: number;
  state: 'opened' | 'sealed';
  place: string;
  /** The figure that was in each blind bag, in their order */
  inside: string[];
  missing: MissingDto[];
};
export type CloseBoxDto = {
  name: string;
  donors: string[];
  place: string;
};
export type OpenBoxDto = {
  place: string;
  /** The figure that was in each blind bag, in their order */
  inside: string[];
  missing: MissingDto[];
};
export type LedgerReadingDto = {
  /** Entries in the file */
  entries: number;
  /** Of these, those that are not here yet */
  newEntries: number;
  isTaken: boolean;
};
export type PlaceDto = {
  id: string;
  kind: 'made' | 'sealed' | 'donor' | 'figure' | 'parcel' | 'lent' | 'bench' | 'outside';
  name: string;
  parent: string | null;
  /** Its names from the outermost in */
  path: string;
  note: string;
  /** When something lent is due back, ISO 8601 */
  dueOn: string | null;
  /** Pieces in the place itself */
  own: number;
  /** Pieces in it and below, those on whole figures left out */
  pieces: number;
  /** Whole figures that stand in it and below */
  wholeFigures: number;
  /** The official figure that a donor is */
  official: string | null;
  /** The product that a sealed box is */
  product: string | null;
  /** The figure that is built there */
  figure: string | null;
  /** A donor that is not taken apart */
  keepWhole: boolean;
};
export type NewPlaceDto = {
  name: string;
  parent: string | null;
  /** Its pieces are owned, and not at hand until it is opened */
  isSealed?: boolean;
};
export type PlaceChangeDto = {
  name?: string;
  parent?: string | null;
  note?: string;
  /** Of a donor: nothing comes off it */
  keepWhole?: boolean;
};
export type EntryDto = {
  id: number;
  sentence: string;
};
export type SomePiecesDto = {
  id: number;
  quantity: number;
};
export type DeedDto = {
  deed:
    'move' | 'return' | 'lend' | 'hand back' | 'sell' | 'give' | 'lose' | 'break' | 'defect' | 'condition' | 'confirm' | 'alter' | 'split';
  pieces: SomePiecesDto[];
  /** Where they go: moved, or returned */
  to?: string;
  /** Who gets them: lent, given, sold */
  person?: string;
  dueOn?: string;
  defect?: 'misprint' | 'crack' | 'yellowing' | 'faded print' | 'loose' | 'scratched' | 'cut';
  condition?: 'new' | 'used' | 'worn';
  alteration?: 'remove print' | 'cut' | 'glue' | 'paint' | 'sticker';
  /** The motif, the colour, or what is cut, glued or stuck on */
  what?: string;
  /** In all, in minor units */
  broughtMinor?: number;
  note?: string;
};
export type CountedRunDto = {
  id: number;
  quantity: number;
  seen?: number;
};
export type CountDto = {
  place: string;
  runs: CountedRunDto[];
};
export type TypedLineDto = {
  text: string;
  quantity: number;
  variant: string | null;
  /** Why no part is meant, and what would do */
  reason: string | null;
};
export type LinesAnswerDto = {
  lines: TypedLineDto[];
  /** Were they put into the place? */
  taken: boolean;
};
export type LinesDto = {
  text: string;
  place: string;
  take: boolean;
};
export type StoryLineDto = {
  /** ISO 8601 */
  at: string;
  sentence: string;
  /** What the deed brought in all, in minor units */
  broughtMinor: number | null;
};
export type SharedRowDto = {
  row: number;
  figures: number[];
};
export type PromisesDto = {
  figures: string[];
  names: string[];
  /** Empty for a figure without parts */
  standings: ('wanting' | 'waiting' | 'unfinished' | 'blocked' | 'ready to build' | 'built' | 'to be changed' | '')[];
  /** The day each is served by */
  dueOn: (string | null)[];
  /** Pieces that each figure lacks, over all copies */
  toBuy: number[];
  /** Pieces that are sealed or on their way */
  onTheirWay: number[];
  /** Of those, pieces in boxes and bags that are sealed */
  sealed: number[];
  /** The day by which all of them should be here */
  waitsUntil: (string | null)[];
  variants: string[];
  /** Pieces that serve nobody, donors left out */
  free: number[];
  /** Pieces on donors that serve nobody */
  freeOnDonors: number[];
  /** Pieces there are in all */
  owned: number[];
  of: number[];
  by: number[];
  wants: number[];
  gets: number[];
  offDonors: number[];
  bound: number[];
  shared: SharedRowDto[];
};
export type GivenDto = {
  figure: string;
  name: string;
  quantity: number;
  isPinned: boolean;
};
export type ContenderDto = {
  figure: string;
  name: string;
  lineUp: string;
  wants: number;
  gets: number;
  because: 'built' | 'pinned' | 'whole' | 'in line';
  /** The day it is due */
  dueOn: string | null;
};
export type AsideDto = {
  why: 'lent' | 'kept whole' | 'altered' | 'flawed';
  quantity: number;
  /** Whom it is lent to, or the whole figure it stays on */
  who: string | null;
  /** The day it is due back */
  dueOn: string | null;
  defect: ('misprint' | 'crack' | 'yellowing' | 'faded print' | 'loose' | 'scratched' | 'cut') | null;
};
export type ClashDto = {
  variant: string;
  /** With what is lent */
  owned: number;
  /** Of these, pieces that cannot serve; and pieces that are kept whole */
  aside: AsideDto[];
  wanted: number;
  short: number;
  /** In the order they are served */
  contenders: ContenderDto[];
  /** Runs that could be kept for another figure */
  runs: number[];
};
export type RunPromisesDto = {
  free: number;
  given: GivenDto[];
  /** All figures that want the part, in the order they are served */
  contenders: ContenderDto[];
  clash: ClashDto | null;
};
export type LossDto = {
  figure: string;
  name: string;
  variant: string;
  quantity: number;
  /** Who would get more of it, by name */
  to: string[];
};
export type LineChangeDto = {
  lineUp: string;
  /** Its figures in the wanted order */
  figures?: string[];
  dueOn?: string | null;
};
export type PiecePinDto = {
  id: number;
  figure: string;
  quantity: number;
};
export type DefectDto = {
  kind: 'misprint' | 'crack' | 'yellowing' | 'faded print' | 'loose' | 'scratched' | 'cut';
  note: string;
};
export type PieceAlterationDto = {
  kind: 'remove print' | 'cut' | 'glue' | 'paint' | 'sticker';
  what: string;
  note: string;
};
export type PieceDto = {
  id: number;
  variant: string;
  quantity: number;
  condition: 'new' | 'used' | 'worn';
  place: string;
  note: string;
  /** The place by its id */
  placeId: string;
  defects: DefectDto[];
  /** How sure it is that there are so many of it */
  certainty: 'sure' | 'think so';
  /** Whose it is; empty for one’s own */
  owner: string;
  /** The day something borrowed has to go back */
  dueOn: string | null;
  alterations: PieceAlterationDto[];
};
export type LoanDto = {
  person: string;
  dueOn: string | null;
  isLate: boolean;
  pieces: PieceDto[];
};
export type SortOutDto = {
  clashes: ClashDto[];
  /** Clashes there are in all */
  clashCount: number;
  /** Pieces no look wants and no whole figure misses */
  orphans: PieceDto[];
  orphanCount: number;
  /** Pieces that are only thought to be there */
  unsure: PieceDto[];
  unsureCount: number;
  /** With somebody else, the longest due first */
  lent: LoanDto[];
  /** Somebody else’s, the longest due first */
  borrowed: LoanDto[];
};
export type CopiesOfDto = {
  id: string;
  name: string;
  copies: number;
  /** Of these, owned as whole figures that may be taken apart */
  owned: number;
};
export type BlindDto = {
  id: string;
  name: string;
  /** Wanted pieces that every copy has */
  surely: number;
  /** Wanted pieces in a copy on average */
  onAverage: number;
};
export type FurtherDto = {
  id: string;
  name: string;
  /** Pieces it would serve of what all figures lack */
  serves: number;
};
export type LeastCopiesDto = {
  figures: CopiesOfDto[];
  figureTotal: number;
  products: CopiesOfDto[];
  productTotal: number;
  /** Counted above as what they surely give; those that give most on average first */
  blind: BlindDto[];
  /** Is it proven that fewer do not do? */
  isProven: boolean;
  /** Official figures that all looks shown at once would take */
  apart: number;
  /** Parts that no official figure has */
  without: string[];
  /** Which further copy serves most of what all figures lack */
  further: FurtherDto[];
};
export type NewPiecesDto = {
  variant: string;
  quantity: number;
  condition: 'new' | 'used' | 'worn';
  place?: string;
  note?: string;
  /** Whoever they are borrowed from; empty for one’s own */
  owner?: string;
  dueOn?: string;
  /** In minor units */
  paidMinor?: number;
};
export type PieceInPageDto = {
  id: number;
  variant: string;
  quantity: number;
  condition: 'new' | 'used' | 'worn';
  place: string;
  note: string;
  /** The place by its id */
  placeId: string;
  defects: DefectDto[];
  /** How sure it is that there are so many of it */
  certainty: 'sure' | 'think so';
  /** Whose it is; empty for one’s own */
  owner: string;
  /** The day something borrowed has to go back */
  dueOn: string | null;
  alterations: PieceAlterationDto[];
  /** Pieces that serve nobody */
  free: number;
  /** Names of the figures it serves */
  serves: string[];
  /** Is the part wanted more often than there is of it? */
  isShort: boolean;
};
export type PiecesPageDto = {
  /** Runs with these words, on all pages */
  total: number;
  /** Runs there are, whatever the words */
  runs: number;
  /** Pieces in all of them */
  pieces: number;
  /** Pieces of this place that serve nobody; null for the whole wardrobe */
  freePieces: number | null;
  /** Pieces of this place that serve somebody */
  promisedPieces: number | null;
  rows: PieceInPageDto[];
};
export type StockDto = {
  /** The state of the catalogue whose rows these are */
  catalogue: string;
  /** Rows of the owned variants in the catalogue */
  rows: number[];
  quantities: number[];
  /** Rows of the variants that are on whole figures which may be taken apart */
  donorRows: number[];
  donorQuantities: number[];
  /** A whole figure that has each */
  donorNames: string[];
};
export type PieceRowDto = {
  line: number;
  variant: string;
  kind: 'new' | 'adds to' | 'replaces';
  quantity: number;
  /** The count it takes the place of */
  before: number | null;
};
export type PieceChangesDto = {
  /** Rows of parts that were not owned */
  fresh: number;
  /** Rows that say what is written down already */
  same: number;
  /** Rows of parts that are owned, in another place or condition */
  addsTo: number;
  /** Rows with another count or note of what lies in that place */
  replaces: number;
  /** The first rows that change something */
  rows: PieceRowDto[];
};
export type PieceReportDto = {
  rowCount: number;
  soundCount: number;
  /** Rows taken; 0 when the file was only looked at */
  importedCount: number;
  problems: RowProblemDto[];
  changes: PieceChangesDto;
};
export type WardrobePictureDto = {
  id: string;
  /** SHA-256 the file lies under */
  file: string;
  width: number;
  height: number;
};
export type SellerKeptDto = {
  id: string;
};
export type PostageStepDto = {
  upToG: number;
  costMinor: number;
};
export type SellerByHandDto = {
  name: string;
  /** Its two letters, such as NL */
  country: string;
  /** Its three letters, such as EUR */
  currency: string;
  days: number;
  postage: PostageStepDto[];
  minimumMinor: number;
  handlingMinor: number;
  freePostageFromMinor: number | null;
  trusted: boolean;
  thirdParty: boolean;
};
export type PostageTierDto = {
  upToG: number;
  costMinor: number;
};
export type DutyDto = {
  aboveMinor: number;
  percent: number;
  feeMinor: number;
};
export type SellerTermsDto = {
  minimumMinor: number;
  handlingMinor: number;
  postage: PostageTierDto[];
  freePostageFromMinor: number | null;
};
export type CodeDto = {
  code: string;
  percent: number;
  untilDay: string;
};
export type SellerRateDto = {
  /** What one unit of its currency is worth */
  perUnit: number;
  day: string;
};
export type SellerDto = {
  id: string;
  name: string;
  kind: 'shop' | 'maker\u2019s counter' | 'build-your-own station' | 'workshop';
  country: string;
  /** What it asks in; the terms here are converted */
  currency: string;
  days: number;
  trusted: boolean;
  thirdParty: boolean;
  minimumMinor: number;
  handlingMinor: number;
  postage: PostageTierDto[];
  freePostageFromMinor: number | null;
  duty: DutyDto | null;
  asked: SellerTermsDto;
  reliability: number;
  /** Sent along when its terms are changed */
  version: number;
  /** A discount code that holds today */
  code: CodeDto | null;
  /** Null in the workspace’s own currency */
  rate: SellerRateDto | null;
  /** No rate of its currency is known, so it is left out of comparisons */
  isWithoutRate: boolean;
  offerCount: number;
};
export type OfferDto = {
  id: string;
  seller: string;
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  item: string;
  /** In the workspace’s currency, any code taken off */
  priceMinor: number;
  /** As asked, in the seller’s currency */
  askedMinor: number;
  currency: string;
  code: string | null;
  landedMinor: number;
  stock: number;
  multiple: number;
  condition: 'new' | 'used' | 'worn';
  seenOn: string;
  origin: 'simulated' | 'imported';
};
export type OfferByHandDto = {
  item: string;
  priceMinor: number;
  stock: number;
  multiple: number;
  condition: 'new' | 'used' | 'worn';
};
export type SellerOffersDto = {
  /** How many there are with these words, on all pages */
  total: number;
  offers: OfferDto[];
};
export type LowestPricesDto = {
  /** Rows of the variants in the catalogue */
  rows: number[];
  /** Price and its share of postage */
  landedMinor: number[];
  priceMinor: number[];
  /** Place of the seller in `names` */
  sellers: number[];
  /** Place of the day it was seen in `names` */
  seenOn: number[];
  /** Place of its condition in `names` */
  conditions: number[];
  /** Sellers, days and conditions, each once */
  names: string[];
};
export type PricesDto = {
  /** The state of the catalogue whose rows these are */
  catalogue: string;
  currency: string;
  /** The day prices are judged old or new by */
  today: string;
  lowest: LowestPricesDto;
};
export type WholePricesDto = {
  figures: string[];
  landedMinor: (number | null)[];
};
export type PriceSummaryDto = {
  condition: 'new' | 'used' | 'worn';
  offers: number;
  sellers: number;
  stock: number;
  leastMinor: number;
  lowerQuartileMinor: number;
  medianMinor: number;
  upperQuartileMinor: number;
  meanMinor: number;
};
export type DatedOfferDto = {
  id: string;
  seller: string;
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  item: string;
  /** In the workspace’s currency, any code taken off */
  priceMinor: number;
  /** As asked, in the seller’s currency */
  askedMinor: number;
  currency: string;
  code: string | null;
  landedMinor: number;
  stock: number;
  multiple: number;
  condition: 'new' | 'used' | 'worn';
  seenOn: string;
  origin: 'simulated' | 'imported';
  /** Seen more than 60 days ago */
  isOld: boolean;
};
export type PriceDayDto = {
  condition: 'new' | 'used' | 'worn';
  offers: number;
  sellers: number;
  stock: number;
  leastMinor: number;
  lowerQuartileMinor: number;
  medianMinor: number;
  upperQuartileMinor: number;
  meanMinor: number;
  day: string;
};
export type TrendDto = {
  /** Minor units a day */
  perDay: number;
  low: number;
  high: number;
  points: number;
  direction: 'rising' | 'falling' | 'steady';
};
export type AdviceDto = {
  verdict: 'buy' | 'wait' | 'either';
  rule: 'low' | 'deadline' | 'falling' | 'scarce' | 'none';
  sentence: string;
};
export type SupplyStepDto = {
  seller: string;
  landedMinor: number;
  units: number;
  upTo: number;
};
export type RarityDto = {
  sellers: number;
  stock: number;
  sources: number;
  exclusive: boolean;
};
export type PieceShareDto = {
  variant: string;
  quantity: number;
  landedMinor: number;
  share: number;
};
export type WorthDto = {
  pieceByPieceMinor: number;
  wholeMinor: number | null;
  takenToPiecesMinor: number;
  shares: PieceShareDto[];
  unsold: string[];
};
export type ItemPricesDto = {
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  id: string;
  name: string;
  currency: string;
  today: string;
  /** The condition that history, trend and advice speak of */
  condition: 'new' | 'used' | 'worn';
  now: PriceSummaryDto[];
  /** In stock, by landed price */
  offers: DatedOfferDto[];
  history: PriceDayDto[];
  trend: TrendDto | null;
  /** First quartile of the last 90 days */
  lowMinor: number | null;
  advice: AdviceDto | null;
  supply: SupplyStepDto[];
  rarity: RarityDto;
  worth: WorthDto | null;
};
export type OfferChangeCountsDto = {
  new: number;
  dearer: number;
  cheaper: number;
  stock: number;
  gone: number;
};
export type OfferChangeDto = {
  change: 'new' | 'dearer' | 'cheaper' | 'restocked' | 'sold down' | 'gone';
  seller: string;
  /** What the seller asks in */
  currency: string;
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  item: string;
  condition: 'new' | 'used' | 'worn';
  beforeMinor: number | null;
  afterMinor: number | null;
  beforeStock: number;
  afterStock: number;
};
export type OfferImportDto = {
  rowCount: number;
  soundCount: number;
  /** Rows taken; 0 when the file was only looked at */
  importedCount: number;
  problems: RowProblemDto[];
  counts: OfferChangeCountsDto;
  changes: OfferChangeDto[];
};
export type NewsDto = {
  id: number;
  day: string;
  text: string;
};
export type ClockDto = {
  day: string;
  /** Is there a simulated market that can be moved on? */
  isSimulated: boolean;
  news: NewsDto[];
};
export type AdvancedDto = {
  day: string;
  /** Is there a simulated market that can be moved on? */
  isSimulated: boolean;
  news: NewsDto[];
  /** What watches told on the way */
  told: string[];
};
export type AdvanceDto = {
  days: number;
};
export type WatchedItemDto = {
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  id: string;
};
export type NewWatchDto = {
  kind: 'below' | 'exists' | 'in stock' | 'cheapest way';
  item?: WatchedItemDto;
  priceMinor?: number;
  mould?: string;
  colour?: string;
  seller?: string;
};
export type WatchDto = {
  id: number;
  watch: NewWatchDto;
  /** After "Tell me" */
  words: string;
  createdAt: string;
};
export type WatchNoticeDto = {
  id: number;
  watch: number;
  day: string;
  text: string;
};
export type WatchesDto = {
  watches: WatchDto[];
  notices: WatchNoticeDto[];
};
export type DominantDto = {
  variant: string;
  share: number;
};
export type ErrandFigureDto = {
  figure: string;
  /** The name of the whole figure it makes whole */
  wholeFigure: string | null;
  look: string;
  copies: number;
  group: string | null;
  /** A copy, with its share of postage; null until there is a plan */
  eachMinor: number | null;
  /** All its copies; the looks sum to what is paid */
  totalMinor: number | null;
  /** Copies that can stand with what the plan gets; null without a plan */
  stand: number | null;
  dominant: DominantDto | null;
};
export type ErrandSettingsDto = {
  maxParcels?: number | null;
  budgetMinor?: number | null;
  withinDays?: number | null;
  condition?: 'new' | 'used' | 'worn';
  trustedOnly?: boolean;
  allowThirdParty?: boolean;
  /** Owned whole figures may be taken apart; the hole costs what filling it would */
  useDonors?: boolean;
  /** Bought arms of one kind come from one seller, so that their colour matches */
  matchArms?: boolean;
  /** Share of what leftovers would fetch that counts in favour of a plan */
  resaleShare?: number;
  /** As many whole figures as the rules allow stand, before anything else is bought; so unless it is said otherwise */
  standFirst?: boolean;
  /** As little as the rules allow is left unfilled, whatever it costs; so unless it is said otherwise */
  fillFirst?: boolean;
  /** What a point of likeness is worth when a substitute is weighed, in minor units */
  pointMinor?: number;
};
export type LockedDto = {
  offer: string;
  quantity: number;
};
export type PinnedDto = {
  variant: string;
  seller: string;
};
export type AcceptedDto = {
  variant: string;
  substitute: string;
};
export type AdjustmentsDto = {
  locked: LockedDto[];
  banned: string[];
  pinned: PinnedDto[];
  accepted: AcceptedDto[];
};
export type NeedDto = {
  variant: string;
  quantity: number;
  owned: number;
};
export type ErrandOfferDto = {
  id: string;
  seller: string;
  kind: 'figure' | 'variant' | 'bundle' | 'source';
  item: string;
  priceMinor: number;
  stock: number;
  condition: 'new' | 'used' | 'worn';
  /** Wanted parts it yields */
  yields: string[];
};
export type LineReasonDto = {
  offer: string;
  sentence: string;
};
export type FillerDto = {
  offer: string;
  quantity: number;
  /** What it is bought for */
  sentence: string;
};
export type DonatedPieceDto = {
  variant: string;
  quantity: number;
};
export type DonatedDto = {
  donor: string;
  name: string;
  pieces: DonatedPieceDto[];
  /** What its holes are taken to cost; nobody pays it */
  losesMinor: number;
};
export type LeftoverValueDto = {
  variant: string;
  quantity: number;
  /** What one would fetch: the lower quartile asked; null when nobody sells it */
  eachMinor: number | null;
};
export type LackingDto = {
  variant: string;
  quantity: number;
  wanted: number;
};
export type StandingDto = {
  /** Figures that can stand with what the plan gets */
  complete: number;
  figures: number;
  /** Parts that keep the others from standing */
  lacking: LackingDto[];
};
export type ProgressDto = {
  phase: 'searching' | 'bounding' | 'proving' | 'comparing';
  bestMinor: number | null;
  /** What the best so far pays */
  paidMinor: number | null;
  boundMinor: number | null;
  gap: number | null;
  /** Units the best so far leaves unfilled */
  short: number | null;
  seconds: number;
};
export type StandsDto = {
  whole: string;
  quantity: number;
};
export type ParcelLineDto = {
  offer: string;
  quantity: number;
};
export type ParcelDto = {
  seller: string;
  goodsMinor: number;
  postageMinor: number;
  handlingMinor: number;
  dutyMinor: number;
  weightG: number;
  lines: ParcelLineDto[];
};
export type FillDto = {
  need: string;
  variant: string;
  quantity: number;
  from: 'owned' | 'bought';
  seller: string | null;
};
export type ShortDto = {
  need: string;
  quantity: number;
};
export type LeftoverDto = {
  variant: string;
  quantity: number;
};
export type CurvePointDto = {
  parcels: number;
  /** What would be paid */
  costMinor: number;
  /** What counts against it besides money */
  besideMinor: number;
  gap: number;
};
export type ComparedDto = {
  cheapestEachMinor: number | null;
  /** Units more that each at its cheapest leaves unfilled */
  cheapestEachLacks: number | null;
  fewestParcelsMinor: number | null;
  curve: CurvePointDto[];
};
export type RuleFactDto = {
  rule: 'parcels' | 'budget' | 'days' | 'condition' | 'trusted' | 'sellers' | 'banned';
  most?: number;
  minor?: number;
  least?: 'new' | 'used' | 'worn';
  count?: number;
  sellers?: string[];
};
export type ReasonDto = {
  kind:
    | 'too few'
    | 'rules exclude'
    | 'not found'
    | 'only seller'
    | 'short'
    | 'parcels reached'
    | 'filling unsettled'
    | 'plan without'
    | 'more stand without'
    | 'more without'
    | 'rule costs';
  variant?: string;
  seller?: string;
  quantity?: number;
  wanted?: number;
  available?: number;
  most?: number;
  minor?: number;
  parts?: number;
  figures?: number;
  isProven?: boolean;
  paidMinor?: number;
  rule?: RuleFactDto;
  rules?: RuleFactDto[];
};
export type PlanDto = {
  status: 'proven' | 'within-gap' | 'stopped' | 'infeasible';
  costMinor: number;
  boundMinor: number;
  /** How far from the best there can be, of the money alone */
  gap: number;
  shortageMinor: number;
  leastShortageMinor: number | null;
  /** How many of each whole stand */
  standing: StandsDto[];
  standingWorth: number;
  mostStandingWorth: number | null;
  seconds: number;
  paidMinor: number;
  parcels: ParcelDto[];
  fills: FillDto[];
  short: ShortDto[];
  leftovers: LeftoverDto[];
  compared: ComparedDto;
  /** What shapes the plan, as facts; their sentences are the errand’s */
  reasons: ReasonDto[];
};
export type ErrandJobDto = {
  id: string;
  kind: string;
  state: 'running' | 'done' | 'stopped' | 'failed' | 'interrupted';
  startedAt: string;
  endedAt: string | null;
  /** Jobs that must end before this one begins; 0 when it has begun */
  ahead: number;
  error: string | null;
  progress: ProgressDto | null;
  /** The best plan so far; final once the job is done */
  result: PlanDto | null;
};
export type SwapDto = {
  variant: string;
  substitute: string;
  quantity: number;
};
export type SeriesPointDto = {
  copies: number;
  costMinor: number;
  short: number;
  marginalMinor: number;
  swaps: SwapDto[];
  likeness: number | null;
};
export type SeriesDto = {
  points: SeriesPointDto[];
  /** Copies after which a part cannot be had any more; null when nothing runs out */
  runsOutAfter: number | null;
};
export type SeriesJobDto = {
  id: string;
  kind: string;
  state: 'running' | 'done' | 'stopped' | 'failed' | 'interrupted';
  startedAt: string;
  endedAt: string | null;
  /** Jobs that must end before this one begins; 0 when it has begun */
  ahead: number;
  error: string | null;
  /** The points so far */
  result: SeriesDto | null;
};
export type ErrandDto = {
  id: string;
  scope: string;
  title: string;
  name: string | null;
  removedAt: string | null;
  createdAt: string;
  currency: string;
  lines: ErrandFigureDto[];
  settings: ErrandSettingsDto;
  adjustments: AdjustmentsDto;
  needs: NeedDto[];
  /** The offers the plan buys from */
  offers: ErrandOfferDto[];
  reasons: LineReasonDto[];
  /** What is bought and fills nothing */
  fillers: FillerDto[];
  /** Whole figures that pieces come off */
  donated: DonatedDto[];
  /** What shapes the plan, or keeps one from being, in sentences */
  shapedBy: string[];
  leftovers: LeftoverValueDto[];
  ticked: string[];
  standing: StandingDto | null;
  job: ErrandJobDto;
  /** What more copies cost, as it was last worked out */
  copies: SeriesJobDto | null;
  /** Cheaper versions, as they were last looked for */
  cheaper: SeriesJobDto | null;
};
export type ErrandLineDto = {
  look: string;
  copies: number;
  /** Looks of one group are never shown together */
  group?: string | null;
};
export type NewErrandDto = {
  maxParcels?: number | null;
  budgetMinor?: number | null;
  withinDays?: number | null;
  condition?: 'new' | 'used' | 'worn';
  trustedOnly?: boolean;
  allowThirdParty?: boolean;
  /** Owned whole figures may be taken apart; the hole costs what filling it would */
  useDonors?: boolean;
  /** Bought arms of one kind come from one seller, so that their colour matches */
  matchArms?: boolean;
  /** Share of what leftovers would fetch that counts in favour of a plan */
  resaleShare?: number;
  /** As many whole figures as the rules allow stand, before anything else is bought; so unless it is said otherwise */
  standFirst?: boolean;
  /** As little as the rules allow is left unfilled, whatever it costs; so unless it is said otherwise */
  fillFirst?: boolean;
  /** What a point of likeness is worth when a substitute is weighed, in minor units */
  pointMinor?: number;
  /** The figure or line-up it is planned from */
  scope: string;
  lines: ErrandLineDto[];
  adjustments?: AdjustmentsDto;
};
export type SellerShareDto = {
  seller: string;
  name: string;
  parts: number;
  pieces: number;
  /** What those pieces cost there together, without postage */
  goodsMinor: number;
};
export type FallenDto = {
  variant: string;
  wasMinor: number;
  isMinor: number;
};
export type AvailableDto = {
  variant: string;
  isMinor: number;
};
export type WantedDto = {
  currency: string;
  /** Pieces that chosen looks still need beyond what is owned */
  pieces: number;
  /** Different parts among them */
  parts: number;
  /** Of these parts, those nobody sells at the moment */
  unsold: number;
  /** The day prices are compared with */
  since: string;
  sellers: SellerShareDto[];
  /** The greatest falls first */
  fallen: FallenDto[];
  available: AvailableDto[];
};
export type PlannedLookDto = {
  look: string;
  copies: number;
  group: string | null;
  /** Null for spares, and for the holes of a whole figure */
  version: number | null;
};
export type StandingPlanDto = {
  /** The figure or line-up it was planned from */
  scope: string;
  errand: string;
  lines: PlannedLookDto[];
  /** Pieces it buys for these looks; what only fills up is not counted */
  toBuy: number;
  paidMinor: number;
};
export type WholeAgainDto = {
  /** What an errand for exactly these holes would pay */
  paidMinor: number;
  /** Pieces it would buy */
  buys: number;
  /** Pieces that lie free and would do */
  free: number;
  /** Pieces that cannot be had */
  unsold: number;
  /** Is it proven that it cannot be done for less? */
  isProven: boolean;
};
export type ErrandRowDto = {
  id: string;
  title: string;
  /** What the person calls it */
  name: string | null;
  createdAt: string;
  /** When it was put in the bin */
  removedAt: string | null;
  state: 'running' | 'done' | 'stopped' | 'failed';
  copies: number;
  paidMinor: number | null;
  /** What it was asked for under, in words */
  rules: string[];
  /** Parts that cannot be had */
  short: number | null;
};
export type ErrandNameDto = {
  name?: string | null;
};
export type ErrandBinDto = {
  away: boolean;
};
export type TickedDto = {
  offers: string[];
};
export type CopiesDto = {
  most: number;
};
export type FloorDto = {
  /** Likeness that the cheaper look must keep */
  floor: number;
};
export type SubstituteDto = {
  variant: string;
  /** Points of likeness lost, the most over the looks that wear the part */
  lost: number;
  landedMinor: number | null;
  owned: number;
  accepted: boolean;
};
export type ParcelClaimDto = {
  id: number;
  line: number;
  quantity: number;
  reason: 'short' | 'wrong' | 'damaged';
  asked: 'ask again' | 'money back' | 'keep it' | 'buy again';
  askedMinor: number;
  openedAt: string;
  outcome: ('ask again' | 'money back' | 'keep it' | 'buy again') | null;
  gotMinor: number;
  settledAt: string | null;
};
export type OrderedLineDto = {
  id: number;
  variant: string;
  condition: 'new' | 'used' | 'worn';
  quantity: number;
  priceMinor: number;
  came: number;
  damaged: number;
  /** Let go: they will not come */
  gone: number;
  /** Still expected */
  open: number;
  /** What its pieces really cost together, with their share of everything */
  landedMinor: number;
};
export type InsteadHintDto = {
  line: number;
  variant: string;
};
export type InsideDto = {
  /** Of each line, how many are in it */
  came: number[];
  instead: InsteadHintDto[];
};
export type OrderedParcelDto = {
  id: string;
  seller: string | null;
  sellerName: string;
  reference: string;
  errand: string | null;
  state: 'ordered' | 'sent' | 'arrived' | 'settled' | 'lost' | 'cancelled';
  isLate: boolean;
  orderedOn: string;
  sentOn: string | null;
  expectedOn: string | null;
  arrivedOn: string | null;
  tracking: string;
  note: string;
  currency: string;
  postageMinor: number;
  feesMinor: number;
  dutyMinor: number;
  paidMinor: number | null;
  refundedMinor: number;
  /** What the plan reckoned for it */
  plannedMinor: number;
  /** Goods and every charge as agreed */
  agreedMinor: number;
  /** Paid less refunded */
  costMinor: number;
  /** What the seller asks in */
  sellerCurrency: string;
  /** What one unit of it was worth on the day of the order */
  rate: number;
  /** What was paid in it */
  paidInMinor: number | null;
  claims: ParcelClaimDto[];
  lines: OrderedLineDto[];
  inside: InsideDto | null;
  version: number;
};
export type NewParcelLineDto = {
  variant: string;
  quantity: number;
  priceMinor: number;
  condition: 'new' | 'used' | 'worn';
};
export type NewParcelDto = {
  sellerName: string;
  lines: NewParcelLineDto[];
  postageMinor: number;
  feesMinor: number;
  expectedOn?: string | null;
  reference?: string;
  /** Where its pieces are put at once, when it is here already */
  place?: string;
};
export type MonthSumDto = {
  /** Such as 2026-11 */
  month: string;
  seller: string;
  minor: number;
};
export type SpentDto = {
  currency: string;
  months: MonthSumDto[];
  plannedMinor: number;
  costMinor: number;
};
export type FigureRealCostDto = {
  figure: string;
  name: string;
  lineUp: string;
  costMinor: number;
  /** Pieces whose price is known */
  priced: number;
  /** Pieces of which nobody wrote down what they cost */
  unpriced: number;
  /** What its newest errand planned for what was to buy */
  plannedMinor: number | null;
  /** For how many copies */
  plannedCopies: number | null;
};
export type DeadlineDto = {
  figure: string;
  name: string;
  lineUp: string;
  dueOn: string;
  /** Pieces it lacks */
  toBuy: number;
  /** The last day to order them, by the days its sellers take */
  latestOn: string;
  isPast: boolean;
};
export type ServingParcelDto = {
  parcel: string;
  sellerName: string;
  /** Pieces that are for the figure */
  pieces: number;
  expectedOn: string | null;
  isLate: boolean;
};
export type PlaceOrdersDto = {
  errand: string;
  /** Whose parcels of the plan are ordered; none for all */
  sellers: string[];
};
export type ParcelChangeDto = {
  reference?: string;
  tracking?: string;
  note?: string;
  expectedOn?: string | null;
  sentOn?: string | null;
  paidMinor?: number | null;
  paidInMinor?: number | null;
  isHere?: boolean;
};
export type InsteadDto = {
  variant: string;
  quantity: number;
};
export type ReceivedLineDto = {
  id: number;
  came: number;
  /** Of those that came */
  damaged: number;
  defect?: 'misprint' | 'crack' | 'yellowing' | 'faded print' | 'loose' | 'scratched' | 'cut';
  instead?: InsteadDto;
};
export type ReceiveDto = {
  lines: ReceivedLineDto[];
  place: string;
  /** What a figure waits for goes onto its tray, and only the rest into the place */
  toTrays?: boolean;
};
export type ClaimDto = {
  outcome: 'ask again' | 'money back' | 'keep it' | 'buy again';
  sumMinor: number;
  /** When the seller was asked again */
  expectedOn?: string;
  line: number;
  quantity: number;
  reason?: 'short' | 'wrong' | 'damaged';
  /** The outcome is what was asked for; settled later */
  isOpen?: boolean;
};
export type SettleDto = {
  outcome: 'ask again' | 'money back' | 'keep it' | 'buy again';
  sumMinor: number;
  /** When the seller was asked again */
  expectedOn?: string;
};
export type EndDto = {
  as: 'cancelled' | 'lost';
  refundedMinor: number;
};
export type SessionFigureDto = {
  figure: string;
  look: string;
  name: string;
  lineUp: string;
  copies: number;
};
export type SessionSummaryDto = {
  id: string;
  title: string;
  state: 'open' | 'built' | 'put back' | 'left';
  begunAt: string;
  endedAt: string | null;
  figures: SessionFigureDto[];
  steps: number;
  done: number;
};
export type ReadyFigureDto = {
  figure: string;
  name: string;
  lineUp: string;
  standing: 'wanting' | 'waiting' | 'unfinished' | 'blocked' | 'ready to build' | 'built' | 'to be changed';
  copies: number;
  /** How many more of it can be built with what is at hand */
  canBuild: number;
};
export type BenchOverviewDto = {
  sessions: SessionSummaryDto[];
  ready: ReadyFigureDto[];
};
export type BenchAlterationDto = {
  kind: string;
  what: string;
  note: string;
};
export type BenchPieceDto = {
  piece: string;
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  place?: number;
  variant: string;
  turned: boolean;
  alterations: BenchAlterationDto[];
};
export type BenchCopyDto = {
  id: string;
  figure: string;
  name: string;
  pieces: BenchPieceDto[];
};
export type BodyPartDto = {
  piece: string;
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  place?: number;
  variant: string;
};
export type BenchBodyDto = {
  id: string;
  name: string;
  path: string;
  becomes: string | null;
  parts: BodyPartDto[];
};
export type CautionDto = {
  id: string;
  title: string;
  text: string;
  variant: string | null;
};
export type StopDto = {
  kind: 'tray' | 'aside' | 'body' | 'copy' | 'away';
  figure?: string;
  body?: string;
  copy?: string;
};
export type PieceMoveDto = {
  piece: string;
  to: StopDto;
};
export type BenchStepDto = {
  id: number;
  kind: 'fetch' | 'take apart' | 'put back' | 'put away' | 'alter' | 'build' | 'look';
  title: string;
  sentence: string;
  hint: string | null;
  cautions: CautionDto[];
  pieces: string[];
  moves: PieceMoveDto[];
  figure: string | null;
  /** When it was ticked */
  doneAt: string | null;
};
export type TroubleDto = {
  what: 'it broke' | 'it does not fit' | 'it is not there';
  variant: string;
  /** What was done about it, in words */
  outcome: string;
  at: string;
};
export type BenchSessionDto = {
  id: string;
  title: string;
  state: 'open' | 'built' | 'put back' | 'left';
  remark: string;
  /** Who was at it; empty where nobody said */
  who: string;
  begunAt: string;
  endedAt: string | null;
  /** Time at work, pauses left out */
  minutes: number;
  figures: SessionFigureDto[];
  /** Figures whose look is another one than was planned */
  changed: string[];
  copies: BenchCopyDto[];
  bodies: BenchBodyDto[];
  steps: BenchStepDto[];
  troubles: TroubleDto[];
  version: number;
};
export type BeginFigureDto = {
  figure: string;
  /** As many as can be, unless it says */
  copies?: number;
};
export type BeginDto = {
  figures: BeginFigureDto[];
};
export type ParcelToDoDto = {
  id: string;
  name: string;
};
export type ToDoDto = {
  ready: ReadyFigureDto[];
  onBench: SessionSummaryDto[];
  late: ParcelToDoDto[];
  toPutAway: ParcelToDoDto[];
  /** Runs of pieces that are only thought to be there */
  toConfirm: number;
};
export type InsteadChoiceDto = {
  run: number;
  variant: string;
  /** Where it lies, in words */
  where: string;
  /** Pieces nobody is promised */
  free: number;
  /** Whom it is promised to; empty when nobody */
  promisedTo: string;
  /** How like the part itself, 0 to 100 */
  likeness: number;
};
export type ClosingDto = {
  /** The whole figure, by its place */
  donor: string;
  name: string;
  position:
    | 'headgear'
    | 'headgear.addon'
    | 'head'
    | 'neck.1'
    | 'neck.2'
    | 'neck.3'
    | 'neck.4'
    | 'torso'
    | 'arm.L'
    | 'arm.R'
    | 'hand.L'
    | 'hand.R'
    | 'wrist.L'
    | 'wrist.R'
    | 'waist'
    | 'hips'
    | 'leg.L'
    | 'leg.R'
    | 'lower'
    | 'feet.L'
    | 'feet.R'
    | 'held.L'
    | 'held.R'
    | 'beside'
    | 'stand'
    | 'built';
  /** The part that was taken */
  taken: string;
  /** The run that has a piece to spare */
  run: number;
  variant: string;
  /** Where it lies, in words */
  where: string;
};
export type TroubleReportDto = {
  piece: string;
  /** Nothing, when another is simply taken instead */
  what?: 'it broke' | 'it does not fit' | 'it is not there';
  /** The run whose piece takes its place; none to build without it */
  run?: number;
};
export type SessionNoteDto = {
  remark?: string;
  who?: string;
};
export type EndSessionDto = {
  as: 'put back' | 'left';
};
export type IdeaDto = {
  id: string;
  kind: 'figure' | 'swap' | 'line-up' | 'part wanted';
  title: string;
  words: string;
  who: string;
  heardAt: string;
  parts: string[];
  /** Counted by hand */
  votes: number;
  /** Told by polls, each person once a poll */
  polled: number;
  state: 'heard' | 'liked' | 'planned' | 'made' | 'declined';
  reason: string;
  /** The figure it became, unless that was thrown away */
  figure: string | null;
  /** The line-up it became, unless that was thrown away */
  lineUp: string | null;
  /** What it became lies in the bin */
  isBinned: boolean;
  addedAt: string;
  version: number;
};
export type ObstacleDto = {
  figure: string;
  name: string;
  /** What it waits for, in words */
  waits: string;
  isDone: boolean;
};
export type OwedDto = {
  id: string;
  who: string;
  what: string;
  agreed: string;
  dueOn: string | null;
  figures: string[];
  doneOn: string | null;
  standing: 'done' | 'late' | 'ready' | 'waits';
  obstacles: ObstacleDto[];
  version: number;
};
export type ChanceDto = {
  kind: 'owed' | 'build' | 'buy' | 'turned up' | 'watch' | 'idea';
  id: string;
  title: string;
  why: string;
  isReady: boolean;
  owedBy: string | null;
  isOwed: boolean;
  costMinor: number | null;
  votes: number;
};
export type IdeasDto = {
  ideas: IdeaDto[];
  /** Late ones first */
  owed: OwedDto[];
  /** What could be done now, the best first */
  now: ChanceDto[];
};
export type NewIdeaDto = {
  kind: 'figure' | 'swap' | 'line-up' | 'part wanted';
  title: string;
  words: string;
  /** Whose idea it was: named on every card */
  who: string;
  /** Where it was heard */
  heardAt: string;
  /** The parts it thinks of */
  parts: string[];
  /** Counted by hand */
  votes: number;
  state: 'heard' | 'liked' | 'planned' | 'made' | 'declined';
  /** Why it was declined */
  reason: string;
};
export type AwayDto = {
  isAway: boolean;
};
export type PromoteDto = {
  /** Where the figure goes; a line-up is made of an idea of one */
  lineUp?: string;
};
export type NewOwedDto = {
  who: string;
  what: string;
  agreed: string;
  dueOn: string | null;
  figures: string[];
  doneOn: string | null;
};
export const {
  useListWorkspacesQuery,
  useCreateWorkspaceMutation,
  useRenameWorkspaceMutation,
  useCarryAwayQuery,
  useBringWorkspaceBackMutation,
  useListChangesQuery,
  useReadNextStepsQuery,
  useUndoMutation,
  useRedoMutation,
  useTakeBackChangeMutation,
  useListBinQuery,
  useEmptyBinMutation,
  useBringBackMutation,
  useThrowAwayMutation,
  useReadJobQuery,
  useStopJobMutation,
  useBeginWithMutation,
  useReadSettingsQuery,
  useChangeSettingsMutation,
  useImportCatalogueMutation,
  useLookAtForeignMutation,
  useExportCatalogueQuery,
  useReadOutlineMutation,
  useListPhotographsQuery,
  useAddPhotographMutation,
  useReadPhotographQuery,
  useListStackQuery,
  useStackPhotographMutation,
  useTakeOffStackMutation,
  useReadCatalogueQuery,
  useReadPackedCatalogueQuery,
  useSearchCatalogueQuery,
  useBinEntryMutation,
  useSaveEntryMutation,
  useMergeEntriesMutation,
  useListCatalogueChangesQuery,
  useUndoCatalogueChangeMutation,
  useCreateLineUpMutation,
  useListLineUpsQuery,
  useOrderLineUpsMutation,
  useRenameLineUpMutation,
  useBinLineUpMutation,
  useOrderLineUpMutation,
  useMoveFiguresMutation,
  useCopyFiguresMutation,
  useBinFiguresMutation,
  useListNamesQuery,
  useReadLineUpQuery,
  useCreateFigureMutation,
  useReadFigureQuery,
  useListWearingQuery,
  useSaveBriefMutation,
  useSetRoleMutation,
  useChooseLookMutation,
  useAddLookMutation,
  useEditLookMutation,
  useUndoLookMutation,
  useRedoLookMutation,
  useReadHistoryQuery,
  useNameSnapshotMutation,
  useReturnLookMutation,
  useAddEditionMutation,
  useRenameLookMutation,
  useBinLookMutation,
  useRestoreLookMutation,
  useDrawLookSvgQuery,
  useDrawLookPngQuery,
  useListNoticesQuery,
  usePutAwayNoticeMutation,
  useListReferencesQuery,
  useAddReferenceMutation,
  usePinReferenceMutation,
  useBinReferenceMutation,
  useRestoreReferenceMutation,
  useSavePlanMutation,
  useChangeUniformMutation,
  useEnrolFiguresMutation,
  useSetFreeMutation,
  useVaryCopiesMutation,
  useListChoicesQuery,
  useChoosePairMutation,
  useImportChoicesMutation,
  useListConsumablesQuery,
  useAddConsumableMutation,
  useUseConsumableMutation,
  useRemoveConsumableMutation,
  useListDonorsQuery,
  usePutTogetherMutation,
  useAddProductMutation,
  useCloseBoxMutation,
  useOpenBoxMutation,
  useExportLedgerQuery,
  useImportLedgerMutation,
  useListPlacesQuery,
  useAddPlaceMutation,
  useChangePlaceMutation,
  useRemovePlaceMutation,
  useDoWithPiecesMutation,
  useCountPlaceMutation,
  useTypeLinesMutation,
  useReadStoryQuery,
  useReadPromisesQuery,
  useReadRunPromisesQuery,
  useReadLossesMutation,
  usePinPiecesMutation,
  useReadSortOutQuery,
  useReadLeastCopiesQuery,
  useListPiecesQuery,
  useAddPiecesMutation,
  usePagePiecesQuery,
  useReadStockQuery,
  useImportPiecesMutation,
  useExportPiecesQuery,
  useListWardrobePicturesQuery,
  useAddWardrobePictureMutation,
  useRemoveWardrobePictureMutation,
  useAddSellerMutation,
  useListSellersQuery,
  useChangeSellerMutation,
  useBinSellerMutation,
  useAddOfferMutation,
  useDropOfferMutation,
  useListSellerOffersQuery,
  useListOffersQuery,
  useReadPricesQuery,
  useReadWholePricesQuery,
  useReadItemPricesQuery,
  useImportOffersMutation,
  useImportSellersMutation,
  useImportRatesMutation,
  useReadMarketClockQuery,
  useAdvanceMarketMutation,
  useListWatchesQuery,
  useAddWatchMutation,
  useEndWatchMutation,
  usePutAwayWatchNoticeMutation,
  usePlanErrandMutation,
  useLatestErrandQuery,
  useReadWantedQuery,
  useListStandingPlansQuery,
  useReadWholeAgainQuery,
  useListErrandsQuery,
  useRenameErrandMutation,
  useBinErrandMutation,
  useSolveBasketMutation,
  useReadErrandQuery,
  useTickErrandMutation,
  usePlanCopiesMutation,
  useFindCheaperVersionMutation,
  useListSubstitutesQuery,
  useExportPlanQuery,
  useExportShoppingListQuery,
  useListParcelsQuery,
  useAddParcelMutation,
  useReadSpentQuery,
  useReadParcelCalendarQuery,
  useListRealCostsQuery,
  useListDeadlinesQuery,
  useListServingParcelsQuery,
  usePlaceOrdersMutation,
  useChangeParcelMutation,
  useReceiveParcelMutation,
  useClaimParcelMutation,
  useSettleClaimMutation,
  useEndParcelMutation,
  useReadBenchQuery,
  useBeginSessionMutation,
  useListOpenSessionsQuery,
  useReadToDoQuery,
  useReadBenchHistoryQuery,
  useReadSessionQuery,
  useTickStepMutation,
  useUntickStepMutation,
  useListInsteadQuery,
  useListClosingsQuery,
  useReportTroubleMutation,
  useNoteSessionMutation,
  useEndSessionMutation,
  useReadIdeasQuery,
  useAddIdeaMutation,
  useChangeIdeaMutation,
  usePutIdeaAwayMutation,
  usePromoteIdeaMutation,
  useImportPollMutation,
  useAddOwedMutation,
  useChangeOwedMutation,
  usePutOwedAwayMutation,
} = injectedRtkApi;
