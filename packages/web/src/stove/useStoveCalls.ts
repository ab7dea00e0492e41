import type { NextStep } from '@ember-fold/core/stove';
import { useEffect, useRef } from 'react';
import { notify, ring, say } from '../data/device/bell';

/** Calls once for each thing that has become due, in tone and words; what is shown says the same. */
export function useStoveCalls(steps: readonly NextStep[], wording: (step: NextStep) => string): void {
  const called = useRef(new Set<string>());
  useEffect(() => {
    for (const step of steps) {
      if (step.inS === null || step.inS > 0 || step.act === 'finish') continue;
      const key = `${step.act} ${step.reason} ${step.pieces.join()} ${step.value}`;
      if (called.current.has(key)) continue;
      called.current.add(key);
      if (step.reason === 'cut-heat') continue;
      ring(step.act === 'turn' ? 'turn' : 'move');
      const words = wording(step);
      say(words);
      notify(words, 'do-next');
    }
    // What is no longer due may become due again.
    const due = new Set(
      steps
        .filter((step) => step.inS !== null && step.inS <= 5)
        .map((step) => `${step.act} ${step.reason} ${step.pieces.join()} ${step.value}`),
    );
    for (const key of called.current) if (!due.has(key)) called.current.delete(key);
  }, [steps, wording]);
}
