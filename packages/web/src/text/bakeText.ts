import type { BakePlan, SplitPlan } from '@ember-fold/core';
import { plain, type Printer } from './printer';

/** What the oven makes of it, and how to use it beside the pot. */
export function bakeText(plan: BakePlan | null, washed: boolean, p: Printer): readonly string[] {
  if (!plan) return ['There is no piece to bake: the Fold station says why.'];
  const { outS, doneS, goldenS, darkS, rescueS, darkFirst, oven } = plan;
  const lines = [
    outS === null
      ? 'Not both cooked and golden within an hour and a half: a hotter oven, or a wash.'
      : `About ${p.time(outS)}: cooked through at ${p.time(doneS!)}, golden at ${p.time(goldenS ?? outS)}${darkS === null ? '' : `, too dark from ${p.time(darkS)}`}. Turn the tray once, half way.`,
  ];
  if (darkFirst)
    lines.push(
      'They are too dark before they are done inside: a cooler oven, thinner dough, or foil over them half way.',
    );
  if (oven.bakes > 0) {
    lines.push(
      `This oven heats ${plain(oven.factor)} times as much as usual (${plain(oven.low)} to ${plain(oven.high)}), from ${oven.bakes === 1 ? 'one bake' : `${oven.bakes} bakes`}.`,
    );
  }
  lines.push(
    washed
      ? 'The coat or wash is counted; brush it on just before the oven.'
      : 'Unwashed it stays pale for long: egg or milk is brushed on in Seal and coat.',
  );
  if (rescueS !== null) {
    lines.push(
      `A piece that opens half way in the oil: lift it, drain it, finish it in the oven; 20 to 25 min at ${p.temp(175)} is the usual guide, and by these figures never under ${p.time(rescueS)}. Skim the oil.`,
    );
  }
  lines.push('Baked pieces keep longer and brown less evenly. Every oven is its own: cut the first one open.');
  return lines;
}

/** How many go to the oven so that oven and pot are done soonest together. */
export function splitText(split: SplitPlan | null, p: Printer): string {
  if (!split) return 'Dividing this batch between pot and oven saves no time.';
  const { baked, trays, fried, totalS, allFriedS } = split;
  const tray = trays === 1 ? 'one tray' : `${trays} trays`;
  const rest = fried === 0 ? 'none in the pot' : `${fried} in the pot beside them`;
  return `Divided: ${baked} in the oven on ${tray}, ${rest}: ${p.span(totalS)} instead of ${p.span(allFriedS)}. The cook stays at the pot.`;
}
