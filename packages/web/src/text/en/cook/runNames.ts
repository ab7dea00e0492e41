import type { PlannedTray, RunStep, TrayMark } from '@ember-fold/core/plan';
import type { RunStepId } from '@ember-fold/core/stove';
import { holdersOf, trayName } from '../bench/trayText';

/** Wording of the run-sheet. */
export const RUN_NAME: Record<RunStepId, string> = {
  'weigh-filling': 'Weigh the filling',
  'cook-filling': 'Cook the filling',
  cool: 'Filling cools',
  'mix-dough': 'Make the dough',
  rest: 'Dough rests',
  shape: 'Shape the filling',
  firm: 'Filling firms in the freezer',
  warm: 'Dough warms up',
  dry: 'Dry the filling pieces',
  roll: 'Roll and cut',
  fold: 'Fill and seal',
  stored: 'Store for another day',
  proof: 'Filled pieces rise',
  hold: 'Pieces chill, freeze or dry',
  bake: 'Bake',
  crisp: 'Crisp in the oven',
  heat: 'Heat the oil',
  fry: 'Fry',
  serve: 'Drain and serve',
  own: 'A step of your own',
};

/** What a step is called; of which tray, where the batch has several. */
export function stepName(
  { what, mark, portion: load, own }: Pick<RunStep, 'what' | 'mark' | 'portion' | 'own'>,
  trays: readonly PlannedTray[],
): string {
  if (own) return own.name;
  return load === undefined ? stepOfTray(what, mark, trays) : `${stepOfTray(what, mark, trays)}, portion ${load}`;
}

export function stepOfTray(what: RunStepId, mark: TrayMark | undefined, trays: readonly PlannedTray[]): string {
  if (mark === undefined) return RUN_NAME[what];
  const drafts = trays.map(({ draft }) => draft);
  const isFilling = what === 'weigh-filling' || what === 'cook-filling' || what === 'cool';
  const one = drafts.find((draft) => draft.mark === mark);
  const of = isFilling ? holdersOf(drafts, mark) : one ? trayName(one) : '';
  return of === '' ? RUN_NAME[what] : `${RUN_NAME[what]}, ${of}`;
}
