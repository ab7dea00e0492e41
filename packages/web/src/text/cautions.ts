import type { Printer } from './printer';

/** Cooler than this, oil may be left, °C. Source: docs/models/practice.md. */
export const SAFE_C = 60;

export type CautionId = 'watch' | 'fire' | 'no-water' | 'dry' | 'children' | 'burns';

export interface Caution {
  readonly id: CautionId;
  readonly title: string;
  readonly what: string;
}

/** What is said each time, before and beside hot oil. Never softened. */
export function cautionsText(p: Pick<Printer, 'temp'>): readonly Caution[] {
  return [
    {
      id: 'watch',
      title: 'Never leave hot oil alone',
      what: `Stay with it from the first warmth until it is under ${p.temp(SAFE_C)} again.`,
    },
    {
      id: 'fire',
      title: 'Fire: lid on, heat off',
      what: 'Turn the heat off if you can reach it safely. Slide the lid over from the side and leave it shut until cold. Keep the lid within reach.',
    },
    {
      id: 'no-water',
      title: 'Never water, never flour',
      what: 'Never carry the pot. Flames above the pot, or no lid in hand: leave, close the door, call the fire service.',
    },
    {
      id: 'dry',
      title: 'Dry food, dry tools',
      what: 'Keep water away from the oil. Wipe frost off: ice spits and boils over.',
    },
    { id: 'children', title: 'Children and pets away', what: 'Turn handles in. Keep sleeves tight.' },
    {
      id: 'burns',
      title: 'Burns: cool water for 20 minutes',
      what: 'Get medical help for anything large or deep, and for face or hands.',
    },
  ];
}

export const DEFERRAL =
  'These are the usual guides. Local food and fire rules, labels and qualified advice come first. Selling food usually needs registration or a licence.';
