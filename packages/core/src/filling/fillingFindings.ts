import { MOST_DEPTH_M } from './coolFilling.js';
import { LIMITS } from '../limits/limits.js';
import type { Finding } from '../draft/finding.js';
import type { CoolingResult } from './coolFilling.js';
import { type FillingFigures, SALT_RANGE } from './fillingFigures.js';
import { keepsDays } from './fillingSafety.js';
import { FREE_RANGE } from './freeLiquid.js';
import { type FillingMethod, type RawPart } from '../draft/choices.js';

/** What the findings look at besides the figures. */
export interface FillingCase {
  readonly figures: FillingFigures;
  readonly method: FillingMethod;
  readonly raw: RawPart | null;
  /** Whether the cook has yet to say so. */
  readonly rawUnsaid: boolean;
  readonly coreTargetC: number;
  readonly aheadDays: number;
  /** kg of ice the bath needs; `null` elsewhere. */
  readonly iceKg: number | null;
  /** It is spread in. */
  readonly dishes: number;
  readonly depthM: number;
  /** One thing that is wrapped, an egg or the like: no paste, so none of it runs. */
  readonly whole: boolean;
  /** Mixed raw: it was never hot, and nothing of it cools. */
  readonly uncooked: boolean;
  /** `null` when the dish would be too deep to cool safely. */
  readonly cooling: CoolingResult | null;
  /** The same filling in twice as many dishes; `null` when that is too deep as well. */
  readonly split: CoolingResult | null;
}

const SEA: readonly string[] = ['fish', 'crustaceans', 'molluscs'];
const MOST_S = 12 * 3600;

/** Salt, liquid, cooking dry, raw parts, keeping and cooling of one filling. */
export function fillingFindings(of: FillingCase): Finding[] {
  if (!(of.figures.rawKg > 0)) return [{ code: 'filling.empty', tone: 'stop', values: {} }];
  return [
    ...saltFindings(of.figures),
    ...liquidFindings(of),
    ...rawFindings(of),
    ...(of.uncooked ? [] : coolingFindings(of)),
    ...aheadFindings(of),
  ];
}

function saltFindings(figures: FillingFigures): Finding[] {
  const found: Finding[] = [];
  const percent = figures.saltPercent;
  const saltTo = (target: number) => ((target - percent) / 100) * figures.targetKg;
  // A sweet filling is not salted like a savoury one.
  const sweet = figures.totals.parts.sugar > 0.08 * figures.targetKg;
  if (sweet && percent <= SALT_RANGE.most) {
    found.push({ code: 'filling.sweet', tone: 'good', values: { percent } });
  } else if (percent < SALT_RANGE.least) {
    found.push({
      code: 'filling.salt-low',
      tone: 'know',
      values: { percent, least: SALT_RANGE.least, saltKg: saltTo(SALT_RANGE.least) },
    });
  } else if (percent > SALT_RANGE.most) {
    found.push({
      code: 'filling.salt-high',
      tone: 'look-out',
      values: { percent, most: SALT_RANGE.most, saltKg: -saltTo(SALT_RANGE.most) },
    });
  } else {
    found.push({ code: 'filling.salt-right', tone: 'good', values: { percent, ...SALT_RANGE } });
  }
  const saltKg = (percent / 100) * figures.targetKg;
  if (figures.saltFromPartsKg > 0.001 && figures.saltFromPartsKg > 0.2 * saltKg) {
    found.push({ code: 'filling.salt-parts', tone: 'know', values: { partsKg: figures.saltFromPartsKg, saltKg } });
  }
  return found;
}

function liquidFindings({ figures, method, uncooked, whole }: FillingCase): Finding[] {
  const found: Finding[] = [];
  const { targetKg, targetWithPanKg, boiledOffKg, freeKg, juiceKg, juiceReducedKg } = figures;
  const values = { targetKg, withPanKg: targetWithPanKg, boiledKg: boiledOffKg };
  switch (method) {
    case 'pan':
      if (!uncooked) found.push({ code: 'filling.cook-dry', tone: 'know', values });
      break;
    case 'strain':
      found.push(
        juiceReducedKg < 0.1 * juiceKg
          ? { code: 'filling.juice-short', tone: 'look-out', values: { juiceKg, boiledKg: boiledOffKg } }
          : { code: 'filling.strain', tone: 'know', values: { juiceKg, reducedKg: juiceReducedKg } },
      );
      break;
    case 'squeeze':
      found.push({ code: 'filling.squeeze', tone: 'know', values });
      break;
    case 'thicken':
      found.push({ code: 'filling.boil-clear', tone: 'know', values: {} });
      break;
    default: {
      const never: never = method;
      return never;
    }
  }
  if (whole) return found;
  const share = targetKg > 0 ? freeKg / targetKg : 0;
  const wet = { freeKg, share };
  if (share > FREE_RANGE.runs) found.push({ code: 'filling.runs', tone: 'look-out', values: wet });
  else if (share > FREE_RANGE.stays) found.push({ code: 'filling.loose', tone: 'know', values: wet });
  else found.push({ code: 'filling.thick', tone: 'good', values: wet });
  return found;
}

function rawFindings({ raw, rawUnsaid, coreTargetC, aheadDays }: FillingCase): Finding[] {
  if (rawUnsaid) return [{ code: 'filling.raw-unsaid', tone: 'look-out', values: { targetC: coreTargetC } }];
  if (raw === null) {
    const code = aheadDays > 0 ? 'filling.cooked' : 'filling.cooked-today';
    return [{ code, tone: 'know', values: { targetC: coreTargetC } }];
  }
  if (raw === 'vegetables') return [{ code: 'filling.raw-vegetables', tone: 'know', values: { targetC: coreTargetC } }];
  return [{ code: 'filling.raw', tone: 'look-out', values: { targetC: coreTargetC } }];
}

function coolingFindings({ figures, cooling, split, dishes, depthM, iceKg }: FillingCase): Finding[] {
  if (!cooling)
    return [
      { code: 'filling.too-deep', tone: 'stop', values: { depthM, massKg: figures.targetKg, mostM: MOST_DEPTH_M } },
    ];
  const found: Finding[] = [];
  const to21S = cooling.to21S ?? Infinity;
  if (cooling.passesFirstTarget && cooling.toFoldS !== null) {
    found.push({
      code: 'filling.cool-safe',
      tone: 'good',
      values: { to21S, foldS: cooling.toFoldS, depthM, targetC: LIMITS.cooling.firstC },
    });
  } else {
    // A filling that stays warm past the usual limit is a matter of health, never of taste.
    const { fromC, firstC, firstS } = LIMITS.cooling;
    const values = { to21S: Math.min(to21S, MOST_S), depthM, targetC: firstC, fromC, limitS: firstS };
    found.push({ code: 'filling.cool-slow', tone: 'stop', values });
  }
  const splitS = split?.toFoldS;
  const wholeS = cooling.toFoldS ?? Infinity;
  if (splitS != null && wholeS - splitS > 600) {
    found.push({
      code: 'filling.cool-split',
      tone: 'know',
      values: { splitS, savedS: Math.min(wholeS, MOST_S) - splitS, dishes: 2 * dishes },
    });
  }
  if (iceKg !== null) found.push({ code: 'filling.ice', tone: 'know', values: { iceKg } });
  return found;
}

function aheadFindings({ figures, raw, aheadDays, cooling }: FillingCase): Finding[] {
  if (aheadDays <= 0) return [];
  const most = keepsDays(
    raw,
    figures.totals.allergens.some((a) => SEA.includes(a)),
  );
  const found: Finding[] = [
    aheadDays > most
      ? { code: 'filling.ahead-long', tone: 'stop', values: { days: aheadDays, most } }
      : { code: 'filling.ahead-keeps', tone: 'good', values: { days: aheadDays, most } },
  ];
  // Kept overnight it has to get cold, not only cool.
  if (cooling && !cooling.passesSecondMark) {
    const { firstS, secondC, secondS } = LIMITS.cooling;
    const values = { to5S: cooling.to5S ?? MOST_S, targetC: secondC, limitS: firstS + secondS };
    found.push({ code: 'filling.ahead-slow', tone: 'stop', values });
  }
  return found;
}
