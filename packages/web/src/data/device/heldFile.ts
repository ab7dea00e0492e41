import { SharedValue, useShared } from '../sharedValue';

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

const held = new SharedValue<HeldFile | null>(null);

let last = 0;

export function holdFile(file: Omit<HeldFile, 'no'> | null): void {
  held.set(file && { no: (last += 1), ...file });
}

/** Reads a file that was handed over, wherever that was. */
export async function readHeld(file: File): Promise<void> {
  const text = file.size > MOST_FILE ? null : await file.text();
  holdFile({ name: file.name, text, bytes: file.size });
}

export const useHeldFile = (): HeldFile | null => useShared(held);
