import type { OwnPlace, OwnStep } from '../draft/batchDraft.js';
import type { MadeAhead, TrayMark } from '../draft/draft.js';

/** One task, planned backwards from the serving time. Times in ms since the epoch. */
export interface ChainStep {
  readonly id:
    | 'filling'
    | 'cool'
    | 'dough'
    | 'rest'
    | 'warm'
    | 'shape'
    | 'firm'
    | 'dry'
    | 'fold'
    | 'stored'
    | 'proof'
    | 'hold'
    | 'bake'
    | 'heat'
    | 'fry'
    | 'oven'
    | 'crisp'
    | 'serve'
    | 'own';
  readonly kind: 'hands' | 'passive';
  /** The tray, or the filling, it is for; absent: all of them, or the only one. */
  readonly mark?: TrayMark;
  /** The portion of dough it is made of, where there are several; absent: the first. */
  readonly portion?: number;
  /** Pieces folded in this task; absent: all of the tray. */
  readonly pieces?: number;
  /** The step of one's own that it is. */
  readonly own?: OwnStep;
  readonly startMs: number;
  readonly endMs: number;
}

/** What one tray asks of the day, s. `null`: it does not. */
export interface ChainTray {
  readonly mark?: TrayMark;
  /** The mark of its filling; trays that share one cook it once. */
  readonly fillingMark?: TrayMark;
  /** `null` when there is no filling to make. */
  readonly cookFillingS: number | null;
  /** So many days before, at the hour of the day itself; absent: the same day. */
  readonly aheadDays?: number;
  readonly coolS: number;
  /** To fold one piece; `null` when the pieces are there already. */
  readonly foldEachS: number | null;
  readonly pieces: number;
  /** Dough they take, kg: what a portion is reckoned by. */
  readonly doughKg: number;
  /** Pieces laid out in the freezer or the fridge. */
  readonly storedS: number | null;
  /** Filling shaped into portions, and those frozen outside, before any is folded in; absent: it is not. */
  readonly firm?: { readonly shapeS: number; readonly firmS: number };
  /** What is wrapped is dried first; absent: nothing is. */
  readonly dryS?: number;
}

export interface ChainDurations {
  /** In the order in which they are folded. */
  readonly trays: readonly ChainTray[];
  /** To make one portion of dough; `null` when none is made. */
  readonly mixS: number | null;
  readonly restS: number;
  /** Portions of dough, one after the other. */
  readonly portions: number;
  /** Filled pieces rise until they go into oil or oven; `null`: they do not. */
  readonly proofS: number | null;
  /** Pieces wait for the oil on purpose: chilled, frozen, or a coating that dries; `null`: they do not. */
  readonly holdS: number | null;
  /** `null` when nothing is fried. */
  readonly heatS: number | null;
  readonly fryS: number;
  /** The oven that finishes fried pieces goes on for so long after the oil; `null`: they are done in the oil. */
  readonly ovenS: number | null;
  /** Fried pieces in the oven before the table; `null`: they are eaten as they come out of the oil. */
  readonly crispS: number | null;
  /** `null` when nothing is baked. */
  readonly bakeS: number | null;
  readonly serveS: number;
  readonly ownSteps: readonly OwnStep[];
  /** What of it is made on an earlier day; absent: nothing. */
  readonly ahead?: MadeAhead;
  /** A dough made ahead comes out of the fridge so long before it is rolled. */
  readonly warmS: number;
}

/** What of the day goes to the earlier one: the dough, or all up to the pieces. */
const AHEAD: Readonly<Record<MadeAhead['upTo'], readonly ChainStep['id'][]>> = {
  dough: ['dough', 'rest'],
  pieces: ['filling', 'cool', 'dough', 'rest', 'shape', 'firm', 'dry', 'fold', 'stored'],
};
const AHEAD_OWN: Readonly<Record<MadeAhead['upTo'], readonly OwnPlace[]>> = {
  dough: ['dough'],
  pieces: ['filling', 'cool', 'dough', 'fold'],
};

const DAY_MS = 86_400_000;
const ms = (s: number): number => Math.round(s) * 1000;

/** Pieces of one tray that are folded out of one portion of dough. */
export interface Stretch {
  readonly tray: ChainTray;
  readonly portion: number;
  readonly pieces: number;
}

/** Which pieces come out of which portion: portions are alike, and the trays are folded one after the other. */
export function stretchesOf(trays: readonly ChainTray[], portions: number): Stretch[] {
  const made = trays.filter(({ foldEachS }) => foldEachS !== null);
  const portionKg = made.reduce((sum, { doughKg }) => sum + doughKg, 0) / portions;
  let usedKg = 0;
  const stretches = made.flatMap((tray) => {
    const eachKg = tray.doughKg / tray.pieces;
    const found: Stretch[] = [];
    for (let left = tray.pieces; left > 0;) {
      const portion = portionKg > 0 ? Math.min(portions, 1 + Math.floor(usedKg / portionKg + 1e-6)) : 1;
      // A piece that begins in a portion is made of it.
      const fits =
        portion === portions || !(eachKg > 0) ? left : Math.ceil((portion * portionKg - usedKg) / eachKg - 1e-6);
      const pieces = Math.min(left, Math.max(1, fits));
      found.push({ tray, portion, pieces });
      usedKg += pieces * eachKg;
      left -= pieces;
    }
    return found;
  });
  // A portion smaller than a piece is none: there are only as many as something comes out of.
  const used = [...new Set(stretches.map(({ portion }) => portion))];
  return stretches.map((one) => ({ ...one, portion: used.indexOf(one.portion) + 1 }));
}

/**
 * Steps back from the eating time with one pair of hands: the oil is heated only when folding
 * is over, because hot oil is never left alone; the oven bakes while pieces are fried; dough is
 * mixed while the filling cools, and a next portion when the one before is used. A simple chain: no
 * optimising over several batches. It is long because it is the day, read from its end.
 *
 * @param eatMs ms since the epoch
 * @returns steps in order of their start
 */
export function backwardChain(eatMs: number, d: ChainDurations): ChainStep[] {
  const steps: ChainStep[] = [];
  /** Places a task before a moment. @returns when it begins */
  const lay = (step: Omit<ChainStep, 'startMs' | 'endMs'>, endMs: number, lengthS: number): number => {
    const startMs = endMs - ms(lengthS);
    steps.push({ ...step, startMs, endMs });
    return startMs;
  };
  /** The cook's own steps before a task that begins then. */
  const own = (before: OwnPlace, fromMs: number): number =>
    d.ownSteps
      .filter((step) => step.before === before)
      .reduceRight((at, step) => lay({ id: 'own', kind: step.kind, own: step }, at, step.lengthS), fromMs);
  const served = own('serve', lay({ id: 'serve', kind: 'hands' }, eatMs, d.serveS));
  // The oven is for one thing at a time: what is crisped goes in last.
  const crisped = d.crispS === null ? served : lay({ id: 'crisp', kind: 'passive' }, served, d.crispS);
  let folded = served;
  let heated = served;
  if (d.heatS !== null) {
    const oven = d.ovenS === null ? crisped : lay({ id: 'oven', kind: 'passive' }, crisped, d.ovenS);
    const fry = lay({ id: 'fry', kind: 'hands' }, oven, d.fryS);
    heated = fry;
    const heat = own('heat', lay({ id: 'heat', kind: 'hands' }, fry, d.heatS));
    folded = d.holdS === null ? heat : lay({ id: 'hold', kind: 'passive' }, heat, d.holdS);
  }
  if (d.bakeS !== null) {
    const bake = lay({ id: 'bake', kind: 'passive' }, crisped, d.bakeS);
    heated = Math.min(heated, bake);
    folded = Math.min(folded, bake);
  }
  // They go on rising while the oil is heated.
  if (d.proofS !== null) folded = Math.min(folded, lay({ id: 'proof', kind: 'passive' }, heated, d.proofS));
  const foldStarts = new Map<ChainTray, number>();
  const shapeStarts = new Map<ChainTray, number>();
  const stretches = stretchesOf(d.trays, d.portions);
  const marked = (mark: TrayMark | undefined) => (mark === undefined ? {} : { mark });
  const portions = stretches.reduce((most, { portion }) => Math.max(most, portion), 1);
  let portionEnd = portions;
  for (const [i, { tray, portion, pieces }] of [...stretches.entries()].reverse()) {
    if (portion < portionEnd) {
      // The next portion is made when this one is used.
      folded = makeDough(portionEnd, folded);
      portionEnd = portion;
    }
    const isLast = !stretches.slice(i + 1).some((one) => one.tray === tray);
    if (tray.storedS !== null && isLast) {
      folded = lay({ id: 'stored', kind: 'hands', ...marked(tray.mark) }, folded, tray.storedS);
    }
    const part = portions > 1 ? { pieces, ...(portion > 1 && { portion }) } : {};
    folded = lay({ id: 'fold', kind: 'hands', ...marked(tray.mark), ...part }, folded, tray.foldEachS! * pieces);
    foldStarts.set(tray, folded);
    const isFirst = !stretches.slice(0, i).some((one) => one.tray === tray);
    if (isFirst && tray.dryS !== undefined)
      folded = lay({ id: 'dry', kind: 'hands', ...marked(tray.mark) }, folded, tray.dryS);
  }
  folded = own('fold', folded);
  const foldMs = folded;
  if (d.mixS !== null && d.ahead?.upTo === 'dough') folded = lay({ id: 'warm', kind: 'passive' }, folded, d.warmS);
  const doughMs = d.mixS === null ? folded : makeDough(1, folded);
  let before: number;
  if (d.ahead?.upTo === 'dough') {
    // A dough of the day before takes nothing of this one.
    own('dough', doughMs);
    before = firmPortions(foldMs, foldMs);
  } else {
    before = own('dough', firmPortions(foldMs, doughMs));
  }
  // A filling that several trays share is cooked for the first of them.
  const first = d.trays.filter(
    (tray, i) => !d.trays.slice(0, i).some((one) => one.fillingMark === tray.fillingMark && one.cookFillingS !== null),
  );
  for (const [i, tray] of [...first.entries()].reverse()) {
    const sharing = d.trays.filter(
      (one) => one === tray || (one.fillingMark !== undefined && one.fillingMark === tray.fillingMark),
    );
    const needs = sharing.flatMap((one) => [shapeStarts.get(one) ?? [], foldStarts.get(one) ?? []].flat());
    const needMs = needs.length > 0 ? Math.min(...needs) : undefined;
    if (tray.cookFillingS === null || needMs === undefined) continue;
    const aheadMs = (tray.aheadDays ?? 0) * DAY_MS;
    // Of trays that share it, the one that wants it coldest says how long it cools.
    const coolS = Math.max(...sharing.map((one) => one.coolS));
    const cool = Math.min(before, needMs - ms(coolS)) - aheadMs;
    // Cold enough before folding begins, it waits; it does not cool for longer.
    steps.push({
      id: 'cool',
      kind: 'passive',
      ...marked(tray.fillingMark),
      startMs: cool,
      endMs: cool + ms(coolS),
    });
    // Steps of one's own about fillings come with the first of them.
    const from = i === 0 ? own('cool', cool) : cool;
    const cooked = lay({ id: 'filling', kind: 'hands', ...marked(tray.fillingMark) }, from, tray.cookFillingS);
    const begun = i === 0 ? own('filling', cooked) : cooked;
    // What is made on a day before takes nothing of this one.
    if (aheadMs === 0) before = begun;
  }
  const { ahead } = d;
  const isAhead = ({ id, own: step }: ChainStep) =>
    ahead !== undefined && (step ? AHEAD_OWN[ahead.upTo].includes(step.before) : AHEAD[ahead.upTo].includes(id));
  const shiftMs = (ahead?.days ?? 0) * DAY_MS;
  return steps
    .map((step) => (isAhead(step) ? { ...step, startMs: step.startMs - shiftMs, endMs: step.endMs - shiftMs } : step))
    .sort((a, b) => a.startMs - b.startMs);

  /**
   * Portions are shaped while the dough rests, where that is long enough, or before it is made:
   * firm when folding begins, for what is firm sooner waits in the fridge. @returns when the cook is free before
   */
  function firmPortions(toMs: number, doughMs: number): number {
    const firmed = d.trays.filter(({ firm, foldEachS }) => firm !== undefined && foldEachS !== null);
    if (firmed.length === 0) return doughMs;
    const shapeS = firmed.reduce((sum, { firm }) => sum + firm!.shapeS, 0);
    const firmS = Math.max(...firmed.map(({ firm }) => firm!.firmS));
    const isWhileResting = d.mixS === null || d.restS >= shapeS + firmS;
    let at = isWhileResting ? toMs - ms(firmS) : Math.min(toMs - ms(firmS), doughMs);
    for (const tray of [...firmed].reverse()) {
      const { shapeS: eachS, firmS: coldS } = tray.firm!;
      lay({ id: 'firm', kind: 'passive', ...marked(tray.mark) }, at + ms(coldS), coldS);
      at = lay({ id: 'shape', kind: 'hands', ...marked(tray.mark) }, at, eachS);
      shapeStarts.set(tray, at);
    }
    return Math.min(doughMs, at);
  }

  function makeDough(portion: number, endMs: number): number {
    const of = portion > 1 ? { portion } : {};
    const rest = lay({ id: 'rest', kind: 'passive', ...of }, endMs, d.restS);
    return lay({ id: 'dough', kind: 'hands', ...of }, rest, d.mixS ?? 0);
  }
}
