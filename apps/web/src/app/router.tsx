import { createBrowserRouter, Navigate } from 'react-router';
import { BASE } from '@/api';
import { Broken } from './Broken';
import { Shell } from './Shell';

/** Every view, filter and selection has an address. Pages are loaded when first opened. */
export const router = createBrowserRouter(
  [
    {
      path: '/',
      element: <Shell />,
      errorElement: <Broken />,
      hydrateFallbackElement: <p className="text-pencil p-6">Opening the workroom…</p>,
      children: [
        { index: true, lazy: async () => ({ Component: (await import('@/features/workroom')).WorkroomPage }) },
        { path: 'guide', element: <Navigate to="begin" replace /> },
        { path: 'guide/:page', lazy: async () => ({ Component: (await import('@/features/guide')).GuidePage }) },
        { path: 'bin', lazy: async () => ({ Component: (await import('@/features/bin')).BinPage }) },
        { path: 'line-ups/:lineUpId', lazy: async () => ({ Component: (await import('@/features/lineups')).LineUpPage }) },
        { path: 'figures/:figureId', element: <Navigate to="fitting" replace /> },
        { path: 'figures/:figureId/brief', lazy: async () => ({ Component: (await import('@/features/brief')).BriefPage }) },
        { path: 'figures/:figureId/fitting', lazy: async () => ({ Component: (await import('@/features/fitting')).FittingPage }) },
        { path: 'figures/:figureId/compare', lazy: async () => ({ Component: (await import('@/features/compare')).ComparePage }) },
        { path: 'figures/:figureId/errand', lazy: async () => ({ Component: (await import('@/features/errands')).ErrandPage }) },
        { path: 'line-ups/:lineUpId/errand', lazy: async () => ({ Component: (await import('@/features/errands')).ErrandPage }) },
        { path: 'errands/:errandId/list', lazy: async () => ({ Component: (await import('@/features/errands')).ListPage }) },
        { path: 'parcels', lazy: async () => ({ Component: (await import('@/features/parcels')).ParcelsPage }) },
        { path: 'wardrobe/errand', lazy: async () => ({ Component: (await import('@/features/errands')).HolesErrandPage }) },
        { path: 'wardrobe', lazy: async () => ({ Component: (await import('@/features/wardrobe')).WardrobePage }) },
        { path: 'catalogue', lazy: async () => ({ Component: (await import('@/features/catalogue')).CataloguePage }) },
        { path: 'catalogue/moulds/:mould', lazy: async () => ({ Component: (await import('@/features/catalogue')).MouldPage }) },
        { path: 'catalogue/colours/:colour', lazy: async () => ({ Component: (await import('@/features/catalogue')).ColourPage }) },
        { path: 'catalogue/variants/:variant', lazy: async () => ({ Component: (await import('@/features/catalogue')).VariantPage }) },
        { path: 'catalogue/sources', lazy: async () => ({ Component: (await import('@/features/catalogue')).SourcesPage }) },
        { path: 'catalogue/sources/:source', lazy: async () => ({ Component: (await import('@/features/catalogue')).SourcePage }) },
        { path: 'catalogue/prints/:print', lazy: async () => ({ Component: (await import('@/features/catalogue')).PrintPage }) },
        { path: 'catalogue/own', lazy: async () => ({ Component: (await import('@/features/catalogue')).OwnPage }) },
        { path: 'market', lazy: async () => ({ Component: (await import('@/features/market')).MarketPage }) },
        { path: 'market/prices/:kind/:id', lazy: async () => ({ Component: (await import('@/features/market')).PricesPage }) },
        { path: '*', lazy: async () => ({ Component: (await import('./Lost')).Lost }) },
      ],
    },
  ],
  { basename: BASE === '' ? '/' : BASE },
);
