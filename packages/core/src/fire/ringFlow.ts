import type { Pot } from '../draft/kitchen.js';
import { burnerW, ringLagS } from '../oil/pot.js';
import type { FireAct } from './fireAct.js';

/**
 * Heat that flows from the ring into the pot, W, from every turn of its knob so far: it follows
 * the knob with the ring's lag.
 * @param takenBack ids of acts that do not count
 * @example ringFlowW(acts, new Set(), pot, 600) // 1200
 */
export function ringFlowW(acts: readonly FireAct[], takenBack: ReadonlySet<string>, pot: Pot, nowS: number): number {
  const knob = acts
    .flatMap((act) => (act.kind === 'burner' && !takenBack.has(act.id) && act.atS <= nowS ? [act] : []))
    .sort((a, b) => a.atS - b.atS);
  const lagS = ringLagS(pot);
  let flowW = 0;
  knob.forEach(({ atS, setting }, i) => {
    const forS = (knob[i + 1]?.atS ?? nowS) - atS;
    const wantedW = burnerW(pot, setting);
    flowW = wantedW + (flowW - wantedW) * Math.exp(-forS / lagS);
  });
  return flowW;
}
