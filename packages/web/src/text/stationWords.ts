import type { Station } from '@ember-fold/core';

/** Words that are there from the first moment; all others come with their rooms. */
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
  waiting: 'kept on this device, the server is away',
  conflict: 'also changed on another device',
  refused: 'not saved',
} as const;
