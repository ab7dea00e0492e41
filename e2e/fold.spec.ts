import { type ShapeId, withShape } from '@ember-fold/core/plan';
import type { Locator, Page } from '@playwright/test';
import { expect, isSaved, openStation, plannedBatch, trayAt, settled, test, type } from './kitchen';

const draftOf = async (id: string) => await trayAt(id);
const sheetOf = async (page: Page, button: string, title: string): Promise<Locator> => {
  await page.getByRole('button', { name: button, exact: true }).click();
  const sheet = page.getByRole('dialog', { name: title });
  await expect(sheet).toBeVisible();
  return sheet;
};

/** Each shape as a cook would start with it: sized for the same filling. */
async function formed(name: string, shape: ShapeId): Promise<string> {
  return await plannedBatch(name, 24, 'squash-sage', (draft) => withShape(draft, shape));
}

test('size, seal and wall are dragged on the drawing, by mouse and by key; undo takes each back', async ({ page }) => {
  const id = await plannedBatch('Dragged', 24);
  await openStation(page, id, 'fold');
  const before = await settled(page);
  const size = page.getByRole('slider', { name: 'Size of the rolled dough' });
  const box = (await size.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 20, box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await isSaved(page);
  const smaller = (await draftOf(id)).fold.discM;
  expect(smaller).toBeGreaterThan(0.08);
  expect(smaller).toBeLessThan(0.112);
  await expect(page.getByRole('textbox', { name: 'Disc' })).toHaveValue(String(Math.round(smaller * 10_000) / 10));
  const wall = page.getByRole('slider', { name: 'Rolled thickness in the cross-section' });
  await wall.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Rolled thickness' })).toHaveValue('3');
  const seal = page.getByRole('slider', { name: 'Seal margin on the rolled dough' });
  await expect(seal).toHaveAttribute('aria-valuetext', '11 mm');
  await seal.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('textbox', { name: 'Seal margin' })).toHaveValue('11.5');
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  expect(await settled(page)).toEqual(before);
});

test('an own cutter: drawn by hand or read from a path; what is none is refused and changes nothing', async ({
  page,
}) => {
  const id = await formed('Own cutter', 'own-cutter');
  await openStation(page, id, 'fold');
  const sheet = await sheetOf(page, 'Draw or import its outline', 'Outline of your cutter');
  const path = sheet.getByRole('textbox', { name: /SVG path/ });
  const take = sheet.getByRole('button', { name: 'Use the path' });
  for (const bad of ['hello', 'M 0 0 L 10 0', '<script>', 'M 0 0 L 10 10 L 10 0 L 0 10 Z']) {
    await path.fill(bad);
    await take.click();
    await expect(sheet.getByText(/^This (outline does not work as a cutter|is not an SVG path)/)).toBeVisible();
  }
  expect((await draftOf(id)).fold.outline).toBeUndefined();
  await path.fill('M 0 0 C 20 -60 100 -60 120 0 C 100 40 20 40 0 0 Z');
  await take.click();
  await expect(sheet.getByText(/^This outline does not work as a cutter/)).toBeHidden();
  await isSaved(page);
  const read = (await draftOf(id)).fold.outline!;
  expect(read).toHaveLength(96);
  const pad = (await sheet.locator('[data-pad]').boundingBox())!;
  const at = (angle: number) =>
    [pad.x + pad.width * (0.5 + 0.3 * Math.cos(angle)), pad.y + pad.height * (0.5 + 0.4 * Math.sin(angle))] as const;
  await page.mouse.move(...at(0));
  await page.mouse.down();
  for (let i = 1; i <= 30; i++) await page.mouse.move(...at((2 * Math.PI * i) / 30.5));
  await page.mouse.up();
  await expect.poll(async () => JSON.stringify((await draftOf(id)).fold.outline)).not.toBe(JSON.stringify(read));
  await sheet.getByRole('button', { name: 'Done' }).click();
  await type(page, 'Filling each', '30');
  await expect(page.getByRole('img', { name: /^One of two cut pieces/ })).toBeVisible();
});

test('in 3D: drawn, turned by key, cut open or whole', async ({ page }) => {
  const id = await plannedBatch('Round', 24);
  await openStation(page, id, 'fold');
  const sheet = await sheetOf(page, 'In 3D', 'In 3D');
  const view = sheet.getByRole('img', { name: /^half-moon, .* cut open; arrow keys turn it$/ });
  await expect(view).toBeVisible();
  const shot = async () => (await view.screenshot()).toString('base64');
  const first = await shot();
  await view.focus();
  await page.keyboard.press('ArrowRight');
  expect(await shot()).not.toBe(first);
  await sheet.getByText('Cut open').click();
  await expect(sheet.getByRole('img', { name: /thick; arrow keys turn it$/ })).toBeVisible();
});

test.describe('printed', () => {
  // High enough for the whole template: what is scrolled away is not in the picture.
  test.use({ fresh: true, deviceScaleFactor: 4, viewport: { width: 1280, height: 1800 } });
  test('template and fold card, measured in pixels: right to 0.3 mm', async ({ page }) => {
    const id = await plannedBatch('Printed', 24);
    await openStation(page, id, 'fold');
    const { fold } = await draftOf(id);
    const sheet = await sheetOf(page, 'Template 1:1', 'Template, true to size');
    const svg = page.locator('[data-print] svg').first();
    // The page itself reads the picture: the widest dark stretch of any row, in mm at 4 × 96 dots an inch.
    const widths = async () => {
      const png = (await svg.screenshot()).toString('base64');
      return await page.evaluate(async (data) => {
        const bytes = Uint8Array.from(atob(data), (c) => c.charCodeAt(0));
        const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
        const canvas = new OffscreenCanvas(image.width, image.height);
        const context = canvas.getContext('2d')!;
        context.drawImage(image, 0, 0);
        const { data: dots } = context.getImageData(0, 0, image.width, image.height);
        const mm = 25.4 / (96 * 4);
        const rows: number[] = [];
        for (let y = 0; y < image.height; y++) {
          let [from, to] = [-1, -1];
          for (let x = 0; x < image.width; x++) {
            if (dots[4 * (y * image.width + x)]! < 110) {
              if (from < 0) from = x;
              to = x;
            }
          }
          rows.push(from < 0 ? 0 : (to - from + 1) * mm);
        }
        return rows;
      }, png);
    };
    await svg.evaluate((node) => node.querySelectorAll('text').forEach((text) => text.remove()));
    const rows = await widths();
    // Stroke of 0.3 mm, half of it outside on either side.
    expect(Math.abs(Math.max(...rows) - 0.3 - fold.discM * 1000)).toBeLessThan(0.3);
    const foot = rows.slice(Math.round(rows.length * 0.8));
    expect(Math.abs(Math.max(...foot) - 0.3 - 100)).toBeLessThan(0.3);
    await sheet.getByText('fold card', { exact: true }).click();
    await expect(svg).toHaveAccessibleName(/^Fold card of Printed: .*Dough each 33 g, Filling each 35 g/);
    const bar = await svg.locator('[data-bar]').evaluate((node) => node.getBoundingClientRect().width / (96 / 25.4));
    expect(Math.abs(bar - 100)).toBeLessThan(0.3);
  });
});
