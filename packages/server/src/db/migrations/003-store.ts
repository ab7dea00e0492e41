import type { Migration } from './migration.js';

export const store: Migration = {
  version: 3,
  name: 'the store: own ingredients, formulas with versions, stock',
  statements: [
    // Rows added here, and shipped rows changed here under their own id.
    `CREATE TABLE IF NOT EXISTS ingredient (
        id VARCHAR(60) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        body JSON NOT NULL,
        version INT UNSIGNED NOT NULL,
        updated_at DATETIME(3) NOT NULL
      )`,
    `CREATE TABLE IF NOT EXISTS formula (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        archived BOOLEAN NOT NULL DEFAULT FALSE,
        edition INT UNSIGNED NOT NULL,
        created_at DATETIME(3) NOT NULL,
        updated_at DATETIME(3) NOT NULL,
        KEY by_name (name)
      )`,
    // Versions are only ever added: a batch says which one it came from.
    `CREATE TABLE IF NOT EXISTS formula_version (
        formula_id CHAR(36) CHARACTER SET ascii NOT NULL,
        version INT UNSIGNED NOT NULL,
        body JSON NOT NULL,
        saved_at DATETIME(3) NOT NULL,
        PRIMARY KEY (formula_id, version),
        CONSTRAINT version_of_formula FOREIGN KEY (formula_id) REFERENCES formula (id) ON DELETE CASCADE
      )`,
    `CREATE TABLE IF NOT EXISTS stock (
        ingredient_id VARCHAR(60) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        have_kg DOUBLE NOT NULL,
        strength DOUBLE NOT NULL,
        updated_at DATETIME(3) NOT NULL
      )`,
  ],
};
