import { useCallback, useState } from 'react';

const PREFIX = 'ember.kept.';

/** What the browser kept under a key, or `null`: never there, half a record, or not what it should be. */
export function readKept<T>(key: string, isIt: (value: unknown) => value is T): T | null {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null');
    return isIt(value) ? value : null;
  } catch {
    return null;
  }
}

/** Keeps a value in the browser; `null` drops it. */
export function writeKept(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, JSON.stringify(value));
  } catch {
    // A full or forbidden storage: the value lives as long as the page.
  }
}

/** State that survives a reload; `null` drops it. The key must not change while it is shown. */
export function useKept<T>(
  key: string,
  isIt: (value: unknown) => value is T,
): readonly [T | null, (value: T | null) => void] {
  const [value, setValue] = useState(() => readKept(key, isIt));
  const set = useCallback(
    (next: T | null) => {
      writeKept(key, next);
      setValue(next);
    },
    [key],
  );
  return [value, set];
}
