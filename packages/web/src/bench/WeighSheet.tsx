import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { batchAmounts, type StepAmount, stepOfAmount } from '@ember-fold/core/ledger';
import { batchPieces } from '@ember-fold/core/plan';
import { cookState, stepState } from '@ember-fold/core/stove';
import { useMemo } from 'react';
import { storeApi } from '../data/api/storeApi';
import { useAppSelector } from '../data/draft/store';
import { useCookActs } from '../data/live/useCookActs';
import type { Line } from '../data/draft/useLine';
import { AmountTicks } from '../ui/controls/choice/AmountTicks';
import { Button } from '../ui/controls/button/Button';
import { LiveScale } from '../ui/controls/field/LiveScale';
import { PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { fillingName, trayNames } from '#text/bench/trayText';
import { WEIGH_GROUP_NAME } from '#text/store/storeWords';

const groupName = (what: string, of: string | undefined): string => (of ? `${what}, ${of}` : what);

/** What stands together: one bowl, pan or plate of one tray. */
function groupsOf(amounts: readonly StepAmount[]) {
  const groups: { of: StepAmount['of']; mark: StepAmount['mark']; rows: StepAmount[] }[] = [];
  for (const amount of amounts) {
    const group = groups.find(({ of, mark }) => of === amount.of && mark === amount.mark);
    if (group) group.rows.push(amount);
    else groups.push({ of: amount.of, mark: amount.mark, rows: [amount] });
  }
  return groups;
}

/**
 * Everything out, weighed and within reach before the first disc is rolled. What is ticked here is
 * ticked on the run-sheet, on every device.
 */
export function WeighSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { batch, kitchen, printer } = line;
  const names = trayNames(batch);
  const batchId = useAppSelector((state) => state.draft.batchId) ?? '';
  const { data: stock } = storeApi.useStockQuery();
  const { acts, tell, refusal } = useCookActs(batchId);
  const amounts = useMemo(() => batchAmounts(batch, stock ?? [], kitchen), [batch, stock, kitchen]);
  const ticked = useMemo(() => {
    const state = cookState(acts ?? []);
    return new Set(amounts.flatMap((one) => stepState(state, stepOfAmount(one)).ticked));
  }, [acts, amounts]);
  const onTick = (amount: StepAmount, on: boolean) =>
    tell({ kind: 'tick', step: stepOfAmount(amount), line: amount.key, on });
  // What is weighed next: the first line without a tick.
  const next = amounts.find(({ key }) => !ticked.has(key));
  const done = amounts.filter(({ key }) => ticked.has(key));
  return (
    <Sheet title={T.weighOut} isOpen onClose={onClose}>
      <LiveScale printer={printer} wantedKg={next?.weighKg ?? 0.1} />
      {refusal && <Problem>{refusal}</Problem>}
      <div data-print>
        <Soft>{T.piecesInTheOrderOf(batch.name, batchPieces(batch))}</Soft>
        {groupsOf(amounts).map(({ of, mark, rows }) => (
          <section key={`${of} ${mark ?? ''}`} style={{ marginTop: 12 }}>
            <PanelTitle as="h3">
              {groupName(WEIGH_GROUP_NAME[of], of === 'filling' && mark ? fillingName(batch, mark) : names.get(mark!))}
            </PanelTitle>
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
