import type { Finding } from '../draft/finding.js';
import type { BurnerAdvice } from '../oil/burnerAdvice.js';
import type { LoadRun, OilRange } from '../oil/fryLoads.js';
import type { PotLevels } from '../oil/pot.js';
import type { BurstOverTime } from '../heat/burstOverTime.js';
import type { FryBodySpec } from '../heat/fryBody.js';
import type { OutcomeChances } from './outcomeChances.js';
import type { OutcomeSurface } from './outcomeSurface.js';
import type { HoldWait } from '../heat/holdPiece.js';
import type { Rest } from '../heat/restInAir.js';
import type { PieceBulk } from '../heat/pieceHeat.js';
import type { FrySample, FrySolution } from '../heat/solveFry.js';

/** Pieces that are fried early, kept cold, and heated and crisped in the oven before the table. */
export interface CrispPlan {
  readonly ovenC: number;
  /** s in the oven until the coldest filling is reheated; `null`: not within an hour and a half. */
  readonly minutesS: number | null;
  readonly sheets: number;
  /** All sheets one after the other, s; 0 where there is no answer. */
  readonly totalS: number;
  /** Colour of the darker face when they come out of the oven; `null` where there is no answer. */
  readonly colour: number | null;
  readonly isDark: boolean;
}

/** An oven that finishes what came out of the oil by its colour. */
export interface OvenPhasePlan {
  readonly ovenC: number;
  /** s in there that the plan uses; `null`: not done within an hour and a half. */
  readonly minutesS: number | null;
  /** When it leaves the oven, °C: the coldest filling, and the highest temperature the innermost dough has reached. */
  readonly coreC: number;
  readonly wallC: number;
  /** Paler and darker face when it comes out. */
  readonly colours: readonly [number, number];
  readonly isDark: boolean;
  /** s from the last piece out of the oil to the last out of the oven. */
  readonly afterLastS: number;
}

export interface FryPlan {
  readonly body: FryBodySpec;
  readonly bulk: PieceBulk;
  readonly solution: FrySolution;
  /** s in the oil that the plan uses: the cook's own or the solver's; `null`: no moment is right. */
  readonly takeOutS: number | null;
  readonly atTakeOut: FrySample | null;
  /** The oven after the oil; `null`: it is right when it comes out of the oil. */
  readonly thenOven: OvenPhasePlan | null;
  /** What goes on after the last heat, oil or oven; `null` without a moment to take it out. */
  readonly rest: Rest | null;
  /** Taken out before it is done in the oil: it gets there while it rests. */
  readonly needsRest: boolean;
  /** How pieces made by hand differ from the planned one; the stove has it too. */
  readonly surface: OutcomeSurface;
  /** How pieces made by hand come out; `null` without a moment to take them out, or when the oven never finishes them. */
  readonly chances: OutcomeChances | null;
  readonly oilUptakeKg: number | null;
  /** How hard it pushes on its seam while it fries; `null` without a seam to judge. */
  readonly seamPush: BurstOverTime | null;
  /** Cold oil that half-depth frying wants in this pot, m³; `null` where pieces float. */
  readonly halfDepthM3: number | null;
  /** Mean draw of one piece while it fries, W. */
  readonly pieceMeanW: number;
  /** What it draws from its drop on, W: means of 10 s each. */
  readonly drawW: readonly number[];
  readonly range: OilRange;
  readonly cautions: { readonly warnC: number; readonly cutC: number };
  /** Side by side in the pot. */
  readonly room: number;
  /** That one pair of hands keeps turned. */
  readonly hands: number;
  readonly loads: LoadRun | null;
  readonly levels: PotLevels;
  readonly warmUpS: number | null;
  /** `null` when this burner never gets there. */
  readonly burner: BurnerAdvice | null;
  /** Wait between folding and the oil that its start asks for; `null` on the bench. */
  readonly hold: HoldWait | null;
  /** `null`: they are eaten as they come out of the oil. */
  readonly crisp: CrispPlan | null;
  readonly findings: readonly Finding[];
}
