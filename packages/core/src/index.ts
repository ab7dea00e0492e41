export { CoreError, type CoreErrorCode, clamp } from './errors.js';
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
export { type Band, DOUGH_FAMILIES, type DoughFamily, doughFamily, type DoughFamilyId } from './dough/doughFamily.js';
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
export { coreTargetFor, type FillingMethod, type RawPart, REHEAT_C } from './filling/fillingSafety.js';
export { type ThickenerChoice, thickenersFor } from './filling/freeLiquid.js';
export { type FillingFigures, fillingFigures, SALT_BAND } from './filling/fillingFigures.js';
export {
  coolFilling,
  type CoolingPlace,
  type CoolingResult,
  type CoolingSpec,
  dishDepthM,
} from './filling/coolFilling.js';
export { type Coat, type CoatChoices, coatOf, type DryCoatId, NO_COAT, type WetCoatId } from './piece/coat.js';
export { type EdgeId, EDGES } from './piece/edge.js';
export { FORMS, formOf } from './piece/forms.js';
export { cupSizes } from './piece/forms/cup.js';
export { LEAF } from './piece/forms/ownCutter.js';
export type { Form, FormId, Gathered, Piece, PieceSpec } from './piece/piece.js';
export { rolledProfileM } from './piece/gather.js';
export { type Membrane, outlineLengths, type Point, solveInset, solveMembrane } from './piece/membrane.js';
export { eachOf, type PortionRun, portionRun } from './piece/portionRun.js';
export { type Portioning, portioning } from './piece/portioning.js';
export { cuttingOf } from './batch/cutDraft.js';
export { OUTLINE_POINTS, cutterOutline, withOutline } from './batch/foldEdits.js';
export { SCHOOLS, type SealTrade, sealTrade, withFill } from './batch/sealTrade.js';
export {
  type Burst,
  type BurstCause,
  type BurstCauseId,
  type GlueId,
  type SealChoices,
  USUAL_SEAL,
} from './piece/seal.js';
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
} from './piece/simulatedScale.js';
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
export { TURN_SCHOOLS, type TurnSchool } from './frying/lying.js';
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
  type Pot,
  type PotLevels,
  potLevels,
  type PotState,
  settingToHold,
  stepPot,
  warmUpS,
} from './oil/pot.js';
export { type FryJob, type FryOrder, fryOrder, type FryPlace, type Guests, type NotFor } from './oil/fryOrder.js';
export {
  type Oil,
  type OilAdvice,
  type OilCarries,
  type OilEvent,
  type OilReason,
  type OilSigns,
  type OilState,
  oilState,
} from './oil/oilHistory.js';
export { OIL_KINDS, type OilKind } from './oil/oilKind.js';
export { lotSizeFor, type LotRun, type LotSpec, oilBand, type OilBand, potRoom, runLots } from './oil/fryLots.js';
export { type PieceBulk, pieceHeatCurve } from './oil/pieceHeat.js';
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
} from './oil/simulatedStove.js';
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
export { type PiecePrediction, predictPiece, replayFry } from './fire/predictPiece.js';
export { oilNow, type OilNow, type OilVerdict } from './fire/oilNow.js';
export { doNext, type NextReason, type NextStep, roomInPot, type StovePlan } from './fire/doNext.js';
export { type Mishaps, simulateRun, type SimulatedRun } from './fire/simulateRun.js';
export { type LedgerFigures, ledgerFigures, type PlannedFigures, plannedFigures } from './fire/ledgerFigures.js';
export {
  type BatchDraft,
  blankLengthM,
  boilingPointC,
  DEFAULT_KITCHEN,
  USUAL_BOARD,
  type FormulaRef,
  type Kitchen,
  type NamedPot,
  type PotOil,
  type Known,
  pantryOf,
  startTempC,
  type StartState,
} from './batch/draft.js';
export type {
  BatchPlan,
  ColdPlan,
  DoughPlan,
  FillingPlan,
  FoldPlan,
  FryPlan,
  HotPlan,
  ServePlan,
} from './batch/batchPlan.js';
export { draftDough, draftFilling } from './batch/draftFigures.js';
export { type CoolingWay, coolingWays } from './batch/planFilling.js';
export { kitchenAtPot, potOf } from './batch/kitchenAtPot.js';
export { friedInOil, fryJobOf, supperAfter, supperOrder } from './batch/supper.js';
export { fryBodyOf, planBatch, planCold, planHot } from './batch/planBatch.js';
export { type Finding, type FindingCode, type FindingTone, type Station, worstTone } from './batch/finding.js';
export { newBatch, type Starter, type StarterId, STARTERS } from './batch/starters.js';
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
} from './batch/editDraft.js';
export {
  beliefDensity,
  type Felt,
  type FlourBelief,
  flourBelief,
  type FlourObservation,
  LABEL_BELIEF,
  observeFlour,
} from './learning/flourBelief.js';
export { type BalanceWay, balanceWays } from './batch/balanceWays.js';
export { cookAgain } from './batch/cookAgain.js';
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
} from './batch/fryArms.js';
export { CRUMB_ANSWERS, type CrumbAnswer, type CrumbRange, crumbRange } from './oil/crumbTest.js';
export { type BakePlan, bakePlan, type SplitPlan, splitPlan } from './batch/bakePlan.js';
export { type LotWay, type LotWayId, lotWays } from './batch/lotWays.js';
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
export {
  type Background,
  type CheckId,
  type CookNow,
  cookNow,
  type MeasureId,
  type RunStep,
  runSheet,
} from './cook/runSheet.js';
export { asCooked, MEASURE_RANGE, type PlanChange, planChanges } from './cook/asCooked.js';
export { callsBy, type Ringing, ringing } from './cook/ringing.js';
export { type Danger, type DangerAsk, type DangerId, dangerOf } from './fire/danger.js';
export { type FireBelief, fireBelief } from './fire/fireLearning.js';
export { fitStove, type Found, type StoveFit, type StoveRecord } from './oil/fitStove.js';
export { START_GATE, type StartPoint } from './fire/startGate.js';
export { type OilByModel, oilByModel } from './fire/oilByModel.js';
