import { FIRE as T } from '../text/firePhrases';
import { type NextStep, type Piece, planCold } from '@ember-fold/core';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { lazyPart } from '../ui/lazyPart';
import { useKitchen } from '../data/useLine';
import { watchPot } from '../data/watched';
import { PHONE } from '../ui/theme';
import { Page, PageTitle } from '../ui/controls/Page';
import { Panel, Problem, Soft } from '../ui/controls/Panel';
import { FIRE_TEXT, nextText, potFullText, potText } from '../text/fireWords';
import type { Printer } from '../text/printer';
import { ActPad } from './ActPad';
import { BurstSheet } from './BurstSheet';
import { DangerScreen } from './DangerScreen';
import { DoNextList } from './DoNextList';
import { JudgeBar } from './JudgeBar';
import { OilPanel } from './OilPanel';
import { PotView } from './PotView';
import { SupperQueue } from './SupperQueue';
import { TallyPanel } from './TallyPanel';
import { type Ear, useEar } from './useEar';
import { useEnd } from './useEnd';
import { type Fire, useFire } from './useFire';
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
    grid-template-areas: 'oil' 'pot' 'side' 'tally' 'trace';
    /* Room for the keys, which lie at the bottom of the window. */
    padding-bottom: 150px;
  }
`;

/** What to do, and under it what was done: the keys stay in sight however long the list is. */
const Side = styled.div`
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 12px;
  @media (min-width: 1121px) {
    position: sticky;
    top: 14px;
    align-self: start;
    height: calc(100vh - 96px - var(--strips, 0px));
    min-height: 420px;
  }
`;

/** Grows as it must, and scrolls: nothing of it ever lies under the keys. */
const Lists = styled.div`
  display: flex;
  flex-direction: column;
  gap: 12px;
  @media (min-width: 1121px) {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    border-radius: 12px;
    > * {
      flex: none;
    }
  }
`;

/** The keys: under the lists, and on a phone at the bottom of the window. */
const Hand = styled.div`
  @media (max-width: 1120px) and (min-width: 761px) {
    position: sticky;
    bottom: 0;
    z-index: 2;
    padding-bottom: 14px;
    background: ${({ theme }) => theme.ground};
  }
  ${PHONE} {
    position: fixed;
    inset: auto 0 0;
    z-index: 2;
    padding: 8px 10px max(8px, env(safe-area-inset-bottom));
    background: ${({ theme }) => theme.ground};
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;

const FromAbove = styled(Soft)`
  ${PHONE} {
    display: none;
  }
`;

const NO_STEPS: readonly NextStep[] = [];

type Open = ReturnType<typeof useStove> & { readonly live: NonNullable<ReturnType<typeof useStove>['live']> };

/** A stove that burns: the oil, the pot, what to do next, what was done. */
export function Burning({ batchId, stove }: { readonly batchId: string; readonly stove: Open }) {
  const { live } = stove;
  const { draft, kitchen } = live.stove;
  const printer = useKitchen()?.printer;
  const { fire, failed } = useFire(live);
  const pad = usePad(live, fire, stove.act);
  const wording = useCallback(
    (step: NextStep) => nextText(step, (c) => printer?.temp(c) ?? '', draft.fry.oilC).what,
    [printer, draft.fry.oilC],
  );
  useFireCalls(fire?.steps ?? NO_STEPS, wording);
  const piece = useMemo(() => planCold(draft, kitchen).fold.piece, [draft, kitchen]);
  // Whoever looks at a pot keeps an eye on it, in other rooms too.
  useEffect(() => watchPot(batchId), [batchId]);
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
        <Soft role="status">{FIRE_TEXT.opening}</Soft>
      </Page>
    );
  }
  return <Stove batchId={batchId} stove={stove} fire={fire} pad={pad} piece={piece} printer={printer} />;
}

interface StoveProps {
  readonly batchId: string;
  readonly stove: Open;
  readonly fire: Fire;
  readonly pad: ReturnType<typeof usePad>;
  readonly piece: Piece;
  readonly printer: Printer;
}

/** The page of one pot; draws what `fireNow` says. */
function Stove({ batchId, stove, fire, pad, piece, printer }: StoveProps) {
  const { live } = stove;
  const { draft, kitchen } = live.stove;
  const { state, oil, fry } = fire;
  const ear = useEar(pad.spoken);
  const { end, problem } = useEnd(batchId, live.ended);
  const where = potText(kitchen.potName, kitchen.pot.diameterM);
  return (
    <Page>
      <PageTitle of={[T.atTheStove, draft.name]} />
      <h1 className="visually-hidden">{FIRE_TEXT.title(draft.name)}</h1>
      <Grid>
        <div style={{ gridArea: 'oil', display: 'grid' }}>
          <OilPanel
            oil={oil}
            band={fry.band}
            cautions={fry.cautions}
            burner={state.burner}
            settings={kitchen.pot.settings}
            printer={printer}
            probe={live.stove.probe}
            spreadC={fire.spreadC}
            onBurner={pad.burner}
          />
        </div>
        <Panel style={{ gridArea: 'pot' }} aria-label={T.pot}>
          <FromAbove>{FIRE_TEXT.fromAbove}</FromAbove>
          <PotView
            places={fire.places}
            inPot={state.inPot}
            lotSize={fry.lots.lotSize}
            room={fire.room}
            predictions={fire.predictions}
            shape={piece}
            fold={draft.fold}
            nowS={fire.nowS}
            selected={pad.selected}
            onSelect={pad.select}
            printer={printer}
          />
          <Soft>{potFullText(where, kitchen.pot.oilM3, fry.levels.withLot, printer)}</Soft>
        </Panel>
        <Hands stove={stove} fire={fire} pad={pad} ear={ear} printer={printer} onFinish={() => void end()} />
        <TallyPanel
          live={live}
          fire={fire}
          printer={printer}
          listening={ear.on}
          problem={stove.refusal ?? problem}
          onEnd={(then) => void end(then)}
        />
        <Trace live={live} fire={fire} printer={printer} />
      </Grid>
      {fire.danger && (
        <DangerScreen
          danger={fire.danger}
          where={`${where}, ${draft.name}`}
          oil={oil.probeC === null ? '' : T.oil(printer.temp(oil.probeC))}
          onAct={() => (fire.danger?.act === 'burner-off' ? pad.burner(0) : pad.here())}
        />
      )}
    </Page>
  );
}

/** The oil over the last minutes, and where it goes. */
function Trace({ live, fire, printer }: Pick<StoveProps, 'fire' | 'printer'> & { readonly live: Open['live'] }) {
  const trace = useTrace(live);
  const { band } = fire.fry;
  return (
    <Panel style={{ gridArea: 'trace', alignSelf: 'start' }} aria-label={T.trace}>
      <Suspense fallback={<div style={{ height: 200 }} />}>
        <OilChart
          trace={trace.points}
          forecast={trace.forecast(fire.oil)}
          band={band}
          lotStartsS={fire.state.lotStartsS}
          printer={printer}
          height={210}
          fromS={trace.fromS}
          label={FIRE_TEXT.trace(printer.temp(band.least), printer.temp(band.most))}
        />
      </Suspense>
    </Panel>
  );
}

interface HandsProps extends Pick<StoveProps, 'stove' | 'fire' | 'pad' | 'printer'> {
  readonly ear: Ear;
  readonly onFinish: () => void;
}

/** What to do next, how the last lift is judged, what is fried after, and the keys. */
function Hands({ stove, fire, pad, ear, printer, onFinish }: HandsProps) {
  const [choosing, setChoosing] = useState(false);
  const [more, setMore] = useState(false);
  const { state, judge } = fire;
  const { draft } = stove.live.stove;
  const lifted = judge.pieces.map((piece) => piece.number);
  const first = fire.steps[0]?.act;
  const done = (step: NextStep) => {
    if (step.act === 'finish') onFinish();
    else if (step.act === 'burner') pad.burner(step.value);
    else if (step.act === 'skim') pad.skim();
    else if (step.act === 'aside') pad.aside(step.pieces);
    else pad.pieces(step.act, step.pieces);
  };
  return (
    <Side>
      <Lists>
        <DoNextList steps={fire.steps} markC={draft.fry.oilC} printer={printer} onDone={done} />
        <JudgeBar
          judge={judge}
          targetC={draft.filling.coreTargetC}
          belief={fire.belief}
          printer={printer}
          onLooks={(looks) => pad.looks(lifted, looks)}
          onRaw={() => pad.aside(lifted)}
          onCore={(tempC) => judge.coreOf !== null && pad.core(judge.coreOf, tempC, judge.predictedC)}
        />
        <SupperQueue queue={fire.queue} />
      </Lists>
      <Hand>
        <ActPad
          targets={pad.targets}
          urged={first === 'flip' || first === 'lift' || first === 'drop' ? first : null}
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
    </Side>
  );
}
