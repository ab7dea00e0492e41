/** Why a copy was made. */
export const COPY_WHYS = ['night', 'hand', 'upgrade', 'restore', 'given'] as const;
export type CopyWhy = (typeof COPY_WHYS)[number];

/** What a copy's name says of it. */
export interface NamedCopy {
  readonly name: string;
  readonly madeMs: number;
  readonly why: CopyWhy;
}

/** How many of the nights are kept. */
export interface CopyRule {
  readonly daily: number;
  readonly weekly: number;
}

export const USUAL_RULE: CopyRule = { daily: 7, weekly: 4 };
/** Of copies that were not made at night, the newest so many of each kind. */
const OTHERS = 10;

const NAME = /^ember-fold-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z-([a-z]+)\.copy\.gz$/;

export function copyName(madeMs: number, why: CopyWhy): string {
  return `ember-fold-${new Date(madeMs).toISOString().replace(/[:.]/g, '-')}-${why}.copy.gz`;
}

/** `null`: no name of a copy of ours. */
export function readCopyName(name: string): NamedCopy | null {
  const [, day, hour, minute, second, ms, said] = NAME.exec(name) ?? [];
  const why = COPY_WHYS.find((one) => one === said);
  const madeMs = Date.parse(`${day}T${hour}:${minute}:${second}.${ms}Z`);
  return why && Number.isFinite(madeMs) ? { name, madeMs, why } : null;
}

const DAY_MS = 86_400_000;

/**
 * Copies that are no longer kept: of the nights, the newest of each of the last days and of each of
 * the last weeks that have one; of the others the newest ten of each kind.
 */
export function spentCopies(copies: readonly NamedCopy[], { daily, weekly }: CopyRule): NamedCopy[] {
  const newest = [...copies].sort((a, b) => b.madeMs - a.madeMs);
  const nights = newest.filter(({ why }) => why === 'night');
  const keptBy = (lengthMs: number, most: number): string[] => {
    const found = new Map<number, string>();
    for (const { madeMs, name } of nights) {
      const stretch = Math.floor(madeMs / lengthMs);
      if (!found.has(stretch) && found.size < most) found.set(stretch, name);
    }
    return [...found.values()];
  };
  const kept = new Set([...keptBy(DAY_MS, daily), ...keptBy(7 * DAY_MS, weekly)]);
  for (const why of COPY_WHYS.filter((one) => one !== 'night'))
    newest
      .filter((one) => one.why === why)
      .slice(0, OTHERS)
      .forEach(({ name }) => kept.add(name));
  return newest.filter(({ name }) => !kept.has(name));
}

/** The hour of the night in which a copy is due, by the clock of this machine. */
const NIGHT_HOUR = 3;

/** Whether no copy was made since the last three in the morning; a machine that was off makes it when it runs again. */
export function isNightDue(now: Date, lastMs: number | null): boolean {
  const night = new Date(now);
  night.setHours(NIGHT_HOUR, 0, 0, 0);
  if (night > now) night.setDate(night.getDate() - 1);
  return lastMs === null || lastMs < night.getTime();
}
