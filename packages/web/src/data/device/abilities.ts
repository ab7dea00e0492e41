/** What this browser can do for the kitchen here. */
export interface Abilities {
  /** The page opens while the server is away. */
  readonly opensAlone: boolean;
  /** The screen can be kept on. */
  readonly staysAwake: boolean;
}

export async function abilitiesHere(): Promise<Abilities> {
  // A browser that does not trust the certificate refuses this one, and only this one.
  const held = 'serviceWorker' in navigator ? await navigator.serviceWorker.getRegistration().catch(() => null) : null;
  return { opensAlone: Boolean(held), staysAwake: 'wakeLock' in navigator };
}
