import { FRY_HORIZON_S, RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { coarse, type FryMapSpec, MAP_STEPPING, rampAt, requireMap } from './fryMap.js';
import { doughSetC, runFry } from '../heat/solveFry.js';
import { USUAL_HANDS } from './hands.js';
import { chancesAt, type OutcomeChances } from './outcomeChances.js';
import { surfaceOf } from './outcomeSurface.js';
import { plannedPiece } from './plannedPiece.js';

/**
 * How pieces made by hand come out at one point of a map. Where an oven finishes them, only their colour is judged.
 * @param timeS s in the oil, 10 to the most that can be planned
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example mapChances(mapSpec, 158, 60).raw // 1
 */
export function mapChances(spec: FryMapSpec, oilC: number, timeS: number): OutcomeChances {
  requireMap(spec);
  requireIn(oilC, RANGES.draft.oilC, 'oilC');
  requireWithin(timeS, 10, RANGES.draft.minutesS.most, 'timeS');
  const { turn, coreTargetC, roomC, byColour = false } = spec;
  const body = coarse(spec.body);
  const heat = {
    body,
    oilC,
    turn,
    ...rampAt(spec, oilC),
    coreTargetC,
    coreIsLine: !byColour && spec.coreIsLine !== false,
    hands: { ...USUAL_HANDS, portion: spec.portionSpread ?? USUAL_HANDS.portion },
  };
  const run = runFry({ ...heat, horizonS: FRY_HORIZON_S, stepping: MAP_STEPPING });
  const coreC = heat.coreIsLine ? Math.min(coreTargetC, body.boilingC - 4) : null;
  const ask = { setC: byColour ? -Infinity : doughSetC(body), coreC, roomC };
  return chancesAt(surfaceOf(heat), plannedPiece(run, ask), timeS);
}
