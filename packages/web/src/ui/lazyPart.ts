import { type ComponentType, lazy, type LazyExoticComponent } from 'react';

const RETRY_MS = 2000;
/** The server answers, and the part still does not come: it is of an older build than what is served now. */
const MOST_ANSWERED = 3;
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

const answers = (): Promise<boolean> =>
  fetch('/api/health').then(
    () => true,
    () => false,
  );

/** Asks for a part of the page until it comes: while the server is away nothing that is shown may fall over. */
async function keepAsking<T>(load: () => Promise<T>): Promise<T> {
  for (let answered = 0; ;) {
    try {
      return await load();
    } catch (cause) {
      if (await answers()) answered += 1;
      if (answered >= MOST_ANSWERED) throw cause;
      await wait(RETRY_MS);
    }
  }
}

/** A part of the page that comes when it is shown; its place waits, however long the server is away. */
// oxlint-disable-next-line typescript/no-explicit-any -- as React's own: any props
export function lazyPart<C extends ComponentType<any>>(load: () => Promise<{ default: C }>): LazyExoticComponent<C> {
  return lazy(() => keepAsking(load));
}
