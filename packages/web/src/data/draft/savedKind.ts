import { type FieldClash } from '@ember-fold/core/plan';
import type { ApiProblem } from '@ember-fold/core/plan';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'waiting' | 'conflict' | 'refused';

/** A value as the server has it. */
export interface Versioned<T> {
  readonly value: T;
  readonly version: number;
}

export type SaveAnswer<T> = { readonly kept: Versioned<T> } | { readonly problem: ApiProblem };

/** Something that is edited here and kept by the server: how it is sent, asked for and shown. */
export interface SavedKind<T> {
  send(id: string, of: Versioned<T>): Promise<SaveAnswer<T>>;
  fetch(id: string): Promise<SaveAnswer<T>>;
  /** Reads what an earlier version of the page left behind; absent: it never looked otherwise. */
  read?(left: T): T;
  /** Shows what the server has, or what both sides come to. */
  show(id: string, of: Versioned<T>): void;
}

/** What the page shows of one save. */
export interface SaveView {
  readonly state: SaveState;
  /** Why it was refused. */
  readonly problem: string | null;
  /** Fields that somebody else has set to another value meanwhile. */
  readonly clashes: readonly FieldClash[];
}

export const SAVED: SaveView = { state: 'saved', problem: null, clashes: [] };
