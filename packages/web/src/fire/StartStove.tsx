import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf, type Stove } from '../app/api';
import { useAppSelector } from '../app/store';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { TitleRow } from '../controls/Page';
import { Panel, PanelTitle, Problem, Soft } from '../controls/Panel';
import { CAUTIONS, DEFERRAL } from '../text/fireWords';
import { SPEED_NAME } from '../text/words';

const Grid = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr) 340px;
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
  li {
    padding: 9px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;

interface StartStoveProps {
  readonly batchId: string;
  readonly onStarted: (stove: Stove) => void;
}

/** Before any oil is hot: the cautions, and the simulated stove's pace. */
export function StartStove({ batchId, onStarted }: StartStoveProps) {
  const batch = api.useBatchQuery(batchId);
  const [start, starting] = api.useStartStoveMutation();
  const [speed, setSpeed] = useState('1');
  // A plan that is still on its way to the server must arrive first: the stove keeps what is there.
  const unsaved = useAppSelector((state) => state.draft.batchId === batchId && state.draft.save !== 'saved');
  const light = async () => {
    const result = await start({ id: batchId, speed: Number(speed) });
    if ('data' in result && result.data) onStarted(result.data);
  };
  return (
    <>
      <TitleRow>
        <h1>{batch.data?.draft.name ?? 'Fire'}</h1>
        <span className="grow" />
        <Link to={`/bench/${batchId}/fry`}>Back to its plan</Link>
      </TitleRow>
      <Grid>
        <Panel>
          <PanelTitle>Before the oil is hot</PanelTitle>
          <ul>
            {CAUTIONS.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
          <Soft>{DEFERRAL}</Soft>
        </Panel>
        <Panel>
          <PanelTitle>Simulated stove</PanelTitle>
          <Soft>The pot of this kitchen with its oil, burner and probe. Nothing real is heated.</Soft>
          <Choice label="Pace" value={speed} options={SPEED_NAME} onChange={setSpeed} />
          {starting.error && <Problem>{problemOf(starting.error).message}</Problem>}
          {unsaved && <Soft role="status">The plan is being saved first.</Soft>}
          <Button
            $look="primary"
            style={{ width: '100%', minHeight: 64, marginTop: 12 }}
            isDisabled={starting.isLoading || unsaved}
            onPress={() => void light()}
          >
            Start the stove
          </Button>
        </Panel>
      </Grid>
    </>
  );
}
