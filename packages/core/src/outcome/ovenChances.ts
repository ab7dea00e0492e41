import { CRUST_LIMITS } from '../heat/colour.js';
import type { FryBody } from '../heat/fryBody.js';
import { interfacePeakC } from '../heat/fryTemperatures.js';
import { coreOf } from '../heat/restInAir.js';
import { runFry } from '../heat/solveFry.js';
import { HAND_AXES, HAND_SAMPLES } from './hands.js';
import { type OutcomeChances, sharesOf } from './outcomeChances.js';
import { addedAt, pieceByHand, placesOf, STEPPING, type SurfaceSpec } from './outcomeSurface.js';

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
  const at = (z: readonly number[]): LeftOven => {
    const run = runFry({
      ...pieceByHand(spec, z),
      coreTargetC: 0,
      horizonS: Math.max(30, oilS),
      stepping: STEPPING,
    });
    return leftOven(inOven(run.bodyAt(oilS)));
  };
  const planned = at(HAND_AXES.map(() => 0));
  const places = HAND_AXES.map((axis, i) =>
    placesOf(axis, spec).map((z) => ({ z, left: at(HAND_AXES.map((_, k) => (k === i ? z : 0))) })),
  );
  const along = (pick: (left: LeftOven) => number) =>
    places.map((axis) =>
      [...axis.map(({ z, left }) => [z, pick(left) - pick(planned)] as const), [0, 0] as const].sort(
        ([one], [other]) => one - other,
      ),
    );
  const figures = [
    (l: LeftOven) => l.peakC,
    (l: LeftOven) => l.coreC,
    (l: LeftOven) => l.paler,
    (l: LeftOven) => l.darker,
  ];
  const surfaces = figures.map((pick) => ({ planned: pick(planned), along: along(pick) }));
  const count = { right: 0, unsafe: 0, raw: 0, pale: 0, dark: 0 };
  for (const z of HAND_SAMPLES) {
    const [peakC, coreC, paler, darker] = surfaces.map(({ planned: from, along: axes }) =>
      axes.reduce((sum, axis, i) => sum + addedAt(axis, HAND_AXES[i] === 'turn' ? Math.max(0, z[i]!) : z[i]!), from),
    ) as [number, number, number, number];
    if (ask.coreC !== null && coreC < ask.coreC) count.unsafe += 1;
    else if (peakC < ask.setC) count.raw += 1;
    else if (darker >= Math.log(CRUST_LIMITS.brown)) count.dark += 1;
    else if (paler < Math.log(CRUST_LIMITS.pale)) count.pale += 1;
    else count.right += 1;
  }
  return sharesOf(count, HAND_SAMPLES.length);
}
