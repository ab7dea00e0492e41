import type { ReactNode } from 'react';

interface DrawingProps {
  /** View box: x, y, width, height in millimetres. */
  readonly box: readonly [number, number, number, number];
  readonly label: string;
  readonly children: ReactNode;
}

/** One drawing to scale, named for who cannot see it. */
export function Drawing({ box, label, children }: DrawingProps) {
  return (
    <svg viewBox={box.join(' ')} role="img" aria-label={label} style={{ display: 'block', width: '100%' }}>
      {children}
    </svg>
  );
}
