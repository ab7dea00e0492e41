import { lazyPart } from '../ui/lazyPart';
import { Provider } from 'react-redux';
import { createBrowserRouter, Navigate, RouterProvider, useLocation } from 'react-router';
import { BatchPage } from '../bench/BatchPage';
import '../data/draft/effects';
import { Failure, NotFound } from './Failure';
import { Shell } from './Shell';
import { store } from '../data/draft/store';

// The stove, the ledger and the Store come when they are entered: the bench opens sooner.
const BenchList = lazyPart(() => import('../bench/BenchList').then((m) => ({ default: m.BenchList })));
const TablePage = lazyPart(() => import('../table/TablePage').then((m) => ({ default: m.TablePage })));
const SupperPage = lazyPart(() => import('../table/SupperPage').then((m) => ({ default: m.SupperPage })));
const NewBatchPage = lazyPart(() => import('../bench/new/NewBatchPage').then((m) => ({ default: m.NewBatchPage })));
const LedgerRoutes = lazyPart(() => import('./LedgerRoutes').then((m) => ({ default: m.LedgerRoutes })));
const CookRoutes = lazyPart(() => import('./CookRoutes').then((m) => ({ default: m.CookRoutes })));
const StoveRoutes = lazyPart(() => import('./StoveRoutes').then((m) => ({ default: m.StoveRoutes })));
const LearnRoutes = lazyPart(() => import('./LearnRoutes').then((m) => ({ default: m.LearnRoutes })));
const StoreRoutes = lazyPart(() => import('./StoreRoutes').then((m) => ({ default: m.StoreRoutes })));

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      {
        errorElement: <Failure />,
        children: [
          { path: '/', element: <Navigate to="/table" replace /> },
          // A device that is in already needs no code.
          { path: '/enter', element: <Navigate to="/table" replace /> },
          { path: '/table', element: <TablePage /> },
          { path: '/table/:id', element: <SupperPage /> },
          { path: '/bench', element: <BenchList /> },
          { path: '/bench/new', element: <NewBatchPage /> },
          { path: '/bench/:id/:station?', element: <BatchPage /> },
          { path: '/store/*', element: <StoreRoutes /> },
          { path: '/learn/*', element: <LearnRoutes /> },
          { path: '/ledger/*', element: <LedgerRoutes /> },
          { path: '/cook/*', element: <CookRoutes /> },
          { path: '/stove/*', element: <StoveRoutes /> },
          // The address of the Stove room in earlier versions.
          { path: '/fire/*', element: <FromFire /> },
          { path: '*', element: <NotFound /> },
        ],
      },
    ],
  },
]);

function FromFire() {
  const { pathname } = useLocation();
  return <Navigate to={pathname.replace('/fire', '/stove')} replace />;
}

export function App() {
  return (
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  );
}
