import type { BatchDraft } from '../../draft/batchDraft.js';
import { batchPieces, marksOf } from '../../draft/batchDraft.js';
import { USUAL_BAKE } from '../../draft/draft.js';
import { RANGES } from '../../draft/ranges.js';
import { type Supper, type SupperCook, withSupper } from '../../draft/supper.js';
import { clamp } from '../../numeric/clamp.js';
import { withPieces } from '../edit/editDraft.js';
import type { DayPlan } from './supperDay.js';
import { fryTrays } from '../batch/fryTrays.js';
import { trayOf, withTray } from '../edit/trays.js';

/** One thing that can be changed about a day plan that cannot hold. */
export type DayWay =
  /** One more pair of hands, from a moment on, ms. */
  | { readonly kind: 'helper'; readonly id: string; readonly fromMs: number | null }
  /** Every table later, s. */
  | { readonly kind: 'later'; readonly byS: number }
  /** A batch in another pot on another burner. */
  | { readonly kind: 'pot'; readonly batchId: string; readonly pot: string | null }
  /** What of a batch would be fried is baked. */
  | { readonly kind: 'bake'; readonly batchId: string }
  /** A batch is fried earlier, kept cold, and crisped again in an oven of this, °C. */
  | { readonly kind: 'crisp'; readonly batchId: string; readonly ovenC: number }
  /** What of a batch would be fried is frozen, for another day. */
  | { readonly kind: 'freeze'; readonly batchId: string }
  /** A batch of fewer pieces. */
  | { readonly kind: 'fewer'; readonly batchId: string; readonly pieces: number }
  /** A batch is not for this supper. */
  | { readonly kind: 'drop'; readonly batchId: string };

/** A way with what it does. */
export interface DayWayOut {
  readonly way: DayWay;
  readonly startMs: number | null;
  readonly allUpMs: number | null;
  readonly lateS: number;
  /** Hands of all cooks together, s. */
  readonly handsS: number;
  /** Folded pieces that wait longer than a fridge keeps them, batches. */
  readonly unsafe: number;
  readonly eats: { readonly heads: number; readonly fed: number; readonly full: number; readonly pieces: number };
}

/** A supper with its batches, as a way changes them. */
export interface SupperWhole {
  readonly supper: Supper;
  readonly drafts: Readonly<Record<string, BatchDraft>>;
}

/** Part of a batch that is left where it is made smaller. Our own. */
const FEWER = 0.7;
/** A later serving time is later by a multiple of this, s. */
const STEP_S = 300;

/**
 * A supper's cooks: those that are named, or as many nameless ones as the kitchen has hands.
 * @example supperCooks({ guests: [] }, 2).length // 2
 */
export function supperCooks({ cooks }: Partial<Pick<Supper, 'cooks'>>, hands: number): readonly SupperCook[] {
  return cooks ?? Array.from({ length: hands }, (_, i) => ({ id: `cook-${i + 1}`, name: '' }));
}

/**
 * A supper with its batches after one change was made. The same objects where nothing changes.
 * @param hands cooks that the kitchen has, where the supper names none
 * @example withDayWay({ kind: 'later', byS: 600 }, { supper, drafts: {} }, 1).supper.servings.length // 1
 */
export function withDayWay(way: DayWay, { supper, drafts }: SupperWhole, hands: number): SupperWhole {
  const change = (id: string, edit: (draft: BatchDraft) => BatchDraft): SupperWhole => {
    const draft = drafts[id];
    return draft ? { supper, drafts: { ...drafts, [id]: edit(draft) } } : { supper, drafts };
  };
  const fried = (draft: BatchDraft) => fryTrays(draft).map(({ draft: { mark } }) => mark ?? marksOf(draft)[0]!);
  switch (way.kind) {
    case 'helper': {
      const from = way.fromMs === null ? {} : { from: new Date(way.fromMs).toISOString() };
      const cooks = [...supperCooks(supper, hands), { id: way.id, name: '', ...from }];
      return { supper: { ...supper, cooks }, drafts };
    }
    case 'later': {
      const later = (at: string) => new Date(Date.parse(at) + 1000 * way.byS).toISOString();
      const servings = supper.servings.map((one) => ({ ...one, at: later(one.at) }));
      const moved = Object.entries(drafts).map(([id, draft]) => [id, { ...draft, eatAt: later(draft.eatAt) }] as const);
      return { supper: { ...supper, servings }, drafts: Object.fromEntries(moved) };
    }
    case 'pot':
      return change(way.batchId, (draft) => {
        const [mark = null] = fried(draft);
        const tray = trayOf(draft, mark);
        const { pot: _before, ...fry } = tray.fry;
        return withTray(draft, { ...tray, fry: way.pot === null ? fry : { ...fry, pot: way.pot } });
      });
    case 'crisp':
      return change(way.batchId, (draft) =>
        fried(draft).reduce((now, mark) => {
          const tray = trayOf(now, mark);
          return withTray(now, { ...tray, fry: { ...tray.fry, crispC: way.ovenC } });
        }, draft),
      );
    case 'bake':
    case 'freeze':
      return change(way.batchId, (draft) =>
        fried(draft).reduce((now, mark) => withTray(now, { ...trayOf(now, mark), way: way.kind }), draft),
      );
    case 'fewer':
      return change(way.batchId, (draft) => {
        const share = way.pieces / batchPieces(draft);
        return marksOf(draft).reduce((now, mark) => {
          const tray = trayOf(now, mark);
          const { least, most } = RANGES.draft.pieces;
          return withTray(now, withPieces(tray, clamp(Math.round(tray.pieces * share), least, most)));
        }, draft);
      });
    case 'drop':
      return change(way.batchId, (draft) => withSupper(draft, null, null));
    default: {
      const never: never = way;
      return never;
    }
  }
}

/**
 * Ways worth looking at for a day plan: more hands, a later table, and for the batches that take the
 * oil longest another pot, the oven, the freezer, fewer pieces, or none.
 *
 * @param dayPlan as it is now
 * @param pots names of pots that stand on other burners; `null`: the kitchen's own
 * @param helperId id for one cook more
 * @example dayWaysFor(dayPlan, { supper, drafts: {} }, [], 1, 'helper', 0).length // 5
 */
export function dayWaysFor(
  dayPlan: Pick<DayPlan, 'lateS' | 'entries' | 'startMs'>,
  { supper, drafts }: SupperWhole,
  pots: readonly (string | null)[],
  hands: number,
  helperId: string,
  nowMs: number,
): readonly DayWay[] {
  const ways: DayWay[] = [];
  const cooks = supperCooks(supper, hands);
  if (cooks.length < RANGES.supper.cooks.most) {
    const isBegun = dayPlan.startMs !== null && dayPlan.startMs <= nowMs + 1000 * STEP_S;
    ways.push({ kind: 'helper', id: helperId, fromMs: isBegun ? nowMs : null });
  }
  const lateS = Math.ceil(Math.max(dayPlan.lateS, STEP_S) / STEP_S) * STEP_S;
  ways.push({ kind: 'later', byS: lateS });
  // The longest at the oil first: what is not fried there helps most.
  const atPot = dayPlan.entries.flatMap(({ steps, pot }) =>
    pot === null
      ? []
      : steps.flatMap((one) => (one.what === 'fry' && one.batchId ? [{ id: one.batchId, pot, s: one.lengthS }] : [])),
  );
  const longest = [...atPot].sort((a, b) => b.s - a.s);
  const isAlone = new Set(atPot.map(({ pot }) => pot)).size === 1 && atPot.length > 1;
  const free = pots.filter((pot) => !atPot.some((one) => one.pot === (pot ?? '')));
  for (const { id } of longest.slice(0, 2))
    if (free[0] !== undefined && isAlone) ways.push({ kind: 'pot', batchId: id, pot: free[0] });
  // Only what goes into its oil first may be fried earlier: the others wait for it.
  const rows = dayPlan.entries.flatMap(({ pot, steps }) =>
    pot === null ? [] : [steps.flatMap(({ what, batchId }) => (what === 'fry' && batchId ? [batchId] : []))],
  );
  for (const [first, ...more] of rows.sort((a, b) => b.length - a.length).slice(0, 1))
    if (first !== undefined && more.length > 0) ways.push({ kind: 'crisp', batchId: first, ovenC: USUAL_BAKE.ovenC });
  for (const { id } of longest.slice(0, 1)) {
    ways.push({ kind: 'bake', batchId: id }, { kind: 'freeze', batchId: id });
    const pieces = batchPieces(drafts[id] ?? { trays: {} });
    const fewer = Math.round(pieces * FEWER);
    if (fewer >= RANGES.draft.pieces.least && fewer < pieces) ways.push({ kind: 'fewer', batchId: id, pieces: fewer });
    ways.push({ kind: 'drop', batchId: id });
  }
  return ways;
}

/**
 * The best of each kind: what is in time before what is late, then what is least late, then what begins latest.
 * @example bestWays([]).length // 0
 */
export function bestWays(found: readonly DayWayOut[]): readonly DayWayOut[] {
  const better = (a: DayWayOut, b: DayWayOut) =>
    a.unsafe - b.unsafe || a.lateS - b.lateS || b.eats.fed - a.eats.fed || (b.startMs ?? 0) - (a.startMs ?? 0);
  const kinds = [...new Set(found.map(({ way }) => way.kind))];
  return kinds.map((kind) => found.filter(({ way }) => way.kind === kind).sort(better)[0]!).sort(better);
}
