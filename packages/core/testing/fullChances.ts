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
  const counts = momentsS.map(() => ({ right: 0, unsafe: 0, raw: 0, pale: 0, dark: 0 }));
  for (const z of HAND_SAMPLES.slice(0, pieces)) {
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
    for (const [i, timeS] of momentsS.entries()) {
      const at = sampleAt(samples, timeS);
      // A core that was hot once stays safe while it cools at its turn.
      let hottestC = samples.reduce((most, one) => (one.timeS <= timeS ? Math.max(most, one.coreC) : most), at.coreC);
      let peakC = at.interfacePeakC;
      if (peakC < setC || (coreC !== null && hottestC < coreC)) {
        const rest = restInAir(run.bodyAt(timeS), roomC);
        peakC = Math.max(peakC, rest.wallC);
        hottestC = Math.max(hottestC, rest.coreC);
      }
      const count = counts[i]!;
      if (coreC !== null && hottestC < coreC) count.unsafe += 1;
      else if (peakC < setC) count.raw += 1;
      else if (darkerFace(at) >= CRUST_LIMITS.brown) count.dark += 1;
      else if (palerFace(at) < CRUST_LIMITS.pale) count.pale += 1;
      else count.right += 1;
    }
  }
  return counts.map((count) => sharesOf(count, pieces));
}
