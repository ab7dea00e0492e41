import type { Finding, ValuesOf } from '@ember-fold/core';
import { type MixSentences, sayBy } from './findingText';
import { plain, type Printer } from './printer';
import { FAMILY_NAME } from './words';

const percent = (value: number): string => `${plain(value, 1)} %`;
/** @example many(1, 'piece') // "1 piece" */
const many = (n: number, one: string, more = `${one}s`): string => `${plain(n, 0)} ${n === 1 ? one : more}`;

/** Percent against a family's band, and the grams that bring it to the edge. */
const outside =
  (what: string, unit: string) =>
  ({ percent: now, least, most, moreKg }: ValuesOf<'dough.fat-outside'>, p: Printer): string =>
    `${what} is ${percent(now)}. This family uses ${plain(least)} to ${plain(most)} %: take ${p.mass(Math.abs(moreKg))} ${moreKg > 0 ? 'more' : 'less'} ${unit}.`;

/** The same for Dough and Filling, which come with their stations. */
const SENTENCES: MixSentences = {
  'dough.lot-small': ({ lotKg, eachKg }, p) =>
    `A lot of ${p.mass(lotKg)} is less than one piece of ${p.mass(eachKg)} takes. Make fewer lots.`,
  'dough.no-flour': () => 'The formula has no flour yet. Add one to see stiffness and water.',
  'dough.firm': ({ stiffness, least, most }) =>
    `Stiffness ${plain(stiffness)} is right. This dough should lie between ${plain(least)} and ${plain(most)}.`,
  'dough.too-stiff': ({ stiffness, waterKg }, p) =>
    `The dough is too stiff, ${plain(stiffness)} of 10: add ${p.mass(waterKg)} water.`,
  'dough.too-slack': ({ stiffness, waterKg, flourKg }, p) =>
    `The dough is too soft, ${plain(stiffness)} of 10: add ${p.mass(flourKg)} flour, or take ${p.mass(waterKg)} less water.`,
  'dough.fist-holds': ({ percent: fat }) => `Fat is ${percent(fat)}. A squeezed fistful keeps its shape.`,
  'dough.fist-crumbles': ({ percent: fat, moreKg }, p) =>
    `Fat is ${percent(fat)}. A squeezed fistful holds, then crumbles. ${p.mass(moreKg)} more fat makes it hold.`,
  'dough.fist-fails': ({ percent: fat, moreKg }, p) =>
    `Fat is ${percent(fat)}. A squeezed fistful falls apart. ${p.mass(moreKg)} more fat makes it hold.`,
  'dough.fat-outside': outside('Fat', 'fat'),
  'dough.water-outside': outside('Water from all ingredients', 'water'),
  'dough.sugar-outside': outside('Sugar', 'sugar'),
  'dough.salt-high': ({ percent: salt, usual, lessKg }, p) =>
    `Salt is ${percent(salt)} of the flour and tastes salty. Take ${p.mass(lessKg)} less for ${percent(usual)}.`,
  'dough.hold-back': ({ firstKg, reserveKg, spoonPoints }, p) =>
    `Pour ${p.water(firstKg)} of water first and keep ${p.water(reserveKg)} back. Add it by the spoon: each tablespoon is ${plain(spoonPoints)} % of the flour.`,
  'dough.butter-water': ({ butterKg, waterKg }, p) =>
    `${p.mass(butterKg)} of butter holds ${p.mass(waterKg)} of water. It is counted.`,
  'dough.boil-off': ({ waterKg, massKg }, p) =>
    `${p.mass(waterKg)} of water boils off. Weigh the pot: the dough should be ${p.mass(massKg)}.`,
  'dough.egg-water': ({ waterKg, points }, p) =>
    `The eggs bring ${p.mass(waterKg)} of water, ${plain(points)} % of the flour. It is counted.`,
  'dough.bran-drinks': ({ points, waterKg, waitS }, p) =>
    `Bran takes up ${p.mass(waterKg)} more water, ${plain(points)} % of the flour. Wait ${p.span(waitS)} after mixing before you add any.`,
  'dough.no-stretch': ({ percent: without, mostPercent }) =>
    `${percent(without)} of the flour has no gluten, so rims crack and tear. Stay under ${percent(mostPercent)} in this family.`,
  'dough.edge-cracks': () => 'Edges that crack are too dry. Add water by the spoon, and press rather than roll.',
  'dough.no-yeast': ({ yeastKg }, p) => `There is too little yeast to rise. Add ${p.mass(yeastKg)} of instant yeast.`,
  'dough.sugar-slows': ({ percent: sugar }) => `Sugar is ${percent(sugar)} and slows the yeast. Plan a longer rise.`,
  'dough.yeast-much': ({ percent: yeast, least, most }) =>
    `Yeast is ${percent(yeast)} and will taste. ${plain(least)} to ${plain(most)} % instant yeast is usual.`,
  'dough.no-second': () => 'There is no fat dough yet. Add fat and flour to the second dough.',
  'dough.part-ratio': ({ ratio, least, most }) =>
    `The water dough weighs ${plain(ratio)} times the fat dough. ${plain(least)} to ${plain(most)} times wraps and opens well.`,
  'dough.other-family': ({ family }) =>
    `These numbers fit another family better: ${FAMILY_NAME[family].toLowerCase()}. Choose that one, or take the worked formula of this one.`,
  'dough.pour-at': ({ waterC, doughC }, p) => `Pour the water at ${p.temp(waterC)} for a dough of ${p.temp(doughC)}.`,
  'dough.pour-ice': ({ iceKg, doughC }, p) =>
    `Take ${p.mass(iceKg)} of the water as ice for a dough of ${p.temp(doughC)}.`,
  'dough.pour-hot': ({ waterC, mostC }, p) =>
    `The flour is so cold that the water would have to be ${p.temp(waterC)}. Over ${p.temp(mostC)} weakens yeast: warm the flour and let the dough rise longer.`,
  'dough.liquid-kills': ({ liquidC, mostC }, p) =>
    `Liquid of ${p.temp(liquidC)} kills the yeast, and the dough will not rise. Let it cool to under ${p.temp(mostC)}. If yeast is in it already, begin again with new yeast.`,
  'dough.liquid-hot': ({ liquidC, mostC, share }, p) =>
    `Liquid of ${p.temp(liquidC)} weakens the yeast: about ${p.percent(share)} of it lives on. Stay under ${p.temp(mostC)}.`,
  'dough.liquid-cold': ({ liquidC, leastC, mostC }, p) =>
    `Liquid of ${p.temp(liquidC)} wakes the yeast slowly. Pour it at ${p.temp(leastC)} to ${p.temp(mostC)}.`,
  'dough.mixed': ({ doughC, wantedC, measured }, p) =>
    `The dough ${measured ? 'was' : 'comes out at'} ${p.temp(doughC)}${measured ? ' when kneaded' : ''}. ${p.temp(wantedC)} is usual; warmer rises sooner.`,
  'dough.rise': ({ soonestS, doubleS, latestS, roomC }, p) =>
    `The dough doubles in ${p.span(doubleS)} at ${p.temp(roomC)}, or between ${p.span(soonestS)} and ${p.span(latestS)}. Judge it by the poke test.`,
  'dough.rise-never': ({ roomC, withinS }, p) =>
    `At ${p.temp(roomC)} the dough does not double within ${p.span(withinS)}. Put it somewhere warmer.`,
  'dough.rise-fridge': ({ doubleS, fridgeC, keeps }, p) =>
    `In the fridge at ${p.temp(fridgeC)} it doubles in ${p.span(doubleS)}: ${keeps ? 'you can leave it overnight' : 'too quick to leave overnight'}.`,
  'dough.bloom': ({ yeastKg, liquidKg, leastC, mostC, leastS, mostS }, p) =>
    `Stir ${p.mass(yeastKg)} of yeast into ${p.mass(liquidKg)} of the liquid at ${p.temp(leastC)} to ${p.temp(mostC)}. Wait ${plain(leastS / 60, 0)} to ${p.span(mostS)} until it foams.`,
  'dough.proof': ({ doubleS, proofS, place }, p) =>
    `Knock the dough back after ${p.span(doubleS)} ${place === 'fridge' ? 'in the fridge' : 'in the room'}. Filled pieces proof ${p.span(proofS)} under a cloth.`,
  'dough.cold-firm': ({ stiffness, fridgeC }, p) =>
    `Out of the fridge at ${p.temp(fridgeC)} the dough feels like ${plain(stiffness)}. Let it warm up before rolling; add no water.`,
  'filling.room-warm': ({ roomC, fridgeC }, p) =>
    `In a room of ${p.temp(roomC)} the filling never gets as cold as the fridge. Cool it in the fridge, to ${p.temp(fridgeC)}.`,
  'filling.none': () => 'These pieces hold nothing. Add an ingredient to fill them.',
  'filling.empty': () => 'The filling is empty. Add its first ingredient.',
  'filling.sweet': ({ percent: salt }) => `This is a sweet filling with ${percent(salt)} salt.`,
  'filling.salt-right': ({ percent: salt, least, most }) =>
    `Salt is ${percent(salt)} of the cooked filling. ${plain(least)} to ${plain(most)} % is right.`,
  'filling.salt-low': ({ percent: salt, least, saltKg }, p) =>
    `Salt is ${percent(salt)} of the cooked filling. Add ${p.mass(saltKg)} for ${percent(least)}.`,
  'filling.salt-high': ({ percent: salt, most, saltKg }, p) =>
    `Salt is ${percent(salt)} of the cooked filling. Take ${p.mass(saltKg)} less for ${percent(most)}.`,
  'filling.cook-dry': ({ withPanKg, boiledKg }, p) =>
    `Cook until pan and filling weigh ${p.mass(withPanKg)}: then ${p.mass(boiledKg)} of water is gone.`,
  'filling.salt-parts': ({ partsKg, saltKg }, p) =>
    `${p.mass(partsKg)} of the ${p.mass(saltKg)} of salt comes from salty ingredients. Taste before you salt.`,
  'filling.strain': ({ juiceKg, reducedKg }, p) =>
    `Strain it: about ${p.mass(juiceKg)} of juice runs off. Boil the juice down to ${p.mass(reducedKg)}, then fold it back in off the heat.`,
  'filling.juice-short': ({ juiceKg, boiledKg }, p) =>
    `Only about ${p.mass(juiceKg)} of juice runs off, but ${p.mass(boiledKg)} of water should go. Cook the rest dry in the pan.`,
  'filling.squeeze': ({ targetKg, boiledKg }, p) =>
    `Salt it, wait 15 minutes and squeeze out ${p.mass(boiledKg)}, until it weighs ${p.mass(targetKg)}. Some salt goes with the water.`,
  'filling.boil-clear': () => 'Bring it to the boil and stir until it turns clear. Only then is the starch cooked.',
  'filling.thick': ({ freeKg }, p) => `The filling is thick: ${p.mass(freeKg)} of loose liquid stays put.`,
  'filling.loose': ({ freeKg }, p) =>
    `The filling is loose: ${p.mass(freeKg)} of liquid is not bound. Cook it drier or thicken it, so that the seam holds.`,
  'filling.runs': ({ freeKg }, p) =>
    `The filling runs: ${p.mass(freeKg)} of liquid is free and loosens the seam. Cook it drier or thicken it.`,
  'filling.cooked': ({ targetC }, p) =>
    `All of it is cooked already and is reheated: the core must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.cooked-today': ({ targetC }, p) =>
    `All of it is cooked today. Kept over and reheated, the core must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.raw': ({ targetC }, p) =>
    `Part of it is raw. Probe every piece: the core must reach ${p.temp(targetC)}. Keep it cold and do not thaw it on the bench. Local rules come first.`,
  'filling.raw-unsaid': ({ targetC }, p) =>
    `Something new in it may be raw. Say whether every part is cooked before it is folded in. Until then it is planned as raw: the core must reach ${p.temp(targetC)}. Local rules come first.`,
  'filling.raw-vegetables': ({ targetC }, p) =>
    `Raw vegetables give off water in the oil. Cut them small, salt and squeeze them. The core goes to ${p.temp(targetC)}.`,
  'filling.ice': ({ iceKg }, p) => `Have ${p.mass(iceKg)} of ice ready for the bath.`,
  'filling.ahead-keeps': ({ days, most }) =>
    `Made ${many(days, 'day')} ahead, covered in the fridge. It keeps ${many(most, 'day')}.`,
  'filling.ahead-long': ({ days, most }) =>
    most === 0
      ? 'This filling does not keep: mix what is raw on the day.'
      : `Made ${many(days, 'day')} ahead it does not keep. With what is in it, ${many(most, 'day')} is the most. Freeze it, or cook it later.`,
  'filling.ahead-slow': ({ to5S, markC, limitS }, p) =>
    `To keep overnight it must reach ${p.temp(markC)} within ${p.span(limitS)}. This takes ${p.span(to5S)} or more. Spread it thinner, or in two dishes.`,
  'filling.spoon': ({ eachKg, eachM3 }, p) =>
    `Each piece takes ${p.mass(eachKg)}, a level scoop of ${p.volume(eachM3)}.`,
  'filling.cool-safe': ({ to21S, foldS, depthM, markC }, p) =>
    `Spread ${p.length(depthM)} deep it is at ${p.temp(markC)} after ${p.span(to21S)} and ready to fold after ${p.span(foldS)}.`,
  'filling.cool-slow': ({ to21S, depthM, markC, fromC, limitS }, p) =>
    `Spread ${p.length(depthM)} deep it cools too slowly: ${p.span(to21S)} or more to ${p.temp(markC)}. The usual limit is ${p.span(limitS)} from ${p.temp(fromC)}. Spread it thinner, split it, or set it in iced water.`,
  'filling.cool-split': ({ savedS, dishes }, p) =>
    `Spread in ${plain(dishes, 0)} dishes it is ready ${p.span(savedS)} sooner.`,
  'filling.too-deep': ({ depthM, mostM }, p) =>
    `The filling stands ${p.length(depthM)} deep in this dish. Over ${p.length(mostM)} never cools safely. Take a larger dish or several.`,
};

export const mixFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);
