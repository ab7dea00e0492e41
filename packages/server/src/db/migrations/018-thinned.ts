import type { Migration } from './migration.js';

/** Readings of old records are thinned once. */
export const thinned: Migration = {
  version: 18,
  name: 'thinned',
  statements: ['ALTER TABLE stove_session ADD COLUMN IF NOT EXISTS thinned_at DATETIME(3) NULL'],
};
