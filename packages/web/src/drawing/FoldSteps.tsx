import { type BatchDraft, blankLengthM, LEAF, type Piece } from '@ember-fold/core';
import type { ReactNode } from 'react';
import { styled, useTheme } from 'styled-components';
import { Blank, drawingHalfM, outlinePath } from './BlankDrawing';
import { crustColour } from './crust';
import { FILLING } from './DiscDrawing';
import { Drawing } from './Drawing';
import { FormShape } from './FormShape';

const Strip = styled.ol`
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 10px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    grid-template-rows: auto 1fr;
    justify-items: center;
    gap: 2px;
    font-size: 12px;
    line-height: 1.25;
    text-align: center;
    color: ${({ theme }) => theme.soft};
  }
  svg {
    max-height: 76px;
  }
  b {
    color: ${({ theme }) => theme.ink};
  }
  @media (max-width: 480px) {
    grid-auto-flow: row;
    li {
      grid-template-columns: 110px 1fr;
      grid-template-rows: none;
      align-items: center;
      justify-items: start;
      text-align: left;
      font-size: 14px;
    }
  }
`;

const EDGE = '#8A6428';

interface FoldStepsProps {
  readonly draft: Pick<BatchDraft, 'form' | 'fold'>;
  readonly piece: Piece;
  /** One line a frame; its first three are blank, filled, closing. */
  readonly captions: readonly string[];
}

/** A frame for each act of the hands, all in one scale: half of what each is drawn within, mm, and what it shows. */
export function foldFrames({ draft, piece, captions }: FoldStepsProps): { r: number; frames: ReactNode[] } {
  const { discM, sealM, outline } = draft.fold;
  const lengthM = blankLengthM(draft);
  const r = Math.max(drawingHalfM(draft.form, discM, lengthM), piece.widthM / 2, piece.depthM / 2) * 1000;
  const blank = { form: draft.form, discM, lengthM, sealM, outline };
  const dough = { stroke: '#B98F45', strokeWidth: r * 0.012, fill: crustColour(0), strokeLinejoin: 'round' as const };
  const bare = (
    <g {...dough}>
      <Blank {...blank} piece={null} />
    </g>
  );
  const half = discM * 500;
  const filled = (
    <g {...dough}>
      <Blank {...blank} piece={draft.form === 'half-moon' ? null : { ...piece, gathered: null }} />
      {draft.form === 'half-moon' && (
        <>
          <ellipse cy={half * 0.38} rx={half * 0.62} ry={half * 0.26} fill={FILLING} stroke="none" />
          <path d={`M ${-half} 0 H ${half}`} stroke={EDGE} strokeDasharray={`${half * 0.12} ${half * 0.06}`} />
        </>
      )}
    </g>
  );
  const done = (
    <g transform={`translate(0 ${piece.depthM * 500})`}>
      <FormShape piece={piece} fold={draft.fold} colour={crustColour(0.2)} />
    </g>
  );
  const middle =
    draft.form === 'cone' || draft.form === 'flat-triangle'
      ? [<OpenCone key="open" piece={piece} full={false} />, <OpenCone key="full" piece={piece} full />]
      : [filled, <Closing key="closing" draft={draft} piece={piece} r={r} />];
  // Formed further after it is closed: the ball of the same volume comes between.
  const ball = captions.length === 5 ? [<Ball key="ball" piece={piece} />] : [];
  return { r, frames: [bare, ...middle, ...ball, done] };
}

/** How a piece is folded, frame by frame. */
export function FoldSteps(props: FoldStepsProps) {
  const { captions } = props;
  const { r, frames } = foldFrames(props);
  return (
    <Strip aria-label="How it is folded">
      {frames.map((frame, i) => (
        <li key={i}>
          <Drawing box={[-r * 1.1, -r * 1.1, r * 2.2, r * 2.2]} label={`Frame ${i + 1}: ${captions[i] ?? ''}`}>
            {frame}
          </Drawing>
          <span aria-hidden>
            <b>{i + 1}</b> {captions[i]}
          </span>
        </li>
      ))}
    </Strip>
  );
}

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
  readonly draft: Pick<BatchDraft, 'form' | 'fold'>;
  readonly piece: Piece;
  readonly r: number;
}

/** Half way shut. */
function Closing({ draft, piece, r }: ClosingProps) {
  const { discM, sealM, outline } = draft.fold;
  const half = discM * 500;
  const long = blankLengthM(draft) * 500;
  const seal = sealM * 1000;
  const dough = { stroke: EDGE, strokeWidth: r * 0.012, fill: crustColour(0.2), strokeLinejoin: 'round' as const };
  const ghost = { fill: FILLING, opacity: 0.35, stroke: 'none' };
  switch (draft.form) {
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
      const never: never = draft.form;
      return never;
    }
  }
}

/** Joined to a cone, its mouth to the cook; then filled. */
function OpenCone({ piece, full }: { readonly piece: Piece; readonly full: boolean }) {
  const [w, d] = [piece.widthM * 500, piece.depthM * 1000];
  return (
    <g
      transform={`translate(0 ${d / 2})`}
      stroke={EDGE}
      strokeWidth={0.8}
      strokeLinejoin="round"
      fill={crustColour(0.2)}
    >
      <path d={`M 0 0 L ${w} ${-d * 0.86} Q 0 ${-d * 1.14} ${-w} ${-d * 0.86} Z`} />
      <ellipse cy={-d * 0.86} rx={w * 0.96} ry={d * 0.12} fill={full ? FILLING : '#6B5122'} />
    </g>
  );
}

/** The ball it is before it is pressed, drawn long or to a point: of the same volume. */
function Ball({ piece }: { readonly piece: Piece }) {
  const r = Math.cbrt((3 * piece.volumeM3) / (4 * Math.PI)) * 1000;
  return (
    <g stroke={EDGE} strokeWidth={0.8} fill={crustColour(0.2)}>
      <circle r={r} />
      <path
        d={`M ${-r * 0.4} ${-r * 0.5} Q 0 ${-r * 0.1} ${r * 0.4} ${-r * 0.5} M 0 ${-r * 0.2} V ${-r * 0.75}`}
        fill="none"
      />
    </g>
  );
}
