import type { Migration } from './migration.js';

export const suppers: Migration = {
  version: 11,
  name: 'suppers: their servings and guests; batches name theirs',
  statements: [
    `CREATE TABLE IF NOT EXISTS supper (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        body JSON NOT NULL,
        last_at DATETIME(3) NOT NULL,
        version INT UNSIGNED NOT NULL,
        updated_at DATETIME(3) NOT NULL,
        KEY by_day (last_at)
      )`,
  ],
};
