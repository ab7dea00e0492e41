import { withPieces } from '@ember-fold/core';
import { useEdit } from '../app/useEdit';
import { Row } from '../controls/Panel';
import { CountField } from '../controls/UnitFields';

/** How many: the same field at every station, for everything follows it. */
export function PiecesField({ pieces }: { readonly pieces: number }) {
  const edit = useEdit();
  return (
    <Row>
      <CountField
        label="Pieces"
        value={pieces}
        least={1}
        most={2000}
        onChange={(next) => edit('pieces', (draft) => withPieces(draft, next))}
      />
    </Row>
  );
}
