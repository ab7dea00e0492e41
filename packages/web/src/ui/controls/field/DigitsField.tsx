import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureBox, labelOver } from './fieldLook';

const Wrap = styled(TextField)`
  ${labelOver}
  input {
    ${figureBox}
    width: 100%;
    padding: 0 12px;
    min-height: 56px;
    font-size: 30px;
    letter-spacing: 0.12em;
  }
`;

interface DigitsFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (digits: string) => void;
}

/** Six digits of a code; spaces between them do not count. */
export function DigitsField({ label, value, onChange }: DigitsFieldProps) {
  return (
    <Wrap value={value} onChange={(text) => onChange(text.replaceAll(/\D/g, '').slice(0, 6))}>
      <Label>{label}</Label>
      <Input inputMode="numeric" autoComplete="one-time-code" />
    </Wrap>
  );
}
