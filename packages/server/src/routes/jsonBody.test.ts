import fc from 'fast-check';
import { levelsOf } from './jsonBody.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp({ names: ['kitchen.test'] });
});
afterAll(() => app.close());

const deep = (levels: number, [open, close]: readonly [string, string]) =>
  `{"a":${open.repeat(levels)}1${close.repeat(levels)}}`;

test('levels are counted as a parser would, whatever stands in texts', () => {
  const depth = (value: unknown): number =>
    value === null || typeof value !== 'object' ? 0 : 1 + Math.max(0, ...Object.values(value).map(depth));
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 8 }), (value) =>
      expect(levelsOf(Buffer.from(JSON.stringify(value)))).toBe(depth(JSON.parse(JSON.stringify(value)))),
    ),
  );
});

test('JSON that is nested without end is refused before it is parsed, at every door', async () => {
  for (const shape of [
    ['[', ']'],
    ['{"a":', '}'],
  ] as const)
    for (const levels of [41, 20_000])
      for (const [method, path] of [
        ['POST', '/api/batches'],
        ['PUT', '/api/kitchen'],
        ['POST', '/api/exchange/preview'],
        ['POST', '/api/home/enter'],
      ] as const) {
        const { status, body } = await app.call(method, path, deep(levels, shape));
        expect([path, status, body.code]).toEqual([path, 400, 'TOO_DEEP']);
      }
  // What is no UTF-8 could hide brackets from whoever counts bytes.
  const hidden = await app.call('POST', '/api/batches', deep(20_000, ['[', ']']), {
    'content-type': 'application/json; charset=utf-16',
  });
  expect(hidden).toMatchObject({ status: 400, body: { code: 'BAD_JSON' } });
  expect((await app.call('POST', '/api/batches', deep(39, ['[', ']']))).body.code).toBe('BAD_INPUT');
});
