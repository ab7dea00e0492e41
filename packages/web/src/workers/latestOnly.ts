/**
 * Runs one ask at a time; a newer one replaces the one that waits, and only the newest
 * answer counts. `null`: a newer ask has taken over.
 */
export function latestOnly<A extends unknown[], R>(run: (...args: A) => Promise<R>): (...args: A) => Promise<R | null> {
  let busy = false;
  let waiting: { args: A; resolve: (r: R | null) => void; reject: (cause: unknown) => void } | null = null;
  const next = async (): Promise<void> => {
    if (busy || !waiting) return;
    const { args, resolve, reject } = waiting;
    waiting = null;
    busy = true;
    try {
      const result = await run(...args);
      resolve(waiting ? null : result);
    } catch (cause) {
      reject(cause);
    } finally {
      busy = false;
      void next();
    }
  };
  return (...args) =>
    new Promise((resolve, reject) => {
      waiting?.resolve(null);
      waiting = { args, resolve, reject };
      void next();
    });
}
