import { clamp, requireWithin } from '../errors.js';
import { doughFamily, type DoughFamilyId } from '../dough/doughFamily.js';
import { doughFigures } from '../dough/doughFigures.js';
import { fillingFigures } from '../filling/fillingFigures.js';
import { WORKED_FORMULAS } from '../dough/workedFormulas.js';
import { type Formula, scaleFormula } from '../ingredient/formula.js';
import { thicknessForDough } from '../piece/halfMoon.js';
import type { BatchDraft } from './draft.js';

/** Dough one piece takes, from disc and thickness, kg. */
export function doughEachKg(draft: BatchDraft): number {
  const { discM, thicknessM } = draft.fold;
  return Math.PI * (discM / 2) ** 2 * thicknessM * doughFamily(draft.dough.family).densityKgPerM3;
}

function scaledDough(draft: BatchDraft, factor: number): BatchDraft {
  return { ...draft, dough: { ...draft.dough, lines: scaleFormula(draft.dough.lines, clamp(factor, 0, 1e4)) } };
}

function scaledFilling(draft: BatchDraft, factor: number): BatchDraft {
  return { ...draft, filling: { ...draft.filling, lines: scaleFormula(draft.filling.lines, clamp(factor, 0, 1e4)) } };
}

/** Scales the dough so that it comes out even over the pieces. An empty formula stays as it is. */
export function fitDough(draft: BatchDraft): BatchDraft {
  const made = doughFigures(draft.dough.lines, draft.dough.family).massKg;
  return made > 0 ? scaledDough(draft, (draft.pieces * doughEachKg(draft)) / made) : draft;
}

/** Scales the filling so that it comes out even over the pieces. */
export function fitFilling(draft: BatchDraft): BatchDraft {
  const { lines, cookToShare, panKg } = draft.filling;
  const made = fillingFigures(lines, cookToShare, panKg).targetKg;
  return made > 0 ? scaledFilling(draft, (draft.pieces * draft.fold.fillingEachKg) / made) : draft;
}

/** Another number of pieces: both formulas follow in proportion. */
export function withPieces(draft: BatchDraft, pieces: number): BatchDraft {
  requireWithin(pieces, 1, 2000, 'pieces');
  const factor = pieces / draft.pieces;
  return scaledFilling(scaledDough({ ...draft, pieces }, factor), factor);
}

/** Another disc, thickness, seal or portion: the dough and filling of the batch follow the piece. */
export function withFold(draft: BatchDraft, change: Partial<BatchDraft['fold']>): BatchDraft {
  const next = { ...draft, fold: { ...draft.fold, ...change } };
  const dough = doughEachKg(draft);
  const filling = draft.fold.fillingEachKg;
  const withDough = dough > 0 ? scaledDough(next, doughEachKg(next) / dough) : next;
  return filling > 0 ? scaledFilling(withDough, next.fold.fillingEachKg / filling) : withDough;
}

/** A wanted dough portion: the disc stays, the thickness follows. */
export function withDoughEach(draft: BatchDraft, doughKg: number): BatchDraft {
  const family = doughFamily(draft.dough.family);
  return withFold(draft, { thicknessM: thicknessForDough(doughKg, draft.fold.discM, family.densityKgPerM3) });
}

/** Another dough family: its usual oil and a thickness within its range come with it. */
export function withFamily(draft: BatchDraft, familyId: DoughFamilyId): BatchDraft {
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

/**
 * "I have 640 g of flour": the dough becomes what that allows, and pieces and filling follow,
 * whole pieces only. `null` when the line holds nothing to scale from, or not one piece comes out.
 */
export function withLimit(draft: BatchDraft, lineIndex: number, massKg: number): BatchDraft | null {
  const line = draft.dough.lines[lineIndex];
  if (!line || !(line.massKg > 0)) return null;
  requireWithin(massKg, 0, 1000, `dough.lines.${lineIndex}.massKg`);
  const limited = scaledDough(draft, massKg / line.massKg);
  const made = doughFigures(limited.dough.lines, limited.dough.family).massKg;
  // A hair of slack, or 24 pieces' worth of flour would make 23.
  const pieces = Math.floor(made / doughEachKg(draft) + 1e-6);
  if (pieces < 1 || pieces > 2000) return null;
  return scaledFilling({ ...limited, pieces }, pieces / draft.pieces);
}

/** Cooked drier or wetter: what goes into the pan follows, so that the pieces stay filled. */
export function withCookTo(draft: BatchDraft, cookToShare: number): BatchDraft {
  const before = fillingFigures(draft.filling.lines, draft.filling.cookToShare, 0).targetKg;
  const next = { ...draft, filling: { ...draft.filling, cookToShare } };
  const after = fillingFigures(next.filling.lines, cookToShare, 0).targetKg;
  return after > 0 ? scaledFilling(next, before / after) : next;
}

/** The family's worked formula, scaled so that the pieces come out. */
export function withWorkedFormula(draft: BatchDraft): BatchDraft {
  return fitDough({ ...draft, dough: { ...draft.dough, lines: WORKED_FORMULAS[draft.dough.family] } });
}

/** One line of a formula set to a mass, added (`index` past the end) or taken out (`massKg` null). */
export function withLine(
  lines: Formula,
  index: number,
  ingredientId: string,
  massKg: number | null,
  part: 0 | 1 = 0,
): Formula {
  if (massKg === null) return lines.filter((_, i) => i !== index);
  const line = { ingredientId, massKg: requireWithin(massKg, 0, 1000, `lines.${index}.massKg`) };
  if (index >= lines.length) return [...lines, part === 1 ? { ...line, part } : line];
  return lines.map((old, i) => (i === index ? { ...old, ...line } : old));
}
