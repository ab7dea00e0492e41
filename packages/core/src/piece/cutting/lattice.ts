import { requireWithin } from '../../errors.js';

/** Cutters a sheet is cut with: rounds, squares, or half-discs. */
export type CutterShape = 'round' | 'square' | 'half-disc';

/** One place in the sheet, m from its lower left corner: the middle of the round or square, or of the flat side. */
export interface CutPlace {
  readonly xM: number;
  readonly yM: number;
  /** Of a half-disc: which way its round side lies; 0 up, 180 down, 90 left, 270 right. Others 0. */
  readonly turnDeg: 0 | 90 | 180 | 270;
}

export interface Sheet {
  readonly wideM: number;
  readonly highM: number;
}

/** How the places lie. */
type LatticeKind = 'rows' | 'hexagons' | 'stretched' | 'interlocked';

export interface CutLayout {
  readonly places: readonly CutPlace[];
  readonly kind: LatticeKind;
}

/** A layout is sought with this many tries, whatever the sheet. */
const MOST_WORK = 400_000;
const MOST_ANGLES = 24;
const MOST_OFFSETS = 8;
const SLACK_M = 1e-9;

/** Rows of a lattice: each `rowM` above the last and shifted by `shiftM`; places in it `stepM` apart. */
interface Rows {
  readonly stepM: number;
  readonly rowM: number;
  readonly shiftM: number;
  readonly kind: LatticeKind;
}

/**
 * Lattices whose places keep `d` apart: squares, hexagons, and hexagons pulled apart so that
 * their rows just fill the room either way; there they often win a row.
 */
function latticesFor(d: number, roomWide: number, roomHigh: number): Rows[] {
  const found: Rows[] = [
    { stepM: d, rowM: d, shiftM: 0, kind: 'rows' },
    { stepM: d, rowM: (d * Math.sqrt(3)) / 2, shiftM: d / 2, kind: 'hexagons' },
  ];
  for (const room of [roomHigh, roomWide]) {
    // Rows closer than half a diameter no longer touch only their neighbours.
    for (let gaps = Math.floor(room / d) + 1; gaps * d * 0.5 < room + SLACK_M && gaps <= 200; gaps++) {
      const rowM = room / gaps;
      if (rowM > d - SLACK_M || rowM < d * 0.5) continue;
      // Next row but one lies two rows up: the places of a row stay d apart.
      const half = Math.sqrt(d * d - rowM * rowM);
      found.push({ stepM: Math.max(d, 2 * half), rowM, shiftM: Math.max(d, 2 * half) / 2, kind: 'stretched' });
      if (gaps * d * 0.87 > room * 1.2) break;
    }
  }
  return found;
}

/**
 * Places of a lattice turned by `angle` and moved by (`u`, `v`) of its cell, in a room whose
 * sides are what is left for middles. Calls `see` for each, or only counts.
 */
function walkLattice(
  { stepM, rowM, shiftM }: Rows,
  angle: number,
  u: number,
  v: number,
  wide: number,
  high: number,
  see?: (xM: number, yM: number) => void,
): number {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  // Across the rows: y′ = −x·sin + y·cos over the corners of the room.
  const ys = [0, -wide * sin, high * cos, -wide * sin + high * cos];
  const low = Math.min(...ys);
  const top = Math.max(...ys);
  let count = 0;
  const first = Math.ceil((low - v * rowM) / rowM - SLACK_M);
  for (let row = first; row * rowM + v * rowM <= top + SLACK_M; row++) {
    const y = (row + v) * rowM;
    const start = u * stepM + (((row % 2) + 2) % 2) * shiftM;
    // Where this row lies in the room: x·cos − y·sin within [0, wide], x·sin + y·cos within [0, high].
    let from = -Infinity;
    let to = Infinity;
    for (const [slope, shift, most] of [
      [cos, -y * sin, wide],
      [sin, y * cos, high],
    ] as const) {
      if (Math.abs(slope) < 1e-12) {
        if (shift < -SLACK_M || shift > most + SLACK_M) to = -Infinity;
      } else {
        from = Math.max(from, (-SLACK_M - shift) / slope);
        to = Math.min(to, (most + SLACK_M - shift) / slope);
      }
    }
    if (!(to >= from)) continue;
    const firstAt = Math.ceil((from - start) / stepM - 1e-9);
    const lastAt = Math.floor((to - start) / stepM + 1e-9);
    if (lastAt < firstAt) continue;
    count += lastAt - firstAt + 1;
    if (see) {
      for (let at = firstAt; at <= lastAt; at++) {
        const x = start + at * stepM;
        see(x * cos - y * sin, x * sin + y * cos);
      }
    }
  }
  return count;
}

/**
 * The most rounds of diameter `d` on one sheet by lattice search over kind, angle and offset.
 * The finer the lattice against the sheet, the fewer angles and offsets matter: work is bounded.
 */
function roundLayout(d: number, { wideM, highM }: Sheet): CutLayout {
  const [wide, high] = [wideM - d, highM - d];
  if (!(wide >= -SLACK_M && high >= -SLACK_M)) return { places: [], kind: 'rows' };
  const room = { wide: Math.max(0, wide), high: Math.max(0, high) };
  const lattices = latticesFor(d, room.wide, room.high);
  const rows = 2 + (room.wide + room.high) / d;
  const tries = Math.max(1, MOST_WORK / rows / lattices.length);
  const offsets = Math.max(1, Math.min(MOST_OFFSETS, Math.floor(Math.sqrt(tries / 2))));
  const angles = Math.max(1, Math.min(MOST_ANGLES, Math.floor(tries / (2 * offsets * offsets))));
  let best = { count: -1, rows: lattices[0]!, angle: 0, u: 0, v: 0 };
  for (const lattice of lattices) {
    const turns = [0, Math.PI / 2];
    if (lattice.kind !== 'stretched') for (let i = 1; i < angles; i++) turns.push((Math.PI * i) / 2 / angles);
    for (const angle of turns) {
      for (let i = 0; i < offsets; i++) {
        for (let j = 0; j < offsets; j++) {
          const [u, v] = [i / offsets, j / offsets];
          const count = walkLattice(lattice, angle, u, v, room.wide, room.high);
          if (count > best.count) best = { count, rows: lattice, angle, u, v };
        }
      }
    }
  }
  const places: CutPlace[] = [];
  walkLattice(best.rows, best.angle, best.u, best.v, room.wide, room.high, (x, y) =>
    places.push({ xM: x + d / 2, yM: y + d / 2, turnDeg: 0 }),
  );
  return { places, kind: best.rows.kind };
}

function squareLayout(side: number, { wideM, highM }: Sheet): CutLayout {
  const columns = Math.floor(wideM / side + SLACK_M);
  const rows = Math.floor(highM / side + SLACK_M);
  const places = Array.from({ length: Math.max(0, columns * rows) }, (_, i): CutPlace => ({
    xM: ((i % columns) + 0.5) * side,
    yM: (Math.floor(i / columns) + 0.5) * side,
    turnDeg: 0,
  }));
  return { places, kind: 'rows' };
}

/** Half-discs in rows as high as they are, round sides up and down in turn; two in a row lie √3·r apart. */
function halfRows(d: number, { wideM, highM }: Sheet, across: boolean): CutPlace[] {
  const r = d / 2;
  const [long, short] = across ? [highM, wideM] : [wideM, highM];
  const inRow = long >= d - SLACK_M ? 1 + Math.floor((long - d) / (Math.sqrt(3) * r) + SLACK_M) : 0;
  const rows = Math.floor(short / r + SLACK_M);
  const places: CutPlace[] = [];
  for (let row = 0; row < rows; row++) {
    for (let i = 0; i < inRow; i++) {
      const up = i % 2 === 0;
      const along = r + i * Math.sqrt(3) * r;
      const at = (row + (up ? 0 : 1)) * r;
      places.push(
        across ? { xM: at, yM: along, turnDeg: up ? 270 : 90 } : { xM: along, yM: at, turnDeg: up ? 0 : 180 },
      );
    }
  }
  return places;
}

/** Rounds cut in half, or rows that interlock, whichever gives more. */
function halfDiscLayout(d: number, sheet: Sheet): CutLayout {
  const rounds = roundLayout(d, sheet);
  const halved = rounds.places.flatMap(({ xM, yM }): CutPlace[] => [
    { xM, yM, turnDeg: 0 },
    { xM, yM, turnDeg: 180 },
  ]);
  const ways = [halfRows(d, sheet, false), halfRows(d, sheet, true)];
  const best = ways.reduce((most, places) => (places.length > most.length ? places : most));
  return best.length > halved.length ? { places: best, kind: 'interlocked' } : { places: halved, kind: rounds.kind };
}

/**
 * The best layout of one cutter on a rectangular sheet. Our own; see docs/models/fold.md.
 *
 * @param acrossM diameter, or side, 0.01–0.5
 * @param sheet 0–10 m each way
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function cutLayout(shape: CutterShape, acrossM: number, sheet: Sheet): CutLayout {
  requireWithin(acrossM, 0.01, 0.5, 'acrossM');
  requireWithin(sheet.wideM, 0, 10, 'sheet.wideM');
  requireWithin(sheet.highM, 0, 10, 'sheet.highM');
  switch (shape) {
    case 'round':
      return roundLayout(acrossM, sheet);
    case 'square':
      return squareLayout(acrossM, sheet);
    case 'half-disc':
      return halfDiscLayout(acrossM, sheet);
    default: {
      const never: never = shape;
      return never;
    }
  }
}

/** Dough of one cut, m². */
export function cutAreaM2(shape: CutterShape, acrossM: number): number {
  if (shape === 'square') return acrossM * acrossM;
  const disc = (Math.PI / 4) * acrossM * acrossM;
  return shape === 'round' ? disc : disc / 2;
}
