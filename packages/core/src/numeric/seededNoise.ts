/**
 * Small seeded generator (mulberry32): the same seed gives the same stove. Uniform in [0, 1).
 * @param seed any integer
 * @example seededUniform(1)() < 1 // true
 */
export function seededUniform(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/**
 * Standard normal from two uniforms (Box–Muller).
 * @example seededNormal(() => 0.5) < 0 // true
 */
export function seededNormal(uniform: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
