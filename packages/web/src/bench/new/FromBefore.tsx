import { batchFromStored, cookAgain, type LedgerEntry, type StoredItem } from '@ember-fold/core/ledger';
import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../../data/api/api';
import { storeApi } from '../../data/api/storeApi';
import { STORED } from '#text/store/storedPhrases';
import { NEW_BATCH as T, SOURCE_NAME } from '#text/bench/new/recipePhrases';
import { Asked } from '../../ui/controls/choice/Asked';
import { Button } from '../../ui/controls/button/Button';
import { LinkList } from '../../ui/layout/Page';
import { Panel, Problem, Row, Soft } from '../../ui/layout/Panel';
import { CountField } from '../../ui/controls/field/UnitFields';
import { usePrinter } from '../../ui/printing';
import type { NewBatchProps } from './NewBatchPage';

/** So many records are shown here; the ledger has them all. */
const MOST = 8;

const Beside = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding-right: 12px;
`;

/** Earlier sessions: each plans itself once more with what really happened. */
export function FromBefore(props: NewBatchProps) {
  const { data } = api.useLedgerInfiniteQuery('');
  const rows = (data?.pages ?? []).flatMap((page) => page.rows).slice(0, MOST);
  return (
    <section aria-label={SOURCE_NAME.before}>
      <Soft>{rows.length > 0 ? T.againSays : T.noRecords}</Soft>
      {props.problem !== null && <Problem>{props.problem}</Problem>}
      <LinkList>
        {rows.map((entry) => (
          <Before key={entry.id} entry={entry} {...props} />
        ))}
      </LinkList>
      <p>
        <Link to="/ledger">{T.allRecords}</Link>
      </p>
    </section>
  );
}

function Before({ entry, forWhom, make, isBusy }: NewBatchProps & { readonly entry: LedgerEntry }) {
  const printer = usePrinter();
  const { id, name, startedAt } = entry;
  const [read, reading] = api.useLazyRecordQuery();
  const again = async () => {
    const { data } = await read(id);
    if (!data) return;
    const figures = Object.fromEntries(data.trays.map((one) => [one.mark, one.figures]));
    await make(cookAgain(data.draft, figures, forWhom.eatAt));
  };
  return (
    <li>
      <Link to={`/ledger/${id}`}>
        <strong>{name}</strong>
        <small>{printer.date(Date.parse(startedAt))}</small>
      </Link>
      <Beside>
        {reading.error && <Problem>{problemOf(reading.error).message}</Problem>}
        <Button aria-label={T.again(name)} isDisabled={isBusy || reading.isFetching} onPress={() => void again()}>
          <RotateCcw size={17} aria-hidden />
          {T.cookAgain}
        </Button>
      </Beside>
    </li>
  );
}

/** What lies in the freezer and the fridge: so many of it are a batch. */
export function FromFreezer(props: NewBatchProps) {
  const list = storeApi.useStoredQuery();
  return (
    <Panel aria-label={SOURCE_NAME.freezer} style={{ maxWidth: 720 }}>
      <Asked of={list} what={SOURCE_NAME.freezer.toLowerCase()}>
        {(items) => {
          const there = items.filter(({ tray, left }) => tray !== null && (left ?? 0) > 0);
          if (there.length === 0) return <Soft>{T.nothingFrozen}</Soft>;
          return there.map((item) => <Frozen key={item.id} item={item} {...props} />);
        }}
      </Asked>
      {props.problem !== null && <Problem>{props.problem}</Problem>}
      <Link to="/store/freezer">{T.openFreezer}</Link>
    </Panel>
  );
}

function Frozen({ item, forWhom, make, isBusy }: NewBatchProps & { readonly item: StoredItem }) {
  const left = item.left ?? 0;
  const [asked, setAsked] = useState(left);
  const pieces = Math.min(asked, left);
  const plan = () => {
    const batch = batchFromStored(item, pieces, STORED.sixOf(item.name).slice(0, 120), forWhom.eatAt);
    if (batch) void make(batch);
  };
  return (
    <Row>
      <CountField label={`${item.name}, ${T.of(left)}`} value={pieces} least={1} most={left} onChange={setAsked} />
      <Button isDisabled={isBusy} aria-label={T.planThese(item.name)} onPress={plan}>
        {T.plan}
      </Button>
    </Row>
  );
}
