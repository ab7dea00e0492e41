import { plural } from '../shared/plural';
import type { SeenColour } from '@ember-fold/core/ledger';
import type { PictureFault } from '@ember-fold/core/stove';
import { CRUSTS } from './lessonPhrases';

/** Colour read from a photo of fried pieces. */
export const PHOTO = {
  take: 'Read it from a photo',
  again: 'Take another photo',
  how: 'Put white paper next to the pieces, and light both with daylight, without shadows.',
  reading: 'Reading the picture…',
  tooLarge: 'This picture is too large for a photo. Choose another one.',
  noPicture: 'This file is not a picture.',
  found: (n: number) => `${n} in the picture`,
  use: 'Use this colour',
  kept: 'Photo of the fried pieces',
  remove: 'Remove the photo',
  picture: 'The pieces found',
} as const;

export const FAULT: Readonly<Record<PictureFault, string>> = {
  'no-paper': 'No white paper was found to judge the light by. Put a sheet next to the pieces.',
  clipped: 'The paper is overexposed. Take the picture darker, or out of the sun.',
  coloured: 'The light is too coloured to judge by. Move to a window or a white lamp.',
  uneven: 'The light on the paper is uneven. Turn the plate, or move the lamp.',
  dim: 'There is too little light. Move to a window, or switch on a lamp.',
  'no-pieces': 'The pieces do not stand out from the background. Use a plate of another colour.',
};

/** What was read from a photo: the colour, how much the pieces differ, and how many are patchy. */
export function seenColourText({ place, palest, darkest, pieces, patchy }: SeenColour): string {
  const name = (at: number) => CRUSTS[Math.round(at)]!;
  const range =
    Math.round(palest) === Math.round(darkest) ? 'all about the same' : `from ${name(palest)} to ${name(darkest)}`;
  const uneven = patchy === 0 ? '' : plural(patchy, ' One is patchy.', ` ${patchy} are patchy.`);
  return `${plural(pieces, 'One piece', `${pieces} pieces`)}: ${name(place)}, ${range}.${uneven}`;
}
