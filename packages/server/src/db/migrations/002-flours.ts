import type { Migration } from './migration.js';

export const flours: Migration = {
  version: 2,
  name: 'what was learnt of flours',
  statements: [
    // The batch may be deleted; what its dough taught stays.
    `CREATE TABLE IF NOT EXISTS flour_observation (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        flour_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
        batch_name VARCHAR(120) NOT NULL,
        dough JSON NOT NULL,
        poured_kg DOUBLE NOT NULL,
        felt ENUM('firm', 'right', 'soft') NOT NULL,
        noted_at DATETIME(3) NOT NULL,
        KEY by_flour (flour_id, noted_at)
      )`,
  ],
};
