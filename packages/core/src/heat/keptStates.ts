import { copyFryBody, faceOf, type FryBody, wallOf } from './fryBody.js';

/** What of one state is no figure of a cell. */
type Kept = Pick<FryBody, 'timeS' | 'stepS' | 'down' | 'washedJPerM2' | 'washedKgPerM2' | 'faces' | 'walls'>;

/** Cells are kept row by row in one array with room for so many states at first: to make one for each costs more than a step. */
const FIRST_ROOM = 64;

/** States of one body on its way, kept in little room: it can be gone on from each. The first is as it is now. */
export class KeptStates {
  private readonly kept: Kept[] = [];
  private figures: Float64Array;
  private branches: Uint8Array;

  constructor(private readonly body: FryBody) {
    this.figures = new Float64Array(FIRST_ROOM * 3 * body.count);
    this.branches = new Uint8Array(FIRST_ROOM * body.count);
    this.keep();
  }

  /** When the last was kept, s. */
  get lastS(): number {
    return this.kept[this.kept.length - 1]!.timeS;
  }

  /** Keeps the body as it is now. */
  keep(): void {
    const { count, heat, gone, tempC, branch, timeS, stepS, down, washedJPerM2, washedKgPerM2, faces, walls } =
      this.body;
    const at = this.kept.length * count;
    if (at === this.branches.length) {
      this.figures = twice(this.figures, new Float64Array(2 * this.figures.length));
      this.branches = twice(this.branches, new Uint8Array(2 * at));
    }
    this.figures.set(heat, 3 * at);
    this.figures.set(gone, 3 * at + count);
    this.figures.set(tempC, 3 * at + 2 * count);
    this.branches.set(branch, at);
    this.kept.push({
      timeS,
      stepS,
      down,
      washedJPerM2,
      washedKgPerM2,
      faces: faces.map(faceOf),
      walls: walls.map(wallOf),
    });
  }

  /** A body of its own, as it was when it was last kept by `timeS`; before the first, as it was then. */
  lastBy(timeS: number): FryBody {
    const index = Math.max(
      0,
      this.kept.findLastIndex((one) => one.timeS <= timeS),
    );
    const body = copyFryBody({ ...this.body, ...this.kept[index]! });
    const { count } = body;
    const at = index * count;
    body.heat.set(this.figures.subarray(3 * at, 3 * at + count));
    body.gone.set(this.figures.subarray(3 * at + count, 3 * at + 2 * count));
    body.tempC.set(this.figures.subarray(3 * at + 2 * count, 3 * (at + count)));
    body.branch.set(this.branches.subarray(at, at + count));
    return body;
  }
}

function twice<T extends Float64Array | Uint8Array>(full: T, wider: T): T {
  wider.set(full);
  return wider;
}
