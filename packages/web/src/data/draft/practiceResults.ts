import { type PracticeResult, SITUATION_KINDS } from '@ember-fold/core/stove';
import { useKept } from '../offline/useKept';

/** As many sessions are kept in this browser. */
const MOST_KEPT = 300;

const isResults = (value: unknown): value is readonly PracticeResult[] =>
  Array.isArray(value) &&
  value.every((one: Partial<PracticeResult> | null) => {
    const isKind = SITUATION_KINDS.some((kind) => kind === one?.kind);
    const isScore = typeof one?.score === 'number' && one.score >= 0 && one.score <= 100;
    return isKind && isScore && typeof one.whispered === 'boolean' && Number.isFinite(one.atMs);
  });

/** The sessions that were practised in this browser, and how one more is kept. */
export function usePracticeResults(): readonly [readonly PracticeResult[], (one: PracticeResult) => void] {
  const [kept, keep] = useKept('practice', isResults);
  const results = kept ?? [];
  return [results, (one) => keep([...results, one].slice(-MOST_KEPT))];
}
