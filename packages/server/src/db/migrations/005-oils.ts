import type { Migration } from './migration.js';

export const oils: Migration = {
  version: 5,
  name: 'oils and what happened to them',
  statements: [
    `CREATE TABLE IF NOT EXISTS oil (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        ingredient_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
        smoke_c DOUBLE NOT NULL,
        added_at DATETIME(3) NOT NULL
      )`,
    // Events are only ever added: age, wear and what it carries are computed from all of them.
    `CREATE TABLE IF NOT EXISTS oil_event (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        oil_id CHAR(36) CHARACTER SET ascii NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_oil (oil_id, at, seq),
        CONSTRAINT event_of_oil FOREIGN KEY (oil_id) REFERENCES oil (id) ON DELETE CASCADE
      )`,
  ],
};
