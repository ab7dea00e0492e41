import { listNames } from './printer';
import { type BatchDraft, marksOf, type TrayDraft, type TrayMark, type TrayWay } from '@ember-fold/core';

/** Words for the trays of a batch. */
export const WAY_NAME: Readonly<Record<TrayWay, string>> = {
  fry: 'Fried',
  bake: 'Baked',
  freeze: 'Frozen',
  chill: 'Chilled',
  plain: 'Left as they are',
};

export const TRAY = {
  trays: 'Trays',
  tray: (mark: TrayMark) => `Tray ${mark}`,
  made: 'made',
  outOfStore: 'out of the Store',
  ready: 'ready',
  none: 'none',
  plainPieces: 'pieces without a filling',
  plainVerdict: 'plain',
} as const;

/** What a tray is called: by the cook, else by its mark. Empty for the only tray of a batch. */
export function trayName({ mark, label }: Pick<TrayDraft, 'mark' | 'label'>): string {
  return label ?? (mark === undefined ? '' : TRAY.tray(mark));
}

/** The trays of a batch by their names. */
export const trayNames = (batch: BatchDraft): ReadonlyMap<TrayMark, string> =>
  new Map(marksOf(batch).map((mark) => [mark, batch.trays[mark]!.label ?? TRAY.tray(mark)]));

/** Which trays hold a filling; empty where all of them do. */
export function holdersOf(
  trays: readonly Pick<TrayDraft, 'mark' | 'label' | 'fillingOf'>[],
  filling: TrayMark,
): string {
  const holders = trays.filter(({ mark, fillingOf }) => (fillingOf ?? mark) === filling);
  return holders.length === trays.length ? '' : listNames(holders.map(trayName));
}

/** The same for the wording of a batch as it is stored. */
export const fillingName = (batch: BatchDraft, filling: TrayMark): string =>
  holdersOf(
    marksOf(batch).map((mark) => ({ ...batch.trays[mark]!, mark, fillingOf: batch.trays[mark]!.filling })),
    filling,
  );

/** Way as the station is called. */
export const WAY_STATION: Readonly<Record<TrayWay, string>> = {
  fry: 'Fry',
  bake: 'Bake',
  freeze: 'Freeze',
  chill: 'Chill',
  plain: 'As they are',
};
