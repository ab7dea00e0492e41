/** It ran so long without ending: what was before is forgotten, ms. Tests that kill on purpose are calm sooner. */
const CALM_MS = Number(process.env.EMBER_CALM_MS ?? 5 * 60_000);
const FIRST_MS = 300;
const MOST_MS = 60_000;

/**
 * When something that ended by itself is started again: at once the first time, since pieces may be
 * in the oil; later and later while it keeps ending; never not at all.
 * @returns {(nowMs: number) => { waitMs: number, times: number }} told of each end: how long to wait, and how often it ended in a row
 */
export function restarts(startedMs) {
  let times = 0;
  let runsSince = startedMs;
  return (nowMs) => {
    times = nowMs - runsSince >= CALM_MS ? 1 : times + 1;
    const waitMs = Math.min(MOST_MS, FIRST_MS * 2 ** (times - 1));
    runsSince = nowMs + waitMs;
    return { waitMs, times };
  };
}

/** A wait as a person says it. */
export function waitText(ms) {
  return ms < 1000 ? 'at once' : `in ${Math.round(ms / 1000)} s`;
}
