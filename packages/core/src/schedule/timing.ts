/** "`to` begins at least `leastS` after `from` began": from null, to null: the day plan's zero moment. */
export interface TimingArc {
  /** Number of a task, or `null` for the zero moment. */
  readonly from: number | null;
  readonly to: number | null;
  /** s; negative: `to` may begin before `from`. */
  readonly leastS: number;
  /** Cost of each second by which it is broken; `Infinity`: it is never broken. */
  readonly weight: number;
}

/** Tasks on one time line, each bound to others by arcs, at the moments that cost least. */
export interface Timing {
  /**
   * Binds one more.
   * @returns false when it cannot be kept beside the unbreakable arcs, or only after the end of time; it is then left out
   */
  readonly add: (arc: TimingArc) => boolean;
  /** When each task begins, s from the zero moment: of all that cost least, the latest. */
  readonly starts: () => readonly number[];
  /** What that costs. */
  readonly cost: () => number;
  /** Which arcs, in the order they were added, decide it: those that a second more or less would move. */
  readonly deciding: () => readonly number[];
  /** Which tasks such an arc binds; the zero moment is none. */
  readonly ends: (arc: number) => readonly number[];
  /** To come back to. */
  readonly mark: () => TimingMark;
  readonly backTo: (mark: TimingMark) => void;
  /** Binds again what was bound between two marks, without working it out again. */
  readonly redo: (arcs: readonly TimingArc[], mark: TimingMark) => void;
}

/** A moment of a timing's making. */
export interface TimingMark {
  readonly arcs: number;
  readonly flows: readonly number[];
  readonly starts: readonly number[];
}

/** Nothing begins later than this after the zero moment, s: four weeks. */
const LAST_S = 28 * 86_400;
/** In place of an arc: a task that waits till the end. */
const WAITS = 2 ** 31 - 1;

/**
 * Moments of tasks under arcs of which some may be broken at a price. The cheapest moments are a
 * linear programme; its dual is a circulation of greatest value, arcs as wide as their prices. That
 * circulation is kept while arcs are added: an arc that the moments keep already changes nothing,
 * one they break sends more round the longest ways that it closes. Zero cost gaps, integers in,
 * integers out. Long because all its operations work on one state. Our own; see docs/models/supper-plan.md.
 *
 * @param tasks how many there are
 * @example timing(1).starts() // [2419200]
 */
export function timing(tasks: number): Timing {
  const zero = tasks;
  const nodes = tasks + 1;
  const [tails, heads, lengths, weights]: [number[], number[], number[], number[]] = [[], [], [], []];
  const outOf: number[][] = Array.from({ length: nodes }, () => []);
  const into: number[][] = Array.from({ length: nodes }, () => []);
  let flows: number[] = [];
  let starts: number[] = Array.from({ length: nodes }, (_, node) => (node === zero ? 0 : LAST_S));

  // Used again each time: there are thousands of times.
  const length = new Float64Array(nodes);
  const next = new Int32Array(nodes);
  const queued = new Uint8Array(nodes);
  const visits = new Uint32Array(nodes);

  /**
   * Longest ways to a node through what still has room, and the arc each begins with: its number, -1 - it backwards, or `WAITS`.
   * @returns false when a way grows without end: it goes round in a circle, and no moments keep that
   */
  const longestTo = (target: number): boolean => {
    length.fill(-Infinity);
    queued.fill(0);
    visits.fill(0);
    length[target] = 0;
    const queue = [target];
    const longer = (node: number, far: number, arc: number) => {
      if (far <= length[node]! || node === target) return;
      length[node] = far;
      next[node] = arc;
      if (queued[node] === 0) queue.push(node);
      queued[node] = 1;
    };
    for (let at = 0; at < queue.length; at++) {
      const node = queue[at]!;
      queued[node] = 0;
      // A longest way has fewer steps than there are nodes, so a node is taken from the queue at most that often.
      visits[node]! += 1;
      if (visits[node]! > nodes) return false;
      const far = length[node]!;
      for (const arc of into[node]!) if (flows[arc]! < weights[arc]!) longer(tails[arc]!, far + lengths[arc]!, arc);
      for (const arc of outOf[node]!) if (flows[arc]! > 0) longer(heads[arc]!, far - lengths[arc]!, -1 - arc);
      // Whatever a way leads to can also be reached from every task by waiting till the end.
      if (node === zero) for (let task = 0; task < tasks; task++) longer(task, far - LAST_S, WAITS);
    }
    return true;
  };

  /** Sends round the circle that an arc closes, as often as it is worth it. @returns false when no moments keep the arc */
  const settle = (arc: number): boolean => {
    const from = tails[arc]!;
    while (flows[arc]! < weights[arc]!) {
      if (!longestTo(from)) return false;
      if (length[heads[arc]!]! + lengths[arc]! <= 0) break;
      const way: number[] = [arc];
      let room = weights[arc]! - flows[arc]!;
      let isWaiting = false;
      for (let node = heads[arc]!; node !== from;) {
        const step = next[node]!;
        if (step === WAITS) {
          isWaiting = true;
          break;
        }
        way.push(step);
        room = Math.min(room, step >= 0 ? weights[step]! - flows[step]! : flows[-1 - step]!);
        node = step >= 0 ? heads[step]! : tails[-1 - step]!;
      }
      // Later than the end of time, or a circle without an arc that may be broken.
      if (isWaiting || room === Infinity) return false;
      for (const step of way) {
        if (step >= 0) flows[step]! += room;
        else flows[-1 - step]! -= room;
      }
    }
    if (!longestTo(zero)) return false;
    starts = Array.from(length, (far) => -far);
    return true;
  };

  /** Takes the last arc away again; its flow is the caller's. */
  const drop = () => {
    outOf[tails.pop()!]!.pop();
    into[heads.pop()!]!.pop();
    lengths.pop();
    weights.pop();
  };

  const push = ({ from, to, leastS, weight }: TimingArc) => {
    const [tail, head] = [from ?? zero, to ?? zero];
    const arc = tails.length;
    tails.push(tail);
    heads.push(head);
    lengths.push(leastS);
    weights.push(weight);
    flows.push(0);
    outOf[tail]!.push(arc);
    into[head]!.push(arc);
    return arc;
  };

  return {
    add: (bound) => {
      const { from, to, leastS } = bound;
      if (from === to) return leastS <= 0;
      const before = flows;
      const arc = push(bound);
      if (starts[to ?? zero]! >= starts[from ?? zero]! + leastS) return true;
      flows = [...before];
      if (settle(arc)) return true;
      // An arc that cannot be kept would leave the flows infeasible for every later question: it is removed again.
      drop();
      flows = before;
      flows.pop();
      return false;
    },
    redo: (arcs, mark) => {
      arcs.forEach(push);
      flows = [...mark.flows];
      starts = [...mark.starts];
    },
    starts: () => starts.slice(0, tasks),
    cost: () => flows.reduce((sum, flow, arc) => sum + (flow === 0 ? 0 : flow * lengths[arc]!), 0),
    ends: (arc) => [tails[arc]!, heads[arc]!].filter((node) => node !== zero),
    deciding: () => flows.flatMap((flow, arc) => (flow > 0 ? [arc] : [])),
    mark: () => ({ arcs: tails.length, flows: [...flows], starts: [...starts] }),
    backTo: (mark) => {
      while (tails.length > mark.arcs) drop();
      flows = [...mark.flows];
      starts = [...mark.starts];
    },
  };
}
