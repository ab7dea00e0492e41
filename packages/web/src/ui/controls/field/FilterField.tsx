import { Search as Lens } from 'lucide-react';
import { Input, Label, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import { FINE } from '../../theme';
import { labelOver } from './fieldLook';

const Wrap = styled(SearchField)`
  ${labelOver}
  flex: 1;
  div {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding: 0 12px;
    ${FINE} {
      min-height: 38px;
    }
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 8px;
    background: ${({ theme }) => theme.panel};
  }
  div:focus-within {
    outline: 3px solid ${({ theme }) => theme.know};
    outline-offset: 1px;
  }
  input {
    flex: 1;
    min-width: 0;
    height: 36px;
    border: 0;
    outline: 0;
    background: none;
  }
`;

interface FilterFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** Narrows a list as it is typed in; Escape empties it. */
export function FilterField({ label, value, onChange }: FilterFieldProps) {
  return (
    <Wrap value={value} onChange={onChange}>
      <Label>{label}</Label>
      <div>
        <Lens size={17} aria-hidden />
        <Input autoComplete="off" spellCheck={false} maxLength={60} />
      </div>
    </Wrap>
  );
}
