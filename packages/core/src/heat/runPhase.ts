import { advanceFry, FRY_STEPPING } from './advanceFry.js';
import { TAKE_OUT_COLOUR } from './colour.js';
import { copyFryBody, evenSurface, type FryBody, type FryBodySpec } from './fryBody.js';
import { interfacePeakC } from './fryTemperatures.js';
import { trayH } from './ovenHeat.js';
import { coreOf } from './restInAir.js';
import { doughSetC } from './solveFry.js';
import type { HeatPhase, PhaseEnd } from './programme.js';

/** How long an oven or a cold place is looked at, s. */
export const OVEN_HORIZON_S = 5400;
const COLD_HORIZON_S = 4 * 3600;
/** The solver takes so much at once, s. */
const CHUNK_S = 7200;
export const OVEN_STEPPING = { ...FRY_STEPPING, mostS: 5 };
const COLD_STEPPING = { ...FRY_STEPPING, firstS: 0.25, growth: 1.4, mostS: 60 };

/** Air of a fridge and of a freezer with a fan at a skin, W/m²K. Our own. */
const COLD_H = { fridge: 10, freezer: 15 } as const;
/** A middle that must be safe is planned to pass its safe temperature by this much, K. */
const SAFE_SPARE_C = 1;
/** A phase that ends when the planned piece is right goes on for nearly all pieces made by hand: at least so long, s, and this share of it. */
const SPARE_S = 60;
const SPARE_SHARE = 0.12;
/** Within so much of its place a piece is cold through, K. */
const COLD_NEAR_C = 2;

/** A body alike all round, with air and walls for oil. @param h W/m²K */
export function onRack(spec: FryBodySpec, h: number): FryBodySpec {
  return { ...spec, faces: 'one', exposedShare: 0.5, upperDry: 0, surface: evenSurface(h), topH: h };
}

/** A body on a tray: its lower face takes heat from that, its upper from air and walls. A tin is its own tray all round. */
export function onTray(spec: FryBodySpec, h: number, inTin: boolean): FryBodySpec {
  if (inTin) return onRack(spec, h);
  return { ...spec, faces: 'two', exposedShare: 0.5, upperDry: 1, surface: evenSurface(trayH(h)), topH: h };
}

/** What is around a piece after the oil. */
export interface Around {
  readonly fridgeC: number;
  readonly freezerC: number;
  /** Heat transfer at a skin in this kitchen's oven, W/m²K. */
  readonly ovenH: (ovenC: number) => number;
}

/** One phase as it was run. */
export interface PhaseRun {
  readonly phase: HeatPhase;
  /** s until its end is reached; `null`: not within an hour and a half, or four hours in the cold. */
  readonly lengthS: number | null;
  /** The piece at its end, or after all the time that was looked at. */
  readonly body: FryBody;
}

/** Whether a piece has what a phase ends by. @param safeC what its core must reach, °C; −∞: nothing is asked */
function isOver(end: PhaseEnd, safeC: number): (body: FryBody) => boolean {
  const isGolden = (body: FryBody) =>
    body.faces.every(({ colour }) => colour >= (body.spec.takeOutColour ?? TAKE_OUT_COLOUR));
  switch (end.by) {
    case 'minutes':
      return () => false;
    case 'colour':
      return isGolden;
    case 'core':
      return (body) => coreOf(body) >= Math.min(end.coreC, body.spec.boilingC - 4);
    case 'right':
      return (body) =>
        interfacePeakC(body) >= doughSetC(body.spec) &&
        coreOf(body) >= Math.min(safeC, body.spec.boilingC - 4) + SAFE_SPARE_C &&
        isGolden(body);
    case 'cold':
      return () => false;
    default: {
      const never: never = end;
      return never;
    }
  }
}

const warmestC = (body: FryBody): number => body.tempC.reduce((most, c) => Math.max(most, c), -Infinity);

/**
 * Takes a piece through a phase after the oil: crust, water, colour and core go on from where they
 * are. The given body is left as it is. Source: docs/models/programme.md.
 *
 * @param safeC what the core must reach to be safe, °C; −∞ where the filling asks for nothing
 * @throws CoreError OUT_OF_RANGE
 */
export function runPhase(
  from: FryBody,
  phase: Exclude<HeatPhase, { kind: 'oil' }>,
  around: Around,
  safeC: number,
): PhaseRun {
  const isOven = phase.kind === 'oven';
  const h = isOven ? around.ovenH(phase.ovenC) : COLD_H[phase.place];
  const airC = isOven ? phase.ovenC : phase.place === 'fridge' ? around.fridgeC : around.freezerC;
  const lies = isOven && phase.lies === 'tray' ? onTray(from.spec, h, false) : onRack(from.spec, h);
  const body = copyFryBody(from, lies);
  const stepping = isOven ? OVEN_STEPPING : COLD_STEPPING;
  body.stepS = stepping.firstS;
  const { end } = phase;
  const isThere = end.by === 'cold' ? (now: FryBody) => warmestC(now) <= airC + COLD_NEAR_C : isOver(end, safeC);
  const horizonS = isOven ? OVEN_HORIZON_S : COLD_HORIZON_S;
  const mostS = end.by === 'minutes' ? end.minutesS : horizonS;
  let isDone = isThere(body);
  const watch = (now: FryBody) => (isDone = isThere(now));
  const leftS = () => from.timeS + mostS - body.timeS;
  while (!isDone && leftS() > 1e-6) advanceFry(body, Math.min(CHUNK_S, leftS()), airC, watch, stepping);
  if (end.by === 'minutes') return { phase, lengthS: end.minutesS, body };
  if (!isDone) return { phase, lengthS: null, body };
  if (end.by === 'right') {
    const spareS = Math.max(SPARE_S, SPARE_SHARE * (body.timeS - from.timeS));
    advanceFry(body, spareS, airC, undefined, stepping);
  }
  return { phase, lengthS: body.timeS - from.timeS, body };
}
