import { SITUATION_KINDS, type SituationKind } from './situation.js';

/** One practised session, as the browser keeps it. */
export interface PracticeResult {
  readonly kind: SituationKind;
  readonly seed: number;
  /** 0–100, from `practiceScore`. */
  readonly score: number;
  readonly whispered: boolean;
  readonly atMs: number;
}

/** How a cook does in one kind of situation. */
export interface PracticeSkill {
  readonly kind: SituationKind;
  readonly tried: number;
  /** Score to be expected, and the range it very likely is in; `null`: never tried. */
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
}

/** As many of the last sessions count. */
const COUNTED = 6;
/** Scores scatter by so much however steadily somebody cooks; and half of a very likely range, in sd. */
const SCATTER = 15;
const LIKELY = 1.28;
/** A whispered session says less of the cook. */
const WHISPERED_WEIGHT = 0.5;

/**
 * What the sessions say of each kind, the newer the more.
 * @example practiceSkills([]).length // 16
 */
export function practiceSkills(results: readonly PracticeResult[]): readonly PracticeSkill[] {
  return SITUATION_KINDS.map((kind) => {
    const own = results.filter((one) => one.kind === kind).sort((a, b) => a.atMs - b.atMs);
    const last = own.slice(-COUNTED);
    if (last.length === 0) return { kind, tried: 0, value: null, low: 0, high: 100 };
    const weights = last.map(({ whispered }, i) => 0.7 ** (last.length - 1 - i) * (whispered ? WHISPERED_WEIGHT : 1));
    const all = weights.reduce((sum, one) => sum + one, 0);
    const value = last.reduce((sum, { score }, i) => sum + score * weights[i]!, 0) / all;
    const spread = LIKELY * SCATTER * Math.sqrt(1 / all);
    return { kind, tried: own.length, value, low: Math.max(0, value - spread), high: Math.min(100, value + spread) };
  });
}

/** Well enough to leave alone for now. */
const GOOD = 85;

/**
 * What to practise next: the weakest of what was tried and is not good yet; then what was never
 * tried, in its order; then the weakest of all.
 * @example nextSituation([]) // 'overshoot'
 */
export function nextSituation(results: readonly PracticeResult[]): SituationKind {
  const skills = practiceSkills(results);
  const weakest = (all: readonly PracticeSkill[]) =>
    all.reduce<PracticeSkill | null>((least, one) => (!least || one.value! < least.value! ? one : least), null);
  const tried = skills.filter(({ value }) => value !== null);
  const poor = weakest(tried.filter(({ value, kind }) => value! < GOOD && results.at(-1)?.kind !== kind));
  const fresh = skills.find(({ value }) => value === null);
  return (poor ?? fresh ?? weakest(tried) ?? skills[0]!).kind;
}
