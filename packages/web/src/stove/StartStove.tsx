import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { START_CHECKS, type StartPoint } from '@ember-fold/core/stove';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useSave } from '../data/draft/useSave';
import { stoveApi } from '../data/api/stoveApi';
import { useKitchen } from '../data/draft/useLine';
import { Cautions } from '../ui/controls/list/Cautions';
import { api, problemOf } from '../data/api/api';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { deviceApi } from '../data/api/deviceApi';
import { Pick } from '../ui/controls/choice/Pick';
import { TickField } from '../ui/controls/field/TickField';
import { StartSign } from '../ui/drawing/StartSign';
import { START_POINT } from '#text/stove/stoveWords';
import { PlaceInSupper } from './PlaceInSupper';
import { SPEED_NAME } from '#text/shared/words';

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
}

const SIMULATED = 'simulated-stove';
const NONE = 'none';

const Checks = styled.div.attrs({ role: 'group', 'aria-label': 'Before the oil is heated' })`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 0 18px;
  label {
    min-height: 64px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;

/** Before any oil is hot: each point gone through, the cautions, and what stove it is. */
export function StartStove({ batchId }: StartStoveProps) {
  const known = useKitchen();
  const batch = api.useBatchQuery(batchId);
  const [start, starting] = stoveApi.useStartStoveMutation();
  const [speed, setSpeed] = useState('1');
  // A kitchen without a thermometer begins without a probe.
  const [chosen, setProbe] = useState<string | null>(null);
  const probe = chosen ?? (known?.kitchen.thermometer === 'none' ? NONE : SIMULATED);
  const [trial, setTrial] = useState(false);
  const [gone, setDeleted] = useState<ReadonlySet<StartPoint>>(new Set());
  const { data: devices = [] } = deviceApi.useDevicesQuery();
  const probes = Object.fromEntries([
    ...devices.filter((one) => one.kind === 'probe').map((one) => [one.id, one.name]),
    [NONE, T.noProbeCrumbsAndWhat],
  ]) as Record<string, string>;
  const isSimulated = probe === SIMULATED;
  const left = START_CHECKS.length - gone.size;
  // A plan that is still on its way to the server must arrive first: the stove keeps what is there.
  const unsaved = useSave(`draft ${batchId}`).state !== 'saved';
  const light = async () => {
    await start({
      id: batchId,
      gate: [...gone],
      trial,
      speed: isSimulated ? Number(speed) : 1,
      probe: probe === NONE ? null : probe,
    });
  };
  return (
    <>
      <PageTitle of={[T.atTheStove, batch.data?.draft.name]} />
      <TitleRow>
        <h1>{batch.data?.draft.name ?? T.stove}</h1>
        <span className="grow" />
        <Link to={`/bench/${batchId}/fry`}>{T.backToItsPlan}</Link>
      </TitleRow>
      <Grid>
        <Panel>
          <PanelTitle>{T.beforeTheOilIsHeated}</PanelTitle>
          <Checks>
            {START_CHECKS.map((point) => (
              <TickField
                key={point}
                label={START_POINT[point]}
                picture={<StartSign point={point} />}
                value={gone.has(point)}
                onChange={(is) =>
                  setDeleted((now) => {
                    const next = new Set(now);
                    if (is) next.add(point);
                    else next.delete(point);
                    return next;
                  })
                }
              />
            ))}
          </Checks>
          {known && <Cautions printer={known.printer} />}
        </Panel>
        <Panel>
          <PanelTitle>{isSimulated ? T.simulatedStove : T.thisStove}</PanelTitle>
          <PlaceInSupper batchId={batchId} draft={batch.data?.draft ?? null} />
          <Pick<string> label={T.whoReadsTheOil} value={probe} options={probes} onChange={setProbe} />
          <Soft>{isSimulated ? T.thePotOfThisKitchen : T.aRealPotWhatIs}</Soft>
          {isSimulated && <Choice label={T.pace} value={speed} options={SPEED_NAME} onChange={setSpeed} />}
          <TickField label={T.onePieceFirstCutAnd} value={trial} onChange={setTrial} />
          {starting.error && <Problem>{problemOf(starting.error).message}</Problem>}
          {unsaved && <Soft role="status">{T.thePlanIsBeingSaved}</Soft>}
          <Button
            $look="primary"
            style={{ width: '100%', minHeight: 64, marginTop: 12 }}
            isDisabled={starting.isLoading || unsaved || left > 0}
            onPress={() => void light()}
          >
            {T.startTheStove}
          </Button>
          <Soft role="status">{left > 0 ? T.toGoThroughFirst(left) : ''}</Soft>
        </Panel>
      </Grid>
    </>
  );
}
