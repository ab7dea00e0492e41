import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Cooks’ words that mean the same as a term of the product, with the term to use instead. */
const OTHER_WORDS: readonly (readonly [is: string, not: RegExp])[] = [
  ['load, dough portion', /\blots?\b(?! of (?:time|work))/i],
  ['range', /\bbands?\b/i],
  ['shape', /\b(?:the|a|each|this|every) forms?\b/i],
  ['method', /\bschools?\b/i],
  ['burner', /\bknobs?\b|\b(?:the|this|a|your|its) ring\b(?! of dough)/i],
  ['turn', /\bflip/i],
  ['take out', /\blifted\b|\bto lift\b|\blift (?:it|them|when|at)\b/i],
  ['coating', /\b(?:the|a|dry|wet) coats?\b/i],
  ['seal, egg wash', /\bglue/i],
  ['stored', /\bput by\b/i],
  ['plan, day, session', /\bevenings?\b/i],
  ['each', /\ba head\b/i],
  ['soak up, absorb', /\bdrinks?\b/i],
  ['doughy', /\bbready\b/i],
  ['allow for', /\bcounts? with it\b/i],
];

interface Texts {
  readonly phrases: readonly string[];
  readonly keys: readonly string[];
}

function textsOf(path: string): Texts {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true);
  const phrases: string[] = [];
  const keys: string[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    // What a handbook page is found by may be any cook's word.
    if (ts.isPropertyAssignment(node)) {
      if (node.name.getText() === 'words') return;
      if (ts.isIdentifier(node.name)) keys.push(node.name.text);
    }
    if (ts.isStringLiteralLike(node)) phrases.push(node.text);
    else if (ts.isTemplateExpression(node))
      phrases.push([node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join(' … '));
    ts.forEachChild(node, look);
  };
  look(source);
  // Ids have no blanks; a phrase has.
  return { phrases: phrases.filter((phrase) => /[A-Z]|\s/.test(phrase)), keys };
}

const files = readdirSync(join(__dirname, 'en'), { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.includes('.test.'))
  .map((file) => [file, textsOf(join(__dirname, 'en', file))] as const);

test('one word for one thing: no phrase uses a word that the product has another one for', () => {
  expect(files.length).toBeGreaterThan(60);
  const wrong = files.flatMap(([file, { phrases }]) =>
    phrases.flatMap((phrase) =>
      OTHER_WORDS.filter(([, not]) => not.test(phrase)).map(([is]) => `${file}: "${phrase}" (say ${is})`),
    ),
  );
  expect(wrong).toEqual([]);
});

test('no key is told from another one by a number', () => {
  const numbered = files.flatMap(([file, { keys }]) =>
    keys.filter((key) => /[a-z]\d+$/.test(key) && !/^hours(?:12|24)$/.test(key)).map((key) => `${file}: ${key}`),
  );
  expect(numbered).toEqual([]);
});
