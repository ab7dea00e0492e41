import { clamp } from '../numeric/clamp.js';
import { crumbIn, readCrumb } from '../oil/crumbTest.js';
import { eachMinuteS } from '../heat/lying.js';
import { trayOfPiece } from '../plan/batch/fryTrays.js';
import { actInPractice, createPractice, isAway, isOver, type PracticeRun, stepPractice } from './practiceRun.js';
import { type PieceSeen, type PotSeen, potSeen } from './potSeen.js';
import type { PotAct, PracticePot, Situation } from './situation.js';

/** How somebody cooks: rules over what is seen, with these figures in them. */
export interface Policy {
  /** Oil aimed at over the plan's, K. */
  readonly targetK: number;
  /** The setting leaves full so many kelvins under the target. */
  readonly leadK: number;
  /** Setting beyond what the plan holds empty oil with, and oil with a load in it. */
  readonly holdBy: number;
  readonly loadBy: number;
  /** Oil so far over its target turns the heat off, K. */
  readonly offK: number;
  /** A load goes in when the oil is so near, K. */
  readonly dropK: number;
  /** Of the planned load. */
  readonly loadShare: number;
  /** Taken out when the paler face has this colour, and not before this share of the planned time. */
  readonly takeOutColour: number;
  readonly leastShare: number;
  /** Taken out whatever else when the darker face has this. */
  readonly mostColour: number;
  /** Turned once: when the face in the oil has this colour. */
  readonly turnColour: number;
  /** What is taken out before its time is finished in the oven. */
  readonly asides: boolean;
  /** s after the bell before the cook goes, unless the oil is empty before. */
  readonly doorS: number;
  /** Sees to what goes wrong: an open piece, smoke, burnt crumbs, a probe in the air, oil that harms. */
  readonly heeds: boolean;
}

/** What is cooked by where nothing is known: the plan as it stands. */
export const PLAIN_POLICY: Policy = {
  targetK: 0,
  leadK: 6,
  holdBy: 0,
  loadBy: 0,
  offK: 4,
  dropK: 2,
  loadShare: 1,
  takeOutColour: 0.85,
  leastShare: 0.9,
  mostColour: 1.6,
  turnColour: 0.85,
  asides: false,
  doorS: 600,
  heeds: true,
};

const SETTING_EACH_S = 8;
/** In a pipeline, and beside others, the oil may be so far under its target, K; nothing goes into oil so far over it. */
const FLOWS_UNDER_K = 8;
const DROP_OVER_K = 8;

/** What one player remembers of one pot. */
interface Memory {
  settingS: number;
  skimmed: number;
  fresh: boolean;
  lastDropS: number;
}

/** Oil as this cook takes it to be, °C: the probe's, or what a crumb tells of it. */
function oilSeenC({ probeC, crumbOilC }: PotSeen, planC: number): number {
  return probeC ?? readCrumb(crumbIn(crumbOilC), planC).tempC;
}

/** What to do with the pieces in the oil. */
function pieceActs(policy: Policy, of: PracticePot, seen: PotSeen): PotAct[] {
  const acts: PotAct[] = [];
  const turn: number[] = [];
  const takeOut: number[] = [];
  const aside: number[] = [];
  for (const piece of seen.inPot) {
    const { number, inS, colours, turns, isOpen } = piece;
    const tray = trayOfPiece(of.session.trays, number);
    if (isOpen && policy.heeds) {
      acts.push({ kind: 'burst', pieces: [number] });
      continue;
    }
    const isTime = inS >= policy.leastShare * (tray.fry.takeOutS ?? 0);
    const isGolden = Math.min(colours[0], colours[1]) >= policy.takeOutColour;
    if (isTime && isGolden) takeOut.push(number);
    else if (Math.max(colours[0], colours[1]) >= policy.mostColour)
      (isTime || !policy.asides ? takeOut : aside).push(number);
    else if (turnsNow(policy, tray.draft.fry.turn, tray.fry.body.firstTurnS, piece, turns)) turn.push(number);
  }
  if (takeOut.length > 0) acts.push({ kind: 'take-out', pieces: takeOut });
  if (aside.length > 0) acts.push({ kind: 'aside', pieces: aside });
  if (turn.length > 0) acts.push({ kind: 'turn', pieces: turn });
  return acts;
}

function turnsNow(
  { turnColour }: Policy,
  turn: string,
  firstTurnS: number | undefined,
  { inS, colours }: PieceSeen,
  turns: number,
): boolean {
  if (turn === 'held-under') return false;
  if (turn === 'each-minute') return inS >= eachMinuteS({ ...(firstTurnS !== undefined && { firstTurnS }) }, turns);
  return turns === 0 && colours[0] >= turnColour;
}

/** Where this cook has the burner setting. */
function settingNow(policy: Policy, of: PracticePot, seen: PotSeen, targetC: number, seenC: number): number {
  const { settings } = of.session.kitchen.pot;
  const [first] = of.session.trays;
  const { holdSetting, loadSetting } = first!.fry.loads;
  if (seen.toFry === 0 && seen.inPot.length === 0) return 0;
  if (policy.heeds && (seen.smokes || seen.probeIsOut)) return seen.smokes ? 0 : seen.setting;
  const over = seenC - targetC;
  if (over > policy.offK) return 0;
  const hold = holdSetting + policy.holdBy;
  if (seen.inPot.length > 0) return clamp(Math.round(over > 1.5 ? hold : loadSetting + policy.loadBy), 0, settings);
  return clamp(Math.round(over < -policy.leadK ? settings : hold), 0, settings);
}

/** How many go in now. */
function dropNow(policy: Policy, of: PracticePot, seen: PotSeen, over: number, memory: Memory): number {
  if (seen.toFry === 0 || over > DROP_OVER_K || (policy.heeds && (seen.smokes || seen.probeIsOut))) return 0;
  const [first] = of.session.trays;
  const { loadSize, everyS } = first!.fry.loads;
  const size = Math.max(1, Math.round(loadSize * policy.loadShare));
  if (seen.inPot.length === 0) return over >= -policy.dropK ? Math.min(everyS === null ? size : 1, seen.toFry) : 0;
  if (everyS === null || seen.inPot.length >= size) return 0;
  return seen.nowS - memory.lastDropS >= everyS && over >= -FLOWS_UNDER_K ? 1 : 0;
}

/** Everything this cook does at one pot now. */
function potActs(policy: Policy, of: PracticePot, seen: PotSeen, memory: Memory, rangS: number | null): PotAct[] {
  const { oilC } = of.session.trays[0]!.draft.fry;
  const targetC = oilC + policy.targetK;
  if (policy.heeds && of.truth.oilHarms && !memory.fresh) {
    memory.fresh = true;
    return [{ kind: 'fresh-oil' }];
  }
  const acts: PotAct[] = [];
  // A probe whose figure falls with nothing in the oil is looked at.
  if (seen.probeIsOut && policy.heeds) acts.push({ kind: 'here' });
  acts.push(...pieceActs(policy, of, seen));
  if (policy.heeds && seen.out.size > memory.skimmed) {
    memory.skimmed = seen.out.size;
    acts.push({ kind: 'skim' });
  }
  const goes = rangS !== null && (seen.inPot.length === 0 || rangS >= policy.doorS);
  if (goes) {
    const left = seen.inPot.map(({ number }) => number);
    return [
      ...(left.length > 0 ? [{ kind: 'aside' as const, pieces: left }] : []),
      { kind: 'burner', setting: 0 },
      { kind: 'door' },
    ];
  }
  const seenC = oilSeenC(seen, targetC);
  const setting = settingNow(policy, of, seen, targetC, seenC);
  const isFree = seen.nowS - memory.settingS >= SETTING_EACH_S || setting === 0;
  if (setting !== seen.setting && isFree) {
    memory.settingS = seen.nowS;
    acts.push({ kind: 'burner', setting: setting });
  }
  const drop = rangS === null ? dropNow(policy, of, seen, seenC - targetC, memory) : 0;
  if (drop > 0) {
    const taken = new Set([...seen.out, ...seen.inPot.map(({ number }) => number)]);
    const pieces: number[] = [];
    for (let n = 1; pieces.length < drop; n++) if (!taken.has(n)) pieces.push(n);
    memory.lastDropS = seen.nowS;
    acts.push({ kind: 'drop', pieces });
  }
  return acts;
}

/** Acts on a whim, for players that are no cooks. */
export type Whim = (run: PracticeRun, pot: number) => PotAct | null;

/**
 * An session cooked by a policy from its first second to its last.
 * @param whim asked each step beside it; absent: nobody meddles
 * @example playPolicy(situation('allergy', 1, 'Practice'), PLAIN_POLICY).pots[0].oilHarms // false
 */
export function playPolicy(of: Situation, policy: Policy, whim?: Whim): PracticeRun {
  const run = createPractice(of);
  const memory = of.pots.map((): Memory => ({ settingS: -Infinity, skimmed: 0, fresh: false, lastDropS: -Infinity }));
  let count = 0;
  while (!isOver(run)) {
    if (!isAway(run)) {
      for (const [i, pot] of of.pots.entries()) {
        const seen = potSeen(run, i);
        const rangS = seen.rings && of.caller ? run.timeS - of.caller.bellS : null;
        for (const act of potActs(policy, pot, seen, memory[i]!, rangS)) actInPractice(run, i, act, `p${count++}`);
        const more = whim?.(run, i) ?? null;
        if (more) actInPractice(run, i, more, `w${count++}`);
      }
    }
    stepPractice(run);
  }
  return run;
}
