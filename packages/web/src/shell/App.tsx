import { lazyPart } from '../ui/lazyPart';
import { Provider } from 'react-redux';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { BatchPage } from '../bench/BatchPage';
import '../data/effects';
import { Failure, NotFound } from './Failure';
import { Shell } from './Shell';
import { store } from '../data/store';

// The stove, the ledger and the Store come when they are entered: the bench opens sooner.
const BenchList = lazyPart(() => import('../bench/BenchList').then((m) => ({ default: m.BenchList })));
const TablePage = lazyPart(() => import('../table/TablePage').then((m) => ({ default: m.TablePage })));
const SupperPage = lazyPart(() => import('../table/SupperPage').then((m) => ({ default: m.SupperPage })));
const NewBatchPage = lazyPart(() => import('../bench/new/NewBatchPage').then((m) => ({ default: m.NewBatchPage })));
const FireList = lazyPart(() => import('../fire/FireList').then((m) => ({ default: m.FireList })));
const FireRoom = lazyPart(() => import('../fire/FireRoom').then((m) => ({ default: m.FireRoom })));
const CookList = lazyPart(() => import('../cook/CookList').then((m) => ({ default: m.CookList })));
const EveningRoom = lazyPart(() => import('../cook/EveningRoom').then((m) => ({ default: m.EveningRoom })));
const CookRoom = lazyPart(() => import('../cook/CookRoom').then((m) => ({ default: m.CookRoom })));
const LedgerList = lazyPart(() => import('../ledger/LedgerList').then((m) => ({ default: m.LedgerList })));
const ComparePage = lazyPart(() => import('../ledger/ComparePage').then((m) => ({ default: m.ComparePage })));
const LedgerPage = lazyPart(() => import('../ledger/LedgerPage').then((m) => ({ default: m.LedgerPage })));
const StoreRoom = lazyPart(() => import('../store/StoreRoom').then((m) => ({ default: m.StoreRoom })));
const FormulasPage = lazyPart(() => import('../store/FormulasPage').then((m) => ({ default: m.FormulasPage })));
const IngredientsPage = lazyPart(() =>
  import('../store/IngredientsPage').then((m) => ({ default: m.IngredientsPage })),
);
const KitchenPage = lazyPart(() => import('../store/KitchenPage').then((m) => ({ default: m.KitchenPage })));
const OilPage = lazyPart(() => import('../store/OilPage').then((m) => ({ default: m.OilPage })));
const LearntPage = lazyPart(() => import('../store/LearntPage').then((m) => ({ default: m.LearntPage })));
const CopiesPage = lazyPart(() => import('../store/CopiesPage').then((m) => ({ default: m.CopiesPage })));
const GuestsPage = lazyPart(() => import('../store/GuestsPage').then((m) => ({ default: m.GuestsPage })));
const PutByPage = lazyPart(() => import('../store/PutByPage').then((m) => ({ default: m.PutByPage })));
const ShoppingPage = lazyPart(() => import('../store/ShoppingPage').then((m) => ({ default: m.ShoppingPage })));

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      {
        errorElement: <Failure />,
        children: [
          { path: '/', element: <Navigate to="/table" replace /> },
          { path: '/table', element: <TablePage /> },
          { path: '/table/:id', element: <SupperPage /> },
          { path: '/bench', element: <BenchList /> },
          { path: '/bench/new', element: <NewBatchPage /> },
          { path: '/bench/:id/:station?', element: <BatchPage /> },
          { path: '/cook', element: <CookList /> },
          { path: '/cook/evening/:id', element: <EveningRoom /> },
          { path: '/cook/:id', element: <CookRoom /> },
          { path: '/fire', element: <FireList /> },
          { path: '/fire/:id', element: <FireRoom /> },
          { path: '/ledger', element: <LedgerList /> },
          { path: '/ledger/compare', element: <ComparePage /> },
          { path: '/ledger/:id', element: <LedgerPage /> },
          {
            path: '/store',
            element: <StoreRoom />,
            children: [
              { index: true, element: <Navigate to="/store/formulas" replace /> },
              { path: 'formulas/:id?', element: <FormulasPage /> },
              { path: 'ingredients/:id?', element: <IngredientsPage /> },
              { path: 'freezer', element: <PutByPage /> },
              { path: 'shopping', element: <ShoppingPage /> },
              { path: 'oil', element: <OilPage /> },
              { path: 'guests', element: <GuestsPage /> },
              { path: 'learnt', element: <LearntPage /> },
              { path: 'kitchen', element: <KitchenPage /> },
              { path: 'copies', element: <CopiesPage /> },
            ],
          },
          { path: '*', element: <NotFound /> },
        ],
      },
    ],
  },
]);

export function App() {
  return (
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  );
}
