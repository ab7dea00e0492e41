import type { Finding } from '../batch/finding.js';
import type { CoolingResult, CoolingSpec } from './coolFilling.js';
import { type FillingFigures, SALT_BAND } from './fillingFigures.js';

/**
 * Salt, cooking dry and cooling of one filling.
 * @param cooling `null` when the dish would be too deep to cool safely
 * @param split the same filling in two such dishes; `null` when that is too deep as well
 */
export function fillingFindings(
  figures: FillingFigures,
  depthM: number,
  spec: CoolingSpec | null,
  cooling: CoolingResult | null,
  split: CoolingResult | null,
): Finding[] {
  if (!(figures.rawKg > 0)) return [{ code: 'filling.empty', tone: 'stop', values: {} }];
  const found: Finding[] = [];
  const percent = figures.saltPercent;
  const saltTo = (target: number) => ((target - percent) / 100) * figures.targetKg;
  // A sweet filling is not salted like a savoury one.
  const sweet = figures.totals.parts.sugar > 0.08 * figures.targetKg;
  if (sweet && percent <= SALT_BAND.most) {
    found.push({ code: 'filling.sweet', tone: 'good', values: { percent } });
  } else if (percent < SALT_BAND.least) {
    found.push({ code: 'filling.salt-low', tone: 'know', values: { percent, saltKg: saltTo(SALT_BAND.least) } });
  } else if (percent > SALT_BAND.most) {
    found.push({ code: 'filling.salt-high', tone: 'look-out', values: { percent, saltKg: -saltTo(SALT_BAND.most) } });
  } else {
    found.push({ code: 'filling.salt-right', tone: 'good', values: { percent } });
  }
  found.push({
    code: 'filling.cook-dry',
    tone: 'know',
    values: { targetKg: figures.targetKg, withPanKg: figures.targetWithPanKg, boiledKg: figures.boiledOffKg },
  });
  if (!spec || !cooling) {
    found.push({ code: 'filling.too-deep', tone: 'stop', values: { depthM } });
    return found;
  }
  const to21S = cooling.to21S ?? Infinity;
  if (cooling.passesFirstMark && cooling.toFoldS !== null) {
    found.push({ code: 'filling.cool-safe', tone: 'good', values: { to21S, foldS: cooling.toFoldS, depthM } });
  } else {
    // A filling that stays warm past the usual limit is a matter of health, never of taste.
    found.push({ code: 'filling.cool-slow', tone: 'stop', values: { to21S: Math.min(to21S, 12 * 3600), depthM } });
  }
  const splitS = split?.toFoldS;
  const wholeS = cooling.toFoldS ?? Infinity;
  if (splitS != null && wholeS - splitS > 600) {
    found.push({
      code: 'filling.cool-split',
      tone: 'know',
      values: { splitS, savedS: Math.min(wholeS, 12 * 3600) - splitS },
    });
  }
  return found;
}
