import type { Migration } from './migration.js';

export const batches: Migration = {
  version: 1,
  name: 'batches, stove, ledger',
  statements: [
    `CREATE TABLE IF NOT EXISTS kitchen (
        id TINYINT UNSIGNED NOT NULL PRIMARY KEY CHECK (id = 1),
        body JSON NOT NULL,
        version INT UNSIGNED NOT NULL,
        updated_at DATETIME(3) NOT NULL
      )`,
    `CREATE TABLE IF NOT EXISTS batch (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        status ENUM('planned', 'frying', 'done') NOT NULL DEFAULT 'planned',
        draft JSON NOT NULL,
        version INT UNSIGNED NOT NULL,
        created_at DATETIME(3) NOT NULL,
        updated_at DATETIME(3) NOT NULL,
        KEY by_status (status, updated_at)
      )`,
    `CREATE TABLE IF NOT EXISTS stove_session (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        seed INT UNSIGNED NOT NULL,
        speed DOUBLE NOT NULL,
        draft JSON NOT NULL,
        kitchen JSON NOT NULL,
        started_at DATETIME(3) NOT NULL,
        ended_at DATETIME(3) NULL,
        CONSTRAINT stove_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
    `CREATE TABLE IF NOT EXISTS fire_act (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        at_s DOUBLE NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        received_at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_batch (batch_id, seq),
        CONSTRAINT act_of_stove FOREIGN KEY (batch_id) REFERENCES stove_session (batch_id) ON DELETE CASCADE
      )`,
    `CREATE TABLE IF NOT EXISTS oil_reading (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        seq INT UNSIGNED NOT NULL,
        at_s DOUBLE NOT NULL,
        probe_c DOUBLE NOT NULL,
        PRIMARY KEY (batch_id, seq),
        CONSTRAINT reading_of_stove FOREIGN KEY (batch_id) REFERENCES stove_session (batch_id) ON DELETE CASCADE
      )`,
    `CREATE TABLE IF NOT EXISTS ledger_note (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        notes TEXT NOT NULL,
        version INT UNSIGNED NOT NULL,
        CONSTRAINT note_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
  ],
};
