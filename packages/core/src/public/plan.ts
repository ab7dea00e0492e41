export { CoreError } from '../errors.js';
export {
  CUSTOMARY_MEASURES,
  fahrenheitFrom,
  KG_PER_LB,
  KG_PER_OZ,
  METRIC_MEASURES,
  type System,
  systemOf,
} from '../quantity/units.js';
export {
  parseAltitudeM,
  parseDurationS,
  parseLengthM,
  parseMassKg,
  parseNumber,
  parseTempC,
  parseVolumeM3,
} from '../quantity/parseQuantity.js';
export {
  printAltitude,
  printDuration,
  printLength,
  printMass,
  printScale,
  printTemp,
  printVolume,
  scaleFigure,
} from '../quantity/printQuantity.js';
export type { Allergen, Composition, Ingredient, IngredientRole, Sold, SoldUnit } from '../ingredient/ingredient.js';
export { LOOSE } from '../ingredient/catalogue/sold.js';
export { ingredientById, INGREDIENTS } from '../ingredient/catalogue.js';
export { isShipped, type Pantry, pantryWith, SHIPPED_PANTRY } from '../ingredient/pantry.js';
export { massOfFlourPercent, massOfWholePercent } from '../ingredient/percentLine.js';
export { roundFormula } from '../ingredient/roundFormula.js';
export { findIngredients } from '../ingredient/findIngredients.js';
export { type FoundIngredient, searchIngredients } from '../ingredient/searchIngredients.js';
export type { Formula, FormulaLine, FormulaTotals } from '../ingredient/formula.js';
export { DOUGH_FAMILIES, doughFamily } from '../families/families.js';
export type { DoughFamily } from '../families/family.js';
export { doughFindings } from '../dough/doughFindings.js';
export { judgeFamily } from '../dough/judgeFamily.js';
export { hasSubstitutions, type SideEffect, type Substitution, substitutionsFor } from '../dough/substitute.js';
export { WORKED_FORMULAS } from '../families/families.js';
export { type DoughFigures, doughFigures, stiffnessAtShift } from '../dough/doughFigures.js';
export { coreMustBeSafe, isUncooked } from '../filling/fillingSafety.js';
export { LIMITS, roomLimitS } from '../limits/limits.js';
export { withLinesAsked, withRawSaid } from '../filling/mayBeRaw.js';
export { thickenersFor } from '../filling/freeLiquid.js';
export { fillingFigures } from '../filling/fillingFigures.js';
export { coolFilling, type CoolingResult } from '../filling/coolFilling.js';
export { EDGES } from '../shapes/kit/edge.js';
export { SHAPES, shapeOf } from '../shapes/shapes.js';
export { cupSizes } from '../shapes/cup/cup.js';
export { LEAF } from '../shapes/ownCutter/ownCutter.js';
export { type Shape, type Piece, type PieceSpec, isFryable } from '../shapes/kit/piece.js';
export { rolledProfileM } from '../shapes/kit/gather.js';
export { solveInset } from '../shapes/kit/membrane.js';
export { eachOf, type PortionRun, portionRun } from '../piece/portionRun.js';
export { type Portioning, portioning } from '../piece/portioning.js';
export { cuttingOf } from '../plan/tray/cutDraft.js';
export { cutterOutline, withOutline } from '../plan/edit/foldEdits.js';
export { METHODS, type SealTrade, sealTrade, withFill } from '../plan/tray/sealTrade.js';
export type { BurstCause } from '../piece/seal.js';
export { meshSection, pieceMesh } from '../shapes/pieceMesh.js';
export type { Mesh, PieceMesh } from '../shapes/kit/mesh.js';
export type { DrawnArrows, DrawnFill, DrawnPart, FoldFrame } from '../shapes/kit/drawn.js';
export { outlinePath } from '../shapes/kit/paths.js';
export {
  type Cutting,
  type CuttingSpec,
  cuttingRolls,
  type CutRoll,
  cutSheet,
  RAGGED_M,
} from '../piece/cutting/cutting.js';
export type { CutterShape } from '../piece/cutting/lattice.js';
export { halfMoonSection, lensSection } from '../shapes/kit/section.js';
export { stripFolds } from '../shapes/stripTriangle/stripTriangle.js';
export { FILL_RANGE } from '../piece/foldFindings.js';
export { doughMaterial, fillingMaterial } from '../heat/fryMaterial.js';
export { type HoldTimes, holdTimes } from '../heat/holdPiece.js';
export { createFryBody, type FryBody, type FryBodySpec, OIL_SURFACE } from '../heat/fryBody.js';
export { advanceFry } from '../heat/advanceFry.js';
export {
  colourOnRamp,
  CRUST_LIMITS,
  type CrustName,
  crustName,
  TAKE_OUT_COLOUR,
  RAMP_COLOURS,
  RAMP_SKINS,
} from '../heat/colour.js';
export { pieceHeatCurve } from '../heat/pieceHeat.js';
export {
  type BakeChoices,
  type OvenPhase,
  blankLengthM,
  TRAY_MARKS,
  TRAY_WAYS,
  type TrayDraft,
  type TrayMark,
  type TrayWay,
  USUAL_BAKE,
} from '../draft/draft.js';
export {
  type BatchDraft,
  type SideBySide,
  type Trying,
  batchOf,
  batchPieces,
  batchPot,
  fillingsOf,
  OWN_PLACES,
  type OwnPlace,
  type OwnStep,
  marksOf,
  readBatchDraft,
  type Tray,
} from '../draft/batchDraft.js';
export {
  trayAlone,
  trayOf,
  traysOf,
  withCopyOfTray,
  withFillingOf,
  withoutTray,
  withTray,
} from '../plan/edit/trays.js';
export { type StoveTray, friedPieces, fryTrays, trayOfPiece } from '../plan/batch/fryTrays.js';
export type { ColdPlan, HotPlan } from '../plan/tray/batchPlan.js';
export { coolingWays } from '../plan/tray/planFilling.js';
export type { TrayBake } from '../plan/tray/trayBake.js';
export { kitchenAtPot, potOf } from '../draft/kitchenAtPot.js';
export { roomsOf } from '../plan/batch/partStays.js';
export { figureSources, type Source, type SourcedFigure, type SourcedId } from '../plan/tray/figureSources.js';
export { seededNormal, seededUniform } from '../numeric/seededNoise.js';
export { stoveTrays, planBatch, planHot, type PlannedTray, planTrays } from '../plan/batch/planBatch.js';
export { planCold } from '../plan/tray/planCold.js';
export { foldedBodyOf, fryBodyOf } from '../plan/tray/trayBody.js';
export {
  type Finding,
  type FindingCode,
  type ValuesOf,
  type FindingTone,
  type Station,
  worstTone,
} from '../draft/finding.js';
export { type TakeOutWay, type TakeOutWayId, takeOutWays } from '../plan/batch/takeOutWays.js';
export { newTray, type StarterId, STARTERS } from '../plan/edit/starters.js';
export {
  doughEachKg,
  type Limit,
  PAN_FULL,
  withCookTo,
  withDoughEach,
  withFamily,
  withFold,
  withShape,
  withFlour,
  withLimit,
  withLine,
  withMethod,
  withPan,
  withPieces,
  withRaw,
  withRounding,
  withSizeFor,
  withThickener,
  withWorkedFormula,
} from '../plan/edit/editDraft.js';
export { type BalanceWay, balanceWays } from '../plan/edit/balanceWays.js';
export { type BatchFigures, batchFigures } from '../plan/batch/batchFigures.js';
export { copyDraft } from '../plan/edit/copyDraft.js';
export { type ForgivingPoint, forgivingPoint, marginsAt } from '../outcome/forgivingPoint.js';
export { fryMapOrder, type FryMapRow, fryMapRow, type FryMapSpec, fryRegion, sizedBody } from '../outcome/fryMap.js';
export { mapChances } from '../outcome/mapChances.js';
export { failingOf, type Fault, WORTH_A_CHANGE } from '../outcome/failing.js';
export type { OutcomeChances } from '../outcome/outcomeChances.js';
export type { OutcomeSurface } from '../outcome/outcomeSurface.js';
export {
  type CrumbPlan,
  crumbPlan,
  type FryArm,
  fryArm,
  FRY_METHODS,
  type FryMethod,
  withFryMethod,
} from '../plan/batch/fryArms.js';
export { type BakePlan, bakePlan, ovenFactorSeen, type SplitPlan, splitPlan } from '../plan/batch/bakePlan.js';
export { type LoadWay, type LoadWayId, loadWays } from '../plan/batch/loadWays.js';
export { plannedOf, runSheet } from '../plan/batch/runSheet.js';
export { type CheckId, type RunStep, type StepMeasure } from '../plan/batch/runSteps.js';
export { stepFindings } from '../plan/batch/stepFindings.js';
export { asCooked, MEASURE_RANGE, type PlanChange } from '../plan/batch/asCooked.js';
export {
  type DoughFamilyId,
  type CoolingPlace,
  type FillingMethod,
  type RawPart,
  TURN_METHODS,
  type TurnMethod,
  type StartState,
  type CoatingChoices,
  type DryCoatingId,
  NO_COATING,
  type WetCoatingId,
  type EdgeId,
  type Point,
  type BurstCauseId,
  type SealWith,
  type SealChoices,
  USUAL_SEAL,
  type ShapeId,
} from '../draft/choices.js';
export {
  type Pot,
  type Guests,
  type FlourBelief,
  type OilAdvice,
  type OilReason,
  DEFAULT_KITCHEN,
  TURN_EACH_S,
  USUAL_BOARD,
  type Kitchen,
  type NamedPot,
  type PotOil,
  pantryOf,
  BURNER_KINDS,
  type BurnerKind,
} from '../draft/kitchen.js';
export { plannedFigures } from '../plan/tray/plannedFigures.js';
export type { FryPlan } from '../outcome/fryPlan.js';
export { RANGES } from '../draft/ranges.js';
export type { Range } from '../numeric/range.js';
export type { ApiProblem, Batch, BatchSummary, KitchenRow, Paged, StarterAsk, SupperRow } from '../wire/batchWire.js';
export { type FieldClash, mergeFields, takeTheirs } from '../wire/mergeFields.js';
export { type FirstAsk, firstAsk, firstKitchen } from '../draft/firstKitchen.js';
