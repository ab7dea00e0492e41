// One file over 300 lines: what a file holds, what stands in its way, and the way back, each the mirror of the other.
import { tableOf, keyOf, isCooked, hereAll, itemsOf } from './itemsOf.js';
import {
  differingFields,
  DOCUMENT_FORMAT,
  DOCUMENT_VERSION,
  type DocumentItem,
  type DocumentOf,
  type ImportPreview,
  type ImportRow,
  type ImportUndone,
  ITEM_KINDS,
  itemName,
  type ItemRef,
  itemText,
  type KitchenDocument,
  type PreviewedItem,
  withTodaysNames,
} from '@ember-fold/core/files';
import { CoreError, marksOf, type Pantry, pantryWith } from '@ember-fold/core/plan';
import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gunzip as gunzipped, gzip as gzipped } from 'node:zlib';
import { readBatch } from '../batches/batchTable.js';
import { type Gate, isHeldByStove, orBack, type Queries } from '../db/gate.js';
import { countReadings } from '../stove/readingTable.js';
import { insertImport, lockImport, noteUndone } from './importTable.js';
import { STORED_ITEMS } from './supperItemTable.js';
import { ApiError, toApiError } from '../errors.js';
import { pantryNow, requireKnown, requireKnownDraft } from '../kitchen/kitchenNow.js';
import { takeTurns } from '../http/takeTurns.js';
import { previewOf, type ReadDocument } from './readDocument.js';

const [gzip, gunzip] = [promisify(gzipped), promisify(gunzipped)];

const hashOf = (item: DocumentItem | null): string =>
  createHash('sha256')
    .update(item ? itemText(item) : '')
    .digest('hex');

const NOT_THERE: Readonly<Record<DocumentOf, 'NO_BATCH' | 'NO_FORMULA' | 'NO_SUPPER' | null>> = {
  kitchen: null,
  batch: 'NO_BATCH',
  record: 'NO_BATCH',
  formula: 'NO_FORMULA',
  supper: 'NO_SUPPER',
};

/** More readings make a file that no kitchen takes in: a copy holds them. */
const MOST_READINGS = 2_000_000;
const TOO_MANY = 'This kitchen has too many readings for one file; make a copy of it instead.';

/** A file of the whole kitchen, or of one thing with what it uses. */
export async function documentOf(gate: Gate, of: DocumentOf, id: string, nowMs: number): Promise<KitchenDocument> {
  if (of === 'kitchen' && (await countReadings(gate)) > MOST_READINGS) throw new ApiError('TOO_LARGE', TOO_MANY);
  // All at one moment.
  const found = await gate.transaction((q) => itemsOf(q, of, id));
  const unique = [...new Map(found.map((item) => [keyOf(item), item])).values()];
  const missing = NOT_THERE[of];
  if (missing && !unique.some((one) => one.kind === of && one.id === id)) throw new ApiError(missing);
  const items = unique.sort((a, b) => ITEM_KINDS.indexOf(a.kind) - ITEM_KINDS.indexOf(b.kind));
  return { format: DOCUMENT_FORMAT, version: DOCUMENT_VERSION, of, madeAt: new Date(nowMs).toISOString(), items };
}

/** What must be here already, or come with the file, for an item to be used. */
async function requireWhatItUses(
  q: Queries,
  item: DocumentItem,
  { stored, pantry: pantryHere }: { readonly stored: ReadonlySet<string>; readonly pantry: () => Promise<Pantry> },
): Promise<void> {
  switch (item.kind) {
    case 'formula': {
      const pantry = await pantryHere();
      for (const [i, { body }] of item.versions.entries()) {
        const path = `versions.${i}.body.lines`;
        const nested = body.kind === 'base' && body.lines.some(({ ingredientId }) => ingredientId.startsWith('base-'));
        if (nested) throw new ApiError('BAD_INPUT', 'A base holds no other base.', path);
        if (body.kind !== item.versions[0]!.body.kind)
          throw new ApiError('BAD_INPUT', 'A formula stays of its kind.', path);
        requireKnown(body.lines, path, pantry);
      }
      return;
    }
    case 'oil':
      (await pantryHere()).find(item.oil.ingredientId, 'oil.ingredientId');
      return;
    case 'stock':
      (await pantryHere()).find(item.id, 'id');
      return;
    case 'batch': {
      requireKnownDraft(item.draft, await pantryHere());
      for (const mark of marksOf(item.draft)) {
        const { fromStored } = item.draft.trays[mark]!;
        if (fromStored === undefined || stored.has(fromStored)) continue;
        if ((await STORED_ITEMS.list(q, [fromStored])).length === 0)
          throw new ApiError('NOT_STORED', undefined, `draft.trays.${mark}.fromStored`);
      }
      return;
    }
    case 'record':
      requireKnownDraft(item.draft, pantryWith(item.kitchen.ingredients ?? []));
      return;
    default:
  }
}

/** What stands in the way of an item here. */
async function requireFree(q: Queries, { kind, id }: ItemRef, here: DocumentItem | null): Promise<void> {
  if (kind !== 'batch' && kind !== 'record') return;
  const row = await readBatch(q, id, true);
  if (row?.status === 'frying')
    throw new ApiError('BAD_INPUT', 'This batch is at the stove now; finish it there first.');
  if (kind === 'batch' && here?.kind === 'record')
    throw new ApiError('BAD_INPUT', 'This batch is finished here, and in the ledger.');
}

/** Why an item cannot be taken, if that is what went wrong; anything else goes on. */
function reasonOf(cause: unknown): { readonly why: string; readonly path?: string } {
  const { errno, code } = cause as { errno?: number; code?: string };
  if (cause instanceof ApiError || cause instanceof CoreError)
    return { why: cause.message, ...(cause.path ? { path: cause.path } : {}) };
  if (errno === 1452) return { why: 'Something that it belongs to is neither here nor in the file.' };
  if (isHeldByStove(cause)) return { why: toApiError(cause).message };
  if (errno === 1451) return { why: 'Something here still needs what is there now.' };
  if (errno === 1062) return { why: 'Something of it is already here under another name.' };
  if (code === undefined && cause instanceof Error && cause.constructor === Error) return { why: cause.message };
  throw cause;
}

/** One step of a transaction: all of it, or as if it had never begun. @returns `null`, or why not */
async function inStep(
  q: Queries,
  work: () => Promise<void>,
): Promise<{ readonly why: string; readonly path?: string } | null> {
  let reason: { readonly why: string; readonly path?: string } | null = null;
  await orBack(q, work, (cause) => (reason = reasonOf(cause)));
  return reason;
}

interface Written {
  readonly items: PreviewedItem[];
  /** What was there before, of those that were written. */
  readonly before: DocumentItem[];
  readonly added: ItemRef[];
}

/** Writes each item that is chosen, or says why it cannot be; call inside a transaction. */
async function writeAll(q: Queries, { items }: ReadDocument, isChosen: (ref: ItemRef) => boolean): Promise<Written> {
  const told: Written = { items: [], before: [], added: [] };
  // Read anew only after what it is made of was written.
  let known: Promise<Pantry> | null = null;
  const pantry = () => (known ??= pantryNow(q));
  const stored = new Set(items.flatMap(({ item }) => (item?.kind === 'stored' && isChosen(item) ? [item.id] : [])));
  const there = await hereAll(
    q,
    items.flatMap(({ item }) => item ?? []),
  );
  const turn = takeTurns();
  for (const { item, bad } of items) {
    await turn();
    if (bad) {
      told.items.push(bad);
      continue;
    }
    const here = there.get(keyOf(item)) ?? null;
    if (here && itemText(here) === itemText(item)) {
      told.items.push(previewOf(item, 'same'));
      continue;
    }
    if (!isChosen(item)) continue;
    const reason = await inStep(q, async () => {
      await requireFree(q, item, here);
      await requireWhatItUses(q, item, { stored, pantry });
      await tableOf(item.kind).write(q, item, here === null);
    });
    if (item.kind === 'ingredient' || item.kind === 'formula') known = null;
    if (reason) {
      told.items.push({ ...previewOf(item, 'unreadable'), ...reason });
      continue;
    }
    told.items.push(
      here ? { ...previewOf(item, 'different'), differs: differingFields(here, item) } : previewOf(item, 'new'),
    );
    if (here) told.before.push(here);
    else told.added.push({ kind: item.kind, id: item.id });
  }
  return told;
}

/** Thrown to take back what was only tried. */
class OnlyTried extends Error {}

/** What would come of a file: all of it is written, looked at, and taken back, so that it is what will come. */
export async function previewImport(gate: Gate, read: ReadDocument): Promise<ImportPreview> {
  let items: readonly PreviewedItem[] = [];
  try {
    await gate.transaction(async (q) => {
      items = (await writeAll(q, read, () => true)).items;
      throw new OnlyTried();
    });
  } catch (cause) {
    if (!(cause instanceof OnlyTried)) throw cause;
  }
  return { of: read.of, madeAt: read.madeAt, items };
}

/** What it takes to undo an import. */
interface Back {
  readonly before: readonly DocumentItem[];
  readonly added: readonly ItemRef[];
  /** As each was once it was written. */
  readonly after: readonly (ItemRef & { readonly hash: string })[];
}

/**
 * Takes in the chosen items, all or none.
 * @throws ApiError CHANGED_MEANWHILE when one of them cannot be taken any more
 */
export async function takeImport(
  gate: Gate,
  id: string,
  read: ReadDocument,
  chosen: readonly ItemRef[],
  nowMs: number,
): Promise<{ readonly row: ImportRow; readonly written: readonly ItemRef[] }> {
  const wanted = new Set(chosen.map(keyOf));
  const isChosen = (ref: ItemRef) => wanted.has(keyOf(ref));
  return await gate.transaction(async (q) => {
    const { items, before, added } = await writeAll(q, read, isChosen);
    const refused = items.find((one) => one.state === 'unreadable' && isChosen(one));
    if (refused) throw new ApiError('CHANGED_MEANWHILE', `${refused.name}: ${refused.why}`, refused.path);
    const written = [...before.map(({ kind, id: of }) => ({ kind, id: of })), ...added];
    const there = await hereAll(q, written);
    const after: Back['after'][number][] = [];
    const turn = takeTurns();
    for (const ref of written) {
      after.push({ ...ref, hash: hashOf(there.get(keyOf(ref)) ?? null) });
      await turn();
    }
    const row: ImportRow = {
      id,
      at: new Date(nowMs).toISOString(),
      added: added.length,
      changed: before.length,
      isUndone: false,
    };
    const back: Back = { before, added, after };
    if (!(await insertImport(q, row, await gzip(JSON.stringify(back)))))
      throw new ApiError('ID_TAKEN', undefined, 'id');
    return { row, written };
  });
}

/** Puts back what an import changed; what was changed since by somebody, or is used, is left and told. */
export async function undoImport(
  gate: Gate,
  id: string,
): Promise<{ readonly told: ImportUndone; readonly touched: readonly ItemRef[] }> {
  return await gate.transaction(async (q) => {
    const packed = await lockImport(q, id);
    if (!packed) throw new ApiError('NO_IMPORT');
    const { before, after } = withTodaysNames(JSON.parse((await gunzip(packed)).toString())) as Back;
    const left: (ItemRef & { name: string })[] = [];
    const touched: ItemRef[] = [];
    const place = ({ kind }: ItemRef) => ITEM_KINDS.indexOf(kind);
    const there = await hereAll(q, after);
    // What uses others goes first, and what others use comes back last of all.
    const turn = takeTurns();
    for (const { hash, ...ref } of [...after].sort((a, b) => place(b) - place(a))) {
      await turn();
      const now = there.get(keyOf(ref)) ?? null;
      const old = before.find((item) => item.id === ref.id && (item.kind === ref.kind || isCooked(item.kind)));
      const isAsTaken = hashOf(now) === hash;
      const reason =
        isAsTaken &&
        (await inStep(q, async () => {
          if (now) await requireFree(q, { ...ref, kind: 'record' }, now);
          if (old) await tableOf(old.kind).write(q, old, now === null);
          else await tableOf(ref.kind).remove(q, ref.id);
        }));
      if (isAsTaken && !reason) touched.push(ref);
      else if (now) left.push({ ...ref, name: itemName(now) });
    }
    await noteUndone(q, id);
    return { told: { undone: touched.length, left }, touched };
  });
}
