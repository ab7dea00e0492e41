import type { EdgeId, Point } from '../../draft/choices.js';
import type { Piece } from './piece.js';

/** What a part of a drawing shows: raw dough, pale dough, filling, or filling that lies under dough. */
export type DrawnFill = 'raw' | 'dough' | 'filling' | 'hidden-filling' | 'inside' | 'none';

/** One line or area of a drawing: SVG path data in mm, y down the page. */
export interface DrawnPart {
  readonly path: string;
  readonly fill: DrawnFill;
  readonly dash?: 'short' | 'fold';
  /** 0–1; absent: 1. */
  readonly opacity?: number;
}

/** Arrows from a point outwards or inwards: where the air goes, or the rim comes from. mm, degrees. */
export interface DrawnArrows {
  readonly x: number;
  readonly y: number;
  readonly reach: number;
  readonly waysDeg: readonly number[];
  readonly inward: boolean;
}

/** One picture of how a piece is folded. */
export interface FoldFrame {
  /** The rolled blank lies under it, bare or with its filling. */
  readonly blank?: 'bare' | 'filled';
  readonly parts: readonly DrawnPart[];
  readonly arrows?: DrawnArrows;
}

/** What of a piece and its fold is drawn from above. */
export interface AboveSizes {
  /** Half the width, the depth and the seal, mm. */
  readonly halfWidth: number;
  readonly depth: number;
  readonly seal: number;
  readonly edge: EdgeId;
  /** Of an own cutter. */
  readonly outline: readonly Point[];
}

/** What of a blank is drawn while it is folded. */
export interface FoldSizes {
  /** Half the blank across, half its length, and the seal, mm. */
  readonly half: number;
  readonly halfLength: number;
  readonly seal: number;
  readonly holdsFilling: boolean;
  readonly outline: readonly Point[];
  readonly piece: Piece;
}

/** How a shape looks: pure data, so that page, print and 3-D view draw every shape alike. */
export interface ShapeLook {
  /** What a cut through the middle shows. */
  readonly section: 'folded' | 'lens' | 'round' | 'hollow' | 'cup' | 'pyramid';
  /** The cut is drawn across this side of the piece. */
  readonly sectionAlong: 'width' | 'depth';
  /** The 3-D view is cut across x (0) or across y (1). */
  readonly meshCut: 0 | 1;
  /** Outline from above around its own middle, m, turning left. */
  outline(piece: Piece, own: readonly Point[]): Point[];
  /** The piece from above: x around 0, y from −depth to 0. */
  above(sizes: AboveSizes): readonly DrawnPart[];
  /** Filled, then closing: the pictures between the bare blank and the finished piece. */
  frames(sizes: FoldSizes): readonly [FoldFrame, FoldFrame];
}
