import { type BatchDraft, CoreError, DEFAULT_KITCHEN, eveningPart, planTrays, STARTERS } from '@ember-fold/core';
import { build } from 'esbuild';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { changed, newBatch } from '../test/newBatch.js';
import { BatchParts } from './batchParts.js';
import { PlanThread } from './planThread.js';
import { Remembered } from './remembered.js';

const partHere = (id: string, draft: BatchDraft, kitchen: typeof DEFAULT_KITCHEN) =>
  eveningPart(id, draft, planTrays(draft, kitchen, null), kitchen);

const folder = mkdtempSync(join(tmpdir(), 'ember-thread-'));
const script = join(folder, 'planning.mjs');
const SUPPER = STARTERS.map(({ id }, i) => ({ id: `batch ${i}`, draft: newBatch(id, id, 24, '2030-01-05T18:30:00Z') }));

beforeAll(async () => {
  await build({
    entryPoints: [join(__dirname, '../planning.ts')],
    outfile: script,
    bundle: true,
    platform: 'node',
    format: 'esm',
    alias: { '@ember-fold/core': join(__dirname, '../../../core/src/index.ts') },
    logLevel: 'silent',
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('a supper is planned as it is here, while this thread goes on with other things', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  let turns = 0;
  const timer = setInterval(() => (turns += 1), 1);
  const found = await Promise.all(SUPPER.map(({ id, draft }) => thread.planPart(id, draft, DEFAULT_KITCHEN)));
  clearInterval(timer);
  expect(found).toEqual(SUPPER.map(({ id, draft }) => partHere(id, draft, DEFAULT_KITCHEN)));
  expect(turns).toBeGreaterThan(SUPPER.length);
  await thread.close();
});

test('a broken contract comes across with its code and path, and the thread goes on', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  const [one] = SUPPER;
  const odd = changed(one!.draft, { pieces: 0 });
  await expect(thread.planPart('odd', odd, DEFAULT_KITCHEN)).rejects.toEqual(expect.any(CoreError));
  await expect(thread.planPart('odd', odd, DEFAULT_KITCHEN)).rejects.toMatchObject({
    code: 'OUT_OF_RANGE',
    path: 'pieces',
  });
  expect(await thread.planPart(one!.id, one!.draft, DEFAULT_KITCHEN)).toMatchObject({ batchId: one!.id });
  await thread.close();
});

test('a thread that ends tells those who wait; the next ask starts another, and a batch is planned once', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  let asked = 0;
  const jobs = new BatchParts((...ask) => {
    asked += 1;
    return thread.planPart(...ask);
  }, new Remembered(2));
  const [one] = SUPPER;
  const waiting = jobs.jobOf(one!.id, one!.draft, DEFAULT_KITCHEN);
  const alike = jobs.jobOf(one!.id, { ...one!.draft }, DEFAULT_KITCHEN);
  expect(asked).toBe(1);
  await thread.close();
  await expect(waiting).rejects.toThrow('ended');
  await expect(alike).rejects.toThrow('ended');
  // What failed is not kept.
  expect(await jobs.jobOf(one!.id, one!.draft, DEFAULT_KITCHEN)).toMatchObject({ oilC: one!.draft.trays.A!.fry.oilC });
  expect(await jobs.jobOf(one!.id, one!.draft, DEFAULT_KITCHEN)).toMatchObject({ id: one!.id });
  expect(asked).toBe(2);
  await thread.close();
});
