import type { ScaleFigure } from '@ember-fold/core/stove';
import { useEffect, useState } from 'react';
import { deviceApi } from '../api/deviceApi';
import { onLive } from './stream';

export type { ScaleFigure } from '@ember-fold/core/stove';

/** No reading for so long: the scale sleeps, or is out of reach. */
const SILENT_MS = 4000;
const SIMULATED = 'simulated-scale';
/** A page that looks keeps the simulated scale awake. */
const WAKE_EACH_MS = 15_000;

/** Follows one scale, from when it is asked for; `null` id: none. */
export function useScale(id: string | null): { readonly figure: ScaleFigure | null; readonly silent: boolean } {
  const [seen, setSeen] = useState<{ id: string; figure: ScaleFigure | null; silent: boolean } | null>(null);
  const [press] = deviceApi.useScaleActMutation();
  useEffect(() => {
    if (id === null) return;
    const fallSilent = () => setSeen((now) => ({ id, figure: now?.id === id ? now.figure : null, silent: true }));
    let watch = setTimeout(fallSilent, SILENT_MS);
    const stop = onLive((told) => {
      if (told.kind !== 'scale' || told.device !== id) return;
      clearTimeout(watch);
      watch = setTimeout(fallSilent, SILENT_MS);
      setSeen({ id, figure: told.figure, silent: false });
    });
    const wake = () => id === SIMULATED && void press({ do: 'on' });
    wake();
    const timer = setInterval(wake, WAKE_EACH_MS);
    return () => {
      stop();
      clearTimeout(watch);
      clearInterval(timer);
    };
  }, [id, press]);
  // What another scale showed is not this one's.
  return seen?.id === id ? seen : NOTHING;
}

const NOTHING = { figure: null, silent: false } as const;
