import { requireWithin } from '../errors.js';
import { advanceFry, FRY_STEPPING, type FryStepping, turnFry } from './advanceFry.js';
import { coldestC, crustM, interfaceC, interfacePeakC } from './fryTemperatures.js';
import { CRUST_LIMITS, TAKE_OUT_COLOUR } from './colour.js';
import { createFryBody, type FryBody, type FryBodySpec } from './fryBody.js';
import { KeptStates } from './keptStates.js';
import { heatDrawnJPerM2, heatTakenJPerM2, waterGoneKgPerM2 } from './bodyHeat.js';
import { eachMinuteS, lyingOf, turnIsDue } from './lying.js';
import { oilWanted } from '../oil/ramp.js';
import type { OilRamp, TurnMethod } from '../draft/choices.js';

export interface FrySolveSpec {
  readonly body: FryBodySpec;
  /** °C, 100–230; of rising oil, at the drop. */
  readonly oilC: number;
  /** Absent: the oil is held. */
  readonly ramp?: OilRamp;
  readonly turn: TurnMethod;
  /** Safe temperature of the coldest filling, °C. */
  readonly coreTargetC: number;
  /** Whether the piece is done only when its core is there; absent: it is. A filling that is cooked asks for nothing. */
  readonly coreIsLine?: boolean;
  /** Look no further than this, s, 30–7200. */
  readonly horizonS: number;
  readonly stepping?: FryStepping;
  /** How long each turn that is due waits, s; absent: it is made at once. */
  readonly turnLateS?: number;
  /** Enough is known so long after it is done and golden, and not before `leastS`; absent: when it is dark too. */
  readonly enough?: { readonly afterS: number; readonly leastS: number };
}

/** State of a piece at one moment. Colours: [face first down, other face]; alike when held under. */
export interface FrySample {
  readonly timeS: number;
  readonly interfaceC: number;
  /** Hottest the innermost dough has been, on the wall that had least. */
  readonly interfacePeakC: number;
  readonly coreC: number;
  readonly colours: readonly [number, number];
  readonly surfaceC: number;
  /** Steam so far, kg per m² of skin. */
  readonly waterKgPerM2: number;
  /** Heat so far, J per m² of skin of the 1-D body: all of it, and the part that made steam. */
  readonly heatJPerM2: number;
  readonly latentJPerM2: number;
  readonly crustM: number;
}

/** What the oil does to one piece. Moments in s, `null` when not reached within the horizon. */
export interface FrySolution {
  /** Innermost dough has set. */
  readonly doughSetS: number | null;
  /** Coldest filling has reached its target. */
  readonly coreS: number | null;
  /** Dough set, and the core there where that is a line. */
  readonly doneS: number | null;
  /** Paler face turns golden (B 0.7). */
  readonly goldenS: number | null;
  /** Paler face reaches the usual taking out colour. */
  readonly takeOutColourS: number | null;
  /** Darker face goes from brown to dark (B 2). */
  readonly darkS: number | null;
  readonly turnsS: readonly number[];
  readonly samples: readonly FrySample[];
  /** Every step came to rest on its branches. */
  readonly converged: boolean;
  /** (heat in − heat stored) / heat in. */
  readonly energyResidual: number;
  readonly steps: number;
}

/** °C at which the innermost dough counts as set: its family's, or 4 under a lower boiling point. */
export function doughSetC({ setC, boilingC }: Pick<FryBodySpec, 'setC' | 'boilingC'>): number {
  return Math.min(setC, boilingC - 4);
}

const laterOf = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? null : Math.max(a, b);

function sampleOf(body: FryBody): FrySample {
  const heat = heatDrawnJPerM2(body);
  const first = body.faces[0]!;
  const other = body.faces[1] ?? first;
  return {
    timeS: body.timeS,
    interfaceC: interfaceC(body),
    interfacePeakC: interfacePeakC(body),
    coreC: Math.min(coldestC(body, 0), body.spec.fillingCells === 0 ? coldestC(body, 1) : Infinity),
    colours: [first.colour, other.colour],
    surfaceC: body.faces[body.down]!.surfaceC,
    waterKgPerM2: waterGoneKgPerM2(body),
    heatJPerM2: heat.total,
    latentJPerM2: heat.latent,
    crustM: crustM(body),
  };
}

/** First moment a rising figure of the samples passes `target`, interpolated, s. */
export function momentWhen(
  samples: readonly FrySample[],
  figure: (sample: FrySample) => number,
  target: number,
): number | null {
  for (let i = 0; i < samples.length; i++) {
    const now = figure(samples[i]!);
    if (now < target) continue;
    if (i === 0) return samples[0]!.timeS;
    const before = figure(samples[i - 1]!);
    const share = (target - before) / (now - before);
    return samples[i - 1]!.timeS + share * (samples[i]!.timeS - samples[i - 1]!.timeS);
  }
  return null;
}

export const palerFace = (sample: FrySample): number => Math.min(sample.colours[0], sample.colours[1]);
export const darkerFace = (sample: FrySample): number => Math.max(sample.colours[0], sample.colours[1]);

/** The sample at a moment, linear between solver steps; the last one after the end. */
export function sampleAt(samples: readonly FrySample[], timeS: number): FrySample {
  let low = 0;
  let i = samples.length - 1;
  if (samples[i]!.timeS <= timeS) return samples[i]!;
  if (samples[0]!.timeS >= timeS) return samples[0]!;
  while (i - low > 1) {
    const middle = (low + i) >> 1;
    if (samples[middle]!.timeS < timeS) low = middle;
    else i = middle;
  }
  const a = samples[i - 1]!;
  const b = samples[i]!;
  const u = (timeS - a.timeS) / (b.timeS - a.timeS);
  const mix = (x: number, y: number) => x + u * (y - x);
  return {
    timeS,
    interfaceC: mix(a.interfaceC, b.interfaceC),
    interfacePeakC: mix(a.interfacePeakC, b.interfacePeakC),
    coreC: mix(a.coreC, b.coreC),
    colours: [mix(a.colours[0], b.colours[0]), mix(a.colours[1], b.colours[1])],
    surfaceC: mix(a.surfaceC, b.surfaceC),
    waterKgPerM2: mix(a.waterKgPerM2, b.waterKgPerM2),
    heatJPerM2: mix(a.heatJPerM2, b.heatJPerM2),
    latentJPerM2: mix(a.latentJPerM2, b.latentJPerM2),
    crustM: mix(a.crustM, b.crustM),
  };
}

/** A fry that can be gone back into. */
export interface FryRun {
  readonly solution: FrySolution;
  /** The piece as it was at a moment, s; after the end, as if it had been left in. */
  bodyAt(timeS: number): FryBody;
}

/** Rising oil is taken as even for so long, s. */
const STAIR_S = 10;
/** A state is kept each so many s, and after each turn. */
const KEPT_EACH_S = 6;

/**
 * Fries one piece in oil of constant temperature until everything worth knowing has happened.
 * Source: docs/models/frying.md.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function solveFry(spec: FrySolveSpec): FrySolution {
  return fryThrough(startOf(spec), spec, null);
}

/**
 * The same, with its states kept on the way.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function runFry(spec: FrySolveSpec): FryRun {
  const fried = startOf(spec);
  const kept = new KeptStates(fried);
  const solution = fryThrough(fried, spec, kept);
  const bodyAt = (timeS: number): FryBody => {
    const body = kept.lastBy(timeS);
    if (timeS > body.timeS) {
      const oilC = oilWanted(spec.oilC, spec.ramp, (body.timeS + timeS) / 2);
      advanceFry(body, timeS - body.timeS, oilC, undefined, spec.stepping ?? FRY_STEPPING);
    }
    return body;
  };
  return { solution, bodyAt };
}

/** The piece as it goes in. */
function startOf({ oilC, horizonS, coreTargetC, turn, body }: FrySolveSpec): FryBody {
  requireWithin(oilC, 100, 230, 'fry.oilC');
  requireWithin(horizonS, 30, 7200, 'horizonS');
  requireWithin(coreTargetC, 0, 99, 'coreTargetC');
  // On a tray it lies as it was put.
  const { faces } = body.topH === undefined ? lyingOf(turn, body.exposedShare) : body;
  return createFryBody({ ...body, faces });
}

function fryThrough(body: FryBody, spec: FrySolveSpec, kept: KeptStates | null): FrySolution {
  const boilingC = spec.body.boilingC;
  const setC = doughSetC(spec.body);
  const coreTargetC = Math.min(spec.coreTargetC, boilingC - 4);
  const samples: FrySample[] = [sampleOf(body)];
  const startHeat = heatTakenJPerM2(body).total;
  const turnsS: number[] = [];
  let steps = 0;
  let unsettled = 0;
  let over = false;
  const lateS = spec.turnLateS ?? 0;
  let due = false;
  /** When the turn that is due is made, s; `null`: none is due. */
  let turnAtS: number | null = null;
  let readyS: number | null = null;
  const onStep = (): boolean => {
    const sample = sampleOf(body);
    samples.push(sample);
    if (kept && body.timeS >= kept.lastS + KEPT_EACH_S) kept.keep();
    over = sample.interfacePeakC >= setC && sample.coreC >= coreTargetC && darkerFace(sample) >= CRUST_LIMITS.brown;
    if (spec.enough) {
      const isReady =
        sample.interfacePeakC >= setC &&
        (spec.coreIsLine === false || sample.coreC >= coreTargetC) &&
        palerFace(sample) >= CRUST_LIMITS.pale;
      if (isReady) readyS ??= body.timeS;
      over ||= readyS !== null && body.timeS >= Math.max(spec.enough.leastS, readyS + spec.enough.afterS);
    }
    if (turnAtS === null && turnIsDue(spec.turn, body, turnsS.length, spec.horizonS)) turnAtS = body.timeS + lateS;
    due = turnAtS !== null && body.timeS >= turnAtS - 1e-6;
    return over || due;
  };
  while (!over && body.timeS < spec.horizonS - 1e-6) {
    const turnS = turnAtS ?? (spec.turn === 'each-minute' ? eachMinuteS(spec.body, turnsS.length) : spec.horizonS);
    // Rising oil goes up in small stairs.
    const stairS = spec.ramp && body.timeS < spec.ramp.overS ? body.timeS + STAIR_S : Infinity;
    const untilS = Math.min(turnS, stairS, spec.horizonS);
    const progress = advanceFry(
      body,
      untilS - body.timeS,
      spec.ramp ? oilWanted(spec.oilC, spec.ramp, (body.timeS + untilS) / 2) : spec.oilC,
      onStep,
      spec.stepping ?? FRY_STEPPING,
    );
    steps += progress.steps;
    unsettled += progress.unsettled;
    if (due) {
      turnFry(body);
      turnsS.push(body.timeS);
      kept?.keep();
      due = false;
      turnAtS = null;
    }
  }
  const doughSetS = momentWhen(samples, (s) => s.interfacePeakC, setC);
  const coreS = momentWhen(samples, (s) => s.coreC, coreTargetC);
  const heatIn = body.faces.reduce((sum, face) => sum + face.heatJPerM2, 0) / body.faces.length;
  return {
    doughSetS,
    coreS,
    doneS: spec.coreIsLine === false ? doughSetS : laterOf(doughSetS, coreS),
    goldenS: momentWhen(samples, palerFace, CRUST_LIMITS.pale),
    takeOutColourS: momentWhen(samples, palerFace, spec.body.takeOutColour ?? TAKE_OUT_COLOUR),
    darkS: momentWhen(samples, darkerFace, CRUST_LIMITS.brown),
    turnsS,
    samples,
    converged: unsettled === 0,
    energyResidual: heatIn > 0 ? (heatIn - (heatTakenJPerM2(body).total - startHeat)) / heatIn : 0,
    steps,
  };
}
