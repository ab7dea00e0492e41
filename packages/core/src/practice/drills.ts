import { LIMITS } from '../limits/limits.js';
import { doughFamily } from '../families/families.js';
import { CoreError } from '../errors.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import { seededUniform } from '../numeric/seededNoise.js';
import { CRUMB_ANSWERS, type CrumbAnswer, wantedCrumb } from '../oil/crumbTest.js';

/**
 * What eye and hand are asked: which crust is golden, how hot the oil is by its crumb, what the crumb
 * does in the oil a plan wants, how heavy a ball of dough is, which pot may be heated, which dough is
 * proofed by its dent, which rubbed flour by a squeezed fistful.
 */
export const DRILL_KINDS = ['crust', 'crumb', 'wanted', 'size', 'full', 'poke', 'fist'] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

/** One question with four answers, of which one is right; made by its seed, so that it can be shown again. */
export type Drill = { readonly seed: number; readonly level: number; readonly right: number } & (
  | { readonly kind: 'crust'; /** Colours B. */ readonly options: readonly number[] }
  | { readonly kind: 'crumb'; readonly crumb: CrumbAnswer; readonly options: readonly CrumbAnswer[] }
  | { readonly kind: 'wanted'; readonly oilC: number; readonly options: readonly CrumbAnswer[] }
  | { readonly kind: 'size'; /** Across. */ readonly ballM: number; /** kg. */ readonly options: readonly number[] }
  | { readonly kind: 'full'; /** Of the pot's height, before anything is in. */ readonly options: readonly number[] }
  | {
      readonly kind: 'poke';
      /** How much of the dent is left after it was poked, 0–1. */ readonly options: readonly number[];
    }
  | {
      readonly kind: 'fist';
      /** What a squeezed fistful does when it is let go. */ readonly options: readonly FistHold[];
    }
);

/** A squeezed fistful of rubbed flour, from too little fat to too much. */
export type FistHold = 'falls' | 'crumbles' | 'holds' | 'smears';
const FIST: readonly FistHold[] = ['falls', 'crumbles', 'holds', 'smears'];

/** Hardest of the levels, which begin at 0. */
export const MOST_LEVEL = 3;
const ANSWERS = 4;

/** How far the nearest wrong crust is from golden, on the colour scale B, by level. */
const CRUST_GAP = [0.45, 0.3, 0.2, 0.12];
/** How many times heavier the next ball is, by level. */
const SIZE_STEP = [1.7, 1.5, 1.35, 1.22];
/** Lightest and heaviest ball that is asked for, kg. */
const BALL_KG = { least: 0.02, most: 0.09 };
/** How far over the most the nearest pot is filled that must not be heated, of its height, by level. */
const FULL_GAP = [0.2, 0.14, 0.1, 0.06];
/** So much of a dent stays in a proofed dough; and how far off the nearest wrong one is, by level. */
const DENT = { least: 0.4, most: 0.6 };
const DENT_GAP = [0.34, 0.3, 0.26, 0.22];
/**
 * Targets that are asked for, °C: well inside what one crumb answer covers, and only temperatures that a
 * dough is fried at. Oil in which a crumb browns within 30 seconds is too hot for every family, so that
 * answer is always wrong.
 */
const WANTED_C: readonly (readonly [number, number])[] = [
  [116, 128],
  [142, 154],
  [164, 175],
];

/**
 * A question. It is long because it has one case for each kind. @param level 0 easiest, 3 hardest
 * @throws CoreError OUT_OF_RANGE
 * @example drill('crumb', 7, 0).options.length // 4
 */
export function drill(kind: DrillKind, seed: number, level: number): Drill {
  if (!Number.isInteger(level) || level < 0 || level > MOST_LEVEL)
    throw new CoreError('OUT_OF_RANGE', 'level', `level must be a whole number from 0 to ${MOST_LEVEL}`);
  const next = seededUniform(seed);
  // The first draws of neighbouring seeds are alike.
  for (let i = 0; i < 3; i++) next();
  const pick = (n: number) => Math.min(n - 1, Math.floor(next() * n));
  const right = pick(ANSWERS);
  const common = { seed, level, right };
  /** The right one in its place among three wrong ones, which stand in no order of their own. */
  const mixed = <T>(is: T, wrong: readonly T[]): readonly T[] => {
    const turn = pick(3);
    const others = [0, 1, 2].map((i) => wrong[(i + turn) % 3]!);
    return [...others.slice(0, right), is, ...others.slice(right)];
  };
  switch (kind) {
    case 'crust': {
      const gap = CRUST_GAP[level]!;
      const { pale, golden, brown } = CRUST_LIMITS;
      const middle = pale + 0.12 + next() * (golden - pale - 0.24);
      // One that is too pale, one that is too dark, and a third on either side.
      const tooPale = Math.max(0, pale - gap * (1 + 0.4 * next()));
      const tooDark = golden + gap * (1 + 0.4 * next());
      const third = next() < 0.5 ? tooPale * (0.3 + 0.4 * next()) : Math.max(tooDark, brown) + 0.15 + 0.3 * next();
      return { ...common, kind, options: mixed(middle, [tooPale, tooDark, third]) };
    }
    case 'crumb':
      return { ...common, kind, crumb: CRUMB_ANSWERS[right]!, options: CRUMB_ANSWERS };
    case 'wanted': {
      const [least, most] = WANTED_C[pick(WANTED_C.length)]!;
      const oilC = Math.round(least + next() * (most - least));
      return { ...common, kind, oilC, right: CRUMB_ANSWERS.indexOf(wantedCrumb(oilC)), options: CRUMB_ANSWERS };
    }
    case 'full': {
      const most = LIMITS.pot.aloneShare;
      const gap = FULL_GAP[level]!;
      const over = most + gap * (1 + 0.3 * next());
      // Too little is wrong too: such oil runs hot in no time, and pieces lie on the bottom.
      const wrong = [over, Math.min(0.85, over + 0.12 + 0.1 * next()), 0.05 + 0.03 * next()];
      return { ...common, kind, options: mixed(most - 0.03 - 0.05 * next(), wrong) };
    }
    case 'poke': {
      const dent = DENT.least + next() * (DENT.most - DENT.least);
      const gap = DENT_GAP[level]!;
      // What is sprung back whole would be the same answer twice.
      const shallow = Math.max(DENT.least - DENT_GAP[0]!, dent - gap * (1 + 0.2 * next()));
      const wrong = [shallow, Math.min(1, dent + gap * (1 + 0.2 * next())), shallow / 3];
      return { ...common, kind, options: mixed(dent, wrong) };
    }
    case 'fist':
      return {
        ...common,
        kind,
        options: mixed<FistHold>(
          'holds',
          FIST.filter((one) => one !== 'holds'),
        ),
      };
    case 'size': {
      const step = SIZE_STEP[level]!;
      const kg = BALL_KG.least + next() * (BALL_KG.most - BALL_KG.least);
      const ballM = Math.cbrt((6 * kg) / (Math.PI * doughFamily('shortcrust').densityKgPerM3));
      return { ...common, kind, ballM, options: Array.from({ length: ANSWERS }, (_, i) => kg * step ** (i - right)) };
    }
  }
}

/** One answer, as the browser keeps it. */
export interface DrillAnswer {
  readonly kind: DrillKind;
  readonly level: number;
  readonly isRight: boolean;
  readonly atMs: number;
}

/** How surely a cook answers, and when it is worth asking again. */
export interface DrillSkill {
  readonly kind: DrillKind;
  readonly asked: number;
  /** Share that comes out right, with the range it very likely is in; 0 to 1. */
  readonly value: number;
  readonly low: number;
  readonly high: number;
  /** The level the next question has. */
  readonly level: number;
  readonly dueMs: number;
}

const DAY_MS = 86_400_000;
/** After so many right answers in a row it is asked again after so long. Our own. */
const AGAIN_MS = [0, 0, 10 * 60_000, DAY_MS, 3 * DAY_MS, 7 * DAY_MS, 21 * DAY_MS];
/** As many of the last answers count: what was not known once may be known now. */
const COUNTED = 20;
/** So many right in a row make it harder; one wrong answer makes it easier. */
const HARDER_AFTER = 3;
/** Half of the range that is very likely, in standard deviations. */
const LIKELY = 1.28;

function skillIn(kind: DrillKind, answers: readonly DrillAnswer[]): DrillSkill {
  const own = answers.filter((one) => one.kind === kind).sort((a, b) => a.atMs - b.atMs);
  let [level, row, streak] = [0, 0, 0];
  for (const { isRight } of own) {
    streak = isRight ? streak + 1 : 0;
    row = isRight ? row + 1 : 0;
    if (!isRight) level = Math.max(0, level - 1);
    else if (row === HARDER_AFTER) [level, row] = [Math.min(MOST_LEVEL, level + 1), 0];
  }
  const last = own.slice(-COUNTED);
  // As if one of four had been guessed before anything was asked.
  const n = last.length + ANSWERS;
  const value = (last.filter(({ isRight }) => isRight).length + 1) / n;
  const spread = LIKELY * Math.sqrt((value * (1 - value)) / (n + 1));
  const lastMs = own.at(-1)?.atMs ?? -Infinity;
  return {
    kind,
    asked: own.length,
    value,
    level,
    low: Math.max(0, value - spread),
    high: Math.min(1, value + spread),
    dueMs: lastMs + AGAIN_MS[Math.min(streak, AGAIN_MS.length - 1)]!,
  };
}

/**
 * What the answers say of each skill.
 * @example drillSkills([]).map(({ level }) => level).join() // '0,0,0,0,0,0,0'
 */
export function drillSkills(answers: readonly DrillAnswer[]): readonly DrillSkill[] {
  return DRILL_KINDS.map((kind) => skillIn(kind, answers));
}

/**
 * What is worth practising next: of what is due the weakest, not the same twice where another is due; else what is due soonest.
 * @example nextDrill([], 0).kind // 'crust'
 */
export function nextDrill(answers: readonly DrillAnswer[], nowMs: number): DrillSkill {
  const skills = drillSkills(answers);
  const lastKind = answers.at(-1)?.kind;
  const due = skills.filter(({ dueMs }) => dueMs <= nowMs);
  const others = due.filter(({ kind }) => kind !== lastKind);
  const among = others.length > 0 ? others : due.length > 0 ? due : null;
  // What was never asked comes before all else.
  const known = ({ asked, value }: DrillSkill) => (asked === 0 ? -1 : value);
  if (among) return among.reduce((least, one) => (known(one) < known(least) ? one : least));
  return skills.reduce((soonest, one) => (one.dueMs < soonest.dueMs ? one : soonest));
}
