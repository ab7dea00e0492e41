import { TRAY_MARKS, type TrayMark } from '@ember-fold/core/plan';
import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** Which tray the address asks for; `null`: the first. */
export function trayIn(search: URLSearchParams): TrayMark | null {
  const asked = search.get('tray');
  return TRAY_MARKS.find((mark) => mark === asked) ?? null;
}

/** Opens a tray at the station that is open now. */
export function useOpenTray(): (mark: TrayMark) => void {
  const [, setSearch] = useSearchParams();
  return useCallback((mark) => setSearch({ tray: mark }), [setSearch]);
}
