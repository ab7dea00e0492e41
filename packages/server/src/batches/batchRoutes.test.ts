import { cookAgain, ledgerFigures } from '@ember-fold/core/ledger';
import { type BatchDraft, DEFAULT_KITCHEN, SHAPES, planTrays, trayOf } from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { changed, newBatch } from '../test/newBatch.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

const EAT_AT = '2026-03-07T18:30:00.000Z';
const draft = () => newBatch('Squash and sage half-moons', 'squash-sage', 24, EAT_AT);
const tray = () => trayOf(draft(), 'A');

async function made(of: BatchDraft = draft()): Promise<{ id: string; version: number; draft: BatchDraft }> {
  const answer = await app.call('POST', '/api/batches', { id: randomUUID(), draft: of });
  expect(answer.status).toBe(201);
  return answer.body;
}

describe('making a batch', () => {
  it('gives back what was sent, and lists it', async () => {
    const batch = await made();
    expect(batch.draft).toEqual(draft());
    expect(batch.version).toBe(1);
    const { body: list } = await app.call('GET', '/api/batches');
    expect(list).toContainEqual(
      expect.objectContaining({ id: batch.id, name: batch.draft.name, pieces: 24, eatAt: EAT_AT, status: 'planned' }),
    );
    expect((await app.call('GET', `/api/batches/${batch.id}`)).body.draft).toEqual(draft());
  });

  it('from a starter is the plan core makes', async () => {
    const ask = {
      id: randomUUID(),
      name: 'Pears',
      shape: 'half-moon',
      starterId: 'pear-ginger',
      pieces: 30,
      eatAt: EAT_AT,
    };
    const { status, body } = await app.call('POST', '/api/batches/from-starter', ask);
    expect(status).toBe(201);
    expect(body.draft).toEqual(newBatch('Pears', 'pear-ginger', 30, EAT_AT));
    // The same request again, as after a lost answer: the same batch, not a second one.
    const again = await app.call('POST', '/api/batches/from-starter', ask);
    expect(again.status).toBe(200);
    expect(again.body.id).toBe(ask.id);
    const { body: list } = await app.call('GET', '/api/batches');
    expect(list.filter((b: { id: string }) => b.id === ask.id)).toHaveLength(1);
  });

  it('in every shape core knows: the blank is sized, the draft kept as it is; a shape or length that is none is refused', async () => {
    for (const { id: shape } of SHAPES) {
      const ask = { id: randomUUID(), name: `A ${shape}`, shape, starterId: 'lentil-dill', pieces: 12, eatAt: EAT_AT };
      const { status, body } = await app.call('POST', '/api/batches/from-starter', ask);
      expect([shape, status]).toEqual([shape, 201]);
      expect(body.draft).toEqual(newBatch(ask.name, 'lentil-dill', 12, EAT_AT, shape));
      const longer = changed(body.draft, { fold: { ...body.draft.trays.A.fold, lengthM: 0.25 } });
      const saved = await app.call('PUT', `/api/batches/${ask.id}`, { version: 1, draft: longer });
      expect(saved.body.draft).toEqual(longer);
    }
    for (const [path, change] of [
      ['shape', { shape: 'cloud' }],
      ['fold.lengthM', { fold: { ...tray().fold, lengthM: 0 } }],
      ['fold.lengthM', { fold: { ...tray().fold, lengthM: 'long' } }],
    ] as const) {
      const answer = await app.call('POST', '/api/batches', {
        id: randomUUID(),
        draft: changed(draft(), change as object),
      });
      expect([answer.status, answer.body.path]).toEqual([400, `draft.trays.A.${path}`]);
    }
  });

  it('a batch in another form is fried: the stove keeps the piece it was started with', async () => {
    const id = randomUUID();
    const ask = { id, name: 'Cones', shape: 'cone', starterId: 'lentil-dill', pieces: 6, eatAt: EAT_AT };
    await app.call('POST', '/api/batches/from-starter', ask);
    const stove = await app.call('POST', `/api/batches/${id}/stove`, { speed: 60, gate: START_CHECKS });
    expect(stove.status).toBe(201);
    const { piece } = planTrays(stove.body.draft, stove.body.kitchen, null)[0]!.plan.fold;
    expect([stove.body.draft.trays.A.shape, piece!.shape]).toEqual(['cone', 'cone']);
    await app.call('DELETE', `/api/batches/${id}`);
  });

  it('refuses another draft under an id in use', async () => {
    const batch = await made();
    const other = changed(draft(), { pieces: 25 });
    const answer = await app.call('POST', '/api/batches', { id: batch.id, draft: other });
    expect(answer.status).toBe(409);
    expect(answer.body.code).toBe('ID_TAKEN');
    expect((await app.call('GET', `/api/batches/${batch.id}`)).body.draft.trays.A.pieces).toBe(24);
  });

  it('two requests at once make one batch', async () => {
    const body = { id: randomUUID(), draft: draft() };
    const answers = await Promise.all([1, 2, 3, 4].map(() => app.call('POST', '/api/batches', body)));
    expect(answers.map((a) => a.status).sort()).toEqual([200, 200, 200, 201]);
  });

  it('keeps hostile text as text', async () => {
    const texts = [`'; DROP TABLE batch; --`, '<script>alert(1)</script>', '🥟 ½ "quoted" \\', '${7*7} %s ?'];
    for (const name of texts) {
      const batch = await made({ ...draft(), name });
      expect((await app.call('GET', `/api/batches/${batch.id}`)).body.draft.name).toBe(name);
    }
  });
});

describe('saving', () => {
  it('counts versions and refuses a stale one without losing the newer', async () => {
    const batch = await made();
    const first = await app.call('PUT', `/api/batches/${batch.id}`, {
      version: 1,
      draft: changed(draft(), { pieces: 30 }),
    });
    expect(first.status).toBe(200);
    expect(first.body.version).toBe(2);
    const stale = await app.call('PUT', `/api/batches/${batch.id}`, {
      version: 1,
      draft: changed(draft(), { pieces: 99 }),
    });
    expect(stale.status).toBe(409);
    expect(stale.body.code).toBe('STALE_VERSION');
    expect((await app.call('GET', `/api/batches/${batch.id}`)).body.draft.trays.A.pieces).toBe(30);
  });

  it('of several writers at once exactly one wins', async () => {
    const batch = await made();
    const answers = await Promise.all(
      [31, 32, 33, 34, 35].map((pieces) =>
        app.call('PUT', `/api/batches/${batch.id}`, { version: 1, draft: changed(draft(), { pieces }) }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409, 409, 409]);
    const winner = answers.find((a) => a.status === 200)!;
    expect((await app.call('GET', `/api/batches/${batch.id}`)).body).toEqual(winner.body);
  });

  it('deletes once; then there is no such batch', async () => {
    const { id } = await made();
    expect((await app.call('DELETE', `/api/batches/${id}`)).status).toBe(204);
    for (const [method, path] of [
      ['DELETE', `/api/batches/${id}`],
      ['GET', `/api/batches/${id}`],
      ['GET', `/api/batches/${id}/stove`],
      ['GET', `/api/ledger/${id}`],
    ] as const) {
      const answer = await app.call(method, path);
      expect([answer.status, answer.body.code]).toEqual([404, 'NO_BATCH']);
    }
  });
});

/** Every leaf of a draft with its path. */
function leaves(value: unknown, path: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [path];
  return Object.entries(value).flatMap(([key, inner]) => leaves(inner, [...path, key]));
}

function withLeaf(value: unknown, [key, ...rest]: readonly string[], leaf: unknown): unknown {
  if (key === undefined) return leaf;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<string, unknown>;
  copy[key] = withLeaf(copy[key], rest, leaf);
  return copy;
}

describe('bad drafts', () => {
  const junk = fc.oneof(
    fc.constantFrom<unknown>(null, '', 'NaN', -1, 0, 1e308, -1e-9, true, [], {}, [[]], '1; DROP TABLE batch'),
    fc.double({ noNaN: true }),
    fc.string({ maxLength: 40 }),
    fc.jsonValue({ maxDepth: 2 }),
  );

  it('any leaf replaced by anything: refused at that leaf, or saved and plannable', async () => {
    const paths = leaves(draft());
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...paths), junk, async (path, leaf) => {
        const odd = JSON.parse(JSON.stringify(withLeaf(draft(), path, leaf))) as BatchDraft;
        const answer = await app.call('POST', '/api/batches', { id: randomUUID(), draft: odd });
        if (answer.status === 201) {
          // What the server keeps must never break the page that opens it.
          planTrays(answer.body.draft, DEFAULT_KITCHEN, null);
          return;
        }
        expect(answer.status).toBe(400);
        expect(answer.body.code).toBe('BAD_INPUT');
        const at = `draft.${path.join('.')}`;
        const named = String(answer.body.path);
        expect(named === at || named.startsWith(`${at}.`) || at.startsWith(`${named}.`)).toBe(true);
        expect(answer.body.message).toMatch(/\.$/);
      }),
      { numRuns: 150 },
    );
  });

  it('a tray with a filling that is not there names its field', async () => {
    const odd = withLeaf(draft(), ['trays', 'A', 'filling'], 'B');
    const answer = await app.call('POST', '/api/batches', { id: randomUUID(), draft: odd });
    expect([answer.status, answer.body.path]).toEqual([400, 'draft.trays.A.filling']);
  });

  it('a missing or an unknown key is named', async () => {
    for (const path of leaves(draft()).filter((p) => !p.some((key) => /^\d+$/.test(key)))) {
      const odd = withLeaf(draft(), path, undefined);
      const answer = await app.call('POST', '/api/batches', { id: randomUUID(), draft: odd });
      expect([answer.status, answer.body.path]).toEqual([400, `draft.${path.join('.')}`]);
    }
    const extra = await app.call('POST', '/api/batches', { id: randomUUID(), draft: { ...draft(), colour: 'blue' } });
    expect([extra.status, extra.body.path]).toEqual([400, 'draft.colour']);
  });
});

describe('every route', () => {
  const id = randomUUID();
  const routes: readonly (readonly [string, string])[] = [
    ['POST', '/api/batches'],
    ['POST', '/api/batches/from-starter'],
    ['PUT', `/api/batches/${id}`],
    ['PUT', '/api/kitchen'],
    ['POST', `/api/batches/${id}/stove`],
    ['POST', `/api/batches/${id}/stove/acts`],
    ['POST', `/api/batches/${id}/stove/finish`],
    ['PUT', `/api/ledger/${id}/notes`],
  ];

  it.each(routes)('%s %s: any JSON at all is answered below 500', async (method, path) => {
    await fc.assert(
      fc.asyncProperty(fc.jsonValue({ maxDepth: 3 }), async (body) => {
        const answer = await app.call(method, path, JSON.stringify(body));
        expect(answer.status).toBeGreaterThanOrEqual(400);
        expect(answer.status).toBeLessThan(500);
        expect(typeof answer.body.code).toBe('string');
        expect(answer.body.message.length).toBeGreaterThan(8);
      }),
      { numRuns: 25 },
    );
  });

  it.each(routes)('%s %s: half a body, another kind, too much', async (method, path) => {
    const half = await app.call(method, path, '{"id": "3f');
    expect([half.status, half.body.code]).toEqual([400, 'BAD_JSON']);
    const text = await app.call(method, path, 'hello', { 'content-type': 'text/plain' });
    expect([text.status, text.body.code]).toEqual([415, 'NOT_JSON']);
    const large = await app.call(method, path, JSON.stringify({ notes: 'x'.repeat(300_000) }));
    expect([large.status, large.body.code]).toEqual([413, 'TOO_LARGE']);
  });

  it.each(['not-a-uuid', '1', '%00', "' OR 1=1", '..%2f..', randomUUID().toUpperCase()])(
    'an id like %p is refused by name',
    async (bad) => {
      for (const path of [`/api/batches/${bad}`, `/api/batches/${bad}/stove`, `/api/ledger/${bad}`]) {
        const answer = await app.call('GET', path);
        expect([400, 404]).toContain(answer.status);
        if (answer.status === 400) expect(answer.body.path).toBe('id');
      }
    },
  );
});

describe('cooking again', () => {
  it('is a new batch the server takes', async () => {
    const from = draft();
    const figures = ledgerFigures([], [{ atS: 1, probeC: 161 }], 24, 158);
    const seen = { ...figures, oilMeanC: 161.4, meanInOilS: 702, loads: 4 };
    const next = cookAgain(from, { A: seen }, '2026-04-01T17:00:00Z');
    const batch = await made(next);
    expect(batch.draft.trays.A!.fry.oilC).toBe(161);
    expect(batch.draft.trays.A!.fry.minutesS).toBe(700);
  });
});
