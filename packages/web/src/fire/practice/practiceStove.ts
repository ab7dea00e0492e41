import {
  actInPractice,
  createPractice,
  type FireAct,
  isAway,
  isOver,
  type Kitchen,
  type PotAct,
  type PotSeen,
  potSeen,
  PRACTICE_STEP_S,
  type PracticeAct,
  type PracticeRun,
  rings,
  type Situation,
  stepPractice,
} from '@ember-fold/core';
import type { LiveStove } from '../useStove';

/** One practised pot as the stove page takes it, and as the cook sees it. */
interface ShownPot {
  readonly live: LiveStove;
  readonly seen: PotSeen;
}

/** What is shown of an evening at one moment. */
export interface PracticeShown {
  readonly timeS: number;
  readonly isOver: boolean;
  readonly isAway: boolean;
  readonly rings: boolean;
  readonly isPaused: boolean;
  readonly pace: number;
  readonly pots: readonly ShownPot[];
}

/** A page that slept catches up no more than this, s by the wall. */
const MOST_BEHIND_S = 1;

/** A practised evening that runs by the wall's clock at a pace of its own; nothing of it leaves the page. */
export class PracticeStove {
  private readonly run: PracticeRun;
  private readonly followers = new Set<() => void>();
  private readonly told: FireAct[][];
  private pace: number;
  private isPaused = true;
  private lastMs = 0;
  private dueS = 0;
  private shown: PracticeShown;
  /** Each pot by its name: the same object for as long as it burns. */
  private readonly kitchens: readonly Kitchen[];

  /** @param names of the pots, where there are several */
  constructor(
    private readonly situation: Situation,
    names: readonly string[],
    pace: number,
  ) {
    this.kitchens = situation.pots.map(({ session: { kitchen } }, i) =>
      situation.pots.length > 1 ? { ...kitchen, potName: names[i]! } : kitchen,
    );
    this.run = createPractice(situation);
    this.told = situation.pots.map(({ truth }) => [this.settled(truth.setting)]);
    this.pace = pace;
    this.shown = this.look();
  }

  /** The knob as it stands when the evening begins. */
  private settled(setting: number): FireAct {
    return { id: 'settled', atS: 0, kind: 'burner', setting };
  }

  follow = (told: () => void): (() => void) => {
    this.followers.add(told);
    return () => this.followers.delete(told);
  };

  now = (): PracticeShown => this.shown;

  /** Everything that was done, in order. */
  acts(): readonly PracticeAct[] {
    return this.run.acts;
  }

  /** The evening as it is. */
  evening(): PracticeRun {
    return this.run;
  }

  begin(nowMs: number): void {
    this.isPaused = false;
    this.lastMs = nowMs;
    this.tell();
  }

  pause(): void {
    this.isPaused = true;
    this.tell();
  }

  goAt(pace: number): void {
    this.pace = pace;
    this.tell();
  }

  /** Moves on by what the wall's clock says. */
  tick(nowMs: number): void {
    if (!this.isPaused && !isOver(this.run)) {
      this.dueS += Math.min(MOST_BEHIND_S, Math.max(0, nowMs - this.lastMs) / 1000) * this.pace;
      const steps = Math.floor(this.dueS / PRACTICE_STEP_S);
      this.dueS -= steps * PRACTICE_STEP_S;
      stepPractice(this.run, steps);
    }
    this.lastMs = nowMs;
    this.tell();
  }

  /** An act of the stove page: it happens now, by the clock of the evening. */
  act(pot: number, { id, ...act }: FireAct): void {
    const { atS: _, ...what } = act;
    const isDone = actInPractice(this.run, pot, what, id);
    if (isDone) this.told[pot] = [...this.told[pot]!, { id, ...what, atS: this.run.timeS } as FireAct];
    this.tell();
  }

  /** What only practice knows of. */
  own(pot: number, act: Extract<PotAct, { kind: 'fresh-oil' | 'door' }>): void {
    if (actInPractice(this.run, pot, act, crypto.randomUUID()) && act.kind === 'fresh-oil')
      this.told[pot] = [...this.told[pot]!, { ...this.settled(0), id: crypto.randomUUID(), atS: this.run.timeS }];
    this.tell();
  }

  /** The rest goes by with no hand at the stove. */
  endIt(): void {
    stepPractice(this.run, Math.ceil(this.situation.mostS / PRACTICE_STEP_S));
    this.tell();
  }

  private tell(): void {
    this.shown = this.look();
    for (const told of this.followers) told();
  }

  private look(): PracticeShown {
    const { run, pace } = this;
    const atMs = performance.now();
    return {
      ...{ timeS: run.timeS, isOver: isOver(run), isAway: isAway(run), rings: rings(run) },
      ...{ isPaused: this.isPaused, pace },
      pots: this.situation.pots.map(({ batch, session, truth }, i) => ({
        seen: potSeen(run, i),
        live: {
          stove: {
            ...{ batchId: `practice-${i}`, seed: this.situation.seed, speed: pace, trial: false, nowS: run.timeS },
            ...{ probe: session.hasProbe ? 'practice' : null, startC: truth.startC, startedAt: '', endedAt: null },
            ...{ draft: batch, kitchen: this.kitchens[i]!, acts: [], readings: [] },
            clock: { nowS: run.timeS, atMs },
          },
          acts: this.told[i]!,
          readings: session.hasProbe ? run.pots[i]!.readings.slice() : [],
          waiting: 0,
          ended: false,
          clock: { nowS: run.timeS, atMs },
        },
      })),
    };
  }
}
