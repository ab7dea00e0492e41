import { Navigate, Route, Routes } from 'react-router';
import { StoreRoom } from '../store/StoreRoom';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const FormulasPage = lazyPart(() => import('../store/FormulasPage').then((m) => ({ default: m.FormulasPage })));
const IngredientsPage = lazyPart(() =>
  import('../store/IngredientsPage').then((m) => ({ default: m.IngredientsPage })),
);
const KitchenPage = lazyPart(() => import('../store/KitchenPage').then((m) => ({ default: m.KitchenPage })));
const OilPage = lazyPart(() => import('../store/OilPage').then((m) => ({ default: m.OilPage })));
const LearntPage = lazyPart(() => import('../store/LearntPage').then((m) => ({ default: m.LearntPage })));
const FilesPage = lazyPart(() => import('../store/FilesPage').then((m) => ({ default: m.FilesPage })));
const CopiesPage = lazyPart(() => import('../store/CopiesPage').then((m) => ({ default: m.CopiesPage })));
const PhonesPage = lazyPart(() => import('../store/PhonesPage').then((m) => ({ default: m.PhonesPage })));
const GuestsPage = lazyPart(() => import('../store/GuestsPage').then((m) => ({ default: m.GuestsPage })));
const StoredPage = lazyPart(() => import('../store/StoredPage').then((m) => ({ default: m.StoredPage })));
const ShoppingPage = lazyPart(() => import('../store/ShoppingPage').then((m) => ({ default: m.ShoppingPage })));

/** The pages of the Store: only who goes there fetches even their addresses. */
export function StoreRoutes() {
  return (
    <Routes>
      <Route element={<StoreRoom />}>
        <Route index element={<Navigate to="/store/formulas" replace />} />
        <Route path="formulas/:id?" element={<FormulasPage />} />
        <Route path="ingredients/:id?" element={<IngredientsPage />} />
        <Route path="freezer" element={<StoredPage />} />
        <Route path="shopping" element={<ShoppingPage />} />
        <Route path="oil" element={<OilPage />} />
        <Route path="guests" element={<GuestsPage />} />
        <Route path="learnt" element={<LearntPage />} />
        <Route path="kitchen" element={<KitchenPage />} />
        <Route path="files" element={<FilesPage />} />
        <Route path="phones" element={<PhonesPage />} />
        <Route path="copies" element={<CopiesPage />} />
      </Route>
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
