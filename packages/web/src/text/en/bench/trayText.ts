import { listNames } from '../../printer';
import { type BatchDraft, marksOf, type TrayDraft, type TrayMark, type TrayWay } from '@ember-fold/core/plan';

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

/** The name of a tray: the cook's own, else its letter. Empty for the only tray of a batch. */
export function trayName({ mark, label }: Pick<TrayDraft, 'mark' | 'label'>): string {
  return label ?? (mark === undefined ? '' : TRAY.tray(mark));
}

/** The trays of a batch by their names. */
export const trayNames = (batch: BatchDraft): ReadonlyMap<TrayMark, string> =>
  new Map(marksOf(batch).map((mark) => [mark, batch.trays[mark]!.label ?? TRAY.tray(mark)]));

/** The trays that use a filling; empty if all of them do. */
export function holdersOf(
  trays: readonly Pick<TrayDraft, 'mark' | 'label' | 'fillingOf'>[],
  filling: TrayMark,
): string {
  const holders = trays.filter(({ mark, fillingOf }) => (fillingOf ?? mark) === filling);
  return holders.length === trays.length ? '' : listNames(holders.map(trayName));
}

/** The same for a batch in its stored form. */
export const fillingName = (batch: BatchDraft, filling: TrayMark): string =>
  holdersOf(
    marksOf(batch).map((mark) => ({ ...batch.trays[mark]!, mark, fillingOf: batch.trays[mark]!.filling })),
    filling,
  );

/** The name of the Fry station for each way of finishing a tray. */
export const WAY_STATION: Readonly<Record<TrayWay, string>> = {
  fry: 'Fry',
  bake: 'Bake',
  freeze: 'Freeze',
  chill: 'Chill',
  plain: 'As they are',
};
