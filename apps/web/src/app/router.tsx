import { createBrowserRouter, Navigate } from 'react-router';
import { Shell } from './Shell';

/** Every view, filter and selection has an address. Pages are loaded when first opened. */
export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    hydrateFallbackElement: <p className="text-pencil p-6">Opening the workroom…</p>,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('@/features/lineups')).Home }) },
      { path: 'line-ups/:lineUpId', lazy: async () => ({ Component: (await import('@/features/lineups')).LineUpPage }) },
      { path: 'figures/:figureId', element: <Navigate to="fitting" replace /> },
      { path: 'figures/:figureId/brief', lazy: async () => ({ Component: (await import('@/features/brief')).BriefPage }) },
      { path: 'figures/:figureId/fitting', lazy: async () => ({ Component: (await import('@/features/fitting')).FittingPage }) },
      { path: 'figures/:figureId/errand', lazy: async () => ({ Component: (await import('@/features/errands')).ErrandPage }) },
      { path: 'wardrobe', lazy: async () => ({ Component: (await import('@/features/wardrobe')).WardrobePage }) },
      { path: 'market', lazy: async () => ({ Component: (await import('@/features/market')).MarketPage }) },
      { path: '*', lazy: async () => ({ Component: (await import('./Lost')).Lost }) },
    ],
  },
]);
