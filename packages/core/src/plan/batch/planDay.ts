import { doughFamily } from '../../families/families.js';
import { NO_COATING } from '../../draft/choices.js';
import { type BatchDraft, type OwnStep } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../../draft/draft.js';
import { handsOf, type Kitchen } from '../../draft/kitchen.js';
import { CoreError } from '../../errors.js';
import { isUncooked } from '../../filling/fillingSafety.js';
import { TEMPER_S } from '../../heat/holdPiece.js';
import { oilChangeS } from '../../oil/pot.js';
import { lastDropS } from '../../oil/pipeline.js';
import { COATING_REST_S } from '../../piece/coating.js';
import { EDGES } from '../../shapes/kit/edge.js';
import { shapeOf } from '../../shapes/shapes.js';
import { backwardChain, type ChainStep, stretchesOf, type ChainTray } from '../../schedule/backwardChain.js';
import type { ColdPlan, HotPlan, ServePlan } from '../tray/batchPlan.js';
import { serveFindings, type TrayWait } from './serveFindings.js';
import { potOrder } from './fryTrays.js';
import { ownDoughKg } from '../edit/editDraft.js';
import { cookedKeeps, rawKeepS } from '../tray/trayKeep.js';
import type { Finding } from '../../draft/finding.js';
import type { FryPlan } from '../../outcome/fryPlan.js';

/** One tray with what is planned of it. */
export interface DayTray {
  readonly draft: TrayDraft;
  readonly cold: ColdPlan;
  readonly hot: Pick<HotPlan, 'fry' | 'bake' | 'stored'>;
}

/** Hands' time for one dip of a coating, s. */
const DIP_S = 6;
/** Hands' time to lay pieces out for the cold, so many s and so many a piece. Our own. */
const STORED_S = { all: 180, each: 3 };
/** Hands' time to shape a portion of filling; it is saved when the piece is filled. And to dry what is wrapped. s, our own. */
const SHAPE_S = 8;
const DRY_S = 6;
/** A dough that was made ahead comes out of the fridge so long before it is rolled, s. Our own. */
const WARM_S = 1800;
/** Whether its pieces are folded on an earlier day. */
const isAhead = ({ dough, fromStored }: TrayDraft): boolean =>
  dough.ahead?.upTo === 'pieces' && fromStored === undefined;

/** A filling that is not cooked is weighed and mixed: this share of the time that cooking one takes. Our own. */
export const WEIGH_SHARE = 0.2;

/** Hands' time to fill, close and coating one piece, s. */
function foldEachS(draft: TrayDraft, kitchen: Kitchen): number {
  const { wet, dry, double } = draft.coating ?? NO_COATING;
  const edge = shapeOf(draft.shape).hasEdge ? (draft.fold.edge ?? 'plain') : 'plain';
  const dips = (wet === 'none' ? 0 : 1) + (dry === 'none' ? 0 : 1);
  const shaped = draft.fold.fillingState === 'part-frozen' ? SHAPE_S : 0;
  return Math.max(5, handsOf(kitchen).foldEachS + EDGES[edge].handsS - shaped) + DIP_S * dips * (double ? 2 : 1);
}

/** s between the last piece folded and the oil being heated for it; 0: none. */
function holdS({ draft, hot: { fry } }: DayTray): number {
  const coatingS = (draft.coating ?? NO_COATING).dry === 'none' ? 0 : COATING_REST_S;
  // Out of the Store they are cold already.
  if (draft.fromStored !== undefined || isAhead(draft))
    return Math.max(coatingS, draft.fry.start === 'tempered' ? TEMPER_S : 0);
  const hold = fry?.hold ?? null;
  const coldS = hold === null ? 0 : (hold.coldS ?? 12 * 3600) + hold.temperS;
  return Math.max(coatingS, coldS);
}

function chainTray(tray: DayTray, kitchen: Kitchen): ChainTray {
  const { draft, cold } = tray;
  const { filling } = draft;
  const isMade = draft.fromStored === undefined;
  const isFilled = isMade && (filling.lines.length > 0 || draft.fold.fillingEachKg > 0);
  const raw = isUncooked(filling);
  return {
    ...(draft.mark !== undefined && { mark: draft.mark, fillingMark: draft.fillingOf ?? draft.mark }),
    cookFillingS: isFilled ? handsOf(kitchen).cookFillingS * (raw ? WEIGH_SHARE : 1) : null,
    ...(filling.aheadDays !== undefined && { aheadDays: filling.aheadDays }),
    coolS: raw ? 0 : (cold.filling.cooling?.toFoldS ?? 12 * 3600),
    foldEachS: isMade ? foldEachS(draft, kitchen) : null,
    pieces: draft.pieces,
    doughKg: ownDoughKg(draft),
    storedS: isMade && (tray.hot.stored || isAhead(draft)) ? STORED_S.all + STORED_S.each * draft.pieces : null,
    ...(isMade && cold.fold.firmS !== null && { firm: { shapeS: SHAPE_S * draft.pieces, firmS: cold.fold.firmS } }),
    ...(isMade && shapeOf(draft.shape).holdsOneWhole && isFilled && { dryS: DRY_S * draft.pieces }),
  };
}

const FOLD_ORDER = { freeze: 0, chill: 0, plain: 1, bake: 2, fry: 3 } as const;

/** When each of a batch's fried trays goes in, s after the first, and when the last is out. */
export function throughOil(fried: readonly DayTray[], kitchen: Kitchen) {
  let atS = 0;
  const startS = fried.map(({ draft, hot }, i) => {
    const before = fried[i - 1];
    if (before) atS += oilChangeS(kitchen.pot, kitchen.roomC, before.draft.fry.oilC, draft.fry.oilC);
    const from = atS;
    atS += hot.fry?.loads?.totalS ?? 0;
    return from;
  });
  return { startS, totalS: atS };
}

/** How long the oven goes on after the last of the oil, s; `null`: nothing is finished in it. */
function ovenAfterS(fried: readonly DayTray[], startS: readonly number[], totalS: number): number | null {
  if (fried.every(({ hot }) => !hot.fry?.thenOven)) return null;
  const ends = fried.map(({ hot: { fry } }, i) =>
    fry?.thenOven ? startS[i]! + (fry.loads?.totalS ?? 0) + fry.thenOven.afterLastS : 0,
  );
  return Math.max(60, ...ends.map((endS) => endS - totalS));
}

/** s from a drop until that piece may be served, its oven included; `null`: never. @example upAfterS({ takeOutS: 300, thenOven: null }) // 300 */
export function upAfterS({ takeOutS, thenOven }: Pick<FryPlan, 'takeOutS' | 'thenOven'>): number | null {
  if (takeOutS === null || thenOven === null) return takeOutS;
  return thenOven.minutesS === null ? null : takeOutS + thenOven.minutesS;
}

/**
 * How many pieces of each tray are folded out of which portion of dough.
 * @example foldedFrom(batch)[0].pieces // 24
 */
export function foldedFrom(batch: BatchDraft): readonly { mark: TrayMark; portion: number; pieces: number }[] {
  const trays = potOrder(batch)
    .map((mark) => ({ ...batch.trays[mark]!, mark, dough: batch.dough }))
    .sort((a, b) => FOLD_ORDER[a.way ?? 'fry'] - FOLD_ORDER[b.way ?? 'fry'])
    .map((tray) => ({
      mark: tray.mark,
      pieces: tray.pieces,
      doughKg: ownDoughKg(tray),
      cookFillingS: null,
      coolS: 0,
      foldEachS: tray.fromStored === undefined ? 1 : null,
      storedS: null,
    }));
  return stretchesOf(trays, batch.dough.portions ?? 1).map(({ tray, portion, pieces }) => ({
    mark: tray.mark!,
    portion,
    pieces,
  }));
}

/** The portion of dough that waits longest between its rest and its last piece. */
function doughWait({ cold: { dough } }: DayTray, steps: readonly ChainStep[]) {
  const rests = steps.filter(({ id }) => id === 'rest');
  // In the fridge it keeps by the day; that is judged apart.
  if (rests.length === 0 || steps.some(({ id }) => id === 'warm')) return null;
  const waits = rests.map(({ endMs, portion = 1 }) => {
    const folds = steps.filter((step) => step.id === 'fold' && (step.portion ?? 1) === portion);
    return folds.reduce((last, step) => Math.max(last, step.endMs), endMs) - endMs;
  });
  return { family: dough.figures.family.id, waitS: Math.max(...waits) / 1000, portions: dough.portions };
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
    const folds = steps.filter(({ id, mark }) => id === 'fold' && mark === draft.mark);
    const [fold] = folds;
    const temperS = draft.fry.start === 'tempered' ? TEMPER_S : 0;
    if (!fold) return temperS > 0 && hot.fry ? [{ waitS: temperS }] : [];
    // Of several portions only what was last folded still waits warm: the rest is cold, or in the oil's turn.
    const foldS = folds.reduce((sum, { startMs, endMs }) => sum + (endMs - startMs) / 1000, 0);
    // What goes into the fridge or the freezer waits on the bench only while it is folded, and on paper.
    if (hot.fry && draft.fry.start !== 'room') return [{ waitS: foldS + temperS }];
    if (hot.fry) {
      const at = startS[fried.indexOf(tray)]! + (hot.fry.loads ? lastDropS(hot.fry.loads, draft.pieces) : 0);
      return [{ waitS: (fryMs - fold.startMs) / 1000 + at }];
    }
    return [{ waitS: hot.bake ? (bakeMs - fold.startMs) / 1000 + hot.bake.totalS - (hot.bake.minutesS ?? 0) : foldS }];
  });
}

/** What is made on an earlier day: whether it keeps, and what it waits in. */
function aheadFindings(trays: readonly DayTray[]): Finding[] {
  const made = trays.filter(({ draft }) => draft.fromStored === undefined);
  const [first] = made;
  const ahead = first?.draft.dough.ahead;
  if (!first || !ahead) return [];
  const { days, upTo } = ahead;
  const found: Finding[] = [{ code: 'serve.ahead', tone: 'know', values: { days, upTo } }];
  if (upTo === 'dough') {
    const family = first.cold.dough.figures.family.id;
    const most = doughFamily(family).keepsDays;
    return days > most ? [{ code: 'serve.ahead-dough', tone: 'look-out', values: { family, days, most } }] : found;
  }
  const cooked = made.filter(({ hot }) => hot.fry !== null || hot.bake !== null);
  if (cooked.some(({ draft }) => draft.fry.start === 'room')) {
    return [{ code: 'serve.ahead-warm', tone: 'stop', values: {} }];
  }
  const waitS = 86_400 * days;
  const chilled = cooked.find(({ draft }) => draft.fry.start === 'fridge' && rawKeepS(draft, 'fridge') < waitS);
  if (!chilled) return found;
  const keepS = rawKeepS(chilled.draft, 'fridge');
  return [{ code: 'serve.ahead-pieces', tone: 'stop', values: { waitS, keepS } }];
}

/**
 * The day back from the table, one pair of hands, over all trays of a batch.
 *
 * @param trays at least one; those that are fried in the order of the pot
 * @param ownSteps of the batch
 * @throws CoreError NOT_A_NUMBER at eatAt
 */
export function planDay(
  trays: readonly DayTray[],
  kitchen: Kitchen,
  nowMs: number | null,
  ownSteps: readonly OwnStep[] = [],
): ServePlan {
  const [first] = trays;
  const eatMs = Date.parse(first?.draft.eatAt ?? '');
  if (!first || !Number.isFinite(eatMs)) {
    throw new CoreError('NOT_A_NUMBER', 'eatAt', 'The eating time is not a date.');
  }
  const hands = handsOf(kitchen);
  const { rise } = first.cold.dough;
  const { restS } = first.cold.dough.figures.family;
  const made = trays.some(({ draft }) => draft.fromStored === undefined);
  const fried = trays.filter(({ hot }) => hot.fry !== null);
  const baked = trays.filter(({ hot }) => hot.bake !== null);
  const { startS, totalS } = throughOil(fried, kitchen);
  const folded = [...trays].sort((a, b) => FOLD_ORDER[a.draft.way ?? 'fry'] - FOLD_ORDER[b.draft.way ?? 'fry']);
  const steps = backwardChain(eatMs, {
    trays: folded.map((tray) => chainTray(tray, kitchen)),
    mixS: made ? hands.mixS : null,
    // A dough that rises waits for its own clock.
    restS: rise?.doubleS ?? (restS.least + restS.most) / 2,
    proofS: made && (fried.length > 0 || baked.length > 0) ? (rise?.proofS ?? null) : null,
    portions: first.draft.dough.portions ?? 1,
    ownSteps,
    warmS: WARM_S,
    ...(first.draft.dough.ahead && made && { ahead: first.draft.dough.ahead }),
    holdS: Math.max(0, ...fried.map(holdS)) || null,
    heatS: fried[0] ? (fried[0].hot.fry!.warmUpS ?? 3 * 3600) : null,
    fryS: totalS,
    ovenS: ovenAfterS(fried, startS, totalS),
    crispS: fried.reduce((sum, { hot }) => sum + (hot.fry!.crisp?.totalS ?? 0), 0) || null,
    bakeS: baked.length > 0 ? baked.reduce((sum, { hot }) => sum + hot.bake!.totalS, 0) : null,
    serveS: hands.serveS,
  });
  const cooked = trays.find(({ hot }) => hot.fry !== null || hot.bake !== null);
  return {
    steps,
    startMs: steps[0]!.startMs,
    lastLoadUpMs: steps.find(({ id }) => id === 'crisp')?.startMs ?? eatMs - hands.serveS * 1000,
    findings: [
      ...aheadFindings(trays),
      ...serveFindings({
        steps,
        nowMs,
        roomC: kitchen.roomC,
        waits: waitsOf(trays, fried, startS, steps),
        // What is crisped again has not waited.
        takeOuts: fried.flatMap(({ hot }, i) =>
          hot.fry!.crisp ? [] : [{ startS: startS[i]!, takeOutS: upAfterS(hot.fry!) }],
        ),
        noMoment:
          fried.some(({ hot }) => upAfterS(hot.fry!) === null) || baked.some(({ hot }) => hot.bake!.minutesS === null),
        dough: doughWait(first, steps),
        keeps: cooked ? cookedKeeps(cooked.draft, cooked.cold.filling.figures) : null,
      }),
    ],
  };
}
