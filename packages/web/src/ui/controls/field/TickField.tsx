import { Check } from 'lucide-react';
import type { ReactNode } from 'react';
import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import { FINE } from '../../theme';

const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  cursor: pointer;
  > i {
    display: grid;
    flex: none;
    place-items: center;
    width: 24px;
    height: 24px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 6px;
  }
  &[data-selected] > i {
    color: ${({ theme }) => theme.onAccent};
    background: ${({ theme }) => theme.good};
    border-color: ${({ theme }) => theme.good};
  }
  ${FINE} {
    min-height: 36px;
  }
`;

interface TickFieldProps {
  readonly label: string;
  /** Drawn before the words; absent: nothing is. */
  readonly picture?: ReactNode;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** Something that is done, or not. */
export function TickField({ label, picture, value, onChange }: TickFieldProps) {
  return (
    <Tick isSelected={value} onChange={onChange}>
      <i>{value && <Check size={17} strokeWidth={3} aria-hidden />}</i>
      {picture}
      <span>{label}</span>
    </Tick>
  );
}
