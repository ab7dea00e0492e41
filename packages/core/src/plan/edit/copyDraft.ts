import type { BatchDraft } from '../../draft/batchDraft.js';

/** As long as a batch's name may be. */
const MOST_NAME = 120;

/**
 * The same batch planned once more, under a name that no other has: what was measured while the
 * first was made is its own and is left out.
 *
 * @param taken names of the batches there are
 * @example copyDraft(draft, [draft.name]).name // 'Half-moons 2'
 */
export function copyDraft<T extends Pick<BatchDraft, 'name' | 'dough'>>(draft: T, taken: readonly string[]): T {
  const { poured: _measured, ...dough } = draft.dough;
  const names = new Set(taken);
  const numbered = /^(.*\S) (\d{1,4})$/.exec(draft.name);
  // A name that is cut off never ends in half a sign.
  const stem = (numbered?.[1] ?? draft.name).slice(0, MOST_NAME - 6).replace(/[\uD800-\uDBFF]$/, '');
  let number = numbered ? Number(numbered[2]) + 1 : 2;
  const named = (): string => `${stem} ${number}`;
  while (names.has(named())) number += 1;
  return { ...draft, name: named(), dough };
}
