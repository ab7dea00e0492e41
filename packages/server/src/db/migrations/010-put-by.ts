import type { Migration } from './migration.js';

export const putBy: Migration = {
  version: 10,
  name: 'what is put by for another day, and who takes it',
  statements: [
    `CREATE TABLE IF NOT EXISTS put_by (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        batch_id CHAR(36) CHARACTER SET ascii NULL,
        mark CHAR(1) CHARACTER SET ascii NULL,
        why VARCHAR(8) CHARACTER SET ascii NOT NULL,
        kind VARCHAR(8) CHARACTER SET ascii NOT NULL,
        name VARCHAR(120) NOT NULL,
        place VARCHAR(8) CHARACTER SET ascii NOT NULL,
        pieces INT UNSIGNED NULL,
        mass_kg DOUBLE NULL,
        tray JSON NULL,
        made_at DATETIME(3) NOT NULL,
        good_until DATETIME(3) NOT NULL,
        UNIQUE KEY once (batch_id, mark, why),
        KEY by_day (good_until),
        CONSTRAINT put_by_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE SET NULL
      )`,
    // A batch that is deleted lays its pieces back; what is taken cannot be thrown away meanwhile.
    `CREATE TABLE IF NOT EXISTS put_by_use (
        put_by_id CHAR(36) CHARACTER SET ascii NOT NULL,
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        pieces INT UNSIGNED NOT NULL,
        PRIMARY KEY (put_by_id, batch_id),
        KEY of_batch (batch_id),
        CONSTRAINT put_by_used FOREIGN KEY (put_by_id) REFERENCES put_by (id),
        CONSTRAINT put_by_user FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
  ],
};
