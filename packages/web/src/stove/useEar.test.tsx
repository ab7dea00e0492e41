import { act, renderHook } from '@testing-library/react';
import { useEar } from './useEar';

/** A browser's ear, into which the test speaks. */
class FakeEar {
  static made: FakeEar[] = [];
  lang = '';
  continuous = false;
  starts = 0;
  stops = 0;
  onresult: ((event: { results: { transcript: string }[][] }) => void) | null = null;
  onend: (() => void) | null = null;
  onerror: (() => void) | null = null;
  private readonly said: { transcript: string }[][] = [];
  constructor() {
    FakeEar.made.push(this);
  }
  start(): void {
    this.starts += 1;
  }
  stop(): void {
    this.stops += 1;
    this.onend?.();
  }
  /** It hands over all it has heard since it began, the newest last. */
  hear(words: string): void {
    this.said.push([{ transcript: words }]);
    this.onresult?.({ results: this.said });
  }
}
const browser = window as unknown as { SpeechRecognition?: unknown };

beforeEach(() => {
  FakeEar.made = [];
  browser.SpeechRecognition = FakeEar;
});
afterEach(() => delete browser.SpeechRecognition);

it('hears nothing until it is asked to; then one command after another, each once, in plain small letters', () => {
  const heard: string[] = [];
  const { result, unmount } = renderHook(() => useEar((words) => heard.push(words)));
  expect([result.current.can, result.current.on, FakeEar.made.length]).toEqual([true, false, 0]);
  act(() => result.current.toggle());
  const [ear] = FakeEar.made as [FakeEar];
  expect([ear.lang, ear.continuous, ear.starts, result.current.on]).toEqual(['en-GB', true, 1, true]);
  act(() => ear.hear(' Drop '));
  act(() => ear.hear('FLIP THEM'));
  expect(heard).toEqual(['drop', 'flip them']);
  unmount();
  expect(ear.stops).toBe(1);
});

it('goes on listening when the browser stops by itself, and not once it is turned off', () => {
  const { result } = renderHook(() => useEar(() => undefined));
  act(() => result.current.toggle());
  const [ear] = FakeEar.made as [FakeEar];
  act(() => ear.onend!());
  act(() => ear.onend!());
  expect(ear.starts).toBe(3);
  act(() => result.current.toggle());
  expect([ear.stops, ear.starts, result.current.on]).toEqual([1, 3, false]);
});

it('tells the newest listener: a pot that has moved on is not spoken to as it was', () => {
  const heard: string[] = [];
  const { result, rerender } = renderHook(({ load }) => useEar((words) => heard.push(`${load} ${words}`)), {
    initialProps: { load: 1 },
  });
  act(() => result.current.toggle());
  rerender({ load: 2 });
  expect(FakeEar.made).toHaveLength(1);
  act(() => FakeEar.made[0]!.hear('take-out'));
  expect(heard).toEqual(['2 take-out']);
});

it('says that it may not, and tries anew when it is asked again', () => {
  const { result } = renderHook(() => useEar(() => undefined));
  act(() => result.current.toggle());
  act(() => FakeEar.made[0]!.onerror!());
  expect([result.current.on, result.current.failed, FakeEar.made[0]!.stops]).toEqual([false, true, 1]);
  act(() => result.current.toggle());
  expect([result.current.on, result.current.failed, FakeEar.made.length]).toEqual([true, false, 2]);
});

it('is not offered where the browser has none', () => {
  delete browser.SpeechRecognition;
  const { result } = renderHook(() => useEar(() => undefined));
  expect(result.current.can).toBe(false);
  act(() => result.current.toggle());
  expect(FakeEar.made).toEqual([]);
});
