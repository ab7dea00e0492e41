import { type RunStep, type TrayOfSheet, holderOf, type Bare, stepsOf } from './runSteps.js';
import { type MeasureId, type RunStepId, type StepKey, stepKey } from '../../cook/cookAct.js';
import type { OwnStep } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark, TrayWay } from '../../draft/draft.js';

/**
 * What is expected of a measure of a step; `null`: it is not measured there.
 * @example plannedOf(runSheet(planTrays(batch, kitchen, null))[0], 'pieces') // null
 */
export function plannedOf({ measures }: Pick<RunStep, 'measures'>, measure: MeasureId): number | null {
  return measures.find(({ what }) => what === measure)?.planned ?? null;
}

/** Which step of the sheet a place for steps of one's own comes before. */
const BEFORE: Readonly<Record<OwnStep['before'], RunStepId>> = {
  filling: 'weigh-filling',
  cool: 'cool',
  dough: 'mix-dough',
  fold: 'roll',
  heat: 'heat',
  serve: 'serve',
};

type Keyed = Bare & { readonly id: StepKey };

/** What each step waits for, of what is on the sheet. It is long because it has one case for each step. */
function waitsFor(step: Keyed, sheet: readonly Keyed[], drafts: readonly TrayDraft[]): StepKey[] {
  const { what, mark, portion = 1 } = step;
  const ids = (is: (one: Keyed) => boolean) => sheet.filter(is).map(({ id }) => id);
  const all = (...whats: RunStepId[]) => ids((one) => whats.includes(one.what));
  const ofTray = (...whats: RunStepId[]) => ids((one) => whats.includes(one.what) && one.mark === mark);
  const ofPortion = (...whats: RunStepId[]) => ids((one) => whats.includes(one.what) && (one.portion ?? 1) === portion);
  const wayOf = (of: TrayMark | undefined) =>
    (drafts.find((draft) => of === undefined || draft.mark === of) ?? drafts[0])?.way ?? 'fry';
  const filling = () => {
    const fillingOf = drafts.find((draft) => draft.mark === mark)?.fillingOf ?? mark;
    return ids((one) => (one.what === 'weigh-filling' || one.what === 'cool') && one.mark === fillingOf);
  };
  const folds = (...ways: TrayWay[]) => ids((one) => one.what === 'fold' && ways.includes(wayOf(one.mark)));
  // What one's own steps are done for waits for them; where they are of a portion, the first does.
  const own = portion === 1 ? ids((one) => one.own !== undefined && BEFORE[one.own.before] === what) : [];
  const waits = (): StepKey[] => {
    switch (what) {
      case 'cook-filling':
        return ofTray('weigh-filling');
      case 'cool':
        return ofTray('cook-filling');
      case 'mix-dough': {
        // A next portion is made when the one before is used; made ahead, all are made one after the other.
        const before = all('warm').length > 0 ? 'mix-dough' : 'fold';
        return ids((one) => one.what === before && (one.portion ?? 1) === portion - 1);
      }
      case 'rest':
        return ofPortion('mix-dough');
      case 'shape':
      case 'dry':
        return filling();
      case 'firm':
        return ofTray('shape');
      case 'warm':
        return all('rest');
      case 'roll':
        return [...ofPortion('rest'), ...all('warm')];
      case 'fold': {
        const rolled = ids((one) => one.what === 'roll' && one.mark === mark && (one.portion ?? 1) === portion);
        return [...rolled, ...filling(), ...ofTray('firm', 'dry')];
      }
      case 'stored':
        return ofTray('fold');
      case 'proof':
        return folds('fry', 'bake');
      case 'hold':
        return folds('fry');
      case 'bake':
        return [...all('proof'), ...folds('bake')];
      case 'heat':
        return [...all('hold'), ...folds('fry')];
      case 'fry':
        return all('heat', 'proof');
      case 'oven':
        return all('fry');
      case 'crisp':
        return all('fry', 'oven');
      case 'serve':
        return [...all('fry', 'oven', 'crisp', 'bake', 'stored'), ...folds('plain')];
      case 'own': {
        // After the hands-on step before it.
        const before = sheet.slice(0, sheet.indexOf(step)).filter((one) => one.kind !== 'passive');
        return before.slice(-1).map(({ id }) => id);
      }
      case 'weigh-filling':
        return [];
      default: {
        const never: never = what;
        return never;
      }
    }
  };
  return [...new Set([...waits(), ...own])];
}

/**
 * Every step of a batch in order, from its plan. Empty when the plan has no piece to cook.
 * @param trays from `planTrays`
 * @example runSheet(planTrays(batch, kitchen, null))[0].id // 'weigh-filling'
 */
export function runSheet(trays: readonly TrayOfSheet[]): RunStep[] {
  const [first] = trays;
  const serve = first?.plan.serve;
  if (!serve) return [];
  const several = trays.length > 1;
  const drafts = trays.map(({ draft }) => draft);
  const sheet = serve.steps
    .flatMap((step) => stepsOf(step, holderOf(step, trays) ?? first, several))
    .map((step): Keyed => {
      const id = step.own ? (`own:${step.own.id}` as const) : stepKey(step.what, step.mark, step.portion);
      return { ...step, id };
    })
    .sort((a, b) => a.startMs - b.startMs);
  return sheet.map((step) => {
    const after = waitsFor(step, sheet, drafts);
    // Nothing begins by itself that nothing comes before: the cook begins it.
    return { ...step, after, kind: step.what === 'own' && after.length === 0 ? 'hands' : step.kind };
  });
}
