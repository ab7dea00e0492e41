import fc from 'fast-check';
import { anyDraft } from '../../testing/anyWrites.js';
import { STEP_KEYS, stepKey } from '../cook/cookAct.js';
import { type BatchDraft, batchOf, batchPieces, fillingsOf, marksOf, readBatchDraft } from '../draft/batchDraft.js';
import { TRAY_MARKS, TRAY_WAYS, type TrayDraft } from '../draft/draft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { formulaTotals } from '../ingredient/formula.js';
import { batchAmounts, stepAmounts } from '../store/stepAmounts.js';
import { withFold, withPieces } from './editDraft.js';
import { fryTrays, trayOfPiece } from './fryTrays.js';
import { planTrays } from './planBatch.js';
import { planCold } from './planCold.js';
import { runSheet } from './runSheet.js';
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
      }),
      { minLength: 1, maxLength: 5 },
    ),
  )
  .map(([starter, trays]): BatchDraft => {
    const base = batchOf(newTray('Any', starter, trays[0]!.pieces, EAT));
    const all = trays.slice(1).reduce((batch) => withCopyOfTray(batch, 'A')!, base);
    return trays.reduce((batch, { pieces, way, strong, oilC }, i) => {
      const tray = withPieces(trayOf(batch, TRAY_MARKS[i]!), pieces);
      const next = withTray(batch, { ...tray, way, fry: { ...tray.fry, oilC } });
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
        expect(STEP_KEYS).toContain(step.id);
        expect(step.id).toBe(stepKey(step.what, step.mark));
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
      // Every tray is folded, and ends where its way says.
      for (const { draft } of planned) {
        expect(ids).toContain(stepKey('fold', draft.mark));
        const way = draft.way ?? 'fry';
        if (way === 'fry') expect(ids).toContain('fry');
        if (way === 'bake') expect(ids).toContain('bake');
        if (way === 'freeze' || way === 'chill') expect(ids).toContain(stepKey('put-by', draft.mark));
      }
    }),
    { numRuns: 25, endOnFailure: true },
  );
});

test('a batch out of the freezer begins at the oil and takes nothing out of the larder', () => {
  const base = newTray('From the freezer', 'squash-sage', 24, EAT);
  const batch = batchOf({ ...base, fromPutBy: 'a', fry: { ...base.fry, start: 'frozen' } });
  const sheet = runSheet(planTrays(batch, DEFAULT_KITCHEN, null));
  expect(sheet.map(({ id }) => id)).toEqual(['heat', 'fry', 'serve']);
  expect(batchAmounts(batch, [], DEFAULT_KITCHEN)).toEqual([]);
});
