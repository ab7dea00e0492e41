/**
 * Two hundred lines as cooks write them, made up for the test: `as written | ingredient | amount`.
 * The ingredient is an id; with `~` it is only like that one, and `?` nobody knows it. The amount
 * is grams or ml of it; `-` none was said. Lines that must ask something have a fourth column.
 */
export const RECIPE_LINES = `
2 cups flour | plain-wheat-flour | 473ml
1 tsp baking powder | baking-powder | 4.93ml
1/2 tsp salt | fine-salt | 2.46ml
1 tbsp sugar | sugar | 14.8ml
about 3/4 cup water | water | 177ml
1 lb trout, skinned | ~white-fish | 454g | like-another
3 tbsp sorrel paste | ~spinach | 44.4g | like-another
1 tsp mustard | made-mustard | 4.93ml
250 g plain flour | plain-wheat-flour | 250g
250g all-purpose flour, plus more for dusting | plain-wheat-flour | 250g
1½ cups bread flour | strong-wheat-flour | 355ml
1 1/2 cups whole wheat flour | wholemeal-wheat-flour | 355ml
300 g atta | fine-wholemeal-flour | 300g
2 cups maida | plain-wheat-flour | 473ml
1/4 cup ghee | ghee | 59.1ml
2 tablespoons sooji | durum-semolina | 29.6ml
1 cup masa harina | maize-meal-cooked | 237ml
100 g rice flour | rice-flour | 100g
2 tbsp cornstarch | corn-starch | 29.6ml
2 level tbsp cornflour | corn-starch | 29.6ml
1 tablespoon tapioca starch | tapioca-starch | 14.8ml
115 g cold unsalted butter, cubed | butter | 115g
1 stick butter, softened | butter | 113g
a knob of butter | butter | 15g
3 tbsp lard | lard | 44.4ml
80 g vegetable shortening | vegetable-shortening | 80g
4 tbsp oil | sunflower-oil | 59.1ml
60 ml vegetable oil | sunflower-oil | 60ml
2 Tbsp extra-virgin olive oil | olive-oil | 29.6ml
1 T canola oil | rapeseed-oil | 14.8ml
2 t vanilla extract | vanilla | 9.86ml
1 dl milk | milk | 100ml
2,5 dl lukewarm milk | milk | 250ml
120ml warm water | water | 120ml
6-8 tbsp ice water | water | 103ml
5 to 6 tablespoons cold water | water | 81.3ml
½ cup plain yogurt | yoghurt | 118ml
150g Greek yoghurt | strained-yoghurt | 150g
200 ml coconut milk | coconut-milk | 200ml
1 cup chicken broth | chicken-stock | 237ml
1 pint whole milk | milk | 473ml
1 quart water | water | 946ml
8 fl oz buttermilk | buttermilk | 237ml
1 large egg | egg | 57g
2 eggs, beaten | egg | 100g
3 egg yolks | egg-yolk | 54g
1 egg white, lightly beaten | egg-white | 32g
2 hard-boiled eggs, chopped | hard-boiled-egg | 96g
1 sachet instant yeast | instant-yeast | 7g
1 packet active dry yeast | active-dry-yeast | 7g
2 1/4 tsp active dry yeast | active-dry-yeast | 11.1ml
15 g fresh yeast | fresh-yeast | 15g
7g fast-action dried yeast | instant-yeast | 7g
a pinch of salt | fine-salt | 0.3g
pinch of sugar | sugar | 0.3g
2 pinches turmeric | turmeric | 0.6g
1 heaped tsp ground cumin | ground-cumin | 7.89ml
a heaped tablespoon of flour | plain-wheat-flour | 23.7ml
1 scant cup sugar | sugar | 213ml
1 rounded teaspoon paprika | sweet-paprika | 7.89ml
2 onions, sliced | onion | 240g
1 small onion, finely chopped | onion | 80g
1 large red onion, diced | onion | 180g
1 medium yellow onion | onion | 120g
4 scallions, thinly sliced | spring-onion | 60g
a bunch of spring onions | spring-onion | 90g
2 leeks (white part only), washed and sliced | leek | 240g
3 cloves garlic, minced | garlic | 13.5g
2 garlic cloves, crushed | garlic | 9g
1 clove of garlic | garlic | 4.5g
1 thumb ginger, grated | fresh-ginger | 15g
2 tsp grated fresh ginger | fresh-ginger | 9.86ml
1 inch ginger | fresh-ginger | 15g
2 carrots, peeled and diced | carrot | 120g
3 medium potatoes, boiled and mashed | boiled-potato | 510g
1 lb potatoes | boiled-potato | 454g
1 sweet potato | sweet-potato | 220g
1 zucchini, grated | courgette | 200g
1 eggplant, roasted | aubergine | 220g
1 red bell pepper, diced | red-pepper | 140g
2 stalks celery, chopped | celery | 80g
1 celery stick, finely chopped | celery | 40g
200 g white cabbage, shredded | cabbage | 200g
1 cup frozen peas | peas | 237ml
150 g sweetcorn | sweetcorn | 150g
2 cups spinach, chopped | spinach | 473ml
8 oz mushrooms, sliced | mushroom | 227g
250 g button mushrooms | mushroom | 250g
1 can (14 oz) chickpeas, drained | boiled-chickpeas | 397g
1 (15 oz) can black beans, rinsed | white-beans | 425g
2 x 400 g tins chopped tomatoes | tinned-tomato | 800g
1 can (20 oz) crushed tomatoes | tinned-tomato | 567g
1 cup cooked brown lentils | boiled-brown-lentils | 237ml
100 g red lentils | red-lentils | 100g
1 cup cooked rice | boiled-rice | 237ml
500 g minced beef | minced-beef | 500g
1 lb ground beef | minced-beef | 454g
1 pound ground pork | minced-pork | 454g
12 oz ground turkey | minced-chicken | 340g
300 g minced lamb | minced-lamb | 300g
450 g beef mince | minced-beef | 450g
250 g cooked chicken, shredded | cooked-chicken | 250g
2 cups shredded chicken | cooked-chicken | 473ml
200 g shrimp, peeled | ~cooked-prawns | 200g | like-another
1/2 lb cod fillet | ~white-fish | 227g | like-another
1 lb chicken thighs, boneless, skinless | ~minced-chicken | 454g | like-another
6 slices bacon, chopped | smoked-bacon | 120g
100 g chorizo, diced | cured-sausage | 100g
4 slices ham | cooked-ham | 100g
1 cup grated cheddar | hard-cheese | 237ml
200 g feta, crumbled | soft-white-cheese | 200g
100g mozzarella cheese, grated | melting-cheese | 100g
50 g Parmesan, finely grated | grating-cheese | 50g
250 g farmer's cheese | curd-cheese | 250g
4 oz cream cheese, softened | cream-cheese | 113g
2 apples, peeled, cored and diced | apple | 260g
3 pears | pear | 420g
1 cup blueberries | blueberry | 237ml
100 g raisins | raisin | 100g
1/2 cup dates, pitted and chopped | date | 118ml
50 g walnuts, chopped | walnut | 50g
1/3 cup desiccated coconut | coconut-flakes | 78.9ml
2 tbsp sesame seeds | sesame-seed | 29.6ml
1 tbsp poppy seeds | poppy-seed | 14.8ml
juice of half a lemon | lemon-juice | 22.5g
juice of 1 lemon | lemon-juice | 45g
juice of 2 limes | lemon-juice | 90g
1 lemon, juiced | lemon-juice | 45g
zest of 1 lemon | lemon-zest | 6g
1 tbsp lemon juice | lemon-juice | 14.8ml
2 tbsp apple cider vinegar | cider-vinegar | 29.6ml
1 tbsp soy sauce | soy-sauce | 14.8ml
1 teaspoon fish sauce | fish-sauce | 4.93ml
2 tbsp tomato paste | tomato-paste | 29.6ml
1 cup powdered sugar | icing-sugar | 237ml
3/4 cup packed brown sugar | brown-sugar | 213ml
100 g icing sugar, sifted | icing-sugar | 100g
2 tbsp honey | honey | 29.6ml
1 tsp baking soda | bicarbonate | 4.93ml
1/2 tsp bicarbonate of soda | bicarbonate | 2.46ml
1 tsp ajwain | caraway | 4.93ml
1 tsp cumin seeds | ground-cumin | 4.93ml
1/2 tsp haldi | turmeric | 2.46ml
1/4 tsp hing | asafoetida | 1.23ml
1 tsp chili powder | hot-chilli | 4.93ml
1/4 teaspoon cayenne pepper | hot-chilli | 1.23ml
½ tsp ground black pepper | black-pepper | 2.46ml
1 tsp dried oregano | dried-oregano | 4.93ml
a handful of parsley, chopped | parsley | 15g
1 bunch cilantro, chopped | coriander-leaf | 30g
2 tbsp chopped fresh coriander | coriander-leaf | 29.6ml
a small bunch of dill | dill | 30g
10 mint leaves | mint | 5g
2 sprigs thyme | thyme | 2g
1 tsp garam masala | ~ground-cumin | 4.93ml | like-another
2 green chillies, finely chopped | fresh-chilli | 24g
1 jalapeno, seeded and minced | fresh-chilli | 12g
salt to taste | fine-salt | - | to-taste
freshly ground black pepper, to taste | black-pepper | - | to-taste
salt | fine-salt | - | no-amount
oil for frying | sunflower-oil | - | to-taste
vegetable oil, for deep frying | sunflower-oil | - | to-taste
flour for dusting | plain-wheat-flour | - | to-taste
1 cup (120 g) flour | plain-wheat-flour | 120g
250 g (2 cups) flour | plain-wheat-flour | 250g
2 cups / 250 g flour | plain-wheat-flour | 250g
1 cup plus 2 tbsp flour | plain-wheat-flour | 266ml
1/3 cup + 1 tbsp sugar | sugar | 93.7ml
Flour 500 g | plain-wheat-flour | 500g
Butter: 125 g | butter | 125g
Salt - 1 tsp | fine-salt | 4.93ml
Sugar, 2 tbsp | sugar | 29.6ml
water 150 ml | water | 150ml
- 200 g flour | plain-wheat-flour | 200g
* 1 tsp salt | fine-salt | 4.93ml
• 3 tbsp butter | butter | 44.4ml
1. 2 cups flour | plain-wheat-flour | 473ml
half a cup of sugar | sugar | 118ml
half an onion, diced | onion | 60g
one and a half cups flour | plain-wheat-flour | 355ml
a quarter teaspoon nutmeg | ground-nutmeg | 1.23ml
about half a spoon of salt | fine-salt | 7.39ml | which-unit
a spoonful of honey | honey | 14.8ml | which-unit
a dozen eggs | egg | 600g
two onions | onion | 240g
a piece of butter the size of a walnut | butter | 25g
tamarind the size of a lemon | tamarind | 50g
1 kg flour | plain-wheat-flour | 1000g
1.5 kg potatoes | boiled-potato | 1500g
0,5 l water | water | 500ml
1 l milk | milk | 1000ml
3 cl rum | spirit | 30ml
1 dash vanilla | vanilla | 0.6ml
2 dessertspoons sugar | sugar | 19.7ml
1 glass white wine | white-wine | 200ml
3 handfuls spinach | spinach | 75g
1 head cabbage, shredded | cabbage | 800g
2 cups coconut flour | ~plain-wheat-flour | 473ml | like-another
1 tin | ? | 240g | not-known
2 tbsp ajvar relish | ? | 29.6ml | not-known
1 cup epazote | ? | 237ml | not-known
200 g buttr | butter | 200g | near-name
150 g parsnps | parsnip | 150g | near-name
100 g jaggery | brown-sugar | 100g
2 tbsp achiote oil | ~sunflower-oil | 29.6ml | like-another
1 cup strained tomatoes | tinned-tomato | 237ml
`;
