import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as everything from './index.js';

/** Public and private functions whose doc block carries an `@example call // value`. */
function examples(folder: string): { file: string; call: string; value: string }[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return examples(path);
    if (!entry.name.endsWith('.ts') || entry.name.endsWith('.test.ts')) return [];
    return [...readFileSync(path, 'utf8').matchAll(/@example (.+?) \/\/ ([^\n:*]+)/g)].map((m) => ({
      file: path,
      call: m[1]!,
      value: m[2]!.trim(),
    }));
  });
}

const found = examples(__dirname).filter(({ call }) => /^(\w+)\(/.exec(call)![1]! in everything);

test('there are examples to run', () => expect(found.length).toBeGreaterThan(8));

test.each(found)('$call is $value', ({ call, value }) => {
  const names = Object.keys(everything);
  const values = names.map((name) => everything[name as keyof typeof everything]);
  const got = new Function(...names, `return ${call};`)(...values) as unknown;
  const expected = new Function(`return ${value};`)() as unknown;
  if (typeof expected === 'number') {
    const digits = value.split('.')[1]?.length ?? 0;
    expect(Math.abs((got as number) - expected)).toBeLessThanOrEqual(0.5 * 10 ** -digits + 1e-9);
  } else expect(got).toEqual(expected);
});
