import type { Migration } from './migration.js';

/** Records have tags, and one that is deleted can be put back for a while. */
export const tags: Migration = {
  version: 15,
  name: 'tags',
  statements: [
    'ALTER TABLE stove_session ADD COLUMN IF NOT EXISTS gone_at DATETIME(3) NULL',
    `CREATE TABLE IF NOT EXISTS ledger_tag (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
      tag VARCHAR(24) NOT NULL,
      PRIMARY KEY (batch_id, tag),
      KEY by_tag (tag),
      FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
    )`,
  ],
};
