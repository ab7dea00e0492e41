import { FIRE as T } from '../text/firePhrases';
import { Link } from 'react-router';
import { api } from '../data/api';
import { Asked } from '../ui/controls/Asked';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { usePrinter } from '../ui/printing';

/** Which batch goes on the stove. */
export function FireList() {
  const printer = usePrinter();
  const batches = api.useBatchesQuery();
  return (
    <Page>
      <PageTitle of={[T.fire]} />
      <TitleRow>
        <h1>{T.fire}</h1>
      </TitleRow>
      <Asked of={batches} what={T.theBatches}>
        {(list) =>
          list.length === 0 ? (
            <Panel>
              <h2>{T.nothingToFryYet}</h2>
              <Soft>
                {T.aBatchIsPlannedOn} <Link to="/bench">{T.bench}</Link> {T.first}
              </Soft>
            </Panel>
          ) : (
            <LinkList aria-label={T.batchesToFry}>
              {[...list]
                .sort((a, b) => Number(b.status === 'frying') - Number(a.status === 'frying'))
                .map((batch) => (
                  <li key={batch.id}>
                    <Link to={`/fire/${batch.id}`}>
                      <strong>{batch.name}</strong>
                      <span>
                        {batch.pieces} {T.pieces}
                      </span>
                      <small>
                        {batch.status === 'frying' ? T.atTheStoveNow : T.theFor(printer.date(Date.parse(batch.eatAt)))}
                      </small>
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
