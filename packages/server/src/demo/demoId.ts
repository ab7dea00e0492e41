import { createHash } from 'node:crypto';

/** A stable uuid from words, so that loading twice makes nothing twice. */
export function demoId(words: string): string {
  const hex = createHash('sha256').update(`ember-fold demo ${words}`).digest('hex');
  const variant = '89ab'[parseInt(hex[16]!, 16) % 4]!;
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-${variant}${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
