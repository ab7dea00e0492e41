import { type Mattered, matteredOf } from './mattered.js';
import { cookState, type MeasureId, measuredOf, stepKey, stepState } from '../../cook/cookAct.js';
import type { TrayMark } from '../../draft/draft.js';
import { headsOf } from '../../draft/supper.js';
import { clamp } from '../../numeric/clamp.js';
import { CoreError } from '../../errors.js';
import { asCooked } from '../batch/asCooked.js';
import { type Happened, handsWork } from './observe.js';
import { type PlannedTray, planTrays } from '../batch/planBatch.js';
import { runSheet } from '../batch/runSheet.js';
import { type RunStep } from '../batch/runSteps.js';

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

/** Planned beside happened. It is long because it is a list of rows. */
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
