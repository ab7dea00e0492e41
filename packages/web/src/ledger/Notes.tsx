import { useEffect, useRef, useState } from 'react';
import { api, problemOf } from '../data/api';
import { Button } from '../ui/controls/Button';
import { LongText } from '../ui/controls/LongText';
import { Soft } from '../ui/controls/Panel';
import { SAVE_TEXT } from '../text/words';

const SETTLE_MS = 500;
const RETRY_MS = 3000;
const keyOf = (id: string) => `ember.notes.${id}`;

function keptText(id: string): string | null {
  try {
    return localStorage.getItem(keyOf(id));
  } catch {
    return null;
  }
}

function keepText(id: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(keyOf(id));
    else localStorage.setItem(keyOf(id), text);
  } catch {
    // Without storage the text still lives in the field.
  }
}

interface NotesProps {
  readonly id: string;
  readonly note: { readonly notes: string; readonly version: number };
}

/** Free notes, saved while they are typed; what is not yet acknowledged survives a reload. */
export function Notes({ id, note }: NotesProps) {
  const [text, setText] = useState(() => keptText(id) ?? note.notes);
  const [version, setVersion] = useState(note.version);
  const [saved, setSaved] = useState(note.notes);
  const [save, setSave] = useState<keyof typeof SAVE_TEXT>('saved');
  const [attempt, setAttempt] = useState(0);
  const [send] = api.useSaveNotesMutation();
  const [ask] = api.useLazyRecordQuery();
  const busy = useRef(false);
  const dirty = text !== saved;
  useEffect(() => {
    if (!dirty || save === 'conflict') return;
    keepText(id, text);
    const timer = setTimeout(
      async () => {
        if (busy.current) return setAttempt((n) => n + 1);
        busy.current = true;
        setSave('saving');
        const result = await send({ id, notes: text, version });
        busy.current = false;
        if ('data' in result && result.data) {
          setVersion(result.data.version);
          setSaved(text);
          setSave('saved');
          if (keptText(id) === text) keepText(id, null);
          return;
        }
        const { code } = problemOf(result.error);
        if (code === 'STALE_VERSION') return setSave('conflict');
        setSave(code === 'BAD_INPUT' ? 'refused' : 'waiting');
        if (code !== 'BAD_INPUT') setTimeout(() => setAttempt((n) => n + 1), RETRY_MS);
      },
      save === 'waiting' ? 0 : SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [dirty, text, version, attempt, id, send, save]);
  const settle = async (keepMine: boolean) => {
    const { data } = await ask(id);
    if (!data) return;
    setVersion(data.note.version);
    setSaved(data.note.notes);
    if (!keepMine) {
      setText(data.note.notes);
      keepText(id, null);
    }
    setSave('saved');
  };
  return (
    <>
      <LongText label="Notes" value={text} onChange={setText} most={10_000} />
      <Soft role="status">{dirty && save === 'saved' ? SAVE_TEXT.unsaved : SAVE_TEXT[save]}</Soft>
      {save === 'conflict' && (
        <>
          <Button onPress={() => void settle(true)}>Keep mine</Button>{' '}
          <Button onPress={() => void settle(false)}>Take theirs</Button>
        </>
      )}
    </>
  );
}
