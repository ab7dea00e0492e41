import { RANGES } from '../draft/ranges.js';
import { requireIn } from '../errors.js';

/** A mass divided into whole portions, both ways. kg. */
export interface Portioning {
  /** Whole portions of the wanted mass. */
  readonly count: number;
  readonly leftKg: number;
  /** The same count with nothing left over; `null` when not one comes out. */
  readonly eachForCountKg: number | null;
  /** One more than that, a little smaller. */
  readonly eachForOneMoreKg: number;
}

/** A hair of slack, or 24 portions' worth of dough would make 23. */
const HAIR = 1e-6;

/**
 * Whole portions from a mass: how many of the wanted size and what is left, or how large each
 * must be for that many, or one more, to come out even.
 *
 * @param totalKg 0–100
 * @param eachKg wanted, 0.0001–5
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example portioning(1.65, 0.068).count // 24
 */
export function portioning(totalKg: number, eachKg: number): Portioning {
  requireIn(totalKg, RANGES.weighing.grossKg, 'totalKg');
  requireIn(eachKg, RANGES.weighing.eachKg, 'eachKg');
  const count = Math.floor(totalKg / eachKg + HAIR);
  return {
    count,
    leftKg: Math.max(0, totalKg - count * eachKg),
    eachForCountKg: count > 0 ? totalKg / count : null,
    eachForOneMoreKg: totalKg / (count + 1),
  };
}
