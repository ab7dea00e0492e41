import type { BatchSummary, Evening, EveningBatch, Supper, SupperPart } from '@ember-fold/core';
import { useEffect, useState } from 'react';
import { eveningLatest } from '../workers/planClient';
import type { Plans } from './planned';

/** One evening for the hands there are, and for one more. */
export interface Evenings {
  readonly now: Evening;
  readonly helped: Evening;
}

/** One timeline of all batches of a supper; `null` until each is planned, or where there is none. */
export function useEvening(
  { guests }: Pick<Supper, 'guests'>,
  own: readonly BatchSummary[],
  parts: readonly SupperPart[] | null,
  plans: Plans,
  cooks: number,
): Evenings | null {
  const [evening, setEvening] = useState<Evenings | null>(null);
  useEffect(() => {
    if (!parts || parts.length === 0) return;
    let isNewest = true;
    const batches = own.flatMap(({ id, name, eatAt }): EveningBatch[] => {
      const planned = plans[id];
      const steps = planned?.trays[0]?.plan.serve?.steps;
      if (!planned || !steps) return [];
      const { job, kitchen } = planned.part;
      return [{ id, name, steps, eatMs: Date.parse(eatAt), pot: job ? (kitchen.potName ?? '') : null }];
    });
    void eveningLatest(parts, guests, batches, cooks).then((found) => found && isNewest && setEvening(found));
    return () => {
      isNewest = false;
    };
  }, [guests, own, parts, plans, cooks]);
  return parts && parts.length > 0 ? evening : null;
}
