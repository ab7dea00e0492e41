import { type BatchDraft, batchOf, marksOf } from '../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../draft/draft.js';
import { rawKeepS } from '../plan/tray/trayKeep.js';
import { trayAlone } from '../plan/edit/trays.js';

export type StoredKind = 'pieces' | 'dough' | 'filling';
export type StoredPlace = 'freezer' | 'fridge';

/** Something stored for another day, as it is written down. */
export interface StoredRecord {
  readonly kind: StoredKind;
  readonly name: string;
  readonly place: StoredPlace;
  /** How many; `null` of dough and filling. */
  readonly pieces: number | null;
  /** How much; `null` of pieces. */
  readonly massKg: number | null;
  /** ms since the epoch. */
  readonly madeMs: number;
  readonly goodMs: number;
  /** The tray they were made on, as it was made; `null`: written down by hand. */
  readonly tray: TrayDraft | null;
}

/** Dough and filling by themselves keep so long, days. Source: docs/models/practice.md. */
const KEEP_DAYS: Readonly<Record<StoredPlace, Readonly<Record<'dough' | 'filling', number>>>> = {
  freezer: { dough: 30, filling: 60 },
  fridge: { dough: 1, filling: 2 },
};
const DAY_MS = 86_400_000;

/**
 * Until when dough or filling by itself is good, ms.
 * @example leftoverGoodMs('filling', 'fridge', 0) // 172800000
 */
export function leftoverGoodMs(kind: 'dough' | 'filling', place: StoredPlace, madeMs: number): number {
  return madeMs + KEEP_DAYS[place][kind] * DAY_MS;
}

/**
 * Pieces of a tray that are stored.
 *
 * @param atMs when they are laid into the cold, ms since the epoch
 * @throws CoreError UNKNOWN_NAME without that tray
 * @example storedOf(batch, 'A', 12, 'freezer', 0).pieces // 12
 */
export function storedOf(
  batch: BatchDraft,
  mark: TrayMark,
  pieces: number,
  place: StoredPlace,
  atMs: number,
): StoredRecord {
  const { label, keepUntil, fromStored: _from, ...tray } = trayAlone(batch, mark);
  const wanted = keepUntil === undefined ? NaN : Date.parse(keepUntil);
  const longestMs = atMs + 1000 * rawKeepS(tray, place);
  const several = marksOf(batch).length > 1;
  return {
    kind: 'pieces',
    name: (several ? `${batch.name}, ${label ?? mark}` : batch.name).slice(0, 120),
    place,
    pieces,
    massKg: null,
    madeMs: atMs,
    // A cook may want them gone sooner; longer than they are good is never promised.
    goodMs: wanted > atMs ? Math.min(wanted, longestMs) : longestMs,
    tray,
  };
}

/**
 * A batch of pieces that are there already: it begins at the oil, and nothing is bought for it.
 * `null` when nobody wrote down what they are made of.
 *
 * @param item with its id
 * @param eatAt ISO 8601, UTC
 * @example batchFromStored({ ...storedOf(batch, 'A', 12, 'freezer', 0), id: 'a' }, 6, 'Six of them', draft.eatAt).trays.A.pieces // 6
 */
export function batchFromStored(
  item: Pick<StoredRecord, 'tray' | 'place'> & { readonly id: string },
  pieces: number,
  name: string,
  eatAt: string,
): BatchDraft | null {
  const { tray } = item;
  if (!tray) return null;
  const way = tray.way === 'bake' ? 'bake' : 'fry';
  const start = item.place === 'freezer' ? 'frozen' : 'fridge';
  const fry = { ...tray.fry, start, loadSize: null, minutesS: null } as const;
  return batchOf({ ...tray, name, eatAt, pieces, way, fry, fromStored: item.id });
}
