import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import type { StoredPassphrase } from './homeTable.js';

/** 32 MB and some 100 ms a guess. */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 };

const hashed = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    scrypt(passphrase.normalize('NFKC'), salt, 32, COST, (error, hash) => (error ? reject(error) : resolve(hash)));
  });

export async function storedPassphrase(passphrase: string): Promise<StoredPassphrase> {
  const salt = randomBytes(16);
  return { salt: salt.toString('hex'), hash: (await hashed(passphrase, salt)).toString('hex') };
}

/** Takes as long where there is none. */
export async function isPassphrase(given: string, stored: StoredPassphrase | null): Promise<boolean> {
  const hash = await hashed(given, stored ? Buffer.from(stored.salt, 'hex') : randomBytes(16));
  return stored !== null && timingSafeEqual(hash, Buffer.from(stored.hash, 'hex'));
}
