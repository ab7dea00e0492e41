import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FOLD_SHEETS as T } from '#text/bench/fold/foldSheetPhrases';
import { type Cutting, cuttingOf, RAGGED_M } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { Line } from '../../data/draft/useLine';
import { BoardFields } from '../../ui/controls/field/BoardFields';
import { Button } from '../../ui/controls/button/Button';
import { Problem, Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { SheetLayout } from '../../ui/drawing/SheetLayout';
import { cuttingText, rollText } from '#text/bench/fold/sealText';
import { cancelCut, cutInWorker } from '../../workers/planClient';

const Rolls = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 14px;
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    gap: 4px;
    align-content: start;
    font-size: 13px;
  }
  svg {
    max-height: 170px;
  }
`;

interface State {
  readonly is: 'working' | 'done' | 'stopped' | 'failed';
  readonly cutting: Cutting | null;
}

/** What a cutter really yields: first cut, re-rolls, what is left, against dividing by weight. */
export function CutSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, cold, printer } = line;
  const spec = cuttingOf(draft, kitchen, cold);
  const key = JSON.stringify(spec);
  const [known, setKnown] = useState<State & { readonly key: string }>({ key, is: 'working', cutting: null });
  // What was cut of another dough, or with another cutter, says nothing of this one.
  const state: State = known.key === key ? known : { is: 'working', cutting: null };
  useEffect(() => {
    const ask = JSON.parse(key) as typeof spec;
    if (!ask) return;
    let gone = false;
    const tell = (state: State) => !gone && setKnown({ key, ...state });
    cutInWorker(ask, (cutting) => tell({ is: 'working', cutting })).then(
      (cutting) => cutting && tell({ is: 'done', cutting }),
      () => tell({ is: 'failed', cutting: null }),
    );
    return () => {
      gone = true;
      cancelCut();
    };
  }, [key]);
  const { cutting } = state;
  const stop = () => {
    cancelCut();
    setKnown({ key, is: 'stopped', cutting });
  };
  return (
    <Sheet title={T.cutFromASheet} isOpen wide onClose={onClose}>
      <BoardFields kitchen={kitchen} />
      {!spec ? (
        <p>{cold.dough.figures.massKg > 0 ? T.thisShapeIsMeasuredOff : T.thereIsNoDoughTo}</p>
      ) : (
        <>
          <p role="status">
            {state.is === 'failed'
              ? T.theLayoutCouldNotBe
              : cutting
                ? `${state.is === 'working' ? T.soFar : state.is === 'stopped' ? 'Stopped: ' : ''}${cuttingText(cutting, draft.pieces, printer)}`
                : T.layingOutTheFirstSheet}
          </p>
          {state.is === 'stopped' && <Problem>{T.stoppedBeforeTheLastRe}</Problem>}
          <Soft>{T.reRolledScrapsAreTougher}</Soft>
          {cutting && (
            <Rolls aria-label={T.rollsOfDough}>
              {cutting.rolls.map((roll, i) => (
                <li key={i}>
                  <SheetLayout roll={roll} shape={spec.shape} acrossM={spec.acrossM} raggedM={RAGGED_M} />
                  <span>{rollText(roll, i, printer)}</span>
                </li>
              ))}
            </Rolls>
          )}
        </>
      )}
      <Actions>
        {state.is === 'working' && spec && <Button onPress={stop}>{T.stopHere}</Button>}
        <Button $look="primary" onPress={onClose}>
          {BENCH.done}
        </Button>
      </Actions>
    </Sheet>
  );
}
