import { type TrayDraft } from '../draft/draft.js';
import { withFamily, withFold, withShape, withWorkedFormula } from '../plan/edit/editDraft.js';
import type { FindingCode, FindingTone } from '../draft/finding.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray, type StarterId } from '../plan/edit/starters.js';
import type { DoughFamilyId, ShapeId } from '../draft/choices.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../draft/kitchen.js';

interface Situation {
  readonly starter?: StarterId;
  readonly family?: DoughFamilyId;
  readonly shape?: ShapeId;
  readonly fold?: Partial<TrayDraft['fold']>;
  readonly fry?: Partial<TrayDraft['fry']>;
  readonly filling?: Partial<TrayDraft['filling']>;
  readonly kitchen?: Partial<Kitchen>;
}

type Verdict = `${FindingCode}:${FindingTone}`;

function told({ starter = 'squash-sage', family, shape = 'half-moon', ...of }: Situation): Verdict[] {
  const made = newTray('Practice', starter, 24, '2030-01-05T18:30:00Z');
  const doughed = family ? withWorkedFormula(withFamily(made, family)) : made;
  const formed = withShape(withFold(doughed, of.fold ?? {}), shape);
  const draft = { ...formed, fry: { ...formed.fry, ...of.fry }, filling: { ...formed.filling, ...of.filling } };
  const { fry } = planBatch(draft, { ...DEFAULT_KITCHEN, ...of.kitchen }, null);
  return fry!.findings.map(({ code, tone }): Verdict => `${code}:${tone}`);
}

/** What a cook who has done it a hundred times would say, and what of it the product must say too. */
test.each<[string, Situation, Verdict[], Verdict[]]>([
  [
    'short half-moons in the slow method come out golden and cooked',
    { fry: { oilC: 158 } },
    ['fry.cooked:good', 'fry.golden:good', 'fry.load-holds:good'],
    ['fry.raw-ring:look-out'],
  ],
  [
    'the same at 185 for three and a half minutes: a raw ring under a fine crust',
    { fry: { oilC: 185, minutesS: 210 } },
    ['fry.raw-ring:look-out'],
    ['fry.cooked:good'],
  ],
  [
    'taken out at eight minutes of 140: pale',
    { fry: { oilC: 140, minutesS: 480 } },
    ['fry.pale:look-out'],
    ['fry.golden:good'],
  ],
  [
    'a hot-water dough at 140 until it is golden: hard and greasy by then',
    { starter: 'mushroom-barley', family: 'hot-water', fry: { oilC: 140 } },
    ['fry.greasy:look-out'],
    [],
  ],
  [
    'in two litres but meant for half depth: it floats, and is told so',
    { fry: { turn: 'half-depth' } },
    ['fry.half-too-deep:look-out'],
    ['fry.half-depth:good'],
  ],
  [
    'from frozen in hot oil for six minutes: cold inside, and the oil was too hot for it',
    { fry: { oilC: 175, start: 'frozen', minutesS: 360 } },
    ['fry.core-cold:stop', 'fry.frozen-oil:look-out', 'fry.frozen-wipe:look-out'],
    ['fry.cooked:good'],
  ],
  [
    'from frozen, slow and as long as it takes: cooked and golden',
    { fry: { oilC: 155, start: 'frozen' } },
    ['fry.cooked:good', 'fry.golden:good'],
    ['fry.core-cold:stop'],
  ],
  [
    'a ball of 80 g in hot oil: dark before it is done, so no moment is right and that is said first',
    { shape: 'ball', fold: { fillingEachKg: 0.08 }, fry: { oilC: 178 } },
    ['fry.no-moment:stop'],
    ['fry.golden:good', 'fry.cooked:good'],
  ],
  [
    'the same, lifted by hand at a time that is too dark',
    { shape: 'ball', fold: { fillingEachKg: 0.08 }, fry: { oilC: 178, minutesS: 1200 } },
    ['fry.dark:look-out', 'fry.no-window:look-out'],
    ['fry.golden:good'],
  ],
  [
    'small thin-sheet triangles, hot and quick: golden, cooked, no trouble',
    {
      family: 'thin-sheet',
      shape: 'strip-triangle',
      fold: { fillingEachKg: 0.012, thicknessM: 0.0006 },
      fry: { oilC: 176 },
    },
    ['fry.cooked:good'],
    ['fry.raw-ring:look-out', 'fry.core-cold:stop'],
  ],
  [
    'half-moons rolled twice as thick, quick: the dough inside is raw',
    { fold: { thicknessM: 0.005 }, fry: { oilC: 178, minutesS: 330 } },
    ['fry.raw-ring:look-out'],
    ['fry.cooked:good'],
  ],
  [
    'twenty at once in a 24 cm pot: no room, and the oil goes down',
    { fry: { oilC: 158, loadSize: 20 } },
    ['fry.pot-full:look-out', 'fry.load-deep:look-out'],
    ['fry.load-holds:good'],
  ],
  [
    'thirty small balls turned each minute by one cook: more than hands can turn',
    { shape: 'ball', fold: { fillingEachKg: 0.005 }, fry: { oilC: 160, turn: 'each-minute', loadSize: 24 } },
    ['fry.hands:look-out'],
    [],
  ],
  ['oil at 198: nothing goes in', { fry: { oilC: 198 } }, ['fry.unsafe-oil:stop'], []],
  [
    'poultry thawed on the bench: never',
    { filling: { raw: 'poultry' }, fry: { oilC: 155, start: 'tempered' } },
    ['fry.thaw-raw:stop'],
    [],
  ],
  [
    'a pot too full: stop before it is lit',
    { kitchen: { pot: { ...DEFAULT_KITCHEN.pot, oilM3: 0.0042 } }, fry: { oilC: 158 } },
    ['fry.pot-over-half:stop'],
    [],
  ],
  [
    'in the mountains at 3000 m: water boils cooler, the piece still comes out cooked',
    { kitchen: { altitudeM: 3000 }, fry: { oilC: 158 } },
    ['fry.cooked:good'],
    ['fry.core-cold:stop'],
  ],
  [
    'a plain bread rolled out, basted in hot oil: cooked, golden, in a few minutes',
    {
      family: 'soft-quick',
      shape: 'puffed-bread',
      fold: { fillingEachKg: 0, thicknessM: 0.005, discM: 0.13 },
      fry: { oilC: 178, turn: 'basted' },
    },
    ['fry.cooked:good', 'fry.golden:good'],
    ['fry.not-basted:look-out', 'fry.core-cold:stop', 'fry.raw-ring:look-out'],
  ],
  [
    'the same left to lie: it stays flat',
    {
      family: 'soft-quick',
      shape: 'puffed-bread',
      fold: { fillingEachKg: 0, thicknessM: 0.005 },
      fry: { oilC: 178, turn: 'once' },
    },
    ['fry.not-basted:look-out'],
    [],
  ],
  [
    'yeast rounds at 170: golden sooner than short dough, and cooked',
    { family: 'yeast', shape: 'ball', fold: { fillingEachKg: 0.015, thicknessM: 0.003 }, fry: { oilC: 165 } },
    ['fry.cooked:good'],
    ['fry.core-cold:stop', 'fry.raw-ring:look-out'],
  ],
])('%s', (_name, situation, expected, never) => {
  const found = told(situation);
  expect(found).toEqual(expect.arrayContaining(expected));
  for (const code of never) expect(found).not.toContain(code);
});
