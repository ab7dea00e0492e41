import type { Queries } from './gate.js';

/** A batch or formula in which something of the Store is used. */
export interface UseRow {
  readonly of: 'batch' | 'formula';
  readonly id: string;
  readonly name: string;
}

/** Batches that took a dough or filling from a formula. */
export async function listBatchesFrom(q: Queries, formulaId: string): Promise<UseRow[]> {
  return await q.rows<UseRow>(
    `SELECT 'batch' AS \`of\`, id, name FROM batch
     WHERE JSON_VALUE(draft, '$.dough.from.id') = ? OR JSON_VALUE(draft, '$.filling.from.id') = ?
     ORDER BY updated_at DESC LIMIT 200`,
    [formulaId, formulaId],
  );
}

/** Batches, planned or in the ledger, and formulas, in any version, that hold an ingredient. */
export async function listUsesOf(q: Queries, ingredientId: string): Promise<UseRow[]> {
  return await q.rows<UseRow>(
    `SELECT 'batch' AS \`of\`, id, name FROM batch
     WHERE JSON_SEARCH(draft, 'one', ?, NULL, '$.dough.lines[*].ingredientId') IS NOT NULL
        OR JSON_SEARCH(draft, 'one', ?, NULL, '$.filling.lines[*].ingredientId') IS NOT NULL
     UNION ALL
     SELECT DISTINCT 'formula', f.id, f.name FROM formula f JOIN formula_version v ON v.formula_id = f.id
     WHERE JSON_SEARCH(v.body, 'one', ?, NULL, '$.lines[*].ingredientId') IS NOT NULL
     LIMIT 200`,
    [ingredientId, ingredientId, ingredientId],
  );
}
