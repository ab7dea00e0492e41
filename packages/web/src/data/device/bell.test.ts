import { mayNotify, notify, readyToSound, ring, say, type Tone } from './bell';
import { writeKept } from '../offline/useKept';

/** What was played: pitch, from when, for how long, and how loud. */
interface Played {
  readonly hz: number;
  readonly from: number;
  readonly seconds: number;
  loud: number;
}
let played: Played[] = [];

class FakeAudio {
  static state = 'running';
  currentTime = 2;
  destination = {};
  get state(): string {
    return FakeAudio.state;
  }
  resume = async () => void (FakeAudio.state = 'running');
  createOscillator() {
    const wave = { type: '', frequency: { value: 0 }, from: 0, connect: (gain: object) => gain };
    return {
      ...wave,
      start(at: number) {
        played.push({ hz: this.frequency.value, from: at, seconds: 0, loud: 0 });
      },
      stop(at: number) {
        const last = played.at(-1)!;
        played[played.length - 1] = { ...last, seconds: at - last.from };
      },
    };
  }
  createGain() {
    const loudest = (value: number) => {
      loud = Math.max(loud, value);
    };
    let loud = 0;
    return { gain: { setValueAtTime: loudest, linearRampToValueAtTime: loudest }, connect: () => ({}) };
  }
}

const spoken: string[] = [];
const noticed: { title: string; body: string }[] = [];
beforeEach(() => {
  played = [];
  spoken.splice(0);
  noticed.splice(0);
  localStorage.clear();
  Object.assign<object, object>(globalThis, {
    AudioContext: FakeAudio,
    SpeechSynthesisUtterance: class {
      constructor(readonly text: string) {}
    },
    speechSynthesis: { speak: ({ text }: { text: string }) => spoken.push(text) },
    Notification: class {
      static permission = 'granted';
      static requestPermission = async (): Promise<string> => 'denied';
      constructor(title: string, { body }: { body: string }) {
        noticed.push({ title, body });
      }
    },
  });
});

it('makes no sound before a hand has touched the page', () => {
  ring('danger', 1);
  expect(played).toEqual([]);
});

it('each call has a melody of its own, its notes one after another, none longer than a second', () => {
  readyToSound();
  const melodies = (['turn', 'move', 'danger', 'timer'] as Tone[]).map((tone) => {
    played = [];
    ring(tone);
    for (let i = 1; i < played.length; i++)
      expect(played[i]!.from).toBeGreaterThanOrEqual(played[i - 1]!.from + played[i - 1]!.seconds);
    const [first, last] = [played[0]!, played.at(-1)!];
    expect(first.from).toBeGreaterThan(2);
    expect(last.from + last.seconds - first.from).toBeLessThan(1.2);
    return played.map(({ hz, seconds }) => `${hz} ${seconds.toFixed(2)}`).join();
  });
  expect(new Set(melodies).size).toBe(melodies.length);
});

it('what the cook turned off stays silent, each by itself', () => {
  readyToSound();
  writeKept('calls', { tones: false, speech: true, notices: false });
  ring('timer');
  say('Flip three pieces.');
  notify('Turn', 'pot');
  expect([played.length, spoken, noticed]).toEqual([0, ['Flip three pieces.'], []]);
  writeKept('calls', { tones: true, speech: false, notices: true });
  ring('timer');
  say('TakeOut.');
  notify('TakeOut', 'pot');
  expect(played.length).toBeGreaterThan(0);
  expect([spoken, noticed]).toEqual([['Flip three pieces.'], [{ title: 'Ember Fold', body: 'TakeOut' }]]);
});

it('half a record of choices is none: it calls as usual', () => {
  readyToSound();
  localStorage.setItem('ember.kept.calls', '{"tones": false, "speech"');
  ring('move');
  expect(played.length).toBeGreaterThan(0);
});

it('a browser without sound, speech or notices breaks nothing', async () => {
  writeKept('calls', { tones: true, speech: true, notices: true });
  Object.assign<object, object>(globalThis, {
    speechSynthesis: undefined,
    Notification: class {
      static permission = 'granted';
      static requestPermission = async (): Promise<string> => 'denied';
      constructor() {
        throw new TypeError('Illegal constructor');
      }
    },
  });
  expect(() => {
    say('TakeOut.');
    notify('TakeOut', 'pot');
  }).not.toThrow();
  expect(await mayNotify()).toBe(false);
  Object.assign<object, object>(globalThis, { Notification: undefined });
  expect(await mayNotify()).toBe(false);
  expect(() => notify('TakeOut', 'pot')).not.toThrow();
});
