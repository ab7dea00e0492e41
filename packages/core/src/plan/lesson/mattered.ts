import { cookState, measuredOf, stepKey } from '../../cook/cookAct.js';
import { type BatchDraft, marksOf } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import { clamp } from '../../numeric/clamp.js';
import { RANGES } from '../../draft/ranges.js';
import { CoreError } from '../../errors.js';
import { asCooked } from '../batch/asCooked.js';
import { draftDough } from '../edit/draftFigures.js';
import { type Happened } from './observe.js';
import { type PlannedTray, planTrays } from '../batch/planBatch.js';
import { trayOf, withTray } from '../edit/trays.js';

/** One difference from the plan, and what it alone did to the pieces. */
export interface Mattered {
  readonly what: DifferenceId;
  readonly mark: TrayMark;
  readonly planned: number;
  readonly happened: number;
  /** Colour B when it is taken out beside the plan's, darker (+). */
  readonly colour: number;
  /** Coldest filling at the first bite beside the plan's, K. */
  readonly biteC: number;
  /** Share that opens, planned and with it; `null`: they have no seam. */
  readonly bursts: { readonly before: number; readonly after: number } | null;
  /** Oil in a piece beside the plan's, kg. */
  readonly oilKg: number;
  /** How much all of that is, in steps a cook sees: 1 is one such step. */
  readonly weight: number;
}

const DIFFERENCES = ['oil-c', 'in-oil-s', 'rolled-m', 'filling-kg', 'poured-kg'] as const;

export type DifferenceId = (typeof DIFFERENCES)[number];

/** What a cook sees as one step of each: of colour, of the first bite, of the odds that a piece opens, of oil taken up. Our own. */
export const STEP = { colour: 0.3, biteC: 8, logOdds: 0.7, oilShare: 0.2 } as const;

/** Less than this of a step matters to nobody. */
const LEAST_WEIGHT = 0.3;

/** Each difference alone, through the models: the plan with only that changed. */
export function matteredOf(
  { draft, kitchen, cookActs, figures }: Happened,
  planned: readonly PlannedTray[],
): Mattered[] {
  const state = cookState(cookActs);
  const { oilC, minutesS, thicknessM, cookToShare } = RANGES.draft;
  const found = planned.flatMap(({ draft: tray, plan }) => {
    const mark = tray.mark ?? 'A';
    const own = figures[mark];
    const takeOutS = plan.fry?.takeOutS ?? null;
    if (!own || takeOutS === null) return [];
    // Taken out when it was planned, so that each difference shows what it did.
    const base = withFried(draft, mark, { minutesS: clamp(takeOutS, minutesS.least, minutesS.most) });
    const before = plannedTray(base, mark, kitchen);
    if (!before?.plan.fry) return [];
    const alone = (what: DifferenceId, was: number | null, is: number | null, changed: () => BatchDraft) => {
      if (was === null || is === null || !(Math.abs(is - was) > 1e-6 * Math.abs(was))) return [];
      const after = plannedTray(changed(), mark, kitchen);
      return after ? [difference(what, mark, was, is, before, after)] : [];
    };
    const rolled = measuredOf(state, stepKey('roll', tray.mark), 'rolled-m');
    const pan = measuredOf(state, stepKey('cook-filling', tray.mark), 'pan-kg');
    const poured = measuredOf(state, stepKey('mix-dough'), 'poured-kg');
    const fold = (change: Partial<typeof tray.fold>) => {
      const now = trayOf(base, base.trays[mark] ? mark : null);
      return withTray(base, { ...now, fold: { ...now.fold, ...change } });
    };
    const targetKg = plan.filling.figures.targetKg;
    const madeKg = pan === null ? null : pan - tray.filling.panKg;
    return [
      ...alone('oil-c', tray.fry.oilC, tray.fry.ramp ? null : own.oilMeanC, () =>
        withFried(base, mark, { oilC: clamp(own.oilMeanC!, oilC.least, oilC.most) }),
      ),
      ...alone('in-oil-s', takeOutS, own.meanInOilS, () =>
        withFried(base, mark, { minutesS: clamp(own.meanInOilS!, minutesS.least, minutesS.most) }),
      ),
      ...alone('rolled-m', tray.fold.thicknessM, rolled, () =>
        fold({ thicknessM: clamp(rolled!, thicknessM.least, thicknessM.most) }),
      ),
      ...alone('filling-kg', targetKg, madeKg, () => {
        const of = tray.fillingOf ?? mark;
        const filling = base.fillings[of]!;
        const share = clamp((filling.cookToShare * madeKg!) / targetKg, cookToShare.least, cookToShare.most);
        return { ...base, fillings: { ...base.fillings, [of]: { ...filling, cookToShare: share } } };
      }),
      ...alone('poured-kg', draftDough(draft, kitchen).pourableKg, poured, () => ({
        ...base,
        dough: asCooked(draft, state, kitchen).dough,
      })),
    ];
  });
  return found.filter(({ weight }) => weight >= LEAST_WEIGHT).sort((a, b) => b.weight - a.weight);
}

function withFried(batch: BatchDraft, mark: TrayMark, change: { oilC?: number; minutesS?: number }): BatchDraft {
  const tray = trayOf(batch, batch.trays[mark] ? mark : null);
  return withTray(batch, { ...tray, fry: { ...tray.fry, ...change } });
}

/** One tray planned anew; `null` where that cannot be planned. */
function plannedTray(batch: BatchDraft, mark: TrayMark, kitchen: Happened['kitchen']): PlannedTray | null {
  try {
    return planTrays(batch, kitchen, null).find(({ draft }) => (draft.mark ?? marksOf(batch)[0]) === mark) ?? null;
  } catch (cause) {
    if (cause instanceof CoreError) return null;
    throw cause;
  }
}

export function difference(
  what: DifferenceId,
  mark: TrayMark,
  planned: number,
  happened: number,
  before: PlannedTray,
  after: PlannedTray,
): Mattered {
  const colourOf = ({ plan }: PlannedTray) => {
    const at = plan.fry?.atTakeOut?.colours;
    return at ? (at[0] + at[1]) / 2 : 0;
  };
  const bite = ({ plan }: PlannedTray) => plan.fry?.rest?.biteC ?? 0;
  const oil = ({ plan }: PlannedTray) => plan.fry?.oilUptakeKg ?? 0;
  const [was, is] = [before.plan.fold.burst, after.plan.fold.burst];
  const bursts = was && is ? { before: was.share, after: is.share } : null;
  const logit = (p: number) => Math.log(p / (1 - p));
  const colour = colourOf(after) - colourOf(before);
  const biteC = bite(after) - bite(before);
  const oilKg = oil(after) - oil(before);
  const weight =
    Math.abs(colour) / STEP.colour +
    Math.abs(biteC) / STEP.biteC +
    (bursts ? Math.abs(logit(bursts.after) - logit(bursts.before)) / STEP.logOdds : 0) +
    (oil(before) > 0 ? Math.abs(oilKg) / (STEP.oilShare * oil(before)) : 0);
  return { what, mark, planned, happened, colour, biteC, bursts, oilKg, weight };
}
