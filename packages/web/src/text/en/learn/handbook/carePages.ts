import type { HandbookPage } from './page';

/** Pages on what goes wrong, on safety, and on measuring. */
export const CARE_PAGES: readonly HandbookPage[] = [
  {
    id: 'wrong',
    title: 'What went wrong',
    words: 'problem trouble why dark raw greasy pale tough hard blisters cracks shrinks flat uneven taste help fix',
    figure: 'symptoms',
    see: ['opened', 'core', 'resting', 'oil-heat'],
    parts: () => [
      {
        says: [
          'Find what you see. Change one thing at a time and note it: the ledger will show whether it helped.',
          'The record of a batch ranks these causes by what was measured.',
        ],
      },
    ],
  },
  {
    id: 'fire',
    title: 'Fire',
    words: 'flames burning oil on fire smoke extinguish extinguisher blanket water lid emergency call overheated',
    figure: 'cautions',
    see: ['burns', 'allergens', 'keeping', 'pot'],
    parts: (p) => [
      {
        says: [],
        list: [
          'Turn the heat off, but only if you can reach it safely.',
          'Slide a lid or a baking sheet over the pot from the side, or lay a fire blanket over it. Leave it covered until the pot is cold.',
          'Never water. Never flour. Never carry the pot.',
          'Use an extinguisher only if it is marked for burning cooking oil (wet chemical, class F or K).',
          'If there are flames above the pot, or you have no lid in hand: leave, close the door, call the fire service.',
        ],
      },
      {
        title: 'Before it burns',
        says: [
          `Oil smokes before it burns. If it is ${p.tempSpan(15)} above its range, or you see any smoke, turn the heat off. Used oil smokes at a lower temperature than new oil.`,
        ],
      },
    ],
  },
  {
    id: 'burns',
    title: 'Burns',
    words: 'burn burned hand skin first aid hot oil splash scald blister hurt water medical',
    figure: 'cautions',
    see: ['fire', 'pot'],
    parts: () => [
      {
        says: [],
        list: [
          'Turn the heat off if you can do it safely.',
          'Cool the burn under cool running water for 20 minutes. Take off rings and watches before it swells.',
          'No ice, no butter, no cream, no oil. Do not pull off anything that sticks to the skin.',
          'Then cover it loosely with cling film or a clean cloth.',
          'Get medical help for anything large or deep, for a child, and for any burn on the face or hands.',
        ],
      },
    ],
  },
  {
    id: 'allergens',
    title: 'Allergies and shared oil',
    words: 'allergy allergic gluten nuts sesame egg milk fish shared oil cross contact vegan vegetarian guests',
    figure: 'cautions',
    see: ['oil-life', 'pot'],
    parts: () => [
      {
        says: [
          'Oil keeps traces of everything fried in it. Never serve food from shared oil to someone who is allergic to anything that was in it.',
          'Enter each guest’s allergies under Store, Guests. Every batch and every oil is then checked against them, and batches are fried in a safe order.',
          'Read every label: recipes of packaged food change. Boards, knives, cloths and egg wash carry allergens too.',
        ],
      },
    ],
  },
  {
    id: 'measuring',
    title: 'Measuring and units',
    words: 'cup spoon grams ounces convert scale weigh tablespoon stick pinch handful sachet volume accurate',
    figure: 'cups',
    see: ['water', 'dividing'],
    parts: (p) => [
      {
        says: [
          `A scale is more accurate than a cup. A cup of flour, spooned and levelled, is about ${p.mass(0.125)}; scooped from the bag it is up to ${p.mass(0.15)}.`,
          'Cups and spoons differ in size from country to country. Set yours once, with the units at the top of every page.',
          'An amount given in cups or as “a handful” is shown with a range until you weigh it.',
        ],
      },
    ],
  },
];
