import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

const REPO = join(__dirname, '../../../..');

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (/^(node_modules|dist|\..*)$/.test(entry.name)) return [];
    return entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)];
  });
}

const paths = filesIn(REPO).map((path) => relative(REPO, path));
/** With and without a package's `src` folder, which the papers leave out. */
const files = paths.flatMap((path) => [`/${path}`, `/${path.replace('/src/', '/')}`]);
const code = paths.filter((path) => /\.(ts|tsx|mjs)$/.test(path) && !path.includes('.test.'));
const names = new Set(code.flatMap((path) => readFileSync(join(REPO, path), 'utf8').match(/\w+/g) ?? []));

/** What a paper calls by name, in the form of a file, a folder or a function, and nobody has. */
function unknownIn(markdown: string): string[] {
  const quoted = markdown.replace(/```[\s\S]*?```/g, '').match(/`[^`\n]+`/g) ?? [];
  return quoted
    .map((word) => word.slice(1, -1))
    .filter((word) => {
      if (/^[\w./-]+\.(ts|tsx|mjs|test|spec)$/.test(word)) return !files.some((path) => path.includes(`/${word}`));
      if (/^(packages|core|server|web|plan|data|stove|cook|text|store|oil|dough|filling|frying)\/[\w/-]+$/.test(word))
        return !files.some((path) => path.includes(word));
      return /^[a-z]+([A-Z][a-z0-9]*)+$/.test(word) && !names.has(word);
    });
}

test('every file, folder and function that the papers name is there', () => {
  const papers = filesIn(join(REPO, 'docs')).filter((path) => path.endsWith('.md'));
  expect(papers.length).toBeGreaterThan(10);
  const wrong = papers.flatMap((path) =>
    unknownIn(readFileSync(path, 'utf8')).map((word) => `${relative(REPO, path)}: ${word}`),
  );
  expect(wrong).toEqual([]);
  expect(unknownIn('`plan/nowhere.ts` `plan/nowhere` `liftNothing` `planBatch` `plan/batch/planBatch.ts`')).toEqual([
    'plan/nowhere.ts',
    'plan/nowhere',
    'liftNothing',
  ]);
});
