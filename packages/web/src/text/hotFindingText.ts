import type { DoughFamilyId, Finding } from '@ember-fold/core';
import { type HotSentences, sayBy } from './findingText';
import { keepsFor, plain, type Printer } from './printer';
import { DECIDES } from './decidesWords';
import { FAMILY_NAME } from './words';

/** @example many(1, 'piece') // "1 piece" */
const many = (n: number, one: string, more = `${one}s`): string => `${plain(n, 0)} ${n === 1 ? one : more}`;

/** What a dough that waits too long does, and the ways out. @param lots to make it in */
const warm = (lots: number) =>
  `It stiffens and cracks as it cools. Make it in ${lots} lots, or keep what waits covered and warm.`;
const rises = (lots: number) =>
  `It goes on rising, and pieces blister and fall. Make it in ${lots} lots, or chill what waits.`;
const dries = (lots: number) => `It dries at its edges. Keep it under a damp cloth, or make it in ${lots} lots.`;
const softens = (lots: number) => `Its fat softens and the layers close. Chill what waits, or make it in ${lots} lots.`;
const DOUGH_WAITS: Readonly<Record<DoughFamilyId, (lots: number) => string>> = {
  ...{ scalded: warm, sheet: warm, yeast: rises, 'soft-quick': rises, 'cold-fat': softens, 'egg-butter': softens },
  ...{ 'starch-mash': dries, 'hot-oil': dries, coiled: dries, 'rubbed-short': dries, 'rubbed-wholemeal': dries },
};

/** The same for Fry and Serve, which come with their stations. */
const SENTENCES: HotSentences = {
  'fry.unsafe-oil': ({ oilC, limitC }, p) =>
    `${p.temp(oilC)} is over the caution limit of ${p.temp(limitC)} for this oil. Choose cooler oil.`,
  'fry.cooked': ({ doneS, coreC, biteC }, p) =>
    `Cooked through after ${p.time(doneS)}. The core is ${p.temp(coreC)} when lifted and ${p.temp(biteC)} at the first bite.`,
  'fry.rests': ({ fromC, toC, restS }, p) =>
    `They finish while they rest: the middle goes from ${p.temp(fromC)} to ${p.temp(toC)}. Leave them on a rack for ${p.span(restS)} before you cut one.`,
  'fry.no-moment': ({ oilC, darkS, doneS }, p) =>
    `No moment is right at ${p.temp(oilC)}: pieces are too dark after ${p.time(darkS)}, ${doneS === null ? 'and never done inside' : `but done inside only after ${p.time(doneS)}`}.`,
  'fry.raw-ring': ({ interfaceC, setS }, p) =>
    setS === null
      ? `A ring of dough stays raw: the innermost dough only reaches ${p.temp(interfaceC)}. Roll thinner, or fry hotter or held under.`
      : `A ring of dough is raw when lifted: the innermost dough is at ${p.temp(interfaceC)} and sets after ${p.time(setS)}. Fry longer and cooler.`,
  'fry.warm': ({ coreC, hotC }, p) =>
    `The filling is cooked but only ${p.temp(coreC)} at the first bite. For ${p.temp(hotC)}, fry cooler and longer, or put in less filling.`,
  'fry.core-cold': ({ coreC, targetC, coreS }, p) =>
    coreS === null
      ? `The core is ${p.temp(coreC)} when lifted and never reaches ${p.temp(targetC)}. Make pieces smaller or warmer.`
      : `The core is ${p.temp(coreC)} when lifted. It reaches ${p.temp(targetC)} after ${p.time(coreS)}. Fry longer.`,
  'fry.never-done': ({ oilC, horizonS }, p) =>
    `At ${p.temp(oilC)} pieces are not both cooked and golden within ${p.span(horizonS)}. Try other oil, a thinner wall or smaller pieces.`,
  'fry.pale': ({ goldenS }, p) =>
    goldenS === null
      ? 'Pieces are still pale when lifted, and never golden in this oil.'
      : `Pieces are still pale when lifted. They are golden after ${p.time(goldenS)}.`,
  'fry.dark': ({ darkS, soonerS }, p) =>
    [
      'Pieces are browner than golden when lifted',
      darkS === null ? '. ' : `, and too dark after ${p.time(darkS)}. `,
      soonerS === null ? 'They are not done sooner: fry cooler.' : `They are done and golden after ${p.time(soonerS)}.`,
    ].join(''),
  'fry.golden': ({ goldenS }, p) =>
    goldenS === null ? 'Both faces are golden.' : `Both faces golden from ${p.time(goldenS)}.`,
  'fry.window': ({ fromS, toS, forgivesS }, p) =>
    `Lift them between ${p.time(fromS)} and ${p.time(toS)}: that is ${p.time(forgivesS)}.`,
  'fry.no-window': ({ fromS, toS }, p) =>
    `Pieces are too dark after ${p.time(toS)}, but cooked and golden only after ${p.time(fromS)}. Fry ${p.tempSpan(10)} to ${p.tempSpan(15)} cooler.`,
  'fry.burner': ({ holdSetting: hold, lotSetting, warmS, turnAtC, restC, mostC }, p) => {
    const first = `Heat on full for ${p.span(warmS)}. Turn down to ${plain(hold, 0)} when the probe reads ${p.temp(turnAtC)}, up to ${plain(lotSetting, 0)} with a lot in.`;
    if (restC <= mostC) return first;
    const back = hold > 1 ? `turn down to ${plain(hold - 1, 0)}` : 'turn the heat off';
    return `${first} At ${plain(hold, 0)} it climbs to ${p.temp(restC)}: ${back} before ${p.temp(mostC)}.`;
  },
  'fry.burner-weak': () => 'This ring never gets the oil so hot. Take less oil, a smaller pot or a stronger ring.',
  'fry.lot-holds': ({ size, lowestC, leastC }, p) =>
    lowestC >= leastC
      ? `${many(size, 'piece')} at a time ${size === 1 ? 'cools' : 'cool'} the oil to ${p.temp(lowestC)}. That is hot enough.`
      : `${many(size, 'piece')} at a time ${size === 1 ? 'cools' : 'cool'} the oil to ${p.temp(lowestC)}, a little low. It recovers before the first turn.`,
  'fry.lot-deep': ({ size, lowestC, leastC, underS }, p) =>
    `${many(size, 'piece')} at a time ${size === 1 ? 'cools' : 'cool'} the oil to ${p.temp(lowestC)}, and it stays under ${p.temp(leastC)} for ${p.time(underS)}. Pieces drink oil then: take fewer.`,
  'fry.ramp': ({ fromC, toC, overS, coolS }, p) =>
    `The oil rises from ${p.temp(fromC)} to ${p.temp(toC)} in ${p.span(overS)} while pieces are in it.${coolS === null ? '' : ` Then it needs ${p.span(coolS)} to come down for the next lot.`}`,
  'fry.pipeline': ({ size, everyS, lowestC }, p) =>
    `A piece goes in every ${p.time(everyS)}, ${plain(size, 0)} in the oil at a time. The oil stays at ${p.temp(lowestC)} or more.`,
  'fry.crisp': ({ ovenC, minutesS, sheets }, p) =>
    `Lay the fried pieces in the fridge within 2 hours. Before the table: ${p.span(minutesS)} in the oven at ${p.temp(ovenC)}${sheets > 1 ? ` for each of ${sheets} sheets` : ''}, until the middle is hot.`,
  'fry.crisp-never': ({ ovenC }, p) =>
    `Cold fried pieces do not get hot through in the oven at ${p.temp(ovenC)}. Make it hotter, or eat them from the oil.`,
  'fry.crisp-dark': ({ ovenC, minutesS }, p) =>
    `They get too dark in the oven: ${p.span(minutesS)} at ${p.temp(ovenC)} browns them on. Lift them paler, or take a cooler oven.`,
  'fry.not-basted': () =>
    'Baste the top with hot oil, or hold the bread under for its first seconds. Left alone it stays flat.',
  'fry.hands': ({ size, hands }) =>
    `One pair of hands keeps ${hands} pieces turned, not ${size}. Fry fewer at a time, or ask for help.`,
  'fry.pot-full': ({ size, room }) =>
    `${many(size, 'piece')} do not fit side by side. There is room for ${plain(room, 0)}.`,
  'fry.pot-gone': () =>
    'The pot this batch was planned in is no longer in the Store. It is now planned in the pot on the ring.',
  'fry.pot-over-half': ({ oilAlone, withLot, freeM, mostAlone, mostWithLot, leastFreeM }, p) =>
    `Hot oil fills ${p.percent(oilAlone)} of the pot, ${p.percent(withLot)} with a lot in, and leaves ${p.length(freeM)} of wall. Keep it under ${p.percent(mostAlone)}, ${p.percent(mostWithLot)} with a lot, and ${p.length(leastFreeM)} free: take less oil or a taller pot.`,
  'fry.oil-outside': ({ oilC, leastC, mostC }, p) =>
    `The oil is ${p.temp(oilC)}. This dough is usually fried at ${p.temp(leastC)} to ${p.temp(mostC)}.`,
  'fry.oil-discard': ({ uses }) =>
    `The oil in the pot has fried ${many(uses, 'batch', 'batches')} and is used up. Let it cool and throw it away, never down the sink. The Store says why.`,
  'fry.oil-last': ({ uses }) =>
    `The oil in the pot has fried ${many(uses, 'batch', 'batches')}. It is good for one more.`,
  'fry.oil-strain': ({ uses }) =>
    `The oil in the pot has fried ${many(uses, 'batch', 'batches')}. Strain it first, when it is cold.`,
  'fry.oil-allergen': ({ allergic }) =>
    `The oil in the pot carries what ${allergic === 1 ? 'one guest is' : `${plain(allergic, 0)} guests are`} allergic to. Nothing fried in it is for them: take fresh oil and a clean pot, and ask them.`,
  'fry.greasy': ({ oilKg, share, leastC }, p) =>
    `In oil this cool a piece takes up ${p.mass(oilKg)} of it, ${p.percent(share)} of its own weight, and turns pale, hard and greasy. Fry at ${p.temp(leastC)} or more.`,
  'fry.coil-shut': ({ mostC }, p) =>
    `Over ${p.temp(mostC)} a crust forms before the rings of a coiled dough open. Start cooler.`,
  'fry.seam': ({ worstS, holdsS }, p) =>
    holdsS === null
      ? `The seam is weakest after ${p.time(worstS)}. Do not prod the pieces then.`
      : `The seam is weakest after ${p.time(worstS)} and firm after ${p.time(holdsS)}. Do not prod the pieces in between.`,
  'fry.half-depth': ({ needM3, haveM3 }, p) =>
    `Half-depth frying needs ${p.volume(needM3)} of cold oil for a lot. There are ${p.volume(haveM3)}.`,
  'fry.half-too-deep': ({ needM3, haveM3 }, p) =>
    `${p.volume(haveM3)} of oil is too deep for half-depth frying: pieces float. Take ${p.volume(needM3)}.`,
  'fry.half-too-shallow': ({ needM3, haveM3 }, p) =>
    `${p.volume(haveM3)} of oil leaves the middle of each piece dry and pale. Take ${p.volume(needM3)}.`,
  'fry.frozen-oil': ({ oilC, leastC, mostC }, p) =>
    `At ${p.temp(oilC)} a frozen piece browns before its middle has thawed. Use ${p.temp(leastC)} to ${p.temp(mostC)} and smaller lots.`,
  'fry.thaw-raw': () =>
    'The filling holds something raw. Never thaw it on the bench: fry it straight from the freezer and probe the core, or thaw it in the fridge. Local food rules come first.',
  'fry.frozen-wipe': () => 'Wipe frost off every frozen piece. Ice in hot oil spits and boils over.',
  'serve.ahead': ({ days, upTo }) =>
    `${upTo === 'dough' ? 'The dough is' : 'The pieces are'} made ${days === 1 ? 'the day' : `${plain(days, 0)} days`} before.`,
  'serve.ahead-dough': ({ family, days, most }) =>
    most === 0
      ? `This dough is used warm or at once (${FAMILY_NAME[family].toLowerCase()}): make it on the day.`
      : `This dough keeps ${most === 1 ? '1 day' : `${plain(most, 0)} days`} in the fridge (${FAMILY_NAME[family].toLowerCase()}), not ${plain(days, 0)}.`,
  'serve.ahead-pieces': ({ waitS, keepS }, p) =>
    `Raw pieces of this dough keep ${p.span(keepS)} in the fridge, not ${p.span(waitS)}. Freeze them, or fold them later.`,
  'serve.ahead-warm': () =>
    'Pieces made on an earlier day cannot wait in the room. Let them start from the fridge or frozen.',
  'serve.on-time': ({ startMs }, p) => `Begin by ${p.clock(startMs)} on ${p.day(startMs)}.`,
  'serve.in-evening': ({ startMs, decides }, p) =>
    `Begin at ${p.clock(startMs)} on ${p.day(startMs)}, with all batches of the supper: ${DECIDES[decides]}.`,
  'serve.evening-late': ({ lateS, decides }, p) =>
    `The supper is ${p.span(lateS)} late: ${DECIDES[decides]}. See what can be done on its page.`,
  'serve.to-fridge': ({ limitMs }, p) =>
    `Put the filled pieces into the fridge, covered. Out of it they would be safe until ${p.clock(limitMs)}.`,
  'serve.fridge-limit': () =>
    'Filled pieces would wait longer than the fridge keeps them. Fold them later, or freeze them.',
  'serve.no-lift': () =>
    'These pieces have no right moment to lift, so there is no time plan. Choose a way out at Fry.',
  'serve.late': ({ lateS }, p) =>
    `You should have begun ${p.span(lateS)} ago. Eat later, make fewer, or fold some ahead and chill them.`,
  'serve.hold-long': ({ holdS, bestS }, p) =>
    `The first lot waits ${p.span(holdS)}. Fried pieces are best within ${p.span(bestS)}. Crisp them again in the oven.`,
  'serve.room-limit': ({ waitS, limitS }, p) =>
    `Filled pieces wait ${p.span(waitS)} at room temperature. The usual limit is ${p.span(limitS)}. Chill them as they are folded.`,
  'serve.dough-waits': ({ family, waitS, mostS, lots }, p) =>
    `A lot of dough waits ${p.span(waitS)} until its last piece is folded, and ${p.span(mostS)} is usual. ${DOUGH_WAITS[family](lots + 1)}`,
  'serve.keeps': ({ keepS, place }, p) =>
    place === 'tin'
      ? `What is left keeps ${keepsFor(keepS, p)} in a tin.`
      : `What is left goes into the fridge within 2 hours and keeps ${keepsFor(keepS, p)}. Crisp it again in the oven.`,
  'bake.golden': ({ minutesS, ovenC }, p) => `Golden and cooked through after ${p.span(minutesS)} at ${p.temp(ovenC)}.`,
  'bake.pale': ({ minutesS, goldenS }, p) =>
    `They are still pale after ${p.span(minutesS)}. They are golden after ${p.span(goldenS)}.`,
  'bake.dark': ({ minutesS, darkS }, p) =>
    `They are too dark after ${p.span(darkS)}, and you bake them for ${p.span(minutesS)}. Take them out sooner.`,
  'bake.raw': ({ minutesS, doneS }, p) =>
    doneS === null
      ? `They are not cooked through in this oven. Make them smaller, or bake them hotter.`
      : `They are raw inside after ${p.span(minutesS)}. They are cooked through after ${p.span(doneS)}.`,
  'bake.dark-first': ({ ovenC, darkS, doneS }, p) =>
    darkS === null
      ? `They are not golden and cooked through within an hour and a half at ${p.temp(ovenC)}. Bake them hotter.`
      : `At ${p.temp(ovenC)} they are too dark after ${p.span(darkS)}, ${doneS === null ? 'and never cooked through' : `but cooked through only after ${p.span(doneS)}`}. Bake them cooler.`,
  'bake.turn': ({ turnS, bakes }, p) =>
    `Turn the sheet round after ${p.span(turnS)}. ${bakes === 0 ? 'Ovens differ: look a few minutes early the first time.' : `The time is for your oven, from ${many(bakes, 'bake')}.`}`,
  'put-by.freeze': ({ hardS, keepS }, p) =>
    hardS === null
      ? `This freezer does not freeze them hard in half a day. Lay fewer on a sheet.`
      : `On an open sheet they are frozen hard after ${p.span(hardS)}. Bag them then. They keep ${keepsFor(keepS, p)}.`,
  'put-by.chill': ({ coldS, keepS }, p) =>
    coldS === null
      ? `This fridge does not cool them through in half a day. Spread them out.`
      : `In the fridge they are cold through after ${p.span(coldS)}. They keep ${keepsFor(keepS, p)} raw.`,
  'put-by.too-long': ({ wantedS, keepS }, p) =>
    `You want to keep them for ${keepsFor(wantedS, p)}. They are good for ${keepsFor(keepS, p)}.`,
  'put-by.plain': () => 'Nothing more is done to these pieces here.',
};

/** Fry or bake, Serve. */
export const hotFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);
