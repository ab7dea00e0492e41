import { safeCoreC } from '../filling/fillingSafety.js';
import { clamp } from '../numeric/clamp.js';
import { waterGoneKgPerM2 } from '../heat/bodyHeat.js';
import { CRUST_LIMITS, TAKE_OUT_COLOUR } from '../heat/colour.js';
import { interfacePeakC } from '../heat/fryTemperatures.js';
import { oilUptakeKg } from '../heat/pieceHeat.js';
import type { FryBody } from '../heat/fryBody.js';
import { coreOf, type Rest, restInAir } from '../heat/restInAir.js';
import { doughSetC } from '../heat/solveFry.js';
import { DANGERS, type DangerTimes, type TakenOutPiece, type PracticeRun } from './practiceRun.js';

/** What became of a piece; the worst of what is wrong with it. */
export type PieceFate = 'right' | 'pale' | 'dark' | 'raw-dough' | 'unsafe' | 'greasy' | 'burst' | 'harms' | 'not-fried';
/** One piece at the end. */
export interface PieceEnd {
  readonly pot: number;
  readonly number: number;
  readonly fate: PieceFate;
  /** Of its worth as food, 0–1. */
  readonly lost: number;
  /** Paler and darker face; `null`: it was never in the oil. */
  readonly colours: readonly [number, number] | null;
  /** Hottest its coldest filling came, rest counted, °C; `null`: never in the oil. */
  readonly coreC: number | null;
}

/** An session added up. Losses are in pieces. */
export interface PracticeOutcome {
  readonly pieces: readonly PieceEnd[];
  /** s until the last piece was out and the heat off. */
  readonly endS: number;
  readonly danger: DangerTimes;
  /** Everything lost, all of it together. */
  readonly lost: number;
  readonly of: {
    readonly food: number;
    /** Pieces in oil out of its range, or on top of one another: colder they drink, hotter their seams give way. */
    readonly oil: number;
    readonly time: number;
    readonly danger: number;
    readonly door: number;
  };
}

/** A minute costs so much of a piece, for each piece of the session; a second of each danger so much of a piece. Our own. */
const MINUTE_COSTS = 0.003;
const DANGER_COSTS: DangerTimes = { tooHot: 0.05, smoke: 0.05, level: 0.05, alone: 0.05, blind: 0.03, open: 0.01 };
/** A minute of a piece in oil one kelvin out of its range; in all no more than so much of each piece. */
const OFF_COSTS = 0.004;
const OFF_MOST = 0.5;
/** Somebody who was left standing at the door. */
const DOOR_COSTS = 1;
/** Under this nobody tastes that something was lost. */
const SEEN_LOST = 0.15;
/** A piece that opened, taken out at once and baked; and how long "at once" is, s. */
const BURST_COSTS = { quick: 0.3, left: 0.9, quickS: 30 } as const;
/** A piece finished in the oven is a little dry. */
const ASIDE_COSTS = 0.25;
/** Oil taken up over the plan's that nobody minds. */
const GREASY_FROM = 1.15;

type Part = readonly [PieceFate, number];

function restOf(body: FryBody, roomC: number, known: Map<FryBody, Rest>): Rest {
  const rest = known.get(body) ?? restInAir(body, roomC);
  known.set(body, rest);
  return rest;
}

/** What is wrong with a taken out piece, part by part. Source: docs/models/learn.md. */
function partsOf({ body, tray, openS, aside, harms }: TakenOutPiece, rest: Rest): readonly Part[] {
  const colours = body.faces.map(({ colour }) => colour);
  const paler = Math.min(...colours);
  const darker = Math.max(...colours);
  const { golden } = CRUST_LIMITS;
  const targetC = Math.min(safeCoreC(tray.draft), body.spec.boilingC - 4);
  const rawK = doughSetC(body.spec) - Math.max(rest.wallC, interfacePeakC(body));
  const isUnsafe = body.spec.fillingCells > 0 && rest.coreC < targetC;
  const planned = tray.fry.oilUptakeKg ?? Infinity;
  const uptake = oilUptakeKg(tray.fry.bulk, waterGoneKgPerM2(body));
  const parts: (Part | null)[] = [
    harms ? ['harms', 1] : null,
    openS === null ? null : ['burst', openS <= BURST_COSTS.quickS ? BURST_COSTS.quick : BURST_COSTS.left],
    isUnsafe && !aside ? ['unsafe', 1] : null,
    // An open piece is baked on: what is raw in it is finished there.
    rawK > 0 && !aside && openS === null ? ['raw-dough', clamp(0.3 + rawK / 15, 0, 1)] : null,
    paler < TAKE_OUT_COLOUR && !aside && openS === null ? ['pale', (TAKE_OUT_COLOUR - paler) / TAKE_OUT_COLOUR] : null,
    darker > golden ? ['dark', clamp((darker - golden) / 1.2, 0, 1)] : null,
    uptake > planned * GREASY_FROM ? ['greasy', clamp(uptake / planned - GREASY_FROM, 0, 0.5)] : null,
    aside ? ['raw-dough', ASIDE_COSTS] : null,
  ];
  return parts.filter((one) => one !== null);
}

const NOTHING_OUT: readonly Part[] = [['not-fried', 1]];

/**
 * Adds an session up, as far as it has come: what is in the oil still counts as it is now.
 * @example practiceOutcome(replayPractice(situation('overshoot', 1, 'Practice'), [])).of.food > 3 // true
 */
export function practiceOutcome(run: PracticeRun): PracticeOutcome {
  const known = new Map<FryBody, Rest>();
  const { caller } = run.situation;
  const pieces = run.pots.flatMap((pot, index): PieceEnd[] => {
    const { roomC } = pot.of.session.kitchen;
    const inOil = new Map(
      pot.groups.flatMap(({ numbers, body, tray }) =>
        numbers.map((number): readonly [number, TakenOutPiece] => {
          const openedS = pot.openedS.get(number);
          const openS = openedS === undefined ? null : run.timeS - openedS;
          const harms = pot.droppedBad.has(number);
          return [number, { number, outS: run.timeS, body, tray, openS, aside: false, harms }];
        }),
      ),
    );
    return Array.from({ length: pot.all }, (_, i) => {
      const number = i + 1;
      const piece = pot.takenOut.get(number) ?? inOil.get(number);
      const rest = piece && restOf(piece.body, roomC, known);
      const parts = piece && rest ? partsOf(piece, rest) : NOTHING_OUT;
      const lost = Math.min(
        1,
        parts.reduce((sum, [, part]) => sum + part, 0),
      );
      const [worst] = [...parts].sort((a, b) => b[1] - a[1]);
      const colours = piece?.body.faces.map(({ colour }) => colour);
      return {
        pot: index,
        number,
        fate: lost < SEEN_LOST || !worst ? 'right' : worst[0],
        lost,
        colours: colours ? [Math.min(...colours), Math.max(...colours)] : null,
        coreC: piece && rest ? Math.max(rest.coreC, coreOf(piece.body)) : null,
      };
    });
  });
  const danger = Object.fromEntries(
    DANGERS.map((one) => [one, run.pots.reduce((sum, pot) => sum + pot.danger[one], 0)]),
  ) as unknown as DangerTimes;
  const of = {
    food: pieces.reduce((sum, { lost }) => sum + lost, 0),
    oil: Math.min(OFF_MOST * pieces.length, (run.pots.reduce((sum, { offKs }) => sum + offKs, 0) / 60) * OFF_COSTS),
    time: (run.timeS / 60) * MINUTE_COSTS * pieces.length,
    danger: DANGERS.reduce((sum, one) => sum + danger[one] * DANGER_COSTS[one], 0),
    door: caller !== null && run.wentS === null && run.timeS > caller.bellS ? DOOR_COSTS : 0,
  };
  return { pieces, endS: run.timeS, danger, lost: of.food + of.oil + of.time + of.danger + of.door, of };
}

/**
 * 0 to 100: how much of what the best way keeps was kept; 100: nothing was lost that the best way keeps.
 * @param best the least that any way lost here
 * @example practiceScore(1, 1, 8) // 100
 */
export function practiceScore(lost: number, best: number, pieces: number): number {
  return Math.round(100 * clamp(1 - (lost - best) / Math.max(1, pieces), 0, 1));
}
