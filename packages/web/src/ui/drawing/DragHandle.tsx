import { useRef } from 'react';
import { mergeProps, useFocusRing, useMove } from 'react-aria';
import { useTheme } from 'styled-components';

interface DragHandleProps {
  readonly label: string;
  /** The value as it is said. */
  readonly said: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** What one press of an arrow key changes. */
  readonly step: number;
  /** Place in the drawing, and half the size of the drawing: the handle grows with it. */
  readonly x: number;
  readonly y: number;
  readonly size: number;
  /** The way it moves: along x, or up. */
  readonly axis: 'x' | 'up';
  /** Change of the value for each mm it is moved that way in the drawing. */
  readonly perMm: number;
  readonly onChange: (value: number) => void;
}

/** A place of a drawing that is taken hold of: by mouse, thumb or arrow keys. */
export function DragHandle({
  label,
  said,
  value,
  least,
  most,
  step,
  x,
  y,
  size,
  axis,
  perMm,
  onChange,
}: DragHandleProps) {
  const theme = useTheme();
  const setting = useRef<SVGGElement>(null);
  const held = useRef(value);
  const { isFocusVisible, focusProps } = useFocusRing();
  const { moveProps } = useMove({
    onMoveStart: () => {
      held.current = value;
    },
    onMove: ({ deltaX, deltaY, pointerType }) => {
      const by = axis === 'x' ? deltaX : -deltaY;
      // Screen pixels of one mm of the drawing.
      const scale = setting.current?.ownerSVGElement?.getScreenCTM()?.a || 1;
      held.current += pointerType === 'keyboard' ? (deltaX - deltaY) * step : (by / scale) * perMm;
      const steps = Math.round(held.current / step) * step;
      onChange(Math.min(most, Math.max(least, steps)));
    },
  });
  const r = size * 0.06;
  const arrow = axis === 'x' ? 0 : 90;
  return (
    <g
      {...mergeProps(moveProps, focusProps)}
      ref={setting}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuetext={said}
      aria-orientation={axis === 'x' ? 'horizontal' : 'vertical'}
      transform={`translate(${x} ${y})`}
      style={{ cursor: axis === 'x' ? 'ew-resize' : 'ns-resize', outline: 'none', touchAction: 'none' }}
    >
      <circle r={size * 0.16} fill="transparent" />
      <circle
        r={r}
        fill={theme.panel}
        stroke={isFocusVisible ? theme.know : theme.ink}
        strokeWidth={isFocusVisible ? r * 0.5 : r * 0.22}
      />
      <path
        transform={`rotate(${arrow})`}
        d={`M ${-r * 0.2} ${-r * 0.4} L ${-r * 0.6} 0 L ${-r * 0.2} ${r * 0.4} M ${r * 0.2} ${-r * 0.4} L ${r * 0.6} 0 L ${r * 0.2} ${r * 0.4}`}
        fill="none"
        stroke={theme.ink}
        strokeWidth={r * 0.2}
      />
    </g>
  );
}
