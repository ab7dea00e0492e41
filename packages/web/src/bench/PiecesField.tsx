import { BENCH as T } from '#text/bench/benchPhrases';
import { withPieces, RANGES } from '@ember-fold/core/plan';
import { useEdit } from '../data/draft/useEdit';
import { Row } from '../ui/layout/Panel';
import { CountField } from '../ui/controls/field/UnitFields';

/** How many: the same field at every station, for everything follows it. */
export function PiecesField({ pieces }: { readonly pieces: number }) {
  const edit = useEdit();
  return (
    <Row>
      <CountField
        label={T.piecesLabel}
        value={pieces}
        {...RANGES.draft.pieces}
        onChange={(next) => edit('pieces', (draft) => withPieces(draft, next))}
      />
    </Row>
  );
}
