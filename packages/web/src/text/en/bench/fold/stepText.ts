import { type TrayDraft, blankLengthM, cupSizes, type EdgeId, type Piece, stripFolds } from '@ember-fold/core/plan';
import type { Printer } from '../../../printer';

const EDGE_STEP: Record<EdgeId, string> = {
  plain: '',
  fork: '; crimp with a fork',
  rope: '; fold it over, twist by twist',
  mould: '; close the mould and trim',
};

/**
 * One line for each drawing of how a piece is folded, from rolled dough to sealed piece. The function is
 * long because each shape has its own case, and they are compared side by side.
 */
export function stepText(draft: Pick<TrayDraft, 'shape' | 'fold'>, piece: Piece, printer: Printer): string[] {
  const { fold, shape } = draft;
  const { mass } = printer;
  const disc = printer.length(fold.discM);
  const seal = printer.length(fold.sealM);
  const thick = printer.length(fold.thicknessM);
  const fill = mass(fold.fillingEachKg);
  const length = printer.length(blankLengthM(draft));
  const edge = EDGE_STEP[fold.edge ?? 'plain'];
  const rolled = piece.gathered ? `Roll ${disc}, thin at the rim` : `Roll ${disc}, ${thick} thick`;
  const drawUp = 'Gather the rim over the filling; press the air out';
  switch (shape) {
    case 'half-moon':
      return [
        rolled,
        `Put ${fill} on one half; leave the rim bare`,
        'Fold it over; press the air out towards both ends',
        `Press the ${seal} rim shut${edge}`,
      ];
    case 'two-discs':
      return [
        `Roll two, ${disc}, ${thick} thick`,
        `Put ${fill} on one; leave the rim bare`,
        'Lay the other on top; press the air out',
        `Press the ${seal} rim all round${edge}`,
      ];
    case 'own-cutter':
      return [
        `Cut two, ${disc} long, ${thick} thick`,
        `Put ${fill} on one; leave the rim bare`,
        'Turn the other over and lay it on top; press the air out',
        `Press the ${seal} rim all round${edge}`,
      ];
    case 'square-parcel':
      return [
        `Roll a square of ${disc}, ${thick} thick`,
        `Put ${fill} in the middle`,
        'Fold two corners to the middle',
        'Fold in the other two; pinch both seams',
      ];
    case 'strip-triangle': {
      const folds = stripFolds(fold.discM, blankLengthM(draft));
      return [
        `Roll ${disc} by ${length}, ${thick} thick`,
        `Put ${fill} at one end`,
        `Fold it up in triangles, ${folds} folds in all`,
        'Seal down the last flap',
      ];
    }
    case 'cone':
      return [
        `${rolled}; cut it in half`,
        'Wet half of the straight edge and overlap it to make a cone',
        `Put in ${fill}, tip down; press the air out`,
        `Pinch the mouth flat, ${seal} wide`,
      ];
    case 'flat-triangle':
      return [
        `${rolled}; cut it in half`,
        'Wet half of the straight edge and overlap it to make a cone',
        `Put in ${fill}, tip down; press the air out`,
        'Fold in the three flaps; stand it on them',
      ];
    case 'roll':
      return [
        `Roll ${disc} by ${length}, ${thick} thick`,
        `Put ${fill} near one edge`,
        `Fold in both ends by ${seal}`,
        'Roll it up; seal the last edge',
      ];
    case 'ball':
      return [rolled, `Put ${fill} in the middle`, drawUp, 'Pinch off the knot; roll it round'];
    case 'pouch':
      return [
        rolled,
        `Put ${fill} in the middle`,
        drawUp,
        'Pinch off the knot',
        `Press it to ${printer.length(piece.thicknessM)} high, knot down`,
      ];
    case 'oval':
      return [
        rolled,
        `Put ${fill} in the middle`,
        drawUp,
        'Pinch off the knot',
        `Roll it ${printer.length(piece.widthM)} long`,
      ];
    case 'teardrop':
      return [
        rolled,
        `Put ${fill} in the middle`,
        drawUp,
        'Pinch off the knot',
        `Draw it to a point, ${printer.length(piece.depthM)} high`,
      ];
    case 'whole-core':
      return [rolled, `Put the ${fill} core in the middle`, drawUp, 'Smooth the dough onto the core'];
    case 'puffed-bread':
      return [
        rolled,
        fold.fillingEachKg > 0
          ? `Put ${fill} inside and roll it out with the dough`
          : 'Leave no flour on it, and no crease or hole',
        'Roll from the middle outwards, even to the rim',
        'Cover it; fry it within minutes',
      ];
    case 'cup': {
      const { lidM } = cupSizes(fold.discM, fold.sealM);
      return [
        `Roll ${disc} and a lid of ${printer.length(lidM)}, ${thick} thick`,
        'Line the tin; leave the rim standing up',
        `Put in ${fill} and level it`,
        `Put the lid on; press the rim${edge}`,
      ];
    }
    default: {
      const never: never = shape;
      return never;
    }
  }
}
