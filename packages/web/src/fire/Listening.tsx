import { Mic, MicOff } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../controls/Button';
import { Soft } from '../controls/Panel';

/** As much of the browser's speech recognition as is used; it is in no type library. */
interface Recognition {
  lang: string;
  continuous: boolean;
  onresult: ((event: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null;
  onend: (() => void) | null;
  onerror: (() => void) | null;
  start(): void;
  stop(): void;
}
type Maker = new () => Recognition;

function maker(): Maker | null {
  const of = window as unknown as { SpeechRecognition?: Maker; webkitSpeechRecognition?: Maker };
  return of.SpeechRecognition ?? of.webkitSpeechRecognition ?? null;
}

/** Listens for one command after another, where the browser can. */
export function Listening({ onSpoken }: { readonly onSpoken: (word: string) => void }) {
  const [on, setOn] = useState(false);
  const [failed, setFailed] = useState(false);
  const tell = useRef(onSpoken);
  useEffect(() => {
    tell.current = onSpoken;
  });
  useEffect(() => {
    const Made = maker();
    if (!on || !Made) return;
    const ear = new Made();
    let over = false;
    ear.lang = 'en-GB';
    ear.continuous = true;
    ear.onresult = ({ results }) => {
      const last = results[results.length - 1]?.[0]?.transcript ?? '';
      tell.current(last.trim().toLowerCase());
    };
    ear.onerror = () => {
      setFailed(true);
      setOn(false);
    };
    ear.onend = () => !over && ear.start();
    ear.start();
    return () => {
      over = true;
      ear.stop();
    };
  }, [on]);
  if (maker() === null) return <Soft>This browser does not listen.</Soft>;
  return (
    <>
      <Button style={{ minHeight: 64 }} aria-pressed={on} onPress={() => setOn((now) => !now)}>
        {on ? <Mic aria-hidden /> : <MicOff aria-hidden />}
        {on ? 'Listening' : 'Listen to me'}
      </Button>
      <Soft>
        Say “flipped”, “dropped”, “lifted”, “burst”, “skimmed”, “take back”. Sound may leave this device: it is the
        browser that listens.
      </Soft>
      {failed && <Soft role="status">The browser could not listen.</Soft>}
    </>
  );
}
