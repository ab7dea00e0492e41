import type { Portioning, PortionRun } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../../printer';

/** The weights in a text, and the first word that is not a weight. */
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

/** What several weighings in a row show, and what to do about it. */
export function portionText(run: PortionRun, wantedKg: number, p: Printer): string {
  const { count, meanKg, spread, worstKg, worstIndex, driftKg } = run;
  const figures = `${count} weighed: ${p.mass(meanKg)} on average, differing by ${plain(100 * spread)} %. Number ${worstIndex + 1} is furthest off at ${p.mass(worstKg)}.`;
  switch (run.verdict) {
    case 'even':
      return `${figures} They are even.`;
    case 'off': {
      const off = meanKg - wantedKg;
      return `${figures} All are ${p.mass(Math.abs(off))} too ${off > 0 ? 'heavy' : 'light'}: correct the first one and match the others to it.`;
    }
    case 'drifts':
      return `${figures} They get ${driftKg > 0 ? 'heavier' : 'lighter'} by ${p.mass(Math.abs(driftKg))} from first to last: weigh every fourth.`;
    case 'uneven':
      return `${figures} One is far from the rest: weigh each instead of cutting by eye.`;
    default: {
      const never: never = run.verdict;
      return never;
    }
  }
}

/** How many whole portions there are, and what to do with the rest. */
export function portioningText(of: 'dough' | 'filling', whole: Portioning, printer: Printer): string {
  const { count, leftKg, eachForCountKg, eachForOneMoreKg } = whole;
  const name = of === 'dough' ? 'Dough' : 'Filling';
  if (eachForCountKg === null) return `${name}: not enough for one.`;
  const even = leftKg < 0.0005 * count + 0.001;
  if (even) return `${name}: ${count} portions, nothing left over.`;
  const rest = of === 'dough' ? 'make a plain piece from the rest, or work it into the next dough' : 'freeze the rest';
  return `${name}: ${count} portions and ${printer.mass(leftKg)} left over; ${rest}. Or make ${count} of ${printer.mass(eachForCountKg)}, or ${count + 1} of ${printer.mass(eachForOneMoreKg)}.`;
}
