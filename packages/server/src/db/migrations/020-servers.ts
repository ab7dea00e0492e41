import type { Migration } from './migration.js';

/** What several servers on these records tell one another. */
export const servers: Migration = {
  version: 20,
  name: 'servers',
  statements: [
    `CREATE TABLE IF NOT EXISTS live_event (
      id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
      server CHAR(36) NOT NULL,
      at DATETIME(3) NOT NULL,
      body MEDIUMTEXT NOT NULL,
      KEY at (at)
    )`,
    `CREATE TABLE IF NOT EXISTS server (
      id CHAR(36) NOT NULL PRIMARY KEY,
      at DATETIME(3) NOT NULL
    )`,
  ],
};
