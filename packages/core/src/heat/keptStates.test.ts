import fc from 'fast-check';
import { advanceFry } from './advanceFry.js';
import { copyFryBody, createFryBody, type FryBody, OIL_SURFACE } from './fryBody.js';
import { doughMaterial, fillingMaterial } from './fryMaterial.js';
import { KeptStates } from './keptStates.js';

const frozen = () =>
  createFryBody({
    radiusM: 0.0135,
    shapeExponent: 1.35,
    wallM: 0.0026,
    startC: -12,
    wallCells: 6,
    fillingCells: 6,
    dough: doughMaterial(1175, 0.28),
    filling: fillingMaterial(1020, 0.7),
    surface: OIL_SURFACE,
    faces: 'two',
    exposedShare: 0.35,
    upperDry: 1,
    setC: 92,
    boilingC: 100,
    browning: 1,
  });
/** All that moves. */
const moving = ({ heat, gone, tempC, branch, faces, walls, ...rest }: FryBody) => {
  const { timeS, stepS, down, washedJPerM2, washedKgPerM2 } = rest;
  const cells = [heat, gone, tempC, branch].map((one) => Array.from(one));
  return { cells, faces, walls, timeS, stepS, down, washedJPerM2, washedKgPerM2 };
};

test('each kept state is gone on from as the body itself went on, however many are kept', () => {
  const body = frozen();
  const kept = new KeptStates(body);
  const copies = [copyFryBody(body)];
  // More than there is room for at first.
  for (let i = 0; i < 150; i++) {
    if (i % 40 === 39) body.down = 1 - body.down;
    advanceFry(body, 2, 160);
    kept.keep();
    copies.push(copyFryBody(body));
  }
  const end = moving(body);
  fc.assert(
    fc.property(fc.nat(copies.length - 1), fc.double({ min: 0, max: 1.9, noNaN: true }), (i, laterS) => {
      const was = copies[i]!;
      const back = kept.lastBy(was.timeS + laterS);
      expect(moving(back)).toEqual(moving(was));
      const alone = copyFryBody(was);
      advanceFry(alone, 20, 160);
      advanceFry(back, 20, 160);
      expect(moving(back)).toEqual(moving(alone));
    }),
    { numRuns: 40 },
  );
  expect(kept.lastS).toBe(body.timeS);
  expect(moving(body)).toEqual(end);
  expect(moving(kept.lastBy(-1))).toEqual(moving(copies[0]!));
});
