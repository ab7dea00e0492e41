import type { TrayWay } from '@ember-fold/core';
import { WAY_NAME } from './trayText';

export const WAY_SAYS: Readonly<Record<TrayWay, string>> = {
  fry: 'Fried today',
  bake: 'Baked today',
  freeze: 'Frozen raw',
  chill: 'Chilled raw',
  plain: 'Left as they are',
};

/** Words for what opens from a tray; the bench itself opens without them. */
export const TRAY_SHEET = {
  says: 'A tray is pieces that are treated alike. All trays of a batch are made of one dough.',
  pieces: 'Pieces',
  done: 'Done',
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
  lot: (step: string, lot: number) => `${step}, lot ${lot}`,
} as const;
