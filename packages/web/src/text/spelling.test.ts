import nspell from 'nspell';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { syllable } from 'syllable';
import ts from 'typescript';
import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { PAGES, textOf } from '#text/learn/handbook/handbook';
import { makePrinter } from './printer';

/** Words of the kitchen that no dictionary has. */
const KITCHEN =
  'doughs weighings unfried undercooked pourable bready packings underfilled offcuts enthalpy mistyped durations';

/** Names of packages, formats and people in the papers. */
const PAPERS =
  'npm loopback schemas gzip culori Galera vite unrs tridiagonal selfsigned scrypt runnable redux qrcode pngjs pino oxlint oxfmt minisearch mariadb lucide jsqr jsdom joi indexeddb immer idb ical esbuild echarts dom comlink chroma Orlin Magnus Magnanti Joi Jeffreys Heckerman Halton Ahuja φmax tsx pwa lan http nspell';

/** What the spelling of the product's words lets through beside the dictionary. */
const OWN_WORDS: readonly string[] = `${KITCHEN} ${PAPERS}`.split(' ');

const REPO = join(__dirname, '../../../..');
const dictionary = dirname(require.resolve('dictionary-en-gb'));
const spell = nspell(readFileSync(join(dictionary, 'index.aff')), readFileSync(join(dictionary, 'index.dic')));
OWN_WORDS.forEach((word) => spell.add(word));

const filesIn = (folder: string, ending: RegExp): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path, ending);
    return ending.test(entry.name) && !/\.test\./.test(entry.name) ? [path] : [];
  });

/** Everything that a file of wording may print. */
function printedBy(path: string): string[] {
  const found: string[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isRegularExpressionLiteral(node) || ts.isTypeNode(node)) return;
    if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)) {
      // What has no blank and no capital is a key, not a word of a sentence.
      if (/\s/.test(node.text) || /^[A-Z]/.test(node.text)) found.push(node.text);
    }
    ts.forEachChild(node, look);
  };
  look(ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true));
  return found;
}

const proseOf = (markdown: string): string =>
  markdown
    .replace(/```[\s\S]*?```/g, ' ')
    .replace(/`[^`]*`/g, ' ')
    .replace(/\]\([^)]*\)/g, ' ')
    .replace(/\$[^$]*\$/g, ' ');

/** Words as a dictionary has them: no figures, names of code, or lone letters. */
const wordsOf = (text: string): string[] =>
  (text.match(/[\p{L}\p{N}_’'/.-]*\p{L}[\p{L}\p{N}_’'/.-]*/gu) ?? [])
    .filter((word) => !/[\p{N}_/]|\.\w|\p{Ll}\p{Lu}/u.test(word))
    .flatMap((word) => word.replace(/’/g, "'").split(/[-.]/))
    .map((word) => word.replace(/^'+|'+$/g, '').replace(/'s$/, ''))
    .filter((word) => word.length > 2 && !/^\p{Lu}+s?$/u.test(word));

const misspelt = (text: string): string[] => [...new Set(wordsOf(text))].filter((word) => !spell.correct(word));

test('every word on a screen and in the papers is spelt as the dictionary has it, or is one of ours', () => {
  const shown = filesIn(__dirname, /\.tsx?$/).map((path) => [path, printedBy(path).join(' | ')] as const);
  const papers = [join(REPO, 'README.md'), ...filesIn(join(REPO, 'docs'), /\.md$/)].map(
    (path) => [path, proseOf(readFileSync(path, 'utf8'))] as const,
  );
  expect(shown.length).toBeGreaterThan(50);
  expect(papers.length).toBeGreaterThan(5);
  const wrong = [...shown, ...papers].flatMap(([path, text]) =>
    misspelt(text).map((word) => `${relative(REPO, path)}: ${word}`),
  );
  expect(wrong).toEqual([]);
  // It finds what is wrong, and none of our own words is in the dictionary already.
  expect(misspelt('Turn the peices when they are goldn.')).toEqual(['peices', 'goldn']);
  const plain = nspell(readFileSync(join(dictionary, 'index.aff')), readFileSync(join(dictionary, 'index.dic')));
  expect(OWN_WORDS.filter((word) => plain.correct(word))).toEqual([]);
});

/** Method years that a text asks for. Source: the Flesch–Kincaid grade. */
function gradeOf(text: string): number {
  const sentences = text.split(/[.:;!?](?:\s|$)/).filter((one) => /\p{L}/u.test(one));
  const words = sentences.flatMap((one) => one.match(/\p{L}[\p{L}’'-]*/gu) ?? []);
  const syllables = words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0);
  return 0.39 * (words.length / sentences.length) + 11.8 * (syllables / words.length) - 15.59;
}

test('every page of the handbook reads as easily as a method book of ten-year-olds', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  const hard = PAGES.map((page) => [page.id, Math.round(10 * gradeOf(textOf(page, printer))) / 10] as const).filter(
    ([, grade]) => grade > 6,
  );
  expect(hard).toEqual([]);
  expect(gradeOf('The cat sat on the mat. It was warm.')).toBeLessThan(2);
  expect(
    gradeOf('Considerable deterioration of polyunsaturated constituents necessitates replacement.'),
  ).toBeGreaterThan(15);
});
