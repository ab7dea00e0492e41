import type { DayEntry } from '@ember-fold/core/supper';

const HOUR_MS = 3_600_000;
/** After the table so much is still shown. */
const AFTER_MS = 1_200_000;
/** A day of more hours than this has a line at every other one. */
const MANY_HOURS = 14;

/** Where a moment stands between the first task and a while after the last. */
export interface DayScale {
  readonly fromMs: number;
  readonly toMs: number;
  /** ms of one pixel. */
  readonly perPx: number;
  /** Where lines are drawn, ms since the epoch. */
  readonly hours: readonly number[];
  /** From the left, in percent. */
  at(ms: number): string;
  placeOf(startMs: number, endMs: number): { readonly left: string; readonly width: string };
}

/** @param shown at least one task @param widthPx what they are drawn in */
export function dayScale(shown: readonly DayEntry[], widthPx: number): DayScale {
  const half = HOUR_MS / 2;
  const fromMs = Math.floor(Math.min(...shown.map(({ startMs }) => startMs)) / half) * half;
  const toMs = Math.max(...shown.map(({ endMs }) => endMs)) + AFTER_MS;
  const at = (ms: number) => `${(100 * (Math.min(toMs, Math.max(fromMs, ms)) - fromMs)) / (toMs - fromMs)}%`;
  const eachMs = (toMs - fromMs) / HOUR_MS > MANY_HOURS ? 2 * HOUR_MS : HOUR_MS;
  const firstMs = Math.ceil(fromMs / eachMs) * eachMs;
  return {
    fromMs,
    toMs,
    perPx: (toMs - fromMs) / Math.max(1, widthPx),
    hours: Array.from(
      { length: Math.max(0, Math.floor((toMs - firstMs) / eachMs) + 1) },
      (_, i) => firstMs + i * eachMs,
    ),
    at,
    placeOf: (startMs, endMs) => ({ left: at(startMs), width: `calc(${at(endMs)} - ${at(startMs)})` }),
  };
}
