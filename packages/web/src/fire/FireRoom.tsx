import { type NextStep, planCold } from '@ember-fold/core';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../app/api';
import { useKitchen } from '../app/useLine';
import { Button } from '../controls/Button';
import { Page } from '../controls/Page';
import { Panel, Problem, Soft } from '../controls/Panel';
import { Actions, Sheet } from '../controls/Sheet';
import { Tally } from '../controls/Tally';
import { SPEED_NAME } from '../text/words';
import { ActPad } from './ActPad';
import { DoNextList } from './DoNextList';
import { OilPanel } from './OilPanel';
import { PotView } from './PotView';
import { StartStove } from './StartStove';
import { usePad } from './usePad';
import { useFire } from './useFire';
import { useStove } from './useStove';
import { useTrace } from './useTrace';

const OilChart = lazy(() => import('../charts/OilChart').then((m) => ({ default: m.OilChart })));

const Grid = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: 312px minmax(0, 1fr) 364px;
  grid-template-areas: 'oil pot next' 'tally trace pad';
  grid-template-rows: minmax(430px, auto) auto;
  @media (max-width: 1120px) {
    grid-template-columns: 300px minmax(0, 1fr);
    grid-template-areas: 'oil pot' 'next next' 'pad pad' 'tally trace';
    grid-template-rows: auto;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-areas: 'oil' 'next' 'pad' 'pot' 'tally' 'trace';
  }
`;

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
        <StartStove batchId={batchId} onStarted={stove.open} />
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

type Open = ReturnType<typeof useStove> & { readonly live: NonNullable<ReturnType<typeof useStove>['live']> };

function Burning({ batchId, stove }: { readonly batchId: string; readonly stove: Open }) {
  const { live } = stove;
  const { draft, kitchen } = live.stove;
  const navigate = useNavigate();
  const printer = useKitchen()?.printer;
  const { fire, failed } = useFire(live);
  const pad = usePad(live, fire, stove.act);
  const [finish, finishing] = api.useFinishBatchMutation();
  const [choosing, setChoosing] = useState(false);
  const piece = useMemo(() => planCold(draft, kitchen).fold.piece, [draft, kitchen]);
  const trace = useTrace(live);
  const ended = live.ended;
  useEffect(() => {
    if (ended) void navigate(`/ledger/${batchId}`, { replace: true });
  }, [ended, batchId, navigate]);
  if (failed) {
    return (
      <Page>
        <Problem>{failed}</Problem>
      </Page>
    );
  }
  if (!fire || !printer || !piece) {
    return (
      <Page>
        <Soft role="status">Reading the stove…</Soft>
      </Page>
    );
  }
  const { state, oil, fry } = fire;
  const end = async () => {
    const result = await finish(batchId);
    if ('data' in result && result.data) await navigate(`/ledger/${batchId}`, { replace: true });
  };
  const done = (step: NextStep) => {
    if (step.act === 'finish') void end();
    else if (step.act === 'burner') pad.burner(step.value);
    else pad.pieces(step.act, step.pieces);
  };
  const first = fire.steps[0];
  const urged = first && first.act !== 'burner' && first.act !== 'finish' ? first.act : null;
  return (
    <Page>
      <h1 className="visually-hidden">{`At the stove: ${draft.name}`}</h1>
      <Grid>
        <div style={{ gridArea: 'oil', display: 'grid' }}>
          <OilPanel
            oil={oil}
            band={fry.band}
            cautions={fry.cautions}
            burner={state.burner}
            settings={kitchen.pot.settings}
            printer={printer}
            onBurner={pad.burner}
          />
        </div>
        <Panel style={{ gridArea: 'pot' }} aria-label="Pot">
          <Soft>Pot from above, upper faces in the colour the model reads; pieces drawn smaller</Soft>
          <PotView
            inPot={state.inPot}
            predictions={fire.predictions}
            shape={piece}
            fold={draft.fold}
            nowS={fire.nowS}
            selected={pad.selected}
            onSelect={pad.select}
            printer={printer}
          />
          <Soft>
            {`${Math.round(kitchen.pot.diameterM * 100)} cm pot, ${printer.ml(kitchen.pot.oilM3)}, ${printer.percent(fry.levels.withLot)} full with a lot in`}
          </Soft>
        </Panel>
        <div style={{ gridArea: 'next' }}>
          <DoNextList steps={fire.steps} printer={printer} onDone={done} />
        </div>
        <Panel style={{ gridArea: 'tally' }} aria-label="Tally">
          <Soft>{draft.name}</Soft>
          <Tally
            counts={{ done: state.done, burst: state.burst, 'in the oil': state.inPot.length, 'to fry': state.toFry }}
          />
          <Soft>{`${printer.time(fire.nowS)} since the start, ${SPEED_NAME[String(live.stove.speed) as keyof typeof SPEED_NAME]}`}</Soft>
          <Soft>Lid at hand. Never water on burning oil.</Soft>
          {live.waiting > 0 && <Soft role="status">{`${live.waiting} kept here until the server is back`}</Soft>}
          {stove.refusal && <Problem>{stove.refusal}</Problem>}
          {finishing.error && <Problem>{problemOf(finishing.error).message}</Problem>}
          <Button style={{ marginTop: 10 }} isDisabled={state.inPot.length > 0} onPress={() => void end()}>
            Finish the batch
          </Button>
        </Panel>
        <Panel style={{ gridArea: 'trace' }} aria-label="Trace">
          <Suspense fallback={<div style={{ height: 200 }} />}>
            <OilChart
              trace={trace.points}
              forecast={trace.forecast(oil)}
              band={fry.band}
              lotStartsS={state.lotStartsS}
              printer={printer}
              height={210}
              fromS={trace.fromS}
              label={`Oil over the last minutes against its band of ${printer.temp(fry.band.least)} to ${printer.temp(fry.band.most)}`}
            />
          </Suspense>
        </Panel>
        <div style={{ gridArea: 'pad' }}>
          <ActPad
            targets={pad.targets}
            urged={urged}
            canTakeBack={state.lastAct !== null}
            onAct={(kind) => (kind === 'burst' && pad.targets.burst.length !== 1 ? setChoosing(true) : pad.act(kind))}
            onTakeBack={pad.takeBack}
            onDropFewer={pad.dropFewer}
          />
        </div>
      </Grid>
      <Sheet title="Which one burst?" isOpen={choosing} onClose={() => setChoosing(false)}>
        <p>Lift it, drain it, finish it in the oven at 175 °C for 20 to 25 minutes, and skim the oil.</p>
        <Actions>
          {state.inPot.map(({ number }) => (
            <Button
              key={number}
              style={{ minHeight: 64, minWidth: 64 }}
              aria-label={`Piece ${number} burst`}
              onPress={() => {
                pad.pieces('burst', [number]);
                setChoosing(false);
              }}
            >
              {number}
            </Button>
          ))}
        </Actions>
      </Sheet>
    </Page>
  );
}
