import { observationsOf } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  DEFAULT_KITCHEN,
  type Guests,
  type Kitchen,
  newTray,
  batchFigures,
  batchOf,
  stoveTrays,
  planTrays,
  type TrayDraft,
  USUAL_SEAL,
  withFold,
  withShape,
} from '@ember-fold/core/plan';
import { type Oil, simulateRun } from '@ember-fold/core/stove';
import { friedInOil } from '@ember-fold/core/supper';
import { countBatches, insertBatch, setBatchStatus } from '../batches/batchTable.js';
import type { Gate } from '../db/gate.js';
import { readKitchen, writeKitchen } from '../kitchen/kitchenTable.js';
import { writeObservations } from '../ledger/learntTable.js';
import { writeLooks } from '../ledger/looksTable.js';
import { insertCookActs, insertStoveActs } from '../stove/manyActsTable.js';
import { writeNote } from '../ledger/noteTable.js';
import { insertOil, insertOilEvent } from '../store/oilTable.js';
import { insertReadings } from '../stove/readingTable.js';
import { TEACHING_MODEL } from '../ledger/lessons.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';
import { insertStove } from '../stove/stoveTable.js';
import { insertSupper } from '../supper/supperTable.js';
import { demoId } from './demoId.js';
import { pastHands } from './pastHands.js';
import { type Past, PAST } from './pastSessions.js';
import { loadStore, withOnionBase } from './loadStore.js';

const DAY_MS = 86_400_000;
/** Drained and on the table so long after the last load, ms. */
const SERVED_MS = 6 * 60_000;

/** The neighbours of the Lantern Walk: 26, four vegetarian, one allergic to sesame, one who eats no fish. */
const GUESTS: Guests[] = (
  [
    ['Neighbours', 20, 'anything', []],
    ['Vegetarians', 4, 'vegetarian', []],
    ['Allergic to sesame', 1, 'anything', ['sesame']],
    ['No fish', 1, 'no-fish', []],
  ] as const
).map(([name, count, eats, allergies]) => ({ id: demoId(`guests ${name}`), name, count, eats, allergies }));

const SMALL_POT = { diameterM: 0.18, heightM: 0.15, massKg: 1.3, oilM3: 0.0009, burnerW: 1200, lossWPerK: 1.2 };

const OIL: Oil = {
  id: demoId('oil in the pot'),
  name: 'Sunflower oil, 5 l tin',
  ingredientId: 'sunflower-oil',
  smokeC: 225,
};

/** Sorrel Vane's kitchen in Quillhaven: one 24 cm pot, a two-burner hob with nine settings. */
const QUILLHAVEN: Kitchen = {
  ...DEFAULT_KITCHEN,
  name: 'Sorrel Vane, Quillhaven',
  potOilId: OIL.id,
  // One shelf of the fridge.
  fridgeTrays: 3,
  otherPots: [{ name: 'Small pot on the small burner', pot: { ...DEFAULT_KITCHEN.pot, ...SMALL_POT } }],
  guests: GUESTS,
};

/** The oil in the pot was filled so long ago, days. */
const FILLED_DAYS = 50;

/** Next Saturday 18:30 UTC at least two days on: time enough to look around. */
function nextSupper(nowMs: number): number {
  const day = new Date(nowMs + 2 * DAY_MS);
  day.setUTCHours(18, 30, 0, 0);
  while (day.getUTCDay() !== 6) day.setUTCDate(day.getUTCDate() + 1);
  return day.getTime();
}

/** A session of the ledger, cooked on the product's own models. @returns what writes it down */
function cookPast(past: Past, nowMs: number, index: number): (gate: Gate) => Promise<void> {
  const id = demoId(past.name);
  const startedAt = new Date(Math.floor((nowMs - past.daysAgo * DAY_MS) / DAY_MS) * DAY_MS + 17 * 3_600_000);
  const tray = newTray(past.name, past.starterId, past.pieces, new Date(startedAt.getTime() + 5_400_000).toISOString());
  const one = batchOf({ ...tray, fry: { ...tray.fry, oilC: past.oilC } });
  const draft = past.trays?.(one) ?? one;
  const planned = planTrays(draft, QUILLHAVEN, null);
  const trays = stoveTrays(draft, QUILLHAVEN, planned);
  const run = simulateRun(trays ?? [], QUILLHAVEN, 1000 + index, past.mishaps, (n) => demoId(`${past.name} act ${n}`));
  if (!run) throw new Error(`The demo batch "${past.name}" cannot be fried as planned.`);
  const endedAt = new Date(startedAt.getTime() + run.endS * 1000);
  const dropS = run.acts.find(({ kind }) => kind === 'drop')?.atS ?? 0;
  const cookActs = pastHands(
    planned,
    startedAt.getTime() + 1000 * dropS,
    endedAt.getTime() + SERVED_MS,
    1000 + index,
    (n) => demoId(`${past.name} hand ${n}`),
  );
  const { looks: trayLooks, eatenFirst } = past;
  const looks = { trays: trayLooks, ...(eatenFirst && { eatenFirst }) };
  const figures = batchFigures(draft, run.acts, run.readings);
  const told = planned.flatMap((one) => {
    const own = figures.trays[one.draft.mark ?? 'A'];
    return own ? [{ ...one, figures: own }] : [];
  });
  const fried = friedInOil(draft.name, told, figures.whole);
  const { acts } = run;
  const happened = {
    draft,
    kitchen: QUILLHAVEN,
    acts,
    cookActs,
    figures: figures.trays,
    looks,
    atMs: endedAt.getTime(),
  };
  const observations = observationsOf(happened);

  return async (gate) => {
    await gate.transaction(async (q) => {
      await insertBatch(q, id, draft, startedAt);
      await insertStove(q, {
        batchId: id,
        seed: 1000 + index,
        speed: 1,
        draft,
        kitchen: QUILLHAVEN,
        startedAt,
        endedAt,
        probe: SIMULATED_STOVE,
        trial: false,
        startC: null,
      });
      await insertStoveActs(q, id, acts);
      await insertCookActs(q, id, cookActs);
      await insertReadings(
        q,
        run.readings.map((reading, i) => ({ ...reading, batchId: id, seq: i + 1 })),
      );
      await setBatchStatus(q, id, 'done');
      await writeNote(q, id, past.notes, 0);
      await writeLooks(q, id, { looks, version: 0 });
      if (past.daysAgo >= FILLED_DAYS) return;
      if (fried) await insertOilEvent(q, OIL.id, { id, at: endedAt.getTime(), ...fried });
      await insertOilEvent(q, OIL.id, {
        id: demoId(`strained after ${past.name}`),
        at: endedAt.getTime() + DAY_MS / 2,
        kind: 'strained',
      });
    });
    await writeObservations(gate, id, observations, TEACHING_MODEL, new Date(nowMs));
  };
}

/**
 * Fills an empty database with the demo kitchen: its Store, a supper with five planned batches, and finished
 * batches in the ledger, whose temperatures come from the product's own pot model.
 * @returns whether anything was loaded
 */
export async function loadDemo(gate: Gate, nowMs: number): Promise<boolean> {
  if ((await countBatches(gate)) > 0) return false;
  const { version } = await readKitchen(gate);
  if (version === 0) await writeKitchen(gate, QUILLHAVEN, 0);
  await gate.transaction((q) => loadStore(q, nowMs));
  const filledAt = nowMs - FILLED_DAYS * DAY_MS;
  await insertOil(gate, OIL, new Date(filledAt));
  await insertOilEvent(gate, OIL.id, { id: OIL.id, at: filledAt, kind: 'filled', m3: 0.0024 });
  // The database writes one session down while the next is cooked.
  const written: Promise<void>[] = [];
  for (const [index, past] of PAST.entries()) {
    const writing = cookPast(past, nowMs, index)(gate);
    // Told at the end, with the others.
    writing.catch(() => undefined);
    written.push(writing);
    await new Promise(setImmediate);
  }
  await Promise.all(written);
  const eatAt = new Date(nextSupper(nowMs)).toISOString();
  const supper = demoId('Lantern Walk supper');
  const servings = [{ id: demoId('Lantern Walk serving'), at: eatAt }];
  await insertSupper(gate, supper, { name: 'Lantern Walk supper', servings, each: 5, guests: GUESTS });
  for (const [i, draft] of plannedSupper(eatAt).entries()) {
    await insertBatch(gate, demoId(`planned ${draft.name}`), { ...draft, supper }, new Date(nowMs + i));
  }
  return true;
}

/** The five batches of the supper, each in its own shape, seam and coating. */
function plannedSupper(eatAt: string): BatchDraft[] {
  const pear = newTray('Pear and ginger rounds', 'pear-ginger', 16, eatAt, 'two-discs');
  const mackerel = newTray('Smoked mackerel and leek ropes', 'mackerel-leek', 18, eatAt);
  // Small ones: a ball of dough is slow to cook through.
  const small = withFold(newTray('Mushroom and barley teardrops', 'mushroom-barley', 24, eatAt), {
    fillingEachKg: 0.014,
    thicknessM: 0.0025,
  });
  const drops = withShape(small, 'teardrop');
  const mushroom = { ...drops, fry: { ...drops.fry, oilC: 165 } };
  const squash = newTray('Squash and sage half-moons', 'squash-sage', 48, eatAt);
  const planned: TrayDraft[] = [
    { ...pear, fold: { ...pear.fold, edge: 'fork' }, seal: { ...USUAL_SEAL, sealWith: 'egg' } },
    { ...mackerel, fold: { ...mackerel.fold, edge: 'rope' }, seal: { ...USUAL_SEAL, airPressed: true } },
    { ...mushroom, coating: { wet: 'milk', dry: 'semolina', double: false } },
    newTray('Lentil and dill cones', 'lentil-dill', 24, eatAt, 'cone'),
    // Forty-eight wait longer than the bench allows: they chill until the oil.
    { ...squash, fold: { ...squash.fold, edge: 'fork' }, fry: { ...squash.fry, start: 'fridge' } },
  ];
  return planned.map((draft) =>
    batchOf({ ...draft, filling: { ...draft.filling, lines: withOnionBase(draft.filling.lines) } }),
  );
}
