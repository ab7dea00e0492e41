import fc from 'fast-check';
import { batchOf } from '../draft/batchDraft.js';
import { cookAgain } from '../plan/lesson/cookAgain.js';
import { trayOf } from '../plan/edit/trays.js';
import { newTray } from '../plan/edit/starters.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { CRUMB_ANSWERS, crumbRange, readCrumb, wantedCrumb } from '../oil/crumbTest.js';
import { oilRange } from '../oil/fryLoads.js';
import { oilCautions, potAtRest } from '../oil/pot.js';
import { doNext, type StovePlan } from './doNext.js';
import { type StoveAct, stoveState, type OilReading } from './stoveAct.js';
import { ledgerFigures } from './ledgerFigures.js';
import { type OilNow, oilNow } from './oilNow.js';
import { TURN_METHODS } from '../draft/choices.js';
import { predictPiece } from './predictPiece.js';
import { simulateRun } from '../simulated/simulateRun.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const PIECES = 14;
const draft = newTray('Test', 'squash-sage', PIECES, '2030-01-05T18:30:00Z');
const plan = planBatch(draft, DEFAULT_KITCHEN, null);
const fry = plan.fry!;
const STOVE: StovePlan = {
  left: PIECES,
  loadSize: fry.loads!.loadSize,
  oilC: draft.fry.oilC,
  takeOutS: fry.takeOutS!,
  holdSetting: fry.loads!.holdSetting,
  loadSetting: fry.loads!.loadSetting,
  settings: 9,
  pot: DEFAULT_KITCHEN.pot,
  roomC: 21,
  drawW: fry.drawW,
  coreTargetC: 74,
};

const anyAct: fc.Arbitrary<StoveAct> = fc.oneof(
  fc.record({
    id: fc.uuid(),
    atS: fc.integer({ min: 0, max: 3600 }),
    kind: fc.constantFrom(...(['drop', 'turn', 'take-out', 'burst', 'aside', 'oven-out'] as const)),
    pieces: fc.uniqueArray(fc.integer({ min: 1, max: PIECES }), { minLength: 1, maxLength: 6 }),
  }),
  fc.record({
    id: fc.uuid(),
    atS: fc.integer({ min: 0, max: 3600 }),
    kind: fc.constant('burner' as const),
    setting: fc.integer({ min: 0, max: 9 }),
  }),
);

test('whatever was tapped: every piece is counted once, and taking everything back leaves an empty pot', () => {
  fc.assert(
    fc.property(fc.array(anyAct, { maxLength: 40 }), (acts) => {
      const state = stoveState(acts, PIECES);
      expect(state.done + state.burst + state.aside + state.inPot.length + state.toFry).toBe(PIECES);
      // Only what is out of the oil is in the oven; what burst goes there by itself.
      expect(state.inOven.every((piece) => piece.outS !== null)).toBe(true);
      expect(state.pieces.filter((piece) => piece.burst).every((piece) => piece.oven !== null)).toBe(true);
      for (const piece of state.pieces) {
        expect(piece.outS === null || piece.outS >= piece.droppedS).toBe(true);
        expect([...piece.turnsS].sort((a, b) => a - b)).toEqual(piece.turnsS);
        expect(piece.load).toBeGreaterThanOrEqual(1);
      }
      // Each load that dropped anything begins with its own first piece, in order, once.
      const loads = [...new Set(state.pieces.map((piece) => piece.load))].sort((x, y) => x - y);
      expect(state.loadStartsS).toEqual(
        loads.map((load) => Math.min(...state.pieces.filter((p) => p.load === load).map((p) => p.droppedS))),
      );
      const undone = acts.map((act): StoveAct => ({
        id: `x${act.id}`,
        atS: act.atS,
        kind: 'take-back',
        actId: act.id,
      }));
      const empty = stoveState([...acts, ...undone], PIECES);
      expect(empty.pieces).toHaveLength(0);
      expect(empty.burner).toBe(0);
      expect(empty.lastAct).toBeNull();
    }),
  );
});

test('acts that arrive in any order tell the same story', () => {
  fc.assert(
    fc.property(
      fc
        .uniqueArray(anyAct, { maxLength: 20, selector: (act) => act.atS })
        .chain((acts) => fc.tuple(fc.constant(acts), fc.shuffledSubarray(acts, { minLength: acts.length }))),
      ([acts, shuffled]) => {
        expect(stoveState(shuffled, PIECES)).toEqual(stoveState(acts, PIECES));
      },
    ),
  );
});

describe('the oil at a glance', () => {
  const flat = (c: number, n = 30): OilReading[] => Array.from({ length: n }, (_, i) => ({ atS: i, probeC: c }));
  const glance = (readings: OilReading[], burner = 4, loadW = 0) =>
    oilNow(readings, readings.length - 1, DEFAULT_KITCHEN.pot, 21, 158, burner, loadW);
  const { warnC, cutC } = oilCautions(DEFAULT_KITCHEN.pot.smokeC, oilRange(158).most);

  test.each([
    [158, 'in-range', 0],
    [145, 'under', 5],
    [60, 'cold', 90],
    [168, 'over', 4],
    [warnC + 0.1, 'warn', undefined],
    [cutC + 0.1, 'cut-heat', undefined],
  ])('%d °C is %s', (c, verdict, off) => {
    const now = glance(flat(c));
    expect(now.verdict).toBe(verdict);
    if (off !== undefined) expect(now.offC).toBeCloseTo(off, 6);
  });
  test('no reading for a minute, or none at all: said so, no number', () => {
    expect(oilNow([], 0, DEFAULT_KITCHEN.pot, 21, 158, 0, 0)).toMatchObject({ verdict: 'no-reading', probeC: null });
    expect(oilNow(flat(158), 120, DEFAULT_KITCHEN.pot, 21, 158, 0, 0).verdict).toBe('no-reading');
  });
  test('flat oil on a burner that should raise it is a probe out of the oil', () => {
    expect(glance(flat(150, 60), 9).verdict).toBe('check-probe');
    expect(glance(flat(149, 60), 2).verdict).toBe('under');
  });
  test('rate and the way back into the range come from the readings and the burner', () => {
    const rising = Array.from({ length: 40 }, (_, i) => ({ atS: i, probeC: 130 + 0.2 * i }));
    const now = glance(rising, 9);
    expect(now.ratePerMin).toBeCloseTo(12, 6);
    expect(now.backInS).toBeGreaterThan(0);
    expect(now.forecast[now.forecast.length - 1]!.probeC).toBeGreaterThan(now.probeC!);
    expect(glance(rising, 0).backInS).toBeNull();
  });
});

describe('what comes next', () => {
  const oilAt = (
    probeC: number,
    verdict: 'in-range' | 'cold' | 'under' | 'over' | 'warn' | 'cut-heat' = 'in-range',
  ) => ({
    probeC,
    lastC: probeC,
    ratePerMin: 0,
    verdict,
    offC: 0,
    backInS: null,
    state: potAtRest(probeC, 0),
    forecast: [],
  });
  const drop = (n: number, atS = 0): StoveAct => ({ id: `d${n}`, atS, kind: 'drop', pieces: [n] });
  test('cold oil: full burner, and the drop waits for its temperature', () => {
    const steps = doNext(stoveState([], PIECES), STOVE, oilAt(80, 'cold'), [], 10);
    expect(steps[0]).toMatchObject({ act: 'burner', value: 9, reason: 'warm-up' });
    expect(steps.find((s) => s.act === 'drop')).toMatchObject({ reason: 'wait-oil', inS: 440 });
    // A burner that never gets there has no time to tell.
    const weak = { ...STOVE, pot: { ...STOVE.pot, burnerW: 300 } };
    const waits = doNext(stoveState([], PIECES), weak, oilAt(80, 'cold'), [], 10).find((s) => s.act === 'drop');
    expect(waits).toMatchObject({ reason: 'wait-oil', inS: null });
  });
  test('ready oil: the next load by number, no more than is left', () => {
    const steps = doNext(stoveState([], PIECES), STOVE, oilAt(158), [], 10);
    expect(steps.find((s) => s.act === 'drop')).toMatchObject({
      inS: 0,
      pieces: Array.from({ length: STOVE.loadSize }, (_, i) => i + 1),
    });
    const acts: StoveAct[] = [
      { id: 'a', atS: 0, kind: 'drop', pieces: Array.from({ length: 13 }, (_, i) => i + 1) },
      { id: 'b', atS: 500, kind: 'take-out', pieces: Array.from({ length: 13 }, (_, i) => i + 1) },
    ];
    expect(doNext(stoveState(acts, PIECES), STOVE, oilAt(158), [], 510).find((s) => s.act === 'drop')!.pieces).toEqual([
      14,
    ]);
  });
  test('oil past its caution comes before everything and only ever turns the heat off', () => {
    for (const verdict of ['warn', 'cut-heat'] as const) {
      const prediction = {
        number: 1,
        colours: [1, 1] as const,
        coreC: 80,
        interfaceC: 95,
        isDone: true,
        orderedS: null,
        oilMeanC: 158,
        turnAtS: null,
        takeOutAtS: 0,
      };
      const next = (acts: StoveAct[], ratePerMin: number) =>
        doNext(stoveState(acts, PIECES), STOVE, { ...oilAt(196, verdict), ratePerMin }, [prediction], 10);
      const on: StoveAct = { id: 'b', atS: 1, kind: 'burner', setting: 5 };
      for (const steps of [next([drop(1), on], -3), next([drop(1)], 2)]) {
        expect(steps[0]).toMatchObject({ act: 'burner', value: 0, reason: 'cut-heat' });
        expect(steps.filter((s) => s.act === 'burner')).toHaveLength(1);
      }
      // Off already and falling: what lies in it is what is left to do.
      expect(next([drop(1)], -3).map((s) => s.act)).toEqual(['take-out']);
    }
  });
  test('moments close together are one act; all out ends the batch', () => {
    const p = (number: number, turnAtS: number | null, takeOutAtS: number | null) => ({
      number,
      colours: [0.5, 0.5] as const,
      coreC: 50,
      interfaceC: 70,
      isDone: true,
      orderedS: null,
      oilMeanC: 158,
      turnAtS,
      takeOutAtS,
    });
    const steps = doNext(
      stoveState([drop(1), drop(2), drop(3)], 3),
      STOVE,
      oilAt(158),
      [p(1, 60, 400), p(2, 70, 410), p(3, 120, 470)],
      30,
    );
    expect(steps.filter((s) => s.act === 'turn').map((s) => s.pieces)).toEqual([[1, 2], [3]]);
    expect(steps.filter((s) => s.act === 'take-out').map((s) => s.pieces)).toEqual([[1, 2], [3]]);
    const out = stoveState([drop(1), { id: 'l', atS: 9, kind: 'take-out', pieces: [1] }], 1);
    expect(doNext(out, { ...STOVE, left: 0 }, oilAt(158), [], 10).map((s) => s.act)).toContain('finish');
  });
});

test('a crumb: the answer that is right for a plan lets its pieces in, a slower or quicker one does not', () => {
  expect([140, 151, 158, 166, 178].map(wantedCrumb)).toEqual(['lazy', 'lazy', 'steady', 'steady', 'steady']);
  fc.assert(
    fc.property(fc.double({ min: 120, max: 185, noNaN: true }), fc.constantFrom(...CRUMB_ANSWERS), (oilC, answer) => {
      const { verdict, tempC, spreadC } = readCrumb(answer, oilC);
      const { leastC, mostC } = crumbRange(answer);
      expect(spreadC).toBe((mostC - leastC) / 2);
      const oil: OilNow = { ...IN_RANGE, probeC: tempC, lastC: tempC, state: potAtRest(tempC) };
      const drop = doNext(stoveState([], PIECES), { ...STOVE, oilC }, oil, [], 10).find((s) => s.act === 'drop')!;
      if (verdict === 'right') expect(drop).toMatchObject({ inS: 0, reason: 'oil-ready' });
      // Right is one of the four, and what is cooler is never called hotter.
      expect(CRUMB_ANSWERS.filter((one) => readCrumb(one, oilC).verdict === 'right')).toHaveLength(1);
      if (verdict === 'cooler') expect(leastC).toBeLessThan(oilC);
      if (verdict === 'hotter') expect(mostC).toBeGreaterThan(oilC);
    }),
  );
  // Oil that nobody has judged: no time, and no number is asked for.
  const unknown: OilNow = { ...IN_RANGE, probeC: null, lastC: null, verdict: 'no-reading', state: null };
  const blind = doNext(stoveState([], PIECES), STOVE, unknown, [], 10);
  expect(blind).toEqual([expect.objectContaining({ act: 'drop', inS: null, reason: 'judge-oil' })]);
});

test('a trial piece is a stop: until it is judged nothing else is advised for the oil', () => {
  const plan: StovePlan = { ...STOVE, trial: true };
  const on = (kind: 'drop' | 'take-out' | 'burst', atS: number): StoveAct => ({ id: kind, atS, kind, pieces: [1] });
  const acts: StoveAct[] = [on('drop', 0), on('take-out', 500)];
  const wants = (more: StoveAct[]) =>
    doNext(stoveState([...acts, ...more], PIECES), plan, IN_RANGE, [], 520)
      .map(({ act }) => act)
      .filter((act) => act !== 'skim');
  expect(wants([])).toEqual(['judge']);
  expect(wants([{ id: 's', atS: 510, kind: 'seen', pieces: [1], looks: 'darker' }])).toEqual(['drop']);
  expect(wants([{ id: 'c', atS: 510, kind: 'core', piece: 1, tempC: 80, predictedC: 78 }])).toEqual(['drop']);
  // One that came out raw shows nothing: into the oven with it, then one more is tried, and waited for.
  const raw = doNext(stoveState(acts, PIECES), { ...plan, early: [1] }, IN_RANGE, [], 520);
  expect(raw.map(({ act }) => act).filter((act) => act !== 'skim')).toEqual(['aside']);
  const setAside: StoveAct[] = [...acts, { id: 'a', atS: 515, kind: 'aside', pieces: [1] }];
  const next = doNext(stoveState(setAside, PIECES), plan, IN_RANGE, [], 520).find(({ act }) => act === 'drop')!;
  expect(next.pieces).toEqual([2]);
  const second: StoveAct[] = [
    ...setAside,
    { id: 'd2', atS: 530, kind: 'drop', pieces: [2] },
    { id: 't2', atS: 900, kind: 'take-out', pieces: [2] },
  ];
  expect(doNext(stoveState(second, PIECES), plan, IN_RANGE, [], 920)).toContainEqual(
    expect.objectContaining({ act: 'judge', pieces: [2] }),
  );
  // One that bursts has shown what there is to see.
  const burst = doNext(stoveState([on('drop', 0), on('burst', 100)], PIECES), plan, IN_RANGE, [], 120);
  expect(burst.map(({ act }) => act)).toContain('drop');
  expect(doNext(stoveState(acts, PIECES), STOVE, IN_RANGE, [], 520).map(({ act }) => act)).toContain('drop');
});

const IN_RANGE: OilNow = {
  probeC: 158,
  lastC: 158,
  ratePerMin: 0,
  verdict: 'in-range',
  offC: 0,
  backInS: null,
  state: potAtRest(158),
  forecast: [],
};

describe('set aside to the oven', () => {
  const on = (kind: 'drop' | 'take-out' | 'aside' | 'oven-out' | 'burst', atS: number, pieces: number[]): StoveAct => ({
    id: `${kind}${atS}`,
    atS,
    kind,
    pieces,
  });
  const core = (piece: number, tempC: number, atS = 520): StoveAct => ({
    id: `c${piece}-${atS}`,
    atS,
    kind: 'core',
    piece,
    tempC,
    predictedC: 76,
  });
  const next = (acts: StoveAct[], nowS: number) => doNext(stoveState(acts, PIECES), STOVE, IN_RANGE, [], nowS);
  const takenOut = [
    on('drop', 0, [1, 2, 3, 4]),
    on('take-out', 500, [1, 2]),
    on('take-out', 505, [3]),
    on('take-out', 600, [4]),
  ];

  test('one core probed raw sends it and those taken out with it, but none that was probed well', () => {
    expect(next([...takenOut, core(1, 74)], 610).some((s) => s.act === 'aside')).toBe(false);
    expect(next([...takenOut, core(1, 61)], 610)[0]).toMatchObject({ act: 'aside', pieces: [1, 2, 3], value: 160 });
    expect(next([...takenOut, core(1, 61), core(2, 75)], 610)[0]).toMatchObject({ pieces: [1, 3] });
    // Probed again and there after all.
    expect(next([...takenOut, core(1, 61), core(1, 76, 560)], 610).some((s) => s.act === 'aside')).toBe(false);
  });

  test('in the oven they are counted apart, looked at in time, and leave it once', () => {
    const acts = [...takenOut, core(1, 61), on('aside', 610, [1, 2, 3])];
    expect(stoveState(acts, PIECES)).toMatchObject({ done: 1, aside: 3, burst: 0 });
    const steps = next(acts, 700);
    expect(steps.some((s) => s.act === 'aside')).toBe(false);
    expect(steps.find((s) => s.act === 'oven-out')).toMatchObject({ pieces: [1, 2, 3], inS: 610 + 600 - 700 });
    const out = stoveState([...acts, on('oven-out', 1250, [1, 2, 3, 4])], PIECES);
    expect(out.inOven).toEqual([]);
    expect(out).toMatchObject({ done: 1, aside: 3 });
    expect(ledgerFigures(acts, [], PIECES, 158)).toMatchObject({ fried: 1, aside: 3, burst: 0, meanInOilS: 600 });
    expect(ledgerFigures([...acts, core(4, 76), core(1, 70, 590)], [], PIECES, 158).cores).toEqual({
      probed: 2,
      leastC: 70,
    });
  });

  test('one that bursts is in the oven at once, for as long as the craft says', () => {
    const acts = [on('drop', 0, [1, 2]), on('burst', 100, [2])];
    expect(stoveState(acts, PIECES).inOven.map((p) => p.number)).toEqual([2]);
    expect(next(acts, 160).find((s) => s.act === 'oven-out')).toMatchObject({ pieces: [2], inS: 1140 });
  });
});

test('free room in the pot is offered while the oil is ready and no hand is wanted', () => {
  const size = STOVE.loadSize;
  const all = Array.from({ length: size }, (_, i) => i + 1);
  const acts: StoveAct[] = [{ id: 'd', atS: 0, kind: 'drop', pieces: all }];
  const half: StoveAct = { id: 'l', atS: 300, kind: 'take-out', pieces: all.slice(0, Math.ceil(size / 2)) };
  const later = (takeOutAtS: number) => [
    {
      number: size,
      colours: [0.5, 0.5] as const,
      coreC: 50,
      interfaceC: 70,
      isDone: true,
      orderedS: null,
      oilMeanC: 158,
      turnAtS: null,
      takeOutAtS,
    },
  ];
  const drop = (told: StoveAct[], takeOutAtS: number, probeC = 158) =>
    doNext(stoveState(told, PIECES), STOVE, { ...IN_RANGE, probeC }, later(takeOutAtS), 310).find(
      (s) => s.act === 'drop',
    );
  expect(drop(acts, 700)).toBeUndefined();
  const offered = drop([...acts, half], 700)!;
  expect(offered).toMatchObject({ reason: 'room', inS: 0 });
  expect(offered.pieces).toHaveLength(Math.min(PIECES - size, Math.ceil(size / 2)));
  expect(offered.pieces[0]).toBe(size + 1);
  // Not just before the others come out, and not into oil that still has to come back.
  expect(drop([...acts, half], 350)).toBeUndefined();
  expect(drop([...acts, half], 700, 149)).toBeUndefined();
});

test('a noisy probe does not make the burner advice flutter', () => {
  const at = (atS: number, acts: StoveAct[], probeC: number) =>
    doNext(stoveState(acts, PIECES), STOVE, { ...IN_RANGE, probeC, lastC: probeC }, [], atS).find(
      (step) => step.act === 'burner',
    );
  fc.assert(
    fc.property(
      fc.boolean(),
      fc.double({ min: -9, max: 9, noNaN: true }),
      fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 30, maxLength: 30 }),
      (withLoad, offset, noise) => {
        const acts: StoveAct[] = withLoad ? [{ id: 'd', atS: 0, kind: 'drop', pieces: [1, 2, 3] }] : [];
        // A cook who follows every word of it, while the oil stands still and the probe trembles.
        noise.forEach((tremble, i) => {
          const advice = at(i + 1, acts, STOVE.oilC + offset + tremble);
          if (advice) acts.push({ id: `b${i}`, atS: i + 1, kind: 'burner', setting: advice.value });
        });
        const turned = acts.filter((act) => act.kind === 'burner').length;
        expect(turned).toBeLessThanOrEqual(3);
      },
    ),
  );
});

const ASK = {
  body: fry.body,
  coreTargetC: 74,
  futureC: 158,
  surface: fry.surface,
  gain: { coreC: 0, wallC: 0 },
  counts: false,
} as const;

test('pieces forgotten in the oil, for days and without a reading, are still answered for', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 400_000 }), { maxLength: 6 }),
      fc.integer({ min: 0, max: 90 * 86_400 }),
      fc.constantFrom(...TURN_METHODS),
      (turns, nowS, method) => {
        const turnsS = [...turns].sort((a, b) => a - b);
        const piece = { number: 1, load: 1, droppedS: 0, turnsS, outS: null, burst: false, oven: null };
        const trace = [{ atS: 0, probeC: 158 }];
        const found = predictPiece({ ...ASK, trace, turn: method, nowS }, piece);
        for (const figure of [...found.colours, found.coreC, found.interfaceC])
          expect(Number.isFinite(figure)).toBe(true);
        expect(found.turnAtS ?? nowS).toBeGreaterThanOrEqual(nowS);
        expect(found.takeOutAtS ?? nowS).toBeGreaterThanOrEqual(nowS);
      },
    ),
    { numRuns: 30 },
  );
});

test('a piece in steady oil is predicted to be taken out when the plan takes it out', () => {
  const trace: OilReading[] = Array.from({ length: 200 }, (_, i) => ({ atS: i * 5, probeC: 158 }));
  const piece = { number: 1, load: 1, droppedS: 0, turnsS: [] as number[], outS: null, burst: false, oven: null };
  const ask = { ...ASK, trace, turn: draft.fry.turn, coreTargetC: -Infinity };
  const early = predictPiece({ ...ask, nowS: 5 }, piece);
  expect(Math.abs(early.takeOutAtS! - fry.takeOutS!)).toBeLessThan(15);
  // Looked at each five seconds.
  expect(early.turnAtS! - fry.solution.turnsS[0]!).toBeGreaterThanOrEqual(0);
  expect(early.turnAtS! - fry.solution.turnsS[0]!).toBeLessThanOrEqual(5);
  const turnsS = [60, 120, 180, 240];
  const later = predictPiece({ ...ask, nowS: 250 }, { ...piece, turnsS });
  expect(Math.abs(later.takeOutAtS! - early.takeOutAtS!)).toBeLessThan(15);
  expect(later.coreC).toBeGreaterThan(early.coreC);
  const cooler = { ...ask, trace: trace.map((r) => ({ ...r, probeC: 145 })), nowS: 250, futureC: 145 };
  const paler = predictPiece(cooler, { ...piece, turnsS });
  expect(paler.colours[0]).toBeLessThan(later.colours[0]);
  expect(paler.takeOutAtS!).toBeGreaterThan(later.takeOutAtS!);
});

describe('a simulated day plan', () => {
  const run = simulateRun(
    [{ draft, first: 1, fry: { ...fry, loads: fry.loads! } }],
    DEFAULT_KITCHEN,
    11,
    { bursts: [{ piece: 3, afterS: 200 }], takeOutLateS: 20 },
    (n) => `a${n}`,
  )!;
  const figures = ledgerFigures(run.acts, run.readings, PIECES, draft.fry.oilC);
  test('adds up in the ledger', () => {
    expect(figures).toMatchObject({ fried: PIECES - 1, burst: 1, stillIn: 0, notFried: 0, loads: fry.loads!.loads });
    expect(Math.abs(figures.meanInOilS! - (fry.takeOutS! + 20))).toBeLessThan(3);
    expect(figures.oilLeastC!).toBeLessThan(figures.oilMeanC!);
    expect(figures.inRangeShare!).toBeGreaterThan(0.5);
    expect(figures.turnsPerPiece!).toBeGreaterThan(5);
    const trace = figures.oilTraceC!.map((c) => c!);
    expect(Math.min(...trace)).toBeGreaterThanOrEqual(figures.oilLeastC! - 0.1);
    expect(Math.max(...trace)).toBeLessThanOrEqual(figures.oilMostC! + 0.1);
    expect(trace.reduce((sum, c) => sum + c, 0) / trace.length).toBeCloseTo(figures.oilMeanC!, 0);
    expect(run.readings.every((r, i) => i === 0 || r.atS > run.readings[i - 1]!.atS)).toBe(true);
  });
  test('is the same for the same seed', () => {
    const again = simulateRun(
      [{ draft, first: 1, fry: { ...fry, loads: fry.loads! } }],
      DEFAULT_KITCHEN,
      11,
      { bursts: [{ piece: 3, afterS: 200 }], takeOutLateS: 20 },
      (n) => `a${n}`,
    );
    expect(again).toEqual(run);
  });
  test('is cooked again with what really happened', () => {
    const again = trayOf(cookAgain(batchOf(draft), { A: figures }, '2030-02-02T18:30:00Z'), 'A');
    expect(again.fry.oilC).toBe(Math.round(figures.oilMeanC!));
    expect(Math.abs(again.fry.minutesS! - figures.meanInOilS!)).toBeLessThanOrEqual(2.5);
    expect(again.dough).toEqual(draft.dough);
    expect(planBatch(again, DEFAULT_KITCHEN, null).fry!.takeOutS).toBe(again.fry.minutesS);
    const nothing = ledgerFigures([], [], PIECES, 158);
    expect(nothing).toMatchObject({ fried: 0, notFried: PIECES, oilMeanC: null, meanInOilS: null, fryingS: 0 });
    expect(cookAgain(batchOf(draft), { A: nothing }, draft.eatAt)).toEqual(batchOf(draft));
  });
});
