import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const HandbookRoom = lazyPart(() => import('../learn/HandbookRoom').then((m) => ({ default: m.HandbookRoom })));

/** Pages to learn from. */
export function LearnRoutes() {
  return (
    <Routes>
      <Route path=":page?" element={<HandbookRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
