import { useSyncExternalStore } from 'react';

/** One value outside React, which any component can follow. */
export class SharedValue<T> {
  private readonly listeners = new Set<() => void>();
  constructor(private value: T) {}

  readonly get = (): T => this.value;

  /** The same value again calls nobody. */
  set(next: T): void {
    if (Object.is(this.value, next)) return;
    this.value = next;
    this.listeners.forEach((listener) => listener());
  }

  /** Calls `listener` after each change. @returns stops it */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };
}

export const useShared = <T>(shared: SharedValue<T>): T => useSyncExternalStore(shared.subscribe, shared.get);
