import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const StoveList = lazyPart(() => import('../stove/StoveList').then((m) => ({ default: m.StoveList })));
const StoveRoom = lazyPart(() => import('../stove/StoveRoom').then((m) => ({ default: m.StoveRoom })));

/** Pages of the stove. */
export function StoveRoutes() {
  return (
    <Routes>
      <Route index element={<StoveList />} />
      <Route path=":id" element={<StoveRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
