import {
  DOCUMENT_FORMAT,
  DOCUMENT_OF,
  DOCUMENT_VERSION,
  type DocumentItem,
  type DocumentOf,
  ITEM_KINDS,
  type ItemKind,
  itemName,
  type PreviewedItem,
  withTodaysNames,
} from '@ember-fold/core/files';
import { batchOf, type TrayDraft } from '@ember-fold/core/plan';
import { draft } from '../batches/draftSchemas.js';
import { wrongIn } from '../http/validate.js';
import { ApiError } from '../errors.js';
import { takeTurns } from '../http/takeTurns.js';
import { badReading, ITEM_SCHEMAS } from './itemSchemas.js';

/** As many items as one file may have. */
const MOST_ITEMS = 50_000;

/** One item of a file: as it can be taken, or why it cannot. */
export type ReadItem =
  | { readonly item: DocumentItem; readonly bad?: undefined }
  | { readonly item?: undefined; readonly bad: PreviewedItem };

/** A file whose shape is known; each item by itself is right or wrong. */
export interface ReadDocument {
  readonly of: DocumentOf;
  readonly madeAt: string;
  /** In the order in which they are taken in. */
  readonly items: readonly ReadItem[];
}

type Loose = Readonly<Record<string, unknown>>;

const isLoose = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const asText = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 120).toWellFormed() : '');

/** What an item that cannot be read is called, as well as it can be told. */
function looseName(raw: Loose): string {
  for (const at of [raw, raw['draft'], raw['record'], raw['supper'], raw['ingredient'], raw['oil'], raw['kitchen']])
    if (isLoose(at) && typeof at['name'] === 'string') return asText(at['name']);
  return asText(raw['id']);
}

/** What the schemas do not see. */
function oddIn(item: DocumentItem): { readonly message: string; readonly path: string } | null {
  if (item.kind === 'ingredient' && item.id !== item.ingredient.id)
    return { message: 'Its id stands twice and differs.', path: 'ingredient.id' };
  if (item.kind === 'usual' && item.id !== `${item.of} ${item.key}`)
    return { message: 'Its id does not say which figure it is.', path: 'id' };
  if (item.kind === 'record') {
    const at = badReading(item.readings);
    if (at >= 0) return { message: 'This is not a reading: seconds and °C.', path: `readings.${at}` };
    if (Date.parse(item.endedAt) < Date.parse(item.startedAt))
      return { message: 'It ended before it was started.', path: 'endedAt' };
  }
  if (item.kind === 'stored') {
    if ((item.record.kind === 'pieces') !== (item.record.pieces !== null))
      return { message: 'Pieces are counted, dough and filling are weighed.', path: 'record.pieces' };
    if (item.record.tray) return wrongIn(draft, draftOf(item.record.tray));
  }
  return null;
}

function draftOf(tray: TrayDraft): unknown {
  try {
    return JSON.parse(JSON.stringify(batchOf(tray)));
  } catch {
    // It lacks what a tray must have: the schema of a draft says so.
    return null;
  }
}

function readItem(raw: unknown, seen: Set<string>): ReadItem {
  const loose = isLoose(raw) ? raw : {};
  const kind = ITEM_KINDS.find((one) => one === loose['kind']);
  const bad = (why: string, path?: string): ReadItem => ({
    bad: {
      kind: kind ?? (asText(loose['kind']) as ItemKind),
      id: asText(loose['id']),
      name: looseName(loose),
      state: 'unreadable',
      why,
      ...(path ? { path } : {}),
    },
  });
  if (!kind) return bad('This kind of thing is not known here.', 'kind');
  const wrong = wrongIn(ITEM_SCHEMAS[kind], raw);
  if (wrong) return bad(wrong.message, wrong.path);
  const item = raw as DocumentItem;
  const odd = oddIn(item);
  if (odd) return bad(odd.message, odd.path);
  const key = `${kind} ${item.id}`;
  if (seen.has(key)) return bad('It stands in this file twice.');
  seen.add(key);
  return { item };
}

/** Bases come before what is made with them. */
const isBase = ({ item }: ReadItem): number =>
  item?.kind === 'formula' && item.versions.some(({ body }) => body.kind === 'base') ? 0 : 1;
const placeOf = ({ item, bad }: ReadItem): number => ITEM_KINDS.indexOf((item ?? bad).kind);

/**
 * Reads a file of a kitchen, in turns with whatever else the server does.
 * @throws ApiError BAD_FILE, NEWER_FILE when it is none; an item that is wrong is told by itself
 */
export async function readDocument(body: unknown): Promise<ReadDocument> {
  if (!isLoose(body) || body['format'] !== DOCUMENT_FORMAT) throw new ApiError('BAD_FILE');
  const { version, items } = body;
  if (typeof version === 'number' && version > DOCUMENT_VERSION) throw new ApiError('NEWER_FILE');
  if (version !== DOCUMENT_VERSION && version !== 1)
    throw new ApiError('BAD_FILE', 'This file says no version that is known.', 'version');
  const of = DOCUMENT_OF.find((one) => one === body['of']);
  if (!of) throw new ApiError('BAD_FILE', 'This file does not say what it is of.', 'of');
  const madeAt = asText(body['madeAt']);
  if (!Number.isFinite(Date.parse(madeAt))) throw new ApiError('BAD_FILE', 'This file says no time.', 'madeAt');
  if (!Array.isArray(items)) throw new ApiError('BAD_FILE', 'This file holds nothing.', 'items');
  if (items.length > MOST_ITEMS) throw new ApiError('TOO_LARGE');
  const seen = new Set<string>();
  const read: ReadItem[] = [];
  const turn = takeTurns();
  for (const raw of items) {
    // Version 1 had other names for some fields.
    read.push(readItem(version === 1 ? withTodaysNames(raw) : raw, seen));
    await turn();
  }
  return { of, madeAt, items: read.sort((a, b) => placeOf(a) - placeOf(b) || isBase(a) - isBase(b)) };
}

/** An item that was read and is not wrong in itself. */
export const previewOf = (item: DocumentItem, state: PreviewedItem['state']): PreviewedItem => ({
  kind: item.kind,
  id: item.id,
  name: itemName(item),
  state,
});
