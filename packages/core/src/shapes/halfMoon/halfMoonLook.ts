import { EDGES } from '../kit/edge.js';
import type { AboveSizes, DrawnPart, ShapeLook } from '../kit/drawn.js';
import { arrows, filling, hidden } from '../kit/frames.js';
import { outlineFrom } from '../kit/outline.js';
import { dough, ellipsePath, line } from '../kit/paths.js';
import type { Point } from '../../draft/choices.js';

/** A rope is folded over and pinched, twist by twist. */
function rope(rx: number, ry: number, seal: number): DrawnPart[] {
  const wide = seal * 1.5;
  const twists = Math.max(7, Math.min(40, Math.round((Math.PI * (rx + ry)) / 2 / (wide * 0.95))));
  return Array.from({ length: twists }, (_, i) => {
    const angle = Math.PI * (1 - (i + 0.5) / twists);
    const [x, y] = [(rx - seal * 0.5) * Math.cos(angle), -(ry - seal * 0.5) * Math.sin(angle)];
    return dough(ellipsePath(x, y, wide * 0.62, wide * 0.42, 65 - (180 * angle) / Math.PI));
  });
}

/** Tines of a fork, or the flutes of a mould. */
function marks(rx: number, ry: number, isFork: boolean, seal: number): DrawnPart {
  const count = Math.max(8, Math.min(90, Math.round((Math.PI * (rx + ry)) / 2 / (isFork ? 3.4 : 7))));
  const lines = Array.from({ length: count }, (_, i) => {
    const angle = (Math.PI * (i + 0.5)) / count;
    const at = (by: number) => `${(rx - by) * Math.cos(angle)} ${-(ry - by) * Math.sin(angle)}`;
    return `M ${at(isFork ? 0.4 : 0)} L ${at(seal * (isFork ? 0.9 : 0.45))}`;
  });
  return line(lines.join(' '));
}

/** Fold at y = 0, its rim towards −y, finished as its edge is. */
function above({ halfWidth: rx, depth: ry, seal: sealMm, edge }: AboveSizes): DrawnPart[] {
  const seal = Math.max(2, sealMm * EDGES[edge].keeps);
  const inset = edge === 'rope' ? seal * 0.4 : 0;
  const arc = (by: number) => `M ${-rx + by} 0 A ${Math.max(0, rx - by)} ${Math.max(0, ry - by)} 0 0 1 ${rx - by} 0`;
  const body = dough(`${arc(inset)} Q 0 ${ry * 0.07} ${-rx + inset} 0 Z`);
  if (edge === 'rope') return [body, ...rope(rx, ry, seal)];
  if (edge === 'plain') return [body, line(arc(seal), 'short')];
  return [body, line(arc(seal)), marks(rx, ry, edge === 'fork', seal)];
}

export const HALF_MOON_LOOK: ShapeLook = {
  section: 'folded',
  sectionAlong: 'depth',
  meshCut: 0,
  outline({ widthM, depthM }) {
    const arc = Array.from({ length: 61 }, (_, i): Point => {
      const angle = (Math.PI * i) / 60;
      return [(widthM / 2) * Math.cos(angle), depthM * Math.sin(angle)];
    });
    return outlineFrom(arc, [0, depthM * 0.42]);
  },
  above,
  frames: ({ half }) => [
    {
      blank: 'bare',
      parts: [filling(ellipsePath(0, half * 0.38, half * 0.62, half * 0.26)), line(`M ${-half} 0 H ${half}`, 'fold')],
    },
    {
      parts: [
        dough(`M ${-half} ${half / 2} A ${half} ${half} 0 0 1 ${half} ${half / 2} Z`),
        hidden(ellipsePath(0, half * 0.1, half * 0.66, half * 0.3)),
      ],
      arrows: arrows(half * 0.8, [0, 180], { y: half * 0.1 }),
    },
  ],
};
