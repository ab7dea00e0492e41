import type { HandbookPage } from './page';

/** Pages on dough: what it is made of, and what the hands do. */
export const DOUGH_PAGES: readonly HandbookPage[] = [
  {
    id: 'families',
    title: 'Dough families',
    words:
      'which dough pastry type short shortcrust flaky scalded hot water yeast coiled egg butter sheet mash rice choose kind',
    figure: 'families',
    see: ['water', 'fat', 'resting'],
    parts: () => [
      {
        says: [
          'A family is a way of making dough. It sets how much fat and water go with the flour, how thin you roll the dough, and how hot the oil should be.',
          'Choose by the texture you want. Shortcrust is crisp all the way through and is best fried slowly in cooler oil. Soft and yeast doughs are tender and are best in hot oil. Coiled and flaky doughs come apart in layers.',
        ],
      },
      {
        title: 'How to read the table',
        says: [
          'Fat and water are given as a percentage of the weight of the flour. Water means effective water: it includes the water in milk, egg, butter and mash.',
          'The figures show what cooks usually use. Outside them the Dough station tells you what to expect; nothing is forbidden.',
        ],
      },
    ],
  },
  {
    id: 'water',
    title: 'Water and flour',
    words: 'hydration too wet sticky dry crumbly how much water hold back pour spoon hydration percent',
    figure: 'pour',
    see: ['families', 'resting', 'measuring'],
    parts: () => [
      {
        says: [
          'Never pour in all the water at once. Pour in the first part, mix, and feel the dough. Add the rest a spoonful at a time, and stop when the dough feels right.',
          'Flour, weather and the way you mix differ from day to day. Old flour and a dry kitchen need more water, a humid day needs less. Wholemeal needs 6 to 12 percent more water, and goes on absorbing it for twenty minutes.',
        ],
      },
      {
        title: 'Note what you poured',
        says: [
          'Enter at the Dough station how much water you poured and how the dough felt. The next first pour for this flour starts from there.',
        ],
      },
      {
        title: 'Hot-water dough',
        says: [
          'All the liquid goes in at once, boiling. Water that boils off first is missing from the dough, so weigh the pot. The dough firms up as it cools.',
        ],
      },
    ],
  },
  {
    id: 'fat',
    title: 'Fat in the dough',
    words: 'butter oil lard vegetable shortening rubbing in fist test swap substitute flaky short melt',
    figure: 'families',
    see: ['families', 'resting'],
    parts: (p) => [
      {
        says: [
          'Fat coats the flour and keeps water out, so the pastry is short (crumbly and tender). Rub it in until a squeezed fistful keeps its shape: that is the fist test.',
          'Butter is about a sixth water, so butter and oil do not replace each other weight for weight. Butter needs ice water and a cold rest; solid vegetable fat is easier with warm hands; oil never sets.',
          'Vegetable fat can replace all the butter. In doughs that rely on a firm fat, do not replace all of it with butter: the layers stick together.',
        ],
      },
      {
        title: 'Hot-oil dough',
        says: [
          `Pour oil at ${p.temp(150)} to ${p.temp(170)} onto the flour and salt. Stir with a long spoon, never by hand: the oil spits and burns.`,
        ],
      },
    ],
  },
  {
    id: 'yeast',
    title: 'Yeast',
    words: 'rise proof bloom instant fresh dry active flat dough does not rise knock back double sugar',
    figure: 'stiffness',
    see: ['resting', 'families', 'wrong'],
    parts: (p) => [
      {
        says: [
          `Dissolve yeast in lukewarm liquid, ${p.temp(35)} to ${p.temp(40)}. Above ${p.temp(46)} it weakens, from ${p.temp(55)} it dies, and below ${p.temp(30)} it is slow.`,
          'You need two and a half to three times as much fresh yeast as instant, and one and a quarter times as much active dry.',
          'Sugar above a tenth of the flour slows the yeast. Give a sweet dough more time, not more heat.',
        ],
      },
      {
        title: 'The poke test',
        says: [
          'Press in a floured finger. If the dent fills slowly and only in part, the dough is proofed. If the dent stays, it has over-proofed. Before filling, knock it back and shape it again; a filled piece cannot be knocked back: fry it now.',
        ],
      },
    ],
  },
  {
    id: 'resting',
    title: 'Kneading and resting',
    words: 'rest shrink spring back tough gluten knead how long relax roll elastic',
    figure: 'stiffness',
    see: ['families', 'water', 'wrong'],
    parts: () => [
      {
        says: [
          'Knead stiff shortcrust firmly for four to six minutes. Knead yeast and sheet doughs until smooth. Flaky and egg doughs toughen: press them together for three minutes at most.',
          'Resting relaxes the gluten. If a disc springs back, rest it 15 to 20 minutes longer under its cloth; do not add flour.',
          'Cover every waiting piece with a damp cloth. Shape, fill and fry the oldest first.',
        ],
      },
      {
        title: 'Stiffness',
        says: [
          'Stiffness runs from 0 (slack) to 10 (rock hard). The dial at the Dough station shows how stiff this dough will be, and the range that suits its family.',
        ],
      },
    ],
  },
];
