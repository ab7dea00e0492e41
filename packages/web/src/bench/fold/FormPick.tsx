import { BENCH as T } from '../../text/benchPhrases';
import { type FormId, withForm } from '@ember-fold/core';
import { useEdit } from '../../data/useEdit';
import { Pick } from '../../ui/controls/Pick';
import { FORM_NAME } from '../../text/formWords';

/** The form of the piece; its blank is sized for the same filling. Comes after the station: a list is heavy. */
export function FormPick({ form }: { readonly form: FormId }) {
  const edit = useEdit();
  return (
    <Pick<FormId>
      label={T.form}
      value={form}
      options={FORM_NAME}
      onChange={(next) => edit('fold.form', (draft, known) => withForm(draft, next, known))}
    />
  );
}
