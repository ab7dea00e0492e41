export { stoveRecordOf } from '../stove/stoveRecord.js';
export { type LedgerFigures, ledgerFigures } from '../stove/ledgerFigures.js';
export { LEARNT_KINDS, learntFrom, type LearntKind, type Observation } from '../learning/beliefs.js';
export type { LearntSummary, SeenObservation, Unlearnt } from '../wire/learntWire.js';
export { type WholeId, wholeRecord, type WholeRecord, type WholeRow } from '../plan/lesson/wholeRecord.js';
export { type DifferenceId, type Mattered } from '../plan/lesson/mattered.js';
export {
  platesOf,
  TEST_CHANGES,
  type TestChange,
  testExpected,
  type TestExpected,
  withTest,
} from '../plan/lesson/sideBySide.js';
export { type Happened, observationsOf } from '../plan/lesson/observe.js';
export type { Belief, Learnt } from '../draft/learnt.js';
export type { CauseId } from '../learning/causes.js';
export { compareRecords, type RecordRow } from '../learning/compareRecords.js';
export { monthlyMeans, monthlyTrends } from '../learning/trends.js';
export { type ArmsDifference, compareScores, compareShares } from '../learning/compareArms.js';
export {
  LOOKS,
  type LookId,
  type LookOf,
  type RecordLooks,
  type SeenColour,
  type Symptom,
  type TrayLooks,
} from '../learning/looks.js';
export {
  CHANGES,
  type ChangeId,
  oneChange,
  type Proposal,
  trayLesson,
  type TrayLesson,
  withProposal,
} from '../plan/lesson/oneChange.js';
export type { Evidence } from '../plan/lesson/trayEvidence.js';
export {
  beliefDensity,
  type Felt,
  flourBelief,
  type FlourObservation,
  LABEL_BELIEF,
  observeFlour,
} from '../learning/flourBelief.js';
export { cookAgain } from '../plan/lesson/cookAgain.js';
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
} from '../store/storeFormula.js';
export { compareFormulas } from '../store/compareFormulas.js';
export {
  type BaseToMake,
  type Shopping,
  shoppingList,
  type ShoppingRow,
  type StockRow,
} from '../store/shoppingList.js';
export { oilToBuy, type PotWanted } from '../store/oilToBuy.js';
export {
  batchFromStored,
  leftoverGoodMs,
  storedOf,
  type StoredKind,
  type StoredPlace,
  type StoredRecord,
} from '../store/stored.js';
export { type AmountPlace, batchAmounts, type StepAmount, stepAmounts, stepOfAmount } from '../store/stepAmounts.js';
export type { LedgerEntry, LedgerNote, LedgerRecord, LooksRow, TagCount, TrayRecord } from '../wire/ledgerWire.js';
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
} from '../wire/storeWire.js';
export { keptBatch, type KeptFormula } from '../store/keptBatch.js';
