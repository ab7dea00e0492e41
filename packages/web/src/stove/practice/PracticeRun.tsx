import { type StoveAct, type NextStep, practised, type Situation } from '@ember-fold/core/stove';
import { type CSSProperties, useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { styled } from 'styled-components';
import { nextText } from '#text/stove/stoveWords';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Panel } from '../../ui/layout/Panel';
import { PHONE } from '../../ui/theme';
import { StoveView, useLooks } from '../StoveView';
import { useStoveFiguresAt } from '../useStoveFigures';
import { useStoveCalls } from '../useStoveCalls';
import { usePad } from '../usePad';
import { keepSession, leftSession } from './leftSession';
import { PracticeNotices } from './PracticeNotices';
import { PracticeStove, type PracticeShown } from './practiceStove';
import type { PracticeChoices } from './PracticeBriefing';

const TICK_MS = 250;
/** How far it has come is kept after every act, and each so many s of the session. */
const KEEP_EACH_S = 10;
/** The keys of the stove stand in the window beside what stands above them here. */
const UNDER_STRIPS = { '--strips': '156px' } as CSSProperties;
const NO_STEPS: readonly NextStep[] = [];

const Head = styled(Panel)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  margin-bottom: 8px;
  padding-block: 6px;
  > :last-child {
    margin-left: auto;
  }
  /* Little of it: the pot must be in sight. The pace was chosen before. */
  ${PHONE} {
    gap: 6px 8px;
    padding-inline: 12px;
    button {
      padding-inline: 10px;
    }
    > .pace {
      display: none;
    }
    > .pots {
      order: 1;
    }
  }
`;

interface PracticeRunProps {
  readonly of: Situation;
  readonly choices: PracticeChoices;
  readonly printer: Printer;
  readonly onOver: (stove: PracticeStove) => void;
}

/** The session, cooked on the true stove page. */
export function PracticeRun({ of, choices, printer, onOver }: PracticeRunProps) {
  const [left] = useState(() => leftSession(of));
  const [stove] = useState(() => new PracticeStove(of, T.pots, Number(choices.pace), left ?? undefined));
  const shown = useSyncExternalStore(stove.follow, stove.now);
  const [at, setAt] = useState(0);
  useEffect(() => {
    // One that was left goes on when the cook says so.
    if (!left) stove.begin(performance.now());
    const timer = setInterval(() => stove.tick(performance.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [stove, left]);
  const done = stove.acts().length;
  const stretch = Math.floor(shown.timeS / KEEP_EACH_S);
  useEffect(() => {
    keepSession(of, shown.isOver ? null : { acts: stove.acts(), timeS: stove.now().timeS, choices });
  }, [of, stove, choices, done, stretch, shown.isOver, shown.isPaused]);
  useEffect(() => {
    if (shown.isOver) onOver(stove);
  }, [shown.isOver, stove, onOver]);
  return (
    <>
      <Head aria-label={T.room}>
        <strong>{T.clock(shown.timeS, of.mostS, printer)}</strong>
        <div className="pace">
          <Choice
            hideLabel
            label={T.pace}
            value={String(shown.pace) as PracticeChoices['pace']}
            options={T.paces}
            onChange={(pace) => stove.goAt(Number(pace))}
          />
        </div>
        <Button onPress={() => (shown.isPaused ? stove.begin(performance.now()) : stove.pause())}>
          {shown.isPaused ? T.goOn : T.hold}
        </Button>
        {of.pots.length > 1 && (
          <div className="pots">
            <Choice
              label={T.choosePot}
              hideLabel
              value={String(at)}
              options={Object.fromEntries(of.pots.map((_, i) => [String(i), potLabel(shown, i, printer)]))}
              onChange={(chosen) => setAt(Number(chosen))}
            />
          </div>
        )}
        <Button onPress={() => stove.endIt()}>{T.endIt}</Button>
      </Head>
      <PracticePot key={at} of={of} at={at} stove={stove} shown={shown} whispers={choices.whispers} printer={printer} />
    </>
  );
}

/** A pot in the choice of pots: its burner, its oil, what is in it. */
function potLabel({ pots }: PracticeShown, i: number, printer: Printer): string {
  const { seen } = pots[i]!;
  const oil = seen.probeC === null ? '' : `, ${printer.temp(seen.probeC)}`;
  return `${T.pots[i] ?? ''}${oil}${seen.inPot.length > 0 ? `, ${seen.inPot.length} in` : ''}`;
}

interface PracticePotProps {
  readonly of: Situation;
  readonly at: number;
  readonly stove: PracticeStove;
  readonly shown: PracticeShown;
  readonly whispers: boolean;
  readonly printer: Printer;
}

/** The pot the cook stands at. */
function PracticePot({ of, at, stove, shown, whispers, printer }: PracticePotProps) {
  const { live, seen } = shown.pots[at]!;
  const { trays, hasProbe } = of.pots[at]!.session;
  const { kitchen } = live.stove;
  const session = useMemo(
    () => ({ trays, kitchen, speed: shown.pace, hasProbe, trial: false }),
    [trays, kitchen, shown.pace, hasProbe],
  );
  const told = useStoveFiguresAt(live, session, live.clock.nowS);
  const figures = told && practised(told, seen, whispers);
  const act = useCallback((one: StoveAct) => stove.act(at, one), [stove, at]);
  const pad = usePad(live, figures, act, { hasTimers: false });
  const oilC = trays[0]!.draft.fry.oilC;
  const wording = useCallback((step: NextStep) => nextText(step, printer, oilC).what, [printer, oilC]);
  useStoveCalls(whispers && figures ? figures.steps : NO_STEPS, wording);
  const looks = useLooks(trays, kitchen);
  if (!figures) return null;
  return (
    <div style={UNDER_STRIPS}>
      <PracticeNotices of={of} at={at} stove={stove} shown={shown} onHere={pad.here} printer={printer} />
      <StoveView
        live={live}
        figures={figures}
        pad={pad}
        looks={looks}
        printer={printer}
        problem={null}
        onEnd={() => stove.endIt()}
        advises={whispers}
      />
    </div>
  );
}
