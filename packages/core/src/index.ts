export { CoreError, type CoreErrorCode } from './errors.js';
export {
  celsiusFrom,
  CUSTOMARY_MEASURES,
  fahrenheitFrom,
  KG_PER_G,
  M_PER_MM,
  M3_PER_ML,
  METRIC_MEASURES,
  type Measures,
} from './quantity/units.js';
export { parseDurationS, parseMassKg, parseNumber, parseTempC } from './quantity/parseQuantity.js';
export { printDuration, printGrams, printMass, printTemp } from './quantity/printQuantity.js';
export type { Allergen, Composition, Ingredient, IngredientRole, Sold, SoldUnit } from './ingredient/ingredient.js';
export { LOOSE } from './ingredient/catalogue/sold.js';
export { ingredientById, INGREDIENTS } from './ingredient/catalogue.js';
export { isShipped, type Pantry, pantryWith, SHIPPED_PANTRY } from './ingredient/pantry.js';
export { massOfFlourPercent, massOfWholePercent } from './ingredient/percentLine.js';
export { type MeasuringTools, type RoundedFormula, roundFormula } from './ingredient/roundFormula.js';
export { findIngredients } from './ingredient/findIngredients.js';
export {
  type Formula,
  type FormulaLine,
  formulaTotals,
  type FormulaTotals,
  scaleFormula,
} from './ingredient/formula.js';
export { DOUGH_FAMILIES, type DoughFamily, doughFamily } from './dough/doughFamily.js';
export { doughRise, pourTemp, type PourTemp, type Rise, type RiseSpec, yeastRate } from './dough/doughRise.js';
export { doughFindings } from './dough/doughFindings.js';
export { type FamilyJudgement, judgeFamily } from './dough/judgeFamily.js';
export { hasSubstitutions, type SideEffect, type Substitution, substitutionsFor } from './dough/substitute.js';
export { WORKED_FORMULAS } from './dough/workedFormulas.js';
export {
  coldStiffness,
  type DoughFigures,
  doughFigures,
  doughStiffness,
  stiffnessAtShift,
} from './dough/doughFigures.js';
export { coreTargetFor, REHEAT_C } from './filling/fillingSafety.js';
export { type ThickenerChoice, thickenersFor } from './filling/freeLiquid.js';
export { type FillingFigures, fillingFigures, SALT_BAND } from './filling/fillingFigures.js';
export { coolFilling, type CoolingResult, type CoolingSpec, dishDepthM } from './filling/coolFilling.js';
export { type Coat, coatOf } from './piece/coat.js';
export { EDGES } from './piece/edge.js';
export { FORMS, formOf } from './piece/forms.js';
export { cupSizes } from './piece/forms/cup.js';
export { LEAF } from './piece/forms/ownCutter.js';
export type { Form, Gathered, Piece, PieceSpec } from './piece/piece.js';
export { rolledProfileM } from './piece/gather.js';
export { type Membrane, outlineLengths, solveInset, solveMembrane } from './piece/membrane.js';
export { eachOf, type PortionRun, portionRun } from './piece/portionRun.js';
export { type Portioning, portioning } from './piece/portioning.js';
export { cuttingOf } from './plan/cutDraft.js';
export { OUTLINE_POINTS, cutterOutline, withOutline } from './plan/foldEdits.js';
export { SCHOOLS, type SealTrade, sealTrade, withFill } from './plan/sealTrade.js';
export { type Burst, type BurstCause } from './piece/seal.js';
export { type Mesh, meshSection, meshVolumeM3, type PieceMesh, pieceMesh } from './piece/pieceMesh.js';
export {
  createScale,
  loadScale,
  portionByHand,
  readScale,
  SCALE_EACH_S,
  SCALE_MOST_KG,
  type ScaleReading,
  type SimulatedScale,
  stepScale,
  tareScale,
} from './simulated/simulatedScale.js';
export {
  type Cutting,
  type CuttingSpec,
  cuttingRolls,
  type CutRoll,
  cutSheet,
  RAGGED_M,
} from './piece/cutting/cutting.js';
export {
  type CutLayout,
  type CutPlace,
  type CutterShape,
  type LatticeKind,
  type Sheet as DoughSheet,
} from './piece/cutting/lattice.js';
export { halfMoonSection, lensSection } from './piece/section.js';
export { type SizeGoal, sizeFor } from './piece/solveSize.js';
export { wrapsOf } from './piece/forms/roll.js';
export { stripFolds } from './piece/forms/stripTriangle.js';
export { FILL_BAND, type FoldBalance } from './piece/foldFindings.js';
export { doughMaterial, fillingMaterial, type FryMaterial } from './frying/fryMaterial.js';
export {
  coolPieceS,
  HARD_C,
  type HoldPlace,
  type HoldTimes,
  holdTimes,
  type HoldWait,
  TEMPER_S,
  temperedC,
} from './frying/holdPiece.js';
export { createFryBody, type FryBody, type FryBodySpec, OIL_SURFACE, type SurfaceLaw } from './frying/fryBody.js';
export { advanceFry, turnFry } from './frying/advanceFry.js';
export { CRUST_LIMITS, type CrustName, crustName, LIFT_COLOUR } from './frying/colour.js';
export { type FrySample, type FrySolution, sampleAt, solveFry, type FrySolveSpec } from './frying/solveFry.js';
export {
  burnerW,
  oilAfterRest,
  oilCautions,
  oilChangeS,
  oilDensity,
  type PotLevels,
  potLevels,
  type PotState,
  settingToHold,
  stepPot,
  warmUpS,
} from './oil/pot.js';
export { type FryJob, type FryOrder, fryOrder, type FryPlace, type NotFor } from './oil/fryOrder.js';
export { type Oil, type OilEvent, type OilSigns, type OilState, oilState } from './oil/oilHistory.js';
export { OIL_KINDS, type OilKind } from './oil/oilKind.js';
export { lotSizeFor, type LotRun, type LotSpec, oilBand, type OilBand, potRoom, runLots } from './oil/fryLots.js';
export { type PieceBulk, pieceHeatCurve } from './frying/pieceHeat.js';
export {
  createStove,
  dropIntoStove,
  flipInStove,
  liftFromStove,
  readProbe,
  restoreIntoStove,
  type SimulatedStove,
  stepStove,
  topUpStove,
  stovePieceSpec,
} from './simulated/simulatedStove.js';
export { backwardChain, type ChainStep } from './schedule/backwardChain.js';
export {
  type FireAct,
  type SeenLooks,
  type FirePiece,
  fireState,
  type FireState,
  type OilReading,
  OVEN_FINISH,
  type OvenWhy,
  type PieceActKind,
} from './fire/fireAct.js';
export { type PiecePrediction, predictPiece, type PredictAsk, predictPieces, replayFry } from './fire/predictPiece.js';
export { stoveRecordOf } from './fire/stoveRecord.js';
export type { PadTargets } from './fire/padTargets.js';
export {
  coreWaitC,
  type FireKnown,
  fireNow,
  type FireNow,
  type FireSession,
  fireTargets,
  type Judge,
  NOTHING_KNOWN,
  predictAsk,
  shownPredictions,
} from './plan/fireNow.js';
export { isFryable } from './piece/piece.js';
export { cookNow, type CookNow, type CookSession, timerCalls } from './plan/cookNow.js';
export { FIT_LEAST, thinForFit } from './oil/fitStove.js';
export { MISS_S } from './frying/fryMap.js';
export { lotHolds } from './oil/fryLots.js';
export { solveLinear } from './numeric/linear.js';
export { oilNow, type OilNow, type OilVerdict } from './fire/oilNow.js';
export { doNext, type NextReason, type NextStep, roomInPot, type StovePlan } from './fire/doNext.js';
export { type Mishaps, simulateRun, type SimulatedRun } from './simulated/simulateRun.js';
export { type LedgerFigures, ledgerFigures } from './fire/ledgerFigures.js';
export { type BatchDraft, blankLengthM, type FormulaRef } from './draft/draft.js';
export type { BatchPlan, ColdPlan, DoughPlan, FillingPlan, FoldPlan, HotPlan, ServePlan } from './plan/batchPlan.js';
export { draftDough, draftFilling } from './plan/draftFigures.js';
export { type CoolingWay, coolingWays } from './plan/planFilling.js';
export { kitchenAtPot, potOf } from './draft/kitchenAtPot.js';
export { friedInOil, fryJobOf, supperAfter, supperOrder } from './plan/supper.js';
export { fryBodyOf, planBatch, planCold, planHot } from './plan/planBatch.js';
export {
  type Finding,
  type FindingCode,
  findingOf,
  type ValuesOf,
  type FindingTone,
  type Station,
  worstTone,
} from './draft/finding.js';
export { newBatch, type Starter, type StarterId, STARTERS } from './plan/starters.js';
export {
  blankM2,
  doughEachKg,
  type Limit,
  PAN_FULL,
  withCookTo,
  withDoughEach,
  withFamily,
  withFold,
  withForm,
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
} from './plan/editDraft.js';
export {
  beliefDensity,
  type Felt,
  flourBelief,
  type FlourObservation,
  LABEL_BELIEF,
  observeFlour,
} from './learning/flourBelief.js';
export { type BalanceWay, balanceWays } from './plan/balanceWays.js';
export { cookAgain } from './plan/cookAgain.js';
export {
  type Base,
  baseFormulaId,
  baseIngredient,
  baseIngredientId,
  type FormulaBody,
  type FormulaKind,
  ownIngredients,
  sameFormula,
  storeBodyOf,
  withStoreFormula,
} from './store/storeFormula.js';
export { type ComparedLine, compareFormulas } from './store/compareFormulas.js';
export { type BaseToMake, type Shopping, shoppingList, type ShoppingRow, type StockRow } from './store/shoppingList.js';
export { type WeighGroup, type WeighLine, weighOut } from './store/weighOut.js';
export {
  type ForgivingPoint,
  forgivingPoint,
  type FryChances,
  fryChances,
  fryMapOrder,
  type FryMapRow,
  fryMapRow,
  type FryMapSpec,
  type FryRegion,
  fryRegion,
  marginsAt,
  sizedBody,
} from './frying/fryMap.js';
export {
  type CrumbPlan,
  crumbPlan,
  type FryArm,
  fryArm,
  FRY_SCHOOLS,
  type FrySchool,
  withSchool,
} from './plan/fryArms.js';
export { CRUMB_ANSWERS, type CrumbAnswer, type CrumbRange, crumbRange } from './oil/crumbTest.js';
export { type BakePlan, bakePlan, type SplitPlan, splitPlan } from './plan/bakePlan.js';
export { type LotWay, type LotWayId, lotWays } from './plan/lotWays.js';
export {
  type CheckAnswer,
  type CookAct,
  type CookState,
  cookState,
  RUN_STEPS,
  type RunStepId,
  stepState,
  type StepState,
} from './cook/cookAct.js';
export { type Background, type CheckId, type MeasureId, type RunStep, runSheet } from './plan/runSheet.js';
export { asCooked, MEASURE_RANGE, type PlanChange, planChanges } from './plan/asCooked.js';
export { callsBy, type Ringing, ringing } from './cook/ringing.js';
export { type Danger, type DangerAsk, type DangerId, dangerOf } from './fire/danger.js';
export { type FireBelief, fireBelief } from './fire/fireLearning.js';
export { fitStove, type Found, type StoveFit, type StoveRecord } from './oil/fitStove.js';
export { START_GATE, type StartPoint } from './fire/startGate.js';
export { type OilByModel, oilByModel } from './fire/oilByModel.js';
export {
  type DoughFamilyId,
  type CoolingPlace,
  type FillingMethod,
  type RawPart,
  TURN_SCHOOLS,
  type TurnSchool,
  type StartState,
  type CoatChoices,
  type DryCoatId,
  NO_COAT,
  type WetCoatId,
  type EdgeId,
  type Point,
  type BurstCauseId,
  type GlueId,
  type SealChoices,
  USUAL_SEAL,
} from './draft/choices.js';
export type { FormId } from './draft/choices.js';
export {
  type Pot,
  type Guests,
  type FlourBelief,
  type OilAdvice,
  type OilCarries,
  type OilReason,
  boilingPointC,
  DEFAULT_KITCHEN,
  USUAL_BOARD,
  type Kitchen,
  type NamedPot,
  type PotOil,
  type Known,
  pantryOf,
  startTempC,
} from './draft/kitchen.js';
export { clamp } from './numeric/clamp.js';
export { type Band } from './numeric/band.js';
export { type PlannedFigures, plannedFigures } from './plan/plannedFigures.js';
export type { FryPlan } from './frying/fryPlan.js';
export { RANGES } from './draft/ranges.js';
export type { Band as Range } from './numeric/band.js';
export type { ApiProblem, Batch, BatchSummary, KitchenRow, Paged, StarterAsk } from './wire/batchWire.js';
export type { LitStove, StartStoveAsk, StoredAct, StoredReading, Stove, TakenReadings } from './wire/stoveWire.js';
export type { StoredCookAct, Timer } from './wire/cookWire.js';
export type { LedgerEntry, LedgerNote, LedgerRecord } from './wire/ledgerWire.js';
export type {
  Device,
  FlourAsk,
  FlourNote,
  Flours,
  FormulaVersion,
  FormulaWithVersions,
  IngredientRow,
  OilAct,
  OilRow,
  OwnIngredients,
  ScaleAct,
  StoreFormula,
  SupperOrder,
  Use,
} from './wire/storeWire.js';
export {
  LIVE_KINDS,
  type LiveEvent,
  type LiveKind,
  type RecordKind,
  RECORDS,
  type ScaleFigure,
} from './wire/liveWire.js';
export { type FieldClash, type Merged, mergeFields, takeTheirs } from './wire/mergeFields.js';
