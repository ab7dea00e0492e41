import type { Migration } from './migration.js';

export const storedFigures: Migration = {
  version: 9,
  name: 'figures of finished batches, readings to the thousandth, uses of ingredients',
  statements: [
    `ALTER TABLE stove_session
      ADD COLUMN IF NOT EXISTS figures JSON NULL,
      ADD KEY IF NOT EXISTS by_end (ended_at, started_at)`,
    // Two readings of one probe may be 2 ms apart. Highest first, so that no place is taken twice on the way.
    `UPDATE oil_reading SET seq = GREATEST(1, ROUND(at_s * 1000)) ORDER BY batch_id, seq DESC`,
    // Own ingredients are held by what uses them: the database refuses to delete one in use.
    `CREATE TABLE IF NOT EXISTS ingredient_use (
      ingredient_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
      owner ENUM('batch', 'formula', 'oil') NOT NULL,
      owner_id CHAR(36) CHARACTER SET ascii NOT NULL,
      PRIMARY KEY (owner_id, ingredient_id),
      CONSTRAINT used_ingredient FOREIGN KEY (ingredient_id) REFERENCES ingredient (id)
    )`,
    `INSERT IGNORE INTO ingredient_use (ingredient_id, owner, owner_id)
      SELECT i.id, 'batch', b.id FROM ingredient i JOIN batch b
      ON JSON_SEARCH(b.draft, 'one', i.id, NULL, '$.dough.lines[*].ingredientId') IS NOT NULL
        OR JSON_SEARCH(b.draft, 'one', i.id, NULL, '$.filling.lines[*].ingredientId') IS NOT NULL`,
    `INSERT IGNORE INTO ingredient_use (ingredient_id, owner, owner_id)
      SELECT DISTINCT i.id, 'formula', v.formula_id FROM ingredient i JOIN formula_version v
      ON JSON_SEARCH(v.body, 'one', i.id, NULL, '$.lines[*].ingredientId') IS NOT NULL`,
    `INSERT IGNORE INTO ingredient_use (ingredient_id, owner, owner_id)
      SELECT i.id, 'oil', o.id FROM ingredient i JOIN oil o ON o.ingredient_id = i.id`,
  ],
};
