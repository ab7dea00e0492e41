/** npm run bench: figures of the solver and the plan, as ratios and absolute, in one run. */
import {
  advanceFry,
  bakePlan,
  batchOf,
  createFryBody,
  cutSheet,
  type CuttingSpec,
  DEFAULT_KITCHEN,
  doughMaterial,
  fillingMaterial,
  fryBodyOf,
  mapChances,
  fryMapOrder,
  fryMapRow,
  type FryMapSpec,
  type FryBody,
  type FryBodySpec,
  LEAF,
  newTray,
  OIL_SURFACE,
  pieceHeatCurve,
  planBatch,
  planCold,
  planTrays,
  sealTrade,
  solveInset,
  STARTERS,
  withLine,
  withPieces,
} from '../src/public/plan.js';
import { type StoveAct, stoveNow, NOTHING_KNOWN, runLoads } from '../src/public/stove.js';
import { dayPart, fryJobOf, supperOrder, supperPlaces } from '../src/public/supper.js';
import { interfaceC } from '../src/heat/fryTemperatures.js';
import { BAKED, FRIED, kitchenDraft, OUTSIDE } from '../testing/kitchenMinutes.js';
import { supperDaySteps } from '../src/plan/supper/supperDay.js';
import { explicitFry } from './explicitFry.js';

const MINUTES = 20;
const OIL_C = 165;

function pieceOf(startC: number): FryBodySpec {
  return {
    radiusM: 0.0135,
    shapeExponent: 1.35,
    wallM: 0.0026,
    dough: doughMaterial(1175, 0.28),
    filling: fillingMaterial(1020, 0.7),
    startC,
    faces: 'one',
    exposedShare: 0.35,
    upperDry: 1,
    setC: 85,
    boilingC: 100,
    wallCells: 30,
    fillingCells: 30,
    surface: OIL_SURFACE,
    browning: 1,
  };
}

/** Median of repeated runs, ms. */
function timed(times: number, run: () => void): number {
  const taken = Array.from({ length: times }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return taken[taken.length >> 1]!;
}

/** What one run saw: core each minute, when the inner dough set, when golden. */
interface Seen {
  readonly coreC: number[];
  setS: number;
  goldenS: number;
}

function watcher(): { seen: Seen; look: (body: FryBody) => void } {
  const seen: Seen = { coreC: [], setS: 0, goldenS: 0 };
  let last = { timeS: 0, setC: 0, colour: 0, coreC: 0 };
  const look = (body: FryBody) => {
    const now = { timeS: body.timeS, setC: interfaceC(body), colour: body.faces[0]!.colour, coreC: body.tempC[0]! };
    const share = (from: number, to: number, at: number) =>
      last.timeS + ((at - from) / (to - from)) * (now.timeS - last.timeS);
    if (seen.setS === 0 && now.setC >= 92) seen.setS = share(last.setC, now.setC, 92);
    if (seen.goldenS === 0 && now.colour >= 0.7) seen.goldenS = share(last.colour, now.colour, 0.7);
    const minute = 60 * (seen.coreC.length + 1);
    if (now.timeS >= minute - 1e-9) {
      const u = (minute - last.timeS) / (now.timeS - last.timeS);
      seen.coreC.push(last.coreC + u * (now.coreC - last.coreC));
    }
    last = now;
  };
  return { seen, look };
}

for (const startC of [20, -18]) {
  const fast = watcher();
  const plain = watcher();
  const durationS = MINUTES * 60;
  advanceFry(createFryBody(pieceOf(startC)), durationS, OIL_C, (body) => (fast.look(body), false));
  explicitFry(createFryBody(pieceOf(startC)), durationS, OIL_C, plain.look);
  const fastMs = timed(31, () => advanceFry(createFryBody(pieceOf(startC)), durationS, OIL_C));
  const plainMs = timed(3, () => explicitFry(createFryBody(pieceOf(startC)), durationS, OIL_C));
  const worstC = fast.seen.coreC.reduce((most, c, i) => Math.max(most, Math.abs(c - plain.seen.coreC[i]!)), 0);
  console.log(
    [
      `fry ${MINUTES} min, 60 cells, from ${startC} °C: ${fastMs.toFixed(2)} ms`,
      `plain explicit ${plainMs.toFixed(0)} ms`,
      `ratio ${(plainMs / fastMs).toFixed(0)}×`,
      `core within ${worstC.toFixed(2)} °C`,
      `dough set within ${Math.abs(fast.seen.setS - plain.seen.setS).toFixed(1)} s`,
      `golden within ${Math.abs(fast.seen.goldenS - plain.seen.goldenS).toFixed(1)} s`,
    ].join(' · '),
  );
}

const draft = newTray('Bench', 'squash-sage', 48, '2030-01-05T18:30:00Z');
let pieces = 24;
const coldMs = timed(41, () => void planCold(withPieces(draft, pieces++), DEFAULT_KITCHEN));
const wholeMs = timed(41, () => void planBatch(withPieces(draft, pieces++), DEFAULT_KITCHEN, null));
let grams = 300;
const waterMs = timed(41, () => {
  const lines = withLine(draft.dough.lines, 2, 'water', grams++ / 1000);
  planBatch({ ...draft, dough: { ...draft.dough, lines } }, DEFAULT_KITCHEN, null);
});
const cooledMs = timed(41, () => {
  const lines = withLine(draft.filling.lines, 1, 'onion', grams++ / 1000);
  planBatch({ ...draft, filling: { ...draft.filling, lines } }, DEFAULT_KITCHEN, null);
});
console.log(`whole line after water: ${waterMs.toFixed(1)} ms · after a filling line: ${cooledMs.toFixed(1)} ms`);
console.log(`dough, filling and fold after an edit: ${coldMs.toFixed(2)} ms · whole line: ${wholeMs.toFixed(1)} ms`);

const cutting: CuttingSpec = {
  shape: 'round',
  acrossM: 0.118,
  perPiece: 1,
  thicknessM: 0.0026,
  doughKg: 1.6,
  doughKgPerM3: 1175,
  board: { wideM: 0.6, highM: 0.45 },
  toughens: 1,
};
const cutMs = timed(11, () => void cutSheet(cutting));
const ownMs = timed(41, () => void solveInset([...LEAF], 0.08, 24));
const trade = planCold(draft, DEFAULT_KITCHEN);
const tradeMs = timed(41, () => void sealTrade(draft, trade));
console.log(
  `118 mm rounds from 1.6 kg, all re-rolls: ${cutMs.toFixed(0)} ms · pocket of an own cutter: ${ownMs.toFixed(1)} ms · safe to generous: ${tradeMs.toFixed(2)} ms`,
);

const map: FryMapSpec = {
  body: fryBodyOf(draft, DEFAULT_KITCHEN, trade, trade.fold.piece!),
  turn: draft.fry.turn,
  roomC: 21,
  coreTargetC: draft.filling.coreTargetC,
  oilC: { least: 130, most: 200 },
  rows: 41,
  columns: 80,
  horizonS: 1200,
};
const mapMs = timed(5, () => fryMapOrder(41).forEach((row) => fryMapRow(map, row)));
const firstMs = timed(5, () =>
  fryMapOrder(41)
    .slice(0, 6)
    .forEach((row) => fryMapRow(map, row)),
);
let chancesC = 158;
const chancesMs = timed(5, () => void mapChances(map, (chancesC += 0.01), 800));
console.log(
  `map 41 × 80: ${mapMs.toFixed(0)} ms, its first six rows ${firstMs.toFixed(0)} ms · 512 pieces by hand, from a surface: ${chancesMs.toFixed(0)} ms`,
);

const fried = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
const pieceW = pieceHeatCurve(fried.bulk, fried.solution.samples, fried.takeOutS!, 1);
const loads = {
  pot: DEFAULT_KITCHEN.pot,
  roomC: 21,
  oilC: 158,
  pieceW,
  takeOutS: fried.takeOutS!,
  pieces: 72,
  betweenS: 45,
  spacingS: 5,
};
const potMs = timed(21, () => void runLoads(loads, 6));
const { loads: count, energyResidual } = runLoads(loads, 6);
console.log(
  `pot over ${count} loads: ${potMs.toFixed(1)} ms (budget 60), its energy closes to ${(100 * Math.abs(energyResidual)).toFixed(4)} %`,
);

const trays = [{ draft, first: 1, fry: { ...fried, loads: fried.loads! } }];
const session = { trays, kitchen: DEFAULT_KITCHEN, speed: 1, trial: false };
const dayPlan: StoveAct[] = [{ id: 'o', atS: 0, kind: 'oil', tempC: 150, spreadC: 8 }];
for (let load = 0; load < 10; load++) {
  const dropped = Array.from({ length: 6 }, (_, i) => load * 6 + i + 1);
  dayPlan.push({ id: `d${load}`, atS: load * 700, kind: 'drop', pieces: dropped });
  for (let turn = 1; turn < 8; turn++)
    dayPlan.push({ id: `f${load}-${turn}`, atS: load * 700 + 60 * turn, kind: 'turn', pieces: dropped });
  if (load < 9) dayPlan.push({ id: `l${load}`, atS: load * 700 + 560, kind: 'take-out', pieces: dropped });
}
const twoHours = Array.from({ length: 7200 }, (_, atS) => ({ atS, probeC: 158 + Math.sin(atS / 40) }));
const glance = (hasProbe: boolean) =>
  timed(101, () => void stoveNow({ ...session, hasProbe }, dayPlan, twoHours, NOTHING_KNOWN, 7100));
console.log(
  `stove with 60 pieces and two hours of readings: ${glance(true).toFixed(2)} ms with a probe, ${glance(false).toFixed(2)} ms without (budget 8)`,
);
const supper = STARTERS.concat(STARTERS.slice(0, 2)).map(({ id }) => newTray(id, id, 24, '2030-01-05T18:30:00Z'));
const orderMs = timed(11, () => {
  const jobs = supper.flatMap((one, i) => fryJobOf(String(i), batchOf(one), DEFAULT_KITCHEN) ?? []);
  supperOrder(jobs, DEFAULT_KITCHEN);
});
console.log(`order of a supper of seven batches, all planned anew: ${orderMs.toFixed(0)} ms`);

// Growth with the batches of a day plan: the first whole plan, the whole search, and how near the best it comes.
const planned = supper.slice(0, 5).map((one, i) => {
  const batch = batchOf(one);
  return dayPart(String(i), batch, planTrays(batch, DEFAULT_KITCHEN, null), DEFAULT_KITCHEN);
});
for (const [batches, hands] of [
  [1, 1],
  [4, 1],
  [4, 2],
  [16, 2],
] as const) {
  const parts = Array.from({ length: batches }, (_, i) => {
    const part = planned[i % 5]!;
    return { ...part, batchId: `b${i}`, job: part.job && { ...part.job, id: `b${i}` } };
  });
  const order = supperPlaces(parts, []).map(({ job, changeS }) => ({ id: job.id, changeS }));
  const cooks = Array.from({ length: hands }, (_, i) => ({ id: `c${i}`, name: '' }));
  const ask = { parts, states: {}, order, cooks, pins: {}, nowMs: null };
  const untilMs = performance.now() + 1000;
  const began = performance.now();
  const steps = supperDaySteps(ask, { isOver: () => performance.now() > untilMs });
  steps.next();
  const firstMs = performance.now() - began;
  let step = steps.next();
  while (!step.done) step = steps.next();
  const eatMs = parts[0]!.eatMs;
  const share = step.value ? (eatMs - step.value.startMs!) / (eatMs - step.value.latestMs) : NaN;
  console.log(
    `plan of a supper of ${batches} batches, ${hands} cooks: first plan ${firstMs.toFixed(0)} ms (budget 300), whole ${(performance.now() - began).toFixed(0)} ms, its day ${(100 * share - 100).toFixed(1)} % longer than any can be`,
  );
}

const minutes = (s: number | null) => (s === null ? 'never' : (s / 60).toFixed(1));
console.log('kitchen minutes: what cooks know, and what the product says');
for (const [name, piece, from, to] of [...FRIED, ...OUTSIDE]) {
  const { takeOutS, rest, needsRest } = planBatch(kitchenDraft(piece), DEFAULT_KITCHEN, null).fry!;
  const isIn = takeOutS !== null && takeOutS / 60 > from && takeOutS / 60 < to;
  console.log(
    `  ${isIn ? 'in ' : 'OUT'} ${name}: ${from}–${to} min, taken out at ${minutes(takeOutS)}${needsRest ? ' to rest' : ''}, ${rest ? rest.biteC.toFixed(0) : '–'} °C at the bite`,
  );
}
for (const [name, piece, ovenC, from, to] of BAKED) {
  const { outS } = bakePlan(kitchenDraft(piece), DEFAULT_KITCHEN, ovenC)!;
  console.log(
    `  ${outS !== null && outS / 60 > from && outS / 60 < to ? 'in ' : 'OUT'} ${name}, baked at ${ovenC}: ${from}–${to} min, out at ${minutes(outS)}`,
  );
}
