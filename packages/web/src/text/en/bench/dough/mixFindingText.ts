import { counted } from '../../shared/plural';
import type { Finding, ValuesOf } from '@ember-fold/core/plan';
import { type MixSentences, sayBy } from '../../shared/findingText';
import { plain, type Printer } from '../../../printer';
import { FAMILY_WORDS } from '../../shared/familyWords';

const percent = (value: number): string => `${plain(value, 1)} %`;
/** @example counted(1, 'piece') // "1 piece" */

/** A percentage outside a family's range, and the grams that bring it back to the nearest limit. */
const outside =
  (what: string, unit: string) =>
  ({ percent: now, least, most, moreKg }: ValuesOf<'dough.fat-outside'>, p: Printer): string =>
    `${what} is ${percent(now)}. This family uses ${plain(least)} to ${plain(most)} %: use ${p.mass(Math.abs(moreKg))} ${moreKg > 0 ? 'more' : 'less'} ${unit}.`;

/** The sentences of Dough and Filling. They are loaded with their stations. */
const SENTENCES: MixSentences = {
  'dough.portion-small': ({ portionKg, eachKg }, p) =>
    `A dough portion of ${p.mass(portionKg)} is not enough for one piece, which takes ${p.mass(eachKg)}. Make fewer portions.`,
  'dough.no-flour': () => 'The formula has no flour yet. Add one to see stiffness and water.',
  'dough.firm': ({ stiffness, least, most }) =>
    `Stiffness ${plain(stiffness)} is right. This dough should be between ${plain(least)} and ${plain(most)}.`,
  'dough.too-stiff': ({ stiffness, waterKg }, p) =>
    `The dough is too stiff, ${plain(stiffness)} of 10: add ${p.mass(waterKg)} of water.`,
  'dough.too-slack': ({ stiffness, waterKg, flourKg }, p) =>
    `The dough is too soft, ${plain(stiffness)} of 10: add ${p.mass(flourKg)} of flour, or use ${p.mass(waterKg)} less water.`,
  'dough.fist-holds': ({ percent: fat }) => `Fat is ${percent(fat)}. A squeezed fistful keeps its shape.`,
  'dough.fist-crumbles': ({ percent: fat, moreKg }, p) =>
    `Fat is ${percent(fat)}. A squeezed fistful holds, then crumbles. It needs ${p.mass(moreKg)} more fat to hold.`,
  'dough.fist-fails': ({ percent: fat, moreKg }, p) =>
    `Fat is ${percent(fat)}. A squeezed fistful falls apart. It needs ${p.mass(moreKg)} more fat to hold.`,
  'dough.fat-outside': outside('Fat', 'fat'),
  'dough.water-outside': outside('Water from all ingredients', 'water'),
  'dough.sugar-outside': outside('Sugar', 'sugar'),
  'dough.salt-high': ({ percent: salt, usual, lessKg }, p) =>
    `Salt is ${percent(salt)} of the flour, which tastes salty. Use ${p.mass(lessKg)} less for ${percent(usual)}.`,
  'dough.hold-back': ({ firstKg, reserveKg, spoonPoints }, p) =>
    `Pour in ${p.water(firstKg)} of water first and keep back ${p.water(reserveKg)}. Add the rest a tablespoon at a time: each is ${plain(spoonPoints)} % of the flour.`,
  'dough.butter-water': ({ butterKg, waterKg }, p) =>
    `${p.mass(butterKg)} of butter contains ${p.mass(waterKg)} of water. It is included.`,
  'dough.boil-off': ({ waterKg, massKg }, p) =>
    `${p.mass(waterKg)} of water boils off. Weigh the pot: the dough should weigh ${p.mass(massKg)}.`,
  'dough.egg-water': ({ waterKg, points }, p) =>
    `The eggs contain ${p.mass(waterKg)} of water, ${plain(points)} % of the flour. It is included.`,
  'dough.bran-drinks': ({ points, waterKg, waitS }, p) =>
    `Bran takes up ${p.mass(waterKg)} more water, ${plain(points)} % of the flour. Wait ${p.span(waitS)} after mixing before you add any.`,
  'dough.no-stretch': ({ percent: without, mostPercent }) =>
    `${percent(without)} of the flour has no gluten, so rims crack and tear. Stay below ${percent(mostPercent)} in this family.`,
  'dough.edge-cracks': () =>
    'If the edges crack, the dough is too dry. Add water a spoonful at a time, and press the dough instead of rolling it.',
  'dough.no-yeast': ({ yeastKg }, p) => `There is too little yeast to rise. Add ${p.mass(yeastKg)} of instant yeast.`,
  'dough.sugar-slows': ({ percent: sugar }) =>
    `Sugar is ${percent(sugar)} of the flour, which slows the yeast. Allow a longer rise.`,
  'dough.yeast-much': ({ percent: yeast, least, most }) =>
    `Yeast is ${percent(yeast)} of the flour, and you will taste it. ${plain(least)} to ${plain(most)} % of instant yeast is usual.`,
  'dough.no-second': () => 'There is no fat dough yet. Add fat and flour to the second dough.',
  'dough.part-ratio': ({ ratio, least, most }) =>
    `The water dough weighs ${plain(ratio)} times as much as the fat dough. ${plain(least)} to ${plain(most)} times wraps and layers well.`,
  'dough.other-family': ({ family }) =>
    `These figures suit another family better: ${FAMILY_WORDS[family].name.toLowerCase()}. Choose that one, or use the worked formula of this one.`,
  'dough.pour-at': ({ waterC, doughC }, p) => `Use water at ${p.temp(waterC)} to get a dough at ${p.temp(doughC)}.`,
  'dough.pour-ice': ({ iceKg, doughC }, p) =>
    `Replace ${p.mass(iceKg)} of the water with ice to get a dough at ${p.temp(doughC)}.`,
  'dough.pour-hot': ({ waterC, mostC }, p) =>
    `The flour is so cold that the water would have to be ${p.temp(waterC)}. Above ${p.temp(mostC)} it weakens the yeast: warm the flour and let the dough rise longer.`,
  'dough.liquid-kills': ({ liquidC, mostC }, p) =>
    `Liquid at ${p.temp(liquidC)} kills the yeast, and the dough will not rise. Let it cool below ${p.temp(mostC)}. If the yeast is already in, start again with new yeast.`,
  'dough.liquid-hot': ({ liquidC, mostC, share }, p) =>
    `Liquid at ${p.temp(liquidC)} weakens the yeast: about ${p.percent(share)} of it survives. Stay below ${p.temp(mostC)}.`,
  'dough.liquid-cold': ({ liquidC, leastC, mostC }, p) =>
    `Yeast starts slowly in liquid at ${p.temp(liquidC)}. Pour it in at ${p.temp(leastC)} to ${p.temp(mostC)}.`,
  'dough.mixed': ({ doughC, wantedC, measured }, p) =>
    `The dough ${measured ? 'was' : 'will be'} at ${p.temp(doughC)} after kneading. ${p.temp(wantedC)} is usual; a warmer dough rises sooner.`,
  'dough.rise': ({ soonestS, doubleS, latestS, roomC }, p) =>
    `The dough doubles in about ${p.span(doubleS)} at ${p.temp(roomC)}, between ${p.span(soonestS)} and ${p.span(latestS)}. Judge it by the poke test.`,
  'dough.rise-never': ({ roomC, withinS }, p) =>
    `At ${p.temp(roomC)} the dough does not double within ${p.span(withinS)}. Put it somewhere warmer.`,
  'dough.rise-fridge': ({ doubleS, fridgeC, keeps }, p) =>
    `In the fridge at ${p.temp(fridgeC)} it doubles in ${p.span(doubleS)}: ${keeps ? 'you can leave it overnight' : 'that is too fast to leave it overnight'}.`,
  'dough.bloom': ({ yeastKg, liquidKg, leastC, mostC, leastS, mostS }, p) =>
    `Stir ${p.mass(yeastKg)} of yeast into ${p.mass(liquidKg)} of the liquid at ${p.temp(leastC)} to ${p.temp(mostC)}. Wait ${plain(leastS / 60, 0)} to ${p.span(mostS)} until it foams.`,
  'dough.proof': ({ doubleS, proofS, place }, p) =>
    `Knock the dough back after ${p.span(doubleS)} ${place === 'fridge' ? 'in the fridge' : 'at room temperature'}. Proof the filled pieces for ${p.span(proofS)} under a cloth.`,
  'dough.cold-firm': ({ stiffness, fridgeC }, p) =>
    `Straight from the fridge at ${p.temp(fridgeC)} the dough feels like stiffness ${plain(stiffness)}. Let it warm up before you roll it; add no water.`,
  'filling.room-warm': ({ roomC, fridgeC }, p) =>
    `At a room temperature of ${p.temp(roomC)} the filling never gets cold enough. Cool it in the fridge to ${p.temp(fridgeC)}.`,
  'filling.none': () => 'These pieces have no filling. Add an ingredient to fill them.',
  'filling.empty': () => 'The filling is empty. Add its first ingredient.',
  'filling.sweet': ({ percent: salt }) => `This is a sweet filling with ${percent(salt)} of salt.`,
  'filling.salt-right': ({ percent: salt, least, most }) =>
    `Salt is ${percent(salt)} of the cooked filling. ${plain(least)} to ${plain(most)} % is right.`,
  'filling.salt-low': ({ percent: salt, least, saltKg }, p) =>
    `Salt is ${percent(salt)} of the cooked filling. Add ${p.mass(saltKg)} for ${percent(least)}.`,
  'filling.salt-high': ({ percent: salt, most, saltKg }, p) =>
    `Salt is ${percent(salt)} of the cooked filling. Use ${p.mass(saltKg)} less for ${percent(most)}.`,
  'filling.cook-dry': ({ withPanKg, boiledKg }, p) =>
    `Boil off ${p.mass(boiledKg)} of water, down to ${p.mass(withPanKg)} with the pan.`,
  'filling.salt-parts': ({ partsKg, saltKg }, p) =>
    `${p.mass(partsKg)} of the ${p.mass(saltKg)} of salt comes from salty ingredients. Taste before you salt.`,
  'filling.strain': ({ juiceKg, reducedKg }, p) =>
    `Strain it: about ${p.mass(juiceKg)} of juice runs off. Boil the juice down to ${p.mass(reducedKg)}, then fold it back in off the heat.`,
  'filling.juice-short': ({ juiceKg, boiledKg }, p) =>
    `Only about ${p.mass(juiceKg)} of juice runs off, but ${p.mass(boiledKg)} of water has to go. Cook off the rest in the pan.`,
  'filling.squeeze': ({ targetKg, boiledKg }, p) =>
    `Salt it, wait 15 minutes and squeeze out ${p.mass(boiledKg)} of liquid, until it weighs ${p.mass(targetKg)}. Some salt is lost with the water.`,
  'filling.boil-clear': () => 'Bring it to the boil and stir until it turns clear. Only then is the starch cooked.',
  'filling.thick': ({ freeKg }, p) => `The filling is thick: only ${p.mass(freeKg)} of its liquid is loose.`,
  'filling.loose': ({ freeKg }, p) =>
    `The filling is loose: ${p.mass(freeKg)} of its liquid is not bound. Cook it drier or thicken it, so that the seam holds.`,
  'filling.runs': ({ freeKg }, p) =>
    `The filling is runny: ${p.mass(freeKg)} of free liquid will loosen the seam. Cook it drier or thicken it.`,
  'filling.cooked': ({ targetC }, p) =>
    `All of it has been cooked and is reheated: the middle must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.cooked-today': ({ targetC }, p) =>
    `All of it is cooked today. If it is kept and reheated, the middle must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.raw': ({ targetC }, p) =>
    `Part of it is raw. Probe every piece: the middle must reach ${p.temp(targetC)}. Keep it cold, do not taste it, and do not thaw it on the worktop. Local rules come first.`,
  'filling.raw-unsaid': ({ targetC }, p) =>
    `Something new in it may be raw. Say whether every part is cooked before you fold it in. Until then it is planned as raw: the middle must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.raw-vegetables': ({ targetC }, p) =>
    `Raw vegetables give off water in the oil. Cut them small, then salt and squeeze them. The middle should reach ${p.temp(targetC)}.`,
  'filling.ice': ({ iceKg }, p) => `Have ${p.mass(iceKg)} of ice ready for the cold-water bath.`,
  'filling.ahead-keeps': ({ days, most }) =>
    `It is made ${counted(days, 'day')} ahead and kept covered in the fridge. It keeps for ${counted(most, 'day')}.`,
  'filling.ahead-long': ({ days, most }) =>
    most === 0
      ? 'This filling does not keep: mix raw ingredients on the day.'
      : `It does not keep for ${counted(days, 'day')}. With these ingredients, ${counted(most, 'day')} is the limit. Freeze it, or cook it later.`,
  'filling.ahead-slow': ({ to5S, targetC, limitS }, p) =>
    `To keep overnight it must cool to ${p.temp(targetC)} within ${p.span(limitS)}. This takes ${p.span(to5S)} or more. Spread it thinner, or use two dishes.`,
  'filling.spoon': ({ eachKg, eachM3 }, p) =>
    `Each piece takes ${p.mass(eachKg)}, a level scoop of ${p.volume(eachM3)}.`,
  'filling.cool-safe': ({ to21S, foldS, depthM, targetC }, p) =>
    `Spread ${p.length(depthM)} deep, it reaches ${p.temp(targetC)} in ${p.span(to21S)} and is ready to fold in ${p.span(foldS)}.`,
  'filling.cool-slow': ({ to21S, depthM, targetC, fromC, limitS }, p) =>
    `Spread ${p.length(depthM)} deep, it cools too slowly: ${p.span(to21S)} or more to ${p.temp(targetC)}. The usual limit is ${p.span(limitS)} from ${p.temp(fromC)}. Spread it thinner, split it, or set it in iced water.`,
  'filling.cool-split': ({ savedS, dishes }, p) =>
    `In ${plain(dishes, 0)} dishes it is ready ${p.span(savedS)} sooner.`,
  'filling.too-deep': ({ depthM, mostM }, p) =>
    `The filling is ${p.length(depthM)} deep in this dish. Deeper than ${p.length(mostM)}, it never cools safely. Use a larger dish or several.`,
};

export const mixFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);
