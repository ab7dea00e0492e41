import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import { Link, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { recordApi } from '../data/api/recordApi';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { FilterField } from '../ui/controls/field/FilterField';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/layout/Page';
import { Panel, Soft } from '../ui/layout/Panel';
import type { JustDeleted } from './DeleteRecord';
import { SmallTrace } from './SmallTrace';
import { Trends } from './Trends';
import { cameOutText } from '#text/ledger/ledgerText';
import { usePrinter } from '../ui/printing';

const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 10px;
  button {
    min-height: 44px;
    padding: 0 14px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 22px;
    font: inherit;
    font-size: 15px;
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.panel};
    cursor: pointer;
  }
  button[data-selected] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  button[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.know};
    outline-offset: 1px;
  }
`;

/** Finished batches, newest first. */
export function LedgerList() {
  const [search, setSearch] = useState('');
  const [tag, setTag] = useState('');
  const [isGone, setDeleted] = useState(false);
  const asked = new URLSearchParams({ search, ...(tag !== '' && { tag }), ...(isGone && { gone: '1' }) }).toString();
  const ledger = api.useLedgerInfiniteQuery(asked, { refetchOnMountOrArgChange: true });
  const { data: tags = [] } = recordApi.useTagsQuery();
  const isAll = search === '' && tag === '' && !isGone;
  const entries = ledger.data?.pages.flatMap((page) => page.rows);
  const printer = usePrinter();
  return (
    <Page>
      <PageTitle of={[T.ledger]} />
      <TitleRow>
        <h1>{T.ledger}</h1>
        <span className="grow" />
        <FilterField label={T.findABatch} value={search} onChange={setSearch} />
      </TitleRow>
      <Undo />
      <Filters role="group" aria-label={T.tags}>
        {tags.length > 0 &&
          [{ tag: '', records: 0 }, ...tags].map((one) => (
            <ToggleButton key={one.tag} isSelected={tag === one.tag} onChange={() => setTag(one.tag)}>
              {one.tag === '' ? T.anyTag : T.withTag(one.tag, one.records)}
            </ToggleButton>
          ))}
        <ToggleButton isSelected={isGone} onChange={setDeleted}>
          {T.deleted}
        </ToggleButton>
      </Filters>
      <Asked of={{ ...ledger, data: entries }} what={T.theLedger}>
        {(found) =>
          found.length === 0 && isAll ? (
            <Panel>
              <h2>{T.nothingFriedYet}</h2>
              <Soft>
                {T.aBatchArrivesHereWhen} <Link to="/stove">{T.stove}</Link>.
              </Soft>
            </Panel>
          ) : found.length === 0 ? (
            <Soft role="status">{isGone ? T.nothingDeleted : T.noneFound}</Soft>
          ) : (
            <>
              {isAll && <Trends entries={found} />}
              {isGone && <Soft>{T.deletedSays}</Soft>}
              <LinkList aria-label={isGone ? T.deletedOnes : T.finishedBatches}>
                {found.map(({ id, name, startedAt, figures, tags: own }) => (
                  <li key={id}>
                    <Link to={`/ledger/${id}`}>
                      <strong>{name}</strong>
                      <small>{[printer.date(Date.parse(startedAt)), ...own].join(' · ')}</small>
                      <span>{cameOutText(figures)}</span>
                      {figures.oilMeanC !== null && figures.inRangeShare !== null && (
                        <small>
                          {T.oilOnAverageOfThe(printer.temp(figures.oilMeanC), printer.percent(figures.inRangeShare))}
                        </small>
                      )}
                      <SmallTrace figures={figures} />
                    </Link>
                  </li>
                ))}
              </LinkList>
            </>
          )
        }
      </Asked>
      {ledger.hasNextPage && <Button onPress={() => void ledger.fetchNextPage()}>{T.showOlderBatches}</Button>}
    </Page>
  );
}

/** What was just deleted comes back by one tap. */
function Undo() {
  const { state } = useLocation() as { state: JustDeleted | null };
  const [putBack, { isSuccess }] = recordApi.usePutBackMutation();
  const deleted = state?.deleted;
  if (!deleted || isSuccess) return null;
  return (
    <Soft role="status">
      {T.wasDeleted(deleted.name)}{' '}
      <Button $look="quiet" onPress={() => void putBack(deleted.id)}>
        {T.undo}
      </Button>
    </Soft>
  );
}
