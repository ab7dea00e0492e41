import type { SupperDay } from '@ember-fold/core/supper';
import { dayMoves } from '@ember-fold/core/supper';
import { useState } from 'react';
import { RUN_NAME } from '#text/cook/runNames';
import { entryName, DAY_PLAN as E } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';

interface MovedProps {
  readonly told: SupperDay;
  readonly printer: Printer;
  readonly nameOf: (id: string | null) => string | null;
}

/** What has moved against the plan, and because of what. */
export function Moved({ told, printer, nameOf }: MovedProps) {
  const [all, setAll] = useState(false);
  const { dayPlan, planned, isBegun, delay } = told;
  if (!isBegun || !dayPlan || !planned) return null;
  const moves = dayMoves(planned, dayPlan);
  if (moves.length === 0) return null;
  const why = delay
    ? E.becauseOf(E.of(RUN_NAME[delay.step.what].toLowerCase(), nameOf(delay.batchId)), printer.span(delay.byS))
    : E.past;
  return (
    <div role="status">
      <Soft as="div">
        {E.moved(moves.length)} {why}{' '}
        <Button $look="quiet" style={{ padding: 0 }} aria-expanded={all} onPress={() => setAll((on) => !on)}>
          {all ? E.fewerMoves : E.showMoves}
        </Button>
      </Soft>
      {all && (
        <ul>
          {moves.map(({ entry, byS }) => (
            <li key={entry.id}>
              {E.movedBy(E.of(entryName(entry), nameOf(entry.batchId)), printer.span(Math.abs(byS)), byS > 0)}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
