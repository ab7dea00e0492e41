import '../../testing/encoders';
import type { Kitchen } from '@ember-fold/core/plan';
import { fireEvent, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { noteChange, notedChanges } from '../data/draft/lastChanges';
import { readKept, writeKept } from '../data/offline/useKept';
import { planningTheme } from '../ui/theme';
import { Failure } from './Failure';

const isPaper = (value: unknown): value is { readonly text: string } => value !== null;
const TOO_MUCH = '1500000 g flour';

/** Stops for what is kept, as a page would that plans it. */
function Paper() {
  const paper = readKept('paper', isPaper);
  if (paper?.text.includes(TOO_MUCH)) throw new Error('0.massKg must lie between 0 and 1000.');
  return <p>{paper?.text ?? 'nothing'}</p>;
}

function open() {
  const routes = [{ path: '/bench/new', element: <Paper />, errorElement: <Failure /> }];
  const router = createMemoryRouter(routes, { initialEntries: ['/bench/new'] });
  return render(
    <ThemeProvider theme={planningTheme}>
      <RouterProvider router={router} />
    </ThemeProvider>,
  );
}

test('a page that stops for what was typed, after each reload too, takes back the last change', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const write = (text: string) => {
    noteChange({ of: 'kept', key: 'paper', before: readKept('paper', isPaper) });
    writeKept('paper', { text });
  };
  write('500 g flour');
  const now = jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 5000);
  // A word typed in one go is one change.
  for (const end of [3, 9, TOO_MUCH.length]) write(`500 g flour\n${TOO_MUCH.slice(0, end)}`);
  now.mockRestore();
  open().unmount();
  const { unmount } = open();
  fireEvent.click(screen.getByRole('button', { name: 'Take back the last change' }));
  unmount();
  // What the reload finds.
  const { unmount: close } = open();
  expect(screen.getByText('500 g flour')).toBeTruthy();
  close();
  jest.restoreAllMocks();
});

test('a kitchen of an hour ago is not put back: others may have changed it since', () => {
  const before = { version: 0 } as unknown as Kitchen;
  const at = Date.now();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(at);
  writeKept('changes', null);
  noteChange({ of: 'kitchen', before });
  expect(notedChanges()).toHaveLength(1);
  clock.mockReturnValue(at + 60 * 60_000);
  expect(notedChanges()).toEqual([]);
  // What lies in this browser alone is nobody else's.
  noteChange({ of: 'kept', key: 'paper', before: null });
  clock.mockReturnValue(at + 48 * 60 * 60_000);
  expect(notedChanges()).toHaveLength(1);
  clock.mockRestore();
});
