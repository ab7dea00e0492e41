import { compareRecords, type LedgerRecord } from '@ember-fold/core/ledger';
import { colourOnRamp } from '@ember-fold/core/plan';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { X } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { api } from '../data/api/api';
import { COMPARE as C, rowText } from '#text/ledger/comparePhrases';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { crustColour } from '../ui/drawing/crust';
import { usePrinter } from '../ui/printing';
import { lineOf, Traces } from './Traces';
import { RecordTable } from './RecordTable';

/** So many can be distinguished. */
const MOST = 6;

/** Two to six records beside one another. */
export function ComparePage() {
  const [params, setParams] = useSearchParams();
  const printer = usePrinter();
  const ids = [...new Set((params.get('of') ?? '').split(',').filter((id) => id !== ''))].slice(0, MOST);
  const at = (i: number) => ids[i] ?? skipToken;
  // So many hooks as there can be records.
  const asked = [
    api.useRecordQuery(at(0)),
    api.useRecordQuery(at(1)),
    api.useRecordQuery(at(2)),
    api.useRecordQuery(at(3)),
    api.useRecordQuery(at(4)),
    api.useRecordQuery(at(5)),
  ];
  const records = asked.slice(0, ids.length).flatMap(({ data, isError }) => (data && !isError ? [data] : []));
  const isMissing = asked.slice(0, ids.length).some(({ isError }) => isError);
  const list = api.useLedgerInfiniteQuery('').data?.pages.flatMap((page) => page.rows) ?? [];
  const put = (next: readonly string[]) => setParams({ of: next.join(',') }, { replace: true });
  const others = list.filter(({ id }) => !ids.includes(id));
  const options = Object.fromEntries(
    others.map(({ id, name, startedAt }) => [id, C.option(name, printer.date(Date.parse(startedAt)))]),
  );
  return (
    <Page>
      <PageTitle of={[C.ledger, C.title]} />
      <TitleRow>
        <h1>{C.title}</h1>
        <span className="grow" />
        <Link to="/ledger">{C.all}</Link>
      </TitleRow>
      {isMissing && <Soft role="status">{C.missing}</Soft>}
      {ids.length < MOST && others.length > 0 && (
        <Panel style={{ marginBottom: 14 }}>
          <Pick
            label={C.add}
            value=""
            options={{ '': C.choose, ...options }}
            onChange={(id) => id && put([...ids, id])}
          />
        </Panel>
      )}
      {records.length > 0 && <Beside records={records} onRemove={(id) => put(ids.filter((one) => one !== id))} />}
      {records.length === 0 && ids.length === 0 && <Soft>{C.none}</Soft>}
    </Page>
  );
}

interface BesideProps {
  readonly records: readonly LedgerRecord[];
  readonly onRemove: (id: string) => void;
}

/** Their traces from the first drop, and their figures against the first. */
function Beside({ records, onRemove }: BesideProps) {
  const printer = usePrinter();
  const rows = compareRecords(
    records.map(({ figures, trays, looks }) => ({ figures, looks: looks.looks.trays[trays[0]?.mark ?? 'A'] ?? {} })),
  );
  return (
    <Panel aria-label={C.title}>
      <PanelTitle>{C.traces}</PanelTitle>
      <Traces records={records} printer={printer} />
      <RecordTable tabIndex={0} role="group" aria-label={C.figures}>
        <table>
          <thead>
            <tr>
              <td />
              {records.map(({ id, draft, startedAt }, i) => (
                <th key={id} scope="col">
                  <svg width="30" height="10" aria-hidden>
                    <line x1="0" x2="30" y1="5" y2="5" {...lineOf(i)} />
                  </svg>{' '}
                  <Link to={`/ledger/${id}`}>{draft.name}</Link>
                  <Soft as="div">{printer.date(Date.parse(startedAt))}</Soft>
                  <Button
                    $look="quiet"
                    aria-label={C.remove(draft.name)}
                    style={{ padding: 0 }}
                    onPress={() => onRemove(id)}
                  >
                    <X size={16} aria-hidden />
                  </Button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ what, values, against }) => (
              <tr key={what}>
                <th scope="row">{C.row[what]}</th>
                {values.map((value, i) => (
                  <td key={records[i]!.id}>
                    {what === 'crust' && value !== null && (
                      <i style={{ background: crustColour(colourOnRamp(value)) }} aria-hidden />
                    )}
                    {value === null ? '–' : rowText(what, value, printer)}
                    {against[i] !== null && <small>{C.against(against[i]!)}</small>}
                  </td>
                ))}
              </tr>
            ))}
            {records.some(({ photos }) => photos.length > 0) && (
              <tr>
                <th scope="row">{C.photo}</th>
                {records.map(({ id, photos: [mark], draft }) => (
                  <td key={id}>
                    {mark ? (
                      <img
                        src={`/api/ledger/${id}/photos/${mark}`}
                        alt={C.photoOf(draft.name)}
                        loading="lazy"
                        style={{ maxWidth: 160, width: '100%', borderRadius: 8 }}
                      />
                    ) : (
                      '–'
                    )}
                  </td>
                ))}
              </tr>
            )}
          </tbody>
        </table>
      </RecordTable>
    </Panel>
  );
}
