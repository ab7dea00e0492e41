import type { ComponentType } from 'react';
import { COPIES } from '#text/store/copyPhrases';
import { FILES } from '#text/store/filePhrases';
import { HOME } from '#text/store/homePhrases';
import { LEARNT } from '#text/store/learntPhrases';
import { STORE as T } from '#text/store/storePhrases';
import { lazyPart } from '../ui/lazyPart';

interface StorePage {
  readonly path: string;
  /** Its name among the parts of the Store. */
  readonly name: string;
  readonly page: ComponentType;
  /** Whether one of its things has an address of its own below it. */
  readonly hasDetail?: boolean;
}

/** The pages of the Store, in the order they are listed. */
export const STORE_PAGES: readonly StorePage[] = [
  {
    path: 'formulas',
    name: T.formulas,
    page: lazyPart(() => import('../store/FormulasPage').then((m) => ({ default: m.FormulasPage }))),
    hasDetail: true,
  },
  {
    path: 'ingredients',
    name: T.ingredients,
    page: lazyPart(() => import('../store/IngredientsPage').then((m) => ({ default: m.IngredientsPage }))),
    hasDetail: true,
  },
  {
    path: 'freezer',
    name: T.stored,
    page: lazyPart(() => import('../store/StoredPage').then((m) => ({ default: m.StoredPage }))),
  },
  {
    path: 'shopping',
    name: T.shopping,
    page: lazyPart(() => import('../store/ShoppingPage').then((m) => ({ default: m.ShoppingPage }))),
  },
  {
    path: 'oil',
    name: T.oilAndPots,
    page: lazyPart(() => import('../store/OilPage').then((m) => ({ default: m.OilPage }))),
  },
  {
    path: 'guests',
    name: T.guests,
    page: lazyPart(() => import('../store/GuestsPage').then((m) => ({ default: m.GuestsPage }))),
  },
  {
    path: 'learnt',
    name: LEARNT.title,
    page: lazyPart(() => import('../store/LearntPage').then((m) => ({ default: m.LearntPage }))),
  },
  {
    path: 'kitchen',
    name: T.kitchen,
    page: lazyPart(() => import('../store/KitchenPage').then((m) => ({ default: m.KitchenPage }))),
  },
  {
    path: 'files',
    name: FILES.title,
    page: lazyPart(() => import('../store/FilesPage').then((m) => ({ default: m.FilesPage }))),
  },
  {
    path: 'copies',
    name: COPIES.title,
    page: lazyPart(() => import('../store/CopiesPage').then((m) => ({ default: m.CopiesPage }))),
  },
  {
    path: 'phones',
    name: HOME.title,
    page: lazyPart(() => import('../store/PhonesPage').then((m) => ({ default: m.PhonesPage }))),
  },
];
