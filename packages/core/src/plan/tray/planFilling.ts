import { shapeOf } from '../../shapes/shapes.js';
import { coolFilling, type CoolingResult, dishDepthM, iceForBath, MOST_DEPTH_M } from '../../filling/coolFilling.js';
import type { FillingFigures } from '../../filling/fillingFigures.js';
import { isUncooked } from '../../filling/fillingSafety.js';
import { fillingFindings } from '../../filling/fillingFindings.js';
import type { FillingPlan } from './batchPlan.js';
import type { TrayDraft } from '../../draft/draft.js';
import { draftFilling } from '../edit/draftFigures.js';
import type { Finding } from '../../draft/finding.js';
import type { CoolingPlace, FillingState } from '../../draft/choices.js';
import type { Kitchen } from '../../draft/kitchen.js';

/** °C at which a filling may be folded in: it softens fat above; a dough full of fat wants it colder. */
const FOLD_C = 20;
const FOLD_FAT_C = 8;
/** A fridge that is set under freezing still has its filling folded soft, °C. */
const LEAST_FOLD_C = 1;
/** Fat of a dough from here on is soft enough to be harmed by a cool filling, percent of flour. */
const FAT_RICH_PERCENT = 40;

/** What a filling is folded into, and how cold it is wanted. */
interface Fold {
  readonly fatPercent: number;
  readonly state?: FillingState | undefined;
}

/** Fold temperature of a filling beside a dough of this fat, °C. */
function foldTempC(place: CoolingPlace, { fatPercent, state }: Fold, kitchen: Kitchen): number {
  if (state === 'fridge' && place !== 'room') return Math.max(LEAST_FOLD_C, kitchen.fridgeC + 1);
  const wanted = fatPercent >= FAT_RICH_PERCENT ? FOLD_FAT_C : FOLD_C;
  // In a room warmer than the usual mark, "cold" can only mean the room.
  return place === 'room' ? Math.max(wanted, kitchen.roomC + 1) : Math.max(wanted, kitchen.fridgeC + 1);
}

interface Spread extends Fold {
  readonly figures: FillingFigures;
  readonly filling: TrayDraft['filling'];
  readonly kitchen: Kitchen;
}

/** Days it lies in the fridge inside pieces that are made ahead. */
function chilledDays({ dough: { ahead }, fry: { start } }: TrayDraft): number {
  return ahead?.upTo === 'pieces' && start === 'fridge' ? ahead.days : 0;
}

/** Whether anything of it was hot and has to get cold: not with nothing in it, not when it is mixed raw. */
function isCooled({ filling, fold }: TrayDraft): boolean {
  return (filling.lines.length > 0 || fold.fillingEachKg > 0) && !isUncooked(filling);
}

/** The filling in so many of the kitchen's dishes; `null` over 8 cm deep. */
function cooledIn({ figures, filling, kitchen, ...fold }: Spread, place: CoolingPlace, dishes: number) {
  const { lengthM, widthM } = kitchen.dish;
  const depthM = dishDepthM(figures.targetKg, figures.densityKgPerM3, lengthM, widthM) / dishes;
  if (depthM > MOST_DEPTH_M) return { depthM, cooling: null };
  const { roomC, fridgeC, freezerC } = kitchen;
  const spec = { depthM: Math.max(0.003, depthM), startC: filling.hotC, covered: filling.covered, place };
  return { depthM, cooling: coolFilling({ ...spec, roomC, fridgeC, freezerC }, foldTempC(place, fold, kitchen)) };
}

/**
 * Figures, cooling and findings of a filling.
 * @param fatPercent of the dough around it, percent of flour
 */
export function planFilling(draft: TrayDraft, kitchen: Kitchen, fatPercent: number): FillingPlan {
  const { filling } = draft;
  const figures = draftFilling(draft, kitchen);
  const { fillingState: state } = draft.fold;
  const spread = { figures, filling, fatPercent, state, kitchen };
  const dishes = filling.dishes ?? 1;
  const cools = isCooled(draft);
  const inDishes = cooledIn(spread, filling.place, dishes);
  const { depthM } = inDishes;
  const cooling = cools ? inDishes.cooling : null;
  const split = cools ? cooledIn(spread, filling.place, 2 * dishes).cooling : null;
  const iceKg = cools && filling.place === 'ice-bath' ? iceForBath(figures.targetKg, filling.hotC) : null;
  if (draft.fold.fillingEachKg === 0 && !(figures.rawKg > 0)) {
    const foldC = foldTempC(filling.place, spread, kitchen);
    const none: Finding = { code: 'filling.none', tone: 'know', values: {} };
    return { figures, depthM, cooling, split, iceKg, foldC, findings: [none] };
  }
  const findings = fillingFindings({
    figures,
    method: filling.method ?? 'pan',
    raw: filling.raw ?? null,
    rawUnsaid: filling.rawUnsaid === true,
    coreTargetC: filling.coreTargetC,
    aheadDays: (filling.aheadDays ?? 0) + chilledDays(draft),
    iceKg,
    depthM,
    cooling,
    split,
    dishes,
    whole: shapeOf(draft.shape).holdsOneWhole === true,
    uncooked: isUncooked(filling),
  });
  const eachKg = draft.fold.fillingEachKg;
  const spoon: Finding[] =
    eachKg > 0 && figures.rawKg > 0
      ? [{ code: 'filling.spoon', tone: 'know', values: { eachKg, eachM3: eachKg / figures.densityKgPerM3 } }]
      : [];
  const warm: Finding[] =
    state === 'fridge' && filling.place === 'room' && cools
      ? [{ code: 'filling.room-warm', tone: 'look-out', values: { roomC: kitchen.roomC, fridgeC: kitchen.fridgeC } }]
      : [];
  const foldC = foldTempC(filling.place, spread, kitchen);
  return { figures, depthM, cooling, split, iceKg, foldC, findings: [...warm, ...findings, ...spoon] };
}

/** One way to cool a filling, with what comes of it. */
export interface CoolingWay {
  readonly place: CoolingPlace;
  readonly dishes: number;
  readonly depthM: number;
  readonly cooling: CoolingResult | null;
}

/**
 * Every place, in one dish and in two, quickest to fold first: to choose from with one tap. None
 * where nothing was hot.
 * @example coolingWays(draft, kitchen, 20).length // 8
 */
export function coolingWays(draft: TrayDraft, kitchen: Kitchen, fatPercent: number): readonly CoolingWay[] {
  if (!isCooled(draft)) return [];
  const { filling, fold } = draft;
  const spread = { figures: draftFilling(draft, kitchen), filling, fatPercent, state: fold.fillingState, kitchen };
  const places: readonly CoolingPlace[] = ['room', 'fridge', 'ice-bath', 'freezer'];
  const foldS = (way: CoolingWay) => way.cooling?.toFoldS ?? Infinity;
  return places
    .flatMap((place) => [1, 2].map((dishes) => ({ place, dishes, ...cooledIn(spread, place, dishes) })))
    .sort((a, b) => foldS(a) - foldS(b));
}
