import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { type Kitchen, planCold, trayOfPiece } from '@ember-fold/core/plan';
import { Suspense, useMemo } from 'react';
import { styled } from 'styled-components';
import { lazyPart } from '../ui/lazyPart';
import { PHONE } from '../ui/theme';
import { Panel, Soft } from '../ui/layout/Panel';
import { WhereFrom } from '../ui/controls/list/WhereFrom';
import { STOVE_TEXT, potFullText, potText } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';
import { DangerScreen } from './DangerScreen';
import { Hands } from './Hands';
import { OilPanel } from './OilPanel';
import { type PieceLook, PotView } from './PotView';
import { TallyPanel } from './TallyPanel';
import { useEar } from './useEar';
import type { StoveFigures } from './useStoveFigures';
import type { usePad } from './usePad';
import type { LiveStove } from './useLiveStove';
import { useTrace } from './useTrace';

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

/** How each piece looks from above, by its number, and its tray's mark where there are several. */
export function useLooks(trays: StoveFigures['trays'], kitchen: Kitchen): (number: number) => PieceLook | null {
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

interface StoveViewProps {
  readonly live: LiveStove;
  readonly figures: StoveFigures;
  readonly pad: ReturnType<typeof usePad>;
  readonly looks: (number: number) => PieceLook | null;
  readonly printer: Printer;
  /** What could not be done. */
  readonly problem: string | null;
  /** The batch is to be ended; where to go then, or to the ledger. */
  readonly onEnd: (then?: string) => void;
  /** Says what to do next; absent: it does. */
  readonly advises?: boolean;
}

/** One pot, drawn: the oil, the pot, what to do next, what was done. It draws what `stoveNow` says, of a stove or of practice. */
export function StoveView({ live, figures, pad, looks, printer, problem, onEnd, advises = true }: StoveViewProps) {
  const { kitchen, draft: batch } = live.stove;
  const { state, oil } = figures;
  const { draft, fry } = figures.tray;
  const ear = useEar(pad.spoken);
  const where = potText(kitchen.potName, kitchen.pot.diameterM);
  return (
    <>
      <Grid>
        <div style={{ gridArea: 'oil', display: 'grid' }}>
          <OilPanel
            oil={oil}
            range={figures.range}
            cautions={fry.cautions}
            burner={state.burner}
            settings={kitchen.pot.settings}
            printer={printer}
            probe={live.stove.probe}
            spreadC={figures.spreadC}
            onBurner={pad.burner}
            oilC={draft.fry.oilC}
            onOil={pad.oil}
          />
        </div>
        <Panel style={{ gridArea: 'pot' }} aria-label={T.pot}>
          <FromAbove>{STOVE_TEXT.fromAbove}</FromAbove>
          <PotView
            places={figures.places}
            inPot={state.inPot}
            loadSize={fry.loads.loadSize}
            room={figures.room}
            predictions={figures.predictions}
            looks={looks}
            nowS={figures.nowS}
            selected={pad.selected}
            onSelect={pad.select}
            printer={printer}
          />
          <Foot>
            <Soft>{potFullText(where, kitchen.pot.oilM3, fry.levels.withLoad, printer)}</Soft>
            <WhereFrom
              draft={draft}
              plan={() => ({ ...planCold(draft, kitchen), fry })}
              kitchen={kitchen}
              printer={printer}
            />
          </Foot>
        </Panel>
        <Hands
          draft={draft}
          figures={figures}
          pad={pad}
          ear={ear}
          printer={printer}
          onFinish={() => onEnd()}
          advises={advises}
        />
        <TallyPanel
          live={live}
          figures={figures}
          printer={printer}
          listening={ear.on}
          problem={problem}
          onEnd={onEnd}
        />
        <Trace live={live} figures={figures} printer={printer} />
      </Grid>
      {figures.danger && (
        <DangerScreen
          danger={figures.danger}
          where={`${where}, ${batch.name}`}
          oil={oil.probeC === null ? '' : T.oil(printer.temp(oil.probeC))}
          onAct={() => (figures.danger?.act === 'burner-off' ? pad.burner(0) : pad.here())}
        />
      )}
    </>
  );
}

/** The oil over the last minutes, and where it goes. */
function Trace({ live, figures, printer }: Pick<StoveViewProps, 'live' | 'figures' | 'printer'>) {
  const trace = useTrace(live);
  const { range } = figures;
  return (
    <Panel style={{ gridArea: 'trace', alignSelf: 'start' }} aria-label={T.trace}>
      <Suspense fallback={<div style={{ height: 200 }} />}>
        <OilChart
          trace={trace.points}
          forecast={trace.forecast(figures.oil)}
          range={range}
          loadStartsS={figures.state.loadStartsS}
          printer={printer}
          height={210}
          fromS={trace.fromS}
          label={STOVE_TEXT.trace(printer.temp(range.least), printer.temp(range.most))}
        />
      </Suspense>
    </Panel>
  );
}
