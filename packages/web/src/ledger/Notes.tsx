import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import type { LedgerNote } from '@ember-fold/core/ledger';
import { useState } from 'react';
import { notesKind } from '../data/draft/ledgerKinds';
import { saver } from '../data/draft/saves';
import { useSave } from '../data/draft/useSave';
import { LongText } from '../ui/controls/field/LongText';
import { Soft } from '../ui/layout/Panel';
import { SAVE_TEXT } from '#text/shell/stationWords';

interface NotesProps {
  readonly id: string;
  readonly note: LedgerNote;
}

/** Free notes, saved while they are typed; what is not yet acknowledged survives a reload. */
export function Notes({ id, note }: NotesProps) {
  const key = `notes ${id}`;
  const [text, setText] = useState(() => '');
  const [burst, setOpened] = useState('');
  if (burst !== key) {
    setOpened(key);
    setText(saver.open(key, id, notesKind(setText), { value: note.notes, version: note.version }));
  }
  const { state, problem } = useSave(key);
  const change = (next: string) => {
    setText(next);
    saver.change(key, next);
  };
  return (
    <>
      <LongText label={T.notesTitle} value={text} onChange={change} most={10_000} />
      <Soft role="status">{state === 'refused' && problem ? problem : SAVE_TEXT[state]}</Soft>
    </>
  );
}
