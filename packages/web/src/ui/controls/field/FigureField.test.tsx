import { parseNumber } from '@ember-fold/core/plan';
import { fireEvent, render, screen } from '@testing-library/react';
import fc from 'fast-check';
import { useState } from 'react';
import { ThemeProvider } from 'styled-components';
import { planningTheme } from '../../theme';
import { FigureField } from './FigureField';

interface HostProps {
  readonly start: number | null;
  readonly clearable?: boolean;
  readonly onValue?: (value: number | null) => void;
}

/** A page that keeps the value, as every station does. */
function Host({ start, clearable = false, onValue }: HostProps) {
  const [value, setValue] = useState<number | null>(start);
  const set = (next: number | null) => {
    setValue(next);
    onValue?.(next);
  };
  return (
    <ThemeProvider theme={planningTheme}>
      <FigureField
        label="Pieces"
        value={value}
        print={(n) => n.toFixed(0)}
        read={parseNumber}
        least={1}
        most={2000}
        unit="pieces"
        expected="a number such as 24"
        whenNull="as computed"
        onChange={set}
        {...(clearable ? { onClear: () => set(null) } : {})}
      />
      <button type="button" onClick={() => setValue(99)}>
        elsewhere
      </button>
    </ThemeProvider>
  );
}

const box = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Pieces' });
const type = (text: string) => fireEvent.change(box(), { target: { value: text } });

it('counts every keystroke that is understood, and keeps the text as typed', () => {
  const values: (number | null)[] = [];
  render(<Host start={24} onValue={(value) => values.push(value)} />);
  ['4', '48', '48.', '48.5'].forEach(type);
  expect(values).toEqual([4, 48, 48.5]);
  expect(box().value).toBe('48.5');
  fireEvent.blur(box());
  expect(box().value).toBe('49');
});

it.each([
  ['', 'This cannot be empty.'],
  ['many', 'This was not understood.'],
  ['-3', 'This was not understood.'],
  ['0', 'The minimum is 1 pieces.'],
  ['2001', 'The maximum is 2000 pieces.'],
])('%p changes nothing, stays to be mended, and says why', (text, why) => {
  const onValue = jest.fn();
  render(<Host start={24} onValue={onValue} />);
  type(text);
  expect(onValue).not.toHaveBeenCalled();
  expect(box().value).toBe(text);
  expect(box().getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByText(`${why} Type a number such as 24.`)).toBeTruthy();
  fireEvent.blur(box());
  expect(box().value).toBe(text);
  type('30');
  expect(onValue).toHaveBeenLastCalledWith(30);
  expect(box().getAttribute('aria-invalid')).toBeNull();
});

it('emptied, the computed value counts again, where there is one', () => {
  const onValue = jest.fn();
  render(<Host start={24} clearable onValue={onValue} />);
  type('');
  expect(onValue).toHaveBeenLastCalledWith(null);
  expect(box().placeholder).toBe('as computed');
  expect(box().getAttribute('aria-invalid')).toBeNull();
});

it('a value changed elsewhere (undo, another field) replaces what was typed', () => {
  render(<Host start={24} />);
  type('many');
  fireEvent.click(screen.getByText('elsewhere'));
  expect(box().value).toBe('99');
  expect(box().getAttribute('aria-invalid')).toBeNull();
});

it('whatever is typed, only a finite value within its limits ever gets out', () => {
  const values: (number | null)[] = [];
  render(<Host start={24} onValue={(value) => values.push(value)} />);
  const texts = fc.oneof(
    fc.string({ maxLength: 12 }),
    fc.double().map(String),
    fc.integer().map(String),
    fc.constantFrom('1e3', 'Infinity', 'NaN', '0x10', '1/0', '½', '1 ½', '1,5', '٣', '-0', '00012', '1 000'),
  );
  fc.assert(
    fc.property(texts, (text) => {
      type(text);
      expect(values.every((v) => v !== null && v >= 1 && v <= 2000)).toBe(true);
    }),
    { numRuns: 80 },
  );
});
