import type { TrayWay } from '@ember-fold/core/plan';
import { WAY_NAME } from './trayText';

export const WAY_SAYS: Readonly<Record<TrayWay, string>> = {
  fry: 'Fried today',
  bake: 'Baked today',
  freeze: 'Frozen raw',
  chill: 'Chilled raw',
  plain: 'Left as they are',
};

/** Text of the tray dialog. It is loaded when the dialog opens, not with the bench. */
export const TRAY_SHEET = {
  says: 'A tray holds pieces that are treated the same way. All trays of a batch are made from one dough.',
  pieces: 'Pieces',
  done: 'Done',
  add: 'Add a tray',
  addLike: (name: string) => `Add a tray like ${name}`,
  full: 'A batch can have up to twelve trays.',
  copy: (name: string) => `Copy ${name} to a new batch`,
  remove: (name: string) => `Remove ${name}`,
  label: 'Name of this tray',
  noLabel: 'No name',
  what: 'What happens to them',
  filling: 'Filling',
  ownFilling: 'a filling of its own',
  noFilling: 'no filling',
  fillingOf: (names: string) => (names === '' ? 'the filling of the batch' : `the filling of ${names}`),
  sharedWith: (names: string) => `This filling is also used in ${names}. It is cooked once.`,
  makeOwn: 'Give this tray its own filling',
  many: (pieces: number, way: TrayWay) => `${pieces} ${WAY_NAME[way].toLowerCase()}`,
  load: (step: string, load: number) => `${step}, portion ${load}`,
} as const;
