import { cupSizes, type EdgeId, type Piece, type Shape, type ShapeId, stripFolds } from '@ember-fold/core/plan';
import type { Printer } from '../../printer';

/** What the steps of a fold are made of: printed amounts, and what else a shape reads off. */
export interface StepAmounts {
  /** Across the blank, its length, its seal, its thickness and the filling of one piece, printed. */
  readonly disc: string;
  readonly length: string;
  readonly seal: string;
  readonly thick: string;
  readonly fill: string;
  /** How the edge is finished, said after pressing it. */
  readonly edge: string;
  /** How the blank is rolled. */
  readonly rolled: string;
  readonly discM: number;
  readonly lengthM: number;
  readonly sealM: number;
  readonly fillingEachKg: number;
  readonly piece: Piece;
  readonly printer: Printer;
}

interface ShapeWords {
  readonly name: string;
  /** A short description, shown with its drawing. */
  readonly line: string;
  /** Used in the names of batches. */
  readonly plural: string;
  /** One line for each drawing of how it is folded, from rolled dough to sealed piece. */
  steps(amounts: StepAmounts): string[];
}

const DRAW_UP = 'Gather the rim over the filling; press the air out';

/** All words of each shape. */
export const SHAPE_WORDS: Readonly<Record<ShapeId, ShapeWords>> = {
  'half-moon': {
    name: 'half-moon',
    line: 'disc folded once',
    plural: 'half-moons',
    steps: ({ seal, fill, edge, rolled }) => [
      rolled,
      `Put ${fill} on one half; leave the rim bare`,
      'Fold it over; press the air out towards both ends',
      `Press the ${seal} rim shut${edge}`,
    ],
  },
  'two-discs': {
    name: 'two discs',
    line: 'disc on disc',
    plural: 'rounds',
    steps: ({ disc, seal, thick, fill, edge }) => [
      `Roll two, ${disc}, ${thick} thick`,
      `Put ${fill} on one; leave the rim bare`,
      'Lay the other on top; press the air out',
      `Press the ${seal} rim all round${edge}`,
    ],
  },
  'square-parcel': {
    name: 'square parcel',
    line: 'corners to the middle',
    plural: 'parcels',
    steps: ({ disc, thick, fill }) => [
      `Roll a square of ${disc}, ${thick} thick`,
      `Put ${fill} in the middle`,
      'Fold two corners to the middle',
      'Fold in the other two; pinch both seams',
    ],
  },
  'strip-triangle': {
    name: 'strip triangle',
    line: 'strip folded up in triangles',
    plural: 'triangles',
    steps({ disc, thick, fill, length, discM, lengthM }) {
      const folds = stripFolds(discM, lengthM);
      return [
        `Roll ${disc} by ${length}, ${thick} thick`,
        `Put ${fill} at one end`,
        `Fold it up in triangles, ${folds} folds in all`,
        'Seal down the last flap',
      ];
    },
  },
  cone: {
    name: 'cone',
    line: 'half-disc, filled from the mouth',
    plural: 'cones',
    steps: ({ seal, fill, rolled }) => [
      `${rolled}; cut it in half`,
      'Wet half of the straight edge and overlap it to make a cone',
      `Put in ${fill}, tip down; press the air out`,
      `Pinch the mouth flat, ${seal} wide`,
    ],
  },
  'flat-triangle': {
    name: 'flat-sitting triangle',
    line: 'half-disc, stands on its folded mouth',
    plural: 'triangles',
    steps: ({ fill, rolled }) => [
      `${rolled}; cut it in half`,
      'Wet half of the straight edge and overlap it to make a cone',
      `Put in ${fill}, tip down; press the air out`,
      'Fold in the three flaps; stand it on them',
    ],
  },
  roll: {
    name: 'roll',
    line: 'sheet rolled around',
    plural: 'rolls',
    steps: ({ disc, seal, thick, fill, length }) => [
      `Roll ${disc} by ${length}, ${thick} thick`,
      `Put ${fill} near one edge`,
      `Fold in both ends by ${seal}`,
      'Roll it up; seal the last edge',
    ],
  },
  ball: {
    name: 'ball',
    line: 'gathered and rounded',
    plural: 'balls',
    steps: ({ fill, rolled }) => [rolled, `Put ${fill} in the middle`, DRAW_UP, 'Pinch off the knot; roll it round'],
  },
  pouch: {
    name: 'pressed pouch',
    line: 'gathered, pressed flat',
    plural: 'pouches',
    steps: ({ fill, rolled, printer, piece }) => [
      rolled,
      `Put ${fill} in the middle`,
      DRAW_UP,
      'Pinch off the knot',
      `Press it to ${printer.length(piece.thicknessM)} high, knot down`,
    ],
  },
  oval: {
    name: 'oval',
    line: 'gathered, rolled long',
    plural: 'ovals',
    steps: ({ fill, rolled, printer, piece }) => [
      rolled,
      `Put ${fill} in the middle`,
      DRAW_UP,
      'Pinch off the knot',
      `Roll it ${printer.length(piece.widthM)} long`,
    ],
  },
  teardrop: {
    name: 'teardrop',
    line: 'gathered, drawn to a point',
    plural: 'teardrops',
    steps: ({ fill, rolled, printer, piece }) => [
      rolled,
      `Put ${fill} in the middle`,
      DRAW_UP,
      'Pinch off the knot',
      `Draw it to a point, ${printer.length(piece.depthM)} high`,
    ],
  },
  'whole-core': {
    name: 'wrapped whole core',
    line: 'dough around one whole item',
    plural: 'wraps',
    steps: ({ fill, rolled }) => [
      rolled,
      `Put the ${fill} core in the middle`,
      DRAW_UP,
      'Smooth the dough onto the core',
    ],
  },
  cup: {
    name: 'lined cup with lid',
    line: 'lined tin with a lid',
    plural: 'cups',
    steps({ disc, thick, fill, edge, discM, sealM, printer }) {
      const { lidM } = cupSizes(discM, sealM);
      return [
        `Roll ${disc} and a lid of ${printer.length(lidM)}, ${thick} thick`,
        'Line the tin; leave the rim standing up',
        `Put in ${fill} and level it`,
        `Put the lid on; press the rim${edge}`,
      ];
    },
  },
  'puffed-bread': {
    name: 'puffed bread',
    line: 'rolled thin, puffed by steam',
    plural: 'breads',
    steps: ({ fill, rolled, fillingEachKg }) => [
      rolled,
      fillingEachKg > 0
        ? `Put ${fill} inside and roll it out with the dough`
        : 'Leave no flour on it, and no crease or hole',
      'Roll from the middle outwards, even to the rim',
      'Cover it; fry it within minutes',
    ],
  },
  'own-cutter': {
    name: 'own cutter',
    line: 'any outline, drawn or imported',
    plural: 'leaves',
    steps: ({ disc, seal, thick, fill, edge }) => [
      `Cut two, ${disc} long, ${thick} thick`,
      `Put ${fill} on one; leave the rim bare`,
      'Turn the other over and lay it on top; press the air out',
      `Press the ${seal} rim all round${edge}`,
    ],
  },
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
