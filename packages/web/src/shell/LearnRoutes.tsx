import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const HandbookRoom = lazyPart(() => import('../learn/HandbookRoom').then((m) => ({ default: m.HandbookRoom })));

const DrillRoom = lazyPart(() => import('../learn/DrillRoom').then((m) => ({ default: m.DrillRoom })));

const PracticeRoom = lazyPart(() => import('../learn/PracticeRoom').then((m) => ({ default: m.PracticeRoom })));

const PracticeStoveRoom = lazyPart(() =>
  import('../stove/practice/PracticeStoveRoom').then((m) => ({ default: m.PracticeStoveRoom })),
);

/** Pages to learn from. */
export function LearnRoutes() {
  return (
    <Routes>
      <Route path="eye-and-hand" element={<DrillRoom />} />
      <Route path="practice" element={<PracticeRoom />} />
      <Route path="practice/:kind" element={<PracticeStoveRoom />} />
      <Route path=":page?" element={<HandbookRoom />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
