import fc from 'fast-check';
import { type TrayDraft } from '../draft/draft.js';
import { withShape } from '../plan/edit/editDraft.js';
import { cutterOutline, withOutline } from '../plan/edit/foldEdits.js';
import { batchOf } from '../draft/batchDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { planCold } from '../plan/tray/planCold.js';
import { sealTrade, withFill } from '../plan/tray/sealTrade.js';
import { newTray } from '../plan/edit/starters.js';
import { draftSupplies } from '../plan/tray/supplies.js';
import { shoppingList } from '../store/shoppingList.js';
import { SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { coatingOf } from './coating.js';
import { EDGES } from '../shapes/kit/edge.js';
import { shapeOf } from '../shapes/shapes.js';
import { LEAF } from '../shapes/ownCutter/ownCutter.js';
import { outlineLengths, solveInset, solveMembrane } from '../shapes/kit/membrane.js';
import { portioning } from './portioning.js';
import { GLUES } from './seal.js';
import {
  type DryCoatingId,
  NO_COATING,
  type WetCoatingId,
  type EdgeId,
  type Point,
  type SealWith,
  USUAL_SEAL,
} from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const DRAFT = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const cold = (change: Partial<TrayDraft> = {}) => planCold({ ...DRAFT, ...change }, DEFAULT_KITCHEN).fold;
const share = (change: Partial<TrayDraft>) => cold(change).burst!.share;
const codes = (change: Partial<TrayDraft>) => cold(change).findings.map((f) => f.code);
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const SEAL_WITH = Object.keys(GLUES) as SealWith[];
const seal = fc.record({
  sealWith: fc.constantFrom(...SEAL_WITH),
  flouredRim: fc.boolean(),
  finalPinch: fc.boolean(),
  airPressed: fc.boolean(),
  covered: fc.boolean(),
  waitS: double(0, 7200),
});

describe('the seam', () => {
  test('as most cooks make it, about one in a hundred opens; overfull, floured and unglued, many do', () => {
    expect(share({})).toBeGreaterThan(0.003);
    expect(share({})).toBeLessThan(0.03);
    const careless = { ...USUAL_SEAL, sealWith: 'none', flouredRim: true, finalPinch: false } as const;
    expect(share({ seal: careless })).toBeGreaterThan(0.15);
    expect(codes({ seal: careless })).toContain('fold.open-floured');
    expect(codes({})).toContain('fold.seam');
  });

  test('every better habit, more wall and less filling never opens more; causes multiply to the index', () => {
    fc.assert(
      fc.property(seal, double(0.02, 0.045), (choices, fillingEachKg) => {
        const fold = { ...DRAFT.fold, fillingEachKg };
        const now = cold({ seal: choices, fold }).burst!;
        expect(now.causes.reduce((product, cause) => product * cause.factor, 1)).toBeCloseTo(now.index, 9);
        expect(now.share).toBeGreaterThan(0);
        expect(now.share).toBeLessThan(1);
        for (const better of [
          { airPressed: true },
          { flouredRim: false },
          { finalPinch: true },
          { covered: true },
          { waitS: choices.waitS / 2 },
        ]) {
          expect(share({ seal: { ...choices, ...better }, fold })).toBeLessThanOrEqual(now.share + 1e-12);
        }
        expect(share({ seal: choices, fold: { ...fold, fillingEachKg: fillingEachKg * 0.9 } })).toBeLessThan(now.share);
        expect(share({ seal: choices, fold: { ...fold, thicknessM: 0.003 } })).toBeLessThanOrEqual(now.share);
      }),
      { numRuns: 60 },
    );
  });

  test('air pressed out leaves the piece flatter; a soft fresh dough seals on a pinch alone', () => {
    const pressed = cold({ seal: { ...USUAL_SEAL, airPressed: true } }).piece!;
    expect(pressed.airM3).toBeCloseTo(cold().piece!.airM3 / 5, 12);
    expect(pressed.thicknessM).toBeLessThan(cold().piece!.thicknessM);
    const bare = { ...USUAL_SEAL, sealWith: 'none' } as const;
    const yeast = (choices: typeof bare | typeof USUAL_SEAL) =>
      share({ seal: choices, dough: { ...DRAFT.dough, family: 'yeast' } });
    const short = share({ seal: bare }) / share({ seal: USUAL_SEAL });
    expect(yeast(bare) / yeast(USUAL_SEAL)).toBeLessThan(short);
  });

  test.each(Object.keys(EDGES) as EdgeId[])('a %s edge is kept by shapes that have a rim, and by no other', (edge) => {
    const draft = { ...DRAFT, fold: { ...DRAFT.fold, edge } };
    expect(withShape(draft, 'two-discs').fold.edge).toBe(edge);
    expect(withShape(draft, 'ball').fold.edge).toBeUndefined();
    const [plain, made] = [cold().piece!, cold({ fold: draft.fold }).piece!];
    expect(made.sealThickM / plain.sealThickM).toBeCloseTo(EDGES[edge].layers / 2, 9);
    expect(made.depthM).toBeLessThanOrEqual(plain.depthM);
    expect(share({ fold: draft.fold })).toBeLessThanOrEqual(share({}));
    const narrow = { ...draft.fold, sealM: EDGES[edge].leastM - 0.0005 };
    expect(codes({ fold: narrow })).toContain('fold.edge-narrow');
  });
});

describe('the coating', () => {
  const WETS: readonly WetCoatingId[] = ['none', 'water', 'egg', 'milk', 'slurry'];
  const DRIES: readonly DryCoatingId[] = ['none', 'crumb', 'semolina', 'sesame', 'poppy'];
  test('by hand: 100 cm² in egg and crumb take 1.2 g and 2.4 g; twice, 1.8 times that; dry on dry falls off', () => {
    expect(coatingOf({ wet: 'egg', dry: 'crumb', double: false }, 0.01).massKg).toBeCloseTo(0.0036, 9);
    expect(coatingOf({ wet: 'egg', dry: 'crumb', double: true }, 0.01).massKg).toBeCloseTo(0.00648, 9);
    expect(coatingOf({ wet: 'none', dry: 'crumb', double: true }, 0.01)).toMatchObject({ fallsOff: true, browning: 1 });
    expect(coatingOf(NO_COATING, 0.01)).toMatchObject({ massKg: 0, thicknessM: 0, browning: 1, sheds: false });
    expect(() => coatingOf(NO_COATING, -1)).toThrow(expect.objectContaining({ path: 'surfaceM2' }));
  });

  test('what is set out covers what stays on, all of it is in the shop, and all of it is told of', () => {
    for (const wet of WETS) {
      for (const dry of DRIES) {
        const coating = { wet, dry, double: true };
        const plan = planCold({ ...DRAFT, coating }, DEFAULT_KITCHEN);
        const supplies = plan.fold.supplies.reduce((sum, line) => sum + line.massKg, 0);
        expect(supplies).toBeGreaterThanOrEqual(plan.fold.coating!.massKg * 24);
        expect(draftSupplies({ ...DRAFT, coating }, DEFAULT_KITCHEN)).toEqual(plan.fold.supplies);
        const bought = shoppingList([batchOf({ ...DRAFT, coating })], [], [], SHIPPED_PANTRY).rows.map(
          (row) => row.ingredientId,
        );
        for (const { ingredientId } of plan.fold.supplies) {
          if (ingredientId !== 'water') expect(bought).toContain(ingredientId);
        }
      }
    }
    const sesame = planCold(
      { ...DRAFT, coating: { wet: 'egg', dry: 'sesame', double: false } },
      DEFAULT_KITCHEN,
    ).contains;
    expect(sesame.allergens).toEqual(expect.arrayContaining(['eggs', 'sesame']));
  });

  test('a crumb coating browns sooner and cooks later', () => {
    const bare = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!.solution;
    const crumbed = planBatch(
      { ...DRAFT, coating: { wet: 'egg', dry: 'crumb', double: false } },
      DEFAULT_KITCHEN,
      null,
    );
    expect(crumbed.fry!.solution.goldenS!).toBeLessThan(bare.goldenS!);
    expect(crumbed.fry!.solution.doneS!).toBeGreaterThan(bare.doneS!);
    expect(crumbed.serve!.steps.map((step) => step.id)).toContain('hold');
  });
});

describe('held cold', () => {
  const start = (to: TrayDraft['fry']['start'], raw?: TrayDraft['filling']['raw']) =>
    planBatch(
      {
        ...DRAFT,
        fry: { ...DRAFT.fry, start: to, oilC: 155 },
        filling: { ...DRAFT.filling, ...(raw === undefined ? {} : { raw }) },
      },
      DEFAULT_KITCHEN,
      null,
    );
  test('chilled, tempered and frozen start colder in that order and take longer; the day makes room for the cold', () => {
    const ways = (['room', 'fridge', 'tempered', 'frozen'] as const).map((to) => start(to));
    ways.slice(1).forEach((later, i) => {
      expect(later.fry!.body.startC).toBeLessThan(ways[i]!.fry!.body.startC);
      expect(later.fry!.solution.doneS!).toBeGreaterThan(ways[i]!.fry!.solution.doneS!);
    });
    const frozen = ways[3]!;
    const hold = frozen.serve!.steps.find((step) => step.id === 'hold')!;
    expect((hold.endMs - hold.startMs) / 1000).toBeCloseTo(frozen.fry!.hold!.coldS!, -1);
    expect(ways[2]!.fry!.hold!.temperS).toBe(1200);
    expect(ways[0]!.fry!.hold).toBeNull();
  });

  test('pieces with raw meat are never thawed on the bench; frozen ones want cooler oil', () => {
    const told = (plan: ReturnType<typeof start>) => plan.fry!.findings.map((f) => `${f.code}:${f.tone}`);
    expect(told(start('tempered', 'poultry'))).toContain('fry.thaw-raw:stop');
    expect(told(start('tempered'))).not.toContain('fry.thaw-raw:stop');
    const hot = { ...DRAFT, fry: { ...DRAFT.fry, start: 'frozen' as const, oilC: 170 } };
    expect(told(planBatch(hot, DEFAULT_KITCHEN, null))).toContain('fry.frozen-oil:look-out');
  });
});

describe('an own cutter', () => {
  const ring = (n: number, r: number): Point[] =>
    Array.from({ length: n }, (_, i) => [r * Math.cos((2 * Math.PI * i) / n), r * Math.sin((2 * Math.PI * i) / n)]);
  test('a margin taken off a disc leaves a disc: area and membrane within half a percent', () => {
    const inset = solveInset(ring(180, 0.05), 0.01, 96)!;
    expect(Math.abs(inset.areaM2 / (Math.PI * 0.04 ** 2) - 1)).toBeLessThan(0.005);
    expect(Math.abs(inset.meanM2 / (0.04 ** 2 / 8) - 1)).toBeLessThan(0.005);
    expect(Math.abs(inset.mostM2 / (0.04 ** 2 / 4) - 1)).toBeLessThan(0.005);
    expect(inset.reachM).toBeCloseTo(0.04, 3);
    expect(solveInset(ring(180, 0.05), 0.06, 96)).toBeNull();
  });

  test('with no margin both ways of solving agree; on the grid the product uses, within 1 % of a fine one', () => {
    const [a, b] = [solveInset(LEAF, 0, 128)!, solveMembrane(LEAF, 128)!];
    expect(Math.abs(a.meanM2 / b.meanM2 - 1)).toBeLessThan(0.01);
    const [coarse, fine] = [solveInset(LEAF, 0.12, 24)!, solveInset(LEAF, 0.12, 160)!];
    expect(
      Math.abs((coarse.areaM2 * Math.sqrt(coarse.meanM2)) / (fine.areaM2 * Math.sqrt(fine.meanM2)) - 1),
    ).toBeLessThan(0.01);
  });

  test('a round outline holds what two discs hold; a leaf of the same length holds less', () => {
    const spec = { ...cold().piece!, lengthM: 0.1, thicknessM: 0.0026, sealM: 0.008, fillingKg: 0.02, stretch: 0.09 };
    const at = { ...spec, discM: 0.09, fillingKgPerM3: 1030, doughKgPerM3: 1175 };
    const round = shapeOf('own-cutter').piece({ ...at, outline: ring(120, 0.5) })!;
    const discs = shapeOf('two-discs').piece(at)!;
    expect(Math.abs(round.capacityM3 / discs.capacityM3 - 1)).toBeLessThan(0.02);
    expect(Math.abs(round.doughKg / discs.doughKg - 1)).toBeLessThan(0.001);
    expect(shapeOf('own-cutter').piece({ ...at, outline: LEAF })!.capacityM3).toBeLessThan(round.capacityM3);
    expect(outlineLengths(ring(4, 1)).aroundM).toBeCloseTo(4 * Math.SQRT2, 9);
  });
});

test('portions both ways: the count and the rest make the mass, one more is a little smaller', () => {
  fc.assert(
    fc.property(double(0, 20), double(0.005, 0.5), (totalKg, eachKg) => {
      const { count, leftKg, eachForCountKg, eachForOneMoreKg } = portioning(totalKg, eachKg);
      expect(count * eachKg + leftKg).toBeCloseTo(totalKg, 4);
      expect(leftKg).toBeLessThan(eachKg);
      if (count > 0) expect(eachForCountKg! * count).toBeCloseTo(totalKg, 9);
      else expect(eachForCountKg).toBeNull();
      expect(eachForOneMoreKg).toBeLessThan(eachKg + 1e-9);
    }),
  );
  expect(portioning(24 * 0.068, 0.068).count).toBe(24);
  expect(() => portioning(1, 0)).toThrow(expect.objectContaining({ path: 'eachKg' }));
});

describe('an outline drawn by hand', () => {
  test('of any size and place comes out the same, longer side 1, evenly spaced; area and corners kept', () => {
    fc.assert(
      fc.property(double(0.01, 5000), double(-900, 900), fc.integer({ min: 12, max: 300 }), (size, shift, n) => {
        const egg = Array.from({ length: n }, (_, i): Point => {
          const u = (2 * Math.PI * i) / n;
          return [size * Math.cos(u) + shift, size * 0.6 * Math.sin(u) * (1 + 0.2 * Math.cos(u)) - shift];
        });
        const made = cutterOutline(egg)!;
        expect(made.length).toBe(96);
        const [was, is] = [outlineLengths(egg), outlineLengths(made)];
        expect(Math.max(is.wideM, is.highM)).toBeCloseTo(1, 3);
        expect(is.areaM2).toBeCloseTo(was.areaM2 / Math.max(was.wideM, was.highM) ** 2, 1);
      }),
      { numRuns: 40 },
    );
  });

  test('nothing, a line, or a figure of eight is no cutter; a bad point is refused at its place', () => {
    const eight = Array.from({ length: 60 }, (_, i): Point => {
      const u = (2 * Math.PI * i) / 60;
      return [Math.sin(u) + 0.3 * Math.sin(2 * u), Math.sin(2 * u)];
    });
    for (const bad of [
      [],
      [[0, 0]],
      [
        [0, 0],
        [1, 0],
        [2, 0.01],
      ],
      eight,
    ] as Point[][])
      expect(cutterOutline(bad)).toBeNull();
    expect(() =>
      cutterOutline([
        [0, 0],
        [1, Number.NaN],
        [1, 1],
      ]),
    ).toThrow(expect.objectContaining({ path: 'outline.1.1' }));
  });

  test('becomes the shape of a batch: same filling, dough to match', () => {
    const outline = cutterOutline(LEAF)!;
    const made = withOutline(DRAFT, outline, DEFAULT_KITCHEN);
    const plan = planCold(made, DEFAULT_KITCHEN);
    expect(made).toMatchObject({ shape: 'own-cutter', fold: { outline } });
    expect(Math.abs(plan.fold.balance.doughLeftKg)).toBeLessThan(1e-6);
    expect(made.fold.fillingEachKg).toBe(DRAFT.fold.fillingEachKg);
    expect(withShape(made, 'cone').fold.outline).toBeUndefined();
  });
});

describe('safe seal or generous', () => {
  test('each step holds more filling and opens more often; the one chosen is the one made', () => {
    const trade = sealTrade(DRAFT, planCold(DRAFT, DEFAULT_KITCHEN));
    expect(trade).toHaveLength(21);
    trade.slice(1).forEach((more, i) => {
      expect(more.share).toBeGreaterThan(trade[i]!.share);
      expect(more.fillingOverDough).toBeGreaterThan(trade[i]!.fillingOverDough);
    });
    const generous = withFill(DRAFT, 0.9, DEFAULT_KITCHEN)!;
    const made = planCold(generous, DEFAULT_KITCHEN);
    expect(made.fold.piece!.fill).toBeCloseTo(0.9, 6);
    expect(Math.abs(made.fold.balance.fillingLeftKg)).toBeLessThan(1e-6);
    const none = { ...DRAFT, fold: { ...DRAFT.fold, discM: 0.02 } };
    expect(withFill(none, 0.9, DEFAULT_KITCHEN)).toBeNull();
    expect(sealTrade(none, planCold(none, DEFAULT_KITCHEN))).toEqual([]);
    expect(() => withFill(DRAFT, -1, DEFAULT_KITCHEN)).toThrow(expect.objectContaining({ path: 'fill' }));
  });
});
