import type { Migration } from './migration.js';

/** What each finished batch says of the figures that plans are made with, and what the cook has put back to usual. */
export const learnt: Migration = {
  version: 14,
  name: 'learnt',
  statements: [
    `CREATE TABLE IF NOT EXISTS observation (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
      kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
      obs_key VARCHAR(60) CHARACTER SET ascii NOT NULL,
      n SMALLINT UNSIGNED NOT NULL,
      value DOUBLE NOT NULL,
      of_count INT UNSIGNED NOT NULL,
      hits INT UNSIGNED NOT NULL,
      seen_at DATETIME(3) NOT NULL,
      PRIMARY KEY (batch_id, kind, obs_key, n),
      FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
    )`,
    `CREATE TABLE IF NOT EXISTS taught (
      batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
      model SMALLINT UNSIGNED NOT NULL,
      taught_at DATETIME(3) NOT NULL,
      no BIGINT UNSIGNED NOT NULL AUTO_INCREMENT UNIQUE KEY,
      FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
    )`,
    `CREATE TABLE IF NOT EXISTS unlearnt (
      kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
      obs_key VARCHAR(60) CHARACTER SET ascii NOT NULL,
      from_at DATETIME(3) NOT NULL,
      no BIGINT UNSIGNED NOT NULL AUTO_INCREMENT UNIQUE KEY,
      PRIMARY KEY (kind, obs_key)
    )`,
  ],
};
