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

export const WAY_SAYS: Readonly<Record<TrayWay, string>> = {
  fry: 'Fried today',
  bake: 'Baked today',
  freeze: 'Frozen raw',
  chill: 'Chilled raw',
  plain: 'Left as they are',
};

export const TRAY = {
  trays: 'Trays',
  says: 'A tray is pieces that are treated alike. All trays of a batch are made of one dough.',
  pieces: 'Pieces',
  done: 'Done',
  open: 'Trays',
  tray: (mark: TrayMark) => `Tray ${mark}`,
  add: 'Add a tray',
  addLike: (name: string) => `Add a tray like ${name}`,
  full: 'Twelve trays are the most.',
  copy: (name: string) => `Copy ${name} to a batch of its own`,
  remove: (name: string) => `Take ${name} away`,
  label: 'Name of this tray',
  noLabel: 'No name',
  what: 'What becomes of them',
  filling: 'Filling',
  ownFilling: 'a filling of its own',
  noFilling: 'nothing in them',
  fillingOf: (names: string) => (names === '' ? 'the filling of the batch' : `the filling of ${names}`),
  sharedWith: (names: string) => `This filling is also in ${names}. It is cooked once.`,
  makeOwn: 'Give this tray its own',
  many: (pieces: number, way: TrayWay) => `${pieces} ${WAY_NAME[way].toLowerCase()}`,
  ofAll: (pieces: number) => `${pieces} pieces in all`,
  lot: (step: string, lot: number) => `${step}, lot ${lot}`,
  how: 'Tray',
  made: 'made',
  outOfStore: 'out of the Store',
  ready: 'ready',
  none: 'none',
  plainPieces: 'pieces without a filling',
  plainVerdict: 'plain',
  fromPutBy: 'They come out of the Store: no dough and no filling is made for them.',
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
