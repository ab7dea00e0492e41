import { doughFamily } from '../../families/families.js';
import { type CookAct, cookState, measuredOf, stepKey, stepState } from '../../cook/cookAct.js';
import type { BatchDraft } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { doughKey, type HandWork } from '../../draft/learnt.js';
import { RANGES } from '../../draft/ranges.js';
import { CoreError } from '../../errors.js';
import type { StoveAct } from '../../stove/stoveAct.js';
import { stoveState } from '../../stove/stoveAct.js';
import { stoveBelief } from '../../stove/stoveLearning.js';
import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import { colourOnRamp } from '../../heat/colour.js';
import { LEARNT_SPREAD, type Observation } from '../../learning/beliefs.js';
import type { RecordLooks } from '../../learning/looks.js';
import { clamp } from '../../numeric/clamp.js';
import { asCooked } from '../batch/asCooked.js';
import { friedPieces, fryTrays } from '../batch/fryTrays.js';
import { type PlannedTray, planTrays } from '../batch/planBatch.js';
import { runSheet } from '../batch/runSheet.js';
import { type RunStep } from '../batch/runSteps.js';
import { trayOf, withTray } from '../edit/trays.js';

/** What is known of a batch that is over. */
export interface Happened {
  readonly draft: BatchDraft;
  /** As it was then. */
  readonly kitchen: Kitchen;
  readonly acts: readonly StoveAct[];
  readonly cookActs: readonly CookAct[];
  /** Of each tray at the stove. */
  readonly figures: Readonly<Partial<Record<TrayMark, LedgerFigures>>>;
  readonly looks: RecordLooks;
  /** ms since the epoch. */
  readonly atMs: number;
}

/** Paler than this by the model, a crust says little of how fast it colours. */
const LEAST_COLOUR = 0.25;
/** Liked this much, it is what this cook wants. */
const LIKED = 4;
/** Whose time each step is. */
const WORK_OF: Partial<Record<RunStep['what'], HandWork>> = {
  'weigh-filling': 'cookFillingS',
  'cook-filling': 'cookFillingS',
  'mix-dough': 'mixS',
  roll: 'foldEachS',
  fold: 'foldEachS',
  serve: 'serveS',
};
/** What tells that a step is begun. */
const BEGINS: readonly CookAct['kind'][] = ['tick', 'take'];
/** A step that took so many times its plan, or so little of it, was interrupted or recorded late: it says nothing. */
const TOLD_LATE = { least: 0.35, most: 2.5 };

/**
 * What a batch says of the figures that plans are made with, beside what the models say without
 * anything learnt. What was not seen says nothing. Our own; see docs/models/ledger.md.
 *
 * @returns empty where it can no longer be planned
 * @example observationsOf({ draft: batch, kitchen, acts: [], cookActs: [], figures: {}, looks: { trays: {} }, atMs: 0 }).length // 0
 */
export function observationsOf({
  draft,
  kitchen: then,
  acts,
  cookActs,
  figures,
  looks,
  atMs,
}: Happened): readonly Observation[] {
  const { learnt: _then, ...kitchen } = then;
  const state = cookState(cookActs);
  try {
    const made = asCooked(draft, state, kitchen);
    const common = { of: 1, hits: 0, atMs };
    // Hands-on time does not depend on oil and minutes: one plan gives both.
    const planned = planTrays(asFried(made, figures), kitchen, null);
    const found: Observation[] = planned.flatMap((tray) => ofTray(tray, figures, looks, acts, then, atMs));
    for (const [key, value] of handsSeen(runSheet(planned), cookActs))
      found.push({ kind: 'hands', key, value, ...common });
    const { boilOffShare, onHeat } = made.dough;
    if (doughFamily(draft.dough.family).onHeat && draft.dough.boilOffShare === undefined && boilOffShare !== undefined)
      found.push({ kind: 'boil-off', key: onHeat ? 'on-heat' : 'off-heat', value: boilOffShare, ...common });
    const [first] = planned;
    const { answer } = stepState(state, stepKey('mix-dough'));
    if (first?.plan.dough.figures.family.fistTest && (answer === 'yes' || answer === 'no')) {
      const value = first.plan.dough.figures.fatPercent / 100;
      found.push({ kind: 'fist', key: '', value, of: 1, hits: answer === 'yes' ? 1 : 0, atMs });
    }
    const spreads = planned.flatMap(({ draft: { mark } }) =>
      told(
        measuredOf(state, stepKey('fold', mark), 'portion-spread'),
        measuredOf(state, stepKey('fold', mark), 'portions'),
      ),
    );
    for (const { value, of } of spreads) found.push({ kind: 'portions', key: '', value, of, hits: 0, atMs });
    return found;
  } catch (cause) {
    // What was measured may be beyond any plan: then it teaches nothing.
    if (cause instanceof CoreError) return [];
    throw cause;
  }
}

const told = (value: number | null, of: number | null) => (value === null || of === null ? [] : [{ value, of }]);

/** The batch with the oil and the time it really had. */
function asFried(batch: BatchDraft, figures: Happened['figures']): BatchDraft {
  const { oilC: oil, minutesS: minutes } = RANGES.draft;
  return fryTrays(batch).reduce((now, { draft: { mark = 'A' } }) => {
    const tray = trayOf(now, now.trays[mark] ? mark : null);
    const { meanInOilS = null, oilMeanC = null } = figures[mark] ?? {};
    const fry = {
      ...tray.fry,
      ...(meanInOilS !== null && { minutesS: clamp(meanInOilS, minutes.least, minutes.most) }),
      ...(oilMeanC !== null && !tray.fry.ramp && { oilC: clamp(oilMeanC, oil.least, oil.most) }),
    };
    return withTray(now, { ...tray, fry });
  }, batch);
}

/** What one fried tray says: how it coloured, what was wanted of it, how many opened. */
function ofTray(
  { draft, plan }: PlannedTray,
  figures: Happened['figures'],
  { trays }: RecordLooks,
  acts: readonly StoveAct[],
  then: Kitchen,
  atMs: number,
): Observation[] {
  const mark = draft.mark ?? 'A';
  const [own, looks = {}] = [figures[mark], trays[mark]];
  if (!own || own.fried + own.burst === 0 || !plan.fry) return [];
  const common = { of: 1, hits: 0, atMs };
  const found: Observation[] = [];
  const colours = plan.fry.atTakeOut?.colours;
  const model = colours ? (colours[0] + colours[1]) / 2 : 0;
  const paler = colours && model > 0 ? Math.min(colours[0], colours[1]) / model : 1;
  const seen = looks.crust === undefined ? null : colourOnRamp(looks.crust);
  const { least, most } = LEARNT_SPREAD.browning;
  const key = doughKey(draft);
  if (own.meanInOilS !== null && model >= LEAST_COLOUR) {
    if (seen !== null && seen > 0)
      found.push({ kind: 'browning', key, value: clamp(seen / model, least, most), ...common });
    else {
      // Judged at the stove, against what was shown there: with what was believed then.
      const judged = stoveBelief(stoveState(acts, friedPieces([{ draft, first: 1 }])));
      const value = judged.browning * (then.learnt?.browning?.[key]?.value ?? 1);
      if (judged.looks > 0) found.push({ kind: 'browning', key, value: clamp(value, least, most), ...common });
    }
  }
  if (seen !== null && (looks.keep === true || (looks.liked ?? 0) >= LIKED))
    // It is taken out by its paler face; what is judged is the whole of it.
    found.push({ kind: 'golden', key: '', value: seen * paler, ...common });
  const share = plan.fold.burst?.share;
  if (share !== undefined)
    found.push({ kind: 'bursts', key: draft.shape, value: share, of: own.fried + own.burst, hits: own.burst, atMs });
  return found;
}

/** One hands-on step: as long as it took, and as planned, s. */
export interface HandsStep {
  readonly work: HandWork;
  readonly seenS: number;
  readonly plannedS: number;
}

/**
 * How long hands-on steps took against the plan, step by step: from when the step before was over, or the
 * first thing was set out, until it was recorded as done. What was interrupted, or recorded late, is left out.
 */
export function handsWork(sheet: readonly RunStep[], cookActs: readonly CookAct[]): readonly HandsStep[] {
  const state = cookState(cookActs);
  const ends = sheet.flatMap(({ id, what }) => {
    const { state: now, atMs } = stepState(state, id);
    return now === 'done' && atMs !== null ? [{ id, what, atMs }] : [];
  });
  return sheet.flatMap((step): HandsStep[] => {
    const work = WORK_OF[step.what];
    const end = ends.find(({ id }) => id === step.id);
    if (!work || !end || step.durationS <= 0) return [];
    const before = Math.max(
      ...ends.filter(({ atMs, id }) => atMs <= end.atMs && id !== step.id).map(({ atMs }) => atMs),
    );
    const first = Math.min(
      ...cookActs
        // What is set out or taken on begins a step; what is measured comes at its end.
        .filter(
          ({ step: id, kind, atMs }) => id === step.id && BEGINS.includes(kind) && atMs >= before && atMs < end.atMs,
        )
        .map(({ atMs }) => atMs),
    );
    const fromMs = Number.isFinite(first) ? first : before;
    const seenS = (end.atMs - fromMs) / 1000;
    const times = seenS / step.durationS;
    return times >= TOLD_LATE.least && times <= TOLD_LATE.most ? [{ work, seenS, plannedS: step.durationS }] : [];
  });
}

/** The same by work: how many times the plan it took. */
function handsSeen(sheet: readonly RunStep[], cookActs: readonly CookAct[]): [HandWork, number][] {
  const took = handsWork(sheet, cookActs);
  const works = [...new Set(took.map(({ work }) => work))];
  return works.map((work) => {
    const own = took.filter((one) => one.work === work);
    const sum = (of: 'seenS' | 'plannedS') => own.reduce((all, one) => all + one[of], 0);
    return [work, sum('seenS') / sum('plannedS')];
  });
}
