import type { TrayDraft } from '@ember-fold/core/plan';
import type { NextStep } from '@ember-fold/core/stove';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import type { Printer } from '../text/printer';
import { lazyPart } from '../ui/lazyPart';
import { PHONE } from '../ui/theme';
import { ActPad } from './ActPad';
import { BurstSheet } from './BurstSheet';
import { DoNextList } from './DoNextList';
import { JudgeBar } from './JudgeBar';
import { SupperQueue } from './SupperQueue';
import type { Ear } from './useEar';
import type { StoveFigures } from './useStoveFigures';
import type { usePad } from './usePad';

const MoreSheet = lazyPart(() => import('./MoreSheet').then((m) => ({ default: m.MoreSheet })));

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

interface HandsProps {
  readonly draft: TrayDraft;
  readonly figures: StoveFigures;
  readonly pad: ReturnType<typeof usePad>;
  readonly printer: Printer;
  readonly ear: Ear;
  readonly onFinish: () => void;
  /** Says what to do next. */
  readonly advises: boolean;
}

/** What to do next, how the last taking out is judged, what is fried after, and the keys. */
export function Hands({ draft, figures, pad, ear, printer, onFinish, advises }: HandsProps) {
  const [choosing, setChoosing] = useState(false);
  const [more, setMore] = useState(false);
  const { state, judge } = figures;
  const takenOut = judge.pieces.map((piece) => piece.number);
  const first = figures.steps[0]?.act;
  const done = (step: NextStep) => {
    // Judged in the bar under the list, where its answers are.
    if (step.act === 'judge') return;
    if (step.act === 'finish') onFinish();
    else if (step.act === 'burner') pad.burner(step.value);
    else if (step.act === 'skim') pad.skim();
    else if (step.act === 'aside') pad.aside(step.pieces);
    else if (step.act === 'to-oven') pad.takeOut(step.pieces);
    else pad.pieces(step.act, step.pieces);
  };
  return (
    <Side>
      <Lists>
        {advises && <DoNextList steps={figures.steps} targetC={draft.fry.oilC} printer={printer} onDone={done} />}
        <JudgeBar
          judge={judge}
          targetC={draft.filling.coreTargetC}
          belief={figures.belief}
          printer={printer}
          onLooks={(looks) => pad.looks(takenOut, looks)}
          onRaw={() => pad.aside(takenOut)}
          onCore={(tempC) => judge.coreOf !== null && pad.core(judge.coreOf, tempC, judge.predictedC)}
        />
        <SupperQueue queue={figures.queue} />
      </Lists>
      <Hand>
        <ActPad
          targets={pad.targets}
          urged={
            figures.steps[0]?.inS === null
              ? null
              : first === 'turn' || first === 'take-out' || first === 'drop'
                ? first
                : first === 'to-oven'
                  ? 'take-out'
                  : null
          }
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
            oilC={draft.fry.oilC}
            fit={figures.fit}
            hands={figures.hands}
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
