/** A phone, tablet or computer that was let into this kitchen over the home network. */
export interface PairedDevice {
  readonly id: string;
  readonly name: string;
  /** How it came in. */
  readonly how: 'picture' | 'digits' | 'passphrase';
  readonly pairedAt: string;
  readonly seenAt: string;
  /** It is the one that asks. */
  readonly isThis: boolean;
}

/** Where the kitchen is open to the home network. */
export interface HomeNetwork {
  /** `https://…`, the best one first. */
  readonly addresses: readonly string[];
  /** SHA-256 of the certificate, as browsers show it. */
  readonly fingerprint: string;
  readonly hasPassphrase: boolean;
}

export interface HomeNow {
  /** Asked from the machine the kitchen runs on. */
  readonly isHere: boolean;
  /** `null`: only this machine reaches the kitchen. */
  readonly network: HomeNetwork | null;
  readonly devices: readonly PairedDevice[];
  /** A phone's calendar may read the suppers at an address of its own. */
  readonly hasCalendar: boolean;
}

/** Shown once: the kitchen keeps only a hash of it. */
export interface CalendarAddress {
  readonly address: string;
}

/** Lets in one more device, once, until `endsAt`. */
export interface Pairing {
  readonly digits: string;
  /** What the picture says: the address, with the secret behind a `#`, so that no server or log gets to see it. */
  readonly link: string;
  readonly endsAt: string;
}

/** How a device asks to be let in. */
export type HomeEntry = { readonly name: string } & (
  | { readonly secret: string }
  | { readonly digits: string }
  | { readonly passphrase: string }
);

/** Shortest passphrase, characters. */
export const PASSPHRASE_LEAST = 12;
