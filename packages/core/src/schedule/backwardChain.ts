import type { TrayMark } from '../draft/draft.js';

/** One stretch of work on the way to the table. Times in ms since the epoch. */
export interface ChainStep {
  readonly id: 'filling' | 'cool' | 'dough' | 'rest' | 'fold' | 'put-by' | 'hold' | 'bake' | 'heat' | 'fry' | 'serve';
  readonly kind: 'hands' | 'passive';
  /** The tray it is for; absent: all of them, or the only one. */
  readonly mark?: TrayMark;
  readonly startMs: number;
  readonly endMs: number;
}

/** What one tray asks of the day, s. `null`: it does not. */
export interface ChainTray {
  readonly mark?: TrayMark;
  /** The mark of its filling; trays that share one cook it once. */
  readonly fillingMark?: TrayMark;
  /** `null` when the filling was made on a day before, or there is none. */
  readonly cookFillingS: number | null;
  readonly coolS: number;
  /** `null` when the pieces are there already. */
  readonly foldS: number | null;
  /** Pieces laid out in the freezer or the fridge. */
  readonly putByS: number | null;
}

export interface ChainDurations {
  /** In the order in which they are folded. */
  readonly trays: readonly ChainTray[];
  /** `null` when no dough is made. */
  readonly mixS: number | null;
  readonly restS: number;
  /** Pieces wait for the oil on purpose: chilled, frozen, or a coat that dries; `null`: they do not. */
  readonly holdS: number | null;
  /** `null` when nothing is fried. */
  readonly heatS: number | null;
  readonly fryS: number;
  /** `null` when nothing is baked. */
  readonly bakeS: number | null;
  readonly serveS: number;
}

const ms = (s: number): number => Math.round(s) * 1000;

/**
 * Steps back from the eating time with one pair of hands: the oil is heated only when folding
 * is over, because hot oil is never left alone; the oven bakes while pieces are fried; dough is
 * mixed while the filling cools. A simple chain: no optimising over several batches.
 *
 * @param eatMs ms since the epoch
 * @returns steps in order of their start
 */
export function backwardChain(eatMs: number, d: ChainDurations): ChainStep[] {
  const serve = eatMs - ms(d.serveS);
  const steps: ChainStep[] = [{ id: 'serve', kind: 'hands', startMs: serve, endMs: eatMs }];
  let folded = serve;
  if (d.heatS !== null) {
    const fry = serve - ms(d.fryS);
    const heat = fry - ms(d.heatS);
    const hold = heat - ms(d.holdS ?? 0);
    steps.push({ id: 'heat', kind: 'hands', startMs: heat, endMs: fry });
    steps.push({ id: 'fry', kind: 'hands', startMs: fry, endMs: serve });
    if (d.holdS !== null) steps.push({ id: 'hold', kind: 'passive', startMs: hold, endMs: heat });
    folded = hold;
  }
  if (d.bakeS !== null) {
    const bake = serve - ms(d.bakeS);
    steps.push({ id: 'bake', kind: 'passive', startMs: bake, endMs: serve });
    folded = Math.min(folded, bake);
  }
  const foldStarts = new Map<ChainTray, number>();
  for (const tray of [...d.trays].reverse()) {
    const of = tray.mark === undefined ? {} : { mark: tray.mark };
    if (tray.putByS !== null) {
      steps.push({ id: 'put-by', kind: 'hands', ...of, startMs: folded - ms(tray.putByS), endMs: folded });
      folded -= ms(tray.putByS);
    }
    if (tray.foldS === null) continue;
    steps.push({ id: 'fold', kind: 'hands', ...of, startMs: folded - ms(tray.foldS), endMs: folded });
    folded -= ms(tray.foldS);
    foldStarts.set(tray, folded);
  }
  let before = folded;
  if (d.mixS !== null) {
    const rest = folded - ms(d.restS);
    before = rest - ms(d.mixS);
    steps.push({ id: 'dough', kind: 'hands', startMs: before, endMs: rest });
    steps.push({ id: 'rest', kind: 'passive', startMs: rest, endMs: folded });
  }
  // A filling that several trays share is cooked for the first of them.
  const first = d.trays.filter(
    (tray, i) => !d.trays.slice(0, i).some((one) => one.fillingMark === tray.fillingMark && one.cookFillingS !== null),
  );
  for (const tray of first.reverse()) {
    const foldMs = foldStarts.get(tray);
    if (tray.cookFillingS === null || foldMs === undefined) continue;
    const of = tray.fillingMark === undefined ? {} : { mark: tray.fillingMark };
    const cool = Math.min(before, foldMs - ms(tray.coolS));
    before = cool - ms(tray.cookFillingS);
    steps.push({ id: 'filling', kind: 'hands', ...of, startMs: before, endMs: cool });
    // Cold enough before folding begins, it waits; it does not cool for longer.
    steps.push({ id: 'cool', kind: 'passive', ...of, startMs: cool, endMs: cool + ms(tray.coolS) });
  }
  return steps.sort((a, b) => a.startMs - b.startMs);
}
