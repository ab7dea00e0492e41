import { readRecipe } from '@ember-fold/core/files';
import { type BatchDraft, CUSTOMARY_MEASURES, type Ingredient, planTrays, SHIPPED_PANTRY } from '@ember-fold/core/plan';
import { expect, type Page, test } from '@playwright/test';
import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { axeFindsNothing, fitsAcross, isSaved, lightStove, settled } from './kitchen';
import { type Product, startProduct } from '../scripts/lib/product.mjs';

const PAPER = `Millpond half-moons
2 cups flour, 1 tsp baking powder, 1/2 tsp salt, 1 tbsp sugar, about 3/4 cup water; filling 1 lb trout, skinned, 3 tbsp sorrel paste, 1 tsp mustard
Rest 30 min. Divide into 7. Fry 4 min till golden.`;

// An empty kitchen for all of them.
let product: Product;
test.beforeAll(async () => {
  product = await startProduct('paper', '--no-demo');
});
test.afterAll(() => product.stop());
test.setTimeout(90_000);
test.beforeEach(({ page }) => page.setDefaultTimeout(8000));

async function ask<T>(path: string): Promise<T> {
  const answer = await fetch(`${product.address}/api${path}`);
  expect(answer.status).toBe(200);
  return (await answer.json()) as T;
}
const draftAt = async (page: Page) => {
  const id = /\/bench\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  return { id, draft: (await ask<{ draft: BatchDraft }>(`/batches/${id}`)).draft };
};
const write = (page: Page, text: string) => page.getByRole('textbox', { name: 'The recipe' }).fill(text);

test('by phone in cups and °F, from an empty kitchen: the paper is a plan in under 25 actions, then it is fried without a thermometer', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(product.address);
  let actions = 0;
  const press = async (name: string | RegExp, role: 'button' | 'option' | 'text' = 'button') => {
    actions += 1;
    const at = role === 'text' ? page.getByText(name, { exact: true }) : page.getByRole(role, { name });
    await at.first().click();
  };
  // The first page asks six things; two are different here.
  await expect(page.getByRole('heading', { name: 'Your kitchen' })).toBeVisible();
  await axeFindsNothing(page, 'the first questions');
  await fitsAcross(page, 'the first questions');
  await press('US cups and °F', 'text');
  await press('none', 'text');
  await press('Save my kitchen');
  await expect(page.getByRole('heading', { name: 'Your kitchen' })).toHaveCount(0);
  await press('New batch');
  actions += 1;
  await write(page, PAPER);
  await expect(page.getByText('Read: 8 lines, 2 to check.')).toBeVisible();
  await axeFindsNothing(page, 'a recipe on paper');
  await fitsAcross(page, 'a recipe on paper');
  // No gram and no °C is left in such a kitchen's sentences.
  await press('Add it as new');
  await press('Add it as new');
  await expect(page.getByText('Read: 8 lines, all understood.')).toBeVisible();
  await expect(page.getByText('7 pieces')).toBeVisible();
  await press('Plan this batch');
  await settled(page);
  await isSaved(page);
  expect(actions).toBeLessThan(25);
  // Not one line was rescaled.
  const { id, draft } = await draftAt(page);
  const { lines } = readRecipe(PAPER, SHIPPED_PANTRY, CUSTOMARY_MEASURES);
  const kg = (part: string) => lines.filter((line) => line.part === part).map((line) => line.massKg);
  expect(draft.dough.lines.map((line) => line.massKg)).toEqual(kg('dough'));
  expect(draft.fillings.A!.lines.map((line) => line.massKg)).toEqual(kg('filling'));
  expect(draft.trays.A!.pieces).toBe(7);
  const { rows } = await ask<{ rows: { ingredient: Ingredient }[] }>('/ingredients');
  expect(rows.map(({ ingredient: { name, diet } }) => [name, diet]).sort()).toEqual([
    ['Sorrel paste', 'unknown'],
    ['Trout', 'unknown'],
  ]);
  // What may be raw was asked, not answered for the cook.
  expect(draft.fillings.A).toMatchObject({ rawUnsaid: true });
  await page.goto(`${product.address}/bench/${id}/filling`);
  await settled(page);
  await page.getByRole('button', { name: /already cooked/ }).click();
  await page.getByRole('option', { name: 'no, raw fish or shellfish' }).click();
  await settled(page);
  await isSaved(page);
  // Seven large raw pieces come out right at no moment of such hot oil: the plan says so first, and how.
  await page.goto(`${product.address}/bench/${id}/fry`);
  await expect(page.getByText('No right moment to take them out')).toBeVisible();
  await page
    .getByRole('button', { name: /^Choose: / })
    .first()
    .click();
  await expect(page.getByText('No right moment to take them out')).toHaveCount(0);
  await settled(page);
  await isSaved(page);
  const { kitchen } = await ask<{ kitchen: Parameters<typeof planTrays>[1] }>('/kitchen');
  const said = (await draftAt(page)).draft;
  const [planned] = planTrays(said, { ...kitchen, ingredients: rows.map((row) => row.ingredient) }, null);
  expect(planned!.plan.fry!.takeOutS).not.toBeNull();

  await page.goto(`${product.address}/stove/${id}`);
  await expect(page.getByText(/^This is a real pot/)).toBeVisible();
  await lightStove(page);
  const crumb = page.getByRole('group', { name: 'What does a crumb of dough do in the oil?' });
  await crumb.getByRole('button', { name: 'Rises slowly, lazy bubbles' }).click();
  const piece = page.getByRole('button', { name: /^Piece \d+/ });
  for (let load = 0; load < 9; load++) {
    const drop = page.getByRole('button', { name: /^Dropped/ });
    if (!(await drop.isEnabled())) break;
    await drop.click();
    await expect(piece.first()).toBeVisible();
    await page.getByRole('button', { name: /^Taken out/ }).click();
    await expect(piece).toHaveCount(0);
  }
  await page.getByRole('button', { name: 'Finish the batch', exact: true }).click();
  // The oil is hot: it asks.
  await page.getByRole('dialog').getByRole('button', { name: 'Finish anyway' }).click();
  await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));
  expect((await ask<{ figures: { fried: number } }>(`/ledger/${id}`)).figures.fried).toBe(7);
});

test('a line is mended in its place, what is left out stays in sight, and a reload loses nothing', async ({ page }) => {
  await page.goto(`${product.address}/bench/new`);
  await write(
    page,
    '250 g flour\n100 g buttr\n3 tbsp ajvar relish\nsome nonsense\nFilling\n300 g leeks\nsalt to taste',
  );
  await page.getByRole('button', { name: 'Butter', exact: true }).click();
  await page.getByRole('button', { name: /^Change Ajvar relish/ }).click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('left out')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: /^Change Leek/ }).click();
  const weighs = page.getByRole('textbox', { name: 'Weighs' });
  await weighs.fill('-5');
  await weighs.press('Tab');
  await expect(weighs).toHaveAttribute('aria-invalid', 'true');
  await weighs.fill('280 g');
  await weighs.press('Tab');
  await page.reload();
  await expect(page.getByText('left out')).toBeVisible();
  await expect(page.getByText('Read: 5 lines, all understood.')).toBeVisible();
  await expect(page.getByText('Not read: 1')).toBeVisible();
  await page.getByText('roll it out', { exact: true }).click();
  const cut = page.getByRole('textbox', { name: 'Cut to' });
  await cut.fill('15 1/2 in');
  await cut.press('Tab');
  await page.getByRole('textbox', { name: 'Rolled to' }).fill('7/16 in');
  await page.getByRole('textbox', { name: 'Rolled to' }).press('Tab');
  await expect(page.getByText(/^This is not enough for one piece/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Plan this batch' })).toBeDisabled();
  await page.getByText('pieces', { exact: true }).click();
  await page.getByRole('button', { name: 'Plan this batch' }).click();
  await settled(page);
  const { draft } = await draftAt(page);
  expect(draft.dough.lines.map(({ ingredientId }) => ingredientId)).toEqual(['plain-wheat-flour', 'butter']);
  expect(draft.fillings.A!.lines).toEqual([
    { ingredientId: 'leek', massKg: 0.28 },
    { ingredientId: 'fine-salt', massKg: 0 },
  ]);
  // The paper is put away once it is planned.
  await page.goto(`${product.address}/bench/new`);
  await expect(page.getByRole('textbox', { name: 'The recipe' })).toHaveValue('');
});

test('a page of a web site, dropped as a file: what it says is read; scaled only when that is chosen', async ({
  page,
}) => {
  await page.goto(`${product.address}/bench/new`);
  const html =
    '<html><body><nav>Home 1 kg sugar</nav><h1>Barley pockets</h1><ul><li>300 g flour<li>150 g water<li>5 g salt</ul>' +
    '<h2>Filling</h2><ul><li>400 g mushrooms</ul></body></html>';
  const file = join(await mkdtemp(join(tmpdir(), 'paper-')), 'pockets.html');
  await writeFile(file, html);
  const paper = page.getByRole('textbox', { name: 'The recipe' });
  const box = (await paper.boundingBox())!;
  // A drag from outside the browser: only the browser itself can begin one.
  const browser = await page.context().newCDPSession(page);
  for (const kind of ['dragEnter', 'dragOver', 'drop'] as const)
    await browser.send('Input.dispatchDragEvent', {
      type: kind,
      x: box.x + 50,
      y: box.y + 50,
      data: { items: [], files: [file], dragOperationsMask: 1 },
    });
  await expect(paper).toHaveValue(/^Barley pockets\n300 g flour/);
  await expect(page.getByText('Read: 4 lines, all understood.')).toBeVisible();
  await expect(
    page.getByText('The amounts stay as written; the size of a piece is worked out from them.'),
  ).toBeVisible();
  await page.getByText('scale it', { exact: true }).click();
  await page.getByRole('textbox', { name: 'How many' }).fill('50');
  await expect(page.getByText(/^Every amount is multiplied by \d/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan this batch' }).click();
  await settled(page);
  const { draft } = await draftAt(page);
  const flour = draft.dough.lines[0]!.massKg;
  expect([draft.name, draft.trays.A!.pieces]).toEqual(['Barley pockets', 50]);
  expect(flour).toBeGreaterThan(0.31);
  expect(draft.dough.lines[1]!.massKg / flour).toBeCloseTo(0.5, 6);
});
