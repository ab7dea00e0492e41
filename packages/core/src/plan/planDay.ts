import { NO_COAT } from '../draft/choices.js';
import type { TrayDraft } from '../draft/draft.js';
import type { Kitchen } from '../draft/kitchen.js';
import { CoreError } from '../errors.js';
import { TEMPER_S } from '../frying/holdPiece.js';
import { oilChangeS } from '../oil/pot.js';
import { lastDropS } from '../oil/pipeline.js';
import { COAT_REST_S } from '../piece/coat.js';
import { EDGES } from '../piece/edge.js';
import { formOf } from '../piece/forms.js';
import { backwardChain, type ChainStep, type ChainTray } from '../schedule/backwardChain.js';
import type { ColdPlan, HotPlan, ServePlan } from './batchPlan.js';
import { serveFindings, type TrayWait } from './serveFindings.js';
import { cookedKeeps } from './trayKeep.js';

/** One tray with what is planned of it. */
export interface DayTray {
  readonly draft: TrayDraft;
  readonly cold: ColdPlan;
  readonly hot: Pick<HotPlan, 'fry' | 'bake' | 'putBy'>;
}

/** Hands' time for one dip of a coat, s. */
const DIP_S = 6;
/** Hands' time to lay pieces out for the cold, so many s and so many a piece. Our own. */
const PUT_BY_S = { all: 180, each: 3 };
/** A filling that is not cooked is weighed and mixed: this share of the time that cooking one takes. Our own. */
export const WEIGH_SHARE = 0.2;

/** Hands' time to fill, close and coat one piece, s. */
function foldEachS(draft: TrayDraft, kitchen: Kitchen): number {
  const { wet, dry, double } = draft.coat ?? NO_COAT;
  const edge = formOf(draft.form).hasEdge ? (draft.fold.edge ?? 'plain') : 'plain';
  const dips = (wet === 'none' ? 0 : 1) + (dry === 'none' ? 0 : 1);
  return Math.max(5, kitchen.hands.foldEachS + EDGES[edge].handsS) + DIP_S * dips * (double ? 2 : 1);
}

/**
 * Whether a filling goes in as it is mixed: raw, and nothing boils off.
 * @example isUncooked(draft.filling) // false
 */
export function isUncooked({ raw, cookToShare }: Pick<TrayDraft['filling'], 'raw' | 'cookToShare'>): boolean {
  return raw !== undefined && raw !== 'vegetables' && cookToShare >= 1;
}

/** s between the last piece folded and the oil being heated for it; 0: none. */
function holdS({ draft, hot: { fry } }: DayTray): number {
  const coatS = (draft.coat ?? NO_COAT).dry === 'none' ? 0 : COAT_REST_S;
  // Out of the Store they are cold already.
  if (draft.fromPutBy !== undefined) return Math.max(coatS, draft.fry.start === 'tempered' ? TEMPER_S : 0);
  const hold = fry?.hold ?? null;
  const coldS = hold === null ? 0 : (hold.coldS ?? 12 * 3600) + hold.temperS;
  return Math.max(coatS, coldS);
}

function chainTray(tray: DayTray, kitchen: Kitchen): ChainTray {
  const { draft, cold } = tray;
  const { filling } = draft;
  const isMade = draft.fromPutBy === undefined;
  const isCooked =
    isMade && (filling.aheadDays ?? 0) === 0 && (filling.lines.length > 0 || draft.fold.fillingEachKg > 0);
  const raw = isUncooked(filling);
  return {
    ...(draft.mark !== undefined && { mark: draft.mark, fillingMark: draft.fillingOf ?? draft.mark }),
    cookFillingS: isCooked ? kitchen.hands.cookFillingS * (raw ? WEIGH_SHARE : 1) : null,
    coolS: raw ? 0 : (cold.filling.cooling?.toFoldS ?? 12 * 3600),
    foldS: isMade ? foldEachS(draft, kitchen) * draft.pieces : null,
    putByS: isMade && tray.hot.putBy ? PUT_BY_S.all + PUT_BY_S.each * draft.pieces : null,
  };
}

const FOLD_ORDER = { freeze: 0, chill: 0, plain: 1, bake: 2, fry: 3 } as const;

/** When each of a batch's fried trays goes in, s after the first, and when the last is out. */
function throughOil(fried: readonly DayTray[], kitchen: Kitchen) {
  let atS = 0;
  const startS = fried.map(({ draft, hot }, i) => {
    const before = fried[i - 1];
    if (before) atS += oilChangeS(kitchen.pot, kitchen.roomC, before.draft.fry.oilC, draft.fry.oilC);
    const from = atS;
    atS += hot.fry?.lots?.totalS ?? 0;
    return from;
  });
  return { startS, totalS: atS };
}

/** How long each tray's pieces are warmer than a fridge before they are cooked or cold, s. */
function waitsOf(
  trays: readonly DayTray[],
  fried: readonly DayTray[],
  startS: readonly number[],
  steps: readonly ChainStep[],
) {
  const fryMs = steps.find(({ id }) => id === 'fry')?.startMs ?? 0;
  const bakeMs = steps.find(({ id }) => id === 'bake')?.startMs ?? 0;
  return trays.flatMap((tray): TrayWait[] => {
    const { draft, hot } = tray;
    const fold = steps.find(({ id, mark }) => id === 'fold' && mark === draft.mark);
    const temperS = draft.fry.start === 'tempered' ? TEMPER_S : 0;
    if (!fold) return temperS > 0 && hot.fry ? [{ waitS: temperS }] : [];
    const foldS = (fold.endMs - fold.startMs) / 1000;
    // What goes into the fridge or the freezer waits on the bench only while it is folded, and on paper.
    if (hot.fry && draft.fry.start !== 'room') return [{ waitS: foldS + temperS }];
    if (hot.fry) {
      const at = startS[fried.indexOf(tray)]! + (hot.fry.lots ? lastDropS(hot.fry.lots, draft.pieces) : 0);
      return [{ waitS: (fryMs - fold.startMs) / 1000 + at }];
    }
    return [{ waitS: hot.bake ? (bakeMs - fold.startMs) / 1000 + hot.bake.totalS - (hot.bake.minutesS ?? 0) : foldS }];
  });
}

/**
 * The day back from the table, one pair of hands, over all trays of a batch.
 *
 * @param trays at least one; those that are fried in the order of the pot
 * @throws CoreError NOT_A_NUMBER at eatAt
 */
export function planDay(trays: readonly DayTray[], kitchen: Kitchen, nowMs: number | null): ServePlan {
  const [first] = trays;
  const eatMs = Date.parse(first?.draft.eatAt ?? '');
  if (!first || !Number.isFinite(eatMs)) {
    throw new CoreError('NOT_A_NUMBER', 'eatAt', 'The eating time is not a date.');
  }
  const { hands } = kitchen;
  const { restS } = first.cold.dough.figures.family;
  const fried = trays.filter(({ hot }) => hot.fry !== null);
  const baked = trays.filter(({ hot }) => hot.bake !== null);
  const { startS, totalS } = throughOil(fried, kitchen);
  const folded = [...trays].sort((a, b) => FOLD_ORDER[a.draft.way ?? 'fry'] - FOLD_ORDER[b.draft.way ?? 'fry']);
  const steps = backwardChain(eatMs, {
    trays: folded.map((tray) => chainTray(tray, kitchen)),
    mixS: trays.some(({ draft }) => draft.fromPutBy === undefined) ? hands.mixS : null,
    // A dough that rises waits for its own clock, then proofs shaped.
    restS: first.cold.dough.rise?.totalS ?? (restS.least + restS.most) / 2,
    holdS: Math.max(0, ...fried.map(holdS)) || null,
    heatS: fried[0] ? (fried[0].hot.fry!.warmUpS ?? 3 * 3600) : null,
    fryS: totalS,
    bakeS: baked.length > 0 ? baked.reduce((sum, { hot }) => sum + hot.bake!.totalS, 0) : null,
    serveS: hands.serveS,
  });
  const cooked = trays.find(({ hot }) => hot.fry !== null || hot.bake !== null);
  return {
    steps,
    startMs: steps[0]!.startMs,
    lastLotUpMs: eatMs - hands.serveS * 1000,
    findings: serveFindings({
      ...{ steps, nowMs, roomC: kitchen.roomC, waits: waitsOf(trays, fried, startS, steps) },
      lifts: fried.map(({ hot }, i) => ({ startS: startS[i]!, liftS: hot.fry!.liftS })),
      noMoment:
        fried.some(({ hot }) => hot.fry!.liftS === null) || baked.some(({ hot }) => hot.bake!.minutesS === null),
      keeps: cooked ? cookedKeeps(cooked.draft, cooked.cold.filling.figures) : null,
    }),
  };
}
