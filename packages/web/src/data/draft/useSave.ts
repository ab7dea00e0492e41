import { SAVED, type SaveView } from './savedKind';
import { useAppSelector } from './store';

/** What is shown of one save, by its key. */
export function useSave(key: string): SaveView {
  return useAppSelector((state) => state.saves[key]) ?? SAVED;
}
