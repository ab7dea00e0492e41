import type { DrawnArrows, DrawnFill, DrawnPart } from '@ember-fold/core/plan';
import { useTheme } from 'styled-components';
import { crustColour } from './crust';
import { FILLING } from './DiscDrawing';

const INSIDE = '#6B5122';

/** Lines of baked dough. */
export const EDGE = '#8A6428';

const fillOf = (fill: DrawnFill, dough: string): string => {
  switch (fill) {
    case 'raw':
      return crustColour(0);
    case 'dough':
      return dough;
    case 'filling':
    case 'hidden-filling':
      return FILLING;
    case 'inside':
      return INSIDE;
    case 'none':
      return 'none';
    default: {
      const never: never = fill;
      return never;
    }
  }
};

interface DrawnPartsProps {
  readonly parts: readonly DrawnPart[];
  /** Colour of the dough. */
  readonly colour: string;
  readonly strokeWidth: number;
  /** Short and fold dashes, as the drawing's size wants them. */
  readonly dashes: Readonly<Record<NonNullable<DrawnPart['dash']>, string>>;
}

/** The parts of a shape's drawing, one over the other. */
export function DrawnParts({ parts, colour, strokeWidth, dashes }: DrawnPartsProps) {
  return (
    <g stroke={EDGE} strokeWidth={strokeWidth} strokeLinejoin="round" strokeLinecap="round">
      {parts.map(({ path, fill, dash, opacity }, i) => (
        <path
          key={i}
          d={path}
          fill={fillOf(fill, colour)}
          stroke={fill === 'filling' || fill === 'hidden-filling' ? 'none' : undefined}
          strokeDasharray={dash && dashes[dash]}
          opacity={fill === 'hidden-filling' ? 0.35 : opacity}
        />
      ))}
    </g>
  );
}

/** Arrows from the middle out, or in. */
export function Arrows({ x, y, reach, waysDeg, inward }: DrawnArrows) {
  const theme = useTheme();
  const [from, to] = inward ? [reach, reach * 0.5] : [reach * 0.35, reach * 0.85];
  const tip = inward ? to + reach * 0.12 : to - reach * 0.12;
  return (
    <g stroke={theme.ink} strokeWidth={reach * 0.035} fill="none" strokeLinecap="round">
      {waysDeg.map((deg) => (
        <path
          key={deg}
          transform={`translate(${x} ${y}) rotate(${deg})`}
          d={`M ${from} 0 H ${to} M ${tip} ${-reach * 0.09} L ${to} 0 L ${tip} ${reach * 0.09}`}
        />
      ))}
    </g>
  );
}
