import { type FormId, withForm } from '@ember-fold/core';
import { useEdit } from '../../data/useEdit';
import { BENCH as T } from '../../text/benchPhrases';
import { FormTiles } from '../../ui/controls/FormTiles';
import { Sheet } from '../../ui/controls/Sheet';

/** Another form for the piece; its blank is sized for the same filling. */
export function FormPick({ form, onClose }: { readonly form: FormId; readonly onClose: () => void }) {
  const edit = useEdit();
  return (
    <Sheet title={T.form} isOpen onClose={onClose} wide>
      <FormTiles
        label={T.formKeepsFilling}
        value={form}
        onChange={(next) => edit('fold.form', (draft, known) => withForm(draft, next, known))}
      />
    </Sheet>
  );
}
