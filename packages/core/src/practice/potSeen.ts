import { type PracticeRun, type TakenOutPiece, rings, burntCrumbs } from './practiceRun.js';
import { coreOf } from '../heat/restInAir.js';

/** What an open page or a policy sees of one pot; nothing of what only the model knows. */
export interface PotSeen {
  readonly nowS: number;
  /** What the probe says, °C; `null`: there is none. */
  readonly probeC: number | null;
  /** The oil as a crumb of dough would tell it, °C: only what a crumb can tell is made of it. */
  readonly crumbOilC: number;
  readonly setting: number;
  readonly inPot: readonly PieceSeen[];
  readonly out: ReadonlySet<number>;
  readonly toFry: number;
  readonly smokes: boolean;
  /** Crumbs in the oil have gone dark. */
  readonly crumbsDark: boolean;
  /** The probe lies beside the pot, as whoever looks at it sees. */
  readonly probeIsOut: boolean;
  /** Somebody waits at the door. */
  readonly rings: boolean;
}

/** A piece as it looks: [the face in the oil, the face up] when the cook takes out its edge. */
export interface PieceSeen {
  readonly number: number;
  readonly inS: number;
  readonly turns: number;
  readonly colours: readonly [number, number];
  readonly isOpen: boolean;
}

/**
 * What is seen of one pot now.
 * @example potSeen(createPractice(situation('overshoot', 1, 'Practice')), 0).inPot // []
 */
export function potSeen(run: PracticeRun, pot: number): PotSeen {
  const of = run.pots[pot]!;
  const reading = of.readings[of.readings.length - 1]!;
  return {
    nowS: run.timeS,
    probeC: of.of.session.hasProbe ? reading.probeC : null,
    crumbOilC: of.state.oilC,
    setting: of.setting,
    inPot: of.groups.flatMap(({ numbers, droppedS, body }) => {
      const down = body.faces[body.down]!.colour;
      const up = (body.faces[1 - body.down] ?? body.faces[0]!).colour;
      // Written out, not spread together: a search for the best way looks a million times.
      return numbers.map((number) => ({
        number,
        inS: run.timeS - droppedS,
        turns: of.turns.get(number) ?? 0,
        colours: [down, up] as const,
        isOpen: of.openedS.has(number),
      }));
    }),
    out: of.out,
    toFry: of.all - of.takenOut.size - of.groups.reduce((sum, { numbers }) => sum + numbers.length, 0),
    smokes: of.state.oilC >= of.of.truth.pot.smokeC,
    crumbsDark: burntCrumbs(of, run.timeS) > 0,
    probeIsOut: of.probeOut,
    rings: rings(run),
  };
}

/**
 * What a probe in a taken out piece reads, °C: its coldest filling as it left the oil.
 * @example probedCoreC({ body: createFryBody(body) }) // 21
 */
export function probedCoreC({ body }: Pick<TakenOutPiece, 'body'>): number {
  return coreOf(body);
}
