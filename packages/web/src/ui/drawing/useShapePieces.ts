import { useEffect, useState } from 'react';
import { shapePieces } from '../../workers/planClient';
import type { ShapePiece } from '../../workers/plan.worker';

/** A usual piece of every shape, to be drawn; none until they are worked out. */
export function useShapePieces(): readonly ShapePiece[] {
  const [pieces, setPieces] = useState<readonly ShapePiece[]>([]);
  useEffect(() => {
    let isHere = true;
    void shapePieces().then((all) => isHere && setPieces(all));
    return () => {
      isHere = false;
    };
  }, []);
  return pieces;
}
