import { useEffect } from 'react';
import { useParams } from 'react-router';
import { api } from '../data/api';
import { loadStove, takeStove } from '../data/stoveFeed';
import { Page } from '../ui/controls/Page';
import { Panel, Problem, Soft } from '../ui/controls/Panel';
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
  const { data: lit = [] } = api.useStovesQuery();
  // Lit on another device while this one stood at the start.
  const litElsewhere = stove.problem?.code === 'NO_STOVE' && lit.some((one) => one.batchId === batchId);
  useEffect(() => {
    if (litElsewhere) void loadStove(batchId);
  }, [litElsewhere, batchId]);
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
