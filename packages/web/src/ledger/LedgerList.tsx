import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../data/api';
import { useKitchen } from '../data/useLine';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { FilterField } from '../ui/controls/FilterField';
import { LinkList, Page, TitleRow } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { printDate } from '../text/printer';

/** Finished batches, newest first. */
export function LedgerList() {
  const [search, setSearch] = useState('');
  const ledger = api.useLedgerInfiniteQuery(search, { refetchOnMountOrArgChange: true });
  const entries = ledger.data?.pages.flatMap((page) => page.rows);
  const printer = useKitchen()?.printer;
  return (
    <Page>
      <TitleRow>
        <h1>Ledger</h1>
        <span className="grow" />
        <FilterField label="Find a batch" value={search} onChange={setSearch} />
      </TitleRow>
      <Asked of={{ ...ledger, data: entries }} what="the ledger">
        {(found) =>
          found.length === 0 && search === '' ? (
            <Panel>
              <h2>Nothing fried yet</h2>
              <Soft>
                A batch arrives here when it is finished at the <Link to="/fire">stove</Link>.
              </Soft>
            </Panel>
          ) : (
            <LinkList aria-label="Finished batches">
              {found.map(({ id, name, startedAt, figures }) => (
                <li key={id}>
                  <Link to={`/ledger/${id}`}>
                    <strong>{name}</strong>
                    <small>{printDate(Date.parse(startedAt))}</small>
                    <span>{`${figures.fried} fried${figures.burst > 0 ? `, ${figures.burst} burst` : ''}`}</span>
                    {printer && figures.oilMeanC !== null && figures.inBandShare !== null && (
                      <small>{`oil ${printer.temp(figures.oilMeanC)} on average, ${printer.percent(figures.inBandShare)} of the time in its band`}</small>
                    )}
                  </Link>
                </li>
              ))}
            </LinkList>
          )
        }
      </Asked>
      {ledger.hasNextPage && <Button onPress={() => void ledger.fetchNextPage()}>Show older batches</Button>}
    </Page>
  );
}
