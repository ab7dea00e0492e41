import { LIMITS } from '../limits/limits.js';
import { shapeOf } from '../shapes/shapes.js';
import { loadHolds } from '../oil/fryLoads.js';
import type { TrayDraft } from '../draft/draft.js';
import type { Finding } from '../draft/finding.js';
import type { DoughFamily } from '../families/family.js';
import type { Kitchen } from '../draft/kitchen.js';
import type { FryPlan } from './fryPlan.js';
import { pieceFindings } from './pieceFindings.js';

/** Verdict on the piece when it is taken out, its window, the oil, the load and the pot. */
export function fryFindings(
  plan: Omit<FryPlan, 'findings'>,
  draft: TrayDraft,
  family: DoughFamily,
  kitchen: Pick<Kitchen, 'pot' | 'potName' | 'potOil' | 'guests'>,
): Finding[] {
  const potMissing = draft.fry.pot !== undefined && draft.fry.pot !== kitchen.potName;
  // What comes out of the oil is said before what is to be minded on the way.
  return [
    ...unsafeOil(plan, Math.max(draft.fry.oilC, draft.fry.ramp?.outC ?? 0)),
    ...pieceFindings(plan, draft),
    ...(potMissing ? [{ code: 'fry.pot-gone', tone: 'look-out', values: {} } as const] : []),
    ...oilFindings(plan, draft, family),
    ...crispFindings(plan),
    ...seamFindings(plan),
    ...puffFindings(draft),
    ...loadFindings(plan, draft.fry),
    ...depthFindings(plan, kitchen.pot.oilM3),
    ...keptOilFindings(kitchen),
  ];
}

function unsafeOil({ cautions }: Omit<FryPlan, 'findings'>, oilC: number): Finding[] {
  if (oilC <= cautions.cutC && oilC <= cautions.warnC) return [];
  return [{ code: 'fry.unsafe-oil', tone: 'stop', values: { oilC, limitC: cautions.warnC } }];
}

function crispFindings({ crisp }: Pick<FryPlan, 'crisp'>): Finding[] {
  if (crisp === null) return [];
  const { ovenC, minutesS, sheets, isDark } = crisp;
  if (minutesS === null) return [{ code: 'fry.crisp-never', tone: 'stop', values: { ovenC } }];
  const known: Finding = { code: 'fry.crisp', tone: 'know', values: { ovenC, minutesS, sheets } };
  return isDark ? [{ code: 'fry.crisp-dark', tone: 'look-out', values: { ovenC, minutesS } }, known] : [known];
}

/** Too cool too long: a piece that takes up this share of itself is greasy. Our own. */
const GREASY_SHARE = 0.075;
const PIECE_KG_PER_M3 = 1100;

function oilFindings(plan: Omit<FryPlan, 'findings'>, draft: TrayDraft, family: DoughFamily): Finding[] {
  const found: Finding[] = [];
  const { oilC, start } = draft.fry;
  const { least, most } = family.oilC;
  // Rising oil begins cool on purpose: what it comes out of is judged.
  if (draft.fry.ramp ? Math.max(oilC, draft.fry.ramp.outC) > most : oilC < least || oilC > most) {
    const saidC = draft.fry.ramp ? Math.max(oilC, draft.fry.ramp.outC) : oilC;
    found.push({ code: 'fry.oil-outside', tone: 'know', values: { oilC: saidC, leastC: least, mostC: most } });
  }
  if (family.id === 'coiled' && oilC > most) {
    found.push({ code: 'fry.coil-shut', tone: 'look-out', values: { oilC, mostC: most } });
  }
  const drinksShare = (plan.oilUptakeKg ?? 0) / (PIECE_KG_PER_M3 * plan.bulk.volumeM3);
  if (!draft.fry.ramp && oilC < least && drinksShare > GREASY_SHARE) {
    found.push({
      code: 'fry.greasy',
      tone: 'look-out',
      values: { oilKg: plan.oilUptakeKg ?? 0, share: drinksShare, leastC: least },
    });
  }
  if (start === 'frozen' || start === 'tempered') found.push(...frozenFindings(draft));
  return found;
}

/** Oil for pieces straight from the freezer, °C. Source: docs/models/practice.md. */
const FROZEN_OIL_C = { least: 145, most: 160 };
const RAW_MEAT: readonly (string | undefined)[] = ['poultry', 'minced-meat', 'fish', 'egg'];

function frozenFindings(draft: TrayDraft): Finding[] {
  const { start, oilC } = draft.fry;
  const found: Finding[] = [{ code: 'fry.frozen-wipe', tone: 'look-out', values: {} }];
  if (start === 'tempered' && RAW_MEAT.includes(draft.filling.raw)) {
    found.push({ code: 'fry.thaw-raw', tone: 'stop', values: {} });
  }
  if (start === 'frozen' && oilC > FROZEN_OIL_C.most) {
    const values = { oilC, leastC: FROZEN_OIL_C.least, mostC: FROZEN_OIL_C.most };
    found.push({ code: 'fry.frozen-oil', tone: 'look-out', values });
  }
  return found;
}

/** Oil that was fried in before: its state, and whom it is no longer for. */
function keptOilFindings({ potOil, guests = [] }: Pick<Kitchen, 'potOil' | 'guests'>): Finding[] {
  if (!potOil) return [];
  const found: Finding[] = [];
  const values = { uses: potOil.uses, smokeC: potOil.smokeC };
  if (potOil.advice === 'discard') found.push({ code: 'fry.oil-discard', tone: 'stop', values });
  if (potOil.advice === 'last-time') found.push({ code: 'fry.oil-last', tone: 'look-out', values });
  if (potOil.advice === 'strain') found.push({ code: 'fry.oil-strain', tone: 'look-out', values });
  const allergic = guests
    .filter((one) => one.allergies.some((a) => potOil.allergens.includes(a)))
    .reduce((sum, one) => sum + one.count, 0);
  if (allergic > 0) found.push({ code: 'fry.oil-allergen', tone: 'stop', values: { allergic } });
  return found;
}

/** A seam that may open is worth a word about when. */
const SEAM_INDEX = 1.1;

function seamFindings({ seamPush, takeOutS }: Omit<FryPlan, 'findings'>): Finding[] {
  if (!seamPush || takeOutS === null) return [];
  const { worstS, holdsS, moments } = seamPush;
  if (Math.max(...moments.map((one) => one.index)) < SEAM_INDEX) return [];
  return [{ code: 'fry.seam', tone: 'look-out', values: { worstS, holdsS } }];
}

/** A bread puffs when its upper wall is cooked before steam finds a way out: by basting, or by holding it under. */
function puffFindings({ shape, fry }: TrayDraft): Finding[] {
  if (!shapeOf(shape).puffs || fry.turn === 'basted' || fry.turn === 'held-under') return [];
  return [{ code: 'fry.not-basted', tone: 'look-out', values: {} }];
}

/** From so much over the wanted oil on, pieces float; so much under, the middle stays dry. */
const TOO_DEEP = 1.5;
const TOO_SHALLOW = 0.75;

function depthFindings({ halfDepthM3 }: Omit<FryPlan, 'findings'>, oilM3: number): Finding[] {
  if (halfDepthM3 === null) return [];
  const values = { needM3: halfDepthM3, haveM3: oilM3 };
  if (oilM3 > TOO_DEEP * halfDepthM3) return [{ code: 'fry.half-too-deep', tone: 'look-out', values }];
  if (oilM3 < TOO_SHALLOW * halfDepthM3) return [{ code: 'fry.half-too-shallow', tone: 'look-out', values }];
  return [{ code: 'fry.half-depth', tone: 'good', values }];
}

/** s between two loads while rising oil is let down again; `null`: there is one load. */
function coolAgainS({ loads, takeOutS }: Omit<FryPlan, 'findings'>): number | null {
  const [first, second] = loads?.loadStartsS ?? [];
  return first === undefined || second === undefined || takeOutS === null
    ? null
    : Math.max(0, second - first - takeOutS);
}

function loadFindings(plan: Omit<FryPlan, 'findings'>, { oilC, ramp }: TrayDraft['fry']): Finding[] {
  const found: Finding[] = [];
  const { loads, range, levels, solution } = plan;
  const { burner } = plan;
  if (ramp) {
    const values = { fromC: oilC, toC: ramp.outC, overS: ramp.overS, coolS: coolAgainS(plan) };
    found.push({ code: 'fry.ramp', tone: 'know', values });
  }
  if (burner) {
    const values = { ...burner, loadSetting: loads?.loadSetting ?? burner.holdSetting, mostC: range.most };
    found.push({ code: 'fry.burner', tone: 'know', values });
  } else found.push({ code: 'fry.burner-weak', tone: 'stop', values: {} });
  if (loads) {
    const values = { size: loads.loadSize, lowestC: loads.lowestC, leastC: range.least, underS: loads.underRangeS };
    if (loads.everyS !== null && loads.lowestC >= range.least) {
      const flow = { size: loads.loadSize, everyS: loads.everyS, lowestC: loads.lowestC };
      found.push({ code: 'fry.pipeline', tone: 'good', values: flow });
    } else
      found.push(
        loadHolds(loads, oilC, solution.turnsS[0] ?? null)
          ? { code: 'fry.load-holds', tone: 'good', values }
          : { code: 'fry.load-deep', tone: 'look-out', values },
      );
    if (loads.loadSize > plan.hands) {
      found.push({ code: 'fry.hands', tone: 'look-out', values: { size: loads.loadSize, hands: plan.hands } });
    }
    if (loads.loadSize > plan.room) {
      found.push({ code: 'fry.pot-full', tone: 'look-out', values: { size: loads.loadSize, room: plan.room } });
    }
  }
  const { aloneShare: mostAlone, withLoadShare: mostWithLoad, leastFreeM } = LIMITS.pot;
  if (levels.withLoad > mostWithLoad || levels.oilAlone > mostAlone + 1e-9 || levels.freeM < leastFreeM) {
    found.push({
      code: 'fry.pot-over-half',
      tone: 'stop',
      values: {
        oilAlone: levels.oilAlone,
        withLoad: levels.withLoad,
        freeM: levels.freeM,
        mostAlone,
        mostWithLoad,
        leastFreeM,
      },
    });
  }
  return found;
}
