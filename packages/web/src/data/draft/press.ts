/** When the pointer that is down now went down, ms; `null`: none is. All that one drag changes is one step of undo. */
let pressedAtMs: number | null = null;

/** Watches for as long as the page lives. */
export function watchPress(): void {
  window.addEventListener('pointerdown', () => (pressedAtMs = Date.now()), true);
  // What is changed by the release itself still belongs to the drag.
  const released = () => void setTimeout(() => (pressedAtMs = null));
  window.addEventListener('pointerup', released, true);
  window.addEventListener('pointercancel', released, true);
}

export const pressedSinceMs = (): number | null => pressedAtMs;
