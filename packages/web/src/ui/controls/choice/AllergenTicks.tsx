import type { Allergen } from '@ember-fold/core/plan';
import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import { styled } from 'styled-components';
import { ALLERGEN_NAME } from '#text/shared/words';

const Ticks = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  > span:first-child {
    flex-basis: 100%;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Tick = styled(Checkbox)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  font-size: 14.5px;
  cursor: pointer;
  &::before {
    content: '';
    width: 20px;
    height: 20px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 5px;
  }
  &[data-selected]::before {
    content: '✓';
    display: grid;
    place-items: center;
    font-size: 14px;
    color: ${({ theme }) => theme.onAccent};
    background: ${({ theme }) => theme.good};
    border-color: ${({ theme }) => theme.good};
  }
`;

interface AllergenTicksProps {
  readonly label: string;
  readonly value: readonly Allergen[];
  readonly onChange: (value: Allergen[]) => void;
}

/** Any of the usual fourteen. */
export function AllergenTicks({ label, value, onChange }: AllergenTicksProps) {
  return (
    <Ticks value={[...value]} onChange={(next) => onChange([...next].sort() as Allergen[])}>
      <Label>{label}</Label>
      {(Object.entries(ALLERGEN_NAME) as [Allergen, string][]).map(([id, word]) => (
        <Tick key={id} value={id}>
          {word}
        </Tick>
      ))}
    </Ticks>
  );
}
