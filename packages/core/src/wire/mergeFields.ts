/** A field that two have set to different values. */
export interface FieldClash {
  /** From the root, such as ['fry', 'oilC']. */
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged<T> {
  /** Both sets of changes; mine where they clash. */
  readonly value: T;
  readonly clashes: readonly FieldClash[];
}

type Tree = Readonly<Record<string, unknown>>;

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Merges two changes of one plain JSON value by field: what only one of them changed is taken
 * from it, what both changed to different values is a clash. A list is one field.
 *
 * @param base what both began with
 * @example mergeFields({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }).value.b // 3
 */
export function mergeFields<T>(base: T, mine: T, theirs: T): Merged<T> {
  const clashes: FieldClash[] = [];
  const merge = (from: unknown, a: unknown, b: unknown, path: readonly string[]): unknown => {
    if (same(a, b) || same(b, from)) return a;
    if (same(a, from)) return b;
    if (isTree(a) && isTree(b)) {
      const before = isTree(from) ? from : {};
      const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
      const fields = keys.map((key) => [key, merge(before[key], a[key], b[key], [...path, key])] as const);
      return Object.fromEntries(fields.filter(([, merged]) => merged !== undefined));
    }
    clashes.push({ path, mine: a, theirs: b });
    return a;
  };
  return { value: merge(base, mine, theirs, []) as T, clashes };
}

/**
 * A value with their side of some clashes taken.
 * @example takeTheirs({ a: 1 }, [{ path: ['a'], mine: 1, theirs: 2 }]).a // 2
 */
export function takeTheirs<T>(value: T, clashes: readonly FieldClash[]): T {
  const set = (at: unknown, [key, ...rest]: readonly string[], to: unknown): unknown => {
    if (key === undefined) return to;
    const tree = isTree(at) ? at : {};
    const inner = set(tree[key], rest, to);
    const { [key]: _old, ...others } = tree;
    return inner === undefined ? others : { ...others, [key]: inner };
  };
  return clashes.reduce((now, { path, theirs }) => set(now, path, theirs) as T, value);
}
