import type { RecordLooks, TrayLooks } from '@ember-fold/core/ledger';
import { type BatchDraft, type TrayMark, trayOf, USUAL_SEAL, withCopyOfTray, withTray } from '@ember-fold/core/plan';
import type { Mishaps } from '@ember-fold/core/stove';

/** A session of the ledger, as it is to come out. */
export interface Past {
  readonly name: string;
  readonly starterId: string;
  readonly pieces: number;
  readonly daysAgo: number;
  readonly mishaps: Mishaps;
  readonly oilC: number;
  readonly notes: string;
  /** How it came out, tray by tray. */
  readonly looks: RecordLooks['trays'];
  readonly eatenFirst?: TrayMark;
  /** What of it was planned beyond one tray. */
  readonly trays?: (batch: BatchDraft) => BatchDraft;
}

/** Half of the pieces washed with egg, half not: one dough, one filling, one oil. */
function washedAndNot(batch: BatchDraft): BatchDraft {
  const plain = withTray(batch, { ...trayOf(batch, 'A'), label: 'Not washed' });
  const two = withCopyOfTray(plain, 'A')!;
  const washed = { ...trayOf(two, 'B'), label: 'Washed', coating: { wet: 'egg', dry: 'none', double: false } as const };
  return withTray(two, washed);
}

/** Bench flour was left on the rim. */
function flouredRim(batch: BatchDraft): BatchDraft {
  return withTray(batch, { ...trayOf(batch, 'A'), seal: { ...USUAL_SEAL, flouredRim: true } });
}

/** As it should be. */
const GOOD: TrayLooks = {
  crust: 2,
  even: 'even',
  blisters: 'few',
  grease: 'right',
  bite: 'crisp',
  ring: 'none',
  filling: 'hot',
  amount: 'right',
  salt: 'right',
  sizes: 'alike',
  liked: 4,
  keep: true,
};
const WELL = { bursts: [], takeOutLateS: 0 };

/** A session on which nothing went wrong. */
const fine = (name: string, starterId: string, pieces: number, daysAgo: number, oilC: number, notes: string): Past => ({
  name,
  starterId,
  pieces,
  daysAgo,
  oilC,
  notes,
  mishaps: WELL,
  looks: { A: GOOD },
});

/** Fourteen sessions of five months, the oldest first. */
export const PAST: readonly Past[] = [
  fine(
    'Lentil and dill cones, the first',
    'lentil-dill',
    12,
    151,
    158,
    'Slow to roll, but they held. Sour cream with it.',
  ),
  {
    name: 'Smoked mackerel and leek ropes, pale',
    starterId: 'mackerel-leek',
    pieces: 14,
    daysAgo: 144,
    oilC: 160,
    mishaps: { bursts: [], takeOutLateS: -100 },
    notes: 'Taken out too soon because guests were waiting. Pale, and only warm inside.',
    looks: { A: { ...GOOD, crust: 1, bite: 'tender', filling: 'warm', liked: 2, keep: false } },
  },
  fine('Squash and sage half-moons, for six', 'squash-sage', 12, 131, 160, 'Sage from the garden. Nothing to change.'),
  fine('Pear and ginger rounds, small', 'pear-ginger', 10, 122, 168, 'Gone before the coffee was ready.'),
  fine('Mushroom and barley, spring', 'mushroom-barley', 12, 115, 170, 'Barley cooked the day before. Good bite.'),
  {
    name: 'Lentil and dill cones, overfull',
    starterId: 'lentil-dill',
    pieces: 14,
    daysAgo: 103,
    oilC: 158,
    mishaps: {
      bursts: [
        { piece: 3, afterS: 300 },
        { piece: 11, afterS: 380 },
      ],
      takeOutLateS: 0,
    },
    notes: 'Filled by spoon and too full: two burst at the tip.',
    looks: { A: { ...GOOD, amount: 'much', burst: 'end', sizes: 'mixed', liked: 3, keep: false } },
  },
  fine(
    'Smoked mackerel and leek ropes, again',
    'mackerel-leek',
    12,
    96,
    162,
    'Full time in the oil this time. Hot and golden.',
  ),
  fine('Squash and sage half-moons, summer', 'squash-sage', 18, 88, 158, 'Chilled before frying, a calm evening.'),
  fine('Lentil and dill cones, weighed', 'lentil-dill', 12, 80, 158, 'Every portion weighed: none opened.'),
  fine('Mushroom and barley, for the market', 'mushroom-barley', 16, 71, 170, 'Sold out by noon. Keep the oil here.'),
  {
    name: 'Pear and ginger rounds, washed and not',
    starterId: 'pear-ginger',
    pieces: 8,
    daysAgo: 62,
    mishaps: { bursts: [], takeOutLateS: 0 },
    oilC: 172,
    notes: 'The washed ones were golden a minute sooner, and gone first. Wash them all next time.',
    looks: {
      A: { ...GOOD, crust: 1, liked: 3, keep: false },
      B: { ...GOOD, crust: 3, liked: 5 },
    },
    eatenFirst: 'B',
    trays: washedAndNot,
  },
  {
    name: 'Squash and sage half-moons, first try',
    starterId: 'squash-sage',
    pieces: 20,
    daysAgo: 41,
    mishaps: {
      bursts: [
        { piece: 7, afterS: 260 },
        { piece: 8, afterS: 410 },
      ],
      takeOutLateS: 60,
    },
    oilC: 164,
    notes: 'Two burst at the rope; the rim had flour on it. Darker than wanted.',
    looks: { A: { ...GOOD, crust: 4, burst: 'seam', liked: 3, keep: false } },
    trays: flouredRim,
  },
  {
    name: 'Mushroom and barley half-moons',
    starterId: 'mushroom-barley',
    pieces: 18,
    daysAgo: 20,
    mishaps: { bursts: [], takeOutLateS: 0 },
    oilC: 172,
    notes: 'Even and golden. Dough kneaded easily while warm.',
    looks: { A: GOOD },
  },
  {
    name: 'Squash and sage half-moons',
    starterId: 'squash-sage',
    pieces: 24,
    daysAgo: 6,
    mishaps: { bursts: [{ piece: 15, afterS: 330 }], takeOutLateS: -15 },
    oilC: 158,
    notes: 'Cooler oil, longer: much better. One burst, overfilled by hand.',
    looks: { A: { ...GOOD, amount: 'much', burst: 'seam', sizes: 'mixed' } },
  },
];
