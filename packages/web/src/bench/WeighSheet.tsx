import { BENCH_SHEETS as T } from '../text/benchSheetPhrases';
import { type AmountPlace, batchAmounts, cookState, type StepAmount, stepOfPlace, stepState } from '@ember-fold/core';
import { useMemo } from 'react';
import { storeApi } from '../data/storeApi';
import { useAppSelector } from '../data/store';
import { useCookActs } from '../data/useCookActs';
import type { Line } from '../data/useLine';
import { AmountTicks } from '../ui/controls/AmountTicks';
import { Button } from '../ui/controls/Button';
import { LiveScale } from '../ui/controls/LiveScale';
import { PanelTitle, Problem, Soft } from '../ui/controls/Panel';
import { Actions, Sheet } from '../ui/controls/Sheet';
import { WEIGH_GROUP_NAME } from '../text/storeWords';

const PLACES: readonly AmountPlace[] = ['filling', 'dough', 'second-dough', 'rim-and-coat'];

/**
 * Everything out, weighed and within reach before the first disc is rolled. What is ticked here is
 * ticked on the run-sheet, on every device.
 */
export function WeighSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, printer } = line;
  const batchId = useAppSelector((state) => state.draft.batchId) ?? '';
  const { data: stock } = storeApi.useStockQuery();
  const { acts, tell, refusal } = useCookActs(batchId);
  const amounts = useMemo(() => batchAmounts(draft, stock ?? [], kitchen), [draft, stock, kitchen]);
  const ticked = useMemo(() => {
    const state = cookState(acts ?? []);
    return new Set(PLACES.flatMap((of) => stepState(state, stepOfPlace(of)).ticked));
  }, [acts]);
  const onTick = ({ of, key }: StepAmount, on: boolean) => tell({ kind: 'tick', step: stepOfPlace(of), line: key, on });
  // What is weighed next: the first line without a tick.
  const next = amounts.find(({ key }) => !ticked.has(key));
  const done = amounts.filter(({ key }) => ticked.has(key));
  return (
    <Sheet title={T.weighOut} isOpen onClose={onClose}>
      <LiveScale printer={printer} wantedKg={next?.weighKg ?? 0.1} />
      {refusal && <Problem>{refusal}</Problem>}
      <div data-print>
        <Soft>{T.piecesInTheOrderOf(draft.name, draft.pieces)}</Soft>
        {PLACES.map((of) => ({ of, rows: amounts.filter((amount) => amount.of === of) }))
          .filter(({ rows }) => rows.length > 0)
          .map(({ of, rows }) => (
            <section key={of} style={{ marginTop: 12 }}>
              <PanelTitle as="h3">{WEIGH_GROUP_NAME[of]}</PanelTitle>
              <AmountTicks amounts={rows} ticked={ticked} printer={printer} onTick={onTick} />
            </section>
          ))}
      </div>
      <Actions>
        <Button isDisabled={done.length === 0} onPress={() => done.forEach((amount) => onTick(amount, false))}>
          {T.beginAnew}
        </Button>
        <Button onPress={() => window.print()}>{T.print}</Button>
        <Button $look="primary" onPress={onClose}>
          {T.done}
        </Button>
      </Actions>
    </Sheet>
  );
}
