import type { Migration } from './migration.js';

/** What calendars were sent of each task: a change is sent with a higher number. */
export const calendar: Migration = {
  version: 12,
  name: 'calendar',
  statements: [
    `CREATE TABLE IF NOT EXISTS calendar_event (
      uid VARCHAR(120) CHARACTER SET ascii NOT NULL PRIMARY KEY,
      supper_id CHAR(36) CHARACTER SET ascii NOT NULL,
      body CHAR(64) CHARACTER SET ascii NOT NULL,
      sequence INT UNSIGNED NOT NULL,
      changed_at DATETIME(3) NOT NULL,
      INDEX calendar_of_supper (supper_id)
    )`,
  ],
};
