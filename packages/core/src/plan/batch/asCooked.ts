import { RANGES } from '../../draft/ranges.js';
import type { BatchPlan } from '../tray/batchPlan.js';
import { foldedFrom } from './planDay.js';
import { draftDough, draftFilling } from '../edit/draftFigures.js';
import { type BatchDraft, fillingsOf, marksOf } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import { type CookState, type MeasureId, measuredOf, stepKey } from '../../cook/cookAct.js';
import { type Known, pantryOf } from '../../draft/kitchen.js';
import type { Range } from '../../numeric/range.js';
import { clamp } from '../../numeric/clamp.js';

/** Ranges of what can be measured, SI; as the server has them. */
export const MEASURE_RANGE: Readonly<Record<MeasureId, Range>> = {
  'pan-kg': { least: 0, most: 110 },
  'filling-c': RANGES.draft.hotC,
  'poured-kg': RANGES.draft.pourKg,
  'liquid-c': RANGES.draft.liquidC,
  'dough-c': RANGES.draft.mixedC,
  'dough-kg': RANGES.draft.doughKg,
  'rolled-m': RANGES.draft.thicknessM,
  pieces: RANGES.draft.pieces,
  'portion-spread': { least: 0, most: 1 },
  portions: { least: 2, most: 500 },
  'golden-s': RANGES.oven.minutesS,
};

/**
 * The batch as it was really cooked so far: what was weighed, poured, rolled and counted in
 * place of what was planned. The formulas stay; the plan says what is left over or missing.
 * @example asCooked(batch, cook, kitchen).trays.A.pieces // 24
 */
export function asCooked(batch: BatchDraft, state: CookState, known: Known): BatchDraft {
  const folded = foldedFrom(batch);
  const portions = [...new Set(folded.map(({ portion }) => portion))];
  const mixed = { ...batch, dough: doughAsCooked(batch, portions, state, known) };

  const cooked = fillingsOf(batch).reduce((now, mark) => fillingAsCooked(now, mark, state, known), mixed);
  return marksOf(batch).reduce((now, mark) => {
    const from = folded.filter((one) => one.mark === mark);
    return trayAsCooked(now, mark, state, from);
  }, cooked);
}

/** What was measured of the dough; portions not made yet are taken as those that were. */
function doughAsCooked(
  batch: BatchDraft,
  portions: readonly number[],
  state: CookState,
  known: Known,
): BatchDraft['dough'] {
  const told = (measure: MeasureId): number[] =>
    portions
      .map((portion) => measuredOf(state, stepKey('mix-dough', undefined, portion), measure))
      .filter((value) => value !== null);
  const mean = (measure: MeasureId): number | null => {
    const all = told(measure);
    return all.length === 0 ? null : all.reduce((sum, value) => sum + value, 0) / all.length;
  };
  const [pouredKg, mixedC, madeKg] = (['poured-kg', 'dough-c', 'dough-kg'] as const).map(mean);
  // One portion that was poured too hot must not hide behind another.
  const liquidC = told('liquid-c').reduce<number | null>((hottest, c) => Math.max(hottest ?? c, c), null);
  const poured = pouredKg == null ? batch.dough : withPoured(batch, pouredKg * portions.length, known);
  return {
    ...poured,
    ...(liquidC != null && { liquidC }),
    ...(mixedC != null && { mixedC }),
    ...(madeKg != null && boiledOff(poured, madeKg * portions.length, known)),
  };
}

/** What is missing of a hot-water dough when it is weighed back has boiled off. */
function boiledOff(
  dough: BatchDraft['dough'],
  madeKg: number,
  known: Known,
): Pick<BatchDraft['dough'], 'boilOffShare'> {
  const { totals, madeOf } = draftDough({ dough }, known);
  if (!(madeOf.water > 0)) return {};
  const { least, most } = RANGES.draft.boilOffShare;
  return { boilOffShare: clamp((totals.massKg - madeKg) / madeOf.water, least, most) };
}

/** What was measured of one filling. */
function fillingAsCooked(batch: BatchDraft, mark: TrayMark, state: CookState, known: Known): BatchDraft {
  const gross = measuredOf(state, stepKey('cook-filling', mark), 'pan-kg');
  const filling = batch.fillings[mark]!;
  const rawKg = gross === null ? 0 : draftFilling({ filling }, known).rawKg;
  const made = (gross ?? 0) - filling.panKg;
  if (!(rawKg > 0 && made > 0)) return batch;
  const { least, most } = RANGES.draft.cookToShare;
  const cookToShare = clamp(made / rawKg, least, most);
  return { ...batch, fillings: { ...batch.fillings, [mark]: { ...filling, cookToShare } } };
}

/** What was measured of one tray. */
function trayAsCooked(
  batch: BatchDraft,
  mark: TrayMark,
  state: CookState,
  from: readonly { readonly portion: number; readonly pieces: number }[],
): BatchDraft {
  const rolled = (portion: number) => measuredOf(state, stepKey('roll', mark, portion), 'rolled-m');
  const folded = (portion: number) => measuredOf(state, stepKey('fold', mark, portion), 'pieces');
  const rolledM = from.reduce<number | null>((last, { portion }) => rolled(portion) ?? last, null);
  const told = from.some(({ portion }) => folded(portion) !== null);
  const pieces = told ? from.reduce((sum, { portion, pieces: of }) => sum + (folded(portion) ?? of), 0) : null;
  let next = batch.trays[mark]!;
  if (rolledM !== null) {
    const { least, most } = MEASURE_RANGE['rolled-m'];
    next = { ...next, fold: { ...next.fold, thicknessM: clamp(rolledM, least, most) } };
  }
  if (pieces !== null) {
    next = { ...next, pieces: Math.round(clamp(pieces, MEASURE_RANGE.pieces.least, MEASURE_RANGE.pieces.most)) };
  }
  return next === batch.trays[mark] ? batch : { ...batch, trays: { ...batch.trays, [mark]: next } };
}

/** What was poured in place of what the formula pours: each liquid in its share. */
function withPoured(draft: Pick<BatchDraft, 'dough'>, pouredKg: number, known: Known): BatchDraft['dough'] {
  const { pourableKg } = draftDough(draft, known);
  if (!(pourableKg > 0)) return draft.dough;
  const pantry = pantryOf(known);
  const lines = draft.dough.lines.map((line) =>
    pantry.find(line.ingredientId).role === 'liquid'
      ? { ...line, massKg: (line.massKg * pouredKg) / pourableKg }
      : line,
  );
  return { ...draft.dough, lines };
}

/** A figure of the rest of the line that a measured one has moved. */
export interface PlanChange {
  readonly what:
    | 'stiffness'
    | 'rise'
    | 'filling-kg'
    | 'filled'
    | 'fill'
    | 'in-oil'
    | 'loads'
    | 'at-stove'
    | 'dough-left';
  readonly before: number;
  readonly after: number;
  /** Of this tray, where the batch has several. */
  readonly mark?: TrayMark;
}

/** Moves less than this are none. */
const LEAST: Record<PlanChange['what'], number> = {
  stiffness: 0.3,
  rise: 300,
  'filling-kg': 0.01,
  filled: 1,
  fill: 0.02,
  'in-oil': 10,
  loads: 0.5,
  'at-stove': 60,
  'dough-left': 0.02,
};

/** Pieces the filling is enough for; `null` where nothing is filled. */
function filledBy({ filling, fold }: BatchPlan): number | null {
  const { piece, balance } = fold;
  if (!piece || piece.fillingM3 <= 0) return null;
  const eachKg = piece.fillingM3 * filling.figures.densityKgPerM3;
  const enough = Math.floor(filling.figures.targetKg / eachKg + 1e-6);
  // More than there are pieces is no news.
  return balance.fillingLeftKg >= -1e-9 ? Infinity : enough;
}

/**
 * What of the line is no longer as planned. SI.
 * @example planChanges(plan, plan) // []
 */
export function planChanges(before: BatchPlan, after: BatchPlan): PlanChange[] {
  const figures = (plan: BatchPlan): Record<PlanChange['what'], number | null> => ({
    stiffness: plan.dough.figures.stiffness,
    rise: plan.dough.rise?.doubleS ?? null,
    'filling-kg': plan.filling.figures.targetKg,
    // For so many pieces there is filling.
    filled: filledBy(plan),
    fill: plan.fold.piece?.fill ?? null,
    'in-oil': plan.fry?.takeOutS ?? null,
    loads: plan.fry?.loads?.loads ?? null,
    'at-stove': plan.fry?.loads?.totalS ?? null,
    'dough-left': plan.fold.balance.doughLeftKg,
  });
  const [a, b] = [figures(before), figures(after)];
  return (Object.keys(LEAST) as PlanChange['what'][]).flatMap((what): PlanChange[] => {
    const [from, to] = [a[what], b[what]];
    return from !== null && to !== null && Math.abs(to - from) >= LEAST[what]
      ? [{ what, before: from, after: to }]
      : [];
  });
}
