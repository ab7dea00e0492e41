import { LEDGER as T } from '../text/ledgerPhrases';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../data/api';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { FilterField } from '../ui/controls/FilterField';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { SmallTrace } from './SmallTrace';
import { Trends } from './Trends';
import { cameOutText } from '../text/ledgerText';
import { usePrinter } from '../ui/printing';

/** Finished batches, newest first. */
export function LedgerList() {
  const [search, setSearch] = useState('');
  const ledger = api.useLedgerInfiniteQuery(search, { refetchOnMountOrArgChange: true });
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
      <Asked of={{ ...ledger, data: entries }} what={T.theLedger}>
        {(found) =>
          found.length === 0 && search === '' ? (
            <Panel>
              <h2>{T.nothingFriedYet}</h2>
              <Soft>
                {T.aBatchArrivesHereWhen} <Link to="/fire">{T.stove}</Link>.
              </Soft>
            </Panel>
          ) : (
            <>
              {search === '' && <Trends entries={found} />}
              <LinkList aria-label={T.finishedBatches}>
                {found.map(({ id, name, startedAt, figures }) => (
                  <li key={id}>
                    <Link to={`/ledger/${id}`}>
                      <strong>{name}</strong>
                      <small>{printer.date(Date.parse(startedAt))}</small>
                      <span>{cameOutText(figures)}</span>
                      {figures.oilMeanC !== null && figures.inBandShare !== null && (
                        <small>
                          {T.oilOnAverageOfThe(printer.temp(figures.oilMeanC), printer.percent(figures.inBandShare))}
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
