import fc from 'fast-check';
import { anyDraft } from '../../../testing/anyWrites.js';
import { type CookAct, cookState, STEP_KEY, type StepKey, stepKey } from '../../cook/cookAct.js';
import {
  type BatchDraft,
  batchOf,
  batchPieces,
  fillingsOf,
  marksOf,
  OWN_PLACES,
  readBatchDraft,
} from '../../draft/batchDraft.js';
import { TRAY_MARKS, TRAY_WAYS, type TrayDraft } from '../../draft/draft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { formulaTotals } from '../../ingredient/formula.js';
import { batchAmounts, stepAmounts } from '../../store/stepAmounts.js';
import { asCooked } from '../batch/asCooked.js';
import { withFamily, withFold, withPieces } from './editDraft.js';
import { fryTrays, trayOfPiece } from '../batch/fryTrays.js';
import { planTrays } from '../batch/planBatch.js';
import { planCold } from '../tray/planCold.js';
import { foldedFrom } from '../batch/planDay.js';
import { plannedOf, runSheet } from '../batch/runSheet.js';
import { newTray, STARTERS } from './starters.js';
import { trayOf, traysOf, withCopyOfTray, withFillingOf, withoutTray, withTray } from './trays.js';

const EAT = '2030-01-05T18:30:00Z';
const doughKg = ({ dough }: Pick<TrayDraft, 'dough'>) => formulaTotals(dough.lines, 'dough').massKg;

/** A batch of a few trays on one dough, each in its own way. */
const anyBatch = fc
  .tuple(
    fc.constantFrom(...STARTERS.map(({ id }) => id)),
    fc.array(
      fc.record({
        pieces: fc.integer({ min: 1, max: 40 }),
        way: fc.constantFrom(...TRAY_WAYS),
        strong: fc.boolean(),
        oilC: fc.integer({ min: 150, max: 175 }),
        fillingState: fc.option(fc.constantFrom('fridge' as const, 'part-frozen' as const), { nil: undefined }),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    fc.integer({ min: 1, max: 6 }),
    fc.uniqueArray(
      fc.record({
        id: fc.stringMatching(/^[a-z0-9]{2,12}$/),
        name: fc.constant('Dry the eggs'),
        kind: fc.constantFrom('hands' as const, 'passive' as const),
        lengthS: fc.integer({ min: 60, max: 7200 }),
        before: fc.constantFrom(...OWN_PLACES),
      }),
      { maxLength: 6, selector: ({ id }) => id },
    ),
    fc.option(fc.record({ days: fc.constantFrom(1, 2), upTo: fc.constantFrom('dough' as const, 'pieces' as const) }), {
      nil: undefined,
    }),
  )
  .map(([starter, trays, loads, ownSteps, ahead]): BatchDraft => {
    const only = newTray('Any', starter, trays[0]!.pieces, EAT);
    const base: BatchDraft = {
      ...batchOf({ ...only, dough: { ...only.dough, portions: loads, ...(ahead && { ahead }) } }),
      ownSteps,
    };
    const all = trays.slice(1).reduce((batch) => withCopyOfTray(batch, 'A')!, base);
    return trays.reduce((batch, { pieces, way, strong, oilC, fillingState }, i) => {
      const tray = withPieces(trayOf(batch, TRAY_MARKS[i]!), pieces);
      const fold = { ...tray.fold, ...(fillingState && { fillingState }) };
      const next = withTray(batch, { ...tray, way, fold, fry: { ...tray.fry, oilC } });
      if (!strong) return next;
      const apart = withFillingOf(next, TRAY_MARKS[i]!, 'own');
      const own = trayOf(apart, TRAY_MARKS[i]!);
      return withTray(apart, { ...own, filling: { ...own.filling, strong } });
    }, all);
  });

test('an old record reads as a batch of one tray, and that tray is what it was; a new one stays as it is', () => {
  fc.assert(
    fc.property(anyDraft(), (draft) => {
      const batch = readBatchDraft(draft);
      expect(trayOf(batch, null)).toEqual(draft);
      expect(readBatchDraft(batch)).toBe(batch);
      expect(withTray(batch, trayOf(batch, 'A'))).toEqual(batch);
    }),
    { numRuns: 60 },
  );
  for (const stored of [null, 7, 'x', [], {}, { name: 'x' }]) expect(readBatchDraft(stored)).toBe(stored);
});

test('each tray sees the dough that the others take; what one changes leaves theirs as it is', () => {
  fc.assert(
    fc.property(anyBatch, fc.nat(), fc.integer({ min: 1, max: 60 }), (batch, which, pieces) => {
      const left = (of: BatchDraft) =>
        traysOf(of).map((tray) => planCold(tray, DEFAULT_KITCHEN).fold.balance.doughLeftKg);
      // All trays say the same of one dough, and a batch made to fit comes out even.
      for (const kg of left(batch)) expect(kg).toBeCloseTo(0, 6);
      const marks = marksOf(batch);
      const mark = marks[which % marks.length]!;
      const changed = withTray(batch, withPieces(trayOf(batch, mark), pieces));
      for (const other of marks) if (other !== mark) expect(changed.trays[other]).toEqual(batch.trays[other]);
      for (const kg of fillingsLeft(changed)) expect(kg).toBeCloseTo(0, 6);
      for (const kg of left(changed)) expect(kg).toBeCloseTo(0, 6);
      const thicker = withTray(batch, withFold(trayOf(batch, mark), { thicknessM: 0.003 }));
      for (const kg of left(thicker)) expect(kg).toBeCloseTo(0, 6);
      expect(batchPieces(changed)).toBe(batchPieces(batch) - batch.trays[mark]!.pieces + pieces);
    }),
    { numRuns: 40, endOnFailure: true },
  );
});

const fillingKg = (batch: BatchDraft) =>
  fillingsOf(batch).reduce((sum, mark) => sum + formulaTotals(batch.fillings[mark]!.lines, 'filling').massKg, 0);
/** What each tray sees left over of its filling; all that share one see the same. */
const fillingsLeft = (batch: BatchDraft) =>
  traysOf(batch).map((tray) => planCold(tray, DEFAULT_KITCHEN).fold.balance.fillingLeftKg);

test('trays share a pan or have their own: whatever is moved, each filling is what its trays take, and none is lost', () => {
  fc.assert(
    fc.property(anyBatch, fc.nat(), fc.nat(), (batch, which, other) => {
      for (const kg of fillingsLeft(batch)) expect(kg).toBeCloseTo(0, 6);
      const marks = marksOf(batch);
      const mark = marks[which % marks.length]!;
      const fillings = fillingsOf(batch);
      const to = fillings[other % fillings.length]!;
      const moved = withFillingOf(batch, mark, to);
      for (const kg of fillingsLeft(moved)) expect(kg).toBeCloseTo(0, 6);
      expect(moved.dough).toEqual(batch.dough);
      // Starters differ in what boils off; one starter is one filling, however it is divided.
      expect(fillingKg(moved)).toBeCloseTo(fillingKg(batch), 6);
      const apart = withFillingOf(moved, mark, 'own');
      for (const kg of fillingsLeft(apart)) expect(kg).toBeCloseTo(0, 6);
      expect(marks.filter((one) => apart.trays[one]!.filling === apart.trays[mark]!.filling)).toEqual([mark]);
      const plain = withFillingOf(batch, mark, 'none');
      expect(trayOf(plain, mark).fold.fillingEachKg).toBe(0);
      expect(fillingKg(plain)).toBeLessThan(fillingKg(batch));
      // Every filling there is, some tray holds.
      for (const one of [moved, apart, plain]) {
        expect([...new Set(marksOf(one).map((m) => one.trays[m]!.filling))].sort()).toEqual(fillingsOf(one));
      }
    }),
    { numRuns: 60, endOnFailure: true },
  );
  expect(() => withFillingOf(batchOf(newTray('One', 'squash-sage', 12, EAT)), 'A', 'D')).toThrow(
    expect.objectContaining({ code: 'UNKNOWN_NAME' }),
  );
});

test('a tray copied and taken away again leaves the batch as it was; the last one stays', () => {
  fc.assert(
    fc.property(anyBatch, (batch) => {
      const more = withCopyOfTray(batch, 'A')!;
      const mark = marksOf(more).find((one) => batch.trays[one] === undefined)!;
      const { label: _none, ...like } = batch.trays.A!;
      expect(more.trays[mark]).toEqual(like);
      expect(doughKg(more)).toBeGreaterThan(doughKg(batch));
      const back = withoutTray(more, mark)!;
      expect(back.trays).toEqual(batch.trays);
      expect(doughKg(back)).toBeCloseTo(doughKg(batch), 9);
      expect(fillingKg(back)).toBeCloseTo(fillingKg(batch), 9);
    }),
    { numRuns: 40 },
  );
  expect(withoutTray(batchOf(newTray('One', 'squash-sage', 12, EAT)), 'A')).toBeNull();
  let full = batchOf(newTray('Full', 'squash-sage', 2, EAT));
  while (marksOf(full).length < TRAY_MARKS.length) full = withCopyOfTray(full, 'A')!;
  expect(withCopyOfTray(full, 'A')).toBeNull();
  expect(() => trayOf(batchOf(newTray('One', 'squash-sage', 12, EAT)), 'C')).toThrow(
    expect.objectContaining({ code: 'UNKNOWN_NAME', path: 'mark' }),
  );
});

test('all that is fried is fried in one pot, whichever tray it was chosen for', () => {
  const two = withCopyOfTray(batchOf(newTray('Two', 'squash-sage', 12, EAT)), 'A')!;
  const b = trayOf(two, 'B');
  const moved = withTray(two, { ...b, fry: { ...b.fry, pot: 'Small' } });
  expect(marksOf(moved).map((mark) => moved.trays[mark]!.fry.pot)).toEqual(['Small', 'Small']);
  const back = withTray(moved, trayOf(two, 'A'));
  expect(back).toEqual(two);
});

test('pieces are numbered through in the order of the pot: what is strong comes last, and each number has one tray', () => {
  fc.assert(
    fc.property(anyBatch, (batch) => {
      const trays = fryTrays(batch);
      const strong = trays.map(({ draft }) => draft.filling.strong === true);
      expect([...strong].sort()).toEqual(strong);
      let next = 1;
      for (const tray of trays) {
        expect(tray.first).toBe(next);
        for (let n = next; n < next + tray.draft.pieces; n++) expect(trayOfPiece(trays, n)).toBe(tray);
        next += tray.draft.pieces;
      }
      if (trays.length > 0) expect(trayOfPiece(trays, next + 5)).toBe(trays.at(-1));
    }),
  );
});

test('the sheet of any batch: each step once, hands in one place, nothing waits for what is not there, everything weighed', () => {
  fc.assert(
    fc.property(anyBatch, (batch) => {
      const planned = planTrays(batch, DEFAULT_KITCHEN, null);
      const sheet = runSheet(planned);
      const ids = sheet.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const [i, step] of sheet.entries()) {
        expect(step.id).toMatch(STEP_KEY);
        expect(step.id).toBe(step.own ? `own:${step.own.id}` : stepKey(step.what, step.mark, step.portion));
        for (const before of step.after) expect(ids.indexOf(before)).toBeLessThan(ids.length);
        for (const before of step.after) {
          const earlier = sheet.find(({ id }) => id === before)!;
          expect(earlier.startMs).toBeLessThanOrEqual(step.startMs);
        }
        if (i > 0) expect(step.startMs).toBeGreaterThanOrEqual(sheet[i - 1]!.startMs);
      }
      const hands = sheet.filter(({ kind }) => kind !== 'passive');
      for (let i = 1; i < hands.length; i++) {
        expect(hands[i]!.startMs).toBeGreaterThanOrEqual(hands[i - 1]!.startMs + 1000 * hands[i - 1]!.durationS - 1500);
      }
      const all = batchAmounts(batch, [], DEFAULT_KITCHEN);
      const weighed = ids.flatMap((id) => stepAmounts(id, all)).map(({ key }) => key);
      expect(weighed.sort()).toEqual(all.map(({ key }) => key).sort());
      // Each step of one's own is there once, over before what it is done for begins.
      for (const own of batch.ownSteps!) {
        const step = sheet.find(({ id }) => id === `own:${own.id}`);
        const place = { filling: 'weigh-filling', cool: 'cool', dough: 'mix-dough', fold: 'roll' } as const;
        const what = own.before === 'heat' || own.before === 'serve' ? own.before : place[own.before];
        const next = sheet.find((one) => one.what === what);
        if (!next) continue;
        expect(step!.startMs + 1000 * step!.durationS).toBeLessThanOrEqual(next.startMs + 1500);
        expect(next.after).toContain(step!.id);
      }
      // Every tray is folded, all of its pieces, each load after its dough; and ends where its way says.
      for (const { draft } of planned) {
        const folds = sheet.filter(({ what, mark }) => what === 'fold' && (mark ?? draft.mark) === draft.mark);
        expect(folds.reduce((sum, step) => sum + plannedOf(step, 'pieces')!, 0)).toBe(draft.pieces);
        for (const { after } of folds) expect(after.some((id) => id.startsWith('roll'))).toBe(true);
        // Portions that go in part-frozen are shaped and firm before.
        const firm = stepKey('firm', draft.mark);
        expect(ids.includes(firm)).toBe(draft.fold.fillingState === 'part-frozen');
        if (ids.includes(firm)) for (const { after } of folds) expect(after).toContain(firm);
        const way = draft.way ?? 'fry';
        if (way === 'fry') expect(ids).toContain('fry');
        if (way === 'bake') expect(ids).toContain('bake');
        if (way === 'freeze' || way === 'chill') expect(ids).toContain(stepKey('stored', draft.mark));
      }
    }),
    { numRuns: 25, endOnFailure: true },
  );
});

test('dough in loads: each waits less than all at once, and what was poured and folded of each adds up', () => {
  const one = withFamily(newTray('Hot-water', 'mushroom-barley', 60, EAT), 'hot-water');
  const waits = (loads: number) =>
    planTrays(
      batchOf({ ...one, dough: { ...one.dough, portions: loads } }),
      DEFAULT_KITCHEN,
      null,
    )[0]!.plan.serve!.findings.flatMap((found) => (found.code === 'serve.dough-waits' ? [found.values.waitS] : []));
  const seen = [1, 2, 3, 4, 5, 6].map((loads) => waits(loads)[0] ?? 0);
  expect(seen[0]).toBeGreaterThan(3600);
  for (const [i, waitS] of seen.entries()) if (i > 0 && seen[i - 1]! > 0) expect(waitS).toBeLessThan(seen[i - 1]!);
  // In the end no load waits for longer than it may.
  expect(seen.at(-1)).toBe(0);
  const batch = batchOf({ ...one, dough: { ...one.dough, portions: 2 } });
  const told = (step: StepKey, value: number): CookAct => ({ id: step, atMs: 1, kind: 'measure', step, value });
  const cooked = (...acts: CookAct[]) => asCooked(batch, cookState(acts), DEFAULT_KITCHEN);
  expect(foldedFrom(batch).map(({ portion, pieces }) => [portion, pieces])).toEqual([
    [1, 30],
    [2, 30],
  ]);
  // The load that is still to come counts as planned.
  expect(cooked(told('fold', 28)).trays.A!.pieces).toBe(58);
  expect(cooked(told('fold', 28), told('fold:A2', 33)).trays.A!.pieces).toBe(61);
  const water = (of: BatchDraft) => of.dough.lines.find(({ ingredientId }) => ingredientId === 'water')!.massKg;
  const mix = runSheet(planTrays(batch, DEFAULT_KITCHEN, null)).find(({ id }) => id === 'mix-dough')!;
  const each = plannedOf(mix, 'poured-kg')!;
  expect(water(cooked(told('mix-dough', 1.1 * each), told('mix-dough:A2', 0.9 * each)))).toBeCloseTo(water(batch), 9);
  expect(water(cooked(told('mix-dough', 1.1 * each)))).toBeCloseTo(1.1 * water(batch), 9);
});

test('a batch out of the freezer begins at the oil and takes nothing out of the larder', () => {
  const base = newTray('From the freezer', 'squash-sage', 24, EAT);
  const batch = batchOf({ ...base, fromStored: 'a', fry: { ...base.fry, start: 'frozen' } });
  const sheet = runSheet(planTrays(batch, DEFAULT_KITCHEN, null));
  expect(sheet.map(({ id }) => id)).toEqual(['heat', 'fry', 'serve']);
  expect(batchAmounts(batch, [], DEFAULT_KITCHEN)).toEqual([]);
});
