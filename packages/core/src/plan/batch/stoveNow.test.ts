import fc from 'fast-check';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { type StoveAct, stoveState, type OilReading } from '../../stove/stoveAct.js';
import type { NextStep } from '../../stove/doNext.js';
import { stoveBelief } from '../../stove/stoveLearning.js';
import type { PiecePrediction } from '../../stove/predictPiece.js';
import { stoveNow, type StoveSession, stoveTargets, NOTHING_KNOWN } from './stoveNow.js';
import { coreWaitC, predictAsks } from './predictAsks.js';
import { planBatch } from './planBatch.js';
import { newTray } from '../edit/starters.js';

const DRAFT = newTray('Any', 'squash-sage', 60, '2030-01-05T18:30:00Z');
const { fry } = planBatch(DRAFT, DEFAULT_KITCHEN, null);
const SESSION: StoveSession = {
  trays: [{ draft: DRAFT, first: 1, fry: { ...fry!, loads: fry!.loads! } }],
  kitchen: DEFAULT_KITCHEN,
  speed: 1,
  hasProbe: true,
  trial: false,
};

const numbers = fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 8 });
const at = fc.integer({ min: 0, max: 3600 });
const told = fc.oneof(
  fc.record({
    kind: fc.constantFrom('drop', 'turn', 'take-out', 'burst', 'aside', 'oven-out'),
    atS: at,
    pieces: numbers,
  }),
  fc.record({ kind: fc.constant('burner'), atS: at, setting: fc.integer({ min: 0, max: 9 }) }),
  fc.record({ kind: fc.constantFrom('skim', 'here'), atS: at }),
  fc.record({ kind: fc.constant('top-up'), atS: at, m3: fc.double({ min: 1e-5, max: 0.002, noNaN: true }) }),
  fc.record({
    kind: fc.constant('core'),
    atS: at,
    piece: fc.integer({ min: 1, max: 60 }),
    tempC: fc.integer({ min: -20, max: 120 }),
    predictedC: fc.option(fc.integer({ min: 20, max: 110 })),
  }),
  fc.record({ kind: fc.constant('oil'), atS: at, tempC: fc.integer({ min: 20, max: 260 }), spreadC: fc.constant(8) }),
);
const acts = fc
  .array(told, { maxLength: 25 })
  .map((list) => list.map((act, i) => ({ ...act, id: `a${i}` }) as unknown as StoveAct));
const oils = fc.record({
  fromC: fc.integer({ min: 20, max: 300 }),
  perS: fc.double({ min: -0.3, max: 0.5, noNaN: true }),
});
const readingsOf = ({ fromC, perS }: { fromC: number; perS: number }, nowS: number): OilReading[] =>
  Array.from({ length: 60 }, (_, i) => ({ atS: nowS - 60 + i, probeC: fromC + perS * i })).filter((r) => r.atS >= 0);
const predicted = (list: readonly StoveAct[], nowS: number): PiecePrediction[] =>
  stoveState(list, DRAFT.pieces).inPot.map((piece, i) => ({
    number: piece.number,
    colours: [0.5, 0.5] as const,
    coreC: 60,
    interfaceC: 60,
    isDone: true,
    orderedS: null,
    oilMeanC: 158,
    turnAtS: i % 2 ? nowS - 5 : null,
    takeOutAtS: nowS + i * 20,
  }));

/** More heat, more pieces, or a tool over oil that is dangerous. */
const contradicts = (step: NextStep, burner: number) =>
  step.act === 'drop' ||
  step.act === 'skim' ||
  step.act === 'finish' ||
  (step.act === 'burner' && step.value >= burner && step.reason !== 'cut-heat');

test('danger comes before everything, and nothing that is advised contradicts it', () => {
  let dangers = 0;
  fc.assert(
    fc.property(acts, oils, at, fc.boolean(), (list, oil, nowS, hasProbe) => {
      const now = stoveNow(
        { ...SESSION, hasProbe },
        list,
        readingsOf(oil, nowS),
        { ...NOTHING_KNOWN, predictions: predicted(list, nowS) },
        nowS,
      );
      const { danger, steps, state } = now;
      const tooHot = now.oil.verdict === 'warn' || now.oil.verdict === 'cut-heat';
      if (danger || tooHot) {
        dangers += 1;
        expect(steps.filter((step) => contradicts(step, state.burner))).toEqual([]);
        if (danger?.act === 'burner-off') expect(steps[0]).toMatchObject({ act: 'burner', value: 0 });
      }
      if (danger) expect(now.room).toBe(0);
      // The rest is in order of its moment.
      const moments = steps.filter((step) => step.reason !== 'cut-heat').map((step) => step.inS ?? 1e9);
      expect([...moments].sort((a, b) => a - b)).toEqual(moments);
      // No two steps turn the burner setting two ways.
      expect(steps.filter((step) => step.act === 'burner').length).toBeLessThanOrEqual(1);
      const targets = stoveTargets(now, new Set(), 0);
      const inPot = new Set(state.inPot.map((piece) => piece.number));
      for (const number of [...targets.turn, ...targets['take-out'], ...targets.burst])
        expect(inPot.has(number)).toBe(true);
      for (const number of targets.drop) expect(state.pieces.some((piece) => piece.number === number)).toBe(false);
    }),
    { numRuns: 400 },
  );
  expect(dangers).toBeGreaterThan(20);
});

test('a core measured warmer never makes a piece safe sooner, however many were measured', () => {
  const targetC = DRAFT.filling.coreTargetC;
  const waits = (list: readonly StoveAct[]) => coreWaitC(targetC, stoveBelief(stoveState(list, 60)).coreShiftC);
  fc.assert(
    fc.property(
      fc.array(fc.record({ tempC: fc.integer({ min: 20, max: 120 }), predictedC: fc.integer({ min: 20, max: 110 }) }), {
        maxLength: 6,
      }),
      fc.nat(),
      fc.integer({ min: 0, max: 60 }),
      (cores, pick, warmer) => {
        const told_ = (list: typeof cores) =>
          list.map((core, i): StoveAct => ({ id: `c${i}`, atS: i, kind: 'core', piece: i + 1, ...core }));
        expect(waits(told_(cores))).toBeGreaterThanOrEqual(Math.min(99, targetC));
        if (cores.length === 0) return;
        const changed = cores.map((core, i) =>
          i === pick % cores.length ? { ...core, tempC: core.tempC - warmer } : core,
        );
        expect(waits(told_(changed))).toBeGreaterThanOrEqual(waits(told_(cores)));
      },
    ),
  );
});

test('only what lies in the pot is asked about, with as much of the trace as it lay in', () => {
  fc.assert(
    fc.property(acts, oils, at, (list, oil, nowS) => {
      const readings = readingsOf(oil, nowS);
      const ask = predictAsks(SESSION, list, readings, null, nowS)[0] ?? null;
      const { inPot } = stoveState(list, DRAFT.pieces);
      expect(ask?.pieces ?? []).toEqual(inPot);
      if (!ask) return;
      const firstS = Math.min(...inPot.map((piece) => piece.droppedS));
      expect(readings.filter((reading) => reading.atS >= firstS).every((r) => ask.trace.includes(r))).toBe(true);
    }),
  );
});

test('what was predicted before a piece was turned never asks for it again, nor takes it out; its other face is down', () => {
  fc.assert(
    fc.property(
      acts,
      at,
      fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 60, maxLength: 60 }),
      (list, nowS, ago) => {
        const state = stoveState(list, DRAFT.pieces);
        const predictions = predicted(list, nowS).map((one, i) => ({
          ...one,
          colours: [0.9, 0.2] as const,
          isDone: true,
          orderedS: null,
          oilMeanC: 158,
          turnAtS: nowS - 1,
          takeOutAtS: nowS,
          // As many turns as there were when it was predicted, fewer than there are now.
          turns: Math.max(0, state.inPot[i]!.turnsS.length - ago[i]!),
        }));
        const now = stoveNow(
          SESSION,
          list,
          readingsOf({ fromC: 158, perS: 0 }, nowS),
          { ...NOTHING_KNOWN, predictions },
          nowS,
        );
        for (const { number, turnsS } of state.inPot) {
          const asked = predictions.find((one) => one.number === number)!;
          const shown = now.predictions.find((one) => one.number === number)!;
          const isOld = asked.turns !== turnsS.length;
          expect(shown.colours).toEqual(isOld ? [0.2, 0.9] : [0.9, 0.2]);
          const isAsked = now.steps.some(
            (step) => (step.act === 'turn' || step.act === 'take-out') && step.pieces.includes(number),
          );
          expect(isAsked).toBe(!isOld);
        }
      },
    ),
    { numRuns: 150 },
  );
});

test('a pipeline calls one piece at a time, when its time has come, while there is room and the oil is near', () => {
  const flow = { ...DRAFT, fry: { ...DRAFT.fry, pipeline: true } };
  const { loads } = planBatch(flow, DEFAULT_KITCHEN, null).fry!;
  const session: StoveSession = {
    ...SESSION,
    trays: [{ draft: flow, first: 1, fry: { ...SESSION.trays[0]!.fry, loads: loads! } }],
  };
  const everyS = loads!.everyS!;
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 8 }),
      fc.integer({ min: 0, max: 300 }),
      fc.integer({ min: 130, max: 166 }),
      (inPot, sinceS, oilC) => {
        const lastS = 600 + 30 * inPot;
        const list: StoveAct[] = [
          { id: 'b', atS: 590, kind: 'burner', setting: 4 },
          ...Array.from({ length: inPot }, (_, i): StoveAct => ({
            id: `d${i}`,
            atS: 600 + 30 * (i + 1),
            kind: 'drop',
            pieces: [i + 1],
          })),
        ];
        const nowS = lastS + sinceS;
        const here: StoveAct = { id: 'h', atS: nowS, kind: 'here' };
        const now = stoveNow(session, [...list, here], readingsOf({ fromC: oilC, perS: 0 }, nowS), NOTHING_KNOWN, nowS);
        const drops = now.steps.filter((step) => step.act === 'drop');
        for (const drop of drops) expect(drop.pieces).toEqual([inPot + 1]);
        if (inPot === 0) return;
        const isDue = sinceS >= everyS;
        const isNear = oilC >= 153 && oilC <= 164;
        if (inPot >= loads!.loadSize) expect(drops).toEqual([]);
        else if (now.danger === null && isDue) expect(drops.length).toBe(isNear ? 1 : 0);
        else if (now.danger === null && !isDue) expect(drops[0]!.inS).toBe(everyS - sinceS);
      },
    ),
    { numRuns: 150 },
  );
});
