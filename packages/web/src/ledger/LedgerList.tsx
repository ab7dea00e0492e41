import { Link } from 'react-router';
import { api } from '../data/api';
import { useKitchen } from '../data/useLine';
import { Asked } from '../ui/controls/Asked';
import { LinkList, Page, TitleRow } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { printDate } from '../text/printer';

/** Finished batches, newest first. */
export function LedgerList() {
  const ledger = api.useLedgerQuery(undefined, { refetchOnMountOrArgChange: true });
  const printer = useKitchen()?.printer;
  return (
    <Page>
      <TitleRow>
        <h1>Ledger</h1>
      </TitleRow>
      <Asked of={ledger} what="the ledger">
        {(entries) =>
          entries.length === 0 ? (
            <Panel>
              <h2>Nothing fried yet</h2>
              <Soft>
                A batch arrives here when it is finished at the <Link to="/fire">stove</Link>.
              </Soft>
            </Panel>
          ) : (
            <LinkList aria-label="Finished batches">
              {entries.map(({ id, name, startedAt, figures }) => (
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
    </Page>
  );
}
