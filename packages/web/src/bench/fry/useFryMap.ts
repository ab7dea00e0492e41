import type { FryChances, FryMapRow, FryMapSpec } from '@ember-fold/core/plan';
import { useEffect, useRef, useState } from 'react';
import { cancelChances, chancesLatest, mapInWorker } from '../../workers/mapClient';

/** A point that stands still for so long is tried on a batch of pieces, ms. */
const SETTLE_MS = 250;

interface Known {
  readonly key: string;
  readonly rows: readonly FryMapRow[];
  readonly whole: boolean;
  readonly failed: boolean;
}

/** Rows of the map as they come from the worker; from an edit on, only those of the new piece. */
export function useMap(spec: FryMapSpec, key: string): Known {
  const [known, setKnown] = useState<Known | null>(null);
  const current = useRef(spec);
  useEffect(() => {
    current.current = spec;
  });
  useEffect(() => {
    let gone = false;
    let rows: readonly FryMapRow[] = [];
    const tell = (change: Partial<Known>) => !gone && setKnown({ key, rows, whole: false, failed: false, ...change });
    mapInWorker(current.current, (more) => {
      rows = [...rows, ...more].sort((a, b) => a.oilC - b.oilC);
      tell({});
    }).then(
      (whole) => whole && tell({ whole }),
      () => tell({ failed: true }),
    );
    return () => {
      gone = true;
    };
  }, [key]);
  // What was found of another piece says nothing of this one.
  return known?.key === key ? known : { key, rows: [], whole: false, failed: false };
}

/** How pieces made by hand come out, once the point stands still. */
export function useChances(spec: FryMapSpec, key: string, oilC: number, timeS: number | null): FryChances | null {
  const at = `${key} ${oilC} ${timeS}`;
  const [known, setKnown] = useState<{ at: string; chances: FryChances } | null>(null);
  const current = useRef(spec);
  useEffect(() => {
    current.current = spec;
  });
  useEffect(() => {
    if (timeS === null) return;
    const timer = setTimeout(() => {
      chancesLatest(current.current, oilC, timeS).then(
        (chances) => chances && setKnown({ at, chances }),
        () => undefined,
      );
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      cancelChances();
    };
  }, [at, oilC, timeS]);
  return known?.at === at ? known.chances : null;
}
