import { LATER } from '#text/shared/laterPhrases';
import type { TrayDraft, Piece } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { foldFrames } from './FoldSteps';
import { MeasureBar } from './MeasureBar';

const Svg = styled.svg`
  display: block;
  background: #fff;
`;

/** A page's width less its edges, mm. */
const WIDE = 180;
const FRAME = 34;
const LINE = 4.6;
/** Letters of a caption that fit under a frame. */
const LETTERS = 21;

/** Words broken into lines. */
function wrapped(text: string, letters: number): string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const last = lines[lines.length - 1];
    if (last !== undefined && `${last} ${word}`.length <= letters) return [...lines.slice(0, -1), `${last} ${word}`];
    return [...lines, word];
  }, []);
}

interface FoldCardProps {
  readonly draft: TrayDraft;
  readonly piece: Piece;
  readonly captions: readonly string[];
  /** What is weighed and measured: name and figure. */
  readonly figures: readonly (readonly [string, string])[];
  readonly notes: readonly string[];
}

/** The card that stands beside the board: what to weigh, how to fold, true to size by a bar of known length. */
export function FoldCard({ draft, piece, captions, figures, notes }: FoldCardProps) {
  const { r, frames } = foldFrames({ draft, piece, captions });
  const gap = (WIDE - frames.length * FRAME) / Math.max(1, frames.length - 1);
  const rows = Math.ceil(figures.length / 3);
  const framesAt = 22 + rows * 7;
  const most = Math.max(...captions.map((caption) => wrapped(caption, LETTERS).length));
  const notesAt = framesAt + FRAME + 9 + most * LINE;
  const lines = notes.flatMap((note) => wrapped(note, 112));
  const barAt = notesAt + lines.length * LINE + 8;
  const high = barAt + 12;
  return (
    <Svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${WIDE + 10}mm`}
      height={`${high}mm`}
      viewBox={`-5 0 ${WIDE + 10} ${high}`}
      role="img"
      aria-label={LATER.foldCardOf(draft.name, figures.map(([name, figure]) => `${name} ${figure}`).join(', '))}
      fill="#17211e"
      fontSize={3.6}
    >
      <text y={10} fontSize={7} fontWeight={700}>
        {draft.name}
      </text>
      {figures.map(([name, figure], i) => (
        <g key={name} transform={`translate(${((i % 3) * WIDE) / 3} ${19 + Math.floor(i / 3) * 7})`}>
          <text fill="#4b5a55">{name}</text>
          <text x={27} fontSize={4.4} fontWeight={700}>
            {figure}
          </text>
        </g>
      ))}
      {frames.map((frame, i) => (
        <g key={i} transform={`translate(${i * (FRAME + gap)} ${framesAt})`}>
          <svg width={FRAME} height={FRAME} viewBox={`${-r * 1.1} ${-r * 1.1} ${r * 2.2} ${r * 2.2}`}>
            {frame}
          </svg>
          {wrapped(`${i + 1} ${captions[i] ?? ''}`, LETTERS).map((text, n) => (
            <text key={n} x={FRAME / 2} y={FRAME + 5 + n * LINE} textAnchor="middle" fontSize={3.2}>
              {text}
            </text>
          ))}
        </g>
      ))}
      {lines.map((text, n) => (
        <text key={n} y={notesAt + n * LINE}>
          {text}
        </text>
      ))}
      <g transform={`translate(0 ${barAt})`}>
        <MeasureBar />
      </g>
    </Svg>
  );
}
