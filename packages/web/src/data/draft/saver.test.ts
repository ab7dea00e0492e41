import type { ApiProblem } from '@ember-fold/core/plan';
import fc from 'fast-check';
import { Saver } from './saver';
import { SAVED, type SaveAnswer, type SavedKind, type SaveView, type Versioned } from './savedKind';

interface Plan {
  readonly pieces: number;
  readonly oilC: number;
  readonly name: string;
}
const START: Plan = { pieces: 24, oilC: 158, name: 'Squash' };
const away: ApiProblem = { code: 'AWAY', message: 'The server does not answer.' };
const stale: ApiProblem = { code: 'STALE_VERSION', message: 'Changed elsewhere.' };

/** Time that the test moves; everything that waits is called in its order. */
class Clock {
  private nowMs = 0;
  private waiting: { readonly atMs: number; readonly call: () => void }[] = [];
  readonly wait = (ms: number) =>
    new Promise<void>((resolve) => this.waiting.push({ atMs: this.nowMs + ms, call: resolve }));
  async pass(ms: number): Promise<void> {
    const untilMs = this.nowMs + ms;
    for (;;) {
      for (let i = 0; i < 12; i++) await Promise.resolve();
      this.waiting.sort((a, b) => a.atMs - b.atMs);
      if (!this.waiting[0] || this.waiting[0].atMs > untilMs) break;
      const next = this.waiting.shift()!;
      this.nowMs = next.atMs;
      next.call();
    }
    this.nowMs = untilMs;
  }
}

/** A server that counts versions, may be away, may lose an answer on its way, and may be changed by others. */
class Server implements SavedKind<Plan> {
  now: Versioned<Plan> = { value: START, version: 1 };
  isAway = false;
  losesNext = false;
  refuses: ApiProblem | null = null;
  sent = 0;
  busy = 0;
  shown: Plan = START;
  /** Hears of each change, as a page does from the stream. */
  told: (version: number) => void = () => undefined;
  async send(_id: string, { value, version }: Versioned<Plan>): Promise<SaveAnswer<Plan>> {
    this.busy += 1;
    expect(this.busy).toBe(1);
    await Promise.resolve();
    this.busy -= 1;
    this.sent += 1;
    if (this.isAway) return { problem: away };
    if (this.refuses) return { problem: this.refuses };
    // The same save again, after a lost answer, is answered the same.
    const again = this.now.version === version + 1 && JSON.stringify(this.now.value) === JSON.stringify(value);
    if (version !== this.now.version && !again) return { problem: stale };
    if (!again) this.keep({ value, version: version + 1 });
    if (this.losesNext) {
      this.losesNext = false;
      return { problem: away };
    }
    return { kept: this.now };
  }
  asked = 0;
  async fetch(): Promise<SaveAnswer<Plan>> {
    this.asked += 1;
    return this.isAway ? { problem: away } : { kept: this.now };
  }
  show(_id: string, { value }: Versioned<Plan>): void {
    this.shown = value;
  }
  byOthers(change: Partial<Plan>): void {
    this.keep({ value: { ...this.now.value, ...change }, version: this.now.version + 1 });
  }
  private keep(now: Versioned<Plan>): void {
    this.now = now;
    if (!this.isAway) this.told(now.version);
  }
}

function setUp(storage = new Map<string, string>()) {
  const clock = new Clock();
  const server = new Server();
  const views: SaveView[] = [];
  const saver = new Saver({
    wait: clock.wait,
    storage: {
      getItem: (key) => storage.get(key) ?? null,
      setItem: (key, value) => void storage.set(key, value),
      removeItem: (key) => void storage.delete(key),
    },
    told: (_key, view) => views.push(view),
  });
  const open = () => {
    server.shown = saver.open('draft a', 'a', server, server.now);
  };
  const edit = (change: Partial<Plan>) => {
    server.shown = { ...server.shown, ...change };
    saver.change('draft a', server.shown);
  };
  return { clock, server, saver, views, storage, open, edit };
}

test('typing is one save when it pauses; a lost answer and an absent server lose nothing', async () => {
  const { clock, server, saver, open, edit, storage } = setUp();
  open();
  for (let pieces = 25; pieces < 31; pieces++) {
    edit({ pieces });
    await clock.pass(100);
  }
  await clock.pass(2000);
  expect([server.sent, server.now.value.pieces, saver.view('draft a')]).toEqual([1, 30, SAVED]);
  expect(storage.size).toBe(0);
  server.losesNext = true;
  edit({ oilC: 160 });
  await clock.pass(700);
  expect(saver.view('draft a').state).toBe('waiting');
  expect(storage.size).toBe(1);
  await clock.pass(5000);
  expect([server.now.value, server.now.version]).toEqual([{ ...START, pieces: 30, oilC: 160 }, 3]);
  expect(saver.view('draft a').state).toBe('saved');
});

test('two devices: different fields are both kept; the same field asks, with both values, and either answer ends it', async () => {
  for (const side of ['mine', 'theirs'] as const) {
    const { clock, server, saver, open, edit } = setUp();
    open();
    server.byOthers({ oilC: 162 });
    edit({ pieces: 30 });
    await clock.pass(3000);
    expect(server.now.value).toEqual({ ...START, pieces: 30, oilC: 162 });
    expect(server.shown).toEqual(server.now.value);
    server.byOthers({ pieces: 36, name: 'Theirs' });
    edit({ pieces: 48 });
    await clock.pass(3000);
    expect(saver.view('draft a')).toMatchObject({
      state: 'conflict',
      clashes: [{ path: ['pieces'], mine: 48, theirs: 36 }],
    });
    // What is typed while the question stands is not lost.
    edit({ oilC: 170 });
    saver.choose('draft a', side);
    await clock.pass(3000);
    expect(server.now.value).toEqual({ pieces: side === 'mine' ? 48 : 36, oilC: 170, name: 'Theirs' });
    expect([server.shown, saver.view('draft a').state]).toEqual([server.now.value, 'saved']);
  }
});

test('an answer is lost and the change is taken back meanwhile: what was taken back stays so, on the next page too', async () => {
  for (const closes of [false, true]) {
    const { clock, server, saver, open, edit, storage } = setUp();
    open();
    server.losesNext = true;
    edit({ pieces: 30 });
    await clock.pass(450);
    expect(server.now.value.pieces).toBe(30);
    edit({ pieces: START.pieces });
    if (!closes) {
      await clock.pass(9000);
      expect([server.now.value, saver.view('draft a').state]).toEqual([START, 'saved']);
      continue;
    }
    const next = setUp(storage);
    next.server.now = server.now;
    next.open();
    await next.clock.pass(9000);
    expect([next.server.now.value, next.server.shown]).toEqual([START, START]);
  }
});

test('a page closed in the middle: the next one goes on from what was left', async () => {
  const first = setUp();
  first.open();
  first.server.isAway = true;
  first.edit({ pieces: 40 });
  await first.clock.pass(1000);
  const next = setUp(first.storage);
  next.server.byOthers({ name: 'Renamed' });
  next.open();
  expect([next.server.shown.pieces, next.saver.view('draft a').state]).toEqual([40, 'unsaved']);
  await next.clock.pass(3000);
  expect(next.server.now.value).toEqual({ ...START, pieces: 40, name: 'Renamed' });
  first.storage.set('ember.save.draft a', '{"base":{"vers');
  const last = setUp(first.storage);
  last.open();
  expect(last.server.shown).toEqual(START);
});

test('refused for good: said, and the next change is tried', async () => {
  const { clock, server, saver, open, edit } = setUp();
  open();
  server.refuses = { code: 'BAD_INPUT', message: 'pieces must be at least 1.', path: 'pieces' };
  edit({ pieces: 0 });
  await clock.pass(2000);
  expect(saver.view('draft a')).toMatchObject({ state: 'refused', problem: 'pieces must be at least 1.' });
  expect(server.sent).toBe(1);
  server.refuses = null;
  edit({ pieces: 2 });
  await clock.pass(2000);
  expect([server.now.value.pieces, saver.view('draft a').state]).toEqual([2, 'saved']);
});

test('what somebody else changed while a save of ours was on its way, or just through, is shown; ours is not read again', async () => {
  for (const afterMs of [100, 399, 401, 600, 799]) {
    const { clock, server, saver, open, edit } = setUp();
    open();
    server.told = (version) => void saver.refresh('draft a', version);
    edit({ pieces: 30 });
    await clock.pass(afterMs);
    server.byOthers({ oilC: 171 });
    await clock.pass(3000);
    expect([afterMs, server.shown]).toEqual([afterMs, { ...START, pieces: 30, oilC: 171 }]);
    const asked = server.asked;
    edit({ pieces: 31 });
    await clock.pass(3000);
    expect([server.asked - asked, server.shown]).toEqual([0, server.now.value]);
  }
});

test('whatever happens in whatever order, in the end both sides show the same, and no field of ours is lost', async () => {
  const step = fc.oneof(
    fc.record({ do: fc.constant('edit'), pieces: fc.integer({ min: 1, max: 99 }) }),
    fc.record({ do: fc.constant('others'), oilC: fc.integer({ min: 120, max: 190 }) }),
    fc.record({ do: fc.constantFrom('away', 'back', 'lose') }),
    fc.record({ do: fc.constant('pass'), ms: fc.integer({ min: 0, max: 4000 }) }),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 14 }), async (steps) => {
      const { clock, server, saver, open, edit } = setUp();
      open();
      server.told = (version) => void saver.refresh('draft a', version);
      let mine: number | null = null;
      for (const one of steps as ({ do: string } & Partial<{ pieces: number; oilC: number; ms: number }>)[]) {
        if (one.do === 'edit') edit({ pieces: (mine = one.pieces!) });
        if (one.do === 'others') server.byOthers({ oilC: one.oilC! });
        if (one.do === 'away') server.isAway = true;
        if (one.do === 'back') {
          server.isAway = false;
          void saver.refreshAll();
        }
        if (one.do === 'lose') server.losesNext = true;
        if (one.do === 'pass') await clock.pass(one.ms!);
      }
      server.isAway = false;
      void saver.refreshAll();
      await clock.pass(20_000);
      expect(saver.view('draft a').state).toBe('saved');
      expect(server.shown).toEqual(server.now.value);
      if (mine !== null) expect(server.now.value.pieces).toBe(mine);
    }),
    { numRuns: 400 },
  );
});
