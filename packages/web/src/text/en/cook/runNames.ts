import { STEP_NAME } from '../shared/words';
import type { PlannedTray, RunStep, TrayMark } from '@ember-fold/core/plan';
import type { RunStepId } from '@ember-fold/core/stove';
import { holdersOf, trayName } from '../bench/trayText';

/** Wording of the run-sheet: its steps are finer than those of the plan. */
export const RUN_NAME: Record<RunStepId, string> = {
  ...STEP_NAME,
  'weigh-filling': 'Weigh the filling',
  'cook-filling': STEP_NAME.filling,
  'mix-dough': STEP_NAME.dough,
  roll: 'Roll and cut',
  fold: 'Fill and seal',
};

/** What a step is called; of which tray, where the batch has several. */
export function stepName(
  { what, mark, portion: load, own }: Pick<RunStep, 'what' | 'mark' | 'portion' | 'own'>,
  trays: readonly PlannedTray[],
): string {
  if (own) return own.name;
  return load === undefined ? stepOfTray(what, mark, trays) : `${stepOfTray(what, mark, trays)}, portion ${load}`;
}

function stepOfTray(what: RunStepId, mark: TrayMark | undefined, trays: readonly PlannedTray[]): string {
  if (mark === undefined) return RUN_NAME[what];
  const drafts = trays.map(({ draft }) => draft);
  const isFilling = what === 'weigh-filling' || what === 'cook-filling' || what === 'cool';
  const one = drafts.find((draft) => draft.mark === mark);
  const of = isFilling ? holdersOf(drafts, mark) : one ? trayName(one) : '';
  return of === '' ? RUN_NAME[what] : `${RUN_NAME[what]}, ${of}`;
}
