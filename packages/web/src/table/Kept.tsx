import { Link } from 'react-router';
import { api } from '../data/api/api';
import { oilApi } from '../data/api/oilApi';
import { storeApi } from '../data/api/storeApi';
import { oilAdviceText } from '#text/store/oilText';
import { storedAmount, storedDays } from '#text/store/storedPhrases';
import { TABLE as T } from '#text/table/tablePhrases';
import { Panel, PanelTitle, Row, Soft } from '../ui/layout/Panel';
import { usePrinter } from '../ui/printing';

/** So many of each are shown; the Store has them all. */
const MOST = 4;

/** What lies in the freezer and the fridge. */
export function StoredNow({ nowMs }: { readonly nowMs: number }) {
  const { data } = storeApi.useStoredQuery();
  const printer = usePrinter();
  const there = (data ?? []).filter(({ left, massKg }) => (left ?? 0) > 0 || (massKg ?? 0) > 0);
  return (
    <Panel aria-label={T.frozen}>
      <PanelTitle>
        <Link to="/store/freezer">{T.frozen}</Link>
      </PanelTitle>
      {there.length === 0 && <Soft>{T.nothingFrozen}</Soft>}
      {there.slice(0, MOST).map((item) => (
        <Row key={item.id}>
          <span>
            {item.name}
            <Soft as="small" style={{ display: 'block' }}>
              {storedDays(item, nowMs, printer)}
            </Soft>
          </span>
          <strong>{storedAmount(item, printer)}</strong>
        </Row>
      ))}
    </Panel>
  );
}

/** What the kept oils are still good for. */
export function OilNow() {
  const { data } = oilApi.useOilsQuery();
  const there = (data ?? []).filter(({ state }) => !state.isGone);
  return (
    <Panel aria-label={T.oil}>
      <PanelTitle>
        <Link to="/store/oil">{T.oil}</Link>
      </PanelTitle>
      {there.length === 0 && <Soft>{T.noOil}</Soft>}
      {there.slice(0, MOST).map(({ oil, state }) => (
        <Row key={oil.id}>
          <span>
            {oil.name}
            <Soft as="small" style={{ display: 'block' }}>
              {oilAdviceText(state)}
            </Soft>
          </span>
        </Row>
      ))}
    </Panel>
  );
}

/** What the cook wrote of the last session. */
export function Lesson() {
  const printer = usePrinter();
  const { data } = api.useLedgerInfiniteQuery('');
  const last = data?.pages[0]?.rows[0];
  const record = api.useRecordQuery(last?.id ?? '', { skip: !last });
  const notes = record.data?.note.notes.trim() ?? '';
  return (
    <Panel aria-label={T.lesson}>
      <PanelTitle>{T.lesson}</PanelTitle>
      {last && notes !== '' ? (
        <>
          <p>{notes}</p>
          <Soft>
            <Link to={`/ledger/${last.id}`}>{last.name}</Link>, {printer.date(Date.parse(last.startedAt))}
          </Soft>
        </>
      ) : (
        <Soft>{T.noLesson}</Soft>
      )}
    </Panel>
  );
}
