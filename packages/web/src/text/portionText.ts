import type { Portioning, PortionRun } from '@ember-fold/core';
import { plain, type Printer } from './printer';

/** Weights typed one after the other, and the first thing that is none. */
export function readWeights(text: string, p: Printer): { weightsKg: number[]; wrong: string | null } {
  const weightsKg: number[] = [];
  for (const token of text.split(/[\s;]+/).filter(Boolean)) {
    const kg = p.readMass(token, 1000);
    if (kg === null || !(kg >= 1e-4 && kg <= 5) || weightsKg.length >= 500)
      return { weightsKg, wrong: token.slice(0, 20) };
    weightsKg.push(kg);
  }
  return { weightsKg, wrong: null };
}

/** What a run of weighings says, and what to do about it. */
export function portionText(run: PortionRun, wantedKg: number, p: Printer): string {
  const { count, meanKg, spread, worstKg, worstIndex, driftKg } = run;
  const figures = `${count} weighed: ${p.mass(meanKg)} on average, spread ${plain(100 * spread)} %, furthest off ${p.mass(worstKg)}, number ${worstIndex + 1}.`;
  switch (run.verdict) {
    case 'even':
      return `${figures} They are alike.`;
    case 'off': {
      const off = meanKg - wantedKg;
      return `${figures} All ${p.mass(Math.abs(off))} too ${off > 0 ? 'heavy' : 'light'}: set the first one right and match it.`;
    }
    case 'drifts':
      return `${figures} They grow ${driftKg > 0 ? 'heavier' : 'lighter'} by ${p.mass(Math.abs(driftKg))} from first to last: weigh every fourth.`;
    case 'uneven':
      return `${figures} One is far from the rest: weigh each rather than cut by eye.`;
    default: {
      const never: never = run.verdict;
      return never;
    }
  }
}

/** Whole portions both ways, and what to do with the rest. */
export function portioningText(of: 'dough' | 'filling', whole: Portioning, printer: Printer): string {
  const { count, leftKg, eachForCountKg, eachForOneMoreKg } = whole;
  const name = of === 'dough' ? 'Dough' : 'Filling';
  if (eachForCountKg === null) return `${name}: not enough for one.`;
  const even = leftKg < 0.0005 * count + 0.001;
  if (even) return `${name}: ${count} portions, nothing over.`;
  const rest = of === 'dough' ? 'roll the rest into a plain piece, or back into the next' : 'freeze the rest';
  return `${name}: ${count} portions and ${printer.mass(leftKg)} over; ${rest}. Or ${count} of ${printer.mass(eachForCountKg)}, or ${count + 1} of ${printer.mass(eachForOneMoreKg)}.`;
}
