import { readRecipe } from '@ember-fold/core/files';
import { SHIPPED_PANTRY } from '@ember-fold/core/plan';
import { isPage, pageText } from './pageText';

const MEASURES = { cupMl: 250, teaspoonMl: 5 };
const ids = (text: string) => readRecipe(pageText(text), SHIPPED_PANTRY, MEASURES).lines.map((one) => one.ingredientId);

it('a page with its menus and scripts: its recipe data first, else what it says line by line; nothing of it runs', () => {
  const menu = '<nav><a>Home</a> 2 cups flour</nav><script>globalThis.ran = true</script>';
  const list = `<html><body>${menu}<h1>Pockets</h1><ul><li>250&nbsp;g plain flour<li>½ tsp salt</ul><p>Fry for 4&ndash;5 minutes.</p></body></html>`;
  expect(pageText(list)).toBe('Pockets\n250 g plain flour\n½ tsp salt\nFry for 4–5 minutes.');
  expect(ids(list)).toEqual(['plain-wheat-flour', 'fine-salt']);
  const data = JSON.stringify({ '@type': 'Recipe', name: 'Cones', recipeIngredient: ['300 g flour', '2 onions'] });
  const page = `<!doctype html><html><head><script type="application/ld+json">{broken</script>
    <script type="application/ld+json">${data}</script></head><body>${menu}<p>1 kg sugar</p></body></html>`;
  expect(ids(page)).toEqual(['plain-wheat-flour', 'onion']);
  expect(pageText(page)).toMatch(/^Cones\n/);
  expect(globalThis).not.toHaveProperty('ran');
});

it('what is no page comes back as it is; half a page is read as far as it goes', () => {
  for (const text of ['', '2 cups flour', 'a < b', '{"@type":"Recipe"}', '5 <3 onions']) {
    expect([isPage(text), pageText(text)]).toEqual([false, text]);
  }
  expect(ids('<div><p>200 g flour<p>1 onion<di')).toEqual(['plain-wheat-flour', 'onion']);
  expect(pageText(`<p>${'x'.repeat(3_000_000)}`).length).toBeLessThanOrEqual(2_000_000);
});
