import type { FormulaBody, FormulaVersion, StoreFormula } from '@ember-fold/core/ledger';
import { fromJson, type Queries } from '../db/gate.js';

interface Raw {
  id: string;
  name: string;
  archived: number;
  edition: number;
  version: number;
  body: unknown;
  updated_at: Date;
}

const NEWEST = `SELECT f.id, f.name, f.archived, f.edition, v.version, v.body, f.updated_at
  FROM formula f JOIN formula_version v ON v.formula_id = f.id
  AND v.version = (SELECT MAX(version) FROM formula_version WHERE formula_id = f.id)`;

function fromRaw(raw: Raw): StoreFormula {
  const { id, name, edition, version } = raw;
  return {
    id,
    name,
    archived: raw.archived === 1,
    edition,
    version,
    body: fromJson<FormulaBody>(raw.body),
    updatedAt: raw.updated_at.toISOString(),
  };
}

/** All formulas by name, archived ones too. */
export async function listFormulas(q: Queries): Promise<StoreFormula[]> {
  return (await q.rows<Raw>(`${NEWEST} ORDER BY f.name, f.id LIMIT 5000`)).map(fromRaw);
}

/** Bases alone: they are wanted at every save of a batch. */
export async function listBaseFormulas(q: Queries): Promise<StoreFormula[]> {
  return (
    await q.rows<Raw>(`${NEWEST} WHERE JSON_VALUE(v.body, '$.kind') = 'base' ORDER BY f.name, f.id LIMIT 5000`)
  ).map(fromRaw);
}

export async function readFormula(q: Queries, id: string): Promise<StoreFormula | null> {
  const [row] = await q.rows<Raw>(`${NEWEST} WHERE f.id = ?`, [id]);
  return row ? fromRaw(row) : null;
}

/** Newest first. */
export async function listFormulaVersions(q: Queries, id: string): Promise<FormulaVersion[]> {
  const rows = await q.rows<{ version: number; body: unknown; saved_at: Date }>(
    'SELECT version, body, saved_at FROM formula_version WHERE formula_id = ? ORDER BY version DESC LIMIT 500',
    [id],
  );
  return rows.map(({ version, body, saved_at }) => ({
    version,
    body: fromJson<FormulaBody>(body),
    savedAt: saved_at.toISOString(),
  }));
}

/** With its first version; call inside a transaction. @returns false when the id is taken */
export async function insertFormula(
  q: Queries,
  id: string,
  name: string,
  body: FormulaBody,
  at: Date,
): Promise<boolean> {
  const made = await q.change(
    'INSERT IGNORE INTO formula (id, name, edition, created_at, updated_at) VALUES (?, ?, 1, ?, ?)',
    [id, name, at, at],
  );
  if (made.affectedRows !== 1) return false;
  await insertVersion(q, id, 1, body, at);
  return true;
}

export async function insertVersion(
  q: Queries,
  id: string,
  version: number,
  body: FormulaBody,
  at: Date,
): Promise<void> {
  await q.change('INSERT INTO formula_version (formula_id, version, body, saved_at) VALUES (?, ?, ?, ?)', [
    id,
    version,
    JSON.stringify(body),
    at,
  ]);
}

/** @returns false when `edition` is no longer the current one */
export async function updateFormula(
  q: Queries,
  of: Pick<StoreFormula, 'id' | 'name' | 'archived' | 'edition'>,
  at: Date,
): Promise<boolean> {
  const done = await q.change(
    'UPDATE formula SET name = ?, archived = ?, edition = edition + 1, updated_at = ? WHERE id = ? AND edition = ?',
    [of.name, of.archived, at, of.id, of.edition],
  );
  return done.affectedRows === 1;
}
