import type { Migration } from './migration.js';

export const probes: Migration = {
  version: 7,
  name: 'stoves with a probe of one’s own, or with none',
  statements: [
    `ALTER TABLE stove_session
        ADD COLUMN IF NOT EXISTS probe VARCHAR(40) CHARACTER SET ascii NULL DEFAULT 'simulated-stove',
        ADD COLUMN IF NOT EXISTS trial BOOLEAN NOT NULL DEFAULT FALSE`,
  ],
};
