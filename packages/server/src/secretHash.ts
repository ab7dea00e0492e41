import { createHash } from 'node:crypto';

/** What is kept of a secret that nobody can guess: hex of SHA-256. A passphrase wants more: `home/passphrase`. */
export const secretHash = (secret: string): string => createHash('sha256').update(secret).digest('hex');
