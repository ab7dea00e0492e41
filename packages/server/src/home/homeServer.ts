import type { SecureContextOptions } from 'node:tls';
import { certificateFor } from './certificate.js';
import type { HomeServer } from './homeDoor.js';
import { homeNames } from './homeNames.js';

const LOOK_EACH_MS = 10_000;

/** What the server for the home network needs; its port is known once it listens. */
export async function homeServer(
  { names: given, folder }: { readonly names: readonly string[]; readonly folder: string },
  nowMs: number,
): Promise<HomeServer & { opened(port: number): void; readonly tls: SecureContextOptions }> {
  let port = 0;
  let names = homeNames(given);
  let lookedMs = Date.now();
  const certificate = await certificateFor(folder, names, nowMs);
  return {
    port: () => port,
    // The router may give another address meanwhile.
    names: () => {
      if (Date.now() - lookedMs > LOOK_EACH_MS) {
        names = homeNames(given);
        lookedMs = Date.now();
      }
      return names;
    },
    certificate,
    tls: { key: certificate.key, cert: certificate.certificate, minVersion: 'TLSv1.2' },
    opened: (to) => {
      port = to;
    },
  };
}
