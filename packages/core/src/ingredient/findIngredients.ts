import type { Ingredient } from './ingredient.js';

/** Lower case without accents: what two spellings of one name have in common. */
export function plainLetters(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();
}

/**
 * Letters to change, add, drop or swap to get from `typed` to the beginning of `word`; more
 * than `most` is not distinguished.
 */
function slips(typed: string, word: string, most: number): number {
  // So many would have to be dropped.
  if (typed.length - word.length > most) return most + 1;
  const beyond = most + 1;
  let before: number[] = [];
  let row = Array.from({ length: word.length + 1 }, (_, j) => j);
  for (let i = 1; i <= typed.length; i++) {
    const next = row.map(() => beyond);
    if (i <= most) next[0] = i;
    let lowest = next[0]!;
    // Further apart than that they have more slips.
    for (let j = Math.max(1, i - most); j <= Math.min(word.length, i + most); j++) {
      const same = typed[i - 1] === word[j - 1];
      let least = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (same ? 0 : 1));
      const swapped = i > 1 && j > 1 && typed[i - 1] === word[j - 2] && typed[i - 2] === word[j - 1];
      if (swapped) least = Math.min(least, before[j - 2]! + 1);
      next[j] = least;
      if (least < lowest) lowest = least;
    }
    if (lowest > most) return beyond;
    before = row;
    row = next;
  }
  // Only the beginning of the word has been typed so far.
  return Math.min(...row);
}

const wordsOf = (text: string): string[] => text.split(/[\s,()-]+/).filter(Boolean);

/** How well a name answers what was typed, both without accents: 0 best; `null` not at all. */
export function answerRank(typed: string, name: string): number | null {
  if (name.startsWith(typed)) return 0;
  const words = wordsOf(name);
  const parts = wordsOf(typed);
  if (parts.length === 0) return null;
  let rank = 0;
  for (const part of parts) {
    // A slip in three letters is another word; in a long one two are forgiven.
    const forgiven = part.length >= 7 ? 2 : part.length >= 4 ? 1 : 0;
    const away = (word: string): number =>
      word.startsWith(part) ? 0 : forgiven === 0 ? 1 : slips(part, word, forgiven);
    const best = Math.min(...words.map(away));
    if (best <= forgiven) rank = Math.max(rank, 1 + best);
    else if (name.includes(part)) rank = Math.max(rank, 4);
    else return null;
  }
  return rank;
}

/**
 * Ingredients whose name answers what was typed, best first; forgives a slip or two. An empty
 * text finds all, by name.
 *
 * @example findIngredients('buter', INGREDIENTS)[0].id // 'butter'
 */
export function findIngredients<T extends Pick<Ingredient, 'name'>>(text: string, among: readonly T[]): readonly T[] {
  const typed = plainLetters(text).slice(0, 60);
  return among
    .flatMap((ingredient) => {
      const rank = typed === '' ? 0 : answerRank(typed, plainLetters(ingredient.name));
      return rank === null ? [] : [{ ingredient, rank }];
    })
    .sort((a, b) => a.rank - b.rank || a.ingredient.name.localeCompare(b.ingredient.name))
    .map(({ ingredient }) => ingredient);
}
