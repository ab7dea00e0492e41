/** How a timer that is over calls: the later, the more often. */
export interface Ringing {
  /** s since it was over; negative while it runs. */
  readonly lateS: number;
  /** s between two calls; `null` while it runs. */
  readonly eachS: number | null;
  /** Whether to say it aloud now: at the end, then each minute, louder words from two minutes on. */
  readonly urgency: 'none' | 'due' | 'late' | 'very-late';
}

/** Calls at the end and on: every 15 s, from half a minute late every 8 s, from two minutes every 4 s. Our own. */
const EACH_S: readonly (readonly [number, number, Ringing['urgency']])[] = [
  [120, 4, 'very-late'],
  [30, 8, 'late'],
  [0, 15, 'due'],
];

/** @example ringing(0, 45_000).eachS // 8 */
export function ringing(endsMs: number, nowMs: number): Ringing {
  const lateS = (nowMs - endsMs) / 1000;
  const found = EACH_S.find(([from]) => lateS >= from);
  return found ? { lateS, eachS: found[1], urgency: found[2] } : { lateS, eachS: null, urgency: 'none' };
}

/**
 * How many times a timer has called by now: a page that slept calls once, not for all it missed.
 * @example callsBy(0, 60000) // 6
 */
export function callsBy(endsMs: number, nowMs: number): number {
  const { lateS } = ringing(endsMs, nowMs);
  if (lateS < 0) return 0;
  const first = 1 + Math.floor(Math.min(lateS, 30) / 15);
  const second = lateS > 30 ? Math.floor((Math.min(lateS, 120) - 30) / 8) : 0;
  const third = lateS > 120 ? Math.floor((lateS - 120) / 4) : 0;
  return first + second + third;
}
