import type { TrayDraft, TrayWay } from '@ember-fold/core/plan';
import { useEdit } from '../../data/draft/useEdit';
import { WAY_NAME } from '#text/bench/trayText';
import { TRAY_SHEET } from '#text/bench/traySheetPhrases';
import { Pick } from '../../ui/controls/choice/Pick';

/** What becomes of the pieces of the open tray. */
export function WayField({ draft }: { readonly draft: TrayDraft }) {
  const edit = useEdit();
  return (
    <Pick<TrayWay>
      label={TRAY_SHEET.what}
      value={draft.way ?? 'fry'}
      options={WAY_NAME}
      onChange={(way) => edit('way', (d) => ({ ...d, way }))}
    />
  );
}
