import fc from 'fast-check';
import { seededUniform } from '../numeric/seededNoise.js';
import { CAUSES, type CauseId, rankCauses } from './causes.js';
import type { LedgerFigures } from '../stove/ledgerFigures.js';
import { compareScores, compareShares } from './compareArms.js';
import { compareRecords } from './compareRecords.js';
import { monthlyMeans, monthlyTrends } from './trends.js';
import { LOOKS, SYMPTOMS, symptomsSeen, type TrayLooks } from './looks.js';

test('causes: what was seen and the batch’s own numbers decide; chances are chances', () => {
  const first = (present: (typeof SYMPTOMS)[number][], ratios = {}, absent: (typeof SYMPTOMS)[number][] = []) =>
    rankCauses({ present, absent }, ratios)[0]!.id;
  expect(first(['dark', 'raw-ring'])).toBe('oil-hot');
  expect(first(['pale', 'greasy'])).toBe('oil-cool');
  expect(first(['burst', 'too-much'])).toBe('overfull');
  expect(first(['burst'], { 'rim-dry': 8, overfull: 0.3 })).toBe('rim-dry');
  // What is known not to be there speaks against what would have brought it.
  const lone = (absent: (typeof SYMPTOMS)[number][]) =>
    rankCauses({ present: ['pale'], absent }, {}).find(({ id }) => id === 'oil-cool')!.chance;
  expect(lone(['greasy'])).toBeLessThan(lone([]));
  const some = fc.uniqueArray(fc.constantFrom(...SYMPTOMS), { maxLength: 6 });
  const ratio = fc.dictionary(fc.constantFrom(...CAUSES), fc.double({ min: 0.1, max: 10, noNaN: true }));
  fc.assert(
    fc.property(some, some, ratio, (present, other, ratios) => {
      const absent = other.filter((symptom) => !present.includes(symptom));
      const found = rankCauses({ present, absent }, ratios);
      for (const { chance } of found) expect(chance >= 0 && chance <= 1).toBe(true);
      if (present.length === 0) expect(found).toEqual([]);
      // A cause by numbers likelier is likelier.
      const [one] = found;
      if (!one) return;
      const more = rankCauses({ present, absent }, { ...ratios, [one.id]: 2 * (ratios[one.id] ?? 1) });
      expect(more.find(({ id }) => id === one.id)!.chance).toBeGreaterThanOrEqual(one.chance - 1e-9);
    }),
    { numRuns: 100 },
  );
});

test('causes, by counting: worlds drawn from the table have the causes as often as is told', () => {
  const uniform = seededUniform(5);
  // Two causes of one symptom are enough to count; the table itself is read through single symptoms.
  const alone = (id: CauseId) =>
    rankCauses({ present: ['mixed-sizes'], absent: [] }, { [id]: 1 }).find((one) => one.id === id)!.chance;
  let [seen, there] = [0, 0];
  for (let n = 0; n < 200_000; n++) {
    const cause = uniform() < 0.12;
    const symptom = (cause && uniform() < 0.8) || uniform() < 0.03;
    if (!symptom) continue;
    seen += 1;
    if (cause) there += 1;
  }
  expect(alone('cut-by-eye')).toBeCloseTo(there / seen, 2);
});

test('looks: any that are given are read, nothing is asked that the stove has counted', () => {
  const look = fc.record(
    {
      ...Object.fromEntries(Object.entries(LOOKS).map(([id, of]) => [id, fc.constantFrom(...of)])),
      crust: fc.integer({ min: 0, max: 5 }),
    },
    { requiredKeys: [] },
  ) as fc.Arbitrary<TrayLooks>;
  fc.assert(
    fc.property(look, fc.nat(20), fc.nat(5), (looks, fried, burst) => {
      const { present, absent } = symptomsSeen(looks, { fried, burst });
      expect(present.filter((symptom) => absent.includes(symptom))).toEqual([]);
      if (fried + burst > 0) expect(present.includes('burst')).toBe(burst > 0);
    }),
  );
  expect(symptomsSeen({}, null)).toEqual({ present: [], absent: [] });
  expect(symptomsSeen({ crust: 5, ring: 'raw', filling: 'hot' }, null)).toEqual({
    present: ['dark', 'raw-ring'],
    absent: ['pale', 'cold-filling'],
  });
});

test('no winner from noise: of tests without a difference fewer than one in twenty names one', () => {
  const uniform = seededUniform(11);
  const draw = (share: number, of: number) => ({
    yes: Array.from({ length: of }, () => uniform() < share).filter(Boolean).length,
    of,
  });
  for (const [share, of] of [
    [0.08, 12],
    [0.2, 12],
    [0.5, 24],
    [0.1, 48],
  ] as const) {
    let won = 0;
    for (let n = 0; n < 250; n++) if (compareShares(draw(share, of), draw(share, of)).winner !== 'none') won += 1;
    expect([share, of, won / 250 < 0.05]).toEqual([share, of, true]);
  }
  let won = 0;
  for (let n = 0; n < 150; n++) {
    const scores = () => Array.from({ length: 8 }, () => 1 + Math.floor(5 * uniform()));
    if (compareScores(scores(), scores(), n).winner !== 'none') won += 1;
  }
  expect(won / 150).toBeLessThan(0.05);
});

test('what is there is found: the difference lies in its range as often as is told, and enough pieces settle it', () => {
  const told = compareShares({ yes: 0, of: 12 }, { yes: 2, of: 12 });
  expect(told.winner).toBe('none');
  expect(told.chance).toBeGreaterThan(0.8);
  expect(told.needed).toBeGreaterThan(12);
  expect(compareShares({ yes: 1, of: 60 }, { yes: 20, of: 60 }).winner).toBe('first');
  expect(compareShares({ yes: 20, of: 60 }, { yes: 1, of: 60 }).winner).toBe('second');
  expect(compareScores([5, 5, 4, 5, 5, 4, 5, 5], [2, 1, 3, 2, 2, 1, 2, 3], 1).winner).toBe('first');
  const uniform = seededUniform(3);
  let inside = 0;
  for (let n = 0; n < 300; n++) {
    const [p, q] = [0.05 + 0.4 * uniform(), 0.05 + 0.4 * uniform()];
    const draw = (share: number) => ({
      yes: Array.from({ length: 20 }, () => uniform() < share).filter(Boolean).length,
      of: 20,
    });
    const { low, high } = compareShares(draw(p), draw(q));
    if (p - q >= low && p - q <= high) inside += 1;
  }
  expect(inside / 300).toBeGreaterThan(0.7);
  expect(inside / 300).toBeLessThan(0.92);
  expect(() => compareShares({ yes: 3, of: 2 }, { yes: 0, of: 1 })).toThrow(RangeError);
  expect(() => compareScores([], [1], 1)).toThrow(RangeError);
});

test('records beside one another: each figure is the record’s own, and against the first a share of it', () => {
  const figures = (fried: number, burst: number, meanInOilS: number | null) =>
    ({ fried, burst, meanInOilS, oilMeanC: 158, inRangeShare: null, fryingS: 0, turnsPerPiece: null }) as LedgerFigures;
  const rows = compareRecords([
    { figures: figures(18, 2, 400), looks: { crust: 2 } },
    { figures: figures(10, 0, 500), looks: {} },
    { figures: figures(0, 0, null), looks: {} },
  ]);
  const row = (what: string) => rows.find((one) => one.what === what);
  expect(row('burst')!.values).toEqual([0.1, 0, null]);
  expect(row('in-oil-s')!.against).toEqual([null, 0.25, null]);
  expect(row('crust')!.values).toEqual([2, null, null]);
  // What none of them knows is left out.
  expect(rows.map(({ what }) => what)).toEqual(['pieces', 'burst', 'in-oil-s', 'oil-c', 'crust']);
  expect(compareRecords([])).toEqual([]);
});

test('months: every session is in its own, shares are of all their pieces and of all their frying', () => {
  const at = fc
    .integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2026, 11, 31) })
    .map((ms) => new Date(ms).toISOString());
  const figures = fc.record({
    fried: fc.nat(40),
    burst: fc.nat(5),
    fryingS: fc.nat(4000),
    inRangeShare: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
  });
  fc.assert(
    fc.property(
      fc.array(fc.record({ startedAt: at, figures: figures as unknown as fc.Arbitrary<LedgerFigures> }), {
        maxLength: 20,
      }),
      (entries) => {
        const months = monthlyTrends(entries);
        expect(months.map(({ month }) => month)).toEqual(months.map(({ month }) => month).sort());
        expect(months.reduce((sum, { dayPlans }) => sum + dayPlans, 0)).toBe(entries.length);
        const burst = months.reduce((sum, { burstShare, pieces }) => sum + (burstShare ?? 0) * pieces, 0);
        expect(burst).toBeCloseTo(
          entries.reduce((sum, one) => sum + one.figures.burst, 0),
          6,
        );
        const seen = entries.map((one) => ({ at: one.startedAt, value: one.figures.burst }));
        const means = monthlyMeans(
          months.map(({ month }) => month),
          seen,
        );
        const all = months.reduce((sum, { dayPlans }, i) => sum + dayPlans * means[i]!, 0);
        expect(all).toBeCloseTo(
          seen.reduce((sum, { value }) => sum + value, 0),
          6,
        );
        expect(monthlyMeans(['1999-01'], seen)).toEqual([null]);
        for (const { inRangeShare } of months)
          expect(inRangeShare === null || (inRangeShare >= 0 && inRangeShare <= 1 + 1e-9)).toBe(true);
      },
    ),
  );
});
