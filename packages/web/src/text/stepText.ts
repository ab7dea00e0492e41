import { type TrayDraft, blankLengthM, cupSizes, type EdgeId, type Piece, stripFolds } from '@ember-fold/core';
import type { Printer } from './printer';

const EDGE_STEP: Record<EdgeId, string> = {
  plain: '',
  fork: '; crimp with a fork',
  rope: '; fold it over, twist by twist',
  mould: '; close the mould, trim',
};

/** One line for each frame of how a piece is folded, from blank to sealed. Long for it is one case a form, read side by side. */
export function stepText(draft: Pick<TrayDraft, 'form' | 'fold'>, piece: Piece, printer: Printer): string[] {
  const { fold, form } = draft;
  const { mass } = printer;
  const disc = printer.length(fold.discM);
  const seal = printer.length(fold.sealM);
  const thick = printer.length(fold.thicknessM);
  const fill = mass(fold.fillingEachKg);
  const length = printer.length(blankLengthM(draft));
  const edge = EDGE_STEP[fold.edge ?? 'plain'];
  const rolled = piece.gathered ? `Roll ${disc}, thin at the rim` : `Roll ${disc}, ${thick} thick`;
  const drawUp = 'Draw the rim up; press air out';
  switch (form) {
    case 'half-moon':
      return [rolled, `${fill} on one half, rim bare`, 'Fold; press air out to both ends', `Press ${seal} shut${edge}`];
    case 'two-discs':
      return [
        `Roll two, ${disc}, ${thick} thick`,
        `${fill} on one, rim bare`,
        'Lay the other over; press air out',
        `Press ${seal} all round${edge}`,
      ];
    case 'own-cutter':
      return [
        `Cut two, ${disc} long, ${thick} thick`,
        `${fill} on one, rim bare`,
        'Turn the other over on top; press air out',
        `Press ${seal} all round${edge}`,
      ];
    case 'square-parcel':
      return [
        `Roll a square of ${disc}, ${thick} thick`,
        `${fill} in the middle`,
        'Bring two corners in',
        'Bring the others over; pinch both seams',
      ];
    case 'strip-triangle': {
      const folds = stripFolds(fold.discM, blankLengthM(draft));
      return [
        `Roll ${disc} by ${length}, ${thick} thick`,
        `${fill} at one end`,
        `Fold over in triangles, ${folds} in all`,
        'Glue the last flap down',
      ];
    }
    case 'cone':
      return [
        `${rolled}; cut in half`,
        'Glue half the straight edge, join it to a cone',
        `${fill}, tip down; press air out`,
        `Pinch the mouth flat, ${seal}`,
      ];
    case 'flat-triangle':
      return [
        `${rolled}; cut in half`,
        'Glue half the straight edge, join it to a cone',
        `${fill}, tip down; press air out`,
        'Fold three flaps in; stand it on them',
      ];
    case 'roll':
      return [
        `Roll ${disc} by ${length}, ${thick} thick`,
        `${fill} near one edge`,
        `Fold both ends in, ${seal}`,
        'Roll up; glue the last edge',
      ];
    case 'ball':
      return [rolled, `${fill} in the middle`, drawUp, 'Pinch the knot off; roll it round'];
    case 'pouch':
      return [
        rolled,
        `${fill} in the middle`,
        drawUp,
        'Pinch the knot off',
        `Press it ${printer.length(piece.thicknessM)} high, knot down`,
      ];
    case 'oval':
      return [
        rolled,
        `${fill} in the middle`,
        drawUp,
        'Pinch the knot off',
        `Roll it ${printer.length(piece.widthM)} long`,
      ];
    case 'teardrop':
      return [
        rolled,
        `${fill} in the middle`,
        drawUp,
        'Pinch the knot off',
        `Draw it to a point, ${printer.length(piece.depthM)} high`,
      ];
    case 'whole-core':
      return [rolled, `${fill} of core in the middle`, drawUp, 'Smooth the dough to the core'];
    case 'puffed-bread':
      return [
        rolled,
        fold.fillingEachKg > 0 ? `${fill} inside, rolled out with it` : 'No flour left on it, no crease, no hole',
        'Roll from the middle out, even to the rim',
        'Cover; into the oil within minutes',
      ];
    case 'cup': {
      const { lidM } = cupSizes(fold.discM, fold.sealM);
      return [
        `Roll ${disc} and a lid of ${printer.length(lidM)}, ${thick} thick`,
        'Line the tin; let the rim stand',
        `${fill}, level`,
        `Lid on; press the rim${edge}`,
      ];
    }
    default: {
      const never: never = form;
      return never;
    }
  }
}
