/** One keystroke until all five stations stand on it, measured in the browser on the built product. */
import { chromium, type Page } from '@playwright/test';
import { startProduct } from '../../scripts/lib/product.mjs';
import { ensureChromium } from '../../scripts/lib/ensure.mjs';

declare global {
  interface Window {
    emberTimes: { total: number[]; handlers: number[] };
  }
}

/** Notes the time from each input event to the moment the line is current again and drawn. */
function watchLine(): void {
  window.emberTimes = { total: [], handlers: [] };
  const strip = document.querySelector('[aria-label="The line"]')!;
  let began = 0;
  window.addEventListener('input', (event) => (began = event.timeStamp), true);
  new MutationObserver(() => {
    if (!began || !strip.hasAttribute('data-current')) return;
    const from = began;
    began = 0;
    requestAnimationFrame(() => window.emberTimes.total.push(performance.now() - from));
  }).observe(strip, { attributes: true, attributeFilter: ['data-current'] });
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as PerformanceEventTiming[]) {
      if (entry.name === 'input') window.emberTimes.handlers.push(entry.processingEnd - entry.processingStart);
    }
  }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
}

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
/** Nineteen in twenty are no slower. */
const nearlyAll = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.ceil(values.length * 0.95) - 1]!;
const most = (values: readonly number[]): number => values.reduce((a, b) => Math.max(a, b), 0);

/** A hand that has opened a page finds its field first, ms; the page gets ready meanwhile. */
const FINDS_MS = 3000;
async function measure(page: Page, address: string, id: string, station: string, field: string, texts: string[]) {
  await page.goto(`${address}/bench/${id}/${station}`);
  const line = page.locator('[aria-label="The line"][data-current]');
  await line.waitFor();
  await page.waitForTimeout(FINDS_MS);
  await page.evaluate(watchLine);
  const box = page.getByRole('textbox', { name: field, exact: true });
  for (let round = 0; round < 10; round++) {
    for (const text of texts) {
      await box.fill(text);
      // Nothing may watch the page meanwhile: watching costs what is measured.
      await page.waitForTimeout(350);
    }
  }
  const { total, handlers } = await page.evaluate(() => window.emberTimes);
  process.stdout.write(
    `${field.padEnd(18)} ${String(total.length).padStart(3)} keystrokes: median ${median(total).toFixed(1)} ms, ` +
      `nineteen in twenty under ${nearlyAll(total).toFixed(1)} ms, slowest ${most(total).toFixed(1)} ms (budget 50); slowest handler ${most(handlers).toFixed(1)} ms\n`,
  );
}

/** Fills the Store to 300 formulas, then types in its filter: time to the narrowed list, and tasks that block. */
async function measureStore(page: Page, address: string): Promise<void> {
  const formulas = (await (await fetch(`${address}/api/formulas`)).json()) as { name: string; body: unknown }[];
  for (let i = formulas.length; i < 300; i++) {
    const { name, body } = formulas[i % formulas.length]!;
    await fetch(`${address}/api/formulas`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: crypto.randomUUID(), name: `${name} ${i}`, body }),
    });
  }
  await page.goto(`${address}/store/formulas`);
  const list = page.getByRole('list', { name: 'Formulas' });
  await list.getByRole('link').nth(299).waitFor();
  await page.waitForTimeout(800);
  await page.evaluate(() => {
    window.emberTimes = { total: [], handlers: [] };
    const rows = document.querySelector('[aria-label="Formulas"]')!;
    let began = 0;
    window.addEventListener('input', (event) => (began = event.timeStamp), true);
    new MutationObserver(() => {
      if (!began) return;
      const from = began;
      began = 0;
      requestAnimationFrame(() => window.emberTimes.total.push(performance.now() - from));
    }).observe(rows, { childList: true });
    new PerformanceObserver((tasks) => {
      for (const { duration } of tasks.getEntries()) window.emberTimes.handlers.push(duration);
    }).observe({ type: 'longtask' });
  });
  const box = page.getByRole('searchbox', { name: 'Find a formula' });
  for (let round = 0; round < 6; round++) {
    for (const text of ['s', 'sh', 'shor', 'shrot', '']) {
      await box.fill(text);
      await page.waitForTimeout(250);
    }
  }
  const { total, handlers } = await page.evaluate(() => window.emberTimes);
  process.stdout.write(
    `300 formulas       ${String(total.length).padStart(3)} keystrokes: median ${median(total).toFixed(1)} ms, ` +
      `nineteen in twenty under ${nearlyAll(total).toFixed(1)} ms, slowest ${most(total).toFixed(1)} ms; ` +
      `tasks over 50 ms: ${handlers.length}${handlers.length > 0 ? `, longest ${most(handlers).toFixed(0)} ms` : ''}\n`,
  );
}

/** Drags the point over the map for four seconds: frames drawn, and tasks that block. */
async function measureDrag(page: Page, address: string, id: string): Promise<void> {
  await page.goto(`${address}/bench/${id}/fry`);
  await page.locator('[data-map=whole]').waitFor();
  await page.waitForTimeout(1500);
  const point = page.getByRole('slider', { name: 'Oil and minutes on the map' });
  const box = (await point.boundingBox())!;
  // As text: the compiler's helpers are not there in the page.
  await page.evaluate(`
    window.emberTimes = { total: [], handlers: [] };
    let before = performance.now();
    requestAnimationFrame(function frame(now) {
      window.emberTimes.total.push(now - before);
      before = now;
      requestAnimationFrame(frame);
    });
    new PerformanceObserver((tasks) => {
      for (const { duration } of tasks.getEntries()) window.emberTimes.handlers.push(duration);
    }).observe({ type: 'longtask' });
  `);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 0; step < 240; step++) {
    await page.mouse.move(x + 90 * Math.sin(step / 19), y + 60 * Math.sin(step / 13));
    await page.waitForTimeout(12);
  }
  await page.mouse.up();
  const { total, handlers } = await page.evaluate(() => window.emberTimes);
  process.stdout.write(
    `dragging the point ${String(total.length).padStart(3)} frames: median ${median(total).toFixed(1)} ms, ` +
      `nineteen in twenty under ${nearlyAll(total).toFixed(1)} ms; ` +
      `tasks over 50 ms: ${handlers.length}${handlers.length > 0 ? `, longest ${most(handlers).toFixed(0)} ms` : ''}\n`,
  );
}

const product = await startProduct('bench');
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--font-render-hinting=none'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const batches = (await (await fetch(`${product.address}/api/batches`)).json()) as { id: string; name: string }[];
  const { id } = batches.find(({ name }) => name.includes('Lentil'))!;
  // The very first visit also puts the page aside for when the server is away.
  await page.goto(`${product.address}/bench/${id}/fold`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  process.stdout.write('Keystroke to all five stations, in the browser\n');
  await measure(page, product.address, id, 'fold', 'Pieces', ['4', '48', '24', '36']);
  await measure(page, product.address, id, 'fold', 'Rolled thickness', ['2.4', '2.6', '2.8', '3']);
  await measure(page, product.address, id, 'fry', 'Oil', ['150', '156', '160', '164']);
  await measure(page, product.address, id, 'dough', 'Water', ['190', '200', '205', '195']);
  await measure(page, product.address, id, 'filling', 'Carrot', ['80', '90', '100', '110']);
  await measureDrag(page, product.address, id);
  await measureStore(page, product.address);
} finally {
  await browser.close();
  await product.stop();
}
