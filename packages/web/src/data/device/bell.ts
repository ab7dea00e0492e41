import { readKept, useKept } from '../offline/useKept';

/** How this device calls the cook; each can be turned off. */
export interface Calls {
  readonly tones: boolean;
  readonly speech: boolean;
  readonly notices: boolean;
}
const KEY = 'calls';
const USUAL: Calls = { tones: true, speech: true, notices: false };

const isCalls = (value: unknown): value is Calls =>
  typeof value === 'object' &&
  value !== null &&
  (['tones', 'speech', 'notices'] as const).every((key) => typeof (value as Calls)[key] === 'boolean');

export function useCalls(): readonly [Calls, (calls: Calls) => void] {
  const [kept, set] = useKept(KEY, isCalls);
  return [kept ?? USUAL, set];
}

const calls = (): Calls => readKept(KEY, isCalls) ?? USUAL;

/** What is called: a turn, a drop or take out, a danger, a timer. Hz and s, distinguished without looking. */
export type Tone = 'turn' | 'move' | 'danger' | 'timer';
const NOTES: Record<Tone, readonly (readonly [number, number])[]> = {
  turn: [
    [523, 0.14],
    [659, 0.18],
  ],
  move: [
    [392, 0.16],
    [392, 0.16],
    [587, 0.24],
  ],
  danger: [
    [880, 0.22],
    [622, 0.22],
    [880, 0.22],
    [622, 0.3],
  ],
  timer: [
    [740, 0.12],
    [740, 0.12],
    [740, 0.2],
  ],
};

let audio: AudioContext | null = null;

/** A browser lets a page sound only after a hand has touched it. */
export function readyToSound(): void {
  try {
    audio ??= new AudioContext();
    if (audio.state === 'suspended') void audio.resume().catch(() => undefined);
  } catch {
    // No sound here: the bar and the words still say it.
  }
}

/** @param loud 0–1 */
export function ring(tone: Tone, loud = 0.5): void {
  if (!calls().tones || !audio || audio.state !== 'running') return;
  let at = audio.currentTime + 0.02;
  for (const [hz, seconds] of NOTES[tone]) {
    const wave = audio.createOscillator();
    const gain = audio.createGain();
    wave.type = 'triangle';
    wave.frequency.value = hz;
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(loud, at + 0.02);
    gain.gain.linearRampToValueAtTime(0, at + seconds);
    wave.connect(gain).connect(audio.destination);
    wave.start(at);
    wave.stop(at + seconds);
    at += seconds + 0.04;
  }
}

/** Says it, once the sentence before is over. */
export function say(text: string): void {
  if (!calls().speech || typeof speechSynthesis === 'undefined') return;
  const words = new SpeechSynthesisUtterance(text);
  words.lang = 'en-GB';
  speechSynthesis.speak(words);
}

/** Over all windows, where the cook has allowed it. */
export function notify(text: string, tag: string): void {
  if (!calls().notices || typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  try {
    new Notification('Ember Fold', { body: text, tag });
  } catch {
    // Some browsers allow it only to a service worker.
  }
}

/** Asks once. @returns whether it may */
export async function mayNotify(): Promise<boolean> {
  if (typeof Notification === 'undefined') return false;
  return (await Notification.requestPermission()) === 'granted';
}
