import type { OwnPlace, OwnStep } from '@ember-fold/core/plan';

/** Text for the steps a cook adds to a plan. */
export const OWN = {
  title: 'Steps of your own',
  says: 'They appear in their place on the run-sheet, and the rest of the plan allows for them.',
  newStep: 'New step',
  add: 'Add a step',
  done: 'Done',
  name: 'What you do',
  before: 'Before',
  kind: 'Needs hands',
  takes: 'Takes',
  remove: (name: string) => `Remove: ${name}`,
} as const;

export const OWN_BEFORE: Readonly<Record<OwnPlace, string>> = {
  filling: 'the filling is weighed',
  cool: 'the filling cools',
  dough: 'the dough is made',
  fold: 'rolling and folding',
  heat: 'the oil is heated',
  serve: 'serving',
};

export const OWN_KIND: Readonly<Record<OwnStep['kind'], string>> = { hands: 'yes', passive: 'no' };
