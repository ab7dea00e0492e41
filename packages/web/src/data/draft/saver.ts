import { type Versioned, type SavedKind, type SaveView, SAVED } from './savedKind';
import { mergeFields, takeTheirs } from '@ember-fold/core/plan';
import { isAway } from '../offline/away';

interface Entry<T> {
  readonly kind: SavedKind<T>;
  readonly id: string;
  /** What the server last acknowledged. */
  base: Versioned<T>;
  mine: T;
  view: SaveView;
  running: boolean;
  /** What was sent and never answered, oldest first: any of it may be there. Where theirs is that, it is ours. */
  unsure: readonly T[];
  /** The newest version somebody told of while something of ours was on its way. */
  heard: number;
  /** What the server has, while the cook chooses. */
  clash: { readonly theirs: Versioned<T> } | null;
}

interface Mirror<T> {
  readonly base: Versioned<T>;
  readonly mine: T;
  readonly unsure?: readonly T[];
}

export interface SaverOptions {
  readonly wait: (ms: number) => Promise<void>;
  readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
  /** Told after each change of what is shown of a save. */
  readonly told: (key: string, view: SaveView) => void;
}

const SETTLE_MS = 400;
const RETRY_MS = 3000;
/** Asked again for as long as that lasts; a fault of the server's own is taken to pass, too. */
const waits = (code: string): boolean => isAway(code) || code === 'INTERNAL';
const PREFIX = 'ember.save.';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const isTree = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What both sides last agreed on: the last acknowledged value, but for the fields of an unanswered save that did arrive. */
function agreed<T>(base: T, unsure: readonly T[], theirs: T): T {
  if (unsure.some((value) => same(value, theirs))) return theirs;
  if (!isTree(base) || !isTree(theirs)) return base;
  const field = (key: string) => unsure.flatMap((value) => (isTree(value) ? [value[key]] : []));
  return Object.fromEntries(Object.keys(base).map((key) => [key, agreed(base[key], field(key), theirs[key])])) as T;
}

/** Nothing here that the server has not acknowledged, or may have taken without our knowing. */
const isSettled = ({ mine, base, unsure }: Pick<Entry<unknown>, 'mine' | 'base' | 'unsure'>): boolean =>
  unsure.length === 0 && same(mine, base.value);

/**
 * Saves whatever is edited: a moment after typing has paused, one save of a thing at a time,
 * again while the server is away, and kept in the browser until it is acknowledged. What somebody
 * else changed meanwhile is merged by field; only where both set the same field the cook is asked.
 */
export class Saver {
  private readonly entries = new Map<string, Entry<unknown>>();

  constructor(private readonly options: SaverOptions) {}

  /**
   * Begins to look after something that was read from the server. What this browser had not yet
   * handed over goes on from where it was.
   * @returns what is to be shown
   */
  open<T>(key: string, id: string, kind: SavedKind<T>, base: Versioned<T>): T {
    const known = this.entries.get(key) as Entry<T> | undefined;
    if (known && !isSettled(known)) return known.mine;
    const mirror = this.mirror<T>(key, kind.read);
    const entry: Entry<T> = {
      kind,
      id,
      base,
      mine: base.value,
      view: SAVED,
      running: false,
      unsure: [],
      heard: 0,
      clash: null,
      ...(mirror &&
        !same(mirror.mine, base.value) && { base: mirror.base, mine: mirror.mine, unsure: mirror.unsure ?? [] }),
    };
    this.entries.set(key, entry as Entry<unknown>);
    if (isSettled(entry)) this.unmirror(key);
    else {
      // Never called saved before the server has it.
      this.tell(key, entry, { ...SAVED, state: 'unsaved' });
      void this.run(key, entry);
    }
    return entry.mine;
  }

  /** A new value of something that is open. */
  change<T>(key: string, value: T): void {
    const entry = this.entries.get(key) as Entry<T> | undefined;
    if (!entry) throw new Error(`${key} was never opened.`);
    entry.mine = value;
    this.keep(key, entry);
    if (entry.view.state === 'conflict') return;
    this.tell(key, entry, { ...SAVED, state: 'unsaved' });
    void this.run(key, entry);
  }

  /** Whether anything of it is still on its way. */
  isDirty(key: string): boolean {
    const entry = this.entries.get(key);
    return entry !== undefined && (entry.running || !isSettled(entry));
  }

  /**
   * It was changed, perhaps by somebody else: read again, once nothing of ours is on its way.
   * @param version it has now; absent: not known
   */
  async refresh(key: string, version = Infinity): Promise<void> {
    const entry = this.entries.get(key);
    if (!entry || version <= entry.base.version) return;
    if (this.isDirty(key)) {
      entry.heard = Math.max(entry.heard, version);
      return;
    }
    entry.heard = 0;
    let answer = await entry.kind.fetch(entry.id);
    // It was asked for before the change already, and that answer came.
    if ('kept' in answer && version < Infinity && answer.kept.version < version)
      answer = await entry.kind.fetch(entry.id);
    if (!('kept' in answer) || this.isDirty(key) || answer.kept.version < entry.base.version) return;
    entry.base = answer.kept;
    entry.mine = answer.kept.value;
    entry.kind.show(entry.id, answer.kept);
  }

  /** Where both set the same field: ours counts, or theirs does; all else of both is kept. */
  choose(key: string, side: 'mine' | 'theirs'): void {
    const entry = this.entries.get(key);
    if (!entry?.clash) return;
    const { theirs } = entry.clash;
    // What was typed while the question stood counts as ours.
    const { value, clashes } = mergeFields(entry.base.value, entry.mine, theirs.value);
    entry.unsure = [];
    entry.base = theirs;
    entry.mine = side === 'mine' ? value : takeTheirs(value, clashes);
    entry.clash = null;
    entry.kind.show(entry.id, { value: entry.mine, version: theirs.version });
    this.keep(key, entry);
    this.tell(key, entry, { ...SAVED, state: 'unsaved' });
    void this.run(key, entry);
  }

  /** After a gap: whatever is open and not being edited is read again. */
  async refreshAll(): Promise<void> {
    await Promise.all([...this.entries.keys()].map((key) => this.refresh(key)));
  }

  view(key: string): SaveView {
    return this.entries.get(key)?.view ?? SAVED;
  }

  private async run<T>(key: string, entry: Entry<T>): Promise<void> {
    if (entry.running) return;
    entry.running = true;
    try {
      while (!entry.clash) {
        for (let seen: T | undefined; seen !== entry.mine;) {
          seen = entry.mine;
          await this.options.wait(SETTLE_MS);
        }
        if (isSettled(entry)) {
          this.unmirror(key);
          return this.tell(key, entry, SAVED);
        }
        if (!(await this.saveOnce(key, entry))) return;
      }
    } finally {
      entry.running = false;
      // What was heard meanwhile is ours, or it was read to merge with it, or it is still to be shown.
      if (entry.heard > entry.base.version) void this.refresh(key, entry.heard);
    }
  }

  /** @returns whether to go on */
  private async saveOnce<T>(key: string, entry: Entry<T>): Promise<boolean> {
    const sent = entry.mine;
    this.tell(key, entry, { ...SAVED, state: 'saving' });
    const answer = await entry.kind.send(entry.id, { value: sent, version: entry.base.version });
    if ('kept' in answer) {
      entry.base = { value: sent, version: answer.kept.version };
      entry.unsure = [];
      this.keep(key, entry);
      entry.kind.show(entry.id, { value: entry.mine, version: answer.kept.version });
      return true;
    }
    const { code, message } = answer.problem;
    if (waits(code)) {
      if (!entry.unsure.includes(sent)) entry.unsure = [...entry.unsure, sent];
      this.keep(key, entry);
      this.tell(key, entry, { ...SAVED, state: 'waiting', problem: message });
      await this.options.wait(RETRY_MS);
      return true;
    }
    if (code === 'STALE_VERSION') return await this.mergeWithTheirs(key, entry);
    this.tell(key, entry, { ...SAVED, state: 'refused', problem: message });
    // What is changed next may be taken.
    if (entry.mine !== sent) return true;
    return false;
  }

  private async mergeWithTheirs<T>(key: string, entry: Entry<T>): Promise<boolean> {
    const answer = await entry.kind.fetch(entry.id);
    if (!('kept' in answer)) {
      const away = waits(answer.problem.code);
      this.tell(key, entry, { ...SAVED, state: away ? 'waiting' : 'refused', problem: answer.problem.message });
      if (away) await this.options.wait(RETRY_MS);
      return away;
    }
    const theirs = answer.kept;
    // What we sent ourselves, and never heard of again, is no disagreement: ours goes on from it.
    const from = agreed(entry.base.value, entry.unsure, theirs.value);
    const { value, clashes } = mergeFields(from, entry.mine, theirs.value);
    if (clashes.length > 0) {
      entry.base = { ...entry.base, value: from };
      entry.clash = { theirs };
      this.tell(key, entry, { state: 'conflict', problem: null, clashes });
      return false;
    }
    entry.base = theirs;
    entry.mine = value;
    entry.unsure = [];
    this.keep(key, entry);
    entry.kind.show(entry.id, { value, version: theirs.version });
    return true;
  }

  private tell<T>(key: string, entry: Entry<T>, view: SaveView): void {
    entry.view = view;
    this.options.told(key, view);
  }

  private keep<T>(key: string, { base, mine, unsure }: Entry<T>): void {
    if (isSettled({ base, mine, unsure })) return this.unmirror(key);
    try {
      this.options.storage.setItem(PREFIX + key, JSON.stringify({ base, mine, unsure } satisfies Mirror<T>));
    } catch {
      // A full or forbidden storage: the change lives as long as the page.
    }
  }

  private unmirror(key: string): void {
    try {
      this.options.storage.removeItem(PREFIX + key);
    } catch {
      // It was never there.
    }
  }

  /** What was left behind under a key; half a record is none. */
  mirror<T>(key: string, read: (left: T) => T = (left) => left): Mirror<T> | null {
    try {
      const kept = JSON.parse(this.options.storage.getItem(PREFIX + key) ?? 'null') as Mirror<T> | null;
      if (typeof kept?.base?.version !== 'number' || kept.mine == null || kept.base.value == null) return null;
      const { base, mine, unsure = [] } = kept;
      return { base: { ...base, value: read(base.value) }, mine: read(mine), unsure: unsure.map(read) };
    } catch {
      return null;
    }
  }
}
