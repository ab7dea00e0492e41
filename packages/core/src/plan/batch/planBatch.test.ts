import fc from 'fast-check';
import { type TrayDraft } from '../../draft/draft.js';
import {
  doughEachKg,
  fitDough,
  fitFilling,
  withCookTo,
  withDoughEach,
  withFamily,
  withFold,
  withLimit,
  withLine,
  withPieces,
} from '../edit/editDraft.js';
import { solveFry } from '../../heat/solveFry.js';
import { worstTone } from '../../draft/finding.js';
import { planBatch } from './planBatch.js';
import { planCold } from '../tray/planCold.js';
import { newTray, STARTERS } from '../edit/starters.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../../draft/kitchen.js';
import { plannedFigures } from '../tray/plannedFigures.js';

const EAT = '2030-01-05T18:30:00Z';
const make = (pieces = 24, starter = 'squash-sage') => newTray('Test', starter, pieces, EAT);
const plan = (draft: TrayDraft, kitchen: Kitchen = DEFAULT_KITCHEN, nowMs: number | null = null) =>
  planBatch(draft, kitchen, nowMs);

test.each(STARTERS.map((s) => s.id))('%s: a new batch is a whole plan with nothing to stop it', (id) => {
  const p = plan(make(24, id));
  const found = [
    ...p.dough.findings,
    ...p.filling.findings,
    ...p.fold.findings,
    ...p.fry!.findings,
    ...p.serve!.findings,
  ];
  expect(found.filter((f) => f.tone === 'stop' || f.tone === 'look-out')).toEqual([]);
  expect(found.map((f) => f.code)).toEqual(expect.arrayContaining(['fold.holds', 'fold.even', 'fry.cooked']));
  expect(Math.abs(p.fold.balance.doughLeftKg)).toBeLessThan(1e-6);
  expect(Math.abs(p.fold.balance.fillingLeftKg)).toBeLessThan(1e-6);
  // Cooked fillings, cooled today: hot at the first bite is the wish.
  expect(p.fry!.atTakeOut!.coreC).toBeGreaterThanOrEqual(60);
  expect(worstTone(found)).toBe('good');
});

test('from 24 to 48 pieces every station follows: twice the dough, filling and loads, the same piece', () => {
  const [small, large] = [plan(make(24)), plan(withPieces(make(24), 48))];
  expect(large.dough.figures.massKg / small.dough.figures.massKg).toBeCloseTo(2, 9);
  expect(large.filling.figures.targetKg / small.filling.figures.targetKg).toBeCloseTo(2, 9);
  expect(large.fold.piece).toEqual(small.fold.piece);
  expect(large.fry!.takeOutS).toBeCloseTo(small.fry!.takeOutS!, 6);
  expect(large.fry!.loads!.loads).toBe(Math.ceil(48 / large.fry!.loads!.loadSize));
  expect(large.serve!.startMs).toBeLessThan(small.serve!.startMs);
  expect(large.filling.cooling!.to21S!).toBeGreaterThan(small.filling.cooling!.to21S!);
});

test('thicker dough, hotter oil, a later supper: what follows follows', () => {
  const base = plan(make());
  const thick = plan(withFold(make(), { thicknessM: 0.003 }));
  expect(thick.dough.figures.massKg / base.dough.figures.massKg).toBeCloseTo(3 / 2.6, 6);
  expect(thick.fold.balance.doughLeftKg).toBeCloseTo(0, 9);
  expect(thick.fry!.solution.doughSetS!).toBeGreaterThan(base.fry!.solution.doughSetS!);
  const hot = plan({ ...make(), fry: { ...make().fry, oilC: 168 } });
  expect(hot.fry!.solution.goldenS!).toBeLessThan(base.fry!.solution.goldenS!);
  expect(hot.fry!.findings.map((f) => f.code)).toContain('fry.oil-outside');
  const late = plan({ ...make(), eatAt: '2030-01-05T19:30:00Z' });
  expect(late.serve!.startMs - base.serve!.startMs).toBe(3_600_000);
});

test('the chain ends at the table, never leaves hot oil, and starts folding with cold filling and rested dough', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 60 }), fc.constantFrom(...STARTERS.map((s) => s.id)), (pieces, id) => {
      const { serve, filling } = plan(make(pieces, id));
      const step = Object.fromEntries(serve!.steps.map((s) => [s.id, s]));
      expect(step['serve']!.endMs).toBe(Date.parse(EAT));
      expect(step['heat']!.endMs).toBe(step['fry']!.startMs);
      expect(step['fry']!.endMs).toBe(step['serve']!.startMs);
      expect(step['fold']!.endMs).toBe(step['heat']!.startMs);
      expect(step['fold']!.startMs - step['cool']!.startMs).toBeGreaterThanOrEqual(
        filling.cooling!.toFoldS! * 1000 - 1000,
      );
      expect(step['rest']!.endMs).toBe(step['fold']!.startMs);
      const hands = serve!.steps.filter((s) => s.kind === 'hands').sort((a, b) => a.startMs - b.startMs);
      for (let i = 1; i < hands.length; i++) expect(hands[i]!.startMs).toBeGreaterThanOrEqual(hands[i - 1]!.endMs);
    }),
    { numRuns: 25 },
  );
});

test('lateness and waiting in the room are said', () => {
  const eat = Date.parse(EAT);
  const codes = (nowMs: number | null, pieces = 24) => plan(make(pieces), DEFAULT_KITCHEN, nowMs).serve!.findings;
  expect(codes(eat - 20 * 3_600_000).map((f) => f.code)).toContain('serve.on-time');
  const late = codes(eat - 600_000).find((f) => f.code === 'serve.late')!;
  expect(late.values.lateS).toBeGreaterThan(3600);
  expect(codes(null, 96)).toContainEqual(expect.objectContaining({ code: 'serve.room-limit', tone: 'stop' }));
});

test('raw inside, pale, too dark, unsafe oil, overfull pot: each is a finding of the Fry station', () => {
  const fry = (change: Partial<TrayDraft['fry']>, kitchen = DEFAULT_KITCHEN, id = 'squash-sage') =>
    plan({ ...make(24, id), fry: { ...make(24, id).fry, ...change } }, kitchen).fry!.findings.map(
      (f) => `${f.code}:${f.tone}`,
    );
  expect(fry({ minutesS: 180 })).toEqual(
    expect.arrayContaining(['fry.warm:know', 'fry.raw-ring:look-out', 'fry.pale:look-out']),
  );
  expect(fry({ oilC: 178, minutesS: 900, turn: 'held-under' })).toContain('fry.dark:look-out');
  expect(fry({ oilC: 199 })).toContain('fry.unsafe-oil:stop');
  expect(fry({ start: 'frozen' })).toContain('fry.frozen-wipe:look-out');
  const brim = { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, oilM3: 0.0045 } };
  expect(fry({}, brim)).toContain('fry.pot-over-half:stop');
  expect(fry({ loadSize: 30 })).toEqual(expect.arrayContaining(['fry.pot-full:look-out', 'fry.load-deep:look-out']));
});

describe('edits', () => {
  test('whatever is edited, dough and filling stay even over the pieces', () => {
    const edit: fc.Arbitrary<(draft: TrayDraft) => TrayDraft | null> = fc.oneof(
      fc.integer({ min: 1, max: 200 }).map((n) => (d: TrayDraft) => withPieces(d, n)),
      fc.double({ min: 0.09, max: 0.16, noNaN: true }).map((discM) => (d: TrayDraft) => withFold(d, { discM })),
      fc
        .double({ min: 0.001, max: 0.006, noNaN: true })
        .map((thicknessM) => (d: TrayDraft) => withFold(d, { thicknessM })),
      fc.double({ min: 0.012, max: 0.05, noNaN: true }).map((kg) => (d: TrayDraft) => withDoughEach(d, kg)),
      fc
        .double({ min: 0.005, max: 0.08, noNaN: true })
        .map((fillingEachKg) => (d: TrayDraft) => withFold(d, { fillingEachKg })),
      fc.double({ min: 0.5, max: 1, noNaN: true }).map((share) => (d: TrayDraft) => withCookTo(d, share)),
    );
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 6 }), (edits) => {
        const end = edits.reduce<TrayDraft>((draft, change) => change(draft) ?? draft, make());
        const { balance } = planCold(end, DEFAULT_KITCHEN).fold;
        expect(Math.abs(balance.doughLeftKg)).toBeLessThan(1e-6 * end.pieces);
        expect(Math.abs(balance.fillingLeftKg)).toBeLessThan(1e-6 * end.pieces);
      }),
      { numRuns: 40 },
    );
  });
  test('one limiting ingredient: 640 g of flour gives whole pieces and uses no more flour', () => {
    const limited = withLimit(make(48), { of: 'dough', line: 0, massKg: 0.64 })!;
    expect(limited.dough.lines[0]!.massKg).toBeCloseTo(0.64, 9);
    expect(Number.isInteger(limited.pieces)).toBe(true);
    const left = planCold(limited, DEFAULT_KITCHEN).fold.balance.doughLeftKg;
    expect(left).toBeGreaterThanOrEqual(-1e-9);
    expect(left).toBeLessThan(doughEachKg(limited));
    expect(withLimit(make(24), { of: 'dough', line: 0, massKg: make(24).dough.lines[0]!.massKg })!.pieces).toBe(24);
    expect(withLimit(make(), { of: 'dough', line: 0, massKg: 0.001 })).toBeNull();
    expect(withLimit(make(), { of: 'filling', line: 99, massKg: 1 })).toBeNull();
  });
  test('another family brings its oil and thickness into range', () => {
    const scalded = withFamily(make(), 'hot-water');
    expect(scalded.fry.oilC).toBe(168);
    expect(scalded.fold.thicknessM).toBe(0.0026);
  });
  test('lines are changed, added and taken out', () => {
    const { lines } = make().dough;
    expect(withLine(lines, 0, 'rye-flour', 0.5)[0]).toEqual({ ingredientId: 'rye-flour', massKg: 0.5 });
    expect(withLine(lines, 99, 'egg', 0.05)).toHaveLength(lines.length + 1);
    expect(withLine(lines, 1, 'egg', null)).toHaveLength(lines.length - 1);
  });
  test('an empty formula cannot be fitted and stays as it is', () => {
    const empty = { ...make(), dough: { ...make().dough, lines: [] }, filling: { ...make().filling, lines: [] } };
    expect(fitDough(empty)).toBe(empty);
    expect(fitFilling(empty)).toBe(empty);
    expect(planCold(empty, DEFAULT_KITCHEN).dough.findings[0]!.code).toBe('dough.no-flour');
  });
});

test.each([
  ['pieces', { pieces: 0 }],
  ['pieces', { pieces: Number.NaN }],
  ['eatAt', { eatAt: 'tonight' }],
  ['dough.family', { dough: { family: 'cloud', lines: [] } }],
  ['fry.oilC', { fry: { ...make().fry, oilC: 300 } }],
  ['fry.minutesS', { fry: { ...make().fry, minutesS: 1 } }],
  ['filling.cookToShare', { filling: { ...make().filling, cookToShare: 0 } }],
  ['filling.panKg', { filling: { ...make().filling, panKg: -1 } }],
  ['fold.discM', { fold: { ...make().fold, discM: 9 } }],
])('a draft with a bad %s is refused by that field', (path, change) => {
  expect(() => plan({ ...make(), ...change } as TrayDraft)).toThrow(expect.objectContaining({ path }));
});

test('a pocket filled past twice what it holds is no piece to fry, and Fold says why', () => {
  const base = make();
  const fill = planCold(base, DEFAULT_KITCHEN).fold.piece!.fill;
  const filled = (times: number) => {
    const fillingEachKg = (base.fold.fillingEachKg * times) / fill;
    return plan({ ...base, fold: { ...base.fold, fillingEachKg } });
  };
  expect(filled(1.9).fry).not.toBeNull();
  const over = filled(2.1);
  expect([over.fry, over.serve]).toEqual([null, null]);
  expect(over.fold.findings.find((f) => f.code === 'fold.bursts')?.tone).toBe('stop');
});

test('allergens and diet are those of dough and filling together', () => {
  const of = (starter: string) => planCold(make(24, starter), DEFAULT_KITCHEN).contains;
  expect(of('squash-sage')).toEqual({ allergens: ['gluten', 'milk'], diet: 'vegetarian' });
  expect(of('lentil-dill')).toEqual({ allergens: ['gluten'], diet: 'vegan' });
  expect(of('mackerel-leek').allergens).toContain('fish');
  expect(of('mackerel-leek').diet).toBe('meat');
});

test('what was planned stands beside what happened in the same units', () => {
  const planned = plan(make(24));
  const figures = plannedFigures(planned, make(24));
  expect(figures.inOilS).toBe(planned.fry!.takeOutS);
  expect(figures.loads! * figures.loadSize!).toBeGreaterThanOrEqual(24);
  expect((figures.loads! - 1) * figures.loadSize!).toBeLessThan(24);
  // Turned each minute, but not in the last moment before it comes out.
  expect(Math.abs(figures.turns! - Math.floor(figures.inOilS! / 60))).toBeLessThanOrEqual(1);
  const empty = { ...planned, fry: null };
  expect(Object.values(plannedFigures(empty, make(24))).every((value) => value === null)).toBe(true);
});

test('shares of a formula add up, and what a dough is made of is the whole dough', () => {
  fc.assert(
    fc.property(fc.constantFrom(...STARTERS.map((s) => s.id)), fc.integer({ min: 1, max: 400 }), (starter, pieces) => {
      const { dough, filling } = planCold(make(pieces, starter), DEFAULT_KITCHEN);
      const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
      expect(sum(filling.figures.linePercents)).toBeCloseTo(100, 9);
      expect(sum(Object.values(dough.figures.madeOf))).toBeCloseTo(dough.figures.totals.massKg, 9);
    }),
  );
});

test.each(STARTERS.map((s) => s.id))('%s: the grid of a plan is fine enough, and errs towards later', (starter) => {
  for (const start of ['room', 'frozen'] as const) {
    const base = make(24, starter);
    const { body, solution } = plan({ ...base, fry: { ...base.fry, start } }).fry!;
    const fine = solveFry({
      body: { ...body, wallCells: 3 * body.wallCells, fillingCells: 3 * body.fillingCells },
      oilC: base.fry.oilC,
      turn: base.fry.turn,
      coreTargetC: base.filling.coreTargetC,
      horizonS: 1800,
    });
    for (const moment of ['doughSetS', 'coreS', 'goldenS', 'takeOutColourS'] as const) {
      const later = solution[moment]! - fine[moment]!;
      // Half a percent, or a second.
      expect(later).toBeGreaterThan(-Math.max(1, 0.006 * fine[moment]!));
      expect(later).toBeLessThan(6);
    }
  }
});

test('an unknown starter is refused', () => {
  expect(() => newTray('x', 'moon-cheese', 4, EAT)).toThrow(expect.objectContaining({ path: 'starterId' }));
});
