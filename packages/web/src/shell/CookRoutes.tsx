import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const CookList = lazyPart(() => import('../cook/CookList').then((m) => ({ default: m.CookList })));
const DayRoom = lazyPart(() => import('../cook/DayRoom').then((m) => ({ default: m.DayRoom })));
const CookRoom = lazyPart(() => import('../cook/CookRoom').then((m) => ({ default: m.CookRoom })));

/** Pages beside the board. */
export function CookRoutes() {
  return (
    <Routes>
      <Route index element={<CookList />} />
      <Route path="supper/:id" element={<DayRoom />} />
      {/* The address of earlier versions. */}
      <Route path="evening/:id" element={<DayRoom />} />
      <Route path=":id" element={<CookRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
