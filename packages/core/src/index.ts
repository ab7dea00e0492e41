// Over 300 lines: every public name of the core, once.
export { CoreError } from './errors.js';
export {
  CUSTOMARY_MEASURES,
  fahrenheitFrom,
  KG_PER_LB,
  KG_PER_OZ,
  METRIC_MEASURES,
  type System,
  systemOf,
} from './quantity/units.js';
export {
  parseAltitudeM,
  parseDurationS,
  parseLengthM,
  parseMassKg,
  parseNumber,
  parseTempC,
  parseVolumeM3,
} from './quantity/parseQuantity.js';
export {
  printAltitude,
  printDuration,
  printGrams,
  printLength,
  printMass,
  printScale,
  printTemp,
  printVolume,
  scaleFigure,
} from './quantity/printQuantity.js';
export type { Allergen, Composition, Ingredient, IngredientRole, Sold, SoldUnit } from './ingredient/ingredient.js';
export { LOOSE } from './ingredient/catalogue/sold.js';
export { ingredientById, INGREDIENTS } from './ingredient/catalogue.js';
export { isShipped, type Pantry, pantryWith, SHIPPED_PANTRY } from './ingredient/pantry.js';
export { massOfFlourPercent, massOfWholePercent } from './ingredient/percentLine.js';
export { roundFormula } from './ingredient/roundFormula.js';
export { findIngredients } from './ingredient/findIngredients.js';
export { type FoundIngredient, searchIngredients } from './ingredient/searchIngredients.js';
export { type Formula, type FormulaLine, type FormulaTotals } from './ingredient/formula.js';
export { DOUGH_FAMILIES, type DoughFamily, doughFamily } from './dough/doughFamily.js';
export { doughFindings } from './dough/doughFindings.js';
export { judgeFamily } from './dough/judgeFamily.js';
export { hasSubstitutions, type SideEffect, type Substitution, substitutionsFor } from './dough/substitute.js';
export { WORKED_FORMULAS } from './dough/workedFormulas.js';
export { type DoughFigures, doughFigures, stiffnessAtShift } from './dough/doughFigures.js';
export { coreMustBeSafe, isUncooked, REHEAT_C } from './filling/fillingSafety.js';
export { withLinesAsked, withRawSaid } from './filling/mayBeRaw.js';
export { thickenersFor } from './filling/freeLiquid.js';
export { fillingFigures } from './filling/fillingFigures.js';
export { coolFilling, type CoolingResult } from './filling/coolFilling.js';
export { type Coating } from './piece/coating.js';
export { EDGES } from './piece/edge.js';
export { SHAPES, shapeOf } from './piece/shapes.js';
export { cupSizes } from './piece/shapes/cup.js';
export { LEAF } from './piece/shapes/ownCutter.js';
export type { Shape, Gathered, Piece, PieceSpec } from './piece/piece.js';
export { rolledProfileM } from './piece/gather.js';
export { solveInset } from './piece/membrane.js';
export { eachOf, type PortionRun, portionRun } from './piece/portionRun.js';
export { type Portioning, portioning } from './piece/portioning.js';
export { cuttingOf } from './plan/tray/cutDraft.js';
export { cutterOutline, withOutline } from './plan/edit/foldEdits.js';
export { METHODS, type SealTrade, sealTrade, withFill } from './plan/tray/sealTrade.js';
export { type Burst, type BurstCause } from './piece/seal.js';
export { type Mesh, meshSection, type PieceMesh, pieceMesh } from './piece/pieceMesh.js';
export {
  createScale,
  loadScale,
  portionByHand,
  readScale,
  SCALE_EACH_S,
  SCALE_MOST_KG,
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
export { type CutterShape } from './piece/cutting/lattice.js';
export { halfMoonSection, lensSection } from './piece/section.js';
export { stripFolds } from './piece/shapes/stripTriangle.js';
export { FILL_RANGE } from './piece/foldFindings.js';
export { doughMaterial, fillingMaterial } from './frying/fryMaterial.js';
export { type HoldTimes, holdTimes, temperedC } from './frying/holdPiece.js';
export { createFryBody, type FryBody, type FryBodySpec, OIL_SURFACE } from './frying/fryBody.js';
export { advanceFry } from './frying/advanceFry.js';
export {
  colourOnRamp,
  CRUST_LIMITS,
  type CrustName,
  crustName,
  TAKE_OUT_COLOUR,
  RAMP_COLOURS,
  RAMP_SKINS,
  rampPlace,
} from './frying/colour.js';
export { burnerW, oilAfterRest, potAtRest, BURNER_LAG_S, burnerLagS } from './oil/pot.js';
export { burnerFlowW } from './stove/burnerFlow.js';
export { type FryJob, type FryOrder, type FryPlace, type NotFor, notFor } from './oil/fryOrder.js';
export { type Oil, type OilEvent, type OilSigns, type OilState, oilState } from './oil/oilHistory.js';
export { OIL_KINDS } from './oil/oilKind.js';
export { type OilRange, runLoads } from './oil/fryLoads.js';
export { pieceHeatCurve } from './frying/pieceHeat.js';
export {
  createStove,
  readProbe,
  restoreIntoStove,
  type SimulatedStove,
  type SimulatedPiece,
  stepStove,
  topUpStove,
  stovePieceSpec,
} from './simulated/simulatedStove.js';
export { type ChainStep } from './schedule/backwardChain.js';
export {
  type StoveAct,
  type SeenLooks,
  type StovePiece,
  stoveState,
  type OilReading,
  OVEN_FINISH,
  type OvenWhy,
  type PieceActKind,
} from './stove/stoveAct.js';
export { type PiecePrediction, type PredictAsk, predictPieces, predictPot, replayFry } from './stove/predictPiece.js';
export { stoveRecordOf } from './stove/stoveRecord.js';
export type { PadTargets } from './stove/padTargets.js';
export {
  type StoveKnown,
  stoveNow,
  type StoveNow,
  type StoveSession,
  stoveTargets,
  type Judge,
  NOTHING_KNOWN,
  predictAsks,
  shownPredictions,
} from './plan/batch/stoveNow.js';
export { isFryable } from './piece/piece.js';
export { cookNow, type CookNow, timerCalls } from './plan/supper/cookNow.js';
export { thinForFit } from './oil/fitStove.js';
export { oilNow, type OilNow, type OilVerdict } from './stove/oilNow.js';
export { doNext, isDueNow, type NextStep } from './stove/doNext.js';
export { type Mishaps, simulateRun } from './simulated/simulateRun.js';
export { type LedgerFigures, ledgerFigures } from './stove/ledgerFigures.js';
export {
  type BakeChoices,
  blankLengthM,
  NO_FILLING,
  TRAY_MARKS,
  TRAY_WAYS,
  type TrayDraft,
  type TrayMark,
  type TrayWay,
  USUAL_BAKE,
} from './draft/draft.js';
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
} from './draft/batchDraft.js';
export { trayAlone, trayOf, traysOf, withCopyOfTray, withFillingOf, withoutTray, withTray } from './plan/edit/trays.js';
export { type StoveTray, friedPieces, type FryTray, fryTrays, trayOfPiece } from './plan/batch/fryTrays.js';
export type { BatchPlan, ColdPlan, HotPlan } from './plan/tray/batchPlan.js';
export { coolingWays } from './plan/tray/planFilling.js';
export type { TrayBake } from './plan/tray/trayBake.js';
export type { StoragePlan } from './plan/tray/trayKeep.js';
export { kitchenAtPot, potOf } from './draft/kitchenAtPot.js';
export { duringFry, type DayPart, dayPart, HOT_OIL_C } from './plan/supper/dayPart.js';
export { type Room, roomsOf } from './plan/batch/partStays.js';
export type { DayAsk, DayStep } from './plan/supper/dayTasks.js';
export {
  bestWays,
  type DayWay,
  type DayWayOut,
  dayWaysFor,
  supperCooks,
  type SupperWhole,
  withDayWay,
} from './plan/supper/dayWays.js';
export { type DayRisk, TABLE_LATE_S, workRange } from './plan/supper/dayRisk.js';
export { dayDelay, type DayDelay, dayMoves, dayTurns, type DayTurn } from './plan/supper/dayTurns.js';
export { type DayOfBatch, isHeldLong } from './plan/supper/dayOfBatch.js';
export {
  LEARNT_KINDS,
  learntFrom,
  type LearntKind,
  type Observation,
  usualBoilOff,
  USUAL_PORTIONS,
} from './learning/beliefs.js';
export { figureSources, type Source, SOURCED, type SourcedFigure, type SourcedId } from './plan/tray/figureSources.js';
export type { LearntTold, SeenObservation, Unlearnt } from './wire/learntWire.js';
export {
  DIFFERENCES,
  type DifferenceId,
  type Mattered,
  type WholeId,
  wholeRecord,
  type WholeRecord,
  type WholeRow,
} from './plan/lesson/wholeRecord.js';
export { seededNormal, seededUniform } from './numeric/seededNoise.js';
export {
  platesOf,
  TEST_CHANGES,
  type TestAsk,
  type TestChange,
  testExpected,
  type TestExpected,
  withTest,
} from './plan/lesson/sideBySide.js';
export { type CrustRead, type Picture, type PictureFault, readCrust, type SeenPiece } from './camera/readCrust.js';
export { type Happened, observationsOf } from './plan/lesson/observe.js';
export { type Belief, doughKey, HAND_WORKS, type HandWork, type Learnt, type Scalding } from './draft/learnt.js';
export { type CauseChance, type CauseId, CAUSES, rankCauses } from './learning/causes.js';
export { compareRecords, type RecordRow, type RecordSide } from './learning/compareRecords.js';
export { monthlyMeans, monthlyTrends, type MonthTrend } from './learning/trends.js';
export { type ArmsTold, compareScores, compareShares, type Counted, piecesToTell } from './learning/compareArms.js';
export {
  LOOKS,
  type LookId,
  type LookOf,
  type RecordLooks,
  type SeenColour,
  type Symptom,
  symptomsSeen,
  type TrayLooks,
} from './learning/looks.js';
export {
  CHANGES,
  type ChangeId,
  oneChange,
  type Proposal,
  trayLesson,
  type TrayLesson,
  withChange,
  withProposal,
} from './plan/lesson/oneChange.js';
export { type Evidence, trayEvidence } from './plan/lesson/trayEvidence.js';
export { serveInDay } from './plan/supper/serveInDay.js';
export { sheetInDay } from './plan/supper/sheetInDay.js';
export { type CookHours, type DayPlan, type DayEntry, type DayRest, supperDay } from './plan/supper/supperDay.js';
export { friedInOil, fryJobFrom, fryJobOf, supperAfter, supperOrder } from './plan/supper/supper.js';
export {
  type Dish,
  type GroupEats,
  type SupperEats,
  supperEats,
  supperPlaces,
  type SupperPart,
  supperPart,
} from './plan/supper/supperEats.js';
export { stoveTrays, planBatch, planHot, type PlannedTray, planTrays } from './plan/batch/planBatch.js';
export { planCold } from './plan/tray/planCold.js';
export { foldedBodyOf, fryBodyOf } from './plan/tray/trayBody.js';
export {
  type Finding,
  type FindingCode,
  type ValuesOf,
  type FindingTone,
  type Station,
  worstTone,
} from './draft/finding.js';
export { FINISH_C, type TakeOutWay, type TakeOutWayId, takeOutWays } from './plan/batch/takeOutWays.js';
export { newTray, type StarterId, STARTERS } from './plan/edit/starters.js';
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
} from './plan/edit/editDraft.js';
export {
  beliefDensity,
  type Felt,
  flourBelief,
  type FlourObservation,
  LABEL_BELIEF,
  observeFlour,
} from './learning/flourBelief.js';
export { type BalanceWay, balanceWays } from './plan/edit/balanceWays.js';
export { type BatchFigures, batchFigures } from './plan/batch/batchFigures.js';
export { cookAgain } from './plan/lesson/cookAgain.js';
export {
  type Base,
  baseFormulaId,
  baseIngredientId,
  type FormulaBody,
  type FormulaKind,
  ownIngredients,
  sameFormula,
  storeBodyOf,
  withStoreFormula,
} from './store/storeFormula.js';
export { compareFormulas } from './store/compareFormulas.js';
export { type BaseToMake, type Shopping, shoppingList, type ShoppingRow, type StockRow } from './store/shoppingList.js';
export { type BatchUse, oilToBuy, type PotWanted } from './store/oilToBuy.js';
export {
  batchFromStored,
  leftoverGoodMs,
  storedOf,
  type StoredKind,
  type StoredPlace,
  type StoredRecord,
} from './store/stored.js';
export { copyDraft } from './plan/edit/copyDraft.js';
export { type AmountPlace, batchAmounts, type StepAmount, stepAmounts, stepOfAmount } from './store/stepAmounts.js';
export {
  type ForgivingPoint,
  forgivingPoint,
  fryMapOrder,
  type FryMapRow,
  fryMapRow,
  type FryMapSpec,
  fryRegion,
  marginsAt,
  sizedBody,
} from './frying/fryMap.js';
export { type FryChances, fryChances, fryChancesInTurn } from './frying/fryChances.js';
export {
  type CrumbPlan,
  crumbPlan,
  type FryArm,
  fryArm,
  FRY_METHODS,
  type FryMethod,
  withFryMethod,
} from './plan/batch/fryArms.js';
export {
  crumbIn,
  CRUMB_ANSWERS,
  type CrumbAnswer,
  crumbRange,
  readCrumb,
  type CrumbReading,
  wantedCrumb,
} from './oil/crumbTest.js';
export { type BakePlan, bakePlan, ovenFactorSeen, type SplitPlan, splitPlan } from './plan/batch/bakePlan.js';
export { type OvenBelief, ovenBelief, ovenSkinH } from './frying/ovenHeat.js';
export { type LoadWay, type LoadWayId, loadWays } from './plan/batch/loadWays.js';
export {
  type CheckAnswer,
  type CookAct,
  type CookState,
  cookState,
  RUN_STEPS,
  type RunStepId,
  STEP_KEY,
  type MeasureId,
  measuredOf,
  STEP_MEASURES,
  type StepKey,
  stepKey,
  stepMark,
  stepState,
  stepWhat,
} from './cook/cookAct.js';
export { type CheckId, plannedOf, type RunStep, runSheet, type StepMeasure } from './plan/batch/runSheet.js';
export { stepFindings } from './plan/batch/stepFindings.js';
export { asCooked, MEASURE_RANGE, type PlanChange } from './plan/batch/asCooked.js';
export { callsBy, ringing } from './cook/ringing.js';
export { type Danger, type DangerId } from './stove/danger.js';
export { type StoveBelief, stoveBelief } from './stove/stoveLearning.js';
export { type FinishAsks, finishAsks, REOPEN_MS } from './stove/finishAsks.js';
export { type HandsSeen } from './stove/handsSeen.js';
export { fitStove, type Found, type StoveFit } from './oil/fitStove.js';
export { START_GATE, type StartPoint } from './stove/startGate.js';
export {
  type DoughFamilyId,
  type CoolingPlace,
  type FillingMethod,
  type FillingState,
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
} from './draft/choices.js';
export type { ShapeId } from './draft/choices.js';
export {
  type Pot,
  type Guests,
  type FlourBelief,
  type OilAdvice,
  type OilReason,
  DEFAULT_KITCHEN,
  handsOf,
  TURN_EACH_S,
  USUAL_BOARD,
  type Kitchen,
  type NamedPot,
  type PotOil,
  type Known,
  pantryOf,
  BURNER_KINDS,
  type BurnerKind,
} from './draft/kitchen.js';
export { clamp } from './numeric/clamp.js';
export { plannedFigures } from './plan/tray/plannedFigures.js';
export type { FryPlan } from './frying/fryPlan.js';
export { RANGES } from './draft/ranges.js';
export type { Range } from './numeric/range.js';
export type { SupperDay, SupperWays } from './wire/supperWire.js';
export type { ApiProblem, Batch, BatchSummary, KitchenRow, Paged, StarterAsk, SupperRow } from './wire/batchWire.js';
export { THIN_STRETCH_S, thinReadings } from './stove/thinReadings.js';
export type { CopyRow, CopySheet, NightTold } from './wire/copyWire.js';
export {
  type CalendarAddress,
  type HomeEntry,
  type HomeNetwork,
  type HomeNow,
  PASSPHRASE_LEAST,
  type PairedDevice,
  type Pairing,
} from './wire/homeWire.js';
export type { ImportPreview, ImportRow, ImportUndone, ItemRef, PreviewedItem } from './wire/exchangeWire.js';
export type { LitStove, StartStoveAsk, StoredAct, StoredReading, Stove, TakenReadings } from './wire/stoveWire.js';
export type { StoredCookAct, Timer } from './wire/cookWire.js';
export type { LedgerEntry, LedgerNote, LedgerRecord, LooksRow, TagCount, TrayRecord } from './wire/ledgerWire.js';
export type {
  Device,
  DeviceNow,
  FlourAsk,
  FlourNote,
  Flours,
  FormulaVersion,
  FormulaWithVersions,
  IngredientRow,
  OilAct,
  OilRow,
  OwnIngredients,
  ShoppingAsk,
  StoredAsk,
  StoredItem,
  ScaleAct,
  StoreFormula,
  SupperOrder,
  Use,
} from './wire/storeWire.js';
export { type DiskTold, LIVE_KINDS, type LiveEvent, type RecordKind, type ScaleFigure } from './wire/liveWire.js';
export { type FieldClash, mergeFields, takeTheirs } from './wire/mergeFields.js';
export { recipeOfJson } from './recipe/recipeJson.js';
export { MOST_RECIPE_LINES, readRecipe, type RecipeRead } from './recipe/readRecipe.js';
export type { RecipeLine, RecipePart, RecipeQuestion } from './recipe/recipeLine.js';
export { type MethodFact } from './recipe/readMethod.js';
export { type BatchWork, workBetween } from './schedule/workBetween.js';

export {
  headsOf,
  isSupperOver,
  SUPPER_OVER_MS,
  kitchenAtSupper,
  movedWith,
  type Serving,
  servingsOf,
  type DayPin,
  type Supper,
  type SupperCook,
  withSupper,
} from './draft/supper.js';
export { type FirstAsk, firstAsk, firstKitchen } from './draft/firstKitchen.js';
export { keptBatch, type KeptFormula } from './store/keptBatch.js';
export {
  guessedIngredient,
  isGuessed,
  ownLike,
  type RecipeCount,
  recipeTray,
  type RecipeTray,
  type SettledLine,
} from './recipe/recipeTray.js';
export {
  type BatchItem,
  differingFields,
  DOCUMENT_FORMAT,
  DOCUMENT_OF,
  DOCUMENT_VERSION,
  type DocumentItem,
  type DocumentOf,
  type FlourItem,
  type FormulaItem,
  type IngredientItem,
  ITEM_KINDS,
  type ItemKind,
  itemName,
  itemText,
  type KitchenDocument,
  type KitchenItem,
  type OilItem,
  type StoredDocumentItem,
  type RecordItem,
  type StockItem,
  type SupperItem,
  type UsualItem,
} from './formats/document.js';
export { type RecipeOut, recipeJsonLd, recipeMarkdown } from './formats/recipeOut.js';
export { type Cell, csvText, type Decimal, type Table } from './formats/csvOut.js';
export {
  MOST_READINGS,
  type ReadingColumns,
  readingsOf,
  type ReadingsRead,
  type ReadingTable,
  readingTable,
  type TimeKind,
} from './formats/readingsIn.js';
export {
  drill,
  type Drill,
  DRILL_KINDS,
  type DrillAnswer,
  type DrillKind,
  type DrillSkill,
  drillSkills,
  type FistHold,
  MOST_LEVEL,
  nextDrill,
} from './practice/drills.js';
export {
  type PotAct,
  type PracticeAct,
  type PracticePot,
  type Situation,
  SITUATION_KINDS,
  type SituationKind,
} from './practice/situation.js';
export { situation } from './practice/situations.js';
export {
  actInPractice,
  createPractice,
  type DangerTimes,
  isAway,
  isOver,
  type PotSeen,
  potSeen,
  PRACTICE_STEP_S,
  type PracticeRun,
  probedCoreC,
  replayPractice,
  rings,
  stepPractice,
} from './practice/practiceRun.js';
export { type PieceFate, practiceOutcome, type PracticeOutcome, practiceScore } from './practice/practiceOutcome.js';
export { type BestWay, bestWay } from './practice/bestPolicy.js';
export { type ActCost, actCost, withActMoved } from './practice/actCosts.js';
export { nextSituation, type PracticeResult, type PracticeSkill, practiceSkills } from './practice/practiceSkill.js';
export { practised } from './practice/practised.js';
export { withTodaysNames } from './draft/oldNames.js';
