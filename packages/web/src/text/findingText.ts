import { DOUGH_FAMILIES, type Finding, type FindingCode, type FindingTone } from '@ember-fold/core';
import { plain, type Printer } from './printer';
import { FAMILY_NAME } from './words';

type Values = Readonly<Record<string, number>>;
type Sentence = (v: Values, p: Printer) => string;

const get = (v: Values, key: string): number => v[key] ?? 0;
const percent = (value: number): string => `${plain(value, 1)} %`;

/** Percent against a family's band, and the grams that bring it to the edge. */
const outside =
  (what: string, unit: string): Sentence =>
  (v, p) => {
    const kg = get(v, 'moreKg');
    const band = `${plain(get(v, 'least'))} to ${plain(get(v, 'most'))} %`;
    return `${what} ${percent(get(v, 'percent'))}; this family works with ${band}: ${p.mass(Math.abs(kg))} ${kg > 0 ? 'more' : 'less'} ${unit}.`;
  };

/** A share as cooks say it: one in so many. */
const oneIn = (share: number): string =>
  share > 0.4 ? 'every second' : `one in ${Math.round(1 / Math.max(share, 1e-4))}`;
const opens =
  (mend: string): Sentence =>
  (v) =>
    `About ${oneIn(get(v, 'share'))} opens in the oil; ${mend}.`;

/** One sentence for each finding: a number, then what to do about it. */
const SENTENCES: Record<FindingCode, Sentence> = {
  'dough.no-flour': () => 'No flour in the formula yet. Add one, and percent, stiffness and pour follow.',
  'dough.firm': (v) =>
    `Stiffness ${plain(get(v, 'stiffness'))}, inside its band of ${plain(get(v, 'least'))} to ${plain(get(v, 'most'))}.`,
  'dough.too-stiff': (v, p) =>
    `Stiffness ${plain(get(v, 'stiffness'))} is over its band. ${p.mass(get(v, 'waterKg'))} more water brings it in.`,
  'dough.too-slack': (v, p) =>
    `Stiffness ${plain(get(v, 'stiffness'))} is under its band. ${p.mass(get(v, 'waterKg'))} less water, or ${p.mass(get(v, 'flourKg'))} more flour.`,
  'dough.fist-holds': (v) => `${percent(get(v, 'percent'))} fat: a squeezed fistful keeps its shape.`,
  'dough.fist-crumbles': (v, p) =>
    `${percent(get(v, 'percent'))} fat: a fistful holds, then crumbles. ${p.mass(get(v, 'moreKg'))} more fat makes it hold.`,
  'dough.fist-fails': (v, p) =>
    `${percent(get(v, 'percent'))} fat: a fistful falls apart. ${p.mass(get(v, 'moreKg'))} more fat makes it hold.`,
  'dough.fat-outside': outside('Fat', 'fat'),
  'dough.water-outside': outside('Effective water', 'water'),
  'dough.salt-high': (v, p) =>
    `Salt ${percent(get(v, 'percent'))} of the flour tastes salty. ${p.mass(get(v, 'lessKg'))} less makes it 2 %.`,
  'dough.hold-back': (v, p) =>
    `Pour ${p.mass(get(v, 'firstKg'))} first. Keep ${p.mass(get(v, 'reserveKg'))} back and add it by the spoon: each tablespoon is ${plain(get(v, 'spoonPoints'))} points of water.`,
  'dough.butter-water': (v, p) =>
    `${p.mass(get(v, 'butterKg'))} of butter brings ${p.mass(get(v, 'waterKg'))} of water with it; it is counted.`,
  'dough.boil-off': (v, p) =>
    `${p.mass(get(v, 'waterKg'))} of water boils off. Weigh the pot: the dough should be ${p.mass(get(v, 'massKg'))}.`,
  'dough.sugar-outside': outside('Sugar', 'sugar'),
  'dough.egg-water': (v, p) =>
    `Eggs bring ${p.mass(get(v, 'waterKg'))} of water, ${plain(get(v, 'points'))} points; it is counted.`,
  'dough.bran-drinks': (v, p) =>
    `Bran drinks about ${plain(get(v, 'points'))} points more, ${p.mass(get(v, 'waterKg'))}, for 20 minutes after mixing. Wait before adding water.`,
  'dough.no-stretch': (v) =>
    `${percent(get(v, 'percent'))} of the flour has no gluten: rims crack and tear. Under a third is safer in this family.`,
  'dough.edge-cracks': () => 'Edges that crack are dry. Add water by the spoon, press rather than roll.',
  'dough.no-yeast': (v, p) => `Too little yeast to rise: ${p.mass(get(v, 'yeastKg'))} more instant yeast makes 1 %.`,
  'dough.sugar-slows': (v) => `${percent(get(v, 'percent'))} sugar slows the yeast: plan a longer rise.`,
  'dough.yeast-much': (v) => `Yeast worth ${percent(get(v, 'percent'))} instant tastes of yeast; 0.5 to 2 % is usual.`,
  'dough.no-second': () => 'No fat dough yet. Add fat and flour to the second dough.',
  'dough.part-ratio': (v) =>
    `Water dough to fat dough is ${plain(get(v, 'ratio'))} to 1; ${plain(get(v, 'least'))} to ${plain(get(v, 'most'))} to 1 wraps and opens well.`,
  'dough.other-family': (v) =>
    `By its numbers this is nearer to: ${FAMILY_NAME[DOUGH_FAMILIES[get(v, 'family')]!.id].toLowerCase()}. Choose that family, or take this one's worked formula.`,
  'dough.pour-at': (v, p) => `Pour at ${p.temp(get(v, 'waterC'))} for a dough of ${p.temp(get(v, 'doughC'))}.`,
  'dough.pour-ice': (v, p) =>
    `Take ${p.mass(get(v, 'iceKg'))} of the water as ice for a dough of ${p.temp(get(v, 'doughC'))}.`,
  'dough.pour-hot': (v, p) =>
    `A dough this cold would want water of ${p.temp(get(v, 'waterC'))}; over ${p.temp(get(v, 'mostC'))} weakens yeast. Warm the flour and let it rise longer.`,
  'dough.rise': (v, p) =>
    `Doubles in ${p.span(get(v, 'doubleS'))} at ${p.temp(get(v, 'roomC'))}; between ${p.span(get(v, 'soonestS'))} and ${p.span(get(v, 'latestS'))}. Judge by the poke, not by the clock.`,
  'dough.rise-never': (v, p) => `At ${p.temp(get(v, 'roomC'))} it does not double within two days. Somewhere warmer.`,
  'dough.rise-fridge': (v, p) =>
    `In the fridge at ${p.temp(get(v, 'fridgeC'))} it doubles in ${p.span(get(v, 'doubleS'))}: ${get(v, 'doubleS') > 7 * 3600 ? 'overnight will do' : 'too quick to leave overnight'}.`,
  'dough.bloom': (v, p) =>
    `Wake ${p.mass(get(v, 'yeastKg'))} of yeast in ${p.mass(get(v, 'liquidKg'))} of the liquid at ${p.temp(get(v, 'leastC'))} to ${p.temp(get(v, 'mostC'))} until it foams, 5 to 10 minutes.`,
  'dough.proof': (v, p) =>
    `Knock back after ${p.span(get(v, 'doubleS'))} ${get(v, 'fridge') ? 'in the fridge' : 'in the room'}; filled pieces proof ${p.span(get(v, 'proofS'))} under a cloth.`,
  'dough.cold-firm': (v, p) =>
    `Out of the fridge at ${p.temp(get(v, 'fridgeC'))} it feels like ${plain(get(v, 'stiffness'))}: let it come back before rolling, add no water.`,
  'filling.empty': () => 'Nothing in the filling yet. Add its first ingredient.',
  'filling.sweet': (v) => `A sweet filling with ${percent(get(v, 'percent'))} salt.`,
  'filling.salt-right': (v) => `Salt ${percent(get(v, 'percent'))} of the cooked filling, inside 0.8 to 1.6 %.`,
  'filling.salt-low': (v, p) =>
    `Salt ${percent(get(v, 'percent'))} of the cooked filling. ${p.mass(get(v, 'saltKg'))} more reaches 0.8 %.`,
  'filling.salt-high': (v, p) =>
    `Salt ${percent(get(v, 'percent'))} of the cooked filling. ${p.mass(get(v, 'saltKg'))} less comes down to 1.6 %.`,
  'filling.cook-dry': (v, p) =>
    `Cook until the scale shows ${p.mass(get(v, 'withPanKg'))} with the pan: ${p.mass(get(v, 'boiledKg'))} of water gone.`,
  'filling.salt-parts': (v, p) =>
    `${p.mass(get(v, 'partsKg'))} of its ${p.mass(get(v, 'saltKg'))} of salt come with salty parts: salt last, taste first.`,
  'filling.strain': (v, p) =>
    `Strain it: about ${p.mass(get(v, 'juiceKg'))} of juice runs off. Boil that down alone to ${p.mass(get(v, 'reducedKg'))} and fold it back off the heat.`,
  'filling.juice-short': (v, p) =>
    `Only about ${p.mass(get(v, 'juiceKg'))} of juice runs off, and ${p.mass(get(v, 'boiledKg'))} of water should go. Cook the rest dry in the pan, or cook down less.`,
  'filling.squeeze': (v, p) =>
    `Salt, wait 15 minutes, squeeze until it weighs ${p.mass(get(v, 'targetKg'))}: ${p.mass(get(v, 'boiledKg'))} pressed out. Some salt goes with it.`,
  'filling.boil-clear': () => 'Bring it to the boil and stir until it turns clear: only then is the starch cooked.',
  'filling.thick': (v, p) => `Thick: ${p.mass(get(v, 'freeKg'))} of liquid is not bound, and that stays put.`,
  'filling.loose': (v, p) =>
    `Loose: ${p.mass(get(v, 'freeKg'))} of liquid is not bound. Cook it drier, or thicken it, for a seam that holds.`,
  'filling.runs': (v, p) =>
    `It runs: ${p.mass(get(v, 'freeKg'))} of liquid is free and loosens the seam. Cook it drier or thicken it.`,
  'filling.cooked': (v, p) =>
    `All of it is cooked already, so the core only has to be hot: ${p.temp(get(v, 'targetC'))}. Local rules come first.`,
  'filling.raw': (v, p) =>
    `Part of it is raw: every piece is probed at the core and must reach ${p.temp(get(v, 'targetC'))}. Keep it cold, do not thaw it on the bench. Local rules come first.`,
  'filling.raw-vegetables': (v, p) =>
    `Raw vegetables let go of water in the oil: cut small, salt, squeeze. The core goes to ${p.temp(get(v, 'targetC'))}.`,
  'filling.ice': (v, p) => `Have ${p.mass(get(v, 'iceKg'))} of ice ready for the bath.`,
  'filling.ahead-keeps': (v) =>
    `Made ${plain(get(v, 'days'))} ${get(v, 'days') === 1 ? 'day' : 'days'} ahead, covered in the fridge: it keeps ${plain(get(v, 'most'))}.`,
  'filling.ahead-long': (v) =>
    get(v, 'most') === 0
      ? 'Made ahead it does not keep: what is raw is mixed on the day.'
      : `Made ${plain(get(v, 'days'))} days ahead it does not keep; ${plain(get(v, 'most'))} is the most with what is in it. Freeze it, or cook it later.`,
  'filling.ahead-slow': (v, p) =>
    `Kept overnight it must be at 5 °C within 6 h; this takes ${p.time(get(v, 'to5S'))} or more. Spread it thinner, or in two dishes.`,
  'filling.spoon': (v, p) =>
    `Each piece takes ${p.mass(get(v, 'eachKg'))}, a levelled ${p.ml(get(v, 'eachM3'))} scoop.`,
  'filling.cool-safe': (v, p) =>
    `${p.mm(get(v, 'depthM'))} deep: at 21 °C after ${p.time(get(v, 'to21S'))}, ready to fold after ${p.time(get(v, 'foldS'))}.`,
  'filling.cool-slow': (v, p) =>
    `${p.mm(get(v, 'depthM'))} deep cools too slowly: ${p.time(get(v, 'to21S'))} or more to 21 °C, and the usual limit is 2 h from 60 °C. Spread it thinner, split it, or set it in iced water.`,
  'filling.cool-split': (v, p) => `Spread in two dishes it is ready ${p.time(get(v, 'savedS'))} sooner.`,
  'filling.too-deep': (v, p) =>
    `${p.mm(get(v, 'depthM'))} deep in this dish; over 80 mm never cools safely. Take a larger dish or several.`,
  'fold.impossible': () => 'The seal leaves no pocket. Take a larger disc or a narrower seal.',
  'fold.holds': (v, p) => `${p.mass(get(v, 'spareKg'))} under what the pocket holds.`,
  'fold.tight': (v, p) =>
    `${p.percent(get(v, 'fill'))} full is tight. ${p.mass(get(v, 'overKg'))} less filling is safe.`,
  'fold.opens': (v, p) =>
    `${p.percent(get(v, 'fill'))} full: seams open. Take ${p.mass(get(v, 'overKg'))} out of each piece, or a larger disc.`,
  'fold.bready': (v, p) =>
    `${p.percent(get(v, 'fill'))} full is bready. There is room for ${p.mass(get(v, 'moreKg'))} more.`,
  'fold.wall-thin': (v, p) =>
    `The wall thins to ${p.mm(get(v, 'seamM'))} at the seam and may open. Roll thicker or fill less.`,
  'fold.wall': (v, p) =>
    `Wall ${p.mm(get(v, 'crownM'))} at the crown, ${p.mm(get(v, 'seamM'))} beside the seam, ${p.mm(get(v, 'sealM'))} where it is sealed.`,
  'fold.gathered': (v, p) =>
    `Rolled to ${p.mm(get(v, 'centreM'))} in the middle and ${p.mm(get(v, 'rimM'))} at the rim the wall is ${p.mm(get(v, 'wallM'))} all round. Rolled flat it is ${p.mm(get(v, 'crownM'))} at the crown, ${p.mm(get(v, 'sideM'))} at the side, ${p.mm(get(v, 'knotM'))} at the knot.`,
  'fold.knot': (v, p) => `About ${p.mass(get(v, 'knotKg'))} of dough is over at the knot: pinch it off.`,
  'fold.dough-left': (v, p) =>
    `${p.mass(get(v, 'doughKg'))} of dough is left: ${plain(get(v, 'extra'), 0)} more pieces, or plain ones.`,
  'fold.dough-short': (v, p) =>
    `${p.mass(get(v, 'doughKg'))} of dough is missing: ${plain(get(v, 'fewer'), 0)} fewer pieces, thinner discs or more dough.`,
  'fold.filling-left': (v, p) => `${p.mass(get(v, 'fillingKg'))} of filling is left; it freezes well.`,
  'fold.filling-short': (v, p) => `${p.mass(get(v, 'fillingKg'))} of filling is missing: fill less or cook more.`,
  'fold.even': () => 'Dough and filling end together.',
  'fold.seam': (v) => `About ${oneIn(get(v, 'share'))} opens in the oil.`,
  'fold.open-fill': opens('most of that is how full it is: fill a little less'),
  'fold.open-air': opens('most of that is trapped air: press it out from the middle to the ends'),
  'fold.open-wall': opens('most of that is the thin wall: roll thicker or fill less'),
  'fold.open-wet': opens('most of that is loose liquid in the filling: cook it drier or bind it'),
  'fold.open-glue': opens('most of that is a rim with nothing to hold it: brush it with water, paste or egg'),
  'fold.open-floured': opens('most of that is flour on the rim: brush it clean'),
  'fold.open-dried': opens(
    'most of that is a rim that dried while it waited: cover the discs, fill sooner, or glue it',
  ),
  'fold.open-no-pinch': opens('pinch the seam once more just before it goes in'),
  'fold.open-edge': opens('a forked or roped edge holds more than a plain one'),
  'fold.open-narrow': opens('most of that is a narrow seal: leave a wider rim'),
  'fold.edge-narrow': (v, p) =>
    `This edge wants a rim of ${p.mm(get(v, 'leastM'))}; there is ${p.mm(get(v, 'sealM'))}. Leave more, or finish it plain.`,
  'fold.coat': (v, p) =>
    `The coat adds ${p.mass(get(v, 'coatKg'))} a piece and ${plain(get(v, 'thicknessM') * 1000)} mm, and browns ${plain(get(v, 'browning'))} times as fast. Rest 10 min; skim the oil between lots.`,
  'fold.coat-falls': () => 'A dry coat on a dry skin falls off in the oil. Wet it first: water, milk, egg or slurry.',
  'fold.wash': (v, p) =>
    `The wash adds ${p.mass(get(v, 'coatKg'))} a piece and browns ${plain(get(v, 'browning'))} times as fast.`,
  'fold.thickness-outside': (v, p) =>
    `${p.mm(get(v, 'rolledM'))} rolled; this dough is usually ${p.mm(get(v, 'leastM'))} to ${p.mm(get(v, 'mostM'))}.`,
  'fry.unsafe-oil': (v, p) =>
    `${p.temp(get(v, 'oilC'))} is over the caution limit of ${p.temp(get(v, 'limitC'))} for this oil. Choose cooler oil.`,
  'fry.cooked': (v, p) =>
    `Cooked through at ${p.time(get(v, 'doneS'))}, ${p.time(get(v, 'spareS'))} to spare; core ${p.temp(get(v, 'coreC'))} when lifted.`,
  'fry.raw-ring': (v, p) =>
    get(v, 'setS') > 0
      ? `Raw ring: the innermost dough is at ${p.temp(get(v, 'interfaceC'))} and sets at ${p.time(get(v, 'setS'))}. Fry longer and cooler.`
      : `Raw ring: the innermost dough stays at ${p.temp(get(v, 'interfaceC'))}. Roll thinner, or fry hotter or held under.`,
  'fry.core-cold': (v, p) =>
    get(v, 'coreS') > 0
      ? `Core ${p.temp(get(v, 'coreC'))} when lifted; ${p.temp(get(v, 'targetC'))} is reached at ${p.time(get(v, 'coreS'))}.`
      : `Core ${p.temp(get(v, 'coreC'))} when lifted and ${p.temp(get(v, 'targetC'))} is not reached. Make it smaller, warmer or fry longer.`,
  'fry.never-done': (v, p) =>
    `At ${p.temp(get(v, 'oilC'))} the piece is not both cooked and golden within 30 minutes. Try other oil, a thinner wall or a smaller piece.`,
  'fry.pale': (v, p) =>
    get(v, 'goldenS') > 0
      ? `Still pale when lifted; golden at ${p.time(get(v, 'goldenS'))}.`
      : 'Still pale when lifted, and never golden in this oil.',
  'fry.dark': (v, p) =>
    get(v, 'darkS') > 0
      ? `Browner than golden when lifted; too dark at ${p.time(get(v, 'darkS'))}. Lift sooner or fry cooler.`
      : 'Browner than golden when lifted. Lift sooner or fry cooler.',
  'fry.golden': (v, p) =>
    get(v, 'goldenS') > 0 ? `Golden on both faces from ${p.time(get(v, 'goldenS'))}.` : 'Golden on both faces.',
  'fry.window': (v, p) =>
    `Right from ${p.time(get(v, 'fromS'))} to ${p.time(get(v, 'toS'))}: ${p.time(get(v, 'forgivesS'))} to lift it in.`,
  'fry.no-window': (v, p) =>
    `Too dark at ${p.time(get(v, 'toS'))}, cooked and golden at ${p.time(get(v, 'fromS'))}. 10 to 15 degrees cooler gives a window.`,
  'fry.burner': (v, p) => {
    const hold = get(v, 'holdSetting');
    const first = `Full heat ${p.time(get(v, 'warmS'))}, down to ${plain(hold, 0)} when the lagging probe reads ${p.temp(get(v, 'turnAtC'))}; ${plain(get(v, 'lotSetting'), 0)} with a lot in.`;
    if (get(v, 'restC') <= get(v, 'mostC')) return first;
    const back = hold > 1 ? `back to ${plain(hold - 1, 0)}` : 'heat off';
    return `${first} Left at ${plain(hold, 0)} it climbs to ${p.temp(get(v, 'restC'))}: ${back} before ${p.temp(get(v, 'mostC'))}.`;
  },
  'fry.burner-weak': () => 'This ring never brings the oil so far: less oil, a smaller pot, or a stronger ring.',
  'fry.lot-holds': (v, p) =>
    `${plain(get(v, 'size'), 0)} at a time pull the oil to ${p.temp(get(v, 'lowestC'))}, inside its band.`,
  'fry.lot-deep': (v, p) =>
    `${plain(get(v, 'size'), 0)} at a time pull the oil to ${p.temp(get(v, 'lowestC'))}, under ${p.temp(get(v, 'leastC'))} for ${p.time(get(v, 'underS'))}. They drink oil; take fewer.`,
  'fry.pot-full': (v) =>
    `${plain(get(v, 'size'), 0)} do not lie side by side; there is room for ${plain(get(v, 'room'), 0)}.`,
  'fry.pot-gone': () => 'The pot this batch was planned in is no longer in the Store: planned in the pot on the ring.',
  'fry.pot-over-half': (v, p) =>
    `Hot oil stands at ${p.percent(get(v, 'oilAlone'))} of the pot, ${p.percent(get(v, 'withLot'))} with the lot in, ${p.mm(get(v, 'freeM'))} of wall free. Keep oil under a third, under half with the lot, and 80 mm free: less oil or a taller pot.`,
  'fry.oil-outside': (v, p) =>
    `${p.temp(get(v, 'oilC'))}; this dough is usually fried at ${p.temp(get(v, 'leastC'))} to ${p.temp(get(v, 'mostC'))}.`,
  'fry.oil-discard': (v) =>
    `The oil in the pot is done after ${uses(v)}: pour it away, cold, never down the sink. The Store says why.`,
  'fry.oil-last': (v) => `The oil in the pot has ${uses(v)} behind it: this is its last.`,
  'fry.oil-strain': (v) => `The oil in the pot has ${uses(v)} behind it and wants straining first, cold.`,
  'fry.oil-allergen': (v) => {
    const n = get(v, 'allergic');
    return `The oil in the pot carries what ${n === 1 ? 'one guest is' : `${plain(n, 0)} guests are`} allergic to: nothing fried in it is for them. Fresh oil, a clean pot, and ask them.`;
  },
  'fry.greasy': (v, p) =>
    `Pale, hard and greasy: so long in cool oil it takes up ${p.mass(get(v, 'oilKg'))}, ${p.percent(get(v, 'share'))} of itself. From ${p.temp(get(v, 'leastC'))} the skin closes sooner.`,
  'fry.coil-shut': (v, p) =>
    `Over ${p.temp(get(v, 'mostC'))} a coil crusts before its rings have opened. Start it slower.`,
  'fry.seam': (v, p) =>
    get(v, 'holdsS') > 0
      ? `The seam bears most at ${p.time(get(v, 'worstS'))} and has set by ${p.time(get(v, 'holdsS'))}: no prodding in between.`
      : `The seam bears most at ${p.time(get(v, 'worstS'))}: no prodding then.`,
  'fry.half-depth': (v, p) =>
    `Half-depth: ${p.ml(get(v, 'needM3'))} of cold oil stand to the middle of a lot; there are ${p.ml(get(v, 'haveM3'))}.`,
  'fry.half-too-deep': (v, p) =>
    `${p.ml(get(v, 'haveM3'))} are too deep for half-depth: pieces float. ${p.ml(get(v, 'needM3'))} stand to the middle of a lot.`,
  'fry.half-too-shallow': (v, p) =>
    `${p.ml(get(v, 'haveM3'))} leave the middle of each piece dry and pale; half-depth wants ${p.ml(get(v, 'needM3'))}.`,
  'fry.frozen-oil': (v, p) =>
    `From frozen, ${p.temp(get(v, 'oilC'))} browns the skin before the middle has thawed; ${p.temp(get(v, 'leastC'))} to ${p.temp(get(v, 'mostC'))} and smaller lots are usual.`,
  'fry.thaw-raw': () =>
    'Something raw is in the filling: never thaw it on the bench. Fry it straight from the freezer and probe the core, or thaw it in the fridge. Local food rules come first.',
  'fry.frozen-wipe': () => 'From frozen: wipe frost off every piece. Ice in hot oil spits and boils over.',
  'serve.on-time': (v, p) => `Start by ${p.clock(get(v, 'startMs'))} on ${p.day(get(v, 'startMs'))}.`,
  'serve.late': (v, p) =>
    `The start was ${p.time(get(v, 'lateS'))} ago. Eat later, make fewer, or fold some ahead and chill them.`,
  'serve.hold-long': (v, p) =>
    `The first lot waits ${p.time(get(v, 'holdS'))}. Fried pieces are best within 2 h; re-crisp them in the oven.`,
  'serve.room-limit': (v, p) =>
    `Filled pieces wait ${p.time(get(v, 'waitS'))} on the bench; the usual limit is ${p.time(get(v, 'limitS'))}. Chill them as they are folded.`,
};

/** @example "3 batches" */
function uses(v: Finding['values']): string {
  const n = get(v, 'uses');
  return n === 1 ? 'one batch' : `${plain(n, 0)} batches`;
}

export function findingText(finding: Finding, printer: Printer): string {
  return SENTENCES[finding.code](finding.values, printer);
}

export const TONE_WORD: Record<FindingTone, string> = {
  good: 'holds',
  'look-out': 'look out',
  stop: 'stop',
  know: 'did you know',
};
