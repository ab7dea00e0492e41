import type { Migration } from './migration.js';

/** Devices that were let in over the home network. None of it is in copies: an old one must let nobody in again. */
export const home: Migration = {
  version: 19,
  name: 'home',
  statements: [
    `CREATE TABLE IF NOT EXISTS home_device (
      id CHAR(36) NOT NULL PRIMARY KEY,
      name VARCHAR(120) NOT NULL,
      how VARCHAR(12) NOT NULL,
      token_hash BINARY(32) NOT NULL UNIQUE,
      paired_at DATETIME(3) NOT NULL,
      seen_at DATETIME(3) NOT NULL
    )`,
    `CREATE TABLE IF NOT EXISTS home_pairing (
      id TINYINT NOT NULL PRIMARY KEY,
      secret_hash BINARY(32) NOT NULL,
      digits_hash BINARY(32) NOT NULL,
      tries INT NOT NULL,
      ends_at DATETIME(3) NOT NULL
    )`,
    `CREATE TABLE IF NOT EXISTS home_passphrase (
      id TINYINT NOT NULL PRIMARY KEY,
      salt BINARY(16) NOT NULL,
      hash BINARY(32) NOT NULL
    )`,
  ],
};
