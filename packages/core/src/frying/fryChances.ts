import { RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { CRUST_LIMITS } from './colour.js';
import { coarse, type FryMapSpec, MAP_STEPPING, rampAt, requireMap } from './fryMap.js';
import { restInAir } from './restInAir.js';
import { darkerFace, doughSetC, type FrySample, palerFace, runFry, sampleAt } from './solveFry.js';

/** Of so many pieces made by hand, how they come out. Shares, together 1. */
export interface FryChances {
  readonly right: number;
  readonly raw: number;
  readonly pale: number;
  readonly dark: number;
}

/** How hands and oil differ, standard deviations: portion 4 %, rolled thickness 5 %, oil 2.5 °C. Our own. */
const SPREAD = { portion: 0.04, wall: 0.05, oilC: 2.5 } as const;

/**
 * Fries seeded variations of a piece to one moment: portion, thickness and oil differ as they do
 * by hand. Our own, see docs/models/frying.md.
 *
 * @param pieces 1–2000
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example fryChances(mapSpec, 158, 60, 1, 4).raw // 1
 */
export function fryChances(spec: FryMapSpec, oilC: number, timeS: number, seed: number, pieces = 256): FryChances {
  const run = fryChancesInTurn(spec, oilC, timeS, seed, pieces);
  let step = run.next();
  while (!step.done) step = run.next();
  return step.value;
}

/**
 * The same piece by piece, for a worker that may be called away in between.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example fryChancesInTurn(mapSpec, 158, 60, 1, 4).next().value // 1
 */
export function* fryChancesInTurn(
  spec: FryMapSpec,
  oilC: number,
  timeS: number,
  seed: number,
  pieces = 256,
): Generator<number, FryChances> {
  requireMap(spec);
  requireIn(oilC, RANGES.draft.oilC, 'oilC');
  requireWithin(timeS, 10, RANGES.draft.minutesS.most, 'timeS');
  requireIn(pieces, RANGES.draft.pieces, 'pieces');
  const normal = (() => {
    const uniform = seededUniform(seed);
    return () => Math.max(-2.5, Math.min(2.5, seededNormal(uniform)));
  })();
  const body = coarse(spec.body);
  const setC = spec.byColour ? -Infinity : doughSetC(body);
  const coreC = spec.byColour || spec.coreIsLine === false ? -Infinity : Math.min(spec.coreTargetC, body.boilingC - 4);
  const count = { right: 0, raw: 0, pale: 0, dark: 0 };
  for (let i = 0; i < pieces; i++) {
    // A heavier piece is larger by the cube root; its wall follows its own roll.
    const radiusM = Math.min(0.1, body.radiusM * Math.cbrt(1 + (spec.portionSpread ?? SPREAD.portion) * normal()));
    const rolledM = body.wallM * (1 + SPREAD.wall * normal());
    const wallM = body.fillingCells === 0 ? radiusM : Math.min(rolledM, 0.95 * radiusM);
    const at = Math.max(100, Math.min(230, oilC + SPREAD.oilC * normal()));
    const run = runFry({
      body: { ...body, radiusM, wallM },
      oilC: at,
      turn: spec.turn,
      coreTargetC: spec.coreTargetC,
      ...rampAt(spec, at),
      horizonS: Math.max(30, timeS),
      stepping: MAP_STEPPING,
    });
    const { samples } = run.solution;
    const found = outcome(sampleAt(samples, timeS), setC, coreC, samples);
    // What is short of done when it is taken out may get there while it rests.
    const rest = found === 'raw' ? restInAir(run.bodyAt(timeS), spec.roomC) : null;
    const isDone = rest !== null && rest.wallC >= setC && rest.coreC >= coreC;
    count[isDone ? outcome(sampleAt(samples, timeS), -Infinity, -Infinity, samples) : found] += 1;
    yield i + 1;
  }
  return { right: count.right / pieces, raw: count.raw / pieces, pale: count.pale / pieces, dark: count.dark / pieces };
}

function outcome(sample: FrySample, setC: number, coreC: number, samples: readonly FrySample[]): keyof FryChances {
  // A core that was hot once stays safe while it cools at its turn.
  const hottest = samples.reduce(
    (most, one) => (one.timeS <= sample.timeS ? Math.max(most, one.coreC) : most),
    sample.coreC,
  );
  if (sample.interfacePeakC < setC || hottest < coreC) return 'raw';
  if (darkerFace(sample) >= CRUST_LIMITS.brown) return 'dark';
  return palerFace(sample) >= CRUST_LIMITS.pale ? 'right' : 'pale';
}
