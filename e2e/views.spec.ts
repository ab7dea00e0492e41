import type { Page, Request } from '@playwright/test';
import {
  axeFindsNothing,
  expect,
  fitsAcross,
  go,
  lightStove,
  measureByCup,
  NOT_STARTED,
  openStation,
  plannedBatch,
  read,
  settled,
  test,
} from './kitchen';

test.use({ calm: [NOT_STARTED] });

const STATIONS = ['dough', 'filling', 'fold', 'fry', 'serve'];

/** The address of every view there is. @param id of a batch that is planned, and not at the stove yet */
async function everyView(id: string): Promise<string[]> {
  const [record] = (await read<{ rows: { id: string }[] }>('/ledger')).rows;
  const [supper] = await read<{ id: string }[]>('/suppers');
  const [formula] = await read<{ id: string }[]>('/formulas');
  const store = ['formulas', `formulas/${formula!.id}`, 'ingredients', 'ingredients/onion', 'freezer', 'shopping'];
  return [
    '/table',
    `/table/${supper!.id}`,
    '/bench',
    '/bench/new',
    ...STATIONS.map((name) => `/bench/${id}/${name}`),
    `/cook/${id}`,
    `/cook/supper/${supper!.id}`,
    '/stove',
    `/stove/${id}`,
    '/ledger',
    `/ledger/${record!.id}`,
    `/ledger/compare?of=${record!.id}`,
    ...[...store, 'oil', 'guests', 'kitchen', 'learnt'].map((name) => `/store/${name}`),
    '/learn',
    ...['families', 'cooling', 'shapes', 'no-thermometer', 'measuring', 'fire', 'practice', 'eye-and-hand'].map(
      (name) => `/learn/${name}`,
    ),
  ];
}

const PHONE = { width: 360, height: 740 };
const WIDE = { width: 1280, height: 800 };

/** What nobody reads in a kitchen of cups, inches and °F. */
const METRIC = /\d\s?(?:g|kg|mm|cm|ml|l|°C|grams|litres)\b/;

/** Every text on the page, in its fields and for readers, that tells a metric figure. */
async function metricTexts(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => [
    ...document.body.innerText.split('\n'),
    ...[...document.querySelectorAll('input')].map(({ value }) => value),
    ...[...document.querySelectorAll('svg text, [aria-label]')].map(
      (one) => one.getAttribute('aria-label') ?? one.textContent ?? '',
    ),
  ]);
  // What the cook calls a tin is hers.
  return texts.filter((text) => METRIC.test(text) && !text.includes('Sunflower oil, 5 l tin'));
}

/** The page in another size, once it is laid out anew. */
async function turnTo(page: Page, size: typeof PHONE): Promise<void> {
  await page.setViewportSize(size);
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
}

/** Watches what a page asks for: the answer waits until it has had nothing on its way for a quarter of a second. */
function whenQuiet(page: Page): () => Promise<void> {
  const asked = new Set<Request>();
  page.on('request', (one) => asked.add(one));
  page.on('requestfinished', (one) => asked.delete(one));
  page.on('requestfailed', (one) => asked.delete(one));
  return async () => {
    let still = 0;
    while (still < 5) {
      await page.waitForTimeout(50);
      still = [...asked].every((one) => one.resourceType() === 'eventsource') ? still + 1 : 0;
    }
  };
}

test('every view in a US kitchen, on a phone and at 1280 px: axe finds nothing, no gram or °C anywhere, nothing runs off the side', async ({
  page,
}) => {
  // Twenty-five views, each read whole in two sizes.
  test.slow();
  await measureByCup();
  const id = await plannedBatch('By the cup', 12);
  const found: string[] = [];
  const quiet = whenQuiet(page);
  // Opened in the size of the one before, then turned: half of them begin small, half wide.
  let sizes = [PHONE, WIDE];
  for (const view of await everyView(id)) {
    await page.setViewportSize(sizes[0]!);
    await go(page, view);
    if (STATIONS.some((name) => view.endsWith(name))) await settled(page);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await quiet();
    for (const size of sizes) {
      await turnTo(page, size);
      const at = `${view} at ${size.width}`;
      found.push(...(await metricTexts(page)).map((text) => `${at}: ${text}`));
      await fitsAcross(page, at);
      // What is wrong for a reader is so at any width; what is laid out anew on a phone is looked at twice.
      const isAnew = /new|fold|fry|ledger\/|table\/|store\/(?:formulas|ingredients)\/|shopping/.test(view);
      if (size === WIDE || isAnew) await axeFindsNothing(page, at);
    }
    sizes = sizes.toReversed();
  }
  expect(found).toEqual([]);

  // The sheets that open over a station.
  await openStation(page, id, 'dough');
  for (const name of ['Use or save', 'Scale', 'Round', 'Weigh out']) {
    await page.getByRole('button', { name, exact: true }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await quiet();
    await axeFindsNothing(page, name);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }

  // The stove with pieces in: its keys are under the hand, whatever stands over them, and large enough for one.
  await go(page, `/stove/${id}`);
  await lightStove(page);
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await expect(page.getByRole('button', { name: /^Piece 1, / })).toBeVisible();
  for (const size of [PHONE, WIDE]) {
    await turnTo(page, size);
    await axeFindsNothing(page, 'stove');
    await fitsAcross(page, 'stove');
    for (const name of [/^Taken out/, /^One burst/, 'Undo']) {
      const key = (await page.getByRole('button', { name }).boundingBox())!;
      expect(key.y + key.height).toBeLessThanOrEqual(size.height);
    }
    const small = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main button')]
        .filter((button) => button.offsetWidth > 0 && (button.offsetHeight < 44 || button.offsetWidth < 44))
        .map((button) => button.innerText),
    );
    expect(small).toEqual([]);
  }
});
