import { CHANGES, TEST_CHANGES } from '@ember-fold/core/ledger';
import {
  type BakeChoices,
  type OvenPhase,
  type BatchDraft,
  DOUGH_FAMILIES,
  EDGES,
  SHAPES,
  marksOf,
  OWN_PLACES,
  type OwnStep,
  RANGES,
  type Tray,
  TRAY_MARKS,
  TRAY_WAYS,
  type SideBySide,
  type Trying,
  TURN_METHODS,
} from '@ember-fold/core/plan';
import Joi from 'joi';
import { flag, ingredientId, isoTime, line, number, objectOf, uuid, within } from '../http/schemaParts.js';

const { draft: D } = RANGES;

/** What a batch is made of, as the API takes it. */
export const formula = Joi.array()
  .items(
    Joi.object({
      ingredientId,
      massKg: within(D.lineKg),
      part: Joi.number().valid(0, 1),
    }),
  )
  .max(60)
  .required();

export const doughParts = {
  family: Joi.string()
    .valid(...DOUGH_FAMILIES.map((f) => f.id))
    .required(),
  lines: formula,
};
export const doughHow = {
  onHeat: Joi.boolean(),
  rise: Joi.string().valid('room', 'fridge'),
};
export const fillingParts = {
  lines: formula,
  cookToShare: within(D.cookToShare),
  coreTargetC: within(D.coreTargetC),
  raw: Joi.string().valid('poultry', 'minced-meat', 'fish', 'egg', 'vegetables'),
  rawUnsaid: Joi.boolean().strict(),
  method: Joi.string().valid('pan', 'strain', 'squeeze', 'thicken'),
  strong: Joi.boolean().strict(),
};
export const version = number(0, 4_294_967_295).integer();
/** Which version of which formula of the Store it came from. */
const from = Joi.object({ id: uuid, version });

export const shape = Joi.string()
  .valid(...SHAPES.map((one) => one.id))
  .required();

/** Ranges match the guards of core, so that a draft that is saved can always be planned. */
const filling = Joi.object({
  ...fillingParts,
  panKg: within(D.panKg),
  hotC: within(D.hotC),
  place: Joi.string().valid('room', 'fridge', 'ice-bath', 'freezer').required(),
  covered: Joi.boolean().required(),
  dishes: within(D.dishes).integer().optional(),
  aheadDays: within(D.aheadDays).integer().optional(),
  from,
});

export const mark = Joi.string().valid(...TRAY_MARKS);
/** Keys of what is kept by mark. */
export const MARKS = new RegExp(`^[${TRAY_MARKS.join('')}]$`);
const share = number(0, 1);
const tray = objectOf<Tray>({
  label: line(120).optional(),
  way: Joi.string().valid(...TRAY_WAYS),
  bake: objectOf<BakeChoices>({
    ovenC: within(RANGES.oven.ovenC),
    minutesS: within(RANGES.oven.minutesS).allow(null),
    perSheet: within(RANGES.oven.perTray).integer(),
  }).optional(),
  keepUntil: isoTime.optional(),
  fromStored: uuid.optional(),
  shape,
  pieces: within(D.pieces).integer(),
  filling: mark.required(),
  fold: Joi.object({
    discM: within(D.discM),
    lengthM: within(D.lengthM).optional(),
    thicknessM: within(D.thicknessM),
    sealM: within(D.sealM),
    fillingEachKg: within(D.fillingEachKg),
    edge: Joi.string().valid(...Object.keys(EDGES)),
    fillingState: Joi.string().valid('fridge', 'part-frozen'),
    outline: Joi.array()
      .items(Joi.array().items(within(D.outline)).length(2).required())
      .min(3)
      .max(200),
  }).required(),
  seal: Joi.object({
    sealWith: Joi.string().valid('none', 'water', 'flour-paste', 'starch-slurry', 'egg', 'milk').required(),
    flouredRim: flag,
    finalPinch: flag,
    airPressed: flag,
    covered: flag,
    waitS: within(D.waitS),
  }),
  coating: Joi.object({
    wet: Joi.string().valid('none', 'water', 'egg', 'milk', 'slurry').required(),
    dry: Joi.string().valid('none', 'crumb', 'semolina', 'sesame', 'poppy').required(),
    double: flag,
  }),
  fry: Joi.object({
    oilC: within(D.oilC),
    minutesS: within(D.minutesS).allow(null),
    turn: Joi.string()
      .valid(...TURN_METHODS)
      .required(),
    start: Joi.string().valid('room', 'fridge', 'frozen', 'tempered').required(),
    loadSize: within(D.loadSize).integer().allow(null),
    pot: line(120).optional(),
    ramp: Joi.object({ outC: within(D.oilC), overS: within(D.rampS) }).optional(),
    pipeline: Joi.boolean().strict().optional(),
    thenOven: objectOf<OvenPhase>({
      ovenC: within(RANGES.oven.ovenC),
      minutesS: within(RANGES.oven.minutesS).allow(null),
    }).optional(),
    crispC: within(RANGES.oven.ovenC).optional(),
  }).required(),
}).optional();

export const draft = objectOf<BatchDraft>({
  format: Joi.number().valid(2).required(),
  name: line(120),
  eatAt: isoTime,
  dough: Joi.object({
    ...doughParts,
    ...doughHow,
    portions: within(D.doughPortions).integer().optional(),
    liquidC: within(D.liquidC).optional(),
    mixedC: within(D.mixedC).optional(),
    boilOffShare: within(D.boilOffShare).optional(),
    ahead: Joi.object({
      days: within(D.madeAheadDays).integer(),
      upTo: Joi.string().valid('dough', 'pieces').required(),
    }).optional(),
    from,
    poured: Joi.array().items(within(D.pourKg).optional()).max(200),
  }).required(),
  fillings: Joi.object().pattern(MARKS, filling).required(),
  trays: Joi.object().pattern(MARKS, tray).min(1).required(),
  supper: uuid.optional(),
  trying: objectOf<Trying>({
    record: uuid,
    change: Joi.string()
      .valid(...CHANGES)
      .required(),
    mark: mark.required(),
    burst: Joi.object({ before: share, after: share, low: share, high: share }).optional(),
  }).optional(),
  test: objectOf<SideBySide>({
    of: mark.required(),
    against: mark.required(),
    change: Joi.string()
      .valid(...TEST_CHANGES)
      .required(),
    blind: Joi.boolean().valid(true).strict().optional(),
    swapped: Joi.boolean().valid(true).strict().optional(),
  })
    .optional()
    .custom((test: SideBySide, helpers) => (test.of === test.against ? helpers.error('any.invalid') : test))
    .optional(),
  ownSteps: Joi.array()
    .items(
      objectOf<OwnStep>({
        id: Joi.string()
          .pattern(/^[a-z0-9]{2,12}$/, 'step id')
          .required(),
        name: line(120),
        kind: Joi.string().valid('hands', 'passive').required(),
        lengthS: within(D.ownStepS),
        before: Joi.string()
          .valid(...OWN_PLACES)
          .required(),
      }).optional(),
    )
    .max(30)
    .unique('id'),
})
  .custom((value: BatchDraft, helpers) => {
    const lost = marksOf(value).find((one) => value.fillings[value.trays[one]!.filling] === undefined);
    if (!lost) return value;
    const path = [...(helpers.state.path ?? []), 'trays', lost, 'filling'];
    return helpers.error('any.invalid', {}, { path });
  })
  .required();
