import { type LearntKind, type LedgerEntry, monthlyMeans, monthlyTrends } from '@ember-fold/core/ledger';
import { api } from '../data/api/api';
import { learntApi } from '../data/api/learntApi';
import { learntValue } from '#text/store/learntPhrases';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { Panel, PanelTitle } from '../ui/layout/Panel';
import { usePrinter } from '../ui/printing';
import { RecordTable } from './RecordTable';

/** The sessions by their months: what gets better, and what does not. */
export function Trends({ entries }: { readonly entries: readonly LedgerEntry[] }) {
  const printer = usePrinter();
  const months = monthlyTrends(entries);
  const { data: told } = learntApi.useLearntSummaryQuery();
  const { data: flours } = api.useFloursQuery();
  const of = (kind: LearntKind) =>
    (told?.seen ?? []).flatMap((one) =>
      one.kind === kind ? [{ at: new Date(one.atMs).toISOString(), value: one.value }] : [],
    );
  const noted = flours?.observations ?? [];
  const counts = noted.map(({ flourId }) => noted.filter((one) => one.flourId === flourId).length);
  const flourId = noted[counts.indexOf(Math.max(...counts))]?.flourId;
  const others = [
    { name: T.trend.hands, seen: of('hands'), print: (times: number) => learntValue('hands', times) },
    { name: T.trend.portions, seen: of('portions'), print: (spread: number) => learntValue('portions', spread) },
    {
      name: T.trend.water,
      seen: noted.flatMap((one) =>
        one.flourId === flourId && one.shift !== null ? [{ at: one.notedAt, value: one.shift }] : [],
      ),
      print: (shift: number) => T.trend.moreWater(100 * shift),
    },
  ];
  if (months.length < 2) return null;
  const rows = [
    {
      name: T.trend.burst,
      of: months.map(({ burstShare: share }) => (share === null ? '–' : printer.percent(share))),
    },
    {
      name: T.trend.inRange,
      of: months.map(({ inRangeShare: share }) => (share === null ? '–' : printer.percent(share))),
    },
    { name: T.trend.each, of: months.map(({ eachS }) => (eachS === null ? '–' : printer.time(eachS))) },
    ...others.flatMap(({ name, seen, print }) => {
      const means = monthlyMeans(
        months.map(({ month }) => month),
        seen,
      );
      // What was seen in no month is no row.
      return means.every((mean) => mean === null)
        ? []
        : [{ name, of: means.map((mean) => (mean === null ? '–' : print(mean))) }];
    }),
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
