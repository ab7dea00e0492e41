import type { PictureFault, SeenColour } from '@ember-fold/core';
import { CRUSTS } from './lessonPhrases';
import { plain } from './printer';

/** Colour read from a picture of lifted pieces. */
export const PHOTO = {
  take: 'Read it from a photo',
  again: 'Take another photo',
  how: 'Lay white paper beside the pieces and let daylight fall on both, without shadows.',
  reading: 'Reading the picture…',
  tooLarge: 'This picture is larger than any camera takes. Choose another one.',
  noPicture: 'This file is no picture.',
  found: (n: number) => `${n} on the picture`,
  use: 'Take this colour',
  kept: 'Photo of the lifted pieces',
  remove: 'Take the photo away',
  picture: 'The pieces that were found',
} as const;

export const FAULT: Readonly<Record<PictureFault, string>> = {
  'no-paper': 'There is no white paper to judge the light by. Lay a sheet beside the pieces.',
  clipped: 'The paper is overexposed. Take the picture darker, or out of the sun.',
  coloured: 'The light is too coloured to judge by. Move to a window or a white lamp.',
  uneven: 'The light falls off across the paper. Turn the plate, or move the lamp.',
  dim: 'There is too little light. Move to a window, or switch a lamp on.',
  'no-pieces': 'No piece stands out from what it lies on. Use a plate of another colour.',
};

/** What a picture says: where on the ramp, how they differ, how many are patchy. */
export function seenColourText({ place, palest, darkest, pieces, patchy }: SeenColour): string {
  const name = (at: number) => CRUSTS[Math.round(at)]!;
  const range =
    Math.round(palest) === Math.round(darkest)
      ? `alike within ${plain(darkest - palest, 1)} of a step`
      : `from ${name(palest)} to ${name(darkest)}`;
  const uneven = patchy === 0 ? '' : patchy === 1 ? ' One is patchy.' : ` ${patchy} are patchy.`;
  return `${pieces === 1 ? 'One piece' : `${pieces} pieces`}: ${name(place)} (${plain(place, 1)}), ${range}.${uneven}`;
}
