import type { DocumentOf, ItemKind } from '../formats/document.js';

/** Which thing of a kitchen. */
export interface ItemRef {
  readonly kind: ItemKind;
  readonly id: string;
}

/** What would come of one item of a file. */
export interface PreviewedItem extends ItemRef {
  readonly name: string;
  readonly state: 'new' | 'same' | 'different' | 'unreadable';
  /** Of one that is different: the fields. */
  readonly differs?: readonly string[];
  /** Of one that cannot be taken: why, and at which field. */
  readonly why?: string;
  readonly path?: string;
}

/** What would come of a file; nothing has changed yet. */
export interface ImportPreview {
  readonly of: DocumentOf;
  readonly madeAt: string;
  readonly items: readonly PreviewedItem[];
}

/** An import that was done. */
export interface ImportRow {
  readonly id: string;
  readonly at: string;
  readonly added: number;
  readonly changed: number;
  readonly isUndone: boolean;
}

/** An import that was taken back: what was changed since is left as it is. */
export interface ImportUndone {
  readonly undone: number;
  readonly left: readonly (ItemRef & { readonly name: string })[];
}
