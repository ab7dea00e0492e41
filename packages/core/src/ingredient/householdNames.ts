/**
 * What ingredients are called at home, in British and American English and beyond: household
 * name to the catalogue's id. A name that means something near, but not the same, stands in
 * `KINDS`: it is taken on as an ingredient of the cook's own, like the one named.
 */
const NAMES: Readonly<Record<string, string>> = {
  'plain-wheat-flour':
    'flour, plain flour, all-purpose flour, all purpose flour, ap flour, white flour, wheat flour, maida, refined flour, plain white flour, unbleached flour, pastry flour, bakers flour',
  'strong-wheat-flour': 'bread flour, strong flour, strong white flour, high gluten flour, strong bread flour',
  'cake-wheat-flour': 'cake flour, soft flour',
  'wholemeal-wheat-flour':
    'wholemeal flour, whole wheat flour, wholewheat flour, whole-wheat flour, wholemeal wheat flour',
  'fine-wholemeal-flour': 'atta, chapati flour, chapatti flour, fine wholemeal flour, whole wheat pastry flour',
  'durum-semolina': 'semolina, sooji, suji, rava, durum semolina, semolina flour',
  'fine-durum-flour': 'durum flour, fine semolina',
  'spelt-flour': 'spelt flour, light spelt flour, spelt',
  'wholemeal-spelt-flour': 'wholemeal spelt flour',
  'rye-flour': 'rye flour, rye',
  'barley-flour': 'barley flour',
  'oat-flour': 'oat flour',
  'rice-flour': 'rice flour',
  'glutinous-rice-flour': 'glutinous rice flour, sweet rice flour, sticky rice flour, mochiko',
  'maize-flour': 'maize flour, fine cornmeal, cornmeal, corn meal, polenta, corn flour (yellow)',
  'maize-meal-cooked': 'masa, masa harina, masarepa, arepa flour, precooked cornmeal, precooked corn flour, harina pan',
  'buckwheat-flour': 'buckwheat flour',
  'gram-flour': 'gram flour, besan, chickpea flour, chick pea flour',
  'millet-flour': 'millet flour',
  'corn-starch': 'cornstarch, corn starch, cornflour, corn flour',
  'potato-starch': 'potato starch, potato flour',
  'tapioca-starch': 'tapioca starch, tapioca flour, tapioca, cassava starch, polvilho',
  'wheat-starch': 'wheat starch',
  arrowroot: 'arrowroot, arrowroot powder',
  butter: 'butter, unsalted butter, sweet butter',
  'salted-butter': 'salted butter',
  ghee: 'ghee, clarified butter',
  lard: 'lard, manteca, pork fat',
  'beef-dripping': 'beef dripping, dripping, tallow, beef tallow, beef fat',
  'duck-fat': 'duck fat, goose fat',
  suet: 'suet',
  'vegetable-shortening': 'shortening, vegetable shortening, vegetable fat, white vegetable fat',
  'baking-margarine': 'margarine, baking margarine',
  'vegan-block': 'vegan butter, plant butter, vegan block',
  'coconut-fat': 'coconut fat, coconut oil',
  'sunflower-oil': 'sunflower oil, oil, vegetable oil, neutral oil, cooking oil, salad oil',
  'rapeseed-oil': 'rapeseed oil, canola oil, canola',
  'groundnut-oil': 'groundnut oil, peanut oil',
  'corn-oil': 'corn oil',
  'olive-oil': 'olive oil, extra virgin olive oil, extra-virgin olive oil',
  'sesame-oil': 'sesame oil, toasted sesame oil',
  'walnut-oil': 'walnut oil',
  water: 'water, tap water, ice water, iced water, boiling water, hot water, warm water, cold water, lukewarm water',
  milk: 'milk, whole milk, full-fat milk, full fat milk, semi-skimmed milk, 2% milk',
  'skimmed-milk': 'skimmed milk, skim milk, nonfat milk, fat-free milk',
  buttermilk: 'buttermilk',
  yoghurt: 'yoghurt, yogurt, plain yoghurt, plain yogurt, natural yoghurt, natural yogurt, curd, dahi',
  'strained-yoghurt': 'greek yoghurt, greek yogurt, strained yoghurt, strained yogurt',
  'single-cream': 'single cream, light cream, half and half, half-and-half',
  'double-cream': 'double cream, heavy cream, whipping cream, heavy whipping cream, cream',
  'sour-cream': 'sour cream, soured cream, creme fraiche, smetana',
  'coconut-milk': 'coconut milk',
  'soya-drink': 'soya milk, soy milk',
  'oat-drink': 'oat milk',
  beer: 'beer, lager, ale',
  'white-wine': 'white wine, wine',
  spirit: 'vodka, gin, rum, brandy, pisco, aguardiente, schnapps',
  'lemon-juice': 'lemon juice, lime juice, lemon, lime, juice of lemon, juice of lime',
  'lemon-zest': 'lemon zest, lemon peel, zest of lemon, lime zest, lemon rind, zest of lime',
  'orange-juice': 'orange juice, orange, juice of orange',
  'cider-vinegar':
    'vinegar, white vinegar, cider vinegar, apple cider vinegar, wine vinegar, white wine vinegar, distilled vinegar',
  'vegetable-stock': 'vegetable stock, vegetable broth, stock, broth',
  'chicken-stock': 'chicken stock, chicken broth',
  egg: 'egg, whole egg, beaten egg',
  'egg-yolk': 'egg yolk, yolk',
  'egg-white': 'egg white',
  'dried-egg': 'dried egg, egg powder',
  sugar: 'sugar, white sugar, granulated sugar, caster sugar, castor sugar, superfine sugar, cane sugar',
  'icing-sugar': 'icing sugar, powdered sugar, confectioners sugar, confectioner sugar, 10x sugar',
  'brown-sugar':
    'brown sugar, light brown sugar, dark brown sugar, demerara sugar, muscovado sugar, muscovado, jaggery, gur, panela, piloncillo',
  honey: 'honey, runny honey',
  'golden-syrup': 'golden syrup, corn syrup, light corn syrup, treacle',
  'malt-extract': 'malt extract',
  'fine-salt': 'salt, table salt, fine salt, sea salt, fine sea salt, kosher salt',
  'flaky-salt': 'flaky salt, flaky sea salt',
  'baking-powder': 'baking powder',
  bicarbonate: 'baking soda, bicarbonate of soda, bicarb, bicarbonate, soda, sodium bicarbonate',
  'instant-yeast':
    'instant yeast, fast-action yeast, fast action yeast, fast-action dried yeast, easy-bake yeast, quick yeast, rapid-rise yeast, rapid rise yeast, instant dried yeast, instant dry yeast',
  'active-dry-yeast': 'active dry yeast, dried yeast, dry yeast, yeast, active dried yeast',
  'fresh-yeast': 'fresh yeast, compressed yeast, cake yeast',
  'roast-squash': 'roast squash, roasted squash, butternut squash, butternut, squash',
  pumpkin: 'pumpkin, pumpkin puree',
  onion: 'onion, yellow onion, white onion, red onion, brown onion, spanish onion',
  'spring-onion': 'spring onion, scallion, green onion, salad onion',
  shallot: 'shallot, echalion',
  leek: 'leek',
  carrot: 'carrot',
  celery: 'celery',
  celeriac: 'celeriac, celery root',
  parsnip: 'parsnip',
  swede: 'swede, rutabaga, turnip, neep',
  beetroot: 'beetroot, beet, boiled beetroot',
  'boiled-potato': 'potato, boiled potato, mashed potato, floury potato, russet potato, mash',
  'sweet-potato': 'sweet potato, yam',
  'cassava-mash': 'cassava, yuca, manioc, cassava mash',
  'green-plantain': 'plantain, green plantain',
  cabbage: 'cabbage, white cabbage, green cabbage',
  kale: 'kale',
  spinach: 'spinach, baby spinach, fresh spinach',
  'spinach-squeezed': 'frozen spinach, cooked spinach',
  chard: 'chard, swiss chard, silverbeet',
  sauerkraut: 'sauerkraut',
  mushroom:
    'mushroom, button mushroom, cremini mushroom, chestnut mushroom, white mushroom, portobello mushroom, cremini',
  'dried-mushroom': 'dried mushroom, porcini, dried porcini',
  aubergine: 'aubergine, eggplant, brinjal',
  courgette: 'courgette, zucchini',
  'red-pepper':
    'red pepper, bell pepper, red bell pepper, capsicum, green bell pepper, green pepper, yellow pepper, sweet pepper',
  tomato: 'tomato, fresh tomato, plum tomato',
  'tinned-tomato': 'tinned tomato, canned tomato, chopped tomato, crushed tomato, strained tomato, passata',
  sweetcorn: 'sweetcorn, corn, corn kernel, sweet corn',
  peas: 'pea, peas, green pea, frozen pea, garden pea',
  'broad-beans': 'broad bean, fava bean',
  'boiled-brown-lentils': 'brown lentil, green lentil, lentil, cooked lentil, puy lentil',
  'red-lentils': 'red lentil, masoor dal, dal, dhal',
  'boiled-chickpeas': 'chickpea, garbanzo bean, garbanzo, chick pea',
  'white-beans': 'white bean, cannellini bean, haricot bean, navy bean, black bean, kidney bean, pinto bean, bean',
  'boiled-split-peas': 'split pea, chana dal, yellow split pea, moong dal, mung bean, urad dal',
  'boiled-barley': 'barley, pearl barley',
  'boiled-rice': 'rice, boiled rice, cooked rice',
  'boiled-buckwheat': 'buckwheat, kasha',
  'glass-noodles': 'glass noodle, vermicelli, cellophane noodle, rice noodle',
  'bread-crumb': 'breadcrumb, bread crumb, dry breadcrumb, panko, rusk',
  'firm-tofu': 'tofu, firm tofu, bean curd',
  'minced-beef': 'minced beef, ground beef, beef mince, mince, hamburger meat, ground chuck, minced meat, ground meat',
  'minced-pork': 'minced pork, ground pork, pork mince, sausage meat',
  'minced-lamb': 'minced lamb, ground lamb, lamb mince, keema',
  'minced-chicken': 'minced chicken, ground chicken, chicken mince, ground turkey, minced turkey, turkey mince',
  'cooked-chicken': 'cooked chicken, shredded chicken, roast chicken, rotisserie chicken, leftover chicken',
  'cooked-ham': 'ham, cooked ham',
  'smoked-bacon': 'bacon, smoked bacon, pancetta, lardon, streaky bacon',
  'cured-sausage': 'chorizo, salami, cured sausage, pepperoni',
  'white-fish': 'white fish, cooked fish, cooked white fish',
  'smoked-mackerel': 'smoked mackerel',
  'tinned-tuna': 'tuna, tinned tuna, canned tuna',
  'cooked-prawns': 'cooked prawn, cooked shrimp',
  'hard-boiled-egg': 'hard-boiled egg, hard boiled egg, boiled egg',
  'hard-cheese': 'cheddar, cheddar cheese, hard cheese, mature cheddar, gruyere, monterey jack',
  'grating-cheese': 'parmesan, parmesan cheese, pecorino, parmigiano',
  'soft-white-cheese': 'feta, feta cheese, goat cheese, goats cheese, queso fresco, paneer, ricotta salata',
  'melting-cheese': 'mozzarella, mozzarella cheese, melting cheese, cheese, grated cheese',
  'curd-cheese': 'curd cheese, farmer cheese, farmers cheese, quark, tvorog, cottage cheese, ricotta, ricotta cheese',
  'cream-cheese': 'cream cheese',
  apple: 'apple, cooking apple',
  pear: 'pear',
  plum: 'plum',
  cherry: 'cherry, sour cherry, cherries',
  blueberry: 'blueberry, bilberry',
  banana: 'banana',
  rhubarb: 'rhubarb',
  'dried-apricot': 'dried apricot, apricot',
  raisin: 'raisin, sultana, currant',
  date: 'date, medjool date, pitted date',
  'poppy-seed': 'poppy seed',
  walnut: 'walnut, pecan',
  almond: 'almond, ground almond, almond meal, almond flour',
  peanut: 'peanut, roast peanut, roasted peanut, groundnut',
  'coconut-flakes': 'desiccated coconut, dry coconut, shredded coconut, coconut flake, coconut',
  'sesame-seed': 'sesame seed, sesame',
  'plain-chocolate': 'chocolate, dark chocolate, plain chocolate, bittersweet chocolate, chocolate chip',
  'green-olive': 'green olive, olive',
  garlic: 'garlic, garlic clove, clove garlic',
  'fresh-ginger': 'ginger, fresh ginger, root ginger, gingerroot, ginger root',
  'fresh-chilli': 'chilli, chili, chile, green chilli, red chilli, green chili, red chili, jalapeno, serrano',
  sage: 'sage',
  dill: 'dill, dill weed',
  parsley: 'parsley, flat-leaf parsley, flat leaf parsley',
  'coriander-leaf': 'coriander, cilantro, fresh coriander, coriander leaf, coriander leaves, dhania',
  mint: 'mint',
  thyme: 'thyme',
  'dried-oregano': 'oregano, dried oregano',
  'black-pepper': 'black pepper, pepper, ground black pepper, ground pepper',
  'white-pepper': 'white pepper',
  'ground-cumin': 'cumin, ground cumin, cumin powder, jeera, cumin seed',
  'ground-coriander': 'ground coriander, coriander powder, coriander seed',
  turmeric: 'turmeric, ground turmeric, haldi, turmeric powder',
  'sweet-paprika': 'paprika, sweet paprika, smoked paprika, pimenton',
  'hot-chilli':
    'chilli powder, chili powder, cayenne, cayenne pepper, red chilli powder, chilli flake, chili flake, red pepper flake',
  caraway: 'caraway, caraway seed, ajwain, carom seed',
  'fennel-seed': 'fennel seed',
  'mustard-seed': 'mustard seed',
  'made-mustard': 'mustard, dijon mustard, made mustard, english mustard, prepared mustard, yellow mustard',
  'ground-nutmeg': 'nutmeg, ground nutmeg',
  'ground-cinnamon': 'cinnamon, ground cinnamon',
  'ground-cardamom': 'cardamom, ground cardamom',
  asafoetida: 'asafoetida, hing, asafetida',
  'tomato-paste': 'tomato paste, tomato puree, tomato concentrate',
  tamarind: 'tamarind, tamarind paste',
  'soy-sauce': 'soy sauce, soya sauce',
  'fish-sauce': 'fish sauce',
  'dried-milk': 'milk powder, dried milk, dry milk',
  'stock-powder': 'stock powder, bouillon powder, stock cube, bouillon cube',
  'stock-paste': 'stock paste, bouillon paste',
  vanilla: 'vanilla, vanilla extract, vanilla essence',
};

/** Names of things that are not in the catalogue, with the nearest that is; and what is raw of them as bought. */
const KINDS: Readonly<Record<string, string>> = {
  'white-fish':
    'trout, cod, haddock, salmon, pollock, hake, tilapia, sea bass, bass, plaice, halibut, catfish, snapper, fish, fish fillet, mackerel, sardine, herring',
  'cooked-prawns': 'shrimp, prawn, crab, crabmeat, lobster, crayfish, squid, mussel, clam, scallop',
  'minced-chicken': 'chicken, chicken breast, chicken thigh, turkey, duck',
  'minced-beef': 'beef, steak, chuck, brisket, veal, venison',
  'minced-pork': 'pork, pork shoulder, sausage',
  'minced-lamb': 'lamb, mutton, goat',
  spinach: 'sorrel, nettle, rocket, arugula, watercress, lettuce, bok choy, pak choi',
  cabbage: 'brussels sprout, cauliflower, broccoli, kohlrabi, bean sprout',
  apple: 'quince, peach, nectarine, mango, pineapple, guava, papaya',
  blueberry: 'strawberry, raspberry, blackberry, cranberry, gooseberry',
  walnut: 'hazelnut, cashew, pistachio, pine nut, macadamia',
  'sesame-seed': 'sunflower seed, pumpkin seed, flax seed, chia seed, nigella seed',
  parsley: 'chive, basil, tarragon, chervil, marjoram, rosemary, fresh herb, herb, curry leaf',
  'ground-cumin':
    'garam masala, curry powder, allspice, five spice, clove, ground clove, ground ginger, sumac, za’atar, star anise, bay leaf, fenugreek, spice mix, saffron, mace',
  'golden-syrup': 'maple syrup, molasses, agave syrup, jam, jelly, marmalade, dulce de leche',
  'tomato-paste': 'harissa, pesto, ketchup, curry paste, chilli sauce, hot sauce, salsa',
  'soy-sauce': 'worcestershire sauce, oyster sauce, hoisin sauce',
};

/** A household name, with what it stands for. */
export interface HouseholdName {
  /** Words of the name, singular, lower case. */
  readonly words: readonly string[];
  /** As it is written. */
  readonly name: string;
  readonly ingredientId: string;
  /** Only like it: an ingredient of the cook's own. */
  readonly isKind: boolean;
}

/**
 * Words of a name in the shape in which names are compared: lower case, no accents, singular.
 * @example plainWords('Spring Onions') // ['spring', 'onion']
 */
export function plainWords(text: string): string[] {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’']s?\b/g, '')
    .split(/[^a-z0-9%&]+/)
    .filter(Boolean)
    .map(singular);
}

const ODD_PLURALS: Readonly<Record<string, string>> = {
  leaves: 'leaf',
  loaves: 'loaf',
  halves: 'half',
  cloves: 'clove',
  chives: 'chive',
  olives: 'olive',
  potatoes: 'potato',
  tomatoes: 'tomato',
  mangoes: 'mango',
  molasses: 'molasses',
  peas: 'pea',
  couscous: 'couscous',
  asparagus: 'asparagus',
  hummus: 'hummus',
  swiss: 'swiss',
  brussels: 'brussels',
};

function singular(word: string): string {
  const odd = ODD_PLURALS[word];
  if (odd) return odd;
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && /(?:sh|ch|x|ss)es$/.test(word)) return word.slice(0, -2);
  if (word.length > 3 && word.endsWith('s') && !word.endsWith('ss') && !word.endsWith('us')) return word.slice(0, -1);
  return word;
}

const namesIn = (table: Readonly<Record<string, string>>, isKind: boolean): HouseholdName[] =>
  Object.entries(table).flatMap(([ingredientId, names]) =>
    names.split(', ').map((name) => ({ words: plainWords(name), name, ingredientId, isKind })),
  );

/** Every household name, the longest first: "rice flour" before "flour". */
export const HOUSEHOLD_NAMES: readonly HouseholdName[] = [...namesIn(NAMES, false), ...namesIn(KINDS, true)].sort(
  (a, b) => b.words.length - a.words.length,
);
