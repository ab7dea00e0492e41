/**
 * Field names of earlier versions, and what they are called now. `in` names the field whose object they stand
 * in, where the same old name means two things.
 */
const FIELDS: readonly { readonly was: string; readonly is: string; readonly in?: string }[] = [
  { was: 'lotSize', is: 'loadSize' },
  { was: 'lots', is: 'portions', in: 'dough' },
  { was: 'betweenLotsS', is: 'betweenLoadsS' },
  { was: 'form', is: 'shape' },
  { was: 'coat', is: 'coating' },
  { was: 'glue', is: 'sealWith' },
  { was: 'fromPutBy', is: 'fromStored' },
  { was: 'opened', is: 'burst' },
  { was: 'opens', is: 'bursts' },
  { was: 'ring', is: 'burner', in: 'pot' },
  { was: 'ringS', is: 'burnerLagS' },
];

/** Dough families by their ids of earlier versions. */
const FAMILIES: Readonly<Record<string, string>> = {
  'rubbed-short': 'shortcrust',
  'rubbed-wholemeal': 'wholemeal',
  scalded: 'hot-water',
  'cold-fat': 'flaky',
  'starch-mash': 'rice-starch',
  sheet: 'thin-sheet',
};

/** Values of earlier versions, by the field they stand in under its present name. */
const VALUES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  change: { 'smaller-lots': 'smaller-loads', 'egg-glue': 'egg-wash' },
  family: FAMILIES,
  // A learnt figure that was put back to the usual one is named by its dough family.
  key: FAMILIES,
  kind: { flip: 'turn', lift: 'take-out', 'put-by': 'stored', opens: 'bursts' },
  of: { opens: 'bursts' },
};

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

const nameNow = (field: string, parent: string): string =>
  // How fast each dough browns is learnt by family.
  (parent === 'browning' && Object.hasOwn(FAMILIES, field) ? FAMILIES[field] : undefined) ??
  FIELDS.find(({ was, in: where }) => was === field && (where === undefined || where === parent))?.is ??
  field;

function valueNow(field: string, value: unknown): unknown {
  // Which amount was ticked off: its key begins with the dough portion.
  if (field === 'line' && typeof value === 'string') return value.replace(/^lot (?=\d)/, 'portion ');
  // The key of a step begins with its name and may go on with its tray.
  if (field === 'step' && typeof value === 'string') return value.replace(/^put-by/, 'stored');
  const values = Object.hasOwn(VALUES, field) ? VALUES[field]! : {};
  return typeof value === 'string' && Object.hasOwn(values, value) ? values[value] : value;
}

/**
 * A document of any earlier version with the field names and values of today: a draft, a kitchen, a supper,
 * an act, or an item of a file. A document that is named as today already comes back itself.
 * @param document JSON; anything else comes back as it is
 * @param parent the field the document stands in, where it is a part of a larger one
 * @example withTodaysNames({ fry: { lotSize: 6 } }).fry.loadSize // 6
 */
export function withTodaysNames(document: unknown, parent = ''): unknown {
  if (Array.isArray(document)) {
    const items = document.map((one) => withTodaysNames(valueNow(parent, one), parent));
    return items.every((one, i) => one === document[i]) ? document : items;
  }
  if (!isObject(document)) return document;
  let isSame = true;
  const entries = Object.entries(document).map(([field, value]): [string, unknown] => {
    const name = nameNow(field, parent);
    const now = withTodaysNames(valueNow(name, value), name);
    isSame &&= name === field && now === value;
    return [name, now];
  });
  return isSame ? document : Object.fromEntries(entries);
}
