import type { ComponentType } from 'react';
import { matchRoutes } from 'react-router';
import type { GuideId } from '@/parts';

/** A page and where it is found. Its script is loaded when it is first gone to. */
export interface PageAt {
  readonly path: string;
  /** The page of the guide that its `?` opens. */
  readonly guide: GuideId;
  /** It shows who stands together: the shelf below would show them twice. */
  readonly foldsShelf: boolean;
  load(): Promise<ComponentType>;
}

const page = (path: string, guide: GuideId, load: () => Promise<ComponentType>): PageAt => ({ path, guide, foldsShelf: false, load });
const pageOfAll = (path: string, guide: GuideId, load: () => Promise<ComponentType>): PageAt => ({
  ...page(path, guide, load),
  foldsShelf: true,
});

/** Every view, filter and selection has an address. */
export const PAGES: readonly PageAt[] = [
  pageOfAll('/', 'workroom', async () => (await import('@/features/workroom')).WorkroomPage),
  page('/guide/:page', 'begin', async () => (await import('@/features/guide')).GuidePage),
  page('/bin', 'workroom', async () => (await import('@/features/bin')).BinPage),
  page('/settings', 'begin', async () => (await import('@/features/settings')).SettingsPage),
  page('/ideas', 'ideas', async () => (await import('@/features/ideas')).IdeasPage),
  pageOfAll('/line-ups/:lineUpId/:way?', 'line-ups', async () => (await import('@/features/lineups')).LineUpPage),
  page('/figures/:figureId/brief', 'brief', async () => (await import('@/features/brief')).BriefPage),
  page('/figures/:figureId/fitting', 'fitting', async () => (await import('@/features/fitting')).FittingPage),
  page('/figures/:figureId/compare', 'fitting', async () => (await import('@/features/compare')).ComparePage),
  page('/figures/:figureId/errand', 'errand', async () => (await import('@/features/errands')).ErrandPage),
  page('/line-ups/:lineUpId/errand', 'errand', async () => (await import('@/features/errands')).ErrandPage),
  page('/errands/:errandId/list', 'errand', async () => (await import('@/features/errands')).ListPage),
  page('/bench', 'bench', async () => (await import('@/features/bench')).BenchPage),
  page('/figures/:figureId/bench', 'bench', async () => (await import('@/features/bench')).FigureBenchPage),
  page('/figures/:figureId/bench/:sessionId', 'bench', async () => (await import('@/features/bench')).SessionPage),
  page('/figures/:figureId/parcels', 'parcels', async () => (await import('@/features/parcels')).ParcelsPage),
  page('/parcels', 'parcels', async () => (await import('@/features/parcels')).ParcelsPage),
  page('/wardrobe/errand', 'errand', async () => (await import('@/features/errands')).HolesErrandPage),
  page('/wardrobe', 'wardrobe', async () => (await import('@/features/wardrobe')).WardrobePage),
  page('/catalogue', 'parts', async () => (await import('@/features/catalogue')).CataloguePage),
  page('/catalogue/moulds/:mould', 'parts', async () => (await import('@/features/catalogue')).MouldPage),
  page('/catalogue/colours/:colour', 'parts', async () => (await import('@/features/catalogue')).ColourPage),
  page('/catalogue/variants/:variant', 'parts', async () => (await import('@/features/catalogue')).VariantPage),
  page('/catalogue/sources', 'parts', async () => (await import('@/features/catalogue')).SourcesPage),
  page('/catalogue/sources/:source', 'parts', async () => (await import('@/features/catalogue')).SourcePage),
  page('/catalogue/prints/:print', 'parts', async () => (await import('@/features/catalogue')).PrintPage),
  page('/catalogue/own', 'parts', async () => (await import('@/features/catalogue')).OwnPage),
  page('/market', 'market', async () => (await import('@/features/market')).MarketPage),
  page('/market/prices/:kind/:id', 'market', async () => (await import('@/features/market')).PricesPage),
  page('*', 'begin', async () => (await import('./Lost')).Lost),
];

/** Addresses that stand for another, which is reckoned from them. */
export const ELSEWHERE: readonly (readonly [path: string, to: string])[] = [
  ['/guide', 'begin'],
  ['/figures/:figureId', 'fitting'],
];

const ROUTES = [...PAGES.map((own) => ({ path: own.path, page: own })), ...ELSEWHERE.map(([path]) => ({ path, page: null }))];

/** The page at an address, without its workspace; null for one that stands for another. */
export const pageAt = (pathname: string): PageAt | null => matchRoutes(ROUTES, pathname)?.[0]?.route.page ?? null;
