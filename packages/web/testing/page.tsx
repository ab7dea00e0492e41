// A page test: the whole app in jsdom against a running product, used as a person uses it, by role and name.
import { act, cleanup, configure, fireEvent, render, screen, waitFor, within } from '@testing-library/react/pure';
import userEvent from '@testing-library/user-event';
import type { Learnt } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  batchOf,
  type Kitchen,
  newTray,
  type StarterId,
  type TrayDraft,
  trayOf,
} from '@ember-fold/core/plan';

configure({
  asyncUtilTimeout: 20_000,
  // Whether each element is in sight is asked of all its ancestors, for every query: most of a test's time.
  defaultHidden: true,
  // The first line alone: printing the whole page at each look takes longer than the look.
  getElementError: (message) => new Error(message?.split('\n')[0] ?? ''),
});

export { screen, waitFor, within };
export const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

type Name = string | RegExp;
/** Where on the page is looked; all of it when nothing is said. */
type Scope = HTMLElement;

let isOpen = false;
// One page for all tests of a file, as a cook keeps one open; what it still draws ends with the file.
afterAll(cleanup);

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
  // Through a page without anything: what is found afterwards is never of the view before.
  await waitFor(
    async () => {
      // A sheet that is open, or just closing, still takes the way back for its own.
      if (all('dialog').length > 0) await user.keyboard('{Escape}');
      await move('pushState', NOWHERE);
      expect(withText(`You asked for ${NOWHERE}.`)).not.toHaveLength(0);
    },
    { interval: 200 },
  );
  await move('replaceState', path);
  await seesNot(`You asked for ${NOWHERE}.`);
}

/** An address the product does not have. */
const NOWHERE = '/between-two-views';

/** Goes to an address as a link of the product does: the page is not loaded anew. */
const move = (how: 'pushState' | 'replaceState', path: string): Promise<void> =>
  act(async () => {
    const idx = (history.state as { idx?: number } | null)?.idx ?? 0;
    history[how]({ idx: how === 'pushState' ? idx + 1 : idx, key: String(Math.random()) }, '', path);
    dispatchEvent(new PopStateEvent('popstate', { state: history.state as unknown }));
  });

/** The element with a role and a name, once it is there. A name as text is the whole name. */
export const find = (role: string, name: Name, scope: Scope = document.body): Promise<HTMLElement> =>
  within(scope).findByRole(role, { name });
export const all = (role: string, name?: Name, scope: Scope = document.body): HTMLElement[] =>
  within(scope).queryAllByRole(role, name === undefined ? {} : { name });

/** Presses a button. */
export async function press(name: Name, scope?: Scope): Promise<void> {
  await user.click(await find('button', name, scope));
}

/** Opens a list of choices and takes one. */
export async function choose(list: Name, option: Name, scope?: Scope): Promise<void> {
  await press(list, scope);
  await take(option);
}

/** The choices of the list that is open; a form's own list has the same ones, out of sight. */
export const choices = (name?: Name): HTMLElement[] =>
  all('option', name).filter(({ tagName }) => tagName !== 'OPTION');

async function take(name: Name): Promise<void> {
  const shown = await waitFor(() => {
    const [first] = choices(name);
    if (!first) throw new Error(`There is no choice ${String(name)}.`);
    return first;
  });
  await user.click(shown);
}

const textOf = (element: Element): string => (element.textContent ?? '').replace(/\s+/g, ' ').trim();
const matches = (text: string, wanted: Name): boolean =>
  typeof wanted === 'string' ? text.toLowerCase().includes(wanted.toLowerCase()) : wanted.test(text);

/** The innermost elements whose text is so; plain text may be a part of theirs. */
export function withText(wanted: Name, scope: Element = document.body): HTMLElement[] {
  const inner = [...scope.children].flatMap((child) => withText(wanted, child));
  if (inner.length > 0) return inner;
  return scope.tagName !== 'STYLE' && matches(textOf(scope), wanted) ? [scope as HTMLElement] : [];
}

/** Waits until the page says it. @returns the text of the first place that does */
export function sees(wanted: Name, scope?: Scope): Promise<string> {
  return waitFor(() => {
    const [found] = withText(wanted, scope);
    if (!found) throw new Error(`The page does not say ${String(wanted)}, but: ${textOf(scope ?? document.body)}`);
    return textOf(found);
  });
}

/** Waits until the page does not say it any more. */
export function seesNot(wanted: Name, scope?: Scope): Promise<void> {
  return waitFor(() => {
    if (withText(wanted, scope).length > 0) throw new Error(`The page still says ${String(wanted)}.`);
  });
}

/** Taps the element whose whole text is this. */
export async function tap(text: Name, scope?: Scope): Promise<void> {
  const whole = typeof text === 'string' ? new RegExp(`^${text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`) : text;
  const at = await waitFor(() => {
    const [found] = withText(whole, scope);
    if (!found) throw new Error(`Nothing on the page reads ${String(text)}.`);
    return found;
  });
  await user.click(at);
}

export const field = (name: Name, scope?: Scope): Promise<HTMLInputElement> =>
  find('textbox', name, scope) as Promise<HTMLInputElement>;

/** Empties a field and pastes a text into it: each letter typed would plan the batch anew. */
export async function type(name: Name, text: string, scope?: Scope): Promise<void> {
  const box = await field(name, scope);
  await user.clear(box);
  if (text !== '') await user.paste(text);
}

/** Puts a text into a field at once, as when it is pasted. */
export async function fill(name: Name, text: string, scope?: Scope): Promise<void> {
  const box = await field(name, scope);
  await act(async () => {
    box.focus();
    fireEvent.change(box, { target: { value: text } });
  });
}

export async function hasValue(name: Name, value: string | RegExp, scope?: Scope): Promise<void> {
  const box = await field(name, scope);
  await waitFor(() => expect(box.value).toMatch(typeof value === 'string' ? new RegExp(`^${value}$`) : value));
}

/** Finds an ingredient by typing and takes it. */
export async function add(list: string, text: string, option: Name): Promise<void> {
  const box = await find('combobox', list);
  await user.clear(box);
  await user.type(box, text);
  await take(option);
}

export const line = (): HTMLElement => screen.getByRole('navigation', { name: 'The line' });
export const station = (name: string): HTMLElement =>
  within(line()).getByRole('link', { name: new RegExp(`^${name}`) });

/** Waits until a station of the line says it. */
export const stationSays = (name: string, wanted: Name): Promise<void> =>
  waitFor(() => {
    const text = textOf(station(name));
    if (!matches(text, wanted)) throw new Error(`${name} says “${text}”, not ${String(wanted)}.`);
  });

/** Waits until all five stations stand on the present draft; their texts. */
export async function settled(): Promise<string[]> {
  return waitFor(() => {
    expect(line().getAttribute('data-current')).toBe('true');
    return within(line()).getAllByRole('link').map(textOf);
  });
}

export async function openStation(id: string, name: string): Promise<string[]> {
  await go(`/bench/${id}/${name}`);
  await waitFor(() => expect(location.pathname).toBe(`/bench/${id}/${name}`));
  return settled();
}

/** Waits until the server has what was typed. */
export const isSaved = (): Promise<void> =>
  waitFor(() => expect(document.querySelector('[data-save]')?.getAttribute('data-save')).toBe('saved'));

const api = (path: string) => new URL(`/api${path}`, location.href);

export const send = (path: string, body: unknown, method = 'POST'): Promise<Response> =>
  fetch(api(path), { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

export async function read<T>(path: string): Promise<T> {
  const answer = await fetch(api(path));
  expect(answer.ok).toBe(true);
  return (await answer.json()) as T;
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
  expect((await send('/batches', { id, draft })).status).toBe(201);
  return id;
}

/** The first tray of a batch, as the server has it. */
export const trayAt = async (id: string): Promise<TrayDraft> =>
  trayOf((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft, null);

/** The kitchen with what its batches have taught, as every plan sees it. */
export async function kitchenNow(): Promise<Kitchen> {
  const { kitchen } = await read<{ kitchen: Kitchen }>('/kitchen');
  return { ...kitchen, learnt: await read<Learnt>('/learnt') };
}
