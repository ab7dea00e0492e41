import type { Formula } from '../ingredient/formula.js';
import type { Pantry } from '../ingredient/pantry.js';
import type { FormulaKind } from './storeFormula.js';

/** One ingredient of two versions side by side, in percent; `null` where it is not in one. */
export interface ComparedLine {
  readonly ingredientId: string;
  readonly part: 0 | 1;
  readonly before: number | null;
  readonly after: number | null;
}

/** Percent of the flour for doughs, of the whole for fillings and bases; keyed by ingredient and part. */
function percents(lines: Formula, kind: FormulaKind, pantry: Pantry): Map<string, number> {
  const counts = (id: string) => kind !== 'dough' || pantry.find(id).role === 'flour';
  const whole = lines.reduce((sum, line) => (counts(line.ingredientId) ? sum + line.massKg : sum), 0);
  const found = new Map<string, number>();
  for (const { ingredientId, massKg, part = 0 } of lines) {
    const key = `${part} ${ingredientId}`;
    found.set(key, (found.get(key) ?? 0) + (whole > 0 ? (100 * massKg) / whole : 0));
  }
  return found;
}

/**
 * Two versions of a formula in percent, so that how much was made does not matter. Order: the
 * newer version's, then what it has no more of.
 *
 * @throws CoreError UNKNOWN_NAME
 * @example compareFormulas(lines, lines, 'dough', pantry).length // 4
 */
export function compareFormulas(
  before: Formula,
  after: Formula,
  kind: FormulaKind,
  pantry: Pantry,
): readonly ComparedLine[] {
  const old = percents(before, kind, pantry);
  const now = percents(after, kind, pantry);
  return [...new Set([...now.keys(), ...old.keys()])].map((key) => ({
    ingredientId: key.slice(2),
    part: key.startsWith('1') ? 1 : 0,
    before: old.get(key) ?? null,
    after: now.get(key) ?? null,
  }));
}
