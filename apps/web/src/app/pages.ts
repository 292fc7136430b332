import type { ComponentType } from 'react';

/** A page and where it is found. Its script is loaded when it is first gone to. */
export interface PageAt {
  readonly path: string;
  load(): Promise<ComponentType>;
}

const page = (path: string, load: () => Promise<ComponentType>): PageAt => ({ path, load });

/** Every view, filter and selection has an address. */
export const PAGES: readonly PageAt[] = [
  page('/', async () => (await import('@/features/workroom')).WorkroomPage),
  page('/guide/:page', async () => (await import('@/features/guide')).GuidePage),
  page('/bin', async () => (await import('@/features/bin')).BinPage),
  page('/ideas', async () => (await import('@/features/ideas')).IdeasPage),
  page('/line-ups/:lineUpId/:way?', async () => (await import('@/features/lineups')).LineUpPage),
  page('/figures/:figureId/brief', async () => (await import('@/features/brief')).BriefPage),
  page('/figures/:figureId/fitting', async () => (await import('@/features/fitting')).FittingPage),
  page('/figures/:figureId/compare', async () => (await import('@/features/compare')).ComparePage),
  page('/figures/:figureId/errand', async () => (await import('@/features/errands')).ErrandPage),
  page('/line-ups/:lineUpId/errand', async () => (await import('@/features/errands')).ErrandPage),
  page('/errands/:errandId/list', async () => (await import('@/features/errands')).ListPage),
  page('/bench', async () => (await import('@/features/bench')).BenchPage),
  page('/figures/:figureId/bench', async () => (await import('@/features/bench')).FigureBenchPage),
  page('/figures/:figureId/bench/:sessionId', async () => (await import('@/features/bench')).SessionPage),
  page('/figures/:figureId/parcels', async () => (await import('@/features/parcels')).ParcelsPage),
  page('/parcels', async () => (await import('@/features/parcels')).ParcelsPage),
  page('/wardrobe/errand', async () => (await import('@/features/errands')).HolesErrandPage),
  page('/wardrobe', async () => (await import('@/features/wardrobe')).WardrobePage),
  page('/catalogue', async () => (await import('@/features/catalogue')).CataloguePage),
  page('/catalogue/moulds/:mould', async () => (await import('@/features/catalogue')).MouldPage),
  page('/catalogue/colours/:colour', async () => (await import('@/features/catalogue')).ColourPage),
  page('/catalogue/variants/:variant', async () => (await import('@/features/catalogue')).VariantPage),
  page('/catalogue/sources', async () => (await import('@/features/catalogue')).SourcesPage),
  page('/catalogue/sources/:source', async () => (await import('@/features/catalogue')).SourcePage),
  page('/catalogue/prints/:print', async () => (await import('@/features/catalogue')).PrintPage),
  page('/catalogue/own', async () => (await import('@/features/catalogue')).OwnPage),
  page('/market', async () => (await import('@/features/market')).MarketPage),
  page('/market/prices/:kind/:id', async () => (await import('@/features/market')).PricesPage),
  page('*', async () => (await import('./Lost')).Lost),
];

/** Addresses that stand for another, which is reckoned from them. */
export const ELSEWHERE: readonly (readonly [path: string, to: string])[] = [
  ['/guide', 'begin'],
  ['/figures/:figureId', 'fitting'],
];
