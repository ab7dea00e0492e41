import { createContext, useContext } from 'react';
import type { PageId } from '#text/learn/handbook/page';

/** Where the handbook opens: at a page, or at the page of a term, which is said first. */
export type HandbookAt = { readonly page: PageId } | { readonly term: string };

/** Opens the handbook beside the work; the shell knows how. */
export const OpenHandbook = createContext<(at: HandbookAt) => void>(() => undefined);

export const useOpenHandbook = (): ((at: HandbookAt) => void) => useContext(OpenHandbook);
