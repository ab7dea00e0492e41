import type { FryMapRow, FryMapSpec, OutcomeChances } from '@ember-fold/core/plan';
import { useEffect, useRef, useState } from 'react';
import { chancesLatest, mapInWorker } from '../../workers/mapClient';

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

/** How pieces made by hand come out at a point of the map; `null`: not known yet, or `spec` is. */
export function useChances(spec: FryMapSpec | null, oilC: number, timeS: number | null): OutcomeChances | null {
  const at = JSON.stringify([spec, oilC, timeS]);
  const [known, setKnown] = useState<{ at: string; chances: OutcomeChances } | null>(null);
  useEffect(() => {
    const [asked, askedC, askedS] = JSON.parse(at) as [FryMapSpec | null, number, number | null];
    if (asked === null || askedS === null) return;
    chancesLatest(asked, askedC, askedS).then(
      (chances) => chances && setKnown({ at, chances }),
      () => undefined,
    );
  }, [at]);
  return known?.at === at ? known.chances : null;
}
