// What the examples of core's functions are about: one small day, so that each example is one line.
import { ledgerFigures } from '../src/public/ledger.js';
import {
  batchOf,
  DEFAULT_KITCHEN,
  doughFigures,
  fryMapRow,
  newTray,
  planBatch,
  planTrays,
  runSheet,
  SHIPPED_PANTRY,
} from '../src/public/plan.js';
import {
  type CookAct,
  cookState,
  createScale,
  createStove,
  type StoveAct,
  type StoveSession,
  stoveState,
  NOTHING_KNOWN,
  type OilReading,
} from '../src/public/stove.js';
import { runFry } from '../src/heat/solveFry.js';
import { plannedPiece } from '../src/outcome/plannedPiece.js';
import { askOf, heatOf } from '../src/plan/tray/fryOutcome.js';
import { createPractice } from '../src/practice/practiceRun.js';
import { dayPart, fryJobOf, supperDay } from '../src/public/supper.js';

const kitchen = DEFAULT_KITCHEN;
const { pot } = kitchen;
/** 24 half-moons of short dough, eaten on a January evening. */
const draft = newTray('Half-moons', 'squash-sage', 24, '2030-01-05T18:30:00Z');
/** The same as it is stored. */
const batch = batchOf(draft);
const plan = planBatch(draft, kitchen, null);
const fry = plan.fry!;
const piece = plan.fold.piece!;
const { lines } = draft.dough;
const figures = doughFigures(lines, draft.dough.family);
/** Burner on, six pieces in, turned once, out again. */
const acts: StoveAct[] = [
  { id: 'a1', atS: 0, kind: 'burner', setting: 9 },
  { id: 'a2', atS: 700, kind: 'drop', pieces: [1, 2, 3, 4, 5, 6] },
  { id: 'a3', atS: 760, kind: 'turn', pieces: [1, 2, 3, 4, 5, 6] },
  { id: 'a4', atS: 1300, kind: 'take-out', pieces: [1, 2, 3, 4, 5, 6] },
];
const readings: OilReading[] = Array.from({ length: 140 }, (_, i) => ({
  atS: 10 * (i + 1),
  probeC: Math.min(158, 21 + 0.2 * 10 * (i + 1)),
}));
const state = stoveState(acts, draft.pieces);
const session: StoveSession = {
  kitchen,
  speed: 1,
  hasProbe: true,
  trial: false,
  trays: [{ draft, first: 1, fry: { ...fry, loads: fry.loads! } }],
};
const cookActs: CookAct[] = [{ id: 'c1', atMs: 0, kind: 'done', step: 'weigh-filling' } as CookAct];
const mapSpec = {
  roomC: 21,
  body: fry.body,
  turn: draft.fry.turn,
  coreTargetC: 74,
  coreIsLine: false,
  oilC: { least: 140, most: 190 },
  rows: 11,
  columns: 41,
  horizonS: 1200,
};

/** How the pieces are fried, and one of them fried. */
const heat = heatOf(draft, kitchen, fry.body);
const asPlanned = plannedPiece(runFry({ ...heat, horizonS: 1800 }), askOf(draft, kitchen, fry.body));

const part = dayPart('a', batch, planTrays(batch, kitchen, null), kitchen);
const dayPlan = supperDay({
  parts: [part],
  states: {},
  order: [],
  cooks: [{ id: 'a', name: '' }],
  pins: {},
  nowMs: null,
})!;
const supper = { name: 'Supper', servings: [{ id: 's', at: draft.eatAt }], each: 3, guests: [] };

/** Names an example may use beside what the package offers. */
export const scope = {
  createPractice,
  kitchen,
  pot,
  draft,
  batch,
  plan,
  fry,
  heat,
  asPlanned,
  piece,
  lines,
  figures,
  acts,
  readings,
  state,
  session,
  mapSpec,
  part,
  dayPlan,
  supper,
  nothing: NOTHING_KNOWN,
  pantry: SHIPPED_PANTRY,
  body: fry.body,
  cold: plan,
  cookActs,
  cook: cookState([]),
  rows: Array.from({ length: mapSpec.rows }, (_, i) => fryMapRow(mapSpec, i)),
  trays: planTrays(batch, kitchen, null),
  sheet: runSheet(planTrays(batch, kitchen, null)),
  ledger: ledgerFigures(acts, readings, 24, 158),
  jobs: ['squash-sage', 'pear-ginger'].flatMap((starter, i) => {
    const job = fryJobOf(`job ${i}`, batchOf(newTray(starter, starter, 12, draft.eatAt)), kitchen);
    return job ? [job] : [];
  }),
  scale: () => createScale(1),
  stove: () => createStove(pot, kitchen.roomC, () => fry, 1),
};
