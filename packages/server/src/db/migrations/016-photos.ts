import type { Migration } from './migration.js';

/** A small picture of a tray's fried pieces, beside what it says of their colour. */
export const photos: Migration = {
  version: 16,
  name: 'photos',
  statements: [
    `CREATE TABLE IF NOT EXISTS ledger_photo (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
      mark CHAR(1) CHARACTER SET ascii NOT NULL,
      jpeg MEDIUMBLOB NOT NULL,
      taken_at DATETIME(3) NOT NULL,
      PRIMARY KEY (batch_id, mark),
      FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
    )`,
  ],
};
