import { type ShapeId, withShape } from '@ember-fold/core/plan';
import { useEdit } from '../../data/draft/useEdit';
import { BENCH as T } from '#text/bench/benchPhrases';
import { ShapeTiles } from '../../ui/controls/choice/ShapeTiles';
import { Sheet } from '../../ui/controls/sheet/Sheet';

/** Another form for the piece; its blank is sized for the same filling. */
export function ShapePick({ shape, onClose }: { readonly shape: ShapeId; readonly onClose: () => void }) {
  const edit = useEdit();
  return (
    <Sheet title={T.shape} isOpen onClose={onClose} wide>
      <ShapeTiles
        label={T.shapeKeepsFilling}
        value={shape}
        onChange={(next) => edit('fold.form', (draft, known) => withShape(draft, next, known))}
      />
    </Sheet>
  );
}
