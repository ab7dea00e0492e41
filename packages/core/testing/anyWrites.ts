// What a server accepts, at random: every range of the one table, for property tests of core and server alike.
import fc from 'fast-check';
import {
  type BatchDraft,
  batchOf,
  type TrayDraft,
  type CoatingChoices,
  DOUGH_FAMILIES,
  EDGES,
  type ShapeId,
  SHAPES,
  type Formula,
  INGREDIENTS,
  type Ingredient,
  type Kitchen,
  RANGES,
  BURNER_KINDS,
  type SealChoices,
  STARTERS,
  TRAY_MARKS,
  TRAY_WAYS,
  TURN_METHODS,
} from '../src/public/plan.js';

interface Range {
  readonly least: number;
  readonly most: number;
}

/** A number of a range, its ends often. */
export const within = ({ least, most }: Range): fc.Arbitrary<number> =>
  fc.oneof(
    { weight: 5, arbitrary: fc.double({ min: least, max: most, noNaN: true }) },
    { weight: 1, arbitrary: fc.constantFrom(least, most) },
  );
const whole = ({ least, most }: Range): fc.Arbitrary<number> => fc.integer({ min: least, max: most });
const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
/** Leaves out what is `undefined`: a draft that came over the wire has no such keys. */
const bare = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

const { draft: D, kitchen: K, pot: P, ingredient: I } = RANGES;

/** A formula as a card would have it, now and then as no cook would. */
export function anyFormula(ids: readonly string[]): fc.Arbitrary<Formula> {
  const line = fc.record({
    ingredientId: fc.constantFrom(...ids),
    massKg: fc.oneof(within({ least: 0, most: 2 }), within(D.lineKg)),
    part: maybe(fc.constantFrom(0 as const, 1 as const)),
  });
  return fc.array(line, { maxLength: 8 }).map((lines) => bare(lines) as Formula);
}

const shipped = INGREDIENTS.map((one) => one.id);

const seal: fc.Arbitrary<SealChoices> = fc.record({
  sealWith: fc.constantFrom('none', 'water', 'flour-paste', 'starch-slurry', 'egg', 'milk'),
  flouredRim: fc.boolean(),
  finalPinch: fc.boolean(),
  airPressed: fc.boolean(),
  covered: fc.boolean(),
  waitS: within(D.waitS),
});
const coating: fc.Arbitrary<CoatingChoices> = fc.record({
  wet: fc.constantFrom('none', 'water', 'egg', 'milk', 'slurry'),
  dry: fc.constantFrom('none', 'crumb', 'semolina', 'sesame', 'poppy'),
  double: fc.boolean(),
});
const outline = fc
  .array(fc.tuple(within(D.outline), within(D.outline)), { minLength: 3, maxLength: 24 })
  .map((points) => points as readonly (readonly [number, number])[]);

/** Any draft the server takes. @param ids ingredients it may hold */
export function anyDraft(ids: readonly string[] = shipped): fc.Arbitrary<TrayDraft> {
  return fc
    .record({
      name: fc.constantFrom('Any', 'Squash and sage', '¡Año! 🥟'),
      shape: fc.constantFrom<ShapeId>(...SHAPES.map((shape) => shape.id)),
      pieces: whole(D.pieces),
      eatAt: fc.constantFrom('2030-01-05T18:30:00Z', '1990-02-03T04:05:06.789Z'),
      dough: fc.record({
        family: fc.constantFrom(...DOUGH_FAMILIES.map((family) => family.id)),
        // Mostly a worked dough: most models need one to say anything.
        lines: fc.oneof(
          { weight: 3, arbitrary: fc.constantFrom(...STARTERS.map((starter) => starter.dough)) },
          { weight: 2, arbitrary: anyFormula(ids) },
        ),
        onHeat: maybe(fc.boolean()),
        rise: maybe(fc.constantFrom('room' as const, 'fridge' as const)),
        liquidC: maybe(within(D.liquidC)),
        mixedC: maybe(within(D.mixedC)),
        boilOffShare: maybe(within(D.boilOffShare)),
        portions: maybe(whole(D.doughPortions)),
        ahead: maybe(
          fc.record({ days: whole(D.madeAheadDays), upTo: fc.constantFrom('dough' as const, 'pieces' as const) }),
        ),
        poured: maybe(fc.array(within(D.pourKg), { maxLength: 4 })),
      }),
      filling: fc.record({
        lines: fc.oneof(
          { weight: 3, arbitrary: fc.constantFrom(...STARTERS.map((starter) => starter.filling)) },
          { weight: 2, arbitrary: anyFormula(ids) },
        ),
        cookToShare: within(D.cookToShare),
        panKg: within(D.panKg),
        hotC: within(D.hotC),
        place: fc.constantFrom('room' as const, 'fridge' as const, 'ice-bath' as const, 'freezer' as const),
        covered: fc.boolean(),
        coreTargetC: within(D.coreTargetC),
        raw: maybe(fc.constantFrom('poultry', 'minced-meat', 'fish', 'egg', 'vegetables')),
        method: maybe(fc.constantFrom('pan', 'strain', 'squeeze', 'thicken')),
        dishes: maybe(whole(D.dishes)),
        aheadDays: maybe(whole(D.aheadDays)),
      }),
      fold: fc.record({
        discM: within(D.discM),
        lengthM: maybe(within(D.lengthM)),
        thicknessM: within(D.thicknessM),
        sealM: within(D.sealM),
        fillingEachKg: fc.oneof(within({ least: 0, most: 0.08 }), within(D.fillingEachKg)),
        edge: maybe(fc.constantFrom(...(Object.keys(EDGES) as (keyof typeof EDGES)[]))),
        outline: maybe(outline),
        fillingState: maybe(fc.constantFrom('fridge', 'part-frozen')),
      }),
      seal: maybe(seal),
      coating: maybe(coating),
      fry: fc.record({
        oilC: within(D.oilC),
        ramp: fc.option(fc.record({ outC: within(D.oilC), overS: within(D.rampS) }), { nil: undefined, freq: 3 }),
        minutesS: fc.option(within(D.minutesS)),
        turn: fc.constantFrom(...TURN_METHODS),
        start: fc.constantFrom('room', 'fridge', 'frozen', 'tempered'),
        loadSize: fc.option(whole(D.loadSize)),
        pot: maybe(fc.constantFrom('Small pan', 'Nobody has this')),
        thenOven: fc.option(
          fc.record({ ovenC: within(RANGES.oven.ovenC), minutesS: fc.option(within(RANGES.oven.minutesS)) }),
          { nil: undefined, freq: 3 },
        ),
      }),
      way: maybe(fc.constantFrom(...TRAY_WAYS)),
      bake: maybe(
        fc.record({
          ovenC: within(RANGES.oven.ovenC),
          minutesS: fc.option(within(RANGES.oven.minutesS)),
          perSheet: whole(RANGES.oven.perTray),
        }),
      ),
    })
    .map((draft) => bare(draft) as TrayDraft);
}

/** Any batch: one to three trays on one dough. */
export function anyBatch(ids?: readonly string[]): fc.Arbitrary<BatchDraft> {
  return fc.array(anyDraft(ids), { minLength: 1, maxLength: 3 }).map((drafts) => {
    const batches = drafts.map((draft, i) => batchOf({ ...draft, mark: TRAY_MARKS[i]! }));
    const joined = (of: 'fillings' | 'trays') => Object.assign({}, ...batches.map((one) => one[of])) as object;
    return { ...batches[0]!, fillings: joined('fillings'), trays: joined('trays') };
  });
}

const pot = fc.record({
  diameterM: within(P.diameterM),
  heightM: within(P.heightM),
  massKg: within(P.massKg),
  oilM3: within(P.oilM3),
  smokeC: within(P.smokeC),
  burnerW: within(P.burnerW),
  efficiency: within(P.efficiency),
  settings: whole(P.settings),
  lossWPerK: within(P.lossWPerK),
  probeLagS: within(P.probeLagS),
  burner: fc.constantFrom(...BURNER_KINDS),
  burnerLagS: within(P.burnerLagS),
});

/** Any kitchen the server takes. */
export function anyKitchen(): fc.Arbitrary<Kitchen> {
  return fc
    .record({
      name: fc.constantFrom('Kitchen', 'Ünïcode 🥟'),
      roomC: within(K.roomC),
      fridgeC: within(K.fridgeC),
      freezerC: within(K.freezerC),
      altitudeM: within(K.altitudeM),
      thermometer: maybe(fc.constant('none')),
      cooks: maybe(whole(K.cooks)),
      units: fc.constantFrom('grams' as const, 'cups' as const),
      currency: fc.constantFrom('€', 'kr'),
      hours: fc.constantFrom(12 as const, 24 as const),
      temperature: fc.constantFrom('C' as const, 'F' as const),
      measures: fc.record({ cupMl: within(K.cupMl), teaspoonMl: within(K.teaspoonMl) }),
      pot,
      otherPots: maybe(fc.constant([]).chain(() => pot.map((other) => [{ name: 'Small pan', pot: other }]))),
      scaleStepKg: maybe(within(K.scaleStepKg)),
      reheatC: maybe(within(K.reheatC)),
      dish: fc.record({ lengthM: within(K.dishM), widthM: within(K.dishM) }),
      board: maybe(fc.record({ lengthM: within(K.boardM), widthM: within(K.boardM) })),
      hands: fc.record({
        mixS: within(K.mixS),
        cookFillingS: within(K.cookFillingS),
        foldEachS: within(K.foldEachS),
        serveS: within(K.serveS),
        betweenLoadsS: within(K.betweenLoadsS),
        turnEachS: within(K.turnEachS),
      }),
      ovenSeen: maybe(fc.array(within(RANGES.oven.factor), { maxLength: RANGES.oven.bakes.most })),
    })
    .map((kitchen) => bare(kitchen) as Kitchen);
}

/** Any ingredient of a cook's own that the server takes; its parts never add up to more than the whole. */
export function anyIngredient(id: string): fc.Arbitrary<Ingredient> {
  const share = within(I.share);
  return fc
    .record({
      role: fc.constantFrom(
        ...(['flour', 'fat', 'liquid', 'egg', 'sugar', 'salt', 'leaven', 'starch', 'filling'] as const),
      ),
      parts: fc.record({ water: share, fat: share, protein: share, starch: share, sugar: share, salt: share }),
      densityKgPerM3: within(I.densityKgPerM3),
      usedShare: within(I.usedShare),
      pricePerKg: within(I.pricePerKg),
      wholemeal: share,
      solidFat: fc.boolean(),
      asInstantYeast: maybe(within(I.asInstantYeast)),
    })
    .map(({ parts, usedShare, ...rest }) => {
      const sum = Object.values(parts).reduce((a, b) => a + b, 0);
      const scaled = Object.fromEntries(
        Object.entries(parts).map(([key, value]) => [key, sum > 1 ? value / sum : value]),
      );
      return bare({
        ...rest,
        id,
        name: 'Own',
        composition: scaled as unknown as Ingredient['composition'],
        sold: { as: null, unit: null, unitKg: null, usedShare },
        allergens: [],
        diet: 'vegan',
        source: 'own',
      }) as Ingredient;
    });
}
