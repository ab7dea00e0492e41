import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { allRoutes } from '../test/allRoutes.js';
import { openApp, type TestApp } from '../test/openApp.js';
import { ask } from '../test/ask.js';
import { putDemo } from '../test/putDemo.js';

/** These never end, or plan a whole day plan: asked less often. */
const ENDLESS = /stream|^\/live$/;
const COSTLY = /plan$|plan.ics|ways|copies|calendar|exchange/;

const leaf = fc.oneof(
  fc.constantFrom<unknown>(null, true, -1, 0, 1e308, NaN, '', ' ', '\u0000', '\ud800', '%', '../../etc/passwd'),
  fc.constantFrom<unknown>("'; DROP TABLE batch; --", '<script>', 'a'.repeat(3000), [], {}, [[[]]], { __proto__: 1 }),
  fc.integer(),
  fc.string({ maxLength: 12 }),
);

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  await putDemo(app.gate);
});
afterAll(() => app.close());

/** Real answers, from which half of the bodies are made: what is nearly right goes deepest. */
async function seen(): Promise<unknown[]> {
  const found: unknown[] = [];
  for (const path of [
    'kitchen',
    'batches',
    'suppers',
    'formulas',
    'ingredients',
    'oils',
    'ledger',
    'store/shopping',
    'learnt/told',
  ])
    found.push((await app.call('GET', `/api/${path}`)).body);
  const [batch] = found[1] as { id: string }[];
  found.push((await app.call('GET', `/api/batches/${batch!.id}`)).body);
  return found;
}

function partsOf(value: unknown): unknown[] {
  if (value === null || typeof value !== 'object') return [];
  const inside = Object.values(value).slice(0, 30);
  return [value, ...inside.flatMap(partsOf)];
}

/** `EMBER_ATTACK=20000` makes a long attack of it, on a machine that does nothing else: then every answer has its time, too. */
const LONG = process.env['EMBER_ATTACK'];
const REQUESTS = LONG === undefined ? 2500 : Number(LONG);
const MOST_MS = 2000;

test('thousands of requests of every kind to every route: never an answer of ours that is a fault of ours, and all is whole afterwards', async () => {
  const routes = allRoutes().filter(({ path }) => !ENDLESS.test(path));
  expect(routes.length).toBeGreaterThan(80);
  const parts = (await seen()).flatMap(partsOf);
  const ids = [...new Set(JSON.stringify(parts).match(/[0-9a-f]{8}-[0-9a-f-]{27}/g))].slice(0, 60);
  expect(ids.length).toBeGreaterThan(20);
  const cheap = routes.filter(({ path }) => !COSTLY.test(path));
  const costly = routes.filter(({ path }) => COSTLY.test(path));
  const route = fc.oneof(
    { weight: 200, arbitrary: fc.constantFrom(...cheap) },
    { weight: 1, arbitrary: fc.constantFrom(...costly) },
  );
  const id = fc.oneof(fc.constantFrom(...ids), fc.constantFrom('x', '%00', '..%2f', 'A', randomUUID()));
  const bent = fc.tuple(fc.constantFrom(...parts), fc.nat(), leaf).map(([part, pick, value]) => {
    const copy = JSON.parse(JSON.stringify(part)) as Record<string, unknown>;
    const keys = Object.keys(copy);
    if (keys.length > 0) copy[keys[pick % keys.length]!] = value;
    return copy;
  });
  const body = fc.oneof(
    { weight: 4, arbitrary: bent },
    { weight: 2, arbitrary: fc.dictionary(fc.constantFrom('id', 'version', 'kind', 'name', 'draft', 'body'), leaf) },
    { weight: 1, arbitrary: fc.constantFrom('{', '[]', 'null', '"x"', '', `{"a":"${'x'.repeat(300_000)}"}`) },
  );
  const query = fc.constantFrom('', '?search=%25', '?after=1.x', '?most=-1', '?tag=%00', '?of=a,b&from=NaN', '?x[y]=1');
  const type = fc.constantFrom(
    'application/json',
    'application/json',
    'application/json',
    'text/plain',
    'application/gzip',
    'x',
  );
  const request = fc.record({ route, ids: fc.array(id, { minLength: 2, maxLength: 2 }), body, query, type });
  const all = fc.sample(request, { seed: 20261128, numRuns: REQUESTS });
  const slow: string[] = [];
  let slowestMs = 0;
  const told = new Map<number, number>();
  const send = async ({
    route: { method, path },
    ids: own,
    body: sent,
    query: asked,
    type: as,
  }: (typeof all)[number]) => {
    let n = 0;
    const address = path.replace(/:\w+/g, () => own[n++ % 2]!);
    const hasBody = method === 'POST' || method === 'PUT';
    const sentMs = performance.now();
    const { status, text } = await ask(
      `${app.url}/api${address}${asked}`,
      method,
      hasBody ? { 'content-type': as } : {},
      hasBody ? (typeof sent === 'string' ? sent : JSON.stringify(sent)) : undefined,
    );
    told.set(status, (told.get(status) ?? 0) + 1);
    const tookMs = performance.now() - sentMs;
    slowestMs = Math.max(slowestMs, tookMs);
    if (tookMs > MOST_MS) slow.push(`${method} ${address} ${Math.round(tookMs)} ms`);
    if (status >= 500) throw new Error(`${method} ${address}${asked} ${JSON.stringify(sent).slice(0, 400)}: ${text}`);
    if (status >= 400) {
      const { code, message } = JSON.parse(text) as { code: string; message: string };
      // Asked of each of thousands: `expect` would take as long as the answers.
      if (!/^[A-Z_]+$/.test(code) || /SQL|ER_|undefined|\bat \//.test(message))
        throw new Error(`${method} ${address}${asked}: ${text}`);
    }
  };
  for (let i = 0; i < all.length; i += 8) await Promise.all(all.slice(i, i + 8).map(send));
  if (LONG !== undefined) {
    expect(slow).toEqual([]);
    process.stderr.write(
      `${REQUESTS} requests, the slowest ${Math.round(slowestMs)} ms, ${JSON.stringify([...told])}\n`,
    );
  }
  // Some got through: what is asked is not refused at the door.
  expect(told.get(200) ?? 0).toBeGreaterThan(500);
  expect([...told.keys()].length).toBeGreaterThan(5);
  for (const path of [
    '/kitchen',
    '/batches',
    '/ledger',
    '/formulas',
    '/oils',
    '/suppers',
    '/store/shopping',
    '/learnt/told',
    '/stoves',
  ])
    expect([path, (await app.call('GET', `/api${path}`)).status]).toEqual([path, 200]);
}, 180_000);
