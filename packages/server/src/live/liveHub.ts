import type { StoredCookAct } from '../db/cookTable.js';
import type { Timer } from '../db/timerTable.js';

/** What every open page is told, in whatever room it is. Only what is committed. */
export type LiveEvent =
  | { readonly kind: 'timer'; readonly timer: Timer }
  | { readonly kind: 'stove'; readonly batchId: string; readonly lit: boolean }
  | { readonly kind: 'cook'; readonly batchId: string; readonly stored: StoredCookAct };

/** Passes on to all pages that listen. */
export class LiveHub {
  private readonly listeners = new Set<(event: LiveEvent) => void>();

  tell(event: LiveEvent): void {
    this.listeners.forEach((listener) => listener(event));
  }

  follow(listener: (event: LiveEvent) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }
}
