import { DOCUMENT_OF, type ItemKind, type ItemRef } from '@ember-fold/core/files';
import type { RecordKind } from '@ember-fold/core/stove';
import { Router } from 'express';
import Joi from 'joi';
import { listImports } from './importTable.js';
import { ApiError } from '../errors.js';
import { documentOf, previewImport, takeImport, undoImport } from './exchange.js';
import { documentSchema } from './itemSchemas.js';
import { readDocument } from './readDocument.js';
import type { Context } from '../http/context.js';
import { uuid } from '../http/schemaParts.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/** What pages ask for again when an item of a kind has come, changed or gone. */
const TOLD: Readonly<Record<ItemKind, readonly RecordKind[]>> = {
  ingredient: ['ingredients'],
  formula: ['formulas', 'ingredients'],
  oil: ['oils'],
  flour: ['flours'],
  usual: ['learnt'],
  stock: ['stock'],
  kitchen: ['kitchen'],
  supper: ['suppers'],
  batch: ['batches'],
  record: ['batches', 'ledger', 'learnt'],
  stored: ['stored'],
};

const chosen = Joi.object({
  id: uuid,
  chosen: Joi.array()
    .items(Joi.object({ kind: Joi.string().max(40).required(), id: Joi.string().max(120).required() }))
    .max(50_000)
    .required(),
}).required();

/** Files of the kitchen: the whole or one thing out; in with a look before, and a way back. */
export function exchangeRoutes({ gate, live, lessons, clockMs }: Context): Router {
  const router = Router();

  const tell = (touched: readonly ItemRef[]) => {
    const kinds = new Set(touched.flatMap(({ kind }) => TOLD[kind]));
    for (const what of kinds) live.changed(what);
    for (const { kind, id } of touched)
      if (kind === 'batch' || kind === 'record') live.changed(kind === 'batch' ? 'batches' : 'ledger', id);
    // Learning takes its time; nobody waits for it.
    for (const { kind, id } of touched) if (kind === 'record') void lessons.teach(id);
  };

  router.get('/', async (_req, res) => {
    res.json(await listImports(gate));
  });

  // It is the same for as long as the program runs, and takes a fifth of a second to put together.
  let schema: string | null = null;
  router.get('/schema', (_req, res) => {
    schema ??= JSON.stringify(documentSchema());
    res.type('application/schema+json').send(schema);
  });

  router.get('/:of/:id', async (req, res) => {
    const of = DOCUMENT_OF.find((one) => one === req.params.of);
    if (!of) throw new ApiError('NOT_FOUND');
    const id = of === 'kitchen' ? 'kitchen' : validate(SCHEMAS.id, { id: req.params.id }).id;
    res.json(await documentOf(gate, of, id, clockMs()));
  });

  router.post('/preview', async (req, res) => {
    res.json(await previewImport(gate, await readDocument(req.body)));
  });

  router.post('/take', async (req, res) => {
    // The document may be large: `readDocument` validates its items one by one and yields to other requests.
    const { document, ...rest } = (req.body ?? {}) as { readonly document?: unknown };
    const ask = validate(chosen, rest);
    const { row, written } = await takeImport(gate, ask.id, await readDocument(document), ask.chosen, clockMs());
    tell(written);
    res.status(201).json(row);
  });

  router.post('/:id/undo', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { told, touched } = await undoImport(gate, id);
    tell(touched);
    res.json(told);
  });

  return router;
}
