import type { LedgerRecord, RecordLooks, TrayLooks, WholeRecord } from '@ember-fold/core/ledger';
import type { TrayMark } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { looksKind } from '../data/draft/ledgerKinds';
import { saver } from '../data/draft/saves';
import { type Lesson } from '../workers/plan.worker';
import { lessonLatest, wholeOnce } from '../workers/lessonClient';

/** How a batch came out, saved with each tap. */
export function useLooks({ id, looks }: Pick<LedgerRecord, 'id' | 'looks'>) {
  const key = `looks ${id}`;
  const [now, setNow] = useState<RecordLooks>(() => looks.looks);
  const [burst, setOpened] = useState('');
  if (burst !== key) {
    setOpened(key);
    setNow(saver.open(key, id, looksKind(setNow), { value: looks.looks, version: looks.version }));
  }
  const change = (next: RecordLooks) => {
    setNow(next);
    saver.change(key, next);
  };
  const judge = (mark: TrayMark, of: { readonly [Id in keyof TrayLooks]?: TrayLooks[Id] | undefined }) => {
    const merged = Object.entries({ ...now.trays[mark], ...of }).filter(([, value]) => value !== undefined);
    change({ ...now, trays: { ...now.trays, [mark]: Object.fromEntries(merged) } });
  };
  return { looks: now, judge, key };
}

/** What the record teaches, by what was judged; `null` until it is worked out. */
export function useLesson(record: LedgerRecord, looks: RecordLooks): Lesson | null {
  const [lesson, setLesson] = useState<Lesson | null>(null);
  const { draft, kitchen, trays } = record;
  useEffect(() => {
    let isNewest = true;
    void lessonLatest({ draft, kitchen, trays }, looks).then((found) => found && isNewest && setLesson(found));
    return () => {
      isNewest = false;
    };
  }, [draft, kitchen, trays, looks]);
  return lesson;
}

/** The record as a whole: what it came to beside its plan, and what of that mattered; `null` until it is worked out, or where it cannot be. */
export function useWhole({ draft, kitchen, acts, cookActs, trays, endedAt, looks }: LedgerRecord): WholeRecord | null {
  const [whole, setWhole] = useState<WholeRecord | null>(null);
  useEffect(() => {
    let isNewest = true;
    const ask = { draft, kitchen, acts, cookActs, trays, endedAt };
    void wholeOnce(ask, looks.looks).then((found) => isNewest && setWhole(found));
    return () => {
      isNewest = false;
    };
  }, [draft, kitchen, acts, cookActs, trays, endedAt, looks]);
  return whole;
}
