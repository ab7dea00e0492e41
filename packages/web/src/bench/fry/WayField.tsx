import { type TrayDraft, type TrayWay } from '@ember-fold/core';
import { useEdit } from '../../data/useEdit';
import { TRAY as T, WAY_NAME } from '../../text/trayText';
import { Pick } from '../../ui/controls/Pick';

/** What becomes of the pieces of the open tray. */
export function WayField({ draft }: { readonly draft: TrayDraft }) {
  const edit = useEdit();
  return (
    <Pick<TrayWay>
      label={T.what}
      value={draft.way ?? 'fry'}
      options={WAY_NAME}
      onChange={(way) => edit('way', (d) => ({ ...d, way }))}
    />
  );
}
