import type { TrayDraft } from '../draft/draft.js';
import type { Finding } from '../draft/finding.js';
import type { DoughFamily } from '../families/family.js';
import { type Coating, COATING_REST_S } from './coating.js';
import { EDGES } from '../shapes/kit/edge.js';
import { shapeOf } from '../shapes/shapes.js';
import type { Piece } from '../shapes/kit/piece.js';
import type { Burst } from './seal.js';

/** Dough and filling over the whole batch, kg; left over is what was made less what the pieces take. */
export interface FoldBalance {
  readonly doughLeftKg: number;
  readonly fillingLeftKg: number;
}

/** Share of its capacity a pocket holds well. Source: docs/models/fold.md. */
export const FILL_RANGE = { least: 0.6, most: 0.85 } as const;

/** Filling over dough under which a piece is mostly dough: some doughs are meant to be eaten as bread. */
const leastShare = ({ shape }: Piece, family: DoughFamily): number =>
  family.leastFillingShare ?? shapeOf(shape).leastFillingShare;

/** Fill fraction, walls and balance in words. Ranges: docs/models/fold.md. */
export function foldFindings(
  piece: Piece | null,
  balance: FoldBalance,
  family: DoughFamily,
  rolledM: number,
  fillingKgPerM3: number,
  pieces: number,
): Finding[] {
  if (!piece) return [{ code: 'fold.impossible', tone: 'stop', values: {} }];
  const found: Finding[] = [];
  const { fill } = piece;
  const kg = (share: number) => share * piece.capacityM3 * fillingKgPerM3;
  const values = {
    fill,
    spareKg: kg(1 - fill),
    overKg: kg(fill - FILL_RANGE.most),
    moreKg: kg(FILL_RANGE.least - fill),
  };
  const fillingKg = piece.fillingM3 * fillingKgPerM3;
  // Of a sheet that is wound, room says nothing: it is as long as it is.
  const isEnough = fillingKg >= leastShare(piece, family) * piece.doughKg;
  if (fillingKg === 0) found.push({ code: 'fold.plain', tone: 'know', values: {} });
  else if (fill < 0.45 && isEnough) {
    found.push({ code: 'fold.enough', tone: 'good', values: { fillingKg, doughKg: piece.doughKg } });
  } else if (fill > 0.9) found.push({ code: 'fold.bursts', tone: fill > 1 ? 'stop' : 'look-out', values });
  else if (fill > FILL_RANGE.most) found.push({ code: 'fold.tight', tone: 'look-out', values });
  else if (fill >= 0.45) found.push({ code: 'fold.holds', tone: 'good', values });
  else found.push({ code: 'fold.bready', tone: 'look-out', values });
  found.push(...gatheredFindings(piece, rolledM), ...puffFindings(piece));
  const wallValues = { crownM: piece.wallCrownM, seamM: piece.wallSeamM, sealM: piece.sealThickM };
  if (piece.wallSeamM < 0.7 * family.rolledM.least) {
    found.push({ code: 'fold.wall-thin', tone: 'look-out', values: wallValues });
  } else if (!piece.gathered) {
    found.push({ code: 'fold.wall', tone: 'good', values: wallValues });
  }
  const { least, most } = family.rolledM;
  if (rolledM < least - 1e-6 || rolledM > most + 1e-6) {
    found.push({ code: 'fold.thickness-outside', tone: 'look-out', values: { rolledM, leastM: least, mostM: most } });
  }
  found.push(...balanceFindings(piece, balance, pieces, fillingKgPerM3));
  return found;
}

/** A knot heavier than this is worth pinching off, kg. */
const KNOT_KG = 0.0015;

/** Of a disc drawn up: how to roll it for an even wall, and what comes of rolling it flat. */
function gatheredFindings({ gathered, wallSeamM }: Piece, rolledM: number): Finding[] {
  if (!gathered) return [];
  const { evenWallM, rollCentreM, rollRimM, flatSideM, flatKnotM, knotKg } = gathered;
  const values = {
    wallM: evenWallM,
    centreM: rollCentreM,
    rimM: rollRimM,
    rolledM,
    crownM: wallSeamM,
    sideM: flatSideM,
    knotM: flatKnotM,
  };
  const found: Finding[] = [{ code: 'fold.gathered', tone: 'know', values }];
  if (knotKg > KNOT_KG) found.push({ code: 'fold.knot', tone: 'know', values: { knotKg } });
  return found;
}

/** A dome lower than this is no dome: it stays a flat bread, m. Our own. */
const PUFFS_FROM_M = 0.008;

/** Of a bread rolled out: whether steam parts it, and how high. */
function puffFindings({ puffM, fill }: Piece): Finding[] {
  if (puffM === undefined) return [];
  // About as high: rounded to the millimetre.
  const values = { highM: Math.round(2000 * puffM) / 1000, fill };
  return [{ code: puffM >= PUFFS_FROM_M ? 'fold.puffs' : 'fold.stays-flat', tone: 'know', values }];
}

/** Leftovers under a gram a batch, or a two-hundredth of a portion a piece, are even. */
function balanceFindings(piece: Piece, balance: FoldBalance, pieces: number, fillingKgPerM3: number): Finding[] {
  const found: Finding[] = [];
  const even = (kg: number, eachKg: number) => Math.abs(kg) <= Math.max(0.001, 0.005 * eachKg * pieces);
  const doughEven = even(balance.doughLeftKg, piece.doughKg);
  const fillingEven = even(balance.fillingLeftKg, piece.fillingM3 * fillingKgPerM3);
  const extra = piece.doughKg > 0 ? Math.floor(balance.doughLeftKg / piece.doughKg) : 0;
  if (doughEven && fillingEven) found.push({ code: 'fold.even', tone: 'good', values: {} });
  if (!doughEven) {
    found.push(
      balance.doughLeftKg > 0
        ? { code: 'fold.dough-left', tone: 'know', values: { doughKg: balance.doughLeftKg, extra } }
        : { code: 'fold.dough-short', tone: 'look-out', values: { doughKg: -balance.doughLeftKg, fewer: -extra } },
    );
  }
  if (!fillingEven) {
    found.push(
      balance.fillingLeftKg > 0
        ? { code: 'fold.filling-left', tone: 'know', values: { fillingKg: balance.fillingLeftKg } }
        : { code: 'fold.filling-short', tone: 'look-out', values: { fillingKg: -balance.fillingLeftKg } },
    );
  }
  return found;
}

/** Over this share of pieces that open, the worst cause is said, with its mend. */
const OPENS_OFTEN = 0.05;

/** Seam, rim and coating in words. */
export function sealFindings(
  { shape, fold, coating: choices, pieces }: Pick<TrayDraft, 'shape' | 'fold' | 'coating' | 'pieces'>,
  burst: Burst | null,
  coating: Coating | null,
): Finding[] {
  return [
    ...(burst ? openFindings({ shape, fold, pieces }, burst) : []),
    ...(coating ? coatingFindings(choices, coating) : []),
  ];
}

function openFindings({ shape, fold, pieces }: Pick<TrayDraft, 'shape' | 'fold' | 'pieces'>, burst: Burst): Finding[] {
  const found: Finding[] = [];
  const values = { share: burst.share, index: burst.index, open: burst.share * pieces };
  // A fill that opens has been said already.
  const worst = burst.causes.find((cause) => cause.id !== 'fill') ?? burst.causes[0]!;
  if (burst.share > OPENS_OFTEN && worst.factor > 1.1) {
    const why = { ...values, factor: worst.factor };
    found.push({ code: `fold.open-${worst.id}`, tone: 'look-out', values: why } as Finding);
  } else {
    found.push({ code: 'fold.seam', tone: burst.share > OPENS_OFTEN ? 'look-out' : 'good', values });
  }
  const { leastM } = EDGES[fold.edge ?? 'plain'];
  if (shapeOf(shape).hasEdge && fold.sealM < leastM) {
    found.push({ code: 'fold.edge-narrow', tone: 'look-out', values: { sealM: fold.sealM, leastM } });
  }
  return found;
}

function coatingFindings(choices: TrayDraft['coating'], coating: Coating): Finding[] {
  const found: Finding[] = [];
  if (coating.fallsOff) found.push({ code: 'fold.coating-falls', tone: 'look-out', values: {} });
  else if (coating.massKg > 0) {
    const values = { coatingKg: coating.massKg, thicknessM: coating.thicknessM, browning: coating.browning };
    found.push(
      choices?.dry === 'none'
        ? { code: 'fold.wash', tone: 'know', values }
        : { code: 'fold.coating', tone: 'know', values: { ...values, restS: COATING_REST_S } },
    );
  }
  return found;
}
