import type { Pot } from '../draft/kitchen.js';
import { burnerW, burnerLagS } from '../oil/pot.js';
import type { StoveAct } from './stoveAct.js';

/**
 * Heat that flows from the burner into the pot, W, from every turn of its setting so far: it follows
 * the burner setting with the burner's lag.
 * @param takenBack ids of acts that do not count
 * @example burnerFlowW(acts, new Set(), pot, 600) // 1200
 */
export function burnerFlowW(acts: readonly StoveAct[], takenBack: ReadonlySet<string>, pot: Pot, nowS: number): number {
  const settings = acts
    .flatMap((act) => (act.kind === 'burner' && !takenBack.has(act.id) && act.atS <= nowS ? [act] : []))
    .sort((a, b) => a.atS - b.atS);
  const lagS = burnerLagS(pot);
  let flowW = 0;
  settings.forEach(({ atS, setting }, i) => {
    const forS = (settings[i + 1]?.atS ?? nowS) - atS;
    const wantedW = burnerW(pot, setting);
    flowW = wantedW + (flowW - wantedW) * Math.exp(-forS / lagS);
  });
  return flowW;
}
