import { createContext, useContext } from 'react';
import type { PageId } from '../../text/handbook/page';

/** Opens the handbook beside the work at a page; the shell knows how. */
export const OpenHandbook = createContext<(page: PageId) => void>(() => undefined);

export const useOpenHandbook = (): ((page: PageId) => void) => useContext(OpenHandbook);
