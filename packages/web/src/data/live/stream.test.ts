import { FakeBrowser, FakeSource } from '../../../testing/fakeStream';
import type * as TestingLibrary from '@testing-library/react/pure';
import type * as StreamModule from './stream';
import type { Told } from './stream';
import type * as OnlineModule from '../offline/useOnline';

type Stream = typeof StreamModule;

let browser: FakeBrowser;
let gone: AbortController;
beforeEach(() => {
  jest.useFakeTimers();
  FakeSource.all = [];
  browser = new FakeBrowser();
  gone = new AbortController();
  // What a tab hears ends with it.
  for (const target of [document, window] as EventTarget[]) {
    const add = target.addEventListener.bind(target);
    jest
      .spyOn(target, 'addEventListener')
      .mockImplementation((kind, listener) => add(kind, listener, { signal: gone.signal }));
  }
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
  gone.abort();
});

/** A tab with the live stream on; what it hears, and how often it was (re)opened. */
function openTab(): { readonly tab: number; readonly heard: Told[]; readonly opened: () => number; online(): boolean } {
  const tab = browser.openTab();
  jest.resetModules();
  /* oxlint-disable typescript/no-require-imports -- each tab has modules of its own. */
  const stream = require('./stream') as Stream;
  const { useOnline } = require('../offline/useOnline') as typeof OnlineModule;
  const { renderHook } = require('@testing-library/react/pure') as typeof TestingLibrary;
  /* oxlint-enable typescript/no-require-imports */
  const heard: Told[] = [];
  let opened = 0;
  stream.onLive((told) => heard.push(told));
  stream.onOpen(() => (opened += 1));
  stream.startStream();
  return { tab, heard, opened: () => opened, online: () => renderHook(useOnline).result.current };
}

it('one tab of a browser holds the stream, all hear it, and the next takes over when it is closed', () => {
  const first = openTab();
  const second = openTab();
  const third = openTab();
  expect(FakeSource.open).toHaveLength(1);
  FakeSource.open[0]!.onopen!();
  FakeSource.open[0]!.tell('stove', { batchId: 'a', lit: true });
  for (const { heard, opened } of [first, second, third]) {
    expect(heard).toEqual([{ kind: 'stove', batchId: 'a', lit: true, nowMs: 1000 }]);
    expect(opened()).toBe(1);
  }
  browser.closeTab(first.tab);
  expect(FakeSource.open).toHaveLength(1);
  FakeSource.open[0]!.onopen!();
  FakeSource.open[0]!.tell('time', {}, 2000);
  expect(second.heard.at(-1)).toEqual({ kind: 'time', nowMs: 2000 });
  expect(third.heard.at(-1)).toEqual({ kind: 'time', nowMs: 2000 });
  // What was missed between the two is asked for again, in each tab.
  expect([second.opened(), third.opened()]).toEqual([2, 2]);
  expect(first.heard).toHaveLength(1);
});

it('a stream that ends is opened again, says so meanwhile, and never twice at once', () => {
  const { opened, online } = openTab();
  FakeSource.open[0]!.onopen!();
  expect(online()).toBe(true);
  for (let i = 1; i <= 3; i++) {
    FakeSource.open[0]!.onerror!();
    expect(FakeSource.open).toHaveLength(0);
    expect(online()).toBe(false);
    jest.advanceTimersByTime(1300);
    expect(FakeSource.open).toHaveLength(1);
  }
  FakeSource.open[0]!.onopen!();
  expect([online(), opened()]).toEqual([true, 2]);
  // An old one that fails late disturbs nobody.
  FakeSource.all[0]!.onerror!();
  jest.advanceTimersByTime(3000);
  expect(FakeSource.open).toHaveLength(1);
  expect(online()).toBe(true);
});

it('a stream that looks alive but is silent is opened anew; one that beats is left alone', () => {
  const { heard } = openTab();
  FakeSource.open[0]!.onopen!();
  for (let s = 0; s < 120; s += 10) {
    jest.advanceTimersByTime(10_000);
    FakeSource.open[0]!.tell('time', {});
  }
  expect(FakeSource.all).toHaveLength(1);
  expect(heard).toHaveLength(12);
  jest.advanceTimersByTime(31_000);
  expect(FakeSource.all).toHaveLength(2);
  expect(FakeSource.open).toEqual([FakeSource.all[1]]);
});

it('back from sleep, or from another window, it is opened anew at once', () => {
  openTab();
  document.dispatchEvent(new Event('visibilitychange'));
  window.dispatchEvent(new Event('online'));
  expect(FakeSource.all).toHaveLength(3);
  expect(FakeSource.open).toHaveLength(1);
});

it('a browser without locks holds a stream of each tab’s own', () => {
  browser.openTab();
  Object.defineProperty(navigator, 'locks', { value: undefined, configurable: true });
  jest.resetModules();
  // oxlint-disable-next-line typescript/no-require-imports -- a tab with modules of its own.
  (require('./stream') as Stream).startStream();
  expect(FakeSource.open).toHaveLength(1);
});
