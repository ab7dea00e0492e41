/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import type { ScaleFigure } from '@ember-fold/core/stove';
import { act, renderHook } from '@testing-library/react';
import { openFakePage, pass, wrapper } from '../../../testing/fakePage';
import { FakeSource } from '../../../testing/fakeStream';
import { startLive } from './live';
import { useScale } from './useScale';

/** What was asked of the server, by method and path. */
const asked: string[] = [];

beforeAll(() => {
  openFakePage();
  globalThis.fetch = (async (input: Request) => {
    asked.push(`${input.method} ${new URL(input.url).pathname}`);
    return Response.json(input.method === 'GET' ? [] : {});
  }) as typeof fetch;
  startLive();
});
afterAll(() => jest.useRealTimers());
beforeEach(() => void asked.splice(0));

const weighs = (device: string, massKg: number): void =>
  act(() =>
    FakeSource.open.forEach((source) =>
      source.tell('scale', { device, figure: { massKg, isStable: true } as unknown as ScaleFigure }),
    ),
  );
const shown = (hook: { readonly result: { readonly current: ReturnType<typeof useScale> } }) => [
  (hook.result.current.figure as unknown as { massKg: number } | null)?.massKg ?? null,
  hook.result.current.silent,
];

it('shows what lies on the scale that is asked for, and of no other', async () => {
  const hook = renderHook(() => useScale('bench-scale'), { wrapper });
  expect(shown(hook)).toEqual([null, false]);
  weighs('another', 5);
  expect(shown(hook)).toEqual([null, false]);
  weighs('bench-scale', 0.4);
  weighs('bench-scale', 0.42);
  expect(shown(hook)).toEqual([0.42, false]);
  hook.unmount();
});

it('says after four seconds that the scale is silent, keeps its last figure, and goes on when it speaks', async () => {
  const hook = renderHook(() => useScale('bench-scale'), { wrapper });
  await pass(3800);
  expect(shown(hook)).toEqual([null, false]);
  await pass(400);
  expect(shown(hook)).toEqual([null, true]);
  weighs('bench-scale', 0.3);
  for (let i = 0; i < 4; i++) {
    await pass(3000);
    weighs('bench-scale', 0.3 + i);
    expect(shown(hook)).toEqual([0.3 + i, false]);
  }
  await pass(4200);
  expect(shown(hook)).toEqual([3.3, true]);
  hook.unmount();
});

it('never shows the figure of one scale as that of another', async () => {
  const hook = renderHook(({ id }) => useScale(id), { wrapper, initialProps: { id: 'one' as string | null } });
  weighs('one', 0.7);
  hook.rerender({ id: 'two' });
  expect(shown(hook)).toEqual([null, false]);
  await pass(4200);
  expect(shown(hook)).toEqual([null, true]);
  // Late news of the first is not taken for the second's.
  weighs('one', 0.8);
  expect(shown(hook)).toEqual([null, true]);
  hook.rerender({ id: null });
  expect(shown(hook)).toEqual([null, false]);
  hook.unmount();
  expect(asked.filter((one) => one.startsWith('POST'))).toEqual([]);
});

it('keeps the simulated scale awake for as long as somebody looks, and no longer', async () => {
  const wakes = () => asked.filter((one) => one.startsWith('POST')).length;
  const hook = renderHook(() => useScale('simulated-scale'), { wrapper });
  await pass(400);
  expect(wakes()).toBe(1);
  await pass(31_000);
  expect(wakes()).toBe(3);
  hook.unmount();
  await pass(31_000);
  expect(wakes()).toBe(3);
});
