import { coreMustBeSafe, type FryMapSpec, sizedBody } from '@ember-fold/core/plan';
import { useMemo, useState } from 'react';
import type { Line } from '../../data/draft/useLine';

/** Oil the map covers, °C. */
export const MAP_OIL = { least: 130, most: 200 } as const;
const ROWS = 41;
const COLUMNS = 81;

/** Time the map shows: half as long again as the piece takes, in steps of four minutes. */
function horizonFor(timeS: number | null): number {
  return Math.min(1800, Math.max(600, Math.ceil((1.45 * (timeS ?? 900)) / 240) * 240));
}

/** Sizes the map can be asked about; the pieces stay as they are folded. */
export type MapSize = 'thinner' | 'as-folded' | 'thicker';
const FACTOR: Record<MapSize, number> = { thinner: 5 / 6, 'as-folded': 1, thicker: 7 / 6 };

/** What the map is asked: for this piece, so long, until either changes. @param timeS in the oil, where it is known */
export function useMapSpec(
  { draft, hot, kitchen }: Line,
  size: MapSize,
  timeS: number | null,
): { readonly spec: FryMapSpec | null; readonly key: string } {
  const plan = hot?.fry ?? null;
  const { coreTargetC } = draft.filling;
  const coreIsLine = coreMustBeSafe(draft);
  const pieceKey = JSON.stringify([
    plan && sizedBody(plan.body, FACTOR[size]),
    draft.fry.turn,
    coreTargetC,
    coreIsLine,
    draft.fry.ramp ?? null,
    draft.fry.ramp ? draft.fry.oilC : null,
    kitchen.learnt?.portions?.value ?? null,
    draft.fry.thenOven !== undefined,
    kitchen.roomC,
  ]);
  const [held, setHeld] = useState({ pieceKey: '', horizonS: 0 });
  // The scale belongs to the piece: it must not change under a hand that drags the point.
  const fits = held.pieceKey === pieceKey && (timeS ?? 0) <= held.horizonS;
  if (!fits) setHeld({ pieceKey, horizonS: horizonFor(timeS) });
  const { horizonS } = held;
  const key = `${pieceKey} ${horizonS}`;
  const spec = useMemo((): FryMapSpec | null => {
    const [body, turn, target, isLine, ramp, fromC, portionSpread, byColour, roomC] = JSON.parse(pieceKey) as [
      FryMapSpec['body'] | null,
      FryMapSpec['turn'],
      number,
      boolean,
      NonNullable<FryMapSpec['ramp']>['ramp'] | null,
      number | null,
      number | null,
      boolean,
      number,
    ];
    return (
      body && {
        body,
        turn,
        roomC,
        coreTargetC: target,
        coreIsLine: isLine,
        ...(ramp && fromC !== null && { ramp: { ramp, fromC } }),
        ...(byColour && { byColour }),
        ...(portionSpread !== null && { portionSpread }),
        horizonS,
        oilC: MAP_OIL,
        rows: ROWS,
        columns: COLUMNS,
      }
    );
  }, [pieceKey, horizonS]);
  return { spec, key };
}
