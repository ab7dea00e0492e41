import { type HomeEntry, PASSPHRASE_LEAST } from '@ember-fold/core/files';
import type {
  FlourAsk,
  FormulaBody,
  LearntKind,
  LooksRow,
  OilAct,
  StockRow,
  StoredAsk,
  ShoppingAsk,
  ScaleAct,
} from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  type KitchenRow,
  type StarterAsk,
  type TrayMark,
  type Ingredient,
  RANGES,
  STARTERS,
} from '@ember-fold/core/plan';
import { type Oil, type StartStoveAsk, type Timer, SCALE_MOST_KG, START_CHECKS } from '@ember-fold/core/stove';
import type { Supper } from '@ember-fold/core/supper';
import Joi from 'joi';
import { act, cookAct, moment, stepId } from '../batches/actSchemas.js';
import { doughParts, draft, mark, shape, version } from '../batches/draftSchemas.js';
import type { DeviceRow } from '../devices/deviceTable.js';
import { kitchen, supper } from '../kitchen/kitchenSchemas.js';
import { learntKey, looks } from '../ledger/ledgerSchemas.js';
import { body, felt, ingredient } from '../store/storeSchemas.js';
import { flag, ingredientId, isoTime, line, number, objectOf, unionOf, uuid, within } from './schemaParts.js';

const { draft: D, pot: P, store: S } = RANGES;

export const deviceId = Joi.string()
  .pattern(/^[a-z0-9-]{2,40}$/, 'device id')
  .required();

interface Id {
  readonly id: string;
}

/** What each request may send, by the names that routes use. */
export const SCHEMAS = {
  homeEntry: Joi.object<HomeEntry>({
    name: line(120),
    secret: Joi.string().pattern(/^[\w-]{24}$/, 'secret'),
    digits: Joi.string().pattern(/^\d{6}$/, 'six digits'),
    passphrase: Joi.string().min(1).max(200),
  })
    .xor('secret', 'digits', 'passphrase')
    .required(),
  passphrase: objectOf<{ passphrase: string | null }>({
    passphrase: Joi.string().min(PASSPHRASE_LEAST).max(200).allow(null).required(),
  }),
  id: objectOf<Id>({ id: uuid }),
  newBatch: objectOf<Id & { draft: BatchDraft }>({ id: uuid, draft }),
  starter: objectOf<StarterAsk>({
    id: uuid,
    name: line(120),
    shape,
    starterId: Joi.string()
      .valid(...STARTERS.map((s) => s.id))
      .required(),
    pieces: within(D.pieces).integer(),
    eatAt: isoTime,
  }),
  saveBatch: objectOf<{ version: number; draft: BatchDraft }>({ version, draft }),
  kitchen: objectOf<KitchenRow>({ version, kitchen }),
  newSupper: objectOf<Id & { supper: Supper }>({ id: uuid, supper }),
  saveSupper: objectOf<{ version: number; supper: Supper }>({ version, supper }),
  startStove: objectOf<StartStoveAsk>({
    speed: Joi.number().valid(1, 4, 20, 60).required(),
    gate: Joi.array()
      .items(Joi.string().valid(...START_CHECKS))
      .unique()
      .required(),
    probe: deviceId.optional().allow(null),
    trial: Joi.boolean(),
  }),
  act,
  flour: objectOf<FlourAsk>({
    id: uuid,
    batchName: line(120),
    dough: Joi.object(doughParts).required(),
    pouredKg: within(D.lineKg),
    felt,
  }),
  flourChange: objectOf<Pick<FlourAsk, 'pouredKg' | 'felt'>>({ pouredKg: within(D.lineKg), felt }),
  learntUsual: objectOf<{ kind: LearntKind; key: string; isUsual: boolean }>({
    ...learntKey,
    isUsual: flag,
  }),
  ingredientId: objectOf<Id>({ id: ingredientId }),
  ingredient: objectOf<{ version: number; ingredient: Ingredient }>({ version, ingredient }),
  newFormula: objectOf<Id & { name: string; body: FormulaBody }>({ id: uuid, name: line(120), body }),
  saveFormula: objectOf<{ edition: number; name: string; archived: boolean; body: FormulaBody }>({
    edition: version,
    name: line(120),
    archived: Joi.boolean().required(),
    body,
  }),
  shopping: objectOf<ShoppingAsk>({
    supper: uuid.optional(),
    batch: uuid.optional(),
    from: isoTime.optional(),
    to: isoTime.optional(),
  }),
  stock: objectOf<Omit<StockRow, 'ingredientId'>>({ haveKg: within(S.haveKg), strength: within(S.strength) }),
  deviceId: objectOf<Id>({ id: deviceId }),
  device: objectOf<DeviceRow>({
    id: deviceId.pattern(/^(?!simulated-)/, 'id of a device of one’s own'),
    kind: Joi.string().valid('scale', 'probe').required(),
    name: line(120),
  }),
  simulatedScale: unionOf<ScaleAct, 'do'>('do', { load: { loadKg: number(0, SCALE_MOST_KG) }, on: {}, tare: {} }),
  oil: objectOf<Oil & { m3: number }>({
    id: uuid,
    name: line(120),
    ingredientId,
    smokeC: within(P.smokeC),
    m3: within(S.filledM3),
  }),
  oilEvent: unionOf<OilAct, 'kind'>('kind', {
    'topped-up': { id: uuid, m3: within(S.addedM3) },
    judged: { id: uuid, dark: flag, foams: flag, smokesEarly: flag, rank: flag },
    strained: { id: uuid },
    'poured-away': { id: uuid },
  }),
  stored: objectOf<StoredAsk>({
    id: uuid,
    kind: Joi.string().valid('dough', 'filling').required(),
    name: line(120),
    place: Joi.string().valid('freezer', 'fridge').required(),
    massKg: within(S.storedKg),
  }),
  takeStored: objectOf<{ amount: number }>({ amount: number(0.0001, 2000) }),
  finishStove: objectOf<{ left?: 'freezer' | 'fridge' | 'bin' }>({
    left: Joi.string().valid('freezer', 'fridge', 'bin'),
  }),
  cookAct,
  timer: objectOf<Omit<Timer, 'id'>>({
    batchId: uuid.allow(null),
    step: stepId.allow(null),
    name: line(120),
    startedMs: moment,
    endsMs: moment,
    stoppedMs: moment.allow(null),
  }),
  looks: objectOf<LooksRow>({ version, looks }),
  photoOf: objectOf<Id & { mark: TrayMark }>({ id: uuid, mark: mark.required() }),
  // Small pictures: a larger one is made smaller in the page.
  photo: objectOf<{ jpeg: string }>({ jpeg: Joi.string().base64().min(100).max(160_000).required() }),
  tag: objectOf<{ tag: string; on: boolean }>({ tag: Joi.string().max(200).required(), on: flag }),
  notes: objectOf<{ version: number; notes: string }>({
    version,
    notes: Joi.string().allow('').max(10_000).required(),
  }),
};
