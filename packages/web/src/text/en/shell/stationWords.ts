import type { Station } from '@ember-fold/core/plan';

/** The words the first page needs at once; all others are loaded with their rooms. */
export const STATION_NAME: Record<Station, string> = {
  dough: 'Dough',
  filling: 'Filling',
  fold: 'Fold and seal',
  fry: 'Fry',
  serve: 'Serve',
};

export const SAVE_TEXT = {
  saved: 'saved',
  unsaved: 'saving…',
  saving: 'saving…',
  waiting: 'saved on this device; the server is not answering',
  conflict: 'also changed on another device',
  refused: 'not saved',
} as const;
