import { type LedgerEntry, withTest } from '@ember-fold/core/ledger';
import { batchOf, newTray } from '@ember-fold/core/plan';
import { randomUUID } from 'node:crypto';
import { deleteForGood } from '../stove/stoveTable.js';
import { demoId } from '../demo/demoId.js';
import { PAST } from '../demo/pastSessions.js';
import { openApp, T0, type TestApp } from '../test/openApp.js';
import { putDemo } from '../test/putDemo.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  await putDemo(app.gate);
});
afterAll(() => app.close());

const [first, second] = PAST.map(({ name }) => demoId(name)) as [string, string];
const list = async (query = ''): Promise<LedgerEntry[]> => (await app.call('GET', `/api/ledger?${query}`)).body.rows;
const setTag = (id: string, tag: unknown, on = true) => app.call('PUT', `/api/ledger/${id}/tags`, { tag, on });

test('tags: the same from two devices is one, they filter the list, and what is none is refused', async () => {
  const both = await Promise.all([setTag(first, ' Lantern '), setTag(first, 'lantern'), setTag(second, 'lantern')]);
  expect(both.map(({ status }) => status)).toEqual([200, 200, 200]);
  await setTag(first, 'cones');
  expect((await app.call('GET', '/api/ledger/tags')).body).toEqual([
    { tag: 'cones', records: 1 },
    { tag: 'lantern', records: 2 },
  ]);
  expect((await list('tag=lantern')).map(({ id }) => id).sort()).toEqual([first, second].sort());
  expect((await list('tag=LANTERN&search=first')).map(({ tags }) => tags)).toEqual([['cones', 'lantern']]);
  expect((await setTag(first, 'cones', false)).body).toEqual({ tags: ['lantern'] });
  for (const bad of ['', 'x'.repeat(25), 'a#b', 'a\u0000b', 7, null])
    expect((await setTag(first, bad)).status).toBe(400);
  for (let n = 0; n < 11; n++) expect((await setTag(first, `t${n}`)).status).toBe(200);
  expect((await setTag(first, 'one more')).body).toMatchObject({ code: 'MANY_TAGS', path: 'tag' });
  expect((await setTag(randomUUID(), 'x')).status).toBe(404);
});

test('a deleted record is in no list and teaches nothing, comes back as it was, and goes for good after its time', async () => {
  const before = { rows: (await list()).length, learnt: (await app.call('GET', '/api/learnt')).body };
  expect((await app.call('DELETE', `/api/ledger/${second}`)).status).toBe(204);
  expect((await app.call('DELETE', `/api/ledger/${second}`)).status).toBe(204);
  expect((await list()).map(({ id }) => id)).not.toContain(second);
  expect((await list('gone=1')).map(({ id }) => id)).toEqual([second]);
  expect((await app.call('GET', '/api/learnt')).body).not.toEqual(before.learnt);
  // Its page still says what it was, and that it is deleted.
  expect((await app.call('GET', `/api/ledger/${second}`)).body.goneAt).toBe(new Date(app.clock.ms).toISOString());
  expect((await app.call('POST', `/api/ledger/${second}/back`, {})).status).toBe(200);
  expect((await list()).length).toBe(before.rows);
  expect((await app.call('GET', '/api/learnt')).body).toEqual(before.learnt);
  expect((await app.call('DELETE', `/api/ledger/${randomUUID()}`)).status).toBe(404);

  await app.call('DELETE', `/api/ledger/${second}`);
  await deleteForGood(app.gate, new Date(app.clock.ms));
  expect((await app.call('GET', `/api/ledger/${second}`)).status).toBe(200);
  await deleteForGood(app.gate, new Date(app.clock.ms + 1));
  expect((await app.call('GET', `/api/ledger/${second}`)).status).toBe(404);
});

test('a planned test is kept with its batch; scores of tasters are kept, and what is none is refused', async () => {
  const one = batchOf(newTray('Test', 'squash-sage', 24, new Date(T0 + 86_400_000).toISOString()));
  const draft = withTest(one, 'A', { change: 'press-air', pieces: 8, blind: true, swapped: true })!;
  const id = randomUUID();
  expect((await app.call('POST', '/api/batches', { id, draft })).status).toBe(201);
  expect((await app.call('GET', `/api/batches/${id}`)).body.draft.test).toEqual(draft.test);
  const put = (test: unknown) => app.call('PUT', `/api/batches/${id}`, { version: 1, draft: { ...draft, test } });
  for (const bad of [{ ...draft.test, against: 'A' }, { ...draft.test, change: 'luck' }, { of: 'A' }])
    expect([bad, (await put(bad)).status]).toEqual([bad, 400]);
  const { looks } = (await app.call('GET', `/api/ledger/${first}`)).body;
  const scored = (scores: unknown) =>
    app.call('PUT', `/api/ledger/${first}/looks`, { version: looks.version, looks: { trays: { A: { scores } } } });
  for (const bad of [[0], [6], [1.5], ['5'], Array.from({ length: 61 }, () => 3)])
    expect((await scored(bad)).status).toBe(400);
  expect((await scored([4, 5, 3])).status).toBe(200);
});

test('a picture of a tray is kept small, handed out as what it is, replaced and taken away; what is no JPEG is refused', async () => {
  const path = `/api/ledger/${first}/photos/A`;
  /** The head of a JPEG of this size, and bytes after it. */
  const jpegOf = (width: number, height: number) => {
    const frame = Buffer.from([0xff, 0xc0, 0, 17, 8, 0, 0, 0, 0, 3, 1, 0x22, 0, 2, 0x11, 1, 3, 0x11, 1]);
    frame.writeUInt16BE(height, 5);
    frame.writeUInt16BE(width, 7);
    const jfif = Buffer.from('ffd8ffe000104a46494600010100000100010000', 'hex');
    return Buffer.concat([jfif, frame, Buffer.alloc(400, 7)]);
  };
  const jpeg = jpegOf(320, 240);
  const put = (body: unknown, to = path) => app.call('PUT', to, body);
  expect((await put({ jpeg: jpeg.toString('base64') })).status).toBe(204);
  expect((await put({ jpeg: jpeg.toString('base64') })).status).toBe(204);
  expect((await app.call('GET', `/api/ledger/${first}`)).body.photos).toEqual(['A']);
  const given = await fetch(`${app.url}${path}`);
  expect(given.headers.get('content-type')).toBe('image/jpeg');
  expect(Buffer.from(await given.arrayBuffer())).toEqual(jpeg);
  const page = Buffer.from(`<script>${'x'.repeat(200)}</script>`).toString('base64');
  // A small file that would unfold to gigabytes in whoever looks at it.
  const bombs = [
    [65_500, 65_500],
    [2000, 2],
    [2, 2000],
  ] as const;
  for (const [width, height] of bombs)
    expect((await put({ jpeg: jpegOf(width, height).toString('base64') })).body).toMatchObject({ path: 'jpeg' });
  for (const bad of [{ jpeg: page }, { jpeg: '%%%' }, { jpeg: 'A'.repeat(200_000) }, {}])
    expect((await put(bad)).status).toBeGreaterThanOrEqual(400);
  expect((await put({ jpeg: jpeg.toString('base64') }, `/api/ledger/${first}/photos/Z`)).status).toBe(400);
  expect((await put({ jpeg: jpeg.toString('base64') }, `/api/ledger/${randomUUID()}/photos/A`)).status).toBe(404);
  expect((await app.call('DELETE', path)).status).toBe(204);
  expect((await app.call('GET', path)).status).toBe(404);
});
