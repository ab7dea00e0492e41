/**
 * A recipe out of a page's data (schema.org Recipe), as text that is read like any other; `null` when it is none.
 * @example recipeOfJson('{"@type":"Recipe","name":"Cones"}').title // 'Cones'
 */
export function recipeOfJson(text: string): { readonly title: string | null; readonly text: string } | null {
  const trimmed = text.trim();
  if (!/^[[{]/.test(trimmed)) return null;
  let data: unknown;
  try {
    data = JSON.parse(trimmed);
  } catch {
    return null;
  }
  const recipe = findRecipe(data, 0);
  if (!recipe) return null;
  const name = stringOf(recipe['name']);
  const ingredients = listOf(recipe['recipeIngredient'] ?? recipe['ingredients']).flatMap((one) => stringOf(one) ?? []);
  const steps = stepsOf(recipe['recipeInstructions'], 0);
  const makes = listOf(recipe['recipeYield']).flatMap((one) => stringOf(one) ?? []);
  const lines = [
    ...ingredients,
    'Method',
    ...steps,
    ...makes.slice(0, 1).map((one) => (/^\d+$/.test(one) ? `Makes ${one}.` : one)),
  ];
  return { title: name, text: lines.join('\n') };
}

type Data = Readonly<Record<string, unknown>>;
const isData = (value: unknown): value is Data => typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined ? [] : [value];
const stringOf = (value: unknown): string | null =>
  typeof value === 'string' ? value.slice(0, 4000) : typeof value === 'number' ? String(value) : null;

/** Data is not followed deeper than this. */
const MOST_DEEP = 6;

function findRecipe(data: unknown, deep: number): Data | null {
  if (deep > MOST_DEEP) return null;
  for (const one of listOf(data)) {
    if (!isData(one)) continue;
    if (listOf(one['@type']).includes('Recipe') || Array.isArray(one['recipeIngredient'])) return one;
    const inside = findRecipe(one['@graph'], deep + 1);
    if (inside) return inside;
  }
  return null;
}

function stepsOf(value: unknown, deep: number): string[] {
  if (deep > MOST_DEEP) return [];
  return listOf(value).flatMap((one) => {
    const text = stringOf(one) ?? (isData(one) ? stringOf(one['text']) : null);
    if (text !== null) return text.split(/\n+/);
    return isData(one) ? stepsOf(one['itemListElement'], deep + 1) : [];
  });
}
