import type { Migration } from './migration.js';

/**
 * A row for each stove that is on, which holds what it needs: the database itself refuses to delete
 * its batch, its record, its supper, its oil or the kitchen while there may be pieces in hot oil.
 */
export const openStoves: Migration = {
  version: 21,
  name: 'open stoves',
  statements: [
    `CREATE TABLE IF NOT EXISTS open_stove (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
      supper_id CHAR(36) CHARACTER SET ascii NULL,
      oil_id CHAR(36) CHARACTER SET ascii NULL,
      kitchen_id TINYINT UNSIGNED NULL,
      CONSTRAINT open_stove_batch FOREIGN KEY (batch_id) REFERENCES stove_session (batch_id),
      CONSTRAINT open_stove_supper FOREIGN KEY (supper_id) REFERENCES supper (id),
      CONSTRAINT open_stove_oil FOREIGN KEY (oil_id) REFERENCES oil (id),
      CONSTRAINT open_stove_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    )`,
    `INSERT IGNORE INTO open_stove (batch_id, supper_id, oil_id, kitchen_id)
     SELECT s.batch_id, p.id, o.id, k.id FROM stove_session s JOIN batch b ON b.id = s.batch_id
     LEFT JOIN supper p ON p.id = JSON_VALUE(b.draft, '$.supper')
     LEFT JOIN oil o ON o.id = JSON_VALUE(s.kitchen, '$.potOil.id')
     LEFT JOIN kitchen k ON k.id = 1 WHERE s.ended_at IS NULL`,
  ],
};
