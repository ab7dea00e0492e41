import { LATER } from '#text/shared/laterPhrases';
import { type DoughFamilyId, type Formula, type Substitution, substitutionsFor } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { usePantry } from '../../../data/draft/useLine';
import { Button } from '../button/Button';
import { Soft } from '../../layout/Panel';
import { Sheet } from './Sheet';
import type { Printer } from '../../../text/printer';
import { swapText } from '#text/bench/swapText';

const List = styled.ul`
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  div {
    flex: 1;
  }
`;

interface SwapSheetProps {
  readonly lines: Formula;
  readonly index: number;
  readonly family: DoughFamilyId;
  readonly printer: Printer;
  readonly onSwap: (swap: Substitution) => void;
  readonly onClose: () => void;
}

/** What one line may be swapped for; each says what it changes and what else follows. */
export function SwapSheet({ lines, index, family, printer, onSwap, onClose }: SwapSheetProps) {
  const pantry = usePantry();
  const from = pantry.find(lines[index]!.ingredientId);
  const swaps = substitutionsFor(lines, index, { pantry, family });
  return (
    <Sheet title={LATER.insteadOf(from.name.toLowerCase())} isOpen onClose={onClose}>
      <Soft>{LATER.waterAndFatOfThe}</Soft>
      <List>
        {swaps.map((swap) => {
          const to = pantry.find(swap.toId);
          return (
            <li key={swap.toId}>
              <div>
                <strong>{`${to.name}, ${printer.measure(swap.massKg, to.densityKgPerM3)}`}</strong>
                <Soft>{swapText(swap, printer)}</Soft>
              </div>
              <Button aria-label={LATER.swapFor(to.name)} onPress={() => onSwap(swap)}>
                {LATER.swap}
              </Button>
            </li>
          );
        })}
      </List>
    </Sheet>
  );
}
