import { cookState, type MeasureId, measuredOf, stepKey, stepState } from '../../cook/cookAct.js';
import { type BatchDraft, marksOf } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import { headsOf } from '../../draft/supper.js';
import { clamp } from '../../numeric/clamp.js';
import { RANGES } from '../../draft/ranges.js';
import { CoreError } from '../../errors.js';
import { asCooked } from '../batch/asCooked.js';
import { draftDough } from '../edit/draftFigures.js';
import { type Happened, handsWork } from './observe.js';
import { type PlannedTray, planTrays } from '../batch/planBatch.js';
import { type RunStep, runSheet } from '../batch/runSheet.js';
import { trayOf, withTray } from '../edit/trays.js';

/** A figure of a station as it was planned and as it was. SI; °C, s, a moment in ms; `null`: not recorded. */
export interface WholeRow {
  readonly station: 'dough' | 'filling' | 'fold' | 'fry' | 'serve';
  readonly what: WholeId;
  /** Of this tray, where the batch has several. */
  readonly mark?: TrayMark;
  readonly planned: number | null;
  readonly happened: number | null;
}
export type WholeId =
  | Exclude<MeasureId, 'pieces' | 'golden-s' | 'portions' | 'pan-kg'>
  | ('filling-kg' | 'folded' | 'ready-at' | 'hands-s' | 'begun-at' | 'energy-j' | 'cost' | 'wasted' | 'guests');

/** Everything that is known of a batch, beside its plan. */
export interface WholeRecord {
  /** In the order of the stations; what was neither planned nor recorded is absent. */
  readonly rows: readonly WholeRow[];
  /** Differences that mattered, by the models, the greatest first. */
  readonly mattered: readonly Mattered[];
}

/** One difference from the plan, and what it alone did to the pieces. */
export interface Mattered {
  readonly what: DifferenceId;
  readonly mark: TrayMark;
  readonly planned: number;
  readonly happened: number;
  /** Colour B when it is taken out beside the plan's, darker (+). */
  readonly colour: number;
  /** Coldest filling at the first bite beside the plan's, K. */
  readonly biteC: number;
  /** Share that opens, planned and with it; `null`: they have no seam. */
  readonly bursts: { readonly before: number; readonly after: number } | null;
  /** Oil in a piece beside the plan's, kg. */
  readonly oilKg: number;
  /** How much all of that is, in steps a cook sees: 1 is one such step. */
  readonly weight: number;
}
export const DIFFERENCES = ['oil-c', 'in-oil-s', 'rolled-m', 'filling-kg', 'poured-kg'] as const;
export type DifferenceId = (typeof DIFFERENCES)[number];

/** What a cook sees as one step of each: of colour, of the first bite, of the odds that a piece opens, of oil taken up. Our own. */
const STEP = { colour: 0.3, biteC: 8, logOdds: 0.7, oilShare: 0.2 } as const;
/** Less than this of a step matters to nobody. */
const LEAST_WEIGHT = 0.3;

/**
 * A record as a whole: every station planned beside happened, what it cost in money, energy and
 * minutes, what was wasted and who ate; and which of the differences mattered, each tried alone through
 * the models. Our own; see docs/models/ledger.md.
 *
 * @returns `null` where it can no longer be planned
 * @example wholeRecord({ draft: batch, kitchen, acts: [], cookActs: [], figures: {}, looks: { trays: {} }, atMs: 0 }).mattered.length // 0
 */
export function wholeRecord(record: Happened): WholeRecord | null {
  try {
    const planned = planTrays(record.draft, record.kitchen, null);
    return { rows: rowsOf(record, planned), mattered: matteredOf(record, planned) };
  } catch (cause) {
    if (cause instanceof CoreError) return null;
    throw cause;
  }
}

function rowsOf(record: Happened, planned: readonly PlannedTray[]): WholeRow[] {
  const { draft, kitchen, cookActs, figures } = record;
  const state = cookState(cookActs);
  const sheet = runSheet(planned);
  const several = planned.length > 1;
  const rows: WholeRow[] = [];
  const say = (row: WholeRow) => {
    if (row.planned !== null || row.happened !== null) rows.push(row);
  };
  const told = (step: Parameters<typeof stepKey>[0], measure: MeasureId, mark?: TrayMark) =>
    measuredOf(state, stepKey(step, mark), measure);
  const [first] = planned;
  const { dough } = first!.plan;
  say({
    station: 'dough',
    what: 'poured-kg',
    planned: dough.figures.pourableKg > 0 ? dough.figures.pourableKg : null,
    happened: told('mix-dough', 'poured-kg'),
  });
  say({
    station: 'dough',
    what: 'liquid-c',
    planned: dough.rise?.liquidC ?? null,
    happened: told('mix-dough', 'liquid-c'),
  });
  say({
    station: 'dough',
    what: 'dough-c',
    planned: dough.rise?.doughC ?? null,
    happened: told('mix-dough', 'dough-c'),
  });
  say({
    station: 'dough',
    what: 'dough-kg',
    planned: dough.figures.family.onHeat ? dough.figures.massKg : null,
    happened: told('mix-dough', 'dough-kg'),
  });
  for (const { draft: tray, plan } of planned) {
    const mark = several ? { mark: tray.mark! } : {};
    const pan = told('cook-filling', 'pan-kg', tray.mark);
    const own = figures[tray.mark ?? 'A'] ?? null;
    if (tray.filling.lines.length > 0 && (tray.fillingOf ?? tray.mark) === tray.mark) {
      const kg = plan.filling.figures.targetKg;
      const happened = pan === null ? null : pan - tray.filling.panKg;
      say({ station: 'filling', what: 'filling-kg', ...mark, planned: kg, happened });
      say({
        station: 'filling',
        what: 'filling-c',
        ...mark,
        planned: plan.filling.foldC,
        happened: told('cool', 'filling-c', tray.mark),
      });
    }
    say({
      station: 'fold',
      what: 'rolled-m',
      ...mark,
      planned: tray.fold.thicknessM,
      happened: told('roll', 'rolled-m', tray.mark),
    });
    const made = told('fold', 'pieces', tray.mark) ?? (own && own.fried + own.burst + own.aside + own.notFried);
    say({ station: 'fold', what: 'folded', ...mark, planned: tray.pieces, happened: made });
    say({
      station: 'fold',
      what: 'portion-spread',
      ...mark,
      planned: null,
      happened: told('fold', 'portion-spread', tray.mark),
    });
  }
  const wasted = wastedKg(record, planned);
  if (wasted > 0) say({ station: 'fry', what: 'wasted', planned: 0, happened: wasted });
  say({ station: 'fry', what: 'energy-j', planned: null, happened: energyJ(record) });
  for (const row of ofTheDay(sheet, record)) say(row);
  const cost = (of: readonly PlannedTray[]) =>
    of.reduce((sum, { draft: tray, plan }) => sum + tray.pieces * (plan.fold.costEach ?? 0), 0);
  if (cost(planned) > 0)
    say({
      station: 'serve',
      what: 'cost',
      planned: cost(planned),
      happened: cost(planTrays(asCooked(draft, state, kitchen), kitchen, null)),
    });
  const heads = headsOf(kitchen.guests ?? []);
  if (heads > 0) say({ station: 'serve', what: 'guests', planned: null, happened: heads });
  return rows;
}

/** When it was begun and ready, and the hands-on minutes. */
function ofTheDay(sheet: readonly RunStep[], { draft, cookActs }: Happened): WholeRow[] {
  const state = cookState(cookActs);
  const done = sheet.flatMap(({ id }) => stepState(state, id).atMs ?? []);
  const serve = sheet.find(({ what }) => what === 'serve');
  const readyMs = serve ? stepState(state, serve.id).atMs : null;
  const work = handsWork(sheet, cookActs);
  const seenS = work.reduce((sum, one) => sum + one.seenS, 0);
  // Only recorded steps are compared.
  const plannedS = work.reduce((sum, one) => sum + one.plannedS, 0);
  return [
    {
      station: 'serve',
      what: 'begun-at',
      planned: sheet[0]?.startMs ?? null,
      happened: done.length > 0 ? Math.min(...done) : null,
    },
    { station: 'serve', what: 'ready-at', planned: Date.parse(draft.eatAt), happened: readyMs },
    ...(work.length > 0 ? [{ station: 'serve', what: 'hands-s', planned: plannedS, happened: seenS } as const] : []),
  ];
}

/** Dough and filling of pieces that burst or were never fried, kg. */
function wastedKg({ figures }: Happened, planned: readonly PlannedTray[]): number {
  return planned.reduce((sum, { draft, plan }) => {
    const own = figures[draft.mark ?? 'A'];
    const eachKg = (plan.fold.piece?.doughKg ?? 0) + draft.fold.fillingEachKg;
    return sum + (own ? own.burst * eachKg : 0);
  }, 0);
}

/** Energy the burner used, from its settings, J; `null`: they were not recorded. */
function energyJ({ acts, kitchen }: Happened): number | null {
  const turned = acts.flatMap((act) => (act.kind === 'burner' ? [{ atS: act.atS, setting: act.setting }] : []));
  if (turned.length === 0) return null;
  const { burnerW, settings } = kitchen.pot;
  const lastS = Math.max(...acts.map(({ atS }) => atS));
  return turned.reduce((sum, { atS, setting }, i) => {
    const untilS = turned[i + 1]?.atS ?? Math.max(atS, lastS);
    return sum + (untilS - atS) * burnerW * clamp(setting / settings, 0, 1);
  }, 0);
}

/** Each difference alone, through the models: the plan with only that changed. */
function matteredOf({ draft, kitchen, cookActs, figures }: Happened, planned: readonly PlannedTray[]): Mattered[] {
  const state = cookState(cookActs);
  const { oilC, minutesS, thicknessM, cookToShare } = RANGES.draft;
  const found = planned.flatMap(({ draft: tray, plan }) => {
    const mark = tray.mark ?? 'A';
    const own = figures[mark];
    const takeOutS = plan.fry?.takeOutS ?? null;
    if (!own || takeOutS === null) return [];
    // Taken out when it was planned, so that each difference shows what it did.
    const base = withFried(draft, mark, { minutesS: clamp(takeOutS, minutesS.least, minutesS.most) });
    const before = plannedTray(base, mark, kitchen);
    if (!before?.plan.fry) return [];
    const alone = (what: DifferenceId, was: number | null, is: number | null, changed: () => BatchDraft) => {
      if (was === null || is === null || !(Math.abs(is - was) > 1e-6 * Math.abs(was))) return [];
      const after = plannedTray(changed(), mark, kitchen);
      return after ? [difference(what, mark, was, is, before, after)] : [];
    };
    const rolled = measuredOf(state, stepKey('roll', tray.mark), 'rolled-m');
    const pan = measuredOf(state, stepKey('cook-filling', tray.mark), 'pan-kg');
    const poured = measuredOf(state, stepKey('mix-dough'), 'poured-kg');
    const fold = (change: Partial<typeof tray.fold>) => {
      const now = trayOf(base, base.trays[mark] ? mark : null);
      return withTray(base, { ...now, fold: { ...now.fold, ...change } });
    };
    const targetKg = plan.filling.figures.targetKg;
    const madeKg = pan === null ? null : pan - tray.filling.panKg;
    return [
      ...alone('oil-c', tray.fry.oilC, tray.fry.ramp ? null : own.oilMeanC, () =>
        withFried(base, mark, { oilC: clamp(own.oilMeanC!, oilC.least, oilC.most) }),
      ),
      ...alone('in-oil-s', takeOutS, own.meanInOilS, () =>
        withFried(base, mark, { minutesS: clamp(own.meanInOilS!, minutesS.least, minutesS.most) }),
      ),
      ...alone('rolled-m', tray.fold.thicknessM, rolled, () =>
        fold({ thicknessM: clamp(rolled!, thicknessM.least, thicknessM.most) }),
      ),
      ...alone('filling-kg', targetKg, madeKg, () => {
        const of = tray.fillingOf ?? mark;
        const filling = base.fillings[of]!;
        const share = clamp((filling.cookToShare * madeKg!) / targetKg, cookToShare.least, cookToShare.most);
        return { ...base, fillings: { ...base.fillings, [of]: { ...filling, cookToShare: share } } };
      }),
      ...alone('poured-kg', draftDough(draft, kitchen).pourableKg, poured, () => ({
        ...base,
        dough: asCooked(draft, state, kitchen).dough,
      })),
    ];
  });
  return found.filter(({ weight }) => weight >= LEAST_WEIGHT).sort((a, b) => b.weight - a.weight);
}

function withFried(batch: BatchDraft, mark: TrayMark, change: { oilC?: number; minutesS?: number }): BatchDraft {
  const tray = trayOf(batch, batch.trays[mark] ? mark : null);
  return withTray(batch, { ...tray, fry: { ...tray.fry, ...change } });
}

/** One tray planned anew; `null` where that cannot be planned. */
function plannedTray(batch: BatchDraft, mark: TrayMark, kitchen: Happened['kitchen']): PlannedTray | null {
  try {
    return planTrays(batch, kitchen, null).find(({ draft }) => (draft.mark ?? marksOf(batch)[0]) === mark) ?? null;
  } catch (cause) {
    if (cause instanceof CoreError) return null;
    throw cause;
  }
}

function difference(
  what: DifferenceId,
  mark: TrayMark,
  planned: number,
  happened: number,
  before: PlannedTray,
  after: PlannedTray,
): Mattered {
  const colourOf = ({ plan }: PlannedTray) => {
    const at = plan.fry?.atTakeOut?.colours;
    return at ? (at[0] + at[1]) / 2 : 0;
  };
  const bite = ({ plan }: PlannedTray) => plan.fry?.rest?.biteC ?? 0;
  const oil = ({ plan }: PlannedTray) => plan.fry?.oilUptakeKg ?? 0;
  const [was, is] = [before.plan.fold.burst, after.plan.fold.burst];
  const bursts = was && is ? { before: was.share, after: is.share } : null;
  const logit = (p: number) => Math.log(p / (1 - p));
  const colour = colourOf(after) - colourOf(before);
  const biteC = bite(after) - bite(before);
  const oilKg = oil(after) - oil(before);
  const weight =
    Math.abs(colour) / STEP.colour +
    Math.abs(biteC) / STEP.biteC +
    (bursts ? Math.abs(logit(bursts.after) - logit(bursts.before)) / STEP.logOdds : 0) +
    (oil(before) > 0 ? Math.abs(oilKg) / (STEP.oilShare * oil(before)) : 0);
  return { what, mark, planned, happened, colour, biteC, bursts, oilKg, weight };
}
