import type { FrySample } from './solveFry.js';
import { clamp } from '../numeric/clamp.js';

/** How hard a piece pushes on its own seam at one moment. */
interface BurstMoment {
  readonly timeS: number;
  /** Of what the seam bears then; 1 is the worst moment of a well-made piece. */
  readonly index: number;
}

/** The whole fry of one piece. */
export interface BurstOverTime {
  readonly moments: readonly BurstMoment[];
  /** When the push is greatest for what the seam bears, s. */
  readonly worstS: number;
  /** Set and crusted: from here on the push is well under its worst. `null`: not before the end. */
  readonly holdsS: number | null;
}

const KELVIN = 273.15;
const ATMOSPHERE_KPA = 101.3;
/** Starch softens before it sets, °C; of its hold a seam loses this share in between. Our own. */
const SOFTENS = { fromC: 45, toC: 80, share: 0.35 } as const;
/** Crust that doubles what a set seam bears, m. Our own. */
const CRUST_M = 0.0006;
/** Of a well-made piece in its usual oil, the greatest push over hold. Our own. */
const USUAL_WORST = 0.56;
/** Once the push has fallen to this share of its worst, the seam is past it. */
const PAST = 0.8;

/** Pressure of steam over water, kPa (Magnus). */
function steamKPa(tempC: number): number {
  return 0.610_94 * Math.exp((17.625 * tempC) / (tempC + 243.04));
}

/** Moist trapped air that cannot grow: pressure over what it had when it was folded in, atmospheres. */
function pushOf(pocketC: number, startC: number): number {
  const at = Math.min(100, pocketC);
  const air = (at + KELVIN) / (startC + KELVIN) - 1;
  return Math.max(0, air + (steamKPa(at) - steamKPa(Math.max(0, startC))) / ATMOSPHERE_KPA);
}

function holdOf(sample: FrySample, setC: number): number {
  const soft = SOFTENS.share * clamp((sample.interfaceC - SOFTENS.fromC) / (SOFTENS.toC - SOFTENS.fromC), 0, 1);
  const set = sample.interfacePeakC >= setC ? 1 + SOFTENS.share : 1;
  return (1 - soft) * set * (1 + sample.crustM / CRUST_M);
}

/**
 * The burst index through the fry: trapped air and steam at the wall's inner side against a seam
 * that softens, sets and crusts. Our own, see docs/models/frying.md.
 *
 * @param index of the piece as folded, from `burstOf`: 1 is well made
 * @param startC of the air folded in, °C
 * @param setC at which the dough has set, °C
 */
export function burstOverTime(
  samples: readonly FrySample[],
  index: number,
  startC: number,
  setC: number,
): BurstOverTime {
  const moments = samples.map((sample) => ({
    timeS: sample.timeS,
    index: (index * pushOf(sample.interfaceC, startC)) / holdOf(sample, setC) / USUAL_WORST,
  }));
  const worst = moments.reduce((most, one) => (one.index > most.index ? one : most));
  const last = moments.map((one) => one.index >= PAST * worst.index).lastIndexOf(true);
  return { moments, worstS: worst.timeS, holdsS: moments[last + 1]?.timeS ?? null };
}
