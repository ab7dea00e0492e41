import type { Evening, EveningEntry, SupperEvening } from '@ember-fold/core';
import { cookName, entryName, EVENING as E, stepInEvening } from '../../text/en/table/eveningPhrases';
import type { Printer } from '../../text/printer';
import { Cautions } from '../../ui/controls/Cautions';
import { OnPaper } from '../../ui/controls/OnPaper';

interface EveningPrintProps {
  readonly name: string;
  readonly told: SupperEvening;
  readonly evening: Evening;
  readonly printer: Printer;
}

/** The evening on paper: one sheet for the wall, and one for each cook. */
export function EveningPrint({ name, told, evening, printer }: EveningPrintProps) {
  const { cooks, batches } = told;
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const whoOf = ({ cook }: EveningEntry) => (cook === null ? '' : cookName(cooks[cook]!, cook, cooks.length));
  const rows = (entries: readonly EveningEntry[], withWho: boolean) => (
    <table>
      <tbody>
        {entries.flatMap((entry) =>
          (entry.pot === null ? [null] : entry.steps.filter(({ lengthS }) => lengthS > 0)).map((step) => (
            <tr key={`${entry.id} ${step?.what ?? ''} ${step?.batchId ?? ''}`}>
              <th>☐ {printer.clock(step?.startMs ?? entry.startMs)}</th>
              <td>{step ? stepInEvening(step) : entryName(entry)}</td>
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
          {name}, {printer.day(evening.startMs ?? told.atMs)}
        </h2>
        <p>{E.forWall}</p>
        {rows(evening.entries, cooks.length > 1)}
        <Cautions printer={printer} beside />
      </section>
      {cooks.length > 1 &&
        cooks.map((cook, i) => (
          <section key={cook.id}>
            <h2>{E.ofCook(cookName(cook, i, cooks.length))}</h2>
            {rows(
              evening.entries.filter((entry) => entry.cook === i),
              false,
            )}
          </section>
        ))}
    </OnPaper>
  );
}
