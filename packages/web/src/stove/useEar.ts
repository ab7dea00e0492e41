import { useEffect, useRef, useState } from 'react';

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

/** The ear of the stove. */
export interface Ear {
  /** Whether this browser has one. */
  readonly can: boolean;
  readonly on: boolean;
  readonly failed: boolean;
  readonly toggle: () => void;
}

/** Listens for one command after another, where the browser can, for as long as the stove is shown. */
export function useEar(onSpoken: (words: string) => void): Ear {
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
  const toggle = () => {
    setFailed(false);
    setOn((now) => !now);
  };
  return { can: maker() !== null, on, failed, toggle };
}
