import { type TrayDraft, USUAL_BAKE } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { CRUST_LIMITS } from '../../heat/colour.js';
import type { CrispPlan, OvenPhasePlan } from '../../outcome/fryPlan.js';
import type { FryBody } from '../../heat/fryBody.js';
import { interfacePeakC } from '../../heat/fryTemperatures.js';
import { coreOf } from '../../heat/restInAir.js';
import { safeCoreC } from '../../filling/fillingSafety.js';
import { type Around, runPhase } from '../../heat/runPhase.js';
import { programmeOf } from '../../heat/programme.js';
import { LIMITS } from '../../limits/limits.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { DOOR_S, ovenH } from './trayBake.js';

/** The darker face of a piece. */
const darkerOf = (body: FryBody): number => Math.max(...body.faces.map(({ colour }) => colour));

/** What is around the pieces of this draft in this kitchen, once they are out of the oil. */
export function aroundOf(draft: TrayDraft, kitchen: Kitchen): Around {
  const { fridgeC, freezerC } = kitchen;
  return { fridgeC, freezerC, ovenH: (ovenC) => ovenH(draft, kitchen, ovenC) };
}

/** What comes after the oil in this kitchen. */
export interface AfterOil {
  /** With the piece as it comes out of that oven. */
  readonly thenOven: { readonly plan: Omit<OvenPhasePlan, 'afterLastS'>; readonly body: FryBody } | null;
  readonly crisp: CrispPlan | null;
}

/**
 * Takes a fried piece through the rest of its programme: finished in the oven, or out of the fridge
 * and hot again before the table. One body goes through all of it: the crust stays as dry as the
 * oil left it and browns on.
 *
 * @param fried as it comes out of the oil
 * @throws CoreError OUT_OF_RANGE at `fry.crispC`, `fry.thenOven.ovenC`, `fry.thenOven.minutesS`
 */
export function afterOil(draft: TrayDraft, kitchen: Kitchen, fried: FryBody): AfterOil {
  const { thenOven, crispC } = draft.fry;
  if (thenOven) {
    requireIn(thenOven.ovenC, RANGES.oven.ovenC, 'fry.thenOven.ovenC');
    if (thenOven.minutesS !== null) requireIn(thenOven.minutesS, RANGES.oven.minutesS, 'fry.thenOven.minutesS');
  }
  if (crispC !== undefined) requireIn(crispC, RANGES.oven.ovenC, 'fry.crispC');
  const around = aroundOf(draft, kitchen);
  const found: { thenOven: AfterOil['thenOven']; crisp: CrispPlan | null } = { thenOven: null, crisp: null };
  const sheets = Math.ceil(draft.pieces / (draft.bake ?? USUAL_BAKE).perSheet);
  let body = fried;
  for (const phase of programmeOf(draft, kitchen.reheatC ?? LIMITS.core.reheatC).slice(1)) {
    if (phase.kind === 'oil') continue;
    const run = runPhase(body, phase, around, safeCoreC(draft));
    body = run.body;
    if (phase.kind !== 'oven') continue;
    const { ovenC } = phase;
    const minutesS = run.lengthS;
    const colour = minutesS === null ? null : darkerOf(body);
    const isDark = colour !== null && colour > CRUST_LIMITS.brown;
    if (phase.end.by === 'core') {
      const totalS = minutesS === null ? 0 : sheets * minutesS + (sheets - 1) * DOOR_S;
      found.crisp = { ovenC, minutesS, sheets, totalS, colour, isDark };
    } else {
      const [one, other = one] = body.faces.map((face) => face.colour) as [number, number?];
      const colours = [Math.min(one, other), Math.max(one, other)] as const;
      const wallC = interfacePeakC(body);
      const plan = { ovenC, minutesS, coreC: coreOf(body), wallC, colours, isDark: colours[1] > CRUST_LIMITS.brown };
      found.thenOven = { plan, body };
    }
  }
  return found;
}
