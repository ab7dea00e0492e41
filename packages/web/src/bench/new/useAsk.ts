import type { FormId, Serving } from '@ember-fold/core';
import { useMemo, useState } from 'react';
import type { Count } from './HowMany';
import type { ShapeAsk } from './ShapeAndWhen';

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
  readonly form: FormId;
  readonly nameOf: (form: FormId) => string;
}

/** What every new batch is asked: each answer is the usual one until the cook gives another. */
export function useAsk({ heads, each, eatAt }: ForWhom, { pieces, form, nameOf }: Usual) {
  const [ownCount, setCount] = useState<Partial<Count>>({});
  const [own, setShape] = useState<Partial<ShapeAsk>>({});
  const count = useMemo(
    (): Count => ({
      ...{ way: 'pieces', pieces, guests: heads > 0 ? heads : 6, each },
      ...{ thicknessM: 0.003, discM: 0.11, flourKg: 0.5, ...ownCount },
    }),
    [pieces, heads, each, ownCount],
  );
  const shape: ShapeAsk = { form, eatAt, name: nameOf(own.form ?? form), ...own };
  return {
    count,
    shape,
    onCount: (change: Partial<Count>) => setCount((now) => ({ ...now, ...change })),
    onShape: (change: Partial<ShapeAsk>) => setShape((now) => ({ ...now, ...change })),
  };
}
