export type { CopyRow, CopySheet, NightlyCopy } from '../wire/copyWire.js';
export {
  type CalendarAddress,
  type HomeEntry,
  type HomeNetwork,
  type HomeNow,
  PASSPHRASE_LEAST,
  type PairedDevice,
  type Pairing,
} from '../wire/homeWire.js';
export type { ImportPreview, ImportRow, ImportUndone, ItemRef, PreviewedItem } from '../wire/exchangeWire.js';
export { recipeOfJson } from '../recipe/recipeJson.js';
export { readRecipe, type RecipeRead } from '../recipe/readRecipe.js';
export type { RecipeLine, RecipePart, RecipeQuestion } from '../recipe/recipeLine.js';
export type { MethodFact } from '../recipe/readMethod.js';
export {
  guessedIngredient,
  isGuessed,
  ownLike,
  type RecipeCount,
  recipeTray,
  type SettledLine,
} from '../recipe/recipeTray.js';
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
} from '../formats/document.js';
export { type RecipeOut, recipeJsonLd, recipeMarkdown } from '../formats/recipeOut.js';
export { csvText, type Decimal, type Table } from '../formats/csvOut.js';
export {
  type ReadingColumns,
  readingsOf,
  type ReadingTable,
  readingTable,
  type TimeKind,
} from '../formats/readingsIn.js';
export { withTodaysNames } from '../draft/oldNames.js';
