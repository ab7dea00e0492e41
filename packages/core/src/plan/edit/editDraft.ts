// Over 300 lines: every edit of a tray, a short function each, side by side.
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { doughFamily } from '../../families/families.js';
import { WORKED_FORMULAS } from '../../families/families.js';
import { withRawSaid } from '../../filling/mayBeRaw.js';
import type { ThickenerChoice } from '../../filling/freeLiquid.js';
import { type Formula, scaleFormula } from '../../ingredient/formula.js';
import { type MeasuringTools, roundFormula } from '../../ingredient/roundFormula.js';
import { shapeOf } from '../../shapes/shapes.js';
import { type SizeGoal, sizeFor, thicknessForDough } from '../../piece/solveSize.js';
import { type TrayDraft, blankLengthM } from '../../draft/draft.js';
import { draftDough, draftFilling } from './draftFigures.js';
import { type DoughFamilyId, type FillingMethod, type RawPart } from '../../draft/choices.js';
import type { ShapeId } from '../../draft/choices.js';
import { type Known, pantryOf } from '../../draft/kitchen.js';
import { pieceSpecOf } from '../../piece/pieceSpecOf.js';
import { clamp } from '../../numeric/clamp.js';

/** The shipped catalogue alone. */
const SHIPPED: Known = {};

/** Dough rolled for one piece, m². */
export function blankM2(draft: Pick<TrayDraft, 'shape' | 'fold'>): number {
  return shapeOf(draft.shape).blankAreaM2(draft.fold.discM, blankLengthM(draft), draft.fold.outline);
}

/**
 * Dough one piece takes, from its blank and thickness, kg.
 * @example doughEachKg(draft) // 0.0334
 */
export function doughEachKg(draft: Pick<TrayDraft, 'shape' | 'fold' | 'dough'>): number {
  return blankM2(draft) * draft.fold.thicknessM * doughFamily(draft.dough.family).densityKgPerM3;
}

/** The whole dough of a batch so many times. */
export function scaledDough<T extends Pick<TrayDraft, 'dough'>>(draft: T, factor: number): T {
  return { ...draft, dough: { ...draft.dough, lines: scaleFormula(draft.dough.lines, clamp(factor, 0, 1e4)) } };
}

/**
 * Dough that the pieces of a tray take of their batch, kg; those out of the Store were made of another.
 * @example ownDoughKg({ ...draft, fromStored: 'a' }) // 0
 */
export function ownDoughKg(draft: Pick<TrayDraft, 'shape' | 'fold' | 'dough' | 'pieces' | 'fromStored'>): number {
  return draft.fromStored === undefined ? draft.pieces * doughEachKg(draft) : 0;
}

/**
 * Filling that the pieces of a tray take, kg; those out of the Store hold it already.
 * @example ownFillingKg({ ...draft, fromStored: 'a' }) // 0
 */
export function ownFillingKg({ pieces, fold, fromStored }: Pick<TrayDraft, 'pieces' | 'fold' | 'fromStored'>): number {
  return fromStored === undefined ? pieces * fold.fillingEachKg : 0;
}

/** The same, with what the other trays of the batch take, kg. */
const takenKg = (draft: TrayDraft): number => ownDoughKg(draft) + (draft.others?.doughKg ?? 0);
const takenFillingKg = (draft: TrayDraft): number => ownFillingKg(draft) + (draft.others?.fillingKg ?? 0);

/** The dough after this tray's share of it has become so many times what it was; that of the other trays stays. */
function sharedDough(draft: TrayDraft, before: TrayDraft, factor: number): TrayDraft {
  const all = takenKg(before);
  const share = all > 0 ? ownDoughKg(before) / all : 1;
  return scaledDough(draft, 1 + share * (factor - 1));
}

/** The filling after this tray's share of it has become so many times what it was. */
function sharedFilling(draft: TrayDraft, before: TrayDraft, factor: number): TrayDraft {
  const all = takenFillingKg(before);
  const share = all > 0 ? ownFillingKg(before) / all : 1;
  return scaledFilling(draft, 1 + share * (factor - 1));
}

/** The whole filling so many times. */
export function scaledFilling<T extends Pick<TrayDraft, 'filling'>>(draft: T, factor: number): T {
  return { ...draft, filling: { ...draft.filling, lines: scaleFormula(draft.filling.lines, clamp(factor, 0, 1e4)) } };
}

/** Scales the dough so that it comes out even over the pieces. An empty formula stays as it is. */
export function fitDough(draft: TrayDraft, known: Known = SHIPPED): TrayDraft {
  const made = draftDough(draft, known).massKg;
  return made > 0 ? scaledDough(draft, takenKg(draft) / made) : draft;
}

/** Scales the filling so that it comes out even over the pieces. */
export function fitFilling(draft: TrayDraft, known: Known = SHIPPED): TrayDraft {
  const made = draftFilling(draft, known).targetKg;
  return made > 0 ? scaledFilling(draft, takenFillingKg(draft) / made) : draft;
}

/**
 * Another number of pieces: both formulas follow in proportion.
 * @example withPieces(draft, 48).pieces // 48
 */
export function withPieces(draft: TrayDraft, pieces: number): TrayDraft {
  requireIn(pieces, RANGES.draft.pieces, 'pieces');
  const factor = pieces / draft.pieces;
  return sharedFilling(sharedDough({ ...draft, pieces }, draft, factor), draft, factor);
}

/**
 * Another disc, thickness, seal or portion: the dough and filling of the batch follow the piece.
 * @example withFold(draft, { sealM: 0.012 }).fold.sealM // 0.012
 */
export function withFold(draft: TrayDraft, change: Partial<TrayDraft['fold']>): TrayDraft {
  const next = { ...draft, fold: { ...draft.fold, ...change } };
  const dough = doughEachKg(draft);
  const filling = draft.fold.fillingEachKg;
  const withDough = dough > 0 ? sharedDough(next, draft, doughEachKg(next) / dough) : next;
  return filling > 0 ? sharedFilling(withDough, draft, next.fold.fillingEachKg / filling) : withDough;
}

/**
 * A wanted dough portion: the disc stays, the thickness follows.
 * @example doughEachKg(withDoughEach(draft, 0.03)) // 0.03
 */
export function withDoughEach(draft: TrayDraft, doughKg: number): TrayDraft {
  const family = doughFamily(draft.dough.family);
  return withFold(draft, { thicknessM: thicknessForDough(doughKg, blankM2(draft), family.densityKgPerM3) });
}

/** Full enough to be generous, with room before it opens. */
const WANTED_FILL = 0.75;

/**
 * The blank that gives a wanted fill, width or wall; dough follows. `null` where none does.
 * @example planCold(withSizeFor(draft, { fill: 0.7 }), kitchen).fold.piece.fill // 0.7
 */
export function withSizeFor(draft: TrayDraft, goal: SizeGoal, known: Known = SHIPPED): TrayDraft | null {
  const { densityKgPerM3, stretch } = doughFamily(draft.dough.family);
  const fillingKgPerM3 = draftFilling(draft, known).densityKgPerM3;
  const spec = pieceSpecOf(draft, { fillingKgPerM3, doughKgPerM3: densityKgPerM3, stretch });
  const discM = sizeFor(shapeOf(draft.shape), spec, goal);
  if (discM === null) return null;
  const { lengthM } = draft.fold;
  return withFold(draft, {
    discM,
    ...(lengthM === undefined ? {} : { lengthM: (lengthM * discM) / draft.fold.discM }),
  });
}

/**
 * Another form: the same filling in each, in a blank that it fills well; the dough follows.
 * @example withShape(draft, 'cone').shape // 'cone'
 */
export function withShape(draft: TrayDraft, shape: ShapeId, known: Known = SHIPPED): TrayDraft {
  if (shape === draft.shape) return draft;
  const before = doughEachKg(draft);
  const { lengthM: _length, outline: _outline, edge, ...bare } = draft.fold;
  const fold = { ...bare, ...(edge !== undefined && shapeOf(shape).hasEdge ? { edge } : {}) };
  const turn = shapeOf(shape).usualTurn ?? draft.fry.turn;
  const changed = { ...draft, shape, fold, fry: { ...draft.fry, turn } };
  const sized = fold.fillingEachKg > 0 ? withSizeFor(changed, { fill: WANTED_FILL }, known) : null;
  // A blank is cut to the millimetre.
  const discM = sized ? Math.ceil(sized.fold.discM * 1000) / 1000 : fold.discM;
  const next = { ...changed, fold: { ...fold, discM } };
  return before > 0 ? sharedDough(next, draft, doughEachKg(next) / before) : next;
}

/**
 * Another dough family: its usual oil and a thickness within its range come with it.
 * @example withFamily(draft, 'yeast').dough.family // 'yeast'
 */
export function withFamily(draft: TrayDraft, familyId: DoughFamilyId): TrayDraft {
  const family = doughFamily(familyId);
  // A second dough means something only where the family has one.
  const lines = family.secondPart
    ? draft.dough.lines
    : draft.dough.lines.map(({ ingredientId, massKg }) => ({ ingredientId, massKg }));
  const next = { ...draft, dough: { ...draft.dough, family: familyId, lines } };
  const thicknessM = clamp(draft.fold.thicknessM, family.rolledM.least, family.rolledM.most);
  const oilC = clamp(draft.fry.oilC, family.oilC.least, family.oilC.most);
  return { ...next, fold: { ...next.fold, thicknessM }, fry: { ...next.fry, oilC } };
}

/** What a batch is scaled by: one line of a formula, or all that is made of it. */
export interface Limit {
  readonly of: 'dough' | 'filling';
  /** Index of the line; `null`: the dough or filling in all, when made. */
  readonly line: number | null;
  readonly massKg: number;
}

/**
 * "I have 640 g of flour", "900 g of dough in all": the one formula becomes what that allows,
 * and pieces and the other formula follow, whole pieces only. `null` when there is nothing to
 * scale from, or not one piece comes out.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example withLimit(draft, { of: 'dough', line: null, massKg: 10 }).pieces > 24 // true
 */
export function withLimit(draft: TrayDraft, limit: Limit, known: Known = SHIPPED): TrayDraft | null {
  const { of, line, massKg } = limit;
  requireIn(massKg, RANGES.draft.lineKg, 'limit.massKg');
  const now = line === null ? madeKg(draft, of, known) : draft[of].lines[line]?.massKg;
  if (!now || !(now > 0)) return null;
  return scaledBy(draft, of, massKg / now, known);
}

/**
 * So many whole pieces as use up so much of the flour a dough is mostly made of.
 * @returns `null` where there is no flour, or so little makes not one piece
 * @example withFlour(draft, 1).pieces > 24 // true
 */
export function withFlour(draft: TrayDraft, flourKg: number, known: Known = SHIPPED): TrayDraft | null {
  const pantry = pantryOf(known);
  const line = draft.dough.lines.findIndex(({ ingredientId }) => pantry.find(ingredientId).role === 'flour');
  return line < 0 ? null : withLimit(draft, { of: 'dough', line, massKg: flourKg }, known);
}

/** Share of a pan that is filled without spitting over. */
export const PAN_FULL = 2 / 3;

/**
 * As much filling as a pan cooks two thirds full, with as many whole pieces as that fills.
 * @param panM3 to the brim, 0.0001–0.1
 * @example withPan(draft, 0.0001) === null // false
 */
export function withPan(draft: TrayDraft, panM3: number, known: Known = SHIPPED): TrayDraft | null {
  requireIn(panM3, RANGES.store.panM3, 'panM3');
  const { rawM3 } = draftFilling(draft, known);
  return rawM3 > 0 ? scaledBy(draft, 'filling', (PAN_FULL * panM3) / rawM3, known) : null;
}

function madeKg(draft: TrayDraft, of: Limit['of'], known: Known): number {
  return of === 'dough' ? draftDough(draft, known).massKg : draftFilling(draft, known).targetKg;
}

/** One formula scaled as it is, whole pieces of it, and the other formula to fit. */
function scaledBy(draft: TrayDraft, of: Limit['of'], factor: number, known: Known): TrayDraft | null {
  const limited = of === 'dough' ? scaledDough(draft, factor) : scaledFilling(draft, factor);
  const each = of === 'dough' ? doughEachKg(draft) : draft.fold.fillingEachKg;
  // A hair of slack, or 24 pieces' worth of flour would make 23.
  const others = (of === 'dough' ? draft.others?.doughKg : draft.others?.fillingKg) ?? 0;
  const pieces = Math.floor((madeKg(limited, of, known) - others) / each + 1e-6);
  const { least, most } = RANGES.draft.pieces;
  if (!(pieces >= least && pieces <= most)) return null;
  const follows = pieces / draft.pieces;
  return of === 'dough'
    ? sharedFilling({ ...limited, pieces }, draft, follows)
    : sharedDough({ ...limited, pieces }, draft, follows);
}

/** A filling cooked otherwise: what goes into the pan follows, so that the pieces stay filled. */
function recooked(draft: TrayDraft, change: Partial<TrayDraft['filling']>, known: Known): TrayDraft {
  const before = draftFilling(draft, known).targetKg;
  const next = { ...draft, filling: { ...draft.filling, ...change } };
  const after = draftFilling(next, known).targetKg;
  return after > 0 ? scaledFilling(next, before / after) : next;
}

/**
 * Cooked drier or wetter.
 * @example withCookTo(draft, 0.8).filling.cookToShare // 0.8
 */
export function withCookTo(draft: TrayDraft, cookToShare: number, known: Known = SHIPPED): TrayDraft {
  return recooked(draft, { cookToShare }, known);
}

/**
 * Another way for its water to go.
 * @example withMethod(draft, 'strain').filling.method // 'strain'
 */
export function withMethod(draft: TrayDraft, method: FillingMethod, known: Known = SHIPPED): TrayDraft {
  return recooked(draft, { method }, known);
}

/**
 * What is raw in the filling, and with it what the core must reach. `null`: all of it is cooked.
 * @example withRaw(draft, 'poultry', 74).filling.coreTargetC // 74
 */
export function withRaw(draft: TrayDraft, raw: RawPart | null, reheatC: number): TrayDraft {
  return { ...draft, filling: withRawSaid(draft.filling, raw, reheatC) };
}

/**
 * A thickener stirred in, on top of what there is of it; the pieces stay filled.
 * @example withThickener(draft, thickenersFor(0.05)[0]).filling.lines.length - draft.filling.lines.length // 1
 */
export function withThickener(draft: TrayDraft, choice: ThickenerChoice, known: Known = SHIPPED): TrayDraft {
  const { lines } = draft.filling;
  const at = lines.findIndex((line) => line.ingredientId === choice.ingredientId);
  const massKg = (lines[at]?.massKg ?? 0) + choice.massKg;
  const index = at < 0 ? lines.length : at;
  return recooked(draft, { lines: withLine(lines, index, choice.ingredientId, massKg) }, known);
}

/**
 * The family's worked formula, scaled so that the pieces come out.
 * @example withWorkedFormula(withFamily(draft, 'yeast')).dough.family // 'yeast'
 */
export function withWorkedFormula(draft: TrayDraft, known: Known = SHIPPED): TrayDraft {
  const { from: _from, ...dough } = draft.dough;
  return fitDough({ ...draft, dough: { ...dough, lines: WORKED_FORMULAS[draft.dough.family] } }, known);
}

/**
 * Both formulas rounded to what scale and spoons can do; the pieces stay as they are.
 * @example withRounding(draft, 'dough', { units: 'grams', scaleStepKg: 0.005, measures: kitchen.measures }).pieces // 24
 */
export function withRounding(
  draft: TrayDraft,
  of: Limit['of'],
  tools: MeasuringTools,
  known: Known = SHIPPED,
): TrayDraft {
  const { lines } = roundFormula(draft[of].lines, tools, pantryOf(known));
  return of === 'dough'
    ? { ...draft, dough: { ...draft.dough, lines } }
    : { ...draft, filling: { ...draft.filling, lines } };
}

/**
 * One line of a formula set to a mass, added (`index` past the end) or taken out (`massKg` null).
 * @example withLine([], 0, 'sugar', 0.01).length // 1
 */
export function withLine(
  lines: Formula,
  index: number,
  ingredientId: string,
  massKg: number | null,
  part: 0 | 1 = 0,
): Formula {
  if (massKg === null) return lines.filter((_, i) => i !== index);
  const line = { ingredientId, massKg: requireIn(massKg, RANGES.draft.lineKg, `lines.${index}.massKg`) };
  if (index >= lines.length) return [...lines, part === 1 ? { ...line, part } : line];
  return lines.map((old, i) => (i === index ? { ...old, ...line } : old));
}
