import {
  type Base,
  oilToBuy,
  baseIngredientId,
  type FormulaBody,
  ownIngredients,
  shoppingList,
} from '@ember-fold/core/ledger';
import {
  DEFAULT_KITCHEN,
  type BatchDraft,
  ingredientById,
  type Ingredient,
  pantryWith,
  WORKED_FORMULAS,
} from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import { fryJobOf } from '@ember-fold/core/supper';
import { randomUUID } from 'node:crypto';
import { changed, newBatch } from '../test/newBatch.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const EAT_AT = '2026-03-07T18:30:00.000Z';
const ROOT: Ingredient = {
  ...ingredientById('carrot'),
  id: 'hamburg-root',
  name: 'Parsley root',
  source: 'Seed packet of Quillhaven',
};
const DOUGH: FormulaBody = { kind: 'dough', family: 'shortcrust', lines: WORKED_FORMULAS['shortcrust'] };
const PASTE: Extract<FormulaBody, { kind: 'base' }> = {
  kind: 'base',
  lines: [
    { ingredientId: 'onion', massKg: 0.5 },
    { ingredientId: 'butter', massKg: 0.05 },
  ],
  cookToShare: 0.7,
};

const putIngredient = (ingredient: unknown, version = 0, id = ROOT.id) =>
  app.call('PUT', `/api/ingredients/${id}`, { version, ingredient });
const postFormula = (name: string, body: unknown, id = randomUUID()) =>
  app.call('POST', '/api/formulas', { id, name, body });
const withFilling = (name: string, ingredientId: string, massKg = 0.3): BatchDraft => {
  const draft = newBatch(name, 'squash-sage', 12, EAT_AT);
  const filling = draft.fillings.A!;
  return changed(draft, { filling: { ...filling, lines: [...filling.lines, { ingredientId, massKg }] } });
};
const postBatch = (draft: BatchDraft) => app.call('POST', '/api/batches', { id: randomUUID(), draft });

describe('ingredients', () => {
  it('added, changed and kept through a restart; the same request twice is one change', async () => {
    expect((await putIngredient(ROOT)).status).toBe(201);
    expect((await putIngredient(ROOT)).status).toBe(200);
    const dearer = { ...ROOT, pricePerKg: 4.5 };
    expect((await putIngredient(dearer, 1)).body).toEqual({ ingredient: dearer, version: 2 });
    expect((await putIngredient({ ...ROOT, pricePerKg: 9 }, 1)).body.code).toBe('STALE_VERSION');
    expect((await putIngredient({ ...ROOT, pricePerKg: 9 }, 0)).body.code).toBe('STALE_VERSION');
    await app.restart();
    expect((await app.call('GET', '/api/ingredients')).body).toEqual({
      rows: [{ ingredient: dearer, version: 2 }],
      bases: [],
    });
  });

  it('one in use cannot vanish, and says where it is used; unused it goes', async () => {
    expect((await postBatch(withFilling('Too soon', ROOT.id))).body.path).toBe('draft.fillings.A.lines.6.ingredientId');
    await putIngredient(ROOT);
    const batch = await postBatch(withFilling('Roots', ROOT.id));
    expect(batch.status).toBe(201);
    const refused = await app.call('DELETE', `/api/ingredients/${ROOT.id}`);
    expect([refused.status, refused.body.code]).toEqual([409, 'IN_USE']);
    expect(refused.body.message).toContain('"Roots"');
    const uses = (await app.call('GET', `/api/ingredients/${ROOT.id}/uses`)).body;
    expect(uses).toEqual([{ of: 'batch', id: batch.body.id, name: 'Roots' }]);
    await app.call('DELETE', `/api/batches/${batch.body.id}`);
    // A formula that used it once counts: its old version must stay readable.
    const lines = [{ ingredientId: ROOT.id, massKg: 0.4 }];
    const formula = (await postFormula('Root filling', { kind: 'base', lines, cookToShare: 1 })).body;
    const { edition } = formula;
    await app.call('PUT', `/api/formulas/${formula.id}`, {
      edition,
      name: 'Root filling',
      archived: true,
      body: PASTE,
    });
    expect((await app.call('DELETE', `/api/ingredients/${ROOT.id}`)).body.code).toBe('IN_USE');
    await putIngredient({ ...ROOT, id: 'never-used' }, 0, 'never-used');
    expect((await app.call('DELETE', '/api/ingredients/never-used')).status).toBe(204);
    expect((await app.call('DELETE', '/api/ingredients/never-used')).body.code).toBe('NO_INGREDIENT');
  });

  it('a shipped one changed here is planned with at the stove, and can go back', async () => {
    const cheap = { ...ingredientById('onion'), pricePerKg: 0.1 };
    await putIngredient(cheap, 0, 'onion');
    const batch = (await postBatch(newBatch('Squash', 'squash-sage', 12, EAT_AT))).body;
    const stove = await app.call('POST', `/api/batches/${batch.id}/stove`, { speed: 60, gate: START_CHECKS });
    expect(stove.body.kitchen.ingredients).toEqual([cheap]);
    expect((await app.call('DELETE', '/api/ingredients/onion')).status).toBe(204);
    expect((await app.call('GET', `/api/batches/${batch.id}/stove`)).body.kitchen.ingredients).toEqual([cheap]);
  });

  it('refuses by name what is wrong', async () => {
    for (const [path, change] of [
      ['ingredient.name', { name: '' }],
      ['ingredient.composition', { composition: { water: 0.9, fat: 0.2, protein: 0, starch: 0, sugar: 0, salt: 0 } }],
      ['ingredient.composition.fat', { composition: { ...ROOT.composition, fat: -0.1 } }],
      ['ingredient.densityKgPerM3', { densityKgPerM3: 0 }],
      ['ingredient.pricePerKg', { pricePerKg: 'much' }],
      ['ingredient.sold.usedShare', { sold: { ...ROOT.sold, usedShare: 0 } }],
      ['ingredient.sold.unitKg', { sold: { ...ROOT.sold, unit: null, unitKg: 2 } }],
      ['ingredient.allergens.0', { allergens: ['dust'] }],
      ['ingredient.role', { role: 'king' }],
      ['ingredient.id', { id: 'other-root' }],
    ] as const) {
      const answer = await putIngredient({ ...ROOT, ...change });
      expect([answer.status, answer.body.path]).toEqual([400, path]);
    }
    const base = await putIngredient({ ...ROOT, id: 'base-root' }, 0, 'base-root');
    expect([base.status, base.body.path]).toEqual([400, 'ingredient.id']);
    expect(
      (await app.call('PUT', "/api/ingredients/a'; DROP TABLE stock", { version: 0, ingredient: ROOT })).status,
    ).toBe(400);
  });
});

describe('formulas', () => {
  it('every change of what is made is a version; a name or the archive is not; all stay readable', async () => {
    const id = randomUUID();
    const first = await postFormula('Everyday short', DOUGH, id);
    expect([first.status, first.body.version, first.body.edition]).toEqual([201, 1, 1]);
    expect((await postFormula('Everyday short', DOUGH, id)).status).toBe(200);
    expect((await postFormula('Everyday short', PASTE, id)).body.code).toBe('ID_TAKEN');
    const wetter = {
      ...DOUGH,
      lines: DOUGH.lines.map((l) => (l.ingredientId === 'water' ? { ...l, massKg: 0.41 } : l)),
    };
    const put = (edition: number, change: object) =>
      app.call('PUT', `/api/formulas/${id}`, {
        edition,
        name: 'Everyday short',
        archived: false,
        body: wetter,
        ...change,
      });
    expect((await put(1, {})).body).toMatchObject({ version: 2, edition: 2 });
    expect((await put(1, {})).body).toMatchObject({ version: 2, edition: 2 });
    expect((await put(2, { name: 'Short', archived: true })).body).toMatchObject({
      version: 2,
      edition: 3,
      name: 'Short',
      archived: true,
    });
    expect((await put(2, { name: 'Late' })).body.code).toBe('STALE_VERSION');
    expect((await put(3, { body: PASTE })).body.path).toBe('body.kind');
    const { versions } = (await app.call('GET', `/api/formulas/${id}`)).body;
    expect(versions.map((v: { body: FormulaBody }) => v.body)).toEqual([wetter, DOUGH]);
    expect((await app.call('GET', '/api/formulas')).body).toHaveLength(1);
    expect((await app.call('GET', `/api/formulas/${randomUUID()}`)).body.code).toBe('NO_FORMULA');
  });

  it('says which batches took it', async () => {
    const { body: formula } = await postFormula('Everyday short', DOUGH);
    const draft = newBatch('Took it', 'squash-sage', 12, EAT_AT);
    const batch = await postBatch({ ...draft, dough: { ...draft.dough, from: { id: formula.id, version: 1 } } });
    expect((await app.call('GET', `/api/formulas/${formula.id}/uses`)).body).toEqual([
      { of: 'batch', id: batch.body.id, name: 'Took it' },
    ]);
    expect((await app.call('GET', `/api/formulas/${randomUUID()}/uses`)).status).toBe(404);
  });

  it('refuses by name what is wrong, a base in a base too', async () => {
    const { body: base } = await postFormula('Onion paste', PASTE);
    const nested = { ...PASTE, lines: [{ ingredientId: baseIngredientId(base.id), massKg: 1 }] };
    for (const [path, name, body] of [
      ['name', ' ', DOUGH],
      ['body.kind', 'Odd', { ...DOUGH, kind: 'soup' }],
      ['body.family', 'Odd', { ...DOUGH, family: 'cloud' }],
      ['body.lines.0.ingredientId', 'Odd', { ...DOUGH, lines: [{ ingredientId: 'moon-dust', massKg: 1 }] }],
      ['body.lines.0.massKg', 'Odd', { ...DOUGH, lines: [{ ingredientId: 'water', massKg: -1 }] }],
      ['body.cookToShare', 'Odd', { ...PASTE, cookToShare: 2 }],
      ['body.lines.0.ingredientId', 'Odd', nested],
    ] as const) {
      const answer = await postFormula(name, body);
      expect([answer.status, answer.body.path]).toEqual([400, path]);
    }
  });
});

describe('stock and shopping', () => {
  it('the list is what core makes of all planned batches, bases and stock', async () => {
    const { body: formula } = await postFormula('Onion paste', PASTE);
    const paste = baseIngredientId(formula.id);
    const drafts = [withFilling('One', paste, 0.2), withFilling('Two', paste, 0.1)];
    for (const draft of drafts) expect((await postBatch(draft)).status).toBe(201);
    const stock = [
      { ingredientId: 'onion', haveKg: 0.4, strength: 1 },
      { ingredientId: 'sage', haveKg: 0, strength: 2 },
    ];
    for (const { ingredientId, ...row } of stock) {
      expect((await app.call('PUT', `/api/store/stock/${ingredientId}`, row)).status).toBe(200);
    }
    expect((await app.call('GET', '/api/store/stock')).body).toEqual(stock);
    const base: Base = { id: formula.id, name: 'Onion paste', body: PASTE };
    const list = (await app.call('GET', '/api/store/shopping')).body;
    const pantry = pantryWith(ownIngredients([], [base]));
    const own = { ...DEFAULT_KITCHEN, ingredients: ownIngredients([], [base]) };
    const fried = [...drafts].reverse().map((draft) => ({ ...draft, ...fryJobOf('job', draft, own)! }));
    const oil = oilToBuy([{ potM3: DEFAULT_KITCHEN.pot.oilM3, kept: null, batches: fried }]);
    const expected = shoppingList([...drafts].reverse(), stock, [base], pantry, oil);
    expect(expected.rows.some(({ ingredientId }) => ingredientId === 'sunflower-oil')).toBe(true);
    expect(list.cost).toBeCloseTo(expected.cost, 9);
    expect(list.bases[0].massKg).toBeCloseTo(0.3, 9);
    const rows = (of: typeof expected.rows) => of.map((r) => `${r.ingredientId} ${r.buyKg.toFixed(6)}`).sort();
    expect(rows(list.rows)).toEqual(rows(expected.rows));
    // What the base is used as counts as its use.
    const uses = (await app.call('GET', `/api/formulas/${formula.id}/uses`)).body;
    expect(uses.map((u: { name: string }) => u.name).sort()).toEqual(['One', 'Two']);
  });

  it('for one supper, one batch, or between two moments alone', async () => {
    const supper = randomUUID();
    const made = [
      { ...withFilling('One', 'leek', 0.2), supper },
      { ...withFilling('Two', 'carrot', 0.1), eatAt: '2031-05-05T18:30:00.000Z' },
    ];
    const ids = await Promise.all(made.map(async (draft) => (await postBatch(draft)).body.id as string));
    const bought = async (query: string) => {
      const answer = await app.call('GET', `/api/store/shopping${query}`);
      if (answer.status !== 200) return answer.body.path;
      return ['leek', 'carrot'].filter((id) =>
        answer.body.rows.some((row: { ingredientId: string }) => row.ingredientId === id),
      );
    };
    expect(await bought('')).toEqual(['leek', 'carrot']);
    expect(await bought(`?supper=${supper}`)).toEqual(['leek']);
    expect(await bought(`?batch=${ids[1]}`)).toEqual(['carrot']);
    expect(await bought('?from=2031-01-01T00:00:00Z')).toEqual(['carrot']);
    expect(await bought('?to=2031-01-01T00:00:00Z')).toEqual(['leek']);
    expect(await bought('?from=2032-01-01T00:00:00Z')).toEqual([]);
    expect(await bought('?from=soon')).toBe('from');
    expect(await bought('?batch=%27%20OR%201')).toBe('batch');
  });

  it('refuses stock of nothing known, and figures that cannot be', async () => {
    const put = (id: string, row: object) => app.call('PUT', `/api/store/stock/${id}`, row);
    expect((await put('moon-dust', { haveKg: 1, strength: 1 })).body.path).toBe('id');
    expect((await put('onion', { haveKg: -1, strength: 1 })).body.path).toBe('haveKg');
    expect((await put('onion', { haveKg: 1, strength: 0 })).body.path).toBe('strength');
    expect((await app.call('GET', '/api/store/stock')).body).toEqual([]);
  });
});
