import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { Plus } from 'lucide-react';
import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { serverNowMs } from '../data/live/serverClock';
import { TABLE as T } from '#text/table/tablePhrases';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, Soft } from '../ui/layout/Panel';
import { Coming } from './Coming';
import { FirstRun } from './FirstRun';
import { Lesson, OilNow, StoredNow } from './Kept';
import { NewSupper } from './NewSupper';
import type { Planned, Plans } from './planned';
import { Today } from './Today';

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 14px;
  align-items: start;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Side = styled.div`
  display: grid;
  gap: 14px;
`;

/** The first page: what is coming, what to do today, and what is there for it. */
export function TablePage() {
  const batches = api.useBatchesQuery();
  const suppers = api.useSuppersQuery();
  const { data: cooked = NONE } = api.useCookedQuery();
  const navigate = useNavigate();
  return (
    <Page>
      <PageTitle of={[T.table]} />
      <TitleRow>
        <h1>{T.table}</h1>
        <span className="grow" />
        <NewSupper />
        <Button $look="primary" onPress={() => void navigate('/bench/new')}>
          <Plus size={18} aria-hidden />
          {T.newBatch}
        </Button>
      </TitleRow>
      <FirstRun />
      <Asked of={batches} what={T.theTable}>
        {(list) =>
          list.length === 0 && (suppers.data ?? []).length === 0 ? (
            <Panel>
              <h2>{T.nothing}</h2>
              <Soft>{T.nothingSays}</Soft>
            </Panel>
          ) : (
            <Set list={[...list, ...cooked]} suppers={suppers.data ?? []} />
          )
        }
      </Asked>
    </Page>
  );
}

const NONE: readonly BatchSummary[] = [];

interface SetProps {
  readonly list: readonly BatchSummary[];
  readonly suppers: readonly SupperRow[];
}

function Set({ list, suppers }: SetProps) {
  const [plans, setPlans] = useState<Plans>({});
  const [nowMs] = useState(serverNowMs);
  const inSupper = Object.fromEntries(list.flatMap(({ id, supper }) => (supper === undefined ? [] : [[id, supper]])));
  const onPlan = useCallback(
    (id: string, planned: Planned) =>
      setPlans((now) => (now[id]?.trays === planned.trays ? now : { ...now, [id]: planned })),
    [],
  );
  return (
    <Grid>
      <Coming list={list} suppers={suppers} nowMs={nowMs} plans={plans} onPlan={onPlan} />
      <Side>
        <Today plans={plans} suppers={inSupper} nowMs={nowMs} />
        <StoredNow nowMs={nowMs} />
        <OilNow />
        <Lesson />
      </Side>
    </Grid>
  );
}
