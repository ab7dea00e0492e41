import { type BatchDraft, CoreError, DEFAULT_KITCHEN, planTrays, STARTERS } from '@ember-fold/core/plan';
import { type DayPlan, dayPart, supperPlaces } from '@ember-fold/core/supper';
import { build } from 'esbuild';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { Worker } from 'node:worker_threads';
import { pathToFileURL } from 'node:url';
import { changed, newBatch } from '../test/newBatch.js';
import { BatchParts } from '../batches/batchParts.js';
import { PlanThread, type PlanThreadOptions } from './planThread.js';
import { Remembered } from './remembered.js';

const partHere = (id: string, draft: BatchDraft, kitchen: typeof DEFAULT_KITCHEN) =>
  dayPart(id, draft, planTrays(draft, kitchen, null), kitchen);

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
    alias: { '@ember-fold/core': join(__dirname, '../../../core/src/public') },
    logLevel: 'silent',
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('a supper is planned as it is here, while this thread goes on with other things', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  let turns = 0;
  const timer = setInterval(() => (turns += 1), 1);
  const [first] = SUPPER;
  // What comes out of the thread is a copy: a plan may hold nothing that is lost on the way.
  expect(await thread.planTrays(first!.draft, DEFAULT_KITCHEN)).toEqual(planTrays(first!.draft, DEFAULT_KITCHEN, null));
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

const part = (thread: PlanThread, i: number, signal?: AbortSignal) =>
  thread.planPart(SUPPER[i]!.id, SUPPER[i]!.draft, DEFAULT_KITCHEN, signal);

test('what takes too long or too much memory is refused, and the others go on in a new thread', async () => {
  for (const [limit, usual] of [
    [{ watchdogMs: 1 }, { watchdogMs: 20_000 }],
    [{ mostMb: 4 }, { mostMb: 384 }],
  ]) {
    const options: PlanThreadOptions = { ...limit };
    const thread = new PlanThread(pathToFileURL(script), options);
    const odd = part(thread, 0);
    const next = part(thread, 1);
    Object.assign(options, usual);
    await expect(odd).rejects.toMatchObject({ code: 'TOO_ODD', path: 'draft' });
    expect(await next).toMatchObject({ batchId: SUPPER[1]!.id });
    await thread.close();
  }
});

test('a wish that nobody waits for any more is dropped, also in its middle; quick wishes go before slow ones', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  const many = Array.from({ length: 12 }, (_, i) =>
    partHere(`${i}`, SUPPER[i % SUPPER.length]!.draft, DEFAULT_KITCHEN),
  );
  const order = supperPlaces(many, []).map(({ job, changeS }) => ({ id: job.id, changeS }));
  const cooks = [{ id: 'c', name: 'C' }];
  const dayPlan = { parts: many, states: {}, order, cooks, pins: {}, nowMs: null };
  const known = new Remembered<DayPlan | null>(2);
  const [first, second] = [new AbortController(), new AbortController()];
  // Far longer than the test may take: only because it is dropped does anything come after it.
  const ask = (signal: AbortSignal) =>
    known.get(dayPlan, (stop) => thread.planSupperDay(dayPlan, 600_000, stop), signal);
  const answers = [ask(first.signal), ask(second.signal)];
  const done: string[] = [];
  const slow = thread.planSupperDay({ ...dayPlan, parts: many.slice(0, 1) }, 50).then(() => done.push('slow'));
  const quick = part(thread, 2).then(() => done.push('quick'));
  first.abort(new Error('left'));
  // The other still waits.
  expect(await Promise.race([answers[1]!.catch(() => 'dropped'), setTimeout(200, 'waits')])).toBe('waits');
  second.abort(new Error('left'));
  await expect(answers[0]).rejects.toThrow('left');
  await Promise.all([slow, quick]);
  expect(done).toEqual(['quick', 'slow']);
  await thread.close();
});

test('a thread that is killed again and again loses nothing that eight cooks ask, and answers are as they were', async () => {
  const thread = new PlanThread(pathToFileURL(script));
  const right = SUPPER.map(({ id, draft }) => partHere(id, draft, DEFAULT_KITCHEN));
  let [kills, asked, answers] = [0, 0, 0];
  const cook = async (n: number) => {
    while (kills < 8) {
      const i = (n + asked++) % SUPPER.length;
      expect(await part(thread, i)).toEqual(right[i]);
      answers += 1;
      if (answers % 6 !== 0) continue;
      kills += 1;
      void (thread as unknown as { worker: Worker | null }).worker?.terminate();
    }
  };
  await Promise.all(Array.from({ length: 8 }, (_, n) => cook(n)));
  expect(answers).toBe(asked);
  await thread.close();
});
