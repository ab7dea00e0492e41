/** A whole copy of the kitchen in the folder of copies. */
export interface CopyRow {
  readonly name: string;
  /** Made at night, by hand, before a newer version, before another was restored, or brought from elsewhere. */
  readonly why: 'night' | 'hand' | 'upgrade' | 'restore' | 'given';
  readonly madeAt: string;
  readonly bytes: number;
  /** Rows by table; `null`: its beginning cannot be read. */
  readonly holds: { readonly schema: number; readonly counts: Readonly<Record<string, number>> } | null;
}

/** A copy that was read to its end, beside what the kitchen has now. */
export interface CopySheet {
  readonly copy: CopyRow;
  /** Rows by table. */
  readonly now: Readonly<Record<string, number>>;
}

/** How the nightly copies go. */
export interface NightlyCopy {
  /** Since when none could be made; `null`: all is well. */
  readonly failedSince: string | null;
}
