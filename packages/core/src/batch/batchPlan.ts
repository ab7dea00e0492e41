import type { DoughFigures } from '../dough/doughFigures.js';
import type { CoolingResult } from '../filling/coolFilling.js';
import type { FillingFigures } from '../filling/fillingFigures.js';
import type { BurstOverTime } from '../frying/burstOverTime.js';
import type { FryBodySpec } from '../frying/fryBody.js';
import type { FrySample, FrySolution } from '../frying/solveFry.js';
import type { HoldWait } from '../frying/holdPiece.js';
import type { Formula } from '../ingredient/formula.js';
import type { Allergen, Ingredient } from '../ingredient/ingredient.js';
import type { BurnerAdvice } from '../oil/burnerAdvice.js';
import type { LotRun, OilBand } from '../oil/fryLots.js';
import type { PieceBulk } from '../oil/pieceHeat.js';
import type { PotLevels } from '../oil/pot.js';
import type { Coat } from '../piece/coat.js';
import type { FoldBalance } from '../piece/foldFindings.js';
import type { Piece } from '../piece/piece.js';
import type { Burst } from '../piece/seal.js';
import type { ChainStep } from '../schedule/backwardChain.js';
import type { Finding } from './finding.js';

export interface DoughPlan {
  readonly figures: DoughFigures;
  readonly findings: readonly Finding[];
}

export interface FillingPlan {
  readonly figures: FillingFigures;
  readonly depthM: number;
  /** `null` when the dish would be over 8 cm deep. */
  readonly cooling: CoolingResult | null;
  /** The same in twice as many dishes. */
  readonly split: CoolingResult | null;
  /** Cold enough to be folded in, °C. */
  readonly foldC: number;
  /** Ice the bath needs, kg; `null` elsewhere. */
  readonly iceKg: number | null;
  readonly findings: readonly Finding[];
}

export interface FoldPlan {
  /** `null` when the seal leaves no pocket. */
  readonly piece: Piece | null;
  readonly balance: FoldBalance;
  /** Ingredients of one piece, in the cook's own money; `null` without a piece. */
  readonly costEach: number | null;
  /** How likely its seam opens; `null` without a piece. */
  readonly burst: Burst | null;
  readonly coat: Coat | null;
  /** Glue and coat to set out for the batch. */
  readonly supplies: Formula;
  readonly findings: readonly Finding[];
}

/** The stations that need no oil: quick enough for every keystroke. */
export interface ColdPlan {
  readonly dough: DoughPlan;
  readonly filling: FillingPlan;
  readonly fold: FoldPlan;
  /** Of dough, filling, glue and coat together. */
  readonly contains: { readonly allergens: readonly Allergen[]; readonly diet: Ingredient['diet'] };
}

export interface FryPlan {
  readonly body: FryBodySpec;
  readonly bulk: PieceBulk;
  readonly solution: FrySolution;
  /** s in the oil that the plan uses: the cook's own or the solver's; `null`: no good moment. */
  readonly liftS: number | null;
  readonly atLift: FrySample | null;
  readonly oilUptakeKg: number | null;
  /** How hard it pushes on its seam while it fries; `null` without a seam to judge. */
  readonly seamPush: BurstOverTime | null;
  /** Cold oil that half-depth frying wants in this pot, m³; `null` where pieces float. */
  readonly halfDepthM3: number | null;
  /** Mean draw of one piece while it fries, W. */
  readonly pieceMeanW: number;
  readonly band: OilBand;
  readonly cautions: { readonly warnC: number; readonly cutC: number };
  /** Side by side in the pot. */
  readonly room: number;
  readonly lots: LotRun | null;
  readonly levels: PotLevels;
  readonly warmUpS: number | null;
  /** `null` when this ring never gets there. */
  readonly burner: BurnerAdvice | null;
  /** Wait between folding and the oil that its start asks for; `null` on the bench. */
  readonly hold: HoldWait | null;
  readonly findings: readonly Finding[];
}

export interface ServePlan {
  readonly steps: readonly ChainStep[];
  readonly startMs: number;
  readonly lastLotUpMs: number;
  readonly findings: readonly Finding[];
}

/** Fry and serve; `null` when there is no piece to fry: no pocket, or one that does not close. */
export interface HotPlan {
  readonly fry: FryPlan | null;
  readonly serve: ServePlan | null;
}

export type BatchPlan = ColdPlan & HotPlan;
