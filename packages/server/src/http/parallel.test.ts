import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { allRoutes } from '../test/allRoutes.js';
import { ask } from '../test/ask.js';
import { openApp, type TestApp } from '../test/openApp.js';
import { putDemo } from '../test/putDemo.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  await putDemo(app.gate);
});
afterAll(() => app.close());

/** More than the pool has connections: requests that each took two would wait for one another for ever. */
const AT_ONCE = 12;
const MOST_MS = 60_000;

/** Ids that exist, by the list that has them. */
async function realIds(): Promise<Record<string, string>> {
  const first = async (path: string) => (await app.call('GET', `/api/${path}`)).body;
  const ids = async (path: string) => ((await first(path)) as { id: string }[])[0]?.id ?? randomUUID();
  const copy = await app.call('POST', '/api/copies', {});
  return {
    batches: await ids('batches'),
    suppers: await ids('suppers'),
    oils: await ids('oils'),
    formulas: await ids('formulas'),
    ingredients: 'flour-plain',
    ledger: (await first('ledger')).records?.[0]?.id ?? randomUUID(),
    copies: copy.body.name as string,
  };
}

/** Many of a kind at once, each answered. @returns how often which status */
async function atOnce(method: string, path: string, body: unknown): Promise<Record<number, number>> {
  const sent = body === undefined ? undefined : JSON.stringify(body);
  const type: Record<string, string> = body === undefined ? {} : { 'content-type': 'application/json' };
  const all = Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      const { status } = await ask(`${app.url}/api${path}`, method, type, sent).catch((cause: unknown) => {
        throw new Error(`${method} ${path}`, { cause });
      });
      return status;
    }),
  );
  const found = await Promise.race([all, setTimeout(MOST_MS, 'none' as const, { ref: false })]);
  if (found === 'none') throw new Error(`${AT_ONCE} times ${method} ${path} at once were not answered.`);
  const told: Record<number, number> = {};
  for (const status of found) told[status] = (told[status] ?? 0) + 1;
  return told;
}

test('every route, a dozen times at once on the real pool: each is answered, none by a fault of ours', async () => {
  const ids = await realIds();
  const routes = allRoutes().filter(({ path }) => !/stream|^\/live$/.test(path));
  expect(routes.length).toBeGreaterThan(80);
  // What is read goes first and what deletes last: the others find what they ask for.
  const turn = (method: string) => ['GET', 'POST', 'PUT', 'DELETE'].indexOf(method);
  const order = [...routes].sort((a, b) => turn(a.method) - turn(b.method));
  const faults: unknown[] = [];
  const found = new Map<string, Record<number, number>>();
  for (const { method, path } of order) {
    const [room = ''] = path.split('/').filter(Boolean);
    const address = path.replace(/:\w+/g, () => ids[room] ?? randomUUID());
    const hasBody = method === 'POST' || method === 'PUT';
    // An address that can be read gets its current value back: a valid body reaches the database.
    const now = hasBody ? await ask(`${app.url}/api${address}`, 'GET', {}, undefined) : null;
    const body = now?.status === 200 && now.text.startsWith('{') ? JSON.parse(now.text) : {};
    const told = await atOnce(method, address, hasBody ? body : undefined);
    found.set(`${method} ${address}`, told);
    if (Object.keys(told).some((status) => Number(status) >= 500)) faults.push([method, address, told]);
  }
  expect(faults).toEqual([]);
  // This one reads two things of the database, which once took two connections.
  expect(found.get(`GET /copies/${ids['copies']}`)).toEqual({ 200: AT_ONCE });
  expect((await app.call('GET', '/api/health')).body).toMatchObject({ ok: true });
}, 300_000);
