import fc from 'fast-check';
import type { RawPart, StartState, TurnMethod } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { fullChances } from '../../testing/fullChances.js';
import { planCold } from '../plan/tray/planCold.js';
import { planFry } from '../plan/tray/planFry.js';
import { askOf, heatOf } from '../plan/tray/fryOutcome.js';
import { newTray, STARTERS, type StarterId } from '../plan/edit/starters.js';
import { runFry } from '../heat/solveFry.js';
import { coarse, MAP_STEPPING } from './fryMap.js';
import { FRY_HORIZON_S } from '../draft/ranges.js';
import { chancesAt, type OutcomeChances } from './outcomeChances.js';
import { failingOf } from './failing.js';
import { outcomeSurface, surfaceOf } from './outcomeSurface.js';
import { plannedPiece } from './plannedPiece.js';

const EAT = '2030-01-05T18:30:00Z';

function tray(starter: StarterId, turn: TurnMethod, start: StartState, raw: RawPart | null, byC: number) {
  const base = newTray('Chances', starter, 24, EAT);
  return {
    ...base,
    filling: { ...base.filling, coreTargetC: 74, ...(raw && { raw }) },
    fry: { ...base.fry, turn, start, oilC: base.fry.oilC + byC, minutesS: null },
  };
}

const KINDS: readonly [TurnMethod, StartState, RawPart | null, number][] = [
  ['once', 'room', null, 0],
  ['each-minute', 'room', 'poultry', 6],
  ['held-under', 'fridge', 'egg', 0],
  ['once', 'frozen', 'poultry', -6],
  ['basted', 'room', 'fish', 8],
];

const furthest = (one: OutcomeChances, other: OutcomeChances): number =>
  Math.max(...(Object.keys(one) as (keyof OutcomeChances)[]).map((key) => Math.abs(one[key] - other[key])));

test('chances from seven solves are those of frying each piece: within 3 in 100 from the plan on, and never rosier before it', () => {
  let planned = 0;
  for (const [i, { id }] of STARTERS.entries()) {
    for (const kind of [KINDS[i % KINDS.length]!, KINDS[(i + 1) % KINDS.length]!]) {
      const draft = tray(id, ...kind);
      const cold = planCold(draft, DEFAULT_KITCHEN);
      const { body: fine, takeOutS } = planFry(draft, DEFAULT_KITCHEN, cold, cold.fold.piece!);
      // On one grid, so that nothing but the surface differs.
      const body = coarse(fine);
      const heat = heatOf(draft, DEFAULT_KITCHEN, body);
      const ask = askOf(draft, DEFAULT_KITCHEN, body);
      const piece = plannedPiece(runFry({ ...heat, horizonS: FRY_HORIZON_S, stepping: MAP_STEPPING }), ask);
      const surface = outcomeSurface(heat);
      const sharesOfIt = [0.85, 0.95, 1, 1.1, 1.25];
      const aroundS = sharesOfIt.map((share) => share * (takeOutS ?? 900));
      const full = fullChances(heat, ask, aroundS, 256);
      for (const [k, timeS] of aroundS.entries()) {
        const found = chancesAt(surface, piece, timeS);
        const at = [id, ...kind, timeS];
        if (takeOutS !== null && k >= 2) {
          planned += 1;
          expect([...at, furthest(found, full[k]!) <= 0.03]).toEqual([...at, true]);
        } else {
          expect([...at, found.right <= full[k]!.right + 0.06]).toEqual([...at, true]);
        }
        expect(found.unsafe).toBeGreaterThanOrEqual(full[k]!.unsafe - 0.06);
      }
    }
  }
  expect(planned).toBeGreaterThan(20);
});

test('the longer in the oil, the fewer are unsafe or raw and the more are dark; shares are of all pieces', () => {
  const draft = tray('lentil-dill', 'once', 'room', 'egg', 0);
  const cold = planCold(draft, DEFAULT_KITCHEN);
  const { body } = planFry(draft, DEFAULT_KITCHEN, cold, cold.fold.piece!);
  const heat = heatOf(draft, DEFAULT_KITCHEN, body);
  const piece = plannedPiece(runFry({ ...heat, horizonS: FRY_HORIZON_S }), askOf(draft, DEFAULT_KITCHEN, body));
  const surface = outcomeSurface(heat);
  expect(surfaceOf(heat)).toEqual(surface);
  fc.assert(
    fc.property(
      fc.double({ min: 10, max: 1700, noNaN: true }),
      fc.double({ min: 1, max: 400, noNaN: true }),
      (s, by) => {
        const [sooner, later] = [chancesAt(surface, piece, s), chancesAt(surface, piece, s + by)];
        const all = Object.values(later).reduce((sum, share) => sum + share, 0);
        expect(all).toBeCloseTo(1, 9);
        expect(later.unsafe).toBeLessThanOrEqual(sooner.unsafe);
        expect(later.unsafe + later.raw).toBeLessThanOrEqual(sooner.unsafe + sooner.raw);
        expect(later.dark).toBeGreaterThanOrEqual(sooner.dark);
      },
    ),
  );
});

test('unsafe middles come before all else; a plan is good from 9 in 10 on, and otherwise says what most suffer', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(share, share, share, share, share, (...parts) => {
      const sum = parts.reduce((total, one) => total + one, 1e-9);
      const [right, unsafe, raw, pale, dark] = parts.map((one) => one / sum) as [
        number,
        number,
        number,
        number,
        number,
      ];
      const fault = failingOf({ right, unsafe, raw, pale, dark });
      if (unsafe > 0.01) expect(fault).toBe('unsafe');
      else if (right >= 0.9) expect(fault).toBeNull();
      else expect({ raw, pale, dark }[fault as 'raw']).toBe(Math.max(raw, pale, dark));
    }),
  );
});
