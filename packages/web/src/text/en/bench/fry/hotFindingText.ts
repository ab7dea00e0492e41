import { capital } from '../../shared/capital';
import { inHundred } from '../../shared/inHundred';
import { counted, plural } from '../../shared/plural';
import { type Finding, LIMITS } from '@ember-fold/core/plan';
import { type HotSentences, sayBy } from '../../shared/findingText';
import { keepsFor, plain, type Printer } from '../../../printer';
import { DECIDES } from '../../shared/decidesWords';
import { FAMILY_WORDS } from '../../shared/familyWords';

/** The sentences of Fry, Bake and Serve. They are loaded with their stations. */
const SENTENCES: HotSentences = {
  'fry.unsafe-oil': ({ oilC, limitC }, p) =>
    `${p.temp(oilC)} is above the caution limit of ${p.temp(limitC)} for this oil. Choose a lower temperature.`,
  'fry.cooked': ({ doneS, coreC, biteC }, p) =>
    `Cooked through after ${p.time(doneS)}. The middle is at ${p.temp(coreC)} when you take them out and at ${p.temp(biteC)} at the first bite.`,
  'fry.rests': ({ fromC, toC, restS }, p) =>
    `They finish cooking as they rest: the middle goes from ${p.temp(fromC)} to ${p.temp(toC)}. Leave them on a rack for ${p.span(restS)} before you cut one.`,
  'fry.no-moment': ({ oilC, darkS, doneS }, p) =>
    `There is no right moment at ${p.temp(oilC)}: pieces are too dark after ${p.time(darkS)}, ${doneS === null ? 'and are never done inside' : `but are done inside only after ${p.time(doneS)}`}.`,
  'fry.raw-ring': ({ interfaceC, setS }, p) =>
    setS === null
      ? `A ring of dough stays raw: the innermost dough only reaches ${p.temp(interfaceC)}. Roll thinner, fry hotter, or hold the pieces under the oil.`
      : `A ring of dough is raw when you take them out: the innermost dough is at ${p.temp(interfaceC)} and sets after ${p.time(setS)}. Fry longer and cooler.`,
  'fry.warm': ({ coreC, hotC }, p) =>
    `The filling is only at ${p.temp(coreC)} at the first bite. For ${p.temp(hotC)}, fry cooler and longer, or use less filling.`,
  'fry.core-cold': ({ coreC, targetC, coreS }, p) =>
    coreS === null
      ? `The middle is at ${p.temp(coreC)} when you take them out and never reaches ${p.temp(targetC)}. Make the pieces smaller, or start them warmer.`
      : `The middle is at ${p.temp(coreC)} when you take them out. It reaches ${p.temp(targetC)} after ${p.time(coreS)}. Fry longer.`,
  'fry.some-unsafe': ({ share, targetC }, p) =>
    `The middle of ${inHundred(share)} pieces stays below ${p.temp(targetC)}. They need more time.`,
  'fry.some-raw': ({ share, right }) =>
    `${capital(inHundred(share))} pieces stay raw where the dough meets the filling; ${inHundred(right)} come out right.`,
  'fry.some-pale': ({ share, right }) =>
    `${capital(inHundred(share))} pieces come out pale; ${inHundred(right)} come out right.`,
  'fry.some-dark': ({ share, right }) =>
    `${capital(inHundred(share))} pieces come out too dark; ${inHundred(right)} come out right.`,
  'fry.never-done': ({ oilC, horizonS }, p) =>
    `At ${p.temp(oilC)} pieces are not both cooked and golden within ${p.span(horizonS)}. Try another oil temperature, a thinner wall or smaller pieces.`,
  'fry.pale': ({ goldenS }, p) =>
    goldenS === null
      ? 'Pieces are still pale when you take them out, and never turn golden in this oil.'
      : `Pieces are still pale when you take them out. They are golden after ${p.time(goldenS)}.`,
  'fry.dark': ({ darkS, soonerS }, p) =>
    [
      'Pieces are browner than golden when you take them out',
      darkS === null ? '. ' : `, and too dark after ${p.time(darkS)}. `,
      soonerS === null
        ? 'They are not done before that: fry cooler.'
        : `They are done and golden after ${p.time(soonerS)}.`,
    ].join(''),
  'fry.golden': ({ goldenS }, p) =>
    goldenS === null ? 'Both sides are golden.' : `Both sides golden from ${p.time(goldenS)}.`,
  'fry.brown': ({ darkS }, p) =>
    darkS === null ? 'The darker side is brown.' : `The darker side is brown. It is too dark after ${p.time(darkS)}.`,
  'fry.window': ({ fromS, toS }, p) => `Take them out between ${p.time(fromS)} and ${p.time(toS)}.`,
  'fry.no-window': ({ fromS, toS }, p) =>
    `Pieces are too dark after ${p.time(toS)}, but cooked and golden only after ${p.time(fromS)}. Fry ${p.tempSpan(10)} to ${p.tempSpan(15)} cooler.`,
  'fry.burner': ({ holdSetting: hold, loadSetting, warmS, turnAtC, restC, mostC }, p) => {
    const first = `Full heat for ${p.span(warmS)}. At ${p.temp(turnAtC)} turn down to ${plain(hold, 0)}; with pieces in, ${plain(loadSetting, 0)}.`;
    if (restC <= mostC) return first;
    const back = hold > 1 ? `Turn down to ${plain(hold - 1, 0)}` : 'Turn the heat off';
    return `${first} Do not leave an empty pot at ${plain(hold, 0)}: it would climb to ${p.temp(restC)}. ${back} before it passes ${p.temp(mostC)}.`;
  },
  'fry.burner-weak': () => 'This burner never gets the oil that hot. Use less oil, a smaller pot or a stronger burner.',
  'fry.load-holds': ({ size, lowestC, leastC }, p) =>
    lowestC >= leastC
      ? `${counted(size, 'piece')} at a time ${plural(size, 'cools', 'cool')} the oil to ${p.temp(lowestC)}. That is hot enough.`
      : `${counted(size, 'piece')} at a time ${plural(size, 'cools', 'cool')} the oil to ${p.temp(lowestC)}, which is a little low. It recovers before the first turn.`,
  'fry.load-deep': ({ size, lowestC, leastC, underS }, p) =>
    `${counted(size, 'piece')} at a time ${plural(size, 'cools', 'cool')} the oil to ${p.temp(lowestC)}, and it stays below ${p.temp(leastC)} for ${p.time(underS)}. Pieces soak up oil that cool: fry fewer at a time.`,
  'fry.ramp': ({ fromC, toC, overS, coolS }, p) =>
    `The oil rises from ${p.temp(fromC)} to ${p.temp(toC)} in ${p.span(overS)} with the pieces in.${coolS === null ? '' : ` Then it needs ${p.span(coolS)} to cool down for the next load.`}`,
  'fry.pipeline': ({ size, everyS, lowestC }, p) =>
    `A piece goes in every ${p.time(everyS)}, with ${plain(size, 0)} in the oil at a time. The oil stays at ${p.temp(lowestC)} or above.`,
  'fry.then-oven': ({ ovenC, minutesS, coreC, biteC }, p) =>
    `The oven cooks them through: after ${p.span(minutesS)} at ${p.temp(ovenC)} the middle is at ${p.temp(coreC)}, and at ${p.temp(biteC)} at the first bite.`,
  'fry.then-oven-never': ({ ovenC }, p) =>
    `They are not done within an hour and a half in the oven at ${p.temp(ovenC)}. Use a hotter oven.`,
  'fry.then-oven-cold': ({ minutesS, coreC, targetC }, p) =>
    `After ${p.span(minutesS)} in the oven the middle is only ${p.temp(coreC)}. It must reach ${p.temp(targetC)}: leave them in longer.`,
  'fry.then-oven-raw': ({ minutesS, interfaceC }, p) =>
    `After ${p.span(minutesS)} in the oven the innermost dough is still raw (${p.temp(interfaceC)}). Leave them in longer.`,
  'fry.then-oven-dark': ({ minutesS, ovenC }, p) =>
    `They get too dark: ${p.span(minutesS)} in the oven at ${p.temp(ovenC)} browns them further. Fry them paler, or use a cooler oven.`,
  'fry.crisp': ({ ovenC, minutesS, sheets }, p) =>
    `Put the fried pieces in the fridge within ${p.span(LIMITS.leftovers.intoFridgeS)}. Before serving, heat them for ${p.span(minutesS)} in the oven at ${p.temp(ovenC)}${sheets > 1 ? `, one tray of ${sheets} at a time` : ''}, until the middle reaches ${p.temp(LIMITS.core.reheatC)}.`,
  'fry.crisp-never': ({ ovenC }, p) =>
    `Cold fried pieces do not get hot all the way through in the oven at ${p.temp(ovenC)}. Use a hotter oven, or eat them straight after frying.`,
  'fry.crisp-dark': ({ ovenC, minutesS }, p) =>
    `They get too dark in the oven: ${p.span(minutesS)} at ${p.temp(ovenC)} browns them further. Fry them paler, or use a cooler oven.`,
  'fry.not-basted': () =>
    'Baste the top with hot oil, or hold the bread under for its first seconds. Otherwise it stays flat.',
  'fry.hands': ({ size, hands }) =>
    `One cook can turn ${hands} pieces in time, not ${size}. Fry fewer at a time, or ask for help.`,
  'fry.pot-full': ({ size, room }) =>
    `${counted(size, 'piece')} do not fit side by side. There is room for ${plain(room, 0)}.`,
  'fry.pot-gone': () =>
    'The pot this batch was planned for is no longer in the Store. It is now planned for the pot on the burner.',
  'fry.pot-over-half': ({ oilAlone, withLoad, freeM, mostAlone, mostWithLoad, leastFreeM }, p) =>
    `Hot oil fills ${p.percent(oilAlone)} of the pot, ${p.percent(withLoad)} with a load in, and leaves ${p.length(freeM)} of bare wall. Keep it below ${p.percent(mostAlone)}, ${p.percent(mostWithLoad)} with a load, and ${p.length(leastFreeM)} of wall: use less oil or a taller pot.`,
  'fry.oil-outside': ({ oilC, leastC, mostC }, p) =>
    `The oil is ${p.temp(oilC)}. This dough is usually fried at ${p.temp(leastC)} to ${p.temp(mostC)}.`,
  'fry.oil-discard': ({ uses }) =>
    `The oil in the pot has fried ${counted(uses, 'batch', 'batches')} and should not be used again. Let it cool and throw it away, never down the sink. The Store says why.`,
  'fry.oil-last': ({ uses }) =>
    `The oil in the pot has fried ${counted(uses, 'batch', 'batches')}. It is good for one more.`,
  'fry.oil-strain': ({ uses }) =>
    `The oil in the pot has fried ${counted(uses, 'batch', 'batches')}. Strain it first, when it is cold.`,
  'fry.oil-allergen': ({ allergic }) =>
    `The oil in the pot carries an allergen of ${plural(allergic, 'one guest', `${plain(allergic, 0)} guests`)}. Nothing fried in it is safe for them: use fresh oil and a clean pot, and ask them.`,
  'fry.greasy': ({ oilKg, share, leastC }, p) =>
    `In oil this cool a piece soaks up ${p.mass(oilKg)} of oil, ${p.percent(share)} of its own weight, and turns pale, hard and greasy. Fry at ${p.temp(leastC)} or above.`,
  'fry.coil-shut': ({ mostC }, p) =>
    `Above ${p.temp(mostC)} a crust forms before the rings of a coiled dough open. Start cooler.`,
  'fry.seam': ({ worstS, holdsS }, p) =>
    holdsS === null
      ? `The seam is weakest after ${p.time(worstS)}. Do not prod the pieces then.`
      : `The seam is weakest after ${p.time(worstS)} and firm after ${p.time(holdsS)}. Do not prod the pieces in between.`,
  'fry.half-depth': ({ needM3, haveM3 }, p) =>
    `Half-depth frying needs ${p.volume(needM3)} of oil. You have ${p.volume(haveM3)}.`,
  'fry.half-too-deep': ({ needM3, haveM3 }, p) =>
    `${p.volume(haveM3)} of oil is too deep for half-depth frying: pieces float. Use ${p.volume(needM3)}.`,
  'fry.half-too-shallow': ({ needM3, haveM3 }, p) =>
    `With ${p.volume(haveM3)} of oil the middle of each piece stays dry and pale. Use ${p.volume(needM3)}.`,
  'fry.frozen-oil': ({ oilC, leastC, mostC }, p) =>
    `At ${p.temp(oilC)} a frozen piece browns before its middle has thawed. Use ${p.temp(leastC)} to ${p.temp(mostC)} and smaller loads.`,
  'fry.thaw-raw': () =>
    'The filling contains something raw. Never thaw it on the worktop: fry it straight from the freezer and probe the middle, or thaw it in the fridge. Local food rules come first.',
  'fry.frozen-wipe': () => 'Wipe frost off every frozen piece. Ice in hot oil spits and boils over.',
  'serve.ahead': ({ days, upTo }) =>
    `${upTo === 'dough' ? 'The dough is' : 'The pieces are'} made ${plural(days, 'the day', `${plain(days, 0)} days`)} before.`,
  'serve.ahead-dough': ({ family, days, most }) =>
    most === 0
      ? `This dough (${FAMILY_WORDS[family].name.toLowerCase()}) is used warm or at once: make it on the day.`
      : `This dough (${FAMILY_WORDS[family].name.toLowerCase()}) keeps for ${plural(most, '1 day', `${plain(most, 0)} days`)} in the fridge, not ${plain(days, 0)}.`,
  'serve.ahead-pieces': ({ waitS, keepS }, p) =>
    `Raw pieces of this dough keep for ${p.span(keepS)} in the fridge, not ${p.span(waitS)}. Freeze them, or fold them later.`,
  'serve.ahead-warm': () =>
    'Pieces made on an earlier day cannot wait at room temperature. Fry them from the fridge or frozen.',
  'serve.on-time': ({ startMs }, p) => `Start by ${p.clock(startMs)} on ${p.day(startMs)}.`,
  'serve.in-day-plan': ({ startMs, decides }, p) =>
    `Start at ${p.clock(startMs)} on ${p.day(startMs)}, together with the other batches of the supper: ${DECIDES[decides]}.`,
  'serve.plan-risky': ({ startMs, lateShare }, p) =>
    `Started at ${p.clock(startMs)}, the supper is late on about ${Math.min(10, Math.round(10 * lateShare))} days in 10. Its page says how much earlier to start.`,
  'serve.plan-late': ({ lateS, decides }, p) =>
    `The supper is ${p.span(lateS)} late: ${DECIDES[decides]}. Its page shows what you can do.`,
  'serve.to-fridge': ({ limitMs }, p) =>
    `Put the filled pieces in the fridge, covered. Left out, they are safe only until ${p.clock(limitMs)}.`,
  'serve.fridge-limit': () =>
    'Filled pieces would wait longer than the fridge keeps them. Fold them later, or freeze them.',
  'serve.no-take-out': () =>
    'There is no right moment to take these pieces out, so no times can be planned. Choose one of the changes at Fry.',
  'serve.late': ({ lateS }, p) =>
    `You should have started ${p.span(lateS)} ago. Eat later, make fewer, or fold some ahead and chill them.`,
  'serve.hold-long': ({ holdS, bestS }, p) =>
    `The first load waits ${p.span(holdS)}. Fried pieces are best within ${p.span(bestS)}. Crisp them again in the oven.`,
  'serve.room-limit': ({ waitS, limitS }, p) =>
    `Filled pieces wait ${p.span(waitS)} at room temperature. The usual limit is ${p.span(limitS)}. Chill them as they are folded.`,
  'serve.dough-waits': ({ family, waitS, mostS, portions }, p) =>
    `The dough waits ${p.span(waitS)} until its last piece is folded; ${p.span(mostS)} is the usual limit. ${FAMILY_WORDS[family].waits(portions + 1)}`,
  'serve.keeps': ({ keepS, place }, p) =>
    place === 'tin'
      ? `Leftovers keep for ${keepsFor(keepS, p)} in a tin.`
      : `Put leftovers in the fridge within ${p.span(LIMITS.leftovers.intoFridgeS)}; they keep for ${keepsFor(keepS, p)}. Crisp them again in the oven, once only.`,
  'bake.golden': ({ minutesS, ovenC }, p) => `Golden and cooked through after ${p.span(minutesS)} at ${p.temp(ovenC)}.`,
  'bake.pale': ({ minutesS, goldenS }, p) =>
    `They are still pale after ${p.span(minutesS)}. They are golden after ${p.span(goldenS)}.`,
  'bake.dark': ({ minutesS, darkS }, p) =>
    `They are too dark after ${p.span(darkS)}, but you bake them for ${p.span(minutesS)}. Take them out sooner.`,
  'bake.raw': ({ minutesS, doneS }, p) =>
    doneS === null
      ? `They are not cooked through in this oven. Make them smaller, or bake them hotter.`
      : `They are raw inside after ${p.span(minutesS)}. They are cooked through after ${p.span(doneS)}.`,
  'bake.dark-first': ({ ovenC, darkS, doneS }, p) =>
    darkS === null
      ? `They are not golden and cooked through within an hour and a half at ${p.temp(ovenC)}. Bake them hotter.`
      : `At ${p.temp(ovenC)} they are too dark after ${p.span(darkS)}, ${doneS === null ? 'and are never cooked through' : `but are cooked through only after ${p.span(doneS)}`}. Bake them cooler.`,
  'bake.turn': ({ turnS, bakes }, p) =>
    `Turn the tray round after ${p.span(turnS)}. ${bakes === 0 ? 'Ovens differ: look a few minutes early the first time.' : `The time is corrected for your oven, based on ${counted(bakes, 'bake')}.`}`,
  'stored.freeze': ({ hardS, keepS }, p) =>
    hardS === null
      ? `This freezer does not freeze them hard in half a day. Lay fewer on a tray.`
      : `On an open tray they are frozen hard after ${p.span(hardS)}. Then bag them. They keep for ${keepsFor(keepS, p)}.`,
  'stored.chill': ({ coldS, keepS }, p) =>
    coldS === null
      ? `This fridge does not cool them all the way through in half a day. Spread them out.`
      : `In the fridge they are cold all the way through after ${p.span(coldS)}. They keep raw for ${keepsFor(keepS, p)}.`,
  'stored.too-long': ({ wantedS, keepS }, p) =>
    `You want to keep them for ${keepsFor(wantedS, p)}. They keep for ${keepsFor(keepS, p)}.`,
  'stored.plain': () => 'These pieces need no further steps.',
};

/** Fry or bake, Serve. */
export const hotFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);
