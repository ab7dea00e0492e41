import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { Link } from 'react-router';
import { useKitchen } from '../data/draft/useLine';
import { TABLE as T } from '#text/table/tablePhrases';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { type Meal, MealSection, mealsOf } from './Meal';
import type { Planned, Plans } from './planned';

const DAY_MS = 86_400_000;
/** What is coming lies between a night ago and two weeks on; the rest does not crowd it. */
const SOON = { fromMs: -0.5 * DAY_MS, toMs: 14 * DAY_MS };
/** Lines of so many batches are shown; each is planned for it. */
const MOST_GLANCES = 12;

interface ComingProps {
  readonly list: readonly BatchSummary[];
  readonly suppers: readonly SupperRow[];
  readonly nowMs: number;
  readonly plans: Plans;
  readonly onPlan: (id: string, planned: Planned) => void;
}

/** What is coming, soonest first; and the way to all the others. */
export function Coming({ list, suppers, nowMs, plans, onPlan }: ComingProps) {
  const known = useKitchen();
  if (!known) return null;
  const isSoon = ({ fromMs, toMs }: Meal) => toMs - nowMs >= SOON.fromMs && fromMs - nowMs < SOON.toMs;
  const meals = mealsOf(list, suppers).filter(isSoon);
  const batches = meals.flatMap((meal) => meal.batches);
  const shown = new Set(batches.slice(0, MOST_GLANCES));
  const others = list.length - batches.length;
  return (
    <div>
      {meals.length === 0 && (
        <Panel>
          <PanelTitle>{T.coming}</PanelTitle>
          <Soft>{T.nothingComing}</Soft>
        </Panel>
      )}
      {meals.map((meal) => (
        <MealSection
          key={meal.supper?.id ?? meal.fromMs}
          meal={meal}
          printer={known.printer}
          plans={plans}
          shows={(batch) => shown.has(batch)}
          onPlan={onPlan}
        />
      ))}
      <p>
        <Link to="/bench">{T.all(list.length)}</Link>
        {others > 0 && ` (${T.others.toLowerCase()}: ${others})`}
      </p>
    </div>
  );
}
