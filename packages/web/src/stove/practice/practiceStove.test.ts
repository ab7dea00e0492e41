import { stoveState, replayPractice, practiceOutcome, type Situation, situation } from '@ember-fold/core/stove';
import { keepSession, leftSession } from './leftSession';
import { PracticeStove } from './practiceStove';

const NAMES = ['Left', 'Right'];
const opened = (of: Situation, pace = 4) => {
  const stove = new PracticeStove(of, NAMES, pace);
  stove.begin(0);
  return stove;
};

test('it moves by the wall at its pace, not while it is held, and a page that slept catches up a second', () => {
  const stove = opened(situation('overshoot', 2, 'Practice'));
  let told = 0;
  const gone = stove.follow(() => (told += 1));
  for (let ms = 250; ms <= 5000; ms += 250) stove.tick(ms);
  expect(stove.now().timeS).toBe(20);
  expect(told).toBe(20);
  stove.pause();
  stove.tick(9000);
  expect(stove.now().timeS).toBe(20);
  stove.begin(9000);
  stove.goAt(20);
  stove.tick(9500);
  expect(stove.now().timeS).toBe(30);
  stove.tick(60_000);
  expect(stove.now().timeS).toBe(50);
  // A clock that was set back moves nothing.
  stove.tick(10);
  expect(stove.now().timeS).toBe(50);
  gone();
  stove.tick(500);
  expect(told).toBeLessThan(30);
});

test('an act of the page happens at the second of the session, once, and the page is told what was done', () => {
  const of = situation('two-pots', 2, 'Practice');
  const stove = opened(of);
  stove.tick(1000);
  stove.act(1, { id: 'a', atS: 999, kind: 'drop', pieces: [1, 2] });
  stove.act(0, { id: 'b', atS: 999, kind: 'burner', setting: 7 });
  const [left, right] = stove.now().pots;
  expect(stoveState(right!.live.acts, 5).inPot.map(({ number, droppedS }) => [number, droppedS])).toEqual([
    [1, 4],
    [2, 4],
  ]);
  expect(stoveState(left!.live.acts, 5).burner).toBe(7);
  expect([left!.live.stove.kitchen.potName, right!.live.stove.kitchen.potName]).toEqual(NAMES);
  // The same object for as long as it burns: what hangs on it is not planned anew each tick.
  stove.tick(2000);
  expect(stove.now().pots[0]!.live.stove.kitchen).toBe(left!.live.stove.kitchen);
  stove.endIt();
  expect(stove.now().isOver).toBe(true);
  stove.act(0, { id: 'late', atS: 0, kind: 'drop', pieces: [1] });
  expect(stove.acts().map(({ id }) => id)).toEqual(['a', 'b']);
  // What was done by hand, replayed, ends as it ended here.
  expect(practiceOutcome(replayPractice(of, stove.acts()))).toEqual(practiceOutcome(stove.session()));
});

test('fresh oil is cold, with the burner setting at nothing on the page too; without a probe the page gets no reading', () => {
  const stove = opened(situation('allergy', 2, 'Practice'));
  stove.own(0, { kind: 'fresh-oil' });
  stove.tick(1000);
  const [{ live, seen }] = stove.now().pots as [ReturnType<typeof stove.now>['pots'][number]];
  expect(stoveState(live.acts, 5).burner).toBe(0);
  expect(seen.probeC).toBeLessThan(60);
  expect(live.readings.length).toBeGreaterThan(1);
  const blind = opened(situation('no-thermometer', 2, 'Practice')).now().pots[0]!.live;
  expect([blind.stove.probe, blind.readings]).toEqual([null, []]);
});

test('left in the middle it goes on where it was, also in oil that was changed; half a record of it is none', () => {
  const of = situation('allergy', 2, 'Practice');
  const stove = opened(of);
  stove.own(0, { kind: 'fresh-oil' });
  stove.act(0, { id: 'a', atS: 0, kind: 'burner', setting: 9 });
  for (let ms = 250; ms <= 4000; ms += 250) stove.tick(ms);
  const left = { acts: stove.acts(), timeS: stove.now().timeS, choices: { pace: '4', whispers: false } as const };
  keepSession(of, left);
  const kept = leftSession(of);
  const again = new PracticeStove(of, NAMES, 4, kept!);
  expect(again.now()).toMatchObject({ timeS: 16, isPaused: true });
  expect(again.now().pots[0]!.seen).toEqual(stove.now().pots[0]!.seen);
  expect(again.now().pots[0]!.live.acts).toEqual(stove.now().pots[0]!.live.acts);
  expect(leftSession({ kind: 'allergy', seed: 3 })).toBeNull();
  for (const half of ['{', '{"kind":"allergy","seed":2,"timeS":1,"acts":[null]}', 'null', '[]']) {
    localStorage.setItem('ember.kept.practice-left', half);
    expect(leftSession(of)).toBeNull();
  }
});
