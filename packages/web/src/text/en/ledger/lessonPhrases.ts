import type {
  ArmsDifference,
  CauseId,
  ChangeId,
  Evidence,
  LookId,
  LookOf,
  Proposal,
  Symptom,
  TrayLooks,
} from '@ember-fold/core/ledger';
import type { Trying } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../printer';

/** Text about how a batch came out and what to change. */
export const LESSON = {
  how: 'How did they come out?',
  howSays: 'One tap each; skip anything you did not check. You can change your answers later, on any device.',
  crust: 'Colour',
  ofTray: (name: string) => `How did ${name} come out?`,
  liked: 'Liked',
  likedOf: (n: number) => `${n} of 5`,
  keep: 'Make it like this again',
  why: 'Why',
  whyOf: (symptoms: string) => `Why: ${symptoms}`,
  nothingWrong: 'Nothing was wrong.',
  notJudged: 'Say how they came out, and this page suggests what to change.',
  change: 'Change one thing',
  noChange: 'No single change is expected to help. See the causes above.',
  next: 'Next batch with this change',
  chance: (share: number) => `${plain(100 * share, 0)} %`,
  tried: 'What you tried',
  sideBySide: 'Side by side',
  whole: 'whole',
  burst: 'burst',
  burstOf: (n: number, of: number) => `${n} of ${of}`,
  likedShort: 'liked',
  colour: 'colour',
  noLiking: 'One score each is too few to say which people prefer.',
} as const;

export const CRUSTS = ['raw', 'pale', 'golden', 'deep golden', 'brown', 'dark'] as const;

export const LOOK_NAME: Readonly<Record<LookId, string>> = {
  even: 'Evenness',
  blisters: 'Blisters',
  grease: 'Grease',
  bite: 'Bite',
  ring: 'Ring of raw dough under the crust',
  filling: 'Filling at the first bite',
  amount: 'Filling, how much',
  salt: 'Salt',
  sizes: 'Sizes',
  burst: 'Where they burst',
};

export const LOOK_WORD: { readonly [Id in LookId]: Readonly<Record<LookOf<Id>, string>> } = {
  even: { even: 'even', patchy: 'patchy', 'one-sided': 'one side darker' },
  blisters: { none: 'none', few: 'a few', many: 'many' },
  grease: { dry: 'dry', right: 'right', greasy: 'greasy' },
  bite: { tender: 'tender', crisp: 'crisp', tough: 'tough' },
  ring: { none: 'none', raw: 'raw' },
  filling: { hot: 'hot', warm: 'warm', cold: 'cold' },
  amount: { little: 'too little', right: 'right', much: 'too much' },
  salt: { little: 'too little', right: 'right', much: 'too much' },
  sizes: { alike: 'alike', mixed: 'mixed' },
  burst: { seam: 'at the seam', knot: 'at the knot', wall: 'in the wall', end: 'at an end' },
};

export const SYMPTOM_NAME: Readonly<Record<Symptom, string>> = {
  burst: 'burst in the oil',
  dark: 'too dark',
  pale: 'too pale',
  'raw-ring': 'raw dough under the crust',
  greasy: 'greasy',
  tough: 'tough',
  blisters: 'blistered',
  uneven: 'unevenly coloured',
  'mixed-sizes': 'of mixed sizes',
  'cold-filling': 'not hot inside',
  'too-little': 'with too little filling',
  'too-much': 'with too much filling',
  salty: 'too salty',
  bland: 'under-salted',
};

export const CAUSE_NAME: Readonly<Record<CauseId, string>> = {
  'oil-hot': 'Oil too hot',
  'oil-cool': 'Oil too cool',
  'load-big': 'Loads too big',
  'taken-out-late': 'Taken out late',
  'taken-out-early': 'Taken out early',
  'wall-thick': 'Dough rolled thick',
  'wall-thin': 'Dough rolled thin',
  overfull: 'Overfilled',
  underfull: 'Underfilled',
  'wet-filling': 'Wet filling',
  'warm-filling': 'Filling warm when folded',
  'rim-dry': 'Rim dried',
  'rim-floured': 'Flour on the rim',
  'weak-seal': 'Rim not sealed well enough',
  'air-left': 'Air left in',
  'wet-surface': 'Wet surface',
  'over-proofed': 'Risen too long',
  'dough-wet': 'Too much water in the dough',
  'little-rest': 'Dough not rested long enough',
  'turned-little': 'Not turned often enough',
  'cut-by-eye': 'Portioned by eye',
  'cold-start': 'Cold when they went in',
  'salt-much': 'Too much salt in the filling',
  'salt-little': 'Too little salt in the filling',
};

export const CHANGE_NAME: Readonly<Record<ChangeId, string>> = {
  'oil-cooler': 'Fry cooler',
  'oil-hotter': 'Fry hotter',
  'smaller-loads': 'Fry smaller loads',
  'as-planned': 'Take them out when the plan says',
  thinner: 'Roll thinner',
  thicker: 'Roll thicker',
  'less-filling': 'Use less filling',
  'more-filling': 'Use more filling',
  'cover-discs': 'Cover the discs and fill them within five minutes',
  'brush-rim': 'Brush the flour off the rim',
  'egg-wash': 'Seal the rim with egg wash',
  'press-air': 'Press the air out from the fold',
  'cook-drier': 'Cook the filling drier',
};

const isChange = (change: string): change is ChangeId => change in CHANGE_NAME;
const changeName = (change: string): string => (isChange(change) ? CHANGE_NAME[change] : change);

/** "1 in 12". */
function oneIn(share: number): string {
  if (share <= 0.001) return 'none in 1 000';
  if (share >= 0.45) return `${plain(10 * share, 0)} in 10`;
  return `1 in ${plain(1 / share, 0)}`;
}

/** A measured figure that points to a cause. */
export function evidenceText({ what, value, usual }: Evidence, p: Printer): string {
  switch (what) {
    case 'oil-c':
      return `oil ${p.temp(value)} on average, planned ${p.temp(usual)}`;
    case 'in-oil-s':
      return `${p.time(value)} in the oil, planned ${p.time(usual)}`;
    case 'ordered-s':
      return `${p.time(value)} in the oil, and the stove said ${p.time(usual)}`;
    case 'load-size':
      return `${plain(value, 1)} in a load, planned ${plain(usual, 0)}`;
    case 'wall-m':
      return `rolled to ${p.length(value)}, usually ${p.length(usual)}`;
    case 'fill-share':
      return `pocket ${plain(100 * value, 0)} % full, usually ${plain(100 * usual, 0)} %`;
    case 'free-share':
      return `${plain(100 * value, 0)} % free liquid in the filling`;
    case 'fold-c':
      return `folded at ${p.temp(value)}`;
    case 'wait-s':
      return `discs waited ${p.span(value)}`;
    case 'seal':
      return `seam about ${plain(100 * value, 0)} % as strong as one sealed with water`;
    case 'floured':
      return value > 0 ? 'flour left on the rim' : 'rim brushed clean';
    case 'air':
      return value > 0 ? 'air was pressed out' : 'air was not pressed out';
    case 'turns':
      return `turned ${plain(value, 1)} times, planned ${plain(usual, 0)}`;
    case 'start-c':
      return `${p.temp(value)} when they went in`;
    default: {
      const never: never = what;
      return never;
    }
  }
}

/** The expected effects of a change, one sentence each. */
export function effectTexts({ burst, takeOutS, oilC, oilKg, fryingS }: Proposal, p: Printer): string[] {
  const texts: string[] = [];
  if (burst && Math.abs(burst.before - burst.after) > 0.004)
    texts.push(
      `Burst: ${oneIn(burst.before)} → about ${oneIn(burst.after)} (${oneIn(burst.high)} to ${oneIn(burst.low)}).`,
    );
  if (oilC.before !== oilC.after) texts.push(`Oil: ${p.temp(oilC.before)} → ${p.temp(oilC.after)}.`);
  if (takeOutS.before !== null && takeOutS.after !== null && Math.abs(takeOutS.after - takeOutS.before) >= 10) {
    const by = takeOutS.after - takeOutS.before;
    texts.push(`Golden ${p.time(Math.abs(by))} ${by > 0 ? 'later' : 'sooner'}: after ${p.time(takeOutS.after)}.`);
  }
  if (oilKg.before && oilKg.after && Math.abs(oilKg.after / oilKg.before - 1) > 0.03)
    texts.push(`Oil taken up: ${p.fineMass(oilKg.before)} → ${p.fineMass(oilKg.after)} in each piece.`);
  if (fryingS.before !== null && fryingS.after !== null && Math.abs(fryingS.after - fryingS.before) >= 120) {
    const by = fryingS.after - fryingS.before;
    texts.push(`Frying takes ${p.span(Math.abs(by))} ${by > 0 ? 'longer' : 'less'}.`);
  }
  return texts;
}

/** Which of two plates burst less often, and how sure that is. */
export function armsText(
  first: string,
  second: string,
  { chance, winner, needed }: ArmsDifference,
  burst: number,
): string {
  if (burst === 0) return 'None burst on either plate, so this says nothing about the seam.';
  const better = chance >= 0.5 ? first : second;
  const sure = plain(100 * Math.max(chance, 1 - chance), 0);
  if (winner !== 'none') return `${better} bursts less often, with ${sure} chances in 100.`;
  const more =
    needed === null ? 'You would need more pieces of each.' : `You would need about ${needed} of each to be sure.`;
  return `${better} seems to burst less often, with ${sure} chances in 100. That is too few to be sure. ${more}`;
}

/** Which of two plates is liked better, by ranks of the scores, and how sure that is. */
export function scoresText(first: string, second: string, { chance, winner, needed }: ArmsDifference): string {
  const better = chance >= 0.5 ? first : second;
  const sure = plain(100 * Math.max(chance, 1 - chance), 0);
  if (winner !== 'none') return `${better} is liked better, with ${sure} chances in 100.`;
  const more = needed === null ? '' : ` You would need about ${needed} scores of each to be sure.`;
  return `These scores cannot tell which is liked better. ${better} leads, with ${sure} chances in 100.${more}`;
}

/** The result of a change that was tried. */
export function triedText({ change, burst }: Pick<Trying, 'change' | 'burst'>, burstCount: number, of: number): string {
  const name = changeName(change);
  if (!burst || of === 0) return `${name}. Judge below whether it helped.`;
  const expected = `Expected to burst: about ${oneIn(burst.after)}, before the change ${oneIn(burst.before)}. Burst: ${burstCount} of ${of}.`;
  const share = burstCount / of;
  // A share between the old and the expected one proves nothing with so few pieces.
  const held = share <= burst.after || share <= burst.high;
  const tooFew = of * burst.before < 3;
  if (tooFew) return `${name}. ${expected} ${of} pieces are too few to tell.`;
  return `${name}. ${expected} ${held ? 'It helped.' : 'It did not help.'}`;
}

export const isJudged = (looks: TrayLooks | undefined): boolean => Object.keys(looks ?? {}).length > 0;
