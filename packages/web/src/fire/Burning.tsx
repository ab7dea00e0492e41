import { useAwake } from '../data/useAwake';
import { FIRE as T } from '../text/firePhrases';
import { type FinishAsks, finishAsks, type Kitchen, type NextStep, planCold, trayOfPiece } from '@ember-fold/core';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { lazyPart } from '../ui/lazyPart';
import { useKitchen } from '../data/useLine';
import { watchPot } from '../data/watched';
import { PHONE } from '../ui/theme';
import { Page, PageTitle } from '../ui/controls/Page';
import { Panel, Problem, Soft } from '../ui/controls/Panel';
import { WhereFrom } from '../ui/controls/WhereFrom';
import { FIRE_TEXT, nextText, potFullText, potText } from '../text/fireWords';
import type { Printer } from '../text/printer';
import { DangerScreen } from './DangerScreen';
import { Hands } from './Hands';
import { OilPanel } from './OilPanel';
import { type PieceLook, PotView } from './PotView';
import { TallyPanel } from './TallyPanel';
import { useEar } from './useEar';
import { useEnd } from './useEnd';
import { type Fire, useFire } from './useFire';
import { useFireCalls } from './useFireCalls';
import { usePad } from './usePad';
import type { useStove } from './useStove';
import { useTrace } from './useTrace';

const FinishSheet = lazyPart(() => import('./FinishSheet').then((m) => ({ default: m.FinishSheet })));
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

const Foot = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  min-height: 44px;
`;

const FromAbove = styled(Soft)`
  ${PHONE} {
    display: none;
  }
`;

const NO_STEPS: readonly NextStep[] = [];
const NO_TRAYS: Fire['trays'] = [];

/** How each piece looks from above, by its number, and its tray's mark where there are several. */
function useLooks(trays: Fire['trays'], kitchen: Kitchen): (number: number) => PieceLook | null {
  return useMemo(() => {
    const drawn = trays.map((tray) => {
      const { draft } = tray;
      const { piece } = planCold(draft, kitchen).fold;
      return {
        tray,
        look: piece && { shape: piece, fold: draft.fold, mark: trays.length > 1 ? draft.mark : undefined },
      };
    });
    return (number) => {
      const of = trayOfPiece(trays, number);
      return drawn.find(({ tray }) => tray === of)?.look ?? null;
    };
  }, [trays, kitchen]);
}

type Open = ReturnType<typeof useStove> & { readonly live: NonNullable<ReturnType<typeof useStove>['live']> };

/** A stove that burns: the oil, the pot, what to do next, what was done. */
export function Burning({ batchId, stove }: { readonly batchId: string; readonly stove: Open }) {
  useAwake();
  const { live } = stove;
  const { kitchen } = live.stove;
  const printer = useKitchen()?.printer;
  const { fire, failed } = useFire(live);
  const pad = usePad(live, fire, stove.act);
  const oilC = fire?.tray.draft.fry.oilC ?? 0;
  const wording = useCallback(
    (step: NextStep) => nextText(step, (c) => printer?.temp(c) ?? '', oilC).what,
    [printer, oilC],
  );
  useFireCalls(fire?.steps ?? NO_STEPS, wording);
  const looks = useLooks(fire?.trays ?? NO_TRAYS, kitchen);
  // Whoever looks at a pot keeps an eye on it, in other rooms too.
  useEffect(() => watchPot(batchId), [batchId]);
  if (failed) {
    return (
      <Page>
        <Problem>{failed}</Problem>
      </Page>
    );
  }
  if (!fire || !printer) {
    return (
      <Page>
        <Soft role="status">{FIRE_TEXT.opening}</Soft>
      </Page>
    );
  }
  return <Stove batchId={batchId} stove={stove} fire={fire} pad={pad} looks={looks} printer={printer} />;
}

interface StoveProps {
  readonly batchId: string;
  readonly stove: Open;
  readonly fire: Fire;
  readonly pad: ReturnType<typeof usePad>;
  readonly looks: (number: number) => PieceLook | null;
  readonly printer: Printer;
}

/** An end that was asked for, and what is to be thought of first. */
interface Ending {
  readonly asks: FinishAsks;
  readonly then: string | undefined;
}

/** The page of one pot; draws what `fireNow` says. */
function Stove({ batchId, stove, fire, pad, looks, printer }: StoveProps) {
  const { live } = stove;
  const { kitchen, draft: batch } = live.stove;
  const { state, oil } = fire;
  const { draft, fry } = fire.tray;
  const ear = useEar(pad.spoken);
  const { end, problem } = useEnd(batchId, live.ended);
  const [ending, setEnding] = useState<Ending | null>(null);
  const askEnd = (then?: string) => {
    const asks = finishAsks(state, oil, then !== undefined);
    if (asks) setEnding({ asks, then });
    else void end(then);
  };
  const where = potText(kitchen.potName, kitchen.pot.diameterM);
  return (
    <Page>
      <PageTitle of={[T.atTheStove, batch.name]} />
      <h1 className="visually-hidden">{FIRE_TEXT.title(batch.name)}</h1>
      <Grid>
        <div style={{ gridArea: 'oil', display: 'grid' }}>
          <OilPanel
            oil={oil}
            band={fire.band}
            cautions={fry.cautions}
            burner={state.burner}
            settings={kitchen.pot.settings}
            printer={printer}
            probe={live.stove.probe}
            spreadC={fire.spreadC}
            onBurner={pad.burner}
            oilC={draft.fry.oilC}
            onOil={pad.oil}
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
            looks={looks}
            nowS={fire.nowS}
            selected={pad.selected}
            onSelect={pad.select}
            printer={printer}
          />
          <Foot>
            <Soft>{potFullText(where, kitchen.pot.oilM3, fry.levels.withLot, printer)}</Soft>
            <WhereFrom
              draft={draft}
              plan={() => ({ ...planCold(draft, kitchen), fry })}
              kitchen={kitchen}
              printer={printer}
            />
          </Foot>
        </Panel>
        <Hands draft={draft} fire={fire} pad={pad} ear={ear} printer={printer} onFinish={() => askEnd()} />
        <TallyPanel
          live={live}
          fire={fire}
          printer={printer}
          listening={ear.on}
          problem={stove.refusal ?? problem}
          onEnd={askEnd}
        />
        <Trace live={live} fire={fire} printer={printer} />
      </Grid>
      <Suspense fallback={null}>
        {ending && !fire.danger && (
          <FinishSheet
            asks={ending.asks}
            printer={printer}
            onFinish={(left) => void end(ending.then, left)}
            onClose={() => setEnding(null)}
          />
        )}
      </Suspense>
      {fire.danger && (
        <DangerScreen
          danger={fire.danger}
          where={`${where}, ${batch.name}`}
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
  const { band } = fire;
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
