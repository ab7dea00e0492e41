import type { Migration } from './migration.js';

/** The address at which a phone's calendar reads the suppers. In no copy, like all that lets somebody in. */
export const calendarAddress: Migration = {
  version: 22,
  name: 'calendar address',
  statements: [
    `CREATE TABLE IF NOT EXISTS home_calendar (
      id TINYINT NOT NULL PRIMARY KEY,
      secret_hash BINARY(32) NOT NULL
    )`,
  ],
};
