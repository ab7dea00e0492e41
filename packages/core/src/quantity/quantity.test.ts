import fc from 'fast-check';
import {
  parseAltitudeM,
  parseDurationS,
  parseLengthM,
  parseMassKg,
  parseNumber,
  parseTempC,
  parseVolumeM3,
} from './parseQuantity.js';
import {
  printAltitude,
  printDuration,
  printLength,
  printMass,
  printScale,
  printTemp,
  printVolume,
} from './printQuantity.js';
import { CUSTOMARY_MEASURES, METRIC_MEASURES } from './units.js';

test.each([
  ['1 1/2', 1.5],
  ['½', 0.5],
  ['1½', 1.5],
  ['2,5', 2.5],
  ['.5', 0.5],
  ['1 584', 1584],
  ['007', 7],
  ['', null],
  ['1/0', null],
  ['-3', null],
  ['1e9', null],
  ['NaN', null],
])('the number "%s" reads as %p', (text, value) => expect(parseNumber(text)).toBe(value));

test.each([
  ['640', 1000, 0.64],
  ['1 1/2 tsp', 1000, 0.0075],
  ['½ cup', 530, 0.06625],
  ['2,5 dl', 1000, 0.25],
  ['1 lb 4 oz', 1000, 0.453_592_37 + 4 * 0.028_349_523_125],
  ['a pinch', 1200, 1200 * 5e-6 * 0.0625],
  ['1 cup 2 tbsp', 1000, 0.28],
  ['0', 1000, 0],
])('"%s" at %i kg/m³ is %p kg', (text, density, kg) =>
  expect(parseMassKg(text, density, METRIC_MEASURES)).toBeCloseTo(kg, 9),
);

test('a customary cup is smaller than a metric one', () => {
  expect(parseMassKg('1 cup', 1000, CUSTOMARY_MEASURES)).toBeCloseTo(0.236_588, 6);
});

test.each([
  ['158', 'C', 158],
  ['350 F', 'C', 176.667],
  ['320', 'F', 160],
  ['-18', 'C', -18],
  ['−18 °C', 'F', -18],
  ['9999', 'C', null],
  ['hot', 'C', null],
] as const)('the temperature "%s" in %s reads as %p', (text, unit, value) => {
  const read = parseTempC(text, unit);
  if (value === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(value, 2);
});

test.each([
  ['7:10', 430],
  ['1:30:00', 5400],
  ['90 s', 90],
  ['1 h 20 min', 4800],
  ['12', 720],
  ['7:75', null],
  ['soon', null],
])('the time "%s" reads as %p s', (text, value) => expect(parseDurationS(text)).toBe(value));

test('nothing that can be typed crashes a reader or comes out as NaN or below nothing', () => {
  const typed = fc.oneof(
    fc.string({ maxLength: 80 }),
    fc
      .array(fc.constantFrom('1', '½', '/', ',', '.', ' ', 'cup', 'tsp', 'lb', '-', ':', 'e', '°', '9'))
      .map((parts) => parts.join('')),
  );
  fc.assert(
    fc.property(typed, (text) => {
      for (const read of [parseNumber(text), parseMassKg(text, 800, METRIC_MEASURES), parseDurationS(text)]) {
        expect(read === null || (Number.isFinite(read) && read >= 0)).toBe(true);
      }
      const temp = parseTempC(text, 'C');
      expect(temp === null || (temp >= -60 && temp <= 400)).toBe(true);
    }),
  );
});

test.each([
  [0.53, 530, '4 cup'],
  [0.0075, 1000, '1 1/2 tsp'],
  [0.28, 1000, '1 cup + 2 tbsp'],
  [0.1133, 1000, '1/3 cup + 2 tbsp'],
  [0.0331, 1000, '2 tbsp + 1/2 tsp'],
  [0.58, 1000, '2 1/3 cup'],
  [0.0833, 1000, '1/3 cup'],
  [0.0001, 1000, 'a pinch'],
  [0, 1000, '0 tsp'],
])('%p kg at %i kg/m³ is "%s"', (kg, density, text) =>
  expect(printMass(kg, density, 'cups', METRIC_MEASURES)).toBe(text),
);

test('printing is settled: what is printed, read and printed again stays the same, in every system', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1e-4, max: 30, noNaN: true }),
      fc.integer({ min: 110, max: 1500 }),
      fc.constantFrom('grams' as const, 'cups' as const),
      fc.constantFrom(METRIC_MEASURES, CUSTOMARY_MEASURES),
      (kg, density, units, measures) => {
        const text = printMass(kg, density, units, measures);
        const read = parseMassKg(text, density, measures);
        expect(read).not.toBeNull();
        expect(printMass(read!, density, units, measures)).toBe(text);
      },
    ),
    // An amount that lies on a limit of its measure, less what rounding adds.
    { numRuns: 400, examples: [[0.0266903125, 223, 'cups', METRIC_MEASURES]] },
  );
});

test('what is printed reads back: grams to half a gram, cups and spoons to what they can measure', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 20, noNaN: true }), fc.integer({ min: 300, max: 1400 }), (kg, density) => {
      const grams = parseMassKg(printMass(kg, density, 'grams', METRIC_MEASURES), density, METRIC_MEASURES)!;
      expect(Math.abs(grams - kg)).toBeLessThanOrEqual(0.000_501);
      const spoons = parseMassKg(printMass(kg, density, 'cups', METRIC_MEASURES), density, METRIC_MEASURES)!;
      // Half of what a cup itself may be off, or an eighth of a teaspoon.
      expect(Math.abs(spoons - kg)).toBeLessThanOrEqual(Math.max(0.04 * kg, (5e-6 / 8) * density) * 1.0001);
    }),
  );
  fc.assert(fc.property(fc.integer({ min: 0, max: 3599 }), (s) => expect(parseDurationS(printDuration(s))).toBe(s)));
  fc.assert(
    fc.property(fc.integer({ min: -40, max: 300 }), fc.constantFrom('C' as const, 'F' as const), (c, unit) =>
      expect(Math.abs(parseTempC(printTemp(c, unit), unit)! - c)).toBeLessThanOrEqual(0.51),
    ),
  );
});

test.each([
  [printLength(0.115, 'us'), '4 1/2 in'],
  [printLength(0.0025, 'us'), '3/32 in'],
  [printLength(0.003175, 'us'), '1/8 in'],
  [printLength(0.24, 'us'), '9 1/2 in'],
  [printLength(0.0003, 'us'), '0.012 in'],
  [printLength(0.0025, 'metric'), '2.5 mm'],
  [printScale(0.033, 'us'), '1.15 oz'],
  [printScale(0.0025, 'us'), '0.088 oz'],
  [printScale(0.6, 'us'), '1 lb 5.2 oz'],
  [printScale(0.453_592_37, 'us'), '1 lb'],
  [printScale(0.6, 'metric'), '600 g'],
  [printVolume(0.0021, 'us', CUSTOMARY_MEASURES), '2 1/4 qt'],
  [printVolume(0.0003, 'us', CUSTOMARY_MEASURES), '1 1/4 cup'],
  [printVolume(0.0021, 'metric', METRIC_MEASURES), '2100 ml'],
  [printAltitude(1500, 'us'), '4921 ft'],
])('"%s" is printed as %p', (text, wanted) => expect(text).toBe(wanted));

test('what is typed in millimetres and millilitres is that very figure', () => {
  for (let i = 1; i < 2000; i++) {
    expect(parseLengthM(String(i), 'metric')).toBe(i / 1000);
    expect(parseVolumeM3(String(i), METRIC_MEASURES, 'metric')).toBe(i / 1e6);
  }
});

test.each([
  ['4 1/2"', 'us', 0.1143],
  ['4½″', 'metric', 0.1143],
  ['1 ft 2 in', 'us', 0.3556],
  ['4.5', 'us', 0.1143],
  ['11.5 cm', 'us', 0.115],
  ['2,6', 'metric', 0.0026],
  ['wide', 'us', null],
  ['-3', 'metric', null],
] as const)('the length "%s" in a %s kitchen reads as %p', (text, system, wanted) => {
  const read = parseLengthM(text, system);
  if (wanted === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(wanted, 9);
});

test('ounces, inches, quarts and feet read back what they print, to what a rule or a scale shows, and print it again', () => {
  const amount = fc.double({ min: 1e-4, max: 20, noNaN: true });
  const cases = [
    [(x: number) => printScale(x, 'us'), (t: string) => parseMassKg(t, 1000, CUSTOMARY_MEASURES, 'us'), 0.025, 1, 1],
    [(x: number) => printLength(x, 'us'), (t: string) => parseLengthM(t, 'us'), 0.13, 0.0254 / 60, 0.1],
    [(x: number) => printVolume(x, 'us', CUSTOMARY_MEASURES), readVolume, 0.07, 1e-6, 0.001],
    [(x: number) => printAltitude(x, 'us'), (t: string) => parseAltitudeM(t, 'us'), 0.01, 0.2, 300],
  ] as const;
  fc.assert(
    fc.property(amount, fc.constantFrom(...cases), (of, [print, read, share, least, scale]) => {
      const value = of * scale;
      const back = read(print(value));
      expect(back).not.toBeNull();
      expect(Math.abs(back! - value)).toBeLessThanOrEqual(Math.max(share * value, least));
      expect(print(back!)).toBe(print(value));
    }),
    { numRuns: 400 },
  );
  expect(parseAltitudeM('−100 ft', 'us')).toBeCloseTo(-30.48, 6);
});
const readVolume = (text: string) => parseVolumeM3(text, CUSTOMARY_MEASURES, 'us');
