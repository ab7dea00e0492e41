import { CRUST_LIMITS } from '../heat/colour.js';
import type { FryBody } from '../heat/fryBody.js';
import { interfacePeakC } from '../heat/fryTemperatures.js';
import { coreOf } from '../heat/restInAir.js';
import { runFry } from '../heat/solveFry.js';
import { HAND_SAMPLES } from './hands.js';
import { type OutcomeChances, sharesOf } from './outcomeChances.js';
import { addedFor, atPlaces, differencesOf, pieceByHand, STEPPING, type SurfaceSpec } from './outcomeSurface.js';

/** A piece as it leaves the oven: highest of its innermost dough and its core, °C, and logarithms of its colours. */
interface LeftOven {
  readonly peakC: number;
  readonly coreC: number;
  readonly paler: number;
  readonly darker: number;
}

function leftOven(body: FryBody): LeftOven {
  const colours = body.faces.map(({ colour }) => Math.log(Math.max(1e-6, colour)));
  return {
    peakC: interfacePeakC(body),
    coreC: coreOf(body),
    paler: Math.min(...colours),
    darker: Math.max(...colours),
  };
}

/**
 * How pieces made by hand come out when all leave the oil after the same time and go on in the oven. What each axis
 * adds is looked at alone, from the states at the end. Source: docs/models/outcome.md.
 *
 * @param oilS s in the oil
 * @param inOven what the oven makes of one piece
 * @param ask what must be true then, °C; `coreC` `null`: nothing is asked of the core
 */
export function chancesAfterOven(
  spec: SurfaceSpec,
  oilS: number,
  inOven: (fried: FryBody) => FryBody,
  ask: { readonly setC: number; readonly coreC: number | null },
): OutcomeChances {
  const left = atPlaces(spec, (z) => {
    const piece = pieceByHand(spec, z);
    const run = runFry({ ...piece, coreTargetC: 0, horizonS: Math.max(30, oilS), stepping: STEPPING });
    return leftOven(inOven(run.bodyAt(oilS)));
  });
  const of = (figure: keyof LeftOven): ((z: readonly number[]) => number) => {
    const from = left.planned[figure];
    const along = differencesOf(left, (one) => one[figure] - from);
    return (z) => from + addedFor(along, z);
  };
  const [peakC, coreC, paler, darker] = [of('peakC'), of('coreC'), of('paler'), of('darker')];
  return sharesOf((i) => {
    const z = HAND_SAMPLES[i]!;
    return {
      isUnsafe: ask.coreC !== null && coreC(z) < ask.coreC,
      isRaw: peakC(z) < ask.setC,
      isDark: darker(z) >= Math.log(CRUST_LIMITS.brown),
      isPale: paler(z) < Math.log(CRUST_LIMITS.pale),
    };
  });
}
