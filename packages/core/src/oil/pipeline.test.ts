import fc from 'fast-check';
import { DEFAULT_KITCHEN, type Kitchen } from '../draft/kitchen.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { loadPass, loadSizeFor, type LoadSpec, oilRange, runLoads } from './fryLoads.js';
import { potAtRest } from './pot.js';
import { lastDropS, pipelineFor, runPipeline } from './pipeline.js';

const KITCHEN: Kitchen = { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, diameterM: 0.28, oilM3: 0.003 } };
const DRAFT = newTray('Pipeline', 'squash-sage', 36, '2030-01-05T18:30:00Z');
const FRY = planBatch(DRAFT, KITCHEN, null).fry!;
/** The heat that one piece draws each second, from the means of ten that the plan keeps. */
const PIECE_W = FRY.drawW.flatMap((w) => Array.from({ length: 10 }, () => w));
const SPEC: LoadSpec = {
  pot: KITCHEN.pot,
  roomC: 21,
  oilC: 158,
  pieceW: PIECE_W,
  takeOutS: FRY.takeOutS!,
  pieces: 36,
  betweenS: 45,
  spacingS: 5,
};

test('one goes in as one comes out: never more in the oil than meant, and the heat adds up', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 20 }),
      fc.integer({ min: 1, max: 200 }),
      fc.integer({ min: 60, max: 1500 }),
      (inPot, pieces, takeOutS) => {
        const run = runPipeline({ ...SPEC, pieces, takeOutS }, inPot);
        expect(run.everyS! * inPot).toBeGreaterThanOrEqual(takeOutS);
        expect(run.loadSize).toBeLessThanOrEqual(Math.min(inPot, pieces));
        // The last is taken out when it has had its time, and no second is lost between two pieces.
        expect(Math.abs(run.totalS - (takeOutS + run.everyS! * (pieces - 1)))).toBeLessThanOrEqual(2);
        expect(lastDropS(run, pieces)).toBe(run.everyS! * (pieces - 1));
        expect(Math.abs(run.energyResidual)).toBeLessThan(1e-4);
        expect(run.trace.length).toBeLessThan(2100);
      },
    ),
    { numRuns: 40 },
  );
});

test('as many in the oil at a time cool it less than as a load, and the session is over sooner', () => {
  for (const size of [3, 5, 7]) {
    const [flow, loads] = [runPipeline(SPEC, size), runLoads(SPEC, size)];
    expect(flow.lowestC).toBeGreaterThan(loads.lowestC);
    expect(flow.totalS).toBeLessThan(loads.totalS);
  }
});

test('the pipeline that is chosen stays in its range, and takes at least what a load takes', () => {
  for (const burnerW of [1200, 2000, 3000]) {
    const spec = { ...SPEC, pot: { ...SPEC.pot, burnerW } };
    const flow = pipelineFor(spec, FRY.room);
    const inRange = flow.lowestC >= oilRange(158).least;
    expect(inRange || flow.loadSize === 1).toBe(true);
    expect(flow.loadSize).toBeGreaterThanOrEqual(loadSizeFor(spec, FRY.room, 60).loadSize - 1);
  }
  expect(pipelineFor({ ...SPEC, pot: { ...SPEC.pot, burnerW: 3000 } }, FRY.room).loadSize).toBeGreaterThan(
    pipelineFor({ ...SPEC, pot: { ...SPEC.pot, burnerW: 900 } }, FRY.room).loadSize,
  );
});

test('a batch that is planned so says how often one goes in; rising oil has loads all the same', () => {
  const draft = { ...DRAFT, fry: { ...DRAFT.fry, pipeline: true } };
  const plan = planBatch(draft, KITCHEN, null);
  expect(plan.fry!.loads!.everyS).toBeGreaterThan(15);
  expect(plan.fry!.findings.map(({ code }) => code)).toContain('fry.pipeline');
  const rising = { ...draft, fry: { ...draft.fry, oilC: 135, ramp: { outC: 160, overS: 600 } } };
  expect(planBatch(rising, KITCHEN, null).fry!.loads!.everyS).toBeNull();
  expect(() => runPipeline(SPEC, 0)).toThrow(expect.objectContaining({ code: 'OUT_OF_RANGE', path: 'fry.loadSize' }));
  expect(() => runPipeline({ ...SPEC, takeOutS: NaN }, 2)).toThrow(expect.objectContaining({ path: 'takeOutS' }));
});

test('pieces that are hotter than a falling ramp heat no oil beyond it', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 24 }),
      fc.double({ min: -5000, max: -1, noNaN: true }),
      fc.double({ min: 0.0002, max: 0.003, noNaN: true }),
      (size, eachW, oilM3) => {
        const pot = { ...KITCHEN.pot, oilM3, lossWPerK: 0.2 };
        const spec = {
          ...SPEC,
          pot,
          oilC: 200,
          ramp: { outC: 110, overS: 114 },
          pieceW: PIECE_W.map((w, s) => (s < 60 ? w : eachW)),
        };
        const ask = { size, start: potAtRest(200), waits: false, holdSetting: 1, loadSetting: 1 };
        const { trace, lowestC } = loadPass(spec, ask);
        expect(Math.max(...trace.map(({ oilC }) => oilC))).toBeLessThan(260);
        expect(lowestC).toBeGreaterThan(50);
      },
    ),
  );
});
