import { Link } from 'react-router';
import { api } from '../../data/api';
import { storeApi } from '../../data/storeApi';
import { NEW_BATCH as T, SOURCE_NAME } from '../../text/recipePhrases';
import { Asked } from '../../ui/controls/Asked';
import { LinkList } from '../../ui/controls/Page';
import { Panel, Soft } from '../../ui/controls/Panel';
import { usePrinter } from '../../ui/printing';

/** So many records are shown here; the ledger has them all. */
const MOST = 8;

/** Earlier evenings: each record plans itself once more with what really happened. */
export function FromBefore() {
  const printer = usePrinter();
  const { data } = api.useLedgerInfiniteQuery('');
  const rows = (data?.pages ?? []).flatMap((page) => page.rows).slice(0, MOST);
  return (
    <section aria-label={SOURCE_NAME.before}>
      <Soft>{rows.length > 0 ? T.openRecord : T.noRecords}</Soft>
      <LinkList>
        {rows.map(({ id, name, startedAt }) => (
          <li key={id}>
            <Link to={`/ledger/${id}`}>
              <strong>{name}</strong>
              <small>{printer.date(Date.parse(startedAt))}</small>
            </Link>
          </li>
        ))}
      </LinkList>
    </section>
  );
}

/** What lies in the freezer, and the way to it. */
export function FromFreezer() {
  const list = storeApi.usePutByQuery();
  return (
    <Panel aria-label={SOURCE_NAME.freezer} style={{ maxWidth: 720 }}>
      <Asked of={list} what={SOURCE_NAME.freezer.toLowerCase()}>
        {(items) => {
          const there = items.filter(({ kind, left }) => kind === 'pieces' && (left ?? 0) > 0);
          return there.length === 0 ? (
            <Soft>{T.nothingFrozen}</Soft>
          ) : (
            <>
              <Soft>{T.freezerSays}</Soft>
              <ul>
                {there.map(({ id, name, left }) => (
                  <li key={id}>{`${name}: ${T.pieces(left ?? 0)}`}</li>
                ))}
              </ul>
            </>
          );
        }}
      </Asked>
      <Link to="/store/freezer">{T.openFreezer}</Link>
    </Panel>
  );
}
