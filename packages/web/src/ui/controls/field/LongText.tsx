import { Label, TextArea, TextField } from 'react-aria-components';
import { styled } from 'styled-components';

const Wrap = styled(TextField)`
  display: grid;
  gap: 6px;
  label {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  input,
  textarea {
    padding: 10px 12px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 8px;
    background: ${({ theme }) => theme.panel};
    resize: vertical;
  }
  textarea {
    min-height: 96px;
  }
`;

interface LongTextProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly most: number;
}

/** Several lines of the cook's own words. */
export function LongText({ label, value, onChange, most }: LongTextProps) {
  return (
    <Wrap value={value} onChange={onChange} maxLength={most}>
      <Label>{label}</Label>
      <TextArea />
    </Wrap>
  );
}
