import { lazyPart } from '../app/lazyPart';
import { type FirePiece, type NextStep, planCold } from '@ember-fold/core';
import { Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../app/api';
import { useKitchen } from '../app/useLine';
import { Button } from '../controls/Button';
import { Page } from '../controls/Page';
import { Panel, Problem, Soft } from '../controls/Panel';
import { Actions, Sheet } from '../controls/Sheet';
import { Tally } from '../controls/Tally';
import { listText, nextText, ovenText, potText } from '../text/fireWords';
import { SPEED_NAME } from '../text/words';
import { takeStove } from '../app/stoveFeed';
import { watchPot } from '../app/watched';
import { ActPad } from './ActPad';
import { DangerScreen } from './DangerScreen';
import { DoNextList } from './DoNextList';
import { JudgeBar } from './JudgeBar';
import { OilPanel } from './OilPanel';
import { PotView } from './PotView';
import { StartStove } from './StartStove';
import { SupperQueue, useSupperQueue } from './SupperQueue';
import { useFireCalls } from './useFireCalls';
import { usePad } from './usePad';
import { useFire } from './useFire';
import { useStove } from './useStove';
import { useTrace } from './useTrace';

const MoreSheet = lazyPart(() => import('./MoreSheet').then((m) => ({ default: m.MoreSheet })));
const OilChart = lazyPart(() => import('../charts/OilChart').then((m) => ({ default: m.OilChart })));

const Grid = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: 312px minmax(0, 1fr) 364px;
  grid-template-areas: 'oil pot side' 'tally trace side';
  grid-template-rows: auto 1fr;
  @media (max-width: 1120px) {
    grid-template-columns: 300px minmax(0, 1fr);
    grid-template-areas: 'oil pot' 'side side' 'tally trace';
    grid-template-rows: auto;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-areas: 'oil' 'side' 'pot' 'tally' 'trace';
  }
`;

/** What to do, and under it what was done: the keys stay in sight however long the list is. */
const Side = styled.div`
  grid-area: side;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 14px;
`;

const Hand = styled.div`
  position: sticky;
  bottom: 0;
  z-index: 2;
  padding-bottom: 14px;
  margin-bottom: -14px;
  background: ${({ theme }) => theme.ground};
  @media (max-width: 760px) {
    position: static;
  }
`;

const Ends = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
  button {
    min-height: 64px;
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

const NO_STEPS: readonly NextStep[] = [];

/** Lifted whole with the last lift, and not judged yet. */
function toJudge(pieces: readonly FirePiece[], judged: ReadonlySet<number>): readonly FirePiece[] {
  const out = pieces.filter((piece) => piece.outS !== null && piece.oven === null);
  const lastS = out.reduce((most, piece) => Math.max(most, piece.outS!), -1);
  return out.filter((piece) => piece.outS! >= lastS - 30 && !judged.has(piece.number));
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
  const [more, setMore] = useState(false);
  const wording = useCallback(
    (step: NextStep) => nextText(step, listText(step.pieces), (c) => printer?.temp(c) ?? String(c)).what,
    [printer],
  );
  useFireCalls(fire?.steps ?? NO_STEPS, wording);
  const piece = useMemo(() => planCold(draft, kitchen).fold.piece, [draft, kitchen]);
  const trace = useTrace(live);
  const ended = live.ended;
  // Where it goes when the batch is over, by this hand or by another.
  const goOn = useRef(`/ledger/${batchId}`);
  useEffect(() => {
    if (ended) void navigate(goOn.current, { replace: true });
  }, [ended, navigate]);
  // Whoever looks at a pot keeps an eye on it, in other rooms too.
  useEffect(() => watchPot(batchId), [batchId]);
  const [next] = useSupperQueue(batchId);
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
  const where = potText(kitchen.potName, kitchen.pot.diameterM);
  const end = async (then = `/ledger/${batchId}`) => {
    goOn.current = then;
    const result = await finish(batchId);
    if ('data' in result && result.data) await navigate(then, { replace: true });
  };
  const done = (step: NextStep) => {
    if (step.act === 'finish') void end();
    else if (step.act === 'burner') pad.burner(step.value);
    else if (step.act === 'skim') pad.skim();
    else if (step.act === 'aside') pad.aside(step.pieces);
    else pad.pieces(step.act, step.pieces);
  };
  const first = fire.steps[0];
  const urged = first?.act === 'flip' || first?.act === 'lift' || first?.act === 'drop' ? first.act : null;
  const judged = new Set(state.judged.flatMap((act) => (act.kind === 'seen' ? act.pieces : [])));
  const lifted = toJudge(state.pieces, judged);
  const judgedPiece = lifted[0]?.number ?? null;
  const lots = fry.lots!;
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
            source={live.stove.probe === null ? 'by what was told' : live.stove.probe.replaceAll('-', ' ')}
            spreadC={fire.spreadC}
            onBurner={pad.burner}
          />
        </div>
        <Panel style={{ gridArea: 'pot' }} aria-label="Pot">
          <Soft>From above, as predicted, pieces drawn smaller; dots show upper over lower face</Soft>
          <PotView
            pieces={state.pieces}
            inPot={state.inPot}
            lotSize={lots.lotSize}
            room={fire.danger ? 0 : fire.room}
            predictions={fire.predictions}
            shape={piece}
            fold={draft.fold}
            nowS={fire.nowS}
            selected={pad.selected}
            onSelect={pad.select}
            printer={printer}
          />
          <Soft>
            {`${where}, ${printer.ml(kitchen.pot.oilM3)}, ${printer.percent(fry.levels.withLot)} full with a lot in`}
          </Soft>
        </Panel>
        <Side>
          <div>
            <DoNextList steps={fire.steps} printer={printer} onDone={done} />
            <JudgeBar
              lifted={lifted}
              belief={fire.belief}
              predictedC={judgedPiece === null ? null : (fire.cores.get(judgedPiece) ?? null)}
              printer={printer}
              onLooks={(looks) =>
                pad.looks(
                  lifted.map((piece) => piece.number),
                  looks,
                )
              }
              onRaw={() => pad.aside(lifted.map((piece) => piece.number))}
              onCore={(tempC) =>
                judgedPiece !== null && pad.core(judgedPiece, tempC, fire.cores.get(judgedPiece) ?? null)
              }
            />
            <SupperQueue batchId={batchId} />
          </div>
          <Hand>
            <ActPad
              targets={pad.targets}
              urged={urged}
              toFry={state.toFry}
              canTakeBack={state.lastAct !== null}
              onAct={(kind) => {
                if (kind !== 'burst') pad.act(kind);
                else if (pad.targets.burst.length === 1) pad.act('burst');
                else setChoosing(true);
              }}
              onTakeBack={pad.takeBack}
              onDropFewer={pad.dropFewer}
              onMore={() => setMore(true)}
            />
          </Hand>
        </Side>
        <Panel style={{ gridArea: 'tally', alignSelf: 'start' }} aria-label="Tally">
          <Soft>{`${draft.name}, lot ${Math.max(1, state.lots)} of ${Math.max(state.lots, lots.lots)}`}</Soft>
          <Tally
            counts={{
              ...{ done: state.done, burst: state.burst, ...(state.aside > 0 && { 'set aside': state.aside }) },
              ...{ 'in the oil': state.inPot.length, 'to fry': state.toFry },
            }}
          />
          {state.inOven.length > 0 && <p>{`In the oven: ${ovenText(state.inOven, (c) => printer.temp(c))}.`}</p>}
          <Soft>{`${printer.time(fire.nowS)} since the start, ${SPEED_NAME[String(live.stove.speed) as keyof typeof SPEED_NAME]}`}</Soft>
          <Soft>Lid at hand. Never water on burning oil.</Soft>
          {live.waiting > 0 && <Soft role="status">{`${live.waiting} kept here until the server is back`}</Soft>}
          {stove.refusal && <Problem>{stove.refusal}</Problem>}
          {finishing.error && <Problem>{problemOf(finishing.error).message}</Problem>}
          <Ends>
            <Button isDisabled={state.inPot.length > 0} onPress={() => void end()}>
              Finish the batch
            </Button>
            {next && state.toFry === 0 && state.inPot.length === 0 && (
              <Button $look="primary" onPress={() => void end(`/fire/${next.job.id}`)}>
                {`Finish, then ${next.job.name}`}
              </Button>
            )}
          </Ends>
        </Panel>
        <Panel style={{ gridArea: 'trace', alignSelf: 'start' }} aria-label="Trace">
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
      <Suspense fallback={null}>
        {more && (
          <MoreSheet
            printer={printer}
            fit={fire.fit}
            onClose={() => setMore(false)}
            onTopUp={pad.topUp}
            onOil={pad.oil}
            onSpoken={pad.spoken}
          />
        )}
      </Suspense>
      {fire.danger && (
        <DangerScreen
          danger={fire.danger}
          where={`${where}, ${draft.name}`}
          oil={oil.probeC === null ? '' : `Oil ${printer.temp(oil.probeC)}.`}
          onAct={() => (fire.danger?.act === 'burner-off' ? pad.burner(0) : pad.here())}
        />
      )}
    </Page>
  );
}
