import { LATER } from '#text/shared/laterPhrases';
import { useState } from 'react';
import { FieldError, Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { FINE } from '../../theme';
import { labelOver } from './fieldLook';

const Wrap = styled(TextField)`
  ${labelOver}
  flex: 1;
  input {
    min-height: 44px;
    padding: 0 12px;
    ${FINE} {
      min-height: 38px;
    }
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
  /** May be empty, and this is then shown in its place. */
  readonly whenEmpty?: string;
}

/**
 * One line of text, at most 120 characters. Where it may not be empty, an empty field says so
 * and keeps the last name; so does one with only spaces.
 */
export function NameField({ label, value, onChange, whenEmpty }: NameFieldProps) {
  const [blank, setBlank] = useState<string | null>(null);
  const change = (text: string) => {
    const empty = whenEmpty === undefined && text.trim() === '';
    setBlank(empty ? text : null);
    if (!empty) onChange(text);
  };
  return (
    <Wrap value={blank ?? value} onChange={change} maxLength={120} isInvalid={blank !== null}>
      <Label>{label}</Label>
      <Input autoComplete="off" placeholder={whenEmpty ?? ''} />
      {blank !== null && <FieldError>{LATER.aNameIsNeededTo}</FieldError>}
    </Wrap>
  );
}
