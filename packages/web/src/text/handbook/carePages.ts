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
          'Find what you see. Change one thing first, and note it: the ledger then says whether it held.',
          'The record of a batch weighs these causes by what was measured.',
        ],
      },
    ],
  },
  {
    id: 'fire',
    title: 'Fire',
    words: 'flames burning oil on fire smoke extinguish water lid emergency call overheated',
    figure: 'cautions',
    see: ['burns', 'allergens', 'keeping', 'pot'],
    parts: (p) => [
      {
        says: [],
        list: [
          'Turn the heat off, only if you can reach it safely.',
          'Slide a lid, or a baking sheet, over from the side. Leave it shut until cold.',
          'Never water. Never flour. Never carry the pot.',
          'Flames above the pot, or no lid in hand: leave, close the door, call the fire service.',
        ],
      },
      {
        title: 'Before it burns',
        says: [
          `Smoke comes first. At ${p.tempSpan(15)} over the band turn the heat down. Near the smoke point cut it. Used oil smokes sooner than new.`,
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
          'Cool the burn under cool running water for 20 minutes.',
          'Get medical help for anything large or deep, and for face or hands.',
          'Turn the heat off first if you can do it safely: the pot is still on the stove.',
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
          'Oil keeps what was fried in it. Never serve shared oil to someone who is allergic to anything that was in it.',
          'Say in Store, Guests, who is allergic to what. Every batch and every oil is then checked against it, and the order at the pot follows.',
          'Read the labels: packs change. Board, knives, cloth and wash carry allergens too.',
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
          `A scale is surer than a cup. A cup of flour, spooned and levelled, is some ${p.mass(0.125)}; scooped from the bag it is up to ${p.mass(0.15)}.`,
          'What a cup or a spoon holds differs by country. Set yours once, with the units at the top of every page.',
          'A figure that came from a cup or from “a handful” carries its range until you weigh it.',
        ],
      },
    ],
  },
];
