import { planCold } from '../plan/tray/planCold.js';
import { newTray } from '../plan/edit/starters.js';
import { SHAPES } from './shapes.js';
import { outlineLengths } from './kit/membrane.js';
import { meshSection, meshVolumeM3, pieceMesh } from './pieceMesh.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

test.each(SHAPES.map((shape) => shape.id))(
  '%s: a closed skin of the piece’s size and volume, its filling inside',
  (id) => {
    const draft = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z', id);
    const piece = planCold(draft, DEFAULT_KITCHEN).fold.piece!;
    const { skin, filling } = pieceMesh(piece, draft.fold.sealM);
    expect(Math.abs(meshVolumeM3(skin) / piece.volumeM3 - 1)).toBeLessThan(0.12);
    const span = (axis: number) => {
      const along = Array.from(skin.positions).filter((_, i) => i % 3 === axis);
      return Math.max(...along) - Math.min(...along);
    };
    expect(Math.abs(span(2) / piece.thicknessM - 1)).toBeLessThan(1e-3);
    if (id !== 'cup') {
      expect(Math.abs(span(0) / piece.widthM - 1)).toBeLessThan(0.06);
      expect(Math.abs(span(1) / piece.depthM - 1)).toBeLessThan(0.06);
    }
    for (const mesh of [skin, filling!]) {
      expect(mesh.positions.every(Number.isFinite)).toBe(true);
      // Closed: what the skin's faces look at adds up to nothing, so the volume does not move with the mesh.
      const moved = { ...mesh, positions: mesh.positions.map((v, i) => (i % 3 === 0 ? v + 0.05 : v)) };
      expect(Math.abs(meshVolumeM3(moved) / meshVolumeM3(mesh) - 1)).toBeLessThan(0.01);
    }
    for (const across of [0, 1] as const) {
      const [outer, inner] = [meshSection(skin, across), meshSection(filling!, across)].map(outlineLengths);
      expect(outer!.highM).toBeCloseTo(piece.thicknessM, 5);
      expect(inner!.areaM2).toBeGreaterThan(0);
      expect(inner!.areaM2).toBeLessThan(outer!.areaM2);
    }
    expect(meshVolumeM3(filling!)).toBeGreaterThan(0);
    expect(meshVolumeM3(filling!)).toBeLessThan(meshVolumeM3(skin));
  },
);

test('an empty piece has no filling to show', () => {
  const draft = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const bare = { ...draft, fold: { ...draft.fold, fillingEachKg: 0 } };
  const piece = planCold(bare, DEFAULT_KITCHEN).fold.piece!;
  expect(pieceMesh({ ...piece, airM3: 0 }, 0.011).filling).toBeNull();
});
