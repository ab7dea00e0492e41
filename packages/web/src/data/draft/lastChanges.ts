import type { Kitchen } from '@ember-fold/core/plan';
import type { Supper } from '@ember-fold/core/supper';
import { readKept, writeKept } from '../offline/useKept';

/**
 * What the cook changed last, so that a page which stops because of it can be opened again without it.
 * A batch on the bench has its own undo; this is for what has none.
 */
export type Change = { readonly atMs?: number } & (
  | { readonly of: 'kept'; readonly key: string; readonly before: unknown }
  | { readonly of: 'kitchen'; readonly before: Kitchen }
  | { readonly of: 'supper'; readonly id: string; readonly before: Supper }
);

/** A kitchen or a supper of longer ago than this may have been changed by others since: putting it back would undo them, ms. */
const OWN_MS = 30 * 60_000;

const KEY = 'changes';
const MOST_CHANGES = 10;
/** Changes of one thing that follow each other this closely are one, ms: a word is taken back whole. */
const TOGETHER_MS = 1500;

const areChanges = (value: unknown): value is readonly Change[] => Array.isArray(value);
/** The last changes that can still be taken back, oldest first. */
export const notedChanges = (): readonly Change[] =>
  (readKept(KEY, areChanges) ?? []).filter(
    (change) => change.of === 'kept' || Date.now() - (change.atMs ?? -Infinity) < OWN_MS,
  );
export const writeChanges = (changes: readonly Change[]): void => writeKept(KEY, changes);

let lastMs = -Infinity;

const thingOf = (change: Change): string =>
  change.of === 'kept' ? `kept ${change.key}` : change.of === 'supper' ? `supper ${change.id}` : change.of;

/** Something is about to change. */
export function noteChange(change: Change): void {
  const all = notedChanges();
  const last = all.at(-1);
  const joins = last && thingOf(last) === thingOf(change) && Date.now() - lastMs < TOGETHER_MS;
  lastMs = Date.now();
  if (!joins) writeChanges([...all, { ...change, atMs: lastMs }].slice(-MOST_CHANGES));
}
