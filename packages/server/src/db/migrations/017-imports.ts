import type { Migration } from './migration.js';

/** What was taken in from files, with what it takes to undo it. */
export const imports: Migration = {
  version: 17,
  name: 'imports',
  statements: [
    `CREATE TABLE IF NOT EXISTS import_log (
      id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
      taken_at DATETIME(3) NOT NULL,
      added INT UNSIGNED NOT NULL,
      changed INT UNSIGNED NOT NULL,
      undone BOOLEAN NOT NULL DEFAULT FALSE,
      back LONGBLOB NULL,
      KEY by_time (taken_at)
    )`,
  ],
};
