import fc from 'fast-check';
import { balanceWays } from './balanceWays.js';
import { type TrayDraft } from '../../draft/draft.js';
import { planCold } from '../tray/planCold.js';
import { newTray, STARTERS } from './starters.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';

const leftOf = (draft: TrayDraft) => planCold(draft, DEFAULT_KITCHEN).fold.balance;

test('a batch that comes out even needs no way out', () => {
  for (const { id } of STARTERS) expect(balanceWays(newTray('Even', id, 24, '2030-01-05T18:30:00Z'))).toEqual([]);
});

test('every way out does what it says: what it mends ends even, what it leaves alone stays', () => {
  const off = fc.double({ min: 0.5, max: 1.7, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTERS.map((s) => s.id)),
      fc.integer({ min: 2, max: 90 }),
      off,
      off,
      (starter, pieces, doughBy, fillingBy) => {
        const base = newTray('Off', starter, pieces, '2030-01-05T18:30:00Z');
        const scaled = (lines: TrayDraft['dough']['lines'], by: number) =>
          lines.map((line) => ({ ...line, massKg: line.massKg * by }));
        const draft: TrayDraft = {
          ...base,
          dough: { ...base.dough, lines: scaled(base.dough.lines, doughBy) },
          filling: { ...base.filling, lines: scaled(base.filling.lines, fillingBy) },
        };
        const before = leftOf(draft);
        for (const { code, value, next } of balanceWays(draft)) {
          const after = leftOf(next);
          switch (code) {
            case 'pieces-of-dough':
            case 'pieces-of-filling':
              expect(next.pieces).toBe(value);
              expect(Math.abs(after.doughLeftKg) + Math.abs(after.fillingLeftKg)).toBeLessThan(1e-6);
              break;
            case 'dough-to-fit':
              expect(value).toBeCloseTo(-before.doughLeftKg, 9);
              expect(after.doughLeftKg).toBeCloseTo(0, 9);
              expect(after.fillingLeftKg).toBeCloseTo(before.fillingLeftKg, 9);
              break;
            case 'filling-to-fit':
              expect(value).toBeCloseTo(-before.fillingLeftKg, 9);
              expect(after.fillingLeftKg).toBeCloseTo(0, 9);
              expect(after.doughLeftKg).toBeCloseTo(before.doughLeftKg, 9);
              break;
            case 'roll-to':
              expect(after.doughLeftKg).toBeCloseTo(0, 9);
              expect(next.fold.thicknessM).toBe(value);
              break;
            case 'fill-each':
              expect(after.fillingLeftKg).toBeCloseTo(0, 9);
              expect(Math.abs(value / draft.fold.fillingEachKg - 1)).toBeLessThanOrEqual(0.25);
              break;
            default: {
              const never: never = code;
              throw new Error(String(never));
            }
          }
        }
        if (Math.abs(doughBy - 1) > 0.05) expect(balanceWays(draft).some((w) => w.code === 'dough-to-fit')).toBe(true);
      },
    ),
    { numRuns: 120 },
  );
});
