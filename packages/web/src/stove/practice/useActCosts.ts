import type { ActCost, PracticeAct, Situation } from '@ember-fold/core/stove';
import { useEffect, useState } from 'react';
import type { PracticeDesk } from '../../workers/practiceClient';

/** What each act cost or saved, one after the other, beginning when `isFree`; by its id. */
export function useActCosts(
  desk: PracticeDesk,
  of: Situation,
  acts: readonly PracticeAct[],
  isFree: boolean,
): ReadonlyMap<string, ActCost> {
  const [costs, setCosts] = useState<ReadonlyMap<string, ActCost>>(new Map());
  useEffect(() => {
    if (!isFree) return;
    let gone = false;
    const weigh = async () => {
      for (const { id } of acts) {
        if (gone) return;
        const cost = await desk.cost(of, acts, id);
        if (!gone) setCosts((known) => new Map([...known, [id, cost]]));
      }
    };
    void weigh();
    return () => {
      gone = true;
    };
  }, [desk, of, acts, isFree]);
  return costs;
}
