import type { Seen, Symptom } from './looks.js';

/** Why something comes out wrong. */
export const CAUSES = [
  ...(['oil-hot', 'oil-cool', 'load-big', 'taken-out-late', 'taken-out-early', 'wall-thick', 'wall-thin'] as const),
  ...(['overfull', 'underfull', 'wet-filling', 'warm-filling', 'rim-dry', 'rim-floured', 'weak-seal'] as const),
  ...(['air-left', 'wet-surface', 'over-proofed', 'dough-wet', 'little-rest', 'turned-little'] as const),
  ...(['cut-by-eye', 'cold-start', 'salt-much', 'salt-little'] as const),
] as const;
export type CauseId = (typeof CAUSES)[number];

interface CauseRow {
  /** How often it is there, before anything is known of a batch, 0–1. */
  readonly prior: number;
  /** How often it brings a symptom by itself, 0–1. */
  readonly brings: Partial<Record<Symptom, number>>;
}

/** From the table of symptoms that cooks use (docs/models/practice.md); shares are our own. */
const TABLE: Readonly<Record<CauseId, CauseRow>> = {
  'oil-hot': { prior: 0.1, brings: { dark: 0.8, 'raw-ring': 0.6, blisters: 0.4, 'cold-filling': 0.4 } },
  'oil-cool': { prior: 0.12, brings: { pale: 0.7, greasy: 0.7, tough: 0.3 } },
  'load-big': { prior: 0.12, brings: { pale: 0.5, greasy: 0.5, uneven: 0.3 } },
  'taken-out-late': { prior: 0.08, brings: { dark: 0.7, tough: 0.2 } },
  'taken-out-early': { prior: 0.08, brings: { pale: 0.7, 'raw-ring': 0.5, 'cold-filling': 0.5 } },
  'wall-thick': { prior: 0.08, brings: { 'raw-ring': 0.6, tough: 0.3, 'cold-filling': 0.3 } },
  'wall-thin': { prior: 0.08, brings: { burst: 0.4 } },
  overfull: { prior: 0.12, brings: { burst: 0.6, 'too-much': 0.7 } },
  underfull: { prior: 0.08, brings: { 'too-little': 0.8 } },
  'wet-filling': { prior: 0.1, brings: { burst: 0.5, 'raw-ring': 0.2 } },
  'warm-filling': { prior: 0.08, brings: { burst: 0.4 } },
  'rim-dry': { prior: 0.08, brings: { burst: 0.5 } },
  'rim-floured': { prior: 0.08, brings: { burst: 0.5 } },
  'weak-seal': { prior: 0.07, brings: { burst: 0.5 } },
  'air-left': { prior: 0.1, brings: { burst: 0.45, blisters: 0.2 } },
  'wet-surface': { prior: 0.08, brings: { blisters: 0.7 } },
  'over-proofed': { prior: 0.04, brings: { blisters: 0.6 } },
  'dough-wet': { prior: 0.07, brings: { tough: 0.5 } },
  'little-rest': { prior: 0.06, brings: { tough: 0.4 } },
  'turned-little': { prior: 0.1, brings: { uneven: 0.7 } },
  'cut-by-eye': { prior: 0.12, brings: { 'mixed-sizes': 0.8 } },
  'cold-start': { prior: 0.06, brings: { 'cold-filling': 0.6, 'raw-ring': 0.4 } },
  'salt-much': { prior: 0.08, brings: { salty: 0.9 } },
  'salt-little': { prior: 0.08, brings: { bland: 0.9 } },
};
/** A symptom may come without any cause that is known, 0–1. Our own. */
const OTHERWISE = 0.03;

/** A cause with how likely it is, given everything. */
export interface CauseChance {
  readonly id: CauseId;
  /** 0–1. */
  readonly chance: number;
}

/**
 * Which causes a batch had, by what was seen and by its own numbers: a noisy-or network over the table
 * of symptoms, every cause weighed by how much more likely its numbers make it. Exact: absent symptoms
 * are a product over the causes, present ones a sum over their subsets (Heckerman, *A tractable
 * inference algorithm for diagnosing multiple diseases*, 1989). Our own table.
 *
 * @param ratios how many times likelier each cause is by the batch's own numbers, over 0; absent: 1
 * @returns causes of what is present, the likeliest first; none where nothing is
 * @example rankCauses({ present: [], absent: [] }, {}).length // 0
 */
export function rankCauses(
  { present, absent }: Seen,
  ratios: Readonly<Partial<Record<CauseId, number>>>,
): readonly CauseChance[] {
  if (present.length === 0) return [];
  const brings = (id: CauseId, symptom: Symptom): number => TABLE[id].brings[symptom] ?? 0;
  const prior = (id: CauseId): number => {
    const odds = (TABLE[id].prior / (1 - TABLE[id].prior)) * Math.max(1e-6, ratios[id] ?? 1);
    return odds / (1 + odds);
  };
  /** How likely the absent ones are absent where a cause is there. */
  const spared = (id: CauseId) => absent.reduce((product, symptom) => product * (1 - brings(id, symptom)), 1);
  const subsets = Array.from({ length: 2 ** present.length }, (_, bits) =>
    present.filter((_one, i) => bits & (1 << i)),
  );
  /** Joint chance of what was seen; with one cause held there. */
  const joint = (held: CauseId | null): number =>
    subsets.reduce((sum, some) => {
      const sign = some.length % 2 === 0 ? 1 : -1;
      const without = (id: CauseId) =>
        some.reduce((product, symptom) => product * (1 - brings(id, symptom)), spared(id));
      const all = CAUSES.reduce((product, id) => {
        const p = prior(id);
        return product * (id === held ? p * without(id) : p * without(id) + (1 - p));
      }, 1);
      return sum + sign * all * (1 - OTHERWISE) ** some.length;
    }, 0);
  const whole = joint(null);
  return CAUSES.filter((id) => present.some((symptom) => brings(id, symptom) > 0))
    .map((id) => ({ id, chance: Math.min(1, Math.max(0, joint(id) / whole)) }))
    .sort((a, b) => b.chance - a.chance);
}
