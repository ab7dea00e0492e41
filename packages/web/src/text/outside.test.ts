import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

const ROOT = join(__dirname, '..');

/** Files of the pages but for their wording and their tests. */
function filesOf(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return path === __dirname ? [] : filesOf(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\./.test(entry.name) ? [path] : [];
  });
}

/** The product's name, names of fonts and media, addresses, markup, and what only a programmer reads. */
const NOT_WORDING =
  /^Ember Fold$|Archivo|system-ui|^not all and|^\/|never opened|^warm up$|minmax\(|repeat\(|\brgb\(|^color-mix\(|^<\w+ /;

/** Phrases of two words and more that a screen could show. */
function phrasesIn(path: string): string[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true, ts.ScriptKind.TSX);
  const found: string[] = [];
  const look = (node: ts.Node): void => {
    // Styles are no wording.
    if (ts.isTaggedTemplateExpression(node) || ts.isImportDeclaration(node)) return;
    const text =
      ts.isJsxText(node) || ts.isStringLiteralLike(node)
        ? node.text.trim()
        : ts.isTemplateExpression(node)
          ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join(' … ')
          : '';
    if (/[A-Za-z]{2,} [A-Za-z]{2,}/.test(text) && !NOT_WORDING.test(text))
      found.push(`${relative(ROOT, path)}: ${text}`);
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

test('every phrase of a screen stands with the wording, where it is read through and can be translated', () => {
  const files = filesOf(ROOT);
  expect(files.length).toBeGreaterThan(200);
  expect(files.flatMap(phrasesIn)).toEqual([]);
});
