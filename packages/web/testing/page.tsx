// A page test: the whole app in jsdom against a running product, used by role and name.
import { act, configure, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type BatchDraft, batchOf, newTray, type StarterId, type TrayDraft, trayOf } from '@ember-fold/core';

configure({
  asyncUtilTimeout: 15_000,
  // Whether each element is in sight is asked of all its ancestors, for every query: most of a test's time.
  defaultHidden: true,
  // The message alone: printing the whole page at each look takes longer than the look.
  getElementError: (message) => new Error(message ?? ''),
});

export const user = userEvent.setup({ delay: null });

let isOpen = false;

/** Opens the app, or goes on with it, at an address. */
export async function go(path: string): Promise<void> {
  if (!isOpen) {
    isOpen = true;
    history.replaceState(null, '', path);
    // The router reads the address when it is loaded.
    const { startLive } = await import('../src/data/live/live');
    const { App } = await import('../src/shell/App');
    startLive();
    render(<App />);
    return;
  }
  await act(async () => {
    const idx = (history.state as { idx?: number } | null)?.idx ?? 0;
    history.pushState({ idx: idx + 1, key: String(Math.random()) }, '', path);
    dispatchEvent(new PopStateEvent('popstate', { state: history.state as unknown }));
  });
}

/** A batch of its own for a test, made through the API. @returns its id */
export async function plannedBatch(
  name: string,
  pieces = 24,
  starter: StarterId = 'squash-sage',
  change: (draft: TrayDraft) => TrayDraft = (draft) => draft,
): Promise<string> {
  const id = crypto.randomUUID();
  const eatAt = new Date(Date.now() + 3 * 86_400_000);
  eatAt.setUTCHours(18, 30, 0, 0);
  const draft = batchOf(change(newTray(name, starter, pieces, eatAt.toISOString())));
  const answer = await fetch(new URL('/api/batches', location.href), {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id, draft }),
  });
  expect(answer.status).toBe(201);
  return id;
}

export async function read<T>(path: string): Promise<T> {
  const answer = await fetch(new URL(`/api${path}`, location.href));
  expect(answer.ok).toBe(true);
  return (await answer.json()) as T;
}

/** The first tray of a batch, as the server has it. */
export const trayAt = async (id: string): Promise<TrayDraft> =>
  trayOf((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft, null);

/** Waits until all five stations stand on the present draft; their texts. */
export async function settled(): Promise<string[]> {
  return waitFor(() => {
    const line = document.querySelector('[aria-label="The line"]');
    expect(line?.getAttribute('data-current')).toBe('true');
    return [...line!.querySelectorAll('a')].map((a) => (a.textContent ?? '').replace(/\s+/g, ' '));
  });
}

export async function openStation(id: string, name: string): Promise<string[]> {
  await go(`/bench/${id}/${name}`);
  return settled();
}

export { screen, waitFor, within };
