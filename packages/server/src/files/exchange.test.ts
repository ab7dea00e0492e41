import { type DocumentItem, itemText, type KitchenDocument, type PreviewedItem } from '@ember-fold/core/files';
import { START_CHECKS } from '@ember-fold/core/stove';
import { anyKitchenItems } from '@ember-fold/core/testing/document';
import Ajv from 'ajv/dist/2019';
import formats from 'ajv-formats';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Gate } from '../db/gate.js';
import { openApp, T0, type TestApp } from '../test/openApp.js';
import { putDemo } from '../test/putDemo.js';
import { documentOf, takeImport } from './exchange.js';
import { documentSchema } from './itemSchemas.js';
import { readDocument } from './readDocument.js';

let app: TestApp;
let empty: TestApp;
beforeAll(async () => {
  [app, empty] = await Promise.all([openApp(), openApp()]);
  await putDemo(app.gate);
});
afterAll(async () => {
  await Promise.all([app.close(), empty.close()]);
});

const ajv = new Ajv({ strict: false });
formats(ajv);
const schema = documentSchema();
ajv.addSchema(schema, 'kitchen');
const fitsWhole = ajv.getSchema('kitchen')!;
/** What of a document does not fit its schema; an item is compared with its own kind, so that it can be read. */
function unfit(document: KitchenDocument): unknown[] {
  const found = document.items.flatMap((item) => {
    const own = ajv.getSchema(`kitchen#/$defs/${item.kind}`)!;
    return own(item) ? [] : [item.kind, own.errors];
  });
  return found.length > 0 || fitsWhole(document) ? found : [fitsWhole.errors];
}

async function clear(gate: Gate): Promise<void> {
  const tables = await gate.rows<{ t: string }>(
    'SELECT TABLE_NAME AS t FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()',
  );
  await gate.transaction(async (q) => {
    await q.change('SET SESSION foreign_key_checks = 0');
    for (const { t } of tables) if (t !== 'schema_version') await q.change(`DELETE FROM ${t}`);
    await q.change('SET SESSION foreign_key_checks = 1');
  });
}

const refs = (items: readonly { kind: string; id: string }[]) => items.map(({ kind, id }) => ({ kind, id }));
const documentWith = (items: readonly DocumentItem[], of: KitchenDocument['of'] = 'kitchen'): KitchenDocument => ({
  format: 'ember-fold',
  version: 2,
  of,
  madeAt: new Date(T0).toISOString(),
  items,
});
const sorted = (items: readonly DocumentItem[]) => items.map(itemText).sort();
const whole = async (gate: Gate) => (await documentOf(gate, 'kitchen', '', T0)).items;
const take = async (gate: Gate, document: KitchenDocument) =>
  await takeImport(gate, randomUUID(), await readDocument(document), refs(document.items) as never, T0);
const preview = async (to: TestApp, document: unknown) => await to.call('POST', '/api/exchange/preview', document);
const stateOf = (body: { items: PreviewedItem[] }, id: string) => body.items.find((one) => one.id === id);

test('the schema in docs is the one that is served, and the demo kitchen and its parts fit it', async () => {
  const written = JSON.parse(readFileSync(join(__dirname, '../../../../docs/formats/kitchen.schema.json'), 'utf8'));
  expect((await app.call('GET', '/api/exchange/schema')).body).toEqual(written);
  const ids = async (path: string) => {
    const { body } = await app.call('GET', `/api${path}`);
    return ((body.rows ?? body) as { id: string }[]).map(({ id }) => id);
  };
  const parts: [string, string][] = [['kitchen', 'all']];
  for (const [of, path] of [
    ['batch', '/batches'],
    ['formula', '/formulas'],
    ['supper', '/suppers'],
    ['record', '/ledger'],
  ] as const)
    for (const id of await ids(path)) parts.push([of, id]);
  for (const [of, id] of parts) {
    const { status, body } = await app.call('GET', `/api/exchange/${of}/${id}`);
    expect([of, status]).toEqual([of, 200]);
    expect([of, unfit(body)]).toEqual([of, []]);
    // Each part stands by itself in a kitchen that has nothing.
    const told = await preview(empty, body);
    expect([of, told.body.items.filter((one: PreviewedItem) => one.state !== 'new')]).toEqual([of, []]);
  }
  expect(parts.length).toBeGreaterThan(30);
  for (const path of ['batch/none', `batch/${randomUUID()}`, 'secrets/x', `formula/${randomUUID()}`])
    expect((await app.call('GET', `/api/exchange/${path}`)).status).toBeGreaterThanOrEqual(400);
});

test('a record of a stove that was lit here, with its oil, what was learnt and own ingredients, stands by itself', async () => {
  const [batch] = (await app.call('GET', '/api/batches')).body as { id: string }[];
  const stove = `/api/batches/${batch!.id}/stove`;
  expect((await app.call('POST', stove, { gate: START_CHECKS, probe: null, speed: 1 })).status).toBe(201);
  const atStove = await preview(
    app,
    documentWith([(await whole(app.gate)).find(({ id }) => id === batch!.id)!], 'batch'),
  );
  expect(atStove.body.items[0].state).toBe('same');
  expect((await app.call('POST', `${stove}/finish`, { left: 'bin' })).status).toBe(200);
  const { body } = await app.call('GET', `/api/exchange/record/${batch!.id}`);
  expect(Object.keys(body.items[0].kitchen)).toEqual(
    expect.arrayContaining(['potOil', 'flours', 'learnt', 'ingredients']),
  );
  expect(unfit(body)).toEqual([]);
  expect((await preview(empty, body)).body.items).toEqual([expect.objectContaining({ state: 'new' })]);
});

test('40 random kitchens: out, in to an empty one, out again is the same; the schema holds', async () => {
  await fc.assert(
    fc.asyncProperty(anyKitchenItems(), async (items) => {
      await clear(empty.gate);
      const sent = documentWith(items);
      expect(unfit(sent)).toEqual([]);
      // As text, as a file is.
      await take(empty.gate, JSON.parse(JSON.stringify(sent)) as KitchenDocument);
      expect(sorted(await whole(empty.gate))).toEqual(sorted(items));
    }),
    { numRuns: 40 },
  );
  await clear(empty.gate);
}, 180_000);

test('a look changes nothing; what is chosen comes, the rest stays; undo puts back, but not over what was changed since', async () => {
  await clear(empty.gate);
  const { body: document } = await app.call('GET', '/api/exchange/kitchen/all');
  const told = await preview(empty, document);
  expect(told.body.items).toHaveLength(document.items.length);
  expect(await whole(empty.gate)).toEqual([]);
  const formulas = (document as KitchenDocument).items.filter(
    (one) => one.kind === 'formula' || one.kind === 'ingredient',
  );
  const ask = { id: randomUUID(), document, chosen: refs(formulas) };
  expect(await empty.call('POST', '/api/exchange/take', ask)).toMatchObject({
    status: 201,
    body: { added: formulas.length, changed: 0, isUndone: false },
  });
  expect((await empty.call('POST', '/api/exchange/take', ask)).body.code).toBe('ID_TAKEN');
  expect(sorted(await whole(empty.gate))).toEqual(sorted(formulas));

  // The whole, over what is there already, with one of them changed here meanwhile.
  const [one] = formulas.filter(({ kind }) => kind === 'formula');
  const here = (await empty.call('GET', `/api/formulas/${one!.id}`)).body;
  const rename = { edition: here.edition, name: 'Mine', archived: false, body: here.body };
  await empty.call('PUT', `/api/formulas/${one!.id}`, rename);
  const again = await preview(empty, document);
  expect(stateOf(again.body, one!.id)).toMatchObject({ state: 'different', differs: ['name'] });
  expect(again.body.items.filter((item: PreviewedItem) => item.state === 'same')).toHaveLength(formulas.length - 1);
  const all = { id: randomUUID(), document, chosen: refs(document.items) };
  const done = await empty.call('POST', '/api/exchange/take', all);
  expect(done.body).toMatchObject({ changed: 1, added: document.items.length - formulas.length });
  expect(sorted(await whole(empty.gate))).toEqual(sorted(document.items));
  for (const path of ['/ledger', '/batches', '/store/shopping', '/oils', '/learnt/told'])
    expect([path, (await empty.call('GET', `/api${path}`)).status]).toEqual([path, 200]);

  const [record] = (await empty.call('GET', '/api/ledger')).body.rows as { id: string }[];
  await empty.call('PUT', `/api/ledger/${record!.id}/tags`, { tag: 'mine', on: true });
  const undone = await empty.call('POST', `/api/exchange/${all.id}/undo`, {});
  expect(undone).toMatchObject({ status: 200 });
  expect(undone.body.left).toEqual([expect.objectContaining({ kind: 'record', id: record!.id })]);
  const left = await whole(empty.gate);
  expect(left.filter(({ kind }) => kind === 'record')).toHaveLength(1);
  expect(left.find(({ id }) => id === one!.id)).toMatchObject({ name: 'Mine' });
  expect((await empty.call('POST', `/api/exchange/${all.id}/undo`, {})).body.code).toBe('NO_IMPORT');
  const listed = (await empty.call('GET', '/api/exchange')).body as { id: string; isUndone: boolean }[];
  expect(listed.find(({ id }) => id === all.id)).toMatchObject({ isUndone: true });
});

test('what cannot be taken says why and at which field, and stops nothing else', async () => {
  await clear(empty.gate);
  const { body: document } = await app.call('GET', '/api/exchange/kitchen/all');
  const items = (document as KitchenDocument).items;
  const batch = items.find(({ kind }) => kind === 'batch')! as Extract<DocumentItem, { kind: 'batch' }>;
  const record = items.find(({ kind }) => kind === 'record')! as Extract<DocumentItem, { kind: 'record' }>;
  const line = { ingredientId: 'nobody-has-this', massKg: 1 };
  const odd: [object, RegExp, string?][] = [
    [{ ...batch, id: randomUUID(), draft: { ...batch.draft, name: '' } }, /empty/, 'draft.name'],
    [
      { ...batch, id: randomUUID(), draft: { ...batch.draft, dough: { ...batch.draft.dough, lines: [line] } } },
      /no ingredient/,
      'draft.dough.lines.0.ingredientId',
    ],
    [{ ...record, id: randomUUID() }, /told of another one here/],
    [{ ...record, readings: [...record.readings, [1, NaN]] }, /not a reading/, `readings.${record.readings.length}`],
    [{ ...record, endedAt: '2000-01-01T00:00:00Z' }, /ended before/, 'endedAt'],
    [{ kind: 'spell', id: 'x' }, /not known/, 'kind'],
    [{ ...batch, draft: { ...batch.draft, more: 1 } }, /not allowed/, 'draft.more'],
    [{ kind: 'stock', id: 'nobody-has-this', haveKg: 1, strength: 1 }, /no ingredient/, 'id'],
  ];
  for (const [item, why, path] of odd) {
    const good = items.filter(
      ({ id }) => id !== (item as { id: string }).id || (item as { kind: string }).kind === 'spell',
    );
    const sent = JSON.parse(JSON.stringify({ ...document, items: [item, ...good] }));
    const { status, body } = await preview(empty, sent);
    expect(status).toBe(200);
    const bad = body.items.filter((one: PreviewedItem) => one.state === 'unreadable');
    expect(bad).toEqual([expect.objectContaining({ why: expect.stringMatching(why), ...(path ? { path } : {}) })]);
    expect(body.items.filter((one: PreviewedItem) => one.state === 'new')).toHaveLength(good.length);
  }
  const twice = await preview(empty, { ...document, items: [...items, batch] });
  const states = twice.body.items.map((one: PreviewedItem) => one.state);
  expect(states.sort()).toEqual([...items.map(() => 'new'), 'unreadable']);
});

test('no file, half a file, a newer one, a hostile one: a clear sentence, and every other answer stays whole', async () => {
  const { body: document } = await app.call('GET', '/api/exchange/kitchen/all');
  const text = JSON.stringify(document);
  const refused: [unknown, number, string][] = [
    [text.slice(0, text.length / 2), 400, 'BAD_JSON'],
    ['[]', 400, 'BAD_FILE'],
    [{}, 400, 'BAD_FILE'],
    [{ ...document, format: 'other' }, 400, 'BAD_FILE'],
    [{ ...document, version: 3 }, 409, 'NEWER_FILE'],
    [{ ...document, version: '1' }, 400, 'BAD_FILE'],
    [{ ...document, of: '[object Object]' }, 400, 'BAD_FILE'],
    [{ ...document, items: 'all' }, 400, 'BAD_FILE'],
    [{ ...document, madeAt: 'yesterday' }, 400, 'BAD_FILE'],
    [`{"format":"ember-fold","pad":"${'x'.repeat(49 * 2 ** 20)}"}`, 413, 'TOO_LARGE'],
  ];
  for (const [sent, status, code] of refused)
    expect([code, await preview(app, sent)]).toMatchObject([code, { status, body: { code } }]);
  const before = sorted(await whole(app.gate));
  const bad = fc.constantFrom<unknown>(
    null,
    '',
    -1,
    1e308,
    '\u0000',
    '\ud800',
    [],
    {},
    true,
    'a'.repeat(5000),
    "'; DROP TABLE batch; --",
  );
  const paths = (value: unknown, at: string[] = []): string[][] =>
    value === null || typeof value !== 'object'
      ? [at]
      : [...(at.length ? [at] : []), ...Object.entries(value).flatMap(([key, part]) => paths(part, [...at, key]))];
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...(document as KitchenDocument).items),
      fc.nat(),
      bad,
      async (item, pick, value) => {
        const all = paths(item);
        const at = all[pick % all.length]!;
        const changed = JSON.parse(JSON.stringify(item)) as Record<string, unknown>;
        let inner: Record<string, unknown> = changed;
        for (const key of at.slice(0, -1)) inner = inner[key] as Record<string, unknown>;
        inner[at.at(-1)!] = value;
        const sent = { ...document, items: [changed] };
        const { status, body } = await preview(app, sent);
        expect(status).toBe(200);
        const [told] = body.items as PreviewedItem[];
        expect(told!.why ?? '').not.toMatch(/SQL|undefined|ER_/);
        if (told!.state === 'unreadable') return;
        // What would be taken is taken, every room answers, and it is taken back.
        const id = randomUUID();
        await app.call('POST', '/api/exchange/take', { id, document: sent, chosen: refs([changed as never]) });
        for (const path of ['/batches', '/ledger', '/store/shopping', '/formulas', '/oils', '/kitchen', '/suppers'])
          expect([path, (await app.call('GET', `/api${path}`)).status]).toEqual([path, 200]);
        if (item.kind === 'record') expect((await app.call('GET', `/api/ledger/${item.id}`)).status).toBe(200);
        await app.call('POST', `/api/exchange/${id}/undo`, {});
      },
    ),
    { numRuns: 60 },
  );
  expect(sorted(await whole(app.gate))).toEqual(before);
}, 120_000);

test('a large file is read in turns with everything else', async () => {
  const items = await whole(app.gate);
  const batches = items.filter(({ kind }) => kind === 'batch');
  const many = Array.from({ length: 400 }, (_, i) => ({ ...batches[i % batches.length]!, id: randomUUID() }));
  const document = documentWith(many as DocumentItem[]);
  let turns = 0;
  let isOver = false;
  const next = () => {
    turns += 1;
    if (!isOver) setImmediate(next);
  };
  setImmediate(next);
  const read = await readDocument(document);
  const whileRead = turns;
  isOver = true;
  expect(read.items.length).toBe(400);
  // At a stretch it would have been one.
  expect(whileRead).toBeGreaterThan(3);
});
