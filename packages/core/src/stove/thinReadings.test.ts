import fc from 'fast-check';
import { THIN_STRETCH_S, thinReadings } from './thinReadings.js';

const trace = fc
  .uniqueArray(fc.integer({ min: 0, max: 600_000 }), { maxLength: 400 })
  .chain((moments) =>
    fc
      .array(fc.double({ min: 15, max: 260, noNaN: true }), { minLength: moments.length, maxLength: moments.length })
      .map((temps) => moments.sort((a, b) => a - b).map((ms, i) => ({ atS: ms / 1000, probeC: temps[i]! }))),
  );

test('an old record keeps its hottest, its coldest and each ten seconds’ mean; three a stretch at most; twice is once', () => {
  fc.assert(
    fc.property(trace, (readings) => {
      const thin = thinReadings(readings);
      expect(thinReadings(thin)).toEqual(thin);
      expect(thin.every(({ atS }, i) => i === 0 || atS > thin[i - 1]!.atS)).toBe(true);
      const stretchOf = ({ atS }: { atS: number }) => Math.floor(atS / THIN_STRETCH_S);
      for (const stretch of new Set(readings.map(stretchOf))) {
        const [was, is] = [readings, thin].map((all) => all.filter((one) => stretchOf(one) === stretch));
        expect(is!.length).toBeLessThanOrEqual(3);
        expect(is!.length).toBeGreaterThan(0);
        const temps = (all: readonly { probeC: number }[]) => all.map(({ probeC }) => probeC);
        expect(Math.min(...temps(is!))).toBe(Math.min(...temps(was!)));
        expect(Math.max(...temps(is!))).toBe(Math.max(...temps(was!)));
        if (was!.length <= 3) expect(is).toEqual(was);
        else {
          const mean = temps(was!).reduce((sum, c) => sum + c, 0) / was!.length;
          expect(temps(is!).some((c) => Math.abs(c - mean) < 1e-9)).toBe(true);
        }
        // Moments are moments at which something was read.
        for (const one of is!) expect(was!.some(({ atS }) => atS === one.atS)).toBe(true);
      }
    }),
  );
});
