import {
  type CookAct,
  type StoveAct,
  MEASURE_RANGE,
  type MeasureId,
  RANGES,
  type RunStepId,
  STEP_MEASURES,
  STEP_KEY,
} from '@ember-fold/core';
import Joi from 'joi';
import { flag, number, uuid, within } from '../http/schemaParts.js';

const { draft: D, stove: F } = RANGES;

/** What is told at the stove and beside the board. */
const pieces = Joi.array()
  .items(within(D.pieces).integer())
  .min(F.together.least)
  .max(F.together.most)
  .unique()
  .required();
const actBase = { id: uuid, atS: within(F.atS) };
export const act = Joi.alternatives<StoveAct>()
  .conditional('.kind', {
    switch: [
      {
        is: Joi.valid('drop', 'turn', 'take-out', 'burst', 'aside', 'oven-out').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), pieces }),
      },
      {
        is: Joi.valid('burner').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), setting: within(F.setting) }),
      },
      { is: Joi.valid('take-back').required(), then: Joi.object({ ...actBase, kind: Joi.string(), actId: uuid }) },
      { is: Joi.valid('skim', 'here').required(), then: Joi.object({ ...actBase, kind: Joi.string() }) },
      {
        is: Joi.valid('top-up').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), m3: within(F.topUpM3) }),
      },
      {
        is: Joi.valid('seen').required(),
        then: Joi.object({
          ...actBase,
          kind: Joi.string(),
          pieces,
          looks: Joi.string().valid('paler', 'as-shown', 'darker').required(),
        }),
      },
      {
        is: Joi.valid('core').required(),
        then: Joi.object({
          ...actBase,
          kind: Joi.string(),
          piece: within(D.pieces).integer(),
          tempC: within(F.coreC),
          predictedC: within(F.predictedC).allow(null),
        }),
      },
      {
        is: Joi.valid('oil').required(),
        then: Joi.object({ ...actBase, kind: Joi.string(), tempC: within(F.oilC), spreadC: within(F.spreadC) }),
      },
    ],
    otherwise: Joi.object({
      kind: Joi.string()
        .valid('drop', 'turn', 'take-out', 'burst', 'aside', 'oven-out', 'burner', 'take-back')
        .valid('skim', 'here', 'top-up', 'seen', 'core', 'oil')
        .required(),
    }).unknown(true),
  })
  .required();

export const stepId = Joi.string().pattern(STEP_KEY, 'step').required();
/** ms since the epoch, 2020 to 2100. */
export const moment = number(1_577_836_800_000, 4_102_444_800_000);
const cookBase = { id: uuid, atMs: moment, step: stepId, kind: Joi.string() };
const measuredAs = (measure: MeasureId) =>
  measure === 'pieces' || measure === 'portions'
    ? within(MEASURE_RANGE[measure]).integer()
    : within(MEASURE_RANGE[measure]);
/** The keys of one kind of step, of any tray and load. */
const about = (what: RunStepId) => Joi.string().pattern(new RegExp(`^${what}(?::|$)`));
const STEPS_MEASURED = Object.entries(STEP_MEASURES) as [RunStepId, readonly [MeasureId, ...MeasureId[]]][];
/** What is measured must be something its step measures; without a name it is what the step measures first. */
const measureName = Joi.when('step', {
  switch: STEPS_MEASURED.map(([step, measures]) => ({ is: about(step), then: Joi.string().valid(...measures) })),
  otherwise: Joi.forbidden(),
});
const measured = Joi.when('measure', {
  is: Joi.exist(),
  then: Joi.when('measure', {
    switch: STEPS_MEASURED.flatMap(([, measures]) => measures.map((is) => ({ is, then: measuredAs(is) }))),
    otherwise: Joi.forbidden(),
  }),
  otherwise: Joi.when('step', {
    switch: STEPS_MEASURED.map(([step, measures]) => ({ is: about(step), then: measuredAs(measures[0]) })),
    otherwise: Joi.forbidden(),
  }),
});
export const cookAct = Joi.alternatives<CookAct>()
  .conditional('.kind', {
    switch: [
      { is: Joi.valid('done', 'skip', 'back').required(), then: Joi.object(cookBase) },
      {
        is: Joi.valid('check').required(),
        then: Joi.object({ ...cookBase, answer: Joi.string().valid('yes', 'not-yet', 'no').required() }),
      },
      { is: Joi.valid('measure').required(), then: Joi.object({ ...cookBase, measure: measureName, value: measured }) },
      {
        is: Joi.valid('tick').required(),
        then: Joi.object({ ...cookBase, line: Joi.string().trim().max(200).required(), on: flag }),
      },
      {
        is: Joi.valid('take').required(),
        then: Joi.object({ ...cookBase, who: Joi.string().trim().allow('').max(40).required() }),
      },
    ],
    otherwise: Joi.object({
      kind: Joi.string().valid('done', 'skip', 'back', 'check', 'measure', 'take', 'tick').required(),
    }).unknown(true),
  })
  .required();
