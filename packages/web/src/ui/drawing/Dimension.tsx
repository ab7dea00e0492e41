import { useTheme } from 'styled-components';
import { figureFont } from '../theme';

const FIGURE = Object.fromEntries(
  figureFont
    .split(';')
    .map((rule) => rule.split(':').map((part) => part.trim()))
    .filter(([name]) => name)
    .map(([name, value]) => [name!.replace(/-([a-z])/g, (_, c: string) => c.toUpperCase()), value!]),
);

interface DimensionProps {
  readonly from: number;
  readonly to: number;
  /** Size of the drawing: strokes and text follow it. */
  readonly size: number;
  readonly label: string;
}

/** A measured width. */
export function DimensionX({ from, to, y, size, label }: DimensionProps & { readonly y: number }) {
  const theme = useTheme();
  const tick = size * 0.05;
  return (
    <g stroke={theme.ink} strokeWidth={size * 0.01}>
      <path d={`M ${from} ${y} H ${to} M ${from} ${y - tick} V ${y + tick} M ${to} ${y - tick} V ${y + tick}`} />
      <text
        style={FIGURE}
        x={(from + to) / 2}
        y={y + size * 0.17}
        fontSize={size * 0.14}
        textAnchor="middle"
        stroke="none"
        fill={theme.ink}
      >
        {label}
      </text>
    </g>
  );
}

/** A measured height, its figure to the right. */
export function DimensionY({ from, to, x, size, label }: DimensionProps & { readonly x: number }) {
  const theme = useTheme();
  const tick = size * 0.04;
  return (
    <g stroke={theme.ink} strokeWidth={size * 0.01}>
      <path d={`M ${x} ${from} V ${to} M ${x - tick} ${from} H ${x + tick} M ${x - tick} ${to} H ${x + tick}`} />
      <text
        style={FIGURE}
        x={x + size * 0.08}
        y={(from + to) / 2 + size * 0.045}
        fontSize={size * 0.13}
        stroke="none"
        fill={theme.ink}
      >
        {label}
      </text>
    </g>
  );
}
