import type { BatchSummary } from '@ember-fold/core';
import { Suspense } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useKitchen } from '../data/useLine';
import type { Printer } from '../text/printer';
import { TABLE as T } from '../text/tablePhrases';
import { LinkList } from '../ui/controls/Page';
import { Panel, PanelTitle, Soft } from '../ui/controls/Panel';
import { lazyPart } from '../ui/lazyPart';
import type { Planned } from './Today';

const BatchGlance = lazyPart(() => import('../ui/batch/BatchGlance').then((m) => ({ default: m.BatchGlance })));

const DAY_MS = 86_400_000;
/** What is coming lies between a night ago and two weeks on; the rest does not crowd it. */
const SOON = { fromMs: -0.5 * DAY_MS, toMs: 14 * DAY_MS };
/** Lines of so many batches are shown; each is planned for it. */
const MOST_GLANCES = 12;

const Supper = styled.section`
  margin-bottom: 16px;
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 14px;
    margin-bottom: 6px;
  }
  header h2 {
    margin: 0;
  }
`;

interface ComingProps {
  readonly list: readonly BatchSummary[];
  readonly nowMs: number;
  readonly onPlan: (id: string, planned: Planned) => void;
}

/** Batches that are eaten at one moment. */
interface Meal {
  readonly eatAt: string;
  readonly batches: readonly BatchSummary[];
}

/** Soonest first: each moment at which something is eaten, with all its batches. */
function mealsOf(list: readonly BatchSummary[]): Meal[] {
  const byMoment = new Map<string, BatchSummary[]>();
  for (const batch of list) byMoment.set(batch.eatAt, [...(byMoment.get(batch.eatAt) ?? []), batch]);
  return [...byMoment]
    .map(([eatAt, batches]) => ({ eatAt, batches }))
    .sort((a, b) => Date.parse(a.eatAt) - Date.parse(b.eatAt));
}

/** What is coming, soonest first, each batch with its five verdicts; and the way to all the others. */
export function Coming({ list, nowMs, onPlan }: ComingProps) {
  const known = useKitchen();
  if (!known) return null;
  const isSoon = ({ eatAt }: BatchSummary) => {
    const inMs = Date.parse(eatAt) - nowMs;
    return inMs >= SOON.fromMs && inMs < SOON.toMs;
  };
  const meals = mealsOf(list.filter(isSoon));
  const guests = (known.kitchen.guests ?? []).reduce((sum, { count }) => sum + count, 0);
  const shown = new Set(meals.flatMap(({ batches }) => batches).slice(0, MOST_GLANCES));
  const others = list.length - meals.reduce((sum, { batches }) => sum + batches.length, 0);
  return (
    <div>
      {meals.length === 0 && (
        <Panel>
          <PanelTitle>{T.coming}</PanelTitle>
          <Soft>{T.nothingComing}</Soft>
        </Panel>
      )}
      {meals.map((meal) => (
        <Supper key={meal.eatAt} aria-label={mealName(meal, known.printer)}>
          <header>
            <PanelTitle>{mealName(meal, known.printer)}</PanelTitle>
            <Soft as="span">
              {T.forAll(
                meal.batches.reduce((sum, { pieces }) => sum + pieces, 0),
                guests,
              )}
            </Soft>
          </header>
          <LinkList>
            {meal.batches.map((batch) => (
              <li key={batch.id}>
                <Link to={`/bench/${batch.id}`}>
                  <strong>{batch.name}</strong>
                  <Suspense fallback={null}>
                    {shown.has(batch) && (
                      <BatchGlance
                        id={batch.id}
                        version={batch.version}
                        onPlan={(trays) => onPlan(batch.id, { name: batch.name, trays })}
                      />
                    )}
                  </Suspense>
                </Link>
              </li>
            ))}
          </LinkList>
        </Supper>
      ))}
      <p>
        <Link to="/bench">{T.all(list.length)}</Link>
        {others > 0 && ` (${T.others.toLowerCase()}: ${others})`}
      </p>
    </div>
  );
}

function mealName({ eatAt }: Meal, printer: Printer): string {
  const ms = Date.parse(eatAt);
  return T.at(printer.day(ms), printer.clock(ms));
}
