import { type Kitchen, RANGES, BURNER_KINDS } from '@ember-fold/core/plan';
import type { DayPin, Supper, SupperCook } from '@ember-fold/core/supper';
import Joi from 'joi';
import { isoTime, line, objectOf, uuid, within } from '../http/schemaParts.js';
import { allergens } from '../store/storeSchemas.js';

const { kitchen: K, pot: P } = RANGES;

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

const cookId = Joi.string().pattern(/^[a-z0-9-]{1,40}$/, 'cook id');

export const supper = objectOf<Supper>({
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
      objectOf<SupperCook>({
        id: cookId.required(),
        name: line(40).allow('').required(),
        from: isoTime.optional(),
        to: isoTime.optional(),
        noOil: Joi.boolean().valid(true).optional(),
      }).optional(),
    )
    .min(RANGES.supper.cooks.least)
    .max(RANGES.supper.cooks.most)
    .unique('id')
    .optional(),
  pins: Joi.object()
    .pattern(Joi.string().max(200), objectOf<DayPin>({ at: isoTime.optional(), cook: cookId.optional() }).optional())
    .max(RANGES.supper.pins.most)
    .optional(),
});

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
