import type { ComponentType } from 'react';
import { BatchPage } from '../bench/BatchPage';
import { SHELL as T } from '#text/shell/shellPhrases';
import { lazyPart } from '../ui/lazyPart';

interface Room {
  readonly path: string;
  /** Its name in the navigation. */
  readonly name: string;
  /** Its pages by their address below it; '' is the room itself. */
  readonly pages: Readonly<Record<string, ComponentType>>;
}

const HandbookRoom = lazyPart(() => import('../learn/HandbookRoom').then((m) => ({ default: m.HandbookRoom })));
const DayRoom = lazyPart(() => import('../cook/DayRoom').then((m) => ({ default: m.DayRoom })));

/**
 * Every room and its pages: the addresses of the product, and what its navigation lists. A new page is one line here,
 * or in `storePages`. A page is fetched when it is entered, the bench at once.
 */
export const ROOMS: readonly Room[] = [
  {
    path: 'table',
    name: T.table,
    pages: {
      '': lazyPart(() => import('../table/TablePage').then((m) => ({ default: m.TablePage }))),
      ':id': lazyPart(() => import('../table/SupperPage').then((m) => ({ default: m.SupperPage }))),
    },
  },
  {
    path: 'bench',
    name: T.bench,
    pages: {
      '': lazyPart(() => import('../bench/BenchList').then((m) => ({ default: m.BenchList }))),
      new: lazyPart(() => import('../bench/new/NewBatchPage').then((m) => ({ default: m.NewBatchPage }))),
      ':id/:station?': BatchPage,
    },
  },
  {
    path: 'cook',
    name: T.cook,
    pages: {
      '': lazyPart(() => import('../cook/CookList').then((m) => ({ default: m.CookList }))),
      'supper/:id': DayRoom,
      // The address of earlier versions.
      'evening/:id': DayRoom,
      ':id': lazyPart(() => import('../cook/CookRoom').then((m) => ({ default: m.CookRoom }))),
    },
  },
  {
    path: 'stove',
    name: T.stove,
    pages: {
      '': lazyPart(() => import('../stove/StoveList').then((m) => ({ default: m.StoveList }))),
      ':id': lazyPart(() => import('../stove/StoveRoom').then((m) => ({ default: m.StoveRoom }))),
    },
  },
  {
    path: 'ledger',
    name: T.ledger,
    pages: {
      '': lazyPart(() => import('../ledger/LedgerList').then((m) => ({ default: m.LedgerList }))),
      compare: lazyPart(() => import('../ledger/ComparePage').then((m) => ({ default: m.ComparePage }))),
      ':id': lazyPart(() => import('../ledger/LedgerPage').then((m) => ({ default: m.LedgerPage }))),
    },
  },
  {
    path: 'store',
    name: T.store,
    pages: { '*': lazyPart(() => import('./StoreRoutes').then((m) => ({ default: m.StoreRoutes }))) },
  },
  {
    path: 'learn',
    name: T.learn,
    pages: {
      '': HandbookRoom,
      'eye-and-hand': lazyPart(() => import('../learn/DrillRoom').then((m) => ({ default: m.DrillRoom }))),
      practice: lazyPart(() => import('../learn/PracticeRoom').then((m) => ({ default: m.PracticeRoom }))),
      'practice/:kind': lazyPart(() =>
        import('../stove/practice/PracticeStoveRoom').then((m) => ({ default: m.PracticeStoveRoom })),
      ),
      ':page': HandbookRoom,
    },
  },
];
