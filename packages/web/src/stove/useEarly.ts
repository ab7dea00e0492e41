import { friedPieces } from '@ember-fold/core/plan';
import { stoveState, type StoveFit, type StoveSession, takenOutAsks } from '@ember-fold/core/stove';
import { useEffect, useMemo, useState } from 'react';
import { earlyOnce } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import type { LiveStove } from './useLiveStove';

/** What was found of a piece, and of which taking out. */
type Judged = ReadonlyMap<number, { readonly outS: number; readonly isEarly: boolean }>;

/** Pieces on the rack that came out before they were done inside; each is judged once. */
export function useEarly(live: LiveStove, session: StoveSession | null, fit: StoveFit | null): readonly number[] {
  const [judged, setJudged] = useState<Judged>(new Map());
  const { acts } = live;
  useEffect(() => {
    if (!session) return;
    let isNewest = true;
    const outS = new Map(stoveState(acts, friedPieces(session.trays)).pieces.map((one) => [one.number, one.outS]));
    // A taking out that was undone and done again is another one.
    const known = new Set([...judged].flatMap(([number, one]) => (outS.get(number) === one.outS ? [number] : [])));
    const asks = takenOutAsks(session, acts, live.readings, fit, known, stoveSecond(live));
    if (asks.length === 0) return;
    void earlyOnce(asks).then((found) => {
      if (!isNewest) return;
      const early = new Set(found);
      const more = asks.flatMap((ask) =>
        ask.pieces.map((number) => [number, { outS: ask.outS, isEarly: early.has(number) }] as const),
      );
      setJudged((before) => new Map([...before, ...more]));
    });
    return () => {
      isNewest = false;
    };
    // oxlint-disable-next-line react/exhaustive-deps -- readings that come later say nothing of a piece that is out
  }, [session, acts]);
  return useMemo(() => [...judged].flatMap(([number, { isEarly }]) => (isEarly ? [number] : [])), [judged]);
}
