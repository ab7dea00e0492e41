/** What the cook does at the stove. `id` is made where the act happens and makes it count once. */
interface ActBase {
  readonly id: string;
  /** s since this stove session began. */
  readonly atS: number;
}
export type PieceActKind = 'drop' | 'turn' | 'take-out' | 'burst' | 'aside' | 'oven-out';

/** Why a piece is finished in the oven: it opened, it is dark outside and raw inside, or the plan has it so. */
export type OvenWhy = 'burst' | 'raw' | 'plan';

/** An oven at °C, and s until what is in it is done or looked at. */
export interface OvenOrder {
  readonly ovenC: number;
  readonly afterS: number;
}

/** How set-aside pieces are finished: the oven's °C, and s until they are looked at. Source: docs/models/practice.md. */
export const OVEN_FINISH: Readonly<Record<Exclude<OvenWhy, 'plan'>, OvenOrder>> = {
  burst: { ovenC: 175, afterS: 20 * 60 },
  // Until the core is there: probed each ten minutes.
  raw: { ovenC: 160, afterS: 10 * 60 },
};

/** When the stove had said to take pieces out, s since this stove session began; absent: it had said nothing. */
export interface TakeOutOrder {
  readonly orderedS?: number;
}

export type SeenLooks = 'paler' | 'as-shown' | 'darker';

export type StoveAct = ActBase &
  (
    | { readonly kind: Exclude<PieceActKind, 'take-out'>; readonly pieces: readonly number[] }
    | ({ readonly kind: 'take-out'; readonly pieces: readonly number[] } & TakeOutOrder)
    /** Out of the oil and into the oven as planned, with the order that was given. */
    | ({ readonly kind: 'to-oven'; readonly pieces: readonly number[] } & OvenOrder & TakeOutOrder)
    | { readonly kind: 'burner'; readonly setting: number }
    /** Crumbs taken off; somebody is at the stove. */
    | { readonly kind: 'skim' }
    | { readonly kind: 'here' }
    /** Cold oil added, m³. */
    | { readonly kind: 'top-up'; readonly m3: number }
    /** How taken out pieces look beside what was shown. */
    | { readonly kind: 'seen'; readonly pieces: readonly number[]; readonly looks: SeenLooks }
    /** A core measured when taken out, and what the model read then, °C; `null`: the page had not read it. */
    | { readonly kind: 'core'; readonly piece: number; readonly tempC: number; readonly predictedC: number | null }
    /** Oil without a probe: read off a thermometer, or from a crumb of dough; ± so much, °C. */
    | { readonly kind: 'oil'; readonly tempC: number; readonly spreadC: number }
    | { readonly kind: 'take-back'; readonly actId: string }
  );

/** One reading of the probe. */
export interface OilReading {
  /** s since this stove session began. */
  readonly atS: number;
  readonly probeC: number;
}

/** One piece at the stove. */
export interface StovePiece {
  readonly number: number;
  readonly load: number;
  readonly droppedS: number;
  readonly turnsS: readonly number[];
  /** `null` while in the oil. */
  readonly outS: number | null;
  /** When the stove had said to take it out, s; absent: it had said nothing. */
  readonly orderedS?: number;
  readonly burst: boolean;
  /** Set aside to the oven, s; `outS` `null` while it is in there. `null`: never set aside. */
  readonly oven: (OvenOrder & { readonly why: OvenWhy; readonly inS: number; readonly outS: number | null }) | null;
}

/** The stove as the acts so far leave it. */
export interface StoveState {
  readonly pieces: readonly StovePiece[];
  readonly inPot: readonly StovePiece[];
  readonly burner: number;
  /** When the burner setting was last turned; `null`: not yet. */
  readonly burnerS: number | null;
  readonly loads: number;
  /** First drop of each load, s. */
  readonly loadStartsS: readonly number[];
  /** Through all their heat whole, and not set aside. */
  readonly done: number;
  readonly burst: number;
  /** Whole, but set aside to the oven, in it or through with it. */
  readonly aside: number;
  /** Still in the oven: set aside, burst, or as planned. */
  readonly inOven: readonly StovePiece[];
  readonly toFry: number;
  /** Last time crumbs were taken off, and the last sign of somebody at the stove, s; `null`: never. */
  readonly skimmedS: number | null;
  readonly seenHereS: number | null;
  /** Oil added since the start, m³. */
  readonly toppedM3: number;
  /** Judgements that count, in order. */
  readonly judged: readonly Extract<StoveAct, { kind: 'seen' | 'core' | 'oil' }>[];
  /** Acts that no longer count. */
  readonly takenBack: ReadonlySet<string>;
  /** The latest act that one tap takes back; `null` when there is none. */
  readonly lastAct: StoveAct | null;
}

/**
 * Adds the acts up. Acts on pieces that are not there (a taking out of one not in the pot, a second
 * drop of the same) change nothing: a wrong tap must not break the session. It is long because it is one
 * case a kind of act.
 *
 * @param acts in any order of time; those of one moment in the order they came
 * @param planned pieces of the batch
 * @example stoveState(acts, 24).done // 6
 */
export function stoveState(acts: readonly StoveAct[], planned: number): StoveState {
  const takenBack = new Set(acts.flatMap((act) => (act.kind === 'take-back' ? [act.actId] : [])));
  // A stable sort: acts of the same moment keep the order in which they were acknowledged.
  const ordered = [...acts].sort((a, b) => a.atS - b.atS);
  const pieces = new Map<number, StovePiece>();
  const inPot = () => [...pieces.values()].filter((piece) => piece.outS === null);
  let burner = 0;
  let burnerS: number | null = null;
  let loads = 0;
  let lastAct: StoveAct | null = null;
  let skimmedS: number | null = null;
  let seenHereS: number | null = null;
  let toppedM3 = 0;
  const judged: Extract<StoveAct, { kind: 'seen' | 'core' | 'oil' }>[] = [];
  for (const act of ordered) {
    // Whoever takes something back is there.
    seenHereS = act.atS;
    if (act.kind === 'take-back' || act.kind === 'here' || takenBack.has(act.id)) continue;
    lastAct = act;
    switch (act.kind) {
      case 'burner':
        burner = act.setting;
        burnerS = act.atS;
        break;
      case 'skim':
        skimmedS = act.atS;
        break;
      case 'top-up':
        toppedM3 += act.m3;
        break;
      case 'seen':
      case 'core':
      case 'oil':
        judged.push(act);
        break;
      case 'to-oven':
        for (const number of act.pieces) intoOven(pieces, number, act.atS, act);
        break;
      default:
        if (act.kind === 'drop' && inPot().length === 0) loads += 1;
        for (const number of act.pieces) applyToPiece(pieces, act.kind, number, act.atS, loads, orderOf(act));
    }
  }
  const all = [...pieces.values()].sort((a, b) => a.number - b.number);
  const burst = all.filter((piece) => piece.burst).length;
  const whole = all.filter((piece) => piece.outS !== null && !piece.burst);
  const aside = whole.filter(({ oven }) => oven !== null && oven.why !== 'plan').length;
  const firstDrops = new Map<number, number>();
  for (const { load, droppedS } of [...all].sort((a, b) => a.droppedS - b.droppedS)) {
    if (!firstDrops.has(load)) firstDrops.set(load, droppedS);
  }
  return {
    pieces: all,
    inPot: inPot(),
    burner,
    burnerS,
    loads,
    loadStartsS: [...firstDrops.values()],
    done: whole.filter(isThrough).length,
    burst,
    aside,
    inOven: all.filter((piece) => piece.oven !== null && piece.oven.outS === null),
    toFry: Math.max(0, planned - all.length),
    skimmedS,
    seenHereS,
    toppedM3,
    judged,
    takenBack,
    lastAct,
  };
}

/**
 * Whether a piece has been through all its heat: out of the oil, and out of the oven where the plan has one.
 * @example isThrough({ outS: 600, oven: null }) // true
 */
export function isThrough({ outS, oven }: Pick<StovePiece, 'outS' | 'oven'>): boolean {
  return outS !== null && (oven === null || (oven.why === 'plan' && oven.outS !== null));
}

const ovenFor = (why: 'burst' | 'raw', inS: number): StovePiece['oven'] => ({
  ...OVEN_FINISH[why],
  why,
  inS,
  outS: null,
});

const orderOf = (act: object): TakeOutOrder =>
  'orderedS' in act && typeof act.orderedS === 'number' ? { orderedS: act.orderedS } : {};

function intoOven(
  pieces: Map<number, StovePiece>,
  number: number,
  atS: number,
  { ovenC, afterS, ...order }: OvenOrder & TakeOutOrder,
): void {
  const piece = pieces.get(number);
  if (!piece || piece.outS !== null) return;
  pieces.set(number, {
    ...piece,
    ...orderOf(order),
    outS: atS,
    oven: { why: 'plan', ovenC, afterS, inS: atS, outS: null },
  });
}

function applyToPiece(
  pieces: Map<number, StovePiece>,
  kind: PieceActKind,
  number: number,
  atS: number,
  load: number,
  order: TakeOutOrder,
): void {
  const piece = pieces.get(number);
  switch (kind) {
    case 'drop':
      if (!piece) pieces.set(number, { number, load, droppedS: atS, turnsS: [], outS: null, burst: false, oven: null });
      return;
    case 'turn':
      if (piece && piece.outS === null) pieces.set(number, { ...piece, turnsS: [...piece.turnsS, atS] });
      return;
    case 'take-out':
      if (piece && piece.outS === null) pieces.set(number, { ...piece, ...order, outS: atS });
      return;
    case 'burst':
      // A piece that opens is taken out at once and finished in the oven.
      if (piece && piece.outS === null)
        pieces.set(number, { ...piece, outS: atS, burst: true, oven: ovenFor('burst', atS) });
      return;
    case 'aside':
      // From the oil, or from the rack when it turned out raw.
      if (piece && (piece.oven === null || isThrough(piece)))
        pieces.set(number, { ...piece, outS: piece.outS ?? atS, oven: ovenFor('raw', atS) });
      return;
    case 'oven-out':
      if (piece?.oven && piece.oven.outS === null) pieces.set(number, { ...piece, oven: { ...piece.oven, outS: atS } });
      return;
    default: {
      const never: never = kind;
      return never;
    }
  }
}
