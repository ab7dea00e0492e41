import type { Form, FormId } from '@ember-fold/core';

/** Wording of the forms and their blanks. */
export const FORM_NAME: Record<FormId, string> = {
  'half-moon': 'half-moon',
  'two-discs': 'two discs',
  'square-parcel': 'square parcel',
  'strip-triangle': 'strip triangle',
  cone: 'cone',
  roll: 'roll',
  ball: 'ball',
  pouch: 'pressed pouch',
  oval: 'oval',
  teardrop: 'teardrop',
  'whole-core': 'wrapped whole core',
};
/** Several of them, for a batch's name. */
export const FORM_PLURAL: Record<FormId, string> = {
  'half-moon': 'half-moons',
  'two-discs': 'rounds',
  'square-parcel': 'parcels',
  'strip-triangle': 'triangles',
  cone: 'cones',
  roll: 'rolls',
  ball: 'balls',
  pouch: 'pouches',
  oval: 'ovals',
  teardrop: 'teardrops',
  'whole-core': 'wraps',
};
/** What is measured of a blank. */
export const BLANK_SIZE: Record<Form['blank'], string> = {
  disc: 'Disc',
  'two-discs': 'Each disc',
  'half-disc': 'Half-disc, across',
  square: 'Square, side',
  strip: 'Strip, width',
  sheet: 'Sheet, width',
};
export const BLANK_WORD: Record<Form['blank'], string> = {
  disc: 'disc',
  'two-discs': 'discs',
  'half-disc': 'half-disc',
  square: 'square',
  strip: 'strip',
  sheet: 'sheet',
};
