import { DEFAULT_KITCHEN, planTrays } from '@ember-fold/core/plan';
import { dayPart } from '@ember-fold/core/supper';
import fc from 'fast-check';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { pino } from 'pino';
import { newBatch } from '../test/newBatch.js';
import { KeptPlans } from './keptPlans.js';
import { Remembered } from './remembered.js';

const folder = mkdtempSync(join(tmpdir(), 'ember-kept-'));
const at = { file: join(folder, 'plans'), planner: pathToFileURL(join(folder, 'planner')) };
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const said: string[] = [];
const log = pino({ level: 'warn' }, { write: (line: string) => said.push(JSON.parse(line).msg) });
/** A kitchen that starts on what the last one put down. */
async function opened(): Promise<KeptPlans> {
  const kept = new KeptPlans({ ...at, log });
  await kept.takeUp();
  return kept;
}
const draft = newBatch('Half-moons', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const part = dayPart('one', draft, planTrays(draft, DEFAULT_KITCHEN, null), DEFAULT_KITCHEN);
const never = () => Promise.reject(new Error('It was planned again.'));

test('what was planned is there after a start, to the last figure; not for another planner, nor from half a file', async () => {
  writeFileSync(at.planner, 'the planner of today');
  const first = await opened();
  await first.parts.get(['one', draft], () => Promise.resolve(part));
  await first.dayPlans.get({ states: new Map([['fry', 1]]) }, () => Promise.resolve(null));
  await first.putDown();
  expect(statSync(at.file).mode & 0o077).toBe(0);
  const second = await opened();
  expect(await second.parts.get(['one', draft], never)).toEqual(part);
  expect(await second.dayPlans.get({ states: new Map([['fry', 1]]) }, never)).toBeNull();
  await expect(second.dayPlans.get({ states: new Map([['fry', 2]]) }, never)).rejects.toThrow('again');
  expect(said).toEqual([]);

  const whole = readFileSync(at.file);
  for (const share of [0, 0.3, 0.99]) {
    writeFileSync(at.file, whole.subarray(0, Math.floor(whole.length * share)));
    await expect((await opened()).parts.get(['one', draft], never)).rejects.toThrow('again');
    expect(said.splice(0)).toEqual(['Kept plans could not be read.']);
  }
  writeFileSync(at.file, whole);
  writeFileSync(at.planner, 'the planner of tomorrow');
  await expect((await opened()).parts.get(['one', draft], never)).rejects.toThrow('again');
  rmSync(at.planner);
  await (await opened()).putDown();
  expect(said.splice(0)).toEqual(['Plans could not be put down; they are made again.']);
});

test('each is worked out once while it is among those asked for last; what failed is asked again', async () => {
  const asks = fc.array(fc.record({ what: fc.nat(5), fails: fc.boolean() }), { maxLength: 40 });
  await fc.assert(
    fc.asyncProperty(asks, fc.integer({ min: 1, max: 4 }), async (list, most) => {
      const kept = new Remembered<number>(most);
      let last: number[] = [];
      for (const { what, fails } of list) {
        let made = 0;
        const make = () => (made++, fails ? Promise.reject(new Error('no')) : Promise.resolve(what));
        const [one, same] = await Promise.allSettled([kept.get({ what }, make), kept.get({ what }, make)]);
        expect(same).toEqual(one);
        const isKnown = last.includes(what);
        expect(made).toBe(isKnown ? 0 : 1);
        expect(one.status).toBe(isKnown || !fails ? 'fulfilled' : 'rejected');
        // Room is made for what is asked, whether it comes to something or not.
        if (!isKnown && last.length >= most) last.shift();
        last = last.filter((other) => other !== what);
        if (one.status === 'fulfilled') last.push(what);
        expect(kept.all().map(([, found]) => found)).toEqual(last);
      }
    }),
  );
});
