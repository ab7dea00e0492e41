import type { DoughFigures } from '../../dough/doughFigures.js';
import type { RisePlan } from '../../dough/riseFindings.js';
import type { Finding } from '../../draft/finding.js';
import type { CoolingResult } from '../../filling/coolFilling.js';
import type { FillingFigures } from '../../filling/fillingFigures.js';
import { type FryPlan } from '../../outcome/fryPlan.js';
import type { Formula } from '../../ingredient/formula.js';
import type { Allergen, Ingredient } from '../../ingredient/ingredient.js';
import type { Coating } from '../../piece/coating.js';
import type { FoldBalance } from '../../piece/foldFindings.js';
import type { Piece } from '../../shapes/kit/piece.js';
import type { Burst } from '../../piece/seal.js';
import type { ChainStep } from '../../schedule/backwardChain.js';
import type { TrayBake } from './trayBake.js';
import type { StoragePlan } from './trayKeep.js';

export interface DoughPlan {
  readonly figures: DoughFigures;
  /** It is made in so many portions. */
  readonly portions: number;
  /** `null` without yeast to speak of. */
  readonly rise: RisePlan | null;
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

interface FoldPlan {
  /** `null` when the seal leaves no pocket. */
  readonly piece: Piece | null;
  /** Filling of a piece's weight, 0–1. */
  readonly fillingShare: number;
  readonly balance: FoldBalance;
  /** Ingredients of one piece, in the cook's own money; `null` without a piece. */
  readonly costEach: number | null;
  /** How likely its seam opens; `null` without a piece, or without a filling. */
  readonly burst: Burst | null;
  readonly coating: Coating | null;
  /** s that shaped portions of the filling lie in the freezer until they are firm outside; `null`: they do not. */
  readonly firmS: number | null;
  /** What seals the rim and coating to set out for the batch. */
  readonly supplies: Formula;
  readonly findings: readonly Finding[];
}

/** The stations that need no oil: quick enough for every keystroke. */
export interface ColdPlan {
  readonly dough: DoughPlan;
  readonly filling: FillingPlan;
  readonly fold: FoldPlan;
  /** Of dough, filling, what seals the rim and coating together. */
  readonly contains: { readonly allergens: readonly Allergen[]; readonly diet: Ingredient['diet'] };
}

export interface ServePlan {
  readonly steps: readonly ChainStep[];
  readonly startMs: number;
  readonly lastLoadUpMs: number;
  readonly findings: readonly Finding[];
}

/** What is cooked and when; all `null` when there is no piece: no pocket, or one that does not close. */
export interface HotPlan {
  /** `null` also for a tray that is not fried. */
  readonly fry: FryPlan | null;
  /** `null` for a tray that is not baked. */
  readonly bake: TrayBake | null;
  /** `null` for a tray that is not frozen or chilled. */
  readonly stored: StoragePlan | null;
  readonly serve: ServePlan | null;
}

export type BatchPlan = ColdPlan & HotPlan;
