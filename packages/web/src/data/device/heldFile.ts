import { useSyncExternalStore } from 'react';

/** A file that was dropped, pasted or chosen, until it is taken in or laid aside. */
export interface HeldFile {
  /** Of two files of one name and length each is looked at. */
  readonly no: number;
  readonly name: string;
  /** `null`: it is too large to be read as a file. */
  readonly text: string | null;
  readonly bytes: number;
}

/** A longer file is a copy of the kitchen. */
const MOST_FILE = 48_000_000;

let held: HeldFile | null = null;
const listeners = new Set<() => void>();

let last = 0;

export function holdFile(file: Omit<HeldFile, 'no'> | null): void {
  held = file && { no: (last += 1), ...file };
  listeners.forEach((listener) => listener());
}

/** Reads a file that was handed over, wherever that was. */
export async function readHeld(file: File): Promise<void> {
  const text = file.size > MOST_FILE ? null : await file.text();
  holdFile({ name: file.name, text, bytes: file.size });
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useHeldFile = (): HeldFile | null => useSyncExternalStore(subscribe, () => held);
