import type { OilReading } from './stoveAct.js';

/** An old record keeps three readings for each span of this length, s. */
export const THIN_STRETCH_S = 10;

/**
 * Readings of an old record with fewer of them: of each ten seconds its mean, its lowest
 * and its highest, each at its own moment; three or fewer stay as it is. Nothing that
 * was ever read as the hottest or coldest is lost, and thinning twice changes nothing.
 * @param readings in order
 * @example thinReadings([{ atS: 1, probeC: 150 }, { atS: 2, probeC: 154 }, { atS: 3, probeC: 149 }, { atS: 4, probeC: 151 }]).length // 3
 */
export function thinReadings(readings: readonly OilReading[]): OilReading[] {
  const kept: OilReading[] = [];
  for (let from = 0; from < readings.length;) {
    const stretch = Math.floor(readings[from]!.atS / THIN_STRETCH_S);
    let to = from;
    while (to < readings.length && Math.floor(readings[to]!.atS / THIN_STRETCH_S) === stretch) to += 1;
    const own = readings.slice(from, to);
    kept.push(...(own.length <= 3 ? own : threeOf(own)));
    from = to;
  }
  return kept;
}

function threeOf(own: readonly OilReading[]): OilReading[] {
  const low = own.reduce((least, one) => (one.probeC < least.probeC ? one : least));
  const high = own.reduce((most, one) => (one.probeC > most.probeC ? one : most));
  const mean = own.reduce((sum, { probeC }) => sum + probeC, 0) / own.length;
  // The mean stands at a moment at which something was read, and which neither extreme has.
  const middle = own[Math.floor(own.length / 2)]!;
  const at = [middle, ...own].find((one) => one !== low && one !== high)!;
  return [...new Set([low, high, { atS: at.atS, probeC: mean }])].sort((a, b) => a.atS - b.atS);
}
