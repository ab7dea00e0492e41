import type { Supper, SupperEats, SupperPart } from '@ember-fold/core/supper';
import { useEffect, useState } from 'react';
import { eatsOnce } from '../workers/planClient';

/** Whether everyone has something to eat; `null` until all its batches are planned, or with nobody at the table. */
export function useSupperEats(
  { guests, each }: Pick<Supper, 'guests' | 'each'>,
  parts: readonly SupperPart[] | null,
): SupperEats | null {
  const [eats, setEats] = useState<SupperEats | null>(null);
  useEffect(() => {
    let isNewest = true;
    const asked = parts && guests.length > 0 ? eatsOnce(parts, guests, each) : Promise.resolve(null);
    void asked.then((answer) => isNewest && setEats(answer));
    return () => {
      isNewest = false;
    };
  }, [parts, guests, each]);
  return eats;
}
