import type { Migration } from './migration.js';

/** How a batch came out, as the cook judged it. */
export const looks: Migration = {
  version: 13,
  name: 'looks',
  statements: [
    `CREATE TABLE IF NOT EXISTS ledger_looks (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
      body JSON NOT NULL,
      version INT UNSIGNED NOT NULL,
      FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
    )`,
  ],
};
