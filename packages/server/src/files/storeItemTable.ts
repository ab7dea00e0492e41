// One file for all kinds but batches: each is read, written and removed in a few lines, side by side.
import { type ItemTable, wanted, groupBy, among } from './itemTable.js';
import type {
  FlourItem,
  FormulaItem,
  IngredientItem,
  KitchenItem,
  OilItem,
  StockItem,
  UsualItem,
} from '@ember-fold/core/files';
import type { FormulaBody } from '@ember-fold/core/ledger';
import { INGREDIENTS } from '@ember-fold/core/plan';
import { deleteFlourRow, insertFlourRow, listFlourRows } from '../store/flourTable.js';
import { fromJson } from '../db/gate.js';
import {
  deleteIngredientRow,
  holdIngredients,
  listIngredientRows,
  releaseEverywhere,
  releaseIngredients,
} from '../store/ingredientTable.js';
import { readKitchen } from '../kitchen/kitchenTable.js';
import { listUnlearnt, writeUnlearnt } from '../ledger/learntTable.js';
import { insertOil, insertOilEvent, listOilEvents } from '../store/oilTable.js';
import { requireOpenPots } from '../stove/openStoveTable.js';
import { listStock, writeStock } from '../store/stockTable.js';

export const INGREDIENT_ITEMS: ItemTable<IngredientItem> = {
  async list(q, ids) {
    const rows = await listIngredientRows(q);
    return among(
      rows.map(({ ingredient }) => ({ kind: 'ingredient' as const, id: ingredient.id, ingredient })),
      ids,
    );
  },
  async write(q, { id, ingredient }) {
    await q.change(
      `INSERT INTO ingredient (id, body, version, updated_at) VALUES (?, ?, 1, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE body = VALUES(body), version = version + 1, updated_at = VALUES(updated_at)`,
      [id, JSON.stringify(ingredient)],
    );
  },
  async remove(q, id) {
    // Where a shipped one was changed, what uses it has the shipped one again.
    if (INGREDIENTS.some((one) => one.id === id)) await releaseEverywhere(q, id);
    await deleteIngredientRow(q, id);
  },
};

export const FORMULA_ITEMS: ItemTable<FormulaItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids);
    const rows = await q.rows<{ id: string; name: string; archived: number }>(
      `SELECT id, name, archived FROM formula ${sql} ORDER BY name, id`,
      values,
    );
    const of = wanted(ids, 'formula_id');
    const versions = await q.rows<{ formula_id: string; version: number; body: unknown; saved_at: Date }>(
      `SELECT formula_id, version, body, saved_at FROM formula_version ${of.sql} ORDER BY formula_id, version`,
      of.values,
    );
    const byFormula = groupBy(versions, (one) => one.formula_id);
    return rows.map(({ id, name, archived }) => ({
      kind: 'formula' as const,
      id,
      name,
      archived: archived === 1,
      versions: (byFormula.get(id) ?? []).map(({ version, saved_at, body }) => ({
        version,
        savedAt: saved_at.toISOString(),
        body: fromJson<FormulaBody>(body),
      })),
    }));
  },
  async write(q, { id, name, archived, versions }) {
    const [first] = versions;
    const last = versions.at(-1)!;
    await q.change(
      `INSERT INTO formula (id, name, archived, edition, created_at, updated_at) VALUES (?, ?, ?, 1, ?, ?)
       ON DUPLICATE KEY UPDATE name = VALUES(name), archived = VALUES(archived), edition = edition + 1,
         updated_at = VALUES(updated_at)`,
      [id, name, archived, new Date(first!.savedAt), new Date(last.savedAt)],
    );
    await q.change('DELETE FROM formula_version WHERE formula_id = ?', [id]);
    for (const { version, savedAt, body } of versions)
      await q.change('INSERT INTO formula_version (formula_id, version, body, saved_at) VALUES (?, ?, ?, ?)', [
        id,
        version,
        JSON.stringify(body),
        new Date(savedAt),
      ]);
    const used = versions.flatMap(({ body }) => body.lines.map(({ ingredientId }) => ingredientId));
    await holdIngredients(q, 'formula', id, used);
  },
  async remove(q, id) {
    await releaseIngredients(q, id);
    await q.change('DELETE FROM formula WHERE id = ?', [id]);
  },
};

export const OIL_ITEMS: ItemTable<OilItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids);
    const rows = await q.rows<{ id: string; name: string; ingredient_id: string; smoke_c: number; added_at: Date }>(
      `SELECT id, name, ingredient_id, smoke_c, added_at FROM oil ${sql} ORDER BY added_at, id`,
      values,
    );
    return await Promise.all(
      rows.map(async ({ id, name, ingredient_id: ingredientId, smoke_c: smokeC, added_at: at }) => ({
        kind: 'oil' as const,
        id,
        oil: { name, ingredientId, smokeC },
        addedAt: at.toISOString(),
        events: await listOilEvents(q, id),
      })),
    );
  },
  async write(q, { id, oil, addedAt, events }) {
    await OIL_ITEMS.remove(q, id);
    await insertOil(q, { id, ...oil }, new Date(addedAt));
    await holdIngredients(q, 'oil', id, [oil.ingredientId]);
    for (const event of events)
      if (!(await insertOilEvent(q, id, event)))
        throw new Error('Something that happened to this oil is told of another.');
  },
  async remove(q, id) {
    await releaseIngredients(q, id);
    await q.change('DELETE FROM oil WHERE id = ?', [id]);
  },
};

export const FLOUR_ITEMS: ItemTable<FlourItem> = {
  async list(q, ids) {
    const rows = await listFlourRows(q);
    return among(
      rows.map(({ notedAt, ...row }) => ({ kind: 'flour' as const, ...row, notedAt: notedAt.toISOString() })),
      ids,
    );
  },
  async write(q, { kind: _kind, notedAt, ...row }) {
    await deleteFlourRow(q, row.id);
    await insertFlourRow(q, { ...row, notedAt: new Date(notedAt) });
  },
  async remove(q, id) {
    await deleteFlourRow(q, id);
  },
};

export const USUAL_ITEMS: ItemTable<UsualItem> = {
  async list(q, ids) {
    const rows = await listUnlearnt(q);
    return among(
      rows.map(({ kind: of, key, fromMs }) => ({ kind: 'usual' as const, id: `${of} ${key}`, of, key, fromMs })),
      ids,
    );
  },
  async write(q, { of, key, fromMs }) {
    await writeUnlearnt(q, of, key, new Date(fromMs));
  },
  async remove(q, id) {
    const [of, key = ''] = id.split(' ');
    await writeUnlearnt(q, of as UsualItem['of'], key, null);
  },
};

export const STOCK_ITEMS: ItemTable<StockItem> = {
  async list(q, ids) {
    const rows = await listStock(q);
    return among(
      rows.map(({ ingredientId: id, haveKg, strength }) => ({ kind: 'stock' as const, id, haveKg, strength })),
      ids,
    );
  },
  async write(q, { id, haveKg, strength }) {
    await writeStock(q, { ingredientId: id, haveKg, strength });
  },
  async remove(q, id) {
    await q.change('DELETE FROM stock WHERE ingredient_id = ?', [id]);
  },
};

export const KITCHEN_ITEMS: ItemTable<KitchenItem> = {
  async list(q, ids) {
    const { kitchen, version } = await readKitchen(q);
    return version === 0 ? [] : among([{ kind: 'kitchen', id: 'kitchen', kitchen }], ids);
  },
  async write(q, { kitchen }) {
    await requireOpenPots(q, kitchen);
    await q.change(
      `INSERT INTO kitchen (id, body, version, updated_at) VALUES (1, ?, 1, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE body = VALUES(body), version = version + 1, updated_at = VALUES(updated_at)`,
      [JSON.stringify(kitchen)],
    );
  },
  async remove(q) {
    await q.change('DELETE FROM kitchen');
  },
};
