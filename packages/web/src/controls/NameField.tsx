import { FieldError, Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';

const Wrap = styled(TextField)`
  display: grid;
  gap: 4px;
  flex: 1;
  label {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  input {
    min-height: 44px;
    padding: 0 12px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 8px;
    background: ${({ theme }) => theme.panel};
  }
  span {
    color: ${({ theme }) => theme.stop};
    font-size: 13px;
  }
`;

interface NameFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** One line of text that may not be empty, at most 120 characters. */
export function NameField({ label, value, onChange }: NameFieldProps) {
  const empty = value.trim() === '';
  return (
    <Wrap value={value} onChange={onChange} maxLength={120} isInvalid={empty}>
      <Label>{label}</Label>
      <Input autoComplete="off" />
      {empty && <FieldError>A name is needed to find it again.</FieldError>}
    </Wrap>
  );
}
