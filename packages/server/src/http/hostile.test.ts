import { ingredientById, WORKED_FORMULAS } from '@ember-fold/core/plan';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

const DOUGH = { kind: 'dough', family: 'shortcrust', lines: WORKED_FORMULAS['shortcrust'] };
const FILLING = { kind: 'filling', lines: DOUGH.lines, cookToShare: 0.9, coreTargetC: 74 };
const BASE = { kind: 'base', lines: [{ ingredientId: 'onion', massKg: 1 }], cookToShare: 0.8 };

/** What no field should take: wrong types, ends of the number line, text that means something elsewhere. */
const bad = fc.constantFrom<unknown>(
  null,
  '',
  ' ',
  'NaN',
  -1,
  1e308,
  '1; DROP TABLE formula',
  '\u0000',
  '<img src=x onerror=alert(1)>',
  '%',
  [],
  [[]],
  {},
  { $gt: 0 },
  true,
  'a'.repeat(5000),
);

/** Every path into a JSON value. */
function pathsOf(value: unknown, at: readonly (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [[...at]];
  const inside = Object.entries(value).flatMap(([key, part]) =>
    pathsOf(part, [...at, Array.isArray(value) ? Number(key) : key]),
  );
  return at.length === 0 ? inside : [[...at], ...inside];
}

function withAt(value: unknown, [key, ...rest]: readonly (string | number)[], put: unknown): unknown {
  if (key === undefined) return put;
  const copy = structuredClone(value) as Record<string | number, unknown>;
  copy[key] = withAt(copy[key], rest, put);
  return copy;
}

const REQUESTS = [
  () => [
    'PUT',
    '/api/ingredients/odd-root',
    { version: 0, ingredient: { ...ingredientById('carrot'), id: 'odd-root' } },
  ],
  () => ['POST', '/api/formulas', { id: randomUUID(), name: 'Odd', body: DOUGH }],
  () => ['POST', '/api/formulas', { id: randomUUID(), name: 'Odd', body: FILLING }],
  () => ['POST', '/api/formulas', { id: randomUUID(), name: 'Odd', body: BASE }],
  () => ['PUT', '/api/store/stock/onion', { haveKg: 1, strength: 1 }],
] as const satisfies readonly (() => readonly [string, string, unknown])[];

it('one bad value anywhere is refused or harmless; what is read afterwards is whole', async () => {
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...REQUESTS), fc.nat(), bad, async (request, pick, value) => {
      const [method, path, body] = request();
      const paths = pathsOf(body);
      const at = paths[pick % paths.length]!;
      const answer = await app.call(method, path, withAt(body, at, value));
      expect(answer.status).toBeLessThan(500);
      if (answer.status >= 400) {
        expect(answer.body.message.length).toBeGreaterThan(5);
        expect(answer.body.message).not.toMatch(/SQL|undefined|\bat \//);
      }
      if (answer.status === 400) expect(answer.body.path.split('.')[0]).toBe(at[0]);
    }),
    { numRuns: 300 },
  );
  for (const path of ['/api/ingredients', '/api/formulas', '/api/store/stock', '/api/store/shopping']) {
    expect((await app.call('GET', path)).status).toBe(200);
  }
  const { body: formulas } = await app.call('GET', '/api/formulas');
  for (const { name, body } of formulas) {
    expect(typeof name).toBe('string');
    expect(Array.isArray(body.lines)).toBe(true);
  }
});

it('an address that is none, and a body that is no JSON, are answered as such', async () => {
  for (const id of ['..%2f..', 'UPPER', 'a', "x'--", 'a'.repeat(61)]) {
    const answer = await app.call('GET', `/api/ingredients/${encodeURIComponent(id)}/uses`);
    expect([id, answer.status]).toEqual([id, 400]);
  }
  expect((await app.call('GET', '/api/formulas/none')).status).toBe(400);
  for (const text of ['{"id":', 'null', '[]', '"x"', '{}']) {
    const answer = await app.call('POST', '/api/formulas', text);
    expect([text, answer.status]).toEqual([text, 400]);
  }
});
