import { LATER } from '#text/shared/laterPhrases';
import { SHARED as T } from '#text/shared/sharedPhrases';
import { type ShapeId, shapeOf, type Point } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { usePrinter } from '../printing';
import { Blank } from './BlankDrawing';
import { barMm, MeasureBar } from './MeasureBar';

const Svg = styled.svg`
  display: block;
  background: #fff;
  text {
    font-size: 4px;
    fill: #17211e;
  }
`;

const MARGIN = 5;
const FOOT = 22;

interface TemplateDrawingProps {
  readonly shape: ShapeId;
  readonly discM: number;
  readonly lengthM: number;
  readonly sealM: number;
  readonly thicknessM: number;
  readonly name: string;
  readonly outline?: readonly Point[] | undefined;
}

/** The blank in true millimetres: to cut out and lay on the dough. A bar of known length tells whether the print is true. */
export function TemplateDrawing({ shape, discM, lengthM, sealM, thicknessM, name, outline }: TemplateDrawingProps) {
  const printer = usePrinter();
  const bar = barMm(printer);
  const { blank, foldsOver, hasLength } = shapeOf(shape);
  const wide = discM * 1000;
  const high = hasLength ? lengthM * 1000 : blank === 'half-disc' ? wide / 2 : wide;
  const width = Math.max(wide, bar) + 2 * MARGIN;
  const height = high + FOOT + 2 * MARGIN;
  const r = wide / 2;
  // A half-disc is drawn with its straight edge a tenth of its width under the middle.
  const middle = MARGIN + (blank === 'half-disc' ? r * 0.8 : high / 2);
  const foot = high + 2 * MARGIN;
  const size = hasLength ? T.by(printer.length(discM), printer.length(lengthM)) : printer.length(discM);
  return (
    <Svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${width}mm`}
      height={`${height}mm`}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={LATER.templateTrueToSize(size)}
    >
      <g transform={`translate(${width / 2} ${middle})`} fill="none" stroke="#17211e" strokeWidth={0.3}>
        {foldsOver ? (
          <>
            <circle r={r} data-outline />
            <circle r={Math.max(0, r - sealM * 1000)} strokeDasharray="2 1.4" />
            <path d={`M ${-r} 0 H ${r}`} strokeDasharray="5 1.5 1 1.5" />
          </>
        ) : (
          <g data-outline>
            <Blank shape={shape} discM={discM} lengthM={lengthM} sealM={sealM} piece={null} outline={outline} />
          </g>
        )}
      </g>
      <g transform={`translate(${MARGIN} ${foot})`}>
        <MeasureBar />
        <text x={0} y={13}>
          {LATER.rolledTo(name, size, printer.length(thicknessM))}
        </text>
      </g>
    </Svg>
  );
}
