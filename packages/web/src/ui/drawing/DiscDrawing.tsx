import { SHARED as T } from '#text/shared/sharedPhrases';
import type { ReactNode } from 'react';
import { useTheme } from 'styled-components';
import { usePrinter } from '../printing';
import { crustColour } from './crust';
import { DimensionX } from './Dimension';
import { Drawing } from './Drawing';

interface DiscDrawingProps {
  readonly discM: number;
  readonly sealM: number;
  /** 0–1 of what the pocket holds; sets how much of the half is covered. */
  readonly fill: number;
  readonly handles?: ReactNode;
}

/** The rolled disc with its bare rim, the fold and where the filling goes. In millimetres, to scale. */
export function DiscDrawing({ discM, sealM, fill, handles }: DiscDrawingProps) {
  const theme = useTheme();
  const printer = usePrinter();
  const r = discM * 500;
  const inner = Math.max(0, r - sealM * 1000);
  const text = r * 0.105;
  // What is piled lies within the pocket; a fuller pocket is covered further out.
  const share = Math.sqrt(Math.min(1, Math.max(0, fill)));
  return (
    <Drawing
      box={[-r * 1.08, -r * 1.06, r * 2.16, r * 2.42]}
      label={T.rolledDiscAcrossOuter(printer.length(discM), printer.length(sealM))}
      handles={handles}
    >
      <circle r={r} fill={crustColour(0)} stroke="#B98F45" strokeWidth={r * 0.012} />
      <path d={`M ${-inner} 0 A ${inner} ${inner} 0 0 0 ${inner} 0 Z`} fill={crustColour(0.45)} />
      {fill > 0 && (
        <ellipse cx={0} cy={inner * 0.43} rx={inner * 0.78 * share} ry={inner * 0.36 * share} fill={FILLING} />
      )}
      <circle
        r={inner}
        fill="none"
        stroke="#6B5122"
        strokeWidth={r * 0.012}
        strokeDasharray={`${r * 0.03} ${r * 0.03}`}
      />
      <line
        x1={-r * 1.05}
        x2={r * 1.05}
        y1={0}
        y2={0}
        stroke={theme.ink}
        strokeWidth={r * 0.012}
        strokeDasharray={`${r * 0.09} ${r * 0.03} ${r * 0.02} ${r * 0.03}`}
      />
      <text x={inner * 0.86} y={-r * 0.05} fontSize={text} textAnchor="end" fill={theme.ink}>
        {T.fold}
      </text>
      <text x={0} y={-inner * 0.62} fontSize={text} textAnchor="middle" fill="#5A431A">
        {T.rimBareNoFlour}
      </text>
      <DimensionX from={-r} to={r} y={r * 1.13} size={r} label={printer.length(discM)} />
    </Drawing>
  );
}

/** Filling, wherever one is cut open or lies bare. */
export const FILLING = '#B4552A';
