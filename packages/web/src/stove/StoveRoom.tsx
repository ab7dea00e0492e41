import { useEffect } from 'react';
import { useParams } from 'react-router';
import { api } from '../data/api/api';
import { stoveApi } from '../data/api/stoveApi';
import { Page } from '../ui/layout/Page';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { STOVE_TEXT } from '#text/stove/stoveWords';
import { Burning } from './Burning';
import { StartStove } from './StartStove';
import { useLiveStove } from './useLiveStove';

/** The stove: loads, offers to start, or shows the stove. */
export function StoveRoom() {
  const { id = '' } = useParams();
  return <Stove key={id} batchId={id} />;
}

function Stove({ batchId }: { readonly batchId: string }) {
  const stove = useLiveStove(batchId);
  const { refetch } = stoveApi.useStoveQuery(batchId);
  const { data: lit = [] } = api.useStovesQuery();
  // Lit on another device while this one stood at the start.
  const litElsewhere = stove.problem?.code === 'NO_STOVE' && lit.some((one) => one.batchId === batchId);
  useEffect(() => {
    if (litElsewhere) void refetch();
  }, [litElsewhere, refetch]);
  if (stove.live) return <Burning batchId={batchId} stove={{ ...stove, live: stove.live }} />;
  return (
    <Page>
      {stove.problem?.code === 'NO_STOVE' ? (
        <StartStove batchId={batchId} />
      ) : stove.problem ? (
        <Panel>
          <Problem>{stove.problem.message}</Problem>
        </Panel>
      ) : (
        <Soft role="status">{STOVE_TEXT.loading}</Soft>
      )}
    </Page>
  );
}
