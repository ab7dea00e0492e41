import type { OwnPlace, OwnStep } from '@ember-fold/core';

/** What is said of steps of one's own, in one place so that it can be translated. */
export const OWN = {
  title: 'Steps of your own',
  says: 'They stand on the run-sheet in their place, and the day is planned around them.',
  newStep: 'New step',
  add: 'Add a step',
  done: 'Done',
  name: 'What you do',
  before: 'Before',
  kind: 'By',
  takes: 'Takes',
  remove: (name: string) => `Take away: ${name}`,
} as const;

export const OWN_BEFORE: Readonly<Record<OwnPlace, string>> = {
  filling: 'the filling is weighed',
  cool: 'the filling cools',
  dough: 'the dough is made',
  fold: 'rolling and folding',
  heat: 'the oil is heated',
  serve: 'serving',
};

export const OWN_KIND: Readonly<Record<OwnStep['kind'], string>> = { hands: 'hands', passive: 'itself' };
