import type { Use } from '@ember-fold/core/ledger';
import type { Queries } from '../db/gate.js';

/** Batches that took a dough or filling from a formula. */
export async function listBatchesFrom(q: Queries, formulaId: string): Promise<Use[]> {
  return await q.rows<Use>(
    `SELECT 'batch' AS \`of\`, id, name FROM batch
     WHERE JSON_VALUE(draft, '$.dough.from.id') = ? OR JSON_VALUE(draft, '$.filling.from.id') = ?
        OR JSON_SEARCH(draft, 'one', ?, NULL, '$.fillings.*.from.id') IS NOT NULL
     ORDER BY updated_at DESC LIMIT 200`,
    [formulaId, formulaId, formulaId],
  );
}

/** Batches, planned or in the ledger, formulas, in any version, and oils that hold an ingredient. */
export async function listUsesOf(q: Queries, ingredientId: string): Promise<Use[]> {
  return await q.rows<Use>(
    `SELECT 'batch' AS \`of\`, id, name FROM batch
     WHERE JSON_SEARCH(draft, 'one', ?, NULL, '$.dough.lines[*].ingredientId') IS NOT NULL
        OR JSON_SEARCH(draft, 'one', ?, NULL, '$.filling.lines[*].ingredientId') IS NOT NULL
        OR JSON_SEARCH(draft, 'one', ?, NULL, '$.fillings.*.lines[*].ingredientId') IS NOT NULL
     UNION ALL
     SELECT DISTINCT 'formula', f.id, f.name FROM formula f JOIN formula_version v ON v.formula_id = f.id
     WHERE JSON_SEARCH(v.body, 'one', ?, NULL, '$.lines[*].ingredientId') IS NOT NULL
     UNION ALL
     SELECT 'oil', id, name FROM oil WHERE ingredient_id = ?
     LIMIT 200`,
    [ingredientId, ingredientId, ingredientId, ingredientId, ingredientId],
  );
}
