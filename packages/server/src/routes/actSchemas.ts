import { type CookAct, type FireAct, MEASURE_RANGE, type MeasureId, RUN_STEPS } from '@ember-fold/core';
import Joi from 'joi';
import { number, uuid } from './schemaParts.js';

/** What is told at the stove and beside the board. */
const pieces = Joi.array().items(number(1, 2000).integer()).min(1).max(60).unique().required();
const actBase = { id: uuid, atS: number(0, 86_400) };
export const act = Joi.alternatives<FireAct>()
  .conditional('.kind', {
    switch: [
      {
        is: Joi.valid('drop', 'flip', 'lift', 'burst', 'aside', 'oven-out').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), pieces }),
      },
      {
        is: Joi.valid('burner').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), setting: number(0, 20) }),
      },
      { is: Joi.valid('take-back').required(), then: Joi.object({ ...actBase, kind: Joi.string(), actId: uuid }) },
      { is: Joi.valid('skim', 'here').required(), then: Joi.object({ ...actBase, kind: Joi.string() }) },
      {
        is: Joi.valid('top-up').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), m3: number(0.00001, 0.01) }),
      },
      {
        is: Joi.valid('seen').required(),
        then: Joi.object({
          ...{ ...actBase, kind: Joi.string(), pieces },
          looks: Joi.string().valid('paler', 'as-shown', 'darker').required(),
        }),
      },
      {
        is: Joi.valid('core').required(),
        then: Joi.object({
          ...{ ...actBase, kind: Joi.string(), piece: number(1, 2000).integer() },
          ...{ tempC: number(-20, 120), predictedC: number(-40, 130).allow(null) },
        }),
      },
      {
        is: Joi.valid('oil').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), tempC: number(0, 260), spreadC: number(0, 60) }),
      },
    ],
    otherwise: Joi.object({
      kind: Joi.string()
        .valid(...['drop', 'flip', 'lift', 'burst', 'aside', 'oven-out', 'burner', 'take-back'])
        .valid(...['skim', 'here', 'top-up', 'seen', 'core', 'oil'])
        .required(),
    }).unknown(true),
  })
  .required();

export const stepId = Joi.string()
  .valid(...RUN_STEPS)
  .required();
/** ms since the epoch, 2020 to 2100. */
export const moment = number(1_577_836_800_000, 4_102_444_800_000);
const cookBase = { id: uuid, atMs: moment, step: stepId, kind: Joi.string() };
const within = (measure: MeasureId) => number(MEASURE_RANGE[measure].least, MEASURE_RANGE[measure].most);
const measured = Joi.when('step', {
  switch: [
    { is: 'cook-filling', then: within('pan-kg') },
    { is: 'cool', then: within('filling-c') },
    { is: 'mix-dough', then: within('poured-kg') },
    { is: 'roll', then: within('rolled-m') },
    { is: 'fold', then: within('pieces').integer() },
  ],
  otherwise: Joi.forbidden(),
});
export const cookAct = Joi.alternatives<CookAct>()
  .conditional('.kind', {
    switch: [
      { is: Joi.valid('done', 'skip', 'back').required(), then: Joi.object(cookBase) },
      {
        is: Joi.valid('check').required(),
        then: Joi.object({ ...cookBase, answer: Joi.string().valid('yes', 'not-yet', 'no').required() }),
      },
      { is: Joi.valid('measure').required(), then: Joi.object({ ...cookBase, value: measured }) },
      {
        is: Joi.valid('take').required(),
        then: Joi.object({ ...cookBase, who: Joi.string().trim().allow('').max(40).required() }),
      },
    ],
    otherwise: Joi.object({
      kind: Joi.string().valid('done', 'skip', 'back', 'check', 'measure', 'take').required(),
    }).unknown(true),
  })
  .required();
