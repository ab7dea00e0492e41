/** A cook who may be there for a part of the day, and does not do everything. */
export interface DayCook {
  readonly id: string;
  readonly name: string;
  /** s from the zero moment; `null`: from the start, to the end. */
  readonly fromS: number | null;
  readonly toS: number | null;
  /** Kinds of work this cook keeps off. */
  readonly skips: readonly string[];
}

/** One task without interruption, of a cook, or of an oven or a pot alone. */
export interface DayTask {
  readonly id: string;
  /** s, 0 or more. */
  readonly lengthS: number;
  /** What kind of hands it takes; `null`: it goes on by itself. */
  readonly hands: string | null;
  /** What it takes that exists once: a pot, the oven. */
  readonly things: readonly string[];
  /** Who has to do it, as the cook said; absent: anyone who can. */
  readonly cook?: string;
  /** Tasks of one batch, or at one pot, are better done by one pair of hands. */
  readonly group: string;
}

/** How two tasks are bound to one another; see `TimingArc`. `null`: the zero moment. */
export interface DayLag {
  readonly from: string | null;
  readonly to: string | null;
  readonly leastS: number;
  readonly weight: number;
}

/**
 * What a second costs, by the order of goals: nothing unsafe, nothing spoilt or late, least waiting
 * of what is past its best, the latest start. One goal counts a hundred times the next.
 */
export const COST = { unsafe: 1_000_000, late: 10_000, stale: 100, early: 1 } as const;
/** Work outside the hours of its cook, and a moment the cook asked for that cannot be: as bad as late ten times over. */
export const ABSENT_COST = 100_000;

/** A place too few in a room, each second: as bad as waiting past the best. Nobody is late for a full fridge. */
export const ROOM_COST = COST.stale;

/** Something that lies in a room that holds only so much: a fridge, a freezer, the dishes. */
export interface DayStay {
  readonly room: string;
  /** Places it takes, 1 or more. */
  readonly places: number;
  /** When it comes and goes: s after a task begins, or after the zero moment. */
  readonly from: { readonly task: string | null; readonly atS: number };
  readonly to: { readonly task: string | null; readonly atS: number };
  /** Where it is no longer between the two than this, s, it needs no room; 0: it always does. */
  readonly freeS: number;
}

/** A day plan to be planned. */
export interface DayProblem {
  readonly tasks: readonly DayTask[];
  readonly lags: readonly DayLag[];
  readonly cooks: readonly DayCook[];
  /** Tasks of the day plan begin as late as they can after this: the start that is made late. */
  readonly day: readonly string[];
  /** The last moment anything is due, s. */
  readonly dueS: number;
  /** Nothing of `day` begins before this, s; `null`: any time. */
  readonly nowS: number | null;
  /** What lies in a room meanwhile; absent: nothing does. */
  readonly stays?: readonly DayStay[];
  /** Places of a room; one that is not named holds everything. */
  readonly rooms?: Readonly<Record<string, number>>;
}

/** Every task in its place. */
export interface SolvedDay {
  /** s from the zero moment, by task. */
  readonly starts: readonly number[];
  /** Number of its cook, by task; -1: none. */
  readonly cooks: readonly number[];
  readonly cost: number;
  /** No plan costs less. */
  readonly bound: number;
  /** Nothing better exists. */
  readonly isProved: boolean;
  /** Tasks that decide: a minute more of one of them is a minute more of the day. */
  readonly deciding: readonly number[];
  /** Plans that were looked at. */
  readonly looked: number;
}
