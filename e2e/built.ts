import { buildStale } from '../scripts/build.mjs';

/** Once before all: two products that start at the same moment must not both build. */
export default async function built(): Promise<void> {
  await buildStale();
}
