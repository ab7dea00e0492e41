import { type FirePiece, type NextStep, planCold } from '@ember-fold/core';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../app/api';
import { useKitchen } from '../app/useLine';
import { Button } from '../controls/Button';
import { Page } from '../controls/Page';
import { Panel, Problem, Soft } from '../controls/Panel';
import { Actions, Sheet } from '../controls/Sheet';
import { Tally } from '../controls/Tally';
import { listText, nextText } from '../text/fireWords';
import { SPEED_NAME } from '../text/words';
import { startTimer } from '../app/useTimers';
import { ActPad } from './ActPad';
import { DangerScreen } from './DangerScreen';
import { DoNextList } from './DoNextList';
import { JudgeBar } from './JudgeBar';
import { OilPanel } from './OilPanel';
import { PotView } from './PotView';
import { StartStove } from './StartStove';
import { useFireCalls } from './useFireCalls';
import { usePad } from './usePad';
import { useFire } from './useFire';
import { useStove } from './useStove';
import { useTrace } from './useTrace';

const MoreSheet = lazy(() => import('./MoreSheet').then((m) => ({ default: m.MoreSheet })));
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

const NO_STEPS: readonly NextStep[] = [];
/** A burst piece finishes in the oven so long, s. Source: craft.md, In the oil. */
const OVEN_S = 20 * 60;

/** Lifted whole with the last lift, and not judged yet. */
function toJudge(pieces: readonly FirePiece[], judged: ReadonlySet<number>): readonly FirePiece[] {
  const out = pieces.filter((piece) => piece.outS !== null && !piece.burst);
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
    else if (step.act === 'skim') pad.skim();
    else pad.pieces(step.act, step.pieces);
  };
  const first = fire.steps[0];
  const urged = first?.act === 'flip' || first?.act === 'lift' || first?.act === 'drop' ? first.act : null;
  const judged = new Set(state.judged.flatMap((act) => (act.kind === 'seen' ? act.pieces : [])));
  const lifted = toJudge(state.pieces, judged);
  const judgedPiece = lifted[0]?.number ?? null;
  const burst = (number: number) => {
    pad.pieces('burst', [number]);
    startTimer({ name: `Burst piece ${number} in the oven, ${draft.name}`, seconds: OVEN_S, batchId });
  };
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
          <Soft>Pot from above, as the model reads it: pieces drawn smaller, upper face over lower in each dot</Soft>
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
            onCore={(tempC) =>
              judgedPiece !== null && pad.core(judgedPiece, tempC, fire.cores.get(judgedPiece) ?? null)
            }
          />
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
            onAct={(kind) => {
              if (kind !== 'burst') pad.act(kind);
              else if (pad.targets.burst.length === 1) burst(pad.targets.burst[0]!);
              else setChoosing(true);
            }}
            onTakeBack={pad.takeBack}
            onDropFewer={pad.dropFewer}
            onMore={() => setMore(true)}
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
                burst(number);
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
          oil={oil.probeC === null ? '' : `Oil ${printer.temp(oil.probeC)}.`}
          onAct={() => (fire.danger?.act === 'burner-off' ? pad.burner(0) : pad.here())}
        />
      )}
    </Page>
  );
}
