import type { Migration } from './migration.js';

export const devices: Migration = {
  version: 4,
  name: 'devices that send readings',
  statements: [
    // A token is shown once and kept as its hash.
    `CREATE TABLE IF NOT EXISTS device (
        id VARCHAR(40) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        kind ENUM('scale', 'probe') NOT NULL,
        name VARCHAR(120) NOT NULL,
        token_hash BINARY(32) NOT NULL,
        added_at DATETIME(3) NOT NULL
      )`,
  ],
};
