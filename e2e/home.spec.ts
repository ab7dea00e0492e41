import { type Browser, chromium, expect, type Page, test } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { axeFindsNothing } from './kitchen';
import { type Product, startProduct } from '../scripts/lib/product.mjs';

const NAME = 'kitchen.test';
let product: Product;
let browser: Browser;
test.beforeAll(async ({ playwright: _ }, info) => {
  product = await startProduct('home', '--lan', '--lan-port', '0', '--lan-name', NAME);
  // The home network of this test: the name leads to another address of this machine.
  const { launchOptions } = info.project.use;
  const args = [...(launchOptions?.args ?? []), `--host-resolver-rules=MAP ${NAME} 127.0.0.2`];
  browser = await chromium.launch({ ...launchOptions, args });
});
test.afterAll(async () => {
  await browser.close();
  await product.stop();
});

/** What a phone's camera reads from a picture on the screen. */
async function readByCamera(page: Page): Promise<string> {
  const { data, width, height } = PNG.sync.read(
    await page.getByRole('img', { name: /^QR code of the address/ }).screenshot(),
  );
  return jsQR(new Uint8ClampedArray(data), width, height)?.data ?? '';
}

/** A phone that takes this kitchen's own certificate. */
const phone = async () =>
  await browser.newContext({
    ignoreHTTPSErrors: true,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    userAgent: 'Mozilla/5.0 (Linux; Android 15) Mobile',
  });

test('a phone comes in by the picture, works with the other device, and is forgotten', async () => {
  const here = await (await browser.newContext({ locale: 'en-GB', timezoneId: 'Europe/London' })).newPage();
  await here.goto(`${product.address}/store/phones`);
  await expect(here.getByRole('heading', { name: 'No device yet' })).toBeVisible();
  await here.getByRole('button', { name: 'Show a code' }).click();
  const link = await expect
    .poll(() => readByCamera(here))
    .toMatch(/^https:\/\/kitchen\.test:\d+\/enter#/)
    .then(() => readByCamera(here));
  await axeFindsNothing(here, 'phones');

  const there = await (await phone()).newPage();
  await there.goto(link);
  await expect(there.getByRole('heading', { name: 'This device is not connected to this kitchen yet' })).toBeVisible();
  await axeFindsNothing(there, 'a device at the door');
  await there.getByRole('textbox', { name: 'Name of this device' }).fill('Nadia’s phone');
  await there.getByRole('button', { name: 'Connect' }).click();
  await expect(there).toHaveURL(/\/table$/);
  await expect(here.getByText('Nadia’s phone is connected.')).toBeVisible();
  await expect(here.getByRole('list', { name: 'Connected devices' })).toContainText('with the QR code');
  // What browsers keep for pages they trust is there.
  expect(
    await there.evaluate(() => [window.isSecureContext, typeof crypto.randomUUID, 'wakeLock' in navigator]),
  ).toEqual([true, 'function', true]);
  // Used up: the same picture lets nobody else in.
  const thief = await (await phone()).newPage();
  await thief.goto(link);
  await thief.getByRole('button', { name: 'Connect' }).click();
  await expect(thief.getByRole('alert')).toContainText('This code is wrong, has been used');
  await expect(thief.getByRole('textbox', { name: 'Six-digit code' })).toBeVisible();

  // Both devices are one kitchen.
  const origin = new URL(link).origin;
  await there.goto(`${origin}/store/kitchen`);
  await here.goto(`${product.address}/store/kitchen`);
  const name = (page: Page) => page.getByRole('textbox', { name: 'Kitchen', exact: true });
  await name(there).fill('Kitchen of two devices');
  await expect(name(here)).toHaveValue('Kitchen of two devices');
  await here.goto(`${product.address}/store/phones`);
  await here.getByRole('button', { name: 'Forget Nadia’s phone' }).click();
  // At once, on whatever page it is; and nothing of the kitchen is left to see.
  await expect(there.getByRole('heading', { name: 'This device is not connected to this kitchen yet' })).toBeVisible();
  await there.goto(`${origin}/table`);
  await expect(there.getByRole('heading', { name: 'This device is not connected to this kitchen yet' })).toBeVisible();
  await expect(there.getByRole('navigation', { name: 'Rooms' })).toHaveCount(0);
});

test('the passphrase is set here, and lets a device in that brings what it did meanwhile', async () => {
  const here = await (await browser.newContext()).newPage();
  await here.goto(`${product.address}/store/phones`);
  await here.getByRole('textbox', { name: 'New passphrase' }).fill('cones for the neighbours');
  await here.getByRole('button', { name: 'Set the passphrase' }).click();
  await expect(here.getByText('The passphrase is set.')).toBeVisible();
  await here.getByRole('button', { name: 'Show a code' }).click();
  const { origin } = new URL(
    await expect
      .poll(() => readByCamera(here))
      .toContain('#')
      .then(() => readByCamera(here)),
  );
  const tablet = await (await phone()).newPage();
  await tablet.goto(origin);
  await tablet.getByRole('button', { name: 'Connect with the passphrase' }).click();
  const pass = tablet.getByRole('textbox', { name: 'Passphrase' });
  await pass.fill('cones for the neighbour');
  await tablet.getByRole('button', { name: 'Connect', exact: true }).click();
  await expect(tablet.getByRole('alert')).toContainText('The passphrase is wrong');
  await pass.fill('cones for the neighbours');
  await tablet.getByRole('button', { name: 'Connect', exact: true }).click();
  await expect(tablet).toHaveURL(/\/table$/);

  // Forgotten in the middle of an edit: the edit waits in the browser, and is there once it is in again.
  await tablet.goto(`${origin}/store/kitchen`);
  const name = tablet.getByRole('textbox', { name: 'Kitchen', exact: true });
  await expect(name).toBeVisible();
  const [device] = ((await (await fetch(`${product.address}/api/home`)).json()) as { devices: { id: string }[] })
    .devices;
  await tablet.route('**/api/kitchen', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await name.fill('Told while it was out');
  await fetch(`${product.address}/api/home/devices/${device!.id}`, { method: 'DELETE' });
  await expect(tablet.getByRole('heading', { name: 'This device is not connected to this kitchen yet' })).toBeVisible();
  await tablet.unroute('**/api/kitchen');
  await tablet.getByRole('button', { name: 'Connect with the passphrase' }).click();
  await tablet.getByRole('textbox', { name: 'Passphrase' }).fill('cones for the neighbours');
  await tablet.getByRole('button', { name: 'Connect', exact: true }).click();
  await expect(tablet).toHaveURL(/\/table$/);
  await tablet.goto(`${origin}/store/kitchen`);
  await expect(tablet.getByRole('textbox', { name: 'Kitchen', exact: true })).toHaveValue('Told while it was out');
  await expect
    .poll(async () => (await (await fetch(`${product.address}/api/kitchen`)).json()).kitchen.name)
    .toBe('Told while it was out');
});
