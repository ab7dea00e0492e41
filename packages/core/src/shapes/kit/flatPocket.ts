import { EDGES } from './edge.js';
import { heatExponent } from './heatBody.js';
import { chordOf, contentsOf, type Shape, type Piece, type PieceSpec, requirePiece, skinOf } from './piece.js';

/** Least half-width of a pocket that can be filled at all, m. */
const LEAST_POCKET_M = 0.003;

/** A flat shape: two faces sealed around a region that bulges like a membrane. Lengths m, areas m². */
interface FlatRegion {
  /** Half the narrowest width of the pocket: under 3 mm there is none. */
  readonly reachM: number;
  readonly areaM2: number;
  /** Mean and greatest of −∇²φ = 1 over it, φ = 0 around. */
  readonly meanM2: number;
  readonly mostM2: number;
  /** Both ways across the pocket, and the seal that adds to each. */
  readonly acrossM: readonly [number, number];
  readonly marginM: readonly [number, number];
  readonly sealLengthM: number;
  /** Both faces, before they stretch. */
  readonly skinM2: number;
  /** Layers of dough in each face, and where they are pressed together. */
  readonly layers: number;
  readonly sealLayers: number;
}

interface FlatShapeSpec extends Pick<
  Shape,
  'id' | 'look' | 'heatBody' | 'blank' | 'cutter' | 'foldsOver' | 'hasLength' | 'hasEdge' | 'blankAreaM2'
> {
  /** What a fold edge adds, for it is not pinned: to the room, and to the rise. */
  readonly room: number;
  readonly riseRoom: number;
  readonly exposedShare: number;
  region(spec: PieceSpec): FlatRegion;
}

/**
 * A shape from its region: capacity `2A√(2ε⟨φ⟩)`, rise `f′·φmax√(2ε/⟨φ⟩)`, stretch used `ε f′²`,
 * twice that at the seam; f′ is filling and air over capacity, thickness two rises and two
 * walls. Source: docs/models/fold.md, our own.
 */
export function flatShape({ room, riseRoom, exposedShare, region: regionOf, ...shape }: FlatShapeSpec): Shape {
  const { id, heatBody, hasEdge, blankAreaM2 } = shape;
  const piece = (spec: PieceSpec): Piece | null => {
    requirePiece(spec);
    const region = regionOf(spec);
    if (!(region.reachM >= LEAST_POCKET_M && region.areaM2 > 0)) return null;
    const { areaM2, meanM2, mostM2, layers, acrossM, marginM } = region;
    const { stretch, thicknessM: rolledM } = spec;
    const edge = EDGES[hasEdge ? (spec.edge ?? 'plain') : 'plain'];
    const wide = stretch > 0.2 ? 1 + stretch / 3 : 1;
    const capacityM3 = 2 * areaM2 * Math.sqrt(2 * stretch * meanM2) * room * wide;
    const contents = contentsOf(spec, blankAreaM2(spec.discM, spec.lengthM, spec.outline) * rolledM, capacityM3);
    const filled = (contents.fillingM3 + contents.airM3) / capacityM3;
    const used = stretch * filled * filled;
    const riseM = filled * mostM2 * Math.sqrt((2 * stretch) / meanM2) * riseRoom;
    const wallCrownM = (layers * rolledM) / (1 + used);
    const thicknessM = 2 * riseM + 2 * wallCrownM;
    // Lengths grow by the root of what the area does.
    const chord = (i: 0 | 1) => chordOf(acrossM[i] * Math.sqrt(1 + used), riseM);
    const across = (i: 0 | 1) => chord(i) + marginM[i] * edge.keeps;
    // Bulging draws the pocket in.
    const reachM = (region.reachM * chord(1)) / acrossM[1];
    return {
      shape: id,
      ...contents,
      layers,
      wallCrownM,
      wallSeamM: (layers * rolledM) / (1 + 2 * used),
      sealThickM: ((region.sealLayers * edge.layers) / 2) * rolledM,
      riseM,
      thicknessM,
      widthM: across(0),
      depthM: across(1),
      sealLengthM: region.sealLengthM,
      surfaceM2: skinOf(region.skinM2 * (1 + used), contents.volumeM3),
      heatRadiusM: thicknessM / 2,
      reachM,
      shapeExponent: heatExponent(heatBody, { riseM, wallM: wallCrownM, reachM }),
      exposedShare,
      gathered: null,
    };
  };
  return { ...shape, leastFillingShare: 0.5, piece };
}
