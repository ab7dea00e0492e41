import type { Migration } from './migration.js';

export const warmOil: Migration = {
  version: 8,
  name: 'oil that is still warm from the batch before',
  statements: [`ALTER TABLE stove_session ADD COLUMN IF NOT EXISTS start_c DOUBLE NULL DEFAULT NULL`],
};
