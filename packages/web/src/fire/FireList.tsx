import { Link } from 'react-router';
import { api } from '../data/api';
import { Asked } from '../ui/controls/Asked';
import { LinkList, Page, TitleRow } from '../ui/controls/Page';
import { Panel, Soft } from '../ui/controls/Panel';
import { printDate } from '../text/printer';

/** Which batch goes on the stove. */
export function FireList() {
  const batches = api.useBatchesQuery();
  return (
    <Page>
      <TitleRow>
        <h1>Fire</h1>
      </TitleRow>
      <Asked of={batches} what="the batches">
        {(list) =>
          list.length === 0 ? (
            <Panel>
              <h2>Nothing to fry yet</h2>
              <Soft>
                A batch is planned on the <Link to="/bench">bench</Link> first.
              </Soft>
            </Panel>
          ) : (
            <LinkList aria-label="Batches to fry">
              {[...list]
                .sort((a, b) => Number(b.status === 'frying') - Number(a.status === 'frying'))
                .map((batch) => (
                  <li key={batch.id}>
                    <Link to={`/fire/${batch.id}`}>
                      <strong>{batch.name}</strong>
                      <span>{batch.pieces} pieces</span>
                      <small>
                        {batch.status === 'frying' ? 'at the stove now' : `for ${printDate(Date.parse(batch.eatAt))}`}
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
