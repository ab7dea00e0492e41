import type { CopyRow } from '@ember-fold/core/files';
import { api, problemOf } from '../data/api/api';
import { copyApi, serverIsBack } from '../data/api/copyApi';
import { compareRows, COPIES as T } from '#text/store/copyPhrases';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { Problem, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';

interface RestoreSheetProps {
  readonly row: CopyRow;
  readonly printer: Printer;
  readonly onClose: () => void;
}

/** What a copy would put in the place of what is here, read from its beginning to its end; nothing changes before yes. */
export function RestoreSheet({ row, printer, onClose }: RestoreSheetProps) {
  const sheet = copyApi.useCopySheetQuery(row.name, { refetchOnMountOrArgChange: true });
  const { data: lit = [] } = api.useStovesQuery();
  const [restore, { isLoading, isSuccess, error }] = copyApi.useRestoreCopyMutation();
  const busy = isLoading || isSuccess;
  const go = async () => {
    if ('error' in (await restore(row.name))) return;
    await serverIsBack();
    // Nothing this page holds is of that kitchen.
    window.location.assign('/table');
  };
  const madeMs = Date.parse(row.madeAt);
  const wrong = error ?? (sheet.isFetching ? null : sheet.error);
  const told = sheet.isFetching ? undefined : sheet.data;
  return (
    <Sheet isOpen alert title={T.restoreTitle(`${printer.date(madeMs)} ${printer.clock(madeMs)}`)} onClose={onClose}>
      {!told && !wrong && <Soft role="status">{T.checking}</Soft>}
      {wrong && <Problem>{problemOf(wrong).message}</Problem>}
      {told && (
        <>
          <p>{T.isWhole}</p>
          <table style={{ width: '100%', margin: '10px 0' }}>
            <thead>
              <tr>
                <th align="left">{T.thing}</th>
                <th align="right">{T.inCopy}</th>
                <th align="right">{T.here}</th>
              </tr>
            </thead>
            <tbody>
              {compareRows(told.copy.holds?.counts ?? {}, told.now).map(({ name, copy, now }) => (
                <tr key={name}>
                  <th scope="row" align="left" style={{ fontWeight: 400 }}>
                    {name}
                  </th>
                  <td align="right">{copy}</td>
                  <td align="right">{now}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {lit.length > 0 && <Problem>{T.burning}</Problem>}
          <Soft>{T.before}</Soft>
        </>
      )}
      <Actions>
        <Button isDisabled={busy} onPress={onClose}>
          {T.cancel}
        </Button>
        {told && (
          <Button $look="danger" isDisabled={busy} onPress={() => void go()}>
            {busy ? T.restoring : T.restore}
          </Button>
        )}
      </Actions>
    </Sheet>
  );
}
