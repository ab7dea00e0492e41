import { RANGES } from '../draft/ranges.js';
import type { DoughFamily } from '../families/family.js';
import { type BurstCauseId, type EdgeId, type SealWith, type SealChoices } from '../draft/choices.js';
import { requireIn } from '../errors.js';
import { FREE_RANGE } from '../filling/freeLiquid.js';
import { type Range } from '../numeric/range.js';
import { clamp } from '../numeric/clamp.js';
import { EDGES } from '../shapes/kit/edge.js';
import type { Piece } from '../shapes/kit/piece.js';

interface SealWithFigures {
  /** How much the seam holds against one sealed with water. */
  readonly strength: number;
  /** What goes on the rim, kg for each m of it, and what it is made of by weight. */
  readonly kgPerM: number;
  readonly of: Readonly<Record<string, number>>;
}

/** Working values, our own; see docs/models/fold.md. */
export const GLUES: Readonly<Record<SealWith, SealWithFigures>> = {
  none: { strength: 0.55, kgPerM: 0, of: {} },
  water: { strength: 1, kgPerM: 0.004, of: { water: 1 } },
  'flour-paste': { strength: 1.15, kgPerM: 0.007, of: { 'plain-wheat-flour': 0.4, water: 0.6 } },
  'starch-slurry': { strength: 1.1, kgPerM: 0.006, of: { 'corn-starch': 0.25, water: 0.75 } },
  egg: { strength: 1.2, kgPerM: 0.006, of: { egg: 1 } },
  milk: { strength: 1.05, kgPerM: 0.005, of: { milk: 1 } },
};

/** Soft, fresh dough sticks to itself. */
const PINCH_ALONE = 0.9;

export interface BurstCause {
  readonly id: BurstCauseId;
  readonly factor: number;
}

/** How likely a piece opens in the oil. */
export interface Burst {
  /** Pressure from inside over what seam and wall bear; 1 is a well-made piece, three quarters full. */
  readonly index: number;
  /** Pieces of a hundred that open, 0–1. */
  readonly share: number;
  /** Odds beside the model's, as this kitchen's pieces have shown them, times; 1: as the model says. */
  readonly odds: number;
  /** Worst first. */
  readonly causes: readonly BurstCause[];
}

export interface BurstSpec {
  readonly piece: Piece;
  readonly seal: SealChoices;
  readonly edge: EdgeId;
  readonly sealM: number;
  /** Rolled thickness, m. */
  readonly rolledM: number;
  readonly family: Pick<DoughFamily, 'rolledM' | 'sticksToItself' | 'merges'>;
  /** Free liquid of the filling over its mass, 0–1. */
  readonly freeShare: number;
  /** Odds beside the model's, as this kitchen's pieces have shown them, times; absent: 1. */
  readonly odds?: number;
}

/** Of well-made pieces (index 1) this many open, and how steeply it rises. Our own; a ledger refines them. */
const AT_ONE = Math.log(0.03 / 0.97);
const STEEP = 2.2;
/** A bare rim dries to half its hold with this time constant, s; under a damp cloth eight times slower. */
const DRIES_S = 900;
const COVERED = 8;

/** From this thickness on it counts that rims become one, m. Our own. */
const MERGES_FROM_M = 0.0025;

const middle = ({ least, most }: Range): number => (least + most) / 2;

/**
 * The relative burst index: trapped air and steam against seam and wall, as a product of
 * causes, so that each can be named and corrected separately. Our own, see docs/models/fold.md.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function burstOf({ piece, seal, edge, sealM, rolledM, family, freeShare, odds = 1 }: BurstSpec): Burst {
  requireIn(seal.waitS, RANGES.draft.waitS, 'seal.waitS');
  const sealWith = seal.sealWith === 'none' && family.sticksToItself ? PINCH_ALONE : GLUES[seal.sealWith].strength;
  const dried = 0.5 + 0.5 * Math.exp(-seal.waitS / (seal.covered ? COVERED * DRIES_S : DRIES_S));
  const airShare = piece.capacityM3 > 0 ? piece.airM3 / piece.capacityM3 : 0;
  // A gathered seam is a pinched knot: as wide as it needs to be.
  // Soft dough runs into one: beyond a few millimetres thicker needs no wider rim.
  const thickM = family.merges ? Math.min(rolledM, MERGES_FROM_M) : rolledM;
  const wide = piece.gathered ? 1 : clamp(Math.sqrt(sealM / (4 * thickM)), 0.6, 1.2);
  const causes: BurstCause[] = [
    { id: 'fill', factor: Math.exp(5 * (clamp(piece.fill, 0, 1.4) - 0.75)) },
    { id: 'air', factor: (1 + 20 * airShare) / 1.25 },
    { id: 'wall', factor: clamp((0.8 * middle(family.rolledM)) / Math.max(1e-5, piece.wallSeamM), 0.6, 3) },
    { id: 'wet', factor: 1 + 6 * clamp(freeShare - FREE_RANGE.stays, 0, 0.3) },
    { id: 'seal', factor: 1 / sealWith },
    // Dry flour keeps dough from dough; a what seals the rim wets some of it.
    { id: 'floured', factor: seal.flouredRim ? 1 / (seal.sealWith === 'none' ? 0.5 : 0.75) : 1 },
    // A what seals the rim wakes up half of a dried rim.
    { id: 'dried', factor: 1 / (seal.sealWith === 'none' ? dried : Math.sqrt(dried)) },
    { id: 'no-pinch', factor: seal.finalPinch ? 1 : 1 / 0.85 },
    { id: 'edge', factor: 1 / (piece.gathered ? 1 : EDGES[edge].strength) },
    { id: 'narrow', factor: 1 / wide },
  ];
  const index = causes.reduce((product, { factor }) => product * factor, 1);
  return {
    index,
    odds,
    share: 1 / (1 + Math.exp(-AT_ONE - STEEP * Math.log(index) - Math.log(odds))),
    causes: causes.sort((a, b) => b.factor - a.factor),
  };
}

/** What seals the rim for one piece, kg of each ingredient. */
export function sealWithFor(sealWith: SealWith, sealLengthM: number): { ingredientId: string; massKg: number }[] {
  const { kgPerM, of } = GLUES[sealWith];
  return Object.entries(of).map(([ingredientId, share]) => ({ ingredientId, massKg: share * kgPerM * sealLengthM }));
}
