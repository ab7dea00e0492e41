/** A figure as it is believed after what was seen of it. */
export interface Belief {
  readonly value: number;
  /** Eight times in ten it lies between these. */
  readonly low: number;
  readonly high: number;
  /** Before anything was seen. */
  readonly usual: number;
  /** From so many sightings. */
  readonly count: number;
}

/** Hands-on work whose time is learnt, by the field of `Kitchen.hands` it corrects. */
export const HAND_WORKS = ['mixS', 'cookFillingS', 'foldEachS', 'serveS'] as const;
export type HandWork = (typeof HAND_WORKS)[number];

/** How a dough is scalded, for what boils off meanwhile. */
export type Scalding = 'on-heat' | 'off-heat';

/** What a kitchen's own batches have taught of it. What nothing was seen of is absent. */
export interface Learnt {
  /** How fast a crust colours beside the model, times; by formula, else by family of dough. */
  readonly browning?: Readonly<Record<string, Belief>>;
  /** Colour B that this cook calls golden. */
  readonly golden?: Belief;
  /** Odds that a piece opens beside the model's, times; by shape. */
  readonly bursts?: Readonly<Record<string, Belief>>;
  /** How portions differ, standard deviation over mean. */
  readonly portions?: Belief;
  /** Time of hands' work beside what the kitchen has set, times. */
  readonly hands?: Readonly<Partial<Record<HandWork, Belief>>>;
  /** Rubbed fat, share of flour, from which the fist test holds. */
  readonly fist?: Belief;
  /** Share of the liquid that boils off a hot-water dough. */
  readonly boilOff?: Readonly<Partial<Record<Scalding, Belief>>>;
}

/**
 * What a dough is learnt under: its formula in the Store, else its family.
 * @example doughKey(draft) // 'shortcrust'
 */
export function doughKey({
  dough: { family, from },
}: {
  readonly dough: { readonly family: string; readonly from?: { readonly id: string } };
}): string {
  return from?.id ?? family;
}
