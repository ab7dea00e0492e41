import { type EdgeId, EDGES } from '@ember-fold/core/plan';

interface HalfMoonShapeProps {
  readonly widthM: number;
  readonly depthM: number;
  readonly sealM: number;
  readonly edge: EdgeId;
  /** Fill of the body, and of its lines. */
  readonly colour: string;
  readonly line: string;
}

/**
 * A half-moon from above in millimetres, fold at y = 0, its rim towards −y; centred on x = 0.
 * Drawn from the computed width, depth and seal, its rim as it is finished.
 */
export function HalfMoonShape({ widthM, depthM, sealM, edge, colour, line }: HalfMoonShapeProps) {
  const rx = widthM * 500;
  const ry = depthM * 1000;
  const seal = Math.max(2, sealM * 1000 * EDGES[edge].keeps);
  const inset = edge === 'rope' ? seal * 0.4 : 0;
  const arc = (by: number) => `M ${-rx + by} 0 A ${Math.max(0, rx - by)} ${Math.max(0, ry - by)} 0 0 1 ${rx - by} 0`;
  return (
    <g stroke={line} strokeWidth={0.6} strokeLinejoin="round">
      <path d={`${arc(inset)} Q 0 ${ry * 0.07} ${-rx + inset} 0 Z`} fill={colour} />
      {edge === 'rope' ? (
        <Rope rx={rx} ry={ry} seal={seal} colour={colour} />
      ) : (
        <>
          <path d={arc(seal)} fill="none" strokeDasharray={edge === 'plain' ? '2.4 2' : undefined} />
          <Marks rx={rx} ry={ry} seal={seal} edge={edge} />
        </>
      )}
    </g>
  );
}

interface RimProps {
  readonly rx: number;
  readonly ry: number;
  readonly seal: number;
}

/** Folded over and pinched, twist by twist. */
function Rope({ rx, ry, seal, colour }: RimProps & { readonly colour: string }) {
  const wide = seal * 1.5;
  const twists = Math.max(7, Math.min(40, Math.round((Math.PI * (rx + ry)) / 2 / (wide * 0.95))));
  return Array.from({ length: twists }, (_, i) => {
    const angle = Math.PI * (1 - (i + 0.5) / twists);
    const [x, y] = [(rx - seal * 0.5) * Math.cos(angle), -(ry - seal * 0.5) * Math.sin(angle)];
    return (
      <ellipse
        key={i}
        cx={x}
        cy={y}
        rx={wide * 0.62}
        ry={wide * 0.42}
        transform={`rotate(${65 - (180 * angle) / Math.PI} ${x} ${y})`}
        fill={colour}
      />
    );
  });
}

/** Tines of a fork, or the flutes of a mould; nothing on a plain rim. */
function Marks({ rx, ry, seal, edge }: RimProps & { readonly edge: Exclude<EdgeId, 'rope'> }) {
  if (edge === 'plain') return null;
  const apart = edge === 'fork' ? 3.4 : 7;
  const count = Math.max(8, Math.min(90, Math.round((Math.PI * (rx + ry)) / 2 / apart)));
  const lines = Array.from({ length: count }, (_, i) => {
    const angle = (Math.PI * (i + 0.5)) / count;
    const at = (by: number) => `${(rx - by) * Math.cos(angle)} ${-(ry - by) * Math.sin(angle)}`;
    return `M ${at(edge === 'fork' ? 0.4 : 0)} L ${at(edge === 'fork' ? seal * 0.9 : seal * 0.45)}`;
  });
  return <path d={lines.join(' ')} fill="none" />;
}
