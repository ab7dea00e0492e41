import type axe from 'axe-core';
import type { Learnt } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  batchOf,
  CUSTOMARY_MEASURES,
  friedPieces,
  fryTrays,
  type Kitchen,
  type KitchenRow,
  newTray,
  type StarterId,
  type TrayDraft,
  trayOf,
} from '@ember-fold/core/plan';
import { stoveState, type Stove, type Timer } from '@ember-fold/core/stove';
import { type Browser, type ConsoleMessage, expect, type Locator, type Page, test as base } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { type Product, startProduct } from '../scripts/lib/product.mjs';

// Each act of a hand notes where it stands; told plainly, as tests are built, instead of through maps of sources.
delete (Error as { prepareStackTrace?: unknown }).prepareStackTrace;

let running: Product | undefined;

/** The product this test file has to itself. */
export function product(): Product {
  if (!running) throw new Error('No product is running yet: ask for it inside a test.');
  return running;
}

/** What was deleted: a page that was open then may ask for it once more, and is told that it is gone. */
const gone: string[] = [];
/** A test deletes it. @param id of a batch or a supper */
export const goesAway = (id: string): void => void gone.push(id);

/** Puts out what a test left burning or ringing: the next one begins in a quiet kitchen. */
async function putOut({ address }: Product): Promise<void> {
  const json = { 'content-type': 'application/json' };
  // A product that was started anew has closed what rested from before: that is seen at the first word.
  const open = (path: string) => fetch(`${address}/api${path}`);
  const ask = async (path: string) => await (await open(path).catch(() => open(path))).json();
  for (const { batchId } of (await ask('/stoves')) as { batchId: string }[]) {
    gone.push(batchId);
    const at = `${address}/api/batches/${batchId}`;
    const post = (path: string, body: object) =>
      fetch(`${at}${path}`, { method: 'POST', headers: json, body: JSON.stringify(body) });
    // What is in the oil comes out first: a batch whose stove is on is deleted by nobody.
    const { acts, draft, nowS } = (await ask(`/batches/${batchId}/stove`)) as Stove;
    const { inPot } = stoveState(
      acts.map(({ act }) => act),
      friedPieces(fryTrays(draft)),
    );
    if (inPot.length > 0)
      await post('/stove/acts', {
        id: randomUUID(),
        atS: nowS,
        kind: 'take-out',
        pieces: inPot.map(({ number }) => number),
      });
    await post('/stove/finish', {});
    await fetch(at, { method: 'DELETE' });
  }
  const { timers, nowMs } = (await ask('/timers')) as { timers: (Timer & { id: string })[]; nowMs: number };
  for (const { id, ...timer } of timers)
    await fetch(`${address}/api/timers/${id}`, {
      method: 'PUT',
      headers: json,
      body: JSON.stringify({ ...timer, stoppedMs: nowMs }),
    });
}

const WIDE = { width: 1280, height: 800 };
/** An address the product does not have: nothing is asked for there, and nothing of the view before it is left. */
const NOWHERE = '/between-two-tests';

let kept: Page | undefined;

/** The page that the tests of a file go on with, as a cook does: opening one anew for each is half of their time. */
async function keptPage(browser: Browser): Promise<Page> {
  kept ??= await (await browser.newContext()).newPage();
  return kept;
}

/** The kept page is not fit for another test, or another product. */
async function dropPage(): Promise<void> {
  await kept?.context().close();
  kept = undefined;
}

/** Leaves nothing of a test to the next one but what a cook's own page would still hold. */
async function tidy(page: Page): Promise<void> {
  for (const other of page.context().pages()) if (other !== page) await other.close();
  await page.unrouteAll({ behavior: 'wait' });
  for (let i = 0; i < 3 && (await page.locator('[role=dialog], [role=alertdialog]').count()); i++)
    await page.keyboard.press('Escape');
  await page.emulateMedia({ media: null, reducedMotion: 'reduce' });
  await page.setViewportSize(WIDE);
  await go(page, NOWHERE);
}

interface Own {
  /** Messages a test provokes on purpose; regular expressions as text. */
  calm: string[];
  /** The test has a page of its own, which no other has been to. */
  fresh: boolean;
  own: Product;
}
interface Owner {
  /** One product for each file: its timers, pots, prices and probes are nobody else's. */
  owner: (file: string) => Promise<Product>;
}

/** A page of a product of the file's own; it fails its test when the console shows an error nobody expected. */
export const test = base.extend<Own, Owner>({
  calm: [[], { option: true }],
  fresh: [false, { option: true }],
  owner: [
    // oxlint-disable-next-line no-empty-pattern -- Playwright reads what a fixture needs from this pattern.
    async ({}, use) => {
      let held: string | null = null;
      await use(async (file) => {
        if (held !== file) {
          await dropPage();
          await running?.stop();
          running = await startProduct('e2e');
          held = file;
        }
        return product();
      });
      await dropPage();
      await running?.stop();
    },
    { scope: 'worker' },
  ],
  own: [
    async ({ owner }, use, { file }) => {
      const mine = await owner(file);
      await use(mine);
      await putOut(mine);
    },
    { auto: true },
  ],
  baseURL: async ({ own }, use) => await use(own.address),
  page: async ({ browser, calm, fresh, own: _product }, use, info) => {
    const page = fresh ? await (await browser.newContext()).newPage() : await keptPage(browser);
    const wrong: string[] = [];
    const onError = (error: Error) => wrong.push(error.message);
    const onConsole = (message: ConsoleMessage) => {
      const isKnown = calm.some((known) => new RegExp(known).test(message.text()));
      if (message.type() === 'error' && !isKnown && !gone.some((id) => message.location().url.includes(id)))
        wrong.push(`${message.text()} ${message.location().url}`);
    };
    page.on('pageerror', onError);
    page.on('console', onConsole);
    await use(page);
    page.off('pageerror', onError);
    page.off('console', onConsole);
    if (fresh) await page.context().close();
    else if (info.status === info.expectedStatus) await tidy(page);
    else await dropPage();
    expect(wrong).toEqual([]);
  },
  context: async ({ page }, use) => await use(page.context()),
});
export { expect };

/** Answers the stove's "not started yet" and a killed server's silence leave in the console. */
export const NOT_STARTED = 'status of 409';
export const AWAY =
  'ERR_CONNECTION_REFUSED|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET|ERR_INCOMPLETE_CHUNKED|Failed to load resource';

/** A batch of its own for a test, made through the API. */
export async function plannedBatch(
  name: string,
  pieces = 24,
  starter: StarterId = 'squash-sage',
  change: (draft: TrayDraft) => TrayDraft = (draft) => draft,
): Promise<string> {
  const id = randomUUID();
  const eatAt = new Date(Date.now() + 3 * 86_400_000);
  eatAt.setUTCHours(18, 30, 0, 0);
  const draft = batchOf(change(newTray(name, starter, pieces, eatAt.toISOString())));
  const answer = await fetch(`${product().address}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id, draft }),
  });
  expect(answer.status).toBe(201);
  return id;
}

export async function read<T>(path: string): Promise<T> {
  const answer = await fetch(`${product().address}/api${path}`);
  expect(answer.ok).toBe(true);
  return (await answer.json()) as T;
}

/** From now on the kitchen measures by cups, inches and °F. */
export async function measureByCup(): Promise<void> {
  const { kitchen, version } = await read<KitchenRow>('/kitchen');
  const us: Kitchen = { ...kitchen, units: 'cups', temperature: 'F', measures: CUSTOMARY_MEASURES, hours: 12 };
  const saved = await fetch(`${product().address}/api/kitchen`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version, kitchen: us }),
  });
  expect(saved.status).toBe(200);
}

/** The kitchen with what its batches have taught, as every plan sees it. */
export async function kitchenNow(): Promise<Kitchen> {
  const { kitchen } = await read<{ kitchen: Kitchen }>('/kitchen');
  return { ...kitchen, learnt: await read<Learnt>('/learnt') };
}

export const line = (page: Page): Locator => page.getByRole('navigation', { name: 'The line' });
export const station = (page: Page, name: string): Locator => line(page).getByRole('link', { name });

/** The first tray of a batch, as the server has it. @param id of the batch, or of its stove */
export const trayAt = async (id: string): Promise<TrayDraft> =>
  trayOf((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft, null);

/** Waits for an attribute, frame by frame: looking again each second costs the suite minutes. */
async function until(page: Page, css: string, name: string, value: string): Promise<void> {
  await page.waitForFunction(
    ([at, attribute, wanted]) => document.querySelector(at)?.getAttribute(attribute) === wanted,
    [css, name, value] as const,
    { timeout: 30_000 },
  );
}

/** Waits until all five stations stand on the present draft; their texts. */
export async function settled(page: Page): Promise<string[]> {
  await until(page, '[aria-label="The line"]', 'data-current', 'true');
  return (await line(page).getByRole('link').allInnerTexts()).map((text) => text.replace(/\s+/g, ' '));
}

/** Goes through every point of the start, then lights the stove. */
export async function lightStove(page: Page): Promise<void> {
  const points = page.getByRole('group', { name: 'Before the oil is heated' }).locator('label');
  await expect(points).toHaveCount(10);
  for (const point of await points.all()) await point.click();
  await page.getByRole('button', { name: 'Start the stove' }).click();
}

/** Types into a field as a person does: all of it replaced. */
export async function type(page: Page, field: string, text: string): Promise<void> {
  const box = page.getByRole('textbox', { name: field, exact: true });
  await box.click();
  await box.press('Control+a');
  await box.pressSequentially(text);
}

/** How high the page is, CSS pixels. */
export const pageHeight = (page: Page): Promise<number> => page.evaluate(() => document.documentElement.scrollHeight);

/** "New batch" filled in and sent; the page is then on its plan. */
export async function makeBatch(page: Page, name: string, pieces: number, filling?: string): Promise<string[]> {
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByText('A ready-made starter', { exact: true }).click();
  const sheet = page.getByRole('region', { name: 'A ready-made starter' });
  if (filling) {
    await sheet.getByRole('button', { name: /Filling/ }).click();
    await page.getByRole('option', { name: filling }).click();
  }
  await sheet.getByRole('textbox', { name: 'How many' }).fill(String(pieces));
  await sheet.getByRole('textbox', { name: 'Name of the batch' }).fill(name);
  await sheet.getByRole('button', { name: 'Plan this batch' }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  return await settled(page);
}

/** Goes to an address as a link of the product does: the page is not loaded anew. One that is not open yet is opened. */
export async function go(page: Page, path: string): Promise<void> {
  if (!page.url().startsWith(product().address)) {
    await page.goto(path);
    return;
  }
  // Through a page without anything: what stands there afterwards is never the view from before.
  const nothing = page.getByRole('heading', { name: 'Nothing at this address' });
  const move = (to: string, how: 'pushState' | 'replaceState') =>
    page.evaluate(
      ([address, act]) => {
        const idx = (history.state as { idx?: number } | null)?.idx ?? 0;
        history[act]({ idx: act === 'pushState' ? idx + 1 : idx, key: String(Math.random()) }, '', address);
        dispatchEvent(new PopStateEvent('popstate', { state: history.state as unknown }));
      },
      [to, how] as const,
    );
  // A sheet that is just closing still takes the way back for its own.
  await expect(async () => {
    await move(NOWHERE, 'pushState');
    await nothing.waitFor({ timeout: 2000 });
  }).toPass({ intervals: [100] });
  if (path === NOWHERE) return;
  await move(path, 'replaceState');
  await nothing.waitFor({ state: 'detached' });
}

export async function openStation(page: Page, id: string, name: string): Promise<void> {
  await go(page, `/bench/${id}/${name}`);
  await settled(page);
}

export async function isSaved(page: Page): Promise<void> {
  await until(page, '[data-save]', 'data-save', 'saved');
}

const AXE = createRequire(import.meta.url).resolve('axe-core/axe.min.js');
const AXE_TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Every rule that axe has for pages, over what is on the page now. It is read into a page once, for all that look there. */
export async function axeFindsNothing(page: Page, where: string): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(readFileSync(AXE, 'utf8'));
  const found = await page.evaluate(async (values) => {
    const { run } = (window as unknown as { axe: typeof axe }).axe;
    const { violations } = await run({ runOnly: { type: 'tag', values }, resultTypes: ['violations'] });
    return violations.map(
      ({ id, nodes }) =>
        `${id} ${nodes.map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary ?? ''}`).join('; ')}`,
    );
  }, AXE_TAGS);
  expect({ where, found }).toEqual({ where, found: [] });
}

/** Nothing runs off the side. */
export async function fitsAcross(page: Page, where: string): Promise<void> {
  const { scroll, view } = await page.evaluate(() => ({
    scroll: document.documentElement.scrollWidth,
    view: document.documentElement.clientWidth,
  }));
  expect({ where, scroll }).toEqual({ where, scroll: view });
}
