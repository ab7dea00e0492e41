import type { LedgerRecord } from '@ember-fold/core/ledger';
import { useNavigate } from 'react-router';
import { problemOf } from '../data/api/api';
import { recordApi } from '../data/api/recordApi';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { usePrinter } from '../ui/printing';
import { Button } from '../ui/controls/button/Button';
import { Problem, Soft } from '../ui/layout/Panel';

/** What the list is told of a record that was just deleted, so that it can be put back. */
export interface JustDeleted {
  readonly deleted?: { readonly id: string; readonly name: string };
}

/** Deletes a record, which is put back by one tap for thirty days. */
export function DeleteRecord({
  record: { id, goneAt, draft },
}: {
  readonly record: Pick<LedgerRecord, 'id' | 'goneAt' | 'draft'>;
}) {
  const navigate = useNavigate();
  const printer = usePrinter();
  const [remove, removing] = recordApi.useDeleteRecordMutation();
  const [putBack, putting] = recordApi.usePutBackMutation();
  const error = removing.error ?? putting.error;
  const gone = async () => {
    const done = await remove(id);
    if (!('error' in done))
      await navigate('/ledger', { state: { deleted: { id, name: draft.name } } satisfies JustDeleted });
  };
  return (
    <>
      {goneAt === null ? (
        <Button $look="quiet" style={{ padding: 0 }} isDisabled={removing.isLoading} onPress={() => void gone()}>
          {T.delete}
        </Button>
      ) : (
        <>
          <Soft>{T.isDeleted(printer.date(Date.parse(goneAt)))}</Soft>
          <Button isDisabled={putting.isLoading} onPress={() => void putBack(id)}>
            {T.putBack}
          </Button>
        </>
      )}
      {error && <Problem>{problemOf(error).message}</Problem>}
    </>
  );
}
