import { type StoveSession } from './stoveNow.js';
import { type Kitchen, smokePointC } from '../../draft/kitchen.js';
import { type StoveAct, type StoveState, type OilReading } from '../../stove/stoveAct.js';
import { oilByModel } from '../../stove/oilByModel.js';
import type { StoveFit } from '../../oil/fitStove.js';
import { type StoveTray, friedPieces, trayOfPiece } from './fryTrays.js';

/** The pot as it has shown itself today, with the smoke point of the oil that is in it. */
export function potTonight(kitchen: Kitchen, fit: StoveFit | null): Kitchen['pot'] {
  const pot = { ...kitchen.pot, smokeC: smokePointC(kitchen) };
  if (!fit?.converged) return pot;
  return {
    ...pot,
    efficiency: fit.efficiency.value,
    lossWPerK: fit.lossWPerK.value,
    probeLagS: fit.probeLagS.value,
    burnerLagS: fit.burnerLagS.value,
  };
}

export interface OilSeen {
  readonly readings: readonly OilReading[];
  readonly spreadC: number | null;
}

/** The tray whose pieces are in the oil, or go in next; when all are out, the last. */
export function trayNow({ trays }: Pick<StoveSession, 'trays'>, { inPot, pieces }: StoveState): StoveTray {
  const last = pieces.reduce((most, piece) => Math.max(most, piece.number), 0);
  return trayOfPiece(trays, inPot[0]?.number ?? last + 1);
}

/** The oil's readings: the probe's, or the pot model's from what was last entered. */
export function oilSeen(
  { trays, kitchen, hasProbe }: StoveSession,
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  fit: StoveFit | null,
  nowS: number,
): OilSeen {
  if (hasProbe) return { readings, spreadC: null };
  const pot = potTonight(kitchen, fit);
  const pieceW = (number: number) => trayOfPiece(trays, number).fry.pieceMeanW;
  return oilByModel(acts, friedPieces(trays), pot, kitchen.roomC, pieceW, Math.max(0, nowS));
}
