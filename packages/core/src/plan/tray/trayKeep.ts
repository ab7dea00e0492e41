import { LIMITS } from '../../limits/limits.js';
import { doughFamily } from '../../families/families.js';
import type { TrayDraft } from '../../draft/draft.js';
import type { Finding } from '../../draft/finding.js';
import type { Kitchen } from '../../draft/kitchen.js';
import type { FillingFigures } from '../../filling/fillingFigures.js';
import { coolPieceS, HARD_C } from '../../heat/holdPiece.js';
import type { FryBodySpec } from '../../heat/fryBody.js';

/** Sugar of a filling as cooked from which it keeps in a tin, share: as much as a firm fruit paste. */
const TIN_SUGAR = 0.25;

/** Pieces stored raw: where, how long until they are cold through or hard, and how long they are good. s. */
export interface StoragePlan {
  readonly place: 'freezer' | 'fridge';
  /** `null`: not within twelve hours. */
  readonly coldS: number | null;
  readonly keepS: number;
  readonly findings: readonly Finding[];
}

/** How long shaped raw pieces of this dough keep in a place, s. */
export function rawKeepS({ dough }: Pick<TrayDraft, 'dough'>, place: StoragePlan['place']): number {
  if (place === 'freezer') return LIMITS.keep.frozenS;
  return doughFamily(dough.family).rises ? LIMITS.keep.risingS : LIMITS.keep.chilledS;
}

/**
 * How a tray is frozen or chilled.
 * @param folded the piece as it is when it is folded
 */
export function stored(draft: TrayDraft, kitchen: Kitchen, folded: FryBodySpec): StoragePlan {
  const { roomC, fridgeC, freezerC } = kitchen;
  const place = draft.way === 'freeze' ? 'freezer' : 'fridge';
  const coldS =
    place === 'freezer'
      ? coolPieceS(folded, place, roomC, freezerC, Math.max(HARD_C, freezerC + 2))
      : coolPieceS(folded, place, roomC, fridgeC, fridgeC + 2);
  const keepS = rawKeepS(draft, place);
  const wantedS = draft.keepUntil === undefined ? 0 : (Date.parse(draft.keepUntil) - Date.parse(draft.eatAt)) / 1000;
  const findings: Finding[] = [
    place === 'freezer'
      ? { code: 'stored.freeze', tone: 'good', values: { hardS: coldS, keepS } }
      : { code: 'stored.chill', tone: 'good', values: { coldS, keepS } },
  ];
  if (wantedS > keepS) findings.unshift({ code: 'stored.too-long', tone: 'look-out', values: { wantedS, keepS } });
  return { place, coldS, keepS, findings };
}

/**
 * How long what is left over keeps once it is cooked and cold, and where.
 * @param filling of the tray
 */
export function cookedKeeps(
  { way = 'fry' }: Pick<TrayDraft, 'way'>,
  filling: Pick<FillingFigures, 'totals' | 'targetKg'>,
): { readonly keepS: number; readonly place: 'tin' | 'fridge' } {
  const sugar = filling.targetKg > 0 ? filling.totals.parts.sugar / filling.targetKg : 0;
  if (way === 'bake' && sugar >= TIN_SUGAR) return { keepS: LIMITS.keep.sweetS, place: 'tin' };
  return { keepS: way === 'bake' ? LIMITS.keep.bakedS : LIMITS.keep.friedS, place: 'fridge' };
}
