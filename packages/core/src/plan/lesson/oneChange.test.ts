import { batchOf } from '../../draft/batchDraft.js';
import { USUAL_SEAL } from '../../draft/choices.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import type { TrayDraft } from '../../draft/draft.js';
import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import { CHANGES, oneChange, trayLesson, withChange, withProposal } from './oneChange.js';
import { planTrays } from '../batch/planBatch.js';
import { newTray } from '../edit/starters.js';
import { trayOf } from '../edit/trays.js';

const DRAFT = newTray('Half-moons', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const planned = (draft: TrayDraft = DRAFT) => planTrays(batchOf(draft), DEFAULT_KITCHEN, null)[0]!;
const { plan } = planned();
const FINE: LedgerFigures = {
  fried: 24,
  burst: 0,
  aside: 0,
  stillIn: 0,
  notFried: 0,
  loads: plan.fry!.loads!.loads,
  fryingS: 2600,
  meanInOilS: plan.fry!.takeOutS,
  oilMeanC: 158,
  oilLeastC: 154,
  oilMostC: 162,
  inRangeShare: 1,
  range: plan.fry!.range,
  turnsPerPiece: 9,
};
const proposed = (draft: TrayDraft, looks: Parameters<typeof oneChange>[1], figures: Partial<LedgerFigures>) =>
  oneChange(batchOf(draft), looks, { A: { ...FINE, ...figures } }, DEFAULT_KITCHEN);

test('what went wrong is found by its own numbers, and the change does something about it', () => {
  const burst = { fried: 22, burst: 2 };
  const floured = { ...DRAFT, seal: { ...USUAL_SEAL, flouredRim: true } };
  const brush = proposed(floured, {}, burst)!;
  expect(brush).toMatchObject({ change: 'brush-rim', cause: 'rim-floured', mark: 'A' });
  expect(brush.burst!.after).toBeLessThan(brush.burst!.before);
  expect(brush.burst!.low).toBeLessThan(brush.burst!.after);
  expect(brush.burst!.high).toBeGreaterThan(brush.burst!.after);
  // The same, judged to be too full: the filling comes first.
  expect(proposed(DRAFT, { A: { amount: 'much' } }, burst)!.change).toBe('less-filling');
  // Dark, with the oil twelve degrees over its plan: cooler, and longer.
  const cooler = proposed(DRAFT, { A: { crust: 5, ring: 'raw' } }, { oilMeanC: 170 })!;
  expect(cooler.change).toBe('oil-cooler');
  expect(cooler.takeOutS.after!).toBeGreaterThan(cooler.takeOutS.before!);
  // Taken out late is not the oil's fault.
  expect(proposed(DRAFT, { A: { crust: 5 } }, { meanInOilS: plan.fry!.takeOutS! * 1.4 })!.cause).toBe('taken-out-late');
  // Nothing judged, or nothing wrong: nothing to change.
  expect(proposed(DRAFT, {}, {})).toBeNull();
  expect(proposed(DRAFT, { A: { crust: 2, grease: 'right', liked: 5 } }, {})).toBeNull();
  // Of what no edit helps against the causes are told, and no change is made up.
  expect(proposed(DRAFT, { A: { sizes: 'mixed' } }, {})).toBeNull();
  const lesson = trayLesson(planned(), FINE, { sizes: 'mixed' }, DEFAULT_KITCHEN);
  expect([lesson.present, lesson.causes[0]!.id]).toEqual([['mixed-sizes'], 'cut-by-eye']);
});

test('each change touches what it names, stays within its range, and is written into the next batch', () => {
  for (const change of CHANGES) {
    const next = withChange({ ...DRAFT, seal: { ...USUAL_SEAL, flouredRim: true, waitS: 1800 } }, change);
    expect([change, next.pieces, next.name]).toEqual([change, DRAFT.pieces, DRAFT.name]);
    expect([change, planned(next).plan.fold.piece !== null]).toEqual([change, true]);
    const batch = withProposal(batchOf(DRAFT), { change, mark: 'A', burst: null }, 'before');
    expect(batch.trying).toEqual({ record: 'before', change, mark: 'A' });
    expect(trayOf(batch, 'A').dough.family).toBe(DRAFT.dough.family);
  }
  // Again and again it stays where a plan can follow.
  const hotter = Array.from({ length: 20 }).reduce<TrayDraft>((now) => withChange(now, 'oil-hotter'), DRAFT);
  expect(() => planned(hotter)).not.toThrow();
});
