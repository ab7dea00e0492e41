import type { Kitchen } from '@ember-fold/core/plan';
import {
  actInPractice,
  type StoveAct,
  isAway,
  isOver,
  type PotAct,
  type PotSeen,
  potSeen,
  PRACTICE_STEP_S,
  type PracticeAct,
  type PracticeRun,
  replayPractice,
  rings,
  type Situation,
  stepPractice,
} from '@ember-fold/core/stove';
import type { LiveStove } from '../useLiveStove';

/** One practised pot as the stove page takes it, and as the cook sees it. */
interface ShownPot {
  readonly live: LiveStove;
  readonly seen: PotSeen;
}

/** An session that was left in the middle: its acts are all it takes to go on. */
export interface LeftSession {
  readonly acts: readonly PracticeAct[];
  readonly timeS: number;
}

/** What is shown of an session at one moment. */
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

/** A practised session that runs by the wall's clock at a pace of its own; nothing of it leaves the page. */
export class PracticeStove {
  private readonly run: PracticeRun;
  private readonly followers = new Set<() => void>();
  private readonly told: StoveAct[][];
  private pace: number;
  private isPaused = true;
  private lastMs = 0;
  private dueS = 0;
  private shown: PracticeShown;
  /** Each pot by its name: the same object for as long as it burns. */
  private readonly kitchens: readonly Kitchen[];

  /**
   * @param names of the pots, where there are several
   * @param before where it was left; absent: it begins
   */
  constructor(
    private readonly situation: Situation,
    names: readonly string[],
    pace: number,
    before?: LeftSession,
  ) {
    this.kitchens = situation.pots.map(({ session: { kitchen } }, i) =>
      situation.pots.length > 1 ? { ...kitchen, potName: names[i]! } : kitchen,
    );
    this.run = replayPractice(situation, before?.acts ?? [], before?.timeS ?? 0);
    this.told = situation.pots.map(({ truth }) => [this.settled(truth.setting, 'settled', 0)]);
    for (const act of this.run.acts) this.note(act);
    this.pace = pace;
    this.shown = this.look();
  }

  /** The setting as it stands without a hand: when the session begins, and over a fresh pot. */
  private settled(setting: number, id: string, atS: number): StoveAct {
    return { id, atS, kind: 'burner', setting };
  }

  /** What the stove page is told of an act. */
  private note({ pot, act, id, atS }: PracticeAct): void {
    if (act.kind === 'door') return;
    const told = act.kind === 'fresh-oil' ? this.settled(0, id, atS) : { id, atS, ...act };
    this.told[pot] = [...this.told[pot]!, told];
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

  /** The session as it is. */
  session(): PracticeRun {
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

  /** An act of the stove page: it happens now, by the clock of the session. */
  act(pot: number, { id, ...act }: StoveAct): void {
    const { atS: _, ...what } = act;
    this.does(pot, what, id);
  }

  /** What only practice knows of. */
  own(pot: number, act: Extract<PotAct, { kind: 'fresh-oil' | 'door' }>): void {
    this.does(pot, act, crypto.randomUUID());
  }

  private does(pot: number, act: PotAct, id: string): void {
    if (actInPractice(this.run, pot, act, id)) this.note(this.run.acts.at(-1)!);
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
      timeS: run.timeS,
      isOver: isOver(run),
      isAway: isAway(run),
      rings: rings(run),
      isPaused: this.isPaused,
      pace,
      pots: this.situation.pots.map(({ batch, session, truth }, i) => ({
        seen: potSeen(run, i),
        live: {
          stove: {
            batchId: `practice-${i}`,
            seed: this.situation.seed,
            speed: pace,
            trial: false,
            nowS: run.timeS,
            probe: session.hasProbe ? 'practice' : null,
            startC: truth.startC,
            startedAt: '',
            endedAt: null,
            draft: batch,
            kitchen: this.kitchens[i]!,
            acts: [],
            readings: [],
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
