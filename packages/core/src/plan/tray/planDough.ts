import { doughFindings } from '../../dough/doughFindings.js';
import { riseFindings, risePlan } from '../../dough/riseFindings.js';
import type { TrayDraft } from '../../draft/draft.js';
import { type Kitchen, pantryOf } from '../../draft/kitchen.js';
import type { Finding } from '../../draft/finding.js';
import { doughEachKg } from '../edit/editDraft.js';
import type { DoughPlan } from './batchPlan.js';
import { draftDough } from '../edit/draftFigures.js';

/** Portions that are smaller than one piece. */
function portionFindings(draft: TrayDraft, massKg: number): Finding[] {
  const { portions = 1 } = draft.dough;
  const eachKg = doughEachKg(draft);
  const portionKg = massKg / portions;
  return portions > 1 && massKg > 0 && portionKg < eachKg
    ? [{ code: 'dough.portion-small', tone: 'look-out', values: { portionKg, eachKg } }]
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
    portions: draft.dough.portions ?? 1,
    rise,
    findings: [
      ...portionFindings(draft, figures.massKg),
      ...doughFindings(figures, draft.dough.lines, pantryOf(kitchen), fridgeC, fistOf(kitchen)),
      ...(rise ? riseFindings(figures, rise, roomC, fridgeC, warmth) : []),
    ],
  };
}
