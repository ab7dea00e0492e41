import { X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';

export interface Certificate {
  /** PEM. */
  readonly key: string;
  readonly certificate: string;
  /** SHA-256, as browsers show it. */
  readonly fingerprint: string;
}

const DAY_MS = 86_400_000;
const LASTS_MS = 720 * DAY_MS;
/** A new one is made so long before the old one ends. */
const RENEW_MS = 30 * DAY_MS;

const told = (key: string, certificate: string): Certificate => ({
  key,
  certificate,
  fingerprint: new X509Certificate(certificate).fingerprint256,
});

function kept(folder: string, names: readonly string[], nowMs: number): Certificate | null {
  try {
    const [key, certificate] = ['key.pem', 'certificate.pem'].map((file) => readFileSync(join(folder, file), 'utf8'));
    const read = new X509Certificate(certificate!);
    const holds = names.every((name) => (isIP(name) ? read.checkIP(name) : read.checkHost(name)) !== undefined);
    const lasts = Date.parse(read.validTo) - RENEW_MS > nowMs;
    return holds && lasts ? told(key!, certificate!) : null;
  } catch {
    // None yet, or none that can be read: another one is made.
    return null;
  }
}

/**
 * The certificate of this kitchen for the home network: the kept one where it holds every name and
 * lasts, else a new one. It speaks for these names alone and can sign no other.
 *
 * @param folder readable by the owner alone
 * @param names host names and addresses
 */
export async function certificateFor(folder: string, names: readonly string[], nowMs: number): Promise<Certificate> {
  const found = kept(folder, names, nowMs);
  if (found) return found;
  // Three hundred files of their own, needed once in two years.
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Ember Fold' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    // A day ago: a phone's clock may be behind.
    notBeforeDate: new Date(nowMs - DAY_MS),
    notAfterDate: new Date(nowMs + LASTS_MS),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })),
      },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(join(folder, 'key.pem'), made.private, { mode: 0o600 });
  writeFileSync(join(folder, 'certificate.pem'), made.cert);
  return told(made.private, made.cert);
}
