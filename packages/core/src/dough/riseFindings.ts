import type { Finding } from '../batch/finding.js';
import type { DoughFigures } from './doughFigures.js';
import { doughRise, pourTemp, type Rise } from './doughRise.js';

/** °C a kneaded yeast dough is wanted at; over 46 °C the liquid weakens yeast. */
const YEAST_DOUGH_C = 26;
const YEAST_LIQUID_MOST_C = 46;
const TAP_C = 10;

/** Rise of a yeast dough in this kitchen; `null` without yeast to speak of. */
export function riseOf(figures: DoughFigures, placeC: number): Rise | null {
  if (figures.yeastPercent < 0.05) return null;
  return doughRise({
    yeastPercent: figures.yeastPercent,
    sugarPercent: figures.sugarPercent,
    saltPercent: figures.saltPercent,
    doughC: YEAST_DOUGH_C,
    placeC,
    massKg: figures.massKg,
  });
}

/** How warm to pour, how long to double, and whether the fridge does it overnight. */
export function riseFindings(figures: DoughFigures, roomC: number, fridgeC: number): Finding[] {
  const rise = riseOf(figures, roomC);
  if (!rise) return [];
  const found: Finding[] = [];
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
  if (rise.doubleS === null || rise.latestS === null || rise.soonestS === null) {
    found.push({ code: 'dough.rise-never', tone: 'look-out', values: { roomC } });
  } else {
    const { soonestS, doubleS, latestS } = rise;
    found.push({ code: 'dough.rise', tone: 'know', values: { soonestS, doubleS, latestS, roomC } });
  }
  const cold = riseOf(figures, fridgeC)?.doubleS;
  if (cold) found.push({ code: 'dough.rise-fridge', tone: 'know', values: { doubleS: cold, fridgeC } });
  return found;
}
