import { catalogueTable } from './table.js';

export const FILLINGS = catalogueTable(
  'filling',
  `
roast-squash         | Roast butternut squash | 86 0.2 1 6.5 2.5 0    | 960 | 3 | | vegan | | Squash, winter, butternut, cooked, baked
pumpkin              | Pumpkin                | 92 0.1 1 2.8 2.8 0    | 600 | 2 | | vegan | | Pumpkin, raw
onion                | Onion                  | 89 0.1 1.1 1 4.3 0    | 620 | 1.2 | | vegan | | Onions, raw
spring-onion         | Spring onion           | 90 0.2 1.8 2 2.3 0    | 420 | 7 | | vegan | | Onions, spring or scallions, raw
shallot              | Shallot                | 80 0.1 2.5 6 7.9 0    | 620 | 4 | | vegan | | Shallots, raw
leek                 | Leek                   | 83 0.3 1.5 8 4 0      | 420 | 3 | | vegan | | Leeks, raw
carrot               | Carrot                 | 88 0.2 0.9 1.5 4.7 0.2 | 520 | 1.2 | | vegan | | Carrots, raw
celery               | Celery                 | 95 0.2 0.7 0.5 1.3 0.2 | 500 | 2.5 | celery | vegan | | Celery, raw
celeriac             | Celeriac               | 88 0.3 1.5 5 1.6 0.3  | 600 | 2.5 | celery | vegan | | Celeriac, raw
parsnip              | Parsnip                | 80 0.3 1.2 8 4.8 0    | 560 | 2.2 | | vegan | | Parsnips, raw
swede                | Swede                  | 89 0.2 1.1 2 4.5 0    | 600 | 1.4 | | vegan | | Rutabagas, raw
beetroot             | Boiled beetroot        | 87 0.2 1.7 1.5 8 0.2  | 700 | 2.5 | | vegan | | Beets, cooked, boiled, drained
boiled-potato        | Boiled potato          | 77 0.1 1.9 17 0.9 0   | 800 | 1 | | vegan | | Potatoes, boiled, cooked without skin
sweet-potato         | Boiled sweet potato    | 80 0.1 1.4 11 5.7 0.1 | 820 | 2 | | vegan | | Sweet potato, cooked, boiled, without skin
cassava-mash         | Cassava mash           | 68 0.2 0.9 28 1.2 0   | 950 | 3 | | vegan | | Cassava, raw; boiled by water balance
green-plantain       | Boiled plantain        | 67 0.1 0.8 24 4 0     | 900 | 2.5 | | vegan | | Plantains, green, boiled
cabbage              | White cabbage          | 92 0.1 1.3 1 3.2 0    | 360 | 1.2 | | vegan | | Cabbage, raw
kale                 | Kale                   | 90 1.5 2.9 0.5 1 0.1  | 280 | 4 | | vegan | | Kale, raw
spinach              | Spinach                | 91 0.4 2.9 0.5 0.4 0.2 | 130 | 7 | | vegan | | Spinach, raw
spinach-squeezed     | Spinach, cooked and squeezed | 88 0.5 4 1.2 0.4 0.2 | 850 | 12 | | vegan | | Spinach, cooked, boiled, drained
chard                | Chard                  | 93 0.2 1.8 0.5 1.1 0.5 | 260 | 5 | | vegan | | Chard, swiss, raw
sauerkraut           | Sauerkraut, squeezed   | 88 0.2 1.2 1 1.8 1.6  | 700 | 3 | | vegan | | Sauerkraut, canned, solids and liquids
mushroom             | Mushrooms              | 92.5 0.3 3.1 0.5 2 0  | 340 | 6 | | vegan | | Mushrooms, white, raw
dried-mushroom       | Dried mushrooms        | 9.5 1 9.6 40 2.2 0    | 200 | 60 | | vegan | | Mushrooms, shiitake, dried
aubergine            | Roast aubergine        | 90 0.2 0.8 3 3.2 0    | 850 | 4 | | vegan | | Eggplant, cooked, boiled, drained
courgette            | Courgette              | 95 0.3 1.2 0.3 2.5 0  | 540 | 2.5 | | vegan | | Squash, summer, zucchini, raw
red-pepper           | Red pepper             | 92 0.3 1 0.5 4.2 0    | 420 | 4 | | vegan | | Peppers, sweet, red, raw
tomato               | Tomato                 | 94.5 0.2 0.9 0.3 2.6 0 | 680 | 3 | | vegan | | Tomatoes, red, ripe, raw
tinned-tomato        | Tinned tomato          | 94 0.3 0.8 0.3 2.6 0.3 | 1000 | 2 | | vegan | | Tomatoes, crushed, canned
sweetcorn            | Sweetcorn              | 77 1.2 3.2 13 5 0     | 680 | 4 | | vegan | | Corn, sweet, yellow, cooked, boiled
peas                 | Peas                   | 78 0.2 5.4 6 5.7 0    | 620 | 3 | | vegan | | Peas, green, cooked, boiled
broad-beans          | Boiled broad beans     | 72 0.4 7.6 12 1.8 0   | 700 | 4 | | vegan | | Broadbeans, mature seeds, cooked, boiled
boiled-brown-lentils | Boiled brown lentils   | 70 0.4 9 12 1.8 0     | 820 | 2 | | vegan | | Lentils, mature seeds, cooked, boiled
red-lentils          | Boiled red lentils     | 70 0.4 9 14 1 0       | 900 | 2 | | vegan | | Lentils, pink or red, raw; boiled by water balance
boiled-chickpeas     | Boiled chickpeas       | 60 2.6 8.9 18 4.8 0   | 720 | 2.5 | | vegan | | Chickpeas, mature seeds, cooked, boiled
white-beans          | Boiled white beans     | 63 0.4 9.7 16 0.3 0   | 760 | 2.5 | | vegan | | Beans, white, mature seeds, cooked, boiled
boiled-split-peas    | Boiled split peas      | 70 0.4 8.3 13 2.9 0   | 880 | 2 | | vegan | | Peas, split, mature seeds, cooked, boiled
boiled-barley        | Boiled pearl barley    | 69 0.4 2.3 24 0.3 0   | 680 | 2 | gluten | vegan | | Barley, pearled, cooked
boiled-rice          | Boiled rice            | 68 0.3 2.7 28 0.1 0   | 720 | 2 | | vegan | | Rice, white, medium-grain, cooked
boiled-buckwheat     | Boiled buckwheat       | 76 0.6 3.4 17 0.9 0   | 700 | 3 | | vegan | | Buckwheat groats, roasted, cooked
glass-noodles        | Soaked glass noodles   | 68 0.1 0.1 31 0 0     | 600 | 4 | | vegan | | Noodles, cellophane, dehydrated; soaked by water balance
bread-crumb          | Dry breadcrumb         | 6.5 5 13 62 6 1.8     | 450 | 4 | gluten | vegan | | Bread crumbs, dry, grated, plain
firm-tofu            | Firm tofu              | 83 4.8 8 1 0.6 0      | 950 | 6 | soya | vegan | | Tofu, firm, prepared with calcium sulfate
minced-beef          | Minced beef            | 63 17 18.5 0 0 0.2    | 950 | 11 | | meat | | Beef, ground, 80% lean meat / 20% fat, raw
minced-pork          | Minced pork            | 61 21 17 0 0 0.1      | 950 | 8 | | meat | | Pork, fresh, ground, raw
minced-lamb          | Minced lamb            | 59 23 16.5 0 0 0.1    | 950 | 13 | | meat | | Lamb, ground, raw
minced-chicken       | Minced chicken         | 73 8 17.5 0 0 0.2     | 950 | 9 | | meat | | Chicken, ground, raw
cooked-chicken       | Cooked chicken         | 64 7.4 27 0 0 0.2     | 620 | 12 | | meat | | Chicken, broilers, meat only, cooked, stewed
cooked-ham           | Cooked ham             | 72 5.5 18 1 1 2.4     | 700 | 14 | | meat | | Ham, sliced, regular
smoked-bacon         | Smoked bacon           | 48 37 13 0 1 2        | 800 | 13 | | meat | | Pork, cured, bacon, unprepared
cured-sausage        | Cured sausage          | 32 38 24 0 1 3.5      | 800 | 18 | | meat | | Chorizo, pork and beef
white-fish           | Cooked white fish      | 76 0.9 22 0 0 0.2     | 800 | 18 | fish | fish | | Fish, cod, Atlantic, cooked, dry heat
smoked-mackerel      | Smoked mackerel        | 56 22 20 0 0 1.9      | 900 | 16 | fish | fish | | Fish, mackerel, smoked
tinned-tuna          | Tinned tuna            | 74 0.8 25 0 0 0.7     | 850 | 12 | fish | fish | | Fish, tuna, light, canned in water, drained solids
cooked-prawns        | Cooked prawns          | 77 0.3 20 0 0 0.8     | 700 | 22 | crustaceans | fish | | Crustaceans, shrimp, cooked
hard-boiled-egg      | Hard-boiled egg        | 75 10.6 12.6 0 1.1 0.3 | 700 | 5 | eggs | vegetarian | | Egg, whole, cooked, hard-boiled
hard-cheese          | Hard ripe cheese       | 37 33 24 0 0.3 1.7    | 450 | 10 | milk | vegetarian | | Cheese, cheddar
grating-cheese       | Aged grating cheese    | 30 28 36 0 0.8 2.8    | 420 | 20 | milk | vegetarian | | Cheese, parmesan, hard
soft-white-cheese    | Soft white cheese      | 55 21 14 0 4 2.6      | 900 | 9 | milk | vegetarian | | Cheese, feta
melting-cheese       | Melting cheese         | 50 22 22 0 1 1.2      | 500 | 9 | milk | vegetarian | | Cheese, mozzarella, whole milk
curd-cheese          | Dry curd cheese        | 72 10 11 0 3 0.2      | 980 | 5 | milk | vegetarian | | Cheese, ricotta, whole milk
cream-cheese         | Cream cheese           | 53 34 6 0 4 0.8       | 1000 | 8 | milk | vegetarian | | Cheese, cream
apple                | Apple                  | 86 0.2 0.3 0.3 10 0   | 560 | 2.5 | | vegan | | Apples, raw, with skin
pear                 | Pear                   | 84 0.1 0.4 0.5 10 0   | 640 | 3 | | vegan | | Pears, raw
plum                 | Plum                   | 87 0.3 0.7 0 10 0     | 650 | 3.5 | | vegan | | Plums, raw
cherry               | Cherries               | 82 0.2 1.1 0 13 0     | 620 | 8 | | vegan | | Cherries, sweet, raw
blueberry            | Blueberries            | 84 0.3 0.7 0 10 0     | 620 | 11 | | vegan | | Blueberries, raw
banana               | Banana                 | 75 0.3 1.1 5 12 0     | 900 | 2 | | vegan | | Bananas, raw
rhubarb              | Rhubarb                | 94 0.2 0.9 0.2 1.1 0  | 520 | 4 | | vegan | | Rhubarb, raw
dried-apricot        | Dried apricot          | 31 0.5 3.4 0 53 0     | 640 | 10 | sulphites | vegan | | Apricots, dried, sulfured, uncooked
raisin               | Raisins                | 15 0.5 3.1 0 65 0     | 640 | 5 | | vegan | | Raisins, dark, seedless
date                 | Dates                  | 21 0.4 2.4 0 63 0     | 700 | 6 | | vegan | | Dates, deglet noor
poppy-seed           | Poppy seed             | 6 42 18 10 3 0        | 580 | 9 | | vegan | | Spices, poppy seed
walnut               | Walnuts                | 4 65 15 0.1 2.6 0     | 480 | 14 | nuts | vegan | | Nuts, walnuts, english
almond               | Ground almond          | 4.4 50 21 0.7 4.4 0   | 420 | 14 | nuts | vegan | | Nuts, almonds
peanut               | Roast peanuts          | 1.6 50 24 5 4.9 0     | 600 | 6 | peanuts | vegan | | Peanuts, all types, dry-roasted, without salt
coconut-flakes       | Dry coconut            | 3 65 6.9 0 7.4 0.1    | 350 | 8 | | vegan | | Nuts, coconut meat, dried, not sweetened
sesame-seed          | Sesame seed            | 4.7 50 18 0 0.3 0     | 600 | 8 | sesame | vegan | | Seeds, sesame seeds, whole, dried
plain-chocolate      | Plain chocolate        | 1 38 6 4 45 0         | 640 | 12 | milk,soya | vegetarian | | Chocolate, dark, 60-69% cacao solids
green-olive          | Green olives           | 75 15 1 0 0.5 3.9     | 640 | 9 | | vegan | | Olives, pickled, canned or bottled, green
`,
);

export const SEASONINGS = catalogueTable(
  'seasoning',
  `
garlic           | Garlic               | 59 0.5 6.4 28 1 0    | 600 | 9 | | vegan | | Garlic, raw
fresh-ginger     | Fresh ginger         | 79 0.8 1.8 14 1.7 0  | 550 | 8 | | vegan | | Ginger root, raw
fresh-chilli     | Fresh chilli         | 88 0.4 1.9 1 5.3 0   | 420 | 10 | | vegan | | Peppers, hot chili, red, raw
sage             | Sage leaves          | 66 2.5 3.5 20 1.5 0  | 120 | 30 | | vegan | | no raw row; our own estimate from Spices, sage, ground
dill             | Dill leaves          | 86 1.1 3.5 4 0 0.2   | 110 | 25 | | vegan | | Dill weed, fresh
parsley          | Parsley              | 88 0.8 3 2 0.9 0.1   | 120 | 20 | | vegan | | Parsley, fresh
coriander-leaf   | Coriander leaves     | 92 0.5 2.1 0.9 0.9 0.1 | 110 | 20 | | vegan | | Coriander (cilantro) leaves, raw
mint             | Mint leaves          | 79 0.9 3.8 8 0 0.1   | 110 | 22 | | vegan | | Peppermint, fresh
thyme            | Thyme leaves         | 65 1.7 5.6 10 0 0    | 180 | 30 | | vegan | | Thyme, fresh
dried-oregano    | Dried oregano        | 10 4.3 9 20 4 0      | 200 | 25 | | vegan | | Spices, oregano, dried
black-pepper     | Black pepper         | 12.5 3.3 10.4 38 0.6 0 | 460 | 20 | | vegan | | Spices, pepper, black
white-pepper     | White pepper         | 11 2.1 10.4 42 0 0   | 480 | 25 | | vegan | | Spices, pepper, white
ground-cumin     | Ground cumin         | 8 22 18 30 2.3 0.4   | 430 | 18 | | vegan | | Spices, cumin seed
ground-coriander | Ground coriander     | 9 18 12 13 0 0.1     | 380 | 14 | | vegan | | Spices, coriander seed
turmeric         | Ground turmeric      | 13 3.3 9.7 44 3.2 0.1 | 500 | 14 | | vegan | | Spices, turmeric, ground
sweet-paprika    | Sweet paprika        | 11 13 14 20 10 0.2   | 460 | 18 | | vegan | | Spices, paprika
hot-chilli       | Hot chilli powder    | 8 17 12 20 10 0.1    | 460 | 20 | | vegan | | Spices, pepper, red or cayenne
caraway          | Caraway seed         | 10 15 20 12 0.6 0    | 480 | 16 | | vegan | | Spices, caraway seed
fennel-seed      | Fennel seed          | 9 15 16 12 0 0.2     | 420 | 16 | | vegan | | Spices, fennel seed
mustard-seed     | Mustard seed         | 5 36 26 16 7 0       | 700 | 10 | mustard | vegan | | Spices, mustard seed, ground
made-mustard     | Made mustard         | 83 3.3 3.7 2 0.9 2.8 | 1050 | 6 | mustard | vegan | | Mustard, prepared, yellow
ground-nutmeg    | Ground nutmeg        | 6 36 6 28 3 0        | 480 | 40 | | vegan | | Spices, nutmeg, ground
ground-cinnamon  | Ground cinnamon      | 11 1.2 4 25 2.2 0    | 500 | 20 | | vegan | | Spices, cinnamon, ground
ground-cardamom  | Ground cardamom      | 8 6.7 11 40 0 0      | 420 | 60 | | vegan | | Spices, cardamom
asafoetida       | Asafoetida, in flour | 16 1 4 60 1 0        | 600 | 60 | gluten | vegan | | no row; our own estimate of a pack
tomato-paste     | Tomato paste         | 74 0.5 4.3 3 12 0.2  | 1090 | 5 | | vegan | | Tomato products, canned, paste
tamarind         | Tamarind paste       | 45 0.4 2 5 40 0.1    | 1200 | 9 | | vegan | | Tamarinds, raw; concentrated
soy-sauce        | Soy sauce            | 71 0.6 8 2 0.4 14    | 1180 | 6 | gluten,soya | vegan | | Soy sauce made from soy and wheat (shoyu)
fish-sauce       | Fish sauce           | 71 0 5 0 3.6 20      | 1200 | 8 | fish | fish | | Sauce, fish, ready-to-serve
dried-milk       | Dried milk | 3 27 26 0 38 1         | 500 | 9 | milk | vegetarian | | Milk, dry, whole, with added vitamin D
stock-powder     | Vegetable stock powder | 3 4 8 18 10 50     | 850 | 12 | celery | vegan | | Soup, vegetable bouillon, dry
stock-paste      | Vegetable stock paste | 30 10 8 8 8 32      | 1150 | 14 | celery | vegan | | Soup, vegetable bouillon, dry; as paste by water balance
vanilla          | Vanilla extract      | 53 0.1 0.1 0 12 0    | 880 | 90 | | vegan | | Vanilla extract
lemon-zest       | Lemon zest           | 82 0.3 1.5 2 4.2 0   | 400 | 15 | | vegan | | Lemon peel, raw
`,
);
