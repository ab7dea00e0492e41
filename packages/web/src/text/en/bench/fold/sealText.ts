import { plural } from '../../shared/plural';
import type { BurstCauseId, Cutting, CutRoll, DryCoatingId, SealWith, WetCoatingId } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../../printer';

export const SEAL_WITH_NAME: Record<SealWith, string> = {
  none: 'nothing',
  water: 'water',
  'flour-paste': 'flour paste',
  'starch-slurry': 'starch slurry',
  egg: 'egg',
  milk: 'milk',
};
export const WET_NAME: Record<WetCoatingId, string> = {
  none: 'none',
  water: 'water',
  egg: 'egg',
  milk: 'milk',
  slurry: 'starch slurry',
};
export const DRY_NAME: Record<DryCoatingId, string> = {
  none: 'none',
  crumb: 'breadcrumbs',
  semolina: 'semolina',
  sesame: 'sesame',
  poppy: 'poppy seed',
};

/** The causes of burst seams, as rows of a list. */
export const CAUSE_NAME: Record<BurstCauseId, string> = {
  fill: 'How full it is',
  air: 'Air inside',
  wall: 'Wall next to the seam',
  wet: 'Loose liquid',
  seal: 'What seals the rim',
  floured: 'Flour on the rim',
  dried: 'Rim dried while waiting',
  'no-pinch': 'Final pinch',
  edge: 'Edge',
  narrow: 'Width of the seal',
};

/** A factor on the strain of a seam: "1.4 times the strain", "20 % less strain". */
export function factorText(factor: number): string {
  return factor > 1 ? `${plain(factor, 1)} times the strain` : `${Math.round((1 - factor) * 100)} % less strain`;
}

/** A share of pieces as cooks count them. */
export function shareText(share: number): string {
  return share > 0.4 ? 'half' : `1 in ${Math.round(1 / Math.max(share, 1e-4))}`;
}

/** One line for one rolling of dough. */
export function rollText(roll: CutRoll, index: number, printer: Printer): string {
  const { sheets, sheet, cuts, offcutKg, toughness } = roll;
  const size = `${printer.length(sheet.wideM)} by ${printer.length(sheet.highM)}`;
  const how = plural(sheets, `one sheet ${size}`, `${sheets} sheets ${size}`);
  const tough = toughness > 1.01 ? `, ${Math.round((toughness - 1) * 100)} % tougher` : '';
  const name = index === 0 ? 'First cut' : index === 1 ? 'Re-roll' : `Re-roll ${index}`;
  return `${name}: ${how}, ${cuts} cut, ${printer.mass(offcutKg)} left over${tough}.`;
}

/** Cutting compared with dividing by weight, in a sentence or two. */
export function cuttingText(cutting: Cutting, wanted: number, printer: Printer): string {
  const { pieces, byWeight, leftKg, lostKg, rolls } = cutting;
  if (rolls.length === 0) return 'This dough is not enough for one.';
  const again = rolls.slice(1).reduce((sum, roll) => sum + roll.cuts, 0);
  const first = rolls[0]!.cuts;
  const short = pieces < wanted ? ` That is ${wanted - pieces} short of ${wanted}.` : '';
  return `${pieces} pieces: ${first} from the first cut, ${again} from re-rolls. ${printer.mass(leftKg)} left over, ${printer.mass(lostKg)} lost on the board. Divided by weight, the same dough makes ${byWeight}.${short}`;
}
