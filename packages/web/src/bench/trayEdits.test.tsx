/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { batchOf, marksOf, newTray, TRAY_MARKS, type TrayMark, trayOf } from '@ember-fold/core/plan';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, useSearchParams } from 'react-router';
import { draftLoaded, undone } from '../data/draft/draftSlice';
import { store } from '../data/draft/store';
import { trayIn, useOpenTray } from './openTray';
import { addTrayLike, nameTray } from './trayEdits';

const batch = batchOf(newTray('Squash', 'squash-sage', 24, '2030-01-05T18:30:00Z'));
const now = () => store.getState().draft.draft!;
const FIRST = TRAY_MARKS[0];

beforeEach(() => void store.dispatch(draftLoaded({ batchId: 'one', draft: batch })));

it('one more tray is like the one it was made from, is opened, and goes again with one undo', () => {
  const opened: TrayMark[] = [];
  addTrayLike(FIRST, (mark) => opened.push(mark));
  expect(opened).toHaveLength(1);
  expect(marksOf(now())).toEqual([FIRST, opened[0]]);
  const like = trayOf(now(), opened[0]!);
  expect(like.filling).toEqual(trayOf(now(), FIRST).filling);
  expect(like.pieces).toBe(24);
  store.dispatch(undone());
  expect(now()).toEqual(batch);
});

it('a batch takes no more trays than there are marks: the last ask opens nothing and changes nothing', () => {
  const opened: TrayMark[] = [];
  for (let i = 1; i < TRAY_MARKS.length; i++) addTrayLike(FIRST, (mark) => opened.push(mark));
  const full = now();
  addTrayLike(FIRST, (mark) => opened.push(mark));
  expect(now()).toBe(full);
  expect(new Set(opened).size).toBe(opened.length);
  expect(opened.length).toBe(marksOf(full).length - 1);
});

it('a tray is called as the cook says, as typed; nothing but blanks is no name', () => {
  nameTray(FIRST, ' For the harbour ');
  expect(trayOf(now(), null).label).toBe(' For the harbour ');
  nameTray(FIRST, '   ');
  expect('label' in trayOf(now(), null)).toBe(false);
});

it.each([
  ['tray=B', 'B'],
  ['tray=b', null],
  ['tray=', null],
  ['tray=__proto__', null],
  ['', null],
])('the address %p opens the tray %p', (search, mark) => {
  expect(trayIn(new URLSearchParams(search))).toBe(mark);
});

it('opening a tray goes into the address, and what else was asked there goes', () => {
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <MemoryRouter initialEntries={['/bench/one/fry?tray=A&way=map']}>{children}</MemoryRouter>
  );
  const { result } = renderHook(() => ({ open: useOpenTray(), search: useSearchParams()[0] }), { wrapper });
  expect(trayIn(result.current.search)).toBe('A');
  act(() => result.current.open('C'));
  expect(trayIn(result.current.search)).toBe('C');
  expect(result.current.search.toString()).toBe('tray=C');
});
