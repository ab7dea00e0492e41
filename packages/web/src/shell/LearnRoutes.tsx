import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const HandbookRoom = lazyPart(() => import('../learn/HandbookRoom').then((m) => ({ default: m.HandbookRoom })));

const DrillRoom = lazyPart(() => import('../learn/DrillRoom').then((m) => ({ default: m.DrillRoom })));

/** Pages to learn from. */
export function LearnRoutes() {
  return (
    <Routes>
      <Route path="practice" element={<DrillRoom />} />
      <Route path=":page?" element={<HandbookRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
