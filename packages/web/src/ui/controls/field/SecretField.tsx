import { Input, Label, Text, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureBox, labelOver } from './fieldLook';

const Wrap = styled(TextField)`
  ${labelOver}
  margin-top: 10px;
  input {
    ${figureBox}
    width: 100%;
    padding: 0 12px;
  }
  [slot='description'] {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

interface SecretFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Being chosen, and not asked for. */
  readonly isNew?: boolean;
  readonly says?: string;
}

/** A passphrase: hidden, and known to the browser's own keeper of passwords. */
export function SecretField({ label, value, onChange, isNew = false, says }: SecretFieldProps) {
  return (
    <Wrap type="password" value={value} onChange={onChange} maxLength={200}>
      <Label>{label}</Label>
      <Input autoComplete={isNew ? 'new-password' : 'current-password'} />
      {says && <Text slot="description">{says}</Text>}
    </Wrap>
  );
}
