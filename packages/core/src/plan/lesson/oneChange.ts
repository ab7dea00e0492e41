import { USUAL_SEAL } from '../../draft/choices.js';
import { type BatchDraft, marksOf } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { RANGES } from '../../draft/ranges.js';
import { CoreError } from '../../errors.js';
import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import { type CauseChance, type CauseId, rankCauses } from '../../learning/causes.js';
import { symptomsSeen, type Symptom, type TrayLooks } from '../../learning/looks.js';
import { clamp } from '../../numeric/clamp.js';
import { withFold } from '../edit/editDraft.js';
import { planTrays, type PlannedTray } from '../batch/planBatch.js';
import { type Evidence, trayEvidence } from './trayEvidence.js';
import { trayOf, withTray } from '../edit/trays.js';

/** One thing that is done otherwise the next time. */
export const CHANGES = [
  ...(['oil-cooler', 'oil-hotter', 'smaller-loads', 'as-planned', 'thinner', 'thicker', 'less-filling'] as const),
  ...(['more-filling', 'cover-discs', 'brush-rim', 'egg-wash', 'press-air', 'cook-drier'] as const),
] as const;
export type ChangeId = (typeof CHANGES)[number];

/** What is believed to help against a cause, as cooks do it. */
const HELPS: Partial<Record<CauseId, ChangeId>> = {
  'oil-hot': 'oil-cooler',
  'oil-cool': 'oil-hotter',
  'load-big': 'smaller-loads',
  'taken-out-late': 'as-planned',
  'taken-out-early': 'as-planned',
  'wall-thick': 'thinner',
  'wall-thin': 'thicker',
  overfull: 'less-filling',
  underfull: 'more-filling',
  'wet-filling': 'cook-drier',
  'rim-dry': 'cover-discs',
  'rim-floured': 'brush-rim',
  'weak-seal': 'egg-wash',
  'air-left': 'press-air',
  'cold-start': 'oil-cooler',
};

/** A figure before and after a change. */
export interface Before<T> {
  readonly before: T;
  readonly after: T;
}

/** One change, and what it should do. */
export interface Proposal {
  readonly change: ChangeId;
  readonly mark: TrayMark;
  readonly cause: CauseId;
  /** Share of pieces that open, with the range of what comes; `null`: they have no seam. */
  readonly burst: (Before<number> & { readonly low: number; readonly high: number }) | null;
  /** s in the oil; `null` where there is no right moment. */
  readonly takeOutS: Before<number | null>;
  readonly oilC: Before<number>;
  /** Oil that a piece takes up, kg; `null`: not recorded. */
  readonly oilKg: Before<number | null>;
  /** What it costs or saves, s of frying. */
  readonly fryingS: Before<number | null>;
}

/** What a tray's record says went wrong, why, and what to change. */
export interface TrayLesson {
  readonly mark: TrayMark;
  readonly present: readonly Symptom[];
  readonly causes: readonly CauseChance[];
  readonly evidence: readonly Evidence[];
}

/** A cause less likely than this is no reason to change anything, 0–1. */
const LIKELY = 0.12;
/** A cause less likely than this share of the likeliest is not acted on. Our own. */
const NEAR = 0.4;
/** As many causes are tried. */
const MOST_TRIED = 3;
/** The model's own share weighs as much as so many pieces. Our own. */
const MODEL_PIECES = 20;

/**
 * The draft of a tray after one change; the same where it cannot be made.
 * @example withChange(draft, 'oil-cooler').fry.oilC < draft.fry.oilC // true
 */
export function withChange(draft: TrayDraft, change: ChangeId): TrayDraft {
  const { fry, fold, filling, seal = USUAL_SEAL } = draft;
  const R = RANGES.draft;
  const to = (value: number, range: { readonly least: number; readonly most: number }) =>
    clamp(value, range.least, range.most);
  switch (change) {
    case 'oil-cooler':
      return { ...draft, fry: { ...fry, oilC: to(fry.oilC - 8, R.oilC), minutesS: null } };
    case 'oil-hotter':
      return { ...draft, fry: { ...fry, oilC: to(fry.oilC + 8, R.oilC), minutesS: null } };
    case 'smaller-loads':
      return { ...draft, fry: { ...fry, loadSize: Math.max(1, Math.floor((fry.loadSize ?? 6) * 0.7)) } };
    case 'as-planned':
      return { ...draft, fry: { ...fry, minutesS: null } };
    case 'thinner':
      return withFold(draft, { thicknessM: to(fold.thicknessM * 0.85, R.thicknessM) });
    case 'thicker':
      return withFold(draft, { thicknessM: to(fold.thicknessM * 1.15, R.thicknessM) });
    case 'less-filling':
      return withFold(draft, { fillingEachKg: fold.fillingEachKg * 0.85 });
    case 'more-filling':
      return withFold(draft, { fillingEachKg: fold.fillingEachKg * 1.15 });
    case 'cover-discs':
      return { ...draft, seal: { ...seal, covered: true, waitS: Math.min(seal.waitS, 300) } };
    case 'brush-rim':
      return { ...draft, seal: { ...seal, flouredRim: false } };
    case 'egg-wash':
      return { ...draft, seal: { ...seal, sealWith: 'egg' } };
    case 'press-air':
      return { ...draft, seal: { ...seal, airPressed: true } };
    case 'cook-drier':
      return { ...draft, filling: { ...filling, cookToShare: to(filling.cookToShare * 0.93, R.cookToShare) } };
    default: {
      const never: never = change;
      return never;
    }
  }
}

/**
 * What went wrong with a tray, and why, by what was seen and its own numbers.
 * @example trayLesson(trays[0], null, { grease: 'greasy' }, kitchen).present // ['greasy']
 */
export function trayLesson(
  tray: PlannedTray,
  figures: LedgerFigures | null,
  looks: TrayLooks,
  kitchen: Kitchen,
): TrayLesson {
  const seen = symptomsSeen(looks, figures);
  const evidence = trayEvidence(tray, figures, kitchen);
  const ratios: Partial<Record<CauseId, number>> = {};
  for (const { cause, ratio } of evidence) ratios[cause] = (ratios[cause] ?? 1) * ratio;
  return { mark: tray.draft.mark ?? 'A', present: seen.present, causes: rankCauses(seen, ratios), evidence };
}

/**
 * The one change to try next: of what helps against the likeliest causes, planned again through the
 * models, the one that is expected to do most. Our own; see docs/models/ledger.md.
 *
 * @returns `null` where nothing went wrong, or nothing that helps can be planned
 * @example oneChange(batch, { A: {} }, {}, kitchen) // null
 */
export function oneChange(
  batch: BatchDraft,
  looks: Readonly<Partial<Record<TrayMark, TrayLooks>>>,
  figures: Readonly<Partial<Record<TrayMark, LedgerFigures>>>,
  kitchen: Kitchen,
): Proposal | null {
  const planned = planTrays(batch, kitchen, null);
  const tried = planned.flatMap((tray) => {
    const mark = tray.draft.mark ?? 'A';
    const own = figures[mark] ?? null;
    const { causes } = trayLesson(tray, own, looks[mark] ?? {}, kitchen);
    return (
      causes
        // What is much less likely than the first is no reason to change something else.
        .filter(({ chance }) => chance >= Math.max(LIKELY, NEAR * causes[0]!.chance))
        .slice(0, MOST_TRIED)
        .flatMap(({ id, chance }) => {
          const proposal = proposalOf(batch, tray, mark, id, own, kitchen);
          return proposal ? [{ proposal, gain: chance * gainOf(proposal) }] : [];
        })
    );
  });
  return tried.sort((a, b) => b.gain - a.gain)[0]?.proposal ?? null;
}

/** How much better it is worth: fewer that open, or the cause alone. */
const gainOf = ({ burst }: Proposal): number => (burst ? 1 + 4 * Math.max(0, burst.before - burst.after) : 1);

function proposalOf(
  batch: BatchDraft,
  tray: PlannedTray,
  mark: TrayMark,
  cause: CauseId,
  figures: LedgerFigures | null,
  kitchen: Kitchen,
): Proposal | null {
  const change = HELPS[cause];
  if (!change) return null;
  const before = trayOf(batch, batch.trays[mark] ? mark : null);
  const draft = withChange(before, change);
  // To take out when the plan says changes no plan, and is a change all the same.
  if (change !== 'as-planned' && JSON.stringify(draft) === JSON.stringify(before)) return null;
  let after: PlannedTray | undefined;
  try {
    after = planTrays(withTray(batch, draft), kitchen, null).find((one) => (one.draft.mark ?? 'A') === mark);
  } catch (cause_) {
    if (cause_ instanceof CoreError) return null;
    throw cause_;
  }
  // A change that leaves no right moment to take it out is none.
  if (!after || (tray.plan.fry && after.plan.fry?.takeOutS === null && tray.plan.fry.takeOutS !== null)) return null;
  const fry = (one: PlannedTray) => one.plan.fry;
  return {
    change,
    mark,
    cause,
    burst: burstAfter(tray, after, figures),
    takeOutS: { before: fry(tray)?.takeOutS ?? null, after: fry(after)?.takeOutS ?? null },
    oilC: { before: tray.draft.fry.oilC, after: after.draft.fry.oilC },
    oilKg: { before: fry(tray)?.oilUptakeKg ?? null, after: fry(after)?.oilUptakeKg ?? null },
    fryingS: { before: fry(tray)?.loads?.totalS ?? null, after: fry(after)?.loads?.totalS ?? null },
  };
}

/** How many opened and will open: the model's share weighed with what was counted, then moved by what the model says of the change. */
function burstAfter(before: PlannedTray, after: PlannedTray, figures: LedgerFigures | null): Proposal['burst'] {
  const [was, will] = [before.plan.fold.burst, after.plan.fold.burst];
  if (!was || !will) return null;
  const counted = figures ? figures.fried + figures.burst : 0;
  const [yes, no] = [
    MODEL_PIECES * was.share + (figures?.burst ?? 0),
    MODEL_PIECES * (1 - was.share) + counted - (figures?.burst ?? 0),
  ];
  const logit = (p: number) => Math.log(p / (1 - p));
  const share = (x: number) => 1 / (1 + Math.exp(-x));
  const now = logit(yes / (yes + no));
  const then = now + logit(will.share) - logit(was.share);
  const sd = 1.28 * Math.sqrt(1 / yes + 1 / no);
  return { before: share(now), after: share(then), low: share(then - sd), high: share(then + sd) };
}

/**
 * The next batch with the one change made, and what it should do written into it.
 * @param record it follows from
 * @example withProposal(batch, { change: 'oil-cooler', mark: 'A', opened: null }, 'r').trying.change // 'oil-cooler'
 */
export function withProposal(
  batch: BatchDraft,
  { change, mark, burst }: Pick<Proposal, 'change' | 'mark' | 'burst'>,
  record: string,
): BatchDraft {
  const draft = trayOf(batch, batch.trays[mark] ? mark : null);
  const trying = { record, change, mark: draft.mark ?? marksOf(batch)[0]!, ...(burst && { burst }) };
  return { ...withTray(batch, withChange(draft, change)), trying };
}
