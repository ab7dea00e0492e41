import fc from 'fast-check';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { potLevels } from '../oil/pot.js';
import { type FirstAsk, firstAsk, firstKitchen } from './firstKitchen.js';
import { DEFAULT_KITCHEN, BURNER_KINDS } from './kitchen.js';
import { RANGES } from './ranges.js';

test('skipped, nothing is different but the hands; in US English all of the units are', () => {
  expect(firstKitchen(DEFAULT_KITCHEN, firstAsk(DEFAULT_KITCHEN, 'de-AT'))).toEqual({
    ...DEFAULT_KITCHEN,
    cooks: 1,
    pot: { ...DEFAULT_KITCHEN.pot, burner: 'gas' },
  });
  const us = firstKitchen(DEFAULT_KITCHEN, firstAsk(DEFAULT_KITCHEN, 'en-US'));
  expect([us.units, us.temperature, us.hours, Math.round(us.measures.cupMl)]).toEqual(['cups', 'F', 12, 237]);
});

test('whatever is answered, the pot is never filled over a third and the kitchen plans', () => {
  const { pot, kitchen: K } = RANGES;
  const within = ({ least, most }: { least: number; most: number }) =>
    fc.double({ min: least, max: most, noNaN: true });
  const ask: fc.Arbitrary<FirstAsk> = fc.record({
    system: fc.constantFrom('metric', 'customary'),
    diameterM: within(pot.diameterM),
    heightM: within(pot.heightM),
    burner: fc.constantFrom(...BURNER_KINDS),
    thermometer: fc.constantFrom('some', 'none'),
    altitudeM: within(K.altitudeM),
    cooks: fc.integer({ min: K.cooks.least, max: K.cooks.most }),
  });
  fc.assert(
    fc.property(ask, (answers) => {
      const kitchen = firstKitchen(DEFAULT_KITCHEN, answers);
      expect(firstAsk(kitchen, answers.system === 'customary' ? 'en-US' : 'fr')).toEqual(answers);
      const rimM3 = (Math.PI / 4) * answers.diameterM ** 2 * answers.heightM;
      if (rimM3 > 0.001 && rimM3 < 0.06) expect(potLevels(kitchen.pot, 20, 0).oilAlone).toBeLessThan(1 / 3);
      const { fry } = planBatch(newTray('First', 'squash-sage', 6, '2030-01-05T18:30:00Z'), kitchen, null);
      expect(fry).not.toBeNull();
    }),
    { numRuns: 25 },
  );
});
