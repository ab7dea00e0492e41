import { type ReactNode, useEffect, useRef } from 'react';
import { styled } from 'styled-components';

/** What calls from elsewhere, under the bar of every room. */
export const Strip = styled.ul`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 6px 22px;
`;

const Beside = styled.div`
  display: flex;
  flex-wrap: wrap;
  background: ${({ theme }) => theme.panel};
  border-bottom: 1px solid ${({ theme }) => theme.line};
  &:empty {
    display: none;
  }
`;

/** Timers and pots side by side where there is room for both; `--strips` is how high they stand now. */
export function Strips({ children }: { readonly children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!box.current) return;
    const watch = new ResizeObserver(([entry]) => {
      const high = entry?.borderBoxSize[0]?.blockSize ?? 0;
      document.documentElement.style.setProperty('--strips', `${high}px`);
    });
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return <Beside ref={box}>{children}</Beside>;
}
