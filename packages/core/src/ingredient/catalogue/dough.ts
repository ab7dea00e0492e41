import { catalogueTable } from './table.js';

export const FLOURS = catalogueTable(
  'flour',
  `
plain-wheat-flour     | Plain wheat flour     | 12 1 10.5 73 0.5 0   | 530 | 1.1 | gluten | vegan | | Wheat flour, white, all-purpose, unenriched
strong-wheat-flour    | Strong wheat flour    | 13 1.5 12.5 70 0.5 0 | 540 | 1.4 | gluten | vegan | | Wheat flour, white, bread
cake-wheat-flour      | Soft cake flour       | 12.5 0.9 8.2 76 0.3 0 | 480 | 1.3 | gluten | vegan | | Wheat flour, white, cake
wholemeal-wheat-flour | Wholemeal wheat flour | 11 2.5 12.5 60 0.5 0 | 510 | 1.3 | gluten | vegan | wholemeal=1 | Wheat flour, whole-grain
fine-wholemeal-flour  | Fine wholemeal flour  | 11 2 11.5 63 0.5 0   | 520 | 1.5 | gluten | vegan | wholemeal=0.9 | Wheat flour, whole-grain, soft wheat
brown-wheat-flour     | Brown wheat flour     | 12 1.8 11.5 66 0.5 0 | 520 | 1.4 | gluten | vegan | wholemeal=0.5 | no brown row; our own mean of Wheat flour, white and whole-grain
durum-semolina        | Durum semolina        | 12.5 1 12.5 69 0.5 0 | 700 | 1.8 | gluten | vegan | | Semolina, unenriched
fine-durum-flour      | Fine durum flour      | 12.5 1.2 12.5 68 0.6 0 | 600 | 2 | gluten | vegan | | Semolina, unenriched
spelt-flour           | Light spelt flour     | 11.5 2 12 66 1 0     | 500 | 2.4 | gluten | vegan | wholemeal=0.2 | Spelt, uncooked
wholemeal-spelt-flour | Wholemeal spelt flour | 11 2.4 14.5 57 1.5 0 | 490 | 2.6 | gluten | vegan | wholemeal=1 | Spelt, uncooked
rye-flour             | Rye flour             | 10.5 2 9 66 1 0      | 480 | 1.5 | gluten | vegan | wholemeal=0.5 | Rye flour, medium
barley-flour          | Barley flour          | 12 1.6 10.5 68 0.8 0 | 560 | 2.5 | gluten | vegan | wholemeal=0.4 | Barley flour or meal
oat-flour             | Oat flour             | 8.5 9 14.5 58 0.8 0  | 420 | 2.8 | gluten | vegan | wholemeal=0.6 | Oat flour, partially debranned
rice-flour            | Rice flour            | 12 1.4 6 78 0.1 0    | 600 | 2.2 | | vegan | free | Rice flour, white, unenriched
glutinous-rice-flour  | Glutinous rice flour  | 12 0.7 6.5 79 0.1 0  | 560 | 3 | | vegan | free | Rice flour, white, unenriched
maize-flour           | Fine maize flour      | 10.5 3.9 7 73 0.6 0  | 560 | 2 | | vegan | free | Corn flour, whole-grain, yellow
maize-meal-cooked     | Precooked maize meal  | 9 1.5 7 77 0.5 0     | 600 | 2.4 | | vegan | free | Corn flour, masa, unenriched, white
buckwheat-flour       | Buckwheat flour       | 11 3.1 12.6 65 2.6 0 | 540 | 3.2 | | vegan | free wholemeal=0.5 | Buckwheat flour, whole-groat
gram-flour            | Gram flour            | 10 6.7 22 47 11 0.1  | 390 | 2.6 | | vegan | free | Chickpea flour (besan)
millet-flour          | Millet flour          | 8.7 4.2 10.8 70 1.7 0 | 500 | 3 | | vegan | free | Millet flour
`,
);

export const STARCHES = catalogueTable(
  'starch',
  `
corn-starch    | Corn starch    | 8.3 0.1 0.3 88 0 0 | 540 | 2.8 | | vegan | | Cornstarch
potato-starch  | Potato starch  | 13 0.1 0.3 85 0 0  | 700 | 3 | | vegan | | Potato flour; starch by difference
tapioca-starch | Tapioca starch | 11 0 0.2 88 0 0    | 500 | 3.2 | | vegan | | Tapioca, pearl, dry
wheat-starch   | Wheat starch   | 12 0.1 0.3 86 0 0  | 520 | 3 | gluten | vegan | | no row; our own estimate from Cornstarch
arrowroot      | Arrowroot      | 11.4 0.1 0.3 87 0 0 | 520 | 9 | | vegan | | Arrowroot flour
`,
);

export const FATS = catalogueTable(
  'fat',
  `
butter               | Butter               | 16 81 0.9 0 0.1 0   | 960 | 9 | milk | vegetarian | solid | Butter, without salt
salted-butter        | Salted butter        | 16 80.5 0.9 0 0.1 1.6 | 960 | 9 | milk | vegetarian | solid | Butter, salted
ghee                 | Ghee                 | 0.3 99.5 0 0 0 0    | 910 | 13 | milk | vegetarian | solid | Butter, Clarified butter (ghee)
lard                 | Lard                 | 0 100 0 0 0 0       | 920 | 4 | | meat | solid | Lard
beef-dripping        | Beef dripping        | 0 100 0 0 0 0       | 910 | 4.5 | | meat | solid | Fat, beef tallow
duck-fat             | Duck fat             | 0.2 99.8 0 0 0 0    | 915 | 12 | | meat | | Fat, duck
suet                 | Suet                 | 4 94 1.5 0 0 0      | 520 | 8 | | meat | solid | Beef, variety meats and by-products, suet, raw
vegetable-shortening | Vegetable shortening | 0 100 0 0 0 0       | 860 | 4 | | vegan | solid | Shortening, household, vegetable
baking-margarine     | Baking margarine     | 18 80 0.2 0 0.3 1   | 950 | 5 | milk | vegetarian | solid | Margarine, regular, 80% fat, composite, stick
vegan-block          | Plant baking block   | 22 75 0.1 0 0.2 0.8 | 950 | 8 | | vegan | solid | Margarine, regular, 80% fat, composite, stick; less fat
coconut-fat          | Coconut fat          | 0 99 0 0 0 0        | 925 | 7 | | vegan | solid | Oil, coconut
sunflower-oil        | Sunflower oil        | 0 100 0 0 0 0       | 918 | 3 | | vegan | | Oil, sunflower, high oleic
rapeseed-oil         | Rapeseed oil         | 0 100 0 0 0 0       | 915 | 3.2 | | vegan | | Oil, canola
groundnut-oil        | Groundnut oil        | 0 100 0 0 0 0       | 914 | 6 | peanuts | vegan | | Oil, peanut, salad or cooking
corn-oil             | Corn oil             | 0 100 0 0 0 0       | 918 | 3.5 | | vegan | | Oil, corn, industrial and retail
olive-oil            | Olive oil            | 0 100 0 0 0 0       | 911 | 9 | | vegan | | Oil, olive, salad or cooking
sesame-oil           | Sesame oil           | 0 100 0 0 0 0       | 918 | 16 | sesame | vegan | | Oil, sesame, salad or cooking
walnut-oil           | Walnut oil           | 0 100 0 0 0 0       | 918 | 20 | nuts | vegan | | Oil, walnut
`,
);

export const LIQUIDS = catalogueTable(
  'liquid',
  `
water            | Water              | 100 0 0 0 0 0         | 1000 | 0 | | vegan | | Water, tap
milk             | Milk               | 88 3.3 3.2 0 4.8 0.1  | 1030 | 1.2 | milk | vegetarian | | Milk, whole
skimmed-milk     | Skimmed milk       | 91 0.1 3.4 0 5 0.1    | 1035 | 1.1 | milk | vegetarian | | Milk, nonfat, fluid
buttermilk       | Buttermilk         | 90 0.9 3.3 0 4.8 0.2  | 1030 | 2 | milk | vegetarian | | Milk, buttermilk, fluid, cultured, lowfat
yoghurt          | Plain yoghurt      | 88 3.3 3.5 0 4.7 0.1  | 1030 | 3 | milk | vegetarian | | Yogurt, plain, whole milk
strained-yoghurt | Strained yoghurt   | 81 5 9 0 4 0.1        | 1050 | 5 | milk | vegetarian | | Yogurt, Greek, plain, whole milk
single-cream     | Single cream       | 74 19 2.7 0 3.7 0.1   | 1010 | 5 | milk | vegetarian | | Cream, fluid, light
double-cream     | Double cream       | 58 36 2.8 0 2.8 0.1   | 990 | 6 | milk | vegetarian | | Cream, fluid, heavy whipping
sour-cream       | Sour cream         | 74 19 2.4 0 3.4 0.1   | 1000 | 5 | milk | vegetarian | | Cream, sour, cultured
coconut-milk     | Coconut milk       | 73 21 2 0 2.8 0       | 1000 | 4 | | vegan | | Nuts, coconut milk, canned
soya-drink       | Soya drink         | 92 1.8 3.2 0.5 1.5 0.1 | 1030 | 2 | soya | vegan | | Soymilk, original and vanilla, unfortified
oat-drink        | Oat drink          | 90 1.5 1 1.5 4 0.1    | 1030 | 2 | gluten | vegan | | Oat milk, unsweetened, plain, refrigerated
beer             | Beer               | 92 0 0.5 0 0 0        | 1005 | 3 | gluten | vegan | | Alcoholic beverage, beer, regular
white-wine       | White wine         | 87 0 0.1 0 1 0        | 990 | 7 | sulphites | vegan | | Alcoholic beverage, wine, table, white
spirit           | Clear spirit       | 60 0 0 0 0 0          | 950 | 18 | | vegan | | Alcoholic beverage, distilled, all 80 proof
lemon-juice      | Lemon juice        | 92 0.2 0.4 0 2.5 0    | 1030 | 4 | | vegan | | Lemon juice, raw
orange-juice     | Orange juice       | 88 0.2 0.7 0 8.4 0    | 1040 | 3 | | vegan | | Orange juice, raw
cider-vinegar    | Cider vinegar      | 94 0 0 0 0.4 0        | 1010 | 3 | | vegan | | Vinegar, cider
vegetable-stock  | Vegetable stock    | 98 0.1 0.2 0.1 0.5 0.7 | 1005 | 1 | celery | vegan | | Soup, vegetable broth, ready to serve
chicken-stock    | Chicken stock      | 97 0.3 1.2 0.1 0.3 0.8 | 1005 | 2 | | meat | | Soup, chicken broth, ready-to-serve
`,
);

export const EGGS = catalogueTable(
  'egg',
  `
egg       | Whole egg | 76 9.5 12.6 0 0.4 0.4 | 1030 | 4 | eggs | vegetarian | | Egg, whole, raw, fresh
egg-yolk  | Egg yolk  | 52 26.5 16 0 0.6 0.1  | 1030 | 8 | eggs | vegetarian | | Egg, yolk, raw, fresh
egg-white | Egg white | 88 0.2 10.9 0 0.7 0.4 | 1030 | 6 | eggs | vegetarian | | Egg, white, raw, fresh
dried-egg | Dried egg | 3 41 48 0 1.1 1.3     | 430 | 14 | eggs | vegetarian | | Egg, whole, dried
`,
);

export const SUGARS = catalogueTable(
  'sugar',
  `
sugar          | Sugar            | 0 0 0 0 100 0    | 850 | 1.2 | | vegan | | Sugars, granulated
icing-sugar    | Icing sugar      | 0.3 0 0 1.5 98 0 | 560 | 2 | | vegan | | Sugars, powdered
brown-sugar    | Brown sugar      | 1.3 0 0.1 0 97 0 | 720 | 2.2 | | vegan | | Sugars, brown
honey          | Honey            | 17 0 0.3 0 82 0  | 1420 | 9 | | vegetarian | | Honey
golden-syrup   | Golden syrup     | 22 0 0.3 0 77 0.1 | 1430 | 4 | | vegan | | Syrups, table blends, cane; our own estimate
malt-extract   | Malt extract     | 21 0 6 5 68 0.1  | 1400 | 8 | gluten | vegan | | Syrups, malt
`,
);

export const SALTS = catalogueTable(
  'salt',
  `
fine-salt  | Fine salt        | 0.2 0 0 0 0 99.8 | 1200 | 0.8 | | vegan | | Salt, table
flaky-salt | Flaky salt       | 0.5 0 0 0 0 99   | 600 | 8 | | vegan | | Salt, table
`,
);

export const LEAVENS = catalogueTable(
  'leaven',
  `
baking-powder    | Baking powder    | 5 0 0 27 0 0       | 900 | 8 | | vegan | | Leavening agents, baking powder
bicarbonate      | Bicarbonate      | 0.2 0 0 0 0 0      | 1000 | 6 | | vegan | | Leavening agents, baking soda
instant-yeast    | Instant yeast    | 5 7.5 40 20 0 0.1  | 640 | 16 | | vegan | yeast=1 | Leavening agents, yeast, baker's, active dry
active-dry-yeast | Active dry yeast | 5 7.5 40 20 0 0.1  | 680 | 16 | | vegan | yeast=0.8 | Leavening agents, yeast, baker's, active dry
fresh-yeast      | Fresh yeast      | 69 1.9 8.4 10 0 0  | 800 | 7 | | vegan | yeast=0.36 | Leavening agents, yeast, baker's, compressed
`,
);
