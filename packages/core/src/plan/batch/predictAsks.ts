import { oilSeen } from './oilSeen.js';
import { type StoveSession } from './stoveNow.js';
import { safeCoreC } from '../../filling/fillingSafety.js';
import { type StoveAct, stoveState, type OilReading } from '../../stove/stoveAct.js';
import { stoveBelief } from '../../stove/stoveLearning.js';
import type { PredictAsk, RestGain } from '../../stove/predictPiece.js';
import type { FryPlan } from '../../outcome/fryPlan.js';
import type { StoveFit } from '../../oil/fitStove.js';
import { friedPieces, trayOfPiece } from './fryTrays.js';

/** Of what resting adds, so much is not counted on, K. */
const REST_SPARE_C = 1;

/** Cores are waited for up to here, °C: warmer, water boils. */
const MOST_TARGET_C = 99;

/**
 * What a core is waited for, °C: cores that came out colder than predicted are waited for longer;
 * warmer ones never make a piece count as safe sooner.
 *
 * @param coreShiftC cores come out this much warmer (+) or colder (−) than predicted, K
 * @example coreWaitC(74, -3) // 77
 */
export function coreWaitC(targetC: number, coreShiftC: number): number {
  return Math.min(MOST_TARGET_C, targetC - Math.min(0, coreShiftC));
}

/** What resting adds to a piece of this plan after it is taken out. */
function restGain({ rest, atTakeOut }: FryPlan): RestGain {
  if (!rest || !atTakeOut) return { coreC: 0, wallC: 0 };
  return {
    coreC: Math.max(0, rest.coreC - atTakeOut.coreC - REST_SPARE_C),
    wallC: Math.max(0, rest.wallC - atTakeOut.interfacePeakC - REST_SPARE_C),
  };
}

/**
 * What is to be predicted of the pieces in the pot, tray by tray; empty when none is in it.
 * @example predictAsks(session, acts, readings, null, 1400) // []
 */
export function predictAsks(
  session: StoveSession,
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  fit: StoveFit | null,
  nowS: number,
): readonly PredictAsk[] {
  const state = stoveState(acts, friedPieces(session.trays));
  if (state.inPot.length === 0) return [];
  const belief = stoveBelief(state);
  const trace = oilSeen(session, acts, readings, fit, nowS).readings;
  const firstS = state.inPot.reduce((least, piece) => Math.min(least, piece.droppedS), Infinity);
  const from = trace.findIndex((reading) => reading.atS >= firstS);
  const since = trace.slice(Math.max(0, (from < 0 ? trace.length : from) - 1));
  return session.trays.flatMap((tray): PredictAsk[] => {
    const pieces = state.inPot.filter(({ number }) => trayOfPiece(session.trays, number) === tray);
    if (pieces.length === 0) return [];
    const { draft, fry } = tray;
    return [
      {
        body: { ...fry.body, browning: fry.body.browning * belief.browning },
        trace: since,
        pieces,
        turn: draft.fry.turn,
        coreTargetC: coreWaitC(safeCoreC(draft), belief.coreShiftC),
        nowS,
        futureC: draft.fry.oilC,
        surface: fry.surface,
        gain: restGain(fry),
        counts: fry.needsRest,
        ...(draft.fry.ramp && { ramp: draft.fry.ramp }),
        ...(draft.fry.thenOven && { byColour: true }),
        ...(draft.fry.minutesS !== null && { minutesS: draft.fry.minutesS }),
      },
    ];
  });
}
