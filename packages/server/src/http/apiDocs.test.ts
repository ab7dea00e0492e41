import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { apiBodies } from '../test/apiBodies.js';

const PAPER = join(__dirname, '../../../../docs/api.md');
const BEGIN = '<!-- bodies: made from the schemas, EMBER_WRITE_DOCS=1 writes them -->\n\n';
const END = '\n\n<!-- end of bodies -->';
/** The formatter widens the columns of a table. */
const narrow = (table: string) => table.replace(/ +\|/g, ' |').replace(/-{3,}/g, '---');

test('docs/api.md lists every body as the schemas have it', () => {
  const paper = readFileSync(PAPER, 'utf8');
  const [before, rest = ''] = paper.split(BEGIN);
  const [written = '', after] = rest.split(END);
  const bodies = apiBodies();
  expect(bodies.split('\n').length).toBeGreaterThan(30);
  if (process.env['EMBER_WRITE_DOCS']) writeFileSync(PAPER, `${before}${BEGIN}${bodies}${END}${after}`);
  else expect(narrow(written)).toBe(narrow(bodies));
});
