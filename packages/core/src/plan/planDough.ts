import { doughFindings } from '../dough/doughFindings.js';
import { riseFindings, risePlan } from '../dough/riseFindings.js';
import type { TrayDraft } from '../draft/draft.js';
import { type Kitchen, pantryOf } from '../draft/kitchen.js';
import type { Finding } from '../draft/finding.js';
import { doughEachKg } from './editDraft.js';
import type { DoughPlan } from './batchPlan.js';
import { draftDough } from './draftFigures.js';

/** Lots that are smaller than one piece. */
function lotFindings(draft: TrayDraft, massKg: number): Finding[] {
  const { lots = 1 } = draft.dough;
  const eachKg = doughEachKg(draft);
  const lotKg = massKg / lots;
  return lots > 1 && massKg > 0 && lotKg < eachKg
    ? [{ code: 'dough.lot-small', tone: 'look-out', values: { lotKg, eachKg } }]
    : [];
}

/** Rubbed fat from which the fist test holds in this kitchen, percent of flour; absent: as usual. */
function fistOf({ learnt }: Pick<Kitchen, 'learnt'>): number | undefined {
  return learnt?.fist && 100 * learnt.fist.value;
}

/** Figures, rise and findings of a dough. */
export function planDough(draft: TrayDraft, kitchen: Kitchen): DoughPlan {
  const { roomC, fridgeC } = kitchen;
  const figures = draftDough(draft, kitchen);
  const { rise: place = 'room', liquidC, mixedC } = draft.dough;
  const warmth = { liquidC, mixedC };
  const rise = risePlan(figures, place, roomC, fridgeC, warmth);
  return {
    figures,
    lots: draft.dough.lots ?? 1,
    rise,
    findings: [
      ...lotFindings(draft, figures.massKg),
      ...doughFindings(figures, draft.dough.lines, pantryOf(kitchen), fridgeC, fistOf(kitchen)),
      ...(rise ? riseFindings(figures, rise, roomC, fridgeC, warmth) : []),
    ],
  };
}
