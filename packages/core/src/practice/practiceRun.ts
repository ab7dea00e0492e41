// Over 300 lines with its types: the true pot of a practice stove, one second after the other.
import { LIMITS } from '../limits/limits.js';
import { trayOfPiece, type StoveTray } from '../plan/batch/fryTrays.js';
import { clamp } from '../numeric/clamp.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { advanceFry, turnFry } from '../heat/advanceFry.js';
import { copyFryBody, createFryBody, type FryBody, type FryBodySpec } from '../heat/fryBody.js';
import { heatDrawnJPerM2 } from '../heat/bodyHeat.js';
import { type PieceBulk, pieceHeatJ } from '../heat/pieceHeat.js';
import { burnerW, oilCautions, potAtRest, potLevels, type PotState, stepPot } from '../oil/pot.js';
import type { OilReading } from '../stove/stoveAct.js';
import type { PotAct, PracticeAct, PracticePot, Situation } from './situation.js';

/** The stove moves on by this, and acts fall on it, s. */
export const PRACTICE_STEP_S = 2;
/** A reading each, s. */
const READ_EACH_S = 4;
/** sd of one reading, °C. */
const READING_SD = 0.25;
/** Air over a pot as a slipped probe shows it, °C, and how fast it gets there, s. */
const AIR_C = 52;
const AIR_LAG_S = 25;
/** Crumbs burn after so long in the oil, s. */
const CRUMBS_BURN_S = 150;
/** Pieces beyond those that lie side by side stick and cook unevenly: as bad as oil so far out of its range, K. */
const CROWDED_K = 10;
/** Fresh oil from the bottle, °C over the room: the pot is still warm. */
const FRESH_OVER_C = 15;
/** Cells of a practised piece: colours within 1 % of a plan's at a fifth of its time. */
const CELLS = { wallCells: 10, fillingCells: 8 } as const;

/** Pieces that went in together and were turned together: one body stands for all. */
interface Group {
  numbers: number[];
  readonly droppedS: number;
  readonly tray: StoveTray;
  readonly body: FryBody;
  /** Heat one piece has drawn so far, J. */
  heatJ: number;
}

/** What went wrong with a piece beside its crust and its core. */
export interface PieceMarks {
  /** It opened, and so long it lay open in the oil, s; `null`: it stayed closed. */
  readonly openS: number | null;
  readonly aside: boolean;
  /** It went into oil that harms somebody at the table. */
  readonly harms: boolean;
}

/** A piece that is out. */
export interface TakenOutPiece extends PieceMarks {
  readonly number: number;
  readonly outS: number;
  /** As it left the oil; shared with those taken out beside it. */
  readonly body: FryBody;
  readonly tray: StoveTray;
}

/** s of each danger so far. Source: docs/models/learn.md. */
export interface DangerTimes {
  readonly tooHot: number;
  readonly smoke: number;
  readonly level: number;
  readonly open: number;
  readonly alone: number;
  readonly blind: number;
}
export const DANGERS: readonly (keyof DangerTimes)[] = ['tooHot', 'smoke', 'level', 'open', 'alone', 'blind'];

/** One pot as it is, moved on in place. */
interface PotRun {
  readonly of: PracticePot;
  readonly all: number;
  pot: PracticePot['truth']['pot'];
  state: PotState;
  setting: number;
  groups: Group[];
  readonly turns: Map<number, number>;
  readonly openedS: Map<number, number>;
  readonly takenOut: Map<number, TakenOutPiece>;
  /** Numbers of the taken out; another set whenever one is taken out. */
  out: ReadonlySet<number>;
  readonly droppedBad: Set<number>;
  oilHarms: boolean;
  /** Pieces whose crumbs lie in the oil, and since when, s. */
  shed: { atS: number; pieces: number }[];
  readonly readings: OilReading[];
  probeOut: boolean;
  probeSeen: boolean;
  airC: number;
  seenHereS: number;
  readonly danger: { -readonly [K in keyof DangerTimes]: number };
  /** Oil out of its range with pieces in it, and pieces on top of one another: kelvins beyond, times s, times pieces. */
  offKs: number;
  readonly uniform: () => number;
}

/** An session that runs: moved on by `stepPractice`, acted on by `actInPractice`. */
export interface PracticeRun {
  readonly situation: Situation;
  timeS: number;
  /** When the cook went to the door, s; `null`: not yet. */
  wentS: number | null;
  readonly pots: readonly PotRun[];
  readonly acts: PracticeAct[];
}

const NO_DANGER = { tooHot: 0, smoke: 0, level: 0, open: 0, alone: 0, blind: 0 };

/** Pieces of one pot's batch. */
const piecesOf = ({ session }: PracticePot): number => session.trays.reduce((sum, { draft }) => sum + draft.pieces, 0);

/**
 * A situation at its first second.
 * @example createPractice(situation('overshoot', 1, 'Practice')).timeS // 0
 */
export function createPractice(situation: Situation): PracticeRun {
  return {
    situation,
    timeS: 0,
    wentS: null,
    acts: [],
    pots: situation.pots.map((of, i) => ({
      of,
      all: piecesOf(of),
      pot: of.truth.pot,
      state: potAtRest(of.truth.startC, burnerW(of.truth.pot, of.truth.setting)),
      setting: of.truth.setting,
      groups: [],
      turns: new Map(),
      openedS: new Map(),
      takenOut: new Map(),
      out: new Set(),
      droppedBad: new Set(),
      oilHarms: of.truth.oilHarms,
      shed: [],
      readings: [{ atS: 0, probeC: of.truth.startC }],
      probeOut: false,
      probeSeen: false,
      airC: 0,
      seenHereS: 0,
      danger: { ...NO_DANGER },
      offKs: 0,
      uniform: seededUniform(situation.seed * 7919 + i + 1),
    })),
  };
}

/**
 * The cook is at the door and can do nothing.
 * @example isAway(createPractice(situation('caller', 1, 'Practice'))) // false
 */
export function isAway({ situation: { caller }, timeS, wentS }: PracticeRun): boolean {
  return caller !== null && wentS !== null && timeS < wentS + caller.awayS;
}

/**
 * Somebody rang and waits for the cook.
 * @example rings(createPractice(situation('caller', 1, 'Practice'))) // false
 */
export function rings({ situation: { caller }, timeS, wentS }: PracticeRun): boolean {
  return caller !== null && wentS === null && timeS >= caller.bellS && timeS < caller.bellS + caller.waitsS;
}

/**
 * Over when the time is up, or when everything is out and the heat is off.
 * @example isOver(createPractice(situation('caller', 1, 'Practice'))) // false
 */
export function isOver({ situation: { mostS, caller }, timeS, wentS, pots }: PracticeRun): boolean {
  if (timeS >= mostS) return true;
  // Whoever is at the door is waited for.
  if (wentS !== null && caller !== null && timeS < wentS + caller.awayS) return false;
  return pots.every(({ all, takenOut, setting }) => takenOut.size === all && setting === 0);
}

const inPotOf = ({ groups }: PotRun, number: number): Group | undefined =>
  groups.find(({ numbers }) => numbers.includes(number));

const drawnJ = (body: FryBody, bulk: PieceBulk): number => {
  const heat = heatDrawnJPerM2(body);
  return pieceHeatJ(bulk, heat.total, heat.latent);
};

/** Crumbs in the oil that have gone dark, in pieces' worth. */
export const burntCrumbs = ({ shed }: PotRun, nowS: number): number =>
  shed.reduce((sum, { atS, pieces }) => sum + (nowS - atS >= CRUMBS_BURN_S ? pieces : 0), 0);

function bodyOf(run: PotRun, { fry: { body } }: StoveTray, nowS: number): FryBodySpec {
  const { browning, crumbs } = run.of.truth;
  const cells = body.fillingCells === 0 ? { wallCells: CELLS.wallCells + CELLS.fillingCells } : CELLS;
  const darker = browning * (1 + crumbs * burntCrumbs(run, nowS));
  return { ...body, ...cells, browning: body.browning * darker };
}

/** Takes pieces out of their groups; what is left of each goes on as it was. */
function takeOut(run: PotRun, numbers: readonly number[]): { number: number; group: Group }[] {
  const taken = numbers.flatMap((number) => {
    const group = inPotOf(run, number);
    return group ? [{ number, group }] : [];
  });
  const gone = new Set(taken.map(({ number }) => number));
  for (const group of run.groups) group.numbers = group.numbers.filter((number) => !gone.has(number));
  run.groups = run.groups.filter((group) => group.numbers.length > 0);
  return taken;
}

/** One act on one pot; what cannot be (a taking out of one that is not in) changes nothing. It is long because it has one case for each act. */
function actOnPot(run: PotRun, act: Exclude<PotAct, { kind: 'door' }>, nowS: number): void {
  run.seenHereS = nowS;
  switch (act.kind) {
    case 'burner':
      run.setting = clamp(Math.round(act.setting), 0, run.pot.settings);
      return;
    case 'drop': {
      const fresh = [...new Set(act.pieces)].filter(
        (n) => Number.isInteger(n) && n >= 1 && n <= run.all && !run.takenOut.has(n) && !inPotOf(run, n),
      );
      for (const tray of run.of.session.trays) {
        const numbers = fresh.filter((n) => trayOfPiece(run.of.session.trays, n) === tray);
        if (numbers.length === 0) continue;
        const body = createFryBody(bodyOf(run, tray, nowS));
        run.groups.push({ numbers, droppedS: nowS, tray, body, heatJ: drawnJ(body, tray.fry.bulk) });
        if (run.oilHarms) numbers.forEach((n) => run.droppedBad.add(n));
      }
      return;
    }
    case 'turn': {
      const chosen = new Set(act.pieces);
      for (const group of Array.from(run.groups)) {
        const turned = group.numbers.filter((n) => chosen.has(n));
        if (turned.length === 0) continue;
        turned.forEach((n) => run.turns.set(n, (run.turns.get(n) ?? 0) + 1));
        if (turned.length === group.numbers.length) turnFry(group.body);
        else {
          const body = copyFryBody(group.body);
          turnFry(body);
          run.groups.push({ ...group, numbers: turned, body });
          group.numbers = group.numbers.filter((n) => !chosen.has(n));
        }
      }
      return;
    }
    // No situation has an oven in its plan, so what goes into one is simply out.
    case 'to-oven':
    case 'take-out':
    case 'burst':
    case 'aside': {
      for (const { number, group } of takeOut(run, act.pieces)) {
        const openedS = run.openedS.get(number);
        const { body, tray } = group;
        run.takenOut.set(number, {
          number,
          outS: nowS,
          body,
          tray,
          openS: openedS === undefined ? null : nowS - openedS,
          aside: act.kind === 'aside',
          harms: run.droppedBad.has(number),
        });
        if (run.of.truth.crumbs > 0) run.shed.push({ atS: nowS, pieces: 1 });
      }
      run.out = new Set(run.takenOut.keys());
      // From the rack into the oven.
      if (act.kind === 'aside')
        for (const n of act.pieces) {
          const out = run.takenOut.get(n);
          if (out) run.takenOut.set(n, { ...out, aside: true });
        }
      return;
    }
    case 'skim':
      run.shed = [];
      return;
    case 'here':
      // Whoever looks at the probe puts it back.
      run.probeSeen ||= run.probeOut;
      run.probeOut = false;
      return;
    case 'top-up':
      run.pot = { ...run.pot, oilM3: clamp(run.pot.oilM3 + act.m3, 0.0001, 0.02) };
      return;
    case 'fresh-oil':
      // Only an empty pot is emptied; and its burner is off meanwhile.
      if (run.groups.length > 0) return;
      run.oilHarms = false;
      run.shed = [];
      run.setting = 0;
      run.state = potAtRest(run.of.session.kitchen.roomC + FRESH_OVER_C);
      run.readings.push({ atS: nowS, probeC: run.state.probeC });
      return;
    case 'seen':
    case 'core':
    case 'oil':
    case 'oven-out':
    case 'take-back':
      return;
    default: {
      const never: never = act;
      return never;
    }
  }
}

/**
 * An act of the cook, now. While the cook is at the door nothing can be done.
 * @returns whether it was done
 * @example actInPractice(createPractice(situation('overshoot', 1, 'Practice')), 0, { kind: 'burner', setting: 0 }, 'a') // true
 */
export function actInPractice(run: PracticeRun, pot: number, act: PotAct, id: string): boolean {
  const of = run.pots[pot];
  if (!of || isAway(run) || isOver(run)) return false;
  if (act.kind === 'door') {
    if (!rings(run)) return false;
    run.wentS = run.timeS;
  } else actOnPot(of, act, run.timeS);
  run.acts.push({ id, atS: run.timeS, pot, act });
  return true;
}

/** One step of one pot: pieces and oil see each other, then dangers are counted. */
function stepPotRun(run: PotRun, nowS: number, isGone: boolean): void {
  const { of, state } = run;
  const { truth, session } = of;
  const dtS = PRACTICE_STEP_S;
  const oilC = clamp(state.oilC, 20, 255);
  const [first] = session.trays;
  let loadJ = 0;
  for (const group of run.groups) {
    advanceFry(group.body, dtS, oilC);
    const drawn = drawnJ(group.body, group.tray.fry.bulk);
    loadJ += (drawn - group.heatJ) * group.numbers.length;
    group.heatJ = drawn;
    const { least, most } = group.tray.fry.range;
    run.offKs += group.numbers.length * dtS * Math.max(0, oilC - most, least - oilC);
  }
  const inOil = run.groups.reduce((sum, { numbers }) => sum + numbers.length, 0);
  run.offKs += Math.max(0, inOil - first!.fry.room) * dtS * CROWDED_K;
  run.state = stepPot(run.pot, state, run.setting, session.kitchen.roomC, clamp(loadJ / dtS, -9e4, 9e4), dtS);
  for (const { piece, afterS } of truth.bursts) {
    const group = inPotOf(run, piece);
    if (group && !run.openedS.has(piece) && nowS + dtS - group.droppedS >= afterS) run.openedS.set(piece, nowS + dtS);
  }
  if (truth.probeOutS !== null && !run.probeSeen && !run.probeOut && nowS + dtS >= truth.probeOutS) {
    run.probeOut = true;
    run.airC = run.state.probeC;
  }
  if (run.probeOut) run.airC += (AIR_C - run.airC) * (1 - Math.exp(-dtS / AIR_LAG_S));
  if (Math.round((nowS + dtS) / dtS) % (READ_EACH_S / dtS) === 0) {
    const probeC = run.probeOut ? run.airC : run.state.probeC;
    run.readings.push({ atS: nowS + dtS, probeC: probeC + READING_SD * seededNormal(run.uniform) });
  }
  const { warnC } = oilCautions(truth.pot.smokeC, first!.fry.range.most);
  const isHot = run.state.oilC > 60;
  const heats = run.setting > 0;
  const volumeM3 = run.groups.reduce((sum, g) => sum + g.numbers.length * g.tray.fry.bulk.volumeM3, 0);
  const { danger } = run;
  if (run.state.oilC >= truth.pot.smokeC) danger.smoke += dtS;
  else if (run.state.oilC >= warnC && heats) danger.tooHot += dtS;
  if (heats && potLevels(run.pot, run.state.oilC, volumeM3).withLoad > LIMITS.pot.withLoadShare) danger.level += dtS;
  if (run.groups.some(({ numbers }) => numbers.some((n) => run.openedS.has(n)))) danger.open += dtS;
  if (isGone && isHot && (heats || run.groups.length > 0)) danger.alone += dtS;
  // More heat under oil that nobody measures.
  if (run.probeOut && run.setting > first!.fry.loads.loadSetting) danger.blind += dtS;
}

/**
 * Moves the session on by so many steps of two seconds.
 * @example [createPractice(situation('overshoot', 1, 'Practice'))].map((run) => (stepPractice(run, 3), run.timeS))[0] // 6
 */
export function stepPractice(run: PracticeRun, steps = 1): void {
  for (let i = 0; i < steps && !isOver(run); i++) {
    const gone = isAway(run);
    for (const pot of run.pots) stepPotRun(pot, run.timeS, gone);
    run.timeS += PRACTICE_STEP_S;
  }
}

/**
 * The same session with these acts: to its end, or as far as it had come.
 * An act that cannot be done then is left out.
 *
 * @param acts in any order
 * @param untilS absent: to its end
 * @example replayPractice(situation('overshoot', 1, 'Practice'), []).timeS > 60 // true
 */
export function replayPractice(situation: Situation, acts: readonly PracticeAct[], untilS = Infinity): PracticeRun {
  const run = createPractice(situation);
  const ordered = [...acts].sort((a, b) => a.atS - b.atS);
  let next = 0;
  for (;;) {
    for (; next < ordered.length && ordered[next]!.atS <= run.timeS; next++) {
      const { pot, act, id } = ordered[next]!;
      actInPractice(run, pot, act, id);
    }
    if (isOver(run) || run.timeS >= untilS) return run;
    stepPractice(run);
  }
}
