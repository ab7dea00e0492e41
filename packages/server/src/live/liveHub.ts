import type { LiveEvent, RecordKind } from '@ember-fold/core/stove';

/** Passes on to all pages that listen; only what is committed. */
export class LiveHub {
  private readonly listeners = new Set<(event: LiveEvent) => void>();

  private readonly gaps = new Set<() => void>();
  /** Where there are other servers, they are told too. */
  onTold: ((event: LiveEvent) => void) | null = null;

  tell(event: LiveEvent): void {
    this.passOn(event);
    this.onTold?.(event);
  }

  /** What another server told. */
  passOn(event: LiveEvent): void {
    this.listeners.forEach((listener) => listener(event));
  }

  /** Something may have been missed: whoever listens must ask for all of it again. */
  gap(): void {
    [...this.gaps].forEach((call) => call());
  }

  onGap(call: () => void): () => void {
    this.gaps.add(call);
    return () => this.gaps.delete(call);
  }

  /** A record was made, changed or deleted. @param version it has now, where it is saved with one */
  changed(what: RecordKind, id?: string, version?: number): void {
    this.tell({ kind: 'changed', what, ...(id !== undefined && { id }), ...(version !== undefined && { version }) });
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
