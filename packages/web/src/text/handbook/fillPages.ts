import type { HandbookPage } from './page';

/** Pages on filling, dividing, closing and forms. */
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
          `A filling goes in thick, with no free liquid, and cold: under ${p.temp(20)}, and under ${p.temp(8)} for doughs rich in fat. Hot or wet filling melts fat, opens seams, leaks and spits.`,
        ],
      },
      {
        title: 'Two ways to dry it',
        says: [],
        list: [
          'By weight: weigh the empty pan, know the weight you want, and stop when the scale says so.',
          'Thickened: starch at 4 to 7 percent of the free liquid sets a paste you can spoon. It must boil and turn clear. Flour takes 8 to 10 percent.',
        ],
      },
      {
        title: 'By what is in it',
        says: [],
        list: [
          'Soft fruit: strain, boil the juice down apart, fold it back off the heat.',
          'Leafy or watery vegetables: salt, wait, squeeze.',
          'Minced meat: brown it fine and loose before the salt, then simmer until the stock is gone.',
          'Cheese, stock and sauces bring their own salt: season last, 0.8 to 1.6 percent in all.',
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
          `Cool from ${p.temp(60)} to ${p.temp(21)} within two hours, and on to ${p.temp(5)} within four more.`,
          `Shallow is fast. Half the depth takes about a quarter of the time. Spread it under ${p.length(0.05)}, split it in two, stand the dish in cold water, then put it in the fridge.`,
          'Cover it once it steams no more. Work from a small dish and keep the rest cold.',
        ],
      },
    ],
  },
  {
    id: 'dividing',
    title: 'Dividing, and dough beside filling',
    words: 'portion weigh ratio balance how much filling each size equal bready generous thin left over scraps',
    figure: 'stiffness',
    see: ['forms', 'sealing'],
    parts: () => [
      {
        says: [
          'Weigh the whole dough, divide by the count, and weigh each. Cut by eye, twelve become thirteen.',
          'Dough to filling by weight runs from 2 to 1, bready and safe, to 1 to 1.7, generous and thin. Generous cooks do not want to bite for the middle. Careful cooks fill less than they think. The slider says what each costs in pieces that open.',
          'Dough and filling must end together. If they cannot, the Fold station says what to do with the rest.',
        ],
      },
      {
        title: 'Cut rounds',
        says: ['Each re-roll is tougher. Mix scraps with fresh dough. Scalded dough is rolled again warm.'],
      },
    ],
  },
  {
    id: 'sealing',
    title: 'Seams that hold',
    words: 'seal crimp fork rope pleat pinch glue egg water burst open leak edge air rim stick together',
    figure: 'forms',
    see: ['filling', 'opened', 'forms'],
    parts: () => [
      {
        says: [
          'Keep the edge clean and the bench dry. Dry flour on the rim stops dough from sticking to dough.',
          'Water, flour paste, starch slurry or egg glues it. Very fresh soft doughs hold by a pinch alone.',
          'Press the air out from the middle to the ends. Trapped air grows in the oil and opens the seam.',
          'Give every seam a last pinch just before it fries.',
        ],
      },
      {
        title: 'Seal margin',
        says: [
          'The seal margin is the strip of bare dough around the filling that becomes the seam. Too narrow, and the seam is short; too wide, and the bite is bready.',
        ],
      },
      {
        title: 'Gathered forms',
        says: ['Roll the rim thinner than the middle, and pinch the knot off. A thick knot stays raw inside.'],
      },
    ],
  },
  {
    id: 'forms',
    title: 'Forms',
    words: 'shape half moon cone triangle pouch ball teardrop roll square cup parcel oval how to fold which',
    figure: 'forms',
    see: ['sealing', 'dividing', 'core'],
    parts: () => [
      {
        says: [
          'A form sets the size of the disc, the length of the seam, how much goes in, and how thick the piece is in the oil. A thick piece needs cooler oil and more minutes.',
          'The Fold station draws each act of the hands for the form you chose, and gives a template to cut by.',
          'Soft and scalded doughs are rolled on one side, not turned. Doughs with gluten are turned a quarter between rolls.',
        ],
      },
    ],
  },
  {
    id: 'coats',
    title: 'Coats',
    words: 'crumb breadcrumbs semolina seeds batter falls off coating dip wet dry hand',
    figure: 'symptoms',
    see: ['lots', 'oil-life', 'wrong'],
    parts: () => [
      {
        says: [
          'First wet, then dry: water, egg, milk or slurry, then crumb, semolina or seed. Keep one hand wet and one hand dry.',
          'Press it on and let it rest ten minutes. Flour under the wet step makes it fall off.',
          'Crumb browns faster than dough and drops into the oil. Skim between lots.',
        ],
      },
    ],
  },
];
