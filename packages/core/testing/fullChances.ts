import { CRUST_LIMITS } from '../src/heat/colour.js';
import { restInAir } from '../src/heat/restInAir.js';
import { darkerFace, palerFace, runFry, sampleAt } from '../src/heat/solveFry.js';
import { FRY_HORIZON_S } from '../src/draft/ranges.js';
import { MAP_STEPPING } from '../src/outcome/fryMap.js';
import { HAND_SAMPLES } from '../src/outcome/hands.js';
import { type OutcomeChances, sharesOf } from '../src/outcome/outcomeChances.js';
import { pieceByHand, type SurfaceSpec } from '../src/outcome/outcomeSurface.js';
import type { PieceAsk } from '../src/outcome/plannedPiece.js';

/** What a surface stands for: each of the pieces made by hand is fried by itself, and rested. One answer a moment. */
export function fullChances(
  heat: SurfaceSpec,
  { setC, coreC, roomC }: PieceAsk,
  momentsS: readonly number[],
  pieces = HAND_SAMPLES.length,
): OutcomeChances[] {
  const found = HAND_SAMPLES.slice(0, pieces).map((z) => {
    const piece = pieceByHand(heat, z);
    const { wallCells, fillingCells } = heat.body;
    const run = runFry({
      ...piece,
      body: { ...piece.body, wallCells, fillingCells },
      coreTargetC: heat.coreTargetC,
      horizonS: FRY_HORIZON_S,
      stepping: MAP_STEPPING,
    });
    const { samples } = run.solution;
    return momentsS.map((timeS) => {
      const at = sampleAt(samples, timeS);
      // A core that was hot once stays safe while it cools at its turn.
      let hottestC = samples.reduce((most, one) => (one.timeS <= timeS ? Math.max(most, one.coreC) : most), at.coreC);
      let peakC = at.interfacePeakC;
      if (peakC < setC || (coreC !== null && hottestC < coreC)) {
        const rest = restInAir(run.bodyAt(timeS), roomC);
        peakC = Math.max(peakC, rest.wallC);
        hottestC = Math.max(hottestC, rest.coreC);
      }
      return {
        isUnsafe: coreC !== null && hottestC < coreC,
        isRaw: peakC < setC,
        isDark: darkerFace(at) >= CRUST_LIMITS.brown,
        isPale: palerFace(at) < CRUST_LIMITS.pale,
      };
    });
  });
  return momentsS.map((_, k) => sharesOf((i) => found[i]![k]!, pieces));
}
