import { contentsOf, type Form, type Piece, requirePiece } from '../piece.js';

/** A cone whose mouth is pinched flat holds this share of the open one. Source: docs/models/fold.md. */
const FLATTENED = 0.62;

/** A half-disc rolled into a cone, filled, its mouth pinched shut. */
export const CONE: Form = {
  id: 'cone',
  blank: 'half-disc',
  hasLength: false,
  hasEdge: false,
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 8,
  piece(spec): Piece | null {
    requirePiece(spec);
    const { sealM, thicknessM: wall } = spec;
    const r = spec.discM / 2;
    // The straight edge overlaps itself; the mouth's seam takes its margin from the slant.
    const baseRadius = (Math.PI * r - sealM) / (2 * Math.PI);
    const slant = r - sealM;
    if (!(slant > baseRadius + 0.003 && baseRadius > 0.003)) return null;
    const height = Math.sqrt(slant * slant - baseRadius * baseRadius);
    const capacityM3 = (Math.PI / 3) * baseRadius * baseRadius * height * FLATTENED;
    const contents = contentsOf(spec, this.blankAreaM2(spec.discM, spec.lengthM) * wall, capacityM3);
    // What is more than it holds stretches it; what is less lets it lie flatter.
    const filled = (contents.fillingM3 + contents.airM3) / capacityM3;
    const stretched = spec.stretch * filled * filled;
    // The widest ball inside the filled cone: of the open one, flattened with it.
    const inscribed = (baseRadius * height) / (baseRadius + slant);
    const riseM = inscribed * FLATTENED * Math.min(1.3, filled);
    const wallCrownM = wall / (1 + stretched);
    return {
      form: 'cone',
      ...contents,
      wallCrownM,
      wallSeamM: wall / (1 + 2 * stretched),
      sealThickM: 2 * wall,
      riseM,
      thicknessM: 2 * (riseM + wallCrownM),
      widthM: Math.PI * baseRadius,
      depthM: slant + sealM,
      sealLengthM: Math.PI * baseRadius + r,
      surfaceM2: Math.PI * baseRadius * slant * (1 + stretched) + 2 * Math.PI * baseRadius * sealM,
      heatRadiusM: riseM + wallCrownM,
      shapeExponent: 2.1,
      exposedShare: 0.35,
      gathered: null,
    };
  },
};
