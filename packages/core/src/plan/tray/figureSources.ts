import { type CookState, measuredOf, type MeasureId, stepKey } from '../../cook/cookAct.js';
import { FIST_HOLDS } from '../../dough/doughFindings.js';
import type { TrayDraft } from '../../draft/draft.js';
import { handsOf, type Kitchen } from '../../draft/kitchen.js';
import { type Belief, doughKey, type HandWork } from '../../draft/learnt.js';
import { TAKE_OUT_COLOUR } from '../../heat/colour.js';
import { ovenBelief } from '../../heat/ovenHeat.js';
import { LABEL_BELIEF } from '../../learning/flourBelief.js';
import { USUAL_PORTIONS } from '../../learning/beliefs.js';
import type { ColdPlan, HotPlan } from './batchPlan.js';

/** A figure whose source can be asked for, in the order of the line. */
export const SOURCED = [
  ...(['water-wanted', 'poured-kg', 'fist', 'boil-off', 'mix-s'] as const),
  ...(['filling-kg', 'cook-filling-s', 'cools-s'] as const),
  ...(['filling-each-kg', 'rolled-m', 'bursts', 'portions', 'fold-each-s'] as const),
  ...(['oil-c', 'browning', 'golden', 'take-out-s', 'load', 'oven'] as const),
  ...(['serve-s', 'start'] as const),
] as const;
export type SourcedId = (typeof SOURCED)[number];

/** Where a figure comes from. */
export type Source =
  /** The cook set it. */
  | { readonly kind: 'planned' }
  /** It was weighed, counted or measured while this batch was made. */
  | { readonly kind: 'weighed'; readonly planned: number | null }
  /** Earlier batches taught it: what is believed, and what is usual. */
  | { readonly kind: 'learnt'; readonly belief: Belief }
  /** Nothing was seen of it here: as it usually is. */
  | { readonly kind: 'usual' }
  /** It follows from the other figures by a model. */
  | { readonly kind: 'model'; readonly from: readonly SourcedId[] };

/** A figure with its source. SI; °C, shares, factors; a moment in ms since the epoch. */
export interface SourcedFigure {
  readonly id: SourcedId;
  readonly value: number;
  readonly source: Source;
}

/** A normal belief's range that holds eight times in ten, standard deviations to either side. */
const EIGHT_IN_TEN = 1.2816;

/**
 * Where the figures of a tray come from: planned, weighed, learnt, usual, or from a model. What does not
 * apply to it is absent. It is long because it is a list of figures.
 *
 * @param state what was recorded of the batch while it was made; absent: nothing
 * @example figureSources(draft, plan, kitchen).find(({ id }) => id === 'browning').source.kind // 'usual'
 */
export function figureSources(
  draft: TrayDraft,
  { dough, filling, fold, fry, bake, serve }: ColdPlan & Partial<HotPlan>,
  kitchen: Kitchen,
  state: CookState = new Map(),
): readonly SourcedFigure[] {
  const { learnt = {} } = kitchen;
  const found: SourcedFigure[] = [];
  const say = (id: SourcedId, value: number | null | undefined, source: Source) => {
    if (value !== null && value !== undefined && Number.isFinite(value)) found.push({ id, value, source });
  };
  const believed = (belief: Belief | undefined): Source => (belief ? { kind: 'learnt', belief } : { kind: 'usual' });
  const model = (...from: SourcedId[]): Source => ({ kind: 'model', from });
  const measured = (
    step: Parameters<typeof stepKey>[0],
    measure: MeasureId,
    planned: number,
  ): SourcedFigure['source'] =>
    measuredOf(state, stepKey(step, draft.mark), measure) === null ? { kind: 'planned' } : { kind: 'weighed', planned };
  const told = (step: Parameters<typeof stepKey>[0], measure: MeasureId, planned: number) =>
    measuredOf(state, stepKey(step, draft.mark), measure) ?? planned;
  const hands = handsOf(kitchen);
  const time = (id: SourcedId, work: HandWork) => say(id, hands[work], believed(learnt.hands?.[work]));

  const { figures } = dough;
  const { mainFlourId } = figures;
  const flour = mainFlourId === null ? undefined : kitchen.flours?.[mainFlourId];
  say(
    'water-wanted',
    figures.absorption,
    flour && flour.count > 0
      ? {
          kind: 'learnt',
          belief: {
            value: figures.absorption,
            low: figures.absorption - EIGHT_IN_TEN * flour.sd,
            high: figures.absorption + EIGHT_IN_TEN * flour.sd,
            usual: figures.absorption - flour.mean + LABEL_BELIEF.mean,
            count: flour.count,
          },
        }
      : { kind: 'usual' },
  );
  if (figures.pourableKg > 0)
    say(
      'poured-kg',
      told('mix-dough', 'poured-kg', figures.pourableKg),
      measured('mix-dough', 'poured-kg', figures.pourableKg),
    );
  if (figures.family.fistTest) say('fist', learnt.fist?.value ?? FIST_HOLDS / 100, believed(learnt.fist));
  if (figures.family.onHeat)
    say(
      'boil-off',
      figures.family.boilOffShare,
      draft.dough.boilOffShare !== undefined
        ? { kind: 'planned' }
        : believed(learnt.boilOff?.[draft.dough.onHeat ? 'on-heat' : 'off-heat']),
    );
  time('mix-s', 'mixS');

  const gross = filling.figures.targetKg + draft.filling.panKg;
  if (draft.filling.lines.length > 0) {
    const pan = measured('cook-filling', 'pan-kg', filling.figures.targetKg);
    say('filling-kg', told('cook-filling', 'pan-kg', gross) - draft.filling.panKg, pan);
    time('cook-filling-s', 'cookFillingS');
    say('cools-s', filling.cooling?.toFoldS, model('filling-kg'));
  }
  say('filling-each-kg', draft.fold.fillingEachKg, { kind: 'planned' });
  say('rolled-m', told('roll', 'rolled-m', draft.fold.thicknessM), measured('roll', 'rolled-m', draft.fold.thicknessM));
  say(
    'bursts',
    fold.burst?.share,
    learnt.bursts?.[draft.shape]
      ? { kind: 'learnt', belief: asShares(learnt.bursts[draft.shape]!, fold.burst!) }
      : model('filling-each-kg', 'rolled-m'),
  );
  say('portions', learnt.portions?.value ?? USUAL_PORTIONS, believed(learnt.portions));
  time('fold-each-s', 'foldEachS');

  if (fry) {
    say('oil-c', draft.fry.oilC, { kind: 'planned' });
    say('browning', learnt.browning?.[doughKey(draft)]?.value ?? 1, believed(learnt.browning?.[doughKey(draft)]));
    say('golden', learnt.golden?.value ?? TAKE_OUT_COLOUR, believed(learnt.golden));
    say(
      'take-out-s',
      fry.takeOutS,
      draft.fry.minutesS === null ? model('oil-c', 'browning', 'golden') : { kind: 'planned' },
    );
    say('load', fry.loads?.loadSize, draft.fry.loadSize === null ? model('oil-c') : { kind: 'planned' });
  }
  if (bake) {
    const { factor, low, high, bakes } = ovenBelief(kitchen.ovenSeen ?? []);
    say('oven', factor, believed(bakes > 0 ? { value: factor, low, high, usual: 1, count: bakes } : undefined));
  }
  time('serve-s', 'serveS');
  say('start', serve?.startMs, model('mix-s', 'cook-filling-s', 'fold-each-s', 'serve-s'));
  return found;
}

/** A belief about odds as the shares it makes of this piece. */
function asShares(odds: Belief, { share, odds: times }: { readonly share: number; readonly odds: number }): Belief {
  const model = share / (1 - share) / times;
  const at = (by: number) => (model * by) / (1 + model * by);
  return { value: share, low: at(odds.low), high: at(odds.high), usual: at(1), count: odds.count };
}
