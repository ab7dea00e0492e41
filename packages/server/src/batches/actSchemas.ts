import { MEASURE_RANGE, RANGES } from '@ember-fold/core/plan';
import {
  type CookAct,
  type StoveAct,
  type MeasureId,
  type RunStepId,
  STEP_MEASURES,
  STEP_KEY,
} from '@ember-fold/core/stove';
import Joi from 'joi';
import { flag, number, unionOf, uuid, within } from '../http/schemaParts.js';

const { draft: D, stove: F } = RANGES;

/** What is told at the stove and beside the board. */
const pieces = Joi.array()
  .items(within(D.pieces).integer())
  .min(F.together.least)
  .max(F.together.most)
  .unique()
  .required();
const base = { id: uuid, atS: within(F.atS) };
const ofPieces = { ...base, pieces };
export const act = unionOf<StoveAct, 'kind'>('kind', {
  drop: ofPieces,
  turn: ofPieces,
  'take-out': { ...ofPieces, orderedS: within(F.atS).optional() },
  burst: ofPieces,
  aside: ofPieces,
  'oven-out': ofPieces,
  'to-oven': {
    ...ofPieces,
    ovenC: within(RANGES.oven.ovenC),
    afterS: within(RANGES.oven.minutesS),
    orderedS: within(F.atS).optional(),
  },
  burner: { ...base, setting: within(F.setting) },
  'take-back': { ...base, actId: uuid },
  skim: base,
  here: base,
  'top-up': { ...base, m3: within(F.topUpM3) },
  seen: { ...ofPieces, looks: Joi.string().valid('paler', 'as-shown', 'darker').required() },
  core: {
    ...base,
    piece: within(D.pieces).integer(),
    tempC: within(F.coreC),
    predictedC: within(F.predictedC).allow(null),
  },
  oil: { ...base, tempC: within(F.oilC), spreadC: within(F.spreadC) },
});

export const stepId = Joi.string().pattern(STEP_KEY, 'step').required();
/** ms since the epoch, 2020 to 2100. */
export const moment = number(1_577_836_800_000, 4_102_444_800_000);
const cookBase = { id: uuid, atMs: moment, step: stepId };
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
export const cookAct = unionOf<CookAct, 'kind'>('kind', {
  done: cookBase,
  skip: cookBase,
  back: cookBase,
  check: { ...cookBase, answer: Joi.string().valid('yes', 'not-yet', 'no').required() },
  measure: { ...cookBase, measure: measureName, value: measured },
  tick: { ...cookBase, line: Joi.string().trim().max(200).required(), on: flag },
  take: { ...cookBase, who: Joi.string().trim().allow('').max(40).required() },
});
