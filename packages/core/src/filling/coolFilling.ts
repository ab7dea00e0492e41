import { LIMITS } from '../limits/limits.js';
import { RANGES } from '../draft/ranges.js';
import { type CoolingPlace } from '../draft/choices.js';
import { requireIn, requireWithin } from '../errors.js';

/** One way to cool a filling: a slab in a dish. */
export interface CoolingSpec {
  /** m, 0.003–0.08; deeper is refused, for it does not cool safely. */
  readonly depthM: number;
  /** °C at the start. */
  readonly startC: number;
  readonly place: CoolingPlace;
  readonly roomC: number;
  readonly fridgeC: number;
  /** Of a freezer with a fan; only needed there. */
  readonly freezerC?: number;
  readonly covered: boolean;
}

export interface CoolingResult {
  /** s until the warmest part is at the mark; `null` when it never gets there in 12 h. */
  readonly toFoldS: number | null;
  readonly to21S: number | null;
  readonly to5S: number | null;
  /** The first usual mark kept: from 60 to 21 °C within 2 h. */
  readonly passesFirstTarget: boolean;
  /** And on to 5 °C within 4 h more: for a filling made ahead. */
  readonly passesSecondMark: boolean;
  /** Warmest temperature each 2 min, °C, for the chart. */
  readonly curve: readonly { readonly timeS: number; readonly warmestC: number; readonly meanC: number }[];
}

/** Conductivity W/m K and volumetric heat J/m³K of a moist filling. */
const K = 0.5;
const RHO_CP = 3.6e6;
const CELLS = 32;
/** Steps while it cools fast, and after that: late, slow changes need no finer ones. */
const STEP_S = 20;
const LATE_STEP_S = 60;
const LATE_FROM_S = 3600;
const HORIZON_S = 12 * 3600;
/** Deeper than this a filling never cools safely, m. */
export const MOST_DEPTH_M = 0.08;
/** A filling that touches freezing air freezes at its skin: nothing below counts as cooled yet. */
const FREEZES_C = -1.5;

const FREEZER_C = -18;

function faceLaws(spec: CoolingSpec): { topH: number; topC: number; bottomH: number; bottomC: number } {
  switch (spec.place) {
    case 'room':
      return { topH: spec.covered ? 5 : 10, topC: spec.roomC, bottomH: 8, bottomC: spec.roomC };
    case 'fridge':
      // A covered dish hardly breathes on its shelf either.
      return { topH: spec.covered ? 5 : 9, topC: spec.fridgeC, bottomH: spec.covered ? 5 : 9, bottomC: spec.fridgeC };
    case 'ice-bath':
      return { topH: spec.covered ? 5 : 10, topC: spec.roomC, bottomH: 220, bottomC: 0 };
    case 'freezer': {
      const freezerC = spec.freezerC ?? FREEZER_C;
      return { topH: spec.covered ? 5 : 15, topC: freezerC, bottomH: spec.covered ? 5 : 15, bottomC: freezerC };
    }
    default: {
      const never: never = spec.place;
      return never;
    }
  }
}

/**
 * Cools a filling as a one-dimensional slab through both faces, never lumped: k 0.5,
 * rho·cp 3.6e6, backward Euler on 32 cells. Source: docs/models/filling.md, our own. Long for it
 * is one loop over time that watches several moments at once.
 *
 * @param foldC °C at which folding may begin, usually 20, or 8 for fat-rich doughs
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example coolFilling({ depthM: 0.02, startC: 80, place: 'fridge', roomC: 21, fridgeC: 4, covered: false }, 20).passesFirstTarget // true
 */
export function coolFilling(spec: CoolingSpec, foldC: number): CoolingResult {
  requireWithin(spec.depthM, 0.003, MOST_DEPTH_M, 'depthM');
  requireIn(spec.startC, RANGES.draft.hotC, 'startC');
  requireIn(spec.roomC, RANGES.kitchen.roomC, 'roomC');
  requireIn(spec.fridgeC, RANGES.kitchen.fridgeC, 'fridgeC');
  if (spec.freezerC !== undefined) requireWithin(spec.freezerC, -40, 0, 'freezerC');
  requireWithin(foldC, 0, 60, 'foldC');
  const law = faceLaws(spec);
  const dx = spec.depthM / CELLS;
  const inner = K / dx;
  const top = 1 / (1 / law.topH + dx / 2 / K);
  const bottom = 1 / (1 / law.bottomH + dx / 2 / K);
  const temp = new Float64Array(CELLS).fill(spec.startC);
  let stepS = STEP_S;
  let inertia = 0;
  const upper = new Float64Array(CELLS);
  const inverse = new Float64Array(CELLS);
  // The matrix stays the same for as long as the step does.
  const factor = () => {
    inertia = (RHO_CP * dx) / stepS;
    for (let i = 0; i < CELLS; i++) {
      const low = i === 0 ? bottom : inner;
      const high = i === CELLS - 1 ? top : inner;
      inverse[i] = 1 / (inertia + low + high - (i === 0 ? 0 : inner * upper[i - 1]!));
      upper[i] = i === CELLS - 1 ? 0 : inner * inverse[i]!;
    }
  };
  factor();
  const bottomW = bottom * law.bottomC;
  const topW = top * law.topC;
  const d = new Float64Array(CELLS);
  const curve = [{ timeS: 0, warmestC: spec.startC, meanC: spec.startC }];
  const marks = {
    fold: markAt(foldC),
    to21: markAt(LIMITS.cooling.firstC),
    to5: markAt(LIMITS.cooling.secondC + 1e-4),
  };
  let before = spec.startC;
  let under60S: number | null = spec.startC <= LIMITS.cooling.fromC ? 0 : null;
  for (let timeS = STEP_S; timeS <= HORIZON_S; timeS += stepS) {
    let carried = (inertia * temp[0]! + bottomW) * inverse[0]!;
    d[0] = carried;
    for (let i = 1; i < CELLS - 1; i++) {
      carried = (inertia * temp[i]! + inner * carried) * inverse[i]!;
      d[i] = carried;
    }
    d[CELLS - 1] = (inertia * temp[CELLS - 1]! + topW + inner * carried) * inverse[CELLS - 1]!;
    let warmest = -Infinity;
    let sum = 0;
    let above = 0;
    for (let i = CELLS - 1; i >= 0; i--) {
      above = d[i]! + upper[i]! * above;
      if (above < FREEZES_C) above = FREEZES_C;
      temp[i] = above;
      if (above > warmest) warmest = above;
      sum += above;
    }
    marks.fold.see(timeS, before, warmest);
    marks.to21.see(timeS, before, warmest);
    marks.to5.see(timeS, before, warmest);
    if (under60S === null && warmest <= LIMITS.cooling.fromC) under60S = timeS;
    before = warmest;
    if (timeS % 120 === 0) curve.push({ timeS, warmestC: warmest, meanC: sum / CELLS });
    if (marks.fold.atS !== null && marks.to21.atS !== null && (marks.to5.atS !== null || timeS > 6 * 3600)) break;
    if (timeS === LATE_FROM_S) {
      stepS = LATE_STEP_S;
      factor();
    }
  }
  const to21S = marks.to21.atS;
  const to5S = marks.to5.atS;
  return {
    toFoldS: marks.fold.atS,
    to21S,
    to5S,
    passesFirstTarget: to21S !== null && to21S - (under60S ?? 0) <= LIMITS.cooling.firstS,
    passesSecondMark: to21S !== null && to5S !== null && to5S - to21S <= LIMITS.cooling.secondS,
    curve,
  };

  /** Watches one temperature; interpolates the moment it is passed. */
  function markAt(targetC: number) {
    return {
      atS: spec.startC <= targetC ? 0 : (null as number | null),
      see(timeS: number, beforeC: number, nowC: number) {
        if (this.atS !== null || nowC > targetC) return;
        this.atS = timeS - stepS * ((targetC - nowC) / Math.max(1e-9, beforeC - nowC));
      },
    };
  }
}

/** Specific heat of a moist filling, J/kg K, and what melting ice takes up, J/kg. */
const FILLING_CP = 3430;
const ICE_J_PER_KG = 334_000;
/** An open bath also melts for the room. */
const BATH_LOSS = 1.15;
const MOST_KG = 1e5;

/**
 * Ice that a bath needs to bring a filling from hot to 5 °C, kg: heat balance and a seventh for
 * the room. Source: docs/models/filling.md, which expects about 1 kg for 1.5 kg from 60 °C.
 *
 * @param massKg of the filling, 0–100 000: as much as a formula may hold
 * @param startC 5–110
 * @example iceForBath(1.5, 60) // 0.97
 */
export function iceForBath(massKg: number, startC: number): number {
  requireWithin(massKg, 0, MOST_KG, 'massKg');
  requireIn(startC, RANGES.draft.hotC, 'startC');
  return (BATH_LOSS * massKg * FILLING_CP * Math.max(0, startC - 5)) / ICE_J_PER_KG;
}

/** Depth of a filling spread in a dish, m. */
export function dishDepthM(massKg: number, densityKgPerM3: number, lengthM: number, widthM: number): number {
  return massKg / densityKgPerM3 / (lengthM * widthM);
}
