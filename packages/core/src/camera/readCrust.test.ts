import fc from 'fast-check';
import { colourOnRamp, RAMP_COLOURS, RAMP_SKINS } from '../heat/colour.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { LINEAR } from './crustRamp.js';
import { type CrustRead, type Picture, readCrust } from './readCrust.js';

const [WIDTH, HEIGHT] = [240, 180];

/** Lights as a camera sees white paper in them, linear. */
const LIGHTS = {
  daylight: [0.8, 0.8, 0.8],
  lamp: [0.8, 0.66, 0.44],
  shade: [0.58, 0.66, 0.76],
  tube: [0.62, 0.7, 0.56],
  dayPlan: [0.34, 0.28, 0.2],
} as const;

interface Scene {
  readonly light: readonly [number, number, number];
  /** Places of the pieces on the ramp. */
  readonly places: readonly number[];
  readonly paper: boolean;
  /** What they lie on, as it throws light back. */
  readonly plate: readonly [number, number, number];
  /** How much light falls off across the picture. */
  readonly falls: number;
  readonly gloss: boolean;
  readonly seed: number;
}
const SCENE: Scene = {
  light: LIGHTS.daylight,
  places: [1, 2, 3, 4],
  paper: true,
  plate: [0.16, 0.2, 0.26],
  falls: 0,
  gloss: true,
  seed: 1,
};

/** How a skin of colour B throws back light, linear: the ramp blended as it is drawn. */
function skin(colour: number): readonly [number, number, number] {
  const last = RAMP_COLOURS.length - 2;
  const i = Math.min(last, Math.max(0, RAMP_COLOURS.findIndex((stop) => stop > colour) - 1));
  const u = (colour - RAMP_COLOURS[i]!) / (RAMP_COLOURS[i + 1]! - RAMP_COLOURS[i]!);
  const at = (k: 0 | 1 | 2) => LINEAR[Math.round(RAMP_SKINS[i]![k] + u * (RAMP_SKINS[i + 1]![k] - RAMP_SKINS[i]![k]))]!;
  return [at(0), at(1), at(2)];
}

/** Light to a byte of sRGB, in steps finer than a byte. */
const BYTES = Uint8Array.from({ length: 8193 }, (_, i) => {
  const y = i / 8192;
  return Math.round(255 * (y <= 0.003_130_8 ? 12.92 * y : 1.055 * y ** (1 / 2.4) - 0.055));
});
const toByte = (x: number): number => BYTES[x >= 1 ? 8192 : x <= 0 ? 0 : (8192 * x) | 0]!;
/** Noise of the sensor, drawn once: looking up is quicker than drawing. */
const NOISE = (() => {
  const uniform = seededUniform(7);
  return Float32Array.from({ length: 4096 }, () => 1 + 0.02 * seededNormal(uniform));
})();
const SKINS = Array.from({ length: 260 }, (_, i) => skin(i / 100));

/** A skin is not quite even. */
const EVEN = Float32Array.from({ length: 64 }, (_, i) => 1 + 0.03 * Math.sin(i / 3));

/** A plate of pieces beside a sheet of paper, as a camera would see it. */
function render({ light, places, paper, plate, falls, gloss, seed }: Scene): Picture {
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  const colours = places.map(colourOnRamp);
  const centres = places.map((_, i) => [45 + 50 * (i % 4), 83 + 58 * Math.floor(i / 4)] as const);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      let back: readonly [number, number, number] = plate;
      let shade = 1;
      if (paper && y > 6 && y < 44 && x > 15 && x < 165) back = [0.9, 0.9, 0.9];
      centres.forEach(([cx, cy], i) => {
        const [u, v] = [(x - cx) / 22, (y - cy) / 19];
        if (u * u + v * v > 1) return;
        // Its skin is not quite even, and a little darker towards the edge that turns away.
        back = SKINS[(100 * colours[i]! * EVEN[x % 64]! * EVEN[y % 64]!) | 0]!;
        shade = 1.02 - 0.06 * (u * u + v * v);
        if (gloss && (u + 0.3) ** 2 + (v + 0.4) ** 2 < 0.03) back = [0.93, 0.92, 0.9];
      });
      const at = 4 * (y * WIDTH + x);
      const lit = shade * (1 - (falls * x) / WIDTH);
      const noise = NOISE[(x * 31 + y * 17 + seed * 131 + ((x * y) % 97)) % 4096]!;
      for (const k of [0, 1, 2] as const) data[at + k] = toByte(back[k] * light[k] * lit * noise);
      data[at + 3] = 255;
    }
  return { width: WIDTH, height: HEIGHT, data };
}

const read = (scene: Partial<Scene>): CrustRead => readCrust(render({ ...SCENE, ...scene }));

test('under five lights, with noise, gloss and shade: each piece within a quarter of a step of the ramp, or refused', () => {
  let told = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(LIGHTS)),
      fc.array(fc.double({ min: 0.8, max: 4.6, noNaN: true }), { minLength: 1, maxLength: 8 }),
      fc.constantFrom<Scene['plate'][]>([0.16, 0.2, 0.26], [0.35, 0.36, 0.38], [0.05, 0.12, 0.1], [0.3, 0.3, 0.3]),
      fc.double({ min: 0, max: 0.12, noNaN: true }),
      fc.integer({ min: 1, max: 1e6 }),
      (light, places, plate, falls, seed) => {
        const found = read({ light, places, plate, falls, seed });
        if (found.kind === 'refused') return;
        told += 1;
        expect(found.pieces.length).toBe(places.length);
        // From left to right, row by row, as they were laid.
        const laid = [...found.pieces].sort((a, b) =>
          Math.abs(a.top - b.top) > 0.15 ? a.top - b.top : a.left - b.left,
        );
        laid.forEach(({ place, paler, darker }, i) => {
          expect(Math.abs(place - places[i]!)).toBeLessThanOrEqual(0.25);
          expect(paler <= place && place <= darker).toBe(true);
        });
        expect(found.palest).toBeLessThanOrEqual(found.place);
      },
    ),
    { numRuns: 30 },
  );
  expect(told).toBeGreaterThan(25);
});

test('a picture that says nothing is refused, and says why', () => {
  const why = (scene: Partial<Scene>) => {
    const found = read(scene);
    return found.kind === 'refused' ? found.why : found;
  };
  expect(why({ light: [1.6, 1.6, 1.6] })).toBe('clipped');
  expect(why({ light: [0.9, 0.42, 0.2] })).toBe('coloured');
  expect(why({ light: [0.06, 0.06, 0.06] })).toBe('dim');
  expect(why({ light: [0.95, 0.95, 0.95], falls: 0.7 })).toBe('uneven');
  expect(why({ places: [] })).toBe('no-pieces');
  expect(why({ paper: false, plate: [0.02, 0.02, 0.02], places: [] })).toBe('dim');
  for (const bad of [{ width: 31 }, { height: 2000 }, { width: NaN }])
    expect(() => readCrust({ ...render(SCENE), ...bad })).toThrow(expect.objectContaining({ code: 'OUT_OF_RANGE' }));
  expect(() => readCrust({ width: 64, height: 64, data: new Uint8Array(3) })).toThrow(
    expect.objectContaining({ path: 'data' }),
  );
});
