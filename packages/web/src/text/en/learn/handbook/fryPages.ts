import { counted } from '../../shared/plural';
import { LIMITS, doughFamily } from '@ember-fold/core/plan';
import type { Printer } from '../../../printer';
import { type HandbookPage, METHOD_OIL } from './page';

const between = ([least, most]: readonly [number, number], p: Printer): string => `${p.temp(least)} to ${p.temp(most)}`;

/** Pages on the pot, oil, frying, baking and storing. */
export const FRY_PAGES: readonly HandbookPage[] = [
  {
    id: 'pot',
    title: 'Setting up the pot',
    words: 'how much oil pot size deep fill level safe stove before start set up lid',
    figure: 'cautions',
    see: ['fire', 'oil-heat', 'burns'],
    parts: (p) => [
      {
        says: [
          `Use a deep, heavy pot that stands firm. Hot oil may fill a third of it at most, and half with a load in. Leave at least ${p.length(0.08)} of bare wall above the oil.`,
          'Oil expands by about an eighth as it heats, and the pieces raise its level. The Fry station allows for both.',
          'Keep a lid within reach, a rack or paper beside the pot, and your tools dry. Turn handles inwards. Keep the tip of the thermometer off the bottom of the pot.',
        ],
      },
    ],
  },
  {
    id: 'oil-heat',
    title: 'Holding the oil',
    words: 'temperature range burner heat dips recover too hot too cool thermometer greasy dark knob ring overshoot',
    figure: 'methods',
    see: ['no-thermometer', 'loads', 'methods', 'pot'],
    parts: (p) => [
      {
        says: [
          'The range is the span of oil temperatures that suits this batch. In hotter oil the outside is dark while the middle is still raw. In cooler oil the pieces come out pale, hard and greasy.',
          'A load cools the oil. Turn the burner up just before the load goes in, and down again before the oil reaches its target: a burner stays hot for a while after you turn it down.',
          `If the heat is on and the reading stays flat or falls, the probe may have slipped out. Look before you turn the burner up. At ${p.tempSpan(15)} above the range, turn the heat off.`,
        ],
      },
    ],
  },
  {
    id: 'no-thermometer',
    title: 'Without a thermometer',
    words: 'no thermometer crumb of dough test bubbles bread cube tell hot enough ready wooden spoon',
    figure: 'crumb',
    see: ['oil-heat', 'methods'],
    parts: () => [
      {
        says: [
          'Drop in a pea-sized crumb of dough and watch it. It tells you a range of temperatures, not an exact one.',
          'Then fry one piece, cut it open and judge it before the rest go in.',
        ],
      },
    ],
  },
  {
    id: 'methods',
    title: 'Two methods of frying',
    words: 'slow hot quick start cold oil temperature school method which is better crisp blisters time',
    figure: 'methods',
    see: ['oil-heat', 'families', 'core'],
    parts: (p) => [
      {
        says: [
          `Slow: the pieces go in at ${between(METHOD_OIL.slow.startC, p)} and come out at ${between(METHOD_OIL.slow.endC, p)}. Thick shortcrust shells crisp all the way through, with few blisters. It takes longer, and you fry fewer at a time.`,
          `Hot and quick: ${between(METHOD_OIL.quick.startC, p)}. It suits soft, thin and yeast doughs, and fillings that are already cooked. The timing has to be more exact.`,
          'The Fry station works out both for the batch you have open: the minutes, the loads, the oil in the crust, and what a mistake would cost.',
        ],
      },
    ],
  },
  {
    id: 'loads',
    title: 'Loads and turning',
    words: 'how many at once crowd load lot round batch size turn flip stir baste stick together first turn float',
    figure: 'methods',
    see: ['oil-heat', 'oil-life', 'core'],
    parts: () => [
      {
        says: [
          'Too many pieces at once keep the oil too cool, and they soak it up. Too few waste time. The right number lets the temperature dip but stay in range.',
          'Drop in a few, wait some seconds, then drop in more, so that they do not stick together.',
          'Turn the pieces for the first time when they float, after 30 to 90 seconds. Then turn them once more, or every minute. Move them gently with a slim stick; a ladle tears soft skin. Hollow breads puff up when you baste the top.',
          'Fry a trial piece first. Cut it open and judge it. Then change the oil, the minutes or the thickness for the rest.',
        ],
      },
    ],
  },
  {
    id: 'oil-life',
    title: 'How long oil lasts',
    words: 'old oil reuse strain smell dark foam smoke rancid discard change filter how often smoke point kinds',
    figure: 'symptoms',
    see: ['allergens', 'fire', 'loads'],
    parts: (p) => [
      {
        says: [
          'Use refined oil with a high smoke point. Hours in use, heat, crumbs and salt age it. Strain it and date it; the Store counts its uses.',
          `Used oil starts to smoke ${p.tempSpan(10)} to ${p.tempSpan(20)} lower than new oil.`,
          'Discard it when it is dark, foams, smokes early or smells rancid.',
          'Fry plain and vegetarian pieces before fish, meat, sesame or strongly flavoured ones: flavours carry over.',
          'Oil in which garlic, chilli or herbs have stood is not frying oil. Keep it in the fridge and use it within a few days.',
        ],
      },
    ],
  },
  {
    id: 'core',
    title: 'Done in the middle',
    words: 'raw inside cooked core temperature safe chicken meat fish egg minced probe undercooked ring',
    figure: 'keeping',
    see: ['methods', 'opened', 'wrong'],
    parts: (p) => [
      {
        says: [
          `A piece is done when the innermost dough has set, at ${p.temp(92)}, and the filling is safe. A filling that was cooked and cooled earlier is not safe because it is warm: it has to be hot again all the way through (${p.temp(LIMITS.core.reheatC)}).`,
        ],
      },
      {
        title: 'Safe temperatures at the coldest point of the filling',
        says: [],
        list: [
          `Poultry, including minced poultry: ${p.temp(LIMITS.core.poultryC)}.`,
          `Minced meat and egg: ${p.temp(LIMITS.core.mincedMeatC)}.`,
          `Fish and shellfish: ${p.temp(LIMITS.core.fishC)}.`,
          `Anything cooked earlier and reheated: ${p.temp(LIMITS.core.reheatC)}; some countries require ${p.temp(75)}, or ${p.temp(70)} for two minutes. Reheat it only once.`,
        ],
      },
      {
        says: [
          'Never thaw pieces with raw meat on the worktop, and always probe the core.',
          'Do not taste raw dough or raw filling: raw flour, egg and meat can make you ill. Wash hands, boards and knives after raw meat, fish or egg.',
        ],
      },
    ],
  },
  {
    id: 'opened',
    title: 'When a piece bursts',
    words: 'burst leaking in the oil split spit what to do open save finish oven',
    figure: 'symptoms',
    see: ['sealing', 'filling', 'core'],
    parts: (p) => [
      {
        says: [
          'Take it out and let it drain. Skim the oil: leaked filling burns and spits.',
          `Finish the piece in an oven at ${p.temp(175)} for 20 to 25 minutes.`,
          `A load that is too dark outside and raw inside goes into an oven at ${p.temp(160)} until the middle reaches its safe temperature.`,
          'Mark the piece as burst on the stove page, so that the ledger can look for the cause.',
        ],
      },
    ],
  },
  {
    id: 'freezing',
    title: 'Freezing',
    words: 'freeze frozen freezer thaw defrost make ahead tray bag how long frost straight from',
    figure: 'keeping',
    see: ['keeping', 'loads', 'methods'],
    parts: (p) => [
      {
        says: [
          'Freeze the pieces apart on an open tray until hard, two to three hours. Then bag and date them. They keep their quality for two to three months.',
        ],
      },
      {
        title: 'Two ways to fry from frozen',
        says: [],
        list: [
          `Put them straight into cooler oil, ${p.temp(145)} to ${p.temp(160)}, for longer and in smaller loads.`,
          'Or leave them on paper for 15 to 30 minutes first. Wipe the surface dry: frost spits.',
        ],
      },
      { says: ['Never thaw pieces with raw meat on the worktop.'] },
    ],
  },
  {
    id: 'baking',
    title: 'Baking instead',
    words: 'oven bake air fryer healthier wash egg milk minutes tray brown',
    figure: 'keeping',
    see: ['opened', 'keeping', 'core'],
    parts: (p) => [
      {
        says: [
          `Brush the pieces with egg or milk. Bake at ${p.temp(170)} to ${p.temp(190)} for 15 to 30 minutes, depending on size; lined cups take 45. Turn the tray once.`,
          'Baked pieces keep longer and brown less evenly. Ovens differ: note how a bake went at the Bake station, and the next time is corrected.',
          'You can split a batch: fry some, bake some, and compare.',
        ],
      },
    ],
  },
  {
    id: 'keeping',
    title: 'Holding and keeping',
    words: 'leftovers fridge how long keep reheat crisp again hold before frying room temperature days storage',
    figure: 'keeping',
    see: ['freezing', 'cooling', 'core'],
    parts: (p) => [
      {
        says: [
          `Fried pieces are best within ${p.span(LIMITS.fried.bestS)}. Crisp them again in the oven or air fryer, not in the microwave.`,
          `Filled pieces may spend ${p.span(LIMITS.room.mostS)} at room temperature in all: shaping, proofing and waiting count together. Above ${p.temp(LIMITS.room.hotOverC)} it is ${p.span(LIMITS.room.hotMostS)}.`,
          `Put cooked leftovers in the fridge within ${p.span(LIMITS.leftovers.intoFridgeS)}. Cool rice, beans and lentils fastest of all: spread them thin, and have them cold within an hour or two. Reheat leftovers only once.`,
          `In the fridge, yeast dough keeps for ${counted(doughFamily('yeast').keepsDays, 'day')}, shortcrust for ${counted(doughFamily('shortcrust').keepsDays, 'day')}.`,
        ],
      },
    ],
  },
];
