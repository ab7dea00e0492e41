import type { Finding } from '../draft/finding.js';
import type { DoughFigures } from './doughFigures.js';
import { doughRise, mixedDoughC, pourTemp, RISE_WITHIN_S, type Rise, YEAST_LIQUID_C, yeastAlive } from './doughRise.js';
import { RANGES } from '../draft/ranges.js';
import { clamp } from '../numeric/clamp.js';

/** °C a kneaded yeast dough is wanted at. */
const YEAST_DOUGH_C = 26;
/** Yeast that has to wake is slow to under this, °C. Source: docs/models/practice.md. */
const BLOOM_SLOW_C = 30;
const TAP_C = 10;
/** Yeast to speak of, percent of flour as instant. */
const LEAST_YEAST = 0.05;

/** Where a yeast dough rises. */
export type RisePlace = 'room' | 'fridge';

/** Until it is proofed again: the gas it holds is pressed out, the yeast is at work already. Our own. */
const PROOF_SHARE = 0.4;
const PROOF_LEAST_S = 900;
/** Bloom liquid over the yeast's weight, and its range, °C. Source: the craft page. */
const BLOOM_TIMES = 5;
const BLOOM_C = { least: 35, most: 40 } as const;
const BLOOM_S = { least: 300, most: 600 } as const;
/** A rise in the fridge that takes this long may be left for a night. */
const OVERNIGHT_S = 7 * 3600;

/** From so much fat on, %, a dough sets firm in the cold: it stands a night however much yeast it has. Our own. */
const RICH_FAT = 12;

/** How warm liquid and dough are, °C; absent: the liquid as warm as the dough wants it. */
export interface DoughWarmth {
  readonly liquidC?: number | undefined;
  /** As it was kneaded: what was measured counts more than what was poured. */
  readonly mixedC?: number | undefined;
}

/** A yeast dough in this kitchen. */
export interface RisePlan {
  readonly place: RisePlace;
  /** °C at which the liquid is poured; `null`: none is, or nothing warm enough would do. */
  readonly liquidC: number | null;
  /** °C when it is kneaded. */
  readonly doughC: number;
  /** Share of the yeast that the liquid leaves alive, 0–1. */
  readonly alive: number;
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
export function risePlan(
  figures: DoughFigures,
  place: RisePlace,
  roomC: number,
  fridgeC: number,
  warmth: DoughWarmth = {},
): RisePlan | null {
  if (figures.yeastPercent < LEAST_YEAST) return null;
  const waterKg = figures.pourableKg * figures.pourWaterShare;
  const liquidC = warmth.liquidC ?? pouredAt(figures, roomC)?.waterC ?? null;
  const { least, most } = RANGES.draft.mixedC;
  const doughC =
    warmth.mixedC ??
    (warmth.liquidC === undefined
      ? YEAST_DOUGH_C
      : clamp(mixedDoughC(figures.madeOf.flour, waterKg, roomC, warmth.liquidC), least, most));
  const alive = warmth.liquidC === undefined ? 1 : yeastAlive(warmth.liquidC);
  const riseAt = (placeC: number) => riseOf(figures, placeC, doughC, alive);
  const [room, fridge] = [riseAt(roomC), riseAt(fridgeC)];
  const doubleS = (place === 'fridge' ? fridge : room).doubleS;
  // Shaped cold it must first come back to the room.
  const share = PROOF_SHARE * (place === 'fridge' ? 1.5 : 1);
  const proofS = room.doubleS === null ? null : Math.max(PROOF_LEAST_S, share * room.doubleS);
  const totalS = doubleS === null || proofS === null ? null : doubleS + proofS;
  return { place, liquidC, doughC, alive, room, fridge, doubleS, proofS, totalS };
}

/** Temperature to pour at for a dough as it is wanted. */
const pouredAt = ({ madeOf, pourableKg, pourWaterShare }: DoughFigures, roomC: number) =>
  pourTemp(madeOf.flour, pourableKg * pourWaterShare, roomC, YEAST_DOUGH_C, TAP_C);

/** Rise of a yeast dough at one place, with so much of its yeast alive. */
function riseOf(figures: DoughFigures, placeC: number, doughC: number, alive: number): Rise {
  return doughRise({
    yeastPercent: alive * figures.yeastPercent,
    sugarPercent: figures.yeastSugarPercent,
    saltPercent: figures.saltPercent,
    doughC,
    placeC,
    massKg: figures.massKg,
  });
}

/** What the liquid's warmth does to the yeast, and how warm the dough is. */
function warmthFindings(
  figures: DoughFigures,
  { alive, doughC }: RisePlan,
  { liquidC, mixedC }: DoughWarmth,
): Finding[] {
  const found: Finding[] = [];
  if (liquidC !== undefined) {
    const { weakens, kills } = YEAST_LIQUID_C;
    if (liquidC >= kills) found.push({ code: 'dough.liquid-kills', tone: 'stop', values: { liquidC, mostC: weakens } });
    else if (liquidC > weakens) {
      found.push({ code: 'dough.liquid-hot', tone: 'look-out', values: { liquidC, mostC: weakens, share: alive } });
    } else if (liquidC < BLOOM_SLOW_C && figures.bloomKg > 0) {
      found.push({
        code: 'dough.liquid-cold',
        tone: 'look-out',
        values: { liquidC, leastC: BLOOM_C.least, mostC: BLOOM_C.most },
      });
    }
  }
  if (liquidC !== undefined || mixedC !== undefined) {
    const measured = mixedC !== undefined;
    found.push({ code: 'dough.mixed', tone: 'know', values: { doughC, wantedC: YEAST_DOUGH_C, measured } });
  }
  return found;
}

/** How warm to pour, how long to double, whether the fridge does it overnight, and the proof. */
export function riseFindings(
  figures: DoughFigures,
  plan: RisePlan,
  roomC: number,
  fridgeC: number,
  warmth: DoughWarmth = {},
): Finding[] {
  const { place, room, fridge, doubleS: risenS, proofS } = plan;
  const found: Finding[] = warmthFindings(figures, plan, warmth);
  if (figures.bloomKg > 0) {
    const liquidKg = Math.min(BLOOM_TIMES * figures.bloomKg, figures.pourableKg);
    const values = {
      yeastKg: figures.bloomKg,
      liquidKg,
      leastC: BLOOM_C.least,
      mostC: BLOOM_C.most,
      leastS: BLOOM_S.least,
      mostS: BLOOM_S.most,
    };
    found.push({ code: 'dough.bloom', tone: 'know', values });
  }
  const poured = warmth.liquidC === undefined && warmth.mixedC === undefined ? pouredAt(figures, roomC) : null;
  if (poured && poured.waterC > YEAST_LIQUID_C.weakens) {
    found.push({
      code: 'dough.pour-hot',
      tone: 'look-out',
      values: { waterC: poured.waterC, mostC: YEAST_LIQUID_C.weakens },
    });
  } else if (poured && poured.iceKg > 0) {
    found.push({ code: 'dough.pour-ice', tone: 'know', values: { iceKg: poured.iceKg, doughC: YEAST_DOUGH_C } });
  } else if (poured) {
    found.push({ code: 'dough.pour-at', tone: 'know', values: { waterC: poured.waterC, doughC: YEAST_DOUGH_C } });
  }
  if (plan.alive === 0) return found;
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
