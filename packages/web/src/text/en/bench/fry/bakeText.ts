import { plural } from '../../shared/plural';
import type { BakePlan, SplitPlan } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../../printer';

/** How the pieces bake, and how to use the oven alongside the pot. */
export function bakeText(plan: BakePlan | null, washed: boolean, p: Printer): readonly string[] {
  if (!plan) return ['There is no piece to bake: the Fold station says why.'];
  const { outS, doneS, goldenS, darkS, rescueS, darkFirst, oven } = plan;
  const lines = [
    outS === null
      ? 'They are not both cooked and golden within an hour and a half. Use a hotter oven, or brush them with egg or milk.'
      : `About ${p.time(outS)}: cooked through after ${p.time(doneS!)}, golden after ${p.time(goldenS ?? outS)}${darkS === null ? '' : `, too dark after ${p.time(darkS)}`}. Turn the tray once, halfway through.`,
  ];
  if (darkFirst)
    lines.push(
      'They are too dark before they are done inside. Use a cooler oven or thinner dough, or cover them with foil halfway through.',
    );
  if (oven.bakes > 0) {
    lines.push(
      `This oven heats ${plain(oven.factor)} times as much as usual (${plain(oven.low)} to ${plain(oven.high)}), based on ${plural(oven.bakes, 'one bake', `${oven.bakes} bakes`)}.`,
    );
  }
  lines.push(
    washed
      ? 'The coating or egg wash is included; brush it on just before baking.'
      : 'Without egg or milk they stay pale for a long time. Add a wash under Seal and coating.',
  );
  if (rescueS !== null) {
    lines.push(
      `If a piece bursts in the oil, take it out, drain it, and finish it in the oven: 20 to 25 min at ${p.temp(175)} is the usual guideline, and never less than ${p.time(rescueS)} as computed for these pieces. Skim the oil.`,
    );
  }
  lines.push('Baked pieces keep longer and brown less evenly. Ovens differ: cut the first piece open.');
  return lines;
}

/** How many pieces to bake so that oven and pot together finish soonest. */
export function splitText(split: SplitPlan | null, p: Printer): string {
  if (!split) return 'Dividing this batch between pot and oven saves no time.';
  const { baked, trays, fried, totalS, allFriedS } = split;
  const tray = plural(trays, 'one tray', `${trays} trays`);
  const rest = fried === 0 ? 'none in the pot' : `${fried} in the pot at the same time`;
  return `Divided: ${baked} in the oven on ${tray}, ${rest}. That takes ${p.span(totalS)} instead of ${p.span(allFriedS)}. Stay at the pot.`;
}
