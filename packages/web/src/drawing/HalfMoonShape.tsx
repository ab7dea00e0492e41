interface HalfMoonShapeProps {
  readonly widthM: number;
  readonly depthM: number;
  readonly sealM: number;
  /** Fill of the body. */
  readonly colour: string;
  readonly edge?: string;
}

/**
 * A half-moon from above in millimetres, fold at y = 0, its rope towards −y; centred on x = 0.
 * Drawn from the computed width, depth and seal.
 */
export function HalfMoonShape({ widthM, depthM, sealM, colour, edge = '#8A6428' }: HalfMoonShapeProps) {
  const rx = widthM * 500;
  const ry = depthM * 1000;
  const seal = Math.max(2, sealM * 1000);
  const twists = Math.max(7, Math.min(40, Math.round((Math.PI * (rx + ry)) / 2 / (seal * 0.95))));
  const rope = Array.from({ length: twists }, (_, i) => {
    const angle = Math.PI * (1 - (i + 0.5) / twists);
    return {
      x: (rx - seal * 0.45) * Math.cos(angle),
      y: -(ry - seal * 0.45) * Math.sin(angle),
      turn: 65 - (180 * angle) / Math.PI,
    };
  });
  const body = `M ${-rx + seal * 0.4} 0 A ${rx - seal * 0.4} ${ry - seal * 0.4} 0 0 1 ${rx - seal * 0.4} 0 Q 0 ${ry * 0.07} ${-rx + seal * 0.4} 0 Z`;
  return (
    <g stroke={edge} strokeWidth={0.6} strokeLinejoin="round">
      <path d={body} fill={colour} />
      {rope.map(({ x, y, turn }) => (
        <ellipse
          key={x}
          cx={x}
          cy={y}
          rx={seal * 0.62}
          ry={seal * 0.42}
          transform={`rotate(${turn} ${x} ${y})`}
          fill={colour}
        />
      ))}
    </g>
  );
}
