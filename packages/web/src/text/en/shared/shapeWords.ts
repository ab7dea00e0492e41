import type { EdgeId, Shape, ShapeId } from '@ember-fold/core/plan';

/** Names of the shapes, and of the dough cut for them. */
export const SHAPE_NAME: Record<ShapeId, string> = {
  'half-moon': 'half-moon',
  'two-discs': 'two discs',
  'square-parcel': 'square parcel',
  'strip-triangle': 'strip triangle',
  cone: 'cone',
  'flat-triangle': 'flat-sitting triangle',
  roll: 'roll',
  ball: 'ball',
  pouch: 'pressed pouch',
  oval: 'oval',
  teardrop: 'teardrop',
  'whole-core': 'wrapped whole core',
  cup: 'lined cup with lid',
  'puffed-bread': 'puffed bread',
  'own-cutter': 'own cutter',
};
/** A short description of each shape, shown with its drawing. */
export const SHAPE_LINE: Record<ShapeId, string> = {
  'half-moon': 'disc folded once',
  'two-discs': 'disc on disc',
  'square-parcel': 'corners to the middle',
  'strip-triangle': 'strip folded up in triangles',
  cone: 'half-disc, filled from the mouth',
  'flat-triangle': 'disc, three edges pinched',
  roll: 'sheet rolled around',
  ball: 'gathered and rounded',
  pouch: 'gathered, pressed flat',
  oval: 'gathered, rolled long',
  teardrop: 'gathered, drawn to a point',
  'whole-core': 'dough around one whole item',
  cup: 'lined tin with a lid',
  'puffed-bread': 'rolled thin, puffed by steam',
  'own-cutter': 'any outline, drawn or imported',
};
/** Plurals, used in the names of batches. */
export const SHAPE_PLURAL: Record<ShapeId, string> = {
  'half-moon': 'half-moons',
  'two-discs': 'rounds',
  'square-parcel': 'parcels',
  'strip-triangle': 'triangles',
  cone: 'cones',
  'flat-triangle': 'triangles',
  roll: 'rolls',
  ball: 'balls',
  pouch: 'pouches',
  oval: 'ovals',
  teardrop: 'teardrops',
  'whole-core': 'wraps',
  cup: 'cups',
  'puffed-bread': 'breads',
  'own-cutter': 'leaves',
};
/** What is measured of the dough that is cut for a shape. */
export const BLANK_SIZE: Record<Shape['blank'], string> = {
  disc: 'Disc',
  'two-discs': 'Each disc',
  'half-disc': 'Half-disc, across',
  square: 'Square, side',
  strip: 'Strip, width',
  sheet: 'Sheet, width',
  cup: 'Lining disc',
  own: 'Cutter, longer side',
};
export const BLANK_WORD: Record<Shape['blank'], string> = {
  disc: 'disc',
  'two-discs': 'discs',
  'half-disc': 'half-disc',
  square: 'square',
  strip: 'strip',
  sheet: 'sheet',
  cup: 'lining',
  own: 'cutter',
};
/** Finishes of a flat rim. */
export const EDGE_NAME: Record<EdgeId, string> = { plain: 'plain', fork: 'fork', rope: 'rope', mould: 'mould' };
