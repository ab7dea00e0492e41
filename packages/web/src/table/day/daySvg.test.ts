import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import type { DayPlan, DayEntry, SupperDay } from '@ember-fold/core/supper';
import fc from 'fast-check';
import { makePrinter } from '../../text/printer';
import { daySvg } from './daySvg';

const printer = makePrinter(DEFAULT_KITCHEN);
const FROM = Date.UTC(2030, 0, 5, 12);
const MIN = 60_000;

/** Names as somebody may type them: with signs that mean something in a drawing, or nothing anywhere. */
const name = fc.oneof(
  fc.string({ maxLength: 60, unit: 'grapheme' }),
  fc.string({ maxLength: 60, unit: 'binary' }),
  fc.constantFrom(
    '</title><script>alert(1)</script>',
    '"><image href=x onerror=alert(1)>',
    '\u0000\ufffe\uffff',
    '🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟🥟',
  ),
);
const entry = fc
  .record({
    batchId: fc.constantFrom('a', 'b', null),
    fromMin: fc.integer({ min: 0, max: 500 }),
    lengthMin: fc.integer({ min: 0, max: 200 }),
    cook: fc.constantFrom(0, 1),
    at: fc.constantFrom('table', 'oven', 'pot', 'iron'),
    isEarlier: fc.boolean(),
  })
  .map(({ batchId, fromMin, lengthMin, cook, at, isEarlier }): DayEntry => {
    const moments = { startMs: FROM + fromMin * MIN, endMs: FROM + (fromMin + lengthMin) * MIN };
    const what = at === 'pot' || at === 'iron' ? 'fry' : 'fold';
    return {
      id: 'one',
      batchId,
      cook,
      isOven: at === 'oven',
      decides: false,
      isEarlier,
      ...moments,
      pot: at === 'pot' ? '' : at === 'iron' ? 'The iron one' : null,
      steps: [{ what, batchId, fromS: 0, lengthS: 60 * lengthMin, ...moments }] as unknown as DayEntry['steps'],
    };
  });

function drawn(supper: string, names: readonly [string, string], entries: readonly DayEntry[]) {
  const dayPlan = { entries, rests: [] } as unknown as DayPlan;
  const told = {
    dayPlan,
    atMs: FROM,
    cooks: [
      { id: 'c1', name: names[0] },
      { id: 'c2', name: '' },
    ],
    batches: [
      { id: 'a', name: names[0], pieces: 12 },
      { id: 'b', name: names[1], pieces: 8 },
    ],
  } as unknown as SupperDay;
  const text = daySvg(supper, told, dayPlan, printer);
  return { text, svg: new DOMParser().parseFromString(text, 'image/svg+xml') };
}

it('whatever things are called and whenever they are: a whole drawing, nothing in it runs, all of it on the sheet', () => {
  fc.assert(
    fc.property(name, fc.tuple(name, name), fc.array(entry, { maxLength: 12 }), (supper, names, entries) => {
      const { text, svg } = drawn(supper, names, entries);
      expect(svg.querySelector('parsererror')).toBeNull();
      expect(text).not.toMatch(/NaN|Infinity|undefined/);
      const kinds = new Set([...svg.querySelectorAll('*')].map(({ localName }) => localName));
      expect([...kinds].filter((kind) => !['svg', 'title', 'rect', 'text', 'line', 'g'].includes(kind))).toEqual([]);
      const [, , wide, high] = svg.documentElement.getAttribute('viewBox')!.split(' ').map(Number) as number[];
      for (const bar of svg.querySelectorAll('g > rect')) {
        const at = (key: string) => Number(bar.getAttribute(key));
        expect(at('x')).toBeGreaterThanOrEqual(0);
        expect(at('x') + at('width')).toBeLessThanOrEqual(wide!);
        expect(at('y') + at('height')).toBeLessThanOrEqual(high!);
      }
      // Each stretch of the day once for its cook, once for its pot or the oven.
      const shown = entries.filter(({ isEarlier }) => !isEarlier);
      const atPot = shown.filter(({ pot, endMs, startMs }) => pot !== null && endMs > startMs);
      const wanted = shown.length + atPot.length + shown.filter(({ isOven }) => isOven).length;
      expect(svg.querySelectorAll('g')).toHaveLength(wanted);
    }),
    { numRuns: 150 },
  );
});

it('a name that is longer than its bar is cut between two signs, and whole in its title', () => {
  const long = '🥟'.repeat(60);
  const [one] = fc.sample(entry, { numRuns: 1, seed: 1 }) as [DayEntry];
  const { text, svg } = drawn(
    'Lantern Walk',
    [long, 'b'],
    [FROM, FROM + 480 * MIN].map((startMs) => ({
      ...one,
      batchId: 'a',
      pot: null,
      isOven: false,
      isEarlier: false,
      startMs,
      endMs: startMs + 60 * MIN,
    })),
  );
  expect(text.isWellFormed()).toBe(true);
  expect(svg.querySelector('g > title')!.textContent).toContain(long);
  expect(svg.querySelector('g > text')!.textContent!.length).toBeLessThan(long.length);
});
