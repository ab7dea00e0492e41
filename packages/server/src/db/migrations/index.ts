/** Numbered, forward-only, each re-runnable: MariaDB commits at every CREATE. */
export interface Migration {
  readonly version: number;
  readonly name: string;
  readonly statements: readonly string[];
}

export const MIGRATIONS: readonly Migration[] = [
  {
    version: 1,
    name: 'batches, stove, ledger',
    statements: [
      `CREATE TABLE IF NOT EXISTS kitchen (
        id TINYINT UNSIGNED NOT NULL PRIMARY KEY CHECK (id = 1),
        body JSON NOT NULL,
        version INT UNSIGNED NOT NULL,
        updated_at DATETIME(3) NOT NULL
      )`,
      `CREATE TABLE IF NOT EXISTS batch (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        status ENUM('planned', 'frying', 'done') NOT NULL DEFAULT 'planned',
        draft JSON NOT NULL,
        version INT UNSIGNED NOT NULL,
        created_at DATETIME(3) NOT NULL,
        updated_at DATETIME(3) NOT NULL,
        KEY by_status (status, updated_at)
      )`,
      `CREATE TABLE IF NOT EXISTS stove_session (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        seed INT UNSIGNED NOT NULL,
        speed DOUBLE NOT NULL,
        draft JSON NOT NULL,
        kitchen JSON NOT NULL,
        started_at DATETIME(3) NOT NULL,
        ended_at DATETIME(3) NULL,
        CONSTRAINT stove_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
      `CREATE TABLE IF NOT EXISTS fire_act (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        at_s DOUBLE NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        received_at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_batch (batch_id, seq),
        CONSTRAINT act_of_stove FOREIGN KEY (batch_id) REFERENCES stove_session (batch_id) ON DELETE CASCADE
      )`,
      `CREATE TABLE IF NOT EXISTS oil_reading (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        seq INT UNSIGNED NOT NULL,
        at_s DOUBLE NOT NULL,
        probe_c DOUBLE NOT NULL,
        PRIMARY KEY (batch_id, seq),
        CONSTRAINT reading_of_stove FOREIGN KEY (batch_id) REFERENCES stove_session (batch_id) ON DELETE CASCADE
      )`,
      `CREATE TABLE IF NOT EXISTS ledger_note (
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        notes TEXT NOT NULL,
        version INT UNSIGNED NOT NULL,
        CONSTRAINT note_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
    ],
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
    version: 5,
    name: 'oils and what happened to them',
    statements: [
      `CREATE TABLE IF NOT EXISTS oil (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        ingredient_id VARCHAR(60) CHARACTER SET ascii NOT NULL,
        smoke_c DOUBLE NOT NULL,
        added_at DATETIME(3) NOT NULL
      )`,
      // Events are only ever added: age, wear and what it carries are computed from all of them.
      `CREATE TABLE IF NOT EXISTS oil_event (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        oil_id CHAR(36) CHARACTER SET ascii NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_oil (oil_id, at, seq),
        CONSTRAINT event_of_oil FOREIGN KEY (oil_id) REFERENCES oil (id) ON DELETE CASCADE
      )`,
    ],
  },
  {
    version: 6,
    name: 'the run-sheet and timers',
    statements: [
      `CREATE TABLE IF NOT EXISTS cook_act (
        seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
        id CHAR(36) CHARACTER SET ascii NOT NULL,
        batch_id CHAR(36) CHARACTER SET ascii NOT NULL,
        kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
        body JSON NOT NULL,
        received_at DATETIME(3) NOT NULL,
        UNIQUE KEY once (id),
        KEY by_batch (batch_id, seq),
        CONSTRAINT cook_act_of_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
      )`,
      // A timer belongs to the kitchen; its batch may be deleted, and the timer still rings.
      `CREATE TABLE IF NOT EXISTS timer (
        id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY,
        batch_id CHAR(36) CHARACTER SET ascii NULL,
        step VARCHAR(20) CHARACTER SET ascii NULL,
        name VARCHAR(120) NOT NULL,
        started_at DATETIME(3) NOT NULL,
        ends_at DATETIME(3) NOT NULL,
        stopped_at DATETIME(3) NULL,
        KEY running (stopped_at, ends_at)
      )`,
    ],
  },
  {
    version: 7,
    name: 'stoves with a probe of one’s own, or with none',
    statements: [
      `ALTER TABLE stove_session
        ADD COLUMN IF NOT EXISTS probe VARCHAR(40) CHARACTER SET ascii NULL DEFAULT 'simulated-stove',
        ADD COLUMN IF NOT EXISTS trial BOOLEAN NOT NULL DEFAULT FALSE`,
    ],
  },
  {
    version: 8,
    name: 'oil that is still warm from the batch before',
    statements: [`ALTER TABLE stove_session ADD COLUMN IF NOT EXISTS start_c DOUBLE NULL DEFAULT NULL`],
  },
];
