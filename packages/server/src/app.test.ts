import { mkdtempSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { CopyKeeper } from './copies/copyKeeper.js';
import { USUAL_RULE } from './copies/keepCopies.js';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { openGate } from './db/gate.js';
import { DeviceHub } from './devices/deviceHub.js';
import { DiskGuard } from './http/diskGuard.js';
import { KeptPlans } from './planning/keptPlans.js';
import { HomeDoor } from './home/homeDoor.js';
import { LiveHub } from './live/liveHub.js';
import { StoveHub } from './devices/stoveHub.js';
import { toApiError } from './errors.js';
import { openApp, type TestApp } from './test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  const web = mkdtempSync(join(tmpdir(), 'ember-web-'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Ember Fold</title>');
  app = await openApp({ webDir: web });
});
afterAll(() => app.close());

/** `fetch` does not let a page choose its Host; a hostile one can. */
function rawStatus(headers: Record<string, string>): Promise<number> {
  return new Promise((resolve, reject) => {
    const call = request(`${app.url}/api/batches`, { headers }, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    });
    call.on('error', reject);
    call.end();
  });
}

it('lets no foreign origin in, by policy and by check', async () => {
  const page = await app.call('GET', '/bench');
  expect(page.status).toBe(200);
  const policy = page.headers['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/https?:|\*|unsafe-eval/);
  expect(page.headers['x-powered-by']).toBeUndefined();
  expect(await rawStatus({ host: 'localhost:4600' })).toBe(200);
  expect(await rawStatus({ host: 'evil.example' })).toBe(403);
  expect(await rawStatus({ host: '127.0.0.1', origin: 'http://evil.example' })).toBe(403);
  expect(await rawStatus({ host: '127.0.0.1', origin: 'http://127.0.0.1.evil.example' })).toBe(403);
  // Another program of this machine, at another port or by another scheme, is foreign too.
  for (const origin of ['http://127.0.0.1:1', 'http://localhost:4600', 'https://127.0.0.1:4600', 'null'])
    expect([origin, await rawStatus({ host: '127.0.0.1:4600', origin })]).toEqual([origin, 403]);
  for (const host of ['127.0.0.1:4600', 'LOCALHOST:4600', '[::1]:80'])
    expect([host, await rawStatus({ host, origin: `http://${host.toLowerCase()}` })]).toEqual([host, 200]);
});

it('serves the page at any address of the app, and JSON errors under /api', async () => {
  for (const path of ['/', '/bench', '/ledger/x/y']) {
    const answer = await app.call('GET', path);
    expect([answer.status, answer.body.includes('Ember Fold')]).toEqual([200, true]);
  }
  for (const [method, path] of [
    ['GET', '/api/nothing'],
    ['DELETE', '/api/kitchen'],
    ['PATCH', '/api/batches'],
  ] as const) {
    const answer = await app.call(method, path);
    expect([answer.status, answer.body.code]).toEqual([404, 'NOT_FOUND']);
  }
  expect((await app.call('GET', '/api/health')).body).toMatchObject({ ok: true, nowMs: app.clock.ms });
  expect((await app.call('GET', '/api/batches')).headers['cache-control']).toBe('no-store');
});

it('says that the records are out of reach when the database is', async () => {
  const gate = openGate('mysql://nobody:x@127.0.0.1:1/none');
  const stoves = new StoveHub(gate, Date.now, new LiveHub());
  const devices = new DeviceHub();
  const simulated = { token: 'nobody-has-this-token', handAtScale: () => undefined };
  const lines: string[] = [];
  const log = pino({ level: 'error' }, { write: (line) => void lines.push(line) });
  const lonely = createApp({
    gate,
    copies: new CopyKeeper({
      gate,
      log,
      databaseUrl: '',
      folder: '/nowhere',
      rule: USUAL_RULE,
      clockMs: Date.now,
      onRestored: () => undefined,
    }),
    stoves,
    devices,
    simulated,
    live: new LiveHub(),
    disk: new DiskGuard(null, new LiveHub()),
    door: new HomeDoor(gate, Date.now, null),
    clockMs: Date.now,
    planPart: () => Promise.reject(new Error('Nothing is planned here.')),
    planTrays: () => Promise.reject(new Error('Nothing is planned here.')),
    planSupperDay: async () => null,
    observe: async () => [],
    kept: new KeptPlans(null),
    log,
    webDir: null,
  });
  const server = lonely.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as { port: number };
  for (const path of ['/api/health', '/api/kitchen', '/api/batches', '/api/ledger']) {
    const answer = await fetch(`http://127.0.0.1:${port}${path}`);
    expect(answer.status).toBe(503);
    const body = (await answer.json()) as { code: string; message: string };
    expect(body.code).toBe('NO_DATABASE');
    expect(JSON.stringify(body)).not.toMatch(/127\.0\.0\.1|ECONN|nobody/);
  }
  // What lasts a while is logged once, not with each request.
  expect(lines).toHaveLength(1);
  server.closeAllConnections();
  server.close();
  await gate.close();
});

it('never tells a client the cause of a fault', () => {
  const told = toApiError(new Error('password=hunter2 at /root/secret.ts'));
  expect([told.status, told.code]).toEqual([500, 'INTERNAL']);
  expect(told.message).not.toContain('hunter2');
});

it('reads its settings once, and says what is wrong with them', () => {
  const good = readConfig({ DATABASE_URL: 'mysql://x', PORT: '0', EMBER_DEMO: '1', EMBER_COPIES: '/c' });
  expect(good).toEqual({
    databaseUrl: 'mysql://x',
    port: 0,
    demo: true,
    webDir: null,
    logLevel: 'warn',
    data: null,
    plans: null,
    isShared: false,
    home: null,
    copies: '/c',
    copyRule: { daily: 7, weekly: 4 },
  });
  expect(() => readConfig({ DATABASE_URL: 'mysql://x', EMBER_COPIES_DAILY: '-1' })).toThrow(/DAILY/);
  expect(() => readConfig({})).toThrow(/DATABASE_URL/);
  for (const PORT of ['abc', '-1', '70000', '1.5']) {
    expect(() => readConfig({ DATABASE_URL: 'mysql://x', PORT })).toThrow(/PORT/);
  }
});
