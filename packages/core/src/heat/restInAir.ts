import { requireIn } from '../errors.js';
import { RANGES } from '../draft/ranges.js';
import { advanceFry, FRY_STEPPING } from './advanceFry.js';
import { coldestC, interfacePeakC } from './fryTemperatures.js';
import { copyFryBody, evenSurface, type FryBody } from './fryBody.js';

/** Still air of a kitchen around a hot piece on a rack, W/m²K. Source: docs/models/frying.md (10–15). */
const REST_H = 12;
/** How long a taken out piece is followed, and when somebody bites into it, s. Our own. */
const REST_S = 360;
const BITE_S = 240;
const STEPPING = { ...FRY_STEPPING, firstS: 0.25, growth: 1.4, mostS: 10 };

/** What goes on in a piece after it is taken out: the hot crust still heats what lies under it. */
export interface Rest {
  /** Hottest the coldest filling comes, °C, and how long after it is taken out, s. */
  readonly coreC: number;
  readonly coreAfterS: number;
  /** Hottest the innermost dough has been by the end, °C. */
  readonly wallC: number;
  /** Coldest filling at the first bite, °C. */
  readonly biteC: number;
}

/** Coldest of the filling, or of a piece without one, °C. */
export function coreOf(body: FryBody): number {
  return coldestC(body, body.spec.fillingCells === 0 ? 1 : 0);
}

/**
 * Follows a taken out piece for six minutes in the air of the kitchen. The body itself is left as it is.
 * @param roomC air of the kitchen, °C
 * @throws CoreError OUT_OF_RANGE
 */
export function restInAir(body: FryBody, roomC: number): Rest {
  requireIn(roomC, RANGES.kitchen.roomC, 'roomC');
  const resting = copyFryBody(body, { ...body.spec, surface: evenSurface(REST_H), exposedShare: 0, upperDry: 0 });
  resting.stepS = STEPPING.firstS;
  const takenOutS = body.timeS;
  let best = { coreC: coreOf(body), coreAfterS: 0 };
  advanceFry(
    resting,
    BITE_S,
    roomC,
    (now) => {
      const coreC = coreOf(now);
      if (coreC > best.coreC) best = { coreC, coreAfterS: now.timeS - takenOutS };
      return false;
    },
    STEPPING,
  );
  const biteC = coreOf(resting);
  advanceFry(resting, REST_S - BITE_S, roomC, undefined, STEPPING);
  const lateC = coreOf(resting);
  if (lateC > best.coreC) best = { coreC: lateC, coreAfterS: REST_S };
  return { ...best, wallC: Math.max(interfacePeakC(body), interfacePeakC(resting)), biteC };
}
