/** Types of build.mjs for the browser tests, which build once before all. */
export function buildStale(): Promise<void>;
