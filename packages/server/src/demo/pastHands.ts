import { type PlannedTray, type RunStep, runSheet, seededNormal, seededUniform } from '@ember-fold/core/plan';
import type { CookAct, MeasureId, StepKey } from '@ember-fold/core/stove';

/** How long Sorrel's hands take beside what is set, and how much that differs from day to day. */
const TIMES: Readonly<Partial<Record<RunStep['what'], number>>> = {
  'weigh-filling': 1.05,
  'cook-filling': 1.05,
  'mix-dough': 0.9,
  roll: 1.1,
  fold: 1.1,
  serve: 1,
};
const DAY_SD = 0.12;
/** How far a hand is from the plan: rolled thickness, filling in the pan, liquid poured, standard deviations of the share. */
const OFF = { 'rolled-m': 0.04, 'pan-kg': 0.02, 'poured-kg': 0.015 } as const;

/**
 * What was recorded of the run-sheet of a past session: each hands-on step done in its turn up to the
 * oil, with what was weighed and measured on the way.
 *
 * @param droppedMs when the first piece went into the oil
 * @param servedMs when the last load was on the table
 */
export function pastHands(
  planned: readonly PlannedTray[],
  droppedMs: number,
  servedMs: number,
  seed: number,
  makeId: (n: number) => string,
): CookAct[] {
  const uniform = seededUniform(seed);
  const sheet = runSheet(planned);
  const acts: CookAct[] = [];
  let made = 0;
  const tell = (
    step: StepKey,
    atMs: number,
    act: { kind: 'done' } | { kind: 'measure'; measure: MeasureId; value: number },
  ) => acts.push({ id: makeId(++made), atMs: Math.round(atMs), step, ...act } as CookAct);
  const before = sheet.filter(({ kind, what }) => kind === 'hands' && what !== 'serve');
  const took = before.map(
    ({ what, durationS }) => durationS * (TIMES[what] ?? 1) * Math.exp(DAY_SD * seededNormal(uniform)),
  );
  // Back from the oil: the heating and the waits of the plan lie between.
  const heatS = sheet.find(({ what }) => what === 'heat')?.durationS ?? 0;
  let atMs = droppedMs - 1000 * heatS;
  const ends = [...before.entries()].reverse().map(([i, step]) => {
    const end = atMs;
    atMs -= 1000 * took[i]!;
    return { step, end };
  });
  for (const { step, end } of ends.reverse()) {
    for (const { what, planned: usual } of step.measures)
      if (what in OFF) {
        const value = usual * (1 + OFF[what as keyof typeof OFF] * seededNormal(uniform));
        tell(step.id, end - 1000, { kind: 'measure', measure: what, value });
      }
    tell(step.id, end, { kind: 'done' });
  }
  const serve = sheet.find(({ what }) => what === 'serve');
  if (serve) tell(serve.id, servedMs, { kind: 'done' });
  return acts;
}
