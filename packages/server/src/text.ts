import type { DayStep } from '@ember-fold/core/supper';

/** Wording of what leaves the server by itself: calendars. In one place so that it can be translated. */
export const CALENDAR = {
  kitchen: 'Ember Fold: suppers',
  atOil: 'At the oil',
  portion: (n: number) => `portion ${n}`,
  alarm: (what: string, minutes: number) => `${what} in ${minutes} min`,
  table: (supper: string) => `${supper}: on the table`,
  of: (what: string, batch: string) => `${what}: ${batch}`,
  stays: 'Somebody stays with the oil while it is hot. Never leave it alone.',
} as const;

/** Steps as a calendar names them. */
export const CALENDAR_STEP: Readonly<Record<DayStep['what'], string>> = {
  'weigh-filling': 'Weigh the filling',
  'cook-filling': 'Cook the filling',
  cool: 'Filling cools',
  'mix-dough': 'Make the dough',
  rest: 'Dough rests',
  shape: 'Shape the filling',
  firm: 'Filling firms',
  warm: 'Dough warms up',
  dry: 'Dry what is wrapped',
  roll: 'Roll and cut',
  fold: 'Fill and seal',
  stored: 'Stored for another day',
  proof: 'Filled pieces rise',
  hold: 'Pieces chill, freeze or dry',
  bake: 'Bake',
  oven: 'Finish in the oven',
  crisp: 'Crisp in the oven',
  heat: 'Heat the oil',
  fry: 'Fry',
  serve: 'Drain and serve',
  own: 'A step of your own',
  change: 'Oil to the next heat',
};
