import type { StepAmount } from '@ember-fold/core/ledger';
import { Check } from 'lucide-react';
import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import { LATER } from '#text/shared/laterPhrases';
import type { Printer } from '../../../text/printer';
import { Soft } from '../../layout/Panel';

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
    flex: none;
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

interface AmountTicksProps {
  readonly amounts: readonly StepAmount[];
  readonly ticked: ReadonlySet<string>;
  readonly printer: Printer;
  readonly onTick: (amount: StepAmount, on: boolean) => void;
}

/** Amounts in the cook's own measures, each to be ticked when it is set out. */
export function AmountTicks({ amounts, ticked, printer, onTick }: AmountTicksProps) {
  return amounts.map((amount) => {
    const { key, ingredient, massKg, weighKg } = amount;
    return (
      <Tick key={key} isSelected={ticked.has(key)} onChange={(on) => onTick(amount, on)}>
        <i>{ticked.has(key) && <Check size={17} strokeWidth={3} aria-hidden />}</i>
        <span>
          {ingredient.name}
          {weighKg !== massKg && (
            <Soft as="span">
              {LATER.byTheFormulaThisPack(printer.mass(massKg), weighKg < massKg ? 'stronger' : 'weaker')}
            </Soft>
          )}
        </span>
        <strong>{printer.measure(weighKg, ingredient.densityKgPerM3)}</strong>
      </Tick>
    );
  });
}
