// A whole kitchen at random, as a file of it would be: for round trips of the formats.
import fc from 'fast-check';
import type { DocumentItem } from '../src/public/files.js';
import { baseIngredientId } from '../src/public/ledger.js';
import { type BatchDraft, fillingsOf, marksOf, newTray, RANGES } from '../src/public/plan.js';
import type { CookAct, StoveAct } from '../src/public/stove.js';
import { anyBatch, anyFormula, anyIngredient, anyKitchen, within } from './anyWrites.js';

const T0 = Date.UTC(2026, 0, 10);
const moment = fc.integer({ min: 0, max: 400 * 86_400_000 }).map((ms) => new Date(T0 + ms).toISOString());
const id = fc.uuid({ version: 4 });
const text = fc.constantFrom('Squash', 'O’Neil "x" \\ %', '¡Año! 🥟', 'a; DROP TABLE batch');
const some = <T>(of: fc.Arbitrary<T>, most: number) => fc.array(of, { maxLength: most });

const stoveAct: fc.Arbitrary<StoveAct> = fc.oneof(
  fc.record({
    id,
    atS: fc.double({ min: 0, max: 9000, noNaN: true }),
    kind: fc.constantFrom('drop', 'turn', 'take-out'),
    pieces: fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 }),
  }),
  fc.record({
    id,
    atS: fc.double({ min: 0, max: 9000, noNaN: true }),
    kind: fc.constant('take-out' as const),
    pieces: fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 }),
    orderedS: fc.integer({ min: 0, max: 9000 }),
  }),
  fc.record({
    id,
    atS: fc.double({ min: 0, max: 9000, noNaN: true }),
    kind: fc.constant('to-oven' as const),
    pieces: fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 }),
    ovenC: fc.integer({ min: 150, max: 230 }),
    afterS: fc.integer({ min: 60, max: 5400 }),
  }),
  fc.record({
    id,
    atS: fc.double({ min: 0, max: 9000, noNaN: true }),
    kind: fc.constant('burner' as const),
    setting: fc.integer({ min: 0, max: 9 }),
  }),
) as fc.Arbitrary<StoveAct>;

const cookAct: fc.Arbitrary<CookAct> = fc.record({
  id,
  atMs: fc.integer({ min: T0, max: T0 + 1e9 }),
  step: fc.constantFrom('mix-dough', 'roll', 'fold:A'),
  kind: fc.constantFrom('done', 'skip'),
}) as fc.Arbitrary<CookAct>;

const reading = fc
  .uniqueArray(fc.integer({ min: 1, max: 9_000_000 }), { maxLength: 12 })
  .map((all) => all.sort((a, b) => a - b).map((ms, i) => [ms / 1000, 20 + i * 1.7] as const));

const jpeg = fc
  .uint8Array({ minLength: 90, maxLength: 120 })
  .map((bytes) => Buffer.from([0xff, 0xd8, 0xff, ...bytes]).toString('base64'));

/** Batches of which one takes pieces that another stored hang together; what is random takes none. */
const free = (draft: BatchDraft): BatchDraft => ({
  ...draft,
  trays: Object.fromEntries(
    marksOf(draft).map((mark) => {
      const { fromStored: _from, ...tray } = draft.trays[mark]!;
      return [mark, tray];
    }),
  ),
});

function formula(kind: 'dough' | 'filling' | 'base', ids: readonly string[]) {
  const lines = anyFormula(ids);
  const body = {
    dough: lines.map((all) => ({ kind: 'dough' as const, family: 'coiled' as const, lines: all })),
    filling: fc
      .record({ lines, cookToShare: within(RANGES.draft.cookToShare), coreTargetC: within(RANGES.draft.coreTargetC) })
      .map((rest) => ({ kind: 'filling' as const, ...rest })),
    base: fc
      .record({ lines, cookToShare: within(RANGES.draft.cookToShare) })
      .map((rest) => ({ kind: 'base' as const, ...rest })),
  }[kind];
  return fc
    .record({
      id,
      name: text,
      archived: fc.boolean(),
      versions: fc.array(fc.record({ savedAt: moment, body }), { minLength: 1, maxLength: 3 }),
    })
    .map(({ versions, ...rest }) => ({
      kind: 'formula' as const,
      ...rest,
      versions: versions.map((one, i) => ({ version: i + 1, ...one })),
    }));
}

/** Own ingredients, then what may be made with them. */
export function anyKitchenItems(): fc.Arbitrary<DocumentItem[]> {
  const own = ['own-flour', 'own-root', 'carrot'];
  const ids = ['plain-wheat-flour', 'butter', 'onion', ...own];
  return fc
    .record({
      ingredients: fc.tuple(...own.map(anyIngredient)),
      bases: some(formula('base', ids), 2),
    })
    .chain(({ ingredients, bases }) => {
      const all = [...ids, ...bases.map((base) => baseIngredientId(base.id))];
      const draft = anyBatch(all).map(free);
      const batch = fc.record({ id, createdAt: moment, draft, cookActs: some(cookAct, 3) });
      const record = fc.record({
        id,
        createdAt: moment,
        draft: anyBatch(ids).map(free),
        kitchen: anyKitchen(),
        seed: fc.integer({ min: 0, max: 4_294_967_295 }),
        speed: fc.constantFrom(1, 4, 20),
        probe: fc.constantFrom('simulated-stove', null),
        trial: fc.boolean(),
        startC: fc.constantFrom(null, 61.5),
        startedAt: fc.constant(new Date(T0).toISOString()),
        endedAt: moment,
        goneAt: fc.constantFrom(null, new Date(T0 + 5e8).toISOString()),
        acts: some(stoveAct, 5),
        readings: reading,
        cookActs: some(cookAct, 3),
        notes: fc.constantFrom('', 'Too dark.\n"Next time" 🥟'),
        looks: fc.constantFrom({ trays: {} }, { trays: { A: { liked: 4 } } }),
        tags: fc.uniqueArray(fc.constantFrom('autumn', 'ños', 'test'), { maxLength: 3 }).map((tags) => tags.sort()),
        photos: some(jpeg, 1).map((photos) =>
          photos.map((one) => ({ mark: 'A' as const, jpeg: one, takenAt: new Date(T0).toISOString() })),
        ),
      });
      const m3 = fc.double({ min: 0.0005, max: 0.005, noNaN: true });
      const oil = fc.record({
        id,
        addedAt: moment,
        oil: fc.record({ name: text, ingredientId: fc.constantFrom('sunflower-oil', 'own-root') }),
        events: fc.record({ id, m3 }).map((event) => [{ ...event, kind: 'filled' as const, at: T0 }]),
      });
      const eat = new Date(T0 + 9e9).toISOString();
      const stored = fc.record({
        id,
        pieces: fc.integer({ min: 1, max: 40 }),
        why: fc.constantFrom('planned', 'left'),
        tray: fc.constantFrom(null, newTray('Frozen', 'squash-sage', 12, eat)),
      });
      return fc
        .record({
          kitchen: fc.option(anyKitchen(), { nil: null }),
          formulas: some(fc.oneof(formula('dough', all), formula('filling', all)), 2),
          batches: some(batch, 2),
          records: some(record, 2),
          oils: some(oil, 1),
          stored: some(stored, 1),
          stock: fc.uniqueArray(fc.constantFrom(...ids), { maxLength: 2 }),
          supper: fc.option(fc.record({ id, name: text, serving: id, at: moment }), { nil: null }),
          flour: some(
            fc.record({ id, batchName: text, notedAt: moment, felt: fc.constantFrom('firm', 'right', 'soft') }),
            2,
          ),
        })
        .map((made): DocumentItem[] => [
          ...ingredients.map((one): DocumentItem => ({ kind: 'ingredient', id: one.id, ingredient: one })),
          ...bases,
          ...made.formulas,
          ...made.oils.map((one): DocumentItem => ({ kind: 'oil', ...one, oil: { ...one.oil, smokeC: 225 } })),
          ...made.flour.map(
            (one): DocumentItem =>
              ({
                kind: 'flour',
                flourId: 'plain-wheat-flour',
                pouredKg: 0.2,
                ...one,
                dough: { family: 'coiled', lines: [{ ingredientId: 'plain-wheat-flour', massKg: 0.4 }] },
              }) as DocumentItem,
          ),
          ...made.stock.map((one): DocumentItem => ({ kind: 'stock', id: one, haveKg: 0.7, strength: 1 })),
          ...(made.kitchen ? [{ kind: 'kitchen' as const, id: 'kitchen' as const, kitchen: made.kitchen }] : []),
          ...(made.supper
            ? [
                {
                  kind: 'supper' as const,
                  id: made.supper.id,
                  supper: {
                    name: made.supper.name,
                    each: 3,
                    guests: [],
                    servings: [{ id: made.supper.serving, at: made.supper.at }],
                  },
                },
              ]
            : []),
          ...made.batches.map((one): DocumentItem => ({ kind: 'batch', ...one })),
          ...made.records.map((one): DocumentItem => ({
            kind: 'record',
            ...one,
            // What it used stands in it as it was then.
            kitchen: { ...one.kitchen, ingredients: ingredients.filter(({ id: own }) => usesOf(one.draft).has(own)) },
          })),
          ...made.stored.map(({ tray, pieces, why, id: of }): DocumentItem => {
            const [from] = made.batches;
            return {
              kind: 'stored',
              id: of,
              mark: 'A',
              batchId: from?.id ?? null,
              why: why as 'planned' | 'left',
              record: {
                kind: 'pieces',
                name: 'Frozen',
                place: 'freezer',
                pieces,
                massKg: null,
                tray,
                madeMs: T0,
                goodMs: T0 + 9e9,
              },
              takenBy: made.batches.slice(1).map((taker) => ({ batchId: taker.id, pieces: 1 })),
            };
          }),
        ]);
    });
}

function usesOf(draft: BatchDraft): ReadonlySet<string> {
  const fillings = fillingsOf(draft).flatMap((mark) => draft.fillings[mark]!.lines);
  return new Set([...draft.dough.lines, ...fillings].map(({ ingredientId }) => ingredientId));
}
