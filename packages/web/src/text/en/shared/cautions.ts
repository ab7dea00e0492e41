import { LIMITS } from '@ember-fold/core/plan';
import type { Printer } from '../../printer';

export type CautionId = 'watch' | 'fire' | 'no-water' | 'dry' | 'children' | 'burns';

export interface Caution {
  readonly id: CautionId;
  readonly title: string;
  readonly what: string;
}

/** The cautions shown before and during every frying. They are never softened. */
export function cautionsText(p: Pick<Printer, 'temp'>): readonly Caution[] {
  return [
    {
      id: 'watch',
      title: 'Never leave hot oil alone',
      what: `Stay with it from the moment you turn the heat on until it is below ${p.temp(LIMITS.oil.leaveBelowC)} again.`,
    },
    {
      id: 'fire',
      title: 'Fire: lid on, heat off',
      what: 'Turn the heat off if you can reach it safely. Slide the lid over from the side and leave it on until the pot is cold. Keep the lid within reach.',
    },
    {
      id: 'no-water',
      title: 'Never water, never flour',
      what: 'Never carry the pot. If there are flames above the pot, or you have no lid in hand: leave, close the door, call the fire service.',
    },
    {
      id: 'dry',
      title: 'Dry food, dry tools',
      what: 'Keep water away from the oil. Wipe frost off: ice spits and boils over.',
    },
    { id: 'children', title: 'Children and pets away', what: 'Turn handles inwards. Keep sleeves tight.' },
    {
      id: 'burns',
      title: 'Burns: 20 minutes under cool running water',
      what: 'No ice, butter or cream. Get medical help for anything large or deep, for a child, and for any burn on the face or hands.',
    },
  ];
}

export const DEFERRAL =
  'These are the usual guidelines. Local food and fire rules, labels and qualified advice come first. Selling food usually needs registration or a licence.';
