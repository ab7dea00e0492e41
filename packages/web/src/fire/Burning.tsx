import { type FirePiece, type NextStep, planCold } from '@ember-fold/core';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { lazyPart } from '../ui/lazyPart';
import { useKitchen } from '../data/useLine';
import { watchPot } from '../data/watched';
import { Page } from '../ui/controls/Page';
import { Panel, Problem, Soft } from '../ui/controls/Panel';
import { listText, nextText, potText } from '../text/fireWords';
import { ActPad } from './ActPad';
import { BurstSheet } from './BurstSheet';
import { DangerScreen } from './DangerScreen';
import { DoNextList } from './DoNextList';
import { JudgeBar } from './JudgeBar';
import { OilPanel } from './OilPanel';
import { PotView } from './PotView';
import { SupperQueue, useSupperQueue } from './SupperQueue';
import { TallyPanel } from './TallyPanel';
import { useEar } from './useEar';
import { useEnd } from './useEnd';
import { useFire } from './useFire';
import { useFireCalls } from './useFireCalls';
import { usePad } from './usePad';
import type { useStove } from './useStove';
import { useTrace } from './useTrace';

const MoreSheet = lazyPart(() => import('./MoreSheet').then((m) => ({ default: m.MoreSheet })));
const OilChart = lazyPart(() => import('../ui/charts/OilChart').then((m) => ({ default: m.OilChart })));

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

/** On a phone the keys come right under the list: what is fried after this batch can wait. */
const Later = styled.div`
  @media (max-width: 760px) {
    order: 1;
  }
`;

/** What to do, and under it what was done: the keys stay in sight however long the list is. */
const Side = styled.div`
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

const Hand = styled.div`
  position: sticky;
  bottom: 0;
  margin-top: auto;
  z-index: 2;
  padding-bottom: 14px;
  margin-bottom: -14px;
  background: ${({ theme }) => theme.ground};
  @media (max-width: 760px) {
    position: static;
  }
`;

const NO_STEPS: readonly NextStep[] = [];

/** Lifted whole with the last lift, and not judged yet. */
function toJudge(pieces: readonly FirePiece[], judged: ReadonlySet<number>): readonly FirePiece[] {
  const out = pieces.filter((piece) => piece.outS !== null && piece.oven === null);
  const lastS = out.reduce((most, piece) => Math.max(most, piece.outS!), -1);
  return out.filter((piece) => piece.outS! >= lastS - 30 && !judged.has(piece.number));
}

type Open = ReturnType<typeof useStove> & { readonly live: NonNullable<ReturnType<typeof useStove>['live']> };

/** A stove that burns: the oil, the pot, what to do next, what was done. */
export function Burning({ batchId, stove }: { readonly batchId: string; readonly stove: Open }) {
  const { live } = stove;
  const { draft, kitchen } = live.stove;
  const printer = useKitchen()?.printer;
  const { fire, failed } = useFire(live);
  const pad = usePad(live, fire, stove.act);
  const ear = useEar(pad.spoken);
  const [choosing, setChoosing] = useState(false);
  const [more, setMore] = useState(false);
  const wording = useCallback(
    (step: NextStep) => nextText(step, listText(step.pieces), (c) => printer?.temp(c) ?? String(c)).what,
    [printer],
  );
  useFireCalls(fire?.steps ?? NO_STEPS, wording);
  const piece = useMemo(() => planCold(draft, kitchen).fold.piece, [draft, kitchen]);
  const trace = useTrace(live);
  const { end, problem } = useEnd(batchId, live.ended);
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
          </div>
          <Later>
            <SupperQueue batchId={batchId} />
          </Later>
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
        <TallyPanel
          live={live}
          fire={fire}
          printer={printer}
          next={next ?? null}
          listening={ear.on}
          problem={stove.refusal ?? problem}
          onEnd={(then) => void end(then)}
        />
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
      <BurstSheet
        isOpen={choosing}
        pieces={state.inPot.map(({ number }) => number)}
        onBurst={(number) => pad.pieces('burst', [number])}
        onClose={() => setChoosing(false)}
      />
      <Suspense fallback={null}>
        {more && (
          <MoreSheet
            printer={printer}
            fit={fire.fit}
            onClose={() => setMore(false)}
            onTopUp={pad.topUp}
            onOil={pad.oil}
            ear={ear}
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
