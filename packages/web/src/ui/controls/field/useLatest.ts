import { useLayoutEffect, useRef, useState } from 'react';

/**
 * A function that stays the same one and calls the newest: what is given to a memoised part of
 * the page does not make it draw again.
 */
export function useLatest<A extends readonly unknown[]>(call: (...args: A) => void): (...args: A) => void {
  const newest = useRef(call);
  useLayoutEffect(() => {
    newest.current = call;
  });
  const [stable] = useState(
    () =>
      (...args: A) =>
        newest.current(...args),
  );
  return stable;
}
