import { type TrayDraft, blankLengthM, LEAF, type Piece } from '@ember-fold/core/plan';
import { useTheme } from 'styled-components';
import { outlinePath } from './BlankDrawing';
import { crustColour } from './crust';
import { FILLING } from './DiscDrawing';

export const EDGE = '#8A6428';

/** Arrows from the middle out: where the air goes, or the rim comes from. */
function Arrows({
  reach,
  ways,
  inward = false,
}: {
  readonly reach: number;
  readonly ways: readonly number[];
  readonly inward?: boolean;
}) {
  const theme = useTheme();
  const [from, to] = inward ? [reach, reach * 0.5] : [reach * 0.35, reach * 0.85];
  return (
    <g stroke={theme.ink} strokeWidth={reach * 0.035} fill="none" strokeLinecap="round">
      {ways.map((deg) => {
        const tip = inward ? to + reach * 0.12 : to - reach * 0.12;
        return (
          <path
            key={deg}
            transform={`rotate(${deg})`}
            d={`M ${from} 0 H ${to} M ${tip} ${-reach * 0.09} L ${to} 0 L ${tip} ${reach * 0.09}`}
          />
        );
      })}
    </g>
  );
}

interface ClosingProps {
  readonly draft: Pick<TrayDraft, 'shape' | 'fold'>;
  readonly piece: Piece;
  readonly r: number;
}

/** Half way shut. */
export function Closing({ draft, piece, r }: ClosingProps) {
  const { discM, sealM, outline } = draft.fold;
  const half = discM * 500;
  const long = blankLengthM(draft) * 500;
  const seal = sealM * 1000;
  const dough = { stroke: EDGE, strokeWidth: r * 0.012, fill: crustColour(0.2), strokeLinejoin: 'round' as const };
  const ghost = { fill: FILLING, opacity: 0.35, stroke: 'none' };
  switch (draft.shape) {
    case 'half-moon':
      return (
        <g transform={`translate(0 ${half / 2})`}>
          <path {...dough} d={`M ${-half} 0 A ${half} ${half} 0 0 1 ${half} 0 Z`} />
          <ellipse {...ghost} cy={-half * 0.4} rx={half * 0.66} ry={half * 0.3} />
          <g transform={`translate(0 ${-half * 0.4})`}>
            <Arrows reach={half * 0.8} ways={[0, 180]} />
          </g>
        </g>
      );
    case 'two-discs':
      return (
        <>
          <circle {...dough} r={half} />
          <circle {...ghost} r={Math.max(0, half - seal) * 0.8} />
          <Arrows reach={half * 0.95} ways={[45, 135, 225, 315]} />
        </>
      );
    case 'own-cutter':
      return (
        <>
          <path {...dough} d={outlinePath(outline ?? LEAF, discM * 1000)} />
          <ellipse {...ghost} rx={half * 0.55} ry={half * 0.22} />
          <Arrows reach={half * 0.8} ways={[0, 180]} />
        </>
      );
    case 'square-parcel': {
      const corner = half / Math.SQRT2;
      return (
        <g transform="rotate(45)">
          <rect
            {...dough}
            fill={crustColour(0)}
            x={-half}
            y={-half}
            width={2 * half}
            height={2 * half}
            opacity={0.35}
          />
          <rect {...dough} x={-half} y={-half} width={2 * half} height={2 * half} fill="none" />
          <g transform="rotate(-45)">
            <path
              {...dough}
              d={`M ${-corner} ${-corner} L 0 0 L ${-corner} ${corner} Z M ${corner} ${-corner} L 0 0 L ${corner} ${corner} Z`}
            />
            <Arrows reach={half * 0.9} ways={[90, 270]} inward />
          </g>
        </g>
      );
    }
    case 'strip-triangle': {
      const step = (2 * half) / Math.sqrt(3);
      const top = long - 2 * step;
      return (
        <>
          <path
            {...dough}
            fill={crustColour(0)}
            d={`M ${-half} ${-long} H ${half} V ${top} L ${-half} ${top + step} Z`}
          />
          <path {...dough} d={`M ${-half} ${top + step} L ${half} ${top} L ${half} ${top + 2 * step} Z`} />
        </>
      );
    }
    case 'roll':
      return (
        <>
          <rect
            {...dough}
            fill={crustColour(0)}
            x={-half + seal}
            y={-long}
            width={Math.max(0, 2 * half - 2 * seal)}
            height={2 * long}
          />
          <rect {...dough} x={-half + seal} y={-long} width={seal} height={2 * long} />
          <rect {...dough} x={half - 2 * seal} y={-long} width={seal} height={2 * long} />
          <ellipse fill={FILLING} cy={long * 0.6} rx={Math.max(0, half - 2 * seal)} ry={long * 0.2} />
          <g transform={`translate(0 ${long * 0.2})`}>
            <Arrows reach={long * 0.8} ways={[270]} />
          </g>
        </>
      );
    case 'puffed-bread':
      return (
        <>
          <circle {...dough} r={half} />
          {draft.fold.fillingEachKg > 0 && <circle {...ghost} r={Math.max(0, half - seal)} />}
          <Arrows reach={half * 0.95} ways={[0, 90, 180, 270]} />
        </>
      );
    case 'cup':
      return (
        <>
          <circle {...dough} r={piece.widthM * 500} />
          <circle fill={FILLING} r={Math.max(0, piece.widthM * 500 - seal)} />
        </>
      );
    case 'ball':
    case 'pouch':
    case 'oval':
    case 'teardrop':
    case 'whole-core': {
      const open = half * 0.62;
      const points = Array.from({ length: 24 }, (_, i) => {
        const at = open * (i % 2 ? 1 : 0.86);
        const angle = (Math.PI * i) / 12;
        return `${at * Math.cos(angle)} ${at * Math.sin(angle)}`;
      });
      return (
        <>
          <path {...dough} d={`M ${points.join(' L ')} Z`} />
          <circle fill={FILLING} r={open * 0.5} />
          <Arrows reach={half} ways={[0, 90, 180, 270]} inward />
        </>
      );
    }
    case 'cone':
    case 'flat-triangle':
      return null;
    default: {
      const never: never = draft.shape;
      return never;
    }
  }
}
