import { shapeOf } from '../../shapes/shapes.js';
import { type BakeChoices, type TrayDraft, USUAL_BAKE } from '../../draft/draft.js';
import type { Finding } from '../../draft/finding.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { coreMustBeSafe } from '../../filling/fillingSafety.js';
import type { FryBodySpec } from '../../heat/fryBody.js';
import { onTray, OVEN_HORIZON_S, OVEN_STEPPING } from '../../heat/runPhase.js';
import { ovenBelief, type OvenBelief, ovenSkinH } from '../../heat/ovenHeat.js';
import { sampleAt, solveFry } from '../../heat/solveFry.js';

const LATER_S = 60;

/** Heat at the skin of this draft's pieces in this kitchen's oven, W/m²K. */
export function ovenH(draft: TrayDraft, kitchen: Pick<Kitchen, 'ovenSeen'>, ovenC: number): number {
  return ovenSkinH(ovenC, shapeOf(draft.shape).standsInTin === true, ovenBelief(kitchen.ovenSeen ?? []).factor);
}

/** A piece in the oven. Moments in s, `null` when not within an hour and a half. */
export interface BakedPiece {
  readonly doneS: number | null;
  readonly goldenS: number | null;
  readonly darkS: number | null;
  /** Out of the oven: cooked and golden, whichever is later. */
  readonly outS: number | null;
  /** It is too dark before it is done inside. */
  readonly darkFirst: boolean;
  /** Colour of the face on the tray and of the upper one when it comes out; `null`: it does not. */
  readonly colours: readonly [number, number] | null;
  /** What this oven is taken to be like. */
  readonly oven: OvenBelief;
}

/** The fryer's solver with air and glowing walls for oil. @param body as it would go into the oil */
export function bakedPiece(draft: TrayDraft, kitchen: Kitchen, body: FryBodySpec, ovenC: number): BakedPiece {
  const baked = solveFry({
    body: onTray(body, ovenH(draft, kitchen, ovenC), shapeOf(draft.shape).standsInTin === true),
    oilC: ovenC,
    turn: 'held-under',
    horizonS: OVEN_HORIZON_S,
    stepping: OVEN_STEPPING,
    coreTargetC: draft.filling.coreTargetC,
    coreIsLine: coreMustBeSafe(draft),
  });
  const { doneS, goldenS, takeOutColourS, darkS } = baked;
  const colourS = takeOutColourS ?? goldenS;
  const outS = doneS === null || colourS === null ? null : Math.max(doneS + LATER_S, colourS);
  return {
    doneS,
    goldenS,
    darkS,
    outS,
    colours: outS === null ? null : sampleAt(baked.samples, outS).colours,
    darkFirst: darkS !== null && (doneS === null || darkS < doneS + LATER_S),
    oven: ovenBelief(kitchen.ovenSeen ?? []),
  };
}

/** A tray that is baked: what the plan counts on. */
export interface TrayBake extends BakedPiece {
  readonly how: BakeChoices;
  /** s in the oven that the plan uses: the cook's own, or the model's; `null`: no moment is right. */
  readonly minutesS: number | null;
  /** The sheet is turned round once, so that no side is darker, s. */
  readonly turnS: number | null;
  /** Sheets one after the other. */
  readonly sheets: number;
  /** All of them, with the door open between two, s. */
  readonly totalS: number;
  readonly findings: readonly Finding[];
}

/** The door is open for so long between two sheets, s. Our own. */
export const DOOR_S = 120;

/**
 * How a tray is baked in this kitchen's oven: minutes, sheets, and what to look out for.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE at `bake.ovenC`, `bake.perSheet`, `bake.minutesS`
 */
export function trayBake(draft: TrayDraft, kitchen: Kitchen, body: FryBodySpec): TrayBake {
  const how = draft.bake ?? USUAL_BAKE;
  requireIn(how.ovenC, RANGES.oven.ovenC, 'bake.ovenC');
  requireIn(how.perSheet, RANGES.oven.perTray, 'bake.perSheet');
  if (how.minutesS !== null) requireIn(how.minutesS, RANGES.oven.minutesS, 'bake.minutesS');
  const piece = bakedPiece(draft, kitchen, body, how.ovenC);
  const minutesS = how.minutesS ?? piece.outS;
  const sheets = Math.ceil(draft.pieces / how.perSheet);
  return {
    ...piece,
    how,
    minutesS,
    turnS: minutesS === null ? null : minutesS / 2,
    sheets,
    totalS: minutesS === null ? 0 : sheets * minutesS + (sheets - 1) * DOOR_S,
    findings: bakeFindings(piece, how, minutesS),
  };
}

function bakeFindings(piece: BakedPiece, { ovenC }: BakeChoices, minutesS: number | null): Finding[] {
  const { doneS, darkS, goldenS, darkFirst, oven } = piece;
  if (minutesS === null || darkFirst) {
    return [{ code: 'bake.dark-first', tone: 'stop', values: { ovenC, darkS, doneS } }];
  }
  const found: Finding[] = [];
  if (doneS === null || minutesS < doneS) {
    found.push({ code: 'bake.raw', tone: 'stop', values: { minutesS, doneS } });
  } else if (darkS !== null && minutesS >= darkS) {
    found.push({ code: 'bake.dark', tone: 'look-out', values: { minutesS, darkS } });
  } else if (goldenS !== null && minutesS < goldenS) {
    found.push({ code: 'bake.pale', tone: 'look-out', values: { minutesS, goldenS } });
  } else {
    found.push({ code: 'bake.golden', tone: 'good', values: { minutesS, ovenC } });
  }
  found.push({ code: 'bake.turn', tone: 'know', values: { turnS: minutesS / 2, bakes: oven.bakes } });
  return found;
}
