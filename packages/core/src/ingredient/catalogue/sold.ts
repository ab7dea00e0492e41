import type { IngredientRole, Sold, SoldUnit } from '../ingredient.js';

/** Sold loose and used as it is. */
export const LOOSE: Sold = { as: null, unit: null, unitKg: null, usedShare: 1 };

const of = (unit: SoldUnit, grams: number, usedShare = 1): Sold => ({
  as: null,
  unit,
  unitKg: grams / 1000,
  usedShare,
});

/** How most of a role is sold. Our own working values. */
const USUAL: Record<IngredientRole, Sold> = {
  flour: of('bag', 1000),
  fat: of('block', 250),
  liquid: of('bottle', 500),
  egg: of('piece', 50),
  sugar: of('bag', 1000),
  salt: of('pack', 750),
  leaven: of('pack', 100),
  starch: of('pack', 250),
  filling: LOOSE,
  seasoning: of('jar', 35),
};

/**
 * `id | sold as | unit | g of one | used over bought`. Used over bought: what peeling, stoning,
 * draining, boiling or soaking leaves of one part. Under 1 is trimmed away, over 1 is drunk in.
 * Our own working values for a home kitchen; any of them can be changed.
 */
const TABLE = `
roast-squash         | Butternut squash, whole | piece  | 1100 | 0.62
pumpkin              | Pumpkin, whole       | piece  | 2000 | 0.7
onion                |                      | piece  | 150  | 0.88
spring-onion         |                      | bunch  | 110  | 0.8
shallot              |                      | piece  | 30   | 0.85
leek                 |                      | piece  | 200  | 0.6
carrot               |                      | piece  | 90   | 0.82
celery               |                      | bunch  | 450  | 0.75
celeriac             |                      | piece  | 800  | 0.72
parsnip              |                      | piece  | 150  | 0.78
swede                |                      | piece  | 700  | 0.82
beetroot             | Beetroot, raw        | bunch  | 500  | 0.8
boiled-potato        | Potatoes             | bag    | 1500 | 0.82
sweet-potato         | Sweet potatoes, raw  | piece  | 300  | 0.82
cassava-mash         | Cassava, raw         | piece  | 600  | 0.75
green-plantain       | Plantain, green      | piece  | 270  | 0.65
cabbage              |                      | piece  | 1000 | 0.8
kale                 |                      | bag    | 200  | 0.7
spinach              |                      | bag    | 250  | 0.9
spinach-squeezed     | Spinach, fresh       | bag    | 250  | 0.38
chard                |                      | bunch  | 400  | 0.85
sauerkraut           | Sauerkraut           | jar    | 680  | 0.6
mushroom             |                      | pack   | 250  | 0.96
dried-mushroom       |                      | pack   | 30   | 1
aubergine            | Aubergine, raw       | piece  | 300  | 0.6
courgette            |                      | piece  | 220  | 0.93
red-pepper           |                      | piece  | 170  | 0.8
tomato               |                      | piece  | 90   | 0.92
tinned-tomato        |                      | tin    | 400  | 1
sweetcorn            | Sweetcorn, tinned    | tin    | 340  | 0.83
peas                 | Peas, frozen         | bag    | 900  | 1
broad-beans          | Broad beans, frozen  | bag    | 500  | 0.75
boiled-brown-lentils | Brown lentils, dry   | bag    | 500  | 2.4
red-lentils          | Red lentils, dry     | bag    | 500  | 2.5
boiled-chickpeas     | Chickpeas, dry       | bag    | 500  | 2.2
white-beans          | White beans, dry     | bag    | 500  | 2.3
boiled-split-peas    | Split peas, dry      | bag    | 500  | 2.4
boiled-barley        | Pearl barley, dry    | bag    | 500  | 3
boiled-rice          | Rice, dry            | bag    | 1000 | 2.8
boiled-buckwheat     | Buckwheat, dry       | bag    | 500  | 2.9
glass-noodles        | Glass noodles, dry   | pack   | 100  | 3
bread-crumb          |                      | pack   | 250  | 1
firm-tofu            |                      | pack   | 280  | 0.9
cooked-chicken       | Chicken thigh, boneless | pack | 500 | 0.72
hard-boiled-egg      | Eggs                 | piece  | 58   | 0.86
white-fish           | White fish fillet, raw | pack | 300  | 0.8
smoked-mackerel      | Smoked mackerel, whole fillets | pack | 200 | 0.92
tinned-tuna          |                      | tin    | 145  | 0.72
cooked-prawns        |                      | pack   | 150  | 0.95
minced-beef          |                      | pack   | 500  | 1
minced-pork          |                      | pack   | 500  | 1
minced-lamb          |                      | pack   | 500  | 1
minced-chicken       |                      | pack   | 500  | 1
smoked-bacon         |                      | pack   | 250  | 0.95
hard-cheese          |                      | block  | 350  | 0.97
grating-cheese       |                      | block  | 200  | 0.95
soft-white-cheese    |                      | pack   | 200  | 0.9
melting-cheese       |                      | pack   | 125  | 0.9
curd-cheese          |                      | pack   | 250  | 1
cream-cheese         |                      | pack   | 200  | 1
apple                |                      | piece  | 160  | 0.76
pear                 |                      | piece  | 170  | 0.78
plum                 |                      | piece  | 60   | 0.92
cherry               | Cherries, with stones | bag   | 500  | 0.86
banana               |                      | piece  | 180  | 0.65
rhubarb              |                      | bunch  | 400  | 0.85
poppy-seed           |                      | pack   | 250  | 1
walnut               | Walnuts, shelled     | bag    | 200  | 1
almond               |                      | bag    | 200  | 1
sesame-seed          |                      | bag    | 200  | 1
plain-chocolate      |                      | block  | 100  | 1
green-olive          | Green olives, with stones | jar | 340 | 0.48
garlic               |                      | piece  | 50   | 0.85
fresh-ginger         |                      | piece  | 100  | 0.85
fresh-chilli         |                      | piece  | 15   | 0.85
sage                 |                      | bunch  | 20   | 0.7
dill                 |                      | bunch  | 30   | 0.75
parsley              |                      | bunch  | 50   | 0.7
coriander-leaf       |                      | bunch  | 50   | 0.75
mint                 |                      | bunch  | 40   | 0.6
thyme                |                      | bunch  | 20   | 0.5
lemon-zest           | Lemons               | piece  | 110  | 0.05
lemon-juice          | Lemons               | piece  | 110  | 0.36
orange-juice         | Oranges              | piece  | 180  | 0.42
made-mustard         |                      | jar    | 200  | 1
tomato-paste         |                      | tin    | 140  | 1
tamarind             |                      | jar    | 200  | 1
soy-sauce            |                      | bottle | 250  | 1
fish-sauce           |                      | bottle | 200  | 1
stock-paste          |                      | jar    | 200  | 1
dried-milk           |                      | tin    | 300  | 1
milk                 |                      | bottle | 1000 | 1
yoghurt              |                      | pack   | 500  | 1
sunflower-oil        |                      | bottle | 920  | 1
rapeseed-oil         |                      | bottle | 920  | 1
olive-oil            |                      | bottle | 460  | 1
instant-yeast        |                      | pack   | 7    | 1
active-dry-yeast     |                      | pack   | 7    | 1
fresh-yeast          |                      | block  | 42   | 1
egg                  | Eggs                 | piece  | 58   | 0.88
egg-yolk             | Eggs                 | piece  | 58   | 0.31
egg-white            | Eggs                 | piece  | 58   | 0.57
dried-egg            |                      | pack   | 125  | 1
honey                |                      | jar    | 340  | 1
`;

const BY_ID = new Map(
  TABLE.trim()
    .split('\n')
    .map((line): [string, Sold] => {
      const [id, as, unit, grams, usedShare] = line.split('|').map((cell) => cell.trim());
      return [id!, { ...of(unit as SoldUnit, Number(grams), Number(usedShare)), as: as || null }];
    }),
);

/** How a shipped ingredient is sold. */
export function shippedSold(id: string, role: IngredientRole): Sold {
  return BY_ID.get(id) ?? USUAL[role];
}

/** Ids named in the table, so that a test can hold them against the catalogue. */
export const SOLD_IDS: readonly string[] = [...BY_ID.keys()];
