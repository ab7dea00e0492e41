import { type LedgerEntry, monthlyTrends } from '@ember-fold/core';
import { LEDGER as T } from '../text/ledgerPhrases';
import { Panel, PanelTitle } from '../ui/controls/Panel';
import { usePrinter } from '../ui/printing';
import { RecordTable } from './RecordTable';

/** The evenings by their months: what gets better, and what does not. */
export function Trends({ entries }: { readonly entries: readonly LedgerEntry[] }) {
  const printer = usePrinter();
  const months = monthlyTrends(entries);
  if (months.length < 2) return null;
  const rows = [
    {
      name: T.trend.opened,
      of: months.map(({ openedShare: share }) => (share === null ? '–' : printer.percent(share))),
    },
    {
      name: T.trend.inBand,
      of: months.map(({ inBandShare: share }) => (share === null ? '–' : printer.percent(share))),
    },
    { name: T.trend.each, of: months.map(({ eachS }) => (eachS === null ? '–' : printer.time(eachS))) },
    { name: T.trend.pieces, of: months.map(({ pieces }) => String(pieces)) },
  ];
  return (
    <Panel aria-label={T.trends} style={{ marginBottom: 14 }}>
      <PanelTitle>{T.trends}</PanelTitle>
      <RecordTable tabIndex={0} role="group" aria-label={T.trends}>
        <table>
          <thead>
            <tr>
              <th scope="col">{T.figure}</th>
              {months.map(({ month }) => (
                <th key={month} scope="col">
                  {T.monthOf(month)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, of }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {of.map((value, i) => (
                  <td key={months[i]!.month}>{value}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </RecordTable>
    </Panel>
  );
}
