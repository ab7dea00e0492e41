import { styled } from 'styled-components';

interface Spaced {
  /** Between what it holds: px, or row and column as CSS has them. */
  readonly $gap?: number | string;
  /** Above and below it, px. */
  readonly $top?: number;
  readonly $bottom?: number;
  /** Within it, as CSS has it. */
  readonly $pad?: string;
  readonly $align?: 'center' | 'start' | 'end' | 'baseline';
}

const px = (value: number | string): string => (typeof value === 'number' ? `${value}px` : value);

const Box = styled.div<Spaced>`
  gap: ${({ $gap = 8 }) => px($gap)};
  margin-top: ${({ $top = 0 }) => $top}px;
  margin-bottom: ${({ $bottom = 0 }) => $bottom}px;
  padding: ${({ $pad = '0' }) => $pad};
  align-items: ${({ $align = 'normal' }) => $align};
`;

/** One below the other. */
export const Stack = styled(Box)`
  display: grid;
`;

/** Side by side; what has no room goes below. */
export const Row = styled(Box)<{ readonly $justify?: 'end' | 'space-between' }>`
  display: flex;
  flex-wrap: wrap;
  justify-content: ${({ $justify = 'normal' }) => $justify};
`;

/** In columns. @param $columns as CSS has them, or the least width of one, px: then as many as there is room for */
export const Grid = styled(Box)<{ readonly $columns: string | number }>`
  display: grid;
  grid-template-columns: ${({ $columns }) =>
    typeof $columns === 'number' ? `repeat(auto-fit, minmax(min(${$columns}px, 100%), 1fr))` : $columns};
`;
