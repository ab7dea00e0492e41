import { type Formula, newTray, WORKED_FORMULAS } from '@ember-fold/core/plan';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { ThemeProvider } from 'styled-components';
import { store } from '../../../data/draft/store';
import { planningTheme } from '../../theme';
import { makePrinter } from '../../../text/printer';
import { FormulaTable } from './FormulaTable';

const KITCHEN = { units: 'grams', temperature: 'C', measures: { cupMl: 250, teaspoonMl: 5 } } as const;
const FILLING = newTray('Squash', 'squash-sage', 24, '2030-01-05T18:30:00Z').filling.lines;

interface HostProps {
  readonly kind: 'dough' | 'filling' | 'base';
  readonly start: Formula;
  readonly byPercent?: boolean;
  readonly onNow: (lines: Formula, field: string) => void;
}

/** A page that keeps the lines, as bench and Store do. */
function Host({ kind, start, byPercent = false, onNow }: HostProps) {
  const [lines, setLines] = useState(start);
  const whole = lines.reduce((sum, line) => sum + line.massKg, 0);
  return (
    <Provider store={store}>
      <ThemeProvider theme={planningTheme}>
        <FormulaTable
          kind={kind}
          lines={lines}
          percents={lines.map((line) => (100 * line.massKg) / (kind === 'dough' ? 1 : whole))}
          byPercent={byPercent}
          family={kind === 'dough' ? 'shortcrust' : null}
          printer={makePrinter(KITCHEN)}
          onLines={(field, change) => {
            const next = change(lines);
            setLines(next);
            onNow(next, field);
          }}
        />
      </ThemeProvider>
    </Provider>
  );
}

function open(props: Omit<HostProps, 'onNow'>) {
  const seen: { lines: Formula; field: string }[] = [];
  render(<Host {...props} onNow={(lines, field) => seen.push({ lines, field })} />);
  const type = (name: string, text: string) =>
    fireEvent.change(screen.getByRole('textbox', { name }), { target: { value: text } });
  return { seen, type };
}

const massOf = (lines: Formula, id: string) => lines.find((line) => line.ingredientId === id)?.massKg;

it('a mass typed changes its line alone, in grams or any unit; what is not understood changes nothing', () => {
  const { seen, type } = open({ kind: 'filling', start: FILLING });
  type('Onion', '300');
  type('Sage leaves', '1 oz');
  expect(massOf(seen.at(-1)!.lines, 'sage')).toBeCloseTo(0.02835, 5);
  expect(massOf(seen.at(-1)!.lines, 'onion')).toBeCloseTo(0.3, 9);
  expect(seen.at(-1)!.lines.filter((line, i) => line.massKg !== FILLING[i]!.massKg)).toHaveLength(2);
  const told = seen.length;
  type('Onion', 'plenty');
  expect(screen.getByText('This was not understood.', { exact: false })).toBeTruthy();
  expect(seen).toHaveLength(told);
  // One field is one step of undo.
  expect(new Set(seen.map(({ field }) => field)).size).toBe(2);
});

it('percent typed is percent had: of the whole in a filling, of the flour in a dough', () => {
  const filling = open({ kind: 'filling', start: FILLING, byPercent: true });
  filling.type('Onion', '25');
  const { lines } = filling.seen.at(-1)!;
  const whole = lines.reduce((sum, line) => sum + line.massKg, 0);
  expect(massOf(lines, 'onion')! / whole).toBeCloseTo(0.25, 9);
  expect(massOf(lines, 'sage')).toBe(massOf(FILLING, 'sage'));
  filling.type('Onion', '99');
  expect(screen.getByText('The maximum is 95 %.', { exact: false })).toBeTruthy();
});

it('in a dough the flour itself stays a mass, for percent is reckoned on it', () => {
  const dough = open({ kind: 'dough', start: WORKED_FORMULAS['shortcrust'], byPercent: true });
  dough.type('Water', '41,5');
  expect(massOf(dough.seen.at(-1)!.lines, 'water')).toBeCloseTo(0.415, 9);
  dough.type('Plain wheat flour', '500');
  expect(massOf(dough.seen.at(-1)!.lines, 'plain-wheat-flour')).toBeCloseTo(0.5, 9);
});

it('a line is taken out; the same field then belongs to the next one', () => {
  const { seen, type } = open({ kind: 'filling', start: FILLING });
  fireEvent.click(screen.getByRole('button', { name: 'Remove Onion' }));
  expect(massOf(seen.at(-1)!.lines, 'onion')).toBeUndefined();
  expect(seen.at(-1)!.lines).toHaveLength(FILLING.length - 1);
  type('Hard ripe cheese', '111');
  expect(massOf(seen.at(-1)!.lines, 'hard-cheese')).toBeCloseTo(0.111, 9);
  expect(massOf(seen.at(-1)!.lines, 'roast-squash')).toBe(massOf(FILLING, 'roast-squash'));
});

it('nothing of a base can be swapped, and more can be added', () => {
  open({ kind: 'dough', start: [{ ingredientId: 'butter', massKg: 0.1 }] });
  expect(screen.getByRole('button', { name: 'Butter, swap it' })).toBeTruthy();
  cleanup();
  open({ kind: 'base', start: [{ ingredientId: 'butter', massKg: 0.1 }] });
  expect(screen.queryByRole('button', { name: /swap it/ })).toBeNull();
  expect(screen.getByRole('combobox', { name: 'Add to the base' })).toBeTruthy();
});
