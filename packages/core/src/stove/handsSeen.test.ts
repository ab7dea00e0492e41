import fc from 'fast-check';
import type { StoveAct } from './stoveAct.js';
import { handsSeen } from './handsSeen.js';

/** One who turns or takes out piece after piece, each so many s after the last, in bursts with pauses between. */
const dayPlan = (eachS: number, bursts: number): StoveAct[] =>
  Array.from({ length: bursts }, (_, burst) =>
    Array.from({ length: 6 }, (_, i): StoveAct => {
      const kind = burst % 2 === 0 ? 'turn' : 'take-out';
      return { id: `${burst}-${i}`, atS: 100 + 200 * burst + i * eachS, kind, pieces: [6 * burst + i + 1] };
    }),
  ).flat();

test('what hands show is found, the more of it the surer, in any order', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.8, max: 10, noNaN: true }), fc.integer({ min: 2, max: 30 }), (eachS, bursts) => {
      const acts = dayPlan(eachS, bursts);
      const seen = handsSeen(acts);
      expect(seen.times).toBe(5 * bursts);
      // Between what most hands take and what these showed, and near it after a few bursts.
      expect(Math.abs(Math.log(seen.eachS / eachS))).toBeLessThanOrEqual(Math.abs(Math.log(2 / eachS)) + 1e-9);
      if (bursts > 8) expect(seen.eachS / eachS).toBeCloseTo(1, 0);
      expect(seen.lowS).toBeLessThanOrEqual(seen.eachS);
      expect(seen.highS).toBeGreaterThanOrEqual(seen.eachS);
      expect(handsSeen([...acts].reverse()).eachS).toBeCloseTo(seen.eachS, 9);
      const more = handsSeen(dayPlan(eachS, bursts + 5));
      expect(more.highS / more.lowS).toBeLessThanOrEqual(seen.highS / seen.lowS + 1e-9);
    }),
    { numRuns: 60 },
  );
});

test('pauses, other acts and what was taken back teach nothing', () => {
  const lonely: StoveAct[] = [100, 200, 300].map((atS, i) => ({ id: `${i}`, atS, kind: 'turn', pieces: [i + 1] }));
  expect(handsSeen(lonely)).toEqual(handsSeen([]));
  expect(handsSeen([]).times).toBe(0);
  const acts = dayPlan(4, 3);
  const other: StoveAct[] = [
    { id: 'x', atS: 101, kind: 'burner', setting: 3 },
    { id: 'y', atS: 102, kind: 'skim' },
  ];
  expect(handsSeen([...acts, ...other])).toEqual(handsSeen(acts));
  const undone = acts.map((act): StoveAct => ({ id: `t${act.id}`, atS: 5000, kind: 'take-back', actId: act.id }));
  expect(handsSeen([...acts, ...undone])).toEqual(handsSeen([]));
  // Six turned in one go and told with one tap: their share each.
  const told: StoveAct[] = [
    { id: 'a', atS: 100, kind: 'turn', pieces: [1] },
    { id: 'b', atS: 118, kind: 'turn', pieces: [2, 3, 4, 5, 6, 7] },
  ];
  expect(handsSeen(told).eachS).toBeGreaterThan(2);
  expect(handsSeen(told).eachS).toBeLessThan(3);
});
