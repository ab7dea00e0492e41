import type { BatchDraft } from '../../draft/batchDraft.js';
import type { TrayDraft } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { isFryable, type Piece } from '../../shapes/kit/piece.js';
import type { BatchPlan, ColdPlan, HotPlan } from '../tray/batchPlan.js';
import { type StoveTray, fryTrays, potOrder } from './fryTrays.js';
import { planCold } from '../tray/planCold.js';
import { type DayTray, planDay } from './planDay.js';
import { planFry } from '../tray/planFry.js';
import { trayBake } from '../tray/trayBake.js';
import { foldedBodyOf, fryBodyOf } from '../tray/trayBody.js';
import { stored } from '../tray/trayKeep.js';
import { traysOf } from '../edit/trays.js';

/** What becomes of the pieces of a tray, without its day. */
function cookTray(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): DayTray['hot'] {
  const way = draft.way ?? 'fry';
  return {
    fry: way === 'fry' ? planFry(draft, kitchen, cold, piece) : null,
    bake: way === 'bake' ? trayBake(draft, kitchen, fryBodyOf(draft, kitchen, cold, piece)) : null,
    stored:
      way === 'freeze' || way === 'chill' ? stored(draft, kitchen, foldedBodyOf(draft, kitchen, cold, piece)) : null,
  };
}

const NOTHING_HOT: HotPlan = { fry: null, bake: null, stored: null, serve: null };

/**
 * Fry and serve on top of the cold stations: the costly half, for a worker.
 * @param nowMs ms since the epoch, or `null` when lateness is not to be judged
 * @throws CoreError with the draft's field as path
 * @example planHot(draft, kitchen, cold, null).fry.loads.loads // 4
 */
export function planHot(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, nowMs: number | null): HotPlan {
  const { piece } = cold.fold;
  if (!isFryable(piece)) return NOTHING_HOT;
  const hot = cookTray(draft, kitchen, cold, piece);
  return { ...hot, serve: planDay([{ draft, cold, hot }], kitchen, nowMs) };
}

/**
 * The whole line of one tray: draft in, everything the screens show out.
 * @throws CoreError with the draft's field as path
 * @example planBatch(draft, kitchen, null).fry.takeOutS > 480 // true
 */
export function planBatch(draft: TrayDraft, kitchen: Kitchen, nowMs: number | null): BatchPlan {
  const cold = planCold(draft, kitchen);
  return { ...cold, ...planHot(draft, kitchen, cold, nowMs) };
}

/** One tray of a batch with its plan; its `serve` is that of the whole batch. */
export interface PlannedTray {
  readonly draft: TrayDraft;
  readonly plan: BatchPlan;
}

/**
 * Every tray of a batch, planned together: one dough, one pot, one day. In the order of the marks.
 * @throws CoreError with the tray's field as path
 * @example planTrays(batch, kitchen, null).length // 1
 */
export function planTrays(batch: BatchDraft, kitchen: Kitchen, nowMs: number | null): readonly PlannedTray[] {
  const drafts = traysOf(batch);
  const planned = drafts.map((draft) => {
    const cold = planCold(draft, kitchen);
    const { piece } = cold.fold;
    return { draft, cold, hot: isFryable(piece) ? cookTray(draft, kitchen, cold, piece) : NOTHING_HOT };
  });
  const order = potOrder(batch);
  const place = ({ draft: { mark = order[0]! } }: (typeof planned)[number]) => order.indexOf(mark);
  const ordered = [...planned].sort((a, b) => place(a) - place(b));
  const isWhole = planned.every(({ cold }) => isFryable(cold.fold.piece));
  const serve = isWhole ? planDay(ordered, kitchen, nowMs, batch.ownSteps) : null;
  return planned.map(({ draft, cold, hot }) => ({ draft, plan: { ...cold, ...hot, serve } }));
}

/**
 * What of a batch is fried, with its plans, as the stove takes it; `null` when something of it has
 * no moment to take it out, or nothing is fried.
 * @param planned of the batch in this kitchen, where that is known already
 * @example stoveTrays(batch, kitchen).length // 1
 */
export function stoveTrays(
  batch: BatchDraft,
  kitchen: Kitchen,
  planned = planTrays(batch, kitchen, null),
): readonly StoveTray[] | null {
  const trays = fryTrays(batch).flatMap((tray): StoveTray[] => {
    const fry = planned.find(({ draft }) => draft.mark === tray.draft.mark)?.plan.fry;
    return fry?.loads ? [{ ...tray, fry: { ...fry, loads: fry.loads } }] : [];
  });
  return trays.length > 0 && trays.length === fryTrays(batch).length ? trays : null;
}
