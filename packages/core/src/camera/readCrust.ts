// Over 300 lines: the steps that are done to a picture, in their order.
import { CRUST_LIMITS, rampPlace } from '../heat/colour.js';
import { CoreError } from '../errors.js';
import { labOf, LINEAR, onRamp } from './crustRamp.js';

/** A picture as a browser hands it over: rows of red, green, blue and opacity, a byte each. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
}

/** One piece on a picture. */
export interface SeenPiece {
  /** Where it lies, shares of width and height. */
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Place on the crust ramp, 0 raw to 5 dark: the middle of its skin, and where one tenth is paler and one tenth darker. */
  readonly place: number;
  readonly paler: number;
  readonly darker: number;
  /** Share of its skin that is too dark, 0–1. */
  readonly darkShare: number;
}

/** Why a picture says nothing. */
export type PictureFault = 'no-paper' | 'clipped' | 'coloured' | 'uneven' | 'dim' | 'no-pieces';

/** What a picture of taken out pieces beside white paper says. */
export type CrustRead =
  | {
      readonly kind: 'read';
      readonly pieces: readonly SeenPiece[];
      /** Middle of the pieces, and how they differ: from the palest to the darkest. */
      readonly place: number;
      readonly palest: number;
      readonly darkest: number;
      /** Pieces whose skin differs a load within itself. */
      readonly patchy: number;
    }
  | { readonly kind: 'refused'; readonly why: PictureFault };

/** Tiles across the longer side, for finding the paper. */
const TILES = 32;
/** A tile of paper differs within itself by this share at most, and holds no more clipped pixels than this share. */
const TILE_EVEN = 0.09;
const TILE_CLIPPED = 0.03;
/** Paper is at least this share of the picture, and differs from tile to tile by this share of its light at most. */
const PAPER_SHARE = 0.015;
const PAPER_EVEN = 0.22;
/** Light on the paper under this is too little: what is left is noise. Linear, 0–1. */
const PAPER_DIM = 0.09;
/** A paper so far from neutral is lit by coloured light, ΔE. Source: docs/models/camera.md. */
const PAPER_COLOURED = 25;
/** The tiles of the paper are as bright as the brightest of them by this share. */
const PAPER_LIKE = 0.72;
/** What white paper throws back. Our own. */
const PAPER_WHITE = 0.9;
/** Skin lies this near to the ramp, ΔE; gloss is as bright and as neutral as this. */
const SKIN_AWAY = 17;
const GLOSS = { leastL: 90, mostChroma: 14 };
/** Raw dough is not much yellower than paper: skin has this chroma at least, and paper is lighter than this. */
const SKIN_CHROMA = 11;
/** A piece is at least this share of the picture, and at most this. */
const PIECE_SHARE = { least: 0.004, most: 0.35 };
/** Pixels at the edge of a piece that are left out, of a picture this wide: they are blurred with what lies behind. */
const EDGE_OF = 160;
/** A tenth on either side further apart than this many places is patchy. */
const PATCHY = 1.6;

/**
 * Reads the colour of taken out pieces from a picture with white paper in it: the paper says what light it
 * was, each piece of skin is placed on the crust ramp by CIELAB. Edges and gloss are left out. Says
 * why where a picture is no good. Our own; see docs/models/camera.md.
 *
 * @param picture 32 to 1024 px a side
 * @throws CoreError OUT_OF_RANGE at `width`, `height` or `data`
 * @example readCrust({ width: 64, height: 64, data: new Uint8Array(64 * 64 * 4) }).kind // 'refused'
 */
export function readCrust(picture: Picture): CrustRead {
  const { width, height, data } = picture;
  for (const [side, path] of [
    [width, 'width'],
    [height, 'height'],
  ] as const)
    if (!(Number.isInteger(side) && side >= 32 && side <= 1024))
      throw new CoreError('OUT_OF_RANGE', path, 'A side of the picture must have 32 to 1024 pixels.');
  if (data.length !== width * height * 4)
    throw new CoreError('OUT_OF_RANGE', 'data', 'A picture has four bytes for each pixel.');
  const paper = findPaper(picture);
  if ('why' in paper) return { kind: 'refused', why: paper.why };
  const pieces = findPieces(picture, paper);
  if (pieces.length === 0) return { kind: 'refused', why: 'no-pieces' };
  const places = pieces.map(({ place }) => place).sort((a, b) => a - b);
  return {
    kind: 'read',
    pieces,
    place: middle(places),
    palest: places[0]!,
    darkest: places[places.length - 1]!,
    patchy: pieces.filter(({ paler, darker }) => darker - paler > PATCHY).length,
  };
}

/** Light of white paper in this picture, linear. */
interface Paper {
  readonly r: number;
  readonly g: number;
  readonly b: number;
  /** Pixels that are paper. */
  readonly isPaper: Uint8Array;
}

interface Tile {
  readonly x: number;
  readonly y: number;
  readonly r: number;
  readonly g: number;
  readonly b: number;
  readonly light: number;
  readonly isEven: boolean;
  readonly isClipped: boolean;
}

const middle = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)]!;
const lightOf = (r: number, g: number, b: number): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

function tilesOf({ width, height, data }: Picture, size: number): Tile[] {
  const tiles: Tile[] = [];
  for (let y = 0; y + size <= height; y += size)
    for (let x = 0; x + size <= width; x += size) {
      const sum = { r: 0, g: 0, b: 0, light: 0, squares: 0, clipped: 0 };
      for (let j = y; j < y + size; j++)
        for (let i = x; i < x + size; i++) {
          const at = 4 * (j * width + i);
          const [r, g, b] = [LINEAR[data[at]!]!, LINEAR[data[at + 1]!]!, LINEAR[data[at + 2]!]!];
          const light = lightOf(r, g, b);
          sum.r += r;
          sum.g += g;
          sum.b += b;
          sum.light += light;
          sum.squares += light * light;
          if (Math.max(data[at]!, data[at + 1]!, data[at + 2]!) >= 254) sum.clipped += 1;
        }
      const n = size * size;
      const light = sum.light / n;
      const sd = Math.sqrt(Math.max(0, sum.squares / n - light * light));
      tiles.push({
        x,
        y,
        r: sum.r / n,
        g: sum.g / n,
        b: sum.b / n,
        light,
        isEven: sd <= TILE_EVEN * light + 0.004,
        isClipped: sum.clipped > TILE_CLIPPED * n,
      });
    }
  return tiles;
}

/** The largest bright, even and nearly neutral patch. */
function findPaper(picture: Picture): Paper | { readonly why: PictureFault } {
  const { width, height } = picture;
  const size = Math.max(4, Math.floor(Math.max(width, height) / TILES));
  const tiles = tilesOf(picture, size);
  // White is the brightest that lies there: with gloss and lamps left out, for they are small or clipped.
  const even = tiles.filter(({ isEven }) => isEven).sort((a, b) => b.light - a.light);
  const [brightest] = even;
  if (!brightest) return { why: 'no-paper' };
  if (brightest.light < PAPER_DIM) return { why: 'dim' };
  const like = even.filter(({ light }) => light >= PAPER_LIKE * brightest.light);
  const patch = largestPatch(like, size, width, height);
  if (patch.length * size * size < PAPER_SHARE * width * height) return { why: 'no-paper' };
  if (patch.filter(({ isClipped }) => isClipped).length > 0.1 * patch.length) return { why: 'clipped' };
  const lights = patch.map(({ light }) => light).sort((a, b) => a - b);
  const tenth = Math.floor(lights.length / 10);
  if (lights[lights.length - 1 - tenth]! > (1 + PAPER_EVEN) * lights[tenth]!) return { why: 'uneven' };
  const mean = (of: 'r' | 'g' | 'b') => patch.reduce((sum, tile) => sum + tile[of], 0) / patch.length;
  const [r, g, b] = [mean('r'), mean('g'), mean('b')];
  // The same light made as bright as paper is: what is left of colour is that of the light.
  const light = lightOf(r, g, b);
  const [, cast, warm] = labOf((PAPER_WHITE * r) / light, (PAPER_WHITE * g) / light, (PAPER_WHITE * b) / light);
  if (Math.hypot(cast, warm) > PAPER_COLOURED) return { why: 'coloured' };
  const isPaper = new Uint8Array(width * height);
  for (const { x, y } of patch) for (let j = y; j < y + size; j++) isPaper.fill(1, j * width + x, j * width + x + size);
  return { r: r / PAPER_WHITE, g: g / PAPER_WHITE, b: b / PAPER_WHITE, isPaper };
}

/** Tiles that hang together, the most of them. */
function largestPatch(tiles: readonly Tile[], size: number, width: number, height: number): readonly Tile[] {
  const columns = Math.floor(width / size);
  const rows = Math.floor(height / size);
  const placeOf = ({ x, y }: Tile) => (y / size) * columns + x / size;
  const isOn = new Uint8Array(columns * rows);
  const at = new Map(tiles.map((tile) => [placeOf(tile), tile]));
  for (const place of at.keys()) isOn[place] = 1;
  const [largest] = areas(isOn, columns, rows).sort((a, b) => b.pixels.length - a.pixels.length);
  return largest?.pixels.map((place) => at.get(place)!) ?? [];
}

/** Colours are distinguished in so many steps of each primary: a step is far under what the eye sees. */
const STEPS = 64;
const UNKNOWN = 0;
const OTHER = 1;
const SKIN = 2;
const GLOSSY = 3;

/** What each colour is, seen against the paper; worked out once for each step of colour that occurs. */
function skinTeller(
  paper: Paper,
): (r: number, g: number, b: number) => { readonly is: number; readonly colour: number } {
  const kinds = new Uint8Array(STEPS ** 3);
  const colours = new Float32Array(STEPS ** 3);
  // Steps are alike to the eye: they follow the root of the light. Paper itself is nearly the last.
  const step = (x: number) => Math.min(STEPS - 1, Math.floor(STEPS * Math.min(1, Math.sqrt(x) / ROOM)));
  const back = (n: number) => (((n + 0.5) / STEPS) * ROOM) ** 2;
  return (r, g, b) => {
    const [x, y, z] = [step(r / paper.r), step(g / paper.g), step(b / paper.b)];
    const at = (x * STEPS + y) * STEPS + z;
    if (kinds[at] === UNKNOWN) {
      const lab = labOf(back(x), back(y), back(z));
      const chroma = Math.hypot(lab[1], lab[2]);
      const found = onRamp(lab);
      colours[at] = found.colour;
      // The darkest skin has little colour left.
      const least = lab[0] < 30 ? SKIN_CHROMA / 2 : SKIN_CHROMA;
      const isGlossy = lab[0] >= GLOSS.leastL && chroma <= GLOSS.mostChroma;
      kinds[at] = isGlossy ? GLOSSY : found.away <= SKIN_AWAY && chroma >= least ? SKIN : OTHER;
    }
    return { is: kinds[at]!, colour: colours[at]! };
  };
}
/** Root of the lightest light that is distinguished. */
const ROOM = 1.1;

/** Connected areas of skin, each with its place on the ramp. */
function findPieces({ width, height, data }: Picture, paper: Paper): SeenPiece[] {
  const count = width * height;
  const colour = new Float32Array(count);
  const isSkin = new Uint8Array(count);
  const isGloss = new Uint8Array(count);
  const tell = skinTeller(paper);
  for (let i = 0; i < count; i++) {
    if (paper.isPaper[i]) continue;
    const at = 4 * i;
    const { is, colour: found } = tell(LINEAR[data[at]!]!, LINEAR[data[at + 1]!]!, LINEAR[data[at + 2]!]!);
    colour[i] = found;
    if (is === GLOSSY) isGloss[i] = 1;
    else if (is === SKIN) isSkin[i] = 1;
  }
  const edge = Math.max(1, Math.round(width / EDGE_OF));
  return areas(isSkin, width, height).flatMap((area) => {
    const share = area.pixels.length / count;
    if (share < PIECE_SHARE.least || share > PIECE_SHARE.most) return [];
    const inner = area.pixels.filter((i) => isInside(i, isSkin, isGloss, width, height, edge));
    if (inner.length < 20) return [];
    const colours = inner.map((i) => colour[i]!).sort((a, b) => a - b);
    const at = (q: number) => rampPlace(colours[Math.min(colours.length - 1, Math.floor(q * colours.length))]!);
    return [
      {
        left: area.left / width,
        top: area.top / height,
        width: (area.right - area.left + 1) / width,
        height: (area.bottom - area.top + 1) / height,
        place: at(0.5),
        paler: at(0.1),
        darker: at(0.9),
        darkShare: colours.filter((one) => one > CRUST_LIMITS.brown).length / colours.length,
      },
    ];
  });
}

/** All round it, so many pixels wide, lies skin: it is no edge, and no rim of gloss. */
function isInside(
  i: number,
  isSkin: Uint8Array,
  isGloss: Uint8Array,
  width: number,
  height: number,
  edge: number,
): boolean {
  const [x, y] = [i % width, Math.floor(i / width)];
  if (x < edge || y < edge || x >= width - edge || y >= height - edge) return false;
  for (const by of [-edge * width, edge * width, -edge, edge]) if (!isSkin[i + by] || isGloss[i + by]) return false;
  return true;
}

interface Area {
  readonly pixels: number[];
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Pixels that hang together, area by area. */
function areas(isOn: Uint8Array, width: number, height: number): Area[] {
  const seen = new Uint8Array(isOn.length);
  const found: Area[] = [];
  for (let start = 0; start < isOn.length; start++) {
    if (!isOn[start] || seen[start]) continue;
    const area: Area = { pixels: [], left: width, right: 0, top: height, bottom: 0 };
    const next = [start];
    seen[start] = 1;
    for (let i = next.pop(); i !== undefined; i = next.pop()) {
      const [x, y] = [i % width, Math.floor(i / width)];
      area.pixels.push(i);
      area.left = Math.min(area.left, x);
      area.right = Math.max(area.right, x);
      area.top = Math.min(area.top, y);
      area.bottom = Math.max(area.bottom, y);
      for (const j of [x > 0 ? i - 1 : -1, x + 1 < width ? i + 1 : -1, i - width, i + width])
        if (j >= 0 && j < isOn.length && isOn[j] && !seen[j]) {
          seen[j] = 1;
          next.push(j);
        }
    }
    found.push(area);
  }
  return found;
}
