import { cookState, type CookAct, type StepKey } from '../../cook/cookAct.js';
import { batchOf } from '../../draft/batchDraft.js';
import type { MadeAhead, TrayDraft } from '../../draft/draft.js';
import { findingOf, worstTone } from '../../draft/finding.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { coreMustBeSafe } from '../../filling/fillingSafety.js';
import { asCooked, planChanges } from './asCooked.js';
import { withFamily, withShape, withWorkedFormula } from '../edit/editDraft.js';
import { planBatch, planTrays } from './planBatch.js';
import { plannedOf, runSheet } from './runSheet.js';
import { newTray } from '../edit/starters.js';
import { stepFindings } from './stepFindings.js';
import { trayOf, withCopyOfTray, withTray } from '../edit/trays.js';

const EAT = '2030-01-05T18:30:00Z';
const DAY_MS = 86_400_000;
const short = newTray('Ahead', 'squash-sage', 24, EAT);
const yeast = withWorkedFormula(withFamily(short, 'yeast'));
const scalded = withWorkedFormula(withFamily(short, 'hot-water'));
const ahead = (draft: TrayDraft, upTo: MadeAhead['upTo'], days = 1): TrayDraft => ({
  ...draft,
  dough: { ...draft.dough, ahead: { days, upTo } },
});
const from = (draft: TrayDraft, start: TrayDraft['fry']['start']): TrayDraft => ({
  ...draft,
  fry: { ...draft.fry, start },
});
const plan = (draft: TrayDraft) => planBatch(draft, DEFAULT_KITCHEN, null);
const dayOf = (draft: TrayDraft, id: string) =>
  plan(draft)
    .serve!.steps.filter((step) => step.id === id)
    .map(({ startMs }) => Math.floor((Date.parse(EAT) - startMs) / DAY_MS));

describe('made on an earlier day', () => {
  test('the dough the day before: its work is on that day, it warms up on its own, the rest stays', () => {
    const before = ahead(short, 'dough');
    expect([...dayOf(before, 'dough'), ...dayOf(before, 'rest')]).toEqual([1, 1]);
    expect([...dayOf(before, 'warm'), ...dayOf(before, 'fold'), ...dayOf(before, 'fry')]).toEqual([0, 0, 0]);
    // What is made ahead is work, not vanished work: each stretch is as long as it was.
    const lengths = (draft: TrayDraft) =>
      plan(draft)
        .serve!.steps.filter(({ id }) => id !== 'warm')
        .map(({ id, startMs, endMs }) => `${id} ${endMs - startMs}`)
        .sort();
    expect(lengths(before)).toEqual(lengths(short));
  });

  test('which doughs keep, and for how long, is said', () => {
    expect(findingOf(plan(ahead(short, 'dough', 2)).serve!.findings, 'serve.ahead')!.values.days).toBe(2);
    expect(findingOf(plan(ahead(yeast, 'dough', 2)).serve!.findings, 'serve.ahead-dough')!.values.most).toBe(1);
    expect(findingOf(plan(ahead(scalded, 'dough')).serve!.findings, 'serve.ahead-dough')!.values.most).toBe(0);
  });

  test('pieces the day before wait cold, are stored that day, and must be hot through when they are reheated', () => {
    const warm = plan(ahead(short, 'pieces')).serve!;
    expect(findingOf(warm.findings, 'serve.ahead-warm')!.tone).toBe('stop');
    const cold = ahead(from(short, 'frozen'), 'pieces', 2);
    expect([...dayOf(cold, 'fold'), ...dayOf(cold, 'stored')]).toEqual([2, 2]);
    expect(dayOf(cold, 'heat')).toEqual([0]);
    expect(worstTone(plan(cold).serve!.findings)).toBe('good');
    expect([coreMustBeSafe(short), coreMustBeSafe(ahead(from(short, 'fridge'), 'pieces'))]).toEqual([false, true]);
    // In the fridge a yeast dough goes on rising, and a raw filling does not keep.
    const rises = plan(ahead(from(yeast, 'fridge'), 'pieces')).serve!.findings;
    expect(findingOf(rises, 'serve.ahead-pieces')!.tone).toBe('stop');
    const raw = ahead(from({ ...short, filling: { ...short.filling, raw: 'poultry' } }, 'fridge'), 'pieces');
    expect(findingOf(plan(raw).filling.findings, 'filling.ahead-long')!.tone).toBe('stop');
    expect(findingOf(plan(from(raw, 'frozen')).filling.findings, 'filling.ahead-long')).toBeNull();
  });
});

test('a filling put in fridge-cold cools for longer, one part-frozen is shaped first; each starts the piece colder', () => {
  const put = (fillingState: 'fridge' | 'part-frozen') => ({ ...short, fold: { ...short.fold, fillingState } });
  const [cool, cold, frozen] = [plan(short), plan(put('fridge')), plan(put('part-frozen'))];
  expect(cold.filling.cooling!.toFoldS!).toBeGreaterThan(cool.filling.cooling!.toFoldS!);
  expect(cold.filling.foldC).toBe(DEFAULT_KITCHEN.fridgeC + 1);
  expect(frozen.fold.firmS! / 60).toBeGreaterThan(15);
  expect(frozen.fold.firmS! / 60).toBeLessThan(120);
  expect(frozen.serve!.steps.map(({ id }) => id)).toEqual(expect.arrayContaining(['shape', 'firm']));
  // The day is as long as it was: hands that shape save what they would have filled.
  const handsS = ({ serve }: typeof cool) =>
    serve!.steps.reduce((sum, { kind, startMs, endMs }) => (kind === 'hands' ? sum + endMs - startMs : sum), 0);
  expect(Math.abs(handsS(frozen) - handsS(cool)) / 60_000).toBeLessThan(15);
  const core = [cool, cold, frozen].map(({ fry }) => fry!.solution.coreS!);
  expect(core).toEqual([...core].sort((a, b) => a - b));
  const inRoom = { ...put('fridge'), filling: { ...short.filling, place: 'room' as const } };
  expect(findingOf(plan(inRoom).filling.findings, 'filling.room-warm')!.tone).toBe('look-out');
});

test('trays that share a filling cool it for the one that wants it coldest', () => {
  const two = withCopyOfTray(batchOf(short), 'A')!;
  const b = trayOf(two, 'B');
  const coldB = withTray(two, { ...b, fold: { ...b.fold, fillingState: 'fridge' } });
  const coolS = (batch: typeof two) =>
    runSheet(planTrays(batch, DEFAULT_KITCHEN, null)).find(({ what }) => what === 'cool')!.durationS;
  expect(coolS(coldB)).toBeGreaterThan(coolS(two) + 600);
});

test('what is wrapped whole is dried before it is folded in, and no spoon is drawn through it', () => {
  const whole = withShape(short, 'whole-core');
  const sheet = runSheet(planTrays(batchOf(whole), DEFAULT_KITCHEN, null));
  const fold = sheet.find(({ what }) => what === 'fold')!;
  expect(fold.after).toContain('dry');
  expect(sheet.find(({ what }) => what === 'cook-filling')!.check).toBeNull();
  // A core that is no paste does not run, however much water is in it.
  const wet = { ...short, filling: { ...short.filling, lines: [{ ingredientId: 'water', massKg: 0.5 }] } };
  const says = (draft: TrayDraft) => findingOf(plan(draft).filling.findings, 'filling.runs');
  expect([says(wet)?.tone, says(withShape(wet, 'whole-core'))]).toEqual(['look-out', null]);
});

describe('measured at the dough', () => {
  const cooked = (draft: TrayDraft, step: StepKey, measure: string, value: number) => {
    const acts = [{ id: 'm', atMs: 1, kind: 'measure', step, measure, value } as CookAct];
    const state = cookState(acts);
    return { state, trays: planTrays(asCooked(batchOf(draft), state, DEFAULT_KITCHEN), DEFAULT_KITCHEN, null) };
  };
  const measures = (draft: TrayDraft) =>
    runSheet(planTrays(batchOf(draft), DEFAULT_KITCHEN, null)).find(({ id }) => id === 'mix-dough')!;

  test('each dough asks for what it has: a short one the pour, a yeast one how warm, a scalded one its weight', () => {
    expect(measures(short).measures.map(({ what }) => what)).toEqual(['poured-kg']);
    expect(measures(yeast).measures.map(({ what }) => what)).toEqual(['poured-kg', 'liquid-c', 'dough-c']);
    expect(measures(scalded).measures.map(({ what }) => what)).toEqual(['poured-kg', 'dough-kg']);
    expect(plannedOf(measures(yeast), 'pieces')).toBeNull();
  });

  test('as planned changes nothing', () => {
    for (const draft of [yeast, scalded]) {
      for (const { what, planned } of measures(draft).measures) {
        const after = cooked(draft, 'mix-dough', what, planned).trays[0]!.plan;
        expect(planChanges(plan(draft), after)).toEqual([]);
      }
    }
  });

  test('a starter of 60 °C stops, of 48 °C is warned of, at that very step; a warm dough doubles sooner', () => {
    const said = (c: number) => {
      const { trays, state } = cooked(yeast, 'mix-dough', 'liquid-c', c);
      return stepFindings(measures(yeast), trays, state).map(({ code, tone }) => `${code} ${tone}`);
    };
    expect([said(38), said(48), said(60)]).toEqual([[], ['dough.liquid-hot look-out'], ['dough.liquid-kills stop']]);
    // Of two portions one too hot is not made good by the other.
    const twoPortions = { ...yeast, dough: { ...yeast.dough, portions: 2 } };
    const acts = ['mix-dough', 'mix-dough:A2'].map(
      (step, i) =>
        ({ id: step, atMs: 1, kind: 'measure', step, measure: 'liquid-c', value: i === 0 ? 38 : 60 }) as CookAct,
    );
    expect(asCooked(batchOf(twoPortions), cookState(acts), DEFAULT_KITCHEN).dough.liquidC).toBe(60);
    const warm = cooked(yeast, 'mix-dough', 'dough-c', 31).trays[0]!.plan;
    const change = planChanges(plan(yeast), warm).find(({ what }) => what === 'rise')!;
    expect(change.after).toBeLessThan(change.before);
  });

  test('a hot-water dough weighed back 60 g light is 60 g less dough, stiffer, with the water that mends it', () => {
    const planned = plannedOf(measures(scalded), 'dough-kg')!;
    const { trays, state } = cooked(scalded, 'mix-dough', 'dough-kg', planned - 0.06);
    const { figures } = trays[0]!.plan.dough;
    expect(figures.massKg).toBeCloseTo(planned - 0.06, 9);
    expect(figures.stiffness!).toBeGreaterThan(plan(scalded).dough.figures.stiffness!);
    const far = cooked(scalded, 'mix-dough', 'dough-kg', 0.75 * planned);
    expect(stepFindings(measures(scalded), far.trays, far.state).map(({ code }) => code)).toEqual(['dough.too-stiff']);
    expect(state.get('mix-dough')!.measured).toEqual({ 'dough-kg': planned - 0.06 });
  });
});
