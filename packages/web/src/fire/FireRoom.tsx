import { useParams } from 'react-router';
import { takeStove } from '../app/stoveFeed';
import { Page } from '../controls/Page';
import { Panel, Problem, Soft } from '../controls/Panel';
import { Burning } from './Burning';
import { StartStove } from './StartStove';
import { useStove } from './useStove';

/** The stove: loads, offers to start, or shows the fire. */
export function FireRoom() {
  const { id = '' } = useParams();
  return <Stove key={id} batchId={id} />;
}

function Stove({ batchId }: { readonly batchId: string }) {
  const stove = useStove(batchId);
  if (stove.live) return <Burning batchId={batchId} stove={{ ...stove, live: stove.live }} />;
  return (
    <Page>
      {stove.problem?.code === 'NO_STOVE' ? (
        <StartStove batchId={batchId} onStarted={takeStove} />
      ) : stove.problem ? (
        <Panel>
          <Problem>{stove.problem.message}</Problem>
        </Panel>
      ) : (
        <Soft role="status">Opening the stove…</Soft>
      )}
    </Page>
  );
}
