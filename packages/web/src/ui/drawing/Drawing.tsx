import type { ReactNode } from 'react';

interface DrawingProps {
  /** View box: x, y, width, height in millimetres. */
  readonly box: readonly [number, number, number, number];
  readonly label: string;
  readonly children: ReactNode;
  /** What can be taken hold of, on top of the picture. */
  readonly handles?: ReactNode;
}

/** One drawing to scale, named for who cannot see it. */
export function Drawing({ box, label, children, handles }: DrawingProps) {
  if (handles) {
    // What is inside an image cannot be reached: the picture is one, the handles stand beside it.
    return (
      <svg viewBox={box.join(' ')} style={{ display: 'block', width: '100%', touchAction: 'pan-y' }}>
        <g role="img" aria-label={label}>
          {children}
        </g>
        {handles}
      </svg>
    );
  }
  return (
    <svg viewBox={box.join(' ')} role="img" aria-label={label} style={{ display: 'block', width: '100%' }}>
      {children}
    </svg>
  );
}
