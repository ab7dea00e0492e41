import { Pin } from 'lucide-react';
import { type KeyboardEvent, useRef, useState } from 'react';
import { mergeProps, useFocusRing, useMove } from 'react-aria';
import { styled } from 'styled-components';
import { figureFont } from '../../ui/theme';
import { onlyWide } from './batchColour';
import { rowUnder } from './rowUnder';

/** An arrow key moves by this, and what is dragged snaps to it, ms. */
const STEP_MS = 300_000;
/** A row is at least so high, px. */
const LEAST_ROW_PX = 44;
/** A bar is at least so wide and so high, px: a finger or an unsteady hand must hit it (WCAG 2.2, 2.5.8). */
export const LEAST_BAR_PX = 24;
/** Room above and below the bars of a row, and between two of them, px. */
const [EDGE_PX, GAP_PX] = [6, 2];

/** How high a row is in which so many bars stand under one another, px. */
export const rowPx = (lanes: number): number =>
  Math.max(LEAST_ROW_PX, 2 * EDGE_PX + lanes * (LEAST_BAR_PX + GAP_PX) - GAP_PX);

/** Where a bar stands in its row: alone it takes the whole height. */
export const laneStyle = (lane: number, lanes: number): { readonly top: number; readonly height: number } =>
  lanes === 1
    ? { top: EDGE_PX, height: rowPx(1) - 2 * EDGE_PX }
    : { top: EDGE_PX + lane * (LEAST_BAR_PX + GAP_PX), height: LEAST_BAR_PX };
/** Less than this is a tap, px. */
const TAP_PX = 4;

const Place = styled.li`
  position: absolute;
  z-index: 1;
  min-width: ${LEAST_BAR_PX}px;
`;

const Bar = styled.span<{ $colour: string; $decides: boolean; $isFocused: boolean; $isHeld: boolean }>`
  ${figureFont}
  position: absolute;
  inset: 0;
  overflow: hidden;
  padding: 0 6px;
  border-radius: 8px;
  font-size: 13px;
  font-weight: 600;
  display: flex;
  align-items: center;
  gap: 3px;
  white-space: nowrap;
  color: #fff;
  background: ${({ $colour }) => $colour};
  cursor: grab;
  touch-action: none;
  outline: none;
  ${({ $decides, theme }) => $decides && `border: 2px solid ${theme.ink};`}
  ${({ $isFocused, theme }) => $isFocused && `box-shadow: 0 0 0 3px ${theme.know}; z-index: 3;`}
  ${({ $isHeld }) => $isHeld && 'opacity: 0.8; z-index: 4; cursor: grabbing;'}
  svg {
    flex: none;
  }
  ${onlyWide}
`;

interface TaskBarProps {
  readonly place: {
    readonly left: string;
    readonly width: string;
    readonly top: number;
    readonly height: number;
  };
  readonly colour: string;
  readonly name: string;
  readonly says: string;
  readonly decides: boolean;
  readonly isSettled: boolean;
  /** ms of one pixel. */
  readonly perPx: number;
  /** @param rowsDown to the cook so many rows below */
  readonly onMove: (byMs: number, rowsDown: number) => void;
  readonly onOpen: () => void;
}

/** How many rows down something of a row has come that is dragged so many pixels down. */
function rowsTo(bar: HTMLElement, y: number): number {
  const own = bar.closest('section')!;
  const rows = [...own.parentElement!.querySelectorAll<HTMLElement>(':scope > section')];
  const { top, height } = bar.getBoundingClientRect();
  const places = rows.map((row) => row.getBoundingClientRect());
  return rowUnder(places, top + height / 2 + y) - rows.indexOf(own);
}

/** One task: dragged or keyed along the time and from cook to cook, opened by a tap or Enter. */
export function TaskBar({ place, colour, name, says, decides, isSettled, perPx, onMove, onOpen }: TaskBarProps) {
  const [by, setBy] = useState<{ readonly x: number; readonly y: number } | null>(null);
  const [wasDragged, setDragged] = useState(false);
  const moved = useRef({ x: 0, y: 0, isKey: false });
  const standing = useRef<HTMLLIElement>(null);
  const { isFocusVisible, focusProps } = useFocusRing();
  const { moveProps } = useMove({
    onMoveStart: () => {
      moved.current = { x: 0, y: 0, isKey: false };
    },
    onMove: ({ deltaX, deltaY, pointerType }) => {
      if (pointerType === 'keyboard') {
        moved.current.isKey = true;
        onMove(deltaX * STEP_MS, deltaY);
        return;
      }
      moved.current.x += deltaX;
      moved.current.y += deltaY;
      setBy({ x: moved.current.x, y: moved.current.y });
    },
    onMoveEnd: () => {
      const { x, y, isKey } = moved.current;
      setBy(null);
      if (isKey) return;
      if (Math.abs(x) < TAP_PX && Math.abs(y) < TAP_PX) return;
      setDragged(true);
      const byMs = Math.round((x * perPx) / STEP_MS) * STEP_MS;
      const rowsDown = rowsTo(standing.current!, y);
      if (byMs !== 0 || rowsDown !== 0) onMove(byMs, rowsDown);
    },
  });
  // What ends a drag is no tap.
  const open = () => {
    if (!wasDragged) onOpen();
  };
  const opensByKey = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onOpen();
  };
  return (
    <Place ref={standing} style={place}>
      <Bar
        {...mergeProps(moveProps, focusProps, { onKeyDown: opensByKey, onPointerDown: () => setDragged(false) })}
        onClick={open}
        role="button"
        tabIndex={0}
        aria-label={says}
        title={says}
        $colour={colour}
        $decides={decides}
        $isFocused={isFocusVisible}
        $isHeld={by !== null}
        style={by ? { transform: `translate(${by.x}px, ${by.y}px)` } : undefined}
      >
        {isSettled && <Pin size={12} aria-hidden />}
        <span>{name}</span>
      </Bar>
    </Place>
  );
}
