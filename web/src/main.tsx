import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refused } from './api/client';
import { Frame } from './app/Frame';
import { LostPage } from './app/LostPage';
import { PreferencesProvider } from './app/units';
import { ArtworkStation } from './features/artwork/ArtworkStation';
import { BenchPage } from './features/bench/BenchPage';
import { BenchStation } from './features/bench/BenchStation';
import { CrewPage } from './features/bench/CrewPage';
import { CarePage } from './features/care/CarePage';
import { CareStation } from './features/care/CareStation';
import { ComparePage } from './features/compare/ComparePage';
import { CutStation } from './features/cut/CutStation';
import { DayPage } from './features/day/DayPage';
import { NowPage } from './features/day/NowPage';
import { HelpersPage } from './features/helpers/HelpersPage';
import { ItemStation } from './features/item/ItemStation';
import { JobPage } from './features/jobs/JobPage';
import { JobsPage } from './features/jobs/JobsPage';
import { LiftedPage } from './features/lifted/LiftedPage';
import { KeptPage } from './features/logbook/KeptPage';
import { LogbookPage } from './features/logbook/LogbookPage';
import { TaughtPage } from './features/logbook/TaughtPage';
import { BuyingPage } from './features/money/BuyingPage';
import { PriceStation } from './features/money/PriceStation';
import { NamesPage } from './features/names/NamesPage';
import { PlaceStation } from './features/place/PlaceStation';
import { PatchPage } from './features/press/PatchPage';
import { PressStation } from './features/press/PressStation';
import { ShelfPage } from './features/shelf/ShelfPage';
import { StockPage } from './features/stock/StockPage';
import './styles.css';

const queries = new QueryClient({
  defaultOptions: {
    // The service is on this machine: whether there is a network beyond it does not matter.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof Refused) && count < 3,
    },
  },
});

const router = createBrowserRouter([
  {
    // What is fetched only where it is wanted leaves the page empty for a moment.
    hydrateFallbackElement: <p />,
    element: <Frame />,
    errorElement: <LostPage />,
    children: [
      { path: '/', element: <JobsPage /> },
      {
        path: '/jobs/:id',
        element: <JobPage />,
        children: [
          { path: 'item', element: <ItemStation /> },
          { path: 'place', element: <PlaceStation /> },
          { path: 'artwork', element: <ArtworkStation /> },
          { path: 'cut', element: <CutStation /> },
          { path: 'press', element: <PressStation /> },
          { path: 'patch', element: <PatchPage /> },
          { path: 'compare', element: <ComparePage /> },
          { path: 'bench', element: <BenchStation /> },
          { path: 'care', element: <CareStation /> },
          { path: 'price', element: <PriceStation /> },
        ],
      },
      { path: '/shelf', element: <ShelfPage /> },
      { path: '/stock', element: <StockPage /> },
      { path: '/logbook', element: <LogbookPage /> },
      { path: '/logbook/taught', element: <TaughtPage /> },
      { path: '/logbook/care', element: <CarePage /> },
      { path: '/logbook/kept', element: <KeptPage /> },
      { path: '/logbook/names', element: <NamesPage /> },
      { path: '/logbook/helpers', element: <HelpersPage /> },
      { path: '/day', element: <DayPage /> },
      { path: '/day/buy', element: <BuyingPage /> },
      {
        path: '/practice',
        lazy: async () => ({ Component: (await import('./features/practice/PracticePage')).PracticePage }),
      },
      {
        path: '/practice/:id',
        lazy: async () => ({ Component: (await import('./features/practice/PracticeBenchPage')).PracticeBenchPage }),
      },
      { path: '/crew/:id', element: <CrewPage /> },
      { path: '/lifted', element: <LiftedPage /> },
      { path: '/help', lazy: async () => ({ Component: (await import('./features/help/HelpPage')).HelpPage }) },
      { path: '*', element: <LostPage /> },
    ],
  },
  { path: '/day/now', element: <NowPage />, errorElement: <LostPage /> },
  { path: '/bench/:id', element: <BenchPage />, errorElement: <LostPage /> },
  { path: '/bench/:id/:station', element: <BenchPage />, errorElement: <LostPage /> },
]);

// Pages that were kept are shown without the network; while working on them they are always asked for.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined));

const root = document.getElementById('root');
if (root)
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <RouterProvider router={router} />
        </PreferencesProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
