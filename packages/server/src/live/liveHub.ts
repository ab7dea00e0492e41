import type { LiveEvent, RecordKind } from '@ember-fold/core';

/** Passes on to all pages that listen; only what is committed. */
export class LiveHub {
  private readonly listeners = new Set<(event: LiveEvent) => void>();

  tell(event: LiveEvent): void {
    this.listeners.forEach((listener) => listener(event));
  }

  /** A record was made, changed or deleted. */
  changed(what: RecordKind, id?: string): void {
    this.tell({ kind: 'changed', what, ...(id === undefined ? {} : { id }) });
  }

  /** How many listen. */
  get following(): number {
    return this.listeners.size;
  }

  follow(listener: (event: LiveEvent) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }
}
