import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import type { NextStep } from '@ember-fold/core/stove';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { ThemeProvider } from 'styled-components';
import { makePrinter } from '../text/printer';
import { stoveTheme } from '../ui/theme';
import { DoNextList } from './DoNextList';

const drop: NextStep = { act: 'drop', inS: 8, pieces: [1, 2, 3], reason: 'wait-oil', value: 158 };
const warm: NextStep = { act: 'burner', inS: 0, pieces: [], reason: 'warm-up', value: 9 };

function list(steps: readonly NextStep[], onDone: (step: NextStep) => void) {
  return (
    <ThemeProvider theme={stoveTheme}>
      <DoNextList steps={steps} targetC={158} printer={makePrinter(DEFAULT_KITCHEN)} onDone={onDone} />
    </ThemeProvider>
  );
}

it('keeps a step under the finger while its reason, its moment and its place change', () => {
  const done: NextStep[] = [];
  const onDone = (step: NextStep) => void done.push(step);
  const { rerender } = render(list([warm, drop], onDone));
  const key = screen.getByRole('button', { name: /Drop 3/ });
  act(() => key.focus());
  fireEvent.keyDown(key, { key: 'Enter' });
  const ready: NextStep = { ...drop, inS: 0, reason: 'oil-ready' };
  rerender(list([ready, { ...warm, reason: 'oil-waits' }], onDone));
  expect(screen.getByRole('button', { name: /Drop 3/ })).toBe(key);
  expect(document.activeElement).toBe(key);
  fireEvent.keyUp(key, { key: 'Enter' });
  expect(done).toEqual([ready]);
});

it('does nothing of what came into the place of another', () => {
  const done: NextStep[] = [];
  const onDone = (step: NextStep) => void done.push(step);
  const { rerender } = render(list([warm], onDone));
  const key = screen.getByRole('button', { name: /Burner to 9/ });
  fireEvent.keyDown(key, { key: 'Enter' });
  for (const next of [
    { ...warm, reason: 'cut-heat', value: 0 },
    { ...drop, act: 'take-out', reason: 'cooked-golden' },
    { ...drop, pieces: [4, 5] },
  ] satisfies NextStep[]) {
    rerender(list([next], onDone));
    expect(screen.getByRole('button')).not.toBe(key);
    fireEvent.keyUp(screen.getByRole('button'), { key: 'Enter' });
  }
  expect(done).toEqual([]);
});
