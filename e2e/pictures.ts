/** npm run pictures: the main views from the demo data, for the README. */
import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { startProduct } from '../scripts/lib/product.mjs';
import { ensureChromium } from '../scripts/lib/ensure.mjs';

/** A card of our own kitchen, as it is pinned up. */
const CARD = `Lantern Walk half-moons
2 cups flour, 1/2 tsp salt, 3 tbsp vegetable shortening, about 1/2 cup water
Filling
300 g roast squash
1 small onion, finely chopped
50 g cheddar, grated
1 tbsp fennel relish
8 sage leaves, salt to taste
Rest 30 min. Makes 8. Fry at 158 °C for 9 min.`;

const OUT = join(import.meta.dirname, '../docs/screenshots');

async function shoot(page: Page, name: string): Promise<void> {
  await page.waitForTimeout(900);
  await page.screenshot({ path: join(OUT, `${name}.png`) });
  process.stdout.write(`${name}.png\n`);
}

/** Fries by the do-next list until the second load has browned for a while. */
async function fry(page: Page): Promise<void> {
  let drops = 0;
  let turns = 0;
  for (let i = 0; i < 900 && !(drops >= 2 && turns >= 9); i++) {
    const now = page.locator('[data-act][data-now]').first();
    const act = await now.getAttribute('data-act', { timeout: 150 }).catch(() => null);
    if (
      act &&
      (await now.click({ timeout: 500 }).then(
        () => true,
        () => false,
      ))
    ) {
      if (act === 'drop') drops += 1;
      turns = act === 'drop' ? 0 : act === 'turn' ? turns + 1 : turns;
    }
    await page.waitForTimeout(100);
  }
}

mkdirSync(OUT, { recursive: true });
const product = await startProduct('pictures');
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--font-render-hinting=none'],
});
try {
  const open = (width: number, height: number) =>
    browser.newPage({ viewport: { width, height }, timezoneId: 'Europe/London', locale: 'en-GB' });
  const page = await open(1280, 800);
  const list = async (path: string) =>
    (await (await fetch(`${product.address}/api${path}`)).json()) as { id: string; name: string }[];
  const records = async () =>
    ((await (await fetch(`${product.address}/api/ledger`)).json()) as { rows: { id: string }[] }).rows;
  const squash = (await list('/batches')).find((batch) => batch.name.startsWith('Squash'))!;
  const bench = `${product.address}/bench/${squash.id}`;
  for (const station of ['dough', 'filling', 'fold', 'fry', 'serve']) {
    await page.goto(`${bench}/${station}`);
    await page.getByText(/^start \d\d/).waitFor();
    if (station === 'serve') await page.getByRole('button', { name: 'Save as a file' }).waitFor();
    // The map comes from its worker; the chances of its point after it.
    if (station === 'fry') await page.getByText(/Allowing for handmade differences/).waitFor();
    await shoot(page, `bench-${station}`);
  }
  await page.goto(`${product.address}/table`);
  await page
    .getByText(/^start \d\d/)
    .nth(4)
    .waitFor();
  await shoot(page, 'table');
  await page.getByRole('link', { name: 'Lantern Walk supper' }).click();
  await page.getByText('26 of 26').waitFor();
  await page
    .getByText(/^start \d\d/)
    .nth(4)
    .waitFor();
  await shoot(page, 'supper');
  await page.goto(`${product.address}/bench/new`);
  await page.getByRole('textbox', { name: 'The recipe' }).fill(CARD);
  await page.getByText(/^Read: /).waitFor();
  await shoot(page, 'new-batch');
  await page.goto(`${product.address}/ledger/${(await records())[0]!.id}`);
  await page.getByRole('region', { name: 'What differed, and what it did' }).waitFor();
  await shoot(page, 'ledger');
  await page.goto(`${product.address}/learn/families`);
  await page.getByRole('region', { name: 'Family' }).waitFor();
  await shoot(page, 'learn');
  await page.goto(`${product.address}/learn/practice/burst?session=3`);
  await page.getByText('20 times').click();
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await page.getByText(/has burst/).waitFor();
  await page.getByRole('button', { name: 'Pause', exact: true }).click();
  await shoot(page, 'practice');
  for (const [name, path] of [
    ['shopping', 'shopping'],
    ['oil', 'oil'],
    ['learnt', 'learnt'],
  ] as const) {
    await page.goto(`${product.address}/store/${path}`);
    if (name === 'shopping') await page.getByRole('table', { name: 'Shopping list' }).waitFor();
    await shoot(page, `store-${name}`);
  }
  const phone = await open(390, 844);
  await phone.goto(`${bench}/fold`);
  await shoot(phone, 'bench-fold-phone');
  await page.goto(`${product.address}/cook/${squash.id}`);
  const done = page.getByRole('region', { name: 'Now' }).getByRole('button', { name: 'Done' });
  await done.click();
  await page.getByRole('button', { name: /^As planned/ }).click();
  await page.getByRole('button', { name: 'It stays open' }).click();
  await done.click();
  await page.getByRole('button', { name: 'It does' }).click();
  await shoot(page, 'cook');
  await page.goto(`${product.address}/stove/${squash.id}`);
  await shoot(page, 'stove-start');
  await page.getByText('60 times', { exact: true }).click();
  for (const point of await page.getByRole('group', { name: 'Before the oil is heated' }).locator('label').all()) {
    await point.click();
  }
  await page.getByRole('button', { name: 'Start the stove' }).click();
  await fry(page);
  await shoot(page, 'stove');
  await phone.goto(`${product.address}/stove/${squash.id}`);
  await phone.getByTestId('oil-now').waitFor();
  await shoot(phone, 'stove-phone');
} finally {
  await browser.close();
  await product.stop();
}
