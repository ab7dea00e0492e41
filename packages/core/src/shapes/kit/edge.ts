import { type EdgeId } from '../../draft/choices.js';

export interface Edge {
  /** Share of the seal margin that still stands out when it is done. */
  readonly keeps: number;
  /** Layers of dough in it, against two of a plain one. */
  readonly layers: number;
  /** How much more it holds than a plain one. */
  readonly strength: number;
  /** Least margin it can be made from, m. */
  readonly leastM: number;
  /** Hands' time on top of a plain one, s a piece. */
  readonly handsS: number;
}

/** Working values, our own; see docs/models/fold.md. */
export const EDGES: Readonly<Record<EdgeId, Edge>> = {
  plain: { keeps: 1, layers: 2, strength: 1, leastM: 0.004, handsS: 0 },
  fork: { keeps: 1, layers: 1.6, strength: 1.2, leastM: 0.006, handsS: 8 },
  rope: { keeps: 0.55, layers: 3.6, strength: 1.5, leastM: 0.009, handsS: 25 },
  mould: { keeps: 0.9, layers: 1.7, strength: 1.3, leastM: 0.005, handsS: -10 },
};
