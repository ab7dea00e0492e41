import type { RecipePart, RecipeQuestion } from '@ember-fold/core';

/** What a new batch can begin with. */
export type BatchSource = 'paper' | 'kept' | 'before' | 'freezer' | 'starter';
export const SOURCE_NAME: Readonly<Record<BatchSource, string>> = {
  paper: 'A recipe on paper',
  kept: 'Kept formulas',
  before: 'Cooked before',
  freezer: 'From the freezer',
  starter: 'A shipped starter',
};

export const PART_NAME: Readonly<Record<RecipePart, string>> = {
  dough: 'Dough',
  filling: 'Filling',
  coat: 'Coat',
  glaze: 'Glaze',
  frying: 'For frying',
  unsaid: 'Not said',
};

/** Why a line is to be looked at, and what is done about it. */
export function questionText(question: RecipeQuestion, like: string): string {
  switch (question) {
    case 'no-amount':
      return 'No amount is written. Type what it weighs.';
    case 'to-taste':
      return 'By taste: it stands in the formula without a weight.';
    case 'not-known':
      return 'Nothing here is called that. Say what it is, or take it on as new.';
    case 'like-another':
      return `New here. Most like: ${like.toLowerCase()}.`;
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

/** What the page of a new batch says. */
export const NEW_BATCH = {
  title: 'New batch',
  begin: 'Begin with what is there',
  from: 'Begin with',
  typeIt: 'Type or paste it as it stands',
  recipe: 'The recipe',
  chooseFile: 'Choose a file',
  dropHere: 'Drop a file with a recipe here',
  clear: 'Clear it',
  example: 'For example: 2 cups flour, 1/2 tsp salt, 3/4 cup water; filling 1 lb mushrooms, 2 onions. Fry 4 min.',
  understood: 'What was understood',
  nothingYet: 'Lines appear here as they are understood. Nothing is changed or scaled.',
  read: (lines: number, open: number) =>
    `Read: ${lines} ${lines === 1 ? 'line' : 'lines'}${open === 0 ? ', all understood.' : `, ${open} to look at.`}`,
  cups: 'A cup weighs what it weighs only within 8 %. Weigh what you use, and the plan follows.',
  cut: (most: number) => `Only the first ${most} lines were read.`,
  notRead: 'Not read',
  method: 'From the method',
  asWritten: (part: string) => `${part}, as written`,
  spread: (percent: string) => `± ${percent}`,
  ofFlour: (percent: string) => `${percent} of flour`,
  byTaste: 'by taste',
  takeIt: 'Take it on',
  taken: 'new, taken on',
  change: (name: string) => `Change ${name}`,
  itIs: 'It is',
  weighs: 'Weighs',
  belongsTo: 'Belongs to',
  leaveOut: 'Leave it out',
  putBack: 'Put it back',
  leftOut: 'left out',
  ok: 'Done',
  noFlour: 'No flour was found. A short dough is planned with it: change it at Dough.',
  noFilling: 'No filling was found. The pieces are planned without one.',
  howMany: 'How many',
  ways: { pieces: 'pieces', guests: 'guests', roll: 'roll it out', scale: 'scale it', flour: 'flour' },
  divideInto: 'Divide the dough into',
  guests: 'Guests',
  piecesEach: 'Pieces each',
  rolled: 'Rolled to',
  cutTo: 'Cut to',
  flour: 'Flour to use up',
  eachIs: 'Each is then',
  each: (dough: string, filling: string) => `${dough} + ${filling}`,
  blank: 'Rolled',
  makes: 'Makes',
  stays: 'The amounts stay as they are written; the size of a piece follows.',
  staysRolled: 'The amounts stay as they are written; the number of pieces follows.',
  scales: (factor: string) => `Every amount is multiplied by ${factor}; number and size are yours.`,
  pieces: (n: number) => (n === 1 ? '1 piece' : `${n} pieces`),
  asked: 'Check the marked amount before you plan this.',
  odd: 'This cannot be planned as it stands. Check the amounts.',
  notOne: 'Not one piece comes out. Roll it thinner or cut it smaller.',
  form: 'Form',
  ready: 'Ready at',
  serving: 'Which time of the supper',
  forSupper: 'For',
  noSupper: 'no supper',
  name: 'Name of the batch',
  plan: 'Plan this batch',
  dough: 'Dough',
  fillings: 'Filling, one or several',
  shipped: 'These came with the app. Keep one of your own from a batch: Dough, Take or keep.',
  chooseFilling: 'Choose at least one filling.',
  severalTrays: 'Each filling gets a tray of its own, all of one dough.',
  againSays: 'Each plans itself once more, with the oil and the time that really happened.',
  cookAgain: 'Cook again',
  again: (name: string) => `Cook ${name} again`,
  allRecords: 'All records',
  of: (left: number) => `of ${left}`,
  planThese: (name: string) => `Plan a batch with ${name}`,
  noRecords: 'Nothing was fried yet.',
  openFreezer: 'Open the freezer',
  nothingFrozen: 'Nothing lies in the freezer or the fridge.',
  ownName: 'A recipe of my own',
} as const;
