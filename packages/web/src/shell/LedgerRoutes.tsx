import { Route, Routes } from 'react-router';
import { lazyPart } from '../ui/lazyPart';
import { NotFound } from './Failure';

const LedgerList = lazyPart(() => import('../ledger/LedgerList').then((m) => ({ default: m.LedgerList })));
const ComparePage = lazyPart(() => import('../ledger/ComparePage').then((m) => ({ default: m.ComparePage })));
const LedgerPage = lazyPart(() => import('../ledger/LedgerPage').then((m) => ({ default: m.LedgerPage })));

/** Pages of the ledger. */
export function LedgerRoutes() {
  return (
    <Routes>
      <Route index element={<LedgerList />} />
      <Route path="compare" element={<ComparePage />} />
      <Route path=":id" element={<LedgerPage />} />
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
