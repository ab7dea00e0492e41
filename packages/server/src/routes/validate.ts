import { type BatchDraft, DOUGH_FAMILIES, type FireAct, INGREDIENTS, type Kitchen, STARTERS } from '@ember-fold/core';
import Joi from 'joi';
import { ApiError } from '../errors.js';

/** Checks a value; the answer names the first field that is wrong. Unknown keys are wrong. */
export function validate<T>(schema: Joi.Schema, value: unknown): T {
  const { error, value: clean } = schema.validate(value, { abortEarly: true, convert: false, allowUnknown: false });
  if (!error) return clean as T;
  const detail = error.details[0];
  const path = detail?.path.join('.') ?? '';
  throw new ApiError('BAD_INPUT', `${(detail?.message ?? error.message).replaceAll('"', '')}.`, path || undefined);
}

const number = (least: number, most: number) => Joi.number().min(least).max(most).unsafe().required();
const uuid = Joi.string().guid({ version: 'uuidv4' }).lowercase().required();
/** One line of text without control characters. */
const line = (most: number) =>
  Joi.string()
    .trim()
    .min(1)
    .max(most)
    // eslint-disable-next-line no-control-regex
    .pattern(/[\u0000-\u001f\u007f]/, { invert: true, name: 'control characters' })
    .required();
const isoTime = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,3})?)?Z$/, 'UTC time')
  .custom((value: string, helpers) => (Number.isFinite(Date.parse(value)) ? value : helpers.error('any.invalid')))
  .required();

const formula = Joi.array()
  .items(
    Joi.object({
      ingredientId: Joi.string()
        .valid(...INGREDIENTS.map((i) => i.id))
        .required(),
      massKg: number(0, 1000),
      part: Joi.number().valid(0, 1),
    }),
  )
  .max(60)
  .required();

const doughParts = {
  family: Joi.string()
    .valid(...DOUGH_FAMILIES.map((f) => f.id))
    .required(),
  lines: formula,
};
const felt = Joi.string().valid('firm', 'right', 'soft').required();

/** Ranges match the guards of core, so that a draft that is saved can always be planned. */
const draft = Joi.object<BatchDraft>({
  name: line(120),
  form: Joi.string().valid('half-moon').required(),
  pieces: number(1, 2000).integer(),
  eatAt: isoTime,
  dough: Joi.object({ ...doughParts, poured: Joi.array().items(number(0, 100).optional()).max(200) }).required(),
  filling: Joi.object({
    lines: formula,
    cookToShare: number(0.3, 1),
    panKg: number(0, 10),
    hotC: number(-20, 110),
    place: Joi.string().valid('room', 'fridge', 'ice-bath').required(),
    covered: Joi.boolean().required(),
    coreTargetC: number(63, 96),
  }).required(),
  fold: Joi.object({
    discM: number(0.02, 0.4),
    thicknessM: number(0.0004, 0.012),
    sealM: number(0.002, 0.04),
    fillingEachKg: number(0, 1),
  }).required(),
  fry: Joi.object({
    oilC: number(110, 200),
    minutesS: number(20, 1800).allow(null),
    turn: Joi.string().valid('held-under', 'once', 'each-minute').required(),
    start: Joi.string().valid('room', 'fridge', 'frozen').required(),
    lotSize: number(1, 60).integer().allow(null),
  }).required(),
}).required();

const kitchen = Joi.object<Kitchen>({
  name: line(80),
  roomC: number(-10, 50),
  fridgeC: number(-5, 15),
  freezerC: number(-40, -5),
  altitudeM: number(-400, 5500),
  units: Joi.string().valid('grams', 'cups').required(),
  temperature: Joi.string().valid('C', 'F').required(),
  measures: Joi.object({ cupMl: number(200, 300), teaspoonMl: number(4, 6) }).required(),
  pot: Joi.object({
    diameterM: number(0.1, 0.6),
    heightM: number(0.05, 0.6),
    massKg: number(0.1, 30),
    oilM3: number(0.0002, 0.02),
    smokeC: number(160, 280),
    burnerW: number(300, 8000),
    efficiency: number(0.2, 1),
    settings: number(1, 20).integer(),
    lossWPerK: number(0.2, 30),
    probeLagS: number(0.5, 60),
  }).required(),
  dish: Joi.object({ lengthM: number(0.05, 1), widthM: number(0.05, 1) }).required(),
  hands: Joi.object({
    mixS: number(0, 14400),
    cookFillingS: number(0, 28800),
    foldEachS: number(0, 3600),
    serveS: number(0, 7200),
    betweenLotsS: number(0, 1800),
  }).required(),
}).required();

const pieces = Joi.array().items(number(1, 2000).integer()).min(1).max(60).unique().required();
const actBase = { id: uuid, atS: number(0, 86_400) };
const act = Joi.alternatives<FireAct>()
  .conditional('.kind', {
    switch: [
      {
        is: Joi.valid('drop', 'flip', 'lift', 'burst').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), pieces }),
      },
      {
        is: Joi.valid('burner').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), setting: number(0, 20) }),
      },
      { is: Joi.valid('take-back').required(), then: Joi.object({ ...actBase, kind: Joi.string(), actId: uuid }) },
    ],
    otherwise: Joi.object({
      kind: Joi.string().valid('drop', 'flip', 'lift', 'burst', 'burner', 'take-back').required(),
    }).unknown(true),
  })
  .required();

const version = number(0, 4_294_967_295).integer();

export const SCHEMAS = {
  id: Joi.object({ id: uuid }),
  newBatch: Joi.object({ id: uuid, draft }).required(),
  starter: Joi.object({
    id: uuid,
    name: line(120),
    form: Joi.string().valid('half-moon').required(),
    starterId: Joi.string()
      .valid(...STARTERS.map((s) => s.id))
      .required(),
    pieces: number(1, 2000).integer(),
    eatAt: isoTime,
  }).required(),
  saveBatch: Joi.object({ version, draft }).required(),
  kitchen: Joi.object({ version, kitchen }).required(),
  startStove: Joi.object({ speed: Joi.number().valid(1, 4, 20, 60).required() }).required(),
  act,
  flour: Joi.object({
    id: uuid,
    batchName: line(120),
    dough: Joi.object(doughParts).required(),
    pouredKg: number(0, 1000),
    felt,
  }).required(),
  flourChange: Joi.object({ pouredKg: number(0, 1000), felt }).required(),
  notes: Joi.object({ version, notes: Joi.string().allow('').max(10_000).required() }).required(),
};
