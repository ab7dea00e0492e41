// One file over 300 lines: every shape the API takes, side by side, so that limits can be compared.
import {
  type BatchDraft,
  type FlourAsk,
  type FormulaBody,
  type KitchenRow,
  type LearntKind,
  type LooksRow,
  type Oil,
  type OilAct,
  type StarterAsk,
  type StartStoveAsk,
  type StockRow,
  type StoredAsk,
  type Timer,
  type TrayMark,
  type HomeEntry,
  type ShoppingAsk,
  type Ingredient,
  type Kitchen,
  LEARNT_KINDS,
  LOOKS,
  PASSPHRASE_LEAST,
  RANGES,
  BURNER_KINDS,
  SCALE_MOST_KG,
  type ScaleAct,
  START_GATE,
  STARTERS,
  type DayPin,
  type Supper,
  type SupperCook,
} from '@ember-fold/core';
import Joi from 'joi';
import type { DeviceRow } from '../devices/deviceTable.js';
import { ApiError } from '../errors.js';
import { act, cookAct, moment, stepId } from '../batches/actSchemas.js';
import {
  doughHow,
  doughParts,
  draft,
  fillingParts,
  shape,
  formula,
  mark,
  MARKS,
  version,
} from '../batches/draftSchemas.js';
import { flag, ingredientId, isoTime, line, number, objectOf, unionOf, uuid, within } from './schemaParts.js';

const { draft: D, kitchen: K, pot: P, ingredient: I, store: S } = RANGES;

/** Half a surrogate pair is no text: no database and no other program takes it. */
function illFormed(value: unknown, path: readonly string[] = []): readonly string[] | null {
  if (typeof value === 'string') return value.isWellFormed() ? null : path;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = illFormed(inner, [...path, key]);
    if (found) return found;
  }
  return null;
}

/** What is wrong with a value in one sentence, and at which field; `null`: nothing. */
export function wrongIn(
  schema: Joi.Schema,
  value: unknown,
): { readonly message: string; readonly path: string } | null {
  try {
    validate(schema as Joi.ObjectSchema, value);
    return null;
  } catch (cause) {
    const { message, path = '' } = cause as ApiError;
    return { message, path };
  }
}

/** Checks a value; the answer names the first field that is wrong. Unknown keys are wrong. */
export function validate<T>(schema: Joi.ObjectSchema<T> | Joi.AlternativesSchema<T>, value: unknown): T {
  const { error, value: clean } = schema.validate(value, { abortEarly: true, convert: false, allowUnknown: false });
  const broken = illFormed(value);
  if (broken) throw new ApiError('BAD_INPUT', 'This text holds half a character.', broken.join('.') || undefined);
  if (!error) return clean as T;
  const detail = error.details[0];
  const path = detail?.path.join('.') ?? '';
  throw new ApiError('BAD_INPUT', `${(detail?.message ?? error.message).replaceAll('"', '')}.`, path || undefined);
}

/** What a list is searched for: part of a name. */
export function searchOf(req: { readonly query: unknown }): string {
  const { search } = req.query as { search?: unknown };
  return typeof search === 'string' ? search.trim().slice(0, 120).toWellFormed() : '';
}

/** The tag a list is asked for; `null`: none, or what cannot be one. */
export function tagOf(asked: unknown): string | null {
  const said = typeof asked === 'string' ? asked.trim().toLowerCase() : asked;
  return tag.validate(said).error ? null : (said as string);
}

/** A word or two a record is found by; its case does not matter. */
export const tag = Joi.string()
  .min(1)
  .max(24)
  .pattern(/^[^\p{C}#,]+$/u, 'tag')
  .required();

export const felt = Joi.string().valid('firm', 'right', 'soft').required();

export const allergens = Joi.array()
  .items(
    Joi.string().valid(
      'gluten',
      'crustaceans',
      'eggs',
      'fish',
      'peanuts',
      'soya',
      'milk',
      'nuts',
      'celery',
      'mustard',
      'sesame',
      'sulphites',
      'lupin',
      'molluscs',
    ),
  )
  .unique()
  .required();

const pot = Joi.object({
  diameterM: within(P.diameterM),
  heightM: within(P.heightM),
  massKg: within(P.massKg),
  oilM3: within(P.oilM3),
  smokeC: within(P.smokeC),
  burnerW: within(P.burnerW),
  efficiency: within(P.efficiency),
  settings: within(P.settings).integer(),
  lossWPerK: within(P.lossWPerK),
  probeLagS: within(P.probeLagS),
  burner: Joi.string()
    .valid(...BURNER_KINDS)
    .optional(),
  burnerLagS: within(P.burnerLagS).optional(),
}).required();

const guests = Joi.object({
  id: uuid,
  name: line(120),
  count: within(K.guests).integer(),
  eats: Joi.string().valid('anything', 'no-fish', 'no-meat', 'vegetarian', 'vegan').required(),
  allergies: allergens,
});

const guestGroups = Joi.array().items(guests).max(RANGES.supper.groups.most).unique('id');

const trayLooks = Joi.object({
  ...Object.fromEntries(Object.entries(LOOKS).map(([id, of]) => [id, Joi.string().valid(...of)])),
  crust: within({ least: 0, most: 5 }).optional(),
  photo: Joi.object({
    place: within({ least: 0, most: 5 }),
    palest: within({ least: 0, most: 5 }),
    darkest: within({ least: 0, most: 5 }),
    pieces: within({ least: 1, most: 200 }).integer(),
    patchy: within({ least: 0, most: 200 }).integer(),
  }).optional(),
  liked: within({ least: 1, most: 5 }).integer().optional(),
  scores: Joi.array()
    .items(within({ least: 1, most: 5 }).integer())
    .max(60)
    .optional(),
  keep: Joi.boolean().strict().optional(),
});

export const looks = Joi.object({
  trays: Joi.object().pattern(MARKS, trayLooks).required(),
  eatenFirst: mark.optional(),
}).required();

const cookId = Joi.string().pattern(/^[a-z0-9-]{1,40}$/, 'cook id');

export const supper = Joi.object<Supper>({
  name: line(120),
  servings: Joi.array()
    .items(Joi.object({ id: uuid, at: isoTime }))
    .min(RANGES.supper.servings.least)
    .max(RANGES.supper.servings.most)
    .unique('id')
    .required(),
  each: within(RANGES.supper.each).integer(),
  guests: guestGroups.required(),
  cooks: Joi.array()
    .items(
      Joi.object<SupperCook>({
        id: cookId.required(),
        name: line(40).allow('').required(),
        from: isoTime.optional(),
        to: isoTime.optional(),
        noOil: Joi.boolean().valid(true).optional(),
      }),
    )
    .min(RANGES.supper.cooks.least)
    .max(RANGES.supper.cooks.most)
    .unique('id')
    .optional(),
  pins: Joi.object()
    .pattern(Joi.string().max(200), Joi.object<DayPin>({ at: isoTime.optional(), cook: cookId.optional() }))
    .max(RANGES.supper.pins.most)
    .optional(),
}).required();

export const kitchen = Joi.object<Kitchen>({
  name: line(120),
  roomC: within(K.roomC),
  fridgeC: within(K.fridgeC),
  freezerC: within(K.freezerC),
  altitudeM: within(K.altitudeM),
  thermometer: Joi.string().valid('none').optional(),
  cooks: within(K.cooks).integer().optional(),
  fridgeTrays: within(K.fridgeTrays).integer().optional(),
  freezerTrays: within(K.freezerTrays).integer().optional(),
  coolingDishes: within(K.coolingDishes).integer().optional(),
  oneCutter: Joi.boolean().valid(true).strict().optional(),
  units: Joi.string().valid('grams', 'cups').required(),
  temperature: Joi.string().valid('C', 'F').required(),
  currency: line(4).optional(),
  hours: Joi.number().valid(12, 24).optional(),
  measures: Joi.object({ cupMl: within(K.cupMl), teaspoonMl: within(K.teaspoonMl) }).required(),
  pot,
  otherPots: Joi.array()
    .items(Joi.object({ name: line(120), pot, oilId: uuid.optional() }))
    .max(20),
  guests: guestGroups,
  potOilId: uuid.optional(),
  scaleStepKg: within(K.scaleStepKg).optional(),
  reheatC: within(K.reheatC).optional(),
  dish: Joi.object({ lengthM: within(K.dishM), widthM: within(K.dishM) }).required(),
  board: Joi.object({ lengthM: within(K.boardM), widthM: within(K.boardM) }),
  hands: Joi.object({
    mixS: within(K.mixS),
    cookFillingS: within(K.cookFillingS),
    foldEachS: within(K.foldEachS),
    serveS: within(K.serveS),
    betweenLoadsS: within(K.betweenLoadsS),
    turnEachS: within(K.turnEachS).optional(),
  }).required(),
  ovenSeen: Joi.array().items(within(RANGES.oven.factor).optional()).max(RANGES.oven.bakes.most).optional(),
}).required();

const share = within(I.share);
export const ingredient = Joi.object<Ingredient>({
  id: ingredientId.pattern(/^(?!base-)/, 'ingredient id of one’s own'),
  name: line(120),
  role: Joi.string()
    .valid('flour', 'fat', 'liquid', 'egg', 'sugar', 'salt', 'leaven', 'starch', 'filling', 'seasoning')
    .required(),
  composition: Joi.object({ water: share, fat: share, protein: share, starch: share, sugar: share, salt: share })
    .custom((value: Ingredient['composition'], helpers) => {
      const sum = Object.values(value).reduce((a, b) => a + b, 0);
      return sum <= 1.021 ? value : helpers.message({ custom: 'The parts add up to more than the whole' });
    })
    .required(),
  densityKgPerM3: within(I.densityKgPerM3),
  sold: Joi.object({
    as: line(120).allow(null),
    unit: Joi.string().valid('bag', 'block', 'bottle', 'bunch', 'jar', 'pack', 'piece', 'tin').allow(null).required(),
    unitKg: Joi.when('unit', { is: null, then: Joi.valid(null).required(), otherwise: within(I.unitKg) }),
    usedShare: within(I.usedShare),
  }).required(),
  pricePerKg: within(I.pricePerKg),
  allergens,
  diet: Joi.string().valid('vegan', 'vegetarian', 'fish', 'meat', 'unknown').required(),
  wholemeal: share,
  solidFat: Joi.boolean().required(),
  asInstantYeast: within(I.asInstantYeast).optional(),
  source: line(200),
}).required();

export const body = unionOf<FormulaBody, 'kind'>('kind', {
  dough: { ...doughParts, ...doughHow },
  filling: fillingParts,
  base: { lines: formula, cookToShare: within(D.cookToShare) },
});

/** Which learnt figure. */
export const learntKey = {
  kind: Joi.string()
    .valid(...LEARNT_KINDS)
    .required(),
  key: Joi.string()
    .allow('')
    .max(60)
    .pattern(/^[\w.:-]*$/, 'key')
    .required(),
};

export const deviceId = Joi.string()
  .pattern(/^[a-z0-9-]{2,40}$/, 'device id')
  .required();

interface Id {
  readonly id: string;
}

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
      .items(Joi.string().valid(...START_GATE))
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
