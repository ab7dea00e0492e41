/**
 * A share of pieces in words. A small one is rounded up to 1 so that it is never called none, and what is not quite
 * all is never called all.
 * @example inHundred(0.12) // 'about 12 in 100'
 */
export const inHundred = (share: number): string =>
  share >= 0.995 ? 'nearly all' : `about ${Math.max(1, Math.round(100 * share))} in 100`;
