import type { Finding } from '../draft/finding.js';
import type { DoughFigures } from './doughFigures.js';
import { doughRise, pourTemp, RISE_WITHIN_S, type Rise } from './doughRise.js';

/** °C a kneaded yeast dough is wanted at; over 46 °C the liquid weakens yeast. */
const YEAST_DOUGH_C = 26;
const YEAST_LIQUID_MOST_C = 46;
const TAP_C = 10;

/** Where a yeast dough rises. */
export type RisePlace = 'room' | 'fridge';

/** Until it is proofed again: the gas it holds is pressed out, the yeast is at work already. Our own. */
const PROOF_SHARE = 0.4;
const PROOF_LEAST_S = 900;
/** Bloom liquid over the yeast's weight, and its band, °C. Source: the craft page. */
const BLOOM_TIMES = 5;
const BLOOM_C = { least: 35, most: 40 } as const;
const BLOOM_S = { least: 300, most: 600 } as const;
/** A rise in the fridge that takes this long may be left for a night. */
const OVERNIGHT_S = 7 * 3600;

/** From so much fat on, %, a dough sets firm in the cold: it stands a night however much yeast it has. Our own. */
const RICH_FAT = 12;

/** A yeast dough in this kitchen. */
export interface RisePlan {
  readonly place: RisePlace;
  readonly room: Rise;
  readonly fridge: Rise;
  /** s to double where it rises; `null`: it never does. */
  readonly doubleS: number | null;
  /** s that the filled pieces proof in the room; `null`: they never do. */
  readonly proofS: number | null;
  /** s of both; `null`: never. */
  readonly totalS: number | null;
}

/** Rise where the cook chose, then proof in the room; `null` without yeast to speak of. */
export function risePlan(figures: DoughFigures, place: RisePlace, roomC: number, fridgeC: number): RisePlan | null {
  const [room, fridge] = [riseOf(figures, roomC), riseOf(figures, fridgeC)];
  if (!room || !fridge) return null;
  const doubleS = (place === 'fridge' ? fridge : room).doubleS;
  // Shaped cold it must first come back to the room.
  const share = PROOF_SHARE * (place === 'fridge' ? 1.5 : 1);
  const proofS = room.doubleS === null ? null : Math.max(PROOF_LEAST_S, share * room.doubleS);
  const totalS = doubleS === null || proofS === null ? null : doubleS + proofS;
  return { place, room, fridge, doubleS, proofS, totalS };
}

/** Rise of a yeast dough at one place; `null` without yeast to speak of. */
function riseOf(figures: DoughFigures, placeC: number): Rise | null {
  if (figures.yeastPercent < 0.05) return null;
  return doughRise({
    yeastPercent: figures.yeastPercent,
    sugarPercent: figures.yeastSugarPercent,
    saltPercent: figures.saltPercent,
    doughC: YEAST_DOUGH_C,
    placeC,
    massKg: figures.massKg,
  });
}

/** How warm to pour, how long to double, whether the fridge does it overnight, and the proof. */
export function riseFindings(
  figures: DoughFigures,
  { place, room, fridge, doubleS: risenS, proofS }: RisePlan,
  roomC: number,
  fridgeC: number,
): Finding[] {
  const found: Finding[] = [];
  if (figures.bloomKg > 0) {
    const liquidKg = Math.min(BLOOM_TIMES * figures.bloomKg, figures.pourableKg);
    const values = {
      ...{ yeastKg: figures.bloomKg, liquidKg, leastC: BLOOM_C.least, mostC: BLOOM_C.most },
      ...{ leastS: BLOOM_S.least, mostS: BLOOM_S.most },
    };
    found.push({ code: 'dough.bloom', tone: 'know', values });
  }
  const poured = pourTemp(
    figures.madeOf.flour,
    figures.pourableKg * figures.pourWaterShare,
    roomC,
    YEAST_DOUGH_C,
    TAP_C,
  );
  if (poured && poured.waterC > YEAST_LIQUID_MOST_C) {
    found.push({
      code: 'dough.pour-hot',
      tone: 'look-out',
      values: { waterC: poured.waterC, mostC: YEAST_LIQUID_MOST_C },
    });
  } else if (poured && poured.iceKg > 0) {
    found.push({ code: 'dough.pour-ice', tone: 'know', values: { iceKg: poured.iceKg, doughC: YEAST_DOUGH_C } });
  } else if (poured) {
    found.push({ code: 'dough.pour-at', tone: 'know', values: { waterC: poured.waterC, doughC: YEAST_DOUGH_C } });
  }
  if (room.doubleS === null || room.latestS === null || room.soonestS === null) {
    found.push({ code: 'dough.rise-never', tone: 'look-out', values: { roomC, withinS: RISE_WITHIN_S } });
  } else {
    const { soonestS, doubleS, latestS } = room;
    found.push({ code: 'dough.rise', tone: 'know', values: { soonestS, doubleS, latestS, roomC } });
  }
  if (risenS !== null && proofS !== null) {
    found.push({ code: 'dough.proof', tone: 'know', values: { doubleS: risenS, proofS, place } });
  }
  const coldS = fridge.doubleS;
  if (coldS !== null) {
    found.push({
      code: 'dough.rise-fridge',
      tone: 'know',
      values: { doubleS: coldS, fridgeC, keeps: coldS > OVERNIGHT_S || figures.fatPercent >= RICH_FAT },
    });
  }
  return found;
}
