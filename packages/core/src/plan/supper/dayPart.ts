import { failingOf, type Fault } from '../../outcome/failing.js';
import { LIMITS, roomLimitS } from '../../limits/limits.js';
import { shapeOf } from '../../shapes/shapes.js';
import { type CookState, stepState } from '../../cook/cookAct.js';
import type { BatchDraft } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { oilChangeS } from '../../oil/pot.js';
import { lastDropS } from '../../oil/pipeline.js';
import { fryTrays } from '../batch/fryTrays.js';
import { type PartStay, partStays } from '../batch/partStays.js';
import type { PlannedTray } from '../batch/planBatch.js';
import { throughOil, upAfterS } from '../batch/planDay.js';
import { runSheet } from '../batch/runSheet.js';
import { type RunStep } from '../batch/runSteps.js';
import { type SupperPart, supperPart } from './supperEats.js';
import { rawKeepS } from '../tray/trayKeep.js';

/** Which cutter cuts a tray's blanks: by its size, to the millimetre; `null`: none does. */
function cutterOf({ shape, fold, fromStored }: TrayDraft): string | null {
  const { cutter } = shapeOf(shape);
  if (fromStored !== undefined || cutter === undefined) return null;
  return `cutter ${cutter === 'own' ? 'own ' : ''}${Math.round(1000 * fold.discM)}`;
}

/** What is still in the oil takes a minute at least, however long it has been there, s. */
const LEAST_FRY_S = 60;

/** A batch as the day plan of its supper needs it: its run-sheet, and what of it must not wait. */
export interface DayPart extends SupperPart {
  readonly name: string;
  /** ms since the epoch. */
  readonly eatMs: number;
  readonly sheet: readonly RunStep[];
  /** s that a dough may wait for its last piece; `null`: it keeps in the fridge, or none is made. */
  readonly doughWaitS: number | null;
  /** s that filled pieces may be at room temperature. */
  readonly roomLimitS: number;
  /** Of each fried tray: when its last piece goes in, s after the batch's first, and how long it would keep in the fridge before. */
  readonly fried: readonly {
    readonly mark: TrayMark;
    readonly lastDropS: number;
    readonly fridgeKeepS: number;
    /** It waits at room temperature, as planned. */
    readonly isWarm: boolean;
  }[];
  /** The cutter each tray is cut with, by its mark; empty: the only one. Absent: cut by knife, or not at all. */
  readonly cutters: Readonly<Partial<Record<TrayMark | '', string>>>;
  /** What of it lies in fridge, freezer and dishes. */
  readonly stays: readonly PartStay[];
  /** First pieces out of the oil, s after the batch's first drop; `null`: nothing is fried, or never right. */
  readonly firstUpS: number | null;
  /** The oven that finishes fried pieces is taken so long before the last is out of the oil, s; 0: none is. */
  readonly ovenLeadS: number;
  /** All that is fried is crisped again in the oven: it may be fried earlier. */
  readonly isCrisped: boolean;
  /** All that is fried or baked comes out right as planned. */
  readonly hasMoment: boolean;
  /** What is wrong with too many pieces of a fried tray, unsafe middles first; `null`: nothing, or nothing is fried. */
  readonly fault: Fault | null;
  /** s in which oil of this batch's heat cools until it hurts nobody; 0: nothing is fried. */
  readonly coolsS: number;
}

/** From the first piece out of the oil that goes into the oven until the last is out of the oil, s. */
function ovenLeadS(fried: readonly PlannedTray[], startS: readonly number[], totalS: number): number {
  const outS = fried.flatMap(({ plan: { fry } }, i) => (fry?.thenOven ? startS[i]! + (fry.takeOutS ?? 0) : []));
  return outS.length === 0 ? 0 : Math.max(0, Math.round(totalS - Math.min(...outS)));
}

/** The worst fault of any fried tray. */
function faultOf(fried: readonly PlannedTray[]): Fault | null {
  const faults = fried.flatMap(({ plan: { fry } }) => (fry?.chances && failingOf(fry.chances)) ?? []);
  return faults.find((fault) => fault === 'unsafe') ?? faults[0] ?? null;
}

/**
 * A planned batch as the day plan of its supper needs it.
 * @param planned every tray, as it was cooked so far
 * @param kitchen at the pot it is fried in
 * @example dayPart('a', batch, planTrays(batch, kitchen, null), kitchen).sheet[0].id // 'weigh-filling'
 */
export function dayPart(
  batchId: string,
  batch: BatchDraft,
  planned: readonly PlannedTray[],
  kitchen: Kitchen,
): DayPart {
  const sheet = runSheet(planned);
  const part = supperPart(batchId, batch, planned, kitchen);
  const isMade = sheet.some(({ what }) => what === 'fold');
  const isCold = sheet.some(({ what }) => what === 'warm');
  const fried = fryTrays(batch).flatMap(({ draft: { mark } }) => planned.filter(({ draft }) => draft.mark === mark));
  const { startS, totalS } = throughOil(
    fried.map(({ draft, plan }) => ({ draft, cold: plan, hot: plan })),
    kitchen,
  );
  const limitS = roomLimitS(kitchen.roomC);
  const lastDropsS = fried.map(
    ({ draft, plan: { fry } }, i) => startS[i]! + (fry?.loads ? lastDropS(fry.loads, draft.pieces) : 0),
  );
  const dropsS = new Map(fried.map(({ draft }, i) => [draft.mark, lastDropsS[i]!]));
  return {
    ...part,
    name: batch.name,
    eatMs: Date.parse(batch.eatAt),
    sheet,
    doughWaitS: isMade && !isCold && planned[0] ? planned[0].plan.dough.figures.family.waitsS : null,
    roomLimitS: limitS,
    cutters: Object.fromEntries(
      planned.flatMap(({ draft }) => {
        const cutter = cutterOf(draft);
        return cutter === null ? [] : [[planned.length > 1 ? draft.mark! : '', cutter]];
      }),
    ),
    stays: partStays(planned, sheet, dropsS, limitS),
    fried: fried.map(({ draft }, i) => ({
      mark: draft.mark ?? 'A',
      fridgeKeepS: rawKeepS(draft, 'fridge'),
      isWarm: draft.fry.start === 'room',
      lastDropS: lastDropsS[i]!,
    })),
    ovenLeadS: ovenLeadS(fried, startS, totalS),
    firstUpS: fried[0]?.plan.fry ? upAfterS(fried[0].plan.fry) : null,
    isCrisped: fried.length > 0 && fried.every(({ plan: { fry } }) => fry?.crisp?.minutesS != null),
    hasMoment: planned.every(
      ({ plan: { fry, bake } }) =>
        (fry === null || upAfterS(fry) !== null) && fry?.crisp?.minutesS !== null && bake?.minutesS !== null,
    ),
    fault: faultOf(fried),
    coolsS: part.job ? oilChangeS(kitchen.pot, kitchen.roomC, part.job.oilC, LIMITS.oil.leaveBelowC) : 0,
  };
}

/**
 * A batch that is at the stove: its oil is hot, and what it still takes is less by what has passed.
 *
 * @param startedMs when the stove was started
 * @example duringFry(part, new Map(), 0, 600_000).state.size // 1
 */
export function duringFry(
  part: DayPart,
  state: CookState,
  startedMs: number,
  nowMs: number,
): { readonly part: DayPart; readonly state: CookState } {
  const heat = part.sheet.find(({ what }) => what === 'heat');
  if (!heat) return { part, state };
  const now = stepState(state, heat.id);
  const atMs = now.state === 'open' ? startedMs + 1000 * heat.durationS : now.atMs!;
  const passedS = Math.max(0, nowMs - atMs) / 1000;
  const sheet = part.sheet.map((step) =>
    step.what === 'fry' ? { ...step, durationS: Math.max(LEAST_FRY_S, step.durationS - passedS) } : step,
  );
  return { part: { ...part, sheet }, state: new Map([...state, [heat.id, { ...now, state: 'done', atMs }]]) };
}
