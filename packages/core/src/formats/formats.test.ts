import fc from 'fast-check';
import Papa from 'papaparse';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { readRecipe } from '../recipe/readRecipe.js';
import { recipeOfJson } from '../recipe/recipeJson.js';
import { csvText, type Table } from './csvOut.js';
import { differingFields, itemText } from './document.js';
import { readingsOf, readingTable } from './readingsIn.js';
import { recipeJsonLd, recipeMarkdown, type RecipeOut } from './recipeOut.js';

const cell = fc.oneof(
  fc.string({ unit: 'grapheme' }),
  fc.constantFrom('a"b', 'x;y,z', 'two\nlines', '=SUM(A1)', "'", ''),
  fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((value) => Number(value.toFixed(5))),
  fc.constant(null),
);
const table = fc.integer({ min: 1, max: 5 }).chain((width) =>
  fc.record({
    columns: fc.array(fc.stringMatching(/^[a-z_]{1,8}$/), { minLength: width, maxLength: width }),
    rows: fc.array(fc.array(cell, { minLength: width, maxLength: width }), { maxLength: 8 }),
  }),
);

test('any table is read back as it was by a reader of RFC 4180, with a point and with a comma; nothing runs in a spreadsheet', () => {
  fc.assert(
    fc.property(table, fc.constantFrom('.' as const, ',' as const), ({ columns, rows }: Table, decimal) => {
      const text = csvText({ columns, rows }, decimal);
      expect(text.endsWith('\r\n')).toBe(true);
      const { data } = Papa.parse<string[]>(text.slice(0, -2), {
        delimiter: decimal === ',' ? ';' : ',',
        newline: '\r\n',
      });
      expect(data[0]).toEqual(columns);
      rows.forEach((row, i) =>
        row.forEach((value, k) => {
          const back = data[i + 1]![k]!;
          if (typeof value === 'number') expect(Number(back.replace(decimal, '.'))).toBeCloseTo(value, 5);
          else if (typeof value === 'string') {
            expect(back.replace(/^'(?=[=+\-@\t\r])/, '')).toBe(value);
            expect(back).not.toMatch(/^[=+\-@\t\r]/);
          } else expect(back).toBe('');
        }),
      );
    }),
  );
});

const LOGS: [string, number, [number, number][]][] = [
  [
    'Time (s),Oil °C\n0,20.5\n1,21\n2.5,22\n',
    0,
    [
      [0, 20.5],
      [1, 21],
      [2.5, 22],
    ],
  ],
  [
    '\uFEFFZeit;Temperatur Öl\n18:00:00;20,5\n18:00:02;21,25\n',
    0,
    [
      [0, 20.5],
      [2, 21.25],
    ],
  ],
  [
    'Logger 7\nSerial: 1234\n\n"Date and time","Probe 1 (F)"\n"2026-01-10 18:00:00","212"\n"2026-01-10 18:01:00","302"\n',
    0,
    [
      [0, 100],
      [60, 150],
    ],
  ],
  [
    '10.01.2026 23:59:30\t150\n11.01.2026 00:00:30\t151\n',
    0,
    [
      [0, 150],
      [60, 151],
    ],
  ],
  [
    'time,temp\n23:59:58,150\n00:00:01,151\n',
    0,
    [
      [0, 150],
      [3, 151],
    ],
  ],
  [
    'elapsed min,temp c\n0,20\n0.5,30\n1,40\n',
    0,
    [
      [0, 20],
      [30, 30],
      [60, 40],
    ],
  ],
  [
    'n,s,c\n1,0,20\n2,1,--\n3,2,22\n4,2,23\n5,1,24\n6,3,25\n',
    3,
    [
      [0, 20],
      [2, 22],
      [3, 25],
    ],
  ],
];
test.each(LOGS)('a thermometer’s file is read by its own columns: %j', (text, refused, readings) => {
  const read = readingTable(text);
  const found = readingsOf(read, read.guess!);
  expect(found.refusedCount).toBe(refused);
  expect(found.readings.map(([s, c]) => [s, Number(c.toFixed(3))])).toEqual(readings);
});

test('the moment of the first reading, and whether the file says its zone', () => {
  const first = (at: string) => {
    const read = readingTable(`time,oil c\n${at},150\n${at.replace('18:', '19:')},151`);
    const { firstMs, isLocal } = readingsOf(read, read.guess!);
    return [firstMs, isLocal];
  };
  expect(first('2026-01-10 18:00:00')).toEqual([Date.UTC(2026, 0, 10, 18), true]);
  expect(first('2026-01-10T18:00:00Z')).toEqual([Date.UTC(2026, 0, 10, 18), false]);
});

test('what we write of readings we read; whatever text comes in, what comes out is in order and finite', () => {
  const trace = fc
    .uniqueArray(fc.integer({ min: 0, max: 9e6 }), { minLength: 2, maxLength: 30 })
    .map((all) => all.sort((a, b) => a - b).map((ms, i): [number, number] => [ms / 1000, 20 + ((i * 37) % 160)]));
  fc.assert(
    fc.property(trace, fc.constantFrom('.' as const, ',' as const), (readings, decimal) => {
      const read = readingTable(csvText({ columns: ['time_s', 'oil_c'], rows: readings }, decimal));
      const from = readings[0]![0];
      const found = readingsOf(read, read.guess!);
      expect(found.readings).toEqual(readings.map(([s, c]) => [Math.round((s - from) * 1000) / 1000, c]));
    }),
  );
  const line = fc.array(fc.oneof(fc.string(), fc.constantFrom('1', '12:00', '1e999', 'NaN', '-', '2026-13-40 99:99')), {
    maxLength: 4,
  });
  fc.assert(
    fc.property(fc.array(line, { maxLength: 12 }), (lines) => {
      const read = readingTable(lines.map((cells) => cells.join(',')).join('\n'));
      const { readings } = read.guess ? readingsOf(read, read.guess) : { readings: [] };
      readings.forEach(([s, c], i) => {
        expect(Number.isFinite(s) && Number.isFinite(c)).toBe(true);
        if (i > 0) expect(s).toBeGreaterThan(readings[i - 1]![0]);
      });
    }),
  );
});

const recipe: RecipeOut = {
  name: 'Squash *and* sage',
  makes: '24 pieces',
  madeAt: '2026-01-10T12:00:00.000Z',
  parts: [
    { name: 'Dough', lines: ['300 g plain flour', '60 g butter', '110 g water'] },
    { name: 'Filling', lines: ['400 g roast squash', '80 g onion'] },
  ],
  steps: ['Rub the fat in.', 'Fry at 158 °C.'],
  notes: ['Keep pieces at room temperature no longer than 2 h.'],
};

test('a recipe that goes out comes in again with the same amounts, as data and as Markdown', () => {
  const amounts = (text: string) =>
    readRecipe(text, SHIPPED_PANTRY, DEFAULT_KITCHEN.measures)
      .lines.filter(({ massKg }) => massKg !== null)
      .map(({ massKg }) => Math.round(1000 * massKg!));
  const wanted = [300, 60, 110, 400, 80];
  const back = recipeOfJson(JSON.stringify(recipeJsonLd(recipe)))!;
  expect(back.title).toBe(recipe.name);
  expect(amounts(back.text)).toEqual(wanted);
  const text = recipeMarkdown(recipe);
  expect(amounts(text)).toEqual(wanted);
  // What means something in Markdown stands as itself.
  expect(text).toContain('# Squash \\*and\\* sage\n');
  expect(recipeMarkdown({ ...recipe, name: '<img src=x>\n# no', steps: [] })).toMatch(/^# \\<img src=x\\> \\# no\n/);
});

test('one value has one text, whatever the order of its keys; differing fields are named', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (value) => {
      const turned = Object.fromEntries(Object.entries(value).reverse());
      expect(itemText(turned)).toBe(itemText(value));
      expect(differingFields(value, turned)).toEqual([]);
      expect(differingFields(value, { ...value, zz: { a: 1 } })).toEqual(
        ['zz' in value && itemText(value['zz']) === '{"a":1}' ? '' : 'zz'].filter(Boolean),
      );
    }),
  );
});

test('a line of a thermometer file that is all blanks takes no longer than its length: it took hours', () => {
  const blanks = ' '.repeat(200_000);
  const line = `1${blanks}x;2${blanks}°${blanks}y`;
  // Under a pattern that tries every blank as a beginning this would not end.
  expect(readingTable(`s;c\n${line}\n0;20\n1;21 °C\n2;22 ° C`).guess).not.toBeNull();
  const { readings } = readingsOf(readingTable(`s;c\n0;20\n1;21 °C\n2;22${blanks}°${blanks}C\n${line}`), {
    time: 0,
    temp: 1,
    timeKind: 'seconds',
    unit: 'C',
  });
  expect(readings).toEqual([
    [0, 20],
    [1, 21],
    [2, 22],
  ]);
});
