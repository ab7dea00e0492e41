import { LIMITS } from '@ember-fold/core/plan';
import type { HandbookPage } from './page';

/** Pages on filling, dividing, sealing and shapes. */
export const FILL_PAGES: readonly HandbookPage[] = [
  {
    id: 'filling',
    title: 'A filling that stays in',
    words: 'wet watery leak runny thicken starch dry reduce squeeze vegetables fruit meat juice season salt',
    figure: 'cooling',
    see: ['cooling', 'sealing', 'core'],
    parts: (p) => [
      {
        says: [
          `A filling should be thick, without free liquid, and cold: below ${p.temp(20)}, and below ${p.temp(8)} for doughs rich in fat. A hot or wet filling melts the fat, opens seams, leaks and spits.`,
        ],
      },
      {
        title: 'Two ways to dry it',
        says: [],
        list: [
          'By weight: weigh the empty pan, work out the weight you want, and stop when the scale shows it.',
          'Thickened: starch at 4 to 7 percent of the free liquid gives a paste you can spoon. It must boil and turn clear. Flour needs 8 to 10 percent.',
        ],
      },
      {
        title: 'By what is in it',
        says: [],
        list: [
          'Soft fruit: strain it, boil the juice down separately, then fold it back in off the heat.',
          'Leafy or watery vegetables: salt them, wait, and squeeze.',
          'Minced meat: break it up small and brown it before you salt it, then simmer until the stock has boiled away.',
          'Cheese, stock and sauces already contain salt: season last, 0.8 to 1.6 percent in all.',
        ],
      },
    ],
  },
  {
    id: 'cooling',
    title: 'Cooling a filling',
    words: 'cool fast fridge ice bath shallow dish how long safe overnight ahead temperature depth',
    figure: 'cooling',
    see: ['filling', 'keeping', 'core'],
    parts: (p) => [
      {
        says: [
          `Cool the filling from ${p.temp(LIMITS.cooling.fromC)} to ${p.temp(LIMITS.cooling.firstC)} within ${p.span(LIMITS.cooling.firstS)}, and to ${p.temp(LIMITS.cooling.secondC)} within ${p.span(LIMITS.cooling.secondS)} more.`,
          `Shallow is fast. In the fridge, half the depth takes about half the time; in cold water about a third. Spread it less than ${p.length(0.05)} deep, split it in two, stand the dish in cold water, then put it in the fridge.`,
          'Cover it when it stops steaming. Work from a small dish and keep the rest cold.',
        ],
      },
    ],
  },
  {
    id: 'dividing',
    title: 'Dividing, and how much filling',
    words: 'portion weigh ratio balance how much filling each size equal bready doughy generous thin left over scraps',
    figure: 'stiffness',
    see: ['shapes', 'sealing'],
    parts: () => [
      {
        says: [
          'Weigh all the dough, divide by the number of pieces, and weigh each portion. By eye you will end up with eleven or thirteen.',
          'By weight, dough to filling runs from 2 to 1 (doughy and safe) to 1 to 1.7 (generous and thin). Some cooks want filling in every bite; careful cooks use less than looks right. The slider shows how many pieces each choice is likely to cost you.',
          'Dough and filling should run out together. If they do not, the Fold station says what to do with the rest.',
        ],
      },
      {
        title: 'Cut rounds',
        says: [
          'Dough gets tougher each time it is rolled again. Mix scraps with fresh dough. Roll hot-water dough again while it is warm.',
        ],
      },
    ],
  },
  {
    id: 'sealing',
    title: 'Seams that hold',
    words: 'seal crimp fork rope pleat pinch glue egg water burst open leak edge air rim stick together',
    figure: 'shapes',
    see: ['filling', 'opened', 'shapes'],
    parts: () => [
      {
        says: [
          'Keep the edge clean and the worktop dry. Dry flour on the rim stops dough from sticking to dough.',
          'Seal it with water, flour paste, starch slurry or egg wash. Very fresh soft doughs need only a pinch.',
          'Press the air out from the middle to the ends. Trapped air expands in the oil and bursts the seam.',
          'Pinch every seam once more just before the piece goes into the oil.',
        ],
      },
      {
        title: 'Seal margin',
        says: [
          'The seal margin is the strip of bare dough around the filling that becomes the seam. Too narrow, and the seam has little to hold on to; too wide, and you bite into plain dough.',
        ],
      },
      {
        title: 'Gathered shapes',
        says: ['Roll the rim thinner than the middle, and pinch off the knot. A thick knot stays raw inside.'],
      },
    ],
  },
  {
    id: 'shapes',
    title: 'Shapes',
    words: 'shape form half moon cone triangle pouch ball teardrop roll square cup parcel oval how to fold which',
    figure: 'shapes',
    see: ['sealing', 'dividing', 'core'],
    parts: () => [
      {
        says: [
          'The shape decides the size of the disc, the length of the seam, how much filling goes in, and how thick the piece is in the oil. A thick piece needs cooler oil and more minutes.',
          'The Fold station draws each step for the shape you chose, and prints a template to cut by.',
          'Roll soft and hot-water doughs on one side, without turning them over. Give doughs with gluten a quarter turn between rolls.',
        ],
      },
    ],
  },
  {
    id: 'coatings',
    title: 'Coatings',
    words: 'crumb breadcrumbs semolina seeds batter falls off coating dip wet dry hand',
    figure: 'symptoms',
    see: ['loads', 'oil-life', 'wrong'],
    parts: () => [
      {
        says: [
          'First wet, then dry: water, egg, milk or slurry, then breadcrumbs, semolina or seeds. Keep one hand wet and one hand dry.',
          'Press the coating on and let it rest ten minutes. If there is dry flour under the egg or milk, the coating falls off.',
          'Breadcrumbs brown faster than dough and fall off into the oil. Skim between loads.',
        ],
      },
    ],
  },
];
