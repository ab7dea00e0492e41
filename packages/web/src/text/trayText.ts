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
  fry: 'in the oil, today',
  bake: 'in the oven, today',
  freeze: 'raw, for another day',
  chill: 'raw, for tomorrow at the latest',
  plain: 'nothing more is done to them here',
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
  remove: (name: string) => `Take ${name} away`,
  label: 'Name of this tray',
  noLabel: 'No name',
  what: 'What becomes of them',
  many: (pieces: number, way: TrayWay) => `${pieces} ${WAY_NAME[way].toLowerCase()}`,
  ofAll: (pieces: number) => `${pieces} pieces in all`,
  how: 'Tray',
  fromStock: 'They come out of the Store: no dough and no filling is made for them.',
} as const;

/** What a tray is called: by the cook, else by its mark. Empty for the only tray of a batch. */
export function trayName({ mark, label }: Pick<TrayDraft, 'mark' | 'label'>): string {
  return label ?? (mark === undefined ? '' : TRAY.tray(mark));
}

/** The trays of a batch by their names. */
export const trayNames = (batch: BatchDraft): ReadonlyMap<TrayMark, string> =>
  new Map(marksOf(batch).map((mark) => [mark, batch.trays[mark]!.label ?? TRAY.tray(mark)]));
