/** Instant yeast that raises as much as one part of each kind. Source: the craft page. */
export const YEAST_AS_INSTANT: Readonly<Record<string, number>> = {
  'instant-yeast': 1,
  'active-dry-yeast': 0.8,
  'fresh-yeast': 0.36,
};
