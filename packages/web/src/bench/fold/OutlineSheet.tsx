import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FOLD_SHEETS as T } from '#text/bench/fold/foldSheetPhrases';
import { cutterOutline, LEAF, outlinePath, type Point, withOutline } from '@ember-fold/core/plan';
import { type PointerEvent, useRef, useState } from 'react';
import { styled, useTheme } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { LongText } from '../../ui/controls/field/LongText';
import { Problem, Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { crustColour } from '../../ui/drawing/crust';
import { pathPoints } from '../../ui/drawing/pathPoints';

const Pad = styled.svg`
  display: block;
  width: 100%;
  aspect-ratio: 3 / 2;
  margin-top: 8px;
  border: 1px dashed ${({ theme }) => theme.edge};
  border-radius: 10px;
  background: ${({ theme }) => theme.well};
  cursor: crosshair;
  touch-action: none;
`;

const NOT_A_CUTTER = T.thatIsNoCutterYet;

/** The outline of the cook's own cutter: drawn by hand, or read from an SVG path. */
export function OutlineSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const theme = useTheme();
  const [drawn, setDrawn] = useState<readonly Point[]>([]);
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const drawing = useRef(false);
  const shown = line.draft.fold.outline ?? LEAF;
  const take = (points: readonly Point[], otherwise: string) => {
    const outline = cutterOutline(points);
    setProblem(outline ? null : otherwise);
    if (outline) edit('fold.outline', (d, known) => withOutline(d, outline, known));
  };
  const at = (event: PointerEvent<SVGSVGElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return [(300 * (event.clientX - box.left)) / box.width, (-200 * (event.clientY - box.top)) / box.height];
  };
  const end = () => {
    if (!drawing.current) return;
    drawing.current = false;
    take(drawn, NOT_A_CUTTER);
    setDrawn([]);
  };
  const read = () => {
    const points = pathPoints(text);
    if (points) take(points, NOT_A_CUTTER);
    else setProblem(T.thatIsNoSvgPath);
  };
  return (
    <Sheet title={T.outlineOfYourCutter} isOpen onClose={onClose}>
      <Soft>{T.drawOnceRoundWithA}</Soft>
      <Pad
        viewBox="0 0 300 200"
        role="img"
        aria-label={T.outlineOfPoints(shown.length)}
        data-pad
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drawing.current = true;
          setDrawn([at(event)]);
        }}
        onPointerMove={(event) => {
          if (!drawing.current) return;
          const point = at(event);
          setDrawn((now) => (now.length < 4000 ? [...now, point] : now));
        }}
        onPointerUp={end}
        onPointerCancel={end}
      >
        {drawn.length > 1 ? (
          <path
            d={`M ${drawn.map(([x, y]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join(' L ')}`}
            fill="none"
            stroke={theme.ink}
            strokeWidth={2}
          />
        ) : (
          <path
            transform="translate(150 100)"
            d={outlinePath(shown, 170)}
            fill={crustColour(0.2)}
            stroke="#8A6428"
            strokeWidth={1.5}
          />
        )}
      </Pad>
      <LongText label={T.orAnSvgPathThe} value={text} most={20_000} onChange={setText} />
      {problem && <Problem>{problem}</Problem>}
      <Actions>
        <Button isDisabled={text.trim() === ''} onPress={read}>
          {T.takeThePath}
        </Button>
        <Button $look="primary" onPress={onClose}>
          {BENCH.done}
        </Button>
      </Actions>
    </Sheet>
  );
}
