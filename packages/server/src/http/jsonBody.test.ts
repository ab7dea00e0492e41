import fc from 'fast-check';
import { levelsOf, parseInTurns } from './jsonBody.js';
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

test('a long file parsed in turns is what it is parsed at once, or no JSON for both', async () => {
  const item = fc.record({
    kind: fc.constant('batch'),
    items: fc.array(fc.jsonValue(), { maxLength: 3 }),
    text: fc.string(),
  });
  const long = 'x'.repeat(300_000);
  const file = fc.record({
    rest: fc.jsonValue(),
    long: fc.constant(long),
    items: fc.array(fc.oneof(item, fc.jsonValue()), { maxLength: 6 }),
  });
  const shapes = fc.oneof(
    file,
    fc.record({ long: fc.constant(long), document: file, items: fc.jsonValue() }),
    fc.tuple(file),
  );
  await fc.assert(
    fc.asyncProperty(shapes, fc.nat(), fc.constantFrom('', ',', '[', '}', '"'), async (value, at, bad) => {
      const right = JSON.stringify(value, null, at % 3);
      const text = bad === '' ? right : `${right.slice(0, at % right.length)}${bad}${right.slice(at % right.length)}`;
      const parse = () => {
        try {
          return { value: JSON.parse(text) as unknown };
        } catch {
          return { value: 'none' };
        }
      };
      const inTurns = await parseInTurns(Buffer.from(text)).then(
        (found) => ({ value: found }),
        () => ({ value: 'none' }),
      );
      expect(JSON.stringify(inTurns) === JSON.stringify(parse())).toBe(true);
    }),
    { numRuns: 60 },
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
