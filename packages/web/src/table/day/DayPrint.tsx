import type { DayPlan, DayEntry, SupperDay } from '@ember-fold/core/supper';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { Cautions } from '../../ui/controls/list/Cautions';
import { OnPaper } from '../../ui/layout/OnPaper';

interface DayPrintProps {
  readonly name: string;
  readonly told: SupperDay;
  readonly dayPlan: DayPlan;
  readonly printer: Printer;
}

/** The day plan on paper: one sheet for the wall, and one for each cook. */
export function DayPrint({ name, told, dayPlan, printer }: DayPrintProps) {
  const { cooks, batches } = told;
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const whoOf = ({ cook }: DayEntry) => (cook === null ? '' : cookName(cooks[cook]!, cook, cooks.length));
  const rows = (entries: readonly DayEntry[], withWho: boolean) => (
    <table>
      <tbody>
        {entries.flatMap((entry) =>
          (entry.pot === null ? [null] : entry.steps.filter(({ lengthS }) => lengthS > 0)).map((step) => (
            <tr key={`${entry.id} ${step?.what ?? ''} ${step?.batchId ?? ''}`}>
              <th>☐ {printer.clock(step?.startMs ?? entry.startMs)}</th>
              <td>{step ? stepInDay(step) : entryName(entry)}</td>
              <td>{nameOf(step ? step.batchId : entry.batchId)}</td>
              <td>{printer.span(((step?.endMs ?? entry.endMs) - (step?.startMs ?? entry.startMs)) / 1000)}</td>
              {withWho && <td>{whoOf(entry)}</td>}
            </tr>
          )),
        )}
      </tbody>
    </table>
  );
  return (
    <OnPaper data-print>
      <section>
        <h2>
          {name}, {printer.day(dayPlan.startMs ?? told.atMs)}
        </h2>
        <p>{E.forWall}</p>
        {rows(dayPlan.entries, cooks.length > 1)}
        <Cautions printer={printer} beside />
      </section>
      {cooks.length > 1 &&
        cooks.map((cook, i) => (
          <section key={cook.id}>
            <h2>{E.ofCook(cookName(cook, i, cooks.length))}</h2>
            {rows(
              dayPlan.entries.filter((entry) => entry.cook === i),
              false,
            )}
          </section>
        ))}
    </OnPaper>
  );
}
