import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const CookList = lazyPart(() => import('../cook/CookList').then((m) => ({ default: m.CookList })));
const EveningRoom = lazyPart(() => import('../cook/EveningRoom').then((m) => ({ default: m.EveningRoom })));
const CookRoom = lazyPart(() => import('../cook/CookRoom').then((m) => ({ default: m.CookRoom })));

/** Pages beside the board. */
export function CookRoutes() {
  return (
    <Routes>
      <Route index element={<CookList />} />
      <Route path="evening/:id" element={<EveningRoom />} />
      <Route path=":id" element={<CookRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
