import { Navigate, Route, Routes } from 'react-router';
import { StoreRoom } from '../store/StoreRoom';
import { NotFound } from './Failure';
import { STORE_PAGES } from './storePages';

/** The pages of the Store: only who goes there fetches even their addresses. */
export function StoreRoutes() {
  return (
    <Routes>
      <Route element={<StoreRoom parts={STORE_PAGES} />}>
        <Route index element={<Navigate to={`/store/${STORE_PAGES[0]!.path}`} replace />} />
        {STORE_PAGES.map(({ path, page: Page, hasDetail }) => (
          <Route key={path} path={hasDetail ? `${path}/:id?` : path} element={<Page />} />
        ))}
      </Route>
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
