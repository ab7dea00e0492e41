import type { DayPin, DayWay, Supper, SupperCook } from '@ember-fold/core/supper';
import { supperCooks, withDayWay } from '@ember-fold/core/supper';
import { useCallback, useState } from 'react';
import { editDrafts, editSupper } from '../../data/draft/editSupper';

/** What can be taken back: the supper, and drafts, as they were. */
type Back = () => Promise<void>;

const DAY_MS = 86_400_000;

/** Changes to a day plan, each of which can be taken back. */
export interface DayEdits {
  readonly pin: (task: string, pin: DayPin) => void;
  readonly free: (task: string) => void;
  readonly setCooks: (cooks: readonly SupperCook[]) => void;
  readonly take: (way: DayWay, batches: readonly string[]) => Promise<void>;
  /** `null`: nothing to take back. */
  readonly undo: (() => void) | null;
}

export function useDayEdits(supperId: string, supper: Supper, hands: number): DayEdits {
  const [backs, setBacks] = useState<readonly Back[]>([]);
  const edit = useCallback(
    (change: (now: Supper) => Supper) => {
      const { cooks, pins, servings } = supper;
      setBacks((now) => [
        ...now,
        async () =>
          editSupper(supperId, ({ cooks: _cooks, pins: _pins, ...rest }) => ({
            ...rest,
            servings,
            ...(cooks && { cooks }),
            ...(pins && { pins }),
          })),
      ]);
      editSupper(supperId, change);
    },
    [supperId, supper],
  );
  return {
    pin: (task, pin) => edit((now) => ({ ...now, pins: { ...now.pins, [task]: { ...now.pins?.[task], ...pin } } })),
    free: (task) =>
      edit(({ pins = {}, ...now }) => ({
        ...now,
        pins: Object.fromEntries(Object.entries(pins).filter(([id]) => id !== task)),
      })),
    setCooks: (cooks) => edit((now) => ({ ...now, cooks })),
    take: async (way, batches) => {
      if (way.kind === 'later' || way.kind === 'helper') {
        edit((now) => withDayWay(way, { supper: now, drafts: {} }, hands).supper);
        return;
      }
      const before = await editDrafts(
        batches,
        (id, draft) => withDayWay(way, { supper, drafts: { [id]: draft } }, hands).drafts[id]!,
      );
      setBacks((now) => [...now, async () => void (await editDrafts(Object.keys(before), (id) => before[id]!))]);
    },
    undo:
      backs.length === 0
        ? null
        : () => {
            void backs.at(-1)!();
            setBacks((now) => now.slice(0, -1));
          },
  };
}

/** The cooks of a supper, to be changed one by one. */
export function withCook(
  supper: Supper,
  hands: number,
  id: string,
  change: Partial<SupperCook>,
): readonly SupperCook[] {
  return supperCooks(supper, hands).map((cook) => (cook.id === id ? { ...cook, ...change } : cook));
}

/** The same hour of the day before. */
export const dayBefore = (ms: number): string => new Date(ms - DAY_MS).toISOString();
