import { type StepAmount, stepAmounts } from '@ember-fold/core/ledger';
import type { RunStep } from '@ember-fold/core/plan';
import { COOK as T } from '#text/cook/cookPhrases';
import { MEASURE_NAME, measureText, runLines, tableText } from '#text/cook/cookText';
import { stepName } from '#text/cook/runNames';
import type { Printer } from '../text/printer';
import { Cautions } from '../ui/controls/list/Cautions';
import { OnPaper } from '../ui/layout/OnPaper';
import type { Cook } from './useCook';

/** What a step takes, in the order of weighing. */
function Taken({ amounts, printer }: { readonly amounts: readonly StepAmount[]; readonly printer: Printer }) {
  if (amounts.length === 0) return null;
  return (
    <p>
      {amounts
        .map(({ ingredient, weighKg }) => `☐ ${printer.measure(weighKg, ingredient.densityKgPerM3)} ${ingredient.name}`)
        .join('  ')}
    </p>
  );
}

/** Lines to write what is measured on, with what is expected. */
function ToMeasure({ step: { measures }, printer }: { readonly step: RunStep; readonly printer: Printer }) {
  if (measures.length === 0) return null;
  return (
    <p>
      {measures
        .map(({ what, planned }) => T.toWrite(MEASURE_NAME[what], measureText(what, planned, printer)))
        .join('  ')}
    </p>
  );
}

/** The whole run on paper, for a wall without a screen: a box to tick, the time, and what to do. */
export function RunSheetPrint({ cook, printer }: { readonly cook: Cook; readonly printer: Printer }) {
  const { trays, sheet, now, amounts } = cook;
  return (
    <OnPaper data-print>
      <h2>{cook.name}</h2>
      <p>{tableText(now.tableMs, Date.parse(cook.eatAt), sheet[0]?.startMs ?? now.tableMs, printer)}</p>
      <table>
        <tbody>
          {sheet.map((step) => (
            <tr key={step.id}>
              <td aria-hidden>☐</td>
              <th scope="row">{printer.clock(step.startMs)}</th>
              <td>
                <strong>{stepName(step, trays)}</strong> {printer.span(step.durationS)}
                <ul>
                  {runLines(step, trays, printer).map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
                <ToMeasure step={step} printer={printer} />
                <Taken amounts={stepAmounts(step.id, amounts)} printer={printer} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Cautions printer={printer} />
      <p>{T.paperWhen(printer.clock(cook.nowMs))}</p>
    </OnPaper>
  );
}
