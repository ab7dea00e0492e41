// One file over 300 lines: splitting the inner loop across modules costs speed and reads worse.
import { wallC } from './fryTemperatures.js';
import { CoreError, requireWithin } from '../errors.js';
import { AIR_ABOVE_OIL, type FryBody } from './fryBody.js';
import { BOILING_LATENT_J_PER_KG, MELTING_C, MELTING_LATENT_J_PER_KG, WATER_CP } from './fryMaterial.js';
import { clamp } from '../numeric/clamp.js';

/** Branches of temperature against heat. */
const FROZEN = 0;
const MELTING = 1;
const WARM = 2;
const BOILING = 3;
const DRY = 4;

/** Step controller (docs/models/frying.md): start, growth, ceiling, what a rejection costs. */
export interface FryStepping {
  readonly firstS: number;
  readonly growth: number;
  readonly mostS: number;
  readonly shrink: number;
  readonly iterations: number;
}
/** Two hours of frying take four thousand steps; a body that asks for more than this never comes to rest. */
const MOST_STEPS = 40_000;
export const FRY_STEPPING: FryStepping = { firstS: 0.05, growth: 1.15, mostS: 2, shrink: 0.4, iterations: 14 };

/** Activation energy over the gas constant, K, and the reference of the colour clock: 160 °C. */
const COLOUR_K = 55_000 / 8.314_46;
const COLOUR_REF_K = 433;

/** Browning rate of a skin at `surfaceC`, 1/s at factor 1; nothing while it is wet. */
function colourRate(surfaceC: number): number {
  if (surfaceC <= 100) return 0;
  return Math.exp(-COLOUR_K * (1 / (surfaceC + 273.15) - 1 / COLOUR_REF_K)) / 150;
}

/** Temperature = a + b·heat on the present branch of cell i. */
function setLaw(body: FryBody, i: number, a: Float64Array, b: Float64Array): void {
  const c = body.constants;
  const kind = body.branch[i]!;
  if (kind === BOILING || kind === MELTING) {
    a[i] = kind === BOILING ? body.law.boilingC : MELTING_C;
    b[i] = 0;
  } else if (kind === FROZEN) {
    b[i] = 1 / c.frozenC[i]!;
    a[i] = MELTING_C - c.meltFrom[i]! * b[i]!;
  } else {
    const left = kind === DRY ? c.ventable[i]! : body.gone[i]!;
    b[i] = 1 / (c.dryC[i]! + (c.water[i]! - left) * WATER_CP);
    a[i] = c.water[i] === 0 ? 0 : body.law.boilingC - (c.boilFrom[i]! + BOILING_LATENT_J_PER_KG * left) * b[i]!;
  }
}

/** A boiling front keeps this share of its cell from either edge, so that no resistance is zero. */
const FRONT_EDGE = 0.01;

/**
 * Half-cell resistances towards lower and higher index, from the state before the step,
 * and the heat–temperature law: only for cells whose water or ice moved since.
 */
function refreshCells(body: FryBody): void {
  const { gone, constants: c, heat, halfM, outward, isDough, materials, stale, area, steamedK } = body;
  const { low, high, a, b, link } = body.scratch;
  const touched = body.count;
  for (let i = 0; i < touched; i++) {
    if (!stale[i]) continue;
    const material = materials[isDough[i]!]!;
    const half = halfM[i]!;
    const left = gone[i]!;
    // A proofed dough by its temperature, to a degree.
    const wetK =
      isDough[i] && steamedK
        ? steamedK[Math.max(0, Math.min(100, Math.round(body.tempC[i]!)))]!
        : material.wetConductivity;
    let inner = half / wetK;
    let outer = inner;
    if (left >= c.ventable[i]! && left > 0) {
      inner = half / material.dryConductivity;
      outer = inner;
    } else if (left > 0) {
      // The front stands inside this cell: crust outside it, wet dough inside, boiling between.
      const dried = clamp(left / c.ventable[i]!, FRONT_EDGE, 1 - FRONT_EDGE);
      outer = (2 * half * dried) / material.dryConductivity;
      inner = (2 * half * (1 - dried)) / wetK;
    } else if (c.water[i]! > 0 && heat[i]! < c.meltTo[i]!) {
      const ice = clamp((c.meltTo[i]! - heat[i]!) / (c.water[i]! * MELTING_LATENT_J_PER_KG), 0, 1);
      inner /= 1 + 1.2 * ice;
      outer = inner;
    }
    low[i] = outward[i]! > 0 ? inner : outer;
    high[i] = outward[i]! > 0 ? outer : inner;
    setLaw(body, i, a, b);
  }
  // link[i] joins cell i−1 and i, W/K per m² of skin.
  for (let i = 1; i < touched; i++) {
    if (stale[i] || stale[i - 1]) link[i] = area[i]! / (high[i - 1]! + low[i]!);
  }
  stale.fill(0);
}

/** Heat transfer of the oil on face `f`, W/m²K, by how hard it bubbled. */
function oilH(body: FryBody, f: number): number {
  const { law } = body;
  const share = clamp(body.faces[f]!.fluxWPerM2 / law.fullFluxWPerM2, 0, 1);
  return law.stillH + (law.bubblingH - law.stillH) * share;
}

/** Part of face `f` that warms from the air: none of the one in the oil. */
function dryShare(body: FryBody, f: number): number {
  return f === body.down ? 0 : body.law.upperDry;
}

/**
 * Conductance of face `f` to its surroundings, W/K per m², and what they amount to in °C.
 * Wet and dry parts of one face act side by side; the two faces are never averaged.
 */
function faceLink(body: FryBody, f: number, half: number, oilC: number): { g: number; aroundC: number } {
  const dry = dryShare(body, f);
  const wetG = (1 - dry) / (1 / oilH(body, f) + half);
  const { topH, inOven } = body.law;
  const dryG = dry / (1 / topH + half);
  const overC = inOven ? oilC : AIR_ABOVE_OIL.tempC;
  return { g: wetG + dryG, aroundC: (wetG * oilC + dryG * overC) / (wetG + dryG) };
}

/**
 * How far past its edge a cell may lie and still count as on its branch: 1e-4 °C of sensible
 * heat. Without it the flat middle of a thawing piece turns between frozen and melting for ever.
 */
const BRANCH_SLACK_J_PER_M3 = 200;

/** Heat at the edge between branch `lower` and the one above it, J/m³. */
function branchEdge(body: FryBody, i: number, lower: number, boil: number): number {
  const { meltFrom, meltTo, ventable, boilFrom } = body.constants;
  if (lower === FROZEN) return meltFrom[i]!;
  if (lower === MELTING) return meltTo[i]!;
  return lower === WARM ? boil : boilFrom[i]! + BOILING_LATENT_J_PER_KG * ventable[i]!;
}

/**
 * One backward-Euler step with branch-clipped Newton; writes the new heat into its scratch.
 * Exact (a linear solve) as soon as no cell changes branch. Returns whether that happened.
 * The loops are written flat on purpose: this is nine tenths of the time of every plan.
 */
function solveStep(body: FryBody, dtS: number, oilC: number, iterations: number): boolean {
  const { count, heat, gone, volume, branch, stale } = body;
  const { meltFrom, meltTo, water, ventable, boilFrom } = body.constants;
  const { low, high, a, b, link, inverse, upper, rhs, next } = body.scratch;
  const last = count - 1;
  const perS = 1 / dtS;
  refreshCells(body);
  // The ends join the faces to oil and air.
  const lastFace = faceLink(body, 0, high[last]!, oilC);
  const firstFace = body.faces.length === 2 ? faceLink(body, 1, low[0]!, oilC) : null;
  const lastLink = lastFace.g;
  const lastC = lastFace.aroundC;
  const firstC = firstFace ? firstFace.aroundC : 0;
  link[0] = firstFace ? firstFace.g : 0;

  for (let round = 0; round < iterations; round++) {
    // Thomas: −gl·b(i−1)·Q(i−1) + (V/dt + (gl+gr)·b)·Q(i) − gr·b(i+1)·Q(i+1) = right
    let beforeA = firstC;
    let beforeB = 0;
    let beforeInverse = 1;
    let beforeUpper = 0;
    let beforeRight = 0;
    for (let i = 0; i < count; i++) {
      const gl = link[i]!;
      const gr = i === last ? lastLink : link[i + 1]!;
      const inertia = volume[i]! * perS;
      const afterA = i === last ? lastC : a[i + 1]!;
      const factor = gl * beforeB * beforeInverse;
      beforeInverse = 1 / (inertia + (gl + gr) * b[i]! - factor * beforeUpper);
      beforeRight = inertia * heat[i]! - (gl + gr) * a[i]! + gl * beforeA + gr * afterA + factor * beforeRight;
      beforeUpper = i === last ? 0 : gr * b[i + 1]!;
      inverse[i] = beforeInverse;
      upper[i] = beforeUpper;
      rhs[i] = beforeRight;
      beforeA = a[i]!;
      beforeB = b[i]!;
    }
    let settled = true;
    let above = 0;
    for (let i = last; i >= 0; i--) {
      above = (rhs[i]! + upper[i]! * above) * inverse[i]!;
      next[i] = above;
      // Which branch this heat lies on, given how far the cell had dried before.
      const left = gone[i]!;
      const boil = boilFrom[i]! + BOILING_LATENT_J_PER_KG * left;
      let wanted = WARM;
      if (above > boil) {
        wanted = above > boilFrom[i]! + BOILING_LATENT_J_PER_KG * ventable[i]! ? DRY : BOILING;
      } else if (above < meltTo[i]! && left === 0 && water[i]! > 0) {
        wanted = above >= meltFrom[i]! ? MELTING : FROZEN;
      }
      const kind = branch[i]!;
      if (wanted !== kind) {
        const up = wanted > kind;
        if (Math.abs(above - branchEdge(body, i, up ? kind : kind - 1, boil)) < BRANCH_SLACK_J_PER_M3) continue;
        settled = false;
        branch[i] = up ? kind + 1 : kind - 1;
        setLaw(body, i, a, b);
        stale[i] = 1;
      }
    }
    if (settled) return true;
  }
  return false;
}

/** Accepts a step: temperatures, evaporation, faces. */
function acceptStep(body: FryBody, dtS: number, oilC: number): void {
  const { heat, gone, tempC, constants: c, volume, outward, faces, branch, stale, isDough, steamedK } = body;
  const { low, high, a, b, next } = body.scratch;
  let steamLast = 0;
  let steamFirst = 0;
  for (let i = 0; i < body.count; i++) {
    heat[i] = next[i]!;
    tempC[i] = a[i]! + b[i]! * next[i]!;
    const kind = branch[i]!;
    if (kind === WARM) {
      // Its bubbles carry more as it warms.
      if (steamedK && isDough[i]) stale[i] = 1;
      continue;
    }
    if (kind < WARM) {
      stale[i] = 1;
    } else if (gone[i]! < c.ventable[i]!) {
      stale[i] = 1;
      const boiled = (next[i]! - c.boilFrom[i]!) / BOILING_LATENT_J_PER_KG;
      // Drying never reverses, not by rounding either.
      const now = clamp(boiled, gone[i]!, c.ventable[i]!);
      const steam = (now - gone[i]!) * volume[i]!;
      gone[i] = now;
      if (outward[i]! > 0) steamLast += steam;
      else steamFirst += steam;
    }
  }
  const tookJ = [0, 0];
  for (let f = 0; f < faces.length; f++) {
    const face = faces[f]!;
    const half = f === 0 ? high[face.cell]! : low[face.cell]!;
    const cellC = tempC[face.cell]!;
    const { g, aroundC } = faceLink(body, f, half, oilC);
    tookJ[f] = g * (aroundC - cellC) * dtS;
    face.heatJPerM2 += tookJ[f]!;
    face.surfaceC =
      f === body.down
        ? cellC + ((oilC - cellC) * half) / (1 / oilH(body, f) + half)
        : cellC + g * (aroundC - cellC) * half;
    const steamFlux = ((f === 0 ? steamLast : steamFirst) * BOILING_LATENT_J_PER_KG) / dtS;
    // Smoothed over 1 s of physical time: the law is steep and would otherwise jump.
    face.fluxWPerM2 += (steamFlux - face.fluxWPerM2) * (1 - Math.exp(-dtS));
  }
  brown(body, dtS);
  if (faces.length === 2) {
    const sign = body.down === 0 ? 1 : -1;
    body.washedKgPerM2 += (body.law.washedShare * Math.max(0, sign * (steamLast - steamFirst))) / 2;
    body.washedJPerM2 += (body.law.washedShare * Math.max(0, sign * (tookJ[0]! - tookJ[1]!))) / 2;
  }
  for (const wall of body.walls) wall.peakC = Math.max(wall.peakC, wallC(body, wall.cell));
  body.timeS += dtS;
}

/**
 * The lower face browns by its skin's temperature, of the upper one what is washed; its dry part
 * stays too cool over a pot, and browns by itself in an oven.
 */
function brown(body: FryBody, dtS: number): void {
  const lower = colourRate(body.faces[body.down]!.surfaceC);
  for (let f = 0; f < body.faces.length; f++) {
    const face = body.faces[f]!;
    const upper = body.law.inOven ? colourRate(face.surfaceC) : body.law.washedShare * lower;
    const rate = f === body.down ? lower : upper;
    face.colour += body.law.browning * dtS * 0.5 * (face.colourRate + rate);
    face.colourRate = rate;
  }
}

/** How a run of steps went. */
export interface FryProgress {
  readonly steps: number;
  readonly rejected: number;
  /** Steps taken at the smallest size without the branches coming to rest; 0 in a sound run. */
  readonly unsettled: number;
}

/**
 * Moves a body on by exactly `durationS` in oil of `oilC`, in as many inner steps as the
 * controller wants. `onStep` sees the body after each accepted inner step and may stop the
 * run early by returning true.
 *
 * @param durationS s, 0–7200
 * @param oilC °C, 20–260; down to −40 where air stands in for oil
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE; TOO_ODD when it takes more than `MOST_STEPS` steps
 * @example advanceFry(createFryBody(body), 10, 158).unsettled // 0
 */
export function advanceFry(
  body: FryBody,
  durationS: number,
  oilC: number,
  onStep?: (body: FryBody) => boolean,
  stepping: FryStepping = FRY_STEPPING,
): FryProgress {
  requireWithin(durationS, 0, 7200, 'durationS');
  requireWithin(oilC, -40, 260, 'oilC');
  const endS = body.timeS + durationS;
  const saved = new Uint8Array(body.count);
  let steps = 0;
  let rejected = 0;
  let unsettled = 0;
  while (endS - body.timeS > 1e-9) {
    if (steps + rejected > MOST_STEPS)
      throw new CoreError('TOO_ODD', 'fold.thicknessM', 'This piece is too unusual to plan. Check its thickness.');
    const left = endS - body.timeS;
    // A last sliver would cost a whole step: share what is left when two steps would do.
    const dtS = left <= body.stepS ? left : left < 2 * body.stepS ? left / 2 : body.stepS;
    saved.set(body.branch);
    if (!solveStep(body, dtS, oilC, stepping.iterations)) {
      if (dtS > 1e-4) {
        body.branch.set(saved);
        body.stale.fill(1);
        body.stepS = dtS * stepping.shrink;
        rejected++;
        continue;
      }
      unsettled++;
    }
    acceptStep(body, dtS, oilC);
    steps++;
    body.stepS = Math.min(stepping.mostS, Math.max(body.stepS, dtS) * stepping.growth);
    if (onStep?.(body)) break;
  }
  return { steps, rejected, unsettled };
}

/** Turns the piece over: the other face goes down. The controller starts smaller again. */
export function turnFry(body: FryBody): void {
  if (body.faces.length !== 2) return;
  body.down = 1 - body.down;
  // Less abrupt than the drop: the skin is hot already. The old rates end here.
  body.stepS = 5 * FRY_STEPPING.firstS;
  for (const face of body.faces) face.colourRate = 0;
}
