import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { Link } from 'react-router';
import { FoundBatches } from '../ui/batch/FoundBatches';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/layout/Page';
import { Panel, Soft } from '../ui/layout/Panel';
import { usePrinter } from '../ui/printing';

/** Which batch goes on the stove. */
export function StoveList() {
  const printer = usePrinter();
  return (
    <Page>
      <PageTitle of={[T.stove]} />
      <TitleRow>
        <h1>{T.stove}</h1>
        <Link to="/learn/practice">{T.practise}</Link>
      </TitleRow>
      <FoundBatches
        what={T.theBatches}
        nothing={
          <Panel>
            <h2>{T.nothingToFryYet}</h2>
            <Soft>
              {T.aBatchIsPlannedOn} <Link to="/bench">{T.bench}</Link> {T.first}
            </Soft>
          </Panel>
        }
      >
        {(list) => (
          <LinkList aria-label={T.batchesToFry}>
            {[...list]
              .sort((a, b) => Number(b.status === 'frying') - Number(a.status === 'frying'))
              .map((batch) => (
                <li key={batch.id}>
                  <Link to={`/stove/${batch.id}`}>
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
        )}
      </FoundBatches>
    </Page>
  );
}
