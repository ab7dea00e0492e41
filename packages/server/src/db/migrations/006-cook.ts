import type { Migration } from './migration.js';

export const cook: Migration = {
  version: 6,
  name: 'the run-sheet and timers',
  statements: [
    `CREATE TABLE IF NOT EXISTS cook_act (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        received_at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_batch (batch_id, seq),
        CONSTRAINT cook_act_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
    // A timer belongs to the kitchen; its batch may be deleted, and the timer still rings.
    `CREATE TABLE IF NOT EXISTS timer (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        batch_id CHAR(36) CHARACTER SET ascii NULL,
        step VARCHAR(20) CHARACTER SET ascii NULL,
        name VARCHAR(120) NOT NULL,
        started_at DATETIME(3) NOT NULL,
        ends_at DATETIME(3) NOT NULL,
        stopped_at DATETIME(3) NULL,
        KEY running (stopped_at, ends_at)
      )`,
  ],
};
