import type { Printer } from '../printer';
import { type HandbookPage, SCHOOL_OIL } from './page';

const between = ([least, most]: readonly [number, number], p: Printer): string => `${p.temp(least)} to ${p.temp(most)}`;

/** Pages on pot, oil, frying, baking, and what is put by. */
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
          `Take a deep, heavy pot that stands firm. Oil fills a third of it at most, and half with the lot in, both reckoned hot. Leave ${p.length(0.08)} of free wall at least.`,
          'Oil grows by an eighth as it heats, and pieces push it up. The Fry station reckons both.',
          'Have a lid within reach, a rack or paper beside the pot, and dry tools. Turn handles in. The thermometer’s tip stays off the bottom.',
        ],
      },
    ],
  },
  {
    id: 'oil-heat',
    title: 'Holding the oil',
    words: 'temperature band burner heat dips recover too hot too cool thermometer greasy dark knob ring overshoot',
    figure: 'schools',
    see: ['no-thermometer', 'lots', 'schools', 'pot'],
    parts: (p) => [
      {
        says: [
          'The band is the oil temperature this plan allows. Too hot, and the outside is dark while the inside is raw. Too cool, and pieces are pale, hard and greasy.',
          'A cold lot pulls the oil down. Turn up before it goes in, and back before the oil is at its mark: the ring gives off heat after you turn it.',
          `A reading that stays flat, or falls, with the heat on may be a probe that slipped out. Look before you turn up. At ${p.tempSpan(15)} over the band the stove page warns.`,
        ],
      },
    ],
  },
  {
    id: 'no-thermometer',
    title: 'Without a thermometer',
    words: 'no thermometer crumb of dough test bubbles bread cube tell hot enough ready wooden spoon',
    figure: 'crumb',
    see: ['oil-heat', 'schools'],
    parts: () => [
      {
        says: [
          'Drop a crumb of dough in and watch. What it does is a range of temperatures, never a number.',
          'Then fry one piece, cut it, and judge it, before the rest goes in.',
        ],
      },
    ],
  },
  {
    id: 'schools',
    title: 'Two schools of frying',
    words: 'slow hot quick start cold oil temperature school which is better crisp blisters time',
    figure: 'schools',
    see: ['oil-heat', 'families', 'core'],
    parts: (p) => [
      {
        says: [
          `Slow: in at ${between(SCHOOL_OIL.slow.startC, p)}, out at ${between(SCHOOL_OIL.slow.endC, p)}. Thick short shells crisp right through, with few blisters. It takes long, and small lots.`,
          `Hot and quick: ${between(SCHOOL_OIL.quick.startC, p)}. For soft, thin and yeast doughs, and fillings that are cooked. Minutes matter more.`,
          'The Fry station works out both for the batch at hand: minutes, lots, oil in the crust, and how much a slip costs.',
        ],
      },
    ],
  },
  {
    id: 'lots',
    title: 'Lots and turning',
    words: 'how many at once crowd lot batch size turn stir baste stick together pipeline first turn float',
    figure: 'schools',
    see: ['oil-heat', 'oil-life', 'core'],
    parts: () => [
      {
        says: [
          'Too many pieces keep the oil down, and they drink it. Too few waste time. The right lot keeps the dip inside the band.',
          'Drop a few, wait some seconds, then more, so that they do not stick.',
          'Turn first when they have risen: 30 to 90 seconds. Then turn once, or each minute. Move them gently with a slim stick; a ladle tears soft skin. Hollow breads puff when the top is basted.',
          'Fry a trial piece first. Cut it and judge it. Then change oil, minutes or thickness for the rest.',
        ],
      },
    ],
  },
  {
    id: 'oil-life',
    title: 'How long oil lasts',
    words: 'old oil reuse strain smell dark foam smoke rancid discard change filter how often smoke point kinds',
    figure: 'symptoms',
    see: ['allergens', 'fire', 'lots'],
    parts: (p) => [
      {
        says: [
          'Use refined oil with a high smoke point. It ages with hours, heat, crumbs and salt. Strain it, date it, count its uses: the Store does.',
          `Used oil smokes ${p.tempSpan(10)} to ${p.tempSpan(20)} sooner than new oil.`,
          'Discard it when it is dark, foams, smokes early or smells rank.',
          'Fry plain and vegetarian lots before fish, meat, sesame or strong ones: flavours carry over.',
        ],
      },
    ],
  },
  {
    id: 'core',
    title: 'Done in the middle',
    words: 'raw inside cooked core temperature safe chicken meat fish egg minced probe undercooked ring',
    figure: 'keeping',
    see: ['schools', 'opened', 'wrong'],
    parts: (p) => [
      {
        says: [
          `A piece is done when the innermost dough has set, at ${p.temp(92)}, and the filling is safe. Cooked filling that is only warm is not raw: it is cooked filling that is only warm.`,
        ],
      },
      {
        title: 'Filling that was raw, at its coldest point',
        says: [],
        list: [
          `Poultry, minced poultry too: ${p.temp(74)}.`,
          `Minced meat, and egg: ${p.temp(71)}.`,
          `Fish and shellfish: ${p.temp(63)}.`,
          `Anything heated again: ${p.temp(74)}, in some countries ${p.temp(75)}, or ${p.temp(70)} for two minutes.`,
        ],
      },
      {
        says: ['Pieces with raw meat are not thawed on the bench, and are probed at the core.'],
      },
    ],
  },
  {
    id: 'opened',
    title: 'When a piece opens',
    words: 'burst leaking in the oil split spit what to do open save finish oven',
    figure: 'symptoms',
    see: ['sealing', 'filling', 'core'],
    parts: (p) => [
      {
        says: [
          'Lift it and let it drain. Skim the oil: what leaked burns and spits.',
          `Finish it in an oven at ${p.temp(175)} for 20 to 25 minutes.`,
          `A lot that is too dark outside and raw inside goes into an oven at ${p.temp(160)} until the core is there.`,
          'Tell the stove page which piece it was. The ledger then knows what to look for.',
        ],
      },
    ],
  },
  {
    id: 'freezing',
    title: 'Freezing',
    words: 'freeze frozen freezer thaw defrost make ahead tray bag how long frost straight from',
    figure: 'keeping',
    see: ['keeping', 'lots', 'schools'],
    parts: (p) => [
      {
        says: [
          'Freeze on an open tray, pieces apart, until hard: two to three hours. Then bag and date them. They keep their quality for two to three months.',
        ],
      },
      {
        title: 'From frozen, two schools',
        says: [],
        list: [
          `Straight into cooler oil, ${p.temp(145)} to ${p.temp(160)}, longer, in smaller lots.`,
          'Or 15 to 30 minutes on paper first. Wipe the surface dry: frost spits.',
        ],
      },
      { says: ['Pieces with raw meat are not thawed on the bench.'] },
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
          `Wash with egg or milk. Bake at ${p.temp(170)} to ${p.temp(190)} for 15 to 30 minutes by size; lined cups take 45. Turn the tray once.`,
          'Baked pieces keep longer and brown less evenly. Ovens differ: tell the Bake station how one went, and the next minutes follow.',
          'A batch may be split: fry some, bake some, and compare.',
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
          'Fried pieces are best within two hours. Crisp them again in the oven or in hot air, not in the microwave.',
          `Filled pieces stand at room temperature for two hours in all: shaping, proofing and waiting count together. Over ${p.temp(32)} it is one hour.`,
          'Cooked leftovers go into the fridge within two hours.',
          'Yeast doughs hold for hours in the fridge, short doughs for a day.',
        ],
      },
    ],
  },
];
