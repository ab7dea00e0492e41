import type { HandbookPage } from './page';

/** Pages on dough: what it is made of, and what the hands do. */
export const DOUGH_PAGES: readonly HandbookPage[] = [
  {
    id: 'families',
    title: 'Dough families',
    words: 'which dough pastry type short flaky scalded yeast coiled egg butter sheet mash choose kind',
    figure: 'families',
    see: ['water', 'fat', 'resting'],
    parts: () => [
      {
        says: [
          'A family is a way of making dough. It sets how much fat and water the flour takes, how thin the dough is rolled, and which oil suits it.',
          'Choose by what you want to bite. Rubbed short doughs are crisp all through and like slow oil. Soft and yeast doughs are tender and like hot oil. Coiled and cold-fat doughs come apart in leaves.',
        ],
      },
      {
        title: 'How to read the table',
        says: [
          'Fat and water are percent of the flour by weight. Water is effective water: it counts what milk, egg, butter and mash bring.',
          'The figures are where cooks work. Outside them the Dough station says what will happen; it does not forbid it.',
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
          'Never pour all the water at once. Pour the first part, mix, and feel. Add the rest by the spoon, and stop when the dough is right.',
          'Flour, weather and hands differ from day to day. Old flour and a dry kitchen want more water, a humid day wants less. Wholemeal wants 6 to 12 percent more, and drinks on for twenty minutes.',
        ],
      },
      {
        title: 'What you poured is worth a note',
        says: [
          'Tell the Dough station what you poured and how the dough felt. The next first pour of this flour begins there.',
        ],
      },
      {
        title: 'Scalded dough',
        says: [
          'All its liquid goes in at once, boiling. What boils off is water that is missing later, so weigh the pot. The dough tightens as it cools.',
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
          'Fat keeps flour from the water, so the bite is short. Rub it in until a squeezed fistful keeps its shape: that is the fist test.',
          'Butter is about a sixth water. Butter and oil are not one for one. Butter wants ice water and a cold rest; solid vegetable fat forgives warm hands; oil never firms.',
          'Vegetable fat may take the place of all the butter. Butter may not take the place of all the fat where the dough depends on it: the layers stick.',
        ],
      },
      {
        title: 'Hot-oil dough',
        says: [
          `Oil at ${p.temp(150)} to ${p.temp(170)} goes onto flour and salt. Stir with a spoon: it spits, and it burns hands.`,
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
          `Bloom yeast in liquid at ${p.temp(35)} to ${p.temp(40)}: finger-warm. Over ${p.temp(46)} it weakens, from ${p.temp(55)} it dies, under ${p.temp(30)} it is slow.`,
          'Fresh yeast is two and a half to three times instant by weight. Active dry is one and a quarter times instant.',
          'Sugar over a tenth of the flour slows it. Give a sweet dough more time, not more heat.',
        ],
      },
      {
        title: 'The poke test',
        says: [
          'Press a floured finger in. A slow, partial spring back means it is proofed. No spring back means it has gone over: knock it back and shape at once.',
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
          'Stiff rubbed dough is kneaded firm for four to six minutes. Yeast and sheet doughs are kneaded until smooth. Cold-fat and egg doughs toughen: press them together, three minutes at most.',
          'Rest lets gluten slacken. A disc that springs back needs 15 to 20 minutes more under its cloth, not more flour.',
          'Cover every waiting piece with a damp cloth. Shape, fill and fry the oldest first.',
        ],
      },
      {
        title: 'Stiffness',
        says: [
          'Stiffness runs from 0, slack, to 10, rock. The dial on the Dough station shows where this dough will be, and the band its family wants.',
        ],
      },
    ],
  },
];
