import { doughFindings } from '../dough/doughFindings.js';
import { riseFindings, risePlan } from '../dough/riseFindings.js';
import type { TrayDraft } from '../draft/draft.js';
import { type Kitchen, pantryOf } from '../draft/kitchen.js';
import type { DoughPlan } from './batchPlan.js';
import { draftDough } from './draftFigures.js';

/** Figures, rise and findings of a dough. */
export function planDough(draft: TrayDraft, kitchen: Kitchen): DoughPlan {
  const { roomC, fridgeC } = kitchen;
  const figures = draftDough(draft, kitchen);
  const rise = risePlan(figures, draft.dough.rise ?? 'room', roomC, fridgeC);
  return {
    figures,
    rise,
    findings: [
      ...doughFindings(figures, draft.dough.lines, pantryOf(kitchen), fridgeC),
      ...(rise ? riseFindings(figures, rise, roomC, fridgeC) : []),
    ],
  };
}
