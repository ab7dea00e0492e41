import { act } from '@testing-library/react';
import { IDBFactory } from 'fake-indexeddb';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { store } from '../src/data/draft/store';
import { FakeBrowser } from './fakeStream';

/** What every hook of a page stands in. */
export const wrapper = ({ children }: { readonly children: ReactNode }) => (
  <Provider store={store}>{children}</Provider>
);

/** A browser with one tab and a database of its own, and a clock that the test moves. */
export function openFakePage(): void {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
  globalThis.indexedDB = new IDBFactory();
  new FakeBrowser().openTab();
}

/** Time goes on, and what is answered meanwhile is heard. */
export const pass = (ms: number): Promise<void> =>
  act(async () => {
    for (let i = 0; i < Math.ceil(ms / 200); i++) {
      await jest.advanceTimersByTimeAsync(200);
      await new Promise((resolve) => setImmediate(resolve));
    }
  });
