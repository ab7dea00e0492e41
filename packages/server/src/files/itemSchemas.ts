import { DOCUMENT_FORMAT, DOCUMENT_OF, DOCUMENT_VERSION, type ItemKind, ITEM_KINDS } from '@ember-fold/core/files';
import { RANGES } from '@ember-fold/core/plan';
import Joi from 'joi';
import parse from 'joi-to-json';
import { act, cookAct, moment } from '../batches/actSchemas.js';
import { doughParts, draft, formula, mark, version } from '../batches/draftSchemas.js';
import { flag, ingredientId, isoTime, line, number, uuid, within } from '../http/schemaParts.js';
import { deviceId } from '../http/schemas.js';
import { kitchen, supper } from '../kitchen/kitchenSchemas.js';
import { learntKey, looks, tag } from '../ledger/ledgerSchemas.js';
import { allergens, body, felt, ingredient } from '../store/storeSchemas.js';

const { draft: D, store: S, pot: P } = RANGES;
const finite = number(-1e9, 1e9);
const diet = Joi.string().valid('vegan', 'vegetarian', 'fish', 'meat', 'unknown').required();
const day = isoTime;

/** A figure as it was believed when a stove was lit. */
const belief = Joi.object({
  value: finite,
  low: finite,
  high: finite,
  usual: finite,
  count: number(0, 1e9).integer(),
});
const beliefs = Joi.object().pattern(/^[\w.:-]{0,60}$/, belief.required());

/** The kitchen of a record also holds what was true on its day: the oil in the pot, what was learnt, its own ingredients. */
const kitchenThen = kitchen.keys({
  potName: line(120).optional(),
  potOil: Joi.object({
    id: uuid,
    name: line(120),
    smokeC: finite,
    allergens,
    diet,
    uses: number(0, 1e6).integer(),
    advice: Joi.string().valid('good', 'strain', 'last-time', 'discard').required(),
    reasons: Joi.array()
      .items(
        Joi.string().valid(
          'dark',
          'foams',
          'smokes-early',
          'rank',
          'hours',
          'uses',
          'age',
          'smoke-low',
          'crumbs',
          'unstrained',
          'little',
        ),
      )
      .required(),
  }),
  flours: Joi.object().pattern(
    /^[a-z0-9-]{0,60}$/,
    Joi.object({ mean: number(-1, 1), sd: number(0, 1), count: number(0, 1e9) }).required(),
  ),
  learnt: Joi.object({
    browning: beliefs,
    bursts: beliefs,
    hands: beliefs,
    boilOff: beliefs,
    golden: belief,
    portions: belief,
    fist: belief,
  }),
  // A base stands here as an ingredient, by its own kind of id.
  ingredients: Joi.array()
    .items(ingredient.keys({ id: ingredientId }).optional())
    .max(5000),
});

const eventOf = (...kinds: string[]) => ({
  id: uuid,
  at: moment,
  kind: Joi.string()
    .valid(...kinds)
    .required(),
});
const EVENTS: readonly Joi.ObjectSchema[] = [
  Joi.object({ ...eventOf('filled', 'topped-up'), m3: within(S.filledM3) }),
  Joi.object({
    ...eventOf('fried'),
    batchName: Joi.string().allow('').max(120).required(),
    hotS: number(0, 1e7),
    meanC: finite,
    takenM3: number(-1, 1),
    crumbs: flag,
    allergens,
    diet,
  }),
  Joi.object(eventOf('strained', 'poured-away')),
  Joi.object({ ...eventOf('judged'), dark: flag, foams: flag, smokesEarly: flag, rank: flag }),
];
const event = Joi.alternatives(...EVENTS).required();

const all = <T>(of: Joi.Schema<T>, most: number) => Joi.array().items(of).max(most).required();
const kindIs = <K extends ItemKind>(kind: K) => Joi.string().valid(kind).required();
const cookActs = all(cookAct.optional(), 5000);
const amount = Joi.number().min(0).max(100_000).unsafe().allow(null).required();

/** Every kind of item as it is taken in: the same limits as where it is typed. */
export const ITEM_SCHEMAS: Readonly<Record<ItemKind, Joi.ObjectSchema>> = {
  kitchen: Joi.object({ kind: kindIs('kitchen'), id: Joi.string().valid('kitchen').required(), kitchen }),
  ingredient: Joi.object({ kind: kindIs('ingredient'), id: ingredientId, ingredient }),
  formula: Joi.object({
    kind: kindIs('formula'),
    id: uuid,
    name: line(120),
    archived: flag,
    versions: all(Joi.object({ version: version.min(1), savedAt: day, body }), 500)
      .min(1)
      .unique('version'),
  }),
  stock: Joi.object({
    kind: kindIs('stock'),
    id: ingredientId,
    haveKg: within(S.haveKg),
    strength: within(S.strength),
  }),
  oil: Joi.object({
    kind: kindIs('oil'),
    id: uuid,
    addedAt: day,
    events: all(event.optional(), 2000),
    oil: Joi.object({ name: line(120), ingredientId, smokeC: within(P.smokeC) }).required(),
  }),
  flour: Joi.object({
    kind: kindIs('flour'),
    id: uuid,
    flourId: ingredientId,
    batchName: line(120),
    dough: Joi.object(doughParts).required(),
    pouredKg: within(D.lineKg),
    felt,
    notedAt: day,
  }),
  usual: Joi.object({
    kind: kindIs('usual'),
    id: Joi.string().max(90).required(),
    of: learntKey.kind,
    key: learntKey.key,
    fromMs: moment,
  }),
  supper: Joi.object({ kind: kindIs('supper'), id: uuid, supper }),
  batch: Joi.object({ kind: kindIs('batch'), id: uuid, createdAt: day, draft, cookActs }),
  record: Joi.object({
    kind: kindIs('record'),
    id: uuid,
    createdAt: day,
    draft,
    kitchen: kitchenThen,
    seed: number(0, 4_294_967_295).integer(),
    speed: number(0.1, 1000),
    probe: deviceId.allow(null),
    trial: flag,
    startC: number(-50, 400).allow(null),
    startedAt: day,
    endedAt: day,
    goneAt: day.allow(null),
    acts: all(act.optional(), 20_000),
    cookActs,
    readings: Joi.array().max(2_000_000).required(),
    notes: Joi.string().allow('').max(10_000).required(),
    looks,
    tags: all(tag.optional(), 12).unique(),
    photos: all(
      Joi.object({ mark: mark.required(), jpeg: Joi.string().base64().min(100).max(160_000).required(), takenAt: day }),
      12,
    ).unique('mark'),
  }),
  stored: Joi.object({
    kind: kindIs('stored'),
    id: uuid,
    batchId: uuid.allow(null),
    mark: mark.allow(null).required(),
    why: Joi.string().valid('planned', 'left', 'hand').required(),
    record: Joi.object({
      kind: Joi.string().valid('pieces', 'dough', 'filling').required(),
      name: line(120),
      place: Joi.string().valid('freezer', 'fridge').required(),
      pieces: amount,
      massKg: amount,
      madeMs: moment,
      goodMs: moment,
      // As it was made: one tray with its own dough and filling.
      tray: Joi.object().unknown(true).allow(null).required(),
    }).required(),
    takenBy: all(Joi.object({ batchId: uuid, pieces: number(1, 100_000).integer() }), 500),
  }),
};

/** Long lists are looked through by hand: a schema would take seconds. @returns the place of the first that is no reading; −1: all are */
export function badReading(readings: readonly unknown[]): number {
  return readings.findIndex(
    (one) =>
      !Array.isArray(one) ||
      one.length !== 2 ||
      !one.every((value) => typeof value === 'number' && Number.isFinite(value)) ||
      one[0] < 0 ||
      one[0] > RANGES.stove.atS.most ||
      Math.abs(one[1]) > 1000,
  );
}

const reading = { type: 'array', items: { type: 'number' }, minItems: 2, maxItems: 2 };

/** The flag of a pattern is no part of it: in JSON Schema every pattern is of whole characters. */
function withoutFlags(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(withoutFlags);
  if (schema === null || typeof schema !== 'object') return schema;
  return Object.fromEntries(
    Object.entries(schema).map(([key, value]) => [
      key,
      key === 'pattern' && typeof value === 'string' ? value.replace(/\/u$/, '') : withoutFlags(value),
    ]),
  );
}

/** Parts that stand once in the published schema, under these names: several kinds hold them, or papers refer to them. */
export const PARTS: Readonly<Record<string, Joi.Schema>> = {
  'batch-draft': draft,
  'cook-act': cookAct,
  'formula-body': body,
  'formula-lines': formula,
  'ingredient-data': ingredient,
  'kitchen-data': kitchen,
  'oil-event': event,
  'record-looks': looks,
  'stove-act': act,
  'supper-data': supper,
  allergens,
};

const jsonOf = (schema: Joi.Schema): unknown => withoutFlags(parse(schema, 'json-draft-2019-09'));

/** Puts a reference where one of the parts stands, also within another part. @param parts the name of each by its text */
function withParts(schema: unknown, parts: ReadonlyMap<string, string>, isTop = true): unknown {
  const name = isTop ? undefined : parts.get(JSON.stringify(schema));
  if (name !== undefined) return { $ref: `#/$defs/${name}` };
  if (Array.isArray(schema)) return schema.map((one) => withParts(one, parts, false));
  if (schema === null || typeof schema !== 'object') return schema;
  return Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, withParts(value, parts, false)]));
}

/** One kind as JSON Schema. What Joi checks beyond a shape, and words and ranges of single acts, is stricter than this. */
function jsonSchemaOf(kind: ItemKind): Record<string, unknown> {
  const found = jsonOf(ITEM_SCHEMAS[kind]) as { properties: Record<string, unknown> };
  if (kind !== 'record') return found;
  return { ...found, properties: { ...found.properties, readings: { type: 'array', items: reading } } };
}

/** The whole document as JSON Schema, from the schemas that files are checked with. */
export function documentSchema(): Record<string, unknown> {
  const parts = new Map(Object.entries(PARTS).map(([name, schema]) => [JSON.stringify(jsonOf(schema)), name]));
  const definitions = [
    ...Object.entries(PARTS).map(([name, schema]) => [name, jsonOf(schema)] as const),
    ...ITEM_KINDS.map((kind) => [kind, jsonSchemaOf(kind)] as const),
  ];
  return {
    $schema: 'https://json-schema.org/draft/2019-09/schema',
    title: 'A file of an Ember Fold kitchen',
    description: 'Masses kg, lengths m, temperatures °C, times s, moments ISO 8601 UTC or ms since 1970.',
    type: 'object',
    required: ['format', 'version', 'of', 'madeAt', 'items'],
    additionalProperties: false,
    properties: {
      format: { const: DOCUMENT_FORMAT },
      version: { const: DOCUMENT_VERSION },
      of: { enum: [...DOCUMENT_OF] },
      madeAt: { type: 'string', format: 'date-time' },
      items: { type: 'array', items: { oneOf: ITEM_KINDS.map((kind) => ({ $ref: `#/$defs/${kind}` })) } },
    },
    $defs: Object.fromEntries(definitions.map(([name, schema]) => [name, withParts(schema, parts)])),
  };
}
