import { useEffect, useState } from 'react';

/** What a scale shows. kg. */
export interface ScaleFigure {
  readonly seq: number;
  readonly value: number;
  readonly tareKg: number;
  readonly isSteady: boolean;
}

/** No reading for so long: the scale sleeps, or is out of reach. */
const SILENT_MS = 4000;
const RETRY_MS = 1500;

/** Follows one scale, from when it is asked for; `null` id: none. */
export function useScale(id: string | null): { readonly figure: ScaleFigure | null; readonly silent: boolean } {
  const [seen, setSeen] = useState<{ id: string; figure: ScaleFigure | null; silent: boolean } | null>(null);
  useEffect(() => {
    if (id === null) return;
    let source: EventSource | null = null;
    let retry: ReturnType<typeof setTimeout> | undefined;
    const fallSilent = () => setSeen((now) => ({ id, figure: now?.id === id ? now.figure : null, silent: true }));
    let watch = setTimeout(fallSilent, SILENT_MS);
    const connect = () => {
      source = new EventSource(`/api/devices/${id}/stream`);
      source.addEventListener('reading', (event) => {
        clearTimeout(watch);
        watch = setTimeout(fallSilent, SILENT_MS);
        setSeen({ id, figure: JSON.parse(event.data as string) as ScaleFigure, silent: false });
      });
      source.onerror = () => {
        source?.close();
        retry = setTimeout(connect, RETRY_MS);
      };
    };
    connect();
    return () => {
      source?.close();
      clearTimeout(retry);
      clearTimeout(watch);
    };
  }, [id]);
  // What another scale showed is not this one's.
  return seen?.id === id ? seen : NOTHING;
}

const NOTHING = { figure: null, silent: false } as const;
