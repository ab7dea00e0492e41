import { type CookState, type MeasureId, stepState } from '../../cook/cookAct.js';
import type { Finding, FindingCode } from '../../draft/finding.js';
import type { PlannedTray } from './planBatch.js';
import type { RunStep } from './runSteps.js';

/** The findings on a measured value as soon as it is entered: what can still be corrected at this step. */
const SAYS: Partial<Record<MeasureId, readonly FindingCode[]>> = {
  'liquid-c': ['dough.liquid-kills', 'dough.liquid-hot', 'dough.liquid-cold'],
  'dough-c': ['dough.mixed', 'dough.rise', 'dough.rise-never'],
  'dough-kg': ['dough.too-stiff', 'dough.too-slack', 'dough.firm'],
  'poured-kg': ['dough.too-stiff', 'dough.too-slack', 'dough.firm'],
};

/**
 * What the figures measured at a step mean, while the cook still stands before it.
 * @param trays as they were cooked so far
 * @example stepFindings(runSheet(trays)[0], trays, cook) // []
 */
export function stepFindings(
  { id, what, measures }: RunStep,
  trays: readonly PlannedTray[],
  state: CookState,
): readonly Finding[] {
  if (what !== 'mix-dough') return [];
  const { measured } = stepState(state, id);
  const told = measures.filter((one) => measured[one.what] !== undefined);
  const codes = new Set(told.flatMap((one) => SAYS[one.what] ?? []));
  return trays[0]?.plan.dough.findings.filter(({ code }) => codes.has(code)) ?? [];
}
