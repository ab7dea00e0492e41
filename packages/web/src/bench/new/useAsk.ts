import type { ShapeId } from '@ember-fold/core/plan';
import type { Serving } from '@ember-fold/core/supper';
import { useMemo, useState } from 'react';
import type { Count } from './HowMany';
import type { BatchDetails } from './ShapeAndWhen';

/** For whom a new batch is, and when. */
export interface ForWhom {
  /** 0: nobody was said. */
  readonly heads: number;
  readonly each: number;
  readonly eatAt: string;
  /** Of its supper; empty: it is for none. */
  readonly servings: readonly Serving[];
}

interface Usual {
  readonly pieces: number;
  readonly shape: ShapeId;
  readonly nameOf: (shape: ShapeId) => string;
}

/** What every new batch is asked: each answer is the usual one until the cook gives another. */
export function useAsk({ heads, each, eatAt }: ForWhom, { pieces, shape, nameOf }: Usual) {
  const [ownCount, setCount] = useState<Partial<Count>>({});
  const [own, setDetails] = useState<Partial<BatchDetails>>({});
  const count = useMemo(
    (): Count => ({
      way: 'pieces',
      pieces,
      guests: heads > 0 ? heads : 6,
      each,
      thicknessM: 0.003,
      discM: 0.11,
      flourKg: 0.5,
      ...ownCount,
    }),
    [pieces, heads, each, ownCount],
  );
  const details: BatchDetails = { shape, eatAt, name: nameOf(own.shape ?? shape), ...own };
  return {
    count,
    details,
    onCount: (change: Partial<Count>) => setCount((now) => ({ ...now, ...change })),
    onDetails: (change: Partial<BatchDetails>) => setDetails((now) => ({ ...now, ...change })),
  };
}
