import { SHARED as T } from '#text/shared/sharedPhrases';
import { memo, useId, useState } from 'react';
import { FieldError, Input, Label, Text, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureFont, FINE } from '../../theme';
import { useLatest } from './useLatest';

interface FigureFieldProps {
  /** Named for the screen reader; shown unless `hideLabel`. */
  readonly label: string;
  readonly hideLabel?: boolean;
  /** Present value; `null` shows `whenNull` as a placeholder. */
  readonly value: number | null;
  readonly print: (value: number) => string;
  /** What was typed, or `null` when it is not understood. */
  readonly read: (text: string) => number | null;
  readonly least: number;
  readonly most: number;
  readonly unit?: string;
  /** What can be typed, for the error: "a mass such as 640, 2 cup or 1 lb 4 oz". */
  readonly expected: string;
  /** Emptied: back to the computed value. Without it an empty field is an error. */
  readonly onClear?: () => void;
  readonly whenNull?: string;
  readonly onChange: (value: number) => void;
  readonly width?: number;
}

const Wrap = styled(TextField)`
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  column-gap: 12px;
  flex: 1;
  min-width: 0;
`;

const Box = styled.div<{ $width: number; $bad: boolean }>`
  display: flex;
  align-items: baseline;
  gap: 4px;
  width: ${({ $width }) => $width}px;
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid ${({ theme, $bad }) => ($bad ? theme.stop : theme.edge)};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  &:focus-within {
    outline: 3px solid ${({ theme }) => theme.know};
    outline-offset: 1px;
  }
  input {
    ${figureFont}
    flex: 1;
    width: 100%;
    min-width: 0;
    height: 42px;
    font-size: 17px;
    text-align: right;
    border: 0;
    outline: 0;
    background: none;
  }
  span {
    color: ${({ theme }) => theme.soft};
    font-size: 13px;
  }
  ${FINE} {
    min-height: 36px;
    input {
      height: 34px;
    }
  }
`;

const Wrong = styled(FieldError)`
  grid-column: 1 / -1;
  color: ${({ theme }) => theme.stop};
  font-size: 13px;
  padding: 2px 0 4px;
`;

const same = (a: number | null, b: number | null): boolean =>
  a === b || (a !== null && b !== null && Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b)));

/**
 * A figure typed as people type it. Every keystroke that can be understood counts at once;
 * one that cannot leaves the plan as it was, keeps the text and says what is wrong.
 */
export function FigureField(props: FigureFieldProps) {
  const { label, hideLabel, value, print, read, least, most, unit, expected, width = 96 } = props;
  // The text being typed, good for as long as the value is the one it stood for.
  const [typed, setTyped] = useState<{ text: string; value: number | null } | null>(null);
  const live = typed && same(typed.value, value) ? typed : null;
  const shown = live ? live.text : value === null ? '' : print(value);
  const problem = live ? problemOf(live.text, props) : null;

  const change = (text: string) => {
    const number = text.trim() === '' ? null : read(text);
    if (number === null && text.trim() === '' && props.onClear) {
      setTyped({ text, value: null });
      if (value !== null) props.onClear();
      return;
    }
    if (number === null || !(number >= least && number <= most)) {
      setTyped({ text, value });
      return;
    }
    setTyped({ text, value: number });
    if (!same(number, value)) props.onChange(number);
  };

  const onText = useLatest(change);
  const onLeave = useLatest(() => setTyped((now) => (now && problemOf(now.text, props) ? now : null)));
  return (
    <FieldView
      label={label}
      hideLabel={hideLabel ?? false}
      shown={shown}
      problem={problem === null ? null : T.type(problem, expected)}
      unit={unit ?? null}
      placeholder={props.whenNull ?? ''}
      width={width}
      onText={onText}
      onLeave={onLeave}
    />
  );
}

interface FieldViewProps {
  readonly label: string;
  readonly hideLabel: boolean;
  readonly shown: string;
  readonly problem: string | null;
  readonly unit: string | null;
  readonly placeholder: string;
  readonly width: number;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
}

/** The costly part: drawn again only when what it shows has changed, not at every keystroke elsewhere. */
const FieldView = memo(function FieldView(props: FieldViewProps) {
  const { label, hideLabel, shown, problem, unit, placeholder, width, onText, onLeave } = props;
  const labelId = useId();
  return (
    <Wrap
      value={shown}
      onChange={onText}
      onBlur={onLeave}
      isInvalid={problem !== null}
      aria-label={hideLabel ? label : undefined!}
      aria-labelledby={hideLabel ? undefined! : labelId}
    >
      {hideLabel ? <span /> : <Label id={labelId}>{label}</Label>}
      <Box $width={width} $bad={problem !== null}>
        <Input placeholder={placeholder} autoComplete="off" spellCheck={false} inputMode="text" />
        {unit && <span aria-hidden>{unit}</span>}
      </Box>
      {problem === null ? null : <Wrong>{problem}</Wrong>}
      {unit && (
        <Text slot="description" className="visually-hidden">
          {unit}
        </Text>
      )}
    </Wrap>
  );
});

/** What is wrong with a text, or `null`. */
function problemOf(text: string, { read, least, most, print, unit, onClear }: FigureFieldProps): string | null {
  if (text.trim() === '') return onClear ? null : T.thisCannotBeEmpty;
  const number = read(text);
  if (number === null) return T.thisIsNotUnderstood;
  const named = (value: number) => [print(value), unit].filter(Boolean).join(' ');
  if (number < least) return T.theLeastIs(named(least));
  if (number > most) return T.theMostIs(named(most));
  return null;
}
