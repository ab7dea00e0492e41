import { undone } from './draftSlice';
import { editKitchen } from './editKitchen';
import { editSupper } from './editSupper';
import { notedChanges, writeChanges } from './lastChanges';
import { store } from './store';
import { writeKept } from '../offline/useKept';

const isOnBench = (path: string): boolean => /^\/bench\/(?!new)/.test(path);

/** Whether anything can be taken back on the page at this address. */
export function canTakeBack(path: string): boolean {
  return isOnBench(path) ? store.getState().draft.past.length > 0 : notedChanges().length > 0;
}

/** Takes back the last change; asked again, the one before. */
export function takeBack(path: string): void {
  if (isOnBench(path)) {
    store.dispatch(undone());
    return;
  }
  const all = notedChanges();
  const last = all.at(-1);
  writeChanges(all.slice(0, -1));
  if (!last) return;
  switch (last.of) {
    case 'kept':
      return writeKept(last.key, last.before);
    case 'kitchen':
      return editKitchen(() => last.before);
    case 'supper':
      return editSupper(last.id, () => last.before);
    default: {
      const never: never = last;
      return never;
    }
  }
}
