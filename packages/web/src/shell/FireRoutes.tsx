import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const FireList = lazyPart(() => import('../fire/FireList').then((m) => ({ default: m.FireList })));
const FireRoom = lazyPart(() => import('../fire/FireRoom').then((m) => ({ default: m.FireRoom })));

/** Pages of the stove. */
export function FireRoutes() {
  return (
    <Routes>
      <Route index element={<FireList />} />
      <Route path=":id" element={<FireRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
