import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { shoppingList } from '@ember-fold/core/ledger';
import {
  bakePlan,
  balanceWays,
  batchOf,
  crumbPlan,
  forgivingPoint,
  fryArm,
  takeOutWays,
  loadWays,
  fryMapRow,
  marginsAt,
  withFryMethod,
  cutSheet,
  cuttingOf,
  holdTimes,
  foldedBodyOf,
  fryBodyOf,
  planCold,
  portioning,
  type TrayDraft,
  DEFAULT_KITCHEN,
  type DryCoatingId,
  SHAPES,
  type SealWith,
  type WetCoatingId,
  type DoughFamilyId,
  type Kitchen,
  newTray,
  planBatch,
  portionRun,
  SHIPPED_PANTRY,
  type StarterId,
  STARTERS,
  substitutionsFor,
  withFamily,
  withWorkedFormula,
  WORKED_FORMULAS,
  CoreError,
  LIMITS,
} from '@ember-fold/core/plan';
import { CRUMB_ANSWERS, type NextStep } from '@ember-fold/core/stove';
import fc from 'fast-check';
import { bakeText } from '#text/bench/fry/bakeText';
import { balanceText } from '#text/bench/balanceText';
import { foldFindingText as coldText } from '#text/shared/findingText';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { holdText, HOLD_NAME } from '#text/bench/fold/holdText';
import { takeOutWayText } from '#text/bench/fry/takeOutText';
import { lineText } from '#text/bench/lineText';
import { chancesText, forgivingText, marginText, storyText } from '#text/bench/fry/mapText';
import { portioningText, portionText, readWeights } from '#text/bench/fold/portionText';
import { cuttingText, rollText, shareText } from '#text/bench/fold/sealText';
import { makePrinter, plain, readWhole, withTemps } from './printer';
import { ARM_ROWS, crumbText, loadWayText } from '#text/bench/fry/methodText';
import { shoppingText } from '#text/store/shoppingText';
import { swapText } from '#text/bench/swapText';
import { finishLines, handsText, listText, nextText } from '#text/stove/stoveWords';
import { FAMILY_WORDS } from '#text/shared/familyWords';

const findingText: typeof coldText = (finding, printer) =>
  (/^(fry|bake|stored|serve)\./.test(finding.code)
    ? hotFindingText
    : /^(dough|filling)\./.test(finding.code)
      ? mixFindingText
      : coldText)(finding, printer);

/** What nobody reads in a kitchen of cups, inches and °F. */
const METRIC = /\d\s?(?:g|kg|mm|cm|ml|l|°C)\b/;
const WRONG = /NaN|undefined|null|Infinity|\[object|−?\d\.\d{4,}/;

const kitchens = fc.record({
  units: fc.constantFrom<Kitchen['units']>('grams', 'cups'),
  temperature: fc.constantFrom<Kitchen['temperature']>('C', 'F'),
  roomC: fc.integer({ min: 5, max: 40 }),
});

const drafts: fc.Arbitrary<TrayDraft> = fc
  .record({
    starter: fc.constantFrom(...STARTERS.map((s) => s.id)) as fc.Arbitrary<StarterId>,
    shape: fc.constantFrom(...SHAPES.map((shape) => shape.id)),
    pieces: fc.integer({ min: 1, max: 120 }),
    discM: fc.double({ min: 0.05, max: 0.2, noNaN: true }),
    thicknessM: fc.double({ min: 0.001, max: 0.006, noNaN: true }),
    sealM: fc.double({ min: 0.004, max: 0.03, noNaN: true }),
    fillingEachKg: fc.constantFrom(0, 0.01, 0.035, 0.08),
    oilC: fc.integer({ min: 115, max: 200 }),
    start: fc.constantFrom<TrayDraft['fry']['start']>('room', 'fridge', 'frozen', 'tempered'),
    edge: fc.constantFrom<TrayDraft['fold']['edge']>('plain', 'fork', 'rope', 'mould'),
    seal: fc.record({
      sealWith: fc.constantFrom<SealWith>('none', 'water', 'flour-paste', 'egg'),
      flouredRim: fc.boolean(),
      finalPinch: fc.boolean(),
      airPressed: fc.boolean(),
      covered: fc.boolean(),
      waitS: fc.integer({ min: 0, max: 7200 }),
    }),
    coating: fc.record({
      wet: fc.constantFrom<WetCoatingId>('none', 'water', 'egg', 'milk', 'slurry'),
      dry: fc.constantFrom<DryCoatingId>('none', 'crumb', 'semolina', 'sesame', 'poppy'),
      double: fc.boolean(),
    }),
    way: fc.constantFrom(...(['fry', 'fry', 'fry', 'bake', 'freeze', 'chill'] as const)),
    minutesS: fc.constantFrom<(number | null)[]>(null, 120, 600),
    crispC: fc.constantFrom(undefined, undefined, 150, 190, 230),
    place: fc.constantFrom<TrayDraft['filling']['place']>('room', 'fridge', 'ice-bath', 'freezer'),
    family: fc.constantFrom<DoughFamilyId | null>(null, null, 'hot-water', 'yeast', 'flaky'),
    yeast: fc.constantFrom('instant-yeast', 'active-dry-yeast'),
    raw: fc.constantFrom<TrayDraft['filling']['raw']>(undefined, 'poultry', 'vegetables'),
    method: fc.constantFrom<TrayDraft['filling']['method']>('pan', 'strain', 'squeeze', 'thicken'),
    aheadDays: fc.constantFrom(0, 1, 2),
    saltKg: fc.constantFrom(0, 0.02, 0.2),
  })
  .map((c) => {
    const made = newTray('Any', c.starter, c.pieces, '2026-03-07T18:30:00Z', c.shape);
    const of = c.family ? withWorkedFormula(withFamily(made, c.family)) : made;
    const lines = of.dough.lines.map((l) => (l.ingredientId === 'instant-yeast' ? { ...l, ingredientId: c.yeast } : l));
    const base = { ...of, dough: { ...of.dough, lines } };
    return {
      ...base,
      fold: {
        discM: c.discM,
        thicknessM: c.thicknessM,
        sealM: c.sealM,
        fillingEachKg: c.fillingEachKg,
        ...(c.edge ? { edge: c.edge } : {}),
      },
      seal: c.seal,
      coating: c.coating,
      filling: {
        ...base.filling,
        place: c.place,
        method: c.method ?? 'pan',
        aheadDays: c.aheadDays,
        ...(c.raw ? { raw: c.raw } : {}),
        lines: [...base.filling.lines, { ingredientId: 'fine-salt', massKg: c.saltKg }],
      },
      fry: { ...base.fry, oilC: c.oilC, start: c.start, minutesS: c.minutesS, ...(c.crispC && { crispC: c.crispC }) },
      way: c.way,
    };
  });

it('every finding of any plan is one clean sentence with a number or an action, in any units', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(drafts, kitchens, (draft, settings) => {
      const kitchen = { ...DEFAULT_KITCHEN, ...settings };
      const plan = planBatch(draft, kitchen, Date.UTC(2026, 2, 7, 17));
      const printer = makePrinter(kitchen);
      const findings = [plan.dough, plan.filling, plan.fold, plan.fry, plan.bake, plan.stored, plan.serve].flatMap(
        (s) => s?.findings ?? [],
      );
      for (const finding of findings) {
        seen.add(finding.code);
        const text = findingText(finding, printer);
        expect(text).not.toMatch(WRONG);
        expect(text).toMatch(/^[A-Z0-9].*\.$/s);
        expect(text).not.toMatch(/!| {2}/);
        if (settings.temperature === 'F') expect(text).not.toContain('°C');
        if (printer.system === 'us') expect(text).not.toMatch(METRIC);
      }
      const hotIsCurrent = true;
      const line = {
        batch: batchOf(draft),
        trays: [],
        draft,
        kitchen,
        printer,
        cold: plan,
        hot: plan,
        hotIsCurrent,
        hotProblem: null,
        times: 'known' as const,
      };
      for (const station of lineText(line)) {
        expect(`${station.figure} ${station.detail} ${station.verdict}`).not.toMatch(WRONG);
        expect(station.verdict).not.toBe('');
        if (printer.system === 'us') expect(`${station.figure} ${station.detail}`).not.toMatch(METRIC);
      }
    }),
    { numRuns: 80 },
  );
  // The random kitchen must have met most of what can be said, or this proves little.
  expect(seen.size).toBeGreaterThan(45);
});

it('fields read back what they print', () => {
  const { readLength, readVolume } = makePrinter(DEFAULT_KITCHEN);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400_0 }), (tenths) => {
      expect(readLength(plain(tenths / 10))).toBeCloseTo(tenths / 10_000, 9);
      expect(readWhole(String(tenths))).toBe(tenths);
      expect(readVolume(String(tenths))).toBeCloseTo(tenths / 1e6, 12);
    }),
  );
  expect(readLength('2,6 mm')).toBeCloseTo(0.0026, 9);
  expect(readVolume('2.1 l')).toBeCloseTo(0.0021, 9);
  expect(readVolume('3 dl')).toBeCloseTo(0.0003, 9);
  for (const text of ['', 'l', 'mm', '-3', 'two', '1/0', '1e3']) {
    expect([readLength(text), readVolume(text), readWhole(text)]).toEqual([null, null, null]);
  }
  expect(readWhole('2.5')).toBeNull();
});

it('spans and clocks are printed to what matters', () => {
  const printer = makePrinter({ ...DEFAULT_KITCHEN, temperature: 'F' });
  expect([printer.span(20), printer.span(2280), printer.span(4321)]).toEqual(['1 min', '38 min', '1 h 12 min']);
  const at = new Date(2030, 0, 5, 18, 30).getTime();
  const clocks = ([12, 24] as const).map((hours) => makePrinter({ ...DEFAULT_KITCHEN, hours }).clock(at));
  expect([printer.clock(at), ...clocks]).toEqual(['18:30', '6:30 pm', '18:30']);
  const money = ['€', 'kr'].map((currency) => makePrinter({ ...DEFAULT_KITCHEN, currency }).money(3.5));
  expect([printer.money(3.5), ...money]).toEqual(['3.50', '€3.50', '3.50 kr']);
  expect([printer.tempSpan(10), printer.temp(100), printer.percent(0.725)]).toEqual(['18 °F', '212 °F', '73 %']);
});

it('says what to do at the stove for every step and reason', () => {
  const acts: NextStep['act'][] = ['turn', 'take-out', 'drop', 'burner', 'finish'];
  const reasons: NextStep['reason'][] = [
    'cut-heat',
    'oil-over',
    'warm-up',
    'load-needs',
    'oil-waits',
    'method',
    'cooked-golden',
    'oil-ready',
    'wait-oil',
    'all-out',
  ];
  const printer = makePrinter(DEFAULT_KITCHEN);
  for (const act of acts) {
    for (const reason of reasons) {
      const { what, why } = nextText({ act, reason, pieces: [1, 2, 3], inS: 0, value: 158 }, printer, 158);
      expect(`${what} ${why}`).not.toMatch(WRONG);
      expect(what.length * why.length).toBeGreaterThan(0);
    }
  }
  const off = nextText({ act: 'burner', reason: 'cut-heat', pieces: [], inS: 0, value: 0 }, printer, 158);
  const out = { act: 'take-out', reason: 'cooked-golden', pieces: [4], inS: 0, value: 0 } as const;
  expect(nextText({ ...out, unplanned: { byS: -40, oilK: 4 } }, printer, 158).why).toMatch(
    /sooner than planned, because the oil has been 4 °C hotter\.$/,
  );
  expect(nextText({ ...out, unplanned: { byS: 65, oilK: 0 } }, printer, 158).why).toMatch(/later than planned\.$/);
  expect(off.what).toBe('Burner off');
  expect(off.why).toContain('Never use water');
  expect([listText([]), listText([4]), listText([4, 5]), listText([1, 2, 3]), listText([1, 3, 4, 5, 6, 9])]).toEqual([
    '',
    '4',
    '4 and 5',
    '1, 2 and 3',
    '1, 3 to 6 and 9',
  ]);
});

it('says of every swap in every worked formula what changes and what follows', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  let swaps = 0;
  for (const lines of Object.values(WORKED_FORMULAS)) {
    lines.forEach((_, index) => {
      for (const swap of substitutionsFor(lines, index)) {
        swaps += 1;
        const text = swapText(swap, printer);
        expect(text).not.toMatch(WRONG);
        if (swap.effects.length + swap.newAllergens.length > 0) expect(text).toMatch(/^[A-Z0-9].*\.$/);
        for (const allergen of swap.newAllergens) expect(text).toContain(`Contains ${allergen}.`);
        if (Math.abs(swap.waterChangeKg) > 0.001) expect(text).toMatch(/ (more|less) water\./);
      }
    });
  }
  expect(swaps).toBeGreaterThan(80);
});

it('names every way out of an uneven batch with its number', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  const base = newTray('Uneven', 'squash-sage', 24, '2026-03-07T18:30:00Z');
  const by = (lines: TrayDraft['dough']['lines'], factor: number) =>
    lines.map((line) => ({ ...line, massKg: line.massKg * factor }));
  const draft = {
    ...base,
    dough: { ...base.dough, lines: by(base.dough.lines, 1.1) },
    filling: { ...base.filling, lines: by(base.filling.lines, 0.9) },
  };
  expect(balanceWays(draft).map((way) => balanceText(way, printer))).toEqual([
    'Make 26 pieces, as many as the dough gives',
    'Make 21 pieces, as many as the filling gives',
    'Make 80 g less dough',
    'Roll to 2.9 mm',
    'Cook 84 g more filling',
    'Fill each with 32 g',
  ]);
});

it('every dough family has a name and a method in short sentences', () => {
  for (const id of Object.keys(WORKED_FORMULAS) as DoughFamilyId[]) {
    expect(FAMILY_WORDS[id].name.length).toBeGreaterThan(4);
    expect(FAMILY_WORDS[id].method.length).toBeGreaterThanOrEqual(3);
    for (const step of FAMILY_WORDS[id].method) expect(step).toMatch(/^[A-Z].{12,150}\.$/);
  }
});

it('every thing to buy is said in the words of the shop, with what it is for', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  fc.assert(
    fc.property(drafts, drafts, fc.double({ min: 0, max: 2, noNaN: true }), (one, two, haveKg) => {
      const batches = [batchOf({ ...one, name: 'One' }), batchOf({ ...two, name: 'Two' })];
      const stock = [{ ingredientId: 'onion', haveKg, strength: 1 }];
      for (const row of shoppingList(batches, stock, [], SHIPPED_PANTRY).rows) {
        const { name } = SHIPPED_PANTRY.find(row.ingredientId);
        const { what, buy, why } = shoppingText(row, name, printer);
        expect(`${what} ${buy} ${why}`).not.toMatch(WRONG);
        expect(what.toLowerCase()).toContain(name.toLowerCase());
        expect(why).toMatch(/ g for (One|Two|One and Two)$/);
        if (row.buyKg === 0) expect(buy).toBe('enough here');
        else if (row.units === 1) expect(buy).toMatch(/^1 [a-z]+[^s] of [\d  .]+ g$/);
        else if (row.units !== null) expect(buy).toMatch(/^\d+ [a-z]+s of [\d  .]+ g$/);
        else expect(buy).toMatch(/^[\d  .]+ g$/);
      }
    }),
    { numRuns: 30 },
  );
});

it('weights are read as they are typed, up to the first that is none; what they say is one clean text', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  expect(readWeights(' 68 70,5\n66;1oz ', printer)).toEqual({
    weightsKg: [68, 70.5, 66, 28.35].map((g) => expect.closeTo(g / 1000, 5)),
    wrong: null,
  });
  expect(readWeights('68 seventy 66', printer)).toEqual({ weightsKg: [0.068], wrong: 'seventy' });
  for (const text of ['-3', '0', '99999', '1e9', 'NaN']) expect(readWeights(text, printer).wrong).toBe(text);
  expect(readWeights('', printer)).toEqual({ weightsKg: [], wrong: null });
  const verdicts = new Set<string>();
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 55, max: 80 }), { minLength: 1, maxLength: 30 }), (grams) => {
      const run = portionRun(
        grams.map((g) => g / 1000),
        0.068,
      );
      verdicts.add(run.verdict);
      const text = portionText(run, 0.068, printer);
      expect(text).not.toMatch(WRONG);
      expect(text).toMatch(/^\d+ weighed: .*\.$/);
      expect(text).toContain(`Number ${run.worstIndex + 1} `);
    }),
  );
  for (const grams of [
    [68, 68, 68],
    [80, 80],
    [62, 64, 66, 70, 74],
    [68, 68, 68, 68, 68, 68, 68, 68, 80, 68],
  ]) {
    const weights = grams.map((g) => g / 1000);
    verdicts.add(portionRun(weights, 0.068).verdict);
  }
  expect([...verdicts].sort()).toEqual(['drifts', 'even', 'off', 'uneven']);
});

it('cutting, holding and dividing are said in clean sentences for any piece, in any units', () => {
  fc.assert(
    fc.property(drafts, kitchens, fc.double({ min: 0, max: 1, noNaN: true }), (draft, settings, share) => {
      const kitchen = { ...DEFAULT_KITCHEN, ...settings };
      const printer = makePrinter(kitchen);
      const cold = planCold(draft, kitchen);
      const spec = cuttingOf(draft, kitchen, cold);
      const texts = [shareText(share)];
      if (spec) {
        const cut = cutSheet(spec);
        texts.push(cuttingText(cut, draft.pieces, printer), ...cut.rolls.map((roll, i) => rollText(roll, i, printer)));
      }
      for (const what of ['dough', 'filling'] as const) {
        texts.push(portioningText(what, portioning(share * 20, 0.034), printer));
      }
      const { piece } = cold.fold;
      if (piece && piece.fill <= 2) {
        const times = holdTimes(foldedBodyOf(draft, kitchen, cold, piece), kitchen);
        const of = { family: cold.dough.figures.family, kitchen, raw: draft.filling.raw ?? null };
        for (const start of Object.keys(HOLD_NAME) as (keyof typeof HOLD_NAME)[]) {
          texts.push(holdText(start, times, of, printer));
        }
      }
      for (const text of texts) {
        expect(text).not.toMatch(WRONG);
        expect(text).not.toMatch(/!| {2}/);
      }
    }),
    { numRuns: 30 },
  );
});

it('the map, the methods, a crumb and the oven are said in clean sentences, in any units', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTERS.map((s) => s.id)),
      kitchens,
      fc.integer({ min: 0, max: 6 }),
      fc.integer({ min: 20, max: 1200 }),
      fc.array(fc.nat(100), { minLength: 3, maxLength: 3 }),
      (starter, settings, index, timeS, parts) => {
        const kitchen = { ...DEFAULT_KITCHEN, ...settings };
        const printer = makePrinter(kitchen);
        const draft = newTray('Any', starter, 24, '2026-03-07T18:30:00Z');
        const cold = planCold(draft, kitchen);
        const spec = {
          body: fryBodyOf(draft, kitchen, cold, cold.fold.piece!),
          turn: draft.fry.turn,
          coreTargetC: 74,
          roomC: 21,
          oilC: { least: 130, most: 200 },
          rows: 7,
          columns: 41,
          horizonS: 1200,
        };
        const { surface } = planBatch(draft, kitchen, null).fry!;
        const rows = Array.from({ length: 7 }, (_, i) => fryMapRow(spec, i));
        const row = rows[index]!;
        const share = (i: number) => parts[i]! / Math.max(1, parts[0]! + parts[1]! + parts[2]! + 50);
        const chances = { unsafe: 0, raw: share(0), pale: share(1), dark: share(2) };
        const right = 1 - chances.raw - chances.pale - chances.dark;
        const counted = chancesText({ ...chances, right });
        // The right ones and the wrong ones add up to a hundred.
        const [rightOnes = 100, of = 100, ...wrongOnes] = (counted.match(/\d+/g) ?? []).map(Number);
        expect(of).toBe(100);
        expect(wrongOnes.reduce((a, b) => a + b, rightOnes)).toBe(100);
        const arm = fryArm(withFryMethod(draft, 'frozen'), kitchen)!;
        const texts = [
          storyText(row, row.oilC, timeS, 1200, printer),
          marginText(marginsAt(rows, row.oilC, timeS), printer),
          forgivingText(forgivingPoint(rows, { least: 130, most: 200 }, surface), printer),
          forgivingText(null, printer),
          counted,
          ...ARM_ROWS.map(([, say]) => say(arm, printer)),
          ...CRUMB_ANSWERS.map((answer) =>
            crumbText(answer, crumbPlan(draft, kitchen, answer), draft.fry.oilC, printer),
          ),
          ...loadWays(draft, kitchen).map((way) => loadWayText(way, printer)),
          ...takeOutWays({ ...draft, fry: { ...draft.fry, oilC: 188, minutesS: null } }, kitchen, 0).map((way) =>
            takeOutWayText(way, printer),
          ),
          ...bakeText(bakePlan(draft, kitchen, 180), false, printer),
        ];
        for (const text of texts) {
          expect(text).not.toMatch(WRONG);
          expect(text).not.toMatch(/!| {2}/);
        }
      },
    ),
    { numRuns: 12 },
  );
});

test('what is said before a batch is finished, and of the hands, reads well whatever the figures and units', () => {
  fc.assert(
    fc.property(
      kitchens,
      fc.nat(30),
      fc.nat(9),
      fc.option(fc.integer({ min: 61, max: 230 })),
      (kitchen, unfried, burner, hotC) => {
        const printer = makePrinter({ ...DEFAULT_KITCHEN, ...kitchen });
        const inOven = unfried % 3;
        const lines = finishLines({ unfried, inOven, burner, hotC }, printer);
        for (const line of lines) {
          expect(line).not.toMatch(WRONG);
          expect(line).toMatch(/^[A-Z0-9].*\.$/);
          if (kitchen.temperature === 'F') expect(line).not.toMatch(/°C/);
        }
        expect(lines.some((line) => /not been fried/.test(line))).toBe(unfried > 0);
        expect(lines.some((line) => /still in the oven/.test(line))).toBe(inOven > 0);
        expect(lines.some((line) => /Stay with it/.test(line))).toBe(hotC !== null);
        expect(lines.some((line) => /Turn it off/.test(line))).toBe(burner > 0);
        const hands = handsText({ eachS: 2 + unfried / 7, lowS: 1, highS: 4, times: burner });
        expect(hands).not.toMatch(WRONG);
        expect(hands).not.toMatch(/\b1 times/);
      },
    ),
    { numRuns: 40 },
  );
});

test('no temperature is typed into a sentence: the printer gives it in the cook’s units', () => {
  const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.ts') && !file.includes('.test.'),
  );
  const typed = files.flatMap((file) =>
    readFileSync(join(__dirname, file), 'utf8')
      .split('\n')
      .filter((line) => /\d\s*°[CF]/.test(line) && !/^\s*(\/\/|\*|\/\*\*)/.test(line))
      .map((line) => `${file}: ${line.trim()}`),
  );
  expect(typed).toEqual([]);
  // Nor is a limit: what a kitchen may choose between is the one place that names its choices.
  const limits = files.flatMap((file) =>
    readFileSync(join(__dirname, file), 'utf8')
      .split('\n')
      .filter((line) => /\b([12]|one|two) h(ours?)?\b|[{(](74|71|63|60|21|32)[)}]/.test(line))
      .filter((line) => !/REHEAT_NAME|Countries differ|^\s*(\/\/|\*|\/\*\*)/.test(line))
      .map((line) => `${file}: ${line.trim()}`),
  );
  expect(limits).toEqual([]);
  const [metric, customary] = [makePrinter(DEFAULT_KITCHEN), makePrinter({ ...DEFAULT_KITCHEN, temperature: 'F' })];
  expect(withTemps('{room.mostS} above {room.hotOverC}', metric)).toBe(
    `${metric.span(LIMITS.room.mostS)} above ${metric.temp(LIMITS.room.hotOverC)}`,
  );
  expect(() => withTemps('{room.nothingS}', metric)).toThrow(CoreError);
  expect(withTemps('From {60} to {-18}.', metric)).toBe('From 60 °C to −18 °C.');
  expect(withTemps('From {60} to {-18}.', customary)).toBe('From 140 °F to 0 °F.');
  expect(withTemps('{5 mm} to {7 mm} thick.', metric)).toBe('5 mm to 7 mm thick.');
});
