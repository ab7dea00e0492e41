import type { TrayDraft } from '../draft/draft.js';
import type { Finding } from '../draft/finding.js';
import { safeCoreC } from '../filling/fillingSafety.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import type { FryPlan, OvenPhasePlan } from './fryPlan.js';
import { failingOf } from './failing.js';
import type { Rest } from '../heat/restInAir.js';
import { doughSetC } from '../heat/solveFry.js';

/** What the oven makes of a piece that came out of the oil by its colour: judged when it comes out of there. */
export function ovenFindings(
  { body, chances }: Omit<FryPlan, 'findings'>,
  { ovenC, minutesS, coreC, wallC, colours, isDark }: OvenPhasePlan,
  draft: TrayDraft,
  rest: Rest,
): Finding[] {
  if (minutesS === null) return [{ code: 'fry.then-oven-never', tone: 'stop', values: { ovenC } }];
  const targetC = Math.min(safeCoreC(draft), body.boilingC - 4);
  const found: Finding[] = [];
  const failing = chances && failingOf(chances);
  const some = (share: number) => ({ share, right: chances!.right });
  if (coreC < targetC) found.push({ code: 'fry.then-oven-cold', tone: 'stop', values: { minutesS, coreC, targetC } });
  else if (failing === 'unsafe') {
    found.push({ code: 'fry.some-unsafe', tone: 'stop', values: { share: chances!.unsafe, targetC } });
  }
  if (wallC < doughSetC(body) - 0.01) {
    found.push({ code: 'fry.then-oven-raw', tone: 'look-out', values: { minutesS, interfaceC: wallC } });
  } else if (failing === 'raw') found.push({ code: 'fry.some-raw', tone: 'look-out', values: some(chances!.raw) });
  if (found.length === 0) {
    found.push({ code: 'fry.then-oven', tone: 'good', values: { ovenC, minutesS, coreC, biteC: rest.biteC } });
  }
  if (isDark) found.push({ code: 'fry.then-oven-dark', tone: 'look-out', values: { minutesS, ovenC } });
  else if (colours[0] < CRUST_LIMITS.pale) {
    found.push({ code: 'fry.pale', tone: 'look-out', values: { colour: colours[0], goldenS: null } });
  } else if (failing === 'dark') found.push({ code: 'fry.some-dark', tone: 'look-out', values: some(chances!.dark) });
  else if (failing === 'pale') found.push({ code: 'fry.some-pale', tone: 'look-out', values: some(chances!.pale) });
  else if (colours[1] > CRUST_LIMITS.golden) {
    found.push({ code: 'fry.brown', tone: 'good', values: { colour: colours[1], darkS: null } });
  }
  return found;
}
