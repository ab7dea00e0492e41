import {
  type BestWay,
  practiceOutcome,
  type PracticeAct,
  type PracticeRun,
  practiceScore,
  type Situation,
} from '@ember-fold/core/stove';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { Label, Slider, SliderOutput, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Panel, PanelTitle, Soft } from '../../ui/layout/Panel';
import { Thumb } from '../../ui/controls/choice/Slide';
import { lazyPart } from '../../ui/lazyPart';
import type { PracticeEnd as Ended } from '../../workers/practice.worker';
import type { PracticeDesk } from '../../workers/practiceClient';

const OilChart = lazyPart(() => import('../../ui/charts/OilChart').then((m) => ({ default: m.OilChart })));

/** A chart that is still as wide as the window was makes the page no wider. */
const Frame = styled.div`
  height: 220px;
  overflow: hidden;
`;

/** Under the chart, along the same minutes. */
const Along = styled(Slider)`
  padding: 4px 16px 0 42px;
`;

const Track = styled(SliderTrack)`
  position: relative;
  height: 44px;
  &::before {
    content: '';
    position: absolute;
    inset: 20px 0;
    background: ${({ theme }) => theme.edge};
  }
`;

interface PracticeTraceProps {
  readonly of: Situation;
  readonly run: PracticeRun;
  readonly best: BestWay | null;
  readonly desk: PracticeDesk;
  /** The act that is moved; `null`: none is chosen. */
  readonly moving: PracticeAct | null;
  readonly actsWith: (byS: number) => readonly PracticeAct[];
  readonly printer: Printer;
}

const pointsOf = (readings: readonly { readonly atS: number; readonly probeC: number }[]) =>
  readings.map(({ atS, probeC }) => [atS, probeC] as const);

/** What comes of some acts, cooked again in the worker; `null` until it is known. */
function useEnded(desk: PracticeDesk, of: Situation, acts: readonly PracticeAct[] | null): Ended | null {
  const [ended, setEnded] = useState<Ended | null>(null);
  useEffect(() => {
    if (!acts) return;
    let gone = false;
    void desk.ends(of, acts).then((found) => !gone && found && setEnded(found));
    return () => {
      gone = true;
    };
  }, [desk, of, acts]);
  return ended;
}

/** The oil over the session beside the best way's; and an act that can be dragged along it. */
export function PracticeTrace({ of, run, best, desk, moving, actsWith, printer }: PracticeTraceProps) {
  const [pot, setPot] = useState(moving?.pot ?? 0);
  const [atS, setAtS] = useState(moving?.atS ?? 0);
  const isMoved = moving !== null && atS !== moving.atS;
  // The same list for as long as it is asked: the worker is asked once for each.
  const [asked, setAsked] = useState<readonly PracticeAct[] | null>(null);
  const whatIf = useEnded(desk, of, asked);
  const other = useEnded(desk, of, best?.acts ?? null);
  const own = useMemo(() => pointsOf(run.pots[pot]!.readings), [run, pot]);
  const bestTrace = useMemo(() => other && pointsOf(other.traces[pot]!), [other, pot]);
  const movedTrace = useMemo(() => whatIf && isMoved && pointsOf(whatIf.traces[pot]!), [whatIf, isMoved, pot]);
  const { range } = of.pots[pot]!.session.trays[0]!.fry;
  const drops = useMemo(
    () => run.acts.flatMap((act) => (act.pot === pot && act.act.kind === 'drop' ? [act.atS] : [])),
    [run, pot],
  );
  const outcome = useMemo(() => practiceOutcome(run), [run]);
  const move = (next: number) => {
    setAtS(next);
    setAsked(moving && next !== moving.atS ? actsWith(next - moving.atS) : null);
  };
  const least = Math.min(best?.outcome.lost ?? 0, outcome.lost);
  return (
    <Panel aria-label={T.whatIf}>
      <PanelTitle>{T.trace}</PanelTitle>
      {of.pots.length > 1 && (
        <Choice
          label={T.choosePot}
          hideLabel
          value={String(pot)}
          options={Object.fromEntries(T.pots.map((name, i) => [String(i), name]))}
          onChange={(chosen) => setPot(Number(chosen))}
        />
      )}
      <Frame>
        <Suspense fallback={null}>
          <OilChart
            trace={own}
            {...(movedTrace ? { forecast: movedTrace, forecastName: T.whatIf } : {})}
            {...(!movedTrace && bestTrace ? { forecast: bestTrace, forecastName: T.best } : {})}
            range={range}
            loadStartsS={drops}
            printer={printer}
            height={220}
            label={T.trace}
          />
        </Suspense>
      </Frame>
      {moving ? (
        <>
          <Along
            value={atS}
            minValue={0}
            maxValue={Math.max(run.timeS, moving.atS)}
            step={2}
            onChange={(next) => move(next as number)}
          >
            <Label>{T.moved(moving, atS, printer)}</Label>
            <SliderOutput className="visually-hidden" />
            <Track>
              <Thumb />
            </Track>
          </Along>
          <div role="status" style={{ minHeight: 26 }}>
            {isMoved && whatIf && (
              <p>
                {T.wouldBe(
                  practiceScore(whatIf.outcome.lost, Math.min(least, whatIf.outcome.lost), outcome.pieces.length),
                  whatIf.outcome.lost,
                )}
              </p>
            )}
          </div>
          <Button isDisabled={!isMoved} onPress={() => move(moving.atS)}>
            {T.asItWas}
          </Button>
        </>
      ) : (
        <Soft>{T.whatIfSays}</Soft>
      )}
    </Panel>
  );
}
