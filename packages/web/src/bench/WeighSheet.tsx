import { BENCH_SHEETS as T } from '../text/benchSheetPhrases';
import { weighOut, type WeighGroup } from '@ember-fold/core';
import { Check } from 'lucide-react';
import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import { storeApi } from '../data/storeApi';
import { useAppSelector } from '../data/store';
import type { Line } from '../data/useLine';
import { useKept } from '../data/useKept';
import { Button } from '../ui/controls/Button';
import { LiveScale } from '../ui/controls/LiveScale';
import { PanelTitle, Soft } from '../ui/controls/Panel';
import { Actions, Sheet } from '../ui/controls/Sheet';
import { WEIGH_GROUP_NAME } from '../text/storeWords';

const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  border-top: 1px solid ${({ theme }) => theme.line};
  cursor: pointer;
  > i {
    display: grid;
    place-items: center;
    width: 24px;
    height: 24px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 6px;
  }
  > span {
    flex: 1;
  }
  > strong {
    font-variant-numeric: tabular-nums;
  }
  &[data-selected] > i {
    color: ${({ theme }) => theme.onAccent};
    background: ${({ theme }) => theme.good};
    border-color: ${({ theme }) => theme.good};
  }
  &[data-selected] > span {
    color: ${({ theme }) => theme.soft};
    text-decoration: line-through;
  }
`;

const isTicks = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((item) => typeof item === 'string');

/** Everything out, weighed and within reach before the first disc is rolled. */
export function WeighSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, printer } = line;
  const batchId = useAppSelector((state) => state.draft.batchId);
  const { data: stock = [] } = storeApi.useStockQuery();
  const [ticks, setTicks] = useKept(`weighed.${batchId ?? ''}`, isTicks);
  const done = new Set(ticks ?? []);
  const groups = weighOut(draft, stock, kitchen);
  const keyOf = (group: WeighGroup, id: string) => `${group.of} ${id}`;
  // What is weighed next: the first line without a tick.
  const next = groups
    .flatMap((group) => group.lines.map((row) => ({ key: keyOf(group, row.ingredient.id), weighKg: row.weighKg })))
    .find((row) => !done.has(row.key));
  const tick = (key: string, isDone: boolean) =>
    setTicks(isDone ? [...done, key] : [...done].filter((other) => other !== key));
  return (
    <Sheet title={T.weighOut} isOpen onClose={onClose}>
      <LiveScale printer={printer} wantedKg={next?.weighKg ?? 0.1} />
      <div data-print>
        <Soft>{T.piecesInTheOrderOf(draft.name, draft.pieces)}</Soft>
        {groups.map((group) => (
          <section key={group.of} style={{ marginTop: 12 }}>
            <PanelTitle as="h3">{WEIGH_GROUP_NAME[group.of]}</PanelTitle>
            {group.lines.map(({ ingredient, massKg, weighKg }) => {
              const key = keyOf(group, ingredient.id);
              return (
                <Tick key={key} isSelected={done.has(key)} onChange={(isDone) => tick(key, isDone)}>
                  <i>{done.has(key) && <Check size={17} strokeWidth={3} aria-hidden />}</i>
                  <span>
                    {ingredient.name}
                    {weighKg !== massKg && (
                      <Soft as="span">
                        {T.byTheFormulaThisPack(printer.mass(massKg), weighKg < massKg ? 'stronger' : 'weaker')}
                      </Soft>
                    )}
                  </span>
                  <strong>{printer.measure(weighKg, ingredient.densityKgPerM3)}</strong>
                </Tick>
              );
            })}
          </section>
        ))}
      </div>
      <Actions>
        <Button isDisabled={done.size === 0} onPress={() => setTicks(null)}>
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
