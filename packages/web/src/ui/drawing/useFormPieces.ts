import { useEffect, useState } from 'react';
import { formPieces } from '../../workers/planClient';
import type { FormPiece } from '../../workers/plan.worker';

/** A usual piece of every form, to be drawn; none until they are worked out. */
export function useFormPieces(): readonly FormPiece[] {
  const [pieces, setPieces] = useState<readonly FormPiece[]>([]);
  useEffect(() => {
    let isHere = true;
    void formPieces().then((all) => isHere && setPieces(all));
    return () => {
      isHere = false;
    };
  }, []);
  return pieces;
}
