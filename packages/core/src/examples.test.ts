import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as files from './public/files.js';
import * as ledger from './public/ledger.js';
import * as plan from './public/plan.js';
import * as stove from './public/stove.js';
import * as supper from './public/supper.js';
import { scope } from '../testing/exampleScope.js';

const everything = { ...files, ...ledger, ...plan, ...stove, ...supper };

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

test('every public function has an example', () => {
  const shown = new Set(examples(__dirname).flatMap(({ call }) => call.match(/\w+/g) ?? []));
  const functions = Object.entries(everything).flatMap(([name, value]) =>
    typeof value === 'function' && !/^[A-Z]/.test(name) ? [name] : [],
  );
  expect(functions.length).toBeGreaterThan(100);
  expect(functions.filter((name) => !shown.has(name))).toEqual([]);
});

test.each(examples(__dirname))('$call is $value', async ({ file, call, value }) => {
  // Every name the example may use: what the package offers, and what stands beside it in its own file.
  const beside = (await import(file)) as Record<string, unknown>;
  const known: Record<string, unknown> = { ...everything, ...scope, ...beside };
  const names = Object.keys(known);
  const got = new Function(...names, `return ${call};`)(...Object.values(known)) as unknown;
  const expected = new Function(`return ${value};`)() as unknown;
  if (typeof expected === 'number') {
    const digits = value.split('.')[1]?.length ?? 0;
    expect(Math.abs((got as number) - expected)).toBeLessThanOrEqual(0.5 * 10 ** -digits + 1e-9);
  } else expect(got).toEqual(expected);
});
