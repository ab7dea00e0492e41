import type { LiveStove } from './useLiveStove';

/** Stove s now, by the page's own clock. */
export function stoveSecond(live: LiveStove): number {
  return live.clock.nowS + ((performance.now() - live.clock.atMs) / 1000) * live.stove.speed;
}
