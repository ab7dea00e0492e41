import { type TrayDraft, USUAL_BAKE } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { LIMITS } from '../../limits/limits.js';
import { advanceFry } from '../../frying/advanceFry.js';
import { CRUST_LIMITS } from '../../frying/colour.js';
import { copyFryBody, createFryBody, type FryBody, type FryBodySpec } from '../../frying/fryBody.js';
import type { CrispPlan } from '../../frying/fryPlan.js';
import { coreOf } from '../../frying/restInAir.js';
import { DOOR_S, onRack, OVEN_HORIZON_S, OVEN_STEPPING, ovenH } from './trayBake.js';

/** Air of a fridge at a skin, W/m²K, and how long a fried piece lies there in the model before the oven, s: cold through after twice that. Our own. */
const FRIDGE_H = 10;
const COLD_S = 2 * 3600;
const FRIDGE_STEPPING = { ...OVEN_STEPPING, mostS: 60 };

/**
 * A fried piece out of the fridge in the oven: until its coldest filling has the temperature to
 * which the kitchen reheats, crust as dry as the oil left it and browning on. From the fridge, for
 * that is the coldest it can be: a piece that waits on a rack is hot sooner.
 *
 * @param body as it went into the oil
 * @param takeOutS s in the oil
 * @param darkerTakeOut colour of its darker face when it is taken out
 * @throws CoreError OUT_OF_RANGE at `fry.crispC`
 */
export function crispAgain(
  draft: TrayDraft,
  kitchen: Kitchen,
  body: FryBodySpec,
  takeOutS: number,
  darkerTakeOut: number,
): CrispPlan | null {
  const { crispC, oilC } = draft.fry;
  if (crispC === undefined) return null;
  requireIn(crispC, RANGES.oven.ovenC, 'fry.crispC');
  const fried = createFryBody({ ...body, faces: 'one' });
  advanceFry(fried, takeOutS, oilC);
  const cold = copyFryBody(fried, onRack(body, FRIDGE_H));
  for (let half = 0; half < 2; half++) advanceFry(cold, COLD_S, kitchen.fridgeC, undefined, FRIDGE_STEPPING);
  const hot = copyFryBody(cold, onRack(body, ovenH(draft, kitchen, crispC)));
  hot.stepS = OVEN_STEPPING.firstS;
  const fromS = hot.timeS;
  const targetC = Math.min(kitchen.reheatC ?? LIMITS.core.reheatC, body.boilingC - 4);
  let minutesS: number | null = null;
  const isThere = (now: FryBody) => {
    if (coreOf(now) < targetC) return false;
    minutesS = now.timeS - fromS;
    return true;
  };
  advanceFry(hot, OVEN_HORIZON_S, crispC, isThere, OVEN_STEPPING);
  const sheets = Math.ceil(draft.pieces / (draft.bake ?? USUAL_BAKE).perSheet);
  const colour = minutesS === null ? null : darkerTakeOut + hot.faces[0]!.colour - fried.faces[0]!.colour;
  return {
    ovenC: crispC,
    minutesS,
    sheets,
    colour,
    totalS: minutesS === null ? 0 : sheets * minutesS + (sheets - 1) * DOOR_S,
    isDark: colour !== null && colour > CRUST_LIMITS.brown,
  };
}
