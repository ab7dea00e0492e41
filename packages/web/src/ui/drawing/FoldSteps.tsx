import { LATER } from '#text/shared/laterPhrases';
import { type TrayDraft, blankLengthM, LEAF, type Piece, shapeOf } from '@ember-fold/core/plan';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Blank, drawingHalfM } from './BlankDrawing';
import { crustColour } from './crust';
import { Arrows, DrawnParts, EDGE } from './DrawnParts';
import { Drawing } from './Drawing';
import { ShapeDrawing } from './ShapeDrawing';

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

interface FoldStepsProps {
  readonly draft: Pick<TrayDraft, 'shape' | 'fold'>;
  readonly piece: Piece;
  /** One line a frame; its first three are blank, filled, closing. */
  readonly captions: readonly string[];
}

/** A frame for each fold, all in one scale: half of what each is drawn within, mm, and what it shows. */
export function foldFrames({ draft, piece, captions }: FoldStepsProps): { r: number; frames: ReactNode[] } {
  const { discM, sealM, outline } = draft.fold;
  const lengthM = blankLengthM(draft);
  const r = Math.max(drawingHalfM(draft.shape, discM, lengthM), piece.widthM / 2, piece.depthM / 2) * 1000;
  const blank = { shape: draft.shape, discM, lengthM, sealM, outline };
  const rawDough = {
    stroke: '#B98F45',
    strokeWidth: r * 0.012,
    fill: crustColour(0),
    strokeLinejoin: 'round' as const,
  };
  const bare = (
    <g {...rawDough}>
      <Blank {...blank} piece={null} />
    </g>
  );
  const half = discM * 500;
  const done = (
    <g transform={`translate(0 ${piece.depthM * 500})`}>
      <ShapeDrawing piece={piece} fold={draft.fold} colour={crustColour(0.2)} />
    </g>
  );
  const dashes = { short: '2.4 2', fold: `${half * 0.12} ${half * 0.06}` };
  const middle = shapeOf(draft.shape)
    .look.frames({
      half,
      halfLength: lengthM * 500,
      seal: sealM * 1000,
      holdsFilling: draft.fold.fillingEachKg > 0,
      outline: outline ?? LEAF,
      piece,
    })
    .map((frame, i) => (
      <g key={i}>
        {frame.blank && (
          <g {...rawDough}>
            <Blank {...blank} piece={frame.blank === 'bare' ? null : { ...piece, gathered: null }} />
          </g>
        )}
        <DrawnParts parts={frame.parts} colour={crustColour(0.2)} strokeWidth={r * 0.012} dashes={dashes} />
        {frame.arrows && <Arrows {...frame.arrows} />}
      </g>
    ));
  // Formed further after it is closed: the ball of the same volume comes between.
  const ball = captions.length === 5 ? [<Ball key="ball" piece={piece} />] : [];
  return { r, frames: [bare, ...middle, ...ball, done] };
}

/** How a piece is folded, frame by frame. */
export function FoldSteps(props: FoldStepsProps) {
  const { captions } = props;
  const { r, frames } = foldFrames(props);
  return (
    <Strip aria-label={LATER.howItIsFolded}>
      {frames.map((frame, i) => (
        <li key={i}>
          <Drawing box={[-r * 1.1, -r * 1.1, r * 2.2, r * 2.2]} label={LATER.frame(i + 1, captions[i] ?? '')}>
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
