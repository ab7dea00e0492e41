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
} from '../simulated/simulatedScale.js';
export { oilAfterRest, potAtRest } from '../oil/pot.js';
export { burnerFlowW } from '../stove/burnerFlow.js';
export type { FryJob, FryPlace, NotFor } from '../oil/fryOrder.js';
export { type Oil, type OilEvent, type OilSigns, type OilState, oilState } from '../oil/oilHistory.js';
export { OIL_KINDS } from '../oil/oilKind.js';
export { type OilRange, runLoads } from '../oil/fryLoads.js';
export {
  createStove,
  readProbe,
  restoreIntoStove,
  type SimulatedStove,
  type SimulatedPiece,
  stepStove,
  topUpStove,
  stovePieceSpec,
} from '../simulated/simulatedStove.js';
export {
  type StoveAct,
  type SeenLooks,
  type TakeOutOrder,
  type StovePiece,
  stoveState,
  type OilReading,
  OVEN_FINISH,
  type OvenWhy,
  type PieceActKind,
} from '../stove/stoveAct.js';
export { type PiecePrediction, type PredictAsk, predictPot, replayFry, takeOutOrder } from '../stove/predictPiece.js';
export type { PadTargets } from '../stove/padTargets.js';
export {
  type StoveKnown,
  stoveNow,
  type StoveNow,
  type StoveSession,
  stoveTargets,
  type Judge,
  NOTHING_KNOWN,
  shownPredictions,
} from '../plan/batch/stoveNow.js';
export { takenOutAsks } from '../plan/batch/takenOutAsks.js';
export { piecesEarly, type TakenOutAsk } from '../stove/takenEarly.js';
export { predictAsks } from '../plan/batch/predictAsks.js';
export { cookNow, type CookNow, timerCalls } from '../plan/supper/cookNow.js';
export { thinForFit, fitStove, type Found, type StoveFit } from '../oil/fitStove.js';
export type { OilNow, OilVerdict } from '../stove/oilNow.js';
export { isDueNow, type NextStep } from '../stove/doNext.js';
export { type Mishaps, simulateRun } from '../simulated/simulateRun.js';
export { type CrustRead, type Picture, type PictureFault, readCrust } from '../camera/readCrust.js';
export { crumbIn, CRUMB_ANSWERS, type CrumbAnswer, crumbRange, readCrumb, wantedCrumb } from '../oil/crumbTest.js';
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
} from '../cook/cookAct.js';
export { callsBy, ringing } from '../cook/ringing.js';
export type { Danger, DangerId } from '../stove/danger.js';
export { type StoveBelief, stoveBelief } from '../stove/stoveLearning.js';
export { type FinishAsks, finishAsks, REOPEN_MS } from '../stove/finishAsks.js';
export type { HandsSeen } from '../stove/handsSeen.js';
export { START_CHECKS, type StartPoint } from '../stove/startChecks.js';
export { thinReadings } from '../stove/thinReadings.js';
export type { LitStove, StartStoveAsk, StoredAct, StoredReading, Stove, TakenReadings } from '../wire/stoveWire.js';
export type { StoredCookAct, Timer } from '../wire/cookWire.js';
export { type DiskSpace, LIVE_KINDS, type LiveEvent, type RecordKind, type ScaleFigure } from '../wire/liveWire.js';
export {
  drill,
  type Drill,
  DRILL_KINDS,
  type DrillAnswer,
  type DrillKind,
  type DrillSkill,
  drillSkills,
  type FistHold,
  nextDrill,
} from '../practice/drills.js';
export {
  type PotAct,
  type PracticeAct,
  type Situation,
  SITUATION_KINDS,
  type SituationKind,
} from '../practice/situation.js';
export { situation } from '../practice/situations.js';
export {
  actInPractice,
  type DangerTimes,
  isAway,
  isOver,
  PRACTICE_STEP_S,
  type PracticeRun,
  replayPractice,
  rings,
  stepPractice,
} from '../practice/practiceRun.js';
export { type PotSeen, potSeen, probedCoreC } from '../practice/potSeen.js';
export { type PieceFate, practiceOutcome, type PracticeOutcome, practiceScore } from '../practice/practiceOutcome.js';
export { type BestWay, bestWay } from '../practice/bestPolicy.js';
export { type ActCost, actCost, withActMoved } from '../practice/actCosts.js';
export { nextSituation, type PracticeResult, type PracticeSkill, practiceSkills } from '../practice/practiceSkill.js';
export { practised } from '../practice/practised.js';
