import type { CalendarAddress, HomeNow, Pairing } from '@ember-fold/core/files';
import { randomUUID, X509Certificate } from 'node:crypto';
import type { IncomingHttpHeaders } from 'node:http';
import { request, type RequestOptions } from 'node:https';
import { connect, type Socket } from 'node:net';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readCopy } from '../copies/copyFile.js';
import { certificateFor } from './certificate.js';
import { openApp, type TestApp, until } from '../test/openApp.js';

const NAME = 'kitchen.test';
let app: TestApp;
let host: string;
beforeEach(async () => {
  app = await openApp({ names: [NAME] });
  host = `${NAME}:${app.homePort}`;
});
afterEach(() => app.close());

interface Said {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly body: { code?: string } & Partial<HomeNow>;
  readonly cookie: string;
}

/** A request of a browser on the home network; headers that are `null` are left out. */
function ask(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string | null> = {},
  localAddress = '127.0.0.1',
): Promise<Said> {
  const given: Record<string, string | null> = {
    host,
    ...(method === 'GET' ? {} : { origin: `https://${host}`, 'content-type': 'application/json' }),
    ...headers,
  };
  const sent = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== null)) as Record<
    string,
    string
  >;
  const options: RequestOptions = { host: '127.0.0.2', port: app.homePort, method, path, headers: sent, localAddress };
  return new Promise((resolve, reject) => {
    const going = request({ ...options, rejectUnauthorized: false, agent: false }, (answer) => {
      let text = '';
      answer.on('data', (chunk) => (text += chunk));
      answer.on('error', reject);
      answer.on('end', () => {
        const isJson = answer.headers['content-type']?.includes('json');
        const cookie = answer.headers['set-cookie']?.[0] ?? '';
        resolve({ headers: answer.headers, status: answer.statusCode!, body: isJson ? JSON.parse(text) : {}, cookie });
      });
    });
    going.on('error', reject);
    going.end(body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body));
  });
}

const pairing = async (): Promise<Pairing> => (await app.call('POST', '/api/home/pairings', {})).body as Pairing;
const secretOf = ({ link }: Pairing): string => link.split('#')[1]!;
const enter = (of: object, headers = {}, from?: string) =>
  ask('POST', '/api/home/enter', { name: 'Phone', ...of }, headers, from);
const at = (cookie: string) => ({ cookie: cookie.split(';')[0]! });

async function paired(): Promise<{ cookie: string }> {
  const { status, cookie } = await enter({ secret: secretOf(await pairing()) });
  expect(status).toBe(204);
  return at(cookie);
}

test('a device comes in by picture, digits or passphrase; its cookie opens the kitchen until it is forgotten', async () => {
  expect(await ask('GET', '/api/batches')).toMatchObject({ status: 401, body: { code: 'NOT_PAIRED' } });
  const first = await pairing();
  expect(first.link).toMatch(new RegExp(`^https://${host.replace('.', '\\.')}/enter#[\\w-]{24}$`));
  const byPicture = await enter({ secret: secretOf(first) });
  expect(byPicture.cookie).toMatch(
    /^__Host-ember=[\w-]{43}; Max-Age=\d+; Path=\/; Expires=.*; HttpOnly; Secure; SameSite=Strict$/,
  );
  const byDigits = await enter({ digits: (await pairing()).digits, name: 'Tablet' });
  expect((await enter({ passphrase: 'half-moons at dusk' })).body.code).toBe('WRONG_PASSPHRASE');
  expect((await app.call('PUT', '/api/home/passphrase', { passphrase: 'too short' })).status).toBe(400);
  expect((await app.call('PUT', '/api/home/passphrase', { passphrase: 'half-moons at dusk' })).status).toBe(204);
  const byWord = await enter({ passphrase: 'half-moons at dusk', name: 'Computer' });
  const { body: now } = (await ask('GET', '/api/home', undefined, at(byWord.cookie))) as { body: HomeNow };
  expect(now).toMatchObject({ isHere: false, network: { hasPassphrase: true } });
  expect(now.network!.addresses[0]).toBe(`https://${host}/`);
  expect(now.devices.map(({ name, how, isThis }) => [name, how, isThis]).sort()).toEqual([
    ['Computer', 'passphrase', true],
    ['Phone', 'picture', false],
    ['Tablet', 'digits', false],
  ]);
  const phone = now.devices.find(({ name }) => name === 'Phone')!;
  expect((await ask('GET', '/api/batches', undefined, at(byPicture.cookie))).status).toBe(200);
  // Its stream ends with it, at once.
  const stream = ask('GET', '/api/live', undefined, at(byPicture.cookie)).catch(() => 'ended');
  await new Promise((resolve) => setTimeout(resolve, 200));
  expect((await ask('DELETE', `/api/home/devices/${phone.id}`, undefined, at(byDigits.cookie))).status).toBe(204);
  expect(await stream).toBe('ended');
  expect((await ask('GET', '/api/batches', undefined, at(byPicture.cookie))).body.code).toBe('NOT_PAIRED');
  expect((await ask('GET', '/api/batches', undefined, at(byDigits.cookie))).status).toBe(200);
});

test('nobody else comes in: foreign pages, other names, replay, guesses, old cookies', async () => {
  const cookie = await paired();
  const id = randomUUID();
  const body = {
    id,
    name: 'x',
    shape: 'half-moon',
    starterId: 'squash-sage',
    pieces: 12,
    eatAt: '2026-03-07T18:30:00Z',
  };
  const write = (headers: Record<string, string | null>) =>
    ask('POST', '/api/batches/starter', body, { ...cookie, ...headers });
  const refused: [string, Promise<Said>, number][] = [
    ['a form of another site', write({ origin: 'https://evil.test', 'content-type': 'text/plain' }), 403],
    ['a script of another site', write({ origin: 'https://evil.test' }), 403],
    ['the same name on another port', write({ origin: `https://${NAME}:1` }), 403],
    ['the same name without encryption', write({ origin: `http://${host}` }), 403],
    ['a page without an origin', write({ origin: 'null' }), 403],
    ['a write that does not say where it comes from', write({ origin: null }), 403],
    [
      'a picture on a page of another site',
      ask('GET', '/api/batches', undefined, { ...cookie, 'sec-fetch-site': 'cross-site' }),
      403,
    ],
    [
      'a name that was pointed here',
      ask('GET', '/api/batches', undefined, { ...cookie, host: `evil.test:${app.homePort}` }),
      403,
    ],
    ['loopback by name', ask('GET', '/api/batches', undefined, { host: `localhost:${app.homePort}` }), 403],
    ['the name with another port', ask('GET', '/api/batches', undefined, { ...cookie, host: `${NAME}:1` }), 403],
    ['no name', ask('GET', '/api/batches', undefined, { ...cookie, host: '' }), 403],
    ['a made up cookie', ask('GET', '/api/batches', undefined, { cookie: `__Host-ember=${'A'.repeat(43)}` }), 401],
    [
      'a hostile cookie',
      ask('GET', '/api/batches', undefined, { cookie: `__Host-ember=' OR 1=1; __Host-ember=%00` }),
      401,
    ],
    [
      'its cookie under another name',
      ask('GET', '/api/batches', undefined, { cookie: cookie.cookie.replace('__Host-', '') }),
      401,
    ],
    ['the stream', ask('GET', '/api/live'), 401],
    ['a copy of the kitchen', ask('GET', '/api/copies'), 401],
    ['a copy handed in', ask('POST', '/api/copies/given', 'x', { 'content-type': 'application/gzip' }), 401],
    [
      'a thermometer without its token',
      ask('POST', '/api/devices/readings', 'x', { 'content-type': 'text/plain' }),
      401,
    ],
    ['a pairing made from outside', ask('POST', '/api/home/pairings', {}), 401],
    [
      'another passphrase, by a phone',
      ask('PUT', '/api/home/passphrase', { passphrase: 'a long new one' }, cookie),
      403,
    ],
    [
      'loopback told to be somebody else',
      ask('GET', '/api/batches', undefined, { 'x-forwarded-for': '127.0.0.1' }),
      401,
    ],
  ];
  for (const [who, said, status] of refused) expect([who, (await said).status]).toEqual([who, status]);
  // Nor is it shown in a frame of another page.
  const { headers } = await ask('GET', '/api/batches', undefined, cookie);
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
  expect(headers['x-frame-options']).toBeDefined();

  // One pairing lets in one device, once, for two minutes, and the newest counts.
  const one = await pairing();
  const both = await Promise.all([enter({ secret: secretOf(one) }), enter({ digits: one.digits })]);
  expect(both.map(({ status }) => status).sort()).toEqual([204, 403]);
  const old = await pairing();
  await pairing();
  expect((await enter({ secret: secretOf(old) })).body.code).toBe('WRONG_CODE');
  const late = await pairing();
  app.clock.ms += 2 * 60_000;
  expect((await enter({ digits: late.digits })).body.code).toBe('WRONG_CODE');
  // Half a year unseen, and its cookie is nothing.
  expect((await ask('GET', '/api/batches', undefined, cookie)).status).toBe(200);
  app.clock.ms += 181 * 86_400_000;
  expect((await ask('GET', '/api/batches', undefined, cookie)).status).toBe(401);
});

test('guesses end: ten wrong tries close an address, sixty wrong digits the digits; the picture still lets in', async () => {
  const open = await pairing();
  const wrong = (n: number) => String((Number(open.digits) + n) % 1_000_000).padStart(6, '0');
  const from = (n: number) => `127.0.0.${20 + n}`;
  // Four strangers who try all they may keep nobody out.
  for (let stranger = 0; stranger < 4; stranger += 1) {
    for (let n = 1; n <= 10; n += 1)
      expect((await enter({ digits: wrong(10 * stranger + n) }, {}, from(stranger))).body.code).toBe('WRONG_CODE');
    expect((await enter({ digits: wrong(1) }, {}, from(stranger))).status).toBe(429);
  }
  expect((await enter({ digits: open.digits }, {}, from(10))).status).toBe(204);
  // Six: the digits are guessed often enough, and the picture goes on.
  const next = await pairing();
  for (let stranger = 20; stranger < 26; stranger += 1)
    for (let n = 0; n < 10; n += 1)
      await enter({ digits: String((Number(next.digits) + 1 + n) % 1_000_000).padStart(6, '0') }, {}, from(stranger));
  expect((await enter({ digits: next.digits }, {}, from(30))).body.code).toBe('WRONG_CODE');
  expect((await enter({ secret: secretOf(next) }, {}, from(30))).status).toBe(204);
  for (const bad of [
    {},
    { secret: 'x' },
    { digits: '12' },
    { digits: '123456', secret: 'A'.repeat(24) },
    { passphrase: '' },
  ])
    expect([400, 429]).toContain((await enter(bad)).status);
  expect((await app.call('POST', '/api/home/enter', { name: 'x', digits: '123456' })).body.code).toBe('IS_HERE');
});

test('strangers who hold open all the connections they can leave this machine its own', async () => {
  const held: Socket[] = [];
  const hold = (from: string) =>
    new Promise<void>((resolve) => {
      const socket = connect({ host: '127.0.0.2', port: app.homePort, localAddress: from });
      held.push(socket);
      socket.once('connect', resolve).once('close', resolve);
      socket.on('error', () => resolve());
    });
  await Promise.all(Array.from({ length: 80 }, () => hold('127.0.2.1')));
  await until(async () => {
    const open = await app.homeConnections();
    return open > 0 && open <= 48;
  });
  await Promise.all(Array.from({ length: 900 }, (_, i) => hold(`127.0.1.${1 + (i % 30)}`)));
  expect(await app.homeConnections()).toBeLessThanOrEqual(256);
  expect((await app.call('GET', '/api/health')).status).toBe(200);
  held.forEach((socket) => socket.destroy());
  const cookie = await until(async () => (await paired().catch(() => null)) ?? false);
  expect((await ask('GET', '/api/batches', undefined, cookie)).status).toBe(200);
});

test('a calendar reads the suppers at an address of its own, until that is made anew or taken back', async () => {
  const cookie = await paired();
  const make = async () => (await ask('POST', '/api/home/calendar', {}, cookie)).body as unknown as CalendarAddress;
  const path = ({ address }: CalendarAddress) => new URL(address).pathname;
  const first = await make();
  expect(first.address).toMatch(new RegExp(`^https://${host.replace('.', '\\.')}/api/calendar/[\\w-]{32}\\.ics$`));
  const read = async (of: string) => {
    const { status, headers } = await ask('GET', of);
    return [status, headers['content-type']?.split(';')[0]];
  };
  expect(await read(path(first))).toEqual([200, 'text/calendar']);
  const second = await make();
  expect((await read(path(first)))[0]).toBe(404);
  expect((await ask('GET', '/api/home', undefined, cookie)).body.hasCalendar).toBe(true);
  expect((await read(path(second)))[0]).toBe(200);
  expect((await ask('DELETE', '/api/home/calendar', undefined, cookie)).status).toBe(204);
  expect((await read(path(second)))[0]).toBe(404);
  for (const odd of ['x.ics', '..%2fbatches', `${'A'.repeat(32)}.ics`, `${'A'.repeat(32)}`])
    expect((await read(`/api/calendar/${odd}`))[0]).toBe(404);
  // Nobody makes one from outside, and it opens nothing else.
  expect((await ask('POST', '/api/home/calendar', {})).status).toBe(401);
  expect((await ask('GET', '/api/suppers/calendar.ics')).status).toBe(401);
  // Guesses end.
  for (let n = 0; n < 20; n += 1) await read(`/api/calendar/${'B'.repeat(30)}${n}.ics`);
  expect((await read(`/api/calendar/${'C'.repeat(32)}.ics`))[0]).toBe(429);
});

test('who is in stands in no copy, and a restored kitchen lets in the same as before', async () => {
  const cookie = await paired();
  const { body: copy } = await app.call('POST', '/api/copies', {});
  const { tables } = await readCopy(join(app.folder, copy.name));
  expect(tables.map(({ name }) => name).filter((name) => name.startsWith('home'))).toEqual([]);
  const { body } = await ask('GET', '/api/home', undefined, cookie);
  await ask('DELETE', `/api/home/devices/${body.devices![0]!.id}`, undefined, cookie);
  const other = await paired();
  expect((await app.call('POST', `/api/copies/${copy.name}/restore`, {})).status).toBe(200);
  await app.restart();
  expect((await ask('GET', '/api/batches', undefined, cookie)).status).toBe(401);
  expect((await ask('GET', '/api/batches', undefined, other)).status).toBe(200);
});

test('the certificate is the kitchen’s own, kept while its names hold, and can sign for no other', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ember-certificate-'));
  const names = [NAME, '192.168.7.5'];
  const now = Date.now();
  const made = await certificateFor(folder, names, now);
  const read = new X509Certificate(made.certificate);
  expect(read.checkIP('192.168.7.5')).toBeDefined();
  expect([read.checkHost(NAME), read.checkHost('evil.test'), read.ca]).toEqual([NAME, undefined, false]);
  expect(statSync(join(folder, 'key.pem')).mode & 0o077).toBe(0);
  expect(await certificateFor(folder, names, now)).toEqual(made);
  expect((await certificateFor(folder, [NAME], now)).fingerprint).toBe(made.fingerprint);
  const more = await certificateFor(folder, [...names, 'other.test'], now);
  expect(more.fingerprint).not.toBe(made.fingerprint);
  expect((await certificateFor(folder, names, now + 700 * 86_400_000)).fingerprint).not.toBe(more.fingerprint);
  rmSync(folder, { recursive: true });
  const { body } = await app.call('GET', '/api/home');
  const [kept] = [readFileSync(join(app.folder, 'home-network', 'certificate.pem'))];
  expect((body as HomeNow).network!.fingerprint).toBe(new X509Certificate(kept!).fingerprint256);
});

test('loopback alone: no certificate, no pairing, and nothing else changes', async () => {
  const alone = await openApp();
  expect((await alone.call('GET', '/api/home')).body).toEqual({
    isHere: true,
    network: null,
    devices: [],
    hasCalendar: false,
  });
  for (const [method, path] of [
    ['POST', '/pairings'],
    ['GET', '/certificate'],
  ] as const)
    expect((await alone.call(method, `/api/home${path}`, method === 'POST' ? {} : undefined)).body.code).toBe(
      'NOT_ON_NETWORK',
    );
  await alone.close();
});
