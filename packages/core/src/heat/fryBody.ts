// Over 300 lines: the body a solve is given and every part of it, read side by side.
import { setStartHeat } from './startHeat.js';
import { CoreError, requireIn, requireWithin } from '../errors.js';
import { HEAT_RADIUS_M } from '../shapes/kit/piece.js';
import {
  foamConductivity,
  type FryMaterial,
  ICE_CP,
  MELTING_C,
  MELTING_LATENT_J_PER_KG,
  WATER_CP,
} from './fryMaterial.js';

/** How a face takes heat from the oil; linear in evaporation flux between the two. */
export interface SurfaceLaw {
  /** W/m²K with no bubbles. */
  readonly stillH: number;
  /** W/m²K at full bubbling. */
  readonly bubblingH: number;
  /** Evaporation flux that counts as full bubbling, W/m². */
  readonly fullFluxWPerM2: number;
}

export const OIL_SURFACE: SurfaceLaw = { stillH: 250, bubblingH: 700, fullFluxWPerM2: 12_000 };

/** A skin that takes heat alike however much it steams: air, in a kitchen, a fridge or an oven. @param h W/m²K */
export const evenSurface = (h: number): SurfaceLaw => ({ stillH: h, bubblingH: h, fullFluxWPerM2: 1 });

/** The dry side of a floating piece: steamy air over the pot (docs/models/frying.md, h 15–30). */
export const AIR_ABOVE_OIL = { h: 22, tempC: 105 } as const;

/** How cold something goes in: °C, and, at its melting point, the share of its water that is ice, 0–1. */
export interface StartHeat {
  readonly tempC: number;
  readonly iceShare: number;
}

/** A piece as the solver needs it. Lengths in metres, temperatures in °C. */
export interface FryBodySpec {
  /** Distance from the coldest point to the nearest skin, 0.5 mm – 100 mm. */
  readonly radiusM: number;
  /** Shape exponent m: 1 slab, 2 cylinder, 3 sphere, between for real shapes. */
  readonly shapeExponent: number;
  /** Dough wall within the radius; the rest is filling. */
  readonly wallM: number;
  readonly dough: FryMaterial;
  readonly filling: FryMaterial;
  readonly startC: number;
  /** Of the filling, where it is colder than the dough around it; absent: as `startC`. */
  readonly fillingStart?: StartHeat;
  /** `one`: all skin alike, under oil. `two`: upper and lower face apart, for floating pieces. */
  readonly faces: 'one' | 'two';
  /**
   * Share of all skin that floats over the oil, 0–0.5, by shape; only with two faces. What is
   * left of the upper face is washed: it browns and steams as the lower one does.
   */
  readonly exposedShare: number;
  /**
   * Share of the upper face that warms from the air alone, 0–1. A floating piece is 1: in three
   * dimensions the washed rim of its upper face does nothing for the core.
   */
  readonly upperDry: number;
  /** °C; 100 at sea level, about 1 lower for each 300 m. */
  readonly boilingC: number;
  /** Cells in each wall and in the filling of one half. */
  readonly wallCells: number;
  readonly fillingCells: number;
  readonly surface: SurfaceLaw;
  /** On a tray in an oven: what its upper face takes from air and walls, W/m²K; absent: it is in oil, or alike all round. */
  readonly topH?: number;
  /** °C at which the innermost dough has set, by family, 40–100; 4 under boiling at most counts. */
  readonly setC: number;
  /** First turn of one that is turned each minute, s, 0–600; absent: after a minute. */
  readonly firstTurnS?: number;
  /** Colour B of the paler face at which this cook takes it out; absent: `TAKE_OUT_COLOUR`. */
  readonly takeOutColour?: number;
  /** Browning factor: family, sugar, wash, coating and what the ledger learnt. */
  readonly browning: number;
}

/** One skin: what it has seen so far. */
interface FryFace {
  /** Smoothed evaporation flux, W/m². */
  fluxWPerM2: number;
  /** °C at the skin after the last step. */
  surfaceC: number;
  /** Colour B: 0.7–1.4 is golden. */
  colour: number;
  /** Browning rate after the last step, 1/s at factor 1. */
  colourRate: number;
  /** Heat taken from oil or air, J per m² of face. */
  heatJPerM2: number;
  /** Index of the outermost cell. */
  readonly cell: number;
}

/** Where dough meets filling: the outer cell of the pair, and the hottest that place has been, °C. */
interface FryWall {
  readonly cell: number;
  peakC: number;
}

/** What of its `spec` the inner loop reads: every figure there, and always of one shape, which is what compiled code is quick with. */
interface BodyLaw extends SurfaceLaw {
  readonly boilingC: number;
  readonly browning: number;
  /** Part of an upper face that warms from the air, and part of it that oil washes: 0–1. */
  readonly upperDry: number;
  readonly washedShare: number;
  readonly inOven: boolean;
  /** What the dry part of an upper face takes, W/m²K. */
  readonly topH: number;
}

/** Rooms for one step: half-cell resistances, the law temperature = a + b·heat, links, and the linear solve. */
interface Scratch {
  readonly low: Float64Array;
  readonly high: Float64Array;
  readonly a: Float64Array;
  readonly b: Float64Array;
  readonly link: Float64Array;
  readonly inverse: Float64Array;
  readonly upper: Float64Array;
  readonly rhs: Float64Array;
  readonly next: Float64Array;
}

/** Mutable solver state; made by `createFryBody`, moved on by `advanceFry`. */
export interface FryBody {
  readonly spec: FryBodySpec;
  readonly law: BodyLaw;
  readonly count: number;
  timeS: number;
  /** The step the controller would like next, s. */
  stepS: number;
  /** Cumulative heat taken by each cell, J/m³, 0 for liquid at 0 °C. Steam's heat stays counted. */
  readonly heat: Float64Array;
  /** Furthest evaporation, kg/m³. Never falls: drying does not reverse. */
  readonly gone: Float64Array;
  readonly tempC: Float64Array;
  readonly branch: Uint8Array;
  /** Volume per m² of outer face, m. */
  readonly volume: Float64Array;
  /** Area between cell i−1 and i, per m² of outer face. */
  readonly area: Float64Array;
  readonly halfM: Float64Array;
  /** +1 when the nearest skin lies at higher index, −1 at lower. */
  readonly outward: Int8Array;
  readonly isDough: Uint8Array;
  /** Conductivity of [filling, dough], W/m K. */
  readonly materials: readonly Pick<FryMaterial, 'wetConductivity' | 'dryConductivity'>[];
  /** Conductivity of a proofed dough at each degree from 0 to 100, W/m K; `null`: it has no bubbles. */
  readonly steamedK: Float64Array | null;
  readonly constants: CellConstants;
  /** [the last cell's face, the first cell's face]; one entry when all skin is alike. */
  readonly faces: readonly FryFace[];
  readonly walls: readonly FryWall[];
  /** Which entry of `faces` is in the oil; the other is up in the air. */
  down: number;
  /** What the washed part of upper faces took and steamed beyond what those faces did, J and kg per m² of skin. */
  washedJPerM2: number;
  washedKgPerM2: number;
  /** Cells whose water, ice or branch moved: their law and resistances are due. */
  readonly stale: Uint8Array;
  readonly scratch: Scratch;
}

/** Per-cell constants of the heat–temperature law. */
interface CellConstants {
  readonly frozenC: Float64Array;
  readonly meltFrom: Float64Array;
  readonly meltTo: Float64Array;
  readonly dryC: Float64Array;
  readonly water: Float64Array;
  readonly ventable: Float64Array;
  readonly boilFrom: Float64Array;
}

/** Area of the 1-D body at |z|, relative to the skin; floored so that the middle of two faces stays joined. */
function areaIntegral(z: number, radius: number, m: number, floor: number): number {
  const u = Math.abs(z) / radius;
  const joined = Math.pow(floor, m - 1);
  const value = u <= floor ? joined * u : joined * floor + (Math.pow(u, m) - Math.pow(floor, m)) / m;
  return Math.sign(z) * value * radius;
}

/** What bubbles change from 20 °C on, over what its layers add. */
function steamedOf({ gasShare, wetConductivity }: FryMaterial): Float64Array | null {
  if (gasShare === undefined) return null;
  const layered = wetConductivity / foamConductivity(gasShare, 20);
  return Float64Array.from({ length: 101 }, (_, c) => layered * foamConductivity(gasShare, c));
}

function lawOf({ surface, boilingC, browning, upperDry, exposedShare, topH }: FryBodySpec): BodyLaw {
  const { stillH, bubblingH, fullFluxWPerM2 } = surface;
  return {
    stillH,
    bubblingH,
    fullFluxWPerM2,
    boilingC,
    browning,
    upperDry,
    washedShare: 1 - 2 * exposedShare,
    inOven: topH !== undefined,
    topH: topH ?? AIR_ABOVE_OIL.h,
  };
}

function scratchOf(count: number): Scratch {
  const floats = () => new Float64Array(count);
  return {
    low: floats(),
    high: floats(),
    a: floats(),
    b: floats(),
    link: floats(),
    inverse: floats(),
    upper: floats(),
    rhs: floats(),
    next: floats(),
  };
}

const conducts = ({ wetConductivity, dryConductivity }: FryMaterial) => ({ wetConductivity, dryConductivity });

/** One skin, of one shape wherever it comes from. */
export const faceOf = ({ fluxWPerM2, surfaceC, colour, colourRate, heatJPerM2, cell }: FryFace): FryFace => ({
  fluxWPerM2,
  surfaceC,
  colour,
  colourRate,
  heatJPerM2,
  cell,
});

/** One wall, likewise. */
export const wallOf = ({ cell, peakC }: FryWall): FryWall => ({ cell, peakC });

function checkSpec(spec: FryBodySpec): void {
  requireIn(spec.radiusM, HEAT_RADIUS_M, 'radiusM');
  requireWithin(spec.shapeExponent, 1, 3, 'shapeExponent');
  requireWithin(spec.wallM, 1e-5, spec.radiusM, 'wallM');
  requireWithin(spec.startC, -40, 95, 'startC');
  if (spec.fillingStart) {
    requireWithin(spec.fillingStart.tempC, -40, 95, 'fillingStart.tempC');
    requireWithin(spec.fillingStart.iceShare, 0, 1, 'fillingStart.iceShare');
  }
  requireWithin(spec.boilingC, 80, 102, 'boilingC');
  requireWithin(spec.browning, 0, 20, 'browning');
  requireWithin(spec.setC, 40, 100, 'setC');
  if (spec.topH !== undefined) requireWithin(spec.topH, 1, 1000, 'topH');
  if (spec.firstTurnS !== undefined) requireWithin(spec.firstTurnS, 0, 600, 'firstTurnS');
  requireWithin(spec.exposedShare, 0, 0.5, 'exposedShare');
  requireWithin(spec.upperDry, 0, 1, 'upperDry');
  requireWithin(spec.wallCells, 2, 400, 'wallCells');
  requireWithin(spec.fillingCells, 0, 400, 'fillingCells');
  const solid = spec.radiusM - spec.wallM < 1e-6;
  if (solid !== (spec.fillingCells === 0)) {
    throw new CoreError('OUT_OF_RANGE', 'fillingCells', 'Filling cells and filling go together.');
  }
}

/**
 * Sets up the finite volumes of one piece at its start temperature. Generalised
 * one-dimensional body: cell volumes (r₂^m − r₁^m)/m, face areas r^(m−1), a cell edge
 * on the dough–filling interface. Source: our own, see docs/models/frying.md. Long for it is
 * one list of arrays, filled together.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example createFryBody(body).faces.length // 2
 */
export function createFryBody(spec: FryBodySpec): FryBody {
  checkSpec(spec);
  const { radiusM, wallM, shapeExponent, wallCells, fillingCells } = spec;
  const inner = radiusM - wallM;
  const half: { from: number; to: number; dough: boolean }[] = [];
  for (let i = 0; i < fillingCells; i++) {
    half.push({ from: (inner * i) / fillingCells, to: (inner * (i + 1)) / fillingCells, dough: false });
  }
  for (let i = 0; i < wallCells; i++) {
    half.push({
      from: inner + (wallM * i) / wallCells,
      to: inner + (wallM * (i + 1)) / wallCells,
      dough: true,
    });
  }
  const two = spec.faces === 'two';
  const mirrored = two ? [...half].reverse().map((c) => ({ from: -c.to, to: -c.from, dough: c.dough })) : [];
  const cells = [...mirrored, ...half];
  const count = cells.length;
  const floats = () => new Float64Array(count);
  const floor = two ? 0.05 : 0;
  const dough: StartHeat = { tempC: spec.startC, iceShare: 0 };
  const filling = spec.fillingStart ?? dough;
  const body: FryBody = {
    spec,
    law: lawOf(spec),
    count,
    timeS: 0,
    stepS: 0.05,
    heat: floats(),
    gone: floats(),
    tempC: floats(),
    branch: new Uint8Array(count),
    volume: floats(),
    area: new Float64Array(count + 1),
    halfM: floats(),
    outward: new Int8Array(count),
    isDough: new Uint8Array(count),
    materials: [conducts(spec.filling), conducts(spec.dough)],
    steamedK: steamedOf(spec.dough),
    constants: {
      frozenC: floats(),
      meltFrom: floats(),
      meltTo: floats(),
      dryC: floats(),
      water: floats(),
      ventable: floats(),
      boilFrom: floats(),
    },
    faces: (two ? [count - 1, 0] : [count - 1]).map((cell) =>
      faceOf({ fluxWPerM2: 0, surfaceC: spec.startC, colour: 0, colourRate: 0, heatJPerM2: 0, cell }),
    ),
    walls: cells.flatMap((cell, i) =>
      i > 0 && cell.dough !== cells[i - 1]!.dough ? [{ cell: i, peakC: spec.startC }] : [],
    ),
    down: 0,
    washedJPerM2: 0,
    washedKgPerM2: 0,
    stale: new Uint8Array(count).fill(1),
    scratch: scratchOf(count),
  };
  cells.forEach((cell, i) => {
    body.volume[i] =
      areaIntegral(cell.to, radiusM, shapeExponent, floor) - areaIntegral(cell.from, radiusM, shapeExponent, floor);
    body.area[i] = Math.pow(Math.max(Math.abs(cell.from) / radiusM, floor), shapeExponent - 1);
    body.halfM[i] = (cell.to - cell.from) / 2;
    body.outward[i] = cell.from + cell.to >= 0 ? 1 : -1;
    body.isDough[i] = cell.dough ? 1 : 0;
    fillConstants(body, i, cell.dough ? spec.dough : spec.filling);
    setStartHeat(body, i, cell.dough ? dough : filling);
  });
  body.area[count] = 1;
  // A symmetry plane carries no heat; for m = 1 its area would be 1.
  if (!two) body.area[0] = 0;
  return body;
}

function fillConstants(body: FryBody, i: number, material: FryMaterial): void {
  const c = body.constants;
  const dry = material.dryKgPerM3 * material.dryCp;
  const water = material.waterKgPerM3;
  c.dryC[i] = dry;
  c.water[i] = water;
  c.frozenC[i] = dry + water * ICE_CP;
  c.meltTo[i] = (dry + water * WATER_CP) * MELTING_C;
  c.meltFrom[i] = c.meltTo[i]! - water * MELTING_LATENT_J_PER_KG;
  c.ventable[i] = material.ventableKgPerM3;
  c.boilFrom[i] = water > 0 ? (dry + water * WATER_CP) * body.spec.boilingC : Infinity;
}

/** A body as it is now, to be moved on by itself; under another law of its skin when one is given. */
export function copyFryBody(body: FryBody, spec: FryBodySpec = body.spec): FryBody {
  return {
    spec,
    law: lawOf(spec),
    count: body.count,
    timeS: body.timeS,
    stepS: body.stepS,
    heat: body.heat.slice(),
    gone: body.gone.slice(),
    tempC: body.tempC.slice(),
    branch: body.branch.slice(),
    volume: body.volume,
    area: body.area,
    halfM: body.halfM,
    outward: body.outward,
    isDough: body.isDough,
    materials: body.materials,
    steamedK: body.steamedK,
    constants: body.constants,
    faces: body.faces.map(faceOf),
    walls: body.walls.map(wallOf),
    down: body.down,
    washedJPerM2: body.washedJPerM2,
    washedKgPerM2: body.washedKgPerM2,
    stale: new Uint8Array(body.count).fill(1),
    scratch: scratchOf(body.count),
  };
}
