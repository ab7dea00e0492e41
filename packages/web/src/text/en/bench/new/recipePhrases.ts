import { plural } from '../../shared/plural';
import type { RecipePart, RecipeQuestion } from '@ember-fold/core/files';

/** What a new batch can be started from. */
export type BatchSource = 'paper' | 'kept' | 'before' | 'freezer' | 'starter';
export const SOURCE_NAME: Readonly<Record<BatchSource, string>> = {
  paper: 'A recipe on paper',
  kept: 'Saved formulas',
  before: 'Cooked before',
  freezer: 'From the freezer',
  starter: 'A ready-made starter',
};

export const PART_NAME: Readonly<Record<RecipePart, string>> = {
  dough: 'Dough',
  filling: 'Filling',
  coating: 'Coating',
  glaze: 'Glaze',
  frying: 'For frying',
  unsaid: 'Not stated',
};

/** Why a line needs a look, and what to do about it. */
export function questionText(question: RecipeQuestion, like: string): string {
  switch (question) {
    case 'no-amount':
      return 'No amount is given. Type in what it weighs.';
    case 'to-taste':
      return 'To taste: it is listed in the formula without a weight.';
    case 'not-known':
      return 'No ingredient has this name. Choose which one it is, or add it as new.';
    case 'like-another':
      return `A new ingredient, treated like ${like.toLowerCase()}.`;
    case 'near-name':
      return `Is this ${like.toLowerCase()}?`;
    case 'which-unit':
      return 'The unit is not clear. Check the weight.';
    case 'each-weighs':
      return 'The weight of one is not known here. Type it in.';
    case 'too-much':
      return 'This is more than a home kitchen holds, so it is not planned yet. Check the weight.';
    default: {
      const never: never = question;
      return never;
    }
  }
}

/** Text of the New batch page. */
export const NEW_BATCH = {
  title: 'New batch',
  begin: 'Start with what you have',
  from: 'Start with',
  typeIt: 'Type or paste it as it is written',
  recipe: 'The recipe',
  chooseFile: 'Choose a file',
  dropHere: 'Drop a file with a recipe here',
  clear: 'Clear the text',
  example: 'For example: 2 cups flour, 1/2 tsp salt, 3/4 cup water; filling 1 lb mushrooms, 2 onions. Fry 4 min.',
  understood: 'What was understood',
  nothingYet: 'Lines appear here as they are understood. Your amounts are not changed or scaled.',
  read: (lines: number, open: number) =>
    `Read: ${lines} ${plural(lines, 'line', 'lines')}${open === 0 ? ', all understood.' : `, ${open} to check.`}`,
  cups: 'A cup can be out by 8 % either way. Weigh what you use and the plan adjusts.',
  cut: (most: number) => `Only the first ${most} lines were read.`,
  notRead: 'Not read',
  method: 'From the method',
  asWritten: (part: string) => `${part}, as written`,
  spread: (percent: string) => `± ${percent}`,
  ofFlour: (percent: string) => `${percent} of flour`,
  byTaste: 'to taste',
  takeIt: 'Add it as new',
  taken: 'new, added',
  change: (name: string) => `Change ${name}`,
  itIs: 'It is',
  weighs: 'Weighs',
  belongsTo: 'Belongs to',
  leaveOut: 'Leave it out',
  putBack: 'Put it back',
  leftOut: 'left out',
  ok: 'Done',
  noFlour: 'No flour was found. A shortcrust dough is planned instead: change it at Dough.',
  noFilling: 'No filling was found. The pieces are planned without one.',
  howMany: 'How many',
  ways: { pieces: 'pieces', guests: 'guests', roll: 'roll it out', scale: 'scale it', flour: 'flour' },
  divideInto: 'Divide the dough into',
  guests: 'Guests',
  piecesEach: 'Pieces each',
  rolled: 'Rolled to',
  cutTo: 'Cut to',
  flour: 'Flour to use up',
  eachIs: 'Each piece',
  each: (dough: string, filling: string) => `${dough} + ${filling}`,
  blank: 'Rolled',
  makes: 'Makes',
  stays: 'The amounts stay as written; the size of a piece is worked out from them.',
  staysRolled: 'The amounts stay as written; the number of pieces is worked out from them.',
  scales: (factor: string) => `Every amount is multiplied by ${factor}; you set the number and the size.`,
  pieces: (n: number) => plural(n, '1 piece', `${n} pieces`),
  asked: 'Check the marked amount before you plan this.',
  odd: 'This cannot be planned as it is. Check the amounts.',
  notOne: 'This is not enough for one piece. Roll it thinner or cut it smaller.',
  shape: 'Shape',
  ready: 'Ready at',
  serving: 'Which time of the supper',
  forSupper: 'For',
  noSupper: 'no supper',
  name: 'Name of the batch',
  plan: 'Plan this batch',
  dough: 'Dough',
  fillings: 'Filling, one or several',
  shipped: 'These came with the app. You can save your own from a batch: Dough, Use or save.',
  chooseFilling: 'Choose at least one filling.',
  severalTrays: 'Each filling gets its own tray; all share one dough.',
  againSays: 'Each one can be planned again with the oil temperature and time you actually used.',
  cookAgain: 'Cook again',
  again: (name: string) => `Cook ${name} again`,
  allRecords: 'All records',
  of: (left: number) => `of ${left}`,
  planThese: (name: string) => `Plan a batch with ${name}`,
  noRecords: 'Nothing has been fried yet.',
  openFreezer: 'Open the freezer',
  nothingFrozen: 'There is nothing in the freezer or the fridge.',
  ownName: 'My own recipe',
} as const;
