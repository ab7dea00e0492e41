/** One stretch of work on the way to the table. Times in ms since the epoch. */
export interface ChainStep {
  readonly id: 'filling' | 'cool' | 'dough' | 'rest' | 'fold' | 'hold' | 'heat' | 'fry' | 'serve';
  readonly kind: 'hands' | 'passive';
  readonly startMs: number;
  readonly endMs: number;
}

export interface ChainDurations {
  /** `null` when the filling was made on a day before. */
  readonly cookFillingS: number | null;
  readonly coolS: number;
  readonly mixS: number;
  readonly restS: number;
  readonly foldS: number;
  /** Pieces wait for the oil on purpose: chilled, frozen, or a coat that dries; `null`: they do not. */
  readonly holdS: number | null;
  readonly heatS: number;
  readonly fryS: number;
  readonly serveS: number;
}

/**
 * Steps back from the eating time with one pair of hands: the oil is heated only when folding
 * is over, because hot oil is never left alone; dough is mixed while the filling cools.
 * A simple chain: no optimising over several batches.
 *
 * @param eatMs ms since the epoch
 * @returns steps in order of their start
 */
export function backwardChain(eatMs: number, d: ChainDurations): ChainStep[] {
  const ms = (s: number) => Math.round(s) * 1000;
  const serve = eatMs - ms(d.serveS);
  const fry = serve - ms(d.fryS);
  const heat = fry - ms(d.heatS);
  const hold = heat - ms(d.holdS ?? 0);
  const fold = hold - ms(d.foldS);
  const rest = fold - ms(d.restS);
  const dough = rest - ms(d.mixS);
  const cool = Math.min(dough, fold - ms(d.coolS));
  const steps: ChainStep[] = [
    { id: 'dough', kind: 'hands', startMs: dough, endMs: rest },
    { id: 'rest', kind: 'passive', startMs: rest, endMs: fold },
    { id: 'fold', kind: 'hands', startMs: fold, endMs: hold },
    { id: 'heat', kind: 'hands', startMs: heat, endMs: fry },
    { id: 'fry', kind: 'hands', startMs: fry, endMs: serve },
    { id: 'serve', kind: 'hands', startMs: serve, endMs: eatMs },
  ];
  if (d.holdS !== null) steps.push({ id: 'hold', kind: 'passive', startMs: hold, endMs: heat });
  if (d.cookFillingS !== null) {
    steps.push(
      { id: 'filling', kind: 'hands', startMs: cool - ms(d.cookFillingS), endMs: cool },
      // Cold enough before folding begins, it waits; it does not cool for longer.
      { id: 'cool', kind: 'passive', startMs: cool, endMs: cool + ms(d.coolS) },
    );
  }
  return steps.sort((a, b) => a.startMs - b.startMs);
}
