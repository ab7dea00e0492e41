import { batchOf } from '../draft/batchDraft.js';
import type { TrayDraft } from '../draft/draft.js';
import { DEFAULT_KITCHEN, type Kitchen, type Pot } from '../draft/kitchen.js';
import type { ShapeId } from '../draft/choices.js';
import { CoreError } from '../errors.js';
import { seededUniform } from '../numeric/seededNoise.js';
import { withFamily, withShape, withRaw } from '../plan/edit/editDraft.js';
import { stoveTrays } from '../plan/batch/planBatch.js';
import { newTray, type StarterId, STARTERS } from '../plan/edit/starters.js';
import { type Caller, type PotTruth, type PracticePot, type Situation, type SituationKind } from './situation.js';

/** What sets a situation apart from an session on which all goes as planned. */
interface Twist {
  readonly pieces?: number;
  readonly filling?: StarterId;
  readonly shape?: ShapeId;
  /** Changes of the plan. */
  readonly draft?: (draft: TrayDraft) => TrayDraft;
  readonly pot?: Partial<Pot>;
  readonly hasProbe?: boolean;
  /** Of the truth; the oil begins by default a few kelvins under its target. */
  readonly truth?: Partial<Omit<PotTruth, 'pot'>> & { readonly pot?: Partial<Pot> };
  /** Oil at the start over its target, K. */
  readonly overC?: number;
  readonly caller?: Caller;
  readonly second?: Twist;
}

/** Draws of one situation. */
interface Draw {
  readonly within: (least: number, most: number) => number;
  readonly whole: (least: number, most: number) => number;
  readonly among: <T>(all: readonly T[]) => T;
}

const FILLINGS = STARTERS.filter(({ family }) => family === 'shortcrust').map(({ id }) => id);
/** Setting of nine at which nothing is held back. */
const FULL = DEFAULT_KITCHEN.pot.settings;

/** Each kind of situation within its ranges. Our own. */
const TWISTS: Readonly<Record<SituationKind, (draw: Draw) => Twist>> = {
  overshoot: ({ within, among }) => {
    const burner = among(['radiant', 'plate'] as const);
    return { pot: { burner }, overC: -within(18, 32), truth: { setting: FULL } };
  },
  'load-too-big': ({ within, whole }) => ({
    pieces: whole(10, 12),
    overC: -within(1, 4),
    truth: { pot: { efficiency: 0.6 * within(0.42, 0.55) } },
  }),
  crumbs: ({ within, whole }) => ({
    pieces: whole(10, 12),
    draft: (draft) => ({ ...draft, coating: { wet: 'egg', dry: 'crumb', double: false } }),
    truth: { crumbs: within(0.05, 0.09) },
  }),
  'slow-burner': ({ within }) => ({
    overC: -within(25, 40),
    truth: { setting: FULL, pot: { burnerLagS: within(120, 180) } },
  }),
  wholemeal: ({ within }) => ({
    draft: (draft) => withFamily(draft, 'wholemeal'),
    truth: { browning: within(1.3, 1.6) },
  }),
  burst: ({ whole }) => {
    const piece = whole(1, 4);
    return { pieces: 6, truth: { bursts: [{ piece, afterS: whole(90, 220) }] } };
  },
  frozen: ({ within }) => ({
    draft: (draft) => ({ ...draft, fry: { ...draft.fry, start: 'frozen' } }),
    overC: within(14, 24),
  }),
  'no-thermometer': ({ within, among }) => ({
    hasProbe: false,
    overC: among([-within(18, 30), within(14, 22)]),
  }),
  poultry: ({ within }) => ({
    filling: 'mushroom-barley',
    draft: (draft) => withRaw({ ...draft, fry: { ...draft.fry, oilC: 160 } }, 'poultry', 74),
    overC: within(4, 9),
    truth: { browning: within(1.1, 1.25) },
  }),
  hollow: ({ whole, within }) => ({
    shape: 'puffed-bread',
    pieces: whole(3, 4),
    draft: (draft) => ({ ...draft, fry: { ...draft.fry, oilC: 178, turn: 'basted' } }),
    overC: -within(8, 16),
  }),
  pipeline: ({ whole }) => ({
    pieces: whole(7, 9),
    filling: 'pear-ginger',
    draft: (draft) => ({ ...draft, fry: { ...draft.fry, pipeline: true } }),
  }),
  caller: ({ whole }) => ({
    pieces: 6,
    caller: { bellS: whole(40, 160), waitsS: whole(500, 620), awayS: whole(80, 140) },
  }),
  'probe-out': ({ whole }) => ({ truth: { probeOutS: whole(70, 240) } }),
  smoke: ({ within }) => {
    const smokeC = 158 + within(18, 24);
    return { overC: within(10, 15), truth: { setting: FULL, pot: { smokeC } } };
  },
  allergy: ({ within }) => ({ pieces: 5, overC: -within(1, 4), truth: { oilHarms: true } }),
  'two-pots': ({ within, whole }) => ({
    pieces: whole(4, 5),
    overC: -within(2, 6),
    second: { filling: 'pear-ginger', pieces: whole(4, 5), overC: -within(14, 22) },
  }),
};

/** Where the two pots differ from the kitchen a new cook begins with: nothing learnt, nobody's own figures. */
const kitchenOf = (pot: Partial<Pot> | undefined): Kitchen => ({
  ...DEFAULT_KITCHEN,
  pot: { ...DEFAULT_KITCHEN.pot, ...pot },
});

function potOf(twist: Twist, draw: Draw, name: string, eatAt: string): PracticePot | null {
  const filling = twist.filling ?? draw.among(FILLINGS);
  const made = newTray(name, filling, twist.pieces ?? draw.whole(5, 6), eatAt);
  const formed = twist.shape ? withShape(made, twist.shape) : made;
  const batch = batchOf(twist.draft ? twist.draft(formed) : formed);
  const kitchen = kitchenOf(twist.pot);
  const trays = stoveTrays(batch, kitchen);
  const [first] = trays ?? [];
  if (!trays || !first || first.fry.takeOutS === null) return null;
  const { oilC } = first.draft.fry;
  const truth: PotTruth = {
    setting: first.fry.loads.holdSetting,
    browning: draw.within(0.95, 1.05),
    crumbs: 0,
    oilHarms: false,
    bursts: [],
    probeOutS: null,
    ...twist.truth,
    pot: { ...kitchen.pot, ...twist.truth?.pot },
    startC: oilC + (twist.overC ?? -draw.within(3, 8)),
  };
  const session = { trays, kitchen, speed: 1, hasProbe: twist.hasProbe ?? true, trial: false };
  return { batch, session, truth };
}

/** Time to spare over what the plan takes, and on top for oil that is not ready, s. */
const SPARE = { times: 1.7, plusS: 420 };
/** How often a seed is drawn on from where a plan has no moment to take it out. */
const TRIES = 8;

/**
 * A situation of one kind; the same seed makes the same one.
 *
 * @param name what its batch is called on the page
 * @throws CoreError OUT_OF_RANGE where the seed is no whole number
 * @example situation('two-pots', 1, 'Practice').pots.length // 2
 */
export function situation(kind: SituationKind, seed: number, name: string): Situation {
  if (!Number.isInteger(seed)) throw new CoreError('OUT_OF_RANGE', 'seed', 'seed must be a whole number');
  for (let tried = 0; tried < TRIES; tried++) {
    const made = drawn(kind, seed, seed + tried * 104_729, name);
    if (made) return made;
  }
  throw new CoreError('OUT_OF_RANGE', 'seed', `No session of kind ${kind} can be fried to its end from this seed.`);
}

function drawn(kind: SituationKind, seed: number, drawSeed: number, name: string): Situation | null {
  const next = seededUniform(drawSeed);
  // The first draws of neighbouring seeds are alike.
  for (let i = 0; i < 3; i++) next();
  const draw: Draw = {
    within: (least, most) => least + next() * (most - least),
    whole: (least, most) => least + Math.min(most - least, Math.floor(next() * (most - least + 1))),
    among: (all) => all[Math.min(all.length - 1, Math.floor(next() * all.length))]!,
  };
  const twist = TWISTS[kind](draw);
  // Any day: nothing of a practised session hangs on it.
  const eatAt = '2030-01-05T18:30:00Z';
  const twists = [twist, ...(twist.second ? [twist.second] : [])];
  const pots = twists.map((one) => potOf(one, draw, name, eatAt)).filter((one) => one !== null);
  if (pots.length < twists.length) return null;
  const takesS = ({ session: { trays }, truth }: PracticePot) =>
    trays.reduce((sum, { fry }) => sum + fry.loads.totalS, truth.oilHarms ? (trays[0]!.fry.warmUpS ?? 0) : 0);
  const mostS = Math.ceil((SPARE.times * Math.max(...pots.map(takesS)) + SPARE.plusS) / 60) * 60;
  return { kind, seed, pots, caller: twist.caller ?? null, mostS };
}
